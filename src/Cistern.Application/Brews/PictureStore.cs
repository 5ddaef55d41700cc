using Cistern.Core.Records;
using Cistern.Data;
using Cistern.Data.Brews;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Application.Brews;

/// <summary>What became of a picture that was sent.</summary>
public enum PictureOutcome
{
    /// <summary>It is kept.</summary>
    Kept,

    /// <summary>It was kept before: sent twice, it counts once.</summary>
    KnownAlready,

    /// <summary>The brew has as many as it can have.</summary>
    Enough,

    /// <summary>There is no such brew.</summary>
    NoSuchBrew,
}

/// <summary>A picture in a list: without the picture.</summary>
/// <param name="Id">Its number.</param>
/// <param name="BrewId">The brew it is of.</param>
/// <param name="Of">What is seen.</param>
/// <param name="Said">What it shows, in words.</param>
/// <param name="AtMs">When it was taken, UTC milliseconds.</param>
/// <param name="Width">Its width, px.</param>
/// <param name="Height">Its height, px.</param>
/// <param name="DeletedAtMs">When it was deleted; null while it stands.</param>
public sealed record ListedPicture(int Id, int BrewId, PictureOf Of, string Said, long AtMs, int Width, int Height, long? DeletedAtMs);

/// <summary>Keeps the pictures of brews.</summary>
public sealed class PictureStore(CisternDb db, TimeProvider time)
{
    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>The pictures of a brew, the oldest first, without the pictures themselves; those that were deleted among them.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<IReadOnlyList<ListedPicture>> OfAsync(int brewId, CancellationToken ct) =>
        await Listed(db.Pictures.Where(picture => picture.BrewId == brewId)).ToListAsync(ct);

    /// <summary>The pictures of some brews that stand, the oldest of each first.</summary>
    /// <param name="brewIds">The brews.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<ILookup<int, ListedPicture>> StandingOfAsync(IReadOnlyCollection<int> brewIds, CancellationToken ct) =>
        (await Listed(db.Pictures.Where(picture => brewIds.Contains(picture.BrewId) && picture.DeletedAtMs == null)).ToListAsync(ct)).ToLookup(picture => picture.BrewId);

    /// <summary>A picture as it is kept; null where the brew has none of that number, or it was deleted.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="id">The picture.</param>
    /// <param name="small">Whether the one for lists is wanted.</param>
    /// <param name="ct">Stops it.</param>
    public Task<byte[]?> JpegAsync(int brewId, int id, bool small, CancellationToken ct)
    {
        var found = db.Pictures.AsNoTracking().Where(picture => picture.BrewId == brewId && picture.Id == id && picture.DeletedAtMs == null);
        return (small ? found.Select(picture => picture.Small) : found.Select(picture => picture.Jpeg)).FirstOrDefaultAsync(ct);
    }

    /// <summary>Whether a picture that was sent before has been kept.</summary>
    /// <param name="key">What it was sent under.</param>
    /// <param name="ct">Stops it.</param>
    public Task<bool> KnowsAsync(Guid key, CancellationToken ct) => db.Pictures.AnyAsync(picture => picture.Key == key, ct);

    /// <summary>Keeps a picture, once, in a transaction of its own.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="picture">The picture, made here.</param>
    public async Task<PictureOutcome> AddAsync(int brewId, BrewPicture picture)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(CancellationToken.None);
        if (!await db.Logged.AnyAsync(brew => brew.Id == brewId, CancellationToken.None))
        {
            return PictureOutcome.NoSuchBrew;
        }

        if (await KnowsAsync(picture.Key, CancellationToken.None))
        {
            return PictureOutcome.KnownAlready;
        }

        if (await db.Pictures.CountAsync(one => one.BrewId == brewId && one.DeletedAtMs == null, CancellationToken.None) >= BrewPicture.MostOfOne)
        {
            return PictureOutcome.Enough;
        }

        picture.BrewId = brewId;
        picture.AtMs = Math.Min(picture.AtMs, NowMs);
        db.Pictures.Add(picture);
        await db.SaveChangesAsync(CancellationToken.None);
        await transaction.CommitAsync(CancellationToken.None);
        return PictureOutcome.Kept;
    }

    /// <summary>Says anew what a picture is of and what it shows.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="id">The picture.</param>
    /// <param name="of">What is seen.</param>
    /// <param name="said">What it shows.</param>
    public async Task<bool> SayAsync(int brewId, int id, PictureOf of, string said) =>
        await Standing(brewId, id).ExecuteUpdateAsync(set => set.SetProperty(picture => picture.Of, of).SetProperty(picture => picture.Said, said)) > 0;

    /// <summary>Deletes a picture; it can be brought back.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="id">The picture.</param>
    public async Task<bool> DeleteAsync(int brewId, int id) =>
        await Standing(brewId, id).ExecuteUpdateAsync(set => set.SetProperty(picture => picture.DeletedAtMs, NowMs)) > 0;

    /// <summary>Brings a picture back, where the brew has room for it.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="id">The picture.</param>
    public async Task<bool> BringBackAsync(int brewId, int id) =>
        await db.Pictures.CountAsync(one => one.BrewId == brewId && one.DeletedAtMs == null) < BrewPicture.MostOfOne
        && await db.Pictures.Where(picture => picture.BrewId == brewId && picture.Id == id).ExecuteUpdateAsync(set => set.SetProperty(picture => picture.DeletedAtMs, (long?)null)) > 0;

    private static IQueryable<ListedPicture> Listed(IQueryable<BrewPicture> pictures) => pictures.AsNoTracking().OrderBy(picture => picture.AtMs).ThenBy(picture => picture.Id)
        .Select(picture => new ListedPicture(picture.Id, picture.BrewId, picture.Of, picture.Said, picture.AtMs, picture.Width, picture.Height, picture.DeletedAtMs));

    private IQueryable<BrewPicture> Standing(int brewId, int id) => db.Pictures.Where(picture => picture.BrewId == brewId && picture.Id == id && picture.DeletedAtMs == null);
}
