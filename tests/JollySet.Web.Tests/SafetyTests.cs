using System.Net;
using System.Text.RegularExpressions;
using JollySet.Core.Keeping;
using JollySet.Data;
using Microsoft.Data.Sqlite;
using NetArchTest.Rules;

namespace JollySet.Web.Tests;

public sealed partial class SafetyTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    [Fact]
    public async Task No_page_has_script_or_style_in_line_and_every_answer_has_the_policy()
    {
        var id = app.Demo("Spring Tide").Id;
        var session = app.Sessions.Open(app.Demo("Rope Walk"), app.Rules.Studio());
        foreach (var address in new[] { "/", "/new", $"/plan/{id}", $"/print/{id}", $"/session/{session}", "/nowhere" })
        {
            var answer = await app.Client.GetAsync(new Uri(address, UriKind.Relative));
            var html = await answer.Content.ReadAsStringAsync();
            Assert.Contains("script-src 'self'; style-src 'self'", string.Concat(answer.Headers.GetValues("Content-Security-Policy")), StringComparison.Ordinal);
            Assert.DoesNotMatch(InLine(), html);
        }
    }

    [Fact]
    public async Task What_is_not_there_says_so()
    {
        var answer = await app.Client.GetAsync(new Uri($"/plan/{Guid.NewGuid()}", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
        Assert.Contains("Not on the shelf", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public void Dependencies_point_downwards_only()
    {
        static void Knows(Type of, params string[] never) =>
            Assert.True(Types.InAssembly(of.Assembly).ShouldNot().HaveDependencyOnAny(never).GetResult().IsSuccessful, of.Assembly.GetName().Name);
        string[] interfaces = ["JollySet.Web", "JollySet.Cli"];
        Knows(typeof(Core.Plans.ClassPlan), [.. interfaces, "JollySet.Data", "JollySet.Drawing", "JollySet.Solving", "Microsoft.EntityFrameworkCore", "Microsoft.AspNetCore"]);
        Knows(typeof(Drawing.Flag), [.. interfaces, "JollySet.Data", "Microsoft.AspNetCore"]);
        Knows(typeof(ClassBook), [.. interfaces, "JollySet.Drawing", "Microsoft.AspNetCore"]);
    }

    [Fact]
    public void Another_studios_rows_are_not_seen()
    {
        using (var connection = new SqliteConnection($"Data Source={app.DatabaseFile}"))
        {
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "INSERT INTO Studios (Id, Name) VALUES (2, 'Other'); UPDATE Classes SET StudioId = 2 WHERE Title = 'Rope Walk';";
            command.ExecuteNonQuery();
        }

        Assert.DoesNotContain(app.Shelf.Find().Classes, c => c.Plan.Title == "Rope Walk");
        Assert.Equal(15, app.Shelf.Find().All);
    }

    [Fact]
    public void House_rules_are_kept_and_reset()
    {
        app.Rules.Set("change.settle", 9);
        Assert.Equal(9, app.Rules.Current()["change.settle"]);
        app.Rules.Set("change.settle", 6);
        Assert.Empty(app.Rules.Current().Changed);
        Assert.Throws<ArgumentOutOfRangeException>(() => app.Rules.Set("change.settle", -1));
    }

    [Fact]
    public void The_database_is_in_WAL_with_foreign_keys_on()
    {
        using var connection = new SqliteConnection($"Data Source={app.DatabaseFile}");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "PRAGMA journal_mode";
        Assert.Equal("wal", command.ExecuteScalar());
    }

    [Fact]
    public void A_copy_is_set_aside_before_a_migration()
    {
        var folder = Directory.CreateTempSubdirectory("jolly").FullName;
        var storage = new Storage(folder);
        storage.Migrate();
        using (var db = storage.Open())
            Microsoft.EntityFrameworkCore.RelationalDatabaseFacadeExtensions.ExecuteSqlRaw(db.Database, "DROP TABLE Floors; DROP TABLE Venues; DROP TABLE Voices; DROP TABLE FollowNotes; DROP TABLE OwnMoves; DROP TABLE HouseRules; DROP TABLE SessionEvents; DROP TABLE Sessions; DROP TABLE Revisions; DROP TABLE Classes; DROP TABLE Studios; DELETE FROM __EFMigrationsHistory; INSERT INTO __EFMigrationsHistory VALUES ('20000101000000_Before', '10.0.0');");
        storage.Migrate();
        Assert.Single(Directory.GetFiles(folder, "jolly-before-*.db"));
        storage.Dispose();
        Directory.Delete(folder, recursive: true);
    }

    [Fact]
    public void A_file_of_the_first_release_goes_on_with_its_sessions()
    {
        var folder = Directory.CreateTempSubdirectory("jolly").FullName;
        var (storage, id) = (new Storage(folder), Guid.NewGuid());
        using (var db = storage.Open())
        {
            Microsoft.EntityFrameworkCore.Infrastructure.AccessorExtensions.GetService<Microsoft.EntityFrameworkCore.Migrations.IMigrator>(db.Database).Migrate("Beginning");
            Microsoft.EntityFrameworkCore.RelationalDatabaseFacadeExtensions.ExecuteSql(db.Database, $"INSERT INTO Sessions (Id, StudioId, ClassId, Revision, Plan, Rules, At) VALUES ({id}, 1, {id}, 1, {StoredPlan.Write(Core.Sheets.SheetReader.Read("# Old\n== A (circuit, work 40, rest 20)\nsquat\n").Plan!)}, {"{}"}, {DateTime.UtcNow})");
        }

        storage.Migrate();
        var moves = new MovesBook(storage);
        Assert.Equal("Old", new SessionBook(storage, moves, TimeProvider.System).Get(id)!.Timeline.Plan.Title);
        Assert.Empty(moves.Own());
        storage.Dispose();
        Directory.Delete(folder, recursive: true);
    }

    [Fact]
    public void A_data_folder_that_cannot_be_made_is_one_clear_sentence()
    {
        var file = Path.GetTempFileName();
        var error = Assert.Throws<StorageException>(() => new Storage(Path.Combine(file, "data")));
        Assert.Contains("cannot be written to", error.Message, StringComparison.Ordinal);
        File.Delete(file);
    }

    [Fact]
    public void The_demo_has_a_class_for_every_format_and_three_have_honest_faults()
    {
        var stops = DemoData.Classes().Select(plan => (plan.Title, Core.Checks.Review.Of(Core.Timing.TimelineBuilder.Build(plan)).Count(f => f.Severity == Core.Checks.Severity.Stop))).ToList();
        Assert.Equal(16, stops.Count);
        Assert.Equal(["Spring Tide", "Either Bank", "Squall, no repeats"], stops.Where(s => s.Item2 > 0).Select(s => s.Title));
    }

    [Fact]
    public void Every_format_and_every_school_is_shown_by_a_demo_class()
    {
        var formats = DemoData.Classes().SelectMany(c => c.Blocks).Select(b => b.Format).ToList();
        var built = typeof(Core.Plans.BlockFormat).Assembly.GetTypes().Where(t => t.BaseType == typeof(Core.Plans.BlockFormat) && t != typeof(Core.Plans.AgainFormat));
        Assert.All(built, type => Assert.Contains(formats, f => f.GetType() == type));
        Assert.Equal(Enum.GetValues<Core.Plans.School>(), formats.OfType<Core.Plans.LinkedFormat>().Select(f => f.School).Distinct().Order());
    }

    [GeneratedRegex("<script(?![^>]*(src=|application/json))|<style|\\sstyle=|\\son[a-z]+=\"", RegexOptions.IgnoreCase)]
    private static partial Regex InLine();
}
