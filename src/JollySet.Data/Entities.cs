namespace JollySet.Data;

/// <summary>Who the rows belong to. There is one until accounts exist.</summary>
public sealed class StudioRow
{
    /// <summary>Its number.</summary>
    public int Id { get; set; }

    /// <summary>What it is called.</summary>
    public required string Name { get; set; }
}

/// <summary>A row that belongs to a studio.</summary>
public interface IOfStudio
{
    /// <summary>The studio's number.</summary>
    int StudioId { get; set; }
}

/// <summary>A class on the shelf, with the columns one searches by; its plan is in its revisions.</summary>
public sealed class ClassRow : IOfStudio
{
    /// <summary>Its name in addresses.</summary>
    public Guid Id { get; set; }

    /// <inheritdoc/>
    public int StudioId { get; set; }

    /// <summary>The plan's title.</summary>
    public required string Title { get; set; }

    /// <summary>Title, focus, kit and moves in lower case, for search.</summary>
    public required string SearchText { get; set; }

    /// <summary>Number of the newest revision; an edit names the one it was made on.</summary>
    public int Revision { get; set; }

    /// <summary>When it was last changed, UTC.</summary>
    public DateTime ChangedAt { get; set; }

    /// <summary>When it was taken off the shelf, UTC; null while it is there. It can be brought back.</summary>
    public DateTime? RemovedAt { get; set; }
}

/// <summary>One state of a class, kept whole. Undo and redo add revisions too.</summary>
public sealed class RevisionRow : IOfStudio
{
    /// <summary>Row number.</summary>
    public int Id { get; set; }

    /// <inheritdoc/>
    public int StudioId { get; set; }

    /// <summary>The class.</summary>
    public Guid ClassId { get; set; }

    /// <summary>From 1, rising by one.</summary>
    public int Number { get; set; }

    /// <summary>The plan as JSON.</summary>
    public required string Plan { get; set; }

    /// <summary>What was changed, in words.</summary>
    public required string Summary { get; set; }

    /// <summary>Why it is as it is, a line each, where a draft said so; null otherwise.</summary>
    public string? Reasons { get; set; }

    /// <summary>When, UTC.</summary>
    public DateTime At { get; set; }

    /// <summary>The revision an undo from here goes to; null at the beginning.</summary>
    public int? UndoTo { get; set; }

    /// <summary>The revision a redo from here goes to; null when nothing was undone.</summary>
    public int? RedoTo { get; set; }
}

/// <summary>A house rule that differs from the shipped one.</summary>
public sealed class HouseRuleRow : IOfStudio
{
    /// <summary>Row number.</summary>
    public int Id { get; set; }

    /// <inheritdoc/>
    public int StudioId { get; set; }

    /// <summary>The rule's name.</summary>
    public required string Name { get; set; }

    /// <summary>Its value, in the rule's unit.</summary>
    public decimal Value { get; set; }
}

/// <summary>A move of the studio's own, or one whose shipped facts it overrules.</summary>
public sealed class OwnMoveRow : IOfStudio
{
    /// <summary>Row number.</summary>
    public int Id { get; set; }

    /// <inheritdoc/>
    public int StudioId { get; set; }

    /// <summary>Its name in small letters.</summary>
    public required string Name { get; set; }

    /// <summary>The move as a list of one, in the form of the library’s files.</summary>
    public required string Move { get; set; }
}

/// <summary>A taught class: a plan pinned at the start, with the house rules of that day.</summary>
public sealed class SessionRow : IOfStudio
{
    /// <summary>Its name in addresses.</summary>
    public Guid Id { get; set; }

    /// <inheritdoc/>
    public int StudioId { get; set; }

    /// <summary>The class.</summary>
    public Guid ClassId { get; set; }

    /// <summary>The pinned revision.</summary>
    public int Revision { get; set; }

    /// <summary>The pinned plan as JSON: the record outlives the class.</summary>
    public required string Plan { get; set; }

    /// <summary>The changed house rules of that day as JSON.</summary>
    public required string Rules { get; set; }

