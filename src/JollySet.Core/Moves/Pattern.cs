namespace JollySet.Core.Moves;

/// <summary>What kind of movement it is. <see cref="Any"/> stands only for a station still to be chosen.</summary>
public enum Pattern
{
    Squat, Hinge, Lunge, Push, OverheadPush, Pull, VerticalPull, HipBridge, TrunkFlexion, Brace, Rotation, SideBend,
    Carry, March, CalfRaise, Isolation, Jump, Locomotion, Mobility, Stretch, Any,
}
