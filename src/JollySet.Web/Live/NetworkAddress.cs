using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;
using QRCoder;

namespace JollySet.Web.Live;

/// <summary>How other devices of the local network reach this machine.</summary>
public static class NetworkAddress
{
    /// <summary>The first address that is no loopback; null where there is no network.</summary>
    public static IPAddress? Own() =>
        NetworkInterface.GetAllNetworkInterfaces()
            .Where(n => n.OperationalStatus == OperationalStatus.Up && n.NetworkInterfaceType != NetworkInterfaceType.Loopback)
            .SelectMany(n => n.GetIPProperties().UnicastAddresses).Select(a => a.Address).FirstOrDefault(a => a.AddressFamily == AddressFamily.InterNetwork);

    /// <summary>What is printed where the application is shared: where to teach, where to join, and the latter to be seen by a camera.</summary>
    /// <param name="listening">As the server listens: <c>http://0.0.0.0:5080</c>.</param>
    public static string Told(string listening)
    {
        var address = new Uri(listening.Replace("[::]", "0.0.0.0", StringComparison.Ordinal));
        var here = $"{address.Scheme}://localhost:{address.Port}";
        if (Own() is not { } own)
            return $"Jolly Set is at {here}; there is no network to share it with.";
        var join = $"{address.Scheme}://{own}:{address.Port}/join";
        using var data = QRCodeGenerator.GenerateQrCode(join, QRCodeGenerator.ECCLevel.L);
        using var drawn = new AsciiQRCode(data);
        return $"Jolly Set is at {here} for you – stop it with Ctrl+C.\nScreens, remote and people who follow join at {join} with the codes that Teach makes:\n{drawn.GetGraphicSmall()}";
    }
}
