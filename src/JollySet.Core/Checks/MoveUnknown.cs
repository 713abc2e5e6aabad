using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Moves.Names;

namespace JollySet.Core.Checks;

/// <summary>A name that nobody knows has no facts: its muscles, kit, sides and pace are missing from every figure, until it is said what it is like.</summary>
internal sealed class MoveUnknown : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var (library, own) = (review.Timeline.Library, review.Plan.NewMoves.ToDictionary(m => m.Name, StringComparer.OrdinalIgnoreCase));
        var seen = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        foreach (var (block, _) in review.OwnBlocks)
            foreach (var (station, number) in block.Stations.Select((s, at) => (s, at + 1)))
                foreach (var name in station.MoveNames())
                {
                    // One that is said to have no facts is left so.
                    var asked = own.TryGetValue(name, out var move) ? move.Like : name;
                    if (asked is not null && library.Understood(asked) is null && seen.Add(name))
                        yield return Asked(name, library.Reader.Read(asked), block.Name, number);
                }
    }

    private static Finding Asked(string name, NameReading reading, string block, int station)
    {
        var likely = reading.Known == Sureness.Likely;
        var near = reading.Nearest;
        var choices = ImmutableArray.CreateBuilder<Choice>();
        if (likely)
            choices.Add(new Choice($"It is {reading.Meant}", new CallMove(name, reading.Meant)));
        choices.AddRange(near.Where(n => !likely || n != reading.Base).Select(n => new Choice($"Like {n}", new LikeMove(name, n))));
        var told = likely ? $"Is {reading.Meant} meant?"
            : near.IsEmpty ? "Say what it is like, or add it to the moves."
            : "Say which it is like, or add it to the moves.";
        return new Finding("move-unknown", Severity.Warn, $"“{name}” is not understood: what it works, needs and takes is not reckoned. {told}", block, [station], Fix: likely ? choices[0].Edit : null)
        {
            Subject = name,
            Asks = true,
            Choices = [.. choices.Skip(likely ? 1 : 0)],
        };
    }
}
