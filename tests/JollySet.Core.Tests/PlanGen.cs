using System.Collections.Immutable;
using CsCheck;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests;

/// <summary>Plans of every construct that is built, with every sign and keyword in their texts, for laws.</summary>
internal static class PlanGen
{
    /// <summary>How many moves of its own a class may have.</summary>
    private const int Pool = 6;

    private static readonly string[] Pieces =
    [
        "note:", "new:", "any:", "stack(", "==", "again", "x12", "X3", "40s", "?s", "x?", "-5", "hold", "pulses", "+10", "@2", "@slow", "[heavy]", "(like squat)", "\"", "\"\"", "|", "#", "  # ", ",", ":", ";", ">", "&", "+",
        ")", "(", "]", "each side", "rest 20", "water", "seated", "no load", "slower", "for", "easier:", "or:", "talk", "release", "minutes: 5", "1:30", "2min", "?", "/", "\\", "'", "“when”", "Tide", "quay", "the", "é", "e\u0301",
        "🌊", "👩‍🦽", "للتمرين", "日本", "\u00a0", "\u3000", "\t", "\r", "\u2028", "\u200b", "\ufeff", "ﬁ", "İ", "ß", " ", "  ", "3 rounds", "step", "then", "beats", "yes", "null", "{", "}", "<b>", "&amp;", "%41", "$1",
    ];

    /// <summary>Any text of one line.</summary>
    internal static Gen<string> Texts { get; } = Gen.Select(Gen.OneOf(Pieces).Array[0, 5], Gen.OneOf("", " ", "  "), (pieces, between) => string.Join(between, pieces));

    /// <summary>A text that is more than space.</summary>
    internal static Gen<string> Names { get; } = Texts.Select(t => t.Trim().Length > 0 && t.Length <= Limits.NameLetters ? t : "Tide");

    private static readonly Gen<LengthSpan> Lengths = Gen.Select(Gen.OneOf(Gen.Int[0, 90], Gen.Int[0, 600]), Gen.Int[0, 30], Gen.Bool, (low, more, range) => new LengthSpan(Length.Seconds(low), Length.Seconds(range ? low + more : low)));
    private static readonly Gen<Gap> Gaps = Gen.Select(Lengths, Gen.Bool, Gen.Int[0, 9], (s, water, open) => open == 0 ? Gap.Promised with { Water = water } : new Gap(s, water));
    private static readonly Gen<Load> Loads = Gen.OneOf(
        Gen.Enum<LoadLevel>().Select(l => new Load(l)),
        Gen.Select(Gen.Int[1, 4].Nullable(), Gen.Int[1, 4000], Gen.Enum<MassUnit>(), (n, grams, unit) => new Load(Pieces: n, Mass: grams / 8m, Unit: unit)),
        Gen.Select(Gen.Int[1, 100], Gen.OneOf("kettlebell", "uneven broom", "x12", "2 kg", "@2", "#one", "40s", "water-bottle", "للتمرين"), (n, tool) => new Load(LoadLevel.Heavy, n, Implement: tool)));

    private static readonly Gen<Tempo> Tempos = Gen.OneOf<Tempo>(
        Gen.Bool.Select(_ => (Tempo)new SlowTempo()),
        Gen.Int[100, 12000].Select(s => (Tempo)new SecondsTempo(s / 1000m)),
        Gen.Int[0, 4].Array[4].Select(p => (Tempo)new PhaseTempo(p[0] == 4 ? null : p[0] + 1, p[1] / 8m, p[2] == 4 ? null : p[2], p[3])));

    private static readonly Gen<Amount?> Amounts = Gen.OneOf<Amount?>(
        Gen.Bool.Select(_ => (Amount?)null),
        Gen.Select(Gen.Int[1, 20], Gen.Int[0, 5]).Array[1, 3].Select(c => (Amount?)new Reps([.. c.Select(x => (Span?)new Span(x.Item1, x.Item1 + x.Item2))])),
        Gen.Select(Gen.Int[5, 60].Array[1, 3], Gen.Bool, (s, hold) => (Amount?)new Timed([.. s.Select(x => (LengthSpan?)new LengthSpan(Length.Seconds(x)))], hold)),
        Gen.Bool.Select(_ => (Amount?)new Reps([null])),
        Gen.Bool.Select(_ => (Amount?)new Timed([null])));

