using System.Buffers;
using System.Globalization;
using System.IO.Hashing;
using System.Runtime.InteropServices;
using System.Text.RegularExpressions;

namespace JollySet.Web.Parts;

/// <summary>One part of a page: what it is called, what it holds by its hash, and its whole element.</summary>
/// <param name="Parent">The part it stands in, or null.</param>
public sealed record Part(string Id, string Hash, string Html, string? Parent);

/// <summary>The parts of the page of one request. A page that is there already gets only those that differ from what it has.</summary>
public sealed partial class PartList(IHttpContextAccessor context)
{
    /// <summary>The header in which a page says what it has: <c>id hash</c>, parted by commas.</summary>
    public const string Header = "X-Has-Parts";

    /// <summary>The header in which a page says which of its parts nobody sees, by id: they are asked for when they are looked at.</summary>
    public const string AsleepHeader = "X-Asleep-Parts";

    private static readonly SearchValues<char> Space = SearchValues.Create(" \t\r\n");
    private readonly List<Part> parts = [];
    private readonly Stack<string> open = new();
    private Dictionary<string, string>? has;
    private HashSet<string>? asleep;

    /// <summary>Whether a page asks for what has changed, rather than a reader for a page.</summary>
    public bool IsLive => context.HttpContext?.Request.Headers.ContainsKey(Header) == true;

    /// <summary>Forgets what was written, to begin anew.</summary>
    public void Clear()
    {
        parts.Clear();
        open.Clear();
    }

    /// <summary>Opens a part; parts written until it is closed stand in it.</summary>
    public void Open(string id) => open.Push(id);

    /// <summary>Closes the part opened last.</summary>
    public void Close(string hash, string html)
    {
        var id = open.Pop();
        parts.Add(new Part(id, hash, html, open.TryPeek(out var parent) ? parent : null));
    }

    /// <summary>The parts that the page has not, or has otherwise; one that stands in another that is sent goes with it.</summary>
    public IEnumerable<Part> Changed()
    {
        var changed = parts.Where(p => !Has(p.Id, p.Hash)).ToList();
        var ids = changed.Select(p => p.Id).ToHashSet();
        return changed.Where(p => p.Parent is null || !ids.Contains(p.Parent));
    }

    /// <summary>Whether the page that asks has that part with that hash.</summary>
    public bool Has(string id, string hash) => There.GetValueOrDefault(id) == hash;

    /// <summary>Whether the page has that part where nobody sees it.</summary>
    public bool IsAsleep(string id) => Asleep.Contains(id);

    /// <summary>The hash of a part that the page has and nobody sees; null where it is to be written.</summary>
    public string? AsleepAs(string id) => IsAsleep(id) ? There.GetValueOrDefault(id) : null;

    /// <summary>A hash of what a part says, whatever the revision and the token in its forms, and whatever the space between.</summary>
    public static string HashOf(string content)
    {
        var hash = new XxHash3();
        var at = 0;
        foreach (var passing in Passing().EnumerateMatches(content))
        {
            Add(hash, content.AsSpan(at, passing.Index - at));
            at = passing.Index + passing.Length;
        }

        Add(hash, content.AsSpan(at));
        return hash.GetCurrentHashAsUInt64().ToString("X16", CultureInfo.InvariantCulture);
    }

    private static void Add(XxHash3 hash, ReadOnlySpan<char> content)
    {
        foreach (var word in content.SplitAny(Space))
            hash.Append(MemoryMarshal.AsBytes(content[word]));
    }

    private HashSet<string> Asleep => asleep ??= [.. (context.HttpContext?.Request.Headers[AsleepHeader].ToString() ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)];

    private Dictionary<string, string> There => has ??= (context.HttpContext?.Request.Headers[Header].ToString() ?? "")
        .Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
        .Select(p => p.Split(' '))
        .Where(p => p.Length == 2)
        .DistinctBy(p => p[0])
        .ToDictionary(p => p[0], p => p[1]);

    [GeneratedRegex("<input (?:name=\"__RequestVerificationToken\"|type=\"hidden\" name=\"revision\")[^>]*>", RegexOptions.CultureInvariant)]
    private static partial Regex Passing();
}
