using System.Net;

namespace JollySet.Web.Live;

/// <summary>Where the application is shared with the local network, only screens, remote and followers are answered there; everything else answers this machine alone, and that only by its own names.</summary>
public sealed class Sharing(RequestDelegate next)
{
    private static readonly string[] Open = ["/d/", "/r/", "/f/", "/live/", "/css/", "/js/", "/lib/", "/trouble"];
    private static readonly string[] OwnNames = ["localhost", "127.0.0.1", "[::1]"];

    /// <summary>Lets the request through, or answers that there is nothing.</summary>
    public Task InvokeAsync(HttpContext context)
    {
        var path = context.Request.Path.Value ?? "";
        var isOpen = path is "/flag.svg" or "/join" || Open.Any(o => path.StartsWith(o, StringComparison.OrdinalIgnoreCase));
        var isSession = path.StartsWith("/live/session/", StringComparison.OrdinalIgnoreCase);
        var isHere = IPAddress.IsLoopback(context.Connection.RemoteIpAddress ?? IPAddress.Loopback) && OwnNames.Contains(context.Request.Host.Host, StringComparer.OrdinalIgnoreCase);
        if (isHere || (isOpen && !isSession))
            return next(context);
        // As plain as can be: a page for it would lead to what is not here.
        context.Response.StatusCode = StatusCodes.Status404NotFound;
        return context.Response.WriteAsync("Nothing is here for other devices. A class is joined at /join with its code.");
    }
}
