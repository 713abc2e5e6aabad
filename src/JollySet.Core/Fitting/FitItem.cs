using JollySet.Core.Plans;

namespace JollySet.Core.Fitting;

/// <summary>Something of a class that fitting may change unless it is locked.</summary>
/// <param name="Key">Block and what of it, parted by a slash: <c>A/rounds</c>.</param>
/// <param name="Value">As it is now, in the sheet's words.</param>
public sealed record FitItem(string Key, string Block, string What, string Value)
{
    /// <summary>The key of one item.</summary>
    public static string KeyOf(string block, string what) => $"{block}/{what}";

    /// <summary>Everything in the class that may be changed, in its order.</summary>
    public static IEnumerable<FitItem> Of(ClassPlan plan) => plan.Blocks.SelectMany(OfBlock);

    private static IEnumerable<FitItem> OfBlock(Block block)
    {
        if (block.Format is AgainFormat)
            yield break;
        FitItem Item(string what, string value) => new(KeyOf(block.Name, what), block.Name, what, value);
        var settings = block.Settings;
        if (!block.IsWords)
        {
            if (block.Rungs is { } rungs)
                yield return Item("rungs", Sheets.SheetWriter.WriteFormat(block.Format));
            else if (Variable.Rounds(block))
                yield return Item("rounds", $"{block.RoundCount}");
            if (Variable.Work(block))
                yield return Item("work", string.Join("/", settings.Work.Select(Seconds)) + " s");
            if (Variable.Rest(block))
                yield return Item("rest", string.Join("/", settings.Rest.Select(r => Seconds(r.Length.Low))) + " s");
            if (Variable.Gap(settings.Between))
                yield return Item("between", $"{Seconds(settings.Between!.Length.Low)} s");
            if (Variable.Stations(block))
                yield return Item("stations", $"{block.Stations.Length}");
        }

        if (Variable.Gap(settings.After))
            yield return Item("after", $"{Seconds(settings.After!.Length.Low)} s");
        if (settings.Optional)
            yield return Item("block", "may be dropped");
    }

    private static string Seconds(Length length) => Sheets.Notation.TimeNotation.Bare(length);
}

/// <summary>What of a block has a number that may be changed.</summary>
internal static class Variable
{
    public static bool Rounds(Block block) => block.Format is CircuitFormat or LinkedFormat or StraightFormat or MinuteFormat or FlowFormat;

    public static bool Work(Block block) => !block.Settings.Work.IsEmpty;

    public static bool Rest(Block block) => !block.Settings.Rest.IsEmpty && block.Settings.Rest.All(g => Gap(g));

    public static bool Gap(Gap? gap) => gap is { Open: false, Length.IsRange: false };

    public static bool Stations(Block block) => block.Format is CircuitFormat && block.Stations.Length >= 3;
}
