using System.Collections.Immutable;
using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>What people send each other: a whole class in a sentence, another way behind a move, a part and its minutes, several classes.</content>
public partial class CardSayingTests
{
    private static readonly ImmutableArray<string> Openings = ["Start with a 5 minute warm up", "Start off with 5 mins warm up", "We'll start with a quick 5 min warm up", "Begin with 5 minutes of warming up", "Kick off with a warm up (5 mins)", "First up, the usual 5 min warm up", "5 mins to warm up", "I start with warm up for 5 minutes", "5 min warm up first", "First warm up for 5 minutes"];
    private static readonly ImmutableArray<string> Mains = ["3 rounds of squats, rows and press ups, 40 seconds on 20 off", "squats, rows, press ups, 40 seconds each with 20 seconds rest, 3 rounds", "squats / rows / press ups, 40/20, 3 times through", "a circuit of squats, then rows, then press ups, 40 seconds on and 20 off, three times round", "3 times round squats and rows and press ups, 40 secs on, 20 secs off", "squats, rows & press ups: 40 on 20 off x 3", "40/20 of squats, rows and press ups for 3 rounds", "we do squats, rows, press ups 40 seconds on, 20 seconds off, 3 rounds", "squats, rows, press ups for 40 seconds each, 20 seconds rest, x3"];
    private static readonly ImmutableArray<string> Rested = ["", ", 1 min rest between rounds", " and a minute's rest between rounds", ", resting a minute between rounds"];
    private static readonly ImmutableArray<string> Closings = ["finish with 5 minutes of stretching", "a 5 min stretch", "finish off with stretching for 5 mins", "and a 5 minute cool down to finish", "end with 5 mins cool down", "to finish, a stretch (5 mins)", "cool down for 5 minutes at the end", "last of all 5 mins stretching", "we finish on a 5 minute cool down"];

    private static readonly ImmutableArray<string> Easier = ["(easier: {0})", "(easy: {0})", "- easier {0}", "(option: {0})", "(mod: {0})", "(regression: {0})", "- option {0}", "(beginners: {0})", "[easier: {0}]", ", easier: {0}", "(newbies: {0})", "(make it easier: {0})", "- make it easier with {0}", "(easier option {0})", "(low option: {0})", "(if tired {0})", "- or {0} if needed", "(drop to {0})", "(scale to {0})", "(modify: {0})", "(lvl 1: {0})", "(reg: {0})", "(swap for {0} if new)"];
    private static readonly ImmutableArray<string> Harder = ["(harder: {0})", "/ harder: {0}", "(advanced: {0})", "- harder: {0}", "(progression: {0})", "(adv: {0})", "(prog: {0})", "(hard: {0})", "(tougher: {0})", ", harder {0}", "(make it harder: {0})", "(to progress: {0})", "(level 3: {0})"];
    private static readonly ImmutableArray<string> Amounts = ["12 {0}", "{0} x12", "{0} x 12", "{0} 12", "12x {0}", "{0} - 12", "{0} (12)", "{0} 12 reps", "12 reps of {0}", "{0}, 12 reps"];
    private static readonly ImmutableArray<string> Weights = ["@ 16kg", "@16kg", "16kg", "(16kg)", "with 16kg", "w/ 16kg", "using 16kg", ", 16kg", "- 16kg", "at 16kg", "[16kg]", "16 kilos", "with a 16kg KB", "w/16kg kettlebell", "(16 kg KB)", "on 16kg"];

    private static readonly ImmutableArray<string> OwnParts = ["5 mins of {0}", "{0} for 5 mins", "{0} (5 mins)", "{0} - 5 mins", "5 minutes {0}", "{0}: 5 min", "{0} x 5 mins", "finish with 5 mins of {0}", "then 5 mins {0}", "5 mins {0} to finish", "5 mins for {0}", "5 mins on {0}", "and 5 mins of {0}", "finish off with {0} for 5 mins", "5 mins of {0} at the end", "{0}, 5 mins", "{0} ~5 mins", "{0} (about 5 mins)", "last 5 mins {0}"];

