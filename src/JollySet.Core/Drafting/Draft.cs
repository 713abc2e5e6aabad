using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>The format an instructor would like the main part to have.</summary>
public enum DraftFormat { Circuit, Supersets, Trios, Straight, Minute, Ladder }

/// <summary>What a draft starts from.</summary>
/// <param name="Brief">With its minutes; what it leaves open is decided as usual.</param>
/// <param name="Seed">The same brief and seed give the same draft.</param>
/// <param name="Recent">Moves that the last taught classes used: others come first.</param>
public sealed record DraftRequest(Brief Brief, DraftFormat Format, int Seed, ImmutableHashSet<string> Recent)
{
    /// <summary>With nothing taught before.</summary>
    public static DraftRequest Of(Brief brief, DraftFormat format = DraftFormat.Circuit, int seed = 1) => new(brief, format, seed, []);
}

/// <summary>Why a block or a line stands there.</summary>
/// <param name="Station">From 1; 0 for the block itself.</param>
public sealed record Reason(string Block, int Station, string Text);

/// <summary>A whole class to start from: the instructor makes it theirs.</summary>
/// <param name="Plan">Null where no class can be made of the brief; <paramref name="Why"/> says so.</param>
/// <param name="Cannot">What it cannot judge, where someone's clinician has to be asked; null otherwise.</param>
public sealed record Draft(ClassPlan? Plan, ImmutableArray<Reason> Reasons, string? Why, string? Cannot)
{
    /// <summary>Every reason as a line that names what it is about.</summary>
    public IEnumerable<string> Told() => Reasons.Where(r => r.Text.Length > 0).Select(r =>
        r.Block.Length == 0 ? r.Text
        : Plan?.Find(r.Block)?.Stations.ElementAtOrDefault(r.Station - 1) is { } line ? $"{r.Block}, {Timing.Facts.NameOf(line.Doing)}: {r.Text}"
        : $"{r.Block}: {r.Text}");
}
