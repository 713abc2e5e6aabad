using System.Collections.Immutable;
using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>The lines above all blocks: a title, and beside it or below it what else is said of the class, in any order, between any signs.</content>
public partial class CardSayingTests
{
    private static readonly ImmutableArray<string> Titles = ["Circuits", "Full body strength", "HIIT", "Gentle movers", "Bootcamp", "Quay Strength", "Lunchtime blast"];

    private static readonly ImmutableArray<(string Said, string Means)> OfClass =
    [
        ("12 people", "people: 12"), ("12 ppl", "people: 12"), ("class of 12", "people: 12"), ("12 booked in", "people: 12"), ("12 in", "people: 12"), ("12 of them", "people: 12"), ("group of 12", "people: 12"),
        ("45 min", "minutes: 45"), ("45'", "minutes: 45"), ("45m", "minutes: 45"),
        ("kit: dumbbells, mats", "kit: dumbbells, mat"), ("DBs + mats", "kit: dumbbells, mat"), ("equipment: dumbbells, mats", "kit: dumbbells, mat"), ("kit - dumbbells/mats", "kit: dumbbells, mat"), ("using dumbbells and mats", "kit: dumbbells, mat"), ("need dumbbells and mats", "kit: dumbbells, mat"),
        ("beginners", "audience: newcomer"), ("mixed ability", "audience: newcomer, regular"), ("over 60s", "audience: older adults"), ("level: beginners", "audience: newcomer"),
        ("bad knees", "needs: knees"), ("one pregnant", "needs: pregnancy"), ("2 with sore wrists", "needs: wrists"), ("Una - bad knees", "needs: knees"), ("wrist issues x2", "needs: wrists"),
        ("legs & core", "legs, core"), ("focus: legs, core", "legs, core"), ("legs/core", "legs, core"),
        ("village hall", "place: village hall"), ("at the village hall", "place: village hall"), ("main studio", "place: main studio"),
        ("Thurs 9:30", "Thurs 9:30"), ("Tues 12 Dec", "Tues 12 Dec"), ("wed night", "wed night"), ("12/12", "12/12"),
    ];

    [Fact]
    public void What_a_class_is_beside_its_title_and_below_it() =>
        HeadHolds(from title in Titles
                  from one in OfClass
                  from other in OfClass
                  where one.Means.Split(':')[0] != other.Means.Split(':')[0]
                  from sign in new[] { ", ", " / ", " | ", " - ", " – ", " · ", "; ", " • " }
                  from way in Enumerable.Range(0, 4)
                  from below in Bodies
                  select (way switch
                  {
                      0 => $"{title}{sign}{one.Said}{sign}{other.Said}",
                      1 => $"{title}\n{one.Said}{sign}{other.Said}",
                      2 => $"{title} ({one.Said}; {other.Said})",
                      _ => $"{title}{sign}{one.Said}\n{other.Said}",
                  }, below, new[] { title, one.Means, other.Means }), every: 501);

    private static readonly ImmutableArray<string> Bodies = ["WU 5\n3 rounds 40/20\n", "3 rounds, 40 secs on, 20 off\n", "A. 40/20 x 3\n", "Block 1: 3 x 40/20\n"];

    [Theory]
    [InlineData("Tabata, 20 min\nsquats\nplank", "minutes: 20")]
    [InlineData("Legs, bums & tums, 45 min, Weds 9.30", "# \"Legs, bums & tums – Weds 9.30\"")]
    [InlineData("Bootcamp @ the quay, 45 min, 12 people", "place: the quay")]
    [InlineData("Quay Strength\n06:45 – 07:30 / 12 people", "minutes: 45")]
    [InlineData("note: Una has the keys\nQuay Strength, 45 min", "# Quay Strength")]
    [InlineData("Pre & post natal strength – Weds 10am", "needs: pregnancy, postnatal")]
    [InlineData("Bootcamp mind the knees\n12 people, bands", "needs: knees")]
    [InlineData("Fitness bingo Friday!", "# Fitness bingo Friday!")]
    [InlineData("Week 3\nClass: Strong Start", "# Strong Start")]
    [InlineData("Tuesday 9:30 / 12 people / kit: dumbbells, mats", "people: 12")]
    public void What_is_said_above_all(string lines, string becomes) =>
        Assert.Contains(becomes, SheetWriter.Write(CardReader.Read($"{lines}\n3 rounds 40/20\nsquats\nrows\n")!.Plan), StringComparison.Ordinal);

    [Theory]
    [InlineData("Quay\nLegs\nsquats x10\nlunges x10\nCore\nplank 30s\ncrunches x10", "== Core (")]
    [InlineData("Stations - 10 of them, 24 people, 40/20\nsquats\nrows", "people: 24")]
    [InlineData("Quay\nsquats, step height - 6 in", "6 in")]
    public void What_is_no_heading_of_a_class(string lines, string becomes) =>
        Assert.Contains(becomes, SheetWriter.Write(CardReader.Read($"{lines}\n")!.Plan), StringComparison.Ordinal);

    private static void HeadHolds(IEnumerable<(string Head, string Body, string[] Means)> all, int every)
    {
        var wrong = new List<string>();
        foreach (var (head, body, means) in all.Where((_, at) => at % every == 0))
        {
            var sheet = SheetWriter.Write(CardReader.Read($"{head}\n{body}squats\nrows\nplank\n")!.Plan);
            if (!means.All(m => sheet.Contains(m, StringComparison.Ordinal)) || !sheet.Contains("(circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\nplank", StringComparison.Ordinal))
                wrong.Add($"{head.Replace("\n", " // ", StringComparison.Ordinal)}: {sheet.Replace("\n", " ; ", StringComparison.Ordinal)}");
        }

        Assert.True(wrong.Count == 0, string.Join('\n', wrong));
    }
}
