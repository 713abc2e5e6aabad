using System.Buffers.Binary;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>A class as sound, for a room without the app: signals where work and rest begin, the last three seconds, and a quiet beat in work where one is asked for. PCM in a RIFF/WAVE file (IBM and Microsoft, Multimedia Programming Interface 1.0, 1991): one channel, 16 bits.</summary>
public static class WavExport
{
    /// <summary>Samples a second.</summary>
    public const int Rate = 8000;

    private const int HeaderBytes = 44;
    private const int BytesASample = 2;
    private const int EdgeSamples = Rate / 100;
    private const short Loud = 20_000;
    private const short Quiet = 4_000;
    private const int BeatsABar = 4;

    private readonly record struct Tone(long From, int Samples, double Pitch, short Level);

    /// <summary>How many bytes the file has.</summary>
    public static long Bytes(Timeline timeline) => HeaderBytes + (Samples(timeline) * BytesASample);

    /// <summary>Writes the file.</summary>
    /// <param name="beats">Beats a minute in work, the first of four accented; null for none.</param>
    /// <param name="volume">From 0 to 1.</param>
    public static void Write(Timeline timeline, Stream output, int? beats, double volume = 1)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(volume, 0);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(volume, 1);
        var samples = Samples(timeline);
        output.Write(Header(samples));
        Span<byte> second = stackalloc byte[Rate * BytesASample];
        var tones = Tones(timeline, beats).ToList();
        var first = 0;
        for (long at = 0; at < samples; at += Rate)
        {
            var count = (int)Math.Min(Rate, samples - at);
            var part = second[..(count * BytesASample)];
            part.Clear();
            while (first < tones.Count && tones[first].From + tones[first].Samples <= at)
                first++;
            for (var i = first; i < tones.Count && tones[i].From < at + count; i++)
                Mix(part, at, tones[i], volume);
            output.Write(part);
        }
    }

    /// <summary>A few tones as a file.</summary>
    /// <param name="tones">When each begins, how many seconds it lasts, its pitch in hertz.</param>
    public static byte[] Of(IEnumerable<(double At, double Lasts, double Pitch)> tones, double seconds)
    {
        var samples = (int)(seconds * Rate);
        var file = new byte[HeaderBytes + (samples * BytesASample)];
        Header(samples).CopyTo(file, 0);
        foreach (var (at, lasts, pitch) in tones)
            Mix(file.AsSpan(HeaderBytes), 0, At((long)(at * 1000), lasts, pitch, Loud), 1);
        return file;
    }

    private static long Samples(Timeline timeline) => timeline.Length.InMilliseconds * Rate / 1000;

    private static void Mix(Span<byte> part, long at, Tone tone, double volume)
    {
        var (from, until) = (Math.Max(tone.From, at), Math.Min(tone.From + tone.Samples, at + (part.Length / BytesASample)));
        for (var sample = from; sample < until; sample++)
        {
            var inTone = sample - tone.From;
            var edge = Math.Min(1, Math.Min(inTone, tone.Samples - inTone) / (double)EdgeSamples);
            var value = Math.Sin(2 * Math.PI * tone.Pitch * inTone / Rate) * edge * tone.Level * volume;
            var place = part.Slice((int)(sample - at) * BytesASample, BytesASample);
            BinaryPrimitives.WriteInt16LittleEndian(place, (short)Math.Clamp(BinaryPrimitives.ReadInt16LittleEndian(place) + value, short.MinValue, short.MaxValue));
        }
    }

    /// <summary>In the order they begin: the same signals that Teach makes.</summary>
    private static IEnumerable<Tone> Tones(Timeline timeline, int? beats)
    {
        var tones = new List<Tone>();
        for (var i = 0; i < timeline.Segments.Length; i++)
        {
            var segment = timeline.Segments[i];
            foreach (var (pitch, after, lasts) in Signals.Of(Signals.At(timeline, i)))
                tones.Add(At(segment.Start.InMilliseconds + (long)(after * 1000), lasts, pitch, Loud));
            foreach (var second in new[] { 3, 2, 1 })
                if (segment.Length.InSeconds > second)
                    foreach (var (pitch, _, lasts) in Signals.Of(Signal.Last))
                        tones.Add(At(segment.End.InMilliseconds - (second * 1000), lasts, pitch, Loud));
            if (beats is { } tempo && segment.Kind == SegmentKind.Work)
                for (var beat = 0; beat * 60_000L / tempo < segment.Length.InMilliseconds; beat++)
                    foreach (var (pitch, _, lasts) in Signals.Of(beat % BeatsABar == 0 ? Signal.Accent : Signal.Beat))
                        tones.Add(At(segment.Start.InMilliseconds + (beat * 60_000L / tempo), lasts, pitch, Quiet));
        }

        return tones.OrderBy(t => t.From).ThenBy(t => t.Pitch);
    }

    private static Tone At(long ms, double seconds, double pitch, short level) => new(ms * Rate / 1000, (int)(seconds * Rate), pitch, level);

    private static byte[] Header(long samples)
    {
        var header = new byte[HeaderBytes];
        var data = (uint)(samples * BytesASample);
        "RIFF"u8.CopyTo(header);
        BinaryPrimitives.WriteUInt32LittleEndian(header.AsSpan(4), data + HeaderBytes - 8);
        "WAVEfmt "u8.CopyTo(header.AsSpan(8));
        BinaryPrimitives.WriteUInt32LittleEndian(header.AsSpan(16), 16);
        BinaryPrimitives.WriteUInt16LittleEndian(header.AsSpan(20), 1);
        BinaryPrimitives.WriteUInt16LittleEndian(header.AsSpan(22), 1);
        BinaryPrimitives.WriteUInt32LittleEndian(header.AsSpan(24), Rate);
        BinaryPrimitives.WriteUInt32LittleEndian(header.AsSpan(28), Rate * BytesASample);
        BinaryPrimitives.WriteUInt16LittleEndian(header.AsSpan(32), BytesASample);
        BinaryPrimitives.WriteUInt16LittleEndian(header.AsSpan(34), 16);
        "data"u8.CopyTo(header.AsSpan(36));
        BinaryPrimitives.WriteUInt32LittleEndian(header.AsSpan(40), data);
        return header;
    }
}
