using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of lists one below the other, and of the line that says how each of them runs.</content>
internal sealed partial class CardShared
{
    private const string T = @"(?:(?<n>[0-9]{1,3})\s*(?:(?<min>m|mins?|minutes?|')|s|secs?|seconds?|"")|an?\s+(?<min>min(?:ute)?))(?![a-z])";
    private const string Blocks = @"(?:(?:mini\s+)?(?:circuits?|blocks?|tabatas?|sets|supersets?|groups?|lists?|parts?))";

    /// <summary>“C1 ”, “Circuit 2: ”, “A) ”, “T3 – ”.</summary>
    private static CardPattern Label => field ??= new(@"^\s*(?:(?<w>circuit|block|set|round|group|tabata|part|superset)\s*#?(?<n>[1-9]|[A-H])(?:\s*[:.)]\s*|\s+[-–]\s+|\s+)|(?<w>[CTB])(?<n>[1-9])(?:\s*[:.)]\s*|\s+[-–]\s+|\s+)|(?<w>)(?<n>[1-9]|[A-H])(?:\s*[:.)]\s+|\s+[-–]\s+))(?=[a-z])", RegexOptions.IgnoreCase);

    private static CardPattern TabataWord => field ??= new(@"\btabatas?\b", RegexOptions.IgnoreCase);

    private static CardPattern Commas => field ??= new(@"\s*,\s*(?:and\s+)?");

    private static CardPattern Strokes => field ??= new(@"\s+/\s+");

    private static CardPattern Pluses => field ??= new(@"\s+\+\s+");

    private static CardPattern Ands => field ??= new(@"\s+(?:&|and)\s+", RegexOptions.IgnoreCase);

    private static CardPattern BetweenRounds => field ??= new(T + @"\s*(?:rest\s+|off\s+|break\s+)?(?:in\s+)?(?:between|btw|after)\s+(?:the\s+|each\s+|every\s+)?(?:rounds?|laps?)\b", RegexOptions.IgnoreCase);

    private static CardPattern BetweenBlocks => field ??= new(@"(?:(?:with\s+)?" + T + @"\s*(?:rest\s+|off\s+|break\s+|recovery\s+)?(?:in\s+)?(?:between|btw|after)(?:\s+(?:the\s+|each\s+|every\s+)?(?:" + Blocks + @"|them|each|one))?|rest\s+" + T + @"\s+between\s+(?:the\s+|each\s+|every\s+)?" + Blocks + @")(?=$|[\s.,;)])", RegexOptions.IgnoreCase);

    private static CardPattern OnOff => field ??= new(@"\b(?<w>[0-9]{2,3})\s*(?:s|secs?|seconds?)?\s*(?:(?:of\s+)?(?:on|work)\b[\s,/&+-]*(?:and\s+|then\s+)?(?<r>[0-9]{1,3})\s*(?:s|secs?|seconds?)?\s*(?:of\s+)?(?:off|rest)\b|[/:]\s*(?<r>[0-9]{1,3})\s*(?:s|secs?|seconds?)?\b)", RegexOptions.IgnoreCase);

    /// <summary>“3 circuits of 4 exercises”: what is seen.</summary>
    private static CardPattern SoMany => field ??= new(@"\b(?<many>[2-9]|two|three|four|five)\s*(?:x\s*)?(?:" + Blocks + @")\b(?:\s+of\s+(?:[0-9]|two|three|four|five|six)(?:\s*(?:exercises|moves|movements|stations)|(?=\s*[,;:(-]|$))|\s*,\s*(?:[0-9]|two|three|four|five|six)\s*(?:exercises|moves|movements|stations)(?=\s+(?:each|in\s+each|per\s)))?", RegexOptions.IgnoreCase);

    /// <summary>What stands around a name on its line: a bullet, a bracket.</summary>
    private static CardPattern AroundName => field ??= new(@"^\s*(?:[*>•-]\s*)?|\s*\([^()]{1,60}\)\s*$");

    private static CardPattern Often => field ??= new(@"\b(?:x\s*(?<n>[0-9]{1,2})\b(?:\s+rounds?)?|(?<n>[0-9]{1,2})\s*(?:x\b|times\b|rounds?\b|laps?\b)|(?<twice>twice)\b)", RegexOptions.IgnoreCase);

    /// <summary>“8 rounds each”, “8 x 20/10 each”: of all of it, or of each move? The reader asks.</summary>
    private static CardPattern EachSoOften => field ??= new(@"\b8\s*(?:x|rounds?)\b.*\beach\b(?!\s+" + Blocks + ")", RegexOptions.IgnoreCase);

    private static CardPattern Minutes => field ??= new(@"\bfor\s+(?<n>[0-9]{1,2})\s*(?:mins?|minutes?|')", RegexOptions.IgnoreCase);

    private static CardPattern Sentences => field ??= new(@"(?<=[a-z0-9][.!?])\s+(?=[A-Z])");

    private static CardPattern FirstSentence => field ??= new(@"^(?<s>[^.!?]+)[.!?]?(?:\s+|$)");

    private static CardPattern Filler => field ??= new(@"^\s*main(?:\s+(?:set|part))?\s*[:-]|\b(?:all|do|run|repeat|go|everything|through|round|around|each|every|per|of|in|the|with|and|then|a|" + Blocks + @"|exercises?|moves?|stations?|rest|mins?)\b", RegexOptions.IgnoreCase);
}
