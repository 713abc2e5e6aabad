using JollySet.Core.Plans;
using JollySet.Core.Plans.Edits;
using JollySet.Core.Sheets;
using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>A class and the revision it is at.</summary>
/// <param name="CanUndo">Whether there is something to take back.</param>
/// <param name="CanRedo">Whether something was taken back.</param>
public sealed record KeptClass(Guid Id, int Revision, ClassPlan Plan, DateTime ChangedAt, string LastChange, bool CanUndo, bool CanRedo);

/// <summary>What became of an edit.</summary>
public enum SaveOutcome { Saved, Refused, Stale, Gone }

/// <summary>The class after an edit, or as it is now when the edit was not applied.</summary>
/// <param name="Meanwhile">What others changed since the revision the edit was made on.</param>
/// <param name="Field">The part or setting that was refused, where one was.</param>
public sealed record SaveResult(SaveOutcome Outcome, KeptClass? Class, IReadOnlyList<SheetError> Errors, IReadOnlyList<string> Meanwhile, string? Field = null);

/// <summary>The classes of a studio, as revisioned documents. Each edit is saved as it is made.</summary>
public sealed class Shelf(Storage storage, TimeProvider time)
{
    /// <summary>The classes whose title, focus, kit or moves hold every word of <paramref name="search"/>, last changed first.</summary>
    public IReadOnlyList<KeptClass> Find(string? search = null)
    {
        using var db = storage.Open();
        var rows = db.Classes.AsNoTracking();
        foreach (var word in (search ?? "").ToLowerInvariant().Split(' ', StringSplitOptions.RemoveEmptyEntries).Take(10))
            rows = rows.Where(c => c.SearchText.Contains(word));
        var found = from c in rows
                    join r in db.Revisions.AsNoTracking() on new { ClassId = c.Id, Number = c.Revision } equals new { r.ClassId, r.Number }
                    orderby c.ChangedAt descending
                    select new { c, r };
        return [.. found.AsEnumerable().Select(x => Kept(x.c, x.r))];
    }

    /// <summary>The class, or null when there is none any more.</summary>
    public KeptClass? Get(Guid id)
    {
        using var db = storage.Open();
        return Current(db, id) is { } found ? Kept(found.Class, found.Revision) : null;
    }

    /// <summary>Puts a new class on the shelf.</summary>
    public KeptClass Add(ClassPlan plan, string summary)
    {
        using var db = storage.Open();
        var row = new ClassRow { Id = Guid.NewGuid(), Title = plan.Title, SearchText = SearchTextOf(plan), Revision = 1, ChangedAt = Now };
        db.Classes.Add(row);
        var revision = new RevisionRow { ClassId = row.Id, Number = 1, Plan = JsonPlanWriter.Write(plan), Summary = summary, At = Now };
        db.Revisions.Add(revision);
        db.SaveChanges();
        return Kept(row, revision);
    }

    /// <summary>Takes a class off the shelf; it can be brought back.</summary>
    public bool Remove(Guid id)
    {
        using var db = storage.Open();
        return db.Classes.Where(c => c.Id == id).ExecuteUpdate(c => c.SetProperty(row => row.RemovedAt, Now)) > 0;
    }

    /// <summary>Brings a class back to the shelf; null when there never was one.</summary>
    public KeptClass? BringBack(Guid id)
    {
        using (var db = storage.Open())
            db.Classes.IgnoreQueryFilters().Where(c => c.Id == id && c.StudioId == db.StudioId).ExecuteUpdate(c => c.SetProperty(row => row.RemovedAt, (DateTime?)null));
        return Get(id);
    }

    /// <summary>The plan as it was at a revision, or null.</summary>
    public ClassPlan? PlanAt(Guid id, int revision)
    {
        using var db = storage.Open();
        return db.Revisions.AsNoTracking().SingleOrDefault(r => r.ClassId == id && r.Number == revision) is { } row ? PlanOf(row) : null;
    }

    /// <summary>Applies an edit made on revision <paramref name="madeOn"/>; a stale one is not applied.</summary>
    /// <param name="onTop">Applies it to whatever the class is now.</param>
    public SaveResult Edit(Guid id, int madeOn, PlanEdit edit, bool onTop = false)
    {
        using var db = storage.Open();
        if (Current(db, id) is not { } found)
            return new SaveResult(SaveOutcome.Gone, null, [], []);
        var kept = Kept(found.Class, found.Revision);
        if (found.Class.Revision != madeOn && !onTop)
            return Stale(db, kept, madeOn);
        var result = edit.Apply(kept.Plan);
        if (result.Plan is null)
            return new SaveResult(SaveOutcome.Refused, kept, result.Errors, [], result.Field);
        var json = JsonPlanWriter.Write(result.Plan);
        if (json == found.Revision.Plan)
            return new SaveResult(SaveOutcome.Saved, kept, [], []);
        return Save(db, found.Class, result.Plan, new RevisionRow { Plan = json, Summary = edit.Summary, UndoTo = found.Class.Revision }, madeOn);
    }

