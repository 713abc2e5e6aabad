using System.Buffers;
using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>What gap a rest on a card is meant for.</summary>
internal enum CardGap { Unsaid, Moves, Rounds, After }

/// <summary>Picks out of a stretch of words what says how long, how often, how heavy and on which side; what is left is a name or a note. All times in seconds.</summary>
internal sealed partial class CardScan
{
    private const string Seconds = @"(?:seconds?|secs?|sek(?:unden)?|s|"")(?![a-z])\.?";
    private const string Minutes = @"(?:minutes?|mins?|minuten|'|(?<=\b[1-9]\s?)m)(?![a-z])\.?";
    private const string Time = @"(?:\d{1,2}:\d\d|\d+(?:[.,]\d+)?\s*(?:" + Seconds + "|" + Minutes + "))";
    private const string Rounds = @"(?:rounds?|ronds?|rnds?|rds?|sets?|laps?|circuits?|supersets?|pairs?|runden|rondas?|vueltas?|giri|giro|tours?|times?\s+(?:through|round))";
    private const string Moves = @"(?:exercises?|exs?(?![a-z])|moves?|stations?|reps?|each|these|them|tabatas?|blocks)";
    private const string Between = @"\s*(?<where>(?:each|every)\s+" + Rounds + @"\b|(?:in\s+)?(?:between|btw|b/w|after|entre)\s*(?:each\s+|every\s+|all\s+|the\s+|les\s+)?(?:" + Rounds + "|" + Moves + @")?)?";
    private const int MostGaps = 3;
    private const int ShortestSlot = 20;

    // One of them is in everything that says a rest, a gap, a load: looked for before the patterns.
    private static readonly SearchValues<string> RestWords = SearchValues.Create(["rest", "rust", "break", "brake", "repos", "recover", "cup", "paus", "descanso", "breather", "off", "drink", "water"], StringComparison.OrdinalIgnoreCase);
    private static readonly SearchValues<string> GapWords = SearchValues.Create(["between", "btw", "b/w", "after", "change", "transition", "to move", "swap", "switch"], StringComparison.OrdinalIgnoreCase);
    private static readonly SearchValues<string> LoadWords = SearchValues.Create(["heavy", "light", "moderate", "med"], StringComparison.OrdinalIgnoreCase);
    private static readonly SearchValues<string> SideWords = SearchValues.Create(["R", "L", "right", "left", "links", "Links", "rechts", "gauche", "droite", "izquierda", "derecha", "sinistra", "destra"], StringComparison.Ordinal);
    private readonly bool hasFigures;
    private string left;
    private string? bare;

