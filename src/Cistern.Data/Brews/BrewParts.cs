namespace Cistern.Data.Brews;

/// <summary>
/// What belongs to a brew: the one list that export, import and deletion go by. A test holds it against the tables that point
/// at a brew.
/// </summary>
public static class BrewParts
{
    private static readonly Part[] All =
    [
        Rows<EntryRow>(nameof(Brew.Entries), brew => brew.Entries),
        Rows<Weighing>(nameof(Brew.Weighings), brew => brew.Weighings),
        Rows<Observation>(nameof(Brew.Observations), brew => brew.Observations),
        Rows<LaterNote>(nameof(Brew.Notes), brew => brew.Notes),
        Rows<DeviationAnswer>(nameof(Brew.DeviationAnswers), brew => brew.DeviationAnswers),
        Rows<Tasting>(nameof(Brew.Tastings), brew => [.. brew.Tastings, .. brew.Tastings.SelectMany(tasting => tasting.Sips)]),
        Rows<BrewFacts>(nameof(Brew.Facts), brew => brew.Facts is { } facts ? [facts] : []),
        Rows<BrewPicture>(nameof(Brew.Pictures), brew => brew.Pictures),
        Rows<ReadingChunk>(nameof(Brew.Readings), brew => brew.Readings),
    ];

    /// <summary>The entity types that belong to a brew.</summary>
    public static IEnumerable<Type> Kinds => All.Select(part => part.Kind);

    /// <summary>Brews with everything that belongs to them, and who brewed and tasted them.</summary>
    /// <param name="brews">The brews.</param>
    /// <param name="withReadings">Whether to load the instruments' readings, which are most of a brew's size.</param>
    /// <param name="withPictures">Whether to load its pictures, which are larger still.</param>
    public static IQueryable<Brew> IncludeParts(this IQueryable<Brew> brews, bool withReadings, bool withPictures = false) =>
        All.Where(part => (withReadings || part.Kind != typeof(ReadingChunk)) && (withPictures || part.Kind != typeof(BrewPicture))).Aggregate(brews, (all, part) => all.Include(part.Navigation))
            .Include(brew => brew.Barista).Include(brew => brew.Tastings).ThenInclude(tasting => tasting.Sips).Include(brew => brew.Tastings).ThenInclude(tasting => tasting.Barista).AsSplitQuery();

    /// <summary>The loaded rows that belong to a brew.</summary>
    public static IEnumerable<object> Of(Brew brew) => All.SelectMany(part => part.Of(brew));

    /// <summary>Deletes everything that belongs to brews, but neither the brews nor their pictures, which files seldom contain.</summary>
    public static async Task DeleteAsync(DbContext db, IReadOnlyCollection<int> brewIds, CancellationToken ct)
    {
        foreach (var part in brewIds.Count > 0 ? All.Where(part => part.Kind != typeof(BrewPicture)) : [])
        {
            await part.DeleteAsync(db, brewIds, ct);
        }
    }

    private static Part Rows<T>(string navigation, Func<Brew, IEnumerable<object>> of)
        where T : class =>
        new(typeof(T), navigation, of, (db, brewIds, ct) => db.Set<T>().Where(row => brewIds.Contains(EF.Property<int>(row, "BrewId"))).ExecuteDeleteAsync(ct));

    private sealed record Part(Type Kind, string Navigation, Func<Brew, IEnumerable<object>> Of, Func<DbContext, IReadOnlyCollection<int>, CancellationToken, Task> DeleteAsync);
}
