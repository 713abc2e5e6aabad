using System.Diagnostics;
using System.Text;
using JollySet.Cli;

namespace JollySet.Drill;

/// <summary>Every screen and verb with the largest classes that are allowed, each in its own way.</summary>
internal static class AtTheLimits
{
    private const double Longest = 2;
    private const double LongestWhereOthersRun = 6;
    private const double MostMegabytes = 500;

    private static string Lines(int count, string line) => string.Join('\n', Enumerable.Repeat(line, count));

    private static readonly (string Name, string Sheet)[] Largest =
    [
        ("most sets", "# Sets\nminutes: 600\n" + string.Concat(Enumerable.Range(1, 40).Select(b => $"== B{b} (circuit, 8 rounds, work 1)\n{Lines(60, "squat")}\n"))),
        ("most stations", "# Stations\nminutes: 700\nneeds: knees\nkit: mat\n" + string.Concat(Enumerable.Range(1, 40).Select(b => $"== B{b} (circuit, work 10, rest 5)\n{Lines(60, "goblet squat [heavy] | easier: squat")}\n"))),
        ("longest", "# Long\nminutes: 720\n" + string.Concat(Enumerable.Range(1, 4).Select(b => $"== B{b} (circuit, 100 rounds, work 60, rest 40)\nsquat\n"))),
        ("one block", $"# One\nminutes: 60\n== A (circuit, 100 rounds, work 1, rest 1)\n{Lines(60, "push-up")}\n"),
        ("growing", "# Grow\n== A (circuit, 100 rounds, work 5, rest 2)\n" + Lines(30, "squat > lunge > push-up > plank 5s/6s/7s/8s") + "\n"),
        ("largest text", "# Text\n== A (circuit, work 40)\n" + Lines(60, "squat | note: " + new string('n', 3000)) + "\n"),
    ];

    /// <summary>Each within two seconds; the short form, part of tests that run beside others on any machine, only sees that nothing is slow by its nature.</summary>
    public static async Task Run(Report report, bool isShort)
    {
        var limit = isShort ? LongestWhereOthersRun : Longest;
        using var server = new Server(Directory.CreateTempSubdirectory("jolly-drill-").FullName);
        await server.Start();
        // Every screen has been looked at once, with a small class: what is measured is the class, not a program that has just begun.
        var small = await server.Make("# Small\n== A (circuit, 2 rounds, work 40, rest 20)\nsquat\npush-up\n");
        foreach (var facet in new[] { "plan", "balance", "effort", "order", "fit", "print" })
            await server.Client.GetAsync(new Uri(small.Replace("plan", facet, StringComparison.Ordinal), UriKind.Relative));
        var (slowest, slowestAt, faults) = (0.0, "", new List<string>());
        async Task<HttpResponseMessage> Timed(string what, Func<Task<HttpResponseMessage>> ask)
        {
            var (answer, seconds) = await Once(server, ask);
            // The best of three counts: what is measured is the class, not a program that compiles or collects beside it.
            for (var more = 0; more < 2 && seconds > limit && (int)answer.StatusCode < 500; more++)
                seconds = Math.Min(seconds, (await Once(server, ask)).Seconds);
            if (seconds > slowest)
                (slowest, slowestAt) = (seconds, what);
            if (Environment.GetEnvironmentVariable("DRILL_TELLS") is not null)
                Console.WriteLine($"             {what} {seconds:0.00} s, the peak so far {server.PeakMegabytes:0} MB");
            if (seconds > limit || (int)answer.StatusCode >= 500)
                faults.Add($"{what} {seconds:0.0} s {(int)answer.StatusCode}");
            return answer;
        }

        foreach (var (name, sheet) in Largest)
        {
            var made = await Timed($"new, {name}", async () => await server.Post("/new?handler=Text", await server.Token("/new"), ("text", sheet)));
            if (made.Headers.Location?.OriginalString is not { } plan)
            {
                faults.Add($"{name} is refused: {(int)made.StatusCode}");
                continue;
            }

            foreach (var facet in new[] { "plan", "balance", "effort", "order", "fit", "print" })
                await Timed($"{facet}, {name}", () => server.Client.GetAsync(new Uri(plan.Replace("plan", facet, StringComparison.Ordinal), UriKind.Relative)));
            await Timed($"recovery, {name}", () => server.Client.GetAsync(new Uri(plan.Replace("plan", "effort", StringComparison.Ordinal) + "?handler=recovery", UriKind.Relative)));
            var token = await server.Token(plan);
            await Timed($"edit, {name}", () => server.Post(plan, token, ("do", "brief"), ("revision", "1"), ("people", "12")));
            var session = (await Timed($"teach, {name}", () => server.Post(plan.Replace("/plan/", "/session/open/", StringComparison.Ordinal), token))).Headers.Location;
            if (session is not null)
                await Timed($"session, {name}", () => server.Client.GetAsync(session));
            Verbs(name, sheet, limit, faults, ref slowest, ref slowestAt);
        }

        await Timed("shelf", () => server.Client.GetAsync(new Uri("/", UriKind.Relative)));
        var megabytes = server.PeakMegabytes;
        report.Say(faults.Count == 0 && megabytes < MostMegabytes, "at the limits", $"{Largest.Length} classes on every screen and verb, slowest {slowest:0.00} s ({slowestAt}), the server's peak {megabytes:0} MB{(faults.Count > 0 ? $"; over: {string.Join("; ", faults)}" : "")}");
    }

    /// <summary>One answer and its seconds; of a machine that has others to serve, those that its processors spent on it.</summary>
    private static async Task<(HttpResponseMessage Answer, double Seconds)> Once(Server server, Func<Task<HttpResponseMessage>> ask)
    {
        var (clock, before) = (Stopwatch.StartNew(), server.SpentSeconds);
        var answer = await ask();
        await answer.Content.ReadAsByteArrayAsync();
        return (answer, Math.Min(clock.Elapsed.TotalSeconds, server.SpentSeconds - before));
    }

    private static void Verbs(string name, string sheet, double limit, List<string> faults, ref double slowest, ref string slowestAt)
    {
        foreach (var verb in new[] { "timeline", "totals", "check", "balance", "effort", "convert" })
        {
            var seconds = Spent.Seconds(limit, () =>
            {
                using var input = new MemoryStream(Encoding.UTF8.GetBytes(sheet));
                Commands.Run(verb == "convert" ? [verb, "-", "--to", "json"] : [verb, "-"], input, TextWriter.Null, TextWriter.Null, new DateTime(2026, 1, 1));
            });
            if (seconds > slowest)
                (slowest, slowestAt) = (seconds, $"jolly {verb}, {name}");
            if (seconds > limit)
                faults.Add($"jolly {verb}, {name} {seconds:0.0} s");
        }
    }
}
