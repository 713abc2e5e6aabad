using System.Collections.Immutable;
using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>One thing said in all the ways people say it, each way beside each of the others: what is meant comes out of all of them. The ways are what coaches write; they were listed before the reader was held to them.</summary>
public partial class CardSayingTests
{
    private static readonly ImmutableArray<string> Work = ["50 sec", "50 secs", "50s", "50 seconds", "50sec", "50 s", "50 secs work", "50s on", "work 50", "50 secs each", "50 seconds per station", "50 seconds at each station", "work for 50 secs", "50 on", "50\"", "50 secs per exercise", "50sec work", "work 50s", "50 seconds of work", "do 50 secs"];
    private static readonly ImmutableArray<string> Rest = ["10 secs rest", "10s rest", "10 seconds to change", "10 sec change", "10 secs to move", "10s off", "rest 10", "10 off", "10 sec changeover", "10 secs change over", "10s transition", "10 seconds to move on", "rest 10 secs", "10 secs recovery", "10 secs break", "10 seconds rest between", "10s between stations", "10 to change", "10 sec swap", "10 secs to get to the next one", "change in 10 secs", "10\" rest", "10s r", "10 rest"];
    private static readonly ImmutableArray<string> Joins = [", ", " / ", " and ", " then ", " + ", " - ", "; ", " & "];
    private static readonly ImmutableArray<string> Before = ["", "5 stations, ", "3 rounds, ", "Block 1: "];

    private static readonly ImmutableArray<string> Sets = ["3x10", "3 x 10", "3 sets of 10", "3 sets x 10", "3 sets x 10 reps", "3 sets of 10 reps", "3 × 10", "10 reps x 3", "10 reps, 3 sets", "10 reps x 3 sets", "x10 x3", "10 x 3 sets", "3 sets, 10 reps", "(3x10)", "- 3x10", "3*10", "10, 10, 10", "10-10-10", "3 lots of 10", "3X10", "3 sets 10 reps", "three sets of ten", "3 by 10", "sets: 3 reps: 10", "3s x 10r", "10 reps for 3 sets", "3 x10", "3x 10", "10 x3 sets"];
    private static readonly ImmutableArray<string> Pause = ["60s rest", ", 60s rest", "rest 60s", "(60s rest)", "/ 60 sec rest", "with 60s rest", ", rest 60", "rest 1 min", ", 1 min rest", "60 sec rest between sets", "r60", "- 60s rest", "@ 60s rest", "+ 60s rest", "w/ 60s rest", "resting 60s", "1 min between sets", ", 60s between", ", 60 secs off", "rest: 60s", "& 60s rest"];

    private static readonly ImmutableArray<string> Counts = ["10 {0}", "{0} x10", "{0} x 10", "{0} 10", "{0} 10 reps", "{0}: 10", "{0} (10)", "{0} - 10", "10x {0}", "10 x {0}", "{0} 10x", "{0}, 10", "{0} = 10", "{0} *10", "10 reps {0}", "10 reps of {0}", "{0} [10]", "{0} (x10)", "{0}; 10", "x10 {0}", "ten {0}", "{0} ten times", "{0} 10 times", "{0} for 10", "{0} ×10", "{0} / 10", "10 - {0}", "10) {0}"];
    private static readonly ImmutableArray<string> Times = ["30s {0}", "{0} 30s", "{0} 30 secs", "{0} - 30 secs", "{0}: 30 seconds", "{0} (30s)", "30 second {0}", "{0} for 30 secs", "{0} x 30s", "{0}, 30s", "hold {0} for 30 seconds", "{0} 0:30", "{0} :30", "{0} 30\"", "30 secs of {0}", "30-second {0}", "thirty second {0}", "{0} half a minute", "{0} 1/2 min", "{0} = 30 secs", "{0} held for 30 secs", "half minute {0}"];
    private static readonly ImmutableArray<string> Sides = ["{0} 10 each side", "10 {0} each side", "{0} 10/side", "{0} 10 per side", "{0} x10 e/s", "{0} 10 ES", "{0} 10 each", "{0} 10 each leg", "{0} x10/leg", "{0} (10 each side)", "10/side {0}", "10 each side {0}", "{0}: 10 each leg", "{0} 10 R 10 L", "{0} 10 R/L", "{0} 10L/10R", "{0} 10+10", "{0} 10 on each side", "{0} 10 on both sides", "{0} 10 ea side", "{0} 10 p/leg", "{0} x10 both legs", "10 reps each side {0}", "10 {0} per leg", "{0} 10 a leg", "{0} 10 each side, then swap"];

