using System.Collections.Immutable;
using JollySet.Core.Kit;
using JollySet.Core.Plans;
using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>The places of a studio and what they have.</summary>
public sealed class VenuesBook(Storage storage)
{
    /// <summary>The most places a studio keeps.</summary>
    public const int Most = 60;

    /// <summary>All of them by name.</summary>
    public ImmutableArray<Venue> All()
    {
        using var db = storage.Open();
        return [.. db.Venues.AsNoTracking().OrderBy(v => v.Name).AsEnumerable().Select(Read)];
    }

    /// <summary>The place a brief names; null where it names none that is kept.</summary>
    public Venue? Of(Brief brief) => brief.Place is { } place ? All().FirstOrDefault(v => v.Name.Equals(place.Trim(), StringComparison.OrdinalIgnoreCase)) : null;

    /// <summary>Keeps a place, in place of the one of that name.</summary>
    /// <param name="was">The name it had; null for a new one.</param>
    /// <returns>False where another has its name, or there are too many.</returns>
    public bool Keep(Venue venue, string? was)
    {
        using var db = storage.Open();
        using var all = db.Database.BeginTransaction();
        var name = venue.Name.Trim();
        var others = db.Venues.AsNoTracking().Select(v => v.Name).ToList().Where(n => !n.Equals(was, StringComparison.OrdinalIgnoreCase)).ToList();
        if (others.Count >= Most || others.Contains(name, StringComparer.OrdinalIgnoreCase))
            return false;
        if (was is not null)
            db.Venues.Where(v => v.Name == was).ExecuteDelete();
        db.Venues.Add(new VenueRow { Name = name, Kit = venue.Kit, MinutesIn = venue.MinutesIn, MinutesOut = venue.MinutesOut, Floor = venue.Floor.Trim(), Neighbours = venue.Neighbours.Trim() });
        db.SaveChanges();
        all.Commit();
        return true;
    }

    /// <summary>Forgets a place.</summary>
    public void Forget(string name)
    {
        using var db = storage.Open();
        db.Venues.Where(v => v.Name == name).ExecuteDelete();
    }

    private static Venue Read(VenueRow row) => new(row.Name, row.Kit, row.MinutesIn, row.MinutesOut, row.Floor, row.Neighbours);
}
