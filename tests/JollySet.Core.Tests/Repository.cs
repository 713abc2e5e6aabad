namespace JollySet.Core.Tests;

/// <summary>Finds files of the repository from wherever the tests run.</summary>
internal static class Repository
{
    public static string Find(params string[] path)
    {
        var folder = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine([folder, .. path])))
            folder = Path.GetDirectoryName(folder) ?? throw new FileNotFoundException(Path.Combine(path));
        return Path.Combine([folder, .. path]);
    }
}
