using System.Diagnostics;
using System.Net;
using System.Net.Http.Json;
using System.Text.RegularExpressions;

namespace JollySet.Drill;

/// <summary>The published application as a process of its own over a data folder, and a browser's manners to talk to it.</summary>
internal sealed partial class Server : IDisposable
{
    private static int lastPort = 5200;
    private readonly string folder;
    private readonly int port = Interlocked.Increment(ref lastPort);
    private Process? process;

    public Server(string folder, bool demo = false)
    {
        (this.folder, Demo) = (folder, demo);
        Client = NewClient();
    }

    public HttpClient Client { get; private set; }

    private bool Demo { get; }

    /// <summary>Peak memory of the process so far, in MB.</summary>
    public double PeakMegabytes
    {
        get
        {
            process!.Refresh();
            return process.PeakWorkingSet64 / 1e6;
        }
    }

    /// <summary>What the processors have spent on it so far, in seconds: a machine that does something else beside it adds nothing.</summary>
    public double SpentSeconds
    {
        get
        {
            process!.Refresh();
            return process.TotalProcessorTime.TotalSeconds;
        }
    }

    /// <summary>Starts it; true once it answers, false when it ended by itself.</summary>
    public async Task<bool> Start()
    {
        var start = new ProcessStartInfo("dotnet", ".build/web/JollySet.Web.dll") { RedirectStandardError = true, RedirectStandardOutput = true };
        foreach (var (name, value) in new[] { ("Data", folder), ("ASPNETCORE_URLS", $"http://127.0.0.1:{port}"), ("Demo", Demo ? "true" : "false"), ("Logging__LogLevel__Default", Environment.GetEnvironmentVariable("DRILL_TELLS") is null ? "None" : "Error") })
            start.Environment[name] = value;
        process = Process.Start(start)!;
        _ = Environment.GetEnvironmentVariable("DRILL_TELLS") is null ? process.StandardOutput.ReadToEndAsync() : process.StandardOutput.BaseStream.CopyToAsync(Console.OpenStandardOutput());
        Errors = process.StandardError.ReadToEndAsync();
        while (!process.HasExited)
        {
            try
            {
                if ((await Client.GetAsync(new Uri("/new", UriKind.Relative))).IsSuccessStatusCode)
                    return true;
            }
            catch (HttpRequestException)
            {
                await Task.Delay(40);
            }
        }

        return false;
    }

    /// <summary>What it wrote as errors, once it has ended.</summary>
    public Task<string> Errors { get; private set; } = Task.FromResult("");

    /// <summary>Its exit code; null while it runs.</summary>
    public int? ExitCode => process is { HasExited: true } ? process.ExitCode : null;

    /// <summary>SIGKILL: no time to put anything in order.</summary>
    public void Kill()
    {
        process!.Kill();
        process.WaitForExit();
        Client.Dispose();
        Client = NewClient();
    }

    /// <summary>Makes a class of a sheet; its address.</summary>
    public async Task<string> Make(string sheet)
    {
        var answer = await Post("/new?handler=Text", await Token("/new"), ("text", sheet));
        return answer.Headers.Location?.OriginalString ?? throw new InvalidOperationException($"The sheet was answered with {(int)answer.StatusCode}.");
    }

    public async Task<string> Token(string address) => TokenIn(await Client.GetStringAsync(new Uri(address, UriKind.Relative)));

    public static string TokenIn(string html) => AntiforgeryToken().Match(html).Groups[1].Value;

    public async Task<HttpResponseMessage> Post(string address, string token, params (string Name, string Value)[] fields)
    {
        using var content = new FormUrlEncodedContent(fields.Append(("__RequestVerificationToken", token)).Select(f => KeyValuePair.Create(f.Item1, f.Item2)));
        return await Client.PostAsync(new Uri(address, UriKind.Relative), content);
    }

    public async Task<HttpStatusCode> PostEvents(string session, string token, params object[] events)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, session + "?handler=Events") { Content = JsonContent.Create(events) };
        request.Headers.Add("X-Antiforgery", token);
        return (await Client.SendAsync(request)).StatusCode;
    }

    public void Dispose()
    {
        if (process is { HasExited: false })
            process.Kill();
        process?.Dispose();
        Client.Dispose();
    }

    private HttpClient NewClient() => new(new HttpClientHandler { AllowAutoRedirect = false }) { BaseAddress = new Uri($"http://127.0.0.1:{port}"), Timeout = TimeSpan.FromSeconds(30) };

    [GeneratedRegex("__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)\"")]
    private static partial Regex AntiforgeryToken();
}
