namespace Cistern.Data;

/// <summary>All data of Cistern, in one SQLite file.</summary>
public sealed class CisternDb(DbContextOptions<CisternDb> options) : DbContext(options)
{
    /// <summary>Who brews here.</summary>
    public DbSet<Barista> Baristas => Set<Barista>();

    /// <summary>Places with their altitude.</summary>
    public DbSet<BrewPlace> Places => Set<BrewPlace>();

    /// <summary>Bags of coffee.</summary>
    public DbSet<Bag> Bags => Set<Bag>();

    /// <summary>Grinders.</summary>
    public DbSet<Grinder> Grinders => Set<Grinder>();

    /// <summary>Vessels of one's own.</summary>
    public DbSet<OwnedBrewer> Vessels => Set<OwnedBrewer>();

    /// <summary>Servers.</summary>
    public DbSet<Server> Servers => Set<Server>();

    /// <summary>Kettles.</summary>
    public DbSet<OwnedKettle> Kettles => Set<OwnedKettle>();

    /// <summary>Waters and concentrates.</summary>
    public DbSet<OwnedWater> Waters => Set<OwnedWater>();

    /// <summary>Spoons, weighed once.</summary>
    public DbSet<Spoon> Spoons => Set<Spoon>();

    /// <summary>Papers and cloths.</summary>
    public DbSet<FilterStock> Filters => Set<FilterStock>();

    /// <summary>Plans being worked on, and kept.</summary>
    public DbSet<StoredPlan> Plans => Set<StoredPlan>();

    /// <summary>The changes of plans.</summary>
    public DbSet<PlanRevision> Revisions => Set<PlanRevision>();

    /// <summary>Unknown members of the recipes of plans.</summary>
    public DbSet<PlanExtra> Extras => Set<PlanExtra>();

    /// <summary>What was asked for and done.</summary>
    public DbSet<IdempotentRequest> IdempotentRequests => Set<IdempotentRequest>();

    /// <summary>What health writes and reads again.</summary>
    public DbSet<Pulse> Pulses => Set<Pulse>();

    /// <summary>Brews.</summary>
    public DbSet<Brew> Brews => Set<Brew>();

    /// <summary>Brews in the log: all but rehearsals and deleted ones.</summary>
    public IQueryable<Brew> Logged => Brews.Where(brew => !brew.Rehearsal && brew.DeletedAtMs == null);

    /// <summary>What was said of running brews.</summary>
    public DbSet<EntryRow> Entries => Set<EntryRow>();

    /// <summary>What instruments showed of brews.</summary>
    public DbSet<ReadingChunk> Readings => Set<ReadingChunk>();

    /// <summary>What was weighed and read of brews.</summary>
    public DbSet<Observation> Observations => Set<Observation>();

    /// <summary>What brews came to.</summary>
    public DbSet<BrewFacts> Facts => Set<BrewFacts>();

    /// <summary>Weights of pours.</summary>
    public DbSet<Weighing> Weighings => Set<Weighing>();

    /// <summary>How brews tasted.</summary>
    public DbSet<Tasting> Tastings => Set<Tasting>();

    /// <summary>The sips of tastings.</summary>
    public DbSet<TastingSip> Sips => Set<TastingSip>();

    /// <summary>What was learned from brews: one row.</summary>
    public DbSet<LearnedRow> Learned => Set<LearnedRow>();

    /// <summary>Pictures of brews.</summary>
    public DbSet<BrewPicture> Pictures => Set<BrewPicture>();

    /// <summary>Notes added later.</summary>
    public DbSet<LaterNote> Notes => Set<LaterNote>();

    /// <summary>Summaries of brews, for searching the log.</summary>
    public DbSet<LogRow> LogRows => Set<LogRow>();

    /// <summary>Saved searches of the log.</summary>
    public DbSet<SavedSearch> SavedSearches => Set<SavedSearch>();

    /// <summary>Files that were taken in.</summary>
    public DbSet<Import> Imports => Set<Import>();

    /// <summary>The brews that imports added or changed.</summary>
    public DbSet<ImportedBrew> ImportedBrews => Set<ImportedBrew>();

    /// <summary>Plans that are brewed as pairs.</summary>
    public DbSet<BrewPair> Pairs => Set<BrewPair>();

    /// <summary>Brews tasted blind.</summary>
    public DbSet<BlindSession> BlindSessions => Set<BlindSession>();

