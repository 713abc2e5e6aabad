namespace JollySet.Web;

/// <summary>The clock a class runs on, in ms. A test may speed it up with Teach:Speed; the page uses the same factor on its own clock.</summary>
public sealed class DeviceClock(TimeProvider time, IConfiguration configuration)
{
    /// <summary>1, save in tests.</summary>
    public int Speed { get; } = Math.Clamp(configuration.GetValue("Teach:Speed", 1), 1, 100);

    /// <summary>Milliseconds since 1970 at that speed.</summary>
    public long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds() * Speed;
}
