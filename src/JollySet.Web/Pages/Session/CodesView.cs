using System.Collections.Immutable;
using System.Text;
using JollySet.Data;
using JollySet.Web.Live;
using QRCoder;

namespace JollySet.Web.Pages.Session;

/// <summary>One code as it is shown: what it opens, where, and the same to be seen by a camera.</summary>
/// <param name="Square">A path of the dark squares, in squares; <paramref name="Side"/> is how many there are a side.</param>
public sealed record CodeView(string Says, string Code, string Address, string Square, int Side);

/// <summary>All three of them.</summary>
public sealed record CodesView(ImmutableArray<CodeView> Codes, bool IsShared)
{
    /// <summary>As this machine is reached: by its own name, or where it is shared by its address in the network.</summary>
    public static CodesView Of(SessionCodes codes, HttpRequest request)
    {
        var shared = request.HttpContext.RequestServices.GetRequiredService<IConfiguration>().GetValue("Share", false);
        var host = shared && NetworkAddress.Own() is { } own ? $"{own}:{request.Host.Port}" : request.Host.ToString();
        return new CodesView(
            [
                One("A second screen in the hall", "d", codes.Display),
                One("A phone as the remote", "r", codes.Remote),
                One("People who follow along", "f", codes.Follow),
            ],
            shared);

        CodeView One(string says, string kind, string code)
        {
            var address = $"{request.Scheme}://{host}/{kind}/{code}";
            var (square, side) = Square(address);
            return new CodeView(says, SessionCodes.Spoken(code), address, square, side);
        }
    }

    private static (string Path, int Side) Square(string text)
    {
        using var data = QRCodeGenerator.GenerateQrCode(text, QRCodeGenerator.ECCLevel.M);
        var path = new StringBuilder();
        for (var y = 0; y < data.ModuleMatrix.Count; y++)
            for (var x = 0; x < data.ModuleMatrix[y].Count; x++)
                if (data.ModuleMatrix[y][x])
                    path.Append(System.Globalization.CultureInfo.InvariantCulture, $"M{x} {y}h1v1h-1z");
        return (path.ToString(), data.ModuleMatrix.Count);
    }
}
