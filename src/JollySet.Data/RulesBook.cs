using JollySet.Core.Plans;
using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>A studio's house rules.</summary>
public sealed class RulesBook(Storage storage)
{
    /// <summary>The rules as they stand; a row for a rule that is no more is passed over.</summary>
    public HouseRules Current()
    {
        using var db = storage.Open();
        return db.HouseRules.AsNoTracking().AsEnumerable()
            .Where(row => HouseRules.Find(row.Name)?.Allows(row.Value) == true)
            .Aggregate(HouseRules.Shipped, (rules, row) => rules.Set(row.Name, row.Value));
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
    }
}
