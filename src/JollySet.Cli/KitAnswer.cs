using System.Globalization;
using System.Text;
using JollySet.Core.Export;
using JollySet.Core.Kit;
using JollySet.Core.Timing;

namespace JollySet.Cli;

/// <summary>What a class needs for a headcount, for people and for programs.</summary>
internal static class KitAnswer
{
    private const int MostPeople = 1000;

    /// <summary>The answer, or a sentence about the headcount that is wrong.</summary>
    public static (string? Text, string? Wrong) Of(Timeline timeline, Arguments arguments)
    {
        var brief = timeline.Plan.Brief;
        var people = brief.IsFollowAlong ? 1 : brief.People ?? 1;
        if (arguments.Options.TryGetValue("--people", out var said) && (!int.TryParse(said, NumberStyles.None, CultureInfo.InvariantCulture, out people) || people is < 1 or > MostPeople))
            return (null, $"“{said}” is no headcount; from 1 to {MostPeople}");
        var demands = KitDemands.Of(timeline, people, KitDemands.Stock(brief, []));
        return (arguments.Has("--json") ? Json(demands) : Table(demands, people), null);
    }

    private static string Table(IReadOnlyCollection<KitDemand> demands, int people)
    {
        if (demands.Count == 0)
            return "Nothing is needed.\n";
        var text = new StringBuilder().Append(CultureInfo.InvariantCulture, $"for {people} at once\n");
        foreach (var d in demands)
            text.Append(CultureInfo.InvariantCulture, $"{d.Item,-18} {d.Size,-10} needed {d.Needed,4}  there {(d.There is { } there ? there.ToString(CultureInfo.InvariantCulture) : "?"),4}{(d.Short > 0 ? $"  short {d.Short}" : "")}\n");
        return text.ToString();
    }

    private static string Json(IEnumerable<KitDemand> demands) => JsonExport.Written(json =>
    {
        json.WriteStartArray();
        foreach (var d in demands)
        {
            json.WriteStartObject();
            json.WriteString("item", d.Item);
            json.WriteString("size", d.Size);
            json.WriteNumber("needed", d.Needed);
            if (d.There is { } there)
                json.WriteNumber("there", there);
            else
                json.WriteNull("there");
            json.WriteNumber("short", d.Short);
            json.WriteEndObject();
        }

        json.WriteEndArray();
    });
}