    private static readonly Gen<Sides?> SidesSaid = Gen.Select(Gen.Enum<SideWay>().Array[0, 3], Gen.Bool, Gen.Bool, (ways, right, reverse) =>
        ways.Length == 0 && !right && !reverse ? null : new Sides([.. ways], right, reverse));

    /// <summary>Moves of the library, by either name, and those of the class's own, by their place in its pool.</summary>
    private static readonly Gen<string> MoveNames = Gen.OneOf(
        Gen.OneOf(MoveLibrary.Shipped.All.SelectMany(m => m.Also.Prepend(m.Name)).ToArray()), Gen.Int[0, Pool - 1].Select(i => $"\u0001{i}"));

    private static readonly Gen<Way> Ways = Gen.OneOf<Way>(
        Gen.Enum<Adjustment>().Select(a => (Way)new AdjustedWay(a)),
        Texts.Select(w => (Way)new WordsWay(w)),
        Gen.Select(MoveNames, Loads.Null(), Tempos.Null(), (m, l, t) => (Way)new MoveWay(m, l, t)));

    private static readonly Gen<StationOption> Options = Gen.Select(Gen.Enum<OptionKind>(), Ways, Names, (kind, way, need) =>
        new StationOption(kind, way, kind == OptionKind.ForNeed ? need : null));

    private static readonly Gen<Doing> Single = Gen.Frequency(
        (9, MoveNames.Select(n => (Doing)new OneMove(n))),
        (1, Gen.Enum<Pattern>().Select(p => (Doing)new ToBeChosen(p))));

    private static readonly Gen<Doing> Doings = Gen.Frequency(
        (8, Single),
        (1, Single.Array[2, 3].Select(p => (Doing)new Combined([new Together([p[0], p[1]]), .. p]))),
        (1, Single.Array[2, 3].Select(p => (Doing)new Growing([new Combined([p[0], p[1]]), .. p]))),
        (1, Single.Array[2, 3].Select(p => (Doing)new Stacked([new Combined([p[1], p[0]]), .. p]))));

    private static readonly Gen<Station> Stations = Gen.Select(
        Gen.Select(Doings, Amounts, Loads.Array[1, 3].Null(), Tempos.Null()),
        Gen.Select(SidesSaid, Gaps.Null(), Gen.Int[1, 30].Select(Length.Seconds).Nullable()),
        Gen.Select(Options.Array[0, 3], Texts.Array[0, 2], Texts.Array[0, 2], Names),
        (a, b, c) => new Station(a.Item1, a.Item2, LoadOf(a.Item3, c.Item2.Length), a.Item4 is null ? null : new TempoPlan(a.Item4, c.Item1.Length == 3 ? new SlowTempo() : null), b.Item1, b.Item2, b.Item3, c.Item1.Length == 2 ? c.Item4 : null)
        {
            Pulses = a.Item2 is Reps { Counts.Length: 2 } ? new Pulses(10) : a.Item2 is Timed { Hold: true } ? new Pulses(null) : null,
            StartRungs = a.Item1 is Stacked && c.Item1.Length > 1 ? [1, 4, 1] : [],
            Options = [.. c.Item1],
            Kit = [.. c.Item2],
            Notes = [.. c.Item3],
        });

    private static LoadPlan? LoadOf(Load[]? rounds, int kit) =>
        rounds is null ? null : rounds.Length == 1 && kit == 1 ? new LoadPlan([.. rounds], new Load(LoadLevel.Light)) : new LoadPlan([.. rounds]);

    private static readonly Gen<BlockSettings> Settings = Gen.Select(
        Gen.Select(Gen.Int[1, 4], Gen.Int[0, 2]).Nullable(),
        Gen.Int[5, 60].Array[0, 3],
        Gaps.Array[0, 3],
        Gaps.Null(),
        Gaps.Null(),
        Gen.Int[0, 30].Select(Length.Seconds).Nullable(),
        (rounds, work, rest, between, after, demo) => new BlockSettings(rounds is { } r ? new Span(r.Item1, r.Item1 + r.Item2) : null, between, after, rounds is { Item1: 4 } ? new WaterAfterRound(WaterOf(after), 2) : null, demo, Joined: work.Length == 2)
        {
            Work = [.. work.Select(Length.Seconds)],
            Rest = [.. rest],
        });

