using System.Text.Json;
using JollySet.Core.Keeping;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Teaching;
using JollySet.Core.Timing;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>A session with its pinned timeline and its events so far.</summary>
public sealed record KeptSession(Guid Id, Guid ClassId, int Revision, DateTime At, Timeline Timeline, IReadOnlyList<SessionEvent> Events, TaughtRecord? Record);

/// <summary>What became of events that were sent.</summary>
public enum AddOutcome
{
    /// <summary>All of them are kept, now or before.</summary>
    Kept,

    /// <summary>Another device has taken their numbers, or some before them are missing; none of the new ones is kept.</summary>
    Clash,

    /// <summary>There is no such session.</summary>
    Gone,
}

/// <summary>Sessions: a plan pinned at the start, and events that are only ever added.</summary>
public sealed class SessionBook(Storage storage, MovesBook moves, TimeProvider time)
{
    /// <summary>Pins the class as it is now.</summary>
    public Guid Open(KeptClass kept, Studio studio)
    {
        var used = kept.Plan.MoveNames().Select(name => studio.Library.Understood(name)?.Name ?? name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        using var db = storage.Open();
        var row = new SessionRow
        {
            Id = Guid.NewGuid(),
            ClassId = kept.Id,
            Revision = kept.Revision,
            Plan = StoredPlan.Write(kept.Plan),
            Rules = JsonSerializer.Serialize(studio.Rules.Changed),
            Moves = OwnMoves.Write(moves.Own().Where(m => used.Contains(m.Name))),
            At = time.GetUtcNow().UtcDateTime,
        };
        db.Sessions.Add(row);
        db.SaveChanges();
        return row.Id;
    }

    /// <summary>The session, or null when there is none or its plan cannot be read any more.</summary>
    public KeptSession? Get(Guid id)
    {
        using var db = storage.Open();
        if (db.Sessions.AsNoTracking().SingleOrDefault(s => s.Id == id) is not { } row || TimelineOf(row) is not { } timeline)
            return null;
        var events = EventsOf(db, id);
        var record = row.Record is null ? null : JsonSerializer.Deserialize<TaughtRecord>(row.Record);
        return new KeptSession(row.Id, row.ClassId, row.Revision, row.At, timeline, events, record);
    }

    /// <summary>The events of a session so far; null when there is none.</summary>
    public IReadOnlyList<SessionEvent>? Events(Guid id)
    {
        using var db = storage.Open();
        return db.Sessions.Any(s => s.Id == id) ? EventsOf(db, id) : null;
    }

    /// <summary>The session of that class that was opened last and has not ended, if it began within the last twelve hours.</summary>
    public Guid? Unfinished(Guid classId)
    {
        using var db = storage.Open();
        var since = time.GetUtcNow().UtcDateTime.AddHours(-12);
        return db.Sessions.AsNoTracking().Where(s => s.ClassId == classId && s.Record == null && s.At > since && db.SessionEvents.Any(e => e.SessionId == s.Id))
            .OrderByDescending(s => s.At).Select(s => (Guid?)s.Id).FirstOrDefault();
    }

    /// <summary>The codes of a class that is being taught, made where there are none; null when there is no such session or it has ended.</summary>
    public SessionCodes? Codes(Guid id)
    {
        using var db = storage.Open();
        if (db.Sessions.SingleOrDefault(s => s.Id == id && s.Record == null) is not { } row)
            return null;
        if (row.DisplayCode is null || row.RemoteCode is null || row.FollowCode is null)
        {
            (row.DisplayCode, row.RemoteCode, row.FollowCode) = (SessionCodes.New(), SessionCodes.New(), SessionCodes.New());
            db.SaveChanges();
        }

        return new SessionCodes(row.DisplayCode, row.RemoteCode, row.FollowCode);
    }

    /// <summary>The session a code opens, and whether it has ended; null for a code that opens nothing.</summary>
    public (Guid Id, bool HasEnded)? ByCode(CodeKind kind, string code)
    {
        using var db = storage.Open();
        var found = kind switch
        {
            CodeKind.Display => db.Sessions.AsNoTracking().Where(s => s.DisplayCode == code),
            CodeKind.Remote => db.Sessions.AsNoTracking().Where(s => s.RemoteCode == code),
            _ => db.Sessions.AsNoTracking().Where(s => s.FollowCode == code),
        };
        return found.Select(s => new { s.Id, Ended = s.Record != null }).AsEnumerable().Select(s => ((Guid, bool)?)(s.Id, s.Ended)).FirstOrDefault();
    }

    /// <summary>Keeps what someone who follows along sent of one set, in place of what they sent of it before; false where too much was sent, or the class has ended.</summary>
    public bool Note(Guid id, string nickname, int set, int? reps, decimal? kilograms)
    {
        using var db = storage.Open();
        if (!db.Sessions.Any(s => s.Id == id && s.Record == null))
            return false;
        var there = db.FollowNotes.SingleOrDefault(n => n.SessionId == id && n.Nickname == nickname && n.Set == set);
        if (there is null && db.FollowNotes.Count(n => n.SessionId == id) >= MostNotes)
            return false;
        if (there is null)
            db.FollowNotes.Add(new FollowNoteRow { SessionId = id, Nickname = nickname, Set = set, Reps = reps, Kilograms = kilograms });
        else
            (there.Reps, there.Kilograms) = (reps, kilograms);
        db.SaveChanges();
        return true;
    }

    /// <summary>What people who followed sent, by nickname and set.</summary>
    public IReadOnlyList<(string Nickname, int Set, int? Reps, decimal? Kilograms)> Notes(Guid id)
    {
        using var db = storage.Open();
        return [.. db.FollowNotes.AsNoTracking().Where(n => n.SessionId == id).OrderBy(n => n.Nickname).ThenBy(n => n.Set).AsEnumerable().Select(n => (n.Nickname, n.Set, n.Reps, n.Kilograms))];
    }

    /// <summary>The weights noted in the classes taught last in which any were, in the order of classes and sets.</summary>
    public IReadOnlyList<NotedLoad> LoadsNoted()
    {
        using var db = storage.Open();
        var rows = db.Sessions.AsNoTracking().Where(s => db.FollowNotes.Any(n => n.SessionId == s.Id && n.Kilograms > 0)).OrderByDescending(s => s.At).Take(MostLookedBack).ToList();
        var noted = new List<NotedLoad>();
        foreach (var row in rows.OrderBy(r => r.At))
        {
            if (TimelineOf(row) is not { } timeline)
                continue;
            foreach (var note in db.FollowNotes.AsNoTracking().Where(n => n.SessionId == row.Id && n.Kilograms > 0).OrderBy(n => n.Set).Take(MostNotes).AsEnumerable())
                if (note.Set < timeline.Sets.Length)
                    noted.Add(new NotedLoad(timeline.Library.NameOf(timeline.Sets[note.Set].Facts.Name), $"{row.Id} {note.Nickname}", row.At, note.Kilograms!.Value));
        }

        return noted;
    }

    private const int MostLookedBack = 12;

    /// <summary>What the instructor wrote down afterwards: a note, and what happened at a stop.</summary>
    public (string Note, string Incident)? Written(Guid id)
    {
        using var db = storage.Open();
        return db.Sessions.AsNoTracking().Where(s => s.Id == id).AsEnumerable().Select(s => ((string, string)?)(s.Note ?? "", s.Incident ?? "")).FirstOrDefault();
    }

    /// <summary>Keeps it; an empty text takes it away.</summary>
    public void Write(Guid id, string note, string incident)
    {
        using var db = storage.Open();
        db.Sessions.Where(s => s.Id == id).ExecuteUpdate(s => s.SetProperty(r => r.Note, note.Length == 0 ? null : note).SetProperty(r => r.Incident, incident.Length == 0 ? null : incident));
    }

    private const int MostNotes = 20_000;

    /// <summary>When those classes were taught and ended, newest first.</summary>
    public IReadOnlyList<(Guid ClassId, Guid Session, DateTime At)> Taught(IReadOnlyCollection<Guid> classes)
    {
        using var db = storage.Open();
        return [.. db.Sessions.AsNoTracking().Where(s => classes.Contains(s.ClassId) && s.Record != null).OrderByDescending(s => s.At).Select(s => new { s.ClassId, s.Id, s.At }).AsEnumerable().Select(s => (s.ClassId, s.Id, s.At))];
    }

    /// <summary>The timelines of the classes that were taught last, newest first, where they can still be read.</summary>
    public IReadOnlyList<Timeline> LastTaught(int most)
    {
        using var db = storage.Open();
        return [.. db.Sessions.AsNoTracking().Where(s => s.Record != null).OrderByDescending(s => s.At).Take(most).AsEnumerable().Select(TimelineOf).OfType<Timeline>()];
    }

    /// <summary>Adds events after those there are, each once: one that is sent again is known by its number and by all that it says. The class's end keeps its record.</summary>
    public AddOutcome Add(Guid id, IEnumerable<SessionEvent> events)
    {
        var sent = events.OrderBy(e => e.Number).ToList();
        for (var tries = 1; ; tries++)
        {
            using var db = storage.Open();
            if (!db.Sessions.Any(s => s.Id == id))
                return AddOutcome.Gone;
            var there = EventsOf(db, id);
            if (sent.Where(e => e.Number <= there.Count).Any(e => e.Number < 1 || there[e.Number - 1] != e))
                return AddOutcome.Clash;
            var fresh = sent.Where(e => e.Number > there.Count).DistinctBy(e => e.Number).ToList();
            if (fresh.Where((e, i) => e.Number != there.Count + 1 + i).Any())
                return AddOutcome.Clash;
            foreach (var item in fresh)
                db.SessionEvents.Add(new SessionEventRow { SessionId = id, Number = item.Number, Kind = item.Kind.ToString(), AtMs = item.AtMs, Value = item.Value });
            try
            {
                db.SaveChanges();
            }
            catch (DbUpdateException e) when (e.InnerException is SqliteException { SqliteErrorCode: 19 } && tries < MostTries)
            {
                // Another device came first with the same numbers: look again at what is there.
                continue;
            }

            // Of those sent again too: the server may have been killed between an event and the record.
            if (sent.Exists(e => e.Kind is EventKind.End or EventKind.Start))
                KeepRecord(db, id);
            return AddOutcome.Kept;
        }
    }

    /// <summary>Adds what was pressed where no page keeps a list of its own; false when there is no such session.</summary>
    public bool Press(Guid id, EventKind kind, long atMs, int? value = null)
    {
        for (; ; )
        {
            using var db = storage.Open();
            var last = db.SessionEvents.Where(e => e.SessionId == id).Max(e => (int?)e.Number) ?? 0;
            var outcome = Add(id, [new SessionEvent(last + 1, kind, atMs, value)]);
            if (outcome != AddOutcome.Clash)
                return outcome == AddOutcome.Kept;
        }
    }

    /// <summary>The record of a class that has ended; one that goes on again has none.</summary>
    private static void KeepRecord(JollySetDb db, Guid id)
    {
        var row = db.Sessions.AsNoTracking().Single(s => s.Id == id);
        var events = EventsOf(db, id);
        var last = events.FindLastIndex(e => e.Kind is EventKind.Start or EventKind.End);
        if (TimelineOf(row) is not { } timeline)
            return;
        var json = last >= 0 && events[last].Kind == EventKind.End ? JsonSerializer.Serialize(TaughtRecord.Of(timeline, events[..(last + 1)], events[last].AtMs)) : null;
        db.Sessions.Where(s => s.Id == id).ExecuteUpdate(s => s.SetProperty(r => r.Record, json));
    }

    private static List<SessionEvent> EventsOf(JollySetDb db, Guid id) =>
    [
        .. db.SessionEvents.AsNoTracking().Where(e => e.SessionId == id).OrderBy(e => e.Number).AsEnumerable()
            .Select(e => new SessionEvent(e.Number, Enum.Parse<EventKind>(e.Kind), e.AtMs, e.Value)),
    ];

    private const int MostTries = 8;

    /// <summary>The pinned timeline; null where its plan cannot be read any more. A rule that is no more is passed over.</summary>
    private static Timeline? TimelineOf(SessionRow row)
    {
        if (StoredPlan.TryRead(row.Plan).Plan is not { } plan)
            return null;
        var changed = JsonSerializer.Deserialize<Dictionary<string, decimal>>(row.Rules)!;
        return TimelineBuilder.Build(plan, new Studio(HouseRules.Shipped.With(changed), MoveLibrary.Shipped.With(OwnMoves.Read(row.Moves).Moves)));
    }
}
