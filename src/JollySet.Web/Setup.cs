using System.IO.Compression;
using JollySet.Data;
using JollySet.Web.Live;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.ResponseCompression;

namespace JollySet.Web;

/// <summary>Puts the application together.</summary>
public static class Setup
{
    private const string Policy =
        "default-src 'none'; media-src 'self'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    private const string Permissions = "accelerometer=(), camera=(), display-capture=(), geolocation=(), gyroscope=(), hid=(), microphone=(), midi=(), payment=(), serial=(), usb=(), screen-wake-lock=(self), autoplay=(self), fullscreen=(self)";

    /// <summary>The hosts that are answered: this machine by its own names, and those that the addresses listened on name. Another name that leads here is someone else's page.</summary>
    public static string HostsOf(string? urls)
    {
        var named = (urls ?? "").Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Select(url => Microsoft.AspNetCore.Http.BindingAddress.Parse(url).Host)
            .Where(host => host is not ("*" or "+" or "0.0.0.0" or "[::]"));
        return string.Join(';', new[] { "localhost", "127.0.0.1", "[::1]" }.Union(named, StringComparer.OrdinalIgnoreCase));
    }

    /// <summary>Services, with their data in <paramref name="folder"/>.</summary>
    public static void AddJollySet(this IServiceCollection services, string folder)
    {
        services.AddSingleton(JollySet.Core.Outside.DeviceSet.StandIns);
        services.AddSingleton(_ => new Storage(folder));
        services.AddSingleton(TimeProvider.System);
        services.AddSingleton<ClassBook>();
        services.AddSingleton<MovesBook>();
        services.AddSingleton<RulesBook>();
        services.AddSingleton<VenuesBook>();
        services.AddSingleton<FloorBook>();
        services.AddSingleton<VoiceBook>();
        services.AddSingleton<SessionBook>();
        services.AddSingleton<ClassTimelines>();
        services.AddSingleton<DeviceClock>();
        services.AddSingleton<LiveHub>();
        services.AddSingleton<Manners>();
        services.AddSingleton<Searches.SearchService>();
        services.AddHttpContextAccessor();
        services.AddScoped<Parts.PartList>();
        services.AddSingleton<Core.Fitting.IFitter, Solving.CpFitter>();
        services.AddSingleton<Core.Ordering.IOrderer>(_ => new Solving.BestOrder());
        services.AddSingleton<Core.Carousels.IRing, Solving.CpRing>();
        services.AddDataProtection().SetApplicationName("Jolly Set").PersistKeysToFileSystem(new DirectoryInfo(Path.Combine(folder, "keys")));
        // A long card asks more questions than a form usually has fields.
        services.Configure<Microsoft.AspNetCore.Http.Features.FormOptions>(form => form.ValueCountLimit = 20_000);
        services.AddRazorPages(pages => pages.Conventions.AddPageRoute("/Moves/Edit", "/moves/new"));
        // Two instances on one host share its cookies: each names its own by its folder.
        var own = Convert.ToHexStringLower(System.Security.Cryptography.SHA256.HashData(System.Text.Encoding.UTF8.GetBytes(Path.GetFullPath(folder))).AsSpan(0, 4));
        services.AddAntiforgery(antiforgery => (antiforgery.HeaderName, antiforgery.Cookie.Name) = ("X-Antiforgery", $"jolly-{own}"));
        services.Configure<Microsoft.AspNetCore.Mvc.CookieTempDataProviderOptions>(temp => temp.Cookie.Name = $"jolly-temp-{own}");
        services.AddSingleton<Assets>();
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
        {
            DemoData.Fill(app.Services.GetRequiredService<ClassBook>());
            DemoData.Fill(app.Services.GetRequiredService<VenuesBook>());
        }
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
            headers["Permissions-Policy"] = Permissions;
            headers["Cross-Origin-Resource-Policy"] = "same-origin";
            headers["Cross-Origin-Opener-Policy"] = "same-origin";
            await next(context);
        });
        app.Use(app.Services.GetRequiredService<Assets>().Lead);
        // By the paths that assets really have.
        if (app.Configuration.GetValue("Share", false))
            app.UseMiddleware<Sharing>();
        // The answer to an edit is short and mostly goes to this very machine: packing it would take longer than sending it.
        app.UseWhen(context => !Path.HasExtension(context.Request.Path) && !context.Request.Headers.ContainsKey(Parts.PartList.Header), pages => pages.UseResponseCompression());
        app.UseMiddleware<PasteLimit>();
        app.UseRouting();
        app.MapStaticAssets();
        app.MapRazorPages();
        app.MapLive();
    }
}
