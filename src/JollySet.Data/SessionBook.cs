using System.Text.Json;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Teaching;
using JollySet.Core.Timing;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>A session with its pinned timeline and its events so far.</summary>
public sealed record KeptSession(Guid Id, Guid ClassId, int Revision, DateTime At, Timeline Timeline, IReadOnlyList<SessionEvent> Events, TaughtRecord? Record);

/// <summary>Sessions: a plan pinned at the start, and events that are only ever added.</summary>
public sealed class SessionBook(Storage storage, TimeProvider time)
{
    /// <summary>Pins the class as it is now.</summary>
    public Guid Open(KeptClass kept, HouseRules rules)
    {
        using var db = storage.Open();
        var row = new SessionRow
        {
            Id = Guid.NewGuid(),
            ClassId = kept.Id,
            Revision = kept.Revision,
            Plan = JsonPlanWriter.Write(kept.Plan),
            Rules = JsonSerializer.Serialize(rules.Changed),
            At = time.GetUtcNow().UtcDateTime,
        };
        db.Sessions.Add(row);
        db.SaveChanges();
        return row.Id;
    }

    /// <summary>The session, or null when there is none.</summary>
    public KeptSession? Get(Guid id)
    {
        using var db = storage.Open();
        if (db.Sessions.AsNoTracking().SingleOrDefault(s => s.Id == id) is not { } row)
            return null;
        var events = db.SessionEvents.AsNoTracking().Where(e => e.SessionId == id).OrderBy(e => e.Number).AsEnumerable()
            .Select(e => new SessionEvent(e.Number, Enum.Parse<EventKind>(e.Kind), e.AtMs, e.Value)).ToList();
        var record = row.Record is null ? null : JsonSerializer.Deserialize<TaughtRecord>(row.Record);
        return new KeptSession(row.Id, row.ClassId, row.Revision, row.At, TimelineOf(row), events, record);
    }

    /// <summary>The session of that class that was opened last and has not ended, if it began within the last twelve hours.</summary>
    public Guid? Unfinished(Guid classId)
    {
        using var db = storage.Open();
        var since = time.GetUtcNow().UtcDateTime.AddHours(-12);
        return db.Sessions.AsNoTracking().Where(s => s.ClassId == classId && s.Record == null && s.At > since && db.SessionEvents.Any(e => e.SessionId == s.Id))
            .OrderByDescending(s => s.At).Select(s => (Guid?)s.Id).FirstOrDefault();
    }

    /// <summary>The timelines of the classes that were taught last, newest first.</summary>
    public IReadOnlyList<Timeline> LastTaught(int most)
    {
        using var db = storage.Open();
        return [.. db.Sessions.AsNoTracking().Where(s => s.Record != null).OrderByDescending(s => s.At).Take(most).AsEnumerable().Select(TimelineOf)];
    }

    /// <summary>Adds events in their order; those whose number is there already are left as they are. False when the session is gone.</summary>
    public bool Add(Guid id, IEnumerable<SessionEvent> events)
    {
        using var db = storage.Open();
        if (!db.Sessions.Any(s => s.Id == id))
            return false;
        var last = db.SessionEvents.Where(e => e.SessionId == id).Max(e => (int?)e.Number) ?? 0;
        foreach (var item in events.OrderBy(e => e.Number).Where(e => e.Number > last))
            db.SessionEvents.Add(new SessionEventRow { SessionId = id, Number = item.Number, Kind = item.Kind.ToString(), AtMs = item.AtMs, Value = item.Value });
        try
        {
            db.SaveChanges();
        }
        catch (DbUpdateException e) when (e.InnerException is SqliteException { SqliteErrorCode: 19 })
        {
            // Another tab sent the same numbers a moment ago; its events stand.
        }

        return true;
    }

    /// <summary>Keeps what the session really took.</summary>
    public void Keep(Guid id, TaughtRecord record)
    {
        using var db = storage.Open();
        var json = JsonSerializer.Serialize(record);
        db.Sessions.Where(s => s.Id == id && s.Record == null).ExecuteUpdate(s => s.SetProperty(r => r.Record, json));
    }

    private static Timeline TimelineOf(SessionRow row)
    {
        var plan = PlanReader.Read(row.Plan).Plan ?? throw new InvalidDataException($"The plan of session {row.Id} cannot be read.");
        var changed = JsonSerializer.Deserialize<Dictionary<string, decimal>>(row.Rules)!;
        return TimelineBuilder.Build(plan, changed.Aggregate(HouseRules.Shipped, (rules, rule) => rules.Set(rule.Key, rule.Value)));
    }
}
