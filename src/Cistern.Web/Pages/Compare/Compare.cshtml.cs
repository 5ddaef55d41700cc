using Cistern.Web.Pages.Brewing;
using Cistern.Web.Pages.Plan;

namespace Cistern.Web.Pages.Compare;

/// <summary>One of the brews or plans that are compared.</summary>
/// <param name="Letter">Its letter in the drawings.</param>
/// <param name="Name">Its name.</param>
/// <param name="Sub">When, with which coffee, by whom; for a plan, what it is.</param>
/// <param name="Href">Its own page.</param>
/// <param name="Forecast">The forecast as brewed, or as planned.</param>
/// <param name="Brew">The brew; null for a plan.</param>
/// <param name="Weighed">The scale's readings.</param>
public sealed record ComparedBrew(string Letter, string Name, string Sub, string Href, Forecast Forecast, Data.Brews.Brew? Brew, IReadOnlyList<WeighedPoint> Weighed);

/// <summary>Compares two to four brews or plans: what differs, and the results.</summary>
public sealed class CompareModel(CisternDb db, BaristaContext baristaContext, ForecastModel model, PlanFinder finder, PlanForecasts plans, PictureStore pictures) : PageModel
{
    private static readonly string[] Letters = ["A", "B", "C", "D"];

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>Brews in the order they were brewed, then plans.</summary>
    public IReadOnlyList<ComparedBrew> All { get; private set; } = [];

    /// <summary>Plans to choose from where no brew is compared: the baristas' own, the library's recipes, and those already chosen.</summary>
    public IReadOnlyList<(string Id, string Name)> Choices { get; private set; } = [];

    /// <summary>The plans asked for, by their ids in addresses.</summary>
    public IReadOnlyList<string> Plans { get; private set; } = [];

    /// <summary>What was asked for and cannot be compared.</summary>
    public string? Problem { get; private set; }

    /// <summary>What is set and done differently.</summary>
    public Differences Differ { get; private set; } = new([], [], []);

    /// <summary>Tastings and measurements, where there are any.</summary>
    public IReadOnlyList<Difference> TastedAndMeasured { get; private set; } = [];

    /// <summary>The brew charts over each other, for a wide page and a narrow one.</summary>
    public (string Wide, string Narrow) BrewCharts { get; private set; } = ("", "");

    /// <summary>The pictures of each brew.</summary>
    public ILookup<int, ListedPicture> Pictures { get; private set; } = Array.Empty<ListedPicture>().ToLookup(_ => 0);

    /// <summary>The map.</summary>
    public string Map { get; private set; } = "";

