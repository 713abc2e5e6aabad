using JollySet.Core.Edits;
using JollySet.Core.Keeping;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>A class and the revision it is at.</summary>
/// <param name="CanUndo">Whether there is something to take back.</param>
/// <param name="CanRedo">Whether something was taken back.</param>
public sealed record KeptClass(Guid Id, int Revision, ClassPlan Plan, DateTime ChangedAt, string LastChange, bool CanUndo, bool CanRedo);

/// <summary>A row whose plan cannot be read or built any more: its text is kept and offered.</summary>
public sealed record BrokenClass(Guid Id, string Title, DateTime ChangedAt, string Why, string Text);

/// <summary>What stands on the shelf: the classes, and the rows that cannot be read.</summary>
/// <param name="All">How many there are, shown or not.</param>
public sealed record ShelfPage(IReadOnlyList<KeptClass> Classes, IReadOnlyList<BrokenClass> Broken, int All);

/// <summary>What became of an edit.</summary>
public enum SaveOutcome { Saved, Refused, Stale, Gone }

/// <summary>The class after an edit, or as it is now when the edit was not applied.</summary>
/// <param name="Meanwhile">What others changed since the revision the edit was made on.</param>
/// <param name="Field">The part or setting that was changed or refused, where it was one.</param>
public sealed record SaveResult(SaveOutcome Outcome, KeptClass? Class, IReadOnlyList<SheetError> Errors, IReadOnlyList<string> Meanwhile, string? Field = null);

/// <summary>How an edit meets a class that was changed since.</summary>
public enum WhenStale
{
    /// <summary>It goes in where it touches nothing that was changed meanwhile, and is asked about otherwise.</summary>
    Ask,

    /// <summary>Its own parts go in, whatever was changed meanwhile; everything else stays as it is.</summary>
    PutOnTop,
}

/// <summary>The classes of a studio, as revisioned documents. Each edit is saved as it is made.</summary>
public sealed class ClassBook(Storage storage, TimeProvider time)
{
    private const int MostTries = 8;
    private const int MostPlans = 600;
    private const string TookBack = "took back: ";
    private const string DidAgain = "did again: ";
    private readonly System.Collections.Concurrent.ConcurrentDictionary<(Guid, int), ClassPlan> plans = new();

    /// <summary>The classes whose title, focus, kit or moves hold every word of <paramref name="search"/>, last changed first; at most <paramref name="most"/> of them after the first <paramref name="skip"/>.</summary>
    public ShelfPage Find(string? search = null, int skip = 0, int most = int.MaxValue)
    {
        using var db = storage.Open();
        var rows = db.Classes.AsNoTracking();
        foreach (var word in (search ?? "").ToLowerInvariant().Split(' ', StringSplitOptions.RemoveEmptyEntries).Take(10))
            rows = rows.Where(c => c.SearchText.Contains(word));
        var all = rows.Count();
        var found = from c in rows.OrderByDescending(c => c.ChangedAt).ThenBy(c => c.Id).Skip(skip).Take(most)
                    join r in db.Revisions.AsNoTracking() on new { ClassId = c.Id, Number = c.Revision } equals new { r.ClassId, r.Number }
                    orderby c.ChangedAt descending, c.Id
                    select new { c, r };
        var (classes, broken) = (new List<KeptClass>(), new List<BrokenClass>());
        foreach (var row in found.AsEnumerable())
        {
            var (kept, unread) = Read(row.c, row.r);
            if (kept is not null)
                classes.Add(kept);
            else
                broken.Add(unread!);
        }

        return new ShelfPage(classes, broken, all);
    }

    /// <summary>Whether nothing stands on the shelf, readable or not.</summary>
    public bool IsEmpty()
    {
        using var db = storage.Open();
        return !db.Classes.Any();
    }

    /// <summary>The class, or null when there is none any more or it cannot be read.</summary>
    public KeptClass? Get(Guid id)
    {
        using var db = storage.Open();
        return Current(db, id) is { } found ? Read(found.Class, found.Revision).Kept : null;
    }

    /// <summary>The revision a class is at; null where there is none any more.</summary>
    public int? RevisionOf(Guid id)
    {
        using var db = storage.Open();
        return db.Classes.AsNoTracking().Where(c => c.Id == id).Select(c => (int?)c.Revision).SingleOrDefault();
    }

