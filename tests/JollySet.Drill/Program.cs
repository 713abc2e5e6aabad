// The drill: hard knocks against the whole thing, each told with its figure. ./jolly drill [--minutes N] [--short]
using System.Globalization;
using JollySet.Drill;

var isShort = args.Contains("--short");
var at = Array.IndexOf(args, "--minutes");
var minutes = at >= 0 && at + 1 < args.Length && double.TryParse(args[at + 1], CultureInfo.InvariantCulture, out var said) ? said : 20;
var size = isShort ? new Size(Kills: 3, Wild: 4_000, Forms: 150, Undos: 8) : Size.For(minutes);
var report = new Report();

var only = Array.IndexOf(args, "--only") is var named and >= 0 && named + 1 < args.Length ? args[named + 1] : "";
foreach (var (name, part) in new (string, Func<Task>)[]
{
    ("wild", () => WildInput.Run(report, size)),
    ("clocks", () => Clocks.Run(report, size)),
    ("limits", () => AtTheLimits.Run(report, isShort)),
    ("disks", () => Disks.Run(report)),
    ("storms", () => Storms.Run(report, size)),
    ("kills", () => Kills.Run(report, size)),
})
    if (only.Length == 0 || only == name)
        await report.Part(name, part);
Console.WriteLine($"drill: {report.Passed} passed, {report.Failed} failed");
return report.Failed == 0 ? 0 : 1;

/// <summary>How much of everything.</summary>
internal sealed record Size(int Kills, int Wild, int Forms, int Undos)
{
    /// <summary>Of twenty minutes: 200 kills and 300,000 wild inputs.</summary>
    public static Size For(double minutes) => new((int)Math.Max(3, minutes * 10), (int)Math.Max(4_000, minutes * 15_000), (int)Math.Max(150, minutes * 100), 8);
}
