using System.Globalization;
using System.Net;
using System.Text.Json;
using System.Text.RegularExpressions;

namespace JollySet.Drill;

/// <summary>The server is killed while edits and teaching events are posted; each that was acknowledged must be there again.</summary>
internal static partial class Kills
{
    public static async Task Run(Report report, Size size)
    {
        var folder = Directory.CreateTempSubdirectory("jolly-drill-").FullName;
        using var server = new Server(folder);
        await server.Start();
        var plan = await server.Make("# Drill\nminutes: 10\n== A (circuit, 2 rounds, work 40, rest 20)\ngoblet squat\npush-up\n");
        var session = (await server.Post(plan.Replace("/plan/", "/session/open/", StringComparison.Ordinal), await server.Token(plan))).Headers.Location!.OriginalString;
        var chance = new Random(1);
        var (edits, events, lostEdits, lostEvents, people, number) = (0, 0, 0, 0, 1, 0);
        var at = DateTimeOffset.UtcNow.ToUnixTimeMilliseconds();
        for (var kill = 0; kill < size.Kills; kill++)
        {
            var (acknowledgedPeople, acknowledgedEvents) = (people, number);
            using var stop = new CancellationTokenSource();
            var token = await server.Token(plan);
            var revision = RevisionIn(await server.Client.GetStringAsync(new Uri(plan, UriKind.Relative)));
            async Task Edits()
            {
                for (var next = people + 1; !stop.IsCancellationRequested; next++)
                {
                    var answer = await server.Post(plan, token, ("do", "brief"), ("revision", $"{revision}"), ("people", $"{next % 900 + 1}"));
                    if (answer.StatusCode != HttpStatusCode.Redirect)
                        return;
                    (acknowledgedPeople, revision, edits) = (next, revision + 1, edits + 1);
                }
            }

            async Task Events()
            {
                for (var next = number + 1; !stop.IsCancellationRequested; next++)
                {
                    if (await server.PostEvents(session, token, new { number = next, kind = next == 1 ? "start" : "add", atMs = at + next, value = 0 }) != HttpStatusCode.OK)
                        return;
                    (acknowledgedEvents, events) = (next, events + 1);
                }
            }

            var posting = Task.WhenAll(Quiet(Edits), Quiet(Events));
            await Task.Delay(chance.Next(100, 900));
            server.Kill();
            await stop.CancelAsync();
            await posting;
            if (!await server.Start())
            {
                report.Say(false, "kills", $"the server did not start again after kill {kill + 1}: {await server.Errors}");
                return;
            }

            var page = await server.Client.GetStringAsync(new Uri(plan, UriKind.Relative));
            var there = int.Parse(People().Match(page).Groups[1].Value is { Length: > 0 } n ? n : "0", CultureInfo.InvariantCulture);
            // The last post may have been kept and its answer lost; nothing acknowledged may be missing.
            if (acknowledgedPeople > 1 && there != acknowledgedPeople % 900 + 1 && there != (acknowledgedPeople + 1) % 900 + 1)
                lostEdits++;
            var kept = JsonDocument.Parse(await server.Client.GetStringAsync(new Uri(session + "?handler=Events", UriKind.Relative))).RootElement.GetArrayLength();
            if (kept < acknowledgedEvents)
                lostEvents++;
            people = there == (acknowledgedPeople + 1) % 900 + 1 ? acknowledgedPeople + 1 : acknowledgedPeople;
            number = kept;
        }

        report.Say(lostEdits + lostEvents == 0, "kills", $"{size.Kills} kills while posting; {edits} edits and {events} events acknowledged, {lostEdits} and {lostEvents} times one was lost");
    }

    private static int RevisionIn(string html) => int.Parse(Revision().Match(html).Groups[1].Value, CultureInfo.InvariantCulture);

    /// <summary>A post that the kill cut off is no acknowledgement.</summary>
    private static async Task Quiet(Func<Task> post)
    {
        try
        {
            await post();
        }
        catch (Exception e) when (e is HttpRequestException or TaskCanceledException or ObjectDisposedException or IOException)
        {
        }
    }

    [GeneratedRegex("data-revision=\"(\\d+)\"")]
    private static partial Regex Revision();

    [GeneratedRegex("name=\"people\"[^>]*value=\"(\\d+)\"")]
    private static partial Regex People();
}
