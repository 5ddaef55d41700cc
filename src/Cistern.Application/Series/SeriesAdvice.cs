using Cistern.Application.Brews;
using Cistern.Application.Learning;
using Cistern.Application.Plans;
using Cistern.Core.Advising;
using Cistern.Core.Fitting;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Records;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Plans;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Application.Series;

/// <summary>What is advised after a brew.</summary>
/// <param name="Brew">The brew.</param>
/// <param name="Gear">What of the shelf it used.</param>
/// <param name="Advice">What to change; what each comes to is what its plan shows.</param>
/// <param name="Again">What the plan comes to when it is brewed again as it is.</param>
public sealed record AdvisedBrew(Brew Brew, BrewGear Gear, Advice Advice, Forecast Again)
{
    /// <summary>How a cup that was liked is brewed again: as planned, or as it went where that made another cup.</summary>
    public required Recipe Liked { get; init; }

    /// <summary>A recipe as a plan with what the brew used.</summary>
    public PlanState PlanOf(Recipe recipe) => Gear.StateOf(recipe, Brew.Planned());
}

/// <summary>Asks the core what to change after a brew, with all that this house knows of it.</summary>
/// <param name="db">The data.</param>
/// <param name="lines">Finds the line.</param>
/// <param name="published">The model as published.</param>
/// <param name="now">What was learned.</param>
/// <param name="opening">Opens plans.</param>
public sealed class SeriesAdvice(CisternDb db, SeriesStore lines, ForecastModel published, LearnedNow now, PlanOpening opening)
{
    /// <summary>The drink that was expected when it was planned, g, where what is in the cup was weighed: only then can it fall short of it.</summary>
    private static double? CupG(Brew brew)
    {
        var expected = brew.Figures();
        return brew.Observed(ObservationNames.Beverage) is null ? null
            : expected.GetValueOrDefault("chilledG") ?? expected.GetValueOrDefault("dilutedG") ?? expected.GetValueOrDefault("beverageG");
    }

    /// <summary>The brew and what is advised after it; null where there is no such brew, or it is not over.</summary>
    /// <param name="id">The brew.</param>
    /// <param name="who">Who asks.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<AdvisedBrew?> ForAsync(int id, AtBench who, CancellationToken ct)
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
        // What was kept a moment ago has not been learned of yet; with nothing learned at all the line teaches what it can.
        var learned = now.With(
            who,
            known => known.Brews > 0 ? Fitter.With(known, BrewRecords.ForFitting(last, records[^1]), published) : Fitter.Of(line.Zip(records, BrewRecords.ForFitting), published));
        var told = last.Told(published);
        var advice = Advisor.Of(records, learned.Model(published, records[^1].Keys()), new AdviceGear { Grinder = gear.Grinder?.Scale, LeftG = gear.Bag?.LeftG, CupG = CupG(last) }, told);
        // What each comes to is told by its plan, so that the plan shows the same when it is made.
        var planned = records[^1].Planned;
        var context = await opening.ContextAsync(gear.StateOf(planned, planned), who, ct);
        Forecast Of(Recipe recipe) => new PlanEditing(gear.StateOf(recipe, planned), context).Forecast;
        return new AdvisedBrew(last, gear, advice with { Changes = [.. advice.Changes.Select(change => advice.Planned(change, Of(change.Recipe)))] }, Of(planned))
        {
            Liked = Correction.MissOf(told.AsBrewed, told.Planned) > 1 ? records[^1].Brewed : planned,
        };
    }
}
