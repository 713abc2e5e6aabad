using System.Net;

namespace JollySet.Web.Tests;

/// <summary>Who is let in, and what is kept from others.</summary>
public sealed class DoorTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    [Theory]
    [InlineData("localhost", HttpStatusCode.OK)]
    [InlineData("127.0.0.1:5080", HttpStatusCode.OK)]
    [InlineData("[::1]:5080", HttpStatusCode.OK)]
    [InlineData("attacker.example", HttpStatusCode.BadRequest)]
    [InlineData("localhost.attacker.example", HttpStatusCode.BadRequest)]
    public async Task Only_this_machines_names_are_answered(string host, HttpStatusCode status)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/");
        request.Headers.Host = host;
        Assert.Equal(status, (await app.Client.SendAsync(request)).StatusCode);
    }

    [Fact]
    public void Hosts_that_the_addresses_name_are_answered_too() =>
        Assert.Equal("localhost;127.0.0.1;[::1];loft.example", Setup.HostsOf("http://127.0.0.1:5080;http://loft.example:80;http://*:81"));

    [Fact]
    public async Task Every_answer_carries_its_policies()
    {
        var headers = (await app.Client.GetAsync(new Uri("/", UriKind.Relative))).Headers;
        foreach (var name in new[] { "Content-Security-Policy", "Permissions-Policy", "Cross-Origin-Resource-Policy", "Cross-Origin-Opener-Policy", "X-Content-Type-Options", "Referrer-Policy" })
            Assert.True(headers.Contains(name), name);
    }

    [Fact]
    public async Task Scripts_and_fonts_have_addresses_that_name_their_version_and_are_kept_for_ever()
    {
        var page = await app.Get($"/plan/{app.Demo("Slack Water Strength").Id}");
        var script = page.QuerySelector("script[type=module]")!.GetAttribute("src")!;
        Assert.Matches("^/v-[0-9a-f]{10}/js/plan.js$", script);
        foreach (var address in new[] { script, script.Replace("plan.js", "keep.js", StringComparison.Ordinal), script.Replace("js/plan.js", "lib/atkinson-400.woff2", StringComparison.Ordinal) })
        {
            var answer = await app.Client.GetAsync(new Uri(address, UriKind.Relative));
            Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
            Assert.Contains("immutable", answer.Headers.CacheControl!.ToString(), StringComparison.Ordinal);
        }

        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync(new Uri(script.Replace("plan.js", "nothing.js", StringComparison.Ordinal), UriKind.Relative))).StatusCode);
    }

    [Fact]
    [System.Runtime.Versioning.SupportedOSPlatform("linux")]
    public void The_data_are_their_owners_alone()
    {
        Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute, File.GetUnixFileMode(Path.GetDirectoryName(app.DatabaseFile)!));
        foreach (var file in Directory.EnumerateFiles(Path.GetDirectoryName(app.DatabaseFile)!, "*", SearchOption.AllDirectories))
            Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(file));
    }

    [Fact]
    public void Two_instances_name_their_cookies_apart()
    {
        using var other = new App();
        Assert.NotEqual(app.AntiforgeryCookie, other.AntiforgeryCookie);
    }

    [Fact]
    public async Task A_search_is_only_set_off_by_a_form_of_our_own()
    {
        var id = app.Demo("Slack Water Strength").Id;
        foreach (var address in new[] { $"/fit/{id}", $"/order/{id}", "/design?handler=draft" })
            Assert.Equal(HttpStatusCode.BadRequest, (await app.Client.PostAsync(new Uri(address, UriKind.Relative), new FormUrlEncodedContent([]))).StatusCode);
    }
}
