namespace JollySet.Core.Moves;

/// <summary>The plane a move goes through: forward and back, side to side, or turning.</summary>
public enum Plane { Sagittal, Frontal, Transverse }

/// <summary>Joints that a move loads or takes through their range; a warm-up wakes them.</summary>
public enum Joint { Neck, Shoulders, Elbows, Wrists, Spine, Hips, Knees, Ankles }
