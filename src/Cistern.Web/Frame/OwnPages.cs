namespace Cistern.Web.Frame;

/// <summary>Whether a request without a form comes from this application's own pages.</summary>
internal static class OwnPages
{
    /// <summary>Whether it does, according to the browser's headers.</summary>
    /// <param name="request">The request.</param>
    public static bool IsSameOrigin(HttpRequest request) =>
        request.Headers["Sec-Fetch-Site"].ToString() is "" or "same-origin" or "none"
        && (request.Headers.Origin.ToString() is not { Length: > 0 } origin || (Uri.TryCreate(origin, UriKind.Absolute, out var from) && from.Authority == request.Host.Value));
}
