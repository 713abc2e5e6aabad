using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>Easier and harder ways, behind a move, on the line below it, or listed for several.</content>
public partial class CardSayingTests
{
    /// <summary>Where words beside a move stand.</summary>
    private static readonly string[] Beside = [" ({0})", " - {0}", ", {0}", " [{0}]", " | {0}", "\n  {0}", "\n({0})", "\n- {0}"];

    [Fact]
    public void An_easier_way_is_told_in_many_words() =>
        Holds(from beside in Beside
              from way in new[] { "mods: squats", "modify to squats", "reg: squats", "regression: squats", "beg: squats", "beginner option squats", "squats for newbies", "squats to make it easier", "squats if too hard", "squats if tired", "squats as an easier option", "scale to squats", "L1: squats", "↓ squats", "if new: squats", "first timers: squats", "take it down to squats", "easier with squats", "squats is easier" }
              select string.Format(Invariant, beside, way),
            w => $"3 rounds 40/20\nrows\nsquat jumps{w}\ndeadlifts\n", _ => "\nrows\nsquat jumps | easier: squats\ndeadlifts\n");

    [Fact]
    public void A_harder_way_is_told_in_many_words() =>
        Holds(from beside in Beside
              from way in new[] { "prog: tuck jumps", "progress to tuck jumps", "adv: tuck jumps", "advanced tuck jumps", "tuck jumps for advanced", "tuck jumps if easy", "tuck jumps for more", "for more: tuck jumps", "L3: tuck jumps", "level up: tuck jumps", "↑ tuck jumps", "want more? tuck jumps", "make it harder: tuck jumps", "tuck jumps is harder", "fitter ones tuck jumps" }
              select string.Format(Invariant, beside, way),
            w => $"3 rounds\nrows x10\nsquat jumps x12{w}\ndeadlifts x10\n", _ => "\nrows x10\nsquat jumps x12 | harder: tuck jumps\ndeadlifts x10\n");

    [Fact]
    public void An_easier_and_a_harder_way_stand_side_by_side() =>
        Holds(from beside in Beside
              from ways in new[] { "easier: squats, harder: tuck jumps", "easy squats / hard tuck jumps", "reg squats / prog tuck jumps", "L1 squats, L3 tuck jumps", "beg: squats / adv: tuck jumps", "↓ squats ↑ tuck jumps", "easier: squats; harder: tuck jumps", "squats for beginners, tuck jumps for advanced", "squats / tuck jumps for easier / harder", "beginners: squats. Advanced: tuck jumps" }
              select string.Format(Invariant, beside, ways),
            w => $"3 rounds 40/20\nrows\nsquat jumps{w}\ndeadlifts\n", _ => "\nrows\nsquat jumps | easier: squats | harder: tuck jumps\ndeadlifts\n");

    [Fact]
    public void Ways_are_listed_for_several_moves() =>
        Holds(from head in new[] { "Mods: ", "Mods - ", "Regressions: ", "Easier options: ", "For beginners: ", "Mods:\n", "Beginner options\n" }
              from pair in new[] { "{0} -> {1}", "{0} → {1}", "{0} - {1}", "{0} = {1}", "{0} to {1}", "{0} / {1}" }
              from gap in new[] { "\n", "\n\n" }
              select gap + head + string.Join(head.EndsWith('\n') ? "\n" : ", ", string.Format(Invariant, pair, "push ups", "knee push ups"), string.Format(Invariant, pair, "sit ups", "crunches")),
            w => $"3 rounds 40/20\npush ups\nsit ups\nrows{w}\n", _ => "\npush ups | easier: knee push ups\nsit ups | easier: crunches\nrows\n");

    [Fact]
    public void Ways_listed_without_their_moves_find_them() =>
        Holds(["Easier: knee push ups, crunches, band rows", "Beginner options: knee push ups, crunches, band rows", "For beginners: crunches, band rows, knee push ups"],
            w => $"3 rounds 40/20\npush ups\nsit ups\nrows\n{w}\n", _ => "\npush ups | easier: knee push ups\nsit ups | easier: crunches\nrows | easier: band rows\n");

    [Fact]
    public void Ways_listed_above_the_moves_wait_for_them() =>
        Holds(["Options for beginners: knee push ups, crunches", "Mods: push ups -> knee push ups, sit ups -> crunches"],
            w => $"{w}\n3 rounds 40/20\npush ups\nsit ups\nrows\n", _ => "\npush ups | easier: knee push ups\nsit ups | easier: crunches\nrows\n");

