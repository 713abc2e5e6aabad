using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Drafting;
using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Web.Pages.Design;

/// <summary>The brief that a draft starts from, as typed, and what is wrong with it.</summary>
internal sealed class DesignForm
{
    private static readonly ImmutableArray<(string Value, string Word)> Formats =
    [
        ("Circuit", "circuits"), ("Supersets", "supersets"), ("Trios", "trios"), ("Straight", "straight sets"), ("Minute", "on the minute"), ("Ladder", "a ladder of times"),
    ];

    private static readonly ImmutableArray<(string Value, string Word)> Goals = [.. Enum.GetValues<Goal>().OrderBy(g => g != Goal.StrengthEndurance).Select(g => (Words.Of(g), Words.Of(g)))];

    private static readonly ImmutableArray<(string Key, string Label, string Usual, string Hint, ImmutableArray<(string, string)> Choices)> Asked =
    [
        ("minutes", "Minutes", "30", "30", []),
        ("focus", "Focus", "full body", "full body, or glutes, back", []),
        ("goal", "Goal", "strength endurance", "", Goals),
        ("format", "Format you like", "Circuit", "", Formats),
        ("audience", "Who comes", "newcomer, regular", "newcomer, regular", []),
        ("needs", "Careful with", "", "knees, no jumping", []),
        ("kit", "Kit there is", "mat, light dumbbells, heavy dumbbells", "mat, dumbbells; empty for none", []),
    ];

    private readonly Dictionary<string, string> typed;
    private readonly DraftTold told;

    /// <param name="fresh">Whether nothing was typed yet, so that the usual stands there.</param>
    public DesignForm(Func<string, string> said, bool fresh)
    {
        typed = Asked.ToDictionary(a => a.Key, a => fresh && said(a.Key).Length == 0 ? a.Usual : said(a.Key).Trim());
        told = DraftTold.Read(typed.Where(t => t.Key != "format"));
    }

    /// <summary>The fields with what was typed and what is wrong.</summary>
    public ImmutableArray<DesignField> Fields => [.. Asked.Select(a => new DesignField(a.Key, a.Label, typed[a.Key], a.Hint, told.Wrong.GetValueOrDefault(a.Key), a.Choices))];

    /// <summary>A request as its fields would say it.</summary>
    public static ImmutableArray<(string Key, string Value)> Said(DraftRequest request)
    {
        var lines = SheetWriter.WriteBrief(request.Brief).ToLookup(l => l.Key, l => l.Value);
        return [.. Asked.Select(a => (a.Key, a.Key == "format" ? request.Format.ToString() : string.Join(", ", lines[a.Key])))];
    }

    /// <summary>What to draft; null where the brief has errors.</summary>
    public DraftRequest? Request(int seed, ImmutableHashSet<string> recent) =>
        told.Brief is { } brief && Enum.TryParse<DraftFormat>(typed["format"], out var format) ? new DraftRequest(brief, format, seed, recent) : null;
}
