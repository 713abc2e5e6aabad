namespace JollySet.Core.Teaching;

/// <summary>What can happen to a class while it is taught. Again makes up for something that was skipped and then goes on where it was; a swap leaves the place alone, and so does a tap, which counts one more rung of a stack or one more round of as many as possible.</summary>
public enum EventKind { Start, Pause, Go, Back, Next, Skip, Add, Swap, Cut, Stop, End, Again, Tap }

/// <summary>One event of a session's append-only list.</summary>
/// <param name="Number">From 1, rising by one.</param>
/// <param name="AtMs">On the teaching device's clock.</param>
/// <param name="Value">Start, skip and again: the segment to go to. Add: seconds. Cut: its number. Swap: the work period that is done its easier way. Tap: the work period it counts in.</param>
public sealed record SessionEvent(int Number, EventKind Kind, long AtMs, int? Value = null);
