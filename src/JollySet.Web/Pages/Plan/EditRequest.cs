using System.Globalization;
using JollySet.Data;

namespace JollySet.Web.Pages.Plan;

/// <summary>One posted edit: what it does, the revision it was made on, and how it is to meet what was changed since.</summary>
/// <remarks>Answers: 200 with the parts that changed, 409 with what was changed meanwhile, 410 where the class is gone, 422 with the field and the reason, 204 with a redirect for a copy.</remarks>
public sealed class EditRequest(IFormCollection form)
{
    /// <summary>The form as posted.</summary>
    public IFormCollection Form { get; } = form;

    /// <summary>What it does.</summary>
    public string Do { get; } = EditForm.ActionOf(form);

    /// <summary>The revision it was made on; null where the form says none.</summary>
    public int? Revision { get; } = int.TryParse(form["revision"], NumberStyles.None, CultureInfo.InvariantCulture, out var revision) ? revision : null;

    /// <summary>Number of the block that is open on the page; 0 for none.</summary>
    public int Open { get; } = NumberIn(form, form.ContainsKey("open") ? "open" : "block");

    /// <summary>Number of the station it speaks of; 0 for none.</summary>
    public int Station { get; } = NumberIn(form, "station");

    /// <summary>Number of the station that is open on the bench; 0 where a block alone is; null where nothing is.</summary>
    public int? At { get; } = int.TryParse(form["at"], NumberStyles.None, CultureInfo.InvariantCulture, out var at) ? at : null;

    /// <summary>Which of its block's ropes the bench stands under, from 1.</summary>
    public int Rope { get; } = NumberIn(form, "rope");

    /// <summary>The earlier state it brings back; 0 for none.</summary>
    public int Number { get; } = NumberIn(form, "number");

    /// <summary>Number of the block that a station is carried to; 0 for none.</summary>
    public int Goal { get; } = NumberIn(form, "goal");

    /// <summary>The screen of the class that it was asked from, where that is another; null for this one.</summary>
    public string? Back { get; } = form["back"].ToString() is "balance" or "effort" or "order" or "fit" or "options" or "kit" or "carousel" or "showing" ? form["back"].ToString() : null;

    /// <summary>Needs that screen looked at beside the class's own.</summary>
    public string BackQuery { get; } = form["back-also"].ToString() is { Length: > 0 } also
        ? "?" + string.Join('&', also.Split(',').Where(Core.Moves.Needs.Ways.Contains).Select(n => $"also={Uri.EscapeDataString(n)}"))
        : "";

    /// <summary>Where that station stood, from 1; 0 where nobody says.</summary>
    public int Place { get; } = NumberIn(form, "place");

    /// <summary>Whether it goes on top of whatever was changed meanwhile.</summary>
    public WhenStale WhenStale { get; } = form.ContainsKey("on-top") ? WhenStale.PutOnTop : WhenStale.Ask;

    /// <summary>Whether the class as it would be is kept as a copy of its own.</summary>
    public bool AsCopy { get; } = form.ContainsKey("as-copy");

    /// <summary>Whether the class is to be put back on the shelf first.</summary>
    public bool BringsBack { get; } = form.ContainsKey("bring-back");

    /// <summary>Every field that was typed, to be posted again with another word on how.</summary>
    public IReadOnlyList<KeyValuePair<string, string>> Carried() =>
    [
        .. Form.Where(f => !f.Key.StartsWith("__", StringComparison.Ordinal) && f.Key is not ("revision" or "on-top" or "as-copy" or "bring-back" or "do" or "did"))
            .Select(f => KeyValuePair.Create(f.Key, f.Value.ToString()))
            .Append(KeyValuePair.Create("did", Do)),
    ];

    /// <summary>The refusal, with all that was typed.</summary>
    public FailedEdit Failed(SaveResult result) => new(
        Do,
        NumberIn(Form, "block"),
        Station,
        result.Field,
        string.Join("; ", result.Errors.Select(e => e.Message)),
        result.Errors,
        Form.Where(f => !f.Key.StartsWith("__", StringComparison.Ordinal)).ToDictionary(f => f.Key, f => f.Value.ToString()));

    private static int NumberIn(IFormCollection form, string key) =>
        int.TryParse(form[key].ToString(), NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : 0;
}