    private static readonly ImmutableArray<string> Holds30 = ["3x30s", "3 x 30 secs", "3 sets of 30 secs", "30s x 3", "30 secs x3", "30 sec, 3 sets", "3 lots of 30 secs", "3 times 30 seconds", "30 secs 3 times", "3 x 30 seconds hold", "hold 30s x 3", "3 sets x 30s", "30s 3 sets", "3 rounds of 30 secs", "30 seconds x 3 sets"];
    private static readonly ImmutableArray<string> SetsOfSides = ["3x10 each side", "3 x 10 each leg", "3 sets of 10 each side", "10 each side x 3", "3 x 10 e/s", "3x10/side", "3 x 10 per leg", "3 x 10 (each leg)", "10/leg x 3", "10 each leg, 3 sets", "3x10 es"];
    private static readonly ImmutableArray<string> Loads = ["3x10 @ 20kg", "3x10 20kg", "20kg 3x10", "3x10 (20kg)", "3 sets of 10 @ 20kg", "3x10x20kg", "20kg x 10 x 3", "3x10 with 20kg", "@20kg 3x10", "3x10, 20kg", "3x10 - 20kg", "20kgs 3x10", "(20kg) 3x10", "3 x 10, 20 kilos", "20k 3x10", "3x10 @ 20k"];
    private static readonly ImmutableArray<string> Groups = ["3 x (squats 15, curls 12, rows 12)", "3 rounds: squats 15, curls 12, rows 12", "3x: squats 15, curls 12, rows 12", "3 rounds of 15 squats, 12 curls, 12 rows", "(squats 15, curls 12, rows 12) x 3", "squats 15, curls 12, rows 12 x 3 rounds", "3 rounds (squats 15, curls 12, rows 12)", "squats 15 / curls 12 / rows 12 - 3 rounds", "x3: squats 15, curls 12, rows 12", "15 squats, 12 curls, 12 rows, repeat 3 times", "[15 squats, 12 curls, 12 rows] x3", "3 times: 15 squats, 12 curls, 12 rows", "3 rounds each of 15 squats, 12 curls, 12 rows"];
    private static readonly ImmutableArray<string> Down = ["10-1", "10 to 1", "10 down to 1", "10..1", "ladder 10-1", "10-1 ladder", "countdown 10-1", "10-9-8-7-6-5-4-3-2-1"];

    private static readonly ImmutableArray<string> Rounds = ["x3", "3 rounds", "repeat 3 times", "3 times through", "go round 3 times", "do it 3x", "three rounds", "3 rnds", "3 rds", "3 laps", "3 circuits", "X 3", "all x3", "3 sets", "x 3 rounds", "3x", "3 times", "do 3 rounds", "complete 3 rounds", "3 full rounds", "three times through", "rounds: 3", "3 goes", "repeat x3", "3R", "3 rounds total", "for 3 rounds", "3 times round", "repeat circuit 3 times", "the lot x3", "round x3", "run through 3 times", "repeat all 3 times", "perform 3 rounds", "3 passes", "3 cycles", "three laps", "thrice", "3 loops"];
    private static readonly ImmutableArray<string> Between = ["60s rest between rounds", "rest 60s between rounds", "1 min between rounds", "1 min rest after each round", "rest 1 min then repeat", "60 secs rest at the end of each round", "1 minute rest between each round", "rest a minute between rounds", "60s between sets", "60s btw rounds", "rest 60", "rest between rounds 60s", "rest between rounds: 1 min", "recover 60s between rounds", "(60s rest between rounds)", "rest for a minute between rounds", "1' rest between rounds", "60\" between rounds", "1 min rest per round", "1 min rest in between", "take 1 min between rounds"];

