namespace Cistern.Application.Brews;

/// <summary>What was said of one sip. A scale without an answer is null.</summary>
/// <param name="When">How warm it was.</param>
/// <param name="SourBitter">Sour to bitter, −5 to 5.</param>
/// <param name="ThinHeavy">Thin to heavy, −5 to 5.</param>
/// <param name="Sweet">0 to 5.</param>
/// <param name="Clear">0 to 5.</param>
/// <param name="Finish">0 to 5.</param>
/// <param name="Dry">0 to 5.</param>
public sealed record SipAnswers(SipWhen When, int? SourBitter, int? ThinHeavy, int? Sweet, int? Clear, int? Finish, int? Dry);

/// <summary>What a taster said of a brew, all of it: it replaces what they said before.</summary>
/// <param name="Sips">The sips of which something was said.</param>
/// <param name="Complaints">The complaints.</param>
/// <param name="WentWrong">What went wrong while brewing.</param>
/// <param name="NotesFound">The bag's notes that were found.</param>
public sealed record TastingAnswers(IReadOnlyList<SipAnswers> Sips, IReadOnlyList<Complaint> Complaints, IReadOnlyList<WentWrong> WentWrong, IReadOnlyList<string> NotesFound)
{
    /// <summary>0 to 10, in halves.</summary>
    public double? Score { get; init; }

    /// <summary>In the taster's words.</summary>
    public string Note { get; init; } = "";

    /// <summary>The smell at the crust.</summary>
    public string Crust { get; init; } = "";

    /// <summary>The look of the spent bed.</summary>
    public BedLook? Bed { get; init; }

    /// <summary>Sediment, 0 to 5.</summary>
    public int? Sediment { get; init; }

    /// <summary>A refractometer's reading, %.</summary>
    public double? ReadTdsPercent { get; init; }

    /// <summary>
    /// Observations of the brew that were changed, by <see cref="ObservationNames"/>; null removes one. What the taster did not touch
    /// is missing: another device may have a better value, and the shown one is rounded.
    /// </summary>
    public IReadOnlyDictionary<string, double?> Observed { get; init; } = new Dictionary<string, double?>();
}

/// <summary>Saves tastings: one for each taster of a brew.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="requests">Saves.</param>
/// <param name="time">The clock.</param>
/// <param name="model">The model with which facts are computed.</param>
public sealed class TastingStore(CisternDb db, IdempotencyStore requests, TimeProvider time, ForecastModel model)
{
    /// <summary>A finished brew with its tastings and everything that its facts need, or null.</summary>
    public Task<Brew?> FindAsync(int brewId, CancellationToken ct) => db.Brews.Include(row => row.Tastings).ThenInclude(tasting => tasting.Sips).Include(row => row.Tastings).ThenInclude(tasting => tasting.Barista)
        .Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.DeviationAnswers).Include(row => row.Facts).AsSplitQuery()
        .FirstOrDefaultAsync(row => row.Id == brewId && row.State == BrewState.Finished, ct);

    /// <summary>Saves what a taster said, together with the brew's new facts: a dilution changes what the drink came to.</summary>
    /// <param name="brewId">The brew; nothing is saved where it is not finished.</param>
    /// <param name="tasterId">The taster; null for a data file without baristas.</param>
    /// <param name="answers">What they said.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    public async Task SaveAsync(int brewId, int? tasterId, TastingAnswers answers, CancellationToken ct)
    {
        do
        {
            // Where two devices of one taster save the first tasting at once, the second changes the first one's.
            db.ChangeTracker.Clear();
            if (await FindAsync(brewId, ct) is not { } brew)
            {
                return;
            }

            if (brew.Tastings.Find(one => one.BaristaId == tasterId) is not { } tasting)
            {
                tasting = new Tasting { BaristaId = tasterId };
                brew.Tastings.Add(tasting);
            }

            var nowMs = time.GetUtcNow().ToUnixTimeMilliseconds();
            Apply(answers, tasting);
            tasting.AtMs = nowMs;
            brew.Observe(answers.Observed, nowMs);
            brew.ComputeFacts(brew.ModelOf(model).Figures(brew.Recipe()));
        }
        while (!await requests.SaveAsync(ct));
    }

    private static void Apply(TastingAnswers answers, Tasting tasting)
    {
        tasting.Sips.RemoveAll(sip => Enum.IsDefined(sip.When) && answers.Sips.All(said => said.When != sip.When));
        foreach (var said in answers.Sips)
        {
            if (tasting.Sips.Find(one => one.When == said.When) is not { } sip)
            {
                sip = new TastingSip { When = said.When };
                tasting.Sips.Add(sip);
            }

            (sip.SourBitter, sip.ThinHeavy, sip.Sweet, sip.Clear, sip.Finish, sip.Dry) = (said.SourBitter, said.ThinHeavy, said.Sweet, said.Clear, said.Finish, said.Dry);
        }

        tasting.SourBitter = Mean(tasting.Sips.Select(sip => sip.SourBitter));
        tasting.ThinHeavy = Mean(tasting.Sips.Select(sip => sip.ThinHeavy));
        (tasting.Score, tasting.Note, tasting.Crust) = (answers.Score, answers.Note, answers.Crust);
        tasting.NotesFound = string.Join(", ", answers.NotesFound);
        tasting.Complaints = string.Join(' ', answers.Complaints.Select(Words<Complaint>.Of));
        tasting.WentWrong = string.Join(' ', answers.WentWrong.Select(Words<WentWrong>.Of));
        (tasting.Bed, tasting.Sediment, tasting.ReadTdsPercent) = (answers.Bed, answers.Sediment, answers.ReadTdsPercent);
    }

    private static int? Mean(IEnumerable<int?> values) => values.OfType<int>().ToList() is { Count: > 0 } said ? (int)Math.Round(said.Average(), MidpointRounding.AwayFromZero) : null;
}
