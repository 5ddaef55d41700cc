using System.Globalization;
using Cistern.Data;
using Cistern.Web.Frame;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Log;

/// <summary>Every brew, the newest first.</summary>
public sealed class LogModel(CisternDb db, BenchContext bench) : PageModel
{
    private const int PageSize = 25;

    /// <summary>Who is here, and what is brewing.</summary>
    public BenchContext Bench => bench;

    /// <summary>The brews of this page, the newest first.</summary>
    public IReadOnlyList<Data.Brews.Brew> Brews { get; private set; } = [];

    /// <summary>Where the next page begins, or null on the last.</summary>
    public string? Older { get; private set; }

    /// <summary>Whether this is the newest page of the log.</summary>
    public bool First { get; private set; }

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(string? before, CancellationToken ct)
    {
        var (ms, id) = ReadPlace(before);
        First = ms == long.MaxValue;
        var rows = await db.Logged.AsNoTracking().Include(brew => brew.Tastings).Include(brew => brew.Barista)
            .Where(brew => brew.OpenedAtMs < ms || (brew.OpenedAtMs == ms && brew.Id < id))
            .OrderByDescending(brew => brew.OpenedAtMs).ThenByDescending(brew => brew.Id).Take(PageSize + 1).ToListAsync(ct);
        Older = rows.Count > PageSize ? string.Create(CultureInfo.InvariantCulture, $"{rows[PageSize - 1].OpenedAtMs}.{rows[PageSize - 1].Id}") : null;
        Brews = [.. rows.Take(PageSize)];
    }

    private static (long Ms, int Id) ReadPlace(string? before) =>
        before?.Split('.') is [var ms, var id]
        && long.TryParse(ms, NumberStyles.None, CultureInfo.InvariantCulture, out var atMs)
        && int.TryParse(id, NumberStyles.None, CultureInfo.InvariantCulture, out var row)
            ? (atMs, row)
            : (long.MaxValue, int.MaxValue);
}
