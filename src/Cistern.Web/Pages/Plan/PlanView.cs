namespace Cistern.Web.Pages.Plan;

/// <summary>
/// Everything that the plan page shows of a plan: figures with their bands, findings, the map, the preparation, and the current state
/// of its forms.
/// </summary>
/// <param name="form">The fields and what was typed into them.</param>
/// <param name="atS">The moment at which the vessel is shown, s on the brew clock.</param>
public sealed class PlanView(PlanForm form, double atS)
{
    /// <summary>The fields and what was typed into them.</summary>
    public PlanForm Form { get; } = form;

    /// <summary>
    /// For a brew with more time steps than this, bands, tolerances and the map's arrows, which need some sixty more runs, are
    /// omitted, since they would take seconds. The library's recipes need 1,100 at most.
    /// </summary>
    private const int MaxMoves = 12_000;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format => Form.StepFormat;

    /// <summary>Its forecast.</summary>
    public Forecast Forecast => Form.Forecast;

    /// <summary>Words and units for its pictures.</summary>
    public BrewChartLabels Labels => Format.Labels(StepWording.InVessel(Form.Recipe.Brewer.Family));

    /// <summary>The vessel cut open at that moment.</summary>
    public string VesselSvg => BrewerSection.Draw(Forecast, AtS, Labels);

    /// <summary>What the plan is compared with: the dotted brew chart.</summary>
    public Forecast Accepted { get; private set; } = null!;

    /// <summary>What is different from it.</summary>
    public Differences Changed { get; private set; } = new([], [], []);

    /// <summary>Whether anything is.</summary>
    public bool IsChanged => Changed.Set.Count + Changed.Steps.Count + Changed.Gives.Count > 0;

    /// <summary>Whether the brew takes so long to compute that only its own figures are shown.</summary>
    public bool Heavy => Forecast.Moves > MaxMoves;

    /// <summary>The 80 % band of each figure.</summary>
    public IReadOnlyDictionary<Outcome, Band> Bands { get; private set; } = new Dictionary<Outcome, Band>();

    /// <summary>How far each setting may be off.</summary>
    public IReadOnlyDictionary<Setting, double> TolerancesOf { get; private set; } = new Dictionary<Setting, double>();

    /// <summary>What the forecast found.</summary>
    public IReadOnlyList<EventWords> Events { get; private set; } = [];

    /// <summary>Findings about the steps.</summary>
    public IReadOnlyList<Finding> Findings { get; private set; } = [];

    /// <summary>The effect of the place's boiling point; null where there is none.</summary>
    public HighPlace? High { get; private set; }

    /// <summary>The results at the ends of its windows.</summary>
    public IReadOnlyList<WindowEnds> Ends { get; private set; } = [];

    /// <summary>The map of strength against yield.</summary>
    public StrengthMapView Map { get; private set; } = null!;

    /// <summary>What has to be made ready, and when.</summary>
    public Preparation Preparation { get; private set; } = null!;

    /// <summary>When the cup is wanted, as typed.</summary>
    public ReadyTime Ready { get; private set; } = null!;

    /// <summary>The step whose form is open, or −1.</summary>
    public int OpenStep { get; private set; } = -1;

    /// <summary>The form of that step.</summary>
    public StepForm? Step { get; private set; }

    /// <summary>The moment at which the vessel is shown, s on the brew clock: as scrubbed, or the end of the steep.</summary>
    public double AtS { get; } = atS;

    /// <summary>The current values of the form for solving.</summary>
    public (string Setting, string Outcome, string Value) Ask { get; private set; }

    /// <summary>The current values of the form for two figures at once.</summary>
    public (string By, string Tds, string FlavourBalance) Both { get; private set; }

    /// <summary>The strength to dilute to, as in the form.</summary>
    public string DilutedTo { get; private set; } = "";

    /// <summary>Whether it may be brewed.</summary>
    public bool CanBrew => !Events.Any(one => one.Stops) && Findings.All(finding => finding.Severity != Severity.Error);

    /// <summary>What the moment is like, in words.</summary>
    public string Moment
    {
        get
        {
            var sample = Forecast.At(AtS);
            return $"{FigureFormat.Clock(AtS)}  {Format.Temperature(sample.TemperatureC)}  {FigureFormat.Percent(sample.VesselTdsPercent, 2)} TDS here";
        }
    }

