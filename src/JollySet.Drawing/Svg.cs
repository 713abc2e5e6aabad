using System.Globalization;
using System.Text;
using System.Text.Encodings.Web;

namespace JollySet.Drawing;

/// <summary>Writes SVG by classes and attributes; never a style, so that a strict content policy may stand.</summary>
public sealed class Svg
{
    private readonly StringBuilder text = new();
    private readonly Stack<string> open = new();

    /// <summary>Opens an element; attributes are names and values in turn, null values left out.</summary>
    public Svg Open(string element, params ReadOnlySpan<object?> attributes)
    {
        Tag(element, attributes).Append('>');
        open.Push(element);
        return this;
    }

    /// <summary>Closes the element opened last.</summary>
    public Svg Close()
    {
        text.Append("</").Append(open.Pop()).Append('>');
        return this;
    }

    /// <summary>An element with nothing in it.</summary>
    public Svg Draw(string element, params ReadOnlySpan<object?> attributes)
    {
        Tag(element, attributes).Append("/>");
        return this;
    }

    /// <summary>An element with text in it.</summary>
    public Svg Say(string element, string words, params ReadOnlySpan<object?> attributes)
    {
        Tag(element, attributes).Append('>').Append(HtmlEncoder.Default.Encode(words)).Append("</").Append(element).Append('>');
        return this;
    }

    /// <inheritdoc/>
    public override string ToString() => text.ToString();

    private StringBuilder Tag(string element, ReadOnlySpan<object?> attributes)
    {
        text.Append('<').Append(element);
        for (var i = 0; i + 1 < attributes.Length; i += 2)
        {
            if (attributes[i + 1] is { } value)
                text.Append(' ').Append(attributes[i]).Append("=\"").Append(Written(value)).Append('"');
        }

        return text;
    }

    private static string Written(object value) => value switch
    {
        double number => FlagPath.N(number),
        IFormattable plain => plain.ToString(null, CultureInfo.InvariantCulture),
        _ => HtmlEncoder.Default.Encode(value.ToString()!),
    };
}
