using CsCheck;
using JollySet.Core.Export;
using JollySet.Core.Outside;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Outside;

/// <summary>What stands in for devices and services: alike each time, believable, and made to fail with a sentence.</summary>
public class StandInsTests
{
    private static readonly DeviceSet Devices = DeviceSet.StandIns;

    [Fact]
    public void Each_tells_something_and_each_can_be_made_to_fail_with_a_sentence()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, 3 rounds, work 40, rest 20", "squat", "push-up"));
        Assert.NotNull(Devices.Music(false).At(0).Told);
        Assert.NotNull(Devices.Heart(false).At(timeline, Length.Seconds(30)).Told);
        Assert.NotNull(Devices.Bookings(false).At(12, 0).Told);
        Assert.NotNull(Devices.Call(false).At(0).Told);
        Assert.NotNull(Devices.Voice(false).Speak("Next: squat.").Told);
        (object? Told, string Why)[] failed =
        [
            (Devices.Music(true).At(0).Told, Devices.Music(true).At(0).Why),
            (Devices.Heart(true).At(timeline, Length.Zero).Told, Devices.Heart(true).At(timeline, Length.Zero).Why),
            (Devices.Bookings(true).At(12, 0).Told, Devices.Bookings(true).At(12, 0).Why),
            (Devices.Call(true).At(0).Told, Devices.Call(true).At(0).Why),
            (Devices.Voice(true).Speak("Next").Told, Devices.Voice(true).Speak("Next").Why),
        ];
        Assert.All(failed, f => Assert.Null(f.Told));
        Assert.All(failed, f => Assert.EndsWith(".", f.Why, StringComparison.Ordinal));
    }

    [Fact]
    public void Nobody_leaves_again_nobody_comes_twice_and_some_come_late() =>
        Gen.Select(Gen.Int[0, 400], Gen.Int[-1_000_000, 1_000_000], Gen.Int[0, 100_000]).Sample((booked, ms, more) =>
        {
            var (now, later) = (Devices.Bookings(false).At(booked, ms).Told!, Devices.Bookings(false).At(booked, ms + more).Told!);
            Assert.True(later.Here >= now.Here && later.Late >= now.Late);
            Assert.InRange(later.Here, 0, booked);
            Assert.InRange(later.Late, 0, later.Here);
            Assert.Equal(0, Devices.Bookings(false).At(booked, Math.Min(ms, 0)).Told!.Late);
        });

    [Fact]
    public void The_heart_follows_the_class()
    {
        var timeline = Sheet.Time("# T\n== A (circuit, 4 rounds, work 50, rest 10)\nsquat jump\nburpee\n== B (release)\nchest opener 5min\n");
        int Beats(Length at) => Devices.Heart(false).At(timeline, at).Told!.BeatsAMinute;
        Assert.True(Beats(Length.Minutes(6)) > Beats(Length.Zero) + 30);
        Assert.True(Beats(timeline.Length) < Beats(Length.Minutes(6)) - 20);
        Assert.Equal(Beats(Length.Minutes(3)), Beats(Length.Minutes(3)));
    }

    [Fact]
    public void A_call_is_whole_whenever_it_is_asked() =>
        Gen.Long[-10_000, 50_000_000].Sample(ms =>
        {
            var call = Devices.Call(false).At(ms).Told!;
            Assert.Equal(9, call.Watching + call.Dropped);
            Assert.InRange(call.DelayMs, 1000, 4000);
            Assert.InRange(Devices.Music(false).At(ms).Told!.BeatsAMinute, 112, 135);
        });

    [Fact]
    public void The_voice_takes_longer_for_more_syllables()
    {
        var (one, more) = (Devices.Voice(false).Speak("Go!").Told!, Devices.Voice(false).Speak("Kettlebell overhead carry, left.").Told!);
        Assert.Equal("RIFF"u8.ToArray(), more[..4]);
        Assert.True(more.Length > 4 * one.Length);
        Assert.InRange((more.Length - 44) / 2.0 / WavExport.Rate, 1.5, 4);
        Assert.Contains(more[44..], b => b != 0);
    }

    [Fact]
    public void What_is_told_is_what_helps()
    {
        Assert.Equal("music 124 a minute, this block wants 100", OutsideWords.Of(new MusicBeat(124), 100));
        Assert.Equal("music 124 a minute", OutsideWords.Of(new MusicBeat(124), 122));
        Assert.Equal("11 of 14 here", OutsideWords.Of(new Headcount(14, 11, 0)));
        Assert.Contains("2 late – kit, easier way and cautions", OutsideWords.Of(new Headcount(14, 13, 2)), StringComparison.Ordinal);
        Assert.Equal("8 by camera, 1 fell out, 3 s behind: say it early", OutsideWords.Of(new CallState(8, 1, 2800)));
        Assert.Equal("9 by camera", OutsideWords.Of(new CallState(9, 0, 1000)));
    }
}
