using JollySet.Core.Keeping;
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

    /// <summary>Puts them on an empty shelf; one that holds anything, readable or not, is left alone.</summary>
    public static void Fill(ClassBook shelf)
    {
        if (!shelf.IsEmpty())
            return;
        foreach (var plan in Classes().Reverse())
            shelf.Add(Gate.Pass(plan).Passed ?? throw new InvalidDataException($"“{plan.Title}” does not pass the gate: {string.Join("; ", Gate.Pass(plan).Errors)}"), "came with the demo");
    }
}
