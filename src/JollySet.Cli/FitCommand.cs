using System.Collections.Immutable;
using System.Globalization;
using System.Text;
using JollySet.Core.Edits;
using JollySet.Core.Export;
using JollySet.Core.Fitting;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Solving;

namespace JollySet.Cli;

/// <summary><c>jolly fit FILE --minutes N [--lock KEY] [--take K]</c>: proposals, or the sheet with one of them taken.</summary>
internal static class FitCommand
{
    /// <summary>The answer's text and whether anything fits; a sentence instead where an option is wrong.</summary>
    public static (string? Text, bool Fits, string? Wrong) Run(Arguments arguments, ClassPlan plan, Studio studio)
    {
        if (!int.TryParse(arguments.Options.GetValueOrDefault("--minutes"), NumberStyles.None, CultureInfo.InvariantCulture, out var minutes) || minutes is < 1 or > 720)
            return (null, false, "fit needs --minutes N, from 1 to 720");
        var locks = arguments.Options.GetValueOrDefault("--lock", "").Split('\n', StringSplitOptions.RemoveEmptyEntries).ToImmutableHashSet();
        var known = FitItem.Of(plan).SelectMany(i => new[] { i.Key, i.Block }).ToHashSet();
        if (locks.FirstOrDefault(l => !known.Contains(l)) is { } unknown)
            return (null, false, $"there is nothing “{unknown}” to lock; there are {string.Join(", ", FitItem.Of(plan).Select(i => i.Key))}");
        var answer = new CpFitter().Fit(new FitRequest(plan, studio, minutes, locks));
        if (!arguments.Options.TryGetValue("--take", out var take))
            return (arguments.Has("--json") ? Json(answer) : Table(answer), !answer.Proposals.IsEmpty, null);
        return int.TryParse(take, NumberStyles.None, CultureInfo.InvariantCulture, out var number) && number >= 1 && number <= answer.Proposals.Length
            ? (SheetWriter.Write(new Several(answer.Proposals[number - 1].Edits).Apply(plan).Plan!), true, null)
            : (null, false, $"there is no proposal {take}; there are {answer.Proposals.Length}");
    }

    private static string Table(FitAnswer answer)
    {
        if (answer.Why is { } why)
            return why + "\n";
        var text = new StringBuilder();
        foreach (var (proposal, number) in answer.Proposals.Select((p, i) => (p, i + 1)))
        {
            text.Append(CultureInfo.InvariantCulture, $"{number}. {Say.Clock(proposal.Clock)} planned, {Say.Clock(proposal.Likely)} with people – {proposal.Kind.ToString().ToLowerInvariant()}\n");
            foreach (var says in proposal.Says)
                text.Append(CultureInfo.InvariantCulture, $"   {says}\n");
        }

        return text.ToString();
    }

    private static string Json(FitAnswer answer) => JsonExport.Written(json =>
    {
        json.WriteStartObject();
        json.WriteStartArray("proposals");
        foreach (var proposal in answer.Proposals)
        {
            json.WriteStartObject();
            json.WriteString("kind", proposal.Kind.ToString().ToLowerInvariant());
            json.WriteNumber("seconds", proposal.Clock.InSeconds);
            json.WriteNumber("likelySeconds", proposal.Likely.InSeconds);
            json.WriteNumber("cost", proposal.Cost);
            json.WriteBoolean("proven", proposal.Proven);
            json.WriteStartArray("changes");
            foreach (var says in proposal.Says)
                json.WriteStringValue(says);
            json.WriteEndArray();
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteString("why", answer.Why);
        json.WriteStartArray("locksInTheWay");
        foreach (var item in answer.LocksInTheWay)
            json.WriteStringValue(item.Key);
        json.WriteEndArray();
        json.WriteEndObject();
    });
}
