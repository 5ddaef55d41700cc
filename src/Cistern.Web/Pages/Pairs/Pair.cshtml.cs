using Cistern.Web.Pages.Plan;

namespace Cistern.Web.Pages.Pairs;

/// <summary>A pair: what differs, when each brew needs hands, when both can be tasted; brewed with one touch.</summary>
public sealed class PairModel(CisternDb db, PairStore pairs, BrewStart start, PlanFinder finder, PairSides sides, BaristaContext baristaContext) : PageModel
{
    private const double MaxStaggerS = 3600;

    /// <summary>The current barista.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The pair.</summary>
    public BrewPair BrewPair { get; private set; } = null!;

    /// <summary>A; null where its plan is no more.</summary>
    public PairSide? First { get; private set; }

    /// <summary>B; null where its plan is no more.</summary>
    public PairSide? Second { get; private set; }

    /// <summary>Both brews; null until the pair is brewed.</summary>
    public IReadOnlyList<Data.Brews.Brew>? Brews { get; private set; }

    /// <summary>What differs between the plans.</summary>
    public Differences Differ { get; private set; } = new([], [], []);

    /// <summary>What is changed from A to B, as a barista counts.</summary>
    public IReadOnlyList<ChangedThing> Changed { get; private set; } = [];

    /// <summary>What stops either from being brewed.</summary>
    public IReadOnlyList<string> Stops { get; private set; } = [];

    /// <summary>How long after A's clock that of B starts, as typed.</summary>
    public Field Stagger { get; private set; } = new("stagger", "B starts after A by", "") { MaxLength = 10, Hint = "min:s; 0:00 with another pair of hands" };

    /// <summary>When B starts, and whether one person can do both, in words.</summary>
    public string When => PairWording.When(First!.Form.Forecast, Second!.Form.Forecast, BrewPair.StaggerS);

    /// <summary>When both can be tasted, in words.</summary>
    public string Tasted => PairWording.Tasted(First!.Form.Forecast, Second!.Form.Forecast, BrewPair.StaggerS, Format);

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>When each needs hands, drawn.</summary>
    public string Hands(double widthPx) => HandsStrip.Draw(First!.Form.Forecast, Second!.Form.Forecast, BrewPair.StaggerS, widthPx);

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct) => await LoadAsync(id, ct) ? Page() : NotFound();

    /// <summary>Sets how long after A's clock that of B starts.</summary>
    public async Task<IActionResult> OnPostStaggerAsync(int id, string? stagger, string? least, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct) || First is null || Second is null)
        {
            return NotFound();
        }

        var read = least is null ? TypedNumber.ReadClock(stagger, 0, MaxStaggerS) : new TypedNumber("", PairPlanning.MinStaggerS(First.Form.Forecast, Second.Form.Forecast), null);
        if (read.Value is not { } staggerS)
        {
            Stagger = Stagger with { Text = stagger ?? "", Problem = read.Problem };
            return this.Unprocessable();
        }

        await pairs.StaggerAsync(id, Math.Round(staggerS), ct);
        return RedirectToPage(new { id });
    }

    /// <summary>Opens both brews.</summary>
    public async Task<IActionResult> OnPostBrewAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct) || First is null || Second is null)
        {
            return NotFound();
        }

        if (Brews is null && Stops.Count > 0)
        {
            return this.Unprocessable();
        }

        if (Brews is null)
        {
            var barista = (await baristaContext.BaristaAsync(ct))?.Id;
            var (first, second) = (await BrewOfAsync(First, barista, ct), await BrewOfAsync(Second, barista, ct));
            // One later, so that the log shows the two in this order.
            second.OpenedAtMs = first.OpenedAtMs + 1;
            var what = Differ.InShort;
            second.Why = PairWording.Why(what);
            await start.BrewPairAsync(id, (first, second), what, new PlanRequest(IdempotencyKey.Of(Request.Form), barista), ct);
        }

        return RedirectToPage(new { id });
    }

    private async Task<Data.Brews.Brew> BrewOfAsync(PairSide side, int? barista, CancellationToken ct) =>
        BrewOpening.Of(side.Open, side.Form.Editing, await finder.WithExtraMembersAsync(side.Open, side.Form.Recipe with { Name = side.Name }, ct), side.Form.GrindText, baristaContext.NowMs, barista);

    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        if (await pairs.PairAsync(id, ct) is not { } pair)
        {
            return false;
        }

        BrewPair = pair;
        Format = await baristaContext.FormatAsync(ct);
        Stagger = Stagger with { Text = FigureFormat.Clock(pair.StaggerS) };
        First = await sides.OfAsync(Address(pair.FirstPlanId), ct);
        Second = await sides.OfAsync(Address(pair.SecondPlanId), ct);
        var brews = await db.Brews.AsNoTracking().Where(brew => brew.Id == pair.FirstBrewId || brew.Id == pair.SecondBrewId).ToListAsync(ct);
        Brews = brews.Count == 2 ? [brews.Find(brew => brew.Id == pair.FirstBrewId)!, brews.Find(brew => brew.Id == pair.SecondBrewId)!] : null;
        if (First is null || Second is null)
        {
            return true;
        }

        Differ = Differences.Between([First.Form.Forecast, Second.Form.Forecast], Format);
        Changed = Changes.Between(First.Form.Recipe, Second.Form.Recipe);
        Stops = [.. StopsOf("A", First), .. StopsOf("B", Second)];
        return true;
    }

    private IEnumerable<string> StopsOf(string letter, PairSide side) =>
        side.Form.Forecast.Events.Select(one => EventWording.Of(one, side.Form.Forecast, Format)).Where(words => words.Stops).Select(words => $"{letter}: {words.Title} {words.Remedy}")
            .Concat(RecipeChecker.Check(side.Form.Recipe).Where(finding => finding.Severity == Severity.Error).Select(finding => $"{letter}: {finding.Rule} {finding.Remedy}"));

    private static string Address(int? id) => id?.ToString(CultureInfo.InvariantCulture) ?? "";
}
