using System.Collections.Immutable;
using CsCheck;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests;

/// <summary>Plans of every construct that is built, for laws.</summary>
internal static class PlanGen
{
    private static readonly string[] Awkward = ["a, b", "x 12", "say \"when\"", "Tide (high)", "للتمرين", "again and again", "note: this", "1 + 1", "squat & hold", "# one"];

    private static readonly Gen<Span> Seconds = Gen.Select(Gen.Int[0, 90], Gen.Int[0, 30], Gen.Bool, (low, more, range) => range ? new Span(low, low + more) : new Span(low));
    private static readonly Gen<Gap> Gaps = Gen.Select(Seconds, Gen.Bool, Gen.Int[0, 9], (s, water, open) => open == 0 ? new Gap(new Span(0), water, true) : new Gap(s, water));
    private static readonly Gen<Load> Loads = Gen.OneOf(
        Gen.Enum<LoadLevel>().Select(l => new Load(l)),
        Gen.Select(Gen.Int[1, 4], Gen.Int[1, 40], Gen.Enum<MassUnit>(), (n, kg, unit) => new Load(Pieces: n, Mass: kg + 0.5m, Unit: unit)),
        Gen.Int[1, 3].Select(n => new Load(LoadLevel.Heavy, n, Implement: "kettlebell")));

    private static readonly Gen<Tempo> Tempos = Gen.OneOf<Tempo>(
        Gen.Bool.Select(_ => (Tempo)new SlowTempo()),
        Gen.Int[1, 12].Select(s => (Tempo)new SecondsTempo(s / 2m)),
        Gen.Int[0, 4].Array[4].Select(p => (Tempo)new PhaseTempo(p[0] == 4 ? null : p[0] + 1, p[1], p[2] == 4 ? null : p[2], p[3])));

    private static readonly Gen<Amount?> Amounts = Gen.OneOf<Amount?>(
        Gen.Bool.Select(_ => (Amount?)null),
        Gen.Select(Gen.Int[1, 20], Gen.Int[0, 5]).Array[1, 3].Select(c => (Amount?)new Reps([.. c.Select(x => (Span?)new Span(x.Item1, x.Item1 + x.Item2))])),
        Gen.Select(Gen.Int[5, 60].Array[1, 3], Gen.Bool, (s, hold) => (Amount?)new Timed([.. s.Select(x => (Span?)new Span(x))], hold)),
        Gen.Bool.Select(_ => (Amount?)new Reps([null])),
        Gen.Bool.Select(_ => (Amount?)new Timed([null])));

    private static readonly Gen<Sides?> SidesSaid = Gen.Select(Gen.Enum<SideWay>().Array[0, 3], Gen.Bool, Gen.Bool, (ways, right, reverse) =>
        ways.Length == 0 && !right && !reverse ? null : new Sides([.. ways], right, reverse));

    private static readonly Gen<string> MoveNames = Gen.OneOf(
        Gen.OneOf(MoveLibrary.Shipped.All.Select(m => m.Name).ToArray()), Gen.OneOf(Awkward));

    private static readonly Gen<Way> Ways = Gen.OneOf<Way>(
        Gen.Enum<Adjustment>().Select(a => (Way)new AdjustedWay(a)),
        Gen.OneOf(Awkward).Select(w => (Way)new WordsWay(w + " !")),
        Gen.Select(Gen.OneOf("squat", "goblet squat", "dead bug"), Loads.Null(), Tempos.Null(), (m, l, t) => (Way)new MoveWay(m, l, t)));

    private static readonly Gen<StationOption> Options = Gen.Select(Gen.Enum<OptionKind>(), Ways, (kind, way) =>
        new StationOption(kind, way, kind == OptionKind.ForNeed ? "low back" : null));

    private static readonly Gen<Doing> Doings = Gen.Frequency(
        (9, MoveNames.Select(n => (Doing)new OneMove(n))),
        (1, Gen.Enum<Pattern>().Select(p => (Doing)new ToBeChosen(p))));

    private static readonly Gen<Station> Stations = Gen.Select(
        Gen.Select(Doings, Amounts, Loads.Array[1, 3].Null(), Tempos.Null()),
        Gen.Select(SidesSaid, Gaps.Null(), Gen.Int[1, 30].Nullable()),
        Gen.Select(Options.Array[0, 3], Gen.OneOf(Awkward).Array[0, 2], Gen.OneOf(Awkward).Array[0, 1]),
        (a, b, c) => new Station(a.Item1, a.Item2, a.Item3 is null ? null : new LoadPlan([.. a.Item3]), a.Item4 is null ? null : new TempoPlan(a.Item4), b.Item1, b.Item2, b.Item3)
        {
            Options = [.. c.Item1],
            Kit = [.. c.Item2],
            Notes = [.. c.Item3],
        });

    private static readonly Gen<BlockSettings> Settings = Gen.Select(
        Gen.Select(Gen.Int[1, 4], Gen.Int[0, 2]).Nullable(),
        Gen.Int[5, 60].Array[0, 3],
        Gaps.Array[0, 3],
        Gaps.Null(),
        Gaps.Null(),
        Gen.Int[0, 30].Nullable(),
        (rounds, work, rest, between, after, demo) => new BlockSettings(rounds is { } r ? new Span(r.Item1, r.Item1 + r.Item2) : null, between, after, null, demo)
        {
            WorkSeconds = [.. work],
            Rest = [.. rest],
        });

    private static readonly Gen<Block> Blocks = Gen.Select(
        Gen.OneOf<BlockFormat>(new CircuitFormat(), new PrepareFormat(), new ReleaseFormat(), new TalkFormat(40), new ShowFormat(30), new OwnFormat(60)),
        Settings,
        Stations.Array[1, 5],
        Gen.OneOf(Awkward).Array[0, 1],
        (format, settings, stations, notes) =>
        {
            var words = format is TalkFormat or ShowFormat or OwnFormat;
            return new Block("", format, words ? new BlockSettings(After: settings.After) : settings) { Stations = words ? [] : [.. stations], Notes = [.. notes] };
        });

    /// <summary>Any plan the notation can say.</summary>
    public static Gen<ClassPlan> Plans { get; } = Gen.Select(
        Blocks.Array[1, 5],
        Gen.OneOf(Awkward),
        Gen.Bool,
        Gen.OneOf(Audience.Newcomer, Audience.FirstTimers, Audience.OlderAdults).Array[0, 2],
        Gen.Int[5, 90].Nullable(),
        (blocks, title, again, audience, minutes) => Assembled(blocks, title, again, audience, minutes));

    private static ClassPlan Assembled(Block[] blocks, string title, bool again, Audience[] audience, int? minutes)
    {
        var named = blocks.Select((b, i) => b with { Name = $"{Awkward[i]} {i}" }).ToImmutableArray();
        if (again && named.FirstOrDefault(b => !b.IsWords) is { } first)
            named = named.Add(new Block(ClassPlan.AgainName(first.Name, 0), new AgainFormat(first.Name), new BlockSettings(After: Gap.Of(30))));
        var used = named.SelectMany(b => b.Stations).Select(s => s.Doing).OfType<OneMove>().Select(m => m.Name).Distinct().Where(n => MoveLibrary.Shipped.Find(n) is null);
        return new ClassPlan(title, new Brief(minutes, ClassStyle.Led, Place: title) { Audience = [.. audience.Distinct()], Needs = ["knees"], Kit = [.. Awkward], Notes = [title] })
        {
            Blocks = named,
            NewMoves = [.. used.Select((n, i) => new NewMove(n, i % 2 == 0 ? "squat" : null))],
        };
    }
}
