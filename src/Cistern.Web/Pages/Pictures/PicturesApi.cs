using Cistern.Seeing;

namespace Cistern.Web.Pages.Pictures;

/// <summary>Serves pictures, and receives those that a device stored without a network.</summary>
internal static class PicturesApi
{
    /// <summary>Draws it.</summary>
    public static void MapPictures(this WebApplication app)
    {
        app.MapGet("/brew/{id:int}/pictures/{picture:int}", OneAsync).ExcludeFromDescription();
        app.MapPost("/api/brews/{id:int}/pictures", SendAsync)
            .WithName("pictures")
            .WithSummary("Receives a picture of a brew; a repeated one is stored once.")
            .WithDescription($"The body is a JPEG, PNG or WebP. key (a UUID made by the device), of ({string.Join(", ", Words<PictureOf>.All)}), said and atMs (UTC milliseconds) in the query. From Cistern's own pages only.")
            .WithMetadata(new RequestSizeLimitAttribute(PictureHeader.MaxBytes))
            .DisableAntiforgery();
    }

    /// <summary>Re-encodes a picture and saves it; null where it cannot be read.</summary>
    internal static async Task<PictureOutcome?> SaveAsync(PictureStore pictures, PictureProcess looker, int brewId, byte[] file, string? of, string said, Guid key, long atMs, CancellationToken ct)
    {
        // A picture that was saved already is not encoded again.
        if (await pictures.ExistsAsync(key, ct))
        {
            return PictureOutcome.AlreadySaved;
        }

        var picture = new BrewPicture { Key = key, Of = Words<PictureOf>.Find(of) ?? PictureOf.Other, Said = said, AtMs = atMs, Jpeg = file, Small = [] };
        return await looker.ReencodeOneAsync(picture, ct) ? await pictures.AddAsync(brewId, picture) : null;
    }

    private static async Task<IResult> OneAsync(int id, int picture, bool? small, PictureStore pictures, HttpContext context, CancellationToken ct)
    {
        if (await pictures.JpegAsync(id, picture, small ?? false, ct) is not { } jpeg)
        {
            return Results.NotFound();
        }

        // It never changes under its number, but may be deleted.
        context.Response.Headers.CacheControl = "private, no-cache";
        return Results.Bytes(jpeg, "image/jpeg", entityTag: new Microsoft.Net.Http.Headers.EntityTagHeaderValue($"\"{picture}{(small == true ? "s" : "")}\""));
    }

    private static async Task<IResult> SendAsync(int id, Guid key, string? of, string? said, long? atMs, HttpContext context, PictureStore pictures, PictureProcess looker, BaristaContext baristaContext, CancellationToken ct)
    {
        if (!OwnPages.IsSameOrigin(context.Request) || context.Request.ContentType is not ("image/jpeg" or "image/png" or "image/webp"))
        {
            return Results.Problem("Pictures are taken from Cistern's own pages only, as JPEG, PNG or WebP.", statusCode: StatusCodes.Status403Forbidden);
        }

        if (PlainText.Problem(said ?? "", BrewPicture.MaxCaptionLength, lines: false) is { } problem)
        {
            return Results.Problem(problem, statusCode: StatusCodes.Status422UnprocessableEntity);
        }

        using var bytes = new MemoryStream();
        await context.Request.Body.CopyToAsync(bytes, ct);
        return await SaveAsync(pictures, looker, id, bytes.ToArray(), of, said ?? "", key, Math.Clamp(atMs ?? baristaContext.NowMs, 0, baristaContext.NowMs), ct) switch
        {
            null => Results.Problem(PictureWording.Unreadable, statusCode: StatusCodes.Status422UnprocessableEntity),
            PictureOutcome.NoSuchBrew => Results.Problem($"There is no brew {id} in its log.", statusCode: StatusCodes.Status404NotFound),
            PictureOutcome.TooMany => Results.Problem($"A brew has at most {BrewPicture.MaxPerBrew} pictures.", statusCode: StatusCodes.Status409Conflict),
            _ => Results.NoContent(),
        };
    }
}
