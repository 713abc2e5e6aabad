using System.Text.Encodings.Web;
using System.Text.Json;
using Microsoft.AspNetCore.Razor.TagHelpers;

namespace JollySet.Web.Parts;

/// <summary>Marks an element as a part of its page that is sent anew only when it has changed.</summary>
[HtmlTargetElement(Attributes = "part")]
public sealed class PartTagHelper(PartList parts) : TagHelper
{
    /// <summary>Pairs in brackets are fields.</summary>
    private static readonly JsonSerializerOptions Whole = new() { IncludeFields = true };

    /// <summary>The element's id.</summary>
    [HtmlAttributeName("part")]
    public string Part { get; set; } = "";

    /// <summary>What it is told apart by, where that is not all it holds: a list whose items are parts of their own.</summary>
    [HtmlAttributeName("part-key")]
    public Func<string>? Key { get; set; }

    /// <summary>All that its content is made of, where that is known beforehand: what the page has already is then not even written.</summary>
    [HtmlAttributeName("part-is")]
    public Func<object>? Is { get; set; }

    /// <summary>Whether it may stand folded or hidden: then it is neither reckoned nor sent until it is looked at.</summary>
    [HtmlAttributeName("part-sleeps")]
    public bool Sleeps { get; set; }

    /// <inheritdoc/>
    public override async Task ProcessAsync(TagHelperContext context, TagHelperOutput output)
    {
        parts.Open(Part);
        if (Sleeps)
            output.Attributes.SetAttribute("data-sleeps", "");
        if (Sleeps && parts.AsleepAs(Part) is { } asleep && Mark(output, asleep))
            return;
        var attributes = string.Concat(output.Attributes.Select(a => $"{a.Name}={a.Value};"));
        var known = Is is null ? null : PartList.HashOf(attributes + JsonSerializer.Serialize(Is(), Whole));
        if (known is not null && Mark(output, known))
            return;
        var content = await output.GetChildContentAsync();
        var hash = known ?? PartList.HashOf(attributes + (Key?.Invoke() ?? content.GetContent()));
        if (known is null && Mark(output, hash))
            return;

        output.Content.SetHtmlContent(content);
        if (!parts.IsLive)
        {
            parts.Close(hash, "");
            return;
        }

        using var written = new StringWriter();
        output.WriteTo(written, HtmlEncoder.Default);
        parts.Close(hash, written.ToString());
    }

    /// <summary>Names the element and its hash; true when the page has it, so that where the part around it is sent a place for it is enough.</summary>
    private bool Mark(TagHelperOutput output, string hash)
    {
        output.Attributes.SetAttribute("id", Part);
        output.Attributes.SetAttribute("data-part", hash);
        if (!parts.Has(Part, hash))
            return false;
        output.Attributes.SetAttribute("data-same", "");
        output.Content.SetContent("");
        parts.Close(hash, "");
        return true;
    }
}
