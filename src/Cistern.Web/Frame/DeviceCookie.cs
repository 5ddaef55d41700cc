namespace Cistern.Web.Frame;

/// <summary>What this device is to remember: read by the server alone, and sent to it alone.</summary>
public static class DeviceCookie
{
    /// <summary>Has the device remember a value.</summary>
    /// <param name="http">The answer it goes with.</param>
    /// <param name="name">Under which name.</param>
    /// <param name="value">The value.</param>
    /// <param name="days">For how long; no browser keeps one longer than 400 days.</param>
    public static void Remember(this HttpContext http, string name, string value, int days = 400) => http.Response.Cookies.Append(name, value, new CookieOptions
    {
        MaxAge = TimeSpan.FromDays(days),
        HttpOnly = true,
        Secure = http.Request.IsHttps,
        SameSite = SameSiteMode.Strict,
        IsEssential = true,
    });
}
