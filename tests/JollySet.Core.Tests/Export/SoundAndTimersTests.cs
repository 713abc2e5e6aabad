using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Export;

public sealed partial class SoundAndTimersTests
{
    private static readonly Timeline Short = Sheet.Time("# X\n== Hello (talk 10s)\n== A (circuit, 2 rounds, work 20, rest 10, between 30)\nsquat\nside plank, each side\n");

    private static short[] Samples(Timeline timeline, int? beats, double volume = 1)
    {
        using var file = new MemoryStream();
        WavExport.Write(timeline, file, beats, volume);
        var bytes = file.ToArray();
        Assert.Equal(WavExport.Bytes(timeline), bytes.Length);
        return [.. Enumerable.Range(22, (bytes.Length / 2) - 22).Select(i => BitConverter.ToInt16(bytes, i * 2))];
    }

    private static bool IsHeard(short[] samples, Length at, decimal seconds) =>
        samples.Skip((int)(at.InMilliseconds * WavExport.Rate / 1000)).Take((int)(seconds * WavExport.Rate)).Any(s => Math.Abs((int)s) > 1000);

    [Fact]
    public void A_file_has_the_header_of_its_kind_and_lasts_as_long_as_the_class()
    {
        using var file = new MemoryStream();
        WavExport.Write(Short, file, null);
        var bytes = file.ToArray();
        Assert.Equal("RIFF", System.Text.Encoding.ASCII.GetString(bytes, 0, 4));
        Assert.Equal("WAVEfmt ", System.Text.Encoding.ASCII.GetString(bytes, 8, 8));
        Assert.Equal(bytes.Length - 8, BitConverter.ToInt32(bytes, 4));
        Assert.Equal(bytes.Length - 44, BitConverter.ToInt32(bytes, 40));
        Assert.Equal(Short.Length.InMilliseconds, (bytes.Length - 44) / 2 * 1000L / BitConverter.ToInt32(bytes, 24));
    }

    [Fact]
    public void Every_stretch_begins_with_a_signal_and_its_middle_is_quiet_without_a_beat()
    {
        var samples = Samples(Short, null);
        foreach (var segment in Short.Segments.Where(s => s.Length > Length.Seconds(8)))
        {
            Assert.True(IsHeard(samples, segment.Start, 0.1m), $"{segment.Start}");
            Assert.False(IsHeard(samples, segment.Start + Length.Seconds(2), 3), $"{segment.Start}");
            Assert.True(IsHeard(samples, segment.End - Length.Seconds(1), 0.1m), $"{segment.End}");
        }

        var beaten = Samples(Short, 120);
        var work = Short.Segments.First(s => s.Kind == SegmentKind.Work);
        Assert.True(IsHeard(beaten, work.Start + Length.Seconds(2), 0.6m));
        Assert.All(Samples(Short, 120, 0), s => Assert.Equal(0, s));
    }

    /// <summary>Teach plays what the file holds.</summary>
    [Fact]
    public void The_page_makes_the_same_tones()
    {
        var script = File.ReadAllText(Repository.Find("src", "JollySet.Web", "wwwroot", "js", "sounds.js"));
        foreach (var signal in Enum.GetValues<Signal>())
        {
            var said = Tones().Match(script[script.IndexOf($"\n  {signal.ToString().ToLowerInvariant()}: [", StringComparison.Ordinal)..]).Value;
            var numbers = Number().Matches(said).Select(m => double.Parse(m.Value, CultureInfo.InvariantCulture));
            Assert.Equal(Signals.Of(signal).SelectMany(t => new[] { t.Pitch, t.After, t.Lasts }), numbers);
        }
    }

    [Fact]
    public void Chapters_are_blocks_and_intervals_add_up_to_the_class()
    {
        Assert.Equal("0:00 Hello\n0:10 A\n", PlainTimers.Chapters(Short));
        var lines = PlainTimers.Intervals(Short).TrimEnd('\n').Split('\n').Select(l => l.Split('\t')).ToList();
        Assert.Equal(Short.Length.InSeconds, lines.Sum(l => decimal.Parse(l[0], CultureInfo.InvariantCulture)));
        Assert.Contains(lines, l => l[1] == "Side plank, left");
    }

    [GeneratedRegex(@"\[\[.*?\]\],?\n|\[\n.*?\n  \],", RegexOptions.Singleline)]
    private static partial Regex Tones();

    [GeneratedRegex(@"\d+(\.\d+)?")]
    private static partial Regex Number();
}
