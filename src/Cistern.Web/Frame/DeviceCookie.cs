namespace Cistern.Web.Frame;

/// <summary>Cookies of a device, readable only by the server.</summary>
public static class DeviceCookie
{
    /// <summary>Sets such a cookie.</summary>
    /// <param name="http">The request.</param>
    /// <param name="name">Under which name.</param>
    /// <param name="value">The value.</param>
    /// <param name="days">Its lifetime; browsers limit it to 400 days.</param>
    public static void Remember(this HttpContext http, string name, string value, int days = 400) => http.Response.Cookies.Append(name, value, new CookieOptions
    {
        MaxAge = TimeSpan.FromDays(days),
        HttpOnly = true,
        Secure = http.Request.IsHttps,
        SameSite = SameSiteMode.Strict,
        IsEssential = true,
    });
}
