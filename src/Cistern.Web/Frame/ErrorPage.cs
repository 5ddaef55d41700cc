using System.Net;
using System.Text;

namespace Cistern.Web.Frame;

/// <summary>
/// The page for errors and missing pages. Written without layout and data, because those may be what failed.
/// </summary>
public static class ErrorPage
{
    /// <summary>The most characters of typed text that are shown again.</summary>
    private const int MaxShown = 20_000;

    /// <summary>
    /// Pages whose forms contain nothing secret. Input to any other page is not shown again, so that a new page, or one that takes a
    /// PIN or a code, is safe by default.
    /// </summary>
    private static readonly string[] Shown = ["/plan", "/brew", "/taste", "/log", "/shelf", "/blind", "/pairs", "/next"];

    /// <summary>Fields that nobody typed.</summary>
    private static readonly HashSet<string> NotShown = new(StringComparer.Ordinal) { "__RequestVerificationToken", IdempotencyKey.Field, "from", "open", "at", "key", "kind", "step", "elapsed", "age", "do", "preview" };

    /// <summary>The title and explanation of a status.</summary>
    /// <param name="status">The HTTP status.</param>
    public static (string Title, string Words) Say(int status) => status switch
    {
        StatusCodes.Status400BadRequest => ("That could not be read", "It arrived incomplete. Go back, load the page again, and send it once more; nothing was changed."),
        StatusCodes.Status401Unauthorized => ("This device is not connected", "Open Cistern's first page here, and it asks for the code."),
        StatusCodes.Status403Forbidden => ("This device may not do that", "Nothing was changed."),
        StatusCodes.Status429TooManyRequests => ("That was too often", "Wait a minute, and try it again."),
        StatusCodes.Status404NotFound => ("Not found", "There is no such page or brew. Check the address."),
        StatusCodes.Status405MethodNotAllowed => ("That cannot be done here", "This address does not accept that request."),
        StatusCodes.Status408RequestTimeout => ("That took too long to arrive", "The connection broke. Send it again; nothing was changed."),
        StatusCodes.Status409Conflict => ("Other screens were quicker", "This plan is being changed elsewhere at the same time. Load it again, and do it once more."),
        StatusCodes.Status413PayloadTooLarge => ("That is too much at once", "A form has at most 1,024 fields and a file at most 2 MB. Send less at once; nothing was changed."),
        StatusCodes.Status415UnsupportedMediaType => ("That is no form", "This address accepts only forms of these pages. Nothing was changed."),
        StatusCodes.Status422UnprocessableEntity => ("The saved data cannot be read", "It was changed outside Cistern, or saved by an earlier version. Everything else is unchanged."),
        StatusCodes.Status503ServiceUnavailable => ("It could not be saved", "The data file cannot be written now. What was saved before is still saved; what you sent just now is not."),
        _ => ("Something broke on our side", "What was saved before is still saved. Try again; if it fails again, the server's log says why."),
    };

    /// <summary>Writes the page, or findings for an API request.</summary>
    /// <param name="context">The request.</param>
    /// <param name="status">Why.</param>
    /// <param name="more">An additional sentence, or null.</param>
    /// <param name="stale">Whether the form was complete but came from an outdated page.</param>
    public static async Task WriteAsync(HttpContext context, int status, string? more = null, bool stale = false)
    {
        var (title, words) = stale ? ("That form was out of date", "It was open for too long, or came from another page. Go back, load it again, and send it once more; nothing was changed.") : Say(status);
        words = more ?? words;
        context.Response.StatusCode = status;
        context.Response.Headers.CacheControl = "no-store";
        if (IsProgram(context.Request))
        {
            context.Response.ContentType = "application/json";
            await context.Response.WriteAsync(RecipeWriter.Text(json =>
            {
                json.WriteStartObject();
                json.WritePropertyName("findings");
                ForecastFile.Write(json, [FindingKinds.RequestRefused.At("", title, context.Request.Method, words)]);
                json.WriteEndObject();
            }));
            return;
        }

        context.Response.ContentType = "text/html; charset=utf-8";
        if (!HttpMethods.IsHead(context.Request.Method))
        {
            await context.Response.WriteAsync(Page(context.Request, title, words));
        }
    }

    private static bool IsProgram(HttpRequest request) =>
        request.Path.StartsWithSegments("/api", StringComparison.OrdinalIgnoreCase) || request.Headers.Accept.ToString().StartsWith("application/json", StringComparison.Ordinal);

    private static string Page(HttpRequest request, string title, string words)
    {
        var theme = request.Cookies[BaristaContext.ThemeCookie] is "light" or "dark" ? $" data-theme=\"{request.Cookies[BaristaContext.ThemeCookie]}\"" : "";
        var html = new StringBuilder($"""
            <!DOCTYPE html>
            <html lang="en"{theme}>
            <head>
            <meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
            <title>{WebUtility.HtmlEncode(title)} · Cistern</title>
            <link rel="stylesheet" href="/lib/bulma-parts.css"><link rel="stylesheet" href="/css/cistern.css"><link rel="icon" href="/icon.svg" type="image/svg+xml">
            </head>
            <body class="alone"><main id="main">
            <h1>{WebUtility.HtmlEncode(title)}</h1>
            <p class="lead">{WebUtility.HtmlEncode(words)}</p>

            """);
        AddTyped(html, request);
        html.Append("<p><a class=\"button is-main\" href=\"/\">Back to the Bench</a></p>\n</main></body></html>\n");
        return html.ToString();
    }

    /// <summary>Shows typed text again so that it can be copied, since an outdated page must not lose it.</summary>
    private static void AddTyped(StringBuilder html, HttpRequest request)
    {
        if (!HttpMethods.IsPost(request.Method) || !Shown.Any(one => request.Path.StartsWithSegments(one, StringComparison.OrdinalIgnoreCase)) || request.HttpContext.Features.Get<Microsoft.AspNetCore.Http.Features.IFormFeature>()?.Form is not { } form)
        {
            return;
        }

        var left = MaxShown;
        var rows = new StringBuilder();
        foreach (var (name, values) in form)
        {
            var text = values.ToString();
            if (NotShown.Contains(name) || name.StartsWith("was.", StringComparison.Ordinal) || text.Length == 0 || left <= 0)
            {
                continue;
            }

            var shown = text.Length > left ? text[..left] : text;
            left -= shown.Length;
            rows.Append(CultureInfo.InvariantCulture, $"<dt>{WebUtility.HtmlEncode(name.Length > 60 ? name[..60] : name)}</dt><dd class=\"words\">{WebUtility.HtmlEncode(shown)}</dd>\n");
        }

        if (rows.Length > 0)
        {
            html.Append("<h2>What you had sent</h2>\n<dl class=\"sent\">\n").Append(rows).Append("</dl>\n");
        }
    }
}
