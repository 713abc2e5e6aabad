using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;

namespace JollySet.Core.Cards;

/// <summary>What a card leaves open is filled with a guess that is asked about.</summary>
internal static class CardGaps
{
    private const int Work = 40;
    private const int Rest = 20;
    private const int Stretch = 30;
    private const int Least = 10;

    /// <summary>Seconds of the longest work that anybody says for one move among several.</summary>
    private const int LongestOfOne = 300;
    private const int ShortestShare = 15;
    private const int SecondsARep = 3;
    private const int ShortOfAll = 90;

    /// <summary>20 s of work and 10 s of rest.</summary>
    private const int TabataSlot = 30;
    private const int SlotsOfTabata = 8;

    /// <summary>Metres that nobody carries or walks in one go: they are rowed, skied or cycled.</summary>
    private const int FarToCarry = 200;
    private const int SecondsOfCalorie = 4;
    private const int MetresOfMile = 1609;

    /// <summary>Closes what is open in every block.</summary>
    public static void Closed(List<CardBlock> blocks, List<CardQuestion> questions, List<CardWords> words, Func<CardWords, string> asTyped)
    {
        foreach (var block in blocks)
        {
            var line = words.Find(w => w.Number == block.Line)!;
            // “Then down again 10-8-6-4-2”: numbers alone go on with the moves before them.
            if (block is { Stations.Count: 0, Part: CardPart.Main } && blocks.IndexOf(block) is > 0 and var at && Named(blocks, at, line.Text) is { Part: CardPart.Main, Stations.Count: > 0 } before && (CardPhrases.SaysSame.IsMatch(line.Text) || (block.Begun is { } begun && CardPhrases.SaysSame.IsMatch(begun)) || (block.Scheme is not null && before.Scheme is not null)))
            {
                block.Stations.AddRange(before.Stations.Select(s => s.At(block.Line)));
                if (block.Scheme is null)
                {
                    block.RunsAs(before);
                    block.IsSuperset |= before.IsLinked;
                    block.Name = CardPhrases.SaysSame.Replace(block.Name, "").Trim() is { Length: > 0 } name ? name : block.Name;
                }

                questions.Add(new CardQuestion(block.Line, 1, $"the moves of {before.Name} again?", [new CardChoice("the same moves", line.Raw), new CardChoice("a note", $"note: {line.Raw.Trim()}")]));
            }

            if (block.Stations.Count == 0)
            {
                block.IsOwnTime = true;
                // How a block runs that names no moves has no place on a sheet: its line is kept.
                if ((block.HasSettings || block.Rest is not null) && asTyped(line) is var said && !block.Notes.Contains(said))
                    block.Notes.Add(said);
                // Words are words: how long they are has been said.
                if (block is { IsTalk: true, Length: not null })
                    continue;
                var minutes = (block.Length ?? 60) / 60m;
                questions.Add(new CardQuestion(block.Line, 1, $"no moves are named in {block.Name}", [new CardChoice($"{minutes:0.#} min of their own time", line.Raw), new CardChoice("a note", $"note: {line.Text}")]));
                continue;
            }

            // Sets of one move among others that go round: no sheet says it, so it is kept in words.
            if (!block.IsStraight && !block.IsLinked)
                foreach (var station in block.Stations.Where(s => s.Sets is > 1 && s.Sets != block.RoundsLow && block.Stations.Exists(o => o.Sets != s.Sets)))
                    station.Notes.Add(string.Create(CultureInfo.InvariantCulture, $"{station.Sets} sets"));
            // “Superset: 40/20”: off after each of the two.
            if (block.IsLinked)
                block.Pause ??= block.Off;
            InOneSlot(block, line, words, questions);
            Rests(block, block == blocks[^1]);
            Minutes(block, line, questions);
            AsLong(block, line, questions);
            EightInAll(block, line, questions);
            InMinutes(block, line, questions);
            // Minutes of a part whose moves have amounts of their own: no sheet says both, so they are kept in words.
            if (block is { Length: >= 60 and var booked, Work: null, IsAmrap: false, Every: null } && block.Stations.TrueForAll(s => s.Amount is not null))
                block.Notes.Add(string.Create(CultureInfo.InvariantCulture, $"{booked / 60m:0.#} min"));
            Amounts(block, line, words, questions, blocks.Take(blocks.IndexOf(block)).LastOrDefault(b => b is { Part: CardPart.Main, Work: >= 20, Rest: not null, Scheme: null, Every: null }));
            Rested(block);
            // After the last round it comes after the block; where rounds are not said it is kept in words.
            if (block.WaterAfter is { } drink && !(drink.Round < block.RoundsLow))
            {
                block.WaterAfter = null;
                if (drink.Round == block.RoundsLow && block.After is null)
                    (block.After, block.Water) = (drink.Seconds, true);
                else
                    block.Notes.Add(string.Create(CultureInfo.InvariantCulture, $"{drink.Seconds} s for water after round {drink.Round}"));
            }

            Between(block, line, questions);
            SetsTogether(block, line, questions);
            Sides(block, words, questions);
        }
    }

