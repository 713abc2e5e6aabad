using System.Text.RegularExpressions;
using JollySet.Core.Checks;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Checks;

/// <summary>Classes as different instructors write them, and beside each what a coach says of it, written down apart from the checks.</summary>
/// <param name="Matters">What must be said (<c># coach: code; place; why</c>).</param>
/// <param name="Fair">What a coach may say besides (<c># also:</c>).</param>
internal sealed partial record ReviewedClass(string Name, Timeline Timeline, IReadOnlyList<(string Code, string Place)> Matters, IReadOnlyList<(string Code, string Place)> Fair)
{
    public static IEnumerable<ReviewedClass> All =>
        from file in Directory.GetFiles(Path.GetDirectoryName(Repository.Find("tests", "cases", "reviews", "01-flood-tide.sheet"))!, "*.sheet").Order(StringComparer.Ordinal)
        let text = File.ReadAllText(file)
        let told = Told().Matches(text).Select(m => (kind: m.Groups[1].Value, what: (m.Groups[2].Value, m.Groups[3].Value))).ToList()
        select new ReviewedClass(Path.GetFileNameWithoutExtension(file), TimelineBuilder.Build(Sheet.Read(text)), [.. told.Where(t => t.kind == "coach").Select(t => t.what)], [.. told.Where(t => t.kind == "also").Select(t => t.what)]);

    public IReadOnlyList<Finding> Findings { get; } = Review.Of(Timeline);

    /// <summary>What matters and nobody said.</summary>
    public IEnumerable<(string Code, string Place)> Missed => Matters.Where(m => !Findings.Any(f => Is(f, m)));

    /// <summary>Stops and warnings that a coach would not say.</summary>
    public IEnumerable<Finding> Noise => Loud.Where(f => !Matters.Concat(Fair).Any(m => Is(f, m)));

    public IEnumerable<Finding> Loud => Findings.Where(f => f.Severity > Severity.Note);

    private static bool Is(Finding f, (string Code, string Place) told) => f.Code == told.Code && (told.Place == "class" || f.Block is null || f.Block == told.Place);

    [GeneratedRegex(@"^# (coach|also): ([a-z-]+); ([^;\n]+?)\s*(?:;.*)?$", RegexOptions.Multiline)]
    private static partial Regex Told();
}
