using System.Collections.Immutable;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Drafting;

/// <summary>Drafts of one brief to be compared: the format liked in two shapes, and another format.</summary>
/// <param name="Made">Each with what it was asked for; none has no plan, save where there is only one.</param>
/// <param name="Nearest">Where nothing of the format liked was made: a brief near by that can be met.</param>
public sealed record Drafts(ImmutableArray<(DraftRequest Request, Draft Draft)> Made, NearestBrief? Nearest)
{
    /// <summary>How many are compared.</summary>
    public const int Compared = 3;

    private static readonly ImmutableArray<DraftFormat> Usual = [DraftFormat.Supersets, DraftFormat.Circuit, DraftFormat.Minute];

    /// <summary>Up to three, made at once.</summary>
    /// <param name="stop">Ends each early with the best so far.</param>
    public static Drafts Of(DraftRequest request, Studio studio, IProgress<string>? told = null, CancellationToken stop = default)
    {
        var made = new (DraftRequest Request, Draft Draft)[Compared];
        Parallel.For(0, Compared, (int at) =>
        {
            made[at] = at < Compared - 1 ? Made(request with { Seed = request.Seed + at }) : Usual.Where(f => f != request.Format).Select(f => Made(request with { Format = f, Seed = request.Seed + at })).FirstOrDefault(m => m.Draft.Plan is not null, made[at]);
            told?.Report($"{Say.Capital(made.Count(m => m.Draft?.Plan is not null) switch { 1 => "one draft is", 2 => "two drafts are", var n => $"{n} drafts are" })} made.");
        });
        var whole = made.Where(m => m.Draft?.Plan is not null).ToImmutableArray();
        return whole.IsEmpty ? new Drafts([made[0]], NearestBrief.Of(request, studio, stop))
            : new Drafts(whole, whole.All(m => m.Request.Format != request.Format) ? NearestBrief.OtherFormat(request, whole[0].Request) : null);

        (DraftRequest Request, Draft Draft) Made(DraftRequest asked) => (asked, Drafter.Make(asked, studio, stop: stop));
    }

    /// <summary>One of them with blocks of the others put in the place of its own.</summary>
    /// <param name="which">From 1.</param>
    /// <param name="taken">Each as <c>A&lt;2.B</c>: its block A gives way to block B of the second; or as <c>A:3=front squat</c>: another move in its third place. What names no block or move is passed over.</param>
    public Draft With(int which, IEnumerable<string> taken, Studio studio)
    {
        if (Made.ElementAtOrDefault(which - 1) is not { Draft: { } draft } own)
            return Made[0].Draft;
        foreach (var one in taken)
            draft = Put(draft, one, own.Request, studio);
        return draft;
    }

    private Draft Put(Draft draft, string one, DraftRequest request, Studio studio)
    {
        if (one.Split('<', '.') is [var into, var from, var block])
            return Number(from) is { } which && Made.ElementAtOrDefault(which - 1).Draft?.Plan?.Find(block) is { IsMain: true } there ? Drafter.Taking(draft, into, there, request, studio) : draft;
        if (one.Split(':', '=') is not [var name, var place, var move] || draft.Plan?.Find(name) is not { IsMain: true } own || Number(place) is not { } number || studio.Library.Find(move) is not { } other || own.Stations.ElementAtOrDefault(number - 1) is not { } line)
            return draft;
        var then = Lines.InPlaceOf(line, other, request.Brief, new Facts(draft.Plan, studio));
        return Drafter.Taking(draft, name, own with { Stations = own.Stations.SetItem(number - 1, then) }, request, studio);
    }

    private static int? Number(string text) => int.TryParse(text, System.Globalization.NumberStyles.None, System.Globalization.CultureInfo.InvariantCulture, out var number) ? number : null;
}
