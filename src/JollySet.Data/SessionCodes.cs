using System.Security.Cryptography;

namespace JollySet.Data;

/// <summary>What a code opens.</summary>
public enum CodeKind { Display, Remote, Follow }

/// <summary>The codes of one class that is being taught; they end with it.</summary>
public sealed record SessionCodes(string Display, string Remote, string Follow)
{
    /// <summary>How many signs a code has: a thousand million million of them.</summary>
    public const int Length = 8;

    /// <summary>Signs that are told apart when read aloud or across a room.</summary>
    private const string Signs = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

    /// <summary>A fresh one.</summary>
    public static string New() => RandomNumberGenerator.GetString(Signs, Length);

    /// <summary>As it was typed, with small letters, spaces and dashes forgiven; null for what can be none.</summary>
    public static string? Read(string? typed)
    {
        var code = string.Concat((typed ?? "").ToUpperInvariant().Where(c => !char.IsWhiteSpace(c) && c != '-'));
        return code.Length == Length && code.All(Signs.Contains) ? code : null;
    }

    /// <summary>In two halves, for reading.</summary>
    public static string Spoken(string code) => $"{code[..4]}-{code[4..]}";
}
