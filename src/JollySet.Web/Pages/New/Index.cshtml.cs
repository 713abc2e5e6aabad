using System.Text;
using System.Text.RegularExpressions;
using JollySet.Core.Cards;
using JollySet.Core.Keeping;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.New;

/// <summary>A new class: from a few words of brief, from a sheet typed or pasted, or from a file.</summary>
public sealed partial class NewModel(ClassBook shelf, RulesBook rules, MovesBook moves) : PageModel
{
    /// <summary>What was typed or pasted.</summary>
    public string Text { get; private set; } = "";

    /// <summary>What was typed as a title and minutes.</summary>
    public (string Title, string Minutes) Brief { get; private set; } = ("", "30");

    /// <summary>What stands in the way.</summary>
    public IReadOnlyList<SheetError> Errors { get; private set; } = [];

    /// <summary>Which of the three ways the errors belong to.</summary>
    public string Failed { get; private set; } = "";

    /// <summary>Shows the three ways.</summary>
    public void OnGet()
    {
    }

    /// <summary>What was pasted, as it is understood line by line; null where nothing was pasted yet.</summary>
    public CardView? Card { get; private set; }

    /// <summary>From what was typed or pasted: our own notation and JSON are read as they are, anything else as a card.</summary>
    public IActionResult OnPostText(string? text)
    {
        Text = text ?? "";
        return IsNotation(Text) ? Kept(PlanReader.Read(Text), "text") : Shown(Text);
    }

    /// <summary>Whether it is a class sheet or its JSON, right or wrong; anything else is a card.</summary>
    private static bool IsNotation(string text) => string.IsNullOrWhiteSpace(text) || text.TrimStart('\uFEFF', ' ', '\r', '\n', '\t').StartsWith('{') || BlockHead().IsMatch(text);

    /// <summary>A card whose lines or answers were changed: read again, or put on the shelf, its classes each or all of it as one.</summary>
    public IActionResult OnPostCard([FromForm] string[] line)
    {
        var text = string.Join('\n', line.Select(l => l ?? "")).ReplaceLineEndings("\n");
        text = CardView.Answered(text, CardClasses.Read(text, rules.Studio().Library), Request.Form);
        var asked = Request.Form["do"].ToString();
        var classes = CardClasses.Read(text, rules.Studio().Library, asOne: asked == "one");
        if (asked is not ("keep" or "one") || classes.IsEmpty)
            return Shown(text);
        var passed = classes.Select(c => Gate.Pass(c.Reading.Plan)).ToList();
        if (passed.Exists(p => p.Passed is null))
            return Wrong("text", [.. passed.SelectMany(p => p.Errors)]);
        foreach (var one in classes)
            moves.Learn(one.Reading.Plan);
        // What came last hangs first: the card's first class last.
        var kept = Enumerable.Reverse(passed).Select(p => shelf.Add(p.Passed!, "read from a card").Id).ToList();
        return Redirect(kept.Count == 1 ? $"/plan/{kept[0]}" : "/");
    }

    private IActionResult Shown(string text)
    {
        Text = text;
        if (CardClasses.Read(text, rules.Studio().Library) is not { IsEmpty: false } classes)
            return Wrong("text", new SheetError(1, 1, $"{Encoding.UTF8.GetByteCount(text) / 1000} kB", CardReader.TooLarge));
        Card = CardView.Of(text, classes, rules.Studio());
        return Request.Headers.ContainsKey("HX-Request") ? Partial("_Card", Card) : Page();
    }

    [GeneratedRegex(@"^==.+\)\s*$", RegexOptions.Multiline)]
    private static partial Regex BlockHead();

    /// <summary>From a file.</summary>
    public IActionResult OnPostFile(IFormFile? file)
    {
        if (file is null || file.Length == 0)
            return Wrong("file", new SheetError(1, 1, "", file is null ? "choose a file first" : "the file is empty"));
        if (file.Length > Limits.JsonBytes)
            return Wrong("file", new SheetError(1, 1, $"{file.Length / 1000} kB", $"a sheet is at most {Limits.Bytes / 1000} kB, a class in JSON {Limits.JsonBytes / 1000} kB"));
        using var stream = new MemoryStream();
        file.CopyTo(stream);
        var read = PlanReader.Read(stream.ToArray());
        if (stream.ToArray().AsSpan().Contains((byte)0))
            return Kept(read, "file");
        var text = Encoding.UTF8.GetString(stream.ToArray()).TrimStart('\uFEFF');
        if (!IsNotation(text))
            return Shown(text);
        Text = read.IsGood ? "" : text;
        return Kept(read, "file");
    }

    /// <summary>From a title and minutes: an empty class to fill.</summary>
    public IActionResult OnPostBrief(string? title, string? minutes)
    {
        Brief = (title ?? "", minutes ?? "");
        if (!int.TryParse(minutes, out var booked) || booked is < 1 or > 720)
            return Wrong("brief", new SheetError(1, 1, minutes ?? "", "minutes are a whole number from 1 to 720"));
        if (title?.Trim().Length is null or 0 or > Limits.NameLetters)
            return Wrong("brief", new SheetError(1, 1, title ?? "", $"a title has from 1 to {Limits.NameLetters} letters"));
        var sheet = SheetReader.Read($"# x\nminutes: {booked}\n== Welcome (talk 40s)\n== Warm-up (prepare, work 40, rest 10, after 30)\n== A (circuit, 3 rounds, work 40, rest 20, between 60, after 60 water)\n== Cool-down (release, work 30, rest 10)\n");
        return Kept(new ReadResult(sheet.Plan! with { Title = title.Trim() }, []), "brief");
    }

    private IActionResult Kept(ReadResult read, string way)
    {
        if (read.Plan is not { } plan)
            return Wrong(way, [.. read.Errors]);
        var (passed, errors) = Gate.Pass(plan);
        if (passed is null)
            return Wrong(way, [.. errors]);
        moves.Learn(plan);
        var kept = shelf.Add(passed, way == "brief" ? "begun" : "read from a sheet");
        return Redirect($"/plan/{kept.Id}");
    }

    private PageResult Wrong(string way, params SheetError[] errors)
    {
        (Failed, Errors) = (way, errors);
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }
}
