using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.Filters;

namespace Cistern.Web.Frame;

/// <summary>
/// A page that is sent what it has no handler for would be shown with nothing loaded. It is refused instead: an unknown
/// handler is not there, a page that takes no form takes none.
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
