using System.Text.RegularExpressions;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests;

/// <summary>The directions between the rooms of Core: each knows only those before it.</summary>
public sealed class RoomsTests
{
    private static readonly string[] Rooms =
    [
        "Moves", "Plans", "Timing", "Sheets", "Keeping", "Kit", "Edits", "Balance", "Search", "Effort", "Options", "Swapping", "Cues", "Building", "Cards", "Ordering", "Carousels", "Fitting", "Checks", "Spoken", "Drafting", "Export", "Teaching", "Outside",
    ];

    private static readonly string Home = Path.GetDirectoryName(Repository.Find("src", "JollySet.Core", "JollySet.Core.csproj"))!;

    private static readonly ILookup<string, string> Types = typeof(ClassPlan).Assembly.GetTypes()
        .Where(t => t.Namespace?.StartsWith("JollySet.Core.", StringComparison.Ordinal) == true)
        .ToLookup(t => t.Namespace!.Split('.')[2], t => t.Name.Split('`')[0]);

    public static TheoryData<string> All => [.. Rooms];

    [Fact]
    public void Every_room_has_its_place_in_the_order() =>
        Assert.Equal(Rooms.Order(), Types.Select(t => t.Key).Order());

    [Theory]
    [MemberData(nameof(All))]
    public void A_room_speaks_only_of_those_before_it(string room)
    {
        var before = Rooms.TakeWhile(r => r != room).Append(room).ToHashSet();
        var files = Directory.GetFiles(Path.Combine(Home, room), "*.cs", SearchOption.AllDirectories);
        Assert.NotEmpty(files);
        foreach (var file in files)
            Assert.Empty(SpokenOf(File.ReadAllText(file)).Where(r => !before.Contains(r)).Select(r => $"{room}/{Path.GetFileName(file)} speaks of {r}"));
    }

    [Theory]
    [InlineData("using JollySet.Core.Drafting;", "Drafting")]
    [InlineData("using static JollySet.Core.Timing.Pace;", "Timing")]
    [InlineData("var told = Timing.Extent.Broken(plan);", "Timing")]
    [InlineData("Core.Moves.Needs.Named(need)", "Moves")]
    [InlineData("x => x.Options.Select(o => o)", null)]
    public void What_a_file_speaks_of_is_found(string text, string? room) =>
        Assert.Equal(room is null ? [] : [room], SpokenOf(text));

    private static IEnumerable<string> SpokenOf(string text) =>
        Regex.Matches(text, @"using (?:static )?JollySet\.Core\.(\w+)").Select(m => m.Groups[1].Value)
            .Concat(Regex.Matches(text, @"(?<![\w.])(?:(?:JollySet\.)?Core\.)?([A-Z]\w+)\.([A-Z]\w*)").Where(m => Types[m.Groups[1].Value].Contains(m.Groups[2].Value)).Select(m => m.Groups[1].Value))
            .Distinct();
}
