using Cistern.Data;
using Cistern.Data.Brews;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Application.Series;

/// <summary>Finds the line a brew belongs to: the brews of its recipe with its coffee, one after another, and those it descends from.</summary>
/// <param name="db">The data.</param>
public sealed class SeriesStore(CisternDb db)
{
    /// <summary>A line longer than this is told from its newest brews.</summary>
    public const int MostBrews = 12;

    /// <summary>A brew longer ago than this, either way, is of another line, ms.</summary>
    private const long FarMs = 45L * 86_400_000;

    /// <summary>The finished brews of a line, oldest first, with all that was said, weighed and tasted of them.</summary>
    /// <param name="brew">One of them.</param>
    /// <param name="upTo">Whether those after it are left out.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<IReadOnlyList<Brew>> OfAsync(Brew brew, bool upTo, CancellationToken ct)
    {
        var toMs = upTo ? brew.OpenedAtMs : brew.OpenedAtMs + FarMs;
        // By the index of coffee and time alone, then filled.
        var ids = await db.Logged.Where(row => row.CoffeeName == brew.CoffeeName && row.State == BrewState.Finished && row.OpenedAtMs >= brew.OpenedAtMs - FarMs && row.OpenedAtMs <= toMs
                && row.RecipeId == brew.RecipeId && row.StartedAtMs != null)
            .OrderByDescending(row => row.OpenedAtMs).ThenByDescending(row => row.Id).Select(row => row.Id).Take(MostBrews).ToListAsync(ct);
        // What it was made from belongs to it, whatever coffee that names.
        for (var parent = brew.ParentBrewId; parent is { } id && !ids.Contains(id) && ids.Count < MostBrews;)
        {
            ids.Add(id);
            parent = await db.Brews.Where(row => row.Id == id).Select(row => row.ParentBrewId).FirstOrDefaultAsync(ct);
        }

        if (!upTo)
        {
            ids.AddRange(await db.Logged.Where(row => row.ParentBrewId == brew.Id && !ids.Contains(row.Id) && row.State == BrewState.Finished && row.StartedAtMs != null).OrderBy(row => row.Id).Select(row => row.Id).Take(MostBrews).ToListAsync(ct));
        }

        var rows = await db.Brews.AsNoTracking().Where(row => ids.Contains(row.Id))
            .Include(row => row.Barista).Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.Facts)
            .Include(row => row.Tastings).ThenInclude(tasting => tasting.Sips).Include(row => row.Tastings).ThenInclude(tasting => tasting.Barista).AsSplitQuery().ToListAsync(ct);
        return [.. rows.Where(row => row.IsReadable()).OrderBy(row => row.OpenedAtMs).ThenBy(row => row.Id)];
    }
}
