using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>A move of the class's own, where it is first written: <c>new: name (like Y, kneeling, kit: chair)</c>.</summary>
internal static class NewMoveNotation
{
    private const string LikeWord = "(like ";

    /// <summary>As it stands on a line.</summary>
    public static string Write(NewMove move) => $"new: {Quoted.Write(move.Name)}" + (move.Like is { } like ? $" {LikeWord}{Quoted.Write(like)}{(move.But is { } but ? $", {but}" : "")})" : "");

    /// <summary>What stands after <c>new:</c>; null after adding the error.</summary>
    public static OneMove? Read(Slice name, KnownMoves moves, SheetErrors errors)
    {
        (string? like, string? but) = (null, null);
        var words = name.Words();
        if (words.Count > 1 && words[^1].StartsWith(LikeWord) && words[^1].Text.EndsWith(')'))
        {
            var inside = words[^1].From(LikeWord.Length).To(words[^1].Length - LikeWord.Length - 1).Trim();
            var source = inside.Split(',')[0];
            like = KnownMoves.Named(source, errors) is { } other ? moves.SourceOf(other) : null;
            var rest = inside.From(source.Start + source.Length - inside.Start).Trim();
            if (!rest.IsEmpty)
                but = ReadBut(rest.From(1).Trim(), errors);
            name = name.To(words[^1].Start - name.Start).Trim();
        }

        if (KnownMoves.Named(name, errors) is not { } text)
            return null;
        if (moves.IsTaken(text))
            return errors.None<OneMove?>(name, "the library has a move of that name; leave “new:” out");
        if (!moves.Add(new NewMove(text, like, but)))
            return errors.None<OneMove?>(name, "the class has a new move of that name, like another; write its name alone");
        return new OneMove(text);
    }

    /// <summary>In what it differs, as it is written back; null after adding the error.</summary>
    public static string? ReadBut(Slice slice, SheetErrors errors)
    {
        var (but, wrong) = Differences.Read(slice.Text);
        return wrong is null ? but : errors.None<string?>(slice, wrong);
    }
}
