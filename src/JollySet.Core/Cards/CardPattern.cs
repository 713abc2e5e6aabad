using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>A pattern looked for in a card, where the text holds what it needs. It is interpreted at first, so that a first card waits for nothing to be made ready; one that is looked for often is compiled beside the readings, which takes it some four times as fast from then on, and finds the same. For any number of threads.</summary>
/// <param name="pattern">As a <see cref="Regex"/> has it.</param>
/// <param name="options">As a <see cref="Regex"/> has them.</param>
/// <param name="places">How many may still be compiled; those of all cards where it is not given.</param>
internal sealed class CardPattern(string pattern, RegexOptions options = RegexOptions.None, CardPattern.Places? places = null)
{
    /// <summary>So many looks, those of some ten cards, and it is worth the milliseconds that compiling takes; no first card is slowed by it.</summary>
    public const int Often = 400;

    private const int All = -1;

    // Each takes 200 kB or so. Those that come first are the ones most looked for: with 320 of 700 a card takes within 5 % of the time that it takes with all.
    private static readonly Places OfCards = new(320);

    // One after the other, so that no more than one processor is taken from who reads.
    private static readonly TaskFactory Beside = new(new ConcurrentExclusiveSchedulerPair(TaskScheduler.Default, maxConcurrencyLevel: 1).ExclusiveScheduler);

    [ThreadStatic]
    private static string? lastText;

    [ThreadStatic]
    private static ulong lastHeld;

    private readonly CardPatternNeeds needs = CardPatternNeeds.Of(pattern);
    private Regex regex = new(pattern, options);
    private int looks;

    /// <summary>Whether it has been compiled.</summary>
    public bool IsCompiled => Volatile.Read(ref regex).Options.HasFlag(RegexOptions.Compiled);

    /// <summary>As a <see cref="Regex"/> has it.</summary>
    public override string ToString() => pattern;

    public bool IsMatch(string text) => MayFind(text) && Ready(text).IsMatch(text);

    public bool IsMatch(ReadOnlySpan<char> text) => Volatile.Read(ref regex).IsMatch(text);

    public Match Match(string text, int from = 0) => MayFind(text) ? Ready(text).Match(text, from) : System.Text.RegularExpressions.Match.Empty;

    public MatchCollection Matches(string text, int from = 0) => Ready(text).Matches(text, from);

    public int Count(string text) => MayFind(text) ? Ready(text).Count(text) : 0;

    public string[] Split(string text) => MayFind(text) ? Ready(text).Split(text) : [text];

    public string Replace(string text, string becomes, int most = All) => MayFind(text) ? Ready(text).Replace(text, becomes, most) : text;

    public string Replace(string text, MatchEvaluator becomes, int most = All) => MayFind(text) ? Ready(text).Replace(text, becomes, most) : text;

    // One text is looked at for many patterns, one after the other.
    private bool MayFind(string text)
    {
        if (!ReferenceEquals(text, lastText))
            (lastText, lastHeld) = (text, CardPatternNeeds.In(text));
        return needs.MayBeIn(text, lastHeld);
    }

    private Regex Ready(string text)
    {
        if (looks < Often && Interlocked.Increment(ref looks) == Often && (places ?? OfCards).Take())
            CompileBeside(text);
        return Volatile.Read(ref regex);
    }

    private void CompileBeside(string text) => _ = Beside.StartNew(() => Compile(text));

    private void Compile(string text)
    {
        var compiled = new Regex(pattern, options | RegexOptions.Compiled);
        // A first look makes its code ready here, and not under who reads.
        _ = compiled.IsMatch(text);
        Volatile.Write(ref regex, compiled);
    }

    /// <summary>So many patterns may be compiled.</summary>
    internal sealed class Places(int count)
    {
        private int left = count;

        public bool Take() => Interlocked.Decrement(ref left) >= 0;
    }
}
