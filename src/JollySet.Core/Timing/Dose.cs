using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>How much of a class's length is main part, and how much of it work in the main part.</summary>
/// <param name="MainShare">Main blocks and finishers with the gaps between them, of the whole length; a share.</param>
/// <param name="WorkShare">Their work, of the whole length; a share.</param>
/// <remarks>House rules "Dose": conventions of classes people come back to; docs/model.md.</remarks>
public sealed record Dose(decimal MainShare, decimal WorkShare)
{
    private static readonly Length Short = Length.Minutes(20);
    private static readonly Length VeryShort = Length.Minutes(15);

    /// <summary>Of a timeline, by the clock; what follows the last main block belongs to what comes after it.</summary>
    public static Dose Of(Timeline timeline)
    {
        if (timeline.Length == Length.Zero)
            return new Dose(0, 0);
        var (main, work) = (Length.Zero, Length.Zero);
        for (var i = 0; i < timeline.Segments.Length; i++)
        {
            var segment = timeline.Segments[i];
            if (segment.Block < 0 || !timeline.Blocks[segment.Block].IsMain)
                continue;
            work += segment.Kind == SegmentKind.Work ? segment.Length : Length.Zero;
            main += segment.Kind != SegmentKind.After || MainFollows(timeline, segment.Block) ? segment.Length : Length.Zero;
        }

        return new Dose(main.InSeconds / timeline.Length.InSeconds, work.InSeconds / timeline.Length.InSeconds);
    }

    /// <summary>The usual least share of the main part.</summary>
    public static decimal MainLeast(Length booked, ImmutableArray<Audience> people, HouseRules rules) =>
        booked <= VeryShort || people.Contains(Audience.OlderAdults) ? rules.DoseMainShort : rules.DoseMainLeast;

    /// <summary>The usual least share of work, for strength endurance.</summary>
    public static decimal WorkLeast(Length booked, ImmutableArray<Audience> people, HouseRules rules) =>
        people.Contains(Audience.OlderAdults) || people.All(p => p is Audience.Newcomer or Audience.FirstTimers) ? rules.DoseWorkEasy
        : booked < Short ? rules.DoseWorkShort
        : rules.DoseWorkLeast;

    private static bool MainFollows(Timeline timeline, int block) => block + 1 < timeline.Blocks.Length && timeline.Blocks[block + 1].IsMain;
}
