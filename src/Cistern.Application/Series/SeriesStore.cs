namespace Cistern.Application.Series;

/// <summary>Finds the series of a brew: the brews of its recipe with its coffee, in order, and those they were made from.</summary>
/// <param name="db">The context of the data file.</param>
public sealed class SeriesStore(CisternDb db)
{
    /// <summary>Of a longer series, the newest brews are used.</summary>
    public const int MaxBrews = 12;

    /// <summary>Brews further apart than this belong to different series, ms.</summary>
    private const long FarMs = 45L * 86_400_000;

    /// <summary>The finished brews of a series, oldest first, with entries, observations and tastings.</summary>
    /// <param name="brew">One of them.</param>
    /// <param name="upTo">Whether to omit the brews after it.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<IReadOnlyList<Brew>> OfAsync(Brew brew, bool upTo, CancellationToken ct)
    {
        var toMs = upTo ? brew.OpenedAtMs : brew.OpenedAtMs + FarMs;
        // By the index of coffee and time alone, then filled.
        var ids = await db.Logged.Where(row => row.CoffeeName == brew.CoffeeName && row.State == BrewState.Finished && row.OpenedAtMs >= brew.OpenedAtMs - FarMs && row.OpenedAtMs <= toMs
                && row.RecipeId == brew.RecipeId && row.StartedAtMs != null)
            .OrderByDescending(row => row.OpenedAtMs).ThenByDescending(row => row.Id).Select(row => row.Id).Take(MaxBrews).ToListAsync(ct);
        // The brew it was made from belongs to the series, whatever its coffee is called.
        for (var parent = brew.ParentBrewId; parent is { } id && !ids.Contains(id) && ids.Count < MaxBrews;)
        {
            ids.Add(id);
            parent = await db.Brews.Where(row => row.Id == id).Select(row => row.ParentBrewId).FirstOrDefaultAsync(ct);
        }

        if (!upTo)
        {
            ids.AddRange(await db.Logged.Where(row => row.ParentBrewId == brew.Id && !ids.Contains(row.Id) && row.State == BrewState.Finished && row.StartedAtMs != null).OrderBy(row => row.Id).Select(row => row.Id).Take(MaxBrews).ToListAsync(ct));
        }

        var rows = await db.Brews.AsNoTracking().Where(row => ids.Contains(row.Id))
            .Include(row => row.Barista).Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.Facts)
            .Include(row => row.Tastings).ThenInclude(tasting => tasting.Sips).Include(row => row.Tastings).ThenInclude(tasting => tasting.Barista).AsSplitQuery().ToListAsync(ct);
        return [.. rows.Where(row => row.IsReadable()).OrderBy(row => row.OpenedAtMs).ThenBy(row => row.Id)];
    }
}
