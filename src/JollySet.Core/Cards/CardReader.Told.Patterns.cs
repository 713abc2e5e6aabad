using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The words by which a spoken sentence is told apart.</content>
public sealed partial class CardReader
{
    /// <summary>Words by which somebody speaks.</summary>
    private static CardPattern Speaks => field ??= new(@"\b(?:we|we'll|we're|we've|we'd|I|I'll|I'm|I've|I'd|you|you'll|they|they're|they've|it's|that's|there's|there\s+are|let's|then|after|next|finish|start|everyone|everybody|everything|which|do|does|doing|going|the|our|your|of|with|to|is|are|this|only|just|about|in|for|on|an?|as|at|so|and|while|when|how|by|them|it|that|once|before|begin|end)\b", RegexOptions.IgnoreCase);

    /// <summary>Somebody who speaks, or what comes after what.</summary>
    private static CardPattern SpeaksOut => field ??= new(@"\b(?:we|we'll|we're|we've|we'd|I|I'll|I'm|I've|I'd|you|you'll|they|they'll|they're|they've|it's|that's|there's|there\s+(?:are|is|will)|let's|then|next|after(?:wards|\s+that|\s+an?)|finish|start|begin|end\s+(?:with|on)|everyone|everybody|which|once|is|are|while|same\s+with|as\s+an?)\b", RegexOptions.IgnoreCase);

    private static CardPattern OwnTime => field ??= new(@"\s+for\s+(?:about\s+)?(?<n>[0-9]{1,3})[\s-]*(?<u>s|secs?|seconds?|mins?|minutes?)\b(?<each>\s+(?:each|apiece))?(?=\s*(?:$|[,;.]|and\b|then\b))", RegexOptions.IgnoreCase);

    private static CardPattern OrderWords => field ??= new(@"\s*[,-]?\s*\b(?:first|next|then|last|now|finally)\b\s*", RegexOptions.IgnoreCase);

    private static CardPattern ManyExercises => field ??= new(@"\b[0-9]{1,2}\s+(?:exercises|moves|stations)\b", RegexOptions.IgnoreCase);

    private static CardPattern BackToBack => field ??= new(@",?\s*\bback[\s-]+to[\s-]+back\b,?", RegexOptions.IgnoreCase);

    private static CardPattern SomeRounds => field ??= new(@",\s+(?:and|but|then|except)\s+(?:on\s+|in\s+)?(?:the\s+)?(?:last|first|final|second|third)\s+(?:time|round|set|one|lap|go)\b.*$", RegexOptions.IgnoreCase);

    /// <summary>How many parts there are is the name of none.</summary>
    private static CardPattern ManyParts => field ??= new(@"\b(?:stations?|blocks|circuits|parts|rounds|sets|sections|supersets)$", RegexOptions.IgnoreCase);

    /// <summary>Words of a number that look like a slip of a name: “two to three minutes rest”.</summary>
    private static CardPattern NoMove => field ??= new(@"\b(?:minutes?|seconds?|rounds?|times|rest)\s+(?:minutes?|seconds?|rounds?|times|rest)\b", RegexOptions.IgnoreCase);

    private static CardPattern StretchWord => field ??= new(@"stretch|relax", RegexOptions.IgnoreCase);

    private static CardPattern WarmThem => field ??= new(@"^warm\s+[a-z]+\s+up$", RegexOptions.IgnoreCase);

    /// <summary>“Same with lunges and a wall sit”.</summary>
    private static CardPattern SameWith => field ??= new(@"^\s*(?:and\s+|then\s+)*(?:(?:the\s+)?same|again)\s+(?:with|for)\b", RegexOptions.IgnoreCase);

    /// <summary>One name, or two.</summary>
    private static CardPattern OwnNames => field ??= new(@"^\s*(?:and\s+)?\p{L}[\p{L}' -]{2,30}(?:\s+(?:and|&)\s+\p{L}[\p{L}' -]{2,30})?$");

    /// <summary>Names that nobody knows, between two signs of a list.</summary>
    private static CardPattern OwnBetween => field ??= new(@"^\s*,(?:\s+(?:and\s+|some\s+)*(?<name>[a-z][a-z'-]+(?:\s+[a-z][a-z'-]+){0,2})\s*,){1,2}\s*(?:and\s+)?(?:some\s+)?$|^\s*,\s+(?:some\s+)?(?<name>[a-z][a-z'-]+(?:\s+[a-z][a-z'-]+){0,2})\s+and\s+(?:some\s+)?$", RegexOptions.IgnoreCase);

