using CsCheck;
using JollySet.Core.Sheets;
using NJsonSchema;

namespace JollySet.Core.Tests.Sheets;

/// <summary>The published schema describes what is written.</summary>
public class SchemaTests
{
    [Fact]
    public async Task Whatever_is_written_fits_the_schema()
    {
        var schema = await JsonSchema.FromFileAsync(Repository.Find("docs", "plan.schema.json"));
        PlanGen.Plans.Sample(plan => Assert.Empty(schema.Validate(JsonPlanWriter.Write(plan))), iter: 24);
        Assert.NotEmpty(schema.Validate("{\"title\": \"T\", \"blocks\": [{\"name\": \"A\"}]}"));
    }
}
