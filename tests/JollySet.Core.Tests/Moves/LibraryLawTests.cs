using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Options;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Moves;

/// <summary>What a coach would not have to be told twice: laws over every entry, its tags and its ways.</summary>
public class LibraryLawTests
{
    private static readonly MoveLibrary Library = MoveLibrary.Shipped;
    private static readonly Muscle[] Hind = [Muscle.Hamstrings, Muscle.Calves, Muscle.Adductors, Muscle.Abductors];

    public static TheoryData<string> Names => [.. Library.All.Select(m => m.Name)];

    [Fact]
    public void There_are_four_hundred_and_fifty_bases_at_least() => Assert.True(Library.All.Length >= 450, $"{Library.All.Length}");

    [Theory]
    [MemberData(nameof(Names))]
    public void A_way_on_the_same_ladder_is_truly_easier_or_harder(string name)
    {
        var move = Library.Find(name)!;
        if (Library.Find(move.Easier) is { } easier && easier.Pattern == move.Pattern && move.Pattern != Pattern.Isolation)
            Assert.True(easier.Tags.Rung < move.Tags.Rung, $"{easier.Name} stands on {easier.Tags.Rung}, {name} on {move.Tags.Rung}");
        if (Library.Find(move.Harder) is { } harder && harder.Pattern == move.Pattern)
            Assert.True(harder.Tags.Rung > move.Tags.Rung, $"{harder.Name} stands on {harder.Tags.Rung}, {name} on {move.Tags.Rung}");
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void A_way_works_a_muscle_the_move_works(string name)
    {
        var move = Library.Find(name)!;
        foreach (var way in new[] { move.Easier, move.Harder })
            if (Library.Find(way) is { } other && move.Pattern is not (Pattern.Jump or Pattern.Locomotion or Pattern.March or Pattern.Mobility))
                Assert.True(move.Muscles.Any(m => other.Muscles.Any(o => o.Muscle == m.Muscle)), $"{name} → {way} shares no muscle");
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void An_easier_way_lands_no_harder(string name)
    {
        var move = Library.Find(name)!;
        if (Library.Find(move.Easier) is { } easier)
            Assert.True(easier.Impact <= move.Impact, $"{name} → {easier.Name}");
        if (Library.Find(move.Harder) is { } harder && move.Impact > Impact.Low && harder.Pattern == move.Pattern)
            Assert.True(harder.Impact >= Impact.Low, $"{name} → {harder.Name}");
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Sitting_is_offered_where_it_can_be_done(string name)
    {
        var move = Library.Find(name)!;
        if (move.Around.TryGetValue("seated", out var way) && way == Words.Of(Adjustment.Seated))
            Assert.True(move.Tags.CanSit, $"{name} cannot be done sitting");
        if (move.Easier == Words.Of(Adjustment.Seated))
            Assert.True(move.Tags.CanSit, $"{name} cannot be done sitting");
        if (move.Posture == Posture.Seated && move.Kit.Contains("chair"))
            Assert.True(move.Tags.CanSit, name);
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void No_load_is_offered_where_the_move_still_works(string name)
    {
        var move = Library.Find(name)!;
        foreach (var way in move.Around.Values.Append(move.Easier))
            if (way == Words.Of(Adjustment.NoLoad))
                Assert.True(move.Load != LoadClass.None, $"{name} has no load to leave out");
        if (move.Around.TryGetValue("no kit", out var without) && without == Words.Of(Adjustment.NoLoad))
            Assert.True(move.Tags.WorksUnloaded, name);
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Where_weight_is_borne_the_wrists_and_shoulders_are_thought_of(string name)
    {
        var move = Library.Find(name)!;
        if (move.Tags.Bears == Bearing.Hands && move.Level != Level.Up)
        {
            Assert.True(move.Troubles("wrists"), $"{name}: wrists");
            Assert.True(move.Posture != Posture.Plank || move.Troubles("shoulders"), $"{name}: shoulders");
            Assert.Contains(Joint.Wrists, move.Joints);
        }

        if (move.Posture == Posture.Plank)
            Assert.True(move.Tags.Bears != Bearing.None, $"{name}: something bears the weight");
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Tags_agree_with_the_facts(string name)
    {
        var move = Library.Find(name)!;
        var tags = move.Tags;
        Assert.InRange(tags.Rung, 1, 10);
        Assert.InRange(tags.Staple, 0, 3);
        Assert.NotEmpty(tags.Roles);
        Assert.NotEmpty(tags.Goals);
        Assert.Equal(tags.Roles.Length, tags.Roles.Distinct().Count());
        if (move.Impact == Impact.High)
            Assert.True(tags.IsExplosive, $"{name} leaves the floor");
        if (tags.IsExplosive)
            Assert.Contains(Goal.Power, tags.Goals);
        if (tags.IsOneLegged)
            Assert.True(move.Troubles("balance"), $"{name} is done on one leg");
        if (move.Pattern == Pattern.Jump)
            Assert.True(move.Impact >= Impact.Middle, $"{name} lands");
        Assert.True(tags.Newcomer <= move.Load, $"{name}: newcomers lift more than it is done with");
        if (tags.Reps is { } reps)
            Assert.InRange(reps.Most, Math.Max(1, reps.Least), 60);
        Assert.Equal(move.Pattern == Pattern.Stretch, tags.Roles[0] == Role.Stretch);
        Assert.Equal(move.Pattern == Pattern.Mobility, tags.Roles[0] == Role.WarmUp && move.Pattern == Pattern.Mobility);
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Shares_agree_with_the_pattern(string name)
    {
        var move = Library.Find(name)!;
        decimal ShareOf(Muscle muscle) => move.Muscles.FirstOrDefault(m => m.Muscle == muscle).Share;
        if (move.Pattern is Pattern.Push or Pattern.OverheadPush && move.Posture != Posture.Plank && move.Tags.IsExplosive == false && !move.Name.Contains("bridge", StringComparison.Ordinal))
            Assert.All(Hind, muscle => Assert.True(ShareOf(muscle) == 0, $"{name} loads {muscle}"));
        if (move.Pattern is Pattern.Squat or Pattern.Lunge)
            Assert.True(ShareOf(Muscle.Quads) + ShareOf(Muscle.Glutes) >= 1, name);
        if (move.Pattern is Pattern.Hinge or Pattern.HipBridge)
            Assert.True(ShareOf(Muscle.Glutes) + ShareOf(Muscle.Hamstrings) >= 1, name);
        if (move.Pattern is Pattern.Pull or Pattern.VerticalPull)
            Assert.True(ShareOf(Muscle.UpperBack) + ShareOf(Muscle.Lats) + ShareOf(Muscle.RearDelts) + ShareOf(Muscle.SideDelts) >= 1, name);
        if (move.Pattern is Pattern.TrunkFlexion)
            Assert.Equal(1, ShareOf(Muscle.Abs));
        if (move.Pattern is Pattern.Rotation or Pattern.SideBend)
            Assert.Equal(1, ShareOf(Muscle.Obliques));
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void On_the_floor_there_is_a_mat(string name)
    {
        var move = Library.Find(name)!;
        if (move.IsOnFloor && !move.Kit.Contains("bench") && !move.Kit.Contains("bar"))
            Assert.Contains("mat", move.Kit);
    }

    [Fact]
    public void Every_muscle_has_a_stretch_standing_sitting_and_lying()
    {
        List<string> missing = [];
        foreach (var muscle in Enum.GetValues<Muscle>())
        {
            var stretches = Library.All.Where(m => m.IsStretch && m.Muscles.Any(s => s.Muscle == muscle && s.Share >= 0.5m)).ToList();
            if (!stretches.Exists(m => m.Posture is Posture.Standing or Posture.Hinged))
                missing.Add($"{muscle} standing");
            if (!stretches.Exists(m => m.Tags.CanSit || m.Posture == Posture.Seated))
                missing.Add($"{muscle} sitting");
            if (!stretches.Exists(m => m.Posture == Posture.Lying))
                missing.Add($"{muscle} lying");
        }

        Assert.Equal([], missing);
    }

    [Fact]
    public void Every_word_of_the_kit_list_is_used_by_a_move() =>
        Assert.Equal([], KitList.Known.Where(item => !Library.All.Any(m => m.Kit.Contains(item))));

    [Fact]
    public void A_ladder_has_a_beginning_and_staples()
    {
        foreach (var pattern in Enum.GetValues<Pattern>().Except([Pattern.Any]))
        {
            var moves = Library.All.Where(m => m.Pattern == pattern).ToList();
            Assert.True(moves.Exists(m => m.Tags.Rung <= 2), $"{pattern} begins nowhere");
            Assert.True(moves.Count(m => m.Tags.Staple == 3) >= 4, $"{pattern} has no staples");
            Assert.True(moves.Count >= 8, $"{pattern}: {moves.Count}");
        }
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Every_way_with_other_kit_is_said(string name)
    {
        var move = Library.Find(name)!;
        if (Library.Find(move.Easier) is { } easier)
            Assert.True(easier.Kit.Count(Rare) <= move.Kit.Count(Rare) + 1, $"{name} → {easier.Name}");
        // The way without kit needs none itself, save a wall or a mat.
        if (move.Around.TryGetValue("no kit", out var way) && Library.Find(way) is { } other)
            Assert.All(other.Kit, item => Assert.Contains(item, new[] { "mat", "wall" }));
    }

    private static bool Rare(string item) => item is "barbell" or "bar" or "straps" or "stability ball" or "slider" or "roller" or "pad" or "heel wedge" or "kettlebell" or "battle ropes" or "sled" or "sandbag" or "tyre" or "rower" or "bike" or "treadmill" or "machine" or "cable";
}
