using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>What going from one piece of work to the next really needs. It remembers what the class has done before, so ask in order.</summary>
/// <remarks>The numbers are house rules; docs/model.md, "Changing over".</remarks>
public sealed class ChangeOver(Brief brief, HouseRules rules)
{
    private readonly Dictionary<(int, int), int> made = [];
    private readonly Dictionary<WorkFacts, int> numbers = new(ReferenceEqualityComparer.Instance);
    private readonly Dictionary<(string, string), int> named = [];
    private readonly decimal practice = rules.ChangePractice;
    private readonly decimal practiceFloor = rules.ChangePracticeFloor;
    private readonly HashSet<WorkFacts> done = new(ReferenceEqualityComparer.Instance);
    private readonly HashSet<string> shown = new(StringComparer.OrdinalIgnoreCase);
    private readonly HashSet<string> switched = new(StringComparer.OrdinalIgnoreCase);

    /// <summary>Marks a move as shown: nobody meets it for the first time any more.</summary>
    public void Show(string move) => shown.Add(move);

    /// <summary>Whether the move has been shown or done.</summary>
    public bool Knows(WorkFacts facts) => done.Contains(facts) || shown.Contains(facts.Name);

    /// <summary>Marks a move as done, and so as known.</summary>
    public void Done(WorkFacts facts)
    {
        if (done.Add(facts))
            shown.Add(facts.Name);
    }

    /// <summary>From the end of <paramref name="from"/> until <paramref name="to"/> can begin, in whole seconds, rounded up.</summary>
    /// <param name="demo">Whether the move is shown in the gap.</param>
    /// <param name="toTheBeat">Whether both are in one flow block.</param>
    public Length Between(WorkSet from, WorkSet to, GapPlace place, bool water, bool demo, bool toTheBeat = false)
    {
        var seconds = place == GapPlace.OtherSide ? OtherSide(to) : Another(from, to, demo, toTheBeat);
        seconds *= Practice(from, to);
        seconds = Math.Max(seconds, Least(place, water));
        return ForAll(seconds);
    }

    /// <summary>What a gap in that place needs at the least, whatever it lies between, in whole seconds.</summary>
    public Length LeastOf(GapPlace place, bool water) => ForAll(Least(place, water));

    /// <summary>Whole seconds, rounded up, with what people who need more time need.</summary>
    private Length ForAll(decimal seconds) => Length.Seconds(Math.Ceiling(brief.NeedsMoreTime ? seconds * rules.ChangeMoreTime : seconds));

    private decimal OtherSide(WorkSet to) =>
        switched.Add(to.Facts.Name) ? rules.ChangeOtherSideFirst.InSeconds : rules.ChangeOtherSide.InSeconds;

    private decimal Another(WorkSet from, WorkSet to, bool demo, bool toTheBeat)
    {
        var seconds = (toTheBeat ? rules.ChangeSettleFlow : rules.ChangeSettle).InSeconds;
        if (from.Facts.Level is { } was && to.Facts.Level is { } becomes && was != becomes)
            seconds += rules.ChangeLevel.InSeconds;
        if (from.Facts.Held != to.Facts.Held)
            seconds += rules.ChangeKit.InSeconds;
        if (from.Facts.Props != to.Facts.Props)
            seconds += rules.ChangeProp.InSeconds;
        if (!to.IsTimed && !demo && !Knows(to.Facts))
            seconds += rules.ChangeFirstShow.InSeconds;
        return seconds;
    }

    private decimal Practice(WorkSet from, WorkSet to)
    {
        var change = (Key(from), Key(to));
        var before = made.GetValueOrDefault(change);
        made[change] = before + 1;
        var left = 1m;
        for (var i = 0; i < before && left > practiceFloor; i++)
            left *= practice;
        return Math.Max(left, practiceFloor);
    }

    private decimal Least(GapPlace place, bool water) => Math.Max(
        water ? rules.ChangeWaterLeast.InSeconds : 0,
        place switch
        {
            GapPlace.AfterRound => rules.ChangeRoundLeast.InSeconds,
            GapPlace.AfterBlock => rules.ChangeBlockLeast.InSeconds,
            _ => 0,
        });

    /// <summary>A number for what is done with what on which side, the same wherever that comes again.</summary>
    private int Key(WorkSet set)
    {
        if (!numbers.TryGetValue(set.Facts, out var number))
        {
            var name = (set.Facts.Name, set.Facts.Held);
            if (!named.TryGetValue(name, out number))
                named[name] = number = named.Count;
            numbers[set.Facts] = number;
        }

        return (number * 5) + (set.Side is { } side ? 1 + (int)side : 0);
    }
}
