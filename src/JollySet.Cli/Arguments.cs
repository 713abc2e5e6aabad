namespace JollySet.Cli;

/// <summary>A verb, its file or names, and its options, as typed.</summary>
internal sealed record Arguments(string Verb, IReadOnlyList<string> Words, IReadOnlyDictionary<string, string> Options)
{
    private const string OfNames = "name";
    private static readonly HashSet<string> Flags = ["--json", "--apply"];
    private static readonly HashSet<string> Valued = ["--format", "--to", "--rules", "--start", "--fix", "--minutes", "--block", "--lock", "--take", "--muscles", "--floor", "--kit", "--pin", "--pair", "--focus", "--goal", "--audience", "--needs", "--seed", "--people", "--as", "--out", "--beats"];
    private static readonly HashSet<string> Repeated = ["--lock", "--pin", "--pair"];

    /// <summary>The one file, where one was named.</summary>
    public string? File => Words.Count > 0 ? Words[0] : null;

    public bool Has(string option) => Options.ContainsKey(option);

    /// <summary>The arguments, or a sentence about the first that is wrong.</summary>
    public static (Arguments? Parsed, string? Wrong) Parse(string[] args)
    {
        var options = new Dictionary<string, string>();
        var words = new List<string>();
        for (var i = 1; i < args.Length; i++)
        {
            if (Flags.Contains(args[i]))
                options[args[i]] = "";
            else if (Valued.Contains(args[i]) && i + 1 < args.Length)
                options[args[i]] = options.TryGetValue(args[i], out var before) && Repeated.Contains(args[i]) ? $"{before}\n{args[++i]}" : args[++i];
            else if (args[i] == "-" || !args[i].StartsWith('-'))
            {
                if (words.Count > 0 && args[0] != OfNames)
                    return (null, $"one FILE is expected; there are two: {words[0]} and {args[i]}");
                words.Add(args[i]);
            }
            else
                return (null, Valued.Contains(args[i]) ? $"{args[i]} needs a value" : $"there is no option {args[i]}");
        }

        return (new Arguments(args.Length > 0 ? args[0] : "", words, options), null);
    }
}