    /// <summary>Shows the page.</summary>
    /// <param name="b">Brews, by number.</param>
    /// <param name="p">Plans and recipes, by their ids in addresses.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<IActionResult> OnGetAsync(string[] b, string[] p, CancellationToken ct)
    {
        Format = await baristaContext.FormatAsync(ct);
        var ids = b.Distinct(StringComparer.Ordinal).Select(text => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var id) ? id : 0).Take(ComparisonCharts.Most + 1).ToList();
        var brews = await db.Brews.AsNoTracking().Where(row => ids.Contains(row.Id) && row.State == BrewState.Finished && row.StartedAtMs != null)
            .Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.DeviationAnswers).Include(row => row.Facts).Include(row => row.Barista)
            .Include(row => row.Tastings).ThenInclude(tasting => tasting.Barista).AsSplitQuery().ToListAsync(ct);
        var all = new List<ComparedBrew>();
        foreach (var brew in brews.Where(brew => brew.IsReadable()).OrderBy(brew => brew.OpenedAtMs).ThenBy(brew => brew.Id).Take(ComparisonCharts.Most))
        {
            all.Add(await OfBrewAsync(brew, Letters[all.Count], ct));
        }

        Plans = [.. p.Distinct(StringComparer.Ordinal).Where(id => id.Length > 0)];
        foreach (var id in Plans.Take(ComparisonCharts.Most - all.Count))
        {
            if (await plans.OfAsync(id, await baristaContext.CurrentBaristaAsync(ct), ct) is { } forecast)
            {
                all.Add(new ComparedBrew(Letters[all.Count], forecast.Recipe.Name, StyleWording.ReasonOf(forecast.Recipe.Id) ?? "planned", $"/plan/{id}", forecast, null, []));
            }
        }

        All = all;
        if (brews.Count == 0)
        {
            Choices = await ChoicesAsync(ct);
        }

        var asked = b.Distinct(StringComparer.Ordinal).Count() + Plans.Count;
        Problem = asked > all.Count && all.Count == ComparisonCharts.Most ? $"At most {ComparisonCharts.Most} can be compared; the others were left out."
            : asked > all.Count ? "Brews that were abandoned, are running or do not exist cannot be compared." : null;
        if (all.Count >= 2)
        {
            Draw(all);
            Pictures = await pictures.CurrentOfAsync([.. all.Select(one => one.Brew?.Id).OfType<int>()], ct);
        }

        return Page();
    }

    private async Task<IReadOnlyList<(string Id, string Name)>> ChoicesAsync(CancellationToken ct)
    {
        var choices = await PlanChoices.OfAsync(finder, ct);
        var open = All.Select(one => (Id: one.Href["/plan/".Length..], Name: $"{one.Name}, as it lies open")).Where(one => choices.TrueForAll(choice => choice.Id != one.Id));
        return [.. open, .. choices];
    }

    private async Task<ComparedBrew> OfBrewAsync(Data.Brews.Brew brew, string letter, CancellationToken ct)
    {
        var plan = brew.ModelOf(model).Run(brew.Recipe());
        var run = brew.Run(plan, brew.EndedAtMs ?? brew.OpenedAtMs);
        var sub = string.Join(" · ", new[] { baristaContext.Moment(brew.OpenedAtMs), brew.CoffeeName, brew.GrindText, brew.Barista?.Name ?? "" }.Where(text => text.Length > 0));
        return new ComparedBrew(letter, brew.Name, sub, FormattableString.Invariant($"/log/{brew.Id}"), brew.ForecastAsBrewed(plan, run), brew, WeighedCurve.Of(brew, plan.Recipe, await ReadingStore.LoadAsync(db, brew.Id, ct)));
    }

    private void Draw(List<ComparedBrew> all)
    {
        Differ = Differences.Between([.. all.Select(one => one.Forecast)], Format);
        TastedAndMeasured = Differences.Differing([.. all.Select(one => one.Brew is { } brew ? TellsOf(brew) : [])]);
        var charts = all.ConvertAll(one => new ComparedChart(one.Letter, one.Forecast, one.Weighed));
        var labels = Format.Labels("in the brewer");
        BrewCharts = (ComparisonCharts.BrewCharts(charts, labels, 760, 300), ComparisonCharts.BrewCharts(charts, labels, 358, 240));
        Map = ComparisonCharts.Map([.. all.Select(MarkOf)], 420, 300);
    }

    /// <summary>By the refractometer where there is a reading, with the drink as weighed; otherwise as computed.</summary>
    private static ComparedMark MarkOf(ComparedBrew one)
    {
        var totals = one.Forecast.Totals;
        var read = one.Brew?.ReadTdsPercent();
        var tds = read ?? totals.FinalTdsPercent;
        var yield = one.Brew?.ReadYieldPercent(totals.FinalG, one.Forecast.Recipe.Coffee.DoseG) ?? totals.ExtractionYieldPercent;
        return new ComparedMark(one.Letter, yield, tds, $"{one.Letter}: {one.Name}{(read is null ? ", computed" : ", read")}");
    }

    private IEnumerable<(string What, string Value)> TellsOf(Data.Brews.Brew brew)
    {
        yield return ("Coffee", brew.CoffeeName);
        yield return ("Grinder and setting", brew.GrindText);
        yield return ("Brewed by", brew.Barista?.Name ?? "");
        yield return ("Where", brew.PlaceName);
        yield return ("Read, TDS", brew.ReadTdsPercent() is { } tds ? FigureFormat.Percent(tds, 2) : "");
        yield return ("Drink, weighed", brew.Observed(ObservationNames.Beverage) is { } drinkG ? Format.Water(drinkG) : "");
        yield return ("Drawdown, by the clock", brew.Facts?.DrawdownS is { } drainS ? FigureFormat.Clock(drainS) : "");
        yield return ("Press time, by the clock", brew.Facts?.PressS is { } pressS ? FigureFormat.Seconds(pressS) : "");
        foreach (var tasting in brew.Tastings.OrderBy(tasting => tasting.Id))
        {
            yield return ("Tasted", (tasting.Barista is { } taster && brew.Tastings.Count > 1 ? taster.Name + ": " : "") + TastedWording.Of(tasting));
            if (tasting.Note.Length > 0)
            {
                yield return ("In words", tasting.Note);
            }

            if (tasting.Bed is { } bed)
            {
                yield return ("The bed", TastedWording.Of(bed));
            }
        }

        yield return ("Why like this", brew.Why);
    }
}
