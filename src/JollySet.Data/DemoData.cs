using JollySet.Core.Keeping;
using JollySet.Core.Kit;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Data;

/// <summary>The classes of the sail loft: made up, for trying things out.</summary>
public static class DemoData
{
    /// <summary>Every demo class, as its sheet reads, in order.</summary>
    public static IEnumerable<ClassPlan> Classes()
    {
        var assembly = typeof(DemoData).Assembly;
        foreach (var name in assembly.GetManifestResourceNames().Where(n => n.StartsWith("demo/", StringComparison.Ordinal)).Order(StringComparer.Ordinal))
        {
            using var reader = new StreamReader(assembly.GetManifestResourceStream(name)!);
            var read = SheetReader.Read(reader.ReadToEnd());
            yield return read.Plan ?? throw new InvalidDataException($"{name}: {string.Join("; ", read.Errors)}");
        }
    }

    /// <summary>The places they are taught at.</summary>
    public static IEnumerable<Venue> Venues() =>
    [
        new("the old sail loft", "40 mats\n14x3kg dumbbells\n20x5kg dumbbells\n12x10kg dumbbells\n5 kettlebells\n8 steps\n6 chairs\n15 bands", 10, 5, "old boards, even, a beam at the far end", "the chandler works below until six: nothing dropped"),
        new("the slip", "10 mats\n4 bands", 5, 5, "stone, wet at spring tides", "none"),
    ];

    /// <summary>Puts the places into an empty kit room.</summary>
    public static void Fill(VenuesBook venues)
    {
        if (venues.All().IsEmpty)
            foreach (var venue in Venues())
                venues.Keep(venue, null);
    }

    /// <summary>Puts them on an empty shelf; one that holds anything, readable or not, is left alone.</summary>
    public static void Fill(ClassBook shelf)
    {
        if (!shelf.IsEmpty())
            return;
        foreach (var plan in Classes().Reverse())
            shelf.Add(Gate.Pass(plan).Passed ?? throw new InvalidDataException($"“{plan.Title}” does not pass the gate: {string.Join("; ", Gate.Pass(plan).Errors)}"), "came with the demo");
    }
}
