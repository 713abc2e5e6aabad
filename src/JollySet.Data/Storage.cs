using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Infrastructure;

namespace JollySet.Data;

/// <summary>Where the one SQLite file lies and how it is opened.</summary>
public sealed class Storage : IDisposable
{
    private readonly string connection;
    private readonly PooledDbContextFactory<JollySetDb> pool;

    /// <summary>Storage in <paramref name="folder"/>; the folder is made when it is missing.</summary>
    /// <exception cref="StorageException">The folder cannot be made or written to.</exception>
    public Storage(string folder)
    {
        Folder = Path.GetFullPath(folder);
        File = Path.Combine(Folder, "jolly.db");
        MakeSure(Folder);
        connection = new SqliteConnectionStringBuilder { DataSource = File, ForeignKeys = true, DefaultTimeout = 5 }.ToString();
        pool = new PooledDbContextFactory<JollySetDb>(new DbContextOptionsBuilder<JollySetDb>().UseSqlite(connection).Options);
    }

    /// <summary>The folder.</summary>
    public string Folder { get; }

    /// <summary>The database file.</summary>
    public string File { get; }

    /// <summary>A unit of work.</summary>
    public JollySetDb Open() => pool.CreateDbContext();

    /// <summary>Lets the file go: connections that were kept for the next unit of work are closed; no other storage's are.</summary>
    public void Dispose()
    {
        using var own = new SqliteConnection(connection);
        SqliteConnection.ClearPool(own);
    }

    /// <summary>Brings the file up to date; before it changes, a copy of it is set aside.</summary>
    /// <exception cref="StorageException">The file cannot be opened or written.</exception>
    public void Migrate()
    {
        try
        {
            using var db = Open();
            Sound(db);
            var pending = db.Database.GetPendingMigrations().ToList();
            if (pending.Count > 0 && db.Database.GetAppliedMigrations().Any())
                SetAside(pending[0]);
            db.Database.Migrate();
            db.Database.ExecuteSqlRaw("PRAGMA journal_mode=WAL;");
        }
        catch (SqliteException e)
        {
            throw new StorageException($"The data file {File} cannot be opened: {e.Message}", e);
        }
    }

    /// <summary>A file that is damaged, or that a later release has changed, is not touched.</summary>
    private void Sound(JollySetDb db)
    {
        if (!System.IO.File.Exists(File))
            return;
        var verdict = "ok";
        using (var connection = new SqliteConnection($"Data Source={File};Pooling=False"))
        {
            connection.Open();
            using var check = connection.CreateCommand();
            check.CommandText = "PRAGMA quick_check(1)";
            verdict = (string)check.ExecuteScalar()!;
        }

        if (verdict != "ok")
            throw new StorageException($"The data file {File} is damaged ({verdict.Split('\n')[0]}). Nothing in it was changed. Put a copy in its place (jolly-before-….db beside it, or your own backup), or name another folder with JOLLY_DATA.");
        var newest = db.Database.GetMigrations().Max(StringComparer.Ordinal);
        if (db.Database.GetAppliedMigrations().FirstOrDefault(m => string.CompareOrdinal(m, newest) > 0) is { } later)
            throw new StorageException($"The data file {File} was changed by a later release of Jolly Set ({later}). Nothing in it was touched. Use that release, or name another folder with JOLLY_DATA.");
    }

    /// <summary>A copy of the file as it is now, beside it.</summary>
    private void SetAside(string before)
    {
        var copy = Path.Combine(Folder, $"jolly-before-{before}.db");
        System.IO.File.Delete(copy);
        using var from = new SqliteConnection($"Data Source={File};Pooling=False");
        using var to = new SqliteConnection($"Data Source={copy};Pooling=False");
        from.Open();
        to.Open();
        from.BackupDatabase(to);
    }

    private static void MakeSure(string folder)
    {
        try
        {
            Directory.CreateDirectory(folder);
            // The folder is its user's alone, whoever made it.
            if (!OperatingSystem.IsWindows())
                System.IO.File.SetUnixFileMode(folder, UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute);
            var probe = Path.Combine(folder, ".writable");
            System.IO.File.WriteAllText(probe, "");
            System.IO.File.Delete(probe);
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            throw new StorageException($"The data folder {folder} cannot be written to. Give it write permission, or name another with JOLLY_DATA.", e);
        }
    }
}

/// <summary>Something about the data folder that a person has to put right; the message is a sentence for them.</summary>
public sealed class StorageException(string message, Exception? inner = null) : Exception(message, inner);

/// <summary>For making migrations only.</summary>
internal sealed class DesignTimeDb : IDesignTimeDbContextFactory<JollySetDb>
{
    public JollySetDb CreateDbContext(string[] args) => new(new DbContextOptionsBuilder<JollySetDb>().UseSqlite("Data Source=design.db").Options);
}
