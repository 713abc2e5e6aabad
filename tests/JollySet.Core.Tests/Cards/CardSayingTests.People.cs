using System.Collections.Immutable;
using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>What is written for people: a way for whoever spares something, what two partners do, a table with levels.</content>
public partial class CardSayingTests
{
    private static readonly ImmutableArray<string> ForWhom = ["squats for bad knees", "squats if bad knees", "bad knees: squats", "for sore knees: squats", "if bad knees: squats", "squats with bad knees", "squats if knees hurt", "squats if your knees hurt", "squats if knees are sore", "squats for those with bad knees", "squats if you have dodgy knees", "squats for anyone with sore knees", "squats instead if bad knees", "bad knees do squats", "bad knees = squats", "with bad knees do squats", "if knees hurt do squats", "if bad knees, squats", "swap for squats if sore knees", "drop to squats if knees hurt", "do squats if bad knees", "or squats for bad knees", "option for bad knees: squats", "bad knees option: squats", "bad knees can do squats", "squats for people with bad knees", "bad knees → squats"];

    [Fact]
    public void A_way_for_whoever_spares_something() =>
        Holds(from whom in ForWhom from amount in new[] { "jump squats x12", "12 jump squats", "jump squats 12", "jump squats - 12 reps" } from sign in new[] { "({0})", "- {0}", ", {0}", "/ {0}" } select $"{amount}{(sign[0] == ',' ? "" : " ")}{string.Format(Invariant, sign, whom)}",
            line => $"3 rounds\n{line}\nrows x10\n", _ => "\njump squats x12 | for knees: squats\nrows x10\n", every: 2);

    [Theory]
    [InlineData("deadlifts x12 (glute bridges if her back hurts)", "deadlifts x12 | for low back: glute bridges", "")]
    [InlineData("press-ups 12 / wall press-ups (sore shoulders)", "press-ups x12 | for shoulders: wall press-ups", "needs: shoulders")]
    [InlineData("press-ups x12, wall press-ups if Una has bad wrists", "press-ups x12", "needs: wrists")]
    [InlineData("squats x12 with band", "squats with band x12", "")]
    [InlineData("squats x12 (clams for hips)", "squats x12 | for hips: clams", "")]
    [InlineData("squats x12, clams for hips", "squats x12", "clams for hips")]
    public void Whoever_is_said_to_have_it_is_heard(string line, string becomes, string need) =>
        Holds([line], l => $"3 rounds\n{l}\nrows x10\n", _ => becomes, also: need);

    [Fact]
    public void What_two_partners_do() =>
        Holds(from who in new[] { ("P1", "P2"), ("Partner 1", "Partner 2"), ("Partner A", "partner B"), ("A", "B"), ("One", "the other"), ("one partner", "the other"), ("Person 1", "person 2"), ("one of you", "the other one"), ("first partner", "second partner") }
              from does in new[] { ("holds a ", "does "), ("in ", "does "), ("", ""), (": ", ": "), (" - ", " - ") }
              from sign in new[] { " while ", ", ", " whilst ", " and " }
              from swap in new[] { " - swap", ", then swap", ", swap over", " (swap)" }
              from count in new[] { "20 star jumps", "star jumps x20" }
              select $"{Of(who.Item1, does.Item1)}plank{sign}{Of(who.Item2, does.Item2)}{count}{swap}",
            line => $"Partners - 4 rounds\n{line}\n", _ => "== Partners (circuit, 4 rounds)\n", every: 5, also: "plank 30s\nstar jumps x20\n");

    private static string Of(string who, string does) => does is [not (':' or ' '), ..] or "" ? $"{who} {does}" : who + does;

    [Theory]
    [InlineData("P1 wall sit, P2 10 burpees - swap x 3")]
    [InlineData("Partner 1 does a wall sit while partner 2 does 10 burpees, then swap. 3 rounds")]
    [InlineData("A in wall sit while B does burpees x10, swap over, 3 times each")]
    public void How_often_they_swap(string line)
    {
        var sheet = SheetWriter.Write(CardReader.Read($"Quay\nsquats x20\n{line}\n")!.Plan);

        Assert.Contains("(circuit, 3 rounds)", sheet, StringComparison.Ordinal);
        Assert.Contains("\nwall sit 30s\nburpees x10\n", sheet, StringComparison.Ordinal);
        Assert.Contains("wall sit", sheet[sheet.IndexOf("note: ", StringComparison.Ordinal)..], StringComparison.Ordinal);
    }

