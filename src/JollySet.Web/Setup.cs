using System.IO.Compression;
using JollySet.Data;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.ResponseCompression;

namespace JollySet.Web;

/// <summary>Puts the application together.</summary>
public static class Setup
{
    private const string Policy =
        "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /// <summary>Services, with their data in <paramref name="folder"/>.</summary>
    public static void AddJollySet(this IServiceCollection services, string folder)
    {
        services.AddSingleton(_ => new Storage(folder));
        services.AddSingleton(TimeProvider.System);
        services.AddSingleton<Shelf>();
        services.AddSingleton<RulesBook>();
        services.AddSingleton<SessionBook>();
        services.AddSingleton<TimelineShelf>();
        services.AddSingleton<DeviceClock>();
        services.AddSingleton<Core.Fitting.IFitter, Solving.CpFitter>();
        services.AddSingleton<Core.Ordering.IOrderer>(_ => new Solving.BestOrder());
        services.AddDataProtection().SetApplicationName("Jolly Set").PersistKeysToFileSystem(new DirectoryInfo(Path.Combine(folder, "keys")));
        services.AddRazorPages();
        services.AddAntiforgery(antiforgery => antiforgery.HeaderName = "X-Antiforgery");
        services.Configure<RouteOptions>(routes => routes.LowercaseUrls = true);
        services.AddResponseCompression(compression =>
        {
            compression.Providers.Add<BrotliCompressionProvider>();
            compression.Providers.Add<GzipCompressionProvider>();
            compression.MimeTypes = [.. ResponseCompressionDefaults.MimeTypes, "image/svg+xml"];
        });
        services.Configure<BrotliCompressionProviderOptions>(o => o.Level = CompressionLevel.Fastest);
    }

    /// <summary>Migrates the file and, for the demo, fills an empty shelf.</summary>
    public static void PrepareData(this WebApplication app, bool withDemo)
    {
        app.Services.GetRequiredService<Storage>().Migrate();
        if (withDemo)
            DemoData.Fill(app.Services.GetRequiredService<Shelf>());
    }

    /// <summary>The way a request goes.</summary>
    public static void UseJollySet(this WebApplication app)
    {
        app.UseExceptionHandler("/trouble");
        app.UseStatusCodePagesWithReExecute("/trouble/{0}");
        app.Use(async (context, next) =>
        {
            var headers = context.Response.Headers;
            headers.ContentSecurityPolicy = Policy;
            headers.XContentTypeOptions = "nosniff";
            headers["Referrer-Policy"] = "same-origin";
            await next(context);
        });
        app.UseResponseCompression();
        app.UseStaticFiles(new StaticFileOptions
        {
            OnPrepareResponse = file => file.Context.Response.Headers.CacheControl = file.Context.Request.Query.ContainsKey("v") ? "public, max-age=31536000, immutable" : "no-cache",
        });
        app.UseMiddleware<PasteLimit>();
        app.UseRouting();
        app.MapRazorPages();
    }
}
