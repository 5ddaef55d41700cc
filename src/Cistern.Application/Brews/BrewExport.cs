using System.Runtime.CompilerServices;

namespace Cistern.Application.Brews;

/// <summary>Exports brews one after another, so that the memory needed does not depend on their number.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="model">The published model, with its cancellation.</param>
public sealed class BrewExport(CisternDb db, ForecastModel model)
{
    /// <summary>So many are read at once.</summary>
    private const int BatchSize = 40;

    /// <summary>Finished brews as records, in the order requested; those that cannot be read are skipped.</summary>
    /// <param name="ids">The brews.</param>
    /// <param name="withReadings">Whether to include readings.</param>
    /// <param name="ct">Cancels it.</param>
    /// <param name="withPictures">Whether to include pictures.</param>
    public async IAsyncEnumerable<BrewRecord> OfAsync(IReadOnlyList<int> ids, bool withReadings, [EnumeratorCancellation] CancellationToken ct, bool withPictures = false)
    {
        var bags = await db.Bags.AsNoTracking().ToDictionaryAsync(bag => bag.Id, ct);
        var ground = bags.Values.Where(bag => bag.BoughtGround).Select(bag => bag.Name).ToHashSet(StringComparer.Ordinal);
        foreach (var batch in ids.Chunk(withPictures ? 1 : BatchSize))
        {
            var brews = (await db.Brews.AsNoTracking().IncludeParts(withReadings, withPictures).Where(brew => batch.Contains(brew.Id) && brew.State != BrewState.Running).ToListAsync(ct)).ToDictionary(brew => brew.Id);
            var parents = brews.Values.Select(brew => brew.ParentBrewId).OfType<int>().ToList();
            var names = await db.Brews.AsNoTracking().Where(brew => parents.Contains(brew.Id)).ToDictionaryAsync(brew => brew.Id, brew => brew.FileId, ct);
            foreach (var brew in batch.Select(id => brews.GetValueOrDefault(id)).OfType<Brew>().Where(brew => brew.IsReadable()))
            {
                var bag = brew.BagId is { } bagId ? bags.GetValueOrDefault(bagId) : null;
                var round = new BrewReferences(brew.ParentBrewId is { } parent && names.TryGetValue(parent, out var name) ? name : null, bag, bag?.BoughtGround ?? ground.Contains(brew.CoffeeName));
                yield return BrewFiles.ToRecord(brew, round, model);
            }
        }
    }
}
