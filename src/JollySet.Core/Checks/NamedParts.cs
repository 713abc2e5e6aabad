using JollySet.Core.Cards;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Warm-up and cool-down, also where a block of people's own time is only called so: what is done in it is not said, that it is there is.</summary>
internal static class NamedParts
{
    /// <summary>Whether a block is a warm-up.</summary>
    public static bool IsWarmUp(Block block) => block.Format is PrepareFormat || IsCalled(block, CardPart.WarmUp);

    /// <summary>Whether a block is a cool-down.</summary>
    public static bool IsCoolDown(Block block) => block.Format is ReleaseFormat || IsCalled(block, CardPart.CoolDown);

    private static bool IsCalled(Block block, CardPart part) => block.Format is OwnFormat && CardPhrases.PartOf(block.Name) == part;
}