    /// <summary>Goes back one change, by adding a revision that says so.</summary>
    public SaveResult Undo(Guid id) => Travel(id, r => r.UndoTo, "took back: ", (from, to) => (to.UndoTo, from.Number));

    /// <summary>Takes the last undo back.</summary>
    public SaveResult Redo(Guid id) => Travel(id, r => r.RedoTo, "did again: ", (from, to) => (from.Number, to.RedoTo));

    /// <summary>The newest changes, newest first.</summary>
    public IReadOnlyList<(int Number, string Summary, DateTime At)> History(Guid id, int most)
    {
        using var db = storage.Open();
        return [.. db.Revisions.AsNoTracking().Where(r => r.ClassId == id).OrderByDescending(r => r.Number).Take(most).AsEnumerable().Select(r => (r.Number, r.Summary, r.At))];
    }

    private DateTime Now => time.GetUtcNow().UtcDateTime;

    private SaveResult Travel(Guid id, Func<RevisionRow, int?> way, string word, Func<RevisionRow, RevisionRow, (int? Undo, int? Redo)> then)
    {
        using var db = storage.Open();
        if (Current(db, id) is not { } found)
            return new SaveResult(SaveOutcome.Gone, null, [], []);
        if (way(found.Revision) is not { } number)
            return new SaveResult(SaveOutcome.Saved, Kept(found.Class, found.Revision), [], []);
        var target = db.Revisions.AsNoTracking().Single(r => r.ClassId == id && r.Number == number);
        var (undo, redo) = then(found.Revision, target);
        var what = word.StartsWith("took", StringComparison.Ordinal) ? found.Revision.Summary : target.Summary;
        var row = new RevisionRow { Plan = target.Plan, Summary = word + Bare(what), UndoTo = undo, RedoTo = redo };
        return Save(db, found.Class, PlanOf(target), row, found.Class.Revision);
    }

    private SaveResult Save(JollySetDb db, ClassRow row, ClassPlan plan, RevisionRow revision, int madeOn)
    {
        row.Revision++;
        (row.Title, row.SearchText, row.ChangedAt) = (plan.Title, SearchTextOf(plan), Now);
        (revision.ClassId, revision.Number, revision.At) = (row.Id, row.Revision, Now);
        db.Revisions.Add(revision);
        try
        {
            db.SaveChanges();
            return new SaveResult(SaveOutcome.Saved, Kept(row, revision), [], []);
        }
        catch (DbUpdateException e) when (e is DbUpdateConcurrencyException || e.InnerException is Microsoft.Data.Sqlite.SqliteException { SqliteErrorCode: 19 })
        {
            using var again = storage.Open();
            return Current(again, row.Id) is { } found
                ? Stale(again, Kept(found.Class, found.Revision), madeOn)
                : new SaveResult(SaveOutcome.Gone, null, [], []);
        }
    }

    private static SaveResult Stale(JollySetDb db, KeptClass kept, int madeOn) => new(
        SaveOutcome.Stale,
        kept,
        [],
        [.. db.Revisions.AsNoTracking().Where(r => r.ClassId == kept.Id && r.Number > madeOn).OrderBy(r => r.Number).Select(r => r.Summary)]);

    private static (ClassRow Class, RevisionRow Revision)? Current(JollySetDb db, Guid id)
    {
        var row = db.Classes.SingleOrDefault(c => c.Id == id);
        return row is null ? null : (row, db.Revisions.AsNoTracking().Single(r => r.ClassId == id && r.Number == row.Revision));
    }

    private static KeptClass Kept(ClassRow row, RevisionRow revision) =>
        new(row.Id, revision.Number, PlanOf(revision), row.ChangedAt, revision.Summary, revision.UndoTo is not null, revision.RedoTo is not null);

    private static ClassPlan PlanOf(RevisionRow revision) => PlanReader.Read(revision.Plan).Plan
        ?? throw new InvalidDataException($"Revision {revision.Number} of class {revision.ClassId} cannot be read.");

    /// <summary>An undo of an undo is said once.</summary>
    private static string Bare(string summary) =>
        summary.StartsWith("took back: ", StringComparison.Ordinal) || summary.StartsWith("did again: ", StringComparison.Ordinal) ? summary[11..] : summary;

    private static string SearchTextOf(ClassPlan plan)
    {
        var words = new[] { plan.Title, plan.Brief.Place ?? "" }
            .Concat(plan.Brief.Focus).Concat(plan.Brief.Kit).Concat(plan.Brief.Needs)
            .Concat(plan.Blocks.SelectMany(b => b.Stations).Select(s => Core.Timing.Facts.NameOf(s.Doing)));
        return string.Join('\n', words.Distinct()).ToLowerInvariant();
    }
}