    [Fact]
    public void When_they_swap_is_not_how_the_block_runs() =>
        Assert.Contains("(circuit, 3 rounds)\nnote: \"P1 plank, P2 squats, swap every 30 secs\"\nplank 30s\nsquats x10\nrows x10\n", SheetWriter.Write(CardReader.Read("Quay\n3 rounds\nP1 plank, P2 squats, swap every 30 secs\nrows x10\n")!.Plan), StringComparison.Ordinal);

    [Theory]
    [InlineData("1 squat and 2 press-ups")]
    [InlineData("A squats, B rows")]
    public void Two_moves_are_no_partners(string line) =>
        Assert.DoesNotContain("pairs", SheetWriter.Write(CardReader.Read($"Quay\n3 rounds\n{line}\nrows x10\n")!.Plan), StringComparison.Ordinal);

    [Fact]
    public void A_table_with_levels() =>
        Holds(from heads in new[] { "Exercise,Easier,Harder", "Move,Easier option,Harder option", "Exercise,Regression,Progression", "Station,Low,High", "Exercise,Beginner,Advanced", "Standard,Easier,Harder", "Main,Easier,Harder", "Level 2,Level 1,Level 3", "Intermediate,Beginner,Advanced", "L2,L1,L3", "What,Make it easier,Make it harder", "Exercise,Down,Up", "Exercise,Level 1,Level 2", "Exercise,Simpler,Tougher", "Move,Regress,Progress" }
              from rows in new[] { "Press-ups,knee press-ups,decline press-ups|Squats,sit to stand,jump squats|Bicycle crunches,crunches,v-ups" }
              from sign in new[] { ",", ";", "\t", " | ", "   " }
              from isCounted in new[] { false, true }
              select string.Join('\n', rows.Split('|').Prepend(heads).Select((row, at) => (isCounted ? $"{(at == 0 ? "#" : at)}," : "") + row)).Replace(",", sign, StringComparison.Ordinal),
            table => $"3 rounds 40/20\n{table}\n", _ => "(circuit, 3 rounds, work 40, rest 20)\nPress-ups | easier: knee press-ups | harder: decline press-ups\nSquats | easier: sit to stand | harder: jump squats\nBicycle crunches | easier: crunches | harder: v-ups\n");

    [Fact]
    public void Whoever_has_to_be_spared_is_heard_wherever_it_is_said() =>
        Holds(from part in new[] { ("knee", "knees"), ("wrist", "wrists"), ("shoulder", "shoulders"), ("back", "low back"), ("neck", "neck"), ("hip", "hips"), ("ankle", "ankles"), ("elbow", "elbows"), ("pelvic floor", "pelvic floor") }
              from said in new[] { "{0} friendly", "{0}-friendly", "{0} safe", "{0} issues", "{0} problems", "{0} trouble", "{0} pain", "kind to {0}s", "no pressure on {0}s", "2 with {0} problems", "weak {0}" }
              from card in new[] { "{0}\n3 rounds\nsquats x10", " – {0}\n3 rounds\nsquats x10", "\n3 rounds ({0})\nsquats x10", "\n3 rounds\nsquats x10\n{0}" }
              select (Card: string.Format(Invariant, card.StartsWith('{') ? $"\n{card}" : card, string.Format(Invariant, said, part.Item1).Replace("floors", "floor", StringComparison.Ordinal)), Need: part.Item2, 0),
            c => $"{c.Card}\n", c => $"needs: {c.Need}", isBehindTitle: true);

    [Theory]
    [InlineData("Pelvic floor & breathing 5 mins")]
    [InlineData("ankle circles x10")]
    [InlineData("elbow plank 30s")]
    public void A_part_of_the_body_is_no_need_where_it_works(string line) =>
        Assert.DoesNotContain("needs:", SheetWriter.Write(CardReader.Read($"Quay\n3 rounds\nsquats x10\n{line}\n")!.Plan), StringComparison.Ordinal);

    /// <summary>What a hand that nobody had read before wrote, and was lost or taken for something else.</summary>
    [Theory]
    [InlineData("Each move 3 sets of 8, 60s rest\nsquats\nrows", "(straight, 3 rounds, rest 60)\nsquats x8\nrows x8\n")]
    [InlineData("Everything 30 secs, 30 secs rest, go round twice\nsquats\nrows", "(circuit, 2 rounds, work 30, rest 30)\nsquats\nrows\n")]
    [InlineData("2 rounds 40/20\nsquats\nrows\n2 mins for a drink in between", "(circuit, 2 rounds, work 40, rest 20, between 120 water)\nsquats\nrows\n")]
    [InlineData("Superset: 3 x 12 curls + 3 x 12 rows, 60 s", "== Superset (superset, 3 rounds, rest 60)\ncurls x12\nrows x12\n")]
    [InlineData("SS1: curls x 10 / rows x 10 - 3 sets - 60s", "(superset, 3 rounds, rest 60)\ncurls x10\nrows x10\n")]
    [InlineData("finisher: press ups AMRAP 4 min", "== finisher (circuit)\npress ups 240s | note: as many as you can")]
    [InlineData("0-3 warm up\n3-13 circuit: 30/15, squats, rows, deadlifts x 2\n13-20 stretch", "== circuit (circuit, 2 rounds, work 30, rest 15)\nsquats\nrows\ndeadlifts\n")]
    [InlineData("tone 1: squats, rows, press ups - 12 each x 2\ntone 2: repeat tone 1", "== \"tone 2\" (circuit, 2 rounds)\nsquats x12\nrows x12\npress ups x12\n")]
    [InlineData("10-20-30-20-10 secs\nswings\nsquats\n30s rest after each rung", "(pyramid 10s..30s..10s step 10s, rest 30)\nswings\nsquats\n")]
    [InlineData("squats, rows, press ups\nlunges, curls, dips\n3 rounds 40/20", "(circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\npress ups\nlunges, alternating\ncurls\ntriceps dip\n")]
    [InlineData("3 rounds of squats (10), rows (12), burpees (8)", "(circuit, 3 rounds)\nsquats x10\nrows x12\nburpees x8\n")]
    [InlineData("BURPEES 30\nSQUATS 30\nPLANK 30\nREST 30\n3 rounds", "BURPEES 30s\nSQUATS 30s\nPLANK 30s\n")]
    [InlineData("squats, rows and press ups, 40/20 x3 (no jumping)", "(circuit, 3 rounds, work 40, rest 20)\n")]
    [InlineData("BANDS 50/10, 2 rounds\nlat pull, chest press, squat + row, lateral walk, pull aparts", "== BANDS (circuit, 2 rounds, work 50, rest 10)\nlat pull\nchest press\nsquat + row\nlateral walk\npull aparts\n")]
    [InlineData("BALLS 12 reps each, 3 rounds\nball squat / ball hamstring curl / ball crunch / ball pass", "ball squat x12\nball hamstring curl x12\nball crunch x12\nball pass x12\n")]
    [InlineData("20 secs, 30 secs, 40 secs, 30, 20\nsquats\nrows", "(pyramid 20s..40s..20s step 10s)\nsquats\nrows\n")]
    [InlineData("3 rounds 40/20\nsquats\nrows\nStretch & natter 10", "== \"Stretch & natter\" (own 600s)\n")]
    [InlineData("3 rounds 40/20\nsquats\nrows\nBalance: 5 mins behind the chair", "== Balance (own 300s)\nnote: behind the chair\n")]
    [InlineData("Tabata\nBicycles / flutter kicks", "(circuit, 4 rounds, work 20, rest 10)\nBicycles\nflutter kicks\n")]
    [InlineData("squats x10\nrows x10\nfinish: TGU 1/1 x 3", "TGU x3, each side\n")]
    [InlineData("3 rounds\nrows x10\n100 squats shared", "\nsquats x100 | note: shared\n")]
    [InlineData("3 rounds 40/20\nsquats\nrows\nThen core\n3 x 30s hollow hold\n3 x 20 crunches", "== core (straight, 3 rounds)\nhollow hold 30s\ncrunches x20\n")]
    [InlineData("Arms: curls 10, shoulder press 8\nAlso twice.", "(circuit, 2 rounds)\ncurls x10\nshoulder press x8\n")]
    [InlineData("2-4-6-8-10-8-6-4-2\nKB swings\ngoblet squats\nrest 30s between rungs", "(pyramid 2..10..2 step 2, rest 30)\n")]
    [InlineData("Block A x3: 30s each squat, push up, row\nBlock B x3: 30s each lunge, press, curl\nRepeat block A x2", "== Block B (circuit, 3 rounds, work 30)\nlunge, alternating\npress\ncurl\n\n== \"Block A 2\" (circuit, 2 rounds, work 30)\nsquat\npush up\nrow\n")]
    [InlineData("Warm up: bean game 5 min\nIn pairs, 30 sec each then swap, 8 stations, once round\n1 step ups\n2 ball slams\n3 plank", "(own 300s)\nnote: bean game\n")]
    public void Of_an_unseen_hand(string card, string becomes) => Holds([card], c => $"{c}\n", _ => becomes);

    [Theory]
    [InlineData("Tabata Tuesday 30 mins\nWarm up 4\nT1 squats / jump squats\nT2 press ups / plank\n1 min rest after each tabata\nStretch 4", "== T1 (circuit, 4 rounds, work 20, rest 10, after 60)\nsquats\njump squats\n")]
    [InlineData("19:00 welcome\n19:03 warm up\n19:10 circuit 1 (4 x 40/20 squat / row / press)\n19:27 water\n19:29 circuit 2 (3 x 30/15 burpee / plank / skater)\n19:40 stretch\n19:45 end", "(circuit, 4 rounds, work 40, rest 20, after 120 water)\nsquat\nrow\npress\n")]
    [InlineData("KB complexes w/ 12kg - 3 sets each, 1 min rest\nComplex 1: 5 deadlifts, 5 cleans, 5 squats\nComplex 2: 6 swings, 6 goblet squats, 6 high pulls", "== \"Complex 2\" (trio, 3 rounds, rest 60)\nswings x6\n")]
    public void A_whole_card_of_an_unseen_hand(string card, string becomes) =>
        Assert.Contains(becomes, SheetWriter.Write(CardReader.Read(card)!.Plan), StringComparison.Ordinal);

    [Fact]
    public void A_numbered_station_is_no_title()
    {
        var sheet = SheetWriter.Write(CardReader.Read("STATION 1: Battle ropes (easier: slower)\nSTATION 2: Box jumps (easier: step ups)\nSTATION 3: Cone dash (mind the wall)\n50 seconds work, 25 seconds change\n")!.Plan);

        Assert.EndsWith("(circuit, work 50, rest 25)\nBattle ropes | easier: slower\nBox jumps | easier: step ups\nCone dash | note: mind the wall\n", sheet.Replace("\"", "", StringComparison.Ordinal), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("STATION 2: Strap row (easier: slower) - sore wrists")]
    [InlineData("STATION 2: Cone dash - mind Una's knees, they are sore")]
    public void Nobody_is_spared_by_a_name(string line)
    {
        var sheet = SheetWriter.Write(CardReader.Read($"STATION 1: Battle ropes\n{line}\nSTATION 3: squats\n50 seconds work, 25 seconds change\n")!.Plan).Split('\n');

        Assert.Contains(sheet, l => (l.StartsWith("needs:", StringComparison.Ordinal) || l.Contains("note: ", StringComparison.Ordinal)) && (l.Contains("wrists", StringComparison.Ordinal) || l.Contains("knees", StringComparison.Ordinal)));
    }

    [Fact]
    public void Whoever_is_spared_in_the_first_line_is_heard() =>
        Assert.Contains("shoulders", SheetWriter.Write(CardReader.Read("Chair strength, 45 min. No floor work, mind shoulders (Pat)\nsquats x10\n")!.Plan).Split('\n').Single(l => l.StartsWith("needs:", StringComparison.Ordinal)), StringComparison.Ordinal);

    [Fact]
    public void What_greets_several_classes_is_no_block() =>
        Assert.All(CardClasses.Read("Hi, classes for the week:\n\nMon 18:30\n3 rounds 40/20\nsquats\nrows\n\nWed 19:30\n4 rounds\n10 swings\n12 lunges\n", JollySet.Core.Moves.MoveLibrary.Shipped), c => Assert.Single(c.Reading.Plan.Blocks));
}