    private static readonly ImmutableArray<string> Most = ["AMRAP 12", "AMRAP 12 min", "12 min AMRAP", "12 minute AMRAP", "AMRAP - 12 minutes", "AMRAP (12 min)", "AMRAP 12'", "As many rounds as possible in 12 minutes", "12 mins as many rounds as possible", "AMRAP x 12 mins", "AMRAP for 12 minutes", "Amrap12", "AMRAP 12:00", "max rounds in 12 mins", "how many rounds in 12 mins?", "AMRAP of 12 minutes", "AMRAP/12 min", "as many rounds in 12 mins as you can"];
    private static readonly ImmutableArray<string> ByMinute = ["EMOM 12", "12 min EMOM", "EMOM for 12 mins", "EMOM x 12", "EMOM (12 mins)", "Every minute on the minute for 12 minutes", "every min on the min x 12", "E.M.O.M. 12", "EMOM 12'", "EMOM: 12 minutes", "EMOM x 4 rounds", "every minute for 12 minutes", "EMOM 12:00", "On the minute x 12", "every minute, 12 mins"];
    private static readonly ImmutableArray<string> WarmUps = ["Warm up 5 mins", "WU 5", "WU 5'", "5 min warm up", "Warmup (5 mins)", "Warm up - 5", "W/U 5 mins", "w/up 5 min", "WARM UP 5MIN", "warm up x 5 mins", "warm up (5)", "Warm-up 5:00", "start with a 5 min warm up", "five minute warm up", "Warm up = 5 mins", "W.U. 5 min", "Warm up ~5 mins", "warm up about 5 mins", "usual warm up 5 mins"];
    private static readonly ImmutableArray<string> Endings = ["Cool down 5 mins", "CD 5", "5 min cool down", "Cooldown (5 mins)", "C/D 5 mins", "Stretch 5 mins", "5 mins stretch", "finish with 5 mins stretching", "cool down/stretch 5 mins", "stretch out 5 min", "stretch it off 5 mins", "last 5 mins stretch", "five minutes to cool down", "5 mins to stretch", "leave 5 mins for stretching", "relaxation 5 mins"];
    private static readonly ImmutableArray<string> Pairs = ["Superset: {0} x10, {1} x12\n3 rounds", "Superset 3 rounds: {0} x10, {1} x12", "Superset x3: {0} x10 / {1} x12", "3 supersets of {0} x10 and {1} x12", "{0} x10 / {1} x12 superset x3", "{0} x10 + {1} x12, 3 sets superset", "SS: {0} 10 + {1} 12 x3", "A1 {0} 3x10\nA2 {1} 3x12", "A1) {0} x10\nA2) {1} x12\n3 rounds", "1a {0} 3x10\n1b {1} 3x12", "A1 {0} 10\nA2 {1} 12\nx3", "Superset (3 rounds)\n10 {0}\n12 {1}", "10 {0} into 12 {1} x3", "{0} x10 ss {1} x12 - 3 sets", "{0} x10 supersetted with {1} x12 x 3", "A1/A2 {0} x10 / {1} x12 3 sets", "A: {0} 3x10 / {1} 3x12", "{0} 3x10 + {1} 3x12 (superset)", "superset\n- {0} 3x10\n- {1} 3x12", "back to back: {0} x10, {1} x12, 3 rounds", "A1: {0}, 3 sets of 10\nA2: {1}, 3 sets of 12", "A1 {0} (3x10) A2 {1} (3x12)"];
    private static readonly ImmutableArray<string> Ladders = ["Ladder 10-8-6-4-2: {0}, {1}", "10-8-6-4-2\n{0}\n{1}", "10, 8, 6, 4, 2 of {0} and {1}", "10/8/6/4/2 {0} and {1}", "Descending ladder 10-2 in twos: {0}, {1}", "{0} and {1} 10-8-6-4-2", "Ladder down 10 8 6 4 2\n{0}\n{1}", "reps 10 8 6 4 2\n{0}\n{1}", "countdown 10-8-6-4-2: {0}, {1}", "10-8-6-4-2 reps of:\n{0}\n{1}", "{0} / {1}: 10-8-6-4-2", "10 down to 2 in 2s: {0}, {1}", "ladder of 10, 8, 6, 4, 2\n{0}\n{1}", "10 to 2, down by 2: {0}, {1}", "10 > 8 > 6 > 4 > 2 {0}, {1}", "10 → 8 → 6 → 4 → 2\n{0}\n{1}", "for time\n10-8-6-4-2\n{0}\n{1}"];

