using System.Buffers;
using System.Collections.Frozen;
using System.Collections.Immutable;

namespace JollySet.Core.Moves;

/// <summary>What people call kit, needs, people, goals and regions, and what it stands for. Words nobody here knows give nothing, and are asked or kept by whoever asked.</summary>
public static class BriefWords
{
    private static readonly FrozenDictionary<string, string> Kits = Table(
        "dumbbells: db, dbs, dumbbell, dumbell, dumbells, weights, hand weights, kurzhanteln, kurzhantel, haltères, mancuernas, manubri, small weights, little weights, small dumbbells, free weights, pair of dumbbells",
        "kettlebell: kb, kbs, kettlebells, kettle bell, kettle bells, bell, bells",
        "barbell: bb, bar bell, barbells",
        "band: bands, bänder, élastique, élastiques, banda, bandas, elastico, elastici, resistance band, resistance bands, long band, loop band, loop bands, mini band, mini bands, tubes, tube",
        "mat: mats, matte, matten, tapis, esterilla, esterillas, tappetino, tappetini, yoga mat, yoga mats, exercise mat, exercise mats, gym mat, gym mats",
        "step: steps, stepper, box, boxes, aerobic step, bottom stair",
        "chair: chairs, stuhl, stühle, chaise, chaises, silla, sillas, sedia, sedie, stool, stools",
        "bench: benches",
        "ball: balls, medicine ball, med ball, medicine balls, soft ball, soft balls, small ball, small balls, squeezy ball, squeezy balls",
        "stability ball: fitball, fitballs, fit ball, fit balls, stability balls, swiss ball, swiss balls, gym ball, gym balls, exercise ball, exercise balls, big ball",
        "towel: towels",
        "slider: sliders, gliders, glider, sliding discs",
        "straps: suspension straps, suspension trainer, suspension trainers, suspension",
        "skipping rope: skipping ropes, jump rope, jump ropes",
        "roller: foam roller, foam rollers, rollers",
        "pad: balance pad, balance pads, pads, foam pad",
        "heel wedge: heel wedges",
        "plate: plates, weight plate",
        "bar: pull-up bar, pull up bar",
        "wall: walls",
        "rucksack: backpack, rucksacks, bag",
        "sandbag: sandbags, sand bag, sand bags",
        "battle ropes: battle rope, battling ropes, battling rope",
        "sled: sleds, push sled, weight sled",
        "tyre: tyres, tire, tires, tractor tyre, tractor tire",
        "rower: rowers, rowing machine, rowing machines, row machine, row machines",
        "bike: bikes, exercise bike, exercise bikes, spin bike, spin bikes, air bike, air bikes, stationary bike, stationary bikes",
        "treadmill: treadmills",
        "machine: machines, weight machine, weight machines",
        "cable: cables, cable machine, cable machines, pulley, pulleys",
        "broom: broomstick, broom stick, pole, stick, dowel");

