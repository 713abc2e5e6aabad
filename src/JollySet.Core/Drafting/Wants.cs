using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>One thing that the main part should hold.</summary>
/// <param name="Says">What it is, in words: <c>a row</c>.</param>
/// <param name="Least">How many moves of it.</param>
/// <param name="Weight">What one that is missing costs.</param>
internal sealed record Want(string Says, Func<Move, bool> Is, int Least, double Weight);

/// <summary>What a class of a focus, goal and length covers before anything else is weighed; docs/drafts.md has the rules.</summary>
internal static class Wants
{
    private const int LongFrom = 24;
    private const double Chief = 45;

    /// <summary>A press overhead tips the shoulders a little wherever it stands.</summary>
    private const double Raised = 54;

    private const int OverheadFrom = 6;

    /// <summary>The trunk gives way first: it works in all the others.</summary>
    private const double Last = 38;
    private const double Goals = 22;
    private const double Named = 18;
    private const double Fewest = 10;
    private const double Kit = 5;

    /// <summary>Where places are few, the chief wants come first.</summary>
    private const double LaterLess = 0.015;
    private const double LeastOf = 0.5;

    /// <summary>The wants of a request with so many stations, the chief ones first; what no move of the pool can meet is left out.</summary>
    public static ImmutableArray<Want> Of(DraftRequest request, int stations, IReadOnlyCollection<Move> pool) =>
        [.. All(request, stations).Where(w => pool.Any(w.Is)).Select((w, at) => w with { Weight = w.Weight * Math.Max(LeastOf, 1 - (at * LaterLess)) })];

    /// <summary>Whether a class may begin with it: a two-sided common move of the focus, neither combined nor on one leg, lying on the back or for the trunk.</summary>
    public static bool Opens(Move move, Focus focus, Goal? goal) =>
        goal == Goal.Power ? move.Tags.IsExplosive : goal == Goal.Mobility
            || (move.Tags.Staple == Tags.MostCommon && IsPlain(move) && move.Pattern is Pattern.Squat or Pattern.Hinge or Pattern.Push or Pattern.Pull or Pattern.OverheadPush
                && move.Muscles.Any(m => m.Share == 1 && focus.Covers(m.Muscle)));

    /// <summary>One move, both sides alike.</summary>
    private static bool IsPlain(Move move) => move.Sides == MoveSides.Both && !move.Tags.IsOneLegged && !move.Tags.IsSkill && !move.Tags.IsBeginning && !move.Tags.IsCombined;

    private static IEnumerable<Want> All(DraftRequest request, int stations)
    {
        var (brief, focus) = (request.Brief, Focus.Of(request.Brief));
        if (brief.Goal == Goal.Mobility)
        {
            yield return new Want("mobility", m => m.Pattern == Pattern.Mobility, stations, Chief);
            yield break;
        }

        yield return new Want("an opener", m => Opens(m, focus, brief.Goal), 1, Chief);
        if (brief.Goal == Goal.Power)
            yield return new Want("something explosive", m => m.Tags.IsExplosive && m.Muscles.Any(s => s.Share == 1 && focus.Covers(s.Muscle)), (int)Math.Ceiling(stations * 2 / 3.0), Chief);
        foreach (var want in ByFocus(brief, focus, stations))
            yield return want;
        if (brief.Goal is Goal.Strength)
            yield return new Want("big lifts", m => m.IsBig() && m.Load >= LoadClass.Moderate, (int)Math.Ceiling(stations * 0.6), Goals);
        if (brief.Audience.Contains(Audience.OlderAdults))
        {
            yield return new Want("sit to stand", m => m is { Pattern: Pattern.Squat, Tags.Rung: <= 3 }, 1, focus.IsFullBody ? Chief : Goals);
            yield return new Want("a heel raise", m => m.Pattern == Pattern.CalfRaise, 1, focus.IsFullBody ? Last : Goals);
            yield return new Want("balance beside something", m => m.IsBalance(), 1, focus.IsFullBody ? Last : Goals);
        }

        foreach (var area in Areas(brief))
            yield return area with { Least = Math.Min(stations, Math.Max(2, (int)Math.Ceiling(stations / 5.0))) };
        if (brief.Kit.Any(k => KitList.Known.Any(item => (KitList.IsHeld(item) || item is "band" or "cable") && Suits.Has(k, item))))
            yield return new Want("load", m => m.Load > LoadClass.None || m is { Pattern: Pattern.Push or Pattern.VerticalPull, Tags.Rung: >= 6 }, (int)Math.Ceiling(stations * 0.6), Kit);
        foreach (var entry in brief.Kit.Where(k => !k.Contains("optional", StringComparison.OrdinalIgnoreCase)).Select(KitStock.Of).Where(e => !e.Is("mat") && !e.Is("wall")))
            yield return new Want(entry.Written, m => Loads.Uses(m, brief, entry), 1, Kit);
    }

