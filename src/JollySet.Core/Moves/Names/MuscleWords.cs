using System.Collections.Frozen;

namespace JollySet.Core.Moves.Names;

/// <summary>Words for muscles, as names fold them: in a name they say what the move says already (“bench tricep dips”, “doorway pec stretch”), in a search what it works.</summary>
internal static class MuscleWords
{
    private static readonly FrozenDictionary<string, Muscle[]> ByWord = new Dictionary<string, Muscle[]>
    {
        ["bicep"] = [Muscle.Biceps],
        ["tricep"] = [Muscle.Triceps],
        ["glute"] = [Muscle.Glutes],
        ["bum"] = [Muscle.Glutes],
        ["butt"] = [Muscle.Glutes],
        ["hamstring"] = [Muscle.Hamstrings],
        ["quad"] = [Muscle.Quads],
        ["thigh"] = [Muscle.Quads, Muscle.Adductors, Muscle.Hamstrings],
        ["calf"] = [Muscle.Calves],
        ["chest"] = [Muscle.Chest],
        ["pec"] = [Muscle.Chest],
        ["shoulder"] = [Muscle.FrontDelts, Muscle.SideDelts, Muscle.RearDelts],
        ["delt"] = [Muscle.FrontDelts, Muscle.SideDelts, Muscle.RearDelts],
        ["trap"] = [Muscle.UpperBack],
        ["grip"] = [Muscle.Forearms],
        ["back"] = [Muscle.UpperBack, Muscle.Lats, Muscle.LowerBack],
        ["ab"] = [Muscle.Abs],
        ["core"] = [Muscle.Abs, Muscle.Obliques],
        ["oblique"] = [Muscle.Obliques],
        ["waist"] = [Muscle.Obliques],
        ["side ab"] = [Muscle.Obliques],
        ["hip"] = [Muscle.HipFlexors, Muscle.Glutes, Muscle.Abductors, Muscle.Adductors],
        ["inner thigh"] = [Muscle.Adductors],
        ["outer thigh"] = [Muscle.Abductors],
        ["spine"] = [Muscle.LowerBack, Muscle.Obliques, Muscle.Abs],
        ["spinal"] = [Muscle.LowerBack, Muscle.Obliques, Muscle.Abs],
        ["adductor"] = [Muscle.Adductors],
        ["abductor"] = [Muscle.Abductors],
    }.ToFrozenDictionary();

    /// <summary>The muscles that words name; none where they name none.</summary>
    public static IReadOnlyList<Muscle> Of(string phrase) => ByWord.GetValueOrDefault(string.Join(' ', NameWords.Of(phrase)), []);

    /// <summary>Whether that word names a muscle the move works.</summary>
    public static bool IsOf(string word, Move move) => ByWord.TryGetValue(word, out var muscles) && move.Muscles.Any(m => muscles.Contains(m.Muscle));

    /// <summary>Whether that word names a muscle.</summary>
    public static bool Has(string word) => ByWord.ContainsKey(word);
}