    [Fact]
    public void What_cannot_be_told_of_one_move_is_none_of_the_last_one() =>
        Holds(["Harder: tuck jumps, decline push ups", "Advanced options: tuck jumps, decline push ups"],
            w => $"3 rounds 40/20\nsquat jumps\npush ups\nstar jumps\n{w}\n", w => $"note: \"{w}\"\nsquat jumps\npush ups\nstar jumps\n");

    [Fact]
    public void Words_that_are_no_move_are_a_way_where_that_is_said() =>
        Holds([(" - lighter if needed", "easier: \"lighter\"", 0), (" (take out the jump if needed)", "easier: \"take out the jump\"", 0), (" (add weight to make it harder)", "harder: \"add weight\"", 0), (". Harder - pause at the top", "harder: \"pause at the top\"", 0), (", lighter if too hard", "easier: \"lighter\"", 0)],
            w => $"3 rounds 40/20\nsquat jumps{w.Item1}\nrows\n", w => $"\nsquat jumps | {w.Item2}\nrows\n");

    [Fact]
    public void Levels_beside_a_move_are_its_ways() =>
        Holds([("squats: L1 chair, L2 bodyweight, L3 jump", "squats | easier: chair squats | harder: jump squats", 0), ("push ups (knee -> full -> decline)", "push ups | easier: knee push ups | harder: decline push ups", 0), ("push ups (knee → full → decline)", "push ups | easier: knee push ups | harder: decline push ups", 0), ("knee push ups / push ups / decline push ups", "push ups | easier: knee push ups | harder: decline push ups", 0)],
            w => $"3 rounds 40/20\nrows\n{w.Item1}\ndeadlifts\n", w => $"\nrows\n{w.Item2}\ndeadlifts\n");

    [Fact]
    public void Rounds_of_one_level_are_no_block() =>
        Holds(["Beginners: 2 rounds", "Advanced: 4 rounds", "Newbies stop at 2 rounds", "Level 1: 2 rounds"],
            w => $"3 rounds 40/20\nsquats\nrows\n{w}\n", w => $"(circuit, 3 rounds, work 40, rest 20)\nnote: \"{w}\"\nsquats\nrows\n");

    [Fact]
    public void Two_sizes_of_a_kettlebell_are_no_work_and_rest() =>
        Holds(["16/12", "24/16", "12/8", "20/16"], l => $"4 rounds, 60s between rounds\ndeadlifts x10\nswings {l} x15\n", l => $"(circuit, 4 rounds, between 60)\ndeadlifts x10\nswings x15 [{l.Split('/')[1]}kg] | note: \"{l.Split('/')[0]}kg/{l.Split('/')[1]}kg\"\n");

    [Theory]
    [InlineData("easier: squats", "\nsquat jumps | easier: squats\nrows\n")]
    [InlineData("harder: tuck jumps", "\nsquat jumps | harder: tuck jumps\nrows\n")]
    [InlineData("easier: slower", "note: easier: slower\nsquat jumps\nrows\n")]
    [InlineData("easier: wall sit", "note: easier: wall sit\nsquat jumps\nrows\n")]
    public void A_way_below_several_moves_of_one_line_is_of_the_one_that_is_meant(string way, string becomes) =>
        Holds([way], w => $"Legs 40/20 x3: squat jumps, rows\n{w}\n", _ => becomes);

    [Fact]
    public void Ways_above_the_moves_that_are_of_none_of_them_are_a_note_of_the_class() =>
        Holds(["Options for beginners: knee push ups, crunches"], w => $"{w}\nA: 3 rounds 40/20\nsquats\nrows\nB: 3 rounds 40/20\ndeadlifts\nplank\n", w => $"note: \"{w}\"\n\n== A");

    [Fact]
    public void Whom_a_list_of_ways_spares_is_heard() =>
        Holds(["Mods: push ups - sore wrists", "Mods: push ups -> knee push ups, sore wrists", "Mods:\npush ups - sore wrists", "Easier: knee push ups, bad wrists"], w => $"3 rounds 40/20\npush ups\nrows\n{w}\n", _ => "needs: wrists\n");
}
