using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>What the numbers of a spoken sentence are, told by the words around each of them: “40 seconds per exercise and 15 seconds to catch your breath, and we do each block twice”.</summary>
internal sealed class CardTold
{
    private const int LongestWork = 180;
    /// <summary>Where a number was.</summary>
    public const string Gone = " ; ";


    private const int LongRest = 45;
    private bool isOfMoves;
    private bool isDrink;

    private CardTold(string text) => Left = text;

    /// <summary>Seconds of work of each; null where none are said.</summary>
    public int? Work { get; private set; }

    /// <summary>Seconds off after each; null where none are said.</summary>
    public int? Rest { get; private set; }

    /// <summary>The most seconds of that rest; null where one number is said.</summary>
    public int? RestHigh { get; private set; }

    /// <summary>Seconds between rounds; null where none are said.</summary>
    public int? Between { get; private set; }

    /// <summary>How often; null where it is not said.</summary>
    public int? Rounds { get; private set; }

    /// <summary>How many of each; null where it is not said.</summary>
    public int? Reps { get; private set; }

    /// <summary>How many of each on either side; null where it is not said.</summary>
    public int? RepsASide { get; private set; }

    /// <summary>Seconds of which is not said what they are of: a part's, as a rule.</summary>
    public int? Length { get; private set; }

    /// <summary>Whether what lies between rounds is a drink.</summary>
    public bool IsWater { get; private set; }

    /// <summary>Whether there is a drink between rounds of which no time is said.</summary>
    public bool IsDrinkOpen { get; private set; }

    /// <summary>Whether as much as possible is done in its time.</summary>
    public bool IsAmrap { get; private set; }

    /// <summary>Whether a new one begins with every minute.</summary>
    public bool IsByMinute { get; private set; }

    /// <summary>The words that belong to no number.</summary>
    public string Left { get; private set; }

    /// <summary>Whether a number says how a block runs.</summary>
    public bool SaysHow => (Work ?? Rest ?? Between ?? Rounds ?? Reps) is not null || IsAmrap || IsByMinute || IsDrinkOpen;

    /// <summary>What a sentence says; null where one of its numbers is nothing of this, or one thing is said twice.</summary>
    public static CardTold? Of(string text)
    {
        var told = new CardTold(Minutes(CardNumbers.InDigits(Minutes(text))));
        return told.Takes() && !told.Left.Any(char.IsAsciiDigit) ? told : null;
    }

    /// <summary>The same in the words of a head.</summary>
    public List<string> How()
    {
        static string In(int seconds) => string.Create(CultureInfo.InvariantCulture, $"{seconds}s");
        string Most(int seconds) => RestHigh is { } high ? string.Create(CultureInfo.InvariantCulture, $"{seconds}-{high}s") : In(seconds);
        var how = new List<string>();
        if (IsAmrap)
            how.Add(Length is { } length ? string.Create(CultureInfo.InvariantCulture, $"AMRAP {length / 60} min") : "AMRAP");
        if (IsByMinute)
            how.Add(Length is { } minutes ? string.Create(CultureInfo.InvariantCulture, $"EMOM {minutes / 60} min") : "EMOM");
        // How often each comes is told by its minutes.
        if (Rounds is { } rounds && !(IsByMinute && Length is not null))
            how.Add(string.Create(CultureInfo.InvariantCulture, $"{rounds} rounds"));
        if (Work is { } work)
            how.Add(Rest is { } off && RestHigh is null ? string.Create(CultureInfo.InvariantCulture, $"{work}/{off}") : $"{In(work)} each");
        if (Rest is { } rest && (Work is null || RestHigh is not null))
            how.Add($"rest {Most(rest)}");
        if (Reps is { } reps)
            how.Add(string.Create(CultureInfo.InvariantCulture, $"{reps} of each"));
        if (IsDrinkOpen)
            how.Add("water between rounds");
        if (Between is { } between)
            how.Add($"{Most(between)} {(IsWater ? "water" : "rest")} between rounds");
        return how;
    }

