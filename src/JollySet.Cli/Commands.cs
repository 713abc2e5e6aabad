using System.Globalization;
using System.Text.Json;
using JollySet.Core.Balance;
using JollySet.Core.Cards;
using JollySet.Core.Checks;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Export;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Cli;

/// <summary>The verbs of the command line. Nothing but the answer goes to standard output.</summary>
public static class Commands
{
    private const int Good = 0;
    private const int Findings = 1;
    private const int Unreadable = 2;

    private const string Usage = """
        jolly timeline FILE [--format csv|json|vtt|ics|md] [--start 2026-11-24T18:30]
        jolly totals FILE [--json]
        jolly check FILE [--json] [--fix CODE]
        jolly fit FILE --minutes N [--lock BLOCK/WHAT] [--take K] [--json]
        jolly order FILE [--block NAME] [--muscles N] [--floor N] [--kit N] [--pin BLOCK/N] [--pair BLOCK/N] [--apply] [--json]
        jolly balance FILE [--json]
        jolly effort FILE [--json]
        jolly coverage FILE [--needs N,N] [--json]
        jolly kit FILE [--people N] [--json]
        jolly words FILE [--format text|json|vtt] [--json]
        jolly take FILE --as chapters|intervals|words|captions|wav|run-sheet|handout|ics|md [--out PATH] [--beats N] [--start WHEN]
        jolly convert FILE --to sheet|json|card|csv|md
        jolly moves [--json]
        jolly name NAME… | - [--json]
        jolly card FILE [--json]
        jolly draft --minutes N [--focus F] [--goal G] [--audience A] [--needs N] [--kit K] [--format circuit|supersets|trios|straight|minute|ladder] [--seed N] [--json]
        FILE is a class sheet or its JSON; - is standard input. --rules FILE: house rules as JSON.
        """;

    /// <summary>Runs one verb: 0 good, 1 findings of severity stop, 2 input that cannot be read.</summary>
    /// <param name="start">When a calendar's event begins unless <c>--start</c> says otherwise.</param>
    public static int Run(string[] args, Stream input, TextWriter output, TextWriter error, DateTime start)
    {
        var (arguments, wrong) = Arguments.Parse(args);
        if (arguments is null)
            return Refuse(error, wrong!);
        if (arguments.Verb == "moves")
            return Answer(output, arguments.Has("--json") ? MovesAnswer.Json() : MovesAnswer.Table());
        if (arguments.Verb == "name")
            return Names(arguments, input, output, error);
        if (arguments.Verb == "card" && arguments.File is { } card)
            return Card(card, arguments.Has("--json"), input, output, error);
        if (arguments.Verb == "draft")
            return DraftOf(arguments, output, error);
        if (arguments.Verb is not ("card" or "timeline" or "totals" or "check" or "fit" or "order" or "balance" or "effort" or "coverage" or "kit" or "words" or "take" or "convert"))
            return Refuse(error, arguments.Verb.Length == 0 ? "a verb is expected" : $"there is no verb “{arguments.Verb}”", Usage);
        if (arguments.File is null)
            return Refuse(error, $"{arguments.Verb} needs a FILE");
        if (!TryRead(arguments.File, input, error, out var plan) || !TryStudio(arguments, error, out var studio))
            return Unreadable;
        if (arguments.Options.TryGetValue("--start", out var said) && !DateTime.TryParse(said, CultureInfo.InvariantCulture, DateTimeStyles.None, out start))
            return Refuse(error, $"“{said}” is no date and time; write 2026-11-24T18:30");
        return arguments.Verb switch
        {
            "timeline" => TimelineOf(arguments, TimelineBuilder.Build(plan, studio), output, error, start),
            "totals" => TotalsOf(arguments, TimelineBuilder.Build(plan, studio), output),
            "balance" => Balance(arguments, TimelineBuilder.Build(plan, studio), output),
            "effort" => Answer(output, arguments.Has("--json") ? EffortAnswer.Json(TimelineBuilder.Build(plan, studio)) : EffortAnswer.Table(TimelineBuilder.Build(plan, studio))),
            "coverage" => Answer(output, CoverageAnswer.Of(TimelineBuilder.Build(plan, studio), arguments)),
            "kit" => Kit(arguments, TimelineBuilder.Build(plan, studio), output, error),
            "words" => Words(arguments, TimelineBuilder.Build(plan, studio), output, error),
            "take" => TakeAlong.Run(arguments, TimelineBuilder.Build(plan, studio), output, error, start),
            "fit" => Fit(arguments, plan, studio, output, error),
            "order" => Order(arguments, plan, studio, output, error),
            "check" => Check(arguments, plan, studio, output, error),
            _ => Convert(arguments, plan, output, error),
        };
    }

