namespace JollySet.Core.Moves;

/// <summary>The nineteen muscles that shares, balance and streaks speak of.</summary>
public enum Muscle
{
    Chest, UpperBack, Lats, FrontDelts, SideDelts, RearDelts, Biceps, Triceps, Forearms, Abs, Obliques, LowerBack,
    HipFlexors, Glutes, Abductors, Adductors, Quads, Hamstrings, Calves,
}

/// <summary>A muscle and how much of the work it does: 1 prime mover, 0.5 assisting, 0.25 holding.</summary>
public readonly record struct MuscleShare(Muscle Muscle, decimal Share);
