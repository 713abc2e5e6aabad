using System.Text.Encodings.Web;
using Microsoft.AspNetCore.Razor.TagHelpers;

namespace JollySet.Web.Parts;

/// <summary>Marks an element as a part of its page that is sent anew only when it has changed.</summary>
[HtmlTargetElement(Attributes = "part")]
public sealed class PartTagHelper(PartList parts) : TagHelper
{
    /// <summary>The element's id.</summary>
    [HtmlAttributeName("part")]
    public string Part { get; set; } = "";

    /// <summary>What it is told apart by, where that is not all it holds: a list whose items are parts of their own.</summary>
    [HtmlAttributeName("part-key")]
    public string? Key { get; set; }

    /// <inheritdoc/>
    public override async Task ProcessAsync(TagHelperContext context, TagHelperOutput output)
    {
        parts.Open(Part);
        var content = await output.GetChildContentAsync();
        var html = content.GetContent();
        var hash = PartList.HashOf(string.Concat(output.Attributes.Select(a => $"{a.Name}={a.Value};")) + (Key ?? html));
        output.Attributes.SetAttribute("id", Part);
        output.Attributes.SetAttribute("data-part", hash);
        if (parts.Has(Part, hash))
        {
            // The page has it: where the part around it is sent, a place for it is enough.
            output.Attributes.SetAttribute("data-same", "");
            output.Content.SetContent("");
            parts.Close(hash, "");
            return;
        }

        output.Content.SetHtmlContent(content);
        if (!parts.IsLive)
        {
            parts.Close(hash, "");
            return;
        }

        using var written = new StringWriter();
        output.WriteTo(written, HtmlEncoder.Default);
        parts.Close(hash, output.TagName == "g" ? $"<svg data-wrap>{written}</svg>" : written.ToString());
    }
}
