using System.Text.Json;
using System.Text.Json.Serialization;
using JollySet.Core.Plans;

namespace JollySet.Core.Keeping;

/// <summary>A length is kept as its seconds.</summary>
internal sealed class StoredLength : JsonConverter<Length>
{
    public override Length Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) => Length.Seconds(reader.GetDecimal());

    public override void Write(Utf8JsonWriter writer, Length value, JsonSerializerOptions options) => writer.WriteNumberValue(value.InSeconds);
}