    /// <summary>What was answered blind.</summary>
    public DbSet<BlindAnswer> BlindAnswers => Set<BlindAnswer>();

    /// <summary>What was answered to deviations.</summary>
    public DbSet<DeviationAnswer> DeviationAnswers => Set<DeviationAnswer>();

    /// <summary>Connected devices.</summary>
    public DbSet<Device> Devices => Set<Device>();

    /// <summary>The record of actions.</summary>
    public DbSet<ActionRecord> ActionRecords => Set<ActionRecord>();

    /// <inheritdoc/>
    /// <remarks>The log's rows of the saved brews are written in the same transaction.</remarks>
    public override async Task<int> SaveChangesAsync(bool acceptAllChangesOnSuccess, CancellationToken cancellationToken = default)
    {
        var touched = LogWriter.ChangedIn(ChangeTracker);
        if (touched.Count == 0)
        {
            return await base.SaveChangesAsync(acceptAllChangesOnSuccess, cancellationToken);
        }

        await using var own = Database.CurrentTransaction is null ? await Database.BeginTransactionAsync(cancellationToken) : null;
        var saved = await base.SaveChangesAsync(acceptAllChangesOnSuccess, cancellationToken);
        await LogWriter.RenewAsync(this, await LogWriter.BrewsOfAsync(this, touched, cancellationToken), cancellationToken);
        if (own is not null)
        {
            await own.CommitAsync(CancellationToken.None);
        }

        return saved;
    }

    /// <inheritdoc/>
    /// <exception cref="NotSupportedException">Always: only <see cref="SaveChangesAsync(bool, CancellationToken)"/> updates the
    /// log.</exception>
    public override int SaveChanges(bool acceptAllChangesOnSuccess) => throw new NotSupportedException("Save asynchronously.");

    /// <summary>Rewrites the log's rows of brews that were changed by a command, in the caller's transaction.</summary>
    /// <param name="brewIds">The brews, including deleted ones.</param>
    /// <param name="ct">Cancels it.</param>
    public Task RenewLogAsync(IReadOnlyCollection<int> brewIds, CancellationToken ct) => LogWriter.RenewAsync(this, brewIds, ct);

    /// <summary>Saves without updating the log: for the log's own rows.</summary>
    internal Task<int> SaveLogAsync(CancellationToken ct) => base.SaveChangesAsync(acceptAllChangesOnSuccess: true, ct);

