using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Kit;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Data;
using JollySet.Web.Live;
using JollySet.Web.Pages.Session;
using Microsoft.AspNetCore.Mvc;

namespace JollySet.Web.Pages.Live;

/// <summary>The class on a participant's own screen: the same clock, their own ways. What they choose stays on their device.</summary>
public sealed class FollowModel(SessionBook sessions, VoiceBook voices, DeviceClock clock, Manners manners) : SessionPage(sessions, voices, clock)
{
    private const int MostLetters = 24;
    private const int MostReps = 500;
    private const decimal MostKilograms = 300;
    private readonly SessionBook sessions = sessions;

    /// <summary>Needs one may choose.</summary>
    public ImmutableArray<string> Needs { get; private set; } = [];

    /// <summary>What to fetch, in the order of use.</summary>
    public ImmutableArray<string> Fetch { get; private set; } = [];

    /// <summary>What does at home for each thing.</summary>
    public ImmutableArray<(string Item, string? Instead)> AtHome { get; private set; } = [];

    /// <summary>In what the studio weighs.</summary>
    public string Unit => Masses.UnitOf(Session.Timeline.Rules);

    /// <summary>Everything the script needs, once.</summary>
    public string DataJson(string code) => Data(
        $"/live/f/{code}",
        new
        {
            classId = Session.ClassId,
            unit = Unit,
            ways = OwnWays.Of(Session.Timeline, Needs).ToDictionary(
                w => (w.Block * Step.MostStations) + w.Number,
                w => new { w.Easier, w.Harder, needs = w.Needs.ToDictionary(n => n.Need, n => new { state = n.State.ToString().ToLowerInvariant(), n.Way }) }),
        });

    /// <summary>Shows it.</summary>
    public IActionResult OnGet(string code)
    {
        if (LiveRoutes.Found("f", code, sessions) is not { } found || !Load(found.Id))
            return this.NoSuchCode();
        if (found.HasEnded)
            return this.Ended();
        Needs = OwnWays.Needs(Session.Timeline.Plan.Brief);
        Fetch = [.. KitNeeds.Of(Session.Timeline).Select(n => Masses.Told(n.What, Session.Timeline.Rules))];
        AtHome = [.. HomeThings.For(KitNeeds.Of(Session.Timeline))];
        return Page();
    }

    /// <summary>What one did in one set, under a nickname.</summary>
    public IActionResult OnPostNote(string code, string? nickname, int set, string? reps, string? weight)
    {
        if (LiveRoutes.Found("f", code, sessions) is not { } found || !Load(found.Id))
            return this.NoSuchCode();
        if (found.HasEnded)
            return this.Ended();
        var name = (nickname ?? "").Trim();
        if (name.Length is 0 or > MostLetters || name.Any(char.IsControl))
            return Refused($"A nickname has 1 to {MostLetters} letters.");
        if (set < 0 || set >= Session.Timeline.Sets.Length)
            return Refused("There is no such set.");
        int? count = int.TryParse(reps, NumberStyles.None, CultureInfo.InvariantCulture, out var n) && n <= MostReps ? n : null;
        decimal? mass = decimal.TryParse((weight ?? "").Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var w) && Masses.Kilograms(w, Session.Timeline.Rules) is > 0 and <= MostKilograms ? Math.Round(Masses.Kilograms(w, Session.Timeline.Rules), 2) : null;
        if (count is null && mass is null)
            return Refused($"Reps from 0 to {MostReps}, or a weight up to {Masses.Said(MostKilograms, Session.Timeline.Rules)}.");
        if (!manners.MayNote(HttpContext))
            return new ContentResult { Content = "Slower, please: that was a lot in a minute.", StatusCode = StatusCodes.Status429TooManyRequests };
        return sessions.Note(found.Id, name, set, count, mass) ? new EmptyResult() : Refused("No more is kept of this class.");
    }

    private static ContentResult Refused(string says) => new() { Content = says, StatusCode = StatusCodes.Status422UnprocessableEntity };
}
