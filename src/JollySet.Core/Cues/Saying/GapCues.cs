using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues.Saying;

/// <summary>What is said between two works: water, block and round, what comes, its side, what to hold, the other ways. What finds no time there is said over the end of the work before, where it can be; where a class begins with work, before its clock starts.</summary>
internal sealed class GapCues(Timeline timeline, Voice voice, Placing placing, decimal rate)
{
    private const int MostNext = 96;
    private readonly Length half = timeline.Length / 2;
    private readonly HashSet<(int Block, int Station)> known = [];
    private bool saidMiddle;
    private bool saidHeavier;

    /// <summary>Places the cues of one gap.</summary>
    public void Place(GapStretch gap)
    {
        var wanted = Wanted(gap).Where(w => w.Text.Length > 0).Select(w => (w.Kind, w.Text, w.Matters, Takes: CueSheet.Takes(w.Text, rate))).ToList();
        var start = Length.Max(gap.Start, Opened(gap));
        // Three-two-one belongs to the work it leads into.
        var three = gap.To is not null && gap.End - start >= Length.Seconds(8) && voice.Say("three") is { Length: > 0 } said ? said : null;
        var until = gap.End - (three is null ? Length.Zero : Length.Seconds(3));
        if (three is not null)
            placing.Take(new Cue(until, CueKind.Three, three, Length.Seconds(3), 92, gap.First));
        var (time, fits) = (until - start, new HashSet<int>());
        foreach (var (one, at) in wanted.Select((w, i) => (w, i)).OrderByDescending(w => w.w.Matters))
        {
            if (one.Takes > time)
                continue;
            time -= one.Takes;
            fits.Add(at);
        }

        var next = start;
        foreach (var (one, at) in wanted.Select((w, i) => (w, i)))
        {
            var cue = new Cue(next, one.Kind, one.Text, one.Takes, one.Matters, gap.First);
            if (gap.From is null && gap.End == Length.Zero)
                placing.TakeOutside(cue);
            else if (fits.Contains(at) && placing.Take(cue))
                next = cue.Ends;
            else if (one.Kind is not (CueKind.Next or CueKind.Side) || !OverTheEnd(gap, cue))
                placing.Leave(cue);
        }
    }

    /// <summary>Where the opening is said in the words the class begins with, the rest begins after it.</summary>
    private Length Opened(GapStretch gap) => gap.From is null ? placing.LastEnds : gap.Start;

    /// <summary>What comes next, said while the work before still goes on: before its last three seconds, as late as there is room.</summary>
    private bool OverTheEnd(GapStretch gap, Cue cue)
    {
        if (gap.From is not { } before || !timeline.Sets[before.Set].IsTimed)
            return false;
        for (var at = before.End - Length.Seconds(3) - cue.Takes; at > before.Start + (before.Length / 2); at -= Length.Seconds(0.5m))
            if (placing.IsFree(at, cue.Takes))
                return placing.Take(cue with { At = at, Segment = gap.First - 1 });
        return false;
    }

    private IEnumerable<(CueKind Kind, string Text, int Matters)> Wanted(GapStretch gap)
    {
        if (gap.Water)
            yield return (CueKind.Water, voice.Say("water", ("time", Say.Time(gap.End - gap.Start))), 78);
        if (gap.To is not { } to)
            yield break;
        var (set, before) = (timeline.Sets[to.Set], gap.From is { } from ? timeline.Sets[from.Set] : null);
        var block = timeline.Blocks[set.Block];
        if (before?.Block != set.Block)
            yield return (CueKind.Block, voice.Say("block", ("block", Say.Capital(BlockWords.NameOf(block))), ("what", BlockWords.Of(block))), 70);
        else if (before.Round != set.Round && block.Format is not StraightFormat && block.RoundCount > 1)
            yield return (CueKind.Round, voice.Say(set.Round == block.RoundCount ? "last-round" : "round", ("round", $"{set.Round}"), ("rounds", $"{block.RoundCount}")), 62);
        if (!saidMiddle && gap.Start >= half && gap.From is not null)
        {
            saidMiddle = true;
            yield return (CueKind.Mid, voice.Say("middle"), 44);
        }

        foreach (var cue in OfTheNext(set, before, to))
            yield return cue;
    }

    private IEnumerable<(CueKind Kind, string Text, int Matters)> OfTheNext(WorkSet set, WorkSet? before, Segment to)
    {
        var same = before is not null && before.Block == set.Block && before.Station == set.Station;
        var (first, block) = (known.Add((set.Block, set.Station)), timeline.Blocks[set.Block]);
        if (same && before!.Round == set.Round && to.Side is Side.Left or Side.Right)
        {
            yield return (CueKind.Side, voice.Say("other-side", ("side", SideOf(to.Side))), 97);
            yield break;
        }

        if (!same || before!.Facts.Name != set.Facts.Name)
            yield return (CueKind.Next, voice.Say("next", ("move", set.Facts.Name)), MostNext);
        if (to.Side is Side.Left or Side.Right)
            yield return (CueKind.Side, voice.Say("side", ("side", SideOf(to.Side))), 95);
        else if (to.Side == Side.Alternating && set.Facts.Move is { Pattern: Pattern.Lunge } && block.RoundCount > 1)
            yield return (CueKind.Side, voice.Say("lead", ("side", set.Round % 2 == 1 ? "right" : "left")), 58);
        if (set.Facts.Held != (before?.Facts.Held ?? ""))
            yield return set.Facts.Held.Length > 0 ? (CueKind.Hold, voice.Say("hold", ("kit", set.Facts.Held)), 82) : (CueKind.Hold, voice.Say("put-down", ("kit", before!.Facts.Held)), 66);
        // The other ways are said before the work: in full the first time, and again where there is time.
        yield return (CueKind.Option, OptionLine.Said(set.Line) is { Length: > 0 } ways ? voice.Say("option", ("options", ways)) : "", first ? 94 : 40);
        if (!saidHeavier && before is not null && block.IsMain && before.Block == set.Block && set.Facts.Weight >= LoadLevel.Moderate && to.Start >= half && set.Round < block.RoundCount && set.Round > 1)
        {
            saidHeavier = true;
            yield return (CueKind.Load, voice.Say("heavier"), 56);
        }
    }

    private static string SideOf(Side? side) => side.ToString()!.ToLower(CultureInfo.InvariantCulture);
}
