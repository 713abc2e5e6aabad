using System.Text.Json.Serialization.Metadata;
using JollySet.Core.Plans;

namespace JollySet.Core.Keeping;

/// <summary>The word by which each kind of a plan's parts is kept. The words are for ever; the types may be renamed.</summary>
internal static class StoredKinds
{
    private static readonly (Type Base, (Type Kind, string Word)[] Kinds)[] All =
    [
        (typeof(Amount), [(typeof(Reps), "reps"), (typeof(Timed), "timed")]),
        (typeof(Doing),
        [
            (typeof(OneMove), "move"), (typeof(ToBeChosen), "any"), (typeof(Combined), "combined"),
            (typeof(Together), "together"), (typeof(Growing), "growing"), (typeof(Stacked), "stack"),
        ]),
        (typeof(Tempo), [(typeof(PhaseTempo), "phases"), (typeof(SecondsTempo), "seconds"), (typeof(SlowTempo), "slow"), (typeof(BeatsTempo), "beats")]),
        (typeof(Way), [(typeof(MoveWay), "move"), (typeof(AdjustedWay), "adjusted"), (typeof(WordsWay), "words")]),
        (typeof(BlockFormat),
        [
            (typeof(TalkFormat), "talk"), (typeof(ShowFormat), "show"), (typeof(OwnFormat), "own"), (typeof(PrepareFormat), "prepare"),
            (typeof(ReleaseFormat), "release"), (typeof(CircuitFormat), "circuit"), (typeof(LinkedFormat), "linked"), (typeof(StraightFormat), "straight"),
            (typeof(LadderFormat), "ladder"), (typeof(PyramidFormat), "pyramid"), (typeof(MinuteFormat), "minute"), (typeof(AmrapFormat), "amrap"),
            (typeof(FlowFormat), "flow"), (typeof(AgainFormat), "again"),
        ]),
    ];

    /// <summary>Knows every kind by its word.</summary>
    public static IJsonTypeInfoResolver Resolver { get; } = new DefaultJsonTypeInfoResolver { Modifiers = { Name } };

    private static void Name(JsonTypeInfo info)
    {
        foreach (var (parent, kinds) in All)
        {
            if (info.Type != parent)
                continue;
            info.PolymorphismOptions = new JsonPolymorphismOptions { TypeDiscriminatorPropertyName = "is" };
            foreach (var (kind, word) in kinds)
                info.PolymorphismOptions.DerivedTypes.Add(new JsonDerivedType(kind, word));
        }
    }
}