    /// <summary>The studio's own moves of that day that the class uses, as a list in JSON.</summary>
    public required string Moves { get; set; }

    /// <summary>When it was opened, UTC.</summary>
    public DateTime At { get; set; }

    /// <summary>Planned and real, as JSON, once it has ended.</summary>
    public string? Record { get; set; }

    /// <summary>What the instructor noted afterwards.</summary>
    public string? Note { get; set; }

    /// <summary>What happened at a stop; stays on this machine and out of exports.</summary>
    public string? Incident { get; set; }

    /// <summary>By which a second screen shows it; null where none was asked for, or it has ended.</summary>
    public string? DisplayCode { get; set; }

    /// <summary>By which a phone steers it.</summary>
    public string? RemoteCode { get; set; }

    /// <summary>By which people follow it.</summary>
    public string? FollowCode { get; set; }
}

/// <summary>How the instructor says one thing.</summary>
public sealed class VoiceRow : IOfStudio
{
    /// <summary>Row number.</summary>
    public int Id { get; set; }

    /// <inheritdoc/>
    public int StudioId { get; set; }

    /// <summary>The phrase.</summary>
    public required string Name { get; set; }

    /// <summary>Its pattern.</summary>
    public required string Pattern { get; set; }
}

/// <summary>What someone who follows along sent of one set, under a nickname.</summary>
public sealed class FollowNoteRow : IOfStudio
{
    /// <summary>Row number.</summary>
    public int Id { get; set; }

    /// <inheritdoc/>
    public int StudioId { get; set; }

    /// <summary>The session.</summary>
    public Guid SessionId { get; set; }

    /// <summary>As they call themselves.</summary>
    public required string Nickname { get; set; }

    /// <summary>Index of the work period.</summary>
    public int Set { get; set; }

    /// <summary>Clean reps.</summary>
    public int? Reps { get; set; }

    /// <summary>Kilograms.</summary>
    public decimal? Kilograms { get; set; }
}

/// <summary>One event of a session; the list only grows.</summary>
public sealed class SessionEventRow : IOfStudio
{
    /// <summary>Row number.</summary>
    public int Id { get; set; }

    /// <inheritdoc/>
    public int StudioId { get; set; }

    /// <summary>The session.</summary>
    public Guid SessionId { get; set; }

    /// <summary>From 1, rising by one.</summary>
    public int Number { get; set; }

    /// <summary>What happened.</summary>
    public required string Kind { get; set; }

    /// <summary>On the teaching device's clock, in ms.</summary>
    public long AtMs { get; set; }

    /// <summary>A segment or seconds.</summary>
    public int? Value { get; set; }
}

/// <summary>Where the stations of a carousel stand in the room.</summary>
public sealed class FloorRow : IOfStudio
{
    /// <summary>Row number.</summary>
    public int Id { get; set; }

    /// <inheritdoc/>
    public int StudioId { get; set; }

    /// <summary>The class.</summary>
    public Guid ClassId { get; set; }

    /// <summary>The number of its block.</summary>
    public int Block { get; set; }

    /// <summary>By place in the ring, as JSON.</summary>
    public required string Places { get; set; }
}

/// <summary>A place where classes are taught, with what it has.</summary>
public sealed class VenueRow : IOfStudio
{
    /// <summary>Row number.</summary>
    public int Id { get; set; }

    /// <inheritdoc/>
    public int StudioId { get; set; }

    /// <summary>As briefs name it.</summary>
    public required string Name { get; set; }

    /// <summary>Its kit, an entry a line, as a brief writes it.</summary>
    public required string Kit { get; set; }

    /// <summary>Minutes for coming in and laying out.</summary>
    public int MinutesIn { get; set; }

    /// <summary>Minutes for putting away and leaving.</summary>
    public int MinutesOut { get; set; }

    /// <summary>What is underfoot.</summary>
    public required string Floor { get; set; }

    /// <summary>Who must not be disturbed.</summary>
    public required string Neighbours { get; set; }
}
