using Cistern.Core.Advising;
using Cistern.Core.Fitting;
using Cistern.Core.Records;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Shelf;
using Cistern.Data.Stores;
using Cistern.Web.Frame;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Next;

/// <summary>Asks the core what to change after a brew, with all that this house knows of it.</summary>
/// <param name="db">The data.</param>
/// <param name="lines">Finds the line.</param>
/// <param name="models">What was learned.</param>
public sealed class LineAdvice(CisternDb db, LineStore lines, Models models)
{
    /// <summary>The drink that was foretold when it was planned, g, where what is in the cup was weighed: only then can it fall short of it.</summary>
    private static double? CupG(Data.Brews.Brew brew)
    {
        var foretold = brew.Figures();
        return brew.Observed(ObservationNames.Beverage) is null ? null
            : foretold.GetValueOrDefault("chilledG") ?? foretold.GetValueOrDefault("dilutedG") ?? foretold.GetValueOrDefault("beverageG");
    }

    /// <summary>The brew, its mill, the advice; null where there is no such brew, or it is not over.</summary>
    /// <param name="id">The brew.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<(Data.Brews.Brew Brew, Mill? Mill, Bag? Bag, Advice Advice)?> ForAsync(int id, CancellationToken ct)
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
        // Where its own bag is used up, another one of the same coffee takes its place.
        var bags = await db.Bags.AsNoTracking().Where(row => row.Id == last.BagId || (row.Name == last.CoffeeName && row.RemovedAtMs == null && row.UsedUpOn == null)).ToListAsync(ct);
        var bag = bags.Find(row => row.Id == last.BagId && row is { RemovedAtMs: null, UsedUpOn: null }) ?? bags.Find(row => row is { RemovedAtMs: null, UsedUpOn: null }) ?? bags.FirstOrDefault();
        var mill = last.MillName.Length > 0 ? await db.Mills.AsNoTracking().FirstOrDefaultAsync(row => row.Name == last.MillName && row.RemovedAtMs == null, ct) : null;
        var published = models.Published;
        var records = line.Select(brew => BrewRecords.Of(brew, published, bag?.BoughtGround == true)).ToList();
        var known = await models.LearnedAsync(ct);
        // What was kept a moment ago has not been learned of yet; with nothing learned at all the line teaches what it can.
        var learned = known.Brews > 0 ? Fitter.With(known, BrewRecords.ForFitting(last, records[^1]), published) : Fitter.Of(line.Zip(records, BrewRecords.ForFitting), published);
        return (last, mill, bag, Advisor.Of(records, learned.Model(published, records[^1].Keys()), new AdviceGear { Mill = mill?.Scale, LeftG = bag?.LeftG, CupG = CupG(last) }));
    }
}
