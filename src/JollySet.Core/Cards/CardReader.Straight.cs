using System.Globalization;
using System.Text.RegularExpressions;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Sets of one move after another: what is said under a move is that move's, and each group with its own sets and rest is a block.</content>
public sealed partial class CardReader
{
    /// <summary>No station of moves is as long, seconds.</summary>
    private const int LongWay = 120;

    /// <summary>“3 sets of 8 each leg”, alone under a move that stands at the head of its paragraph: it is that move's.</summary>
    private bool TakesUnder(CardWords line, CardScan scan)
    {
        var at = words.IndexOf(line);
        if (at < 1 || Current is not { Part: CardPart.Main, IsSuperset: false, Letter: null, Stations.Count: > 0 } block || scan.Amount is null)
            return false;
        var station = block.Stations[^1];
        if (station.Line != words[at - 1].Number || station.Sets is not null || station.Amount is not null)
            return false;
        if (at >= 2 && words[at - 2] is { Text.Length: > 0 } before && read.GetValueOrDefault(before.Number)?.Kind == CardLineKind.Station)
            return false;
        station.Take(scan);
        station.Sides ??= scan.Sides;
        Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"{station.Name}: {scan.Sets} sets of {scan.Amount.TrimStart('x').Replace("..", " to ", StringComparison.Ordinal)}"));
        return true;
    }

    /// <summary>Blocks without a name of their own are A, B, C in their order.</summary>
    private void Letters()
    {
        var taken = blocks.Where(b => b.Letter is not null || !b.IsUnnamed).Select(b => b.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        var free = Enumerable.Range('A', 26).Select(c => ((char)c).ToString()).Where(n => !taken.Contains(n)).GetEnumerator();
        foreach (var block in blocks.Where(b => b.Letter is null && b.IsUnnamed))
            if (free.MoveNext())
                block.Name = free.Current;
    }

    /// <summary>Parts blocks of sets where sets or rests differ from one move to the next.</summary>
    private void Split()
    {
        for (var at = 0; at < blocks.Count && blocks.Count < Plans.Limits.Blocks; at++)
        {
            var block = blocks[at];
            if (!block.IsStraight || block.Stations.Count < 2 || block.Part != CardPart.Main)
                continue;
            var first = block.Stations[0];
            // A rest said under the last alone holds for all of them.
            var rests = block.Stations.ConvertAll(s => s.Rest);
            var differs = rests.Exists(r => r is not null) && rests.Take(rests.Count - 1).Any(r => r is not null);
            if (!differs && block.Stations[^1] is { Rest: not null } last)
                foreach (var station in block.Stations)
                    (station.Rest, station.RestHigh) = (last.Rest, last.RestHigh);
            var from = block.Stations.FindIndex(s => s.Sets != first.Sets || (differs && (s.Rest, s.RestHigh) != (first.Rest, first.RestHigh)));
            if (from < 1)
                continue;
            var rest = new CardBlock(block.Stations[from].Line, FreeName(block.IsUnnamed || block.Stations[from].Line != block.Line && block.Stations[0].Line == block.Line ? "A" : block.Name), CardPart.Main) { RoundsLow = block.Stations[from].Sets, Rest = differs ? null : block.Rest, RestHigh = differs ? null : block.RestHigh, Between = block.Between, After = block.After, Water = block.Water };
            rest.Stations.AddRange(block.Stations.Skip(from));
            block.Stations.RemoveRange(from, block.Stations.Count - from);
            (block.After, block.Water) = (null, false);
            blocks.Insert(at + 1, rest);
            Letters();
        }
    }

    /// <summary>“Main section (30 minutes)” right above its first part: a heading over them, kept in words.</summary>
    private void OverParts()
    {
        for (var at = blocks.Count - 2; at >= 0; at--)
        {
            var (over, part) = (blocks[at], blocks[at + 1]);
            // “METCON” right above how it runs: its name.
            if (over is { Part: CardPart.Main, Length: null, HasSettings: false, Stations.Count: 0, IsTalk: false, ForAll: null, After: null, Rest: null } && part.Part == CardPart.Main && part.Line != over.Line && BlockWord.Match(over.Name) is { Success: true } word && word.Length == over.Name.Length && words.Find(w => w.Number > over.Line && w.Text.Length > 0)?.Number == part.Line)
            {
                blocks.RemoveAt(at);
                settings.Remove(over.Line);
                part.Notes.InsertRange(0, over.Notes);
                if (part.IsUnnamed || part.Name.StartsWith("AMRAP", StringComparison.OrdinalIgnoreCase))
                    part.Name = over.Name;
                else if (at == 0 && head.Title.Length == 0 && words.Find(w => w.Text.Length > 0)?.Number == over.Line && TakesTitle(LineAt(over.Line)))
                    continue;
                else
                    part.Notes.Insert(0, LineAt(over.Line).Text);
                Say(LineAt(over.Line), CardLineKind.Head, "over the lines below");
                continue;
            }

            if (over is not { Part: CardPart.Main, Length: not null, Stations.Count: 0, IsTalk: false } || (over.HasSettings && !SaysParts.IsMatch(LineAt(over.Line).Text)) || part.Part != CardPart.Main || !OverOthers.IsMatch(over.Name) || words.Find(w => w.Number > over.Line && w.Text.Length > 0)?.Number != part.Line)
                continue;
            blocks.RemoveAt(at);
            settings.Remove(over.Line);
            part.Notes.Insert(0, LineAt(over.Line).Text);
            Say(LineAt(over.Line), CardLineKind.Head, "over the parts below");
        }
    }

    /// <summary>“Walk to the trees (2 mins)” at the end of counted or short moves: a time of its own.</summary>
    private void Ways()
    {
        for (var at = blocks.Count - 1; at >= 0 && blocks.Count < Plans.Limits.Blocks; at--)
        {
            var block = blocks[at];
            // “Breathing 3 min” below “warm up 5 min”: a part of its own.
            var isAlone = block is { Part: not CardPart.Main, Length: not null, RoundsLow: null, Stations.Count: 1 };
            if ((!isAlone && (block.Part != CardPart.Main || block.IsLinked || block.Stations.Count < 3)) || block.Stations[^1] is not { Move: null, Sets: null, Amount: { } amount } last || last.Line == block.Line || last.Options.Count > 0 || SecondsOf(amount) < LongWay || block.Stations.SkipLast(1).Any(s => s.Move is not null && SecondsOf(s.Amount) >= LongWay))
                continue;
            block.Stations.RemoveAt(block.Stations.Count - 1);
            var own = new CardBlock(last.Line, FreeName(last.Name), CardPart.Main) { Length = SecondsOf(amount) };
            own.Notes.AddRange(last.Notes);
            questions.RemoveAll(q => q.Line == last.Line);
            blocks.Insert(at + 1, own);
            // Another may stand before it: “pelvic floor 3 min”, “talk 5 min”.
            at++;
        }
    }

    /// <summary>“Finish: child's pose, hamstring stretch”: a last block of nothing but stretches is the cool-down.</summary>
    private void StretchedAtTheEnd()
    {
        if (blocks is not [.., { Part: CardPart.Main, HasSettings: false, Letter: null, IsSuperset: false, ForAll: null, Stations.Count: > 1 } last] || blocks.Count < 2 || !last.Stations.TrueForAll(s => s is { Move.Pattern: Moves.Pattern.Stretch or Moves.Pattern.Mobility, Sets: null }))
            return;
        var stretches = new CardBlock(last.Line, last.Name, CardPart.CoolDown) { Length = last.Length, Begun = last.Begun, IsNamed = last.IsNamed };
        stretches.Stations.AddRange(last.Stations);
        stretches.Notes.AddRange(last.Notes);
        blocks[^1] = stretches;
        foreach (var line in settings.Where(s => s.Value == last).Select(s => s.Key).ToList())
            settings[line] = stretches;
    }

    private static int SecondsOf(string? amount) => amount is { Length: > 1 } && amount[^1] == 's' && int.TryParse(amount.AsSpan(0, amount.Length - 1), NumberStyles.None, CultureInfo.InvariantCulture, out var s) ? s : 0;

    /// <summary>“40 on 20 off”, then “warm up 2 min”, then more moves than that holds: they are what the first line is about.</summary>
    private void HeldOver()
    {
        for (var at = 0; at + 1 < blocks.Count; at++)
        {
            var (held, warmUp) = (blocks[at], blocks[at + 1]);
            if (held is not { Part: CardPart.Main, Work: { } work, Stations.Count: 0 } || warmUp is not { Part: CardPart.WarmUp, Length: { } length, HasSettings: false } || warmUp.Stations.FindIndex(s => s.Line != warmUp.Line) is not (>= 0 and var from) || (warmUp.Stations.Count - from) * work <= length)
                continue;
            held.Stations.AddRange(warmUp.Stations.Skip(from));
            warmUp.Stations.RemoveRange(from, warmUp.Stations.Count - from);
            (blocks[at], blocks[at + 1]) = (warmUp, held);
        }
    }

    /// <summary>“Warm up 5 min” above a class that has no other block: what is counted below it is the class.</summary>
    private void NoMain()
    {
        // Where there is another, rounds and a rest below counted moves say that those are no warm-up either.
        bool IsClass(CardBlock b) => b is { RoundsLow: > 1, Length: not null } && (b.Between ?? b.Rest) >= LongRest && b.Stations.TrueForAll(s => s.Line == b.Line || s.Amount is ['x', ..]);
        if ((blocks.Exists(b => b is { Part: CardPart.Main, IsOwnTime: false }) && !blocks.Exists(b => b.Part == CardPart.WarmUp && IsClass(b))) || blocks.Find(b => b is { Part: CardPart.WarmUp } && (b.Length is not null || (b.Stations.Count > 1 && b.Stations.TrueForAll(s => s.Sets > 1 && s.Line != b.Line)))) is not { } warmUp || blocks.Count >= Plans.Limits.Blocks)
            return;
        var from = warmUp.Stations.FindIndex(s => s.Line != warmUp.Line);
        if (from < 0 || (from < 2 && !warmUp.Stations.Skip(from).All(s => s.Amount is ['x', ..] || s.Sets is not null || warmUp.RoundsLow > 1)))
            return;
        var main = new CardBlock(warmUp.Stations[from].Line, FreeName("A"), CardPart.Main);
        main.RunsAs(warmUp);
        (warmUp.RoundsLow, warmUp.RoundsHigh, warmUp.Work, warmUp.Rest, warmUp.RestHigh, warmUp.Between, warmUp.ForAll) = (null, null, null, null, null, null, null);
        main.Stations.AddRange(warmUp.Stations.Skip(from));
        warmUp.Stations.RemoveRange(from, warmUp.Stations.Count - from);
        blocks.Insert(blocks.IndexOf(warmUp) + 1, main);
        foreach (var (line, block) in settings.ToList())
            if (block == warmUp && line > main.Line)
                settings[line] = main;
        // So is the drink that is told below them.
        if (warmUp.AfterLine > main.Line)
        {
            (main.After, main.Water, main.AfterLine, warmUp.After, warmUp.Water) = (warmUp.After, warmUp.Water, warmUp.AfterLine, null, false);
            SayDrink(main, LineAt(main.AfterLine));
        }
    }

    /// <summary>Longer than this nobody does one move, in seconds.</summary>
    private const int LongestOfOne = 180;

    /// <summary>“Swing intervals: 10 x 30 on, 30 off”: the move is in the name, and nothing else is done.</summary>
    private void NamedByItsMove()
    {
        foreach (var block in blocks.Where(b => b is { Part: CardPart.Main, Stations.Count: 0, IsTalk: false } && (b.HasSettings || b.Length <= LongestOfOne)))
            if (OfItsMove.Match(block.Name) is { Success: true } m && Understood(m.Groups["name"].Value) is { } move && move != Guessed)
                block.Stations.Add(new CardStation(block.Line, m.Groups["name"].Value) { Move = move });
    }

    private static CardPattern OfItsMove => field ??= new(@"^(?<name>[a-z][a-z' -]+?)\s+(?:intervals?|sprints|challenge|finisher|repeats|efforts|blast|burner|time|test|tabata|emom)$", RegexOptions.IgnoreCase);
}
