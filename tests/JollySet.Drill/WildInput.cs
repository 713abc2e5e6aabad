using System.Diagnostics;
using System.Text;
using CsCheck;
using JollySet.Core.Checks;
using JollySet.Core.Keeping;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Tests;
using JollySet.Core.Timing;
using JollySet.Data;

namespace JollySet.Drill;

/// <summary>Sheets and JSON as nobody writes them: true ones cut, spliced and sprinkled with every sign and keyword. Each is read or refused in under a second; what is read passes the gate, is timed and looked at.</summary>
internal static class WildInput
{
    private const double Longest = 1;
    private static readonly string[] Bits =
    [
        "x12", "x0", "x1000", "x99999999999", "?s", "x?", "12h", "0s", "-5", "99:99", "720min", "@0.0001", "@9-9-9-9", "@X-X-X-X", "@4 beats", "[100kg]", "[1e9kg]", "[heavy/light]", "rest ?", "rest ratio 1:100", "water ? after round 2",
        "100 rounds", "1..100 rounds", "every 720min", "ladder 1000..1", "pyramid 1..50..1", "amrap 12h", "each side", "right/left/alternating", "stack(", ")", "(", "\"", "|", "easier: new: a", "for x:", "new: ", "any: pull", "> ", "& ", "+ ", ",", "\n", "\r\n", "\t", "== ", "== again A (after ?)", "#", "  # ",
        "note: ", "dismissed: a, \"\", \"\", \"b\"", "\0", "\ufeff", "\u2028", "👩‍🦽", "ﷺ", "null", "{", "}", "[", "]", "\"blocks\":", "\"title\":", "1e999", "true", ":", "joined", "optional", "between 60", "pause 5", "after ?", "talk 40s", "minute", "flow", "beat 120",
    ];

    public static Task Run(Report report, Size size)
    {
        var sheets = DemoData.Classes().Select(SheetWriter.Write).ToList();
        var json = DemoData.Classes().Select(JsonPlanWriter.Write).ToList();
        Whole(DemoData.Classes().First());
        foreach (var (what, seeds) in new[] { ("sheets", sheets), ("json", json) })
            Texts(report, size, what, seeds);
        Plans(report, size);
        return Task.CompletedTask;
    }

    /// <summary>A value for a field: a number, a keyword, or a piece of a sheet.</summary>
    public static string Value(Random chance) => chance.Next(5) switch
    {
        0 => chance.NextInt64(-10, 100).ToString(System.Globalization.CultureInfo.InvariantCulture),
        1 => long.MaxValue.ToString(System.Globalization.CultureInfo.InvariantCulture),
        2 => string.Concat(Enumerable.Range(0, chance.Next(1, 6)).Select(_ => Bits[chance.Next(Bits.Length)] + " ")).Replace("\0", "", StringComparison.Ordinal),
        3 => "goblet squat x12 [heavy], each side | easier: squat",
        _ => Bits[chance.Next(Bits.Length)].Replace("\0", "", StringComparison.Ordinal),
    };

    private static void Texts(Report report, Size size, string what, List<string> seeds)
    {
        var chance = new Random(7);
        var (read, slowest, faults) = (0, 0.0, new List<string>());
        for (var i = 0; i < size.Wild; i++)
        {
            var text = Mutated(seeds[chance.Next(seeds.Count)], seeds[chance.Next(seeds.Count)], chance);
            try
            {
                var isRead = false;
                slowest = Math.Max(slowest, Spent.Seconds(Longest, () => isRead = IsReadWhole(text)));
                read += isRead ? 1 : 0;
            }
            catch (Exception e)
            {
                faults.Add($"{e.GetType().Name}: {e.Message.Split('\n')[0]} {e.StackTrace?.Split('\n')[0].Trim()}");
            }
        }

        var megabytes = Process.GetCurrentProcess().PeakWorkingSet64 / 1e6;
        report.Say(faults.Count == 0 && slowest < Longest && megabytes < 1000, $"wild {what}", $"{size.Wild} read or refused ({read} read), {faults.Count} crashes{(faults.Count > 0 ? $", such as {faults[0]}" : "")}, slowest {slowest * 1000:0} ms, peak {megabytes:0} MB");
    }

    private static bool IsReadWhole(string text)
    {
        if (PlanReader.Read(text).Plan is not { } plan)
            return false;
        Whole(plan);
        return true;
    }

    /// <summary>What is read passes the gate, is timed and looked at.</summary>
    private static void Whole(ClassPlan plan)
    {
        var (passed, errors) = Gate.Pass(plan);
        if (passed is null)
            throw new InvalidOperationException($"read, and does not pass the gate: {errors[0]}");
        var timeline = TimelineBuilder.Build(passed.Plan);
        if (timeline.Segments.Zip(timeline.Segments.Skip(1)).Any(s => s.First.End != s.Second.Start))
            throw new InvalidOperationException("segments do not touch");
        Review.Of(timeline);
    }

    private static void Plans(Report report, Size size)
    {
        var (wild, unlike) = (0, 0);
        PlanGen.Plans.Sample(
            plan =>
            {
                Interlocked.Increment(ref wild);
                foreach (var read in new[] { SheetReader.Read(SheetWriter.Write(plan)), PlanReader.Read(JsonPlanWriter.Write(plan)) })
                    if (read.Plan is { } back ? !StoredPlan.Same(back, plan) : read.Errors.Any(e => !e.Expected.Contains("limit", StringComparison.Ordinal)))
                        Interlocked.Increment(ref unlike);
                if (!StoredPlan.Same(StoredPlan.Read(StoredPlan.Write(plan)), plan))
                    Interlocked.Increment(ref unlike);
            },
            iter: Math.Max(500, size.Wild / 10));
        report.Say(unlike == 0, "round trips", $"{wild} wild plans over sheet, JSON and row, {unlike} not the same");
    }

    private static string Mutated(string seed, string other, Random chance)
    {
        var text = new StringBuilder(seed);
        for (var cuts = chance.Next(1, 6); cuts > 0; cuts--)
        {
            var at = chance.Next(text.Length + 1);
            switch (chance.Next(5))
            {
                case 0:
                    text.Remove(at, Math.Min(text.Length - at, chance.Next(1, 60)));
                    break;
                case 1:
                    text.Insert(at, other.AsSpan(chance.Next(other.Length / 2), chance.Next(other.Length / 2)));
                    break;
                case 2:
                    var line = text.ToString().IndexOf('\n', at);
                    text.Insert(line < 0 ? text.Length : line, " " + Bits[chance.Next(Bits.Length)]);
                    break;
                default:
                    text.Insert(at, Bits[chance.Next(Bits.Length)]);
                    break;
            }
        }

        return text.ToString();
    }
}
