using System.Runtime.CompilerServices;
using Cistern.Core.Forecasts;
using Cistern.Core.Records;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Files;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Application.Brews;

/// <summary>Brews as they go out: one after another, so that a hundred thousand need no more room than a few.</summary>
/// <param name="db">The data.</param>
/// <param name="model">The model as published, and what stops it.</param>
public sealed class BrewExport(CisternDb db, ForecastModel model)
{
    /// <summary>So many are read at once.</summary>
    private const int Lot = 40;

    /// <summary>Brews that are over, as records, in the order asked for; what cannot be read is passed over.</summary>
    /// <param name="ids">The brews.</param>
    /// <param name="withReadings">Whether what instruments showed goes with them.</param>
    /// <param name="ct">Stops it.</param>
    /// <param name="withPictures">Whether its pictures go with them.</param>
    public async IAsyncEnumerable<BrewRecord> OfAsync(IReadOnlyList<int> ids, bool withReadings, [EnumeratorCancellation] CancellationToken ct, bool withPictures = false)
    {
        var bags = await db.Bags.AsNoTracking().ToDictionaryAsync(bag => bag.Id, ct);
        var ground = bags.Values.Where(bag => bag.BoughtGround).Select(bag => bag.Name).ToHashSet(StringComparer.Ordinal);
        foreach (var lot in ids.Chunk(withPictures ? 1 : Lot))
        {
            var brews = (await db.Brews.AsNoTracking().Whole(withReadings, withPictures).Where(brew => lot.Contains(brew.Id) && brew.State != BrewState.Running).ToListAsync(ct)).ToDictionary(brew => brew.Id);
            var parents = brews.Values.Select(brew => brew.ParentBrewId).OfType<int>().ToList();
            var names = await db.Brews.AsNoTracking().Where(brew => parents.Contains(brew.Id)).ToDictionaryAsync(brew => brew.Id, brew => brew.FileId, ct);
            foreach (var brew in lot.Select(id => brews.GetValueOrDefault(id)).OfType<Brew>().Where(brew => brew.IsReadable()))
            {
                var bag = brew.BagId is { } bagId ? bags.GetValueOrDefault(bagId) : null;
                var round = new BrewRound(brew.ParentBrewId is { } parent && names.TryGetValue(parent, out var name) ? name : null, bag, bag?.BoughtGround ?? ground.Contains(brew.CoffeeName));
                yield return BrewFiles.Out(brew, round, model);
            }
        }
    }
}
