namespace JollySet.Core.Moves;

/// <summary>How the body is held while the move is done.</summary>
public enum Posture { Standing, Hinged, Kneeling, AllFours, Seated, Lying, Plank }

/// <summary>How high people are: what going to the floor and back is counted in.</summary>
public enum Level { Up, Middle, Down }

/// <summary>Which level a posture is on.</summary>
public static class Postures
{
    /// <summary>Up: standing, hinged. Middle: kneeling, all fours. Down: seated, lying, plank.</summary>
    public static Level LevelOf(Posture posture) => posture switch
    {
        Posture.Standing or Posture.Hinged => Level.Up,
        Posture.Kneeling or Posture.AllFours => Level.Middle,
        _ => Level.Down,
    };
}
