namespace Cistern.Application.Brews;

/// <summary>The outcome of sending a picture.</summary>
public enum PictureOutcome
{
    /// <summary>It is kept.</summary>
    Saved,

    /// <summary>It was saved before; sending it again changes nothing.</summary>
    AlreadySaved,

    /// <summary>The brew has as many as it can have.</summary>
    TooMany,

    /// <summary>There is no such brew.</summary>
    NoSuchBrew,
}

/// <summary>A picture in a list, without its bytes.</summary>
/// <param name="Id">Its number.</param>
/// <param name="BrewId">The brew.</param>
/// <param name="Of">What is seen.</param>
/// <param name="Said">A description.</param>
/// <param name="AtMs">When it was taken, UTC milliseconds.</param>
/// <param name="Width">Its width, px.</param>
/// <param name="Height">Its height, px.</param>
/// <param name="DeletedAtMs">When it was deleted; null while it is shown.</param>
public sealed record ListedPicture(int Id, int BrewId, PictureOf Of, string Said, long AtMs, int Width, int Height, long? DeletedAtMs);

/// <summary>Keeps the pictures of brews.</summary>
public sealed class PictureStore(CisternDb db, TimeProvider time)
{
    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>The pictures of a brew, oldest first, without their bytes; deleted ones included.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<IReadOnlyList<ListedPicture>> OfAsync(int brewId, CancellationToken ct) =>
        await Listed(db.Pictures.Where(picture => picture.BrewId == brewId)).ToListAsync(ct);

    /// <summary>The pictures of several brews, oldest first, without deleted ones.</summary>
    /// <param name="brewIds">The brews.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<ILookup<int, ListedPicture>> CurrentOfAsync(IReadOnlyCollection<int> brewIds, CancellationToken ct) =>
        (await Listed(db.Pictures.Where(picture => brewIds.Contains(picture.BrewId) && picture.DeletedAtMs == null)).ToListAsync(ct)).ToLookup(picture => picture.BrewId);

    /// <summary>A picture's bytes; null where the brew has no such picture, or it was deleted.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="id">The picture.</param>
    /// <param name="small">Whether the small version is wanted.</param>
    /// <param name="ct">Cancels it.</param>
    public Task<byte[]?> JpegAsync(int brewId, int id, bool small, CancellationToken ct)
    {
        var found = db.Pictures.AsNoTracking().Where(picture => picture.BrewId == brewId && picture.Id == id && picture.DeletedAtMs == null);
        return (small ? found.Select(picture => picture.Small) : found.Select(picture => picture.Jpeg)).FirstOrDefaultAsync(ct);
    }

    /// <summary>Whether a picture with this key was saved.</summary>
    /// <param name="key">The key it was sent with.</param>
    /// <param name="ct">Cancels it.</param>
    public Task<bool> ExistsAsync(Guid key, CancellationToken ct) => db.Pictures.AnyAsync(picture => picture.Key == key, ct);

    /// <summary>Saves a picture, once, in its own transaction.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="picture">The re-encoded picture.</param>
    public async Task<PictureOutcome> AddAsync(int brewId, BrewPicture picture)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(CancellationToken.None);
        if (!await db.Logged.AnyAsync(brew => brew.Id == brewId, CancellationToken.None))
        {
            return PictureOutcome.NoSuchBrew;
        }

        if (await ExistsAsync(picture.Key, CancellationToken.None))
        {
            return PictureOutcome.AlreadySaved;
        }

        if (await db.Pictures.CountAsync(one => one.BrewId == brewId && one.DeletedAtMs == null, CancellationToken.None) >= BrewPicture.MaxPerBrew)
        {
            return PictureOutcome.TooMany;
        }

        picture.BrewId = brewId;
        picture.AtMs = Math.Min(picture.AtMs, NowMs);
        db.Pictures.Add(picture);
        await db.SaveChangesAsync(CancellationToken.None);
        await transaction.CommitAsync(CancellationToken.None);
        return PictureOutcome.Saved;
    }

    /// <summary>Changes what a picture is of, and its description.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="id">The picture.</param>
    /// <param name="of">What is seen.</param>
    /// <param name="said">What it shows.</param>
    public async Task<bool> SetCaptionAsync(int brewId, int id, PictureOf of, string said) =>
        await Current(brewId, id).ExecuteUpdateAsync(set => set.SetProperty(picture => picture.Of, of).SetProperty(picture => picture.Said, said)) > 0;

    /// <summary>Deletes a picture; it can be restored.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="id">The picture.</param>
    public async Task<bool> DeleteAsync(int brewId, int id) =>
        await Current(brewId, id).ExecuteUpdateAsync(set => set.SetProperty(picture => picture.DeletedAtMs, NowMs)) > 0;

    /// <summary>Restores a picture, where the brew has room for it.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="id">The picture.</param>
    public async Task<bool> UndeleteAsync(int brewId, int id) =>
        await db.Pictures.CountAsync(one => one.BrewId == brewId && one.DeletedAtMs == null) < BrewPicture.MaxPerBrew
        && await db.Pictures.Where(picture => picture.BrewId == brewId && picture.Id == id).ExecuteUpdateAsync(set => set.SetProperty(picture => picture.DeletedAtMs, (long?)null)) > 0;

    private static IQueryable<ListedPicture> Listed(IQueryable<BrewPicture> pictures) => pictures.AsNoTracking().OrderBy(picture => picture.AtMs).ThenBy(picture => picture.Id)
        .Select(picture => new ListedPicture(picture.Id, picture.BrewId, picture.Of, picture.Said, picture.AtMs, picture.Width, picture.Height, picture.DeletedAtMs));

    private IQueryable<BrewPicture> Current(int brewId, int id) => db.Pictures.Where(picture => picture.BrewId == brewId && picture.Id == id && picture.DeletedAtMs == null);
}
