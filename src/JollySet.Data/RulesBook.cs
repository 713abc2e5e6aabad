using JollySet.Core.Plans;
using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>A studio's house rules.</summary>
public sealed class RulesBook(Storage storage, MovesBook moves)
{
    private Studio? known;

    /// <summary>The rules as they stand; a row for a rule that is no more is passed over. Read once, and again after each change.</summary>
    public HouseRules Current() => Studio().Rules;

    /// <summary>The same with the moves the studio knows: what its classes are reckoned with.</summary>
    public Studio Studio()
    {
        var library = moves.Library();
        return known is { } studio && ReferenceEquals(studio.Library, library) ? studio : known = new Studio(known?.Rules ?? Read(), library);
    }

    private HouseRules Read()
    {
        using var db = storage.Open();
        return HouseRules.Shipped.With(db.HouseRules.AsNoTracking().AsEnumerable().Select(row => KeyValuePair.Create(row.Name, row.Value)));
    }

    /// <summary>Sets one rule; its default takes the row away.</summary>
    /// <exception cref="ArgumentOutOfRangeException">There is no such rule, or it does not allow the value.</exception>
    public void Set(string name, decimal value)
    {
        HouseRules.Shipped.Set(name, value);
        using var db = storage.Open();
        db.HouseRules.Where(r => r.Name == name).ExecuteDelete();
        if (value != HouseRules.Find(name)!.Default)
            db.HouseRules.Add(new HouseRuleRow { Name = name, Value = value });
        db.SaveChanges();
        known = null;
    }
}
