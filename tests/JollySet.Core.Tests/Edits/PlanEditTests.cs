using CsCheck;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Tests.Edits;

public class PlanEditTests
{
    private const string Text = """
        # Slack Water
        minutes: 20

        == Deck (circuit, 2 rounds, work 40, rest 20)
        squat
        push-up | easier: knee push-up
        new: rope walk (like march on the spot)

        == again Deck (after 60)

        == Last (release, rest 5)
        chest opener 30s

        """;

    private static readonly ClassPlan Plan = Sheet.Read(Text);

    private static int Deck => Plan.Find("Deck")!.Id;

    private static int Station(int number) => Plan.Find("Deck")!.Stations[number - 1].Id;

    private static string After(PlanEdit edit)
    {
        var result = edit.Apply(Plan);
        return result.Plan is null ? string.Join("\n", result.Errors.Select(e => e.Expected)) : SheetWriter.Write(result.Plan);
    }

    [Fact]
    public void The_text_it_works_on_is_as_it_is_written() => Assert.Equal(Text, SheetWriter.Write(Plan));

    [Theory]
    [InlineData("amount", "x12", "squat x12\n")]
    [InlineData("load", "heavy", "squat [heavy]\n")]
    [InlineData("sides", "each side", "squat, each side\n")]
    [InlineData("rest", "30", "squat, rest 30\n")]
    [InlineData("tempo", "@3-0-1-1", "squat @3-0-1-1\n")]
    [InlineData("move", "sumo squat", "sumo squat\n")]
    [InlineData("easier", "seated", "squat | easier: seated\n")]
    public void A_part_of_a_station_is_said_anew(string part, string value, string line) =>
        Assert.Contains(line, After(new SetStationPart(Station(1), part, value)), StringComparison.Ordinal);

    [Theory]
    [InlineData("amount", "0s", "at least 1 s")]
    [InlineData("amount", "99:99", "go to 59")]
    [InlineData("move", "squat +", "a move is expected on each side")]
    public void A_wrong_value_is_refused_with_the_sheets_own_sentence(string part, string value, string said) =>
        Assert.Contains(said, After(new SetStationPart(Station(1), part, value)), StringComparison.Ordinal);

    [Fact]
    public void A_station_is_found_by_its_number_wherever_it_stands_and_refused_when_it_is_gone()
    {
        var moved = new MoveStation(Station(2), 1).Apply(Plan).Plan!;
        Assert.DoesNotContain("knee push-up", SheetWriter.Write(new RemoveStation(Station(2)).Apply(moved).Plan!), StringComparison.Ordinal);
        var gone = new RemoveStation(Station(2)).Apply(Plan).Plan!;
        Assert.Contains("not there any more", new SetStationPart(Station(2), "amount", "x12").Apply(gone).Errors[0].Expected, StringComparison.Ordinal);
    }

    [Fact]
    public void Moving_and_duplicating_keep_every_line()
    {
        Assert.Contains("push-up | easier: knee push-up\nnew: rope walk (like march on the spot)\nsquat\n", After(new MoveStation(Station(1), 3)), StringComparison.Ordinal);
        Assert.Contains("squat\nsquat\npush-up", After(new DuplicateStation(Station(1))), StringComparison.Ordinal);
    }

    [Fact]
    public void A_station_is_carried_to_another_block_or_put_in_there_once_more()
    {
        var last = Plan.Find("Last")!.Id;
        var carried = new CarryStation(Station(1), last, 1).Apply(Plan).Plan!;
        Assert.Equal(Station(1), carried.Find("Last")!.Stations[0].Id);
        Assert.DoesNotContain("\nsquat\npush-up", SheetWriter.Write(carried), StringComparison.Ordinal);
        var copied = new CarryStation(Station(1), last, 9, Copy: true).Apply(Plan).Plan!;
        Assert.Equal(2, copied.Blocks.Sum(b => b.Stations.Count(s => s.Doing == Plan.Find("Deck")!.Stations[0].Doing)));
        Assert.NotEqual(Station(1), copied.Find("Last")!.Stations[^1].Id);
        Assert.Equal(After(new MoveStation(Station(1), 3)), After(new CarryStation(Station(1), Deck, 3)));
        Assert.Contains("no stations of its own", After(new CarryStation(Station(1), Plan.Find("again Deck")?.Id ?? Plan.Blocks[1].Id, 1)), StringComparison.Ordinal);
        Assert.Contains("not there any more", After(new CarryStation(Station(1), 9999, 1)), StringComparison.Ordinal);
    }

