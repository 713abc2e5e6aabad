using System.Collections.Immutable;
using System.Text.Json;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Plans;
using JollySet.Core.Teaching;
using JollySet.Core.Timing;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Session;

/// <summary>A small flag on the line below: the cloth, the hem and its name.</summary>
public sealed record SmallFlag(int Set, string Cloth, Drawing.Hem Hem, string Name);

/// <summary>What every screen of a class that is being taught shows, whoever looks at it.</summary>
public abstract class SessionPage(SessionBook sessions, VoiceBook voices, DeviceClock clock) : PageModel
{
    private static readonly JsonSerializerOptions Web = new(JsonSerializerDefaults.Web);

    /// <summary>The session.</summary>
    public KeptSession Session { get; private set; } = null!;

    /// <summary>Every segment.</summary>
    public ImmutableArray<Step> Steps { get; private set; } = [];

    /// <summary>Where it is, as the server reckons.</summary>
    public Anchor Now { get; private set; } = Anchor.Before;

    /// <summary>What is on: the current segment, or the first before the start.</summary>
    public Step Current => Steps[Math.Max(0, Now.Segment)];

    /// <summary>The speed of the clock; 1 save in tests.</summary>
    public int Speed => clock.Speed;

    /// <summary>The small flags of every round.</summary>
    public ImmutableArray<ImmutableArray<SmallFlag>> Ropes { get; private set; } = [];

    /// <summary>Where one may start: each block, and the segment it begins with.</summary>
    public ImmutableArray<(string Name, int Segment)> Starts { get; private set; } = [];

    /// <summary>What the number shows without script.</summary>
    public string Number => Now.Segment < 0 ? "" : Now.MsIn < 0 ? Seconds(-Now.MsIn) : Seconds(Length.Tenths(Current.Tenths).InMilliseconds + Now.AddedMs - Now.MsIn);

    /// <summary>When it will end and how late that is, without script; empty before it has begun.</summary>
    public string Ends { get; private set; } = "";

    /// <summary>Everything the script needs, once.</summary>
    /// <param name="live">Where it hears what happens.</param>
    protected string Data(string live, object? own = null) => JsonSerializer.Serialize(
        new
        {
            id = Session.Id,
            live,
            own,
            speed = Speed,
            countInMs = Session.Timeline.Rules.TeachCountIn.InMilliseconds,
            events = EventsOf(Session.Events),
            steps = Steps,
            cuts = Cuts.Of(Session.Timeline).Select(c => new { c.Number, c.Says, takes = c.Takes.Select(t => new[] { t.Segment, t.Time.InTenths }) }),
            bookedTenths = Session.Timeline.Plan.Brief.Minutes is { } minutes ? Length.Minutes(minutes).InTenths : 0,
            lateMs = Session.Timeline.Rules.TeachLate.InMilliseconds,
            more = OnceMore.Of(Session.Timeline),
            cues = CuesOf(Session.Timeline),
        },
        Web);

    /// <summary>Events as pages read them.</summary>
    protected static IEnumerable<SentEvent> EventsOf(IEnumerable<SessionEvent> events) => events.Select(e => new SentEvent(e.Number, e.Kind.ToString().ToLowerInvariant(), e.AtMs, e.Value));

    /// <summary>Reads the session; false where there is none.</summary>
    protected bool Load(Guid id)
    {
        if (sessions.Get(id) is not { } session)
            return false;
        Session = session;
        var timeline = session.Timeline;
        Steps = Step.Of(timeline);
        Now = Place.At(timeline, session.Events, clock.NowMs);
        Ends = Lateness.Of(timeline, session.Events, clock.NowMs) is { } stands
            ? $"ends {DateTimeOffset.FromUnixTimeMilliseconds(stands.EndsMs / Speed).ToLocalTime():HH:mm}{(stands.OverMs > timeline.Rules.TeachLate.InMilliseconds ? $" · {Say.Time(stands.OverMs / 1000m)} over" : "")}"
            : "";
        Ropes =
        [
            .. Step.RopesOf(timeline).Select(rope => rope.Select(set =>
                new SmallFlag(set.Index, Drawing.Weaves.NameOf(set.Set.Facts.Family), Drawing.Hems.Of(set.Set), Say.Capital(set.Set.Facts.Name))).ToImmutableArray()),
        ];
        var firsts = timeline.Segments.Select((s, i) => (s.Block, i)).DistinctBy(s => s.Block).ToDictionary(s => s.Block, s => s.i);
        Starts = [.. timeline.Blocks.Select((b, i) => (b.Name, firsts.GetValueOrDefault(i, -1))).Where(s => s.Item2 >= 0)];
        return true;
    }

    /// <summary>What is said, by the stretch it is said in: a class whose clock was changed says it in its place all the same.</summary>
    private IEnumerable<object> CuesOf(Timeline timeline) => CueSheet.Of(timeline, voices.Current()).Said.Where(c => !c.Outside).Select(c =>
    {
        // A gap's later words lie in a later stretch of it.
        var index = c.Segment;
        while (index + 1 < timeline.Segments.Length && timeline.Segments[index + 1].Start <= c.At)
            index++;
        return new { segment = index, inMs = (c.At - timeline.Segments[index].Start).InMilliseconds, forMs = c.Takes.InMilliseconds, text = c.Text, kind = c.KindName };
    });

    private static string Seconds(long ms) => ((ms + 999) / 1000).ToString(System.Globalization.CultureInfo.InvariantCulture);
}
