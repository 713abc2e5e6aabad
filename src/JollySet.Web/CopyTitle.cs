using JollySet.Core.Plans;

namespace JollySet.Web;

/// <summary>The title of a copy.</summary>
public static class CopyTitle
{
    /// <summary>The title with a word in brackets; a long one is cut so that it fits.</summary>
    public static string Of(string title, string word)
    {
        var end = $" ({word})";
        var room = Limits.NameLetters - end.Length;
        if (title.Length > room)
            title = title[..(char.IsHighSurrogate(title[room - 1]) ? room - 1 : room)].TrimEnd();
        return title + end;
    }
}
