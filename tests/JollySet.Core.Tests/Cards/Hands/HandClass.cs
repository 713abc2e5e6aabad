using System.Globalization;

namespace JollySet.Core.Tests.Cards.Hands;

/// <summary>A class written in a hand, and the sheet that it means.</summary>
internal sealed class HandClass
{
    private static readonly string[] Moves = ["goblet squat", "push-up", "bent-over row", "glute bridge", "mountain climbers", "shoulder press", "Romanian deadlift", "bicep curl", "high knees", "jumping jacks", "kettlebell swing", "burpees", "front raise", "russian twist", "squat jumps", "bear crawl", "dead bug", "chest press", "hammer curl", "tricep dips", "good mornings", "sumo squat", "thruster", "bicycle crunch", "upright row", "floor press", "superman", "skater hops"];
    private static readonly string[] Sided = ["single-arm row", "split squat", "single-leg deadlift", "Pallof press", "half-kneeling press", "clamshell"];
    private static readonly string[] Easy = ["marching", "arm circles", "hip circles", "cat cow", "leg swings", "inchworm", "side steps", "air squats"];
    private static readonly string[] Stretches = ["quad stretch", "hamstring stretch", "chest stretch", "child's pose", "calf stretch", "hip flexor stretch"];
    private static readonly string[] Titles = ["full body", "Monday strength", "legs & glutes", "upper body", "lunchtime class", "total body conditioning", "core and more", "Saturday circuits"];
    private readonly Hand hand;
    private readonly Random random;
    private readonly Queue<string> moves;
    private readonly List<string> card = [];
    private readonly List<string> sheet = [];
    private readonly bool hasGaps;

    private HandClass(Hand hand, Random random, IReadOnlyList<Action<HandClass>> parts)
    {
        (this.hand, this.random, hasGaps) = (hand, random, random.Next(2) == 0);
        moves = new Queue<string>(Shuffled(Moves));
        Head();
        foreach (var part in parts)
        {
            if (hasGaps)
                card.Add("");
            part(this);
        }
    }

    public string Card => string.Join('\n', card);

    /// <summary>What it means, in our notation.</summary>
    public string Sheet => string.Join('\n', sheet);

    /// <summary>Some kinds of block, by chance.</summary>
    public static HandClass Any(int seed)
    {
        var random = new Random(seed);
        Action<HandClass>[] kinds = [c => c.Timed(), c => c.Timed(), c => c.Timed(), c => c.Counted(), c => c.Straight(), c => c.Pair(), c => c.Minute(), c => c.Most(), c => c.Ladder()];
        var parts = Enumerable.Range(0, random.Next(1, 4)).Select(_ => kinds[random.Next(kinds.Length)]).ToList();
        if (random.Next(2) == 0)
            parts.Insert(0, c => c.WarmUp());
        if (random.Next(2) == 0)
            parts.Add(c => c.CoolDown());
        return new HandClass(Hand.Any(random), random, parts);
    }

    /// <summary>One of each kind of block.</summary>
    public static HandClass Whole(Hand hand) => new(hand, new Random(1), [c => c.WarmUp(), c => c.Timed(), c => c.Counted(), c => c.Straight(), c => c.Pair(), c => c.Minute(), c => c.Most(), c => c.Ladder(), c => c.CoolDown()]);

    private List<string> Shuffled(IEnumerable<string> of) => [.. of.OrderBy(_ => random.Next())];

    private List<string> Take(int many) => [.. Enumerable.Range(0, many).Select(_ => moves.Dequeue())];

    private int Of(params ReadOnlySpan<int> of) => of[random.Next(of.Length)];

    private void Head()
    {
        var title = Titles[random.Next(Titles.Length)];
        var (minutes, people) = (Of(20, 30, 40, 45, 60), Of(8, 12, 16));
        card.Add(string.Join(hand["joined"], hand.Cased(title), hand.Said("minutes", minutes), hand.Said("people", people)));
        card.Add(hand["need"]);
        card.Add(hand["kit"]);
        sheet.AddRange(["# Card", $"minutes: {minutes}", $"people: {people}", "needs: knees", "kit: dumbbells, mat"]);
    }

