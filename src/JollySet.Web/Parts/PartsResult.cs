using System.Globalization;
using System.Text;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.ModelBinding;
using Microsoft.AspNetCore.Mvc.Rendering;
using Microsoft.AspNetCore.Mvc.ViewEngines;
using Microsoft.AspNetCore.Mvc.ViewFeatures;

namespace JollySet.Web.Parts;

/// <summary>Answers a page that is there already with those parts of it that have changed, and with what holds for the whole of it.</summary>
/// <param name="view">The partial that holds all parts.</param>
/// <param name="facts">Names and values that the page keeps of itself: revision, where the keyboard goes.</param>
public sealed class PartsResult<T>(string view, T model, int status, params (string Name, object? Value)[] facts) : IActionResult
{
    private bool isWritten;

    /// <summary>Writes the parts, to be sent later.</summary>
    public async Task Write(ActionContext context)
    {
        isWritten = true;
        var services = context.HttpContext.RequestServices;
        services.GetRequiredService<PartList>().Clear();
        var found = services.GetRequiredService<ICompositeViewEngine>().FindView(context, view, isMainPage: false);
        found.EnsureSuccessful(null);
        var data = new ViewDataDictionary<T>(services.GetRequiredService<IModelMetadataProvider>(), new ModelStateDictionary()) { Model = model };
        var temp = services.GetRequiredService<ITempDataDictionaryFactory>().GetTempData(context.HttpContext);
        await using var nowhere = new StringWriter(CultureInfo.InvariantCulture);
        await found.View.RenderAsync(new ViewContext(context, found.View, data, temp, nowhere, new HtmlHelperOptions()));
    }

    /// <inheritdoc/>
    public async Task ExecuteResultAsync(ActionContext context)
    {
        if (!isWritten)
            await Write(context);
        var text = new StringBuilder("<div id=\"changed-parts\"");
        foreach (var (name, value) in facts)
            if (value is not null)
                text.Append(CultureInfo.InvariantCulture, $" data-{name}=\"{System.Text.Encodings.Web.HtmlEncoder.Default.Encode(value.ToString()!)}\"");
        text.Append('>');
        foreach (var part in context.HttpContext.RequestServices.GetRequiredService<PartList>().Changed())
            text.Append(part.Html).Append('\n');
        context.HttpContext.Response.StatusCode = status;
        context.HttpContext.Response.ContentType = "text/html; charset=utf-8";
        context.HttpContext.Response.Headers["X-Parts"] = "1";
        await context.HttpContext.Response.WriteAsync(text.Append("</div>").ToString());
    }
}
