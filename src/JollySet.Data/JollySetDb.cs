using Microsoft.EntityFrameworkCore;

namespace JollySet.Data;

/// <summary>Everything that is kept. Every row belongs to a studio, and queries see only those of one.</summary>
public sealed class JollySetDb(DbContextOptions<JollySetDb> options) : DbContext(options)
{
    /// <summary>The studio whose rows are seen and written.</summary>
    public int StudioId { get; init; } = 1;

    /// <summary>Studios.</summary>
    public DbSet<StudioRow> Studios => Set<StudioRow>();

    /// <summary>Classes.</summary>
    public DbSet<ClassRow> Classes => Set<ClassRow>();

    /// <summary>Revisions of classes.</summary>
    public DbSet<RevisionRow> Revisions => Set<RevisionRow>();

    /// <summary>Changed house rules.</summary>
    public DbSet<HouseRuleRow> HouseRules => Set<HouseRuleRow>();

    /// <summary>Own moves.</summary>
    public DbSet<OwnMoveRow> OwnMoves => Set<OwnMoveRow>();

    /// <summary>Taught classes.</summary>
    public DbSet<SessionRow> Sessions => Set<SessionRow>();

    /// <summary>Events of taught classes.</summary>
    public DbSet<SessionEventRow> SessionEvents => Set<SessionEventRow>();

    /// <summary>Places where classes are taught.</summary>
    public DbSet<VenueRow> Venues => Set<VenueRow>();

    /// <summary>Where the stations of carousels stand.</summary>
    public DbSet<FloorRow> Floors => Set<FloorRow>();

    /// <summary>The instructor's own words.</summary>
    public DbSet<VoiceRow> Voices => Set<VoiceRow>();

    /// <summary>What people who follow along sent.</summary>
    public DbSet<FollowNoteRow> FollowNotes => Set<FollowNoteRow>();

    /// <inheritdoc/>
    public override int SaveChanges(bool acceptAllChangesOnSuccess)
    {
        foreach (var entry in ChangeTracker.Entries<IOfStudio>().Where(e => e.State == EntityState.Added))
            entry.Entity.StudioId = StudioId;
        return base.SaveChanges(acceptAllChangesOnSuccess);
    }

    /// <inheritdoc/>
    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<StudioRow>().HasData(new StudioRow { Id = 1, Name = "The sail loft" });
        modelBuilder.Entity<ClassRow>(e =>
        {
            e.HasQueryFilter(c => c.StudioId == StudioId && c.RemovedAt == null);
            e.HasIndex(c => new { c.StudioId, c.ChangedAt });
            e.Property(c => c.Revision).IsConcurrencyToken();
            e.HasOne<StudioRow>().WithMany().HasForeignKey(c => c.StudioId);
        });
        modelBuilder.Entity<RevisionRow>(e =>
        {
            e.HasQueryFilter(r => r.StudioId == StudioId);
            e.HasIndex(r => new { r.ClassId, r.Number }).IsUnique();
            e.HasOne<ClassRow>().WithMany().HasForeignKey(r => r.ClassId).OnDelete(DeleteBehavior.Cascade).IsRequired(false);
            e.HasOne<StudioRow>().WithMany().HasForeignKey(r => r.StudioId);
        });
        modelBuilder.Entity<HouseRuleRow>(e =>
        {
            e.HasQueryFilter(r => r.StudioId == StudioId);
            e.HasIndex(r => new { r.StudioId, r.Name }).IsUnique();
            e.HasOne<StudioRow>().WithMany().HasForeignKey(r => r.StudioId);
        });
        modelBuilder.Entity<OwnMoveRow>(e =>
        {
            e.HasQueryFilter(m => m.StudioId == StudioId);
            e.HasIndex(m => new { m.StudioId, m.Name }).IsUnique();
            e.HasOne<StudioRow>().WithMany().HasForeignKey(m => m.StudioId);
        });
        modelBuilder.Entity<VenueRow>(e =>
        {
            e.HasQueryFilter(v => v.StudioId == StudioId);
            e.HasIndex(v => new { v.StudioId, v.Name }).IsUnique();
            e.HasOne<StudioRow>().WithMany().HasForeignKey(v => v.StudioId);
        });
        modelBuilder.Entity<FloorRow>(e =>
        {
            e.HasQueryFilter(f => f.StudioId == StudioId);
            e.HasIndex(f => new { f.ClassId, f.Block }).IsUnique();
            e.HasOne<StudioRow>().WithMany().HasForeignKey(f => f.StudioId);
        });
        modelBuilder.Entity<SessionRow>(e =>
        {
            e.Property(s => s.Moves).HasDefaultValue("[]");
            e.HasQueryFilter(s => s.StudioId == StudioId);
            e.HasIndex(s => new { s.StudioId, s.At });
            e.HasIndex(s => s.DisplayCode).IsUnique();
            e.HasIndex(s => s.RemoteCode).IsUnique();
            e.HasIndex(s => s.FollowCode).IsUnique();
            e.HasOne<StudioRow>().WithMany().HasForeignKey(s => s.StudioId);
        });
        modelBuilder.Entity<VoiceRow>(e =>
        {
            e.HasQueryFilter(v => v.StudioId == StudioId);
            e.HasIndex(v => new { v.StudioId, v.Name }).IsUnique();
            e.HasOne<StudioRow>().WithMany().HasForeignKey(v => v.StudioId);
        });
        modelBuilder.Entity<FollowNoteRow>(e =>
        {
            e.HasQueryFilter(n => n.StudioId == StudioId);
            e.HasIndex(n => new { n.SessionId, n.Nickname, n.Set }).IsUnique();
            e.HasOne<SessionRow>().WithMany().HasForeignKey(n => n.SessionId).OnDelete(DeleteBehavior.Cascade);
            e.HasOne<StudioRow>().WithMany().HasForeignKey(n => n.StudioId);
        });
        modelBuilder.Entity<SessionEventRow>(e =>
        {
            e.HasQueryFilter(s => s.StudioId == StudioId);
            e.HasIndex(s => new { s.SessionId, s.Number }).IsUnique();
            e.HasOne<SessionRow>().WithMany().HasForeignKey(s => s.SessionId).OnDelete(DeleteBehavior.Cascade);
            e.HasOne<StudioRow>().WithMany().HasForeignKey(s => s.StudioId);
        });
    }
}
