using System.Diagnostics;
using System.Net;
using JollySet.Data;
using Microsoft.Data.Sqlite;

namespace JollySet.Drill;

/// <summary>A full disk, a corrupt data file, and one of a later release: each is said in a sentence, and nothing kept is harmed.</summary>
internal static class Disks
{
    private const int Room = 400_000;

    public static async Task Run(Report report)
    {
        await Refused(report, "corrupt data file", "cannot be opened", folder =>
        {
            var file = Path.Combine(folder, "jolly.db");
            var bytes = File.ReadAllBytes(file);
            for (var i = 4096; i < bytes.Length; i += 3)
                bytes[i] = (byte)(bytes[i] ^ 0x5A);
            File.WriteAllBytes(file, bytes);
        });
        await Refused(report, "data file that is none", "cannot be opened", folder => File.WriteAllText(Path.Combine(folder, "jolly.db"), new string('x', 9000)));
        await Refused(report, "data file of a later release", "a later release", folder =>
        {
            using var connection = new SqliteConnection($"Data Source={Path.Combine(folder, "jolly.db")};Pooling=False");
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "INSERT INTO __EFMigrationsHistory VALUES ('29991231235959_Later', '99.0.0')";
            command.ExecuteNonQuery();
        });
        await FullDisk(report);
    }

    private static async Task Refused(Report report, string what, string says, Action<string> harm)
    {
        var folder = Directory.CreateTempSubdirectory("jolly-drill-").FullName;
        var storage = new Storage(folder);
        storage.Migrate();
        DemoData.Fill(new ClassBook(storage, TimeProvider.System));
        storage.Dispose();
        using (var connection = new SqliteConnection($"Data Source={storage.File};Pooling=False"))
        {
            connection.Open();
            using var checkpoint = connection.CreateCommand();
            checkpoint.CommandText = "PRAGMA wal_checkpoint(TRUNCATE)";
            checkpoint.ExecuteNonQuery();
        }

        harm(folder);
        using var server = new Server(folder, demo: true);
        var started = await server.Start();
        var said = started ? "it started" : (await server.Errors).Trim();
        report.Say(!started && server.ExitCode == 3 && said.Contains("jolly.db", StringComparison.Ordinal) && said.Contains(says, StringComparison.Ordinal) && !said.Contains("   at ", StringComparison.Ordinal), what, said);
    }

    /// <summary>Fills the disk but for a little room, so that some edits go in before it is full. Nothing is held back in a buffer.</summary>
    private static void Fill(string file)
    {
        using var filler = new FileStream(file, FileMode.Create, FileAccess.Write, FileShare.Read, bufferSize: 0);
        try
        {
            while (true)
                filler.Write(new byte[4096]);
        }
        catch (IOException)
        {
            filler.SetLength(filler.Length - Room);
        }
    }

    private static async Task FullDisk(Report report)
    {
        var folder = Directory.CreateTempSubdirectory("jolly-drill-disk-").FullName;
        if (Process.Start(new ProcessStartInfo("mount", $"-t tmpfs -o size=4m tmpfs {folder}") { RedirectStandardError = true }) is not { } mount || !mount.WaitForExit(5000) || mount.ExitCode != 0)
        {
            report.Leave("full disk", "a small disk can only be mounted by root");
            return;
        }

        try
        {
            using var server = new Server(folder);
            await server.Start();
            var plan = await server.Make("# Full\nminutes: 10\n== A (circuit, work 40, rest 20)\nsquat\n");
            var token = await server.Token(plan);
            var (kept, told) = (1, false);
            Fill(Path.Combine(folder, "filler"));
            for (var i = 0; i < 400 && !told; i++)
            {
                var answer = await server.Post(plan, token, ("do", "brief"), ("revision", $"{kept}"), ("people", $"{i + 1}"));
                if (answer.StatusCode == HttpStatusCode.Redirect)
                    kept++;
                else
                    told = (await answer.Content.ReadAsStringAsync()).Contains("disk is full", StringComparison.Ordinal);
                if (!told && answer.StatusCode != HttpStatusCode.Redirect)
                    break;
            }

            File.Delete(Path.Combine(folder, "filler"));
            var again = await server.Post(plan, token, ("do", "brief"), ("revision", $"{kept}"), ("people", "999"));
            var page = await server.Client.GetStringAsync(new Uri(plan, UriKind.Relative));
            report.Say(told && kept > 1 && again.StatusCode == HttpStatusCode.Redirect && page.Contains($"data-revision=\"{kept + 1}\"", StringComparison.Ordinal), "full disk", $"{kept - 1} edits until it was full, then {(told ? "said so" : "not said")}; once there was room the next edit was {(int)again.StatusCode}");
        }
        finally
        {
            Process.Start("umount", ["-l", folder])?.WaitForExit(5000);
        }
    }
}
