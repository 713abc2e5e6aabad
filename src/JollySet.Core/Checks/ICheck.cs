namespace JollySet.Core.Checks;

/// <summary>One idea of what to catch. A check reads and never changes; adding one touches no other file.</summary>
public interface ICheck
{
    /// <summary>What it finds in the class; nothing when all is well.</summary>
    IEnumerable<Finding> Look(ClassUnderReview review);
}
