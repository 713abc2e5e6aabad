using System.Globalization;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Keeping;

/// <summary>How a plan is kept in a row: every member as it is, in JSON, so that no notation, name or limit of a later release stands between a class and its reader.</summary>
/// <remarks>Version 2. Version 1 was the JSON of the sheet's words; it is still read. What a later version adds needs a default; what it renames keeps its name here.</remarks>
public static class StoredPlan
{
    private const int Version = 2;

    private static readonly JsonSerializerOptions Options = new()
    {
        TypeInfoResolver = StoredKinds.Resolver,
        Converters = { new JsonStringEnumConverter(), new StoredLength() },
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingDefault,
        IgnoreReadOnlyProperties = true,
        RespectNullableAnnotations = true,
        RespectRequiredConstructorParameters = false,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        MaxDepth = 64,
    };

    /// <summary>Writes every member, so that one that is missing shows.</summary>
    private static readonly JsonSerializerOptions Whole = new(Options) { DefaultIgnoreCondition = JsonIgnoreCondition.Never };

    /// <summary>The text that is kept.</summary>
    /// <exception cref="ArgumentException">A text in the plan is no valid Unicode.</exception>
    public static string Write(ClassPlan plan)
    {
        var text = JsonSerializer.Serialize(plan, Options);
        return $"{{\"v\":{Version},\"plan\":{text}}}";
    }

    /// <summary>The plan of a kept text; its names are not looked up and its size is not judged.</summary>
    /// <exception cref="UnreadablePlanException">The text is no plan.</exception>
    public static ClassPlan Read(string text)
    {
        try
        {
            return Ids.Given(Sound(text.StartsWith("{\"v\":", StringComparison.Ordinal) ? ReadNow(text) : JsonPlanReader.ReadKept(text)));
        }
        catch (Exception e) when (e is JsonException or InvalidOperationException or ArgumentException or NotSupportedException or FormatException)
        {
            throw new UnreadablePlanException(e.Message, e);
        }
    }

    /// <summary>The plan of a kept text, or why there is none that can be shown: it cannot be read, or is larger than a class may be.</summary>
    public static (ClassPlan? Plan, string? Why) TryRead(string text)
    {
        try
        {
            var plan = Read(text);
            return Timing.Extent.Broken(plan) is { } sentence ? (null, sentence) : (plan, null);
        }
        catch (UnreadablePlanException e)
        {
            return (null, e.Message);
        }
    }

    /// <summary>Whether a text that was just written reads back as what was written.</summary>
    internal static bool ReadsBack(string stored) => Write(ReadNow(stored)) == stored;

    /// <summary>Whether two plans say the same, whatever their numbers.</summary>
    public static bool Same(ClassPlan a, ClassPlan b) => Write(Ids.Without(a)) == Write(Ids.Without(b));

    private static ClassPlan ReadNow(string text)
    {
        var version = text.AsSpan(5, Math.Max(0, text.AsSpan(5).IndexOfAny(',', '}')));
        if (!int.TryParse(version, NumberStyles.None, CultureInfo.InvariantCulture, out var number) || number is < 1 or > Version)
            throw new JsonException($"It was kept by a later release (version {version}).");
        return JsonSerializer.Deserialize<Wrapped>(text, Options)?.Plan ?? throw new JsonException("There is no plan in it.");
    }

    private sealed record Wrapped([property: JsonPropertyName("v")] int Version, [property: JsonPropertyName("plan")] ClassPlan? Plan);

    /// <summary>A plan whose every part is there: one with holes cannot be written.</summary>
    private static ClassPlan Sound(ClassPlan plan)
    {
        try
        {
            JsonSerializer.Serialize(plan, Whole);
            return plan;
        }
        catch (NullReferenceException e)
        {
            throw new JsonException("A list is missing in it.", e);
        }
    }
}

/// <summary>A kept text that is no plan any more; the message says why.</summary>
public sealed class UnreadablePlanException(string message, Exception? inner = null) : Exception(message, inner);
