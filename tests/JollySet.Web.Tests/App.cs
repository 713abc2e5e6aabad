using System.Net;
using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using AngleSharp.Html.Parser;
using JollySet.Core.Keeping;
using JollySet.Core.Plans;
using JollySet.Data;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Extensions.DependencyInjection;

namespace JollySet.Web.Tests;

/// <summary>The application over a database file of its own, with the demo classes.</summary>
public sealed class App : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("jolly").FullName;
    private WebApplicationFactory<Program> factory;

    private readonly (string Name, string Value)[] settings;

    public App(params (string Name, string Value)[] settings)
    {
        this.settings = settings;
        factory = Start();
        Client = NewClient();
    }

    public HttpClient Client { get; private set; }

    public ClassBook Shelf => factory.Services.GetRequiredService<ClassBook>();

    public SessionBook Sessions => factory.Services.GetRequiredService<SessionBook>();

    public RulesBook Rules => factory.Services.GetRequiredService<RulesBook>();

    public MovesBook Moves => factory.Services.GetRequiredService<MovesBook>();

    /// <summary>What this instance calls its cookie against forgery.</summary>
    public string AntiforgeryCookie => factory.Services.GetRequiredService<Microsoft.Extensions.Options.IOptions<Microsoft.AspNetCore.Antiforgery.AntiforgeryOptions>>().Value.Cookie.Name!;

    public string DatabaseFile => Path.Combine(folder, "jolly.db");

    public KeptClass Demo(string title) => Shelf.Find().Classes.Single(c => c.Plan.Title == title);

    /// <summary>Puts a class on the shelf through the gate.</summary>
    public KeptClass Add(ClassPlan plan) => Shelf.Add(Gate.Pass(plan).Passed!, "made for a test");

    /// <summary>The number of the block of that name.</summary>
    public int Block(Guid id, string name) => Shelf.Get(id)!.Plan.Find(name)!.Id;

    /// <summary>Stops the server where it is and starts another over the same file.</summary>
    public void Restart()
    {
        factory.Dispose();
        factory = Start();
        Client = NewClient();
    }

    public async Task<IHtmlDocument> Get(string address)
    {
        var answer = await Client.GetAsync(new Uri(address, UriKind.Relative));
        return await Parse(answer);
    }

    /// <summary>Posts a form as a browser without script would, with some fields changed.</summary>
    public async Task<HttpResponseMessage> Submit(IElement form, params (string Name, string Value)[] changed)
    {
        // As a browser sends them: several of a name, of a choice only the one that is made.
        var fields = form.QuerySelectorAll("input[name], textarea[name], select[name]")
            .Where(e => e is not IHtmlInputElement { Type: "radio", IsChecked: false })
            .Select(e => KeyValuePair.Create(e.GetAttribute("name")!, e is IHtmlTextAreaElement area ? area.Value : e is IHtmlSelectElement select ? select.Value ?? "" : e.GetAttribute("value") ?? ""))
            .Where(f => !changed.Any(c => c.Name == f.Key));
        using var content = new FormUrlEncodedContent(fields.Concat(changed.Select(c => KeyValuePair.Create(c.Name, c.Value))));
        var action = form.GetAttribute("action");
        var address = string.IsNullOrEmpty(action) ? new Uri(form.BaseUrl!.Href).PathAndQuery : action;
        return await Client.PostAsync(new Uri(address, UriKind.Relative), content);
    }

    /// <summary>Asks a page to search, as its form without script does; the query holds the fields.</summary>
    public async Task<IHtmlDocument> Search(string address, string handler = "")
    {
        var parts = address.Split('?', 2);
        var token = (await Get(parts[0])).QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!;
        var fields = parts[1].Split('&').Select(f => f.Split('=', 2)).Select(f => KeyValuePair.Create(Uri.UnescapeDataString(f[0]), Uri.UnescapeDataString(f[1])));
        using var content = new FormUrlEncodedContent(fields.Append(KeyValuePair.Create("__RequestVerificationToken", token)));
        return await Parse(await Client.PostAsync(new Uri(parts[0] + (handler.Length > 0 ? $"?handler={handler}" : ""), UriKind.Relative), content));
    }

    public static async Task<IHtmlDocument> Parse(HttpResponseMessage answer)
    {
        var parser = new HtmlParser();
        var html = await answer.Content.ReadAsStringAsync();
        var document = parser.ParseDocument(html);
        document.Head?.Prepend(Base(document, answer.RequestMessage!.RequestUri!));
        return document;
    }

    public void Dispose()
    {
        factory.Dispose();
        Directory.Delete(folder, recursive: true);
    }

    private static IElement Base(IHtmlDocument document, Uri address)
    {
        var element = document.CreateElement("base");
        element.SetAttribute("href", address.ToString());
        return element;
    }

    private WebApplicationFactory<Program> Start() => new WebApplicationFactory<Program>().WithWebHostBuilder(host =>
    {
        host.UseSetting("Data", folder);
        host.UseSetting("Demo", "true");
        foreach (var (name, value) in settings)
            host.UseSetting(name, value);
    });

    private HttpClient NewClient()
    {
        var client = factory.CreateClient(new WebApplicationFactoryClientOptions { AllowAutoRedirect = false });
        Assert.Equal(HttpStatusCode.OK, client.GetAsync(new Uri("/", UriKind.Relative)).GetAwaiter().GetResult().StatusCode);
        return client;
    }
}
