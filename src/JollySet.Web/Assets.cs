using System.Security.Cryptography;
using Microsoft.Extensions.FileProviders;

namespace JollySet.Web;

/// <summary>Scripts, styles and fonts under an address that names what is in them: what imports another by its relative name gets that one in the same version, and a browser keeps all of it for ever.</summary>
public sealed class Assets(IWebHostEnvironment environment)
{
    private const string Forever = "public, max-age=31536000, immutable";
    private readonly string prefix = $"/v-{HashOf(environment.WebRootFileProvider)}";

    /// <summary>The address of a file under wwwroot.</summary>
    public string this[string path] => $"{prefix}/{path}";

    /// <summary>Leads a versioned address to its file, to be kept for ever; any other file is asked for anew each time.</summary>
    public Task Lead(HttpContext context, RequestDelegate next)
    {
        if (context.Request.Path.StartsWithSegments(prefix, out var rest))
        {
            context.Request.Path = rest;
            context.Response.OnStarting(() =>
            {
                if (context.Response.StatusCode == StatusCodes.Status200OK)
                    context.Response.Headers.CacheControl = Forever;
                return Task.CompletedTask;
            });
        }

        return next(context);
    }

    private static string HashOf(IFileProvider files)
    {
        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        Add(hash, files, "");
        return Convert.ToHexStringLower(hash.GetHashAndReset().AsSpan(0, 5));
    }

    private static void Add(IncrementalHash hash, IFileProvider files, string folder)
    {
        foreach (var entry in files.GetDirectoryContents(folder).OrderBy(e => e.Name, StringComparer.Ordinal))
        {
            if (entry.IsDirectory)
            {
                Add(hash, files, $"{folder}/{entry.Name}");
                continue;
            }

            using var stream = entry.CreateReadStream();
            using var bytes = new MemoryStream();
            stream.CopyTo(bytes);
            hash.AppendData(bytes.ToArray());
        }
    }
}
