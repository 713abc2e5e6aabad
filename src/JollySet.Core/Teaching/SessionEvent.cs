namespace JollySet.Core.Teaching;

/// <summary>What can happen to a class while it is taught. Swap and cut are kept for later work and leave the place alone.</summary>
public enum EventKind { Start, Pause, Go, Back, Next, Skip, Add, Swap, Cut, Stop, End }

/// <summary>One event of a session's append-only list.</summary>
/// <param name="Number">From 1, rising by one.</param>
/// <param name="AtMs">On the teaching device's clock.</param>
/// <param name="Value">Start and skip: the segment to go to. Add: seconds.</param>
public sealed record SessionEvent(int Number, EventKind Kind, long AtMs, int? Value = null);
