using Microsoft.AspNetCore.Mvc.Filters;

namespace Cistern.Web.Frame;

/// <summary>Redirects any request for a plan or brew that cannot be read to the page that says so and offers a way back.</summary>
public sealed class UnreadableFilter : IExceptionFilter
{
    /// <inheritdoc/>
    public void OnException(ExceptionContext context)
    {
        if (context.Exception is UnreadableException && context.RouteData.Values is var route && route["page"] is string page && FolderOf(page) is { } folder && route["id"] is string id)
        {
            var path = $"/{folder}/{Uri.EscapeDataString(id)}/broken";
            if (context.HttpContext.Request.Headers.ContainsKey("HX-Request"))
            {
                context.HttpContext.Response.Headers["HX-Redirect"] = path;
                context.Result = new StatusCodeResult(StatusCodes.Status204NoContent);
            }
            else
            {
                context.Result = new RedirectResult(path);
            }

            context.ExceptionHandled = true;
        }
    }

    private static string? FolderOf(string page) =>
        page.StartsWith("/Plan/", StringComparison.Ordinal) ? "plan" : page is "/Brewing/Brew" or "/Brewing/After" or "/Log/Entry" or "/Taste/Taste" or "/Next/Next" ? "brew" : null;
}
