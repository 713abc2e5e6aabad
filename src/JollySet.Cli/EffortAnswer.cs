using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Effort;
using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Cli;

/// <summary>The effort of a class for three people: peaks, hard minutes and where a newcomer's form may go.</summary>
internal static class EffortAnswer
{
    public static string Table(Timeline timeline)
    {
        var curves = EffortModel.Of(timeline);
        var people = string.Concat(curves.Select(c => string.Create(CultureInfo.InvariantCulture, $"{c.Person.ToString().ToLowerInvariant(),-10} peak {c.Peak.Effort,4:0.0} at {Say.Clock(c.Peak.At),6}, {c.MinutesFrom(5):0.0} min hard or above\n")));
        var form = string.Concat(FormGoes(timeline, curves).Select(s => string.Create(CultureInfo.InvariantCulture, $"form may go: {timeline.Blocks[timeline.Sets[s.Set].Block].Name}, {timeline.Sets[s.Set].Facts.Name}, round {timeline.Sets[s.Set].Round}: {Words.Of(s.Muscle)} {s.Local:0.00}\n")));
        return people + form;
    }

    public static string Json(Timeline timeline) => JsonExport.Written(json =>
    {
        var curves = EffortModel.Of(timeline);
        json.WriteStartObject();
        json.WriteStartArray("people");
        foreach (var curve in curves)
        {
            json.WriteStartObject();
            json.WriteString("person", curve.Person.ToString().ToLowerInvariant());
            json.WriteNumber("peak", Math.Round(curve.Peak.Effort, 2));
            json.WriteNumber("peakSecond", curve.Peak.At.InSeconds);
            json.WriteNumber("minutesHard", Math.Round(curve.MinutesFrom(5), 2));
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteStartArray("formMayGo");
        foreach (var set in FormGoes(timeline, curves))
        {
            json.WriteStartObject();
            json.WriteString("block", timeline.Blocks[timeline.Sets[set.Set].Block].Name);
            json.WriteNumber("station", timeline.Sets[set.Set].Station);
            json.WriteNumber("round", timeline.Sets[set.Set].Round);
            json.WriteString("muscle", Words.Of(set.Muscle));
            json.WriteNumber("fatigue", Math.Round(set.Local, 3));
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteEndObject();
    });

    private static IEnumerable<SetEffort> FormGoes(Timeline timeline, ImmutableArray<EffortCurve> curves) => curves[0].Sets.Where(s => s.Local > (double)timeline.Rules.EffortFormGoes);
}