    /// <summary>The row of a class that cannot be read; null for any other.</summary>
    public BrokenClass? GetBroken(Guid id)
    {
        using var db = storage.Open();
        return Current(db, id) is { } found ? Read(found.Class, found.Revision).Broken : null;
    }

    /// <summary>Puts a new class on the shelf.</summary>
    public KeptClass Add(PassedPlan passed, string summary, IEnumerable<string>? reasons = null)
    {
        using var db = storage.Open();
        var plan = passed.Plan;
        var row = new ClassRow { Id = Guid.NewGuid(), Title = plan.Title, SearchText = SearchTextOf(plan), Revision = 1, ChangedAt = Now };
        db.Classes.Add(row);
        var revision = new RevisionRow { ClassId = row.Id, Number = 1, Plan = passed.Stored, Summary = summary, Reasons = reasons is null ? null : string.Join('\n', reasons), At = Now };
        db.Revisions.Add(revision);
        db.SaveChanges();
        return Kept(row, revision, plan);
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
        return PlanAt(db, id, revision);
    }

    /// <summary>Applies an edit made on revision <paramref name="madeOn"/>. Where the class was changed since, only what the edit itself changes goes in.</summary>
    public SaveResult Edit(Guid id, int madeOn, PlanEdit edit, WhenStale whenStale = WhenStale.Ask) => Edit(id, madeOn, _ => edit, whenStale);

    /// <inheritdoc cref="Edit(Guid, int, PlanEdit, WhenStale)"/>
    /// <param name="editOf">Gives the edit for the class as it was at that revision; null: there is nothing to change.</param>
    /// <param name="passing">Hears what the class may become before it is passed and saved, so that it can be looked at meanwhile.</param>
    /// <param name="saving">Hears what the answer is if nothing comes in between, while the disk writes it; it may be told again, of another.</param>
    public SaveResult Edit(Guid id, int madeOn, Func<ClassPlan, PlanEdit?> editOf, WhenStale whenStale = WhenStale.Ask, Action<ClassPlan>? passing = null, Action<SaveResult>? saving = null)
    {
        for (var tries = 1; ; tries++)
        {
            using var db = storage.Open();
            if (Current(db, id) is not { } found || Read(found.Class, found.Revision).Kept is not { } kept)
                return new SaveResult(SaveOutcome.Gone, null, [], []);
            var before = madeOn == kept.Revision ? kept.Plan : PlanAt(db, id, madeOn) ?? kept.Plan;
            if (editOf(before) is not { } edit)
                return new SaveResult(SaveOutcome.Saved, kept, [], []);
            var (result, isStale) = Applied(kept, before, edit, whenStale, passing);
            if (isStale)
                return Stale(db, kept, madeOn);
            if (result.Passed is not { } passed)
                return new SaveResult(SaveOutcome.Refused, kept, result.Errors, [], result.Field);
            if (passed.Stored == found.Revision.Plan || (passed.Plan.LastId != kept.Plan.LastId && StoredPlan.Same(passed.Plan, kept.Plan)))
                return new SaveResult(SaveOutcome.Saved, kept, [], [], result.Field);
            var saved = Save(db, found.Class, passed.Plan, new RevisionRow { Plan = passed.Stored, Summary = edit.Summary(before), UndoTo = found.Class.Revision }, saving is null ? null : ahead => saving(Saved(ahead)));
            if (saved is not null)
                return Saved(saved);
            SaveResult Saved(KeptClass now) => new(SaveOutcome.Saved, now, [], [], result.Field);
            if (tries == MostTries)
                return Stale(db, kept, madeOn);
        }
    }

    /// <summary>Takes back the change that made revision <paramref name="madeOn"/>, by adding a revision that says so; stale when that is not the newest any more.</summary>
    public SaveResult Undo(Guid id, int madeOn) => Travel(id, madeOn, r => r.UndoTo, TookBack, (from, to) => (to.UndoTo, from.Number));

    /// <summary>Takes the undo that made revision <paramref name="madeOn"/> back.</summary>
    public SaveResult Redo(Guid id, int madeOn) => Travel(id, madeOn, r => r.RedoTo, DidAgain, (from, to) => (from.Number, to.RedoTo));