    [Fact]
    public void A_new_move_nobody_does_any_more_is_forgotten() =>
        Assert.Empty(new RemoveStation(Station(3)).Apply(Plan).Plan!.NewMoves);

    [Fact]
    public void Taking_out_a_block_spells_out_its_repeat()
    {
        var text = After(new RemoveBlock(Deck));
        Assert.Contains("== \"Deck again\" (circuit, 2 rounds, work 40, rest 20, after 60)\nsquat\n".Replace("\"", "", StringComparison.Ordinal), text, StringComparison.Ordinal);
    }

    [Fact]
    public void Renaming_a_block_takes_its_repeat_along() => Assert.Contains("== again Quay (after 60)", After(new RenameBlock(Deck, "Quay")), StringComparison.Ordinal);

    [Fact]
    public void Moving_a_repeat_before_its_first_spells_it_out() => Assert.Contains("== Deck again (circuit", After(new MoveBlock(Plan.Find("Deck again")!.Id, 0)), StringComparison.Ordinal);

    [Theory]
    [InlineData("rounds", "3", "(circuit, 3 rounds, work 40, rest 20)")]
    [InlineData("work", "45/30", "(circuit, 2 rounds, work 45/30, rest 20)")]
    [InlineData("after", "60 water", "(circuit, 2 rounds, work 40, rest 20, after 60 water)")]
    [InlineData("rest", "", "(circuit, 2 rounds, work 40)")]
    [InlineData("format", "prepare", "(prepare, 2 rounds, work 40, rest 20)")]
    [InlineData("format", "warm-up", "(prepare, 2 rounds, work 40, rest 20)")]
    [InlineData("format", "cool-down", "(release, 2 rounds, work 40, rest 20)")]
    [InlineData("rounds", "0", "from 1")]
    [InlineData("work", "-5", "cannot be negative")]
    [InlineData("pause", "5", "never uses")]
    public void A_setting_is_said_anew(string key, string value, string said) =>
        Assert.Contains(said, After(new SetBlockSetting(Deck, key, value)), StringComparison.Ordinal);

    /// <summary>The gap between moves and the one between rounds have other names in other formats; another format keeps both.</summary>
    [Theory]
    [InlineData("circuit, 3 rounds, work 40, rest 20, between 60", 2, "superset", "(superset, 3 rounds, work 40, rest 60, pause 20)")]
    [InlineData("circuit, 3 rounds, work 40, rest 20, between 60", 3, "superset", "(trio, 3 rounds, work 40, rest 60, pause 20)")]
    [InlineData("circuit, 3 rounds, work 40, between 60", 2, "superset opposing", "(superset opposing, 3 rounds, work 40, rest 60)")]
    [InlineData("superset, 3 rounds, rest 90, pause 15", 2, "circuit", "(circuit, 3 rounds, rest 15, between 90)")]
    [InlineData("superset, 3 rounds, rest 90", 2, "circuit", "(circuit, 3 rounds, between 90)")]
    [InlineData("circuit, 3 rounds, work 40, rest 20", 2, "superset", "(superset, 3 rounds, work 40, rest 20)")]
    [InlineData("circuit, 3 rounds, work 40, rest 20, between 60", 2, "minute", "what is left of a slot is rest")]
    public void Another_format_keeps_what_it_shares_with_the_one_before(string head, int stations, string format, string said)
    {
        var plan = Sheet.Read($"# T\n== A ({head})\n{string.Join('\n', new[] { "squat x10", "push-up x10", "plank x10" }.Take(stations))}\n");
        var result = new SetBlockSetting(plan.Blocks[0].Id, "format", format).Apply(plan);
        Assert.Contains(said, result.Plan is null ? string.Join("\n", result.Errors.Select(e => e.Expected)) : SheetWriter.Write(result.Plan), StringComparison.Ordinal);
    }