    private static readonly ImmutableArray<string> Stations = ["", "10 stations", "8 exercises", "6 moves", "10 stations of", "8 x exercises"];
    private static readonly ImmutableArray<string> On = ["45 secs work", "45s work", "45 seconds on", "work 45", "45 seconds each", "45 secs on each", "45 on", "work for 45", "45 seconds per station", "45 second intervals", "45\" each"];
    private static readonly ImmutableArray<string> Off = ["15 secs change over", "15s rest", "15 sec changeover", "15 seconds off", "15 off", "rest 15", "15 secs to change", "15 secs to change stations", "15 sec transition", "15 secs rest between exercises"];
    private static readonly ImmutableArray<string> Often = ["3 laps", "3 rounds", "x3", "3 times round", "3 circuits", "3 times through", "repeat 3 times", "go round 3 times", "do it 3 times", "x 3 rounds", "three rounds", "3x", "3 full rounds", "all x3", "3 goes", "repeat x3", "do 3 rounds"];
    private static readonly ImmutableArray<string> Each = ["10 reps each", "10 of each", "10 reps of each", "10 reps", "10 reps per exercise", "x10 each", "10 each", "10 reps on each", "ten reps each", "10 reps of everything"];
    private static readonly ImmutableArray<string> Pauses = ["", "1 min rest between rounds", "60s between rounds", "rest 1 min between rounds", "1 min between laps", "a minute's rest between rounds", "60 secs between each round", "min rest btw rounds", "rest for 60 secs between rounds", "1 minute rest after each round", "60s rest at the end of each round"];
    private static readonly ImmutableArray<string> Names = ["", "Main: ", "Circuit - ", "Block 1 - ", "Part 2: "];
    private static readonly ImmutableArray<string> Parted = [", ", " / ", " - ", "; ", " + "];

    private static readonly ImmutableArray<string> People = ["16 people", "16 booked", "for 16", "people: 16", "16 attending", "16 coming", "16 pax", "group of 16", "16 of us", "16 max", "16 tonight", "about 16 people", "16 x people", "16 on the list", "16 bodies", "attendees: 16", "numbers: 16"];
    private static readonly ImmutableArray<string> Minutes = ["45 mins", "(45 mins)", "45 minute class", "Duration: 45 mins", "45min", "45 mins long", "45'", "3/4 hour", "45 mins total", "Time: 45 mins", "for 45 mins", "45-min class", "class length: 45 min"];

    [Fact]
    public void Work_and_rest() =>
        Holds(from work in Work from rest in Rest from sign in Joins from before in Before select $"{before}{work}{sign}{rest}",
            line => $"{line}\nburpees\nplank\nsquats\n", line => line.StartsWith('3') ? "(circuit, 3 rounds, work 50, rest 10)" : "(circuit, work 50, rest 10)", every: 7);

