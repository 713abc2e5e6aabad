using System.Collections.Immutable;
using JollySet.Core.Effort;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>Draws the ropes of a class, wide, as SVG.</summary>
public static class BuntingSvg
{
    internal const double Width = 1200;
    private const double BreakRoom = 46;
    private const double Left = 152;
    private const double Right = 96;
    private const double LeastDrop = 21;
    private const double DropAStep = 2.7;
    private const double Bite = 9;
    private const double LevelStep = 10;
    private const double NumberedFrom = 20;
    private const double NamedFrom = 40;

    /// <summary>The whole class.</summary>
    /// <param name="open">Name of the block that is open; its label stands out.</param>
    /// <param name="link">Gives the address a flag opens.</param>
    public static string Of(Timeline timeline, string? open, Func<string, int, string> link)
    {
        var ropes = Hung(timeline, EffortModel.AtSetEnds(timeline, Person.Regular), open, link, isNamed: false);
        var tops = ropes.Aggregate(ImmutableArray.Create(0.0), (t, r) => t.Add(t[^1] + r.Height));
        return new Svg().Open("svg", "class", "bunting", "viewBox", $"0 0 {FlagPath.N(Width)} {FlagPath.N(Math.Max(40, tops[^1]))}", "role", "group", "aria-label", $"{timeline.Plan.Title} as flags on a line")
            + string.Concat(ropes.Select((r, i) => $"<g transform=\"translate(0 {FlagPath.N(tops[i] + r.Above)})\">{r.Svg}</g>")) + "</svg>";
    }

    /// <summary>The same rope by rope, so that a page can be given those that have changed. What hangs on a rope does not say where the rope hangs.</summary>
    /// <param name="efforts">At the end of each set, by its index.</param>
    /// <param name="isNamed">Whether each flag has an id; not where a page draws more classes than one.</param>
    public static ImmutableArray<DrawnRope> Hung(Timeline timeline, Dictionary<int, double> efforts, string? open, Func<string, int, string> link, bool isNamed = true)
    {
        var ropes = BuntingLayout.Of(timeline, Width - Left - Right, efforts);
        var drawn = ImmutableArray.CreateBuilder<DrawnRope>();
        var (above, names) = (ropes is [{ Breaks.IsEmpty: false }, ..] ? 22.0 : 14.0, new Dictionary<int, int>());
        foreach (var rope in ropes)
        {
            var nth = names[rope.Block] = names.GetValueOrDefault(rope.Block) + 1;
            var flags = isNamed ? FlagIds(rope, timeline, nth) : [.. rope.Flags.Select(_ => (string?)null)];
            drawn.Add(new DrawnRope(timeline.Plan.Blocks[rope.Block].Id, nth, above, rope.BlockName + (rope.Label.Length > 0 ? $", {rope.Label}" : ""), new HungRope(rope, flags, rope.BlockName == open, RopeWords.Tag(timeline.Blocks[rope.Block]), [.. rope.Flags.Select(f => link(rope.BlockName, f.Station)), link(rope.BlockName, 0)])));
            above = 0;
        }

        return drawn.ToImmutable();
    }

    /// <summary>A rope and how much it takes of the drawing's height.</summary>
    internal static (string Svg, double Height) Draw(HungRope hung)
    {
        var svg = new Svg();
        var height = hung.Rope.Flags.IsEmpty ? Words(svg, hung) : Hang(svg, hung);
        return (svg.ToString(), height);
    }

    private static double Words(Svg svg, HungRope hung)
    {
        var rope = hung.Rope;
        Name(svg, hung, $"{rope.BlockName}, {rope.Word}");
        svg.Draw("path", "class", "rope bare", "d", $"M{FlagPath.N(Left - 6)} 0H{FlagPath.N(Left + Math.Max(rope.Length, 8))}")
            .Say("text", rope.Word, "class", "rope-word", "x", Left + Math.Max(rope.Length, 8) + 8, "y", 5);
        return 25;
    }

    /// <summary>The block's name, which opens it.</summary>
    private static void Name(Svg svg, HungRope hung, string says) => svg
        .Open("a", "href", hung.Ways[^1], "class", "rope-way", "aria-label", says)
        .Say("text", Shortened(hung.Rope.BlockName, 17), "class", hung.IsOpen ? "rope-name open" : "rope-name", "x", Left - 14, "y", 5, "text-anchor", "end")
        .Close();

    /// <summary>Names flags by block, rope, station and which of that station's flags on this rope they are: a flag that is moved keeps its name.</summary>
    private static List<string?> FlagIds(Rope rope, Timeline timeline, int nth)
    {
        var seen = new Dictionary<int, int>();
        return
        [
            .. rope.Flags.Select(f =>
            {
                var of = seen[f.Station] = seen.GetValueOrDefault(f.Station) + 1;
                return $"f{timeline.Plan.Blocks[rope.Block].Id}-{nth}-{timeline.Blocks[rope.Block].Stations.ElementAtOrDefault(f.Station - 1)?.Id ?? 0}-{of}";
            }),
        ];
    }