    /// <summary>The newest changes, newest first.</summary>
    public IReadOnlyList<(int Number, string Summary, DateTime At)> History(Guid id, int most, int before = int.MaxValue)
    {
        using var db = storage.Open();
        return [.. db.Revisions.AsNoTracking().Where(r => r.ClassId == id && r.Number < before).OrderByDescending(r => r.Number).Take(most).AsEnumerable().Select(r => (r.Number, r.Summary, r.At))];
    }

    /// <summary>Why the class was drafted as it was, a line each; none where nobody said.</summary>
    public IReadOnlyList<string> Reasons(Guid id)
    {
        using var db = storage.Open();
        return db.Revisions.AsNoTracking().Where(r => r.ClassId == id && r.Reasons != null).OrderBy(r => r.Number).Select(r => r.Reasons!).FirstOrDefault()?.Split('\n') ?? [];
    }

    private DateTime Now => time.GetUtcNow().UtcDateTime;

    private static (EditResult Result, bool IsStale) Applied(KeptClass kept, ClassPlan before, PlanEdit edit, WhenStale whenStale, Action<ClassPlan>? passing)
    {
        var mine = edit.Apply(before, ReferenceEquals(before, kept.Plan) ? passing : null);
        if (mine.Plan is null || ReferenceEquals(before, kept.Plan))
            return (mine, false);
        if (whenStale == WhenStale.Ask && Merge.Clash(before, mine.Plan, kept.Plan))
            return (mine, true);
        var (passed, errors) = Gate.Pass(Merge.OnTop(before, mine.Plan, kept.Plan));
        return (new EditResult(passed?.Plan, errors, mine.Field) { Passed = passed }, false);
    }

    private SaveResult Travel(Guid id, int madeOn, Func<RevisionRow, int?> way, string word, Func<RevisionRow, RevisionRow, (int? Undo, int? Redo)> then)
    {
        using var db = storage.Open();
        if (Current(db, id) is not { } found || Read(found.Class, found.Revision).Kept is not { } kept)
            return new SaveResult(SaveOutcome.Gone, null, [], []);
        if (found.Class.Revision != madeOn)
            return Stale(db, kept, madeOn);
        if (way(found.Revision) is not { } number || db.Revisions.AsNoTracking().SingleOrDefault(r => r.ClassId == id && r.Number == number) is not { } target)
            return new SaveResult(SaveOutcome.Saved, kept, [], []);
        if (StoredPlan.TryRead(target.Plan).Plan is not { } plan)
            return new SaveResult(SaveOutcome.Refused, kept, [new SheetError(1, 1, "", "that earlier state cannot be read any more")], []);
        // Numbers that were given stay given, so that nobody's open form comes to speak of another station.
        plan = plan with { LastId = Math.Max(plan.LastId, kept.Plan.LastId) };
        var (undo, redo) = then(found.Revision, target);
        var what = word == TookBack ? StateOf(db, found.Revision).Summary : StateOf(db, target).Summary;
        var row = new RevisionRow { Plan = StoredPlan.Write(plan), Summary = word + what, UndoTo = undo, RedoTo = redo };
        return Save(db, found.Class, plan, row) is { } saved
            ? new SaveResult(SaveOutcome.Saved, saved, [], [])
            : Get(id) is { } now ? Stale(db, now, madeOn) : new SaveResult(SaveOutcome.Gone, null, [], []);
    }

    /// <summary>Null when another change came first.</summary>
    private KeptClass? Save(JollySetDb db, ClassRow row, ClassPlan plan, RevisionRow revision, Action<KeptClass>? saving = null)
    {
        row.Revision++;
        (row.Title, row.SearchText, row.ChangedAt) = (plan.Title, SearchTextOf(plan), Now);
        (revision.ClassId, revision.Number, revision.At) = (row.Id, row.Revision, Now);
        db.Revisions.Add(revision);
        var kept = Kept(row, revision, plan);
        try
        {
            if (saving is null)
                db.SaveChanges();
            else
                Meanwhile(() => db.SaveChanges(), () => saving(kept));
            Remember(row.Id, revision.Number, plan);
            return kept;
        }
        catch (DbUpdateException e) when (e is DbUpdateConcurrencyException || e.InnerException is Microsoft.Data.Sqlite.SqliteException { SqliteErrorCode: 19 })
        {
            return null;
        }
    }