    /// <inheritdoc/>
    protected override void OnModelCreating(ModelBuilder modelBuilder)
    {
        modelBuilder.Entity<ActionRecord>().ToTable("HouseRecords");
        modelBuilder.Entity<Device>().HasIndex(device => device.TokenHash).IsUnique();
        modelBuilder.Entity<Barista>().HasIndex(barista => barista.Name).IsUnique();
        modelBuilder.Entity<Barista>().Ignore(barista => barista.Units);
        modelBuilder.Entity<OwnedBrewer>().Ignore(vessel => vessel.AsBrewer);
        modelBuilder.Entity<OwnedBrewer>().Ignore(vessel => vessel.MarksMl);
        modelBuilder.Entity<BrewPlace>().Ignore(place => place.AsPlace);
        modelBuilder.Entity<Bag>().Ignore(bag => bag.AsGround);
        modelBuilder.Entity<Grinder>().ToTable("Mills").Ignore(grinder => grinder.LabelList).Ignore(grinder => grinder.UsualList).Ignore(grinder => grinder.Scale).Ignore(grinder => grinder.MeasuredList).Ignore(grinder => grinder.Line);
        modelBuilder.Entity<OwnedWater>().Ignore(water => water.AsWater);
        // Tables and columns keep the names they have in existing data files.
        modelBuilder.Entity<StoredPlan>(stored =>
        {
            stored.ToTable("Sheets");
            stored.HasIndex(row => new { row.SavedAtMs, row.ChangedAtMs });
            stored.HasIndex(row => row.WantedAtMs);
            stored.HasIndex(row => row.ParentId);
            stored.HasMany(row => row.Revisions).WithOne().HasForeignKey(revision => revision.StoredPlanId);
        });
        modelBuilder.Entity<PlanExtra>(extra =>
        {
            extra.HasKey(row => row.StoredPlanId);
            extra.Property(row => row.StoredPlanId).HasColumnName("SheetId");
            extra.HasOne<StoredPlan>().WithOne().HasForeignKey<PlanExtra>(row => row.StoredPlanId);
        });
        modelBuilder.Entity<IdempotentRequest>(request =>
        {
            request.ToTable("Jobs");
            request.HasKey(row => row.Key);
            request.HasIndex(row => row.AtMs);
        });
        modelBuilder.Entity<PlanRevision>(revision =>
        {
            revision.ToTable("Turns");
            revision.Property(row => row.StoredPlanId).HasColumnName("SheetId");
            revision.HasIndex(row => new { row.StoredPlanId, row.Position }).IsUnique();
        });

        modelBuilder.Entity<Brew>(brew =>
        {
            brew.Property(row => row.StoredPlanId).HasColumnName("SheetId");
            brew.HasIndex(row => row.OpenedAtMs);
            brew.HasIndex(row => new { row.State, row.OpenedAtMs });
            brew.HasIndex(row => new { row.RecipeId, row.OpenedAtMs });
            brew.HasIndex(row => new { row.CoffeeName, row.State, row.OpenedAtMs });
            brew.HasIndex(row => row.ParentBrewId);
            brew.HasIndex(row => row.FileId).IsUnique();
            brew.HasIndex(row => row.ImportId);
            brew.HasOne<StoredPlan>().WithMany().HasForeignKey(row => row.StoredPlanId).OnDelete(DeleteBehavior.SetNull);
            brew.HasOne<FilterStock>().WithMany().HasForeignKey(row => row.FilterStockId).OnDelete(DeleteBehavior.SetNull);
            brew.Ignore(row => row.CoreEntries).Ignore(row => row.Tasting);
            brew.HasMany(row => row.Entries).WithOne().HasForeignKey(entry => entry.BrewId);
            brew.HasMany(row => row.Observations).WithOne().HasForeignKey(observation => observation.BrewId);
            brew.HasOne(row => row.Facts).WithOne().HasForeignKey<BrewFacts>(facts => facts.BrewId);
            brew.HasMany(row => row.Weighings).WithOne().HasForeignKey(weighing => weighing.BrewId);
            brew.Property(row => row.Speed).HasDefaultValue(1);
            brew.HasMany(row => row.Readings).WithOne().HasForeignKey(chunk => chunk.BrewId);
            brew.HasMany(row => row.Pictures).WithOne().HasForeignKey(picture => picture.BrewId);
            brew.HasMany(row => row.DeviationAnswers).WithOne().HasForeignKey(answer => answer.BrewId);
            brew.Property(row => row.FileId).HasConversion(id => GuidText.Write(id), text => GuidText.Read(text));
            brew.HasMany(row => row.Notes).WithOne().HasForeignKey(note => note.BrewId);
            brew.HasMany(row => row.Tastings).WithOne().HasForeignKey(tasting => tasting.BrewId);
            brew.HasOne(row => row.Barista).WithMany().HasForeignKey(row => row.BaristaId).OnDelete(DeleteBehavior.SetNull);
            brew.HasOne<Bag>().WithMany().HasForeignKey(row => row.BagId).OnDelete(DeleteBehavior.SetNull);
        });
        modelBuilder.Entity<BrewPicture>(picture =>
        {
            picture.HasIndex(row => row.Key).IsUnique();
            picture.Property(row => row.Key).HasConversion(key => GuidText.Write(key), text => GuidText.Read(text));
            picture.Property(row => row.Of).HasConversion(of => Words<PictureOf>.Of(of), word => Words<PictureOf>.Find(word) ?? PictureOf.Other);
        });
        modelBuilder.Entity<ReadingChunk>().Property(row => row.Of).HasConversion(of => ReadingRange.For(of).Word, word => ReadingRange.OfWord(word));
        modelBuilder.Entity<DeviationAnswer>().ToTable("SlipAnswers").Property(row => row.Kind).HasConversion(kind => Words<DeviationKind>.Of(kind), word => Words<DeviationKind>.Find(word) ?? Words<DeviationKind>.Unknown);
        modelBuilder.Entity<EntryRow>(entry =>
        {
            entry.HasIndex(row => row.EntryId).IsUnique();
            entry.Property(row => row.EntryId).HasConversion(id => GuidText.Write(id), text => GuidText.Read(text));
            // Stored as a word, so that the file is readable and a kind inserted later changes no other.
            entry.Property(row => row.Kind).HasConversion(kind => Words<EntryKind>.Of(kind), word => Words<EntryKind>.Find(word) ?? Words<EntryKind>.Unknown);
        });
        modelBuilder.Entity<Observation>().HasIndex(observation => new { observation.BrewId, observation.Name }).IsUnique();
        modelBuilder.Entity<BrewFacts>(facts =>
        {
            facts.HasKey(row => row.BrewId);
            facts.Property(row => row.Version).HasDefaultValue(1);
            facts.Property(row => row.Flow).HasConversion(flow => flow == null ? null : Words<FlowWord>.Of(flow.Value), word => Words<FlowWord>.Find(word));
        });
        modelBuilder.Entity<LogRow>(row =>
        {
            row.HasKey(one => one.BrewId);
            row.Property(one => one.BrewId).ValueGeneratedNever();
            row.HasIndex(one => one.Seq).IsUnique();
            // What a barista last brewed a family with is asked whenever a plan is opened.
            row.HasIndex(one => new { one.Barista, one.Family, one.OpenedAtMs });
            row.Ignore(one => one.TdsPercent).Ignore(one => one.Ratio);
        });
        modelBuilder.Entity<ImportedBrew>().HasIndex(row => row.FileId);
        modelBuilder.Entity<ImportedBrew>().HasOne<Import>().WithMany().HasForeignKey(row => row.ImportId);
        modelBuilder.Entity<SavedSearch>().HasIndex(search => search.Name).IsUnique();
        modelBuilder.Entity<Tasting>(tasting =>
        {
            tasting.Property(row => row.Bed).HasConversion(bed => bed == null ? null : Words<Core.Records.BedLook>.Of(bed.Value), word => Words<Core.Records.BedLook>.Find(word));
            tasting.HasMany(row => row.Sips).WithOne().HasForeignKey(sip => sip.TastingId);
            tasting.HasIndex(row => new { row.BrewId, row.BaristaId }).IsUnique();
            tasting.HasOne(row => row.Barista).WithMany().HasForeignKey(row => row.BaristaId).OnDelete(DeleteBehavior.SetNull);
        });
        modelBuilder.Entity<TastingSip>(sip =>
        {
            sip.HasIndex(row => new { row.TastingId, row.When }).IsUnique();
            sip.Property(row => row.When).HasConversion(when => Words<Core.Records.SipWhen>.Of(when), word => Words<Core.Records.SipWhen>.Find(word) ?? Words<Core.Records.SipWhen>.Unknown);
        });
        modelBuilder.Entity<BrewPair>(pair =>
        {
            pair.HasOne<StoredPlan>().WithMany().HasForeignKey(row => row.FirstPlanId).OnDelete(DeleteBehavior.SetNull);
            pair.HasOne<StoredPlan>().WithMany().HasForeignKey(row => row.SecondPlanId).OnDelete(DeleteBehavior.SetNull);
            pair.HasOne<Brew>().WithMany().HasForeignKey(row => row.FirstBrewId).OnDelete(DeleteBehavior.SetNull);
            pair.HasOne<Brew>().WithMany().HasForeignKey(row => row.SecondBrewId).OnDelete(DeleteBehavior.SetNull);
            pair.HasOne<Barista>().WithMany().HasForeignKey(row => row.BaristaId).OnDelete(DeleteBehavior.SetNull);
        });
        modelBuilder.Entity<BlindSession>(session =>
        {
            session.Property(row => row.Kind).HasConversion(kind => Words<Core.Reckoning.BlindKind>.Of(kind), word => Words<Core.Reckoning.BlindKind>.Find(word) ?? Words<Core.Reckoning.BlindKind>.Unknown);
            session.HasOne<Brew>().WithMany().HasForeignKey(row => row.FirstBrewId).OnDelete(DeleteBehavior.SetNull);
            session.HasOne<Brew>().WithMany().HasForeignKey(row => row.SecondBrewId).OnDelete(DeleteBehavior.SetNull);
            session.HasMany(row => row.Answers).WithOne().HasForeignKey(answer => answer.SessionId);
        });
        modelBuilder.Entity<BlindAnswer>().HasIndex(answer => new { answer.SessionId, answer.Taster }).IsUnique();
        modelBuilder.Entity<LearnedRow>().Property(row => row.Id).ValueGeneratedNever();
        modelBuilder.Entity<Barista>().Property(barista => barista.UsesLearned).HasDefaultValue(true);
        modelBuilder.Entity<Weighing>().HasIndex(weighing => new { weighing.BrewId, weighing.StepIndex }).IsUnique();
    }
}
