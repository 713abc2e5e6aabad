using System.Globalization;
using JollySet.Core.Drafting;
using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Cli;

/// <summary>A class from a brief: <c>jolly draft --minutes N</c>.</summary>
internal static class DraftCommand
{
    private static readonly string[] Lines = ["minutes", "focus", "goal", "audience", "needs", "kit"];

    /// <summary>What was drafted, or what stands in the way, each as <c>line:column: message</c>.</summary>
    public static (string? Answer, IReadOnlyList<string> Wrong) Run(Arguments arguments, Studio studio)
    {
        var told = DraftTold.Read(Lines.Where(k => arguments.Has($"--{k}")).Select(k => KeyValuePair.Create(k, arguments.Options[$"--{k}"])));
        var wrong = told.Wrong.Select(w => $"--{w.Key}: {w.Value}").ToList();
        if (!Enum.TryParse<DraftFormat>(arguments.Options.GetValueOrDefault("--format", nameof(DraftFormat.Circuit)), ignoreCase: true, out var format) || !Enum.IsDefined(format))
            wrong.Add($"--format: there are {string.Join(", ", Enum.GetNames<DraftFormat>().Select(n => n.ToLowerInvariant()))}");
        var seed = 1;
        if (arguments.Options.TryGetValue("--seed", out var said) && !int.TryParse(said, NumberStyles.None, CultureInfo.InvariantCulture, out seed))
            wrong.Add("--seed: a whole number is expected");
        if (wrong.Count > 0)
            return (null, wrong);
        var draft = Drafter.Make(DraftRequest.Of(told.Brief!, format, seed), studio);
        return draft.Plan is null ? (null, [draft.Why!]) : (arguments.Has("--json") ? Json(draft) : SheetWriter.Write(draft.Plan), []);
    }

    private static string Json(Draft draft) => JsonExport.Written(json =>
    {
        json.WriteStartObject();
        json.WriteString("sheet", SheetWriter.Write(draft.Plan!));
        json.WriteStartArray("reasons");
        foreach (var reason in draft.Reasons)
        {
            json.WriteStartObject();
            json.WriteString("block", reason.Block);
            json.WriteNumber("station", reason.Station);
            json.WriteString("text", reason.Text);
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteEndObject();
    });
}