    /// <summary>Does the first on a thread of its own and the second here; what goes wrong in the first is told first.</summary>
    private static void Meanwhile(Action first, Action second)
    {
        var there = Task.Run(first);
        try
        {
            second();
        }
        finally
        {
            there.GetAwaiter().GetResult();
        }
    }

    private static SaveResult Stale(JollySetDb db, KeptClass kept, int madeOn) => new(
        SaveOutcome.Stale,
        kept,
        [],
        [.. db.Revisions.AsNoTracking().Where(r => r.ClassId == kept.Id && r.Number > madeOn).OrderBy(r => r.Number).Select(r => r.Summary)]);

    /// <summary>Compiled once: every look and every edit asks it.</summary>
    private static readonly Func<JollySetDb, Guid, Tuple<ClassRow, RevisionRow>?> Newest = EF.CompileQuery((JollySetDb db, Guid id) =>
        (from c in db.Classes.AsNoTracking()
         where c.Id == id
         join r in db.Revisions.AsNoTracking() on new { ClassId = c.Id, Number = c.Revision } equals new { r.ClassId, r.Number }
         select new Tuple<ClassRow, RevisionRow>(c, r)).SingleOrDefault());

    private static (ClassRow Class, RevisionRow Revision)? Current(JollySetDb db, Guid id)
    {
        if (Newest(db, id) is not { } found)
            return null;
        db.Attach(found.Item1);
        return (found.Item1, found.Item2);
    }

    /// <summary>The class of a row, or what is wrong with it. A revision never changes, so its plan is read once.</summary>
    private (KeptClass? Kept, BrokenClass? Broken) Read(ClassRow row, RevisionRow revision)
    {
        if (plans.TryGetValue((row.Id, revision.Number), out var known))
            return (Kept(row, revision, known), null);
        var (plan, why) = StoredPlan.TryRead(revision.Plan);
        if (plan is null)
            return (null, new BrokenClass(row.Id, row.Title, row.ChangedAt, why!, revision.Plan));
        Remember(row.Id, revision.Number, plan);
        return (Kept(row, revision, plan), null);
    }

    private void Remember(Guid id, int revision, ClassPlan plan)
    {
        if (plans.Count >= MostPlans)
            plans.Clear();
        plans[(id, revision)] = plan;
    }

    private static KeptClass Kept(ClassRow row, RevisionRow revision, ClassPlan plan) =>
        new(row.Id, revision.Number, plan, row.ChangedAt, revision.Summary, revision.UndoTo is not null, revision.RedoTo is not null);

    private static ClassPlan? PlanAt(JollySetDb db, Guid id, int revision) =>
        db.Revisions.AsNoTracking().SingleOrDefault(r => r.ClassId == id && r.Number == revision) is { } row ? StoredPlan.TryRead(row.Plan).Plan : null;

    /// <summary>The revision whose state this one has: its own, or, of one that travelled, the one it went to.</summary>
    private static RevisionRow StateOf(JollySetDb db, RevisionRow row)
    {
        RevisionRow? At(int? number) => db.Revisions.AsNoTracking().SingleOrDefault(r => r.ClassId == row.ClassId && r.Number == number);
        // An undo from revision r went to where r's own undo leads; a redo the same the other way.
        while (row.Summary.StartsWith(TookBack, StringComparison.Ordinal) || row.Summary.StartsWith(DidAgain, StringComparison.Ordinal))
        {
            var from = row.Summary.StartsWith(TookBack, StringComparison.Ordinal) ? At(At(row.RedoTo)?.UndoTo) : At(At(row.UndoTo)?.RedoTo);
            if (from is null || from.Number >= row.Number)
                return row;
            row = from;
        }

        return row;
    }

    private static string SearchTextOf(ClassPlan plan)
    {
        var words = new[] { plan.Title, plan.Brief.Place ?? "" }
            .Concat(plan.Brief.Focus).Concat(plan.Brief.Kit).Concat(plan.Brief.Needs)
            .Concat(plan.Blocks.SelectMany(b => b.Stations).Select(s => Core.Timing.Facts.NameOf(s.Doing)));
        return string.Join('\n', words.Distinct()).ToLowerInvariant();
    }
}
