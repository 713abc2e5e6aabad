using System.Collections.Immutable;

namespace JollySet.Core.Moves;

/// <summary>What a class is for, and what a move serves.</summary>
public enum Goal { Strength, Muscle, StrengthEndurance, Power, Mobility }

/// <summary>Where in a class a move has its place.</summary>
public enum Role { Main, Accessory, Finisher, WarmUp, Stretch, Filler }

/// <summary>What part of the arms carries weight on the floor or a wall.</summary>
public enum Bearing { None, Forearms, Hands }

/// <summary>Reps of a set as they are usual.</summary>
public readonly record struct RepRange(int Least, int Most);

/// <summary>What a coach knows of a move besides its facts: how common it is, where it belongs, how hard it is among its kind.</summary>
/// <param name="Rung">Where on its pattern's ladder it stands, from 1, the easiest, to 10.</param>
/// <param name="Staple">How common a choice it is: 0 rare, 1 known, 2 common, 3 the first that comes to mind.</param>
/// <param name="Roles">Its places in a class, the chief one first.</param>
/// <param name="Goals">What it serves.</param>
/// <param name="Reps">Usual reps of a set; null where none are counted.</param>
/// <param name="Newcomer">The heaviest it is given to newcomers; <see cref="LoadClass.None"/> where it has no load or they leave it out.</param>
public sealed record Tags(int Rung, int Staple, ImmutableArray<Role> Roles, ImmutableArray<Goal> Goals, RepRange? Reps = null, LoadClass Newcomer = LoadClass.None)
{
    /// <summary>The staple that comes to mind first.</summary>
    public const int MostCommon = 3;

    /// <summary>Nothing known: a move of somebody's own that says no more.</summary>
    public static Tags None { get; } = new(5, 1, [], []);

    /// <summary>Held, not repeated.</summary>
    public bool IsHold { get; init; }

    /// <summary>Fast by its nature: jumps, throws, swings, lifts.</summary>
    public bool IsExplosive { get; init; }

    /// <summary>Has to be learned, and goes wrong first when people tire.</summary>
    public bool IsSkill { get; init; }

    /// <summary>Done on one leg, with nothing else to lean on.</summary>
    public bool IsOneLegged { get; init; }

    /// <summary>Two moves in one: a squat into a press.</summary>
    public bool IsCombined { get; init; }

    /// <summary>The head comes below the heart.</summary>
    public bool IsHeadLow { get; init; }

    /// <summary>The arms are held or go above the head, whatever its pattern.</summary>
    public bool ArmsOverhead { get; init; }

    /// <summary>What carries weight.</summary>
    public Bearing Bears { get; init; }

    /// <summary>Whether the move itself can be done sitting.</summary>
    public bool CanSit { get; init; }

    /// <summary>Whether it still works with nothing in the hands.</summary>
    public bool WorksUnloaded { get; init; }

    /// <summary>Where a ladder begins: offered as the easier way rather than planned, unless people are new to it all.</summary>
    public bool IsBeginning { get; init; }

    /// <summary>Whether that is one of its places.</summary>
    public bool Is(Role role) => Roles.Contains(role);
}