    /// <summary>A scribbled card as a class sheet, its questions on standard error; 1 with questions.</summary>
    private static int Card(string file, bool json, Stream input, TextWriter output, TextWriter error)
    {
        string text;
        try
        {
            using var stream = file == "-" ? input : File.OpenRead(file);
            text = new StreamReader(stream).ReadToEnd();
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return Refuse(error, $"{file} cannot be read");
        }

        if (CardReader.Read(text) is not { } reading)
            return Refuse(error, CardReader.TooLarge);
        Answer(output, json ? CardAnswer.Json(reading) : SheetWriter.Write(reading.Plan));
        if (!json)
            foreach (var question in reading.Questions)
                error.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{question.Line}:{question.Column}: {question.Text} {string.Join(" | ", question.Choices.Select(c => c.Label))}"));
        return reading.Questions.IsEmpty ? Good : Findings;
    }

    /// <summary>A class from a brief; every line that is not understood on standard error.</summary>
    private static int DraftOf(Arguments arguments, TextWriter output, TextWriter error)
    {
        if (!TryStudio(arguments, error, out var studio))
            return Unreadable;
        var (answer, wrong) = DraftCommand.Run(arguments, studio);
        return answer is null ? Refuse(error, string.Join("\n1:1: ", wrong)) : Answer(output, answer);
    }

