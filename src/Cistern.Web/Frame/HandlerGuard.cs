using Microsoft.AspNetCore.Mvc.Filters;

namespace Cistern.Web.Frame;

/// <summary>
/// Refuses requests for a handler that a page does not have, for which Razor Pages would render the page with nothing loaded: 404 for
/// an unknown handler, 405 for a form where the page has none.
/// </summary>
public sealed class HandlerGuard : IPageFilter
{
    /// <inheritdoc/>
    public void OnPageHandlerSelected(PageHandlerSelectedContext context)
    {
    }

    /// <inheritdoc/>
    public void OnPageHandlerExecuting(PageHandlerExecutingContext context)
    {
        var reads = HttpMethods.IsGet(context.HttpContext.Request.Method) || HttpMethods.IsHead(context.HttpContext.Request.Method);
        if (context.HandlerMethod is null && (!reads || context.ActionDescriptor.HandlerMethods.Count > 0))
        {
            context.Result = new StatusCodeResult(reads ? StatusCodes.Status404NotFound : StatusCodes.Status405MethodNotAllowed);
        }
    }

    /// <inheritdoc/>
    public void OnPageHandlerExecuted(PageHandlerExecutedContext context)
    {
    }
}
