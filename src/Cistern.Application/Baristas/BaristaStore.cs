namespace Cistern.Application.Baristas;

/// <summary>Saves baristas and what they chose for themselves.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="requests">Saves.</param>
public sealed class BaristaStore(CisternDb db, IdempotencyStore requests)
{
    /// <summary>Adds the first barista of an empty data file, with a place and perhaps a brewer. Sent twice, or from two devices at once, the first counts.</summary>
    public async Task AddFirstAsync(Barista barista, BrewPlace place, OwnedBrewer? brewer, CancellationToken ct)
    {
        if (await db.Baristas.AnyAsync(ct))
        {
            return;
        }

        db.AddRange([barista, place]);
        if (brewer is not null)
        {
            db.Vessels.Add(brewer);
        }

        await requests.SaveAsync(ct);
    }

    /// <summary>Adds a barista.</summary>
    /// <returns>Whether they were added; not where there is one of that name.</returns>
    public Task<bool> AddAsync(Barista barista, CancellationToken ct)
    {
        db.Baristas.Add(barista);
        return requests.SaveAsync(ct);
    }

    /// <summary>Sets or removes a PIN.</summary>
    /// <param name="id">The barista.</param>
    /// <param name="pin">Its hash; empty for none.</param>
    /// <param name="ct">Cancels it.</param>
    /// <returns>The barista's name where something was changed, else null.</returns>
    public async Task<string?> SetPinAsync(int id, string pin, CancellationToken ct) =>
        await Of(id).Where(row => row.Pin != pin).ExecuteUpdateAsync(set => set.SetProperty(row => row.Pin, pin), ct) == 1 ? await Of(id).Select(row => row.Name).FirstAsync(ct) : null;

    /// <summary>Sets what they have to measure and to grind with.</summary>
    /// <param name="id">The barista.</param>
    /// <param name="scale">Whether they have a scale.</param>
    /// <param name="thermometer">Whether they have a thermometer.</param>
    /// <param name="grinder">Whether they have a grinder.</param>
    /// <param name="byTaste">Whether they go by taste; null leaves it.</param>
    /// <param name="ct">Cancels it.</param>
    public Task SetEquipmentAsync(int id, bool scale, bool thermometer, bool grinder, bool? byTaste, CancellationToken ct) => Of(id).ExecuteUpdateAsync(
        set => set.SetProperty(row => row.NoScale, !scale).SetProperty(row => row.NoThermometer, !thermometer).SetProperty(row => row.NoGrinder, !grinder).SetProperty(row => row.ByTaste, row => byTaste ?? row.ByTaste), ct);

    /// <summary>Sets their units.</summary>
    public Task SetUnitsAsync(int id, Units units, CancellationToken ct) => Of(id).ExecuteUpdateAsync(
        set => set.SetProperty(row => row.Dose, units.Dose).SetProperty(row => row.Mass, units.Mass).SetProperty(row => row.Temperature, units.Temperature).SetProperty(row => row.Volume, units.Volume).SetProperty(row => row.CupMl, units.CupMl), ct);

    /// <summary>Sets whether their forecasts use what was learned.</summary>
    public Task UseLearnedAsync(int id, bool used, CancellationToken ct) => Of(id).ExecuteUpdateAsync(set => set.SetProperty(row => row.UsesLearned, used), ct);

    /// <summary>Makes a recipe one of their favourites, or removes it from them.</summary>
    public async Task ToggleFavouriteAsync(int id, string recipeId, CancellationToken ct)
    {
        if (await Of(id).FirstOrDefaultAsync(ct) is { } row)
        {
            var favourites = row.FavouriteRecipes;
            row.Favourites = string.Join(' ', favourites.Contains(recipeId) ? favourites.Where(one => one != recipeId) : favourites.Append(recipeId));
            await requests.SaveAsync(ct);
        }
    }

    private IQueryable<Barista> Of(int id) => db.Baristas.Where(row => row.Id == id);
}
