using System.Collections.Immutable;
using JollySet.Core.Carousels;
using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>Where the stations of a carousel stand in the room, for each block that is one.</summary>
public sealed class FloorBook(Storage storage)
{
    private static readonly ImmutableSortedDictionary<int, FloorPlace> AsDrawn = ImmutableSortedDictionary<int, FloorPlace>.Empty;

    /// <summary>The places by hand; none where it is as it was drawn.</summary>
    public ImmutableSortedDictionary<int, FloorPlace> Of(Guid classId, int block)
    {
        using var db = storage.Open();
        return db.Floors.AsNoTracking().Where(f => f.ClassId == classId && f.Block == block).Select(f => f.Places).FirstOrDefault() is { } kept ? FloorPlaces.Read(kept) ?? AsDrawn : AsDrawn;
    }

    /// <summary>Keeps them in place of those there were; none puts it back as it was drawn.</summary>
    public void Keep(Guid classId, int block, ImmutableSortedDictionary<int, FloorPlace> places)
    {
        using var db = storage.Open();
        using var all = db.Database.BeginTransaction();
        db.Floors.Where(f => f.ClassId == classId && f.Block == block).ExecuteDelete();
        if (!places.IsEmpty)
            db.Floors.Add(new FloorRow { ClassId = classId, Block = block, Places = FloorPlaces.Write(places) });
        db.SaveChanges();
        all.Commit();
    }
}
