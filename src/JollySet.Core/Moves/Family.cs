namespace JollySet.Core.Moves;

/// <summary>The cloth a move is cut from on the bunting: seven families a room can tell apart.</summary>
public enum Family { Push, Pull, Squat, Hinge, Core, WholeBody, Easy }

/// <summary>Which family a move belongs to.</summary>
public static class Families
{
    /// <summary>By pattern; an isolation goes with the family its prime mover serves.</summary>
    public static Family Of(Pattern pattern, IEnumerable<MuscleShare> muscles) => pattern switch
    {
        Pattern.Push or Pattern.OverheadPush => Family.Push,
        Pattern.Pull or Pattern.VerticalPull => Family.Pull,
        Pattern.Squat or Pattern.Lunge or Pattern.CalfRaise => Family.Squat,
        Pattern.Hinge or Pattern.HipBridge => Family.Hinge,
        Pattern.TrunkFlexion or Pattern.Brace or Pattern.Rotation or Pattern.SideBend or Pattern.Carry => Family.Core,
        Pattern.Jump or Pattern.Locomotion => Family.WholeBody,
        Pattern.Isolation => OfIsolation(muscles),
        _ => Family.Easy,
    };

    private static Family OfIsolation(IEnumerable<MuscleShare> muscles) =>
        muscles.OrderByDescending(m => m.Share).Select(m => m.Muscle).FirstOrDefault() switch
        {
            Muscle.Biceps or Muscle.Forearms or Muscle.RearDelts or Muscle.UpperBack or Muscle.Lats => Family.Pull,
            Muscle.Chest or Muscle.FrontDelts or Muscle.SideDelts or Muscle.Triceps => Family.Push,
            Muscle.Glutes or Muscle.Hamstrings or Muscle.Abductors or Muscle.LowerBack => Family.Hinge,
            Muscle.Abs or Muscle.Obliques => Family.Core,
            _ => Family.Squat,
        };
}
