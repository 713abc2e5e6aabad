using JollySet.Core.Plans;

namespace JollySet.Core.Outside;

/// <summary>What comes from outside, as it is read in passing.</summary>
public static class OutsideWords
{
    private const int Alike = 4;
    private const int LongDelayMs = 1500;

    /// <summary>The music, and whether it goes with a block to a beat.</summary>
    /// <param name="beat">What the block says; null where it says none.</param>
    public static string Of(MusicBeat music, int? beat) =>
        $"music {music.BeatsAMinute} a minute" + (beat is { } wanted && Math.Abs(wanted - music.BeatsAMinute) > Alike ? $", this block wants {wanted}" : "");

    /// <summary>The heart.</summary>
    public static string Of(HeartRate heart) => $"your heart {heart.BeatsAMinute}";

    /// <summary>Who is there, and who came late and has not heard the beginning.</summary>
    public static string Of(Headcount people) =>
        $"{people.Here} of {people.Booked} here" + (people.Late > 0 ? $", {people.Late} late – kit, easier way and cautions for them" : "");

    /// <summary>Who watches, and how late they see it.</summary>
    public static string Of(CallState call) =>
        $"{call.Watching} by camera{(call.Dropped > 0 ? $", {call.Dropped} fell out" : "")}{(call.DelayMs >= LongDelayMs ? $", {Say.Time(Math.Round(call.DelayMs / 1000m))} behind: say it early" : "")}";
}
