namespace JollySet.Core.Outside.StandIns;

/// <summary>A player whose pieces last four minutes, each with a tempo of its own.</summary>
public sealed class MusicStandIn(bool fails) : IMusicPlayer
{
    private const long PieceMs = 240_000;
    private const int Slowest = 112;
    private const int Spread = 24;

    /// <inheritdoc/>
    public Heard<MusicBeat> At(long ms) => fails
        ? new(null, "The music player does not answer.")
        : new(new MusicBeat(Slowest + Noise.Of(1, Math.Max(0, ms) / PieceMs, Spread)));
}
