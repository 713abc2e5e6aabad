namespace JollySet.Web;

/// <summary>Names of files that are taken along.</summary>
public static class FileName
{
    private const string Else = "class";

    /// <summary>A title in small letters with dashes; never empty, and nothing in it that a header or a folder cannot hold.</summary>
    public static string Of(string title)
    {
        var name = string.Join("-", title.ToLowerInvariant().Split([.. Path.GetInvalidFileNameChars(), ' ', '"', '\\'], StringSplitOptions.RemoveEmptyEntries));
        return name.Length == 0 ? Else : name;
    }
}