    private bool Takes()
    {
        if (Unsure.IsMatch(Left))
            return false;
        if (Amrap.IsMatch(Left))
        {
            IsAmrap = true;
            Left = Amrap.Replace(Left, Gone);
        }

        if (Emom.IsMatch(Left))
        {
            IsByMinute = true;
            Left = Emom.Replace(Left, Gone);
        }

        // “20 seconds on, 10 off”: what a bare number is of is said by the word behind it.
        while (Time.Match(Left) is { Success: true } time)
        {
            var (before, after) = (Before(time.Index), Left[(time.Index + time.Length)..]);
            var seconds = Seconds(time);
            if (RestBehind.Match(after) is { Success: true } behind)
            {
                if (!Rests(time, $"{before} {Clause(after)}"))
                    return false;
                Cut(time.Index, time.Length + behind.Length + Scope.Match(after[behind.Length..]).Length);
            }
            else if (RestBefore.Match(before) is { Success: true } ahead)
            {
                if (!Rests(time, $"{before} {Clause(after)}"))
                    return false;
                var scope = Scope.Match(after).Length;
                Cut(time.Index - (before.Length - ahead.Index), (before.Length - ahead.Index) + time.Length + scope);
            }
            else if (time.Groups["high"].Success)
            {
                return false;
            }
            else if (Work is null && seconds <= LongestWork && (WorkBehind.IsMatch(after) || WorkBefore.IsMatch(before)))
            {
                Work = seconds;
                Cut(time.Index, time.Length + WorkBehind.Match(after).Length);
            }
            else if (time.Groups["u"].Success && Length is null)
            {
                Length = seconds;
                Cut(time.Index, time.Length);
            }
            else
            {
                return false;
            }
        }

        if (SetsOf.Match(Left) is { Success: true } sets)
        {
            (Rounds, Reps) = (Number(sets), int.Parse(sets.Groups["reps"].Value, CultureInfo.InvariantCulture));
            Cut(sets.Index, sets.Length);
        }

        if (SideOfEach.Match(Left) is { Success: true } side)
        {
            RepsASide = Number(side);
            Cut(side.Index, side.Length);
        }

        if (Reps is null && RepsOfEach.Match(Left) is { Success: true } reps)
        {
            Reps = Number(reps);
            Cut(reps.Index, reps.Length);
        }

        if (Rounds is null && Often.Match(Left) is { Success: true } often)
        {
            Rounds = often.Groups["n"].Success ? Number(often) : often.Groups["three"].Success ? 3 : 2;
            Cut(often.Index, often.Length);
            // Told twice: what is meant is not told.
            if (Often.Match(Left) is { Success: true, Value: var again } && again.Any(char.IsAsciiDigit))
                return false;
        }

        // The higher number is of one rest.
        if (RestHigh is not null && Rest is not null && Between is not null)
            return false;
        // Both are told by the minute.
        if ((IsAmrap || IsByMinute) && Length % 60 is not (null or 0))
            return false;
        // A long rest said with the rounds is between them.
        if (Rounds is not null && Between is null && Rest >= LongRest && !isOfMoves)
            (Between, Rest, IsWater) = (Rest, null, isDrink);
        if (Between is null && DrinkBetween.Match(Left) is { Success: true } drink)
        {
            IsDrinkOpen = true;
            Cut(drink.Index, drink.Length);
        }

        Left = InGroups.Replace(ManyThings.Replace(Left, "${what}"), "${what}");
        return true;
    }

    private bool Rests(Match time, string around)
    {
        var seconds = Seconds(time);
        if (time.Groups["high"].Success && (Rest ?? Between ?? RestHigh) is not null)
            return false;
        RestHigh = time.Groups["high"].Success ? int.Parse(time.Groups["high"].Value, CultureInfo.InvariantCulture) * seconds / Number(time) : RestHigh;
        if (OfRounds.IsMatch(around))
        {
            if (Between is not null)
                return false;
            (Between, IsWater) = (seconds, Water.IsMatch(around));
            return true;
        }

        if (Rest is not null)
            return false;
        (isOfMoves, isDrink) = (OfMoves.IsMatch(around), Water.IsMatch(around));
        Rest = seconds;
        return true;
    }

