using System.Collections.Immutable;
using System.Text.Json;

namespace JollySet.Core.Carousels;

/// <summary>Where a station of a carousel stands on the floor plan, in units of the drawing from its top left corner.</summary>
public readonly record struct FloorPlace(double X, double Y);

/// <summary>Reads and writes where the stations of a ring stand, by their place in it, from 0.</summary>
public static class FloorPlaces
{
    /// <summary>The most that are kept.</summary>
    public const int Most = 400;

    private const int MostLetters = 40_000;
    private static readonly JsonSerializerOptions Web = new(JsonSerializerDefaults.Web);

    /// <summary>The places of a text such as <c>{"0":{"x":96,"y":66}}</c>; null where it is none, or more than are kept.</summary>
    public static ImmutableSortedDictionary<int, FloorPlace>? Read(string text)
    {
        if (text.Length > MostLetters)
            return null;
        try
        {
            return JsonSerializer.Deserialize<Dictionary<int, FloorPlace>>(text, Web) is { } read && read.Count <= Most && read.All(p => p.Key is >= 0 and < Most && double.IsFinite(p.Value.X) && double.IsFinite(p.Value.Y))
                ? read.ToImmutableSortedDictionary()
                : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>As it is kept.</summary>
    public static string Write(ImmutableSortedDictionary<int, FloorPlace> places) => JsonSerializer.Serialize(places, Web);
}
