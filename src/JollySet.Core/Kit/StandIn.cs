using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Kit;

/// <summary>What a thing from the house is held in.</summary>
public enum Holder { Bottle, Bag, Rucksack, Broom }

/// <summary>What goes into it. Water weighs one kilogram a litre; rice, flour and sand what their packet says.</summary>
/// <param name="Litres">Of water.</param>
/// <param name="Tins">How many tins of <paramref name="TinGrams"/> each, by what is printed on them.</param>
/// <param name="Books">How many books of about <paramref name="BookGrams"/> each.</param>
/// <param name="Other">Kilograms of rice, flour, sand or anything weighed.</param>
public sealed record Filling(decimal Litres, int Tins, int TinGrams, int Books, int BookGrams, decimal Other)
{
    /// <summary>A tin weighs about an eighth more than what is printed on it.</summary>
    private const decimal TinItself = 1.125m;

    /// <summary>In kilograms.</summary>
    public decimal Kilograms => Math.Round(Litres + (Tins * TinGrams * TinItself / 1000) + (Books * BookGrams / 1000m) + Other, 2);
}

/// <summary>Something from the house that stands in for a weight.</summary>
/// <param name="Left">In the left hand, or on the broom's left end; for a bag or rucksack, all of it.</param>
/// <param name="Right">In the right hand, or on the right end; nothing for a bag or rucksack.</param>
public sealed record StandIn(Holder Holder, Filling Left, Filling Right)
{
    /// <summary>The most that is reckoned, in kilograms.</summary>
    public const decimal Most = 60;

    private const decimal BroomItself = 0.5m;
    private const decimal BroomLength = 1.3m;
    private const decimal RucksackItself = 0.8m;
    private const decimal Gravity = 9.81m;
    private const decimal Alike = 0.05m;

    /// <summary>Kilograms in all, the holder's own included.</summary>
    public decimal Kilograms => Left.Kilograms + (TakesTwo ? Right.Kilograms : 0) + (Holder switch { Holder.Broom => BroomItself, Holder.Rucksack => RucksackItself, _ => 0 });

    /// <summary>Whether there is something on either side.</summary>
    public bool TakesTwo => Holder is Holder.Bottle or Holder.Broom;

    /// <summary>Kilograms in one hand: a bag or rucksack is held in both.</summary>
    public decimal AHand => Holder == Holder.Bottle ? Math.Min(Left.Kilograms, Right.Kilograms) : Kilograms / 2;

    /// <summary>Whether two hands hold the same, within a twentieth.</summary>
    public bool Matches => !TakesTwo || Math.Abs(Left.Kilograms - Right.Kilograms) <= Alike * Math.Max(Left.Kilograms, Right.Kilograms);

    /// <summary>What an uneven broom, held in its middle, asks of the trunk: newton metres, its force times half its length (moment is force times arm).</summary>
    public decimal Moment => Holder == Holder.Broom ? Math.Round(Math.Abs(Left.Kilograms - Right.Kilograms) * Gravity * BroomLength / 2, 1) : 0;

    /// <summary>How far from its middle a broom balances, in centimetres toward the heavy end.</summary>
    public int BalancesAt => Holder == Holder.Broom && Kilograms > 0 ? (int)Math.Round(Math.Abs(Left.Kilograms - Right.Kilograms) * BroomLength / 2 / Kilograms * 100) : 0;

    /// <summary>Why it cannot be reckoned; null where it can.</summary>
    public string? Wrong()
    {
        foreach (var filling in new[] { Left, Right })
        {
            if (filling.Litres < 0 || filling.Tins < 0 || filling.Books < 0 || filling.Other < 0 || filling.TinGrams < 0 || filling.BookGrams < 0)
                return "Nothing weighs less than nothing.";
            if (filling.Kilograms > Most)
                return $"More than {Most} kg is no stand-in: nobody grips it safely.";
        }

        return Kilograms <= 0 || (Holder is Holder.Bottle or Holder.Bag && Left.Kilograms + Right.Kilograms == 0) ? "Say what goes into it." : null;
    }

    /// <summary>What it serves for, by what this person raises to the side for ten.</summary>
    /// <param name="raise">Kilograms in each hand.</param>
    public ImmutableArray<string> ServesFor(decimal raise) => [.. Relative.Kinds.Where(k => !(k.Overhead && Holder is Holder.Broom or Holder.Bag or Holder.Rucksack) && IsRight(k, raise)).Select(k => k.Says)];

    private bool IsRight(RelativeLoad kind, decimal raise)
    {
        var mass = kind.BothHands ? Kilograms : AHand;
        return mass >= raise * kind.Least * 0.8m && mass <= raise * kind.Most * (kind.BothHands ? 1.8m : 1.2m);
    }

    /// <summary>What makes the thing itself safe.</summary>
    public ImmutableArray<string> Mind => Holder switch
    {
        Holder.Bottle => ["Closed tight, not glass, dry outside; gripped all the way round.", Matches ? "Both hands hold the same." : $"The hands differ by {Said(Math.Abs(Left.Kilograms - Right.Kilograms))}: fill the lighter one up."],
        Holder.Bag => ["Try the seams and handles with twice a lift before the first set.", "Nothing overhead: one hand cannot hold it firmly."],
        Holder.Rucksack => ["Straps short, pockets closed, what is inside packed so that it cannot shift.", "Held by both straps or worn on the front; nothing overhead."],
        _ => ["Tie the ends on so that nothing slides off; a clear two metres all round.", Moment == 0 ? "Even ends." : $"Held in the middle it turns with {Moment.ToString("0.#", CultureInfo.InvariantCulture)} N·m: the trunk holds against it; it balances {BalancesAt} cm toward the heavy end. Change ends for the other side."],
    };

    private static string Said(decimal kilograms) => $"{kilograms.ToString("0.##", CultureInfo.InvariantCulture)} kg";
}

/// <summary>How heavy one kind of move is beside a lateral raise of the same person (docs/model.md, “Loads”).</summary>
/// <param name="Least">Times the raise, in each hand.</param>
/// <param name="BothHands">Whether one weight in both hands does.</param>
/// <param name="Overhead">Whether it goes over the head.</param>
public sealed record RelativeLoad(string Says, decimal Least, decimal Most, bool BothHands, bool Overhead)
{
    /// <summary>In the middle of its range.</summary>
    public decimal Middle => (Least + Most) / 2;
}

/// <summary>Relative loads, a planning rule: right is what makes the last three reps hard and clean.</summary>
public static class Relative
{
    /// <summary>Against a lateral raise as one.</summary>
    public static ImmutableArray<RelativeLoad> Kinds { get; } =
    [
        new("raises to the side and front", 1, 1, false, false),
        new("curls and triceps", 1.5m, 1.5m, false, false),
        new("presses overhead", 1.5m, 2, false, true),
        new("presses lying", 1.75m, 2.25m, false, false),
        new("rows", 2, 2.5m, false, false),
        new("squats and lunges", 3, 4, true, false),
        new("hinges and bridges", 3, 4, true, false),
    ];
}