    private static readonly FrozenDictionary<string, string> NeedWords = Table(
        "knees: knee, bad knees, sore knees, bad knee, sore knee, dodgy knees, dodgy knee, knee pain, knee issues, knee injury, no kneeling, avoid kneeling, knee-friendly, knee friendly, can't kneel, cannot kneel, can't kneel down, can't do anything kneeling, cannot do anything kneeling, new knee, new knees",
        "wrists: wrist, sore wrists, bad wrists, sore wrist, bad wrist, dodgy wrists, wrist pain, bad hand, sore hands, bad hands, bad finger, bad thumb, arthritic hands",
        "shoulders: shoulder, shoulder friendly, sore shoulders, bad shoulders, bad shoulder, sore shoulder, dodgy shoulder, frozen shoulder, can't reach overhead, can't lift arms, no overhead, nothing overhead",
        "low back: back, backs, bad back, sore back, bad backs, lower back, back pain, dodgy back, sore backs, slipped disc, slipped disk, sciatica",
        "neck: necks, sore neck, bad necks, bad neck, stiff neck, neck pain",
        "hips: hip, bad hips, sore hips, bad hip, sore hip, hip replacement, stiff hips, new hip, new hips",
        "ankles: ankle, bad ankle, bad ankles, sore ankle, sore ankles, dodgy ankle, weak ankles, sprained ankle, ankle injury, ankle pain",
        "elbows: elbow, bad elbow, bad elbows, sore elbow, sore elbows, dodgy elbow, elbow pain, tennis elbow",
        "pelvic floor: pelvic-floor, pelvic floors, weak pelvic floor, weak pelvic floors, pelvic floor issues, pelvic floor problems, prolapse",
        "balance: poor balance, balance issues, bad balance, unsteady, wobbly, balance problems, balance trouble",
        "no floor: can't get down, cannot get down, no floor work, no floorwork, can't get on the floor, cannot get to the floor, not on the floor, nothing on the floor, nobody on the floor, no one on the floor, nothing lying down, no lying down, stay standing, standing only, can't get up, cannot get up, can't get back up, struggles to get up",
        "no jumping: no jump, no jumps, avoid jumping, avoid jumps, avoid impact, no impact, low impact, low-impact, no hopping, no high impact, joint friendly, nothing jumpy, nothing bouncy, nothing too jumpy, not too jumpy, not jumpy, can't jump, cannot jump, must not jump",
        "seated: all seated, everyone seated, chair, chair based, chair-based, in a chair, sitting, chair class, wheelchair, wheelchairs",
        "no kit: no equipment, bodyweight only, body weight only, no weights, equipment free",
        "small space: little space, tight space, no space, small room",
        "quiet: no noise, apartment friendly, apartment-friendly, neighbour friendly, downstairs neighbours, quiet class",
        "pregnancy: pregnant, expecting, antenatal, ante-natal, ante natal, prenatal, pre-natal, pre natal",
        "postnatal: after birth, post natal, post-natal, new mums, new mothers",
        "blood pressure: high blood pressure, hypertension, high bp",
        "osteoporosis: fragile bones, brittle bones",
        "heart: heart condition, heart trouble",
        "dizziness: dizzy, vertigo");

    private static readonly FrozenDictionary<string, string> People = Table(
        "first-timers: first timers, first time, never done it, brand new",
        "newcomer: beginner, beginners, newcomers, newbies, newbie, new, novice, novices, beginner level",
        "regular: regulars, intermediate, intermediates, improvers, regular level",
        "strong: advanced, strong ones, experienced, fit",
        "older adults: older adult, over-sixties, over sixties, over 60s, over-60s, 60+, 65+, 70+, 75+, 80+, over 55, over 55s, over-55s, over 75, over 75s, over-75s, over 80s, over-80s, over 70, over 70s, over-70s, over seventies, over-seventies, 50+, 55+, over 60, over 65, over 65s, seniors, senior, over 50s, over-50s, over fifties, older people, silver",
        "newcomer, regular: mixed, mixed level, mixed levels, mixed ability, mixed abilities, all levels, any level, everyone");

    private static readonly FrozenDictionary<string, string> Goals = Table(
        "strength: strength day, strong, stronger, heavy day",
        "muscle: hypertrophy, muscle building, muscles, muscle mass, tone, toning",
        "strength endurance: endurance, conditioning, strength-endurance, muscular endurance, stamina",
        "power: explosive, explosive power, power day, speed, powerful",
        "mobility: flexibility, more mobile, mobile, stretch and move, mobilise");

