using System.Runtime.InteropServices;

namespace JollySet.Web;

/// <summary>What this program writes is its user's alone: folders 0700, files 0600.</summary>
internal static class PrivateFiles
{
    private const int GroupAndOthers = 0b000_111_111;

    /// <summary>Takes from everything written from now on what others could do with it.</summary>
    public static void FromNowOn()
    {
        if (OperatingSystem.IsLinux())
            _ = Mask(GroupAndOthers);
    }

    [DllImport("libc", EntryPoint = "umask")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern uint Mask(uint mask);
}
