using Cistern.Data.Brews;
using Cistern.Data.Plans;
using Cistern.Data.Shelf;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Data;

/// <summary>Everything Cistern keeps, in one SQLite file.</summary>
public sealed class CisternDb(DbContextOptions<CisternDb> options) : DbContext(options)
{
    public DbSet<Barista> Baristas => Set<Barista>();

    public DbSet<BrewPlace> Places => Set<BrewPlace>();

    public DbSet<Bag> Bags => Set<Bag>();

    public DbSet<Mill> Mills => Set<Mill>();

    public DbSet<OwnedVessel> Vessels => Set<OwnedVessel>();

    public DbSet<Server> Servers => Set<Server>();

    public DbSet<OwnedKettle> Kettles => Set<OwnedKettle>();

    public DbSet<OwnedWater> Waters => Set<OwnedWater>();

    public DbSet<Spoon> Spoons => Set<Spoon>();

    public DbSet<FilterStock> Filters => Set<FilterStock>();

    public DbSet<PlanSheet> Sheets => Set<PlanSheet>();

    public DbSet<PlanTurn> Turns => Set<PlanTurn>();

    public DbSet<PlanExtra> Extras => Set<PlanExtra>();

    public DbSet<DoneJob> Jobs => Set<DoneJob>();

    public DbSet<Pulse> Pulses => Set<Pulse>();

    public DbSet<Brew> Brews => Set<Brew>();

    public DbSet<BrewPress> Presses => Set<BrewPress>();

    public DbSet<Weighing> Weighings => Set<Weighing>();

    public DbSet<Tasting> Tastings => Set<Tasting>();

    public DbSet<LaterNote> Notes => Set<LaterNote>();

    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<Barista>().HasIndex(barista => barista.Name).IsUnique();
        modelBuilder.Entity<Barista>().Ignore(barista => barista.Units);
        modelBuilder.Entity<OwnedVessel>().Ignore(vessel => vessel.AsBrewer);
        modelBuilder.Entity<OwnedVessel>().Ignore(vessel => vessel.MarksMl);
        modelBuilder.Entity<BrewPlace>().Ignore(place => place.AsPlace);
        modelBuilder.Entity<Bag>().Ignore(bag => bag.AsGround);
        modelBuilder.Entity<Mill>().Ignore(mill => mill.LabelList).Ignore(mill => mill.Scale);
        modelBuilder.Entity<OwnedWater>().Ignore(water => water.AsWater);
        modelBuilder.Entity<PlanSheet>(sheet =>
        {
            sheet.HasIndex(row => new { row.KeptAtMs, row.ChangedAtMs });
            sheet.HasMany(row => row.Turns).WithOne().HasForeignKey(turn => turn.SheetId);
        });
        modelBuilder.Entity<PlanExtra>(extra =>
        {
            extra.HasKey(row => row.SheetId);
            extra.HasOne<PlanSheet>().WithOne().HasForeignKey<PlanExtra>(row => row.SheetId);
        });
        modelBuilder.Entity<DoneJob>(job =>
        {
            job.HasKey(row => row.Key);
            job.HasIndex(row => row.AtMs);
        });
        modelBuilder.Entity<PlanTurn>().HasIndex(turn => new { turn.SheetId, turn.Position }).IsUnique();

        modelBuilder.Entity<Brew>(brew =>
        {
            brew.HasIndex(row => row.OpenedAtMs);
            brew.HasIndex(row => new { row.State, row.OpenedAtMs });
            brew.HasIndex(row => new { row.RecipeId, row.OpenedAtMs });
            brew.HasIndex(row => new { row.CoffeeName, row.State, row.OpenedAtMs });
            brew.HasOne<PlanSheet>().WithMany().HasForeignKey(row => row.SheetId).OnDelete(DeleteBehavior.SetNull);
            brew.HasOne<FilterStock>().WithMany().HasForeignKey(row => row.FilterStockId).OnDelete(DeleteBehavior.SetNull);
            brew.Ignore(row => row.CorePresses);
            brew.HasMany(row => row.Presses).WithOne().HasForeignKey(press => press.BrewId);
            brew.HasMany(row => row.Weighings).WithOne().HasForeignKey(weighing => weighing.BrewId);
            brew.HasMany(row => row.Notes).WithOne().HasForeignKey(note => note.BrewId);
            brew.HasOne(row => row.Tasting).WithOne().HasForeignKey<Tasting>(tasting => tasting.BrewId);
            brew.HasOne(row => row.Barista).WithMany().HasForeignKey(row => row.BaristaId).OnDelete(DeleteBehavior.SetNull);
            brew.HasOne<Bag>().WithMany().HasForeignKey(row => row.BagId).OnDelete(DeleteBehavior.SetNull);
        });
        modelBuilder.Entity<BrewPress>().HasIndex(press => press.Key).IsUnique();
        modelBuilder.Entity<Weighing>().HasIndex(weighing => new { weighing.BrewId, weighing.StepIndex }).IsUnique();
    }
}