    [Fact]
    public void A_class_told_in_a_sentence() =>
        Holds(from opening in Openings from main in Mains from rested in Rested from closing in Closings from sign in new[] { ", then ", "; ", " - ", "\n" } select $"{opening}{sign}{main}{rested}{sign}{(sign is ", then " ? closing.Replace("and ", "", StringComparison.Ordinal) : closing)}",
            told => $"{told}\n", told => $"(own 300s)\n\n== A (circuit, 3 rounds, work 40, rest 20{(told.Contains("minute's", StringComparison.Ordinal) || told.Contains("between rounds", StringComparison.Ordinal) ? ", between 60" : "")})\nsquats\nrows\npress ups\n\n== ", every: 97, twice: "(own 300s)");

    [Fact]
    public void A_class_told_in_sentences() =>
        Holds(from opening in Openings from main in Mains from closing in Closings select $"{opening}. {char.ToUpperInvariant(main[0])}{main[1..]}. {char.ToUpperInvariant(closing[0])}{closing[1..]}.",
            told => $"{told}\n", _ => "(own 300s)\n\n== A (circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\npress ups\n\n== ", every: 13, twice: "(own 300s)");

    [Fact]
    public void An_easier_way_behind_a_move() =>
        Holds(from amount in Amounts from way in Easier from move in new[] { ("press-ups", "knee press-ups"), ("jump squats", "squats") } select (Line: $"{string.Format(Invariant, amount, move.Item1)}{(way[0] == ',' ? "" : " ")}{string.Format(Invariant, way, move.Item2)}", Move: move.Item1, Way: move.Item2),
            s => $"3 rounds\n{s.Line}\nrows x10\n", s => $"\n{s.Move} x12 | easier: {s.Way}\nrows x10\n", every: 3);

    [Fact]
    public void A_harder_way_behind_a_move() =>
        Holds(from amount in Amounts from way in Harder select $"{string.Format(Invariant, amount, "press-ups")}{(way[0] == ',' ? "" : " ")}{string.Format(Invariant, way, "decline press-ups")}",
            line => $"3 rounds\n{line}\nrows x10\n", _ => "\npress-ups x12 | harder: decline press-ups\nrows x10\n");

    [Fact]
    public void Another_move_behind_an_amount() =>
        Holds(["12 press-ups or knee press-ups", "press-ups x12 or knee press-ups", "press-ups 12 or knee press-ups", "12 press-ups / knee press-ups", "press-ups (12) / knee press-ups"],
            line => $"3 rounds\n{line}\nrows x10\n", _ => "\npress-ups x12 | easier: knee press-ups\nrows x10\n");

    [Fact]
    public void A_load_behind_a_move_and_its_amount() =>
        Holds(from amount in Amounts from load in Weights select $"{string.Format(Invariant, amount, "goblet squats")}{(load[0] == ',' ? "" : " ")}{load}",
            line => $"3 rounds\n{line}\nrows x10\n", _ => "\ngoblet squats x12 [16kg]\nrows x10\n", every: 2);

    [Fact]
    public void A_part_and_its_minutes() =>
        Holds(from part in OwnParts from name in new[] { "abs", "core", "partner work", "games", "footwork", "relaxation", "foam rolling" } select string.Format(Invariant, part, name),
            line => $"3 rounds 40/20\nsquats\nrows\n{line}\n", _ => "(circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\n\n== ", also: "(own 300s)\n");

    [Theory]
    [InlineData("3 x squats, rows, press ups (40/20)", "(circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\npress ups\n")]
    [InlineData("Circuit x3: squats 10 + rows 12 + burpees 8", "(circuit, 3 rounds)\nsquats x10\nrows x12\nburpees x8\n")]
    [InlineData("Circuit x3 - 10 reps squats, 12 reps rows, 8 reps burpees", "(circuit, 3 rounds)\nsquats x10\nrows x12\nburpees x8\n")]
    [InlineData("40/20 x3: squats + rows + burpees", "(circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\nburpees\n")]
    [InlineData("Block 1 - squats, rows and burpees, 40/20 x3", "== \"Block 1\" (circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\nburpees\n")]
    [InlineData("Finish: child's pose, thread the needle, 90/90", "\"90/90\"\n")]
    public void A_list_and_how_it_runs_around_it(string line, string becomes) => Holds([line], l => $"{l}\n", _ => becomes);

    /// <summary>What opens a line and is only what is done in it, and a part of two names, are left whole.</summary>
    [Theory]
    [InlineData("Warm-up 8 minutes, marching and side steps", "(prepare, work 240)\nmarching\nside steps\n")]
    [InlineData("COOL DOWN AND STRETCH 5 MINS", "== COOL DOWN AND STRETCH (own 300s)")]
    [InlineData("3 rounds 40/20\nsquats\nrows\n7. Stretch 5 mins", "== Stretch (own 300s)\n")]
    [InlineData("3 rounds 40/20\nsquats\nrows\nrest 5 mins then plank", "squats\nrows\n")]
    public void What_is_one_part_stays_one(string card, string becomes) => Holds([card], c => $"{c}\n", _ => becomes);

    [Theory]
    [InlineData("9.30 Seniors", "10.30 Circuits")]
    [InlineData("6.15 beginners", "7.15 advanced")]
    [InlineData("Sat 9am Circuits", "Sat 10am Older adults")]
    [InlineData("Tuesday night", "Thursday night")]
    [InlineData("Mon am", "Mon pm")]
    [InlineData("Mon 30/11", "Wed 2/12")]
    [InlineData("1) Monday", "2) Wednesday")]
    [InlineData("Monday -", "Wednesday -")]
    public void Two_classes_on_one_card(string first, string second)
    {
        foreach (var apart in new[] { "\n", "\n\n" })
        {
            var read = CardClasses.Read($"{first}\n3 rounds 40/20\nsquats\nrows\npress ups{apart}{second}\n4 rounds\n10 swings\n12 rows\n", JollySet.Core.Moves.MoveLibrary.Shipped);
            Assert.Equal(2, read.Length);
            Assert.Equal(["(circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\npress ups\n", "(circuit, 4 rounds)\nswings x10\nrows x12\n"], read.Select(r => SheetWriter.Write(r.Reading.Plan)).Select(s => s[s.IndexOf("(circuit", StringComparison.Ordinal)..]));
        }
    }

    private static readonly System.Globalization.CultureInfo Invariant = System.Globalization.CultureInfo.InvariantCulture;
}