    [Fact]
    public void Sets_of_a_lift_and_the_rest_between_them() =>
        Holds(from sets in Sets from pause in Pause from before in new[] { "", "- ", "A. ", "1. " } select $"{before}Goblet squat {sets}{(pause[0] == ',' ? "" : " ")}{pause}",
            line => $"{line}\n", _ => "(straight, 3 rounds, rest 60)\nGoblet squat x10\n", every: 2);

    [Fact]
    public void How_often_a_move_is_done() =>
        Holds(from way in Counts from name in new[] { "press ups", "burpees", "dead bugs", "swings" } select (way, name), s => string.Format(null, s.way, s.name), s => $"\n{s.name} x10\n");

    [Fact]
    public void How_long_a_move_is_held() =>
        Holds(from way in Times from name in new[] { "plank", "wall sit", "hollow hold" } select (way, name), s => string.Format(null, s.way, s.name), s => $"\n{s.name} 30s\n");

    [Fact]
    public void How_often_on_each_side() =>
        Holds(from way in Sides from name in new[] { "reverse lunges", "split squats", "step ups" } select (way, name), s => string.Format(null, s.way, s.name), s => $"\n{s.name} x10, each side\n");

    [Fact]
    public void Rounds_below_a_list() => Holds(Rounds, line => $"squats x10\npress-ups x8\n{line}\n", _ => "(circuit, 3 rounds)");

    [Fact]
    public void The_rest_between_rounds() =>
        Holds(from rest in Between from rounds in new[] { "x3, ", "3 rounds\n", "3 rounds, " } select rounds + rest, line => $"squats x10\npress-ups x8\n{line}\n", _ => "(circuit, 3 rounds, between 60)");

    [Fact]
    public void As_much_as_possible() =>
        Holds(from head in Most from list in new[] { "\n10 squats\n8 press-ups", ": 10 squats, 8 press-ups" } select head + list, line => line, _ => "(amrap 720s)\nsquats x10\npress-ups x8\n");

    [Fact]
    public void Every_minute() =>
        Holds(from head in ByMinute from list in new[] { "\n10 squats\n8 press-ups\n12 swings", ": 10 squats, 8 press-ups, 12 swings" } select head + list, line => line, _ => "(minute, 4 rounds)\nsquats x10\n");

    [Fact]
    public void Warm_ups() => Holds(WarmUps, line => $"{line}\n40/20 x 3\nsquats\nrows\n", _ => "(own 300s)\n\n== A (circuit, 3 rounds, work 40, rest 20)");

    [Fact]
    public void Endings_of_a_class() => Holds(Endings, line => $"40/20 x 3\nsquats\nrows\n{line}\n", _ => "\nrows\n\n== ", also: "(own 300s)");

    [Fact]
    public void Supersets() => Holds(Pairs, way => string.Format(null, way, "goblet squats", "bent-over rows"), _ => "(superset, 3 rounds)\ngoblet squats x10\nbent-over rows x12\n");

    [Fact]
    public void Ladders_of_two() => Holds(Ladders, way => string.Format(null, way, "squats", "press-ups"), _ => "(ladder 10/8/6/4/2)\nsquats\npress-ups\n");

    [Fact]
    public void Sets_of_a_hold() =>
        Holds(from hold in Holds30 from rest in new[] { "", ", 15s rest", ", 15 sec off", " rest 15s", " (15s rest)", " / 15 sec rest", " r15", " with 15s rest" } select (hold, rest), s => $"Plank {s.hold}{s.rest}\n", s => $"(straight, 3 rounds{(s.rest.Length > 0 ? ", rest 15" : "")})\nPlank 30s\n");

    [Fact]
    public void Sets_of_each_side() =>
        Holds(from sides in SetsOfSides from rest in new[] { "", ", 60s rest", " rest 60", " / 60 sec rest" } select (sides, rest), s => $"Split squat {s.sides}{s.rest}\n", s => $"(straight, 3 rounds{(s.rest.Length > 0 ? ", rest 60" : "")})\nSplit squat x10, each side\n");