    /// <summary>The result of leaving the coffee on the grounds; empty where it is not poured off.</summary>
    public IReadOnlyList<OnTheGrounds> OnTheGrounds => Heavy ? [] : Core.Planning.OnTheGrounds.Of(Forecast);

    /// <summary>The brew chart of a width, with the dotted one where the plan was changed.</summary>
    public BrewChartOptions BrewChartOf(double widthPx, double lanesPx, string prefix) => new(widthPx)
    {
        Ghost = IsChanged ? Accepted : null,
        Labels = Labels,
        WithSteps = false,
        LanesPx = lanesPx,
        IdPrefix = prefix,
    };

    /// <summary>A figure's band in words, or null where it has none.</summary>
    public string? Within(Outcome outcome, Func<double, string> write) =>
        Bands.TryGetValue(outcome, out var band) ? $"{write(band.Low)} to {write(band.High)}" : null;

    /// <summary>A setting's tolerance in words, or null where it hardly matters.</summary>
    public string? ToleranceText(Setting setting, Func<double, string> write) =>
        TolerancesOf.TryGetValue(setting, out var tolerance) && double.IsFinite(tolerance) ? $"± {write(tolerance)}" : null;

    /// <summary>Computes everything but the brew chart and the vessel.</summary>
    /// <param name="open">The open plan.</param>
    /// <param name="accepted">What it is compared with.</param>
    /// <param name="sent">What was sent.</param>
    /// <param name="openStep">The index of the step whose form is open, or −1.</param>
    /// <param name="baristaContext">The current time.</param>
    /// <param name="brews">The last brews of this coffee, being loaded.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task ComputeAsync(OpenPlan open, Forecast accepted, FormValues sent, int openStep, BaristaContext baristaContext, Task<IReadOnlyList<BrewedBefore>> brews, CancellationToken ct)
    {
        // Bands and tolerances run the model about a hundred times, while this thread loads data and draws the map.
        var confidence = Heavy ? Task.FromResult((Bands, TolerancesOf)) : Task.Run(() => (Confidence.Of(Forecast), Tolerances.Of(Forecast)), ct);
        Findings = RecipeChecker.Check(Form.Recipe);
        Events = [.. Forecast.Events.Select(one => EventWording.Of(one, Forecast, Format))];
        Accepted = accepted;
        Changed = Differences.Between([Accepted, Forecast], Format);
        High = Heavy ? null : HighPlace.Of(Forecast, Form.DialOf(Setting.MedianUm), Form.CanGrind);
        Ends = Heavy ? [] : WindowEnds.Of(Forecast);
        Map = StrengthMapView.Of(this, await brews);
        Preparation = Preparation.Of(Forecast, Form.Editing.Gear);
        Ready = sent.Value("ready") is { } typed && (typed.Trim() != (sent.Value("was.ready") ?? "").Trim() || open.Stored?.WantedAtMs is null)
            ? ReadyTime.Read(typed, Preparation, baristaContext)
            : open.Stored?.WantedAtMs is { } wantedAtMs ? ReadyTime.Of(wantedAtMs, Preparation, baristaContext) : ReadyTime.None;
        OpenStep = openStep;
        Step = Form.RefusedStep ?? (OpenStep >= 0 ? StepForm.Of(Form.Recipe, OpenStep, Format, []) : null);
        Ask = (sent.Value("ask.setting") ?? nameof(Setting.MedianUm), sent.Value("ask.outcome") ?? nameof(Outcome.TdsPercent), sent.Value("ask.value") ?? FigureFormat.Number(Forecast.Totals.FinalTdsPercent, 2));
        Both = (sent.Value("both.by") ?? nameof(Setting.MedianUm), sent.Value("both.tds") ?? FigureFormat.Number(Forecast.Totals.FinalTdsPercent, 2), sent.Value("both.tilt") ?? "0");
        DilutedTo = sent.Value("let-down.tds") ?? FigureFormat.Number(Math.Min(Forecast.Totals.TdsPercent, 1.35), 2);
        (Bands, TolerancesOf) = await confidence;
    }
}