    private static double Hang(Svg svg, HungRope hung)
    {
        const double y = 0;
        var rope = hung.Rope;
        Label(svg, hung);
        RopeLine(svg, rope, y);
        if (hung.Ids.Any(id => id is not null))
            foreach (var bare in rope.Bare)
                svg.Draw("rect", "class", "bare-rope", "data-setting", bare.Setting, "data-rest", bare.Seconds, "x", Left + bare.X, "y", -9, "width", bare.Width, "height", 24);
        foreach (var (flag, id, way) in rope.Flags.Zip(hung.Ids, hung.Ways))
            DrawFlag(svg, rope, flag, y, id, way);
        foreach (var (flag, pennant) in rope.Flags.Zip(hung.Pennants))
            if (pennant is not null)
                Pin(svg, Left + flag.X + flag.Width - 13, pennant);
        if (hung.Pennants is [.., { } own])
            Pin(svg, Left - 5, own);
        for (var i = 0; i < rope.Breaks.Length; i++)
            DrawBreak(svg, Left + rope.Breaks[i].X, y, rope.Breaks[i].MissingSeconds, IsCrowded(rope, i));
        RopeEnd(svg, rope, y);
        if (rope.Rounds is { } rounds && hung.Ids.Any(id => id is not null))
            svg.Draw("rect", "class", "knot-hold", "data-rounds", rounds, "x", Left + rope.Length - 2, "y", -12, "width", 46, "height", 24);
        var below = y + rope.Flags.Max(DropOf) + 3;
        if (rope.ShowsNames)
            below = DrawNames(svg, rope, below);
        return DrawLevels(svg, rope, below) + 17;
    }

    /// <summary>The drop is the effort, and nothing else.</summary>
    private static double DropOf(Flag flag) => LeastDrop + (DropAStep * flag.Effort);

    private static void Label(Svg svg, HungRope hung)
    {
        var rope = hung.Rope;
        var round = Say.Capital(string.Join(" · ", new[] { rope.Label, rope.First ? hung.Tag : "" }.Where(w => w.Length > 0)));
        if (rope.First)
            Name(svg, hung, rope.BlockName);
        if (round.Length > 0)
            svg.Say("text", round, "class", "rope-round", "x", Left - 14, "y", rope.First ? 21 : 5, "text-anchor", "end");
    }

    private static void RopeLine(Svg svg, Rope rope, double y)
    {
        var end = Left + rope.Length + 8;
        var from = Left - 6;
        foreach (var tight in rope.Breaks)
        {
            svg.Draw("path", "class", "rope", "d", $"M{FlagPath.N(from)} {FlagPath.N(y)}H{FlagPath.N(Left + tight.X - 11)}");
            from = Left + tight.X - 3;
        }

        svg.Draw("path", "class", "rope", "d", $"M{FlagPath.N(from)} {FlagPath.N(y)}H{FlagPath.N(end)}");
        foreach (var (x, width) in rope.Buckets)
            Bucket(svg, Left + x + (width / 2), y);
    }

    private static void DrawFlag(Svg svg, Rope rope, Flag flag, double y, string? id, string href)
    {
        svg.Open("a", "id", id, "href", href, "class", "flag", "data-takes", flag.Number is { } reps ? $"x{reps}" : $"{flag.Seconds}s", "aria-label", $"{rope.BlockName}: {flag.Tells}")
            .Say("title", flag.Tells)
            .Draw("path", "class", flag.Hem == Hem.Unsaid ? "cloth unsaid" : "cloth", "fill", $"url(#weave-{Weaves.NameOf(flag.Family)})", "d", FlagPath.Of(flag.Hem, Left + flag.X, y, flag.Width, DropOf(flag), Bite));
        if (flag.LearnWidth > 2)
            svg.Draw("path", "class", "learns", "d", $"M{FlagPath.N(Left + flag.X + flag.LearnWidth)} {FlagPath.N(y + 2)}V{FlagPath.N(y + DropOf(flag) - Bite - 3)}");
        if (flag.Count is { } count && flag.Width >= NumberedFrom)
            svg.Say("text", flag.Width < 22 + (8 * (count.Length - 1)) ? $"{flag.Number}" : count, "class", "count", "x", Left + flag.X + (flag.Width / 2), "y", y + Math.Min(22, (DropOf(flag) / 2) + 5), "text-anchor", "middle");
        svg.Close();
    }

    /// <summary>A pole on the rope: a swallowtail where something must be mended, a point where it is worth a look.</summary>
    private static void Pin(Svg svg, double x, Pennant pennant) => svg
        .Open("g", "class", pennant.MustMend ? "pennant must" : "pennant").Say("title", pennant.Says)
        .Draw("path", "d", $"M{FlagPath.N(x)} 1V-14" + (pennant.MustMend ? "h13l-4 4.5l4 4.5h-13" : "l12 4.5l-12 4.5"))
        .Close();

    /// <summary>Whether the next break is so near that their numbers would touch; they go without their unit then.</summary>
    private static bool IsCrowded(Rope rope, int at) => new[] { at - 1, at + 1 }.Any(next => next >= 0 && next < rope.Breaks.Length && Math.Abs(rope.Breaks[next].X - rope.Breaks[at].X) < BreakRoom);