    /// <summary>A name that nobody knows at the head of a list.</summary>
    private static CardPattern OwnFirst => field ??= new(@"(?::|\b(?:is|are|do|of|with|has|have|got|for))\s+(?:some\s+|the\s+)?(?<name>\p{L}[\p{L}'-]+(?:\s+\p{L}[\p{L}'-]+){0,2})(?:(?<list>,)\s*|\s+and\s+)(?:some\s+)?$", RegexOptions.IgnoreCase);

    /// <summary>A name that nobody knows at the end of a list.</summary>
    private static CardPattern OwnLast => field ??= new(@"^\s*,?\s*and\s+(?:some\s+|the\s+)?(?<name>\p{L}[\p{L}'-]+(?:\s+\p{L}[\p{L}'-]+){0,2})(?=\s*(?:$|[.,;!]))", RegexOptions.IgnoreCase);

    /// <summary>“One does star jumps while the other holds a plank”.</summary>
    private static CardPattern JoinsOfPair => field ??= new(@"^\s*(?:,?\s*(?:while|and|as)\s+(?:the\s+other|their\s+partner|partner\s+(?:B|2|two)|B)(?:\s+(?:one|person))?\s+(?:does|holds|is\s+doing|is\s+holding|do|hold)|with|into|then|\+|paired\s+with)(?:\s+(?:an?|the|some))?\s*$", RegexOptions.IgnoreCase);

    /// <summary>Where a sentence goes on to another part of the class.</summary>
    private static CardPattern GoesOnTo => field ??= new(@"\s*[,;.]?\s*\b(?:and\s+)?(?:then|after\s+that|after(?:wards)?,?\s+we|followed\s+by|before\s+(?=(?:an?|we|the|some)\b)|(?:and|we|to)\s+(?:finish|end|close)(?:\s+(?:off|up|it))?\s+(?:with|on)|finish(?:ing)?\s+(?:off\s+)?(?:with|on)|next)\b,?\s*|\s*;\s*|,\s+and\s+(?=an?\s)|,?\s+and\s+(?=(?:cool|stretch|finish|end)\b)|\s+and\s+(?=an?\s+(?:[a-z]+\s+)?(?:stretch|cool|warm))|,?\s+(?=we\s+(?:do|then|go)\b)|,\s+(?=(?:\d+|two|three|four|five|six|ten)\s+rounds?\s+of\b)", RegexOptions.IgnoreCase);

    /// <summary>A part before or behind the class proper.</summary>
    private static CardPattern AnyPart => field ??= new(@"\b(?:warm(?:s|ing)?[\s-]?up|warm\s+(?:them|us|everyone|you|people)\s+up|pulse\s+raiser|(?:easy|gentle|light)\s+(?:cardio|movement)|joint\s+mobility|loosening(?:\s+up)?|cool(?:ing)?[\s-]?down|(?:(?:seated|final|gentle|full[\s-]body|long|big|standing|floor)\s+)?stretch(?:es|ing)?(?:\s+(?:out|off))?|mobility(?:\s+work)?|relaxation)\b", RegexOptions.IgnoreCase);

    private static CardPattern DrinkWords => field ??= new(@"\b(?:(?:quick|short)\s+)?(?:water(?:\s+break)?|drinks?(?:\s+break)?)\b", RegexOptions.IgnoreCase);

    private static CardPattern StationsWord => field ??= new(@"\b(?:stations?|movements|sets?|rounds?|pairs?)\b", RegexOptions.IgnoreCase);

    private static CardPattern Which => field ??= new(@"\b(?!(?:an?|the|another|one|two|three|of|as|this|each|every|more)\s)[a-z]{4,}\b(?=\s+(?:super|pair|tri))", RegexOptions.IgnoreCase);

    private static CardPattern ArticleFirst => field ??= new(@"^(?:(?:then|and|so|the|an?)\s+)+", RegexOptions.IgnoreCase);

    /// <summary>What leads from a block's name to its moves.</summary>
    private static CardPattern LeadsToMoves => field ??= new(@"(?:[\s,]*\b(?:which\s+(?:is|are|will\s+be)|is|are|we\s+do|we|so|do|with|of|for|first|next|time|work|bit|section|exercises|the|it's|that's))+\s*$", RegexOptions.IgnoreCase);
}