    private static Gap WaterOf(Gap? gap) => gap is null or { Open: false, Length.Low.InTenths: 0 } ? Gap.OfSeconds(60) with { Water = true } : gap with { Water = true };

    private static readonly BlockFormat[] Formats =
    [
        new CircuitFormat(), new CircuitFormat(), new PrepareFormat(), new ReleaseFormat(), new TalkFormat(Length.Seconds(40)), new ShowFormat(Length.Seconds(30)), new OwnFormat(Length.Seconds(60)),
        new LinkedFormat(LinkedKind.Superset, School.Opposing), new LinkedFormat(LinkedKind.Trio, School.Any), new LinkedFormat(LinkedKind.Giant, School.Same),
        new StraightFormat(), new LadderFormat(new Rungs([6, 2], 2, false, false)), new LadderFormat(new Rungs([30, 20, 10], 1, true, true)),
        new PyramidFormat(new Rungs([1, 4, 1], 1, false, false)), new MinuteFormat(), new AmrapFormat(Length.Seconds(300)), new FlowFormat(),
    ];

    private static readonly Gen<Block> Blocks = Gen.Select(
        Gen.OneOf(Formats),
        Settings,
        Stations.Array[1, 5],
        Texts.Array[0, 2],
        (format, settings, stations, notes) => new Block("", format, Fitting(settings, format)) { Stations = Fitting(stations, settings, format), Notes = [.. notes] });

    /// <summary>The settings that the format uses and that do not contradict each other.</summary>
    private static BlockSettings Fitting(BlockSettings all, BlockFormat format)
    {
        var linked = format is LinkedFormat or LadderFormat or PyramidFormat;
        var even = all.Demo is { } demo && demo.InWholeSeconds % 2 == 0;
        return format switch
        {
            TalkFormat or ShowFormat or OwnFormat => new BlockSettings(After: all.After, Optional: even),
            AmrapFormat => new BlockSettings(After: all.After, Optional: even),
            MinuteFormat => new BlockSettings(all.Rounds, After: all.After, Demo: all.Demo, Every: even ? Length.Seconds(90) : null) { Work = all.Work },
            FlowFormat => new BlockSettings(all.Rounds, After: all.After, Beat: 120, EachSide: even ? new BlockSides(true) : null) { Work = all.Work },
            _ => all with
            {
                Water = format is StraightFormat or LadderFormat or PyramidFormat ? null : all.Water,
                Rounds = format is LadderFormat or PyramidFormat ? null : all.Rounds,
                Work = format is LadderFormat or PyramidFormat ? [] : all.Work,
                Rest = even ? [] : all.Rest,
                Ratio = even ? new RestRatio(2, 1) : null,
                Between = linked ? null : all.Between,
                Pause = linked || format is StraightFormat ? all.After : null,
                EachSide = all.Work.Length == 3 && format is not StraightFormat ? new BlockSides(even) : null,
                Optional = all.Work.Length == 1,
            },
        };
    }

    private static ImmutableArray<Station> Fitting(Station[] stations, BlockSettings settings, BlockFormat format)
    {
        if (format is TalkFormat or ShowFormat or OwnFormat)
            return [];
        var wanted = format is LinkedFormat linked ? (int)linked.Kind + 2 : stations.Length;
        var fitted = Enumerable.Range(0, wanted).Select(i => stations[i % stations.Length]);
        var eachSide = Fitting(settings, format).EachSide is not null;
        return
        [
            .. fitted.Select(s => s with
            {
                Sides = eachSide ? new Sides([SideWay.Both]) : s.Sides,
                Rest = format is FlowFormat or MinuteFormat or AmrapFormat ? null : s.Rest,
                Amount = s.Doing is Stacked ? Timed.OfSeconds(40) : s.Amount,
                Pulses = s.Doing is Stacked ? null : s.Pulses,
                Tempo = format is FlowFormat && s.Amount is Reps && s.Doing is not Stacked ? new TempoPlan(new BeatsTempo(4)) : s.Tempo,
            }),
        ];
    }

