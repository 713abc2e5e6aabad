using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Kit;
using JollySet.Core.Plans;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.AtHome;

/// <summary>What a thing from the house weighs, what it stands in for, and what makes it safe.</summary>
public sealed class AtHomeModel(RulesBook book) : PageModel
{
    private const decimal MostRaised = 30;
    private string Usual => Rules.WeightUnit == MassUnit.Lb ? "5" : "2";

    /// <summary>The studio's rules, for its unit of weight.</summary>
    public HouseRules Rules { get; } = book.Current();

    /// <summary>The fields as typed, by name.</summary>
    public ImmutableDictionary<string, string> Typed { get; private set; } = ImmutableDictionary<string, string>.Empty;

    /// <summary>What it is held in.</summary>
    public Holder Holder { get; private set; }

    /// <summary>Why it cannot be reckoned; null where it can.</summary>
    public string? Wrong { get; private set; }

    /// <summary>What came of it.</summary>
    public StandIn? Made { get; private set; }

    /// <summary>What it serves for.</summary>
    public ImmutableArray<string> Serves { get; private set; } = [];

    /// <summary>A field as it was typed.</summary>
    public string Field(string name) => Typed.GetValueOrDefault(name, name switch { "raise" => Usual, "tin" or "tin2" => "400", "book" or "book2" => "500", _ => "" });

    /// <summary>Reckons where anything was said.</summary>
    public void OnGet(Holder holder)
    {
        Holder = Enum.IsDefined(holder) ? holder : Holder.Bottle;
        Typed = Request.Query.Where(q => q.Value.ToString().Length is > 0 and < 20).ToImmutableDictionary(q => q.Key, q => q.Value.ToString());
        if (!Typed.ContainsKey("litres") && !Typed.ContainsKey("tins") && !Typed.ContainsKey("books") && !Typed.ContainsKey("other") && !Request.Query.ContainsKey("holder"))
            return;
        if (Read("") is not { } left || Read("2") is not { } right || Number("raise") is not (> 0 and var said) || Masses.Kilograms(said, Rules) is not (<= MostRaised and var raise))
        {
            Wrong = $"Each field takes a number; what one raises to the side is from more than 0 to {Masses.Said(MostRaised, Rules)}.";
            return;
        }

        var made = new StandIn(Holder, left, right);
        (Wrong, Made) = made.Wrong() is { } wrong ? (Masses.Told(wrong, Rules), (StandIn?)null) : (null, made);
        Serves = Made?.ServesFor(raise) ?? [];
    }

    private Filling? Read(string hand) =>
        Number("litres" + hand) is { } litres && Number("tins" + hand) is { } tins && Number("tin" + hand) is { } tin && Number("books" + hand) is { } books && Number("book" + hand) is { } book && Number("other" + hand) is { } other
            ? new Filling(litres, (int)tins, (int)tin, (int)books, (int)book, Masses.Kilograms(other, Rules))
            : null;

    private decimal? Number(string name)
    {
        var typed = Field(name);
        return typed.Length == 0 ? 0 : decimal.TryParse(typed.Replace(',', '.'), NumberStyles.AllowDecimalPoint | NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number) && Math.Abs(number) < 100_000 ? number : null;
    }
}