    /// <summary>The block a line names behind “same as”; the one before it where it names none.</summary>
    private static CardBlock Named(List<CardBlock> blocks, int at, string text) =>
        blocks.Take(at).LastOrDefault(b => b.Name.Length > 1 && text.TrimEnd('.', ')', '!', ' ').EndsWith(" " + b.Name, StringComparison.OrdinalIgnoreCase)) ?? blocks[at - 1];

    /// <summary>A station to rest: the one before it rests through it and the gaps around it. Where there is one behind every station they are the rest that is said; where nothing is timed they are kept in words.</summary>
    private static void Rested(CardBlock block)
    {
        if (block.Stations.TrueForAll(s => s.Rested > 0) && block.Rest is not null)
            return;
        foreach (var station in block.Stations.Where(s => s.Rested > 0))
            if (block is { Work: { } work, Scheme: null } && !block.IsStraight && !block.IsLinked && station is { Amount: null, Rest: null })
                station.Rest = station.Rested * work + (station.Rested + 1) * (block.Rest ?? 0);
            else
                station.Notes.Add("then a rest");
    }

    /// <summary>“Every 3 min: 12 deadlifts, 9 cleans, 6 jerks”: all of them in each slot, what is left of it is rest; asked about.</summary>
    private static void InOneSlot(CardBlock block, CardWords line, List<CardWords> words, List<CardQuestion> questions)
    {
        if (CardPhrases.OneInEach.IsMatch(line.Text) || block is not { Every: >= 60 and var every, Stations.Count: > 1 and var many } || many > every / Least / 3 || (every < 120 && !AreJoined(block, line)))
            return;
        // “A) deadlifts” and “B) box jumps” are a slot each.
        if (block.Stations.TrueForAll(s => Lettered.IsMatch(words.Find(w => w.Number == s.Line)!.Raw)))
        {
            if (block.RoundsLow is { } slots && slots % many == 0 && (block.Length is null || block.Length == slots * every))
                block.RoundsLow = slots / many;
            return;
        }

        var work = block.Stations.Sum(s => s.Amount is { } amount && int.TryParse(new string([.. amount.TrimStart('x').TakeWhile(char.IsAsciiDigit)]), NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? amount[0] == 'x' ? n * SecondsARep : n : SecondsARep * Least);
        if (work >= every)
            return;
        (block.IsSuperset, block.RoundsLow, block.Rest) = (true, block.RoundsLow ?? block.Total / every, (every - work) / 5 * 5);
        (block.Every, block.Total) = (null, null);
        var slot = string.Create(CultureInfo.InvariantCulture, $"every {every / 60m:0.#} min");
        block.Notes.Add(slot);
        questions.Add(new CardQuestion(block.Line, 1, $"{slot}: all of {block.Name}, or one of it by turns?", [new CardChoice("all of it", line.Raw), new CardChoice("one by turns", $"{line.Raw.TrimEnd(':')}, by turns")]));
    }

    /// <summary>“EMOM 10: 10 swings + 5 squat jumps”: both of them in every minute.</summary>
    private static bool AreJoined(CardBlock block, CardWords line) => block.Stations.TrueForAll(s => s.Line == block.Line) && line.Text.Split(" + ").Length == block.Stations.Count;

    private static CardPattern Lettered => field ??= new(@"^\s*[a-h]\s*[).:]", RegexOptions.IgnoreCase);

    /// <summary>Rests written one by one under the moves are the block's where they are all alike.</summary>
    private static void Rests(CardBlock block, bool isLast)
    {
        var stations = block.Stations;
        var last = stations[^1];
        // Sets one after another have no rounds of their own to rest between.
        if (block is { IsStraight: true, Rest: null, Between: { } said, WaterBetween: false })
            (block.Rest, block.Between) = (said, null);
        if (block.IsStraight || block.IsLinked || block.Scheme is not null)
        {
            if (stations.Select(s => s.Rest).OfType<int>().ToList() is { Count: > 0 } rests && rests.Distinct().Count() == 1 && (block.Rest ?? rests[0]) == rests[0])
            {
                block.Rest = rests[0];
                block.RestHigh ??= stations.Find(s => s.RestHigh is not null)?.RestHigh;
                stations.ForEach(s => (s.Rest, s.RestHigh) = (null, null));
            }

            Ranges(stations);
            return;
        }

        var inner = stations.Take(stations.Count - 1).Select(s => s.Rest).ToList();
        if (inner.Count > 0 && inner.TrueForAll(r => r is not null && r == inner[0]))
        {
            if (last.Rest is { } closing && closing != inner[0])
                Closing(block, closing, isLast);
            if (block.Rest is null || block.Rest == inner[0])
            {
                block.Rest = inner[0];
                stations.ForEach(s => s.Rest = null);
            }
        }
        else if (last.Rest is { } only && inner.TrueForAll(r => r is null) && inner.Count > 0)
        {
            Closing(block, only, isLast);
            last.Rest = null;
        }

        Ranges(stations);
    }

    /// <summary>From so long to so long on one line: the shorter counts, both are kept in words.</summary>
    private static void Ranges(List<CardStation> stations)
    {
        foreach (var station in stations.Where(s => s.RestHigh > s.Rest))
            station.Notes.Add(string.Create(CultureInfo.InvariantCulture, $"rest {station.Rest} to {station.RestHigh} s"));
    }

    /// <summary>A rest under the last move comes between rounds where there are several, else after the block.</summary>
    private static void Closing(CardBlock block, int seconds, bool isLast)
    {
        if (block.RoundsLow > 1 && (isLast || !block.ClosesAfterRounds))
            block.Between ??= seconds;
        else
            block.After ??= seconds;
    }

    /// <summary>A way to go is as long as it takes: three metres a second where one runs, one where one walks or carries, four where it is too far for that (a machine); asked about.</summary>
    private static void Far(CardStation station, List<CardWords> words, List<CardQuestion> questions)
    {
        if (station.Notes.Select(n => Way.Match(n)).FirstOrDefault(m => m.Success) is not { } way)
            return;
        var metres = (int)(decimal.Parse(way.Groups["n"].Value.Replace(',', '.'), CultureInfo.InvariantCulture) * (way.Groups["mile"].Success ? MetresOfMile : way.Groups["km"].Success ? 1000 : 1));
        // A calorie of a machine is some four seconds of it.
        var seconds = way.Groups["cal"].Success ? Math.Clamp(metres * SecondsOfCalorie / 5 * 5, Least, 1800) : Math.Clamp((int)Math.Round(metres / (station.Move?.Impact is Impact.Middle or Impact.High ? 3m : metres >= FarToCarry && station.Move is { Pattern: not (Pattern.Carry or Pattern.Locomotion) } or { Posture: Posture.Seated } ? 4m : 1m) / 5) * 5, Least, 1800);
        station.Amount = string.Create(CultureInfo.InvariantCulture, $"{seconds}s");
        var raw = words.Find(w => w.Number == station.Line)!.Raw;
        CardChoice Times(int s) => new(string.Create(CultureInfo.InvariantCulture, $"{s} s"), raw.Contains(station.Name, StringComparison.Ordinal) ? raw.Replace(station.Name, string.Create(CultureInfo.InvariantCulture, $"{station.Name} {s}s"), StringComparison.Ordinal) : string.Create(CultureInfo.InvariantCulture, $"{raw} {s}s"));
        questions.Add(new CardQuestion(station.Line, 1, $"how long do {way.Value} of {station.Name} take?", [Times(seconds), Times(seconds * 3 / 2 / 5 * 5), Times(Math.Max(Least, seconds * 2 / 3 / 5 * 5))]));
    }

    private static CardPattern Way => field ??= new(@"^(?:x\s*)?(?<n>\d{1,4}(?:[.,]\d{1,2}(?=\s*(?:k|mi)))?)\s*(?:(?:m|metres?|meters?)|(?<km>k|km|kilomet(?:re|er)s?)|(?<mile>miles?)|(?<cal>cals?|calories?))\b", RegexOptions.IgnoreCase);

    /// <summary>A tabata is eight times twenty and ten: of several moves each, or in all? Asked.</summary>
    private static void EightInAll(CardBlock block, CardWords line, List<CardQuestion> questions)
    {
        if (block is not { Part: CardPart.Main, Work: 20, Rest: 10, RoundsLow: 8, Stations.Count: (2 or 4) and var many } || !block.Name.Contains("tabata", StringComparison.OrdinalIgnoreCase) || !Eight.IsMatch(line.Raw))
            return;
        questions.Add(new CardQuestion(block.Line, 1, $"{block.Name}: eight of each, or eight in all?", [new CardChoice("eight of each", line.Raw), new CardChoice("eight in all", EightInAll(line.Raw, many))]));
    }

    /// <summary>A line that says eight rounds of so many moves, with as many rounds as make eight in all.</summary>
    public static string EightInAll(string line, int many) => Eight.Replace(line, string.Create(CultureInfo.InvariantCulture, $"{8 / many}"), 1);

    private static CardPattern Eight => field ??= new(@"(?<![\d/:.])8(?=\s*(?:x|rounds?|rds?|times|sets?)\b)|(?<=\bx\s?)8(?![\d/:.])", RegexOptions.IgnoreCase);

    /// <summary>“4 mins: skaters, plank jacks. 20/10 x 8”: eight slots fill the minutes that are said, so they are all of them, and no rounds.</summary>
    private static void InMinutes(CardBlock block, CardWords line, List<CardQuestion> questions)
    {
        if (block is not { Part: CardPart.Main, Length: { } length, Work: { } work, Rest: var rest, RoundsLow: > 1 and var slots, RoundsHigh: null, Scheme: null, IsAmrap: false, Every: null, Stations.Count: > 1 and var many } || slots % many != 0 || length != slots * (work + (rest ?? 0)) || !WithoutMinutes.IsMatch(line.Raw))
            return;
        (block.RoundsLow, block.Slots) = (slots / many, slots);
        questions.Add(new CardQuestion(block.Line, 1, string.Create(CultureInfo.InvariantCulture, $"{length / 60m:0.#} min: {slots} in all?"), [new CardChoice($"{slots} in all", line.Raw), new CardChoice($"{slots} of each", WithoutMinutes.Replace(line.Raw, ""))]));
    }

    private static CardPattern WithoutMinutes => field ??= new(@"^\s*[0-9]{1,2}\s*(?:min(?:ute)?s?|')\s*[:,-]?\s*", RegexOptions.IgnoreCase);

    /// <summary>Minutes said for a block whose one round is far from filling them.</summary>
    private static void Minutes(CardBlock block, CardWords line, List<CardQuestion> questions)
    {
        if (block is not { Part: CardPart.Main, Length: { } length, Work: { } work, RoundsLow: null, IsAmrap: false, Every: null, Scheme: null })
            return;
        var round = block.Stations.Count * (work + (block.Rest ?? 0));
        var rounds = length / round;
        if (rounds < 2)
            return;
        string Said(int n) => string.Create(CultureInfo.InvariantCulture, $"{line.Raw}, {n} round{(n > 1 ? "s" : "")}");
        // Minutes that so many rounds fill are those rounds.
        var isFilled = length == rounds * round;
        block.RoundsLow = isFilled ? rounds : null;
        questions.Add(new CardQuestion(block.Line, 1, string.Create(CultureInfo.InvariantCulture, $"{length / 60m:0.#} min are said for {block.Name}"), isFilled
            ? [new CardChoice($"{rounds} rounds", line.Raw), new CardChoice("one round as it stands", Said(1))]
            : [new CardChoice("one round as it stands", line.Raw), new CardChoice($"{rounds} rounds", Said(rounds))]));
    }

    /// <summary>Whether a note says how often a tabata is gone, and no more.</summary>
    private static bool IsOfTabata(string note, string name) =>
        note.Contains("tabata", StringComparison.OrdinalIgnoreCase) && note.Any(char.IsAsciiDigit)
        && CardPhrases.Brackets.Replace(note.Replace(name, "", StringComparison.OrdinalIgnoreCase), "").Split(',')[1..].All(more => !more.Any(char.IsLetter) || more.Any(char.IsAsciiDigit));

    /// <summary>An AMRAP whose minutes nobody says: a first choice, asked about.</summary>
    private static void AsLong(CardBlock block, CardWords line, List<CardQuestion> questions)
    {
        if (block is not { IsAmrap: true, Length: null, Total: null, Stations.Count: > 0 })
            return;
        block.Length = CardBlock.ShortestMost;
        questions.Add(new CardQuestion(block.Line, 1, $"how long is {block.Name}?", [.. new[] { 5, 8, 10, 12 }.Select(n => new CardChoice($"{n} min", AmrapWord.IsMatch(line.Raw) ? AmrapWord.Replace(line.Raw, $"AMRAP {n} min", 1) : $"{line.Raw.TrimEnd(':', ' ')} {n} min{(line.Raw.TrimEnd().EndsWith(':') ? ":" : "")}"))]));
    }

    private static CardPattern AmrapWord => field ??= new(@"\bamrap\b", RegexOptions.IgnoreCase);

    private static CardPattern WorkAndRest => field ??= new(@"20\s*(?:s|secs?|seconds?)?\s*(?:on\s*)?/\s*10\s*(?:s|secs?|seconds?)?(?:\s*off)?", RegexOptions.IgnoreCase);

    /// <summary>Among how many moves the eight of a tabata are shared out: two or four take turns in its four minutes.</summary>
    private static int Shared(CardBlock block) => block.Stations.Count is 2 or 4 or SlotsOfTabata ? block.Stations.Count : 1;

    private static void Amounts(CardBlock block, CardWords line, List<CardWords> words, List<CardQuestion> questions, CardBlock? before)
    {
        foreach (var station in block.Stations.Where(s => s.Amount is null))
            Far(station, words, questions);
        var open = block.Stations.FindAll(s => s.Amount is null);
        if (block is { Part: CardPart.Main, IsAmrap: false, Every: null, Work: 20, Rest: 10, RoundsLow: null, Tabatas: null, Length: null, IsLinked: false } && block.Name.Contains("tabata", StringComparison.OrdinalIgnoreCase))
        {
            block.RoundsLow = SlotsOfTabata / Shared(block);
            if (Shared(block) > 1 && WorkAndRest.IsMatch(line.Raw))
                questions.Add(new CardQuestion(block.Line, 1, $"{block.Name}: eight of each, or eight in all?", [.. new[] { block.RoundsLow.Value, SlotsOfTabata }.Select(n => new CardChoice(n == SlotsOfTabata ? "eight of each" : "eight in all", WorkAndRest.Replace(line.Raw, m => $"{m.Value} x {n}", 1)))]));
        }

        if (open.Count == 0 || block.Work is not null || block.Scheme is not null)
            return;
        var isTabata = block is { Part: CardPart.Main, IsAmrap: false, Every: null } && open.Count == block.Stations.Count && (block.IsTabata || block.Name.Contains("tabata", StringComparison.OrdinalIgnoreCase));
        // “4 rounds, 45 s”: too short for all of them, it is each one’s.
        if (!isTabata && block is { Part: CardPart.Main, Length: <= ShortOfAll and var each, Stations.Count: > 1, IsLinked: false, IsStraight: false })
        {
            block.Work = each;
            return;
        }

        // “6 x 2 min, 30 s rest”: nobody works the ninth of a time; it is each one’s, and so is the rest.
        if (!isTabata && block is { Part: CardPart.Main, Length: <= LongestOfOne and var spell, RoundsLow: > 1 and var often, Stations.Count: > 1, IsAmrap: false, Every: null } && spell / often / block.Stations.Count < ShortestShare)
        {
            (block.Work, block.Rest, block.Between) = (spell, block.Rest ?? block.Between, block.Rest is null ? null : block.Between);
            questions.Add(new CardQuestion(block.Line, 1, string.Create(CultureInfo.InvariantCulture, $"{spell} s: for each of them?"), [new CardChoice("each of them", line.Raw), new CardChoice("a note", $"note: {line.Raw.Trim()}")]));
            return;
        }

        if (!isTabata && block.Length is { } length && (block.Part != CardPart.Main || !block.IsAmrap) && block.Every is null)
        {
            var rounds = Math.Max(1, block.RoundsLow ?? 1);
            block.Work = Math.Max(Least, (length / rounds - block.Stations.Count * (block.Rest ?? 0)) / block.Stations.Count / 5 * 5);
            return;
        }

        // “Tabata x 4” over four moves: one of each.
        if (block is { Part: CardPart.Main, RoundsLow: null, Every: null, IsAmrap: false } && block.Tabatas == block.Stations.Count && block.Tabatas > 1 && open.Count == block.Stations.Count)
        {
            (block.Work, block.Rest, block.RoundsLow, block.IsEachWhole, block.Between) = (20, 10, 8, true, block.Between ?? (block.Rest > 10 ? block.Rest : null));
            block.Notes.RemoveAll(n => IsOfTabata(n, block.Name));
            return;
        }

        string Each(int seconds) => string.Create(CultureInfo.InvariantCulture, $"{line.Raw.TrimEnd(':')} {seconds}s each{(line.Raw.TrimEnd().EndsWith(':') ? ":" : "")}");
        if (isTabata)
        {
            // “4 min tabata: climbers, jumps”: as often as the minutes hold.
            var slots = block.Length is { } said && said % (TabataSlot * block.Stations.Count) == 0 ? said / (TabataSlot * block.Stations.Count) : SlotsOfTabata / Shared(block);
            (block.Work, block.Rest, block.RoundsLow) = (20, 10, block.RoundsLow ?? slots);
            questions.Add(new CardQuestion(block.Line, 1, $"{block.Name}: how long, how often?", [.. new[] { block.RoundsLow.Value, 8, 4 }.Distinct().Select(n => new CardChoice(string.Create(CultureInfo.InvariantCulture, $"20 s on, 10 s off, {n} rounds"), string.Create(CultureInfo.InvariantCulture, $"{line.Raw} 20/10 x {n}")))]));
        }
        else if (block.Part != CardPart.Main)
        {
            block.Work = block.Part == CardPart.WarmUp ? Work : Stretch;
            if (open.Count == block.Stations.Count)
                questions.Add(new CardQuestion(block.Line, 1, $"how long is each move of {block.Name}?", [.. new[] { block.Work.Value, 60, 30 }.Distinct().Select(s => new CardChoice($"{s} s each", Each(s)))]));
            else
                open.ForEach(s => HowLong(s, block.Work.Value, words, questions));
        }
        else if (block.IsLinked || block.IsStraight || block.IsAmrap || block.Every is not null || open.Count < block.Stations.Count)
        {
            foreach (var station in open)
            {
                station.Amount = "x10";
                if (station.Move?.Tags.IsHold == true)
                {
                    Held(station, words, questions);
                    continue;
                }

                var raw = words.Find(w => w.Number == station.Line)!.Raw;
                CardChoice Times(int n) => new($"{n} times", raw.Contains(station.Name, StringComparison.Ordinal) ? raw.Replace(station.Name, $"{station.Name} x{n}", StringComparison.Ordinal) : $"{raw} x{n}");
                questions.Add(new CardQuestion(station.Line, 1, $"how often is {station.Name} done?", [Times(10), Times(12), Times(8)]));
            }
        }
        else
        {
            // As the block before it, most likely.
            (block.Work, block.Rest) = (before?.Work ?? Work, block.Rest ?? before?.Rest ?? Rest);
            questions.Add(new CardQuestion(block.Line, 1, $"how long is each station of {block.Name}?", [.. new[] { (block.Work.Value, block.Rest.Value), (Work, Rest), (30, 30), (45, 15) }.Distinct().Select(t => new CardChoice(string.Create(CultureInfo.InvariantCulture, $"{t.Item1} s on, {t.Item2} s off"), Timed(block, line, string.Create(CultureInfo.InvariantCulture, $"{t.Item1}/{t.Item2}"))))]));
        }
    }

    /// <summary>What is held is held for a time: half a minute, asked about.</summary>
    private static void Held(CardStation station, List<CardWords> words, List<CardQuestion> questions)
    {
        station.Amount = string.Create(CultureInfo.InvariantCulture, $"{Stretch}s");
        HowLong(station, Stretch, words, questions, "held");
    }

    private static void HowLong(CardStation station, int likely, List<CardWords> words, List<CardQuestion> questions, string done = "done")
    {
        var raw = words.Find(w => w.Number == station.Line)!.Raw;
        CardChoice For(int seconds) => new(string.Create(CultureInfo.InvariantCulture, $"{seconds} s"), raw.Contains(station.Name, StringComparison.Ordinal) ? raw.Replace(station.Name, string.Create(CultureInfo.InvariantCulture, $"{station.Name} {seconds}s"), StringComparison.Ordinal) : string.Create(CultureInfo.InvariantCulture, $"{raw} {seconds}s"));
        questions.Add(new CardQuestion(station.Line, 1, $"how long is {station.Name} {done}?", [.. new[] { likely, Work, Stretch, 20, 60 }.Distinct().Take(3).Select(For)]));
    }

    /// <summary>The line with its times said: on the head where there is one, else above the first move.</summary>
    private static string Timed(CardBlock block, CardWords line, string times) =>
        block.Stations.Exists(s => s.Line == block.Line) ? $"{times}\n{line.Raw}" : $"{line.Raw.TrimEnd(':')} {times}";

    private static void Between(CardBlock block, CardWords line, List<CardQuestion> questions)
    {
        var rounds = block.RoundsLow ?? block.Stations[0].Sets ?? 1;
        var repeats = rounds > 1 || block.Scheme is not null;
        if (!repeats || block.Between is not null || block.Rest is not null || block.Stations is [{ Rest: not null }] || block.SaysNoRest || block.Every is not null || block.IsAmrap || block.Part != CardPart.Main)
            return;
        string Said(int s) => block.Stations.Exists(x => x.Line == block.Line)
            ? string.Create(CultureInfo.InvariantCulture, $"{line.Raw}\nrest {s}s between rounds")
            : string.Create(CultureInfo.InvariantCulture, $"{line.Raw.TrimEnd(':')}, {s}s rest between rounds");
        questions.Add(new CardQuestion(block.Line, 1, $"no rest between the rounds of {block.Name}?", [new CardChoice("not said", line.Raw), new CardChoice("60 s", Said(60)), new CardChoice("30 s", Said(30)), new CardChoice("90 s", Said(90))]));
    }

    /// <summary>“Block 1, 3 sets” over moves that are counted: round by round, or all sets of one before the next? Asked.</summary>
    private static void SetsTogether(CardBlock block, CardWords line, List<CardQuestion> questions)
    {
        if (block is { Part: CardPart.Main, RoundsLow: > 1, Work: null, Every: null, IsAmrap: false, Scheme: null, IsStraight: false, IsLinked: false, Stations.Count: > 1 } && block.Stations.TrueForAll(s => s.Amount is ['x', ..]) && SetsOfBlock.IsMatch(line.Raw))
            questions.Add(new CardQuestion(block.Line, 1, $"the sets of {block.Name}: round by round, or of one move before the next?", [new CardChoice("round by round", line.Raw), new CardChoice("one move before the next", SetsOfBlock.Replace(line.Raw, "${n} sets each", 1))]));
    }

    private static CardPattern SetsOfBlock => field ??= new(@"\b(?<n>\d{1,2})\s*sets\b(?!\s*(?:each|of|x))", RegexOptions.IgnoreCase);

    /// <summary>A move of one side with no word of sides: half and half in timed work.</summary>
    private static void Sides(CardBlock block, List<CardWords> words, List<CardQuestion> questions)
    {
        if (block.Part != CardPart.Main)
            return;
        foreach (var station in block.Stations.Where(s => s.Sides is null && s.Move?.Sides == MoveSides.OneSided && !s.Name.Contains(" + ", StringComparison.Ordinal)))
        {
            var isTimed = station.Amount is null ? block.Work is not null : !station.Amount.StartsWith('x');
            var raw = words.Find(w => w.Number == station.Line)!.Raw;
            List<(string Label, string Sides)> ways = [("by turns", "alternating"), (isTimed ? "left and right, all of it each" : "as often on each side", "each side")];
            if (isTimed)
                ways.Insert(station.Move!.Pattern == Pattern.Lunge ? 1 : 0, ("change sides at half", "switch halfway"));
            else if (station.Move!.Pattern != Pattern.Lunge)
                ways.Reverse();
            station.Sides = ways[0].Sides;
            // Where a line has several moves, the sides stand behind the one they are of.
            var isOneOfSeveral = block.Stations.Exists(s => s != station && s.Line == station.Line) && raw.Contains(station.Name, StringComparison.Ordinal);
            questions.Add(new CardQuestion(station.Line, 1, $"which sides for {station.Name}?", [.. ways.Select(c => new CardChoice(c.Label, isOneOfSeveral ? raw.Replace(station.Name, $"{station.Name} {c.Sides}", StringComparison.Ordinal) : $"{raw}, {c.Sides}"))]));
        }
    }
}
