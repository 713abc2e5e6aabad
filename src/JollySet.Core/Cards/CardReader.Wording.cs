using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Ways of writing that say the same as another: the other is read.</content>
public sealed partial class CardReader
{
    /// <summary>A line in the words the rest of the reader knows.</summary>
    private string Reworded(string text) => AsTurns(AsRungs(AsInterval(AsMost(AsRounds(AsHow(AsSets(AsOneMove(AsPart(AsEach(AsPlan(WeDo().Replace(PlanIs().Replace(Plainer(text), ""), ""))))))))))));

    /// <summary>“Rest - 30s” is a rest of 30 s, “SS2: …” a superset, “warm up x 5 mins” a warm-up of five minutes, 40" forty seconds where nothing is quoted.</summary>
    private static string Plainer(string text)
    {
        text = TimesATime().Replace(ShortSuperset().Replace(RestIs().Replace(text, "rest "), "Superset "), "");
        return text.Contains('"', StringComparison.Ordinal) && !OpensQuote().IsMatch(text) ? SecondsSign().Replace(text, "s") : text;
    }

    /// <summary>“R1 10 reps, R2 12 reps” are rungs.</summary>
    private static string AsRungs(string text) =>
        RepsOfRounds().Match(text) is { Success: true } m && m.Groups["n"].Captures.Count > 2 ? string.Join('-', m.Groups["n"].Captures.Select(c => c.Value)) : text;

    /// <summary>“Alternate sit-ups and leg raises” is a list of both.</summary>
    private string AsTurns(string text) =>
        ByTurns().Match(text) is { Success: true } m && Understood(m.Groups["a"].Value) is not null && Understood(m.Groups["b"].Value) is not null ? $"{text[..m.Index]}{m.Groups["a"].Value}, {m.Groups["b"].Value}" : text;

    /// <summary>“20s sprint / 40s easy” is 20 on and 40 off.</summary>
    private static string AsInterval(string text) =>
        WorkAndEasy().Match(text) is { Success: true } m ? $"{text[..m.Index]}{m.Groups["w"].Value}/{m.Groups["r"].Value}: {m.Groups["name"].Value.Trim()}" : text;

    /// <summary>“Max push-ups in 60s” is 60 s of them.</summary>
    private static string AsMost(string text) =>
        MostIn().Match(text) is { Success: true } m ? $"{text[..m.Index]}{m.Groups["name"].Value.Trim()} {m.Groups["t"].Value} (as many as you can)" : text;

    /// <summary>“8 front squats + 8 push presses” is both of them, eight times.</summary>
    private string AsOneMove(string text) =>
        AsOften().Match(text) is { Success: true } both && Understood(both.Groups["a"].Value) is not null && Understood(both.Groups["b"].Value) is not null
            ? $"{text[..both.Index]}{both.Groups["a"].Value} + {both.Groups["b"].Value} x{both.Groups["n"].Value}" : text;

    /// <summary>“Deadlift: 5-5-5, build up” is three sets of it.</summary>
    private string AsSets(string text) =>
        SetByDashes().Match(text) is { Success: true } sets && Understood(sets.Groups["name"].Value.Trim()) is not null && !LooksLikeTempo().IsMatch(sets.Groups["l"].Value)
            ? $"{sets.Groups["name"].Value.Trim()} {sets.Groups["l"].Value.Replace('-', ',').Replace('/', ',')}{(sets.Groups["more"].Value.Trim(' ', ',') is { Length: > 0 } more ? $" ({more})" : "")}" : text;

    /// <summary>“3 x (10 squats, 10 rows)” is three rounds of them.</summary>
    private static string AsRounds(string text) =>
        RoundsOfBracket().Match(text) is { Success: true } rounds ? $"{rounds.Groups["n"].Value} rounds: {rounds.Groups["items"].Value}" : text;

    /// <summary>“3x (40s each, 20s off) squat, plank” is three rounds, how each goes, and the moves.</summary>
    private string AsHow(string text) =>
        RoundsOfHow().Match(text) is { Success: true } m && Scan(m.Groups["how"].Value, isLine: false) is { Any: true } how && IsEmpty(how.Left)
            ? $"{text[..m.Index]}{m.Groups["n"].Value} rounds, {m.Groups["how"].Value} - {m.Groups["items"].Value}" : text;

    /// <summary>“10 mins mobility and pulse raise” is that part, ten minutes long.</summary>
    private string AsPart(string text) =>
        MinutesOf().Match(text) is { Success: true } m && (PartOf(m.Groups["what"].Value) != CardPart.Main || (BlockWord().IsMatch(m.Groups["what"].Value) && Understood(m.Groups["what"].Value) is null) || Ending().IsMatch(m.Groups["what"].Value))
            ? $"{(Ending().IsMatch(m.Groups["what"].Value) ? "cool down, " : "")}{m.Groups["what"].Value} {m.Groups["n"].Value} mins{m.Groups["more"].Value}" : text;

    /// <summary>“All stations 45 secs” is 45 s each.</summary>
    private static string AsEach(string text) => AllLast().Match(text) is { Success: true } m ? $"{m.Groups["t"].Value} each{text[m.Length..]}" : text;

    /// <summary>“Class: squats, rows 40/20” is what is done in it, no title.</summary>
    private string AsPlan(string text) =>
        ClassIs().Match(text) is { Success: true } m && (Scan(m.Groups["what"].Value, isLine: false).SaysBlock || Parted(m.Groups["what"].Value).Count > 1) ? m.Groups["what"].Value : text;
}
