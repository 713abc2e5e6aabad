using JollySet.Core.Export;
using JollySet.Core.Timing;
using Microsoft.AspNetCore.Mvc;

namespace JollySet.Web.Pages.Saying;

/// <summary>A class as sound, written second by second as it is fetched.</summary>
internal sealed class WavResult(Timeline timeline, int? beats) : IActionResult
{
    /// <inheritdoc/>
    public Task ExecuteResultAsync(ActionContext context) => Task.Run(() =>
    {
        using var body = new BufferedStream(context.HttpContext.Response.BodyWriter.AsStream(leaveOpen: true), 1 << 16);
        WavExport.Write(timeline, body, beats);
    });
}
