using JollySet.Core.Plans;

namespace JollySet.Drawing;

/// <summary>How wide a time is drawn.</summary>
internal readonly record struct Scale(double PixelsATenth)
{
    /// <summary>The scale at which that much time fills that width.</summary>
    public static Scale Filling(double width, Length time) => new(width / Math.Max(1, time.InTenths));

    /// <summary>Pixels of a time.</summary>
    public double Of(Length time) => time.InTenths * PixelsATenth;
}