    private void Block(string settings, IEnumerable<string> stations) => sheet.AddRange([$"== {(char)('A' + sheet.Count(l => l.StartsWith("==", StringComparison.Ordinal)))} ({settings})", .. stations]);

    /// <summary>Lines by a pattern: H is the head, L a list on the line, T lines of a move and its time, | a new line.</summary>
    private void ByTimes(string pattern, string head, List<string> names)
    {
        foreach (var part in pattern.Split('|'))
            if (part == "L")
                card.AddRange(hand.List(names.ConvertAll(hand.Cased)));
            else if (part == "T")
                card.AddRange(hand.List(names.ConvertAll(n => $"{hand.Cased(n)} {hand.Time(30)}")));
            else
                card.Add(part.Replace("#", hand.Time(30), StringComparison.Ordinal).Replace("L", string.Join(", ", names), StringComparison.Ordinal).Replace("H", hand.Cased(head), StringComparison.Ordinal));
    }

    private void WarmUp()
    {
        var names = Shuffled(Easy)[..4];
        ByTimes(hand["warming"], hand["warm"], names);
        Block(hand["warming"].EndsWith('T') ? "prepare" : "prepare, work 30", names.ConvertAll(n => hand["warming"].EndsWith('T') ? $"{n} 30s" : n));
    }

    private void CoolDown()
    {
        var names = Shuffled(Stretches)[..3];
        ByTimes(hand["cooling"], hand["cool"], names);
        Block(hand["cooling"].EndsWith('T') ? "release" : "release, work 30", names.ConvertAll(n => hand["cooling"].EndsWith('T') ? $"{n} 30s" : n));
    }

    private string NextName()
    {
        var number = 1 + sheet.Count(l => l.StartsWith("==", StringComparison.Ordinal));
        return hand.Cased(hand["block"].Replace("0", $"{number}", StringComparison.Ordinal));
    }

    /// <summary>Stations for a time, with loads and another way here and there.</summary>
    private void Timed()
    {
        var (work, rest, rounds, between) = (Of(30, 40, 45, 50), Of(10, 15, 20), Of(2, 3, 4), Of(60, 90));
        var names = Take(5);
        var (load, isListed) = (hand["load"], hand["listed"].Length > 0);
        var weighed = load.Contains("heavy", StringComparison.Ordinal) ? "heavy" : load.Contains("light", StringComparison.Ordinal) ? "light" : load.Contains('m', StringComparison.Ordinal) ? "moderate" : load.Contains("12k", StringComparison.Ordinal) && load.Contains('2', StringComparison.Ordinal) && load.Contains('x', StringComparison.Ordinal) ? "2x12kg" : "12kg";
        var way = isListed ? "" : " " + hand["way"].Replace("W", "knee push-up", StringComparison.Ordinal);
        string Written(string name) => hand.Cased(name) + (name == names[1] ? " " + load : name == "push-up" ? way : "");
        List<string> how = [hand.Said("rounds", rounds), hand.Work(work, rest)];
        if (random.Next(2) == 0)
            how.Reverse();
        var name = NextName();
        List<string> list = [.. hand.List(names.ConvertAll(Written))];
        var gap = hand.Gap("between", between);
        card.AddRange(random.Next(4) switch
        {
            0 => [name, .. list, .. how, gap],
            1 => [name, string.Join(", ", how), .. list, gap],
            2 => [name + hand.Behind([.. how, gap]), .. list],
            _ => [name + hand.Behind(how), .. list, gap],
        });
        Block($"circuit, {rounds} rounds, work {work}, rest {rest}, between {between}", names.ConvertAll(n => n == names[1] ? $"{n} [{weighed}]" : n == "push-up" && !isListed ? $"{n} | {(Or(hand["way"]) ? "or" : "easier")}: knee push-up" : n));
    }

