using JollySet.Core.Timing;

namespace JollySet.Core.Outside;

/// <summary>What something outside tells, or why it tells nothing; the class never waits for either.</summary>
/// <param name="Told">Null where it tells nothing.</param>
/// <param name="Why">A sentence; empty where it tells something.</param>
public sealed record Heard<T>(T? Told, string Why = "")
    where T : class;

/// <summary>How the music goes.</summary>
/// <param name="BeatsAMinute">Its tempo.</param>
public sealed record MusicBeat(int BeatsAMinute);

/// <summary>Plays music; the application only asks how fast it goes.</summary>
public interface IMusicPlayer
{
    /// <summary>What plays so many ms after the class began.</summary>
    Heard<MusicBeat> At(long ms);
}

/// <summary>What a strap tells of the heart of the one who wears it. It is shown as it is: no limit is drawn from it and nobody is judged by it.</summary>
/// <param name="BeatsAMinute">Of the heart.</param>
public sealed record HeartRate(int BeatsAMinute);

/// <summary>A heart-rate strap on the instructor.</summary>
public interface IHeartStrap
{
    /// <summary>What it tells where the class is at that moment of its plan.</summary>
    Heard<HeartRate> At(Timeline timeline, Plans.Length moment);
}

/// <summary>Who is expected and who is there, in numbers alone.</summary>
/// <param name="Booked">How many have a place.</param>
/// <param name="Here">How many of them have come.</param>
/// <param name="Late">How many of those came after the class began.</param>
public sealed record Headcount(int Booked, int Here, int Late);

/// <summary>The booking list of the place.</summary>
public interface IBookingList
{
    /// <summary>How it stands.</summary>
    /// <param name="booked">How many the class is planned for.</param>
    /// <param name="ms">After the class began; below nothing before.</param>
    Heard<Headcount> At(int booked, long ms);
}

/// <summary>How a call stands.</summary>
/// <param name="Watching">How many see the class.</param>
/// <param name="Dropped">How many have fallen out and are not back.</param>
/// <param name="DelayMs">How long after it happens they see it.</param>
public sealed record CallState(int Watching, int Dropped, int DelayMs);

/// <summary>A camera call that people at home watch.</summary>
public interface ICameraCall
{
    /// <summary>How it stands so many ms after the class began.</summary>
    Heard<CallState> At(long ms);
}

/// <summary>Something that speaks.</summary>
public interface IVoice
{
    /// <summary>A sentence as sound: a WAV file.</summary>
    Heard<byte[]> Speak(string text);
}
