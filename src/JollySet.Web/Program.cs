using JollySet.Data;
using JollySet.Web;
using JollySet.Web.Live;

try
{
    var builder = WebApplication.CreateBuilder(new WebApplicationOptions { Args = args, ContentRootPath = AppContext.BaseDirectory });
    builder.WebHost.ConfigureKestrel(kestrel =>
    {
        kestrel.AddServerHeader = false;
        kestrel.Limits.MaxRequestBodySize = PasteLimit.MostBytes * 20;
    });
    // Where it is shared, Live/Sharing looks at names and paths together.
    builder.Configuration["AllowedHosts"] = builder.Configuration.GetValue("Share", false) ? "*" : Setup.HostsOf(builder.Configuration["urls"]);
    PrivateFiles.FromNowOn();
    builder.Services.AddJollySet(builder.Configuration["Data"] ?? ".data");
    var app = builder.Build();
    app.PrepareData(withDemo: builder.Configuration.GetValue("Demo", false));
    app.UseJollySet();
    app.Lifetime.ApplicationStarted.Register(() => Console.WriteLine(
        app.Configuration.GetValue("Share", false) && app.Urls.FirstOrDefault() is { } listening
            ? NetworkAddress.Told(listening)
            : $"Jolly Set is at {app.Urls.FirstOrDefault()} – stop it with Ctrl+C."));
    app.Run();
    return 0;
}
catch (StorageException e)
{
    Console.Error.WriteLine(e.Message);
    return 3;
}
catch (IOException e) when (e.InnerException is Microsoft.AspNetCore.Connections.AddressInUseException)
{
    Console.Error.WriteLine("The port is in use by another program. Stop that one, or choose another port: JOLLY_PORT=5081 ./jolly demo");
    return 4;
}

/// <summary>The entry point, public so that tests can host the application.</summary>
public partial class Program;