    private static bool Or(string way) => way.Contains("or W", StringComparison.Ordinal) || way.Contains("alt", StringComparison.Ordinal);

    private void Counted()
    {
        var (rounds, between, counts) = (Of(3, 4), 60, (List<int>)[Of(8, 10, 12, 15), Of(8, 10, 12, 15), Of(8, 10, 12, 15), 10]);
        List<string> names = [.. Take(3), Shuffled(Sided)[0]];
        card.Add(NextName() + hand.Behind(hand.Said("rounds", rounds)));
        card.AddRange(hand.List([.. names.Select((n, i) => hand.Reps(hand.Cased(n), counts[i]) + (i == 3 ? " " + hand["side"] : ""))]));
        card.Add(hand.Gap("between", between));
        Block($"circuit, {rounds} rounds, between {between}", names.Select((n, i) => $"{n} x{counts[i]}{(i == 3 ? ", each side" : "")}"));
    }

    private void Straight()
    {
        var (sets, reps, names) = (Of(3, 4), Of(8, 10, 12), Take(3));
        card.Add(NextName() + hand.Behind(hand.Gap("rest", 90)));
        // Sets joined by + are done back to back.
        List<string> written = names.ConvertAll(n => hand.Sets(hand.Cased(n), sets, reps));
        card.AddRange(hand["listed"] == " + " ? written : hand.List(written));
        Block($"straight, {sets} rounds, rest 90", names.ConvertAll(n => $"{n} x{reps}"));
    }

    private void Pair()
    {
        var (rounds, reps, names) = (Of(3, 4), Of(8, 10, 12), Take(2));
        foreach (var part in hand["pair"].Split('|'))
            card.Add(string.Concat(part.Select(c => c switch
            {
                'P' => hand.Reps(hand.Cased(names[0]), reps),
                'Q' => hand.Reps(hand.Cased(names[1]), reps),
                'p' when part.Length < 7 => hand.Sets(hand.Cased(names[0]), rounds, reps),
                'q' when part.Length < 7 => hand.Sets(hand.Cased(names[1]), rounds, reps),
                'R' => hand.Said("rounds", rounds).Trim('(', ')'),
                '#' => rounds.ToString(CultureInfo.InvariantCulture),
                _ => c.ToString(),
            })));
        card.Add(hand.Gap("rest", 60));
        Block($"superset, {rounds} rounds, rest 60", names.ConvertAll(n => $"{n} x{reps}"));
    }

    private void Minute()
    {
        var (minutes, names) = (Of(8, 10, 12), Take(2));
        card.Add(hand.Said("minute", minutes));
        if (hand["slots"] == "P|Q")
            card.AddRange(hand.List([hand.Reps(hand.Cased(names[0]), 12), hand.Reps(hand.Cased(names[1]), 10)]));
        else
            card.AddRange(hand["slots"].Split('|').Select((s, i) => s[..^1] + hand.Reps(names[i], i == 0 ? 12 : 10)));
        Block($"minute, {minutes / 2} rounds", [$"{names[0]} x12", $"{names[1]} x10"]);
    }

    private void Most()
    {
        var (minutes, names, reps) = (Of(6, 8, 10), Take(3), (List<int>)[Of(5, 10, 15), Of(5, 10, 15), Of(5, 10, 15)]);
        card.Add(hand.Said("most", minutes));
        card.AddRange(hand.List([.. names.Select((n, i) => hand.Reps(hand.Cased(n), reps[i]))]));
        Block($"amrap {minutes * 60}s", names.Select((n, i) => $"{n} x{reps[i]}"));
    }

    private void Ladder()
    {
        var names = Take(3);
        card.Add(hand["ladder"].Replace("D", hand["down"], StringComparison.Ordinal));
        card.AddRange(hand.List(names.ConvertAll(hand.Cased)));
        Block("ladder 10..1", names);
    }
}
