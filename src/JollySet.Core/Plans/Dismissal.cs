namespace JollySet.Core.Plans;

/// <summary>A finding that the instructor has seen and means to leave, with the reason; it stays with the class and prints.</summary>
/// <param name="Code">The check's name.</param>
/// <param name="Block">The block it spoke of; null for the class.</param>
/// <param name="Mark">What it found, as figures; when they change the finding returns.</param>
public sealed record Dismissal(string Code, string? Block, string Mark, string Reason);