    private static readonly Gen<Brief> Briefs = Gen.Select(
        Gen.Select(Gen.Int[5, 90].Nullable(), Gen.Enum<ClassStyle>().Nullable(), Gen.Enum<Facing>().Nullable(), Gen.Enum<Goal>().Nullable(), Gen.Int[1, 1000].Nullable(), Gen.Int[500, 2000].Nullable()),
        Gen.Select(Texts.Null(), Texts.Null(), Texts.Null()),
        Gen.Select(Texts.Array[0, 3], Texts.Array[0, 3], Texts.Array[0, 4], Texts.Array[0, 3], Texts.Array[0, 2]),
        Gen.Enum<Audience>().Array[0, 2],
        Gen.Select(Names.Null(), Texts, Names).Array[0, 3],
        (a, b, c, audience, left) => new Brief(a.Item1, a.Item2, a.Item3, a.Item4, b.Item1, a.Item5, a.Item5 is { } n ? 1 + (n % 10) : null, a.Item6 / 1000m, b.Item2, b.Item3)
        {
            Focus = [.. c.Item1],
            Needs = [.. c.Item2],
            Kit = [.. c.Item3],
            Claims = [.. c.Item4],
            Notes = [.. c.Item5],
            Audience = [.. audience.Distinct()],
            Dismissed = [.. left.Select((l, i) => new Dismissal($"code-{i}", l.Item1, l.Item2, l.Item3))],
        });

    /// <summary>Any plan the notation can say.</summary>
    public static Gen<ClassPlan> Plans { get; } = Gen.Select(
        Gen.Select(Blocks, Names).Array[1, 5],
        Names,
        Gen.Bool,
        Briefs,
        Names.Array[Pool],
        (blocks, title, again, brief, own) => Assembled(blocks, title, again, brief, own));

    private static ClassPlan Assembled((Block Block, string Name)[] blocks, string title, bool again, Brief brief, string[] own)
    {
        var moves = own.Select((name, i) => MoveLibrary.Shipped.Find(name) is null ? $"{name} {(char)('a' + i)}" : $"own {i}").ToArray();
        // A joined block follows one that says no “after”.
        var named = blocks.Select((b, i) => b.Block with
        {
            Name = $"{b.Name}{i}",
            Settings = b.Block.Settings with { Joined = b.Block.Settings.Joined && i > 0 && blocks[i - 1].Block.Settings.After is null },
            Stations = [.. b.Block.Stations.Select(s => Renamed(s, moves))],
        }).ToImmutableArray();
        if (again && named.FirstOrDefault(b => !b.IsWords) is { } first && named.All(b => b.Name != ClassPlan.AgainName(first.Name, 0)))
            named = named.Add(new Block(ClassPlan.AgainName(first.Name, 0), new AgainFormat(first.Name), new BlockSettings(After: Gap.OfSeconds(30))));
        // Some are like another, some in all but something, some have no facts; and some that only stations do nobody has heard of.
        var inOptions = named.SelectMany(b => b.Stations).SelectMany(s => s.Options).Select(o => o.Way).OfType<MoveWay>().Select(w => w.Move).ToHashSet(StringComparer.OrdinalIgnoreCase);
        var known = moves.Where((n, i) => i % 4 != 3 || inOptions.Contains(n)).Select((n, i) => new NewMove(n, i % 2 == 0 ? "squat" : null, i % 4 == 0 ? "kneeling, alternating, kit: chair, mat" : null));
        var plan = new ClassPlan(title, brief) { Blocks = named, NewMoves = [.. known] };
        return plan.WithUsedMoves();
    }

    /// <summary>The station with the class's own moves by their names.</summary>
    private static Station Renamed(Station station, string[] moves)
    {
        string Name(string name) => name.StartsWith('\u0001') ? moves[name[1] - '0'] : name;
        ImmutableArray<Doing> All(ImmutableArray<Doing> parts) => [.. parts.Select(Doing)];
        Doing Doing(Doing doing) => doing switch
        {
            OneMove one => new OneMove(Name(one.Name)),
            Combined combined => new Combined(All(combined.Parts)),
            Together together => new Together(All(together.Parts)),
            Growing growing => new Growing(All(growing.Rounds)),
            Stacked stack => new Stacked(All(stack.Parts)),
            _ => doing,
        };
        return station with
        {
            Doing = Doing(station.Doing),
            Options = [.. station.Options.Select(o => o.Way is MoveWay way ? o with { Way = way with { Move = Name(way.Move) } } : o)],
        };
    }
}
