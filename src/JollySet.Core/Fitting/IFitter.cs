using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Plans;

namespace JollySet.Core.Fitting;

/// <summary>What a proposal changes first and foremost.</summary>
public enum FitKind { Rounds, Times, Moves, Block }

/// <summary>A class to be made as long as its booking.</summary>
/// <param name="Minutes">The length wanted.</param>
/// <param name="Locks">Keys of the <see cref="FitItem"/>s that must stay as they are.</param>
public sealed record FitRequest(ClassPlan Plan, Studio Studio, int Minutes, ImmutableHashSet<string> Locks)
{
    /// <summary>Whether the length aimed at is the clock's (follow-along) or the likely one (led).</summary>
    public bool AimsAtClock => Plan.Brief.IsFollowAlong;
}

/// <summary>One way to reach the minutes.</summary>
/// <param name="Edits">To be applied together, and taken back together.</param>
/// <param name="Says">Each change in a few words.</param>
/// <param name="Cost">How much it changes; less is less.</param>
/// <param name="Proven">Whether no smaller change of its kind exists.</param>
public sealed record FitProposal(FitKind Kind, ImmutableArray<PlanEdit> Edits, ImmutableArray<string> Says, Length Clock, Length Likely, int Cost, bool Proven);

/// <summary>Up to three proposals that differ in kind, least change first; or why there is none.</summary>
/// <param name="Why">A sentence where nothing is proposed; null otherwise.</param>
/// <param name="LocksInTheWay">Locked items that the least change would have to touch.</param>
/// <param name="Stopped">Whether the search was stopped before it was done.</param>
public sealed record FitAnswer(ImmutableArray<FitProposal> Proposals, string? Why, ImmutableArray<FitItem> LocksInTheWay, bool Stopped);

/// <summary>Fits a class to its minutes.</summary>
public interface IFitter
{
    /// <summary>The proposals; what was found so far when <paramref name="stop"/> is asked for.</summary>
    /// <param name="told">Hears how far it is.</param>
    FitAnswer Fit(FitRequest request, IProgress<string>? told = null, CancellationToken stop = default);
}
