using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Cues.Saying;

/// <summary>Takes cues in where there is time. One that clashes with what matters more is left; what matters less gives way.</summary>
internal sealed class Placing
{
    private readonly SortedList<int, Cue> said = [];
    private readonly List<Cue> outside = [];
    private readonly List<Cue> left = [];
    private readonly List<Cue> noTime = [];

    /// <summary>When the last one has been said.</summary>
    public Length LastEnds => said.Count == 0 ? Length.Zero : said.Values[^1].Ends;

    /// <summary>Takes a cue in at its own time; false where it has to be left.</summary>
    public bool Take(Cue cue)
    {
        if (cue.Text.Length == 0)
            return true;
        var clashing = Clashing(cue);
        if (clashing.Exists(c => c.Matters >= cue.Matters))
        {
            left.Add(cue);
            return false;
        }

        foreach (var other in clashing)
        {
            said.Remove(other.At.InTenths);
            left.Add(other);
        }

        said.Add(cue.At.InTenths, cue);
        return true;
    }

    /// <summary>Whether a cue could be said then without anything giving way.</summary>
    public bool IsFree(Length at, Length takes) => Clashing(new Cue(at, CueKind.Next, "?", takes, 0, 0)).Count == 0;

    /// <summary>Takes in what is said while no clock runs.</summary>
    public void TakeOutside(Cue cue) => outside.Add(cue with { Outside = true });

    /// <summary>Leaves one that found no time between two works.</summary>
    public void Leave(Cue cue) => noTime.Add(cue);

    /// <summary>All of it; what gave way to something that gave way itself is said after all.</summary>
    public CueSheet Sheet()
    {
        var gaveWay = left.OrderByDescending(c => c.Matters).ThenBy(c => c.At).ToList();
        left.Clear();
        foreach (var cue in gaveWay)
        {
            if (IsFree(cue.At, cue.Takes))
                said.Add(cue.At.InTenths, cue);
            else
                left.Add(cue);
        }

        return new CueSheet(
            [.. outside.Where(c => c.Kind != CueKind.Closing), .. said.Values, .. outside.Where(c => c.Kind == CueKind.Closing)],
            [.. left.Concat(noTime).OrderBy(c => c.At)]);
    }

    /// <summary>Cues never overlap, so those that clash lie together round where it would begin.</summary>
    private List<Cue> Clashing(Cue cue)
    {
        var (low, high) = (0, said.Count);
        while (low < high)
        {
            var middle = (low + high) / 2;
            if (said.Values[middle].Ends > cue.At)
                high = middle;
            else
                low = middle + 1;
        }

        var clashing = new List<Cue>();
        for (var i = low; i < said.Count && said.Values[i].At < cue.Ends; i++)
            clashing.Add(said.Values[i]);
        return clashing;
    }
}
