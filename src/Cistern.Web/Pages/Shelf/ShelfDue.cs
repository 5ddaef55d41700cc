namespace Cistern.Web.Pages.Shelf;

/// <summary>Things on the shelf that need attention: a bag or papers running out, a cloth due for care.</summary>
public static class ShelfDue
{
    private static readonly string[] Kinds = ["coffee", "filter"];

    /// <summary>The things, each with what it wants.</summary>
    public static async Task<IReadOnlyList<ShelfRow>> RowsAsync(CisternDb db, ShelfView view, CancellationToken ct)
    {
        var due = new List<ShelfRow>();
        foreach (var kind in Kinds)
        {
            due.AddRange((await ShelfKinds.Find(kind)!.RowsAsync(db, view, ct)).Where(row => row.Due is not null));
        }

        return due;
    }
}