    [Fact]
    public void Sets_and_what_is_lifted() =>
        Holds(from load in Loads from rest in new[] { "", ", 60s rest" } select (load, rest), s => $"Goblet squat {s.load}{s.rest}\n", s => $"(straight, 3 rounds{(s.rest.Length > 0 ? ", rest 60" : "")})\nGoblet squat x10 [20kg]\n");

    [Fact]
    public void Rounds_of_a_list_on_one_line() =>
        Holds(from name in new[] { "", "Block 2: " } from list in Groups from rest in new[] { "", ", 1 min rest between rounds", ", 60s between" } select (name, list, rest), s => $"{s.name}{s.list}{s.rest}\n",
            s => $"(circuit, 3 rounds{(s.rest.Length > 0 ? ", between 60" : "")})\nsquats x15\ncurls x12\nrows x12\n");

    [Fact]
    public void Ladders_down_to_one() =>
        Holds(from ladder in Down from moves in new[] { " squats / sit-ups", "\nsquats\nsit-ups", ": squats, sit-ups", " squats and sit-ups", " of squats and sit-ups", " squats + sit-ups" } select ladder + moves, line => $"{line}\n", _ => "\nsquats\nsit-ups\n", also: "(ladder 10");

    [Fact]
    public void A_circuit_by_the_clock_on_one_line() =>
        Holds(from name in Names from stations in Stations from timed in On from pause in Off from often in Often from sign in Parted select name + string.Join(sign, new[] { stations, timed, pause, often }.Where(p => p.Length > 0)),
            line => $"{line}\nsquats\nrows\nplank\n", _ => "(circuit, 3 rounds, work 45, rest 15)\nsquats\nrows\nplank\n", every: 421);

    [Fact]
    public void A_circuit_by_the_clock_in_another_order() =>
        Holds(from name in Names from often in Often from stations in Stations from timed in On from pause in Off from between in Pauses from sign in Parted select name + string.Join(sign, new[] { often, stations, timed, pause, between }.Where(p => p.Length > 0)),
            line => $"{line}\nsquats\nrows\nplank\n", line => $"(circuit, 3 rounds, work 45, rest 15{(PauseSaid(line) ? ", between 60" : "")})\nsquats\nrows\nplank\n", every: 4621);

    [Fact]
    public void A_circuit_by_the_clock_and_its_list() =>
        Holds(from name in Names from timed in On from pause in Off from often in Often from between in Pauses select $"{name}{timed}, {pause}, {often}{(between.Length > 0 ? ", " : "")}{between}",
            line => $"{line}: squats, rows, plank\n", line => $"(circuit, 3 rounds, work 45, rest 15{(PauseSaid(line) ? ", between 60" : "")})\nsquats\nrows\nplank\n", every: 307);

    [Fact]
    public void A_circuit_by_the_clock_below_its_list() =>
        Holds(from stations in Stations from timed in On from pause in Off from often in Often from between in Pauses from sign in Parted select string.Join(sign, new[] { stations, timed, pause, often, between }.Where(p => p.Length > 0)),
            line => $"squats\nrows\nplank\n{line}\n", line => $"(circuit, 3 rounds, work 45, rest 15{(PauseSaid(line) ? ", between 60" : "")})\nsquats\nrows\nplank\n", every: 1213);

    [Fact]
    public void A_circuit_by_counts_on_one_line() =>
        Holds(from name in Names from stations in Stations from each in Each from often in Often from between in Pauses from sign in Parted.Take(3) select name + string.Join(sign, new[] { stations, often, each, between }.Where(p => p.Length > 0)),
            line => $"{line}\nsquats\nrows\ncurls\n", line => $"(circuit, 3 rounds{(PauseSaid(line) ? ", between 60" : "")})\nsquats x10\nrows x10\ncurls x10\n", every: 211);

