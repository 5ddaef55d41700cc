using Cistern.Data;
using Microsoft.AspNetCore.Mvc.Filters;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Frame;

/// <summary>
/// Opens the data file once for a page, rather than for each of the dozen questions a page asks of it: opening tells SQLite of
/// every function and setting anew.
/// </summary>
public sealed class OneConnection(CisternDb db) : IAsyncResourceFilter
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