    [Fact]
    public void A_block_is_added_and_replaced_as_text()
    {
        Assert.Contains("== Pairs (circuit, work 30)\nsquat\n", After(new AddBlock("== Pairs (circuit, work 30)\nsquat")), StringComparison.Ordinal);
        Assert.Contains("names are unique", After(new AddBlock("== Last (circuit, work 30)\nsquat")), StringComparison.Ordinal);
        Assert.Contains("== again Quay (after 60)", After(new ReplaceBlock(Deck, "== Quay (circuit, work 30)\nsquat")), StringComparison.Ordinal);
        Assert.Contains("one block is expected", After(new ReplaceBlock(Deck, "")), StringComparison.Ordinal);
    }

    [Fact]
    public void A_header_line_is_said_anew()
    {
        Assert.Contains("minutes: 30", After(new SetBriefLine("minutes", "30")), StringComparison.Ordinal);
        Assert.DoesNotContain("minutes", After(new SetBriefLine("minutes", "")), StringComparison.Ordinal);
        Assert.Contains("the limit is 200", After(new SetTitle(new string('a', 500))), StringComparison.Ordinal);
    }

    [Fact]
    public void A_pair_that_gains_a_station_is_a_trio_and_one_that_loses_it_goes_straight()
    {
        var pair = Sheet.Read(Sheet.OneBlock("superset opposing, 3 rounds, rest 45", "bent-over row x12", "push-up x10"));
        Assert.IsType<StraightFormat>(new RemoveStation(pair.Blocks[0].Stations[0].Id).Apply(pair).Plan!.Blocks[0].Format);
        Assert.Equal(new LinkedFormat(LinkedKind.Trio, School.Opposing), new AddStation(pair.Blocks[0].Id, "squat x10").Apply(pair).Plan!.Blocks[0].Format);
    }

    [Fact]
    public void An_edit_that_contradicts_the_block_is_refused_with_the_readers_sentence() =>
        Assert.Contains("needs a flow block", After(new SetStationPart(Station(1), "tempo", "@4 beats")), StringComparison.Ordinal);

    [Fact]
    public void No_edit_leaves_a_plan_that_cannot_be_written_and_read() => Gen.Select(PlanGen.Plans, Gen.Int[0, 11], Gen.Int[1, 4], Gen.Int[0, 4]).Sample((plan, kind, station, to) =>
    {
        plan = Ids.Given(plan);
        var there = plan.Blocks[to % plan.Blocks.Length];
        var block = there.Id;
        station = there.Stations.IsEmpty ? 0 : there.Stations[station % there.Stations.Length].Id;
        PlanEdit edit = kind switch
        {
            0 => new RemoveBlock(block),
            1 => new MoveBlock(block, to),
            2 => new DuplicateBlock(block),
            3 => new RemoveStation(station),
            4 => new MoveStation(station, to),
            5 => new CarryStation(station, plan.Blocks[(to + 1) % plan.Blocks.Length].Id, to),
            7 => new RemoveStations([.. there.Stations.Select(s => s.Id).Take(to)]),
            8 or 9 => new CarryStations([.. plan.Blocks.SelectMany(b => b.Stations).Select(s => s.Id).Where(id => id % 3 == station % 3)], plan.Blocks[(to + 1) % plan.Blocks.Length].Id, kind == 8 ? station : null, Copy: to % 2 == 0),
            10 => new PullAmounts([.. plan.Blocks.SelectMany(b => b.Stations).Select(s => s.Id).Where(id => id % 3 == station % 3)], (to - 2) * 40),
            6 => new CarryStation(station, plan.Blocks[(to + 1) % plan.Blocks.Length].Id, to, Copy: true),
            _ => new DuplicateStation(station),
        };
        if (edit.Apply(plan).Plan is { } changed)
            Assert.Equal(Sheets.RoundTripTests.Members(changed), Sheets.RoundTripTests.Members(Sheet.Read(SheetWriter.Write(changed))));
    });
}
