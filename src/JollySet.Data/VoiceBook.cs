using JollySet.Core.Cues.Saying;
using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>How a studio's instructor says things.</summary>
public sealed class VoiceBook(Storage storage)
{
    private Voice? known;

    /// <summary>The voice as it stands; read once, and again after each change.</summary>
    public Voice Current()
    {
        if (known is { } voice)
            return voice;
        using var db = storage.Open();
        return known = Voice.Of(db.Voices.AsNoTracking().AsEnumerable().Select(v => KeyValuePair.Create(v.Name, v.Pattern)));
    }

    /// <summary>Sets patterns; the usual one takes the row away.</summary>
    /// <exception cref="ArgumentException">One of them cannot be said; none is set.</exception>
    public void Set(IReadOnlyCollection<KeyValuePair<string, string>> patterns)
    {
        foreach (var (name, pattern) in patterns)
            Voice.Usual.With(name, pattern);
        using var db = storage.Open();
        using var all = db.Database.BeginTransaction();
        var names = patterns.Select(p => p.Key).ToList();
        db.Voices.Where(v => names.Contains(v.Name)).ExecuteDelete();
        foreach (var (name, pattern) in patterns.Where(p => Voice.Usual[p.Key] != p.Value))
            db.Voices.Add(new VoiceRow { Name = name, Pattern = pattern });
        db.SaveChanges();
        all.Commit();
        known = null;
    }
}
