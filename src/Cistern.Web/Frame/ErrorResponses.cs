using Microsoft.Data.Sqlite;

namespace Cistern.Web.Frame;

/// <summary>
/// The outermost middleware: explains invalid requests, and logs and reports exceptions, so that nobody ever gets an empty page.
/// </summary>
public static class ErrorResponses
{
    private static readonly string[] Methods = ["GET", "HEAD", "POST"];

    /// <summary>Adds it to the pipeline.</summary>
    public static void UseAnswers(this IApplicationBuilder app, ILogger log) => app.Use(async (context, next) =>
    {
        try
        {
            if (Refused(context.Request) is { } refused)
            {
                context.Response.Headers.Allow = string.Join(", ", Methods);
                await ErrorPage.WriteAsync(context, refused);
                return;
            }

            // Drawings, files and states must not be cached; pages with forms set this themselves.
            context.Response.OnStarting(() =>
            {
                if (context.Response.Headers.CacheControl.Count == 0)
                {
                    context.Response.Headers.CacheControl = "no-store";
                }

                return Task.CompletedTask;
            });
            await next(context);
            if (context.Response is { HasStarted: false, StatusCode: >= 400, ContentLength: null, ContentType: null })
            {
                await ErrorPage.WriteAsync(context, context.Response.StatusCode, stale: context.Response.StatusCode == StatusCodes.Status400BadRequest && HttpMethods.IsPost(context.Request.Method));
            }
        }
        catch (Exception error) when (!context.Response.HasStarted)
        {
            if (context.RequestAborted.IsCancellationRequested)
            {
                context.Response.StatusCode = StatusCodes.Status499ClientClosedRequest;
                return;
            }

            var (status, more) = StatusOf(error);
            if (status == StatusCodes.Status500InternalServerError)
            {
                log.LogError(error, "Unhandled exception in {Method} {Path}", context.Request.Method, context.Request.Path);
            }
            else if (status == StatusCodes.Status503ServiceUnavailable)
            {
                log.LogCritical(error, "{Method} {Path} could not be kept.", context.Request.Method, context.Request.Path);
            }
            else
            {
                log.LogInformation("Refused {Method} {Path} with status {Status}: {Why}", context.Request.Method, context.Request.Path, status, error.Message);
            }

            context.Response.Clear();
            await ErrorPage.WriteAsync(context, status, more);
        }
    });

    /// <summary>
    /// Reads a form before any other code does, so that an invalid one is refused in one place. Pages accept only forms; API endpoints
    /// declare what they accept.
    /// </summary>
    public static void UseForms(this IApplicationBuilder app) => app.Use(async (context, next) =>
    {
        var request = context.Request;
        var isPage = context.GetEndpoint()?.Metadata.GetMetadata<Microsoft.AspNetCore.Mvc.RazorPages.PageActionDescriptor>() is not null;
        if (HttpMethods.IsPost(request.Method) && isPage)
        {
            if (!request.HasFormContentType)
            {
                throw new BadHttpRequestException("A page accepts only forms.", StatusCodes.Status415UnsupportedMediaType);
            }

            try
            {
                await request.ReadFormAsync(context.RequestAborted);
            }
            catch (InvalidDataException error)
            {
                // The form reader distinguishes its limits from malformed input only by its messages.
                var tooMuch = error.Message.Contains("limit", StringComparison.OrdinalIgnoreCase);
                throw new BadHttpRequestException(error.Message, tooMuch ? StatusCodes.Status413PayloadTooLarge : StatusCodes.Status400BadRequest, error);
            }
            catch (Exception error) when (error is IOException and not BadHttpRequestException or FormatException or ArgumentException or InvalidOperationException or NotSupportedException)
            {
                throw new BadHttpRequestException(error.Message, StatusCodes.Status400BadRequest, error);
            }
        }

        await next(context);
    });

    private static int? Refused(HttpRequest request) =>
        !Methods.Contains(request.Method, StringComparer.Ordinal) ? StatusCodes.Status405MethodNotAllowed
        : request.Path.Value is { } path && path.Any(char.IsControl) ? StatusCodes.Status400BadRequest
        : null;

    private static (int Status, string? More) StatusOf(Exception error) => error switch
    {
        BadHttpRequestException bad => (bad.StatusCode, null),
        UnreadableException unreadable => (StatusCodes.Status422UnprocessableEntity, unreadable.Message),
        DataFileGoneException gone => (StatusCodes.Status503ServiceUnavailable, gone.Message),
        // Disk full, read-only, cannot open, I/O error, corrupt, busy for too long.
        SqliteException { SqliteErrorCode: 13 } => (StatusCodes.Status503ServiceUnavailable, "The disk is full: what you sent was not saved. Make room, and send it again."),
        SqliteException { SqliteErrorCode: 5 or 6 or 8 or 10 or 11 or 14 } => (StatusCodes.Status503ServiceUnavailable, null),
        _ when error.InnerException is { } inner => StatusOf(inner),
        _ => (StatusCodes.Status500InternalServerError, null),
    };
}
