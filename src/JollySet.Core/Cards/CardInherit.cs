namespace JollySet.Core.Cards;

/// <summary>“8 rounds each, 20/10” above several blocks that do not say how they run: it is theirs.</summary>
internal static class CardInherit
{
    /// <summary>Hands settings down to the blocks below them, and takes out the line that held them.</summary>
    /// <returns>What was handed down, and to which blocks.</returns>
    public static List<(CardBlock From, List<CardBlock> To)> HandDown(List<CardBlock> blocks)
    {
        var handed = new List<(CardBlock, List<CardBlock>)>();
        for (var at = blocks.Count - 2; at >= 0; at--)
        {
            // What has a sentence of its own is done itself.
            var from = blocks[at];
            if (from is not { Part: CardPart.Main, HasSettings: true, Stations.Count: 0, IsUnnamed: true, Scheme: null, IsAmrap: false, Every: null, Letter: null } || (!from.IsTold && from.Notes.Exists(n => n.Split(' ').Length > CardPhrases.FewWords * 2)))
                continue;
            var to = blocks.Skip(at + 1).Where(b => b.Part == CardPart.Main && b.Stations.Count > 0).TakeWhile(b => IsOpen(b, from)).ToList();
            if (to.Count == 0)
                continue;
            foreach (var block in to)
                Give(from, block, isLast: block == to[^1]);
            if (from.Length is { } length)
                to[0].Notes.Insert(0, string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{length / 60m:0.#} min"));
            to[0].Notes.InsertRange(0, from.Notes);
            handed.Add((from, to));
            blocks.RemoveAt(at);
        }

        return handed;
    }

    /// <summary>Words that say how something runs and name neither it nor a move: of the block above them, and kept there word for word.</summary>
    /// <param name="written">The words of a line, by its number; null where they name moves.</param>
    /// <returns>The line of the words, and the block.</returns>
    public static List<(int Line, CardBlock To)> HandUp(List<CardBlock> blocks, Func<int, string?> written)
    {
        var handed = new List<(int, CardBlock)>();
        for (var at = blocks.Count - 1; at > 0; at--)
        {
            var (from, to) = (blocks[at], blocks[at - 1]);
            if (from is not { Part: CardPart.Main, Stations.Count: 0, IsUnnamed: true, IsTalk: false, Length: null, Scheme: null, IsAmrap: false, Every: null, Letter: null } || !(from.HasSettings || from.Rest is not null || from.Between is not null || from.Notes.Count > 0) || to is not { Part: CardPart.Main, Stations.Count: > 0 })
                continue;
            if (written(from.Line) is not { } said)
                continue;
            // Once through, and again: as often as it is said last.
            if (to.RoundsLow == 1 && from.RoundsLow > 1)
                to.RoundsLow = null;
            var isWhole = IsOpen(to, from) && from.Notes.Count == 0;
            if (IsOpen(to, from))
                Give(from, to, isLast: false);
            to.Notes.AddRange(from.Notes.Where(n => n.Split(' ', ',').All(w => said.Contains(w, StringComparison.OrdinalIgnoreCase)) is false).Concat(isWhole ? [] : [said]));
            handed.Add((from.Line, to));
            blocks.RemoveAt(at);
        }

        return handed;
    }

    private static bool IsOpen(CardBlock block, CardBlock from) =>
        block is { Scheme: null, Every: null, IsAmrap: false, IsStraight: false } && (block.Work is null || from.Work is null) && (block.RoundsLow is null || from.RoundsLow is null);

    private static void Give(CardBlock from, CardBlock to, bool isLast)
    {
        (to.RoundsLow, to.RoundsHigh) = (to.RoundsLow ?? from.RoundsLow, to.RoundsHigh ?? from.RoundsHigh);
        to.Work ??= from.Work;
        (to.Rest, to.RestHigh) = (to.Rest ?? from.Rest, to.RestHigh ?? from.RestHigh);
        // Between the rounds of a pair is its rest.
        if (to.IsLinked)
            to.Rest ??= from.Between;
        else
            to.Between ??= from.Between;
        (to.Pause, to.Off) = (to.Pause ?? from.Pause, to.Off ?? from.Off);
        to.WaterBetween |= from.WaterBetween;
        if (!isLast)
            (to.After, to.Water) = (to.After ?? from.After, to.Water || from.Water);
        foreach (var station in to.Stations)
            station.Take(from.ForAll);
    }
}
