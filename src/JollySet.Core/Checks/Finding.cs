using System.Collections.Immutable;
using JollySet.Core.Edits;

namespace JollySet.Core.Checks;

/// <summary>How much a finding matters; <see cref="Stop"/> is for what cannot or must not be taught as written.</summary>
public enum Severity { Note, Warn, Stop }

/// <summary>One of several ways to mend a finding, and what its button says.</summary>
public sealed record Choice(string Label, PlanEdit Edit);

/// <summary>One thing a careful colleague would catch.</summary>
/// <param name="Code">The check's name, as in docs/checks.md.</param>
/// <param name="Message">A sentence with the numbers in it.</param>
/// <param name="Block">The block it speaks of; null for the class.</param>
/// <param name="Stations">Numbers of the stations it speaks of, from 1.</param>
/// <param name="Numbers">The figures behind it, by name.</param>
/// <param name="Fix">An edit that mends it, or null.</param>
public sealed record Finding(
    string Code,
    Severity Severity,
    string Message,
    string? Block = null,
    ImmutableArray<int> Stations = default,
    ImmutableSortedDictionary<string, decimal>? Numbers = null,
    PlanEdit? Fix = null)
{
    /// <summary>Numbers of the stations it speaks of, from 1; empty for the block or class.</summary>
    public ImmutableArray<int> Stations { get; init; } = Stations.IsDefault ? [] : Stations;

    /// <summary>The figures, by name.</summary>
    public ImmutableSortedDictionary<string, decimal> Numbers { get; init; } = Numbers ?? ImmutableSortedDictionary<string, decimal>.Empty;

    /// <summary>What it speaks of where one block or class has several of its kind: a pair, a muscle, a move, a need.</summary>
    public string Subject { get; init; } = "";

    /// <summary>Whether an instructor may leave it with a reason; what only a clinician can judge is never silenced.</summary>
    public bool MayBeDismissed { get; init; } = true;

    /// <summary>Whether it asks about words somebody typed that nobody here knows: that never waits behind other findings.</summary>
    public bool Asks { get; init; }

    /// <summary>What was found, in figures: once they change, a dismissal holds no longer.</summary>
    public string Mark => string.Join(' ', new[] { Subject, Stations.IsEmpty ? "" : $"stations {string.Join('/', Stations)}" }
        .Concat(Numbers.Select(n => $"{n.Key} {n.Value.ToString("0.###", System.Globalization.CultureInfo.InvariantCulture)}")).Where(p => p.Length > 0));

    /// <summary>Edits to choose from, where there is more than one way to mend it.</summary>
    public ImmutableArray<Choice> Choices { get; init; } = [];

    /// <summary>Looks for an edit that mends it, where that takes a search; null where <see cref="Fix"/> says it all.</summary>
    public Func<PlanEdit?>? FixSearch { get; init; }

    /// <summary>What such a search will do, said before it is asked for.</summary>
    public string FixHint { get; init; } = "looks for the best change";

    /// <summary>What mending it will do, in a few words; empty where nothing is known that would.</summary>
    public string FixSays(Plans.ClassPlan plan) => Fix is not null ? Told.Of(Fix, plan) : FixSearch is not null ? FixHint : "";

    /// <summary>Whether mending it is worth asking for, without searching.</summary>
    public bool MayBeFixed => Fix is not null || FixSearch is not null;

    /// <summary>The edit that mends it, searched for where it has to be; null where there is none.</summary>
    public PlanEdit? FixOrSearch() => Fix ?? FixSearch?.Invoke();

    /// <summary>The figures of a finding, from pairs.</summary>
    public static ImmutableSortedDictionary<string, decimal> Figures(params (string Name, decimal Value)[] figures) =>
        figures.ToImmutableSortedDictionary(f => f.Name, f => f.Value);
}
