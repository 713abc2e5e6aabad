// One Razor page, one stream, and nothing else: what the figures of docs/performance.md are set beside.
using System.Collections.Concurrent;
using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Threading.Channels;

var builder = WebApplication.CreateBuilder(args);
builder.Logging.ClearProviders();
builder.Services.AddRazorPages();
var app = builder.Build();
var listeners = new ConcurrentDictionary<Channel<string>, bool>();
app.MapRazorPages();
app.MapGet("/stream", (CancellationToken gone) => TypedResults.ServerSentEvents(Heard(listeners, gone)));
app.MapPost("/tell/{what}", (string what) =>
{
    foreach (var listener in listeners.Keys)
        listener.Writer.TryWrite(what);
});
app.Run();

static async IAsyncEnumerable<SseItem<string>> Heard(ConcurrentDictionary<Channel<string>, bool> listeners, [EnumeratorCancellation] CancellationToken gone)
{
    var own = Channel.CreateUnbounded<string>();
    listeners[own] = true;
    try
    {
        yield return new SseItem<string>("here");
        await foreach (var said in own.Reader.ReadAllAsync(gone))
            yield return new SseItem<string>(said);
    }
    finally
    {
        listeners.TryRemove(own, out _);
    }
}
