using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>A class by its music: one line below the other, each what is done and how long its track is (“Track 2 squats 5:30”, “3. chest press 5:00”). What is one move is done so long, several share it, a part takes it.</summary>
internal static class CardTracks
{
    private const int Fewest = 3;
    private const int MostLetters = 8;
    private const int ShortestTrack = 90;

    /// <summary>Puts each line of such a list so that it says this alone.</summary>
    public static void Put(string[] lines, Dictionary<int, string> put, Func<string, bool> isMove)
    {
        var tracks = lines.Select((l, at) => (At: at, Track: l.Length is > 0 and <= CardText.LongestLine && !put.ContainsKey(at) ? Line.Match(l) : Match.Empty)).Where(t => t.Track.Success).ToList();
        // A list of stretches with their times is none.
        if (tracks.Exists(t => Seconds(t.Track) < ShortestTrack) || !tracks.Exists(t => t.Track.Groups["n"].Success || CardPhrases.PartOf(t.Track.Groups["what"].Value.Trim()) != CardPart.Main))
            return;
        if (tracks.Count < Fewest || tracks[^1].At - tracks[0].At > tracks.Count * 2 || !Descends(tracks.ConvertAll(t => t.Track)))
            return;
        for (var i = 0; i < tracks.Count; i++)
            if (Said(tracks[i].Track, i, isMove) is { } said)
                put[tracks[i].At] = said;
    }

    /// <summary>Times that only grow are of the clock, not of the tracks.</summary>
    private static bool Descends(List<Match> tracks) =>
        tracks.Zip(tracks.Skip(1)).Any(t => Seconds(t.Second) <= Seconds(t.First));

    private static string? Said(Match m, int place, Func<string, bool> isMove)
    {
        var what = m.Groups["what"].Value.Trim();
        var name = m.Groups["n"].Success ? $"Track {m.Groups["n"].Value}" : place < MostLetters ? ((char)('A' + place)).ToString() : what;
        var seconds = Seconds(m);
        if (CardPhrases.PartOf(what) != CardPart.Main)
            return m.Groups["n"].Success ? null : string.Create(CultureInfo.InvariantCulture, $"{what} {(seconds % 60 == 0 ? $"{seconds / 60} min" : $"{seconds}s")}");
        if (isMove(what))
            return string.Create(CultureInfo.InvariantCulture, $"{name}: {what} {seconds}s");
        var items = Commas.Split(what);
        return items.Length > 1 && items.Count(isMove) * 2 > items.Length && seconds % items.Length == 0
            ? string.Create(CultureInfo.InvariantCulture, $"{name} - {seconds / items.Length}s each: {string.Join(", ", items)}") : null;
    }

    private static int Seconds(Match m) => int.Parse(m.Groups["m"].Value, CultureInfo.InvariantCulture) * 60 + int.Parse(m.Groups["s"].Value, CultureInfo.InvariantCulture);

    private static CardPattern Commas => field ??= new(@"\s*,\s*(?:and\s+|&\s+)?");

    private static CardPattern Line => field ??= new(@"^\s*(?:(?:track|song|tune|t)\s?#?(?<n>[0-9]{1,2})\s*[:.)-]?\s*|[0-9]{1,2}\s?[.)]\s+)?(?:-\s*)?(?:(?<what>[a-z][a-z,' &+/-]{2,60}?)\s*(?:[:-]\s*|\s)\(?(?<m>[0-9]{1,2}):(?<s>[0-5][0-9])(?:\s*min(?:ute)?s?)?\)?|\(?(?<m>[0-9]{1,2}):(?<s>[0-5][0-9])(?:\s*min(?:ute)?s?)?\)?[\s:-]+(?<what>[a-z][a-z,' &+/-]{2,60}?))\s*$", RegexOptions.IgnoreCase);
}
