using System.Globalization;
using System.Net.ServerSentEvents;
using System.Text.Json;
using JollySet.Core.Teaching;
using JollySet.Data;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JollySet.Web.Live;

/// <summary>What a display, a remote and followers hear of a class: its events and nothing each second. The clock is reckoned on the device.</summary>
public static class LiveRoutes
{
    private static readonly JsonSerializerOptions Web = new(JsonSerializerDefaults.Web);

    /// <summary>Adds them.</summary>
    public static void MapLive(this WebApplication app)
    {
        app.MapGet("/live/session/{id:guid}", (Guid id, SessionBook sessions, LiveHub hub, HttpContext context) => Stream(id, sessions, hub, context));
        app.MapGet("/live/{kind:regex(^[drf]$)}/{code}", (string kind, string code, SessionBook sessions, LiveHub hub, HttpContext context) =>
            Found(kind, code, sessions) is { HasEnded: false } open ? Stream(open.Id, sessions, hub, context) : TypedResults.NotFound());
        app.MapGet("/live/time", (TimeProvider time) => TypedResults.Text(time.GetUtcNow().ToUnixTimeMilliseconds().ToString(CultureInfo.InvariantCulture)));
    }

    /// <summary>The session of a code as an address names it.</summary>
    public static (Guid Id, bool HasEnded)? Found(string kind, string? code, SessionBook sessions) =>
        SessionCodes.Read(code) is { } read ? sessions.ByCode(kind switch { "d" => CodeKind.Display, "r" => CodeKind.Remote, _ => CodeKind.Follow }, read) : null;

    /// <summary>Tells all who look at a class the events after those they have.</summary>
    public static void TellEvents(this LiveHub hub, Guid session, IReadOnlyList<SessionEvent> events, int from = 0) => hub.Tell(session, Message(hub, session, events, from));

    private static IResult Stream(Guid id, SessionBook sessions, LiveHub hub, HttpContext context)
    {
        if (sessions.Events(id) is null)
            return TypedResults.NotFound();
        return hub.HasRoom
            ? TypedResults.ServerSentEvents(Items(hub.Listen(id, () => Message(hub, id, sessions.Events(id) ?? [], 0), context.RequestAborted)))
            : TypedResults.StatusCode(StatusCodes.Status503ServiceUnavailable);
    }

    private static async IAsyncEnumerable<SseItem<string>> Items(IAsyncEnumerable<string> heard)
    {
        await foreach (var message in heard)
            yield return new SseItem<string>(message);
    }

    /// <param name="from">How many of them are known to those who have heard all so far.</param>
    private static string Message(LiveHub hub, Guid session, IReadOnlyList<SessionEvent> events, int from) => JsonSerializer.Serialize(
        new
        {
            ahead = hub.AheadOf(session),
            from,
            events = events.Skip(from).Select(e => new { number = e.Number, kind = e.Kind.ToString().ToLowerInvariant(), atMs = e.AtMs, value = e.Value }),
        },
        Web);
}
