using JollySet.Core.Moves;

namespace JollySet.Core.Search;

/// <summary>A move's places in a class, in words.</summary>
public static class RoleWords
{
    /// <summary><c>main move</c>, <c>warm-up</c> …</summary>
    public static string Of(Role role) => role switch
    {
        Role.Main => "main move",
        Role.WarmUp => "warm-up",
        _ => role.ToString().ToLowerInvariant(),
    };
}
