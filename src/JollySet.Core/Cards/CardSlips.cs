using System.Collections.Frozen;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;

namespace JollySet.Core.Cards;

/// <summary>Slips of the pen in the words by which a card says how it runs: “curcuit”, “ronds”, “altenating”. Moves have a reader of their own.</summary>
internal static class CardSlips
{
    private const int LongWord = 9;
    private const int ShortestWord = 5;

    private static readonly string[] Words =
    [
        "round", "rounds", "circuit", "circuits", "second", "seconds", "minute", "minutes", "between", "exercise", "exercises", "station", "stations", "alternate", "alternating",
        "superset", "supersets", "stretch", "stretches", "stretching", "finisher", "repeat", "interval", "intervals", "pyramid", "ladder", "tabata", "warmup", "cooldown", "recovery", "workout", "equipment", "people", "rest", "water", "beginner", "beginners", "dumbbell", "dumbbells", "kettlebell", "kettlebells", "mats", "balance", "strength", "mobility", "conditioning", "cardio", "monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday", "bodyweight", "seniors",
    ];

    /// <summary>Right as they are, though a letter from one of those.</summary>
    private static readonly FrozenSet<string> Others = new[] { "stretchy", "stretched", "stretcher", "repeats", "repeated", "finishes", "finished", "finishers", "rounded", "ladders", "pyramids", "recover", "recovers", "recovered", "recovering", "alternates", "alternated", "exerciser", "exercised", "workouts", "stationed", "seconded", "peoples", "minuted", "tabatas", "warmups", "rounder", "larder", "leader", "supersetted", "alternately", "reset", "resets", "waiter", "later", "wader", "waters", "watery", "mates", "maths", "matte", "mattes", "meats", "moats", "masts", "malts", "mondays", "tuesdays", "wednesdays", "thursdays", "fridays", "saturdays", "sundays", "sundae", "sunny", "balanced", "balances", "strengths", "strengthen", "senior", "seniority", "cardiac", "circuito", "circuiti" }.ToFrozenSet();
    private static readonly FrozenDictionary<string, string> Known = Words.ToFrozenDictionary(w => w);

    /// <summary>Slips too short, or too far from what is meant, to be told by a letter.</summary>
    private static readonly FrozenDictionary<string, string> Often = new[]
    {
        "rest: rset, rets, rst, reste", "work: wrok, wokr, owrk", "minute: minit, minite, mintue, miunte", "minutes: minits, mintues, miuntes", "min: mni", "mins: mns, mnis, mims, minz", "secs: scs, sces, secz, secss", "reps: rps, rpes", "sets: stes, sest, setz", "emom: emmo, eomm, emon, emomm, eomom", "amrap: amrp, arap, ampra, armap, amrpa, amarp", "rounds: ronuds, ruonds, rouns", "mats: mtas", "upper: uper, uppr, uppper", "lower: lowr, lwoer, loewr", "down: dwon, dwn, doen, donw", "body: boddy, bdoy", "hiit: hitt, hiitt",
        "dumbbells: dumbels, dumbells", "kettlebell: kettelbell", "kettlebells: kettelbells", "side: sdie, sied", "sides: sdies, sieds", "each: eahc, ecah", "with: wiht, wtih", "odd: od", "even: evn, eevn, evne", "then: hten, tehn", "and: adn, nad", "over: oevr", "finish: finsh, fnish, finsih", "stretches: stretchs, strecthes", "warmup: warmpu, wramup, warmuup", "after: aftre, afer", "between: betwen, beetwen, bewteen", "station: staton, statoin", "stations: statons, statoins, sations", "change: chnage, cahnge, chagne", "around: arond, aruond", "dumbbell: dumbel, dumbell", "chair: chiar", "chairs: chiars", "bands: bnads",
    }.Select(row => row.Split(": ")).SelectMany(row => row[1].Split(", ").Select(slip => (slip, meant: row[0]))).ToFrozenDictionary(s => s.slip, s => s.meant);

    /// <summary>The words with those slips put right; a word that a move may be called by is left alone.</summary>
    /// <param name="isName">Whether a word stands in the name of a move.</param>
    public static string Put(string text, Func<string, bool> isName) => Word.Replace(text, m => Meant(m.Value, isName) is { } meant ? m.Value.All(char.IsUpper) ? meant.ToUpperInvariant() : char.IsUpper(m.Value[0]) ? char.ToUpperInvariant(meant[0]) + meant[1..] : meant : m.Value);

    private static string? Meant(string written, Func<string, bool> isName)
    {
        var word = written.ToLowerInvariant();
        if (Often.TryGetValue(word, out var meant) && !isName(word))
            return meant;
        if (word.Length < ShortestWord)
            return null;
        if (Known.ContainsKey(word) || Others.Contains(word) || isName(word))
            return null;
        var most = word.Length >= LongWord ? 2 : 1;
        var near = Array.FindAll(Words, w => w[0] == word[0] && Math.Abs(w.Length - word.Length) <= most && NearestName.Edits(word, w, most) <= most);
        // “Exersises” is near the one and the many: the nearer of them is meant.
        return near.Length == 0 ? null : near.MinBy(w => (NearestName.Edits(word, w, most), Math.Abs(w.Length - word.Length)));
    }

    private static CardPattern Word => field ??= new(@"(?<![\p{L}\d'/-])[A-Za-z]{3,12}(?![\p{L}\d'/-])|(?<=\d)m(?:ns|ni|nis|ims|inz)\b", RegexOptions.IgnoreCase);
}
