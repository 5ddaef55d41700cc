namespace Cistern.Web.Pages.Shelf;

/// <summary>Who looks at the shelf, and when.</summary>
/// <param name="Format">The barista's units.</param>
/// <param name="Today">The day, in the server's time zone.</param>
public sealed record ShelfView(FigureFormat Format, DateOnly Today);

/// <summary>An action on a thing, one press each.</summary>
/// <param name="Word">Its word in the form.</param>
/// <param name="Label">The button's text.</param>
public sealed record ShelfAction(string Word, string Label);

/// <summary>A thing in the shelf's list.</summary>
/// <param name="Kind">The word of its kind.</param>
/// <param name="Id">Its number.</param>
/// <param name="Name">Its name.</param>
/// <param name="Line">A description in one line.</param>
/// <param name="Due">What it needs, or null.</param>
/// <param name="Away">Used up, and kept for when the same is bought again.</param>
/// <param name="Actions">The actions on it.</param>
public sealed record ShelfRow(string Kind, int Id, string Name, string Line, string? Due, bool Away, IReadOnlyList<ShelfAction> Actions);

/// <summary>A kind of thing on the shelf: how it is listed, created and changed.</summary>
public abstract class ShelfKind
{
    /// <summary>Its word in an address.</summary>
    public abstract string Word { get; }

    /// <summary>What one is called on the screen.</summary>
    public virtual string One => Word;

    /// <summary>The heading over all of them.</summary>
    public abstract string Title { get; }

    /// <summary>What to do while there is none.</summary>
    public abstract string Empty { get; }

    /// <summary>All that stand there.</summary>
    public abstract Task<IReadOnlyList<ShelfRow>> RowsAsync(CisternDb db, ShelfView view, CancellationToken ct);

    /// <summary>The things removed last, newest first, which can be restored.</summary>
    public abstract Task<IReadOnlyList<ShelfRow>> RemovedAsync(CisternDb db, ShelfView view, CancellationToken ct);

    /// <summary>One, tracked, or null.</summary>
    public abstract Task<IShelved?> FindAsync(CisternDb db, int id, CancellationToken ct);

    /// <summary>A new one, already added.</summary>
    public abstract IShelved Fresh(CisternDb db, ShelfView view);

    /// <summary>Fills the form from a thing, and the thing from the form.</summary>
    public abstract void Fill(IShelved thing, ThingForm form, ShelfView view);

    /// <summary>A thing as it is listed.</summary>
    public abstract ShelfRow Row(IShelved thing, ShelfView view);

    /// <summary>A drawing of a thing and its text alternative; null where there is none.</summary>
    public virtual (string Svg, string Says)? Picture(IShelved thing) => null;

    /// <summary>Carries out an action on it.</summary>
    public abstract bool Do(IShelved thing, string action, ShelfView view);
}

/// <summary>A kind by its class.</summary>
public abstract class ShelfKind<T> : ShelfKind
    where T : class, IShelved
{
    private const int MaxRemoved = 50;

    /// <inheritdoc/>
    public override async Task<IReadOnlyList<ShelfRow>> RowsAsync(CisternDb db, ShelfView view, CancellationToken ct) =>
        [.. (await Order(Rows(db).AsNoTracking().Where(row => row.RemovedAtMs == null)).ToListAsync(ct)).Select(row => Row(row, view))];

    /// <inheritdoc/>
    public override async Task<IReadOnlyList<ShelfRow>> RemovedAsync(CisternDb db, ShelfView view, CancellationToken ct) =>
        [.. (await Rows(db).AsNoTracking().Where(row => row.RemovedAtMs != null).OrderByDescending(row => row.RemovedAtMs).Take(MaxRemoved).ToListAsync(ct)).Select(row => Row(row, view))];

    /// <inheritdoc/>
    public override async Task<IShelved?> FindAsync(CisternDb db, int id, CancellationToken ct) => await Rows(db).FindAsync([id], ct);

    /// <inheritdoc/>
    public override IShelved Fresh(CisternDb db, ShelfView view)
    {
        var thing = Fresh(view);
        Rows(db).Add(thing);
        return thing;
    }

    /// <inheritdoc/>
    public override void Fill(IShelved thing, ThingForm form, ShelfView view) => Fill((T)thing, form, view);

    /// <inheritdoc/>
    public override ShelfRow Row(IShelved thing, ShelfView view) =>
        new(Word, thing.Id, thing.Name, Line((T)thing, view), Due((T)thing, view), IsUsedUp((T)thing), Actions((T)thing));

    /// <inheritdoc/>
    public override bool Do(IShelved thing, string action, ShelfView view) => Actions((T)thing).Any(one => one.Word == action) && Do((T)thing, action, view);

    /// <summary>The things of this kind on the shelf.</summary>
    protected abstract DbSet<T> Rows(CisternDb db);

    /// <summary>A new one, as its form begins.</summary>
    protected abstract T Fresh(ShelfView view);

    /// <summary>Reads the form into a thing, and puts problems at their fields.</summary>
    protected abstract void Fill(T thing, ThingForm form, ShelfView view);

    /// <summary>The line under its name.</summary>
    protected abstract string Line(T thing, ShelfView view);

    /// <summary>The order they stand in.</summary>
    protected virtual IQueryable<T> Order(IQueryable<T> rows) => rows.OrderBy(row => row.Name);

    /// <summary>What it wants now, or null.</summary>
    protected virtual string? Due(T thing, ShelfView view) => null;

    /// <summary>Whether it is put away: used up.</summary>
    protected virtual bool IsUsedUp(T thing) => false;

    /// <summary>Actions on it, other than changing it.</summary>
    protected virtual IReadOnlyList<ShelfAction> Actions(T thing) => [];

    /// <summary>Carries out an action.</summary>
    protected virtual bool Do(T thing, string action, ShelfView view) => false;
}
