using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>A finding left as it is: <c>streak, "A: Deck circuit", "quads workSeconds 160", "they asked for it"</c>. Empty quotes in place of the block: the whole class.</summary>
internal static class DismissalNotation
{
    public static string Write(Dismissal dismissal) =>
        string.Join(", ", new[] { dismissal.Block ?? "", dismissal.Mark, dismissal.Reason }.Select(Quoted.Always).Prepend(dismissal.Code));

    public static Dismissal? Read(Slice value, SheetErrors errors)
    {
        var parts = value.Split(',').Select(Quoted.Read).ToList();
        return parts is [var code, var block, var mark, var reason] && code.Length > 0 && reason.Trim().Length > 0
            ? new Dismissal(code.ToLowerInvariant(), block.Length == 0 ? null : block, mark, reason)
            : errors.None<Dismissal?>(value, "what is dismissed is a check's code, the block, its figures and the reason, the last three in quotes");
    }
}