    private static IEnumerable<Want> ByFocus(Brief brief, Focus focus, int stations)
    {
        if (focus.IsFullBody && brief.Goal == Goal.Power)
            return [new Want("legs", m => m.Pattern is Pattern.Squat or Pattern.Hinge or Pattern.Jump or Pattern.Lunge, 1, Goals), new Want("a push", m => m.Pattern is Pattern.Push or Pattern.OverheadPush, 1, Goals), new Want("a pull", m => m.Pattern is Pattern.Pull or Pattern.VerticalPull, 1, Goals)];
        // What older adults need to live by comes before hinges and presses overhead.
        if (focus.IsFullBody && brief.Audience.Contains(Audience.OlderAdults))
            return [Push(), Row(), Hinge() with { Weight = Named }, .. brief.Minutes >= LongFrom ? [Overhead(stations) with { Weight = Fewest }, Trunk() with { Weight = Fewest }, Large(stations)] : Array.Empty<Want>()];
        if (focus.IsFullBody)
            return brief.Minutes >= LongFrom
                ? [Squat(), Hinge(), Push(), Row(), OneLeg(), Overhead(stations), Trunk(), Large(stations), .. stations > 7 ? [new Want("a second hinge or bridge", m => m.Pattern is Pattern.Hinge or Pattern.HipBridge, 2, Named)] : Array.Empty<Want>()]
                : [new Want("a squat or lunge", m => m.Pattern is Pattern.Squat or Pattern.Lunge, 1, Chief), Hinge(), new Want("a push", m => m.Pattern is Pattern.Push or Pattern.OverheadPush, 1, Chief), new Want("a pull", IsRow, 1, Chief)];
        var lower = focus.Regions.Contains(Region.Lower);
        var upper = focus.Regions.Contains(Region.Upper);
        return
        [
            .. lower ? [Squat(), Hinge(), OneLeg(), new Want("a bridge", m => m.Pattern == Pattern.HipBridge, 1, Chief)] : Array.Empty<Want>(),
            .. upper ? [Row(), Push(), Overhead(stations), new Want("arms", m => m.Pattern == Pattern.Isolation && IsPrime(m, Muscle.Biceps, Muscle.Triceps), stations > 5 ? 1 : 0, Named)] : Array.Empty<Want>(),
            .. lower && focus.Regions.Count == 1 ? [new Want("legs", m => m.Muscles.Any(s => s.Share == 1 && MuscleLoads.RegionOf(s.Muscle) == Region.Lower), (int)Math.Ceiling(stations * 0.7), Named)] : Array.Empty<Want>(),
        ];
    }

    /// <summary>Every area that the brief names by a word of its own.</summary>
    private static IEnumerable<Want> Areas(Brief brief) =>
        from word in brief.Focus
        let area = Focus.Of(new Brief { Focus = [word] })
        where area.IsJudged && !area.IsFullBody
        select new Want(word, m => m.Muscles.Any(s => s.Share == 1 && area.Covers(s.Muscle)), 2, Named);

    private static Want Squat() => new("a squat", m => m.Pattern == Pattern.Squat && !m.Tags.IsHold, 1, Chief);

    private static Want Hinge() => new("a hinge", m => m.Pattern == Pattern.Hinge, 1, Chief);

    private static Want OneLeg() => new("one leg", m => m.Pattern == Pattern.Lunge || (m.IsBalance() && m.Pattern is Pattern.Squat or Pattern.Hinge), 1, Chief);

    private static Want Push() => new("a level push", m => m.Pattern == Pattern.Push, 1, Chief);

    private static Want Row() => new("a row", IsRow, 1, Chief);

    /// <summary>Of few places a row needs one sooner.</summary>
    private static Want Overhead(int stations) => new("a press overhead", m => m.Pattern == Pattern.OverheadPush && m.Tags.Is(Role.Main), 1, stations < OverheadFrom ? Goals : Raised);

    private static Want Trunk() => new("the trunk", m => m.Pattern is Pattern.TrunkFlexion or Pattern.Brace or Pattern.Rotation or Pattern.SideBend, 1, Last);

    /// <summary>The trunk works in all the others: three places of four are theirs.</summary>
    private static Want Large(int stations) => new("the large muscles", m => m.Pattern is not (Pattern.TrunkFlexion or Pattern.Brace or Pattern.Rotation or Pattern.SideBend), stations - Math.Max(1, stations / 4), Goals);

    /// <summary>A true row: the lats or the whole upper back pull, and more than a raise.</summary>
    private static bool IsRow(Move move) => move.Pattern == Pattern.Pull && IsPrime(move, Muscle.Lats, Muscle.UpperBack) && !move.Tags.Is(Role.Filler);

    private static bool IsPrime(Move move, params Muscle[] muscles) => move.Muscles.Any(s => s.Share == 1 && muscles.Contains(s.Muscle));
}
