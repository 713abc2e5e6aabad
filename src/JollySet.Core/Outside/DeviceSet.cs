using JollySet.Core.Outside.StandIns;

namespace JollySet.Core.Outside;

/// <summary>What is connected: each made on demand, and made to fail where that is to be tried.</summary>
public sealed record DeviceSet(Func<bool, IMusicPlayer> Music, Func<bool, IHeartStrap> Heart, Func<bool, IBookingList> Bookings, Func<bool, ICameraCall> Call, Func<bool, IVoice> Voice)
{
    /// <summary>The small simulated ones that come along.</summary>
    public static DeviceSet StandIns { get; } = new(
        fails => new MusicStandIn(fails),
        fails => new HeartStandIn(fails),
        fails => new BookingStandIn(fails),
        fails => new CallStandIn(fails),
        fails => new VoiceStandIn(fails));
}
