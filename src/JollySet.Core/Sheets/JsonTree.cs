using System.Text;
using System.Text.Json;

namespace JollySet.Core.Sheets;

/// <summary>A JSON value that knows where it stands.</summary>
internal abstract record JsonTree(int Line, int Column);

/// <summary>An object's members in order, each with its key's place.</summary>
internal sealed record JsonObjectTree(int Line, int Column, List<(JsonTextTree Key, JsonTree Value)> Members) : JsonTree(Line, Column);

/// <summary><c>null</c>: nothing is said.</summary>
internal sealed record JsonNullTree(int Line, int Column) : JsonTree(Line, Column);

/// <summary>A list.</summary>
internal sealed record JsonListTree(int Line, int Column, List<JsonTree> Items) : JsonTree(Line, Column);

/// <summary>A string, or a number or word as it is written.</summary>
internal sealed record JsonTextTree(int Line, int Column, string Text) : JsonTree(Line, Column)
{
    /// <summary>The text in one line: a sheet has no other.</summary>
    public string OneLine => Text.Replace("\r\n", " ", StringComparison.Ordinal).Replace('\n', ' ');

    /// <summary>The lines of a text that may have several.</summary>
    public IEnumerable<string> Lines => Text.Replace("\r\n", "\n", StringComparison.Ordinal).Split('\n').Where((line, i) => i == 0 || line.Trim().Length > 0);

    /// <summary>The text as a slice, for the notation's readers.</summary>
    public Slice Slice => new Slice(OneLine, 0, OneLine.Length, Line, Column).Trim();
}

/// <summary>Parses JSON into <see cref="JsonTree"/>s.</summary>
internal static class JsonTreeReader
{
    private const int Deepest = 16;

    /// <summary>The tree of <paramref name="text"/>.</summary>
    /// <exception cref="JsonException">It is not JSON; line and byte are those of the first fault, from 0.</exception>
    public static JsonTree Read(string text)
    {
        var bytes = Encoding.UTF8.GetBytes(text);
        var reader = new Utf8JsonReader(bytes, new JsonReaderOptions { MaxDepth = Deepest, AllowTrailingCommas = true });
        reader.Read();
        var places = new Places(bytes);
        var tree = Value(ref reader, places);
        reader.Read();
        return tree;
    }

    private static JsonTree Value(ref Utf8JsonReader reader, Places places)
    {
        var (line, column) = places.Of((int)reader.TokenStartIndex);
        switch (reader.TokenType)
        {
            case JsonTokenType.StartObject:
                var members = new List<(JsonTextTree, JsonTree)>();
                while (reader.Read() && reader.TokenType != JsonTokenType.EndObject)
                {
                    var (keyLine, keyColumn) = places.Of((int)reader.TokenStartIndex);
                    var key = new JsonTextTree(keyLine, keyColumn + 1, reader.GetString()!);
                    reader.Read();
                    members.Add((key, Value(ref reader, places)));
                }

                return new JsonObjectTree(line, column, members);
            case JsonTokenType.StartArray:
                var items = new List<JsonTree>();
                while (reader.Read() && reader.TokenType != JsonTokenType.EndArray)
                    items.Add(Value(ref reader, places));
                return new JsonListTree(line, column, items);
            case JsonTokenType.Null:
                return new JsonNullTree(line, column);
            case JsonTokenType.True:
                return new JsonTextTree(line, column, "yes");
            case JsonTokenType.False:
                return new JsonNullTree(line, column);
            case JsonTokenType.String:
                return new JsonTextTree(line, column + 1, reader.GetString()!);
            default:
                return new JsonTextTree(line, column, Encoding.UTF8.GetString(reader.ValueSpan));
        }
    }

    /// <summary>Lines and columns of rising byte offsets.</summary>
    private sealed class Places(byte[] bytes)
    {
        private int at;
        private int line = 1;
        private int column = 1;

        public (int Line, int Column) Of(int offset)
        {
            for (; at < offset; at++)
            {
                if (bytes[at] == '\n')
                    (line, column) = (line + 1, 1);
                else if ((bytes[at] & 0xC0) != 0x80)
                    column++;
            }

            return (line, column);
        }
    }
}
