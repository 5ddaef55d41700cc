namespace Cistern.Web.Pages.Learning;

/// <summary>What was learned of one thing.</summary>
/// <param name="Scope">What it is.</param>
/// <param name="Whose">Its name.</param>
/// <param name="Brews">From how many brews.</param>
/// <param name="Sentences">What was learned, in plain words.</param>
public sealed record LearnedThing(FitScope Scope, string Whose, int Brews, IReadOnlyList<string> Sentences);

/// <summary>What was learned from this installation's brews, how well it predicts them, and whether it is used.</summary>
public sealed class LearnedModel(CisternDb db, BaristaStore store, LearnedState now, BaristaContext baristaContext) : PageModel
{
    /// <summary>How many of the latest brews are shown with their leave-one-out predictions.</summary>
    private const int MaxLeftOut = 12;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>From how many brews.</summary>
    public int Brews { get; private set; }

    /// <summary>Thing by thing.</summary>
    public IReadOnlyList<LearnedThing> Things { get; private set; } = [];

    /// <summary>The latest brews, newest first, with their leave-one-out predictions.</summary>
    public IReadOnlyList<(int Id, string Name, string When, IReadOnlyList<LeftOut> Figures)> LeftOut { get; private set; } = [];

    /// <summary>The median error of leave-one-out predictions, relative to the unfitted model's; null where there were too few measurements.</summary>
    public IReadOnlyList<(string Figure, string Fitted, string Unfitted)> Misses { get; private set; } = [];

    /// <summary>Whether it is used in the current barista's forecasts.</summary>
    public bool Used { get; private set; }

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(CancellationToken ct)
    {
        Format = await baristaContext.FormatAsync(ct);
        Used = (await baristaContext.BaristaAsync(ct))?.UsesLearned ?? true;
        var learned = now.Current;
        Brews = learned.Brews;
        Things = [.. learned.Parameters.GroupBy(one => (one.Prior.Scope, one.Whose))
            .Select(group => new LearnedThing(group.Key.Scope, Name(group.Key.Scope, group.Key.Whose), learned.BrewsOf.GetValueOrDefault((group.Key.Scope, group.Key.Whose)), [.. group.Where(one => one.IsKnown).Select(one => LearnedWording.Of(one, Format)).OfType<string>()]))
            .OrderBy(thing => thing.Scope).ThenByDescending(thing => thing.Brews).ThenBy(thing => thing.Whose, StringComparer.Ordinal)];
        Misses = [.. learned.LeftOut.Where(one => one.Figure != FitFigure.PressFelt).GroupBy(one => one.Figure).Where(group => group.Count() >= 3).OrderBy(group => group.Key)
            .Select(group => (LearnedWording.Name(group.Key), LearnedWording.Off(group.Key, Median(group.Select(one => Math.Abs(one.Expected - one.Measured))), Format), LearnedWording.Off(group.Key, Median(group.Select(one => Math.Abs(one.Unfitted - one.Measured))), Format)))];
        var last = learned.LeftOut.Where(one => one.Figure != FitFigure.PressFelt).GroupBy(one => one.Name, StringComparer.Ordinal).Select(group => (Id: int.Parse(group.Key, System.Globalization.CultureInfo.InvariantCulture), Figures: group.DistinctBy(one => one.Figure).ToList())).ToList();
        var ids = last.ConvertAll(one => one.Id);
        var brews = await db.Brews.AsNoTracking().Where(brew => ids.Contains(brew.Id)).OrderByDescending(brew => brew.OpenedAtMs).Take(MaxLeftOut).Select(brew => new { brew.Id, brew.Name, brew.OpenedAtMs }).ToListAsync(ct);
        LeftOut = [.. brews.Select(brew => (brew.Id, brew.Name, baristaContext.Moment(brew.OpenedAtMs), (IReadOnlyList<LeftOut>)last.Find(one => one.Id == brew.Id).Figures))];
    }

    /// <summary>Uses it, or does not.</summary>
    public async Task<IActionResult> OnPostAsync(CancellationToken ct)
    {
        if (await baristaContext.BaristaAsync(ct) is { } barista)
        {
            await store.UseLearnedAsync(barista.Id, Request.Form.Value("use") == "1", ct);
        }

        return RedirectToPage();
    }

    private static double Median(IEnumerable<double> values) => values.Order().ToList() is { Count: > 0 } sorted ? sorted[sorted.Count / 2] : 0;

    /// <summary>A name, or in words the description of a brewer without one.</summary>
    private static string Name(FitScope scope, string whose) =>
        scope == FitScope.Vessel && RecordFitting.Unnamed(whose) is var (family, capacityMl) ? $"{StepWording.FamilyTitle(family)}, {capacityMl} ml" : whose;
}
