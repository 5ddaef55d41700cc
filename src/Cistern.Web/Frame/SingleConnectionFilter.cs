using Microsoft.AspNetCore.Mvc.Filters;

namespace Cistern.Web.Frame;

/// <summary>
/// Opens one connection per page instead of one per query, because opening one registers every function and setting with SQLite again.
/// </summary>
public sealed class SingleConnectionFilter(CisternDb db) : IAsyncResourceFilter
{
    /// <inheritdoc/>
    public async Task OnResourceExecutionAsync(ResourceExecutingContext context, ResourceExecutionDelegate next)
    {
        await db.Database.OpenConnectionAsync(context.HttpContext.RequestAborted);
        try
        {
            await next();
        }
        finally
        {
            await db.Database.CloseConnectionAsync();
        }
    }
}