    /// <summary>How names are understood, one a line of standard input where <c>-</c> is said; 1 where one is unknown.</summary>
    private static int Names(Arguments arguments, Stream input, TextWriter output, TextWriter error)
    {
        var names = arguments.Words.ToList();
        if (names is ["-"])
            names = [.. new StreamReader(input).ReadToEnd().Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)];
        if (names.Count == 0)
            return Refuse(error, "name needs a NAME, or - and names on standard input");
        var readings = names.Select(MoveLibrary.Shipped.Reader.Read).ToList();
        Answer(output, arguments.Has("--json") ? NameAnswer.Json(readings) : NameAnswer.Table(readings));
        return readings.Any(r => r.Known == Sureness.Unknown) ? Findings : Good;
    }

    private static int TimelineOf(Arguments arguments, Timeline timeline, TextWriter output, TextWriter error, DateTime start) =>
        arguments.Options.GetValueOrDefault("--format", "csv") switch
        {
            "csv" => Answer(output, CsvExport.Write(timeline)),
            "json" => Answer(output, JsonExport.Timeline(timeline)),
            "vtt" => Answer(output, CueSheets.Vtt(timeline)),
            "ics" => Answer(output, Calendars.Entry(timeline, start)),
            "md" => Answer(output, CueSheets.Markdown(timeline)),
            var other => Refuse(error, $"“{other}” is no format; there are csv, json, vtt, ics and md"),
        };

    /// <summary>What to say and when.</summary>
    private static int Words(Arguments arguments, Timeline timeline, TextWriter output, TextWriter error)
    {
        var sheet = CueSheet.Of(timeline, Voice.Usual);
        return (arguments.Has("--json") ? "json" : arguments.Options.GetValueOrDefault("--format", "text")) switch
        {
            "text" => Answer(output, WordsExport.Text(sheet)),
            "json" => Answer(output, WordsExport.Json(sheet)),
            "vtt" => Answer(output, WordsExport.Vtt(sheet)),
            var other => Refuse(error, $"“{other}” is no format; there are text, json and vtt"),
        };
    }

    private static int TotalsOf(Arguments arguments, Timeline timeline, TextWriter output)
    {
        var totals = Totals.Of(timeline);
        return Answer(output, arguments.Has("--json") ? JsonExport.Totals(totals) : TotalsTable.Of(totals));
    }

    private static int Check(Arguments arguments, ClassPlan plan, Studio studio, TextWriter output, TextWriter error)
    {
        var findings = Review.Of(TimelineBuilder.Build(plan, studio));
        if (arguments.Options.TryGetValue("--fix", out var code))
        {
            var (mended, fixes) = Review.Mended(plan, studio, code);
            if (fixes == 0)
                return Refuse(error, $"there is no finding “{code}” with a fix");
            return Answer(output, SheetWriter.Write(mended));
        }

        Answer(output, arguments.Has("--json")
            ? JsonExport.Findings(findings)
            : findings.IsEmpty ? "Nothing to mend.\n" : string.Concat(findings.Select(f => $"{f.Severity.ToString().ToLowerInvariant(),-5} {f.Code,-16} {f.Message}\n")));
        return findings.Any(f => f.Severity == Severity.Stop) ? Findings : Good;
    }

    private static int Balance(Arguments arguments, Timeline timeline, TextWriter output) =>
        Answer(output, arguments.Has("--json") ? BalanceAnswer.Json(ClassBalance.Of(timeline), Recovery.Of(timeline)) : BalanceAnswer.Table(ClassBalance.Of(timeline)));

    private static int Kit(Arguments arguments, Timeline timeline, TextWriter output, TextWriter error)
    {
        var (text, wrong) = KitAnswer.Of(timeline, arguments);
        return text is null ? Refuse(error, wrong!) : Answer(output, text);
    }

    private static int Fit(Arguments arguments, ClassPlan plan, Studio studio, TextWriter output, TextWriter error)
    {
        var (text, fits, wrong) = FitCommand.Run(arguments, plan, studio);
        if (text is null)
            return Refuse(error, wrong!);
        Answer(output, text);
        return fits ? Good : Findings;
    }

    private static int Order(Arguments arguments, ClassPlan plan, Studio studio, TextWriter output, TextWriter error)
    {
        var (text, wrong) = OrderCommand.Run(arguments, plan, studio);
        return text is null ? Refuse(error, wrong!) : Answer(output, text);
    }

    private static int Convert(Arguments arguments, ClassPlan plan, TextWriter output, TextWriter error) => arguments.Options.GetValueOrDefault("--to") switch
    {
        "sheet" => Answer(output, SheetWriter.Write(plan)),
        "json" => Answer(output, JsonPlanWriter.Write(plan)),
        "card" => Answer(output, PlainCard.Write(plan)),
        "csv" => Answer(output, PlainTable.Csv(plan)),
        "md" => Answer(output, PlainTable.Markdown(plan)),
        _ => Refuse(error, "convert needs --to sheet, json, card, csv or md"),
    };

    private static bool TryRead(string file, Stream input, TextWriter error, out ClassPlan plan)
    {
        plan = null!;
        if (!TryBytes(file, input, error, out var bytes))
            return false;
        var read = PlanReader.Read(bytes);
        foreach (var fault in read.Errors)
            error.WriteLine(fault);
        plan = read.Plan!;
        return read.IsGood;
    }

    private static bool TryBytes(string file, Stream input, TextWriter error, out byte[] bytes)
    {
        bytes = [];
        try
        {
            using var stream = file == "-" ? input : File.OpenRead(file);
            var buffer = new byte[(Limits.Bytes * 2) + 1];
            bytes = buffer[..stream.ReadAtLeast(buffer, buffer.Length, throwOnEndOfStream: false)];
            return true;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException or ArgumentException)
        {
            error.WriteLine($"1:1: {file} cannot be read: {e.Message}");
            return false;
        }
    }

    private static bool TryStudio(Arguments arguments, TextWriter error, out Studio studio)
    {
        studio = Studio.Shipped;
        if (!arguments.Options.TryGetValue("--rules", out var file))
            return true;
        try
        {
            using var json = JsonDocument.Parse(File.ReadAllText(file));
            foreach (var rule in json.RootElement.EnumerateObject())
                studio = studio with { Rules = studio.Rules.Set(rule.Name, rule.Value.GetDecimal()) };
            return true;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException or JsonException or InvalidOperationException or FormatException or ArgumentOutOfRangeException)
        {
            error.WriteLine($"1:1: {file} gives no house rules: {e.Message.Split('\n')[0]}");
            return false;
        }
    }

    internal static int Answer(TextWriter output, string text)
    {
        output.Write(text);
        return Good;
    }

    internal static int Refuse(TextWriter error, string sentence, string? more = null)
    {
        error.WriteLine($"1:1: {sentence}");
        if (more is not null)
            error.WriteLine(more);
        return Unreadable;
    }
}
