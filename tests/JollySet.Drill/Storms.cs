using System.Net;
using System.Text.RegularExpressions;

namespace JollySet.Drill;

/// <summary>Many tabs and devices at once: never an error page, and as many revisions as were acknowledged.</summary>
internal static partial class Storms
{
    private const int Tabs = 4;

    public static async Task Run(Report report, Size size)
    {
        using var server = new Server(Directory.CreateTempSubdirectory("jolly-drill-").FullName, demo: true);
        await server.Start();
        await Edits(report, server, size);
        await Undos(report, server, size);
        await Forms(report, server, size);
    }

    private static async Task Edits(Report report, Server server, Size size)
    {
        var plan = await server.Make("# Storm\n== A (circuit, work 40, rest 20)\nsquat\npush-up\nplank\nlunge\n");
        var token = await server.Token(plan);
        var stations = Station().Matches(await server.Client.GetStringAsync(new Uri(plan, UriKind.Relative))).Select(m => m.Groups[1].Value).Distinct().ToList();
        var (kept, asked, bad) = (0, 0, 0);
        var each = Math.Max(10, size.Forms / 20);
        await Task.WhenAll(Enumerable.Range(0, Tabs).Select(async tab =>
        {
            for (var i = 0; i < each; i++)
            {
                var revision = Revision().Match(await server.Client.GetStringAsync(new Uri(plan, UriKind.Relative))).Groups[1].Value;
                var answer = await server.Post(plan, token, ("do", "station"), ("revision", revision), ("station", stations[(tab + i) % stations.Count]), ("amount", $"{20 + (tab * 100) + i}s"));
                if (answer.StatusCode == HttpStatusCode.Redirect)
                    Interlocked.Increment(ref kept);
                else if (answer.StatusCode == HttpStatusCode.Conflict)
                    Interlocked.Increment(ref asked);
                else
                    Interlocked.Increment(ref bad);
            }
        }));
        var at = int.Parse(Revision().Match(await server.Client.GetStringAsync(new Uri(plan, UriKind.Relative))).Groups[1].Value, System.Globalization.CultureInfo.InvariantCulture);
        report.Say(bad == 0 && at == kept + 1, "two tabs", $"{Tabs} tabs at once, {kept} edits in, {asked} asked about, {bad} errors; the class is at revision {at}");
    }

    private static async Task Undos(Report report, Server server, Size size)
    {
        var plan = await server.Make("# Back\nminutes: 10\n== A (circuit, work 40, rest 20)\nsquat\n");
        var token = await server.Token(plan);
        await server.Post(plan, token, ("do", "brief"), ("revision", "1"), ("minutes", "20"));
        var answers = await Task.WhenAll(Enumerable.Range(0, size.Undos).Select(_ => server.Post(plan, token, ("do", "undo"), ("revision", "2"))));
        var (done, stale) = (answers.Count(a => a.StatusCode == HttpStatusCode.Redirect), answers.Count(a => a.StatusCode == HttpStatusCode.Conflict));
        report.Say(done == 1 && stale == size.Undos - 1, "undos at once", $"{size.Undos}: {done} done, {stale} told that it was done already");
    }

    /// <summary>Forms as nobody sends them: unknown words, huge and negative numbers, missing and doubled fields, every sign.</summary>
    private static async Task Forms(Report report, Server server, Size size)
    {
        var plan = await server.Make("# Forms\n== A (circuit, work 40, rest 20)\nsquat\npush-up\n== B (superset any, 2 rounds, rest 60)\nlunge x10\nbent-over row x10\n");
        var token = await server.Token(plan);
        var chance = new Random(3);
        string[] acts = ["brief", "sheet", "block", "block-text", "block-add", "block-line", "block-remove", "block-duplicate", "block-up", "block-down", "add", "station", "remove", "duplicate", "up", "down", "move", "fit", "order", "build", "fix", "dismiss", "take-up", "undo", "redo", "", "dance"];
        string[] names = ["block", "station", "to", "line", "text", "amount", "load", "tempo", "sides", "rest", "move", "easier", "name", "title", "minutes", "needs", "kit", "rounds", "work", "every", "between", "water", "format", "edits", "finding", "reason", "code", "where", "mark", "build", "build-minutes", "seed", "on-top", "as-copy", "did", "open", "place"];
        var (errors, slowest) = (new List<string>(), 0.0);
        for (var i = 0; i < size.Forms; i++)
        {
            var fields = Enumerable.Range(0, chance.Next(1, 7)).Select(_ => (names[chance.Next(names.Length)], WildInput.Value(chance))).Append(("do", acts[chance.Next(acts.Length)])).Append(("revision", chance.Next(4) == 0 ? WildInput.Value(chance) : $"{chance.Next(1, 40)}")).ToArray();
            var clock = System.Diagnostics.Stopwatch.StartNew();
            var answer = await server.Post(plan, token, fields);
            slowest = Math.Max(slowest, clock.Elapsed.TotalSeconds);
            if ((int)answer.StatusCode >= 500)
                errors.Add(string.Join("&", fields.Select(f => $"{f.Item1}={f.Item2}")));
        }

        var shelf = (await server.Client.GetAsync(new Uri("/", UriKind.Relative))).StatusCode;
        report.Say(errors.Count == 0 && shelf == HttpStatusCode.OK, "wild forms", $"{size.Forms} forms, {errors.Count} error pages{(errors.Count > 0 ? $", such as {errors[0][..Math.Min(300, errors[0].Length)]}" : "")}, slowest {slowest:0.00} s");
    }

    [GeneratedRegex("name=\"station\" value=\"(\\d+)\"")]
    private static partial Regex Station();

    [GeneratedRegex("data-revision=\"(\\d+)\"")]
    private static partial Regex Revision();
}
