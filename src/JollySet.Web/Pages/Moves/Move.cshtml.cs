using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Search;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Moves;

/// <summary>One way round, easier or harder, and where it leads.</summary>
public sealed record WayShown(string For, string Way, string? Slug);

/// <summary>One move with all that is known of it.</summary>
public sealed class MoveModel(MovesBook book, RulesBook rules, ClassBook shelf) : PageModel
{
    private const int MostClasses = 12;

    /// <summary>The move.</summary>
    public Move Move { get; private set; } = null!;

    /// <summary>As its row shows it.</summary>
    public MoveFacts Facts { get; private set; } = null!;

    /// <summary>Whether it is overruled or one's own.</summary>
    public bool IsOwn => Facts.Own.Length > 0;

    /// <summary>Facts by name and value.</summary>
    public ImmutableArray<(string Name, string Value)> Table { get; private set; } = [];

    /// <summary>Each muscle with its share's length in the drawing.</summary>
    public ImmutableArray<(string Name, double Width, string Share)> Muscles { get; private set; } = [];

    /// <summary>Easier, harder, and round each need.</summary>
    public ImmutableArray<WayShown> Ways { get; private set; } = [];

    /// <summary>The ladder of its pattern.</summary>
    public ImmutableArray<LadderRung> Ladder { get; private set; } = [];

    /// <summary>The classes that use it.</summary>
    public ImmutableArray<(Guid Id, string Title)> Classes { get; private set; } = [];

    /// <summary>How many more use it.</summary>
    public int MoreClasses { get; private set; }

    /// <summary>Shows it.</summary>
    public IActionResult OnGet(string slug)
    {
        var studio = rules.Studio();
        if (MoveFacts.Find(studio.Library, slug) is not { } move)
            return NotFound();
        Move = move;
        Facts = MoveFacts.Of(move, book.Own().Select(m => m.Name).ToImmutableHashSet(StringComparer.OrdinalIgnoreCase));
        Table = [.. TableOf(move, studio.Rules)];
        Muscles = [.. move.Muscles.OrderByDescending(m => m.Share).Select(m => (Words.Of(m.Muscle), 4 + (120 * (double)m.Share), m.Share switch { 1 => "prime mover", 0.5m => "assists", _ => "holds" }))];
        Ways = [Way("easier", move.Easier), Way("harder", move.Harder), .. Needs.Ways.Where(move.Around.ContainsKey).Select(need => Way(need, move.Around[need]))];
        Ladder = LadderRung.Of(move, studio.Library);
        var using_ = shelf.Find().Classes.Where(c => c.Plan.MoveNames().Any(name => studio.Library.NameOf(name).Equals(move.Name, StringComparison.OrdinalIgnoreCase))).ToList();
        Classes = [.. using_.Take(MostClasses).Select(c => (c.Id, c.Plan.Title))];
        MoreClasses = using_.Count - Classes.Length;
        return Page();

        WayShown Way(string what, string way) => new(what, way.Trim('"'), studio.Library.Find(way) is { } other ? MoveFacts.SlugOf(other.Name) : null);
    }

    /// <summary>Forgets what is one's own of it.</summary>
    public IActionResult OnPostForget(string slug)
    {
        if (MoveFacts.Find(book.Library(), slug) is { } move)
            book.Forget(move.Name);
        return MoveFacts.Find(book.Library(), slug) is null ? Redirect("/moves") : Redirect($"/moves/{slug}");
    }

    private static IEnumerable<(string, string)> TableOf(Move move, HouseRules rules)
    {
        var tags = move.Tags;
        yield return ("Kind", Words.Of(move.Pattern));
        yield return ("Held", Words.Of(move.Posture));
        yield return ("Sides", move.Sides switch { MoveSides.OneSided => "one at a time, so it takes twice", MoveSides.Alternating => "in turn, rep by rep", _ => "both at once" });
        yield return ("Kit", move.Kit.IsEmpty ? "none" : string.Join(", ", move.Kit));
        yield return ("Load", move.Load == LoadClass.None ? "none" : $"{Words.Of(move.Load)}{(tags.Newcomer < move.Load ? tags.Newcomer == LoadClass.None ? ", not for newcomers" : $", {Words.Of(tags.Newcomer)} for newcomers" : "")}");
        yield return ("A rep", tags.IsHold ? "held, not counted" : $"{rules.SecondsPerRep(move.Pace).ToString("0.#", CultureInfo.InvariantCulture)} s{(tags.Reps is { } reps ? $", mostly {(reps.Least == reps.Most ? $"{reps.Least}" : $"{reps.Least} to {reps.Most}")}" : "")}");
        yield return ("Landing", move.Impact switch { Impact.None => "none", Impact.Low => "a foot is always down", Impact.Middle => "light hops", _ => "both feet leave and land hard" });
        yield return ("Joints", move.Joints.IsEmpty ? "–" : string.Join(", ", move.Joints.Select(j => MoveJson.Spelled(j))));
        yield return ("Planes", string.Join(", ", move.Planes.Select(p => MoveJson.Spelled(p))));
        yield return ("Place", string.Join(", ", tags.Roles.Select(RoleWords.Of)));
        if (!tags.Goals.IsEmpty)
            yield return ("Serves", string.Join(", ", tags.Goals.Select(g => MoveJson.Spelled(g))));
        string[] asks = [.. Asks(tags)];
        if (asks.Length > 0)
            yield return ("Asks for", string.Join(", ", asks));
    }

    private static IEnumerable<string> Asks(Tags tags)
    {
        if (tags.IsSkill)
            yield return "skill";
        if (tags.IsCombined)
            yield return "two moves in one";
        if (tags.IsOneLegged)
            yield return "balance on one leg";
        if (tags.Bears != Bearing.None)
            yield return $"weight on the {MoveJson.Spelled(tags.Bears)}";
        if (tags.IsHeadLow)
            yield return "the head below the heart";
    }
}
