using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Carousels;

/// <summary>People who come late.</summary>
/// <param name="Slot">From 0, the first slot they are there for.</param>
public sealed record LateComers(int People, int Slot);

/// <summary>One thing that breaks.</summary>
/// <param name="Place">Place of the ring, from 0.</param>
/// <param name="Slot">From 0, the first slot it is missed in.</param>
public sealed record Broken(int Place, int Slot);

/// <summary>One station in one slot.</summary>
/// <param name="Crew">Which crew is there; null where it stands empty.</param>
/// <param name="Room">How many can work at once; null where nothing limits it.</param>
/// <param name="Turns">Into how many turns the slot is parted, so that everyone works; 0 where nobody can.</param>
/// <param name="Wait">How long each of them waits in it.</param>
public sealed record RingPlace(int Place, int? Crew, int People, int? Room, int Turns, Length Wait)
{
    /// <summary>How many stand by while the others work.</summary>
    public int Queue => Room is { } room ? Math.Max(0, People - room) : 0;
}

/// <summary>One slot of the run.</summary>
public sealed record RingSlot(int Number, Length Start, Length End, ImmutableArray<RingPlace> Places)
{
    /// <summary>People who stand by.</summary>
    public int Queue => Places.Sum(p => p.Queue);
}

/// <summary>A carousel run for its headcount, slot by slot.</summary>
public sealed record CarouselRun(Carousel Carousel, ImmutableArray<RingSlot> Slots)
{
    /// <summary>What everyone waits, added up.</summary>
    public Length Waiting => Slots.Sum(s => s.Places.Sum(p => p.Wait * p.People));

    /// <summary>Runs it. Late-comers join the smallest crews; a broken thing makes room for one fewer at its station, where kit limits it.</summary>
    public static CarouselRun Of(Carousel carousel, IReadOnlyCollection<LateComers> late, IReadOnlyCollection<Broken> broken)
    {
        var sizes = carousel.Crews.Select(c => c.Size).ToArray();
        var slots = ImmutableArray.CreateBuilder<RingSlot>(carousel.Slots);
        for (var slot = 0; slot < carousel.Slots; slot++)
        {
            foreach (var comers in late.Where(l => l.Slot == slot))
                for (var n = 0; n < comers.People; n++)
                    sizes[Array.IndexOf(sizes, sizes.Min())]++;
            var start = (carousel.Slot + carousel.Gap) * slot;
            var crews = Enumerable.Range(0, sizes.Length).ToDictionary(c => carousel.PlaceOf(c, slot));
            slots.Add(new RingSlot(slot, start, start + carousel.Slot, [.. Enumerable.Range(0, carousel.Ring.Length).Select(place => PlaceOf(carousel, place, crews.TryGetValue(place, out var crew) ? crew : null, sizes, broken.Count(b => b.Place == place && b.Slot <= slot)))]));
        }

        return new CarouselRun(carousel, slots.ToImmutable());
    }

    private static RingPlace PlaceOf(Carousel carousel, int place, int? crew, int[] sizes, int broken)
    {
        var bollard = carousel.Ring[place];
        int? room = bollard.Room is { } all ? Math.Max(0, all - (bollard.Limit == "space" ? 0 : broken)) : null;
        if (crew is not { } there)
            return new RingPlace(place, null, 0, room, 1, Length.Zero);
        var people = sizes[there];
        var turns = room is not { } limit ? 1 : limit == 0 ? 0 : (people + limit - 1) / limit;
        return new RingPlace(place, there, people, room, turns, turns switch { 0 => carousel.Slot, 1 => Length.Zero, _ => Length.Tenths(carousel.Slot.InTenths - (carousel.Slot.InTenths / turns)) });
    }
}
