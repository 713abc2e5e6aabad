using System.Collections.Immutable;
using System.Globalization;
using System.Text;
using JollySet.Core.Export;
using JollySet.Core.Ordering;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Solving;

namespace JollySet.Cli;

/// <summary><c>jolly order FILE [--block NAME] [--apply]</c>: the best order of a block or of the main part, or the sheet put so.</summary>
internal static class OrderCommand
{
    /// <summary>The answer's text; a sentence instead where an option is wrong or there is nothing to order.</summary>
    public static (string? Text, string? Wrong) Run(Arguments arguments, ClassPlan plan, Studio studio)
    {
        if (WeightsOf(arguments) is not { } weights)
            return (null, $"--muscles, --floor and --kit go from 0 to {OrderWeights.Most}");
        if (Stations(arguments, "--pin", plan) is not { } pins || Stations(arguments, "--pair", plan) is not { } pairs)
            return (null, "--pin and --pair name a block and a station’s number: A/2");
        var request = new OrderRequest(plan, studio, arguments.Options.GetValueOrDefault("--block"), weights, pins, pairs);
        var answer = new BestOrder().Order(request);
        if (answer.Why is { } why)
            return (null, why);
        if (arguments.Has("--apply"))
            return (SheetWriter.Write(answer.Edit?.Apply(plan).Plan ?? plan), null);
        return (arguments.Has("--json") ? Json(request, answer) : Table(plan, answer), null);
    }

    private static OrderWeights? WeightsOf(Arguments arguments)
    {
        var said = new[] { "--muscles", "--floor", "--kit" }
            .Select(key => arguments.Options.TryGetValue(key, out var text) ? int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var n) && n <= OrderWeights.Most ? n : -1 : 5).ToList();
        return said.Contains(-1) ? null : new OrderWeights(said[0], said[1], said[2]);
    }

    private static ImmutableHashSet<(string, int)>? Stations(Arguments arguments, string option, ClassPlan plan)
    {
        var stations = new HashSet<(string, int)>();
        foreach (var text in arguments.Options.GetValueOrDefault(option, "").Split('\n', StringSplitOptions.RemoveEmptyEntries))
        {
            var at = text.LastIndexOf('/');
            if (at < 1 || !int.TryParse(text[(at + 1)..], NumberStyles.None, CultureInfo.InvariantCulture, out var number) || plan.Find(text[..at]) is not { } block || number < 1 || number > block.Stations.Length)
                return null;
            stations.Add((text[..at], number));
        }

        return [.. stations];
    }

    private static string Table(ClassPlan plan, OrderAnswer answer)
    {
        var text = new StringBuilder();
        text.Append(answer.Edit is null ? "It stands in its best order.\n" : "").Append(answer.Says).Append('\n');
        foreach (var item in answer.Order)
            text.Append(CultureInfo.InvariantCulture, $"{plan.Blocks[item.Block].Name,-24} {item.Number,3} {item.Name}\n");
        text.Append('\n');
        foreach (var measure in answer.Measures)
            text.Append(CultureInfo.InvariantCulture, $"{measure.Name,-38} {measure.Before,6:0.#} {measure.After,6:0.#}\n");
        return text.ToString();
    }

    private static string Json(OrderRequest request, OrderAnswer answer) => JsonExport.Written(json =>
    {
        json.WriteStartObject();
        json.WriteString("block", request.Block);
        json.WriteStartArray("order");
        foreach (var item in answer.Order)
        {
            json.WriteStartObject();
            json.WriteString("block", request.Plan.Blocks[item.Block].Name);
            json.WriteNumber("station", item.Number);
            json.WriteString("move", item.Name);
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteNumber("costBefore", answer.CostBefore);
        json.WriteNumber("costAfter", answer.CostAfter);
        json.WriteBoolean("proven", answer.Proven);
        json.WriteNumber("gap", Math.Round(answer.Gap, 4));
        json.WriteStartArray("measures");
        foreach (var measure in answer.Measures)
        {
            json.WriteStartObject();
            json.WriteString("name", measure.Name);
            json.WriteNumber("before", measure.Before);
            json.WriteNumber("after", measure.After);
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteEndObject();
    });
}
