using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Moves;

/// <summary>Every entry keeps the library's rules.</summary>
public class LibraryTests
{
    private static readonly MoveLibrary Library = MoveLibrary.Shipped;

    public static TheoryData<string> Names => [.. Library.All.Select(m => m.Name)];

    [Fact]
    public void It_is_large_and_covers_every_pattern()
    {
        Assert.True(Library.All.Length >= 200);
        Assert.Equal(Enum.GetValues<Pattern>().Except([Pattern.Any]), Library.All.Select(m => m.Pattern).Distinct().Order());
    }

    [Fact]
    public void Every_muscle_is_somebodys_prime_mover_or_stretched() =>
        Assert.Equal(Enum.GetValues<Muscle>(), Library.All.SelectMany(m => m.Muscles).Where(m => m.Share == 1).Select(m => m.Muscle).Distinct().Order());

    [Theory]
    [MemberData(nameof(Names))]
    public void An_entry_is_complete(string name)
    {
        var move = Library.Find(name)!;
        Assert.InRange(move.Cues.Length, 2, 3);
        Assert.EndsWith(".", move.Caution, StringComparison.Ordinal);
        Assert.NotEmpty(move.Muscles);
        Assert.Equal(move.Muscles.Length, move.Muscles.Select(m => m.Muscle).Distinct().Count());
        Assert.All(move.Muscles, share => Assert.Contains(share.Share, new[] { 1m, 0.5m, 0.25m }));
        if (move.Pattern != Pattern.Mobility)
            Assert.Contains(move.Muscles, m => m.Share == 1);
        Assert.All(move.Kit, item => Assert.Contains(item, KitList.Known));
        Assert.True(move.Load == LoadClass.None || move.Kit.Any(KitList.IsLoad), "a load needs something to hold");
        Assert.All(move.Also.Prepend(move.Name), n => Assert.Matches("^[A-Za-z][A-Za-z' -]+$", n));
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Its_ways_exist(string name)
    {
        var move = Library.Find(name)!;
        foreach (var way in new[] { move.Easier, move.Harder })
        {
            var isMove = Library.Find(way) is { } other && other.Name != move.Name;
            var isAdjustment = Enum.GetValues<Adjustment>().Any(a => Words.Of(a) == way);
            Assert.True(isMove || isAdjustment || (way.StartsWith('"') && way.EndsWith('"') && way.Length > 5), $"{move.Name}: {way}");
        }
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void It_goes_through_a_plane_and_loads_a_joint(string name)
    {
        Assert.NotEmpty(Library.Find(name)!.Planes);
        Assert.NotEmpty(Library.Find(name)!.Joints);
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Each_way_round_is_untroubled_and_keeps_a_muscle(string name)
    {
        var move = Library.Find(name)!;
        foreach (var (need, way) in move.Around)
        {
            Assert.Contains(need, Needs.Ways);
            if (Library.Find(way) is not { } other)
            {
                Assert.True(StationFor.WayOf(way) is AdjustedWay or WordsWay, $"{name}, {need}: {way}");
                continue;
            }

            Assert.False(other.Troubles(need), $"{name}, {need}: {way} troubles it too");
            Assert.True(move.Impact == Impact.High || move.Pattern is Pattern.Locomotion or Pattern.Jump || move.Muscles.Any(m => (m.Share >= 0.5m || move.Pattern == Pattern.Mobility) && other.Muscles.Any(o => o.Muscle == m.Muscle)), $"{name}, {need}: {way} shares no muscle");
        }
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Needs_of_the_room_follow_from_what_it_is(string name)
    {
        var move = Library.Find(name)!;
        Assert.Equal(move.Impact is Impact.Middle or Impact.High, move.Troubles("no jumping"));
        Assert.Equal(move.Kit.Any(k => k is not ("mat" or "wall")), move.Troubles("no kit"));
        Assert.Equal(!(move.Posture == Posture.Seated && move.Kit.Contains("chair")), move.Troubles("seated"));
        if (move.Posture is Posture.Standing or Posture.Hinged)
            Assert.False(move.IsOnFloor);
    }

    [Theory]
    [InlineData("knees", NeedKind.Way)]
    [InlineData("Sore knees", NeedKind.Way)]
    [InlineData("lower back", NeedKind.Way)]
    [InlineData("pregnancy", NeedKind.Ask)]
    [InlineData("high blood pressure", NeedKind.Ask)]
    [InlineData("recent injury", NeedKind.Ask)]
    [InlineData("early ferry", NeedKind.Unknown)]
    public void A_need_is_a_way_or_for_a_clinician(string need, NeedKind kind)
    {
        Assert.Equal(kind, Needs.KindOf(need));
        Assert.Equal(kind == NeedKind.Ask, Needs.UsualWays(need).Length > 0);
    }

    [Fact]
    public void The_easier_ways_never_go_round_in_a_circle()
    {
        foreach (var move in Library.All)
        {
            var seen = new HashSet<string>();
            for (var m = move; m is not null && m.Easier.Length > 0; m = Library.Find(m.Easier))
                Assert.True(seen.Add(m.Name), $"{move.Name} comes back to {m.Name}");
        }
    }

    [Theory]
    [InlineData("ro", "bent-over row")]
    [InlineData("gob", "goblet squat")]
    [InlineData("dead", "deadlift")]
    public void Two_letters_find_a_move(string typed, string name) => Assert.Contains(Core.Search.MoveSearch.Find(typed, Library).Take(8), m => m.Name == name);

    [Theory]
    [InlineData("PUSH-UP", "push-up")]
    [InlineData("press", "overhead press")]
    public void A_move_is_found_by_any_of_its_names(string name, string move) => Assert.Equal(move, Library.Find(name)?.Name);

    [Fact]
    public void Two_moves_of_one_name_are_refused() => Assert.Throws<ArgumentException>(() => new MoveLibrary([Library.All[0], Library.All[0]]));

    /// <summary>A name says it and the data has to: nothing asks the name.</summary>
    [Fact]
    public void What_is_called_overhead_has_the_arms_there() => Assert.All(
        Library.All.Where(m => m.Name.Contains("overhead", StringComparison.OrdinalIgnoreCase)).Append(Library.Understood("overhead lunge")!),
        m => Assert.True(m.Pattern == Pattern.OverheadPush || m.Tags.ArmsOverhead, m.Name));

    [Theory]
    [InlineData("pregnancy", "glute bridge", true)]
    [InlineData("pregnancy", "bent-over row", false)]
    [InlineData("postnatal", "plank", true)]
    [InlineData("high blood pressure", "plank", true)]
    [InlineData("osteoporosis", "crunch", true)]
    [InlineData("osteoporosis", "goblet squat", false)]
    [InlineData("recent injury", "plank", false)]
    [InlineData("knees", "plank", false)]
    public void What_a_clinician_is_asked_about_leaves_out_the_plainly_unusual(string need, string move, bool speaks) =>
        Assert.Equal(speaks, Core.Options.AskFirst.SpeaksAgainst(new Core.Plans.Brief { Needs = [need] }, Library.Find(move)!));
}
