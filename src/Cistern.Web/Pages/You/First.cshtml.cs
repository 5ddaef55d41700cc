namespace Cistern.Web.Pages.You;

/// <summary>The first page of an empty data file: who brews here, and with what.</summary>
public sealed class FirstModel(CisternDb db, BaristaStore baristas) : PageModel
{
    /// <summary>Who brews.</summary>
    public Field Name { get; private set; } = new("name", "Your name", "Me") { Hint = "as the log shows it", MaxLength = 60 };

    /// <summary>Where.</summary>
    public Field Place { get; private set; } = new("place", "Where you brew", "Here") { MaxLength = 60 };

    /// <summary>Above sea level.</summary>
    public Field Altitude { get; private set; } = new("altitude", "Altitude", "0") { Kind = "number", Unit = "m", Hint = "decides where water boils" };

    /// <summary>The room's temperature.</summary>
    public Field Ambient { get; private set; } = new("ambient", "Room temperature", "21") { Kind = "number", Unit = "°C" };

    /// <summary>The chosen brewer, as written by <see cref="BrewerWord"/>; empty where none was.</summary>
    public string Brewer { get; private set; } = "";

    /// <summary>How the coffee is ground: <c>own</c>, <c>bought</c>, or empty.</summary>
    public string Ground { get; private set; } = "";

    /// <summary>What there is to measure with: <c>both</c>, <c>scale</c>, <c>neither</c>, or empty.</summary>
    public string Has { get; private set; } = "";

    /// <summary>A question that was not answered, or null.</summary>
    public string? Problem { get; private set; }

    /// <summary>Whether something typed will not do.</summary>
    public bool Amiss => new[] { Name, Place, Altitude, Ambient }.Any(one => one.Problem is not null);

    /// <summary>A brewer of a size, as in the form.</summary>
    public static string BrewerWord(BrewerFamily family, double ml) => FormattableString.Invariant($"{Words<BrewerFamily>.Of(family)}:{ml:0}");

    private static (BrewerFamily Family, double Ml)? BrewerOf(string word) =>
        Enum.GetValues<BrewerFamily>().SelectMany(family => CommonSizes.Of(family).Select(ml => (Family: family, Ml: ml))).Where(one => BrewerWord(one.Family, one.Ml) == word).Select(one => ((BrewerFamily, double)?)one).FirstOrDefault();

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken ct) =>
        await db.Baristas.AnyAsync(ct) ? RedirectToPage("/Bench/Bench") : Page();

    /// <summary>Saves the answers and starts.</summary>
    public async Task<IActionResult> OnPostAsync(CancellationToken ct)
    {
        var form = Request.Form;
        Name = Name with { Text = (form.Value("name") ?? "").Trim() };
        Place = Place with { Text = (form.Value("place") ?? "").Trim() };
        var rule = Member.Named("altitudeM");
        var altitude = TypedNumber.Read(form.Value("altitude"), rule.Min, rule.Max, rule.Unit);
        var ambient = TypedNumber.Read(form.Value("ambient"), -10, 45, "°C");
        Altitude = Altitude with { Text = altitude.Text, Problem = altitude.Problem };
        Ambient = Ambient with { Text = ambient.Text, Problem = ambient.Problem };
        Name = Name with { Problem = Name.Text.Length == 0 ? "Give a name of at most 60 letters." : PlainText.Problem(Name.Text, 60, lines: false) };
        Place = Place with { Problem = Place.Text.Length == 0 ? "Give the place a name of at most 60 letters." : PlainText.Problem(Place.Text, 60, lines: false) };
        (Brewer, Ground, Has) = (form.Value("brewer") ?? "", form.Value("ground") ?? "", form.Value("has") ?? "");
        var brewer = BrewerOf(Brewer);
        // Without any answer the first page follows; with some, the missing ones are asked for.
        var answers = form.Value("skip") is null && (Brewer + Ground + Has).Length > 0;
        Problem = answers && (brewer is null || Ground is not ("own" or "bought") || Has is not ("both" or "scale" or "neither")) ? "Please answer all three questions." : null;
        if (Amiss || Problem is not null)
        {
            return this.Unprocessable();
        }

        var barista = new Barista { Name = Name.Text, NoScale = answers && Has == "neither", NoThermometer = answers && Has != "both", NoGrinder = answers && Ground == "bought" };
        var own = answers && brewer is var (family, ml) ? new OwnedBrewer { Name = $"My {StepWording.Family(family)}", Family = family, CapacityMl = ml } : null;
        await baristas.AddFirstAsync(barista, new BrewPlace { Name = Place.Text, AltitudeM = altitude.Value!.Value, AmbientC = ambient.Value!.Value }, own, ct);
        return answers ? RedirectToPage("/You/FirstBrew") : RedirectToPage("/Bench/Bench");
    }
}
