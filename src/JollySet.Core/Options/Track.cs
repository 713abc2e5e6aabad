using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Effort;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Options;

/// <summary>One of the people who come: how far along they are, and what they must be spared.</summary>
public sealed record Track(Audience Who, ImmutableArray<string> Needs)
{
    /// <summary>In words: <c>newcomer with knees, wrists</c>.</summary>
    public string Name => WhoWords(Who) + (Needs.IsEmpty ? "" : $" with {Say.List(Needs)}");

    /// <summary>The track that a page or a program asks for; null where nobody of that name comes to any class. Needs that are neither the class's own nor known are passed over.</summary>
    /// <param name="own">The class's own needs, in its own words.</param>
    public static Track? Picked(string? who, IEnumerable<string> needs, IEnumerable<string> own) =>
        Enum.TryParse<Audience>(who, out var audience) && Enum.IsDefined(audience) ? new Track(audience, [.. needs.Intersect(own.Concat(Moves.Needs.Ways))]) : null;

    /// <summary>Whose effort it is reckoned by.</summary>
    public Person Person => Who switch { Audience.Regular => Person.Regular, Audience.Strong => Person.Strong, _ => Person.Newcomer };

    /// <summary>One word for who comes.</summary>
    public static string WhoWords(Audience who) => who switch
    {
        Audience.FirstTimers => "first-timer",
        Audience.OlderAdults => "older adult",
        Audience.Newcomer => "newcomer",
        Audience.Strong => "strong",
        _ => "regular",
    };

    /// <summary>Between what its hardest moment may lie, 0 to 10; a class for mobility may be as light as it likes.</summary>
    public (decimal Least, decimal Most) PeakRange(HouseRules rules, Goal? goal) => Who switch
    {
        Audience.FirstTimers or Audience.OlderAdults => (0, rules.EffortPeakGentle),
        Audience.Newcomer => (0, rules.EffortPeakNewcomer),
        Audience.Strong => (goal == Goal.Mobility ? 0 : rules.EffortPeakStrongLeast, 10),
        _ => (0, rules.EffortPeakRegular),
    };

    /// <summary>The class as these people do it: its named options in place of what is planned.</summary>
    public TrackClass Of(Timeline timeline)
    {
        var facts = timeline.Facts;
        var changes = ImmutableArray.CreateBuilder<TrackChange>();
        var blocks = timeline.Plan.Blocks.Select(block => block with
        {
            Stations = [.. block.Stations.Select((line, at) =>
            {
                if (WayFor(line, facts) is not { } chosen)
                    return line;
                var done = Done(line, chosen.Way, facts);
                changes.Add(new TrackChange(block.Name, at + 1, line.Id, Facts.NameOf(line.Doing), Words.Of(chosen.Way), chosen.For));
                return done;
            })],
        });
        var plan = timeline.Plan with { Blocks = [.. blocks], Brief = timeline.Plan.Brief with { Audience = [Who], Needs = Needs } };
        return new TrackClass(this, changes.Count == 0 && timeline.Plan.Brief.NeedsMoreTime == plan.Brief.NeedsMoreTime ? timeline : TimelineBuilder.Build(plan, timeline.Studio), changes.ToImmutable());
    }

    /// <summary>A way round a need comes before an easier or harder one; the move itself is kept where it is fine.</summary>
    private (Way Way, string For)? WayFor(Station line, Facts facts)
    {
        // Of the ways that are named the first that troubles none of the other needs; where each troubles one, the first.
        var round = Needs.Select(need => (Cover.Of(line, need, facts) is { Kind: CoverKind.Covered, Way: { } named } ? named : null, Need: need)).Where(w => w.Item1 is not null).Select(w => (Way: w.Item1!, w.Need)).ToList();
        if (round.Count > 0)
            return round.Where(w => !Needs.Any(n => n != w.Need && Proven.Troubles(line, w.Way, n, facts))).Append(round[0]).First();
        var kind = Who switch { Audience.FirstTimers or Audience.Newcomer or Audience.OlderAdults => OptionKind.Easier, Audience.Strong => OptionKind.Harder, _ => (OptionKind?)null };
        return kind is { } wanted && line.Options.FirstOrDefault(o => o.Kind == wanted && !Needs.Any(n => Proven.Troubles(line, o.Way, n, facts)))?.Way is { } way ? (way, wanted == OptionKind.Easier ? "easier" : "harder") : null;
    }

    /// <summary>The line as it is done that way: as much of it, on the same sides, after the same rest.</summary>
    private static Station Done(Station line, Way way, Facts facts) => way switch
    {
        MoveWay other when facts.MoveOf(other.Move) is { } move => StationFor.InPlaceOf(line, move) with
        {
            Id = line.Id,
            Options = [],
            Load = other.Load is { } load ? new LoadPlan([load]) : move.Load == LoadClass.None ? null : line.Load,
            Tempo = other.Tempo is { } tempo ? new TempoPlan(tempo) : null,
        },
        MoveWay other => line with { Doing = new OneMove(other.Move), Options = [] },
        AdjustedWay { Adjustment: Adjustment.NoLoad } => line with { Load = LoadPlan.Of(LoadLevel.None), Options = [] },
        AdjustedWay { Adjustment: Adjustment.Slower } => line with { Tempo = new TempoPlan(new SlowTempo()), Options = [] },
        _ => line with { Options = [] },
    };
}

/// <summary>What differs at one station.</summary>
/// <param name="Number">The line's number in its block, from 1.</param>
/// <param name="For">What it is done so for: a need, <c>easier</c> or <c>harder</c>.</param>
public sealed record TrackChange(string Block, int Number, int Station, string Planned, string Way, string For);

/// <summary>A class as one track does it.</summary>
public sealed record TrackClass(Track Track, Timeline Timeline, ImmutableArray<TrackChange> Changes)
{
    /// <summary>The track's effort, second by second.</summary>
    public EffortCurve Effort => EffortModel.Of(Timeline, Track.Person);

    /// <summary>The highest effort at the end of any work period, 0 to 10.</summary>
    public double Peak => EffortModel.AtSetEnds(Timeline, Track.Person).Values.DefaultIfEmpty(0).Max();

    /// <summary>The pairs that tip for this track and not for the class as planned.</summary>
    public IEnumerable<SeeSaw> Tipped(Timeline planned)
    {
        var before = ClassBalance.Of(planned).SeeSaws.ToDictionary(s => s.Name, s => s.Tilt);
        return ClassBalance.Of(Timeline).SeeSaws.Where(s => s is { Tilt: Tilt.Tipped, IsSoft: false } && s.First != "left" && before.GetValueOrDefault(s.Name) < Tilt.Leaning);
    }
}

/// <summary>The tracks of a class.</summary>
public static class Tracks
{
    /// <summary>Each of the people it is for, then each need of the class by itself; where nobody is named, newcomers and regulars.</summary>
    public static ImmutableArray<Track> Of(Brief brief)
    {
        ImmutableArray<Audience> people = brief.Audience.IsEmpty ? [Audience.Newcomer, Audience.Regular] : [.. brief.Audience.Distinct()];
        var ways = brief.Needs.Where(n => Moves.Needs.KindOf(n) == NeedKind.Way).Distinct(StringComparer.OrdinalIgnoreCase).ToList();
        return [.. people.Select(p => new Track(p, [])), .. ways.Select(n => new Track(people.Contains(Audience.Regular) ? Audience.Regular : people[0], [n]))];
    }
}