    /// <summary>What stands before a number, up to the sign or the number before it.</summary>
    private string Before(int at)
    {
        var start = Left.LastIndexOfAny([',', ';', ':', '.'], Math.Max(0, at - 1)) + 1;
        return start <= at ? Left[start..at] : "";
    }

    private static string Clause(string after) => after.IndexOfAny([',', ';', '.']) is > 0 and var end ? after[..end] : after;

    private void Cut(int at, int length) => Left = string.Concat(Left.AsSpan(0, at), Gone, Left.AsSpan(Math.Min(Left.Length, at + length)));

    private static int Number(Match m) => int.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture);

    /// <summary>The seconds of a number and its unit.</summary>
    public static int Seconds(Match m) => Number(m) * (m.Groups["u"].Value.StartsWith('m') || m.Groups["u"].Value.StartsWith('M') ? 60 : 1);

    /// <summary>Times that are said without a figure, with one.</summary>
    public static string Minutes(string text) => text.Contains("min", StringComparison.OrdinalIgnoreCase)
        ? CoupleOf.Replace(OneMinute.Replace(HalfMinute.Replace(AndAHalf.Replace(text, "90 seconds"), "30 seconds"), "1 minute"), "2 minutes") : text;

    private static CardPattern AndAHalf => field ??= new(@"\b(?:a|one|1)\s+min(?:ute)?\s+and\s+a\s+half\b|\b(?:one|1)\s+and\s+a\s+half\s+min(?:ute)?s\b", RegexOptions.IgnoreCase);

    private static CardPattern HalfMinute => field ??= new(@"\bhalf\s+(?:a\s+)?min(?:ute)?\b", RegexOptions.IgnoreCase);

    private static CardPattern OneMinute => field ??= new(@"\b(?:a|one)(?:\s+(?:whole|full))?\s+min(?:ute)?\b(?!\s+or\s+(?:two|so|2))", RegexOptions.IgnoreCase);

    private static CardPattern CoupleOf => field ??= new(@"\ba\s+couple\s+of\s+min(?:ute)?s\b", RegexOptions.IgnoreCase);

    /// <summary>Words by which a sentence says the opposite, a choice, or something of some of it.</summary>
    private static CardPattern Unsure => field ??= new(@"\b(?:not|never|remember|remind(?:er)?|unless|instead|last\s+(?:week|time|month)|rather\s+than|either|or|odd|even|half\s+(?:the|of|way)|halfway|if|per\s+cent|kg|kilos?|lbs?|first\s+(?:round|set|time)|last\s+(?:round|set|one)|between\s+(?:the\s+|each\s+|all\s+)*(?:blocks?|parts?|super\s?sets?|circuits)|until|up\s+to|down\s+to|increas\w+|decreas\w+|drop(?:ping)?|add(?:ing)?)\b|n't\b|[0-9]\s*%", RegexOptions.IgnoreCase);

    private static CardPattern Amrap => field ??= new(@"\bAMRAP\b|\bas\s+many\s+(?:rounds|reps|times)\s+as\s+(?:possible|they\s+can|you\s+can|we\s+can)\b", RegexOptions.IgnoreCase);

    private static CardPattern Emom => field ??= new(@"\b(?:an?\s+)?EMOM\b", RegexOptions.IgnoreCase);

    /// <summary>How many stand together.</summary>
    private static CardPattern InGroups => field ??= new(@"\b(?<what>(?:teams?|groups?|pairs?)\s+of)\s+[0-9]{1,2}\b|\b[0-9]\s+(?<what>at\s+each)\b|\b(?<what>all|done)\s+(?:the\s+)?[0-9]{1,2}\b", RegexOptions.IgnoreCase);

    private static CardPattern Time => field ??= new(@"(?<![0-9:/.-])\b(?<n>[0-9]{1,3})(?:\s*(?:-|to|or)\s*(?<high>[0-9]{1,3}))?(?:[\s-]*(?<u>s|secs?|seconds?|mins?|minutes?)\b'?s?|(?=\s+(?:on(?!\s+(?:each|the|their|your))|off|rest|work|to\s+(?:rest|recover|catch|breathe|swap|change|move|switch|get|reset|walk|jog|run|go)|(?:of\s+)?(?:rest|recovery|breather|between))\b))", RegexOptions.IgnoreCase);

    private static CardPattern RestBehind => field ??= new(@"^[\s-]*(?:of\s+|for\s+a\s+|for\s+|as\s+a\s+)?(?:(?:rest(?:ing)?|recovery|recover|break|breather|breathing\s+space|off|pause|gap|down\s?time|transition|change\s?-?\s?over|water(?:\s+break)?|drink(?:s)?(?:\s+break)?)\b|to\s+(?:rest|recover|drink|catch|breathe|swap|change|move|switch|get|reset|set\s+up|find|walk|jog|run|step|go|drink|shake|grab|have\s+a\s+(?:drink|rest|breather))\b[^,;.0-9]{0,40}?(?=\s*(?:[,;.0-9]|$|\band\b|\bbetween\b|\bafter\b|\bbefore\b))|(?=(?:in\s+)?between\b|after\s+(?:each|every)\b))", RegexOptions.IgnoreCase);

    private static CardPattern RestBefore => field ??= new(@"\b(?:rest(?:ing|s)?|break|breather|recovery|recover|pause|off|(?:have|take|with|grab)\s+a\s+drink|sit\s+down|between\s+(?:rounds|them|each|every\s+round|exercises))(?:\s+(?:for|of|is|are|about|around|a|just|only|them|we|have|take))*\s*$", RegexOptions.IgnoreCase);

    /// <summary>Where a rest lies.</summary>
    private static CardPattern Scope => field ??= new(@"^\s*(?:(?:in\s+)?between(?:\s+(?:each|every|the|all))?(?:\s+(?:of\s+the\s+)?(?:rounds?|sets?|circuits?|laps?|moves?|exercises?|stations?|ones?|them))?|(?:at\s+the\s+end\s+of|after|before)\s+(?:each|every|the\s+next|a|one)(?:\s+(?:rounds?|sets?|circuits?|laps?|moves?|exercises?|stations?|ones?))?|each\s+time|before\s+(?:we|they|you|going|starting|doing)\b[^,;.0-9]{0,30})", RegexOptions.IgnoreCase);

    private static CardPattern OfRounds => field ??= new(@"\b(?:between|after|end\s+of|before)\s+(?:each\s+|every\s+|the\s+|all\s+|a\s+|one\s+)*(?:next\s+)?(?:round|set|circuit|lap|go\b)|\bround(?:s)?\s+break\b|\bbefore\s+(?:we|they|you|going|starting|doing)\b", RegexOptions.IgnoreCase);

    private static CardPattern OfMoves => field ??= new(@"\b(?:each|every|per|next)\s+(?:exercise|move|station)|\bto\s+(?:swap|change|move|switch|get\s+to)|\bbetween\s+(?:exercises|moves|stations)", RegexOptions.IgnoreCase);

    private static CardPattern SetsOf => field ??= new(@"\b(?<n>[1-9]|10)\s+(?:sets|lots|rounds)\s+of\s+(?<reps>[0-9]{1,2})\b(?!\s*(?:s|secs?|seconds?|m|mins?|minutes?)\b)", RegexOptions.IgnoreCase);

    private static CardPattern DrinkBetween => field ??= new(@"\b(?:a\s+|some\s+)?(?:quick\s+|short\s+)?(?:sip\s+of\s+|drop\s+of\s+)?(?:water|drink)(?:\s+break)?\s+(?:in\s+)?(?:between|after)(?:\s+(?:each|every|the|rounds?|time|go|one))*\b", RegexOptions.IgnoreCase);

    private static CardPattern Water => field ??= new(@"\b(?:water|drinks?)\b", RegexOptions.IgnoreCase);

    private static CardPattern WorkBehind => field ??= new(@"^[\s-]*(?:on(?=\s*(?:$|[,;.]|and\b|then\b|with\b|;))|(?:of\s+)?work(?:ing)?\b|(?:on|at|of|for|in)\s+(?:each|every)(?:\s+(?:one|exercise|move|station|thing|pair))?\b|(?:per|a|an|each|every)\s+(?:exercise|move|station|one|stop)\b|each\b|apiece\b|of\s+(?:them|everything)\b|effort\b|stations?\b|intervals?\b|bursts?\b)", RegexOptions.IgnoreCase);

    private static CardPattern WorkBefore => field ??= new(@"\b(?:work(?:s|ing)?(?:\s+is)?(?:\s+for)?|every\s+(?:exercise|move|station|one)\s+(?:is|for|takes|lasts)(?:\s+for)?|each(?:\s+(?:one|exercise|move|station))?(?:\s+(?:is|for|takes|lasts))*|do(?:ing)?\s+(?:them|each|it|those|these)(?:\s+(?:all|one))?\s+for|(?:we|they|you|I|everyone)\s+do\s+for|they\s+go\s+for|them\s+for|(?:swap|change|switch|rotate)(?:\s+(?:over|places|round|roles))?\s+(?:after|every))(?:\s+(?:about|around))?\s*$", RegexOptions.IgnoreCase);

    private static CardPattern RepsOfEach => field ??= new(@"(?<![0-9:/.-])\b(?<n>[0-9]{1,3})\s*(?:reps?|repetitions)(?:\s*(?:of|on|for)?\s+(?:each|every|everything|all|them)(?:\s+(?:one|exercise|move|of\s+them))?)?\b|(?<![0-9:/.-])\b(?<n>[0-9]{1,3})\s+(?:of\s+(?:each|every|everything|them\s+all|all(?:\s+of\s+them)?)(?:\s+(?:one|exercise|move))?|each(?!\s+(?:side|leg|arm|way))(?:\s+(?:exercise|move|time))?|apiece|on\s+each(?!\s+(?:side|leg|arm|way))|per\s+(?:exercise|move))\b", RegexOptions.IgnoreCase);

    private static CardPattern Often => field ??= new(@"(?:\b(?:repeat(?:ing)?|do(?:ing)?|go(?:ing)?|go\s+(?:through|round|around)|get\s+through|run\s+through|for)(?:\s+(?:it|that|this|them|these|those|each|every|all|the|whole|lot|thing|block|circuit|set|through|round|around|of|again))*\s+)?(?:(?<![0-9:/.-])\b(?<n>[0-9]{1,2})\s*(?:times|rounds?|sets?|goes|laps|go\s+throughs|run\s+throughs|circuits)|\btwice|\b(?<three>thrice|three\s+times))\b(?:\s+(?:in\s+(?:total|all)|altogether|through|over|round|around|of\s+(?:it|this|that|each|them|everything|each\s+(?:one|circuit|block|pair))|each))*|\b(?:go|goes|going|do\s+(?:it|that|them)|do\s+it\s+all|repeat\s+(?:it\s+)?all)\s+(?:round\s+|through\s+|all\s+)*(?:again|once\s+more|one\s+more\s+time)\b", RegexOptions.IgnoreCase);

    private static CardPattern SideOfEach => field ??= new(@"(?<![0-9:/.-])\b(?<n>[0-9]{1,2})\s*(?:reps\s+)?(?:of\s+each\s+)?(?:on\s+)?(?:each|per|either)\s+(?:side|leg|arm)s?\b", RegexOptions.IgnoreCase);

    /// <summary>How many parts or people there are: words to keep, and no number of how it runs.</summary>
    private static CardPattern ManyThings => field ??= new(@"\b[0-9]{1,2}\s+(?<what>(?:different\s+|more\s+|other\s+|easy\s+|simple\s+)?(?:blocks?|exercises|moves|movements|stations|parts|supersets|sections|circuits|people|of\s+(?:us|you|them)|ladies|men|folks|dumbbells|weights|things|each))\b", RegexOptions.IgnoreCase);
}