    [Theory]
    [InlineData("3x10", "straight, 3 rounds", "squats x10\nrows x10\n")]
    [InlineData("3 sets of 12, rest 60s", "straight, 3 rounds, rest 60", "squats x12\nrows x12\n")]
    [InlineData("4 x 8-10", "straight, 4 rounds", "squats x8..10\nrows x8..10\n")]
    [InlineData("3 sets of 10 of each", "straight, 3 rounds", "squats x10\nrows x10\n")]
    public void Sets_below_bare_moves_are_of_each(string line, string runs, string moves) =>
        Holds([line], l => $"squats\nrows\n{l}\n", _ => $"({runs})\n{moves}");

    private static readonly ImmutableArray<string> RestOfSets = ["60s rest", "60s rest between sets", "rest 60s", "1 min rest between sets", "60 sec rest for all", "60s rest between all sets", "60 secs between sets", "rest: 60s", "all with 60s rest", "60s rest throughout", "60s rest between each set"];
    private static readonly ImmutableArray<string> SeveralSets = ["A1 DB bench 3x10\nA2 DB row 3x10\nB1 OHP 3x8\nB2 curl 3x12", "Hip thrust 4x12\nSplit squat 3x10 each", "A1 DB bench 3x10\nA2 DB row 3x10\nB triceps dips 3x15", "A: press-ups 3x12, rows 3x12\nB: dips 3x10, curls 3x10", "Superset 1: bench 3x10, row 3x10\nSuperset 2: OHP 3x10, curl 3x10"];

    [Fact]
    public void A_rest_told_once_for_all_sets() =>
        Holds(from rest in RestOfSets from sets in SeveralSets from isAbove in new[] { false, true } select isAbove ? $"{rest}\n{sets}" : $"{sets}\n{rest}",
            card => $"{card}\n", _ => "rest 60)", also: "rest 60)\n", twice: "rest 60)");

    private static bool PauseSaid(string line) => line.Contains("60", StringComparison.Ordinal) || line.Contains("min", StringComparison.Ordinal);

    [Fact]
    public void How_many_come() =>
        Holds(from people in People from sign in new[] { "\n", ", ", " - " } select sign + people, line => $"{line}\n40/20 x 3\nsquats\nrows\n", _ => "\npeople: 16\n", isBehindTitle: true);

    [Fact]
    public void How_long_the_class_is() =>
        Holds(from minutes in Minutes from sign in new[] { "\n", ", ", " - " } select sign + minutes, line => $"{line}\n40/20 x 3\nsquats\nrows\n", _ => "\nminutes: 45\n", isBehindTitle: true);

    private static void Holds(IEnumerable<(string Way, string Name)> said, Func<(string way, string name), string> line, Func<(string way, string name), string> becomes) =>
        Holds(said.Select(s => (Card: $"3 rounds\n{line(s)}\ngoblet squats x8\n", Becomes: becomes(s))), c => c.Card, c => c.Becomes);

    private static void Holds<T>(IEnumerable<T> said, Func<T, string> card, Func<T, string> becomes, int every = 1, bool isBehindTitle = false, string also = "", string twice = "")
    {
        var lost = new List<string>();
        var many = 0;
        foreach (var one in said)
        {
            if (many++ % every != 0)
                continue;
            var text = $"Monday gang{(isBehindTitle ? "" : "\n")}{card(one)}";
            var sheet = SheetWriter.Write(CardReader.Read(text)!.Plan);
            if (!sheet.Contains(becomes(one), StringComparison.OrdinalIgnoreCase) || !sheet.Contains(also, StringComparison.Ordinal) || (twice.Length > 0 && sheet.IndexOf(twice, StringComparison.Ordinal) == sheet.LastIndexOf(twice, StringComparison.Ordinal)))
                lost.Add($"{text}\n>>> {becomes(one)}\n{sheet}");
        }

        Assert.True(many > 0 && lost.Count == 0, $"{lost.Count} of {many} lost:\n{string.Join("\n-----\n", lost.Take(8))}");
    }
}
