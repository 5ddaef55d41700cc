namespace Cistern.Application.Series;

/// <summary>The advice after a brew.</summary>
/// <param name="Brew">The brew.</param>
/// <param name="Gear">The things on the shelf that it used.</param>
/// <param name="Advice">What to change; the figures of each change are those that its plan will show.</param>
/// <param name="Again">The forecast of brewing the plan again unchanged.</param>
public sealed record AdvisedBrew(Brew Brew, BrewGear Gear, Advice Advice, Forecast Again)
{
    /// <summary>How to repeat a cup that was liked: as planned, or as brewed where that gave a different cup.</summary>
    public required Recipe Liked { get; init; }

    /// <summary>A recipe as a plan with what the brew used.</summary>
    public PlanState PlanOf(Recipe recipe) => Gear.StateOf(recipe, Brew.Planned());
}

/// <summary>Gets advice from the core after a brew, with everything learned here.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="lines">Finds the line.</param>
/// <param name="published">The published model.</param>
/// <param name="now">What was learned.</param>
/// <param name="opening">Opens plans.</param>
public sealed class SeriesAdvice(CisternDb db, SeriesStore lines, ForecastModel published, LearnedState now, PlanOpening opening)
{
    /// <summary>The drink expected when it was planned, g, where the drink was weighed, since only then can it be too little.</summary>
    private static double? CupG(Brew brew)
    {
        var expected = brew.Figures();
        return brew.Observed(ObservationNames.Beverage) is null ? null
            : expected.GetValueOrDefault("chilledG") ?? expected.GetValueOrDefault("dilutedG") ?? expected.GetValueOrDefault("beverageG");
    }

    /// <summary>A brew and the advice after it; null where there is no such brew, or it is not over.</summary>
    /// <param name="id">The brew.</param>
    /// <param name="who">Who asks.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<AdvisedBrew?> ForAsync(int id, CurrentBarista who, CancellationToken ct)
    {
        if (await db.Logged.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id && row.State == BrewState.Finished && row.StartedAtMs != null, ct) is not { } asked || !asked.IsReadable())
        {
            return null;
        }

        var line = await lines.OfAsync(asked, upTo: true, ct);
        if (line.Count == 0 || line[^1].Id != id)
        {
            return null;
        }

        var last = line[^1];
        var gear = await BrewGear.OfAsync(db, last, ct);
        var records = line.Select(brew => BrewRecords.Of(brew, published, gear.Bag?.BoughtGround == true)).ToList();
        // What was saved a moment ago has not been learned of yet; where nothing was learned at all, the series itself is used.
        var learned = now.With(
            who,
            known => known.Brews > 0 ? Fitter.With(known, BrewRecords.ForFitting(last, records[^1]), published) : Fitter.Of(line.Zip(records, BrewRecords.ForFitting), published));
        var told = last.FiguresOf(published);
        var advice = Advisor.Of(records, learned.Model(published, records[^1].Keys()), new AdviceGear { Grinder = gear.Grinder?.Scale, LeftG = gear.Bag?.LeftG, CupG = CupG(last) }, told);
        // The figures of each change are forecast for its plan, so that the plan shows the same.
        var planned = records[^1].Planned;
        var context = await opening.ContextAsync(gear.StateOf(planned, planned), who, ct);
        Forecast Of(Recipe recipe) => new PlanEditing(gear.StateOf(recipe, planned), context).Forecast;
        return new AdvisedBrew(last, gear, advice with { Changes = [.. advice.Changes.Select(change => advice.Planned(change, Of(change.Recipe)))] }, Of(planned))
        {
            Liked = Correction.DistanceOf(told.AsBrewed, told.Planned) > 1 ? records[^1].Brewed : planned,
        };
    }
}