    private static void DrawBreak(Svg svg, double x, double y, int missing, bool isCrowded) => svg
        .Draw("path", "class", "broken", "d", $"M{FlagPath.N(x - 16)} {FlagPath.N(y)}l5 -5m-5 5l6 0m-6 0l5 5M{FlagPath.N(x + 2)} {FlagPath.N(y)}l-5 -5m5 5l-6 0m6 0l-5 5")
        .Say("text", isCrowded ? $"−{missing}" : $"−{missing} s", "class", "missing", "x", x - 7, "y", y - 7, "text-anchor", "middle");

    private static void RopeEnd(Svg svg, Rope rope, double y)
    {
        var x = Left + rope.Length + 8;
        var words = new List<string>();
        if (rope.Times > 1)
            words.Add($"×{rope.Times}");
        if (rope.Flags.All(f => f.Number is not null && f.Width < NumberedFrom) && rope.Flags.Select(f => f.Number).Distinct().Count() == 1)
            words.Add($"{rope.Flags[0].Number} of each");
        if (rope.NarrowFlags)
            words.Add("drawn wider");
        if (rope.KnotAfter || rope.Times > 1)
            svg.Draw("circle", "class", "knot", "cx", x, "cy", y, "r", 4.5);
        if (words.Count > 0)
            svg.Say("text", string.Join(" · ", words), "class", "rope-end", "x", x + 10, "y", y + 5);
        if (rope.WaterSeconds > 0)
        {
            Bucket(svg, x + 16, y + 18);
            svg.Say("text", $"{rope.WaterSeconds} s", "class", "rope-word", "x", x + 28, "y", y + 30);
        }
    }

    private static void Bucket(Svg svg, double x, double y) => svg
        .Open("g", "class", "bucket").Say("title", "Water")
        .Draw("path", "d", $"M{FlagPath.N(x - 6)} {FlagPath.N(y + 4)}h12l-2 10h-8zM{FlagPath.N(x - 6)} {FlagPath.N(y + 4)}q6 -8 12 0").Close();

    private static double DrawNames(Svg svg, Rope rope, double y)
    {
        var slots = rope.Flags.Select((f, i) => (i + 1 < rope.Flags.Length ? rope.Flags[i + 1].X : Math.Max(rope.Length + 60, f.X + 90)) - f.X - 6).ToList();
        if (slots.Min() < NamedFrom)
        {
            for (var i = 0; i < rope.Flags.Length; i++)
                if (slots[i] >= 18 || (i + 1) % 5 == 0 || i == 0)
                    svg.Say("text", rope.Flags[i].Station.ToString(System.Globalization.CultureInfo.InvariantCulture), "class", "name", "x", Left + rope.Flags[i].X, "y", y + 12);
            return y + 18;
        }

        var lines = rope.Flags.Select((f, i) => SecondSide(rope, i) ? slots[i] < 72 ? [] : ["〃"] : Repeats(rope, i) ? [] : Names.Lines(f.Name, slots[i])).ToList();
        for (var i = 0; i < rope.Flags.Length; i++)
            for (var line = 0; line < lines[i].Length; line++)
                svg.Say("text", lines[i][line] == "〃" ? "other side" : lines[i][line], "class", lines[i][line] == "〃" ? "name side" : "name", "x", Left + rope.Flags[i].X, "y", y + 12 + (line * 15));
        return y + 2 + (15 * lines.Max(l => l.Length));
    }

    /// <summary>The same station again on the same rope: straight sets.</summary>
    private static bool Repeats(Rope rope, int i) => i > 0 && rope.Flags[i - 1].Name == rope.Flags[i].Name && rope.Flags.All(f => f.Station == rope.Flags[0].Station);

    private static bool SecondSide(Rope rope, int i) => i > 0 && rope.Flags[i - 1].Station == rope.Flags[i].Station && rope.Flags[i - 1].Hem != rope.Flags[i].Hem;

    /// <summary>Ups and downs: a line on three heights, level under each flag and sloping in the gaps.</summary>
    private static double DrawLevels(Svg svg, Rope rope, double y)
    {
        if (rope.Flags.All(f => f.Level is null))
            return y;
        var heights = rope.Flags.Where(f => f.Level is not null).Select(f => f.Level!.Value).Distinct().ToList();
        double Y(Level level) => y + 4 + (LevelStep * ((int)level - (int)heights.Min()));
        var points = rope.Flags.Where(f => f.Level is not null)
            .Select(f => $"{FlagPath.N(Left + f.X)} {FlagPath.N(Y(f.Level!.Value))}L{FlagPath.N(Left + f.X + f.Width)} {FlagPath.N(Y(f.Level!.Value))}");
        svg.Draw("path", "class", "level", "d", "M" + string.Join('L', points));
        return Y(heights.Max()) + 4;
    }

    private static string Shortened(string text, int letters) => text.Length <= letters ? text : text[..(letters - 1)] + "…";
}