    private static readonly FrozenDictionary<string, string> Focuses = Table(
        "full body: fb, full, whole body, total body, all over, ganzkörper, corps entier, tout le corps, cuerpo completo, full-body, fullbody, whole-body",
        "upper: ub, oberkörper, haut du corps, tren superior, upper body, upper-body, top half, upper half",
        "lower: lb, unterkörper, bas du corps, tren inferior, lower body, lower-body, bottom half, lower half",
        "legs: leg, leg day",
        "core: trunk, middle, midsection",
        "abs: tums, tummy, tummies, stomach, abdominals",
        "glutes: bum, bums, butt, booty, glute, buns",
        "glutes, abs: bums and tums, bums & tums, bums n tums, bum and tum, bums + tums, tums and bums",
        "glutes, abs, legs: lbt, legs bums and tums, legs bums & tums, legs bums n tums, legs bums tums, legs, bums & tums, bauch beine po, bauch, beine, po",
        "push, pull: push pull, push & pull, push and pull, push + pull, push/pull", "back:", "chest:", "shoulders:", "arms: arm, arm day", "biceps:", "triceps:", "hamstrings: hams, hammies", "quads: thighs", "calves:", "push:", "pull:");

    /// <summary>The kit list's word; null where nobody knows it.</summary>
    public static string? Kit(string words) => Found(Kits, words);

    /// <summary>The need that is meant; null where nobody knows it.</summary>
    public static string? Need(string words) => Found(NeedWords, words);

    private static readonly SearchValues<string> NeedSigns = SearchValues.Create([.. NeedWords.Keys], StringComparison.OrdinalIgnoreCase);

    /// <summary>Whether a text has words somewhere that stand for a need: a quick look before a slow one.</summary>
    public static bool MayTellNeed(ReadOnlySpan<char> text) => text.ContainsAny(NeedSigns);

    /// <summary>Who comes; empty where nobody knows the words.</summary>
    public static ImmutableArray<string> Audience(string words) => Several(People, words);

    /// <summary>What the class is for; null where nobody knows the words.</summary>
    public static string? Goal(string words)
    {
        if (Found(Goals, words) is { } goal)
            return goal;
        foreach (var verb in ToReach)
            if (words.StartsWith(verb, StringComparison.OrdinalIgnoreCase))
                return Found(Goals, words[verb.Length..]);
        return null;
    }

    // “Build strength”, “get stronger”: the goal and what one does to reach it.
    private static readonly string[] ToReach = [.. from to in new[] { "", "to " } from verb in new[] { "build", "building", "get", "getting", "be", "become", "gain", "increase", "increasing", "improve", "improving", "develop", "developing", "work on", "more", "better" } select $"{to}{verb} "];

    /// <summary>Regions or muscles; empty where nobody knows the words.</summary>
    public static ImmutableArray<string> Focus(string words) => Several(Focuses, words);

    private static ImmutableArray<string> Several(FrozenDictionary<string, string> table, string words) => Found(table, words) is { } found ? [.. found.Split(", ")] : [];

    private static string? Found(FrozenDictionary<string, string> table, string words)
    {
        // Asked of every few words of a card: nothing is copied for it.
        var known = table.GetAlternateLookup<ReadOnlySpan<char>>();
        var key = words.AsSpan().Trim().TrimEnd(".!:").Trim();
        if (known.TryGetValue(key, out var found))
            return found;
        if (key.EndsWith(Only, StringComparison.OrdinalIgnoreCase))
            key = key[..^Only.Length];
        if (known.TryGetValue(key, out found))
            return found;
        foreach (var article in Articles)
            if (key.StartsWith(article, StringComparison.OrdinalIgnoreCase))
                return known.TryGetValue(key[article.Length..], out found) ? found : null;
        return null;
    }

    private static readonly ImmutableArray<string> Articles = ["a ", "some ", "just "];
    private const string Only = " only";

    private static FrozenDictionary<string, string> Table(params string[] lines)
    {
        var table = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase);
        foreach (var line in lines)
        {
            var colon = line.IndexOf(':', StringComparison.Ordinal);
            var said = line[..colon];
            table.TryAdd(said, said);
            foreach (var way in line[(colon + 1)..].Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))
                table.TryAdd(way, said);
        }

        return table.ToFrozenDictionary(StringComparer.OrdinalIgnoreCase);
    }
}