    public CardScan(string text, bool isLine = true)
    {
        left = Numbers.Replace(BareSeconds.Replace(text, "${n}s"), m => Worded(m.Value));
        left = TwoTimes.Replace(left, "${w}/${r}");
        // “Rest 90 s after B2”: after the pair.
        if (Has("after"))
            left = AfterLetter.Replace(left, "");
        if (HasNumbers())
            left = RightAndLeft.Replace(left, "${n}${u} each side");
        left = ShortRest.Replace(left, "rest ${t}");
        left = PairsOf.Replace(left, m => m.Groups["n"].Value switch { "2" => "in pairs", "3" => "in threes", _ => "in fours" });
        left = TimesListed.Replace(left, m => string.Join('-', Digits.Matches(m.Value).Select(d => d.Value)) + "s");
        left = CommasOn.Replace(left, m => m.Value.Replace(',', '-').Replace(" ", "", StringComparison.Ordinal));
        // “Squats @ 16 kg *8”: so many of them.
        if (isLine && left.Contains('*', StringComparison.Ordinal))
            left = StarCount.Replace(left, " x");
        // “Warm up 10m”: minutes of a block; of a move metres.
        if (!isLine && (Has("set") || Has("x")))
            left = SetsAsRounds.Replace(left, "${n} rounds, ");
        if (!isLine)
            left = MinutesShort.Replace(left, "${n} min");
        hasFigures = text.Any(char.IsAsciiDigit) || left.Any(char.IsAsciiDigit) || MinuteOff.IsMatch(left);
        if (Has("rpe") || Has("%"))
            Count(Exertion, m => Remark = m.Value.Trim());
        left = MinuteOff.Replace(left, "60s ${off}");
        if (Has("every") || Has("e9"))
            Count(EveryTime, m => (Every, RoundsLow, Total) = (TimeOf(m.Groups["t"].Value), m.Groups["x"].Success ? Int(m, "x") : null, m.Groups["total"].Success ? TimeOf(m.Groups["total"].Value) : null));
        if (Every is null && (Has("min") || Has("mom")))
            Take(EveryMinute, m => (Every, RoundsLow, Total) = (m.Groups["n"].Success ? int.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture) * 60 : 60, m.Groups["x"].Success && !IsInMinutes(m) ? Int(m, "t") : null, m.Groups["t"].Success && (!m.Groups["x"].Success || IsInMinutes(m)) ? int.Parse(m.Groups["t"].Value, CultureInfo.InvariantCulture) * 60 : null));
        if (Every < ShortestSlot)
            (Every, Total) = (null, null);
        // “3 x AMRAP” is three sets of as many as one can.
        var areMost = false;
        Count(SetsOfMost, m => (Sets, Remark, areMost) = (Int(m, "n"), m.Groups["most"].Value, true));
        if (Has("amrap") || Has("as many"))
            Take(Amrap, m => (IsAmrap, Length) = (true, m.Groups["t"].Success ? int.TryParse(m.Groups["t"].Value, NumberStyles.None, CultureInfo.InvariantCulture, out var bare) ? bare * 60 : TimeOf(m.Groups["t"].Value) : Length));
        var hasMass = hasFigures && MassWord.IsMatch(left);
        if (hasMass)
            Count(LoadByRound, m => (RepsByRound, Load, Sets) = (string.Join('/', m.Groups["n"].Captures), string.Join('/', m.Groups["w"].Captures.Select(w => Dot(w.Value) + "kg")), m.Groups["n"].Captures.Count));
        if (hasMass)
            Count(LoadRange, m => (Load, Remark) = (Lighter(Dot(m.Groups["w"].Value), Dot(m.Groups["v"].Value)) + Unit(m.Groups["u"].Value), m.Value.Trim(' ', '@', '(', ')')));
        if (hasMass)
            Count(PiecesLoad, m => Load = $"{m.Groups["n"].Value}x{Dot(m.Groups["w"].Value)}{Unit(m.Groups["u"].Value)}");
        if (hasMass)
            Count(Mass, m => Load ??= Dot(m.Groups["w"].Value) + Unit(m.Groups["u"].Value));
        // What stands before a tempo and what stands behind it are no numbers of one kind: “4x8 @3110 / 2 min”.
        if (left.Contains('@', StringComparison.Ordinal))
            left = TempoThenStroke.Replace(left, "${tempo}, ");
        Count(TempoDigits, m => Tempo = string.Join('-', new[] { "a", "b", "c", "d" }.Select(g => m.Groups[g].Value).Where(v => v.Length > 0)));
        if (left.Contains('@', StringComparison.Ordinal))
            Count(LoadAt, m => Load ??= Dot(m.Groups["w"].Value) + "kg");
        if (Tempo is { Length: 5 })
            Tempo += "-0";
        Count(TabataRounds, m => RoundsLow ??= Int(m, "n"));
        Count(ManyTabatas, m => (Remark, Tabatas) = (m.Value.Trim(), int.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture)));
        var hasStroke = left.AsSpan().ContainsAny('/', ':');
        if (hasStroke)
            Count(WorkRestTimes, m => (RoundsLow, Work, Rest) = (Int(m, "n"), Int(m, "w"), Int(m, "r")));
        if (hasStroke)
            Count(TimesWorkRest, m => (RoundsLow, Work, Rest) = (Int(m, "n"), Int(m, "w"), Int(m, "r")));
        Count(OnOff, m => (Work, Rest, RoundsLow) = (Int(m, "w"), Int(m, "r"), m.Groups["n"].Success ? Int(m, "n") : RoundsLow));
        Count(WorkOnly, m => Work = Int(m, "w"));
        Count(WorkSaid, m => Work = TimeOr(m.Groups["t"].Value));
        if (!isLine && Work is null)
            Count(WorkDashRest, m => (Work, Rest) = (Int(m, "w"), Int(m, "r")));
        var runs = 0;
        if (HasNumbers())
            Count(Running, m => (Scheme, runs) = (SchemeOf(m.Value), m.Index));
        if (Scheme is not null && BackAgain.Match(left, runs) is { Success: true } back && Scheme.ThereAndBack is { } both)
            (Scheme, left) = (both, left.Remove(back.Index, back.Length));
        // 45:15 is work and rest; 18:37 is the time of day.
        if (isLine)
            Count(SameOnBoth, m => (RepsLow, Sides, SaysEachSide) = (Int(m, "n"), "each side", true));
        if (hasStroke)
            Count(CardWording.TimesByRound, Rounded);
        if (hasStroke)
            Count(WorkRest, m => (Work, Rest) = (Int(m, "w"), Int(m, "r")));
        var (rests, gaps) = (left.AsSpan().ContainsAny(RestWords), left.AsSpan().ContainsAny(GapWords));
        for (var n = 0; n < MostGaps && (rests || gaps) && Gaps.Count >= n; n++)
        {
            if (Has("rest"))
                Count(RestRange, m => Gap(TimeOf(m.Groups["t"].Value + m.Groups["u"].Value), m, TimeOf(m.Groups["h"].Value + m.Groups["u"].Value)));
            Count(RestFirst, m => Gap(TimeOr(m.Groups["t"].Value), m));
            Count(RestLast, m =>
            {
                Gap(TimeOf(m.Groups["t"].Value), m);
                SaysWater |= m.Groups["water"].Success;
            });
            Count(BetweenOnly, m => Gap(TimeOf(m.Groups["t"].Value), m));
        }

        if (rests && !isLine)
            Take(DrinkBetween, _ => (SaysWater, IsDrinkOpen) = (true, true));
        if (Gaps.Count == 0)
            Count(RestBare, m => Gap(Int(m, "t"), m));

        if (Has("failure") || Has("you ") || Has("exhaust"))
            Take(ToFailure, m => Remark ??= m.Value.Trim(' ', ',', '.', '!'));
        if (isLine && Has("max"))
            Take(MaxFirst, m => Remark ??= m.Value.Trim());
        if (isLine && Has("for time"))
            Count(ForTime, _ => Remark ??= "for time");
        if (Has("cap"))
            Count(TimeCap, m => Remark = m.Value.Trim(' ', ',', '(', ')'));
        if (rests)
            Take(NoRest, _ => SaysNoRest = true);
        if (Has("half"))
        {
            Take(HalfwayTurn, _ => Sides = "reverse halfway");
            Take(Halfway, _ => Sides = "switch halfway");
        }

        Take(EachSide, m => (Sides, SaysEachSide, SaysEachWay) = ("each side", true, m.Value.EndsWith("way", StringComparison.OrdinalIgnoreCase)));
        if (SaysEachWay && EachSide.IsMatch(left))
            Take(EachSide, _ => Remark ??= "each way");
        Take(BothInTurn, _ => (Sides, SaysEachSide) = ("each side", true));
        if (Has("alt"))
            Take(InTurns, _ => Sides ??= "alternating");
        Count(SetsEach, m => Sets = Int(m, "n"));
        Count(RoundCount, m => (RoundsLow, RoundsHigh) = (Int(m, "n"), m.Groups["m"].Success ? Int(m, "m") : null));
        if (RoundsLow is 0 or > Plans.Limits.Rounds)
            (RoundsLow, RoundsHigh) = (null, null);
        if (Has("rep") || Has("rpt") || Has("redo"))
            Take(Repeat, m => RoundsLow ??= Int(m, "n") is > 1 and var times ? times : 2);
        if (left.Contains(',', StringComparison.Ordinal))
            Count(SetByCommas, TakeListed);
        Count(SetsOfMetres, m => (Sets, Remark) = (Int(m, "n"), m.Groups["far"].Value));
        Count(SetsOf, TakeSets);
        // “4x15, 45s”: a time after sets of reps is the rest.
        if (Sets is not null && (RepsLow ?? Length) is not null && Gaps.Count == 0)
            Count(TimeAtEnd, m => Gap(TimeOf(m.Groups["t"].Value), m));
        if (Sets is not null && (RepsLow is not null || areMost) && Gaps.Count == 0)
            Count(TimeBehindName, m => Gap(TimeOf(m.Groups["t"].Value), m));
        // “Swings: 10 x 10 on the minute”: so many slots of so many.
        if (Every is not null && Sets is > 1 and var slots && (RepsLow ?? Length) is not null && RoundsLow is null && Total is null)
            (RoundsLow, Sets) = (slots, null);
        if (Every is not null && RepsByRound is { } byRound && Sets == byRound.Count(c => c == '/') + 1 && RoundsLow is null && Total is null)
            (RoundsLow, Sets) = (Sets, null);
        Count(ByRound, m => RepsByRound = m.Groups["l"].Value.Replace(" ", "", StringComparison.Ordinal));
        Count(HowMany, _ => { });
        if (isLine)
            Count(Metres, m => Remark = Remark is { } said ? $"{said}, {m.Value.Trim()}" : m.Value.Trim());
        Count(EachLong, m => (Length, IsEach) = (TimeOf(m.Groups["t"].Value), true));
        Count(LastingRange, m => (Length, Remark) = (TimeOf(m.Groups["t"].Value + m.Groups["u"].Value), m.Value.Trim()));
        Count(Lasting, m => Length ??= TimeOf(m.Groups["t"].Value));
        if (!isLine)
            Count(RepsEach, m => (RepsLow, RepsHigh, IsOfAll) = (Int(m, "n"), m.Groups["m"].Success ? Int(m, "m") : null, true));
        Count(EachOften, m => (RepsLow, RepsHigh, IsOfAll) = (Int(m, "n"), m.Groups["m"].Success ? Int(m, "m") : null, true));
        if (!isLine && IsOfAll && RoundsLow is null)
            Count(TimesAlone, m => RoundsLow = Int(m, "n") is > 1 and <= Plans.Limits.Rounds and var n ? n : null);
        Count(EachCount, m => (RepsLow, RepsHigh, Sides) = (Int(m, "n"), m.Groups["m"].Success ? Int(m, "m") : null, "each side"));
        if (RepsLow is null)
            Count(Times, m => (RepsLow, RepsHigh, SaysReps, SaysTotal) = (Int(m, "n"), m.Groups["m"].Success ? Int(m, "m") : null, m.Value.Contains("rep", StringComparison.OrdinalIgnoreCase), m.Value.EndsWith("total", StringComparison.OrdinalIgnoreCase)));
        Count(WeightAtEnd, m => Load ??= WeightOf(m));
        if (isLine && RepsLow is null)
            Count(CountFirst, m => (RepsLow, RepsHigh) = (Int(m, "n"), m.Groups["m"].Success ? Int(m, "m") : null));
        if (isLine && RepsLow is null)
            Count(CountLast, m => (RepsLow, RepsHigh) = (Int(m, "n"), m.Groups["m"].Success ? Int(m, "m") : null));
        if (Has("weight") || Has("bw"))
            Take(NoWeight, _ => Load ??= "none");
        if (left.AsSpan().ContainsAny(LoadWords))
            Take(Weight, m => Load ??= WeightOf(m));
        if (left.AsSpan().ContainsAny(SideWords))
            Take(Side, m => Sides ??= m.Groups["s"].Value.StartsWith("r", StringComparison.OrdinalIgnoreCase) || m.Groups["s"].Value is "droite" or "derecha" or "destra" ? "right" : "left");
        if (Has("slow"))
            Take(Slowly, _ => Tempo ??= "slow");
        // No work is said by nothing.
        if (Work == 0)
            (Work, Rest) = (null, null);
    }

    public int? RoundsLow { get; private set; }
    public int? RoundsHigh { get; private set; }
    public int? Work { get; private set; }

    /// <summary>Seconds of work of each round, and of rest, where they differ: “50/40/30”.</summary>
    public (string On, string Off)? ByRoundTimes { get; private set; }
    public int? Rest { get; private set; }
    public List<(int Seconds, int? High, CardGap For)> Gaps { get; } = [];
    public int? Sets { get; private set; }
    public int? RepsLow { get; private set; }
    public int? RepsHigh { get; private set; }
    public string? RepsByRound { get; private set; }
    public int? Length { get; private set; }
    public bool IsEach { get; private set; }
    public string? Sides { get; private set; }
    public bool SaysEachSide { get; private set; }
    /// <summary>Whether it is done so often in each direction.</summary>
    public bool SaysEachWay { get; private set; }

    /// <summary>Whether every move is done as often.</summary>
    public bool IsOfAll { get; private set; }

    /// <summary>Whether a count is called repetitions.</summary>
    public bool SaysReps { get; private set; }

    /// <summary>Whether a count is of both sides together.</summary>
    public bool SaysTotal { get; private set; }
    public bool SaysNoRest { get; private set; }
    public bool SaysWater { get; private set; }

    /// <summary>Whether a drink between rounds is said and not how long.</summary>
    public bool IsDrinkOpen { get; private set; }
    public string? Remark { get; private set; }
    public string? Load { get; private set; }
    public string? Tempo { get; private set; }
    public CardScheme? Scheme { get; private set; }
    public int? Every { get; private set; }
    public int? Total { get; private set; }
    public bool IsAmrap { get; private set; }

    /// <summary>How many tabatas are said.</summary>
    public int? Tabatas { get; private set; }

    /// <summary>Whether anything was picked out.</summary>
    public bool Any { get; private set; }

    /// <summary>Whether it says how a block runs.</summary>
    public bool SaysBlock => RoundsLow is not null || Work is not null || Scheme is not null || Every is not null || IsAmrap;

    /// <summary>Whether it says what one station does.</summary>
    public bool SaysStation => Sets is not null || RepsLow is not null || RepsByRound is not null || Load is not null || Sides is not null || Tempo is not null;

    /// <summary>What is left, without signs at its ends.</summary>
    public string Left => bare ??= Ends.Replace(Spaces.Replace(Hollow.Replace(left, " "), " "), "").Trim();

    /// <summary>The amount as a sheet writes it; null where none is said.</summary>
    public string? Amount => RepsByRound is { } list ? "x" + list
        : RepsLow is { } low ? $"x{low}{(RepsHigh is { } high && high > low ? $"..{high}" : "")}"
        : Length is { } length ? $"{length}s" : null;

    /// <summary>The same of what no words without a figure can say.</summary>
    private void Rounded(Match m)
    {
        var (works, rests) = (m.Groups["w"].Captures, m.Groups["r"].Captures);
        (Work, Rest, RoundsLow) = (int.Parse(works[0].Value, CultureInfo.InvariantCulture), int.Parse(rests[0].Value, CultureInfo.InvariantCulture), works.Count);
        if (works.Concat(rests).Any(c => c.Value != works[0].Value && c.Value != rests[0].Value))
            ByRoundTimes = (string.Join('/', works), string.Join('/', rests));
    }

    private void Count(CardPattern regex, Action<Match> taken)
    {
        if (hasFigures)
            Take(regex, taken);
    }

    /// <summary>“EMOM x 10” is ten minutes, whatever is done in them; “E2MOM x 5” and a few of them are rounds.</summary>
    private static bool IsInMinutes(Match m) => !m.Groups["n"].Success && m.Groups["t"].Value is not ([_] and not ("6" or "8" or "9"));

    private bool Has(string word) => left.Contains(word, StringComparison.OrdinalIgnoreCase);

    /// <summary>Whether there is more than one number.</summary>
    private bool HasNumbers() => left.AsSpan().IndexOfAnyInRange('0', '9') is >= 0 and var first && left.AsSpan()[first..].IndexOfAnyExceptInRange('0', '9') is > 0 and var end && left.AsSpan()[(first + end)..].ContainsAnyInRange('0', '9');

    private void Take(CardPattern regex, Action<Match> taken)
    {
        if (regex.Match(left) is not { Success: true } match)
            return;
        Any = true;
        taken(match);
        left = string.Concat(left.AsSpan(0, match.Index), "  ", left.AsSpan(match.Index + match.Length));
    }

    /// <summary>Whether words begin or end with a number.</summary>
    public static bool HasCount(string text, int count) => Digits.Matches(text).Any(d => d.Value == count.ToString(CultureInfo.InvariantCulture));

    private void TakeSets(Match m)
    {
        Sets = Int(m, "n");
        if (m.Groups["t"].Success)
            Length = TimeOf(m.Groups["t"].Value);
        else
            (RepsLow, RepsHigh, Sides) = (Int(m, "a"), m.Groups["b"].Success ? Int(m, "b") : null, m.Groups["each"].Success ? "each side" : Sides);
    }

    /// <summary>“8, 8, 6”: a set each.</summary>
    private void TakeListed(Match m)
    {
        var counts = Digits.Matches(m.Groups["l"].Value).Select(d => d.Value).ToList();
        Sets = counts.Count;
        if (counts.TrueForAll(c => c == counts[0]))
            RepsLow = int.Parse(counts[0], CultureInfo.InvariantCulture);
        else
            RepsByRound = string.Join('/', counts);
    }

    private void Gap(int? seconds, Match m, int? high = null)
    {
        if (seconds is not { } said)
            return;
        var where = m.Groups["where"].Value.ToLowerInvariant();
        // “40/20 each, 1 min between”, “no rest, 1 min in between”: the gap within is said, so this is the one around.
        if (where.Length > 0 && (Rest is not null || NoRest.IsMatch(left) || (Work is null && (RoundsSaid.IsMatch(left) || (m.Groups["water"].Success && TimesSaid.IsMatch(left))) && !EachLong.IsMatch(left))) && !WordOfMoves.IsMatch(where) && !where.StartsWith("after", StringComparison.Ordinal) && BetweenAlone.IsMatch(where))
            where = "between rounds";
        Gaps.Add((said, high, where.Length == 0 ? CardGap.Unsaid
            : WordOfRounds.IsMatch(where) ? CardGap.Rounds
            : where.Contains("tabata", StringComparison.Ordinal) || where.EndsWith("blocks", StringComparison.Ordinal) ? CardGap.After
            : where.StartsWith("after", StringComparison.Ordinal) && !WordOfMoves.IsMatch(where) ? CardGap.After
            : CardGap.Moves));
    }

    /// <summary>A bare number after “rest” is seconds; a very small one minutes.</summary>
    private static int? TimeOr(string text) => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var bare) ? bare <= 3 ? bare * 60 : bare : TimeOf(text);

    /// <summary>Seconds of a time as people write it; null where it is none or longer than a class.</summary>
    public static int? TimeOf(string text)
    {
        var t = text.Trim().TrimEnd('.');
        var colon = t.IndexOf(':', StringComparison.Ordinal);
        if (colon > 0)
            return int.TryParse(t[..colon], NumberStyles.None, CultureInfo.InvariantCulture, out var m) && int.TryParse(t.AsSpan(colon + 1, 2), NumberStyles.None, CultureInfo.InvariantCulture, out var s) ? m * 60 + s : null;
        var digits = new string([.. t.TakeWhile(c => char.IsAsciiDigit(c) || c is '.' or ',')]).Replace(',', '.').TrimEnd('.');
        var unit = t[Math.Min(t.Length, digits.Length)..].Trim().ToLowerInvariant();
        if (!decimal.TryParse(digits, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var number) || number > 40_000)
            return null;
        return (int)(unit.StartsWith('m') || unit == "'" ? number * 60 : number);
    }

    private static string WeightOf(Match m) => m.Groups["w"].Value.ToLowerInvariant() switch { "med" or "medium" => "moderate", var said => said };

    private static int? Int(Match m, string group) => int.TryParse(m.Groups[group].Value, NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? n : null;

    private static string Dot(string number) => number.Replace(',', '.');

    private static string Lighter(string one, string other) => decimal.Parse(one, CultureInfo.InvariantCulture) <= decimal.Parse(other, CultureInfo.InvariantCulture) ? one : other;

    private static string Unit(string unit) => unit.StartsWith('l') || unit.StartsWith('L') ? "lb" : "kg";

    private static string Worded(string word) => word.ToLowerInvariant() switch
    {
        "once" => "1 time",
        "twice" => "2 times",
        "a" or "an" or "one" => "1",
        "two" => "2",
        "three" => "3",
        "four" => "4",
        "five" => "5",
        "six" => "6",
        "eight" => "8",
        "ten" => "10",
        "twelve" => "12",
        "fifteen" => "15",
        "twenty" => "20",
        "thirty" => "30",
        "forty" => "40",
        "forty-five" => "45",
        "fifty" => "50",
        "sixty" => "60",
        _ => word,
    };

    private static CardScheme? SchemeOf(string text)
    {
        var numbers = Digits.Matches(text).Select(m => int.TryParse(m.Value, NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? n : 0).ToList();
        return CardScheme.Of(numbers, InSeconds.IsMatch(text), goesOn: text.Contains("..", StringComparison.Ordinal) || numbers.Count == 2);
    }
}
