using JollySet.Core.Plans;

namespace JollySet.Web;

/// <summary>Answers a post that is far over a sheet's limit with a page that says its size and the limit, before anything is read.</summary>
public sealed class PasteLimit(RequestDelegate next)
{
    /// <summary>A form with the largest sheet allowed, every byte of it escaped, fits.</summary>
    public const int MostBytes = (Limits.Bytes * 3) + 50_000;

    /// <summary>Lets the request through, or turns it to the page.</summary>
    public Task InvokeAsync(HttpContext context)
    {
        if (HttpMethods.IsPost(context.Request.Method) && context.Request.ContentLength > MostBytes)
        {
            context.Items["size"] = context.Request.ContentLength;
            context.Response.StatusCode = StatusCodes.Status413PayloadTooLarge;
            context.Request.Method = HttpMethods.Get;
            context.Request.Path = "/trouble/413";
        }

        return next(context);
    }
}
