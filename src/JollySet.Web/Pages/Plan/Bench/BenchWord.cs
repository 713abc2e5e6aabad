namespace JollySet.Web.Pages.Plan.Bench;

/// <summary>One word of the bench's sentences that can be said otherwise, where it stands.</summary>
/// <param name="Do">The edit it asks for.</param>
/// <param name="Name">The setting or part it says.</param>
/// <param name="Label">What it is, for who does not see the sentence.</param>
/// <param name="Says">As it reads.</param>
/// <param name="Value">As it is typed; empty where the line says nothing of it.</param>
public sealed record BenchWord(string Do, string Name, string Label, string Says, string Value)
{
    /// <summary>What is read before it and is not its own.</summary>
    public string Lead { get; init; } = "";

    /// <summary>Usual values, one on a line; <c>value=words</c> where they read otherwise.</summary>
    public string Choices { get; init; } = "";

    /// <summary>The page's list of words it may be completed from.</summary>
    public string List { get; init; } = "";

    /// <summary>Whether it is only shown where it is said or asked for.</summary>
    public bool IsRare { get; init; }

    /// <summary>Whether it waits until all the line can say is asked for.</summary>
    public bool Waits => IsRare && (!IsSaid || Name == "line");

    /// <summary>Whether it asks for attention.</summary>
    public bool IsOpen { get; init; }

    /// <summary>Whether the line says it itself.</summary>
    public bool IsSaid => Value.Length > 0;

    /// <summary>Names it on the page.</summary>
    public string Id => (Do == "station" ? "word-" : $"word-{Do}-") + Name.Replace(' ', '-');
}
