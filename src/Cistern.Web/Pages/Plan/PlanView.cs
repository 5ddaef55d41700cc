using Cistern.Application.Plans;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Drawing;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Values = System.Collections.Generic.IEnumerable<System.Collections.Generic.KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>>;

namespace Cistern.Web.Pages.Plan;

/// <summary>What a plan page shows of a plan as it stands: its figures and how sure they are, what was found, the map, what to make ready, the forms as they stand.</summary>
/// <param name="settings">The fields and what was typed into them.</param>
/// <param name="atS">The moment at which the vessel is shown, s on the clock.</param>
public sealed class PlanView(PlanSettings settings, double atS)
{
    /// <summary>The fields and what was typed into them.</summary>
    public PlanSettings Settings { get; } = settings;

    /// <summary>
    /// A brew that takes more steps of time than this is not run some sixty times more for its bands, its tolerances and the
    /// map's arrows: that would take seconds. The library's recipes take 1,100 at most.
    /// </summary>
    private const int MostMoves = 12_000;

    /// <summary>How this barista reads figures.</summary>
    public FigureFormat Format => Settings.ToldIn;

    /// <summary>What it will do.</summary>
    public Forecast Forecast => Settings.Forecast;

    /// <summary>Words and units for its pictures.</summary>
    public BrewChartLabels Labels => Format.Labels(StepWording.InVessel(Settings.Recipe.Brewer.Family));

    /// <summary>The vessel cut open at that moment.</summary>
    public string VesselSvg => BrewerSection.Draw(Forecast, AtS, Labels);

    /// <summary>What the plan is held against: the dotted brew chart.</summary>
    public Forecast Accepted { get; private set; } = null!;

    /// <summary>What is different from it.</summary>
    public Differences Changed { get; private set; } = new([], [], []);

    /// <summary>Whether anything is.</summary>
    public bool IsChanged => Changed.Set.Count + Changed.Steps.Count + Changed.Gives.Count > 0;

    /// <summary>Whether the brew takes so long to compute that only its own figures are told.</summary>
    public bool Heavy => Forecast.Moves > MostMoves;

    /// <summary>The 80 % band of each figure.</summary>
    public IReadOnlyDictionary<Outcome, Band> Bands { get; private set; } = new Dictionary<Outcome, Band>();

    /// <summary>How far each setting may be off.</summary>
    public IReadOnlyDictionary<Setting, double> TolerancesOf { get; private set; } = new Dictionary<Setting, double>();

    /// <summary>What the forecast found.</summary>
    public IReadOnlyList<EventWords> Events { get; private set; } = [];

    /// <summary>What the rules have against the steps as they are.</summary>
    public IReadOnlyList<Finding> Findings { get; private set; } = [];

    /// <summary>What the place's boiling point takes away; null where it takes nothing.</summary>
    public HighPlace? High { get; private set; }

    /// <summary>What becomes of it at the ends of its windows.</summary>
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

    /// <summary>The moment at which the vessel is shown, s on the clock: as scrubbed, or as the release begins.</summary>
    public double AtS { get; } = atS;

    /// <summary>What is asked backwards, as it stands in the form.</summary>
    public (string Setting, string Outcome, string Value) Ask { get; private set; }

    /// <summary>The two figures asked for at once, as they stand in the form.</summary>
    public (string By, string Tds, string FlavourBalance) Both { get; private set; }

    /// <summary>The strength to be diluted to, as it stands in the form.</summary>
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

    /// <summary>What it comes to when it is left standing before it is poured off; empty where it is not poured off.</summary>
    public IReadOnlyList<OnTheGrounds> OnTheGrounds => Heavy ? [] : Core.Planning.OnTheGrounds.Of(Forecast);

    /// <summary>The brew chart of a width, with the dotted one where the plan has been changed.</summary>
    public BrewChartOptions BrewChartOf(double widthPx, double lanesPx, string prefix) => new(widthPx)
    {
        Ghost = IsChanged ? Accepted : null,
        Labels = Labels,
        WithSteps = false,
        LanesPx = lanesPx,
        IdPrefix = prefix,
    };

    /// <summary>A figure's band in words, or null where the brew has none.</summary>
    public string? Within(Outcome outcome, Func<double, string> write) =>
        Bands.TryGetValue(outcome, out var band) ? $"{write(band.Low)} to {write(band.High)}" : null;

    /// <summary>A setting's tolerances in words, or null where it hardly matters.</summary>
    public string? May(Setting setting, Func<double, string> write) =>
        TolerancesOf.TryGetValue(setting, out var tolerance) && double.IsFinite(tolerance) ? $"± {write(tolerance)}" : null;

    /// <summary>Works out all that is shown besides the brew chart and the vessel.</summary>
    /// <param name="open">The plan as it lies open.</param>
    /// <param name="accepted">What it is held against.</param>
    /// <param name="sent">What was sent.</param>
    /// <param name="openStep">The step whose form is open, or −1.</param>
    /// <param name="bench">Tells the time.</param>
    /// <param name="brews">The last brews of this coffee, being read.</param>
    /// <param name="ct">Stops it.</param>
    public async Task WorkOutAsync(OpenPlan open, Forecast accepted, Values sent, int openStep, BaristaContext bench, Task<IReadOnlyList<BrewedBefore>> brews, CancellationToken ct)
    {
        // Bands and tolerances run the model some hundred times, while this thread asks the data and draws the map.
        var confidence = Heavy ? Task.FromResult((Bands, TolerancesOf)) : Task.Run(() => (Confidence.Of(Forecast), Tolerances.Of(Forecast)), ct);
        Findings = RecipeChecker.Check(Settings.Recipe);
        Events = [.. Forecast.Events.Select(one => EventWording.Of(one, Forecast, Format))];
        Accepted = accepted;
        Changed = Differences.Between([Accepted, Forecast], Format);
        High = Heavy ? null : HighPlace.Of(Forecast, Settings.DialOf(Setting.MedianUm), Settings.CanGrind);
        Ends = Heavy ? [] : WindowEnds.Of(Forecast);
        Map = StrengthMapView.Of(this, await brews);
        Preparation = Preparation.Of(Forecast, Settings.Editing.Gear);
        Ready = sent.Value("ready") is { } typed && (typed.Trim() != (sent.Value("was.ready") ?? "").Trim() || open.Stored?.WantedAtMs is null)
            ? ReadyTime.Read(typed, Preparation, bench)
            : open.Stored?.WantedAtMs is { } wantedAtMs ? ReadyTime.Of(wantedAtMs, Preparation, bench) : ReadyTime.None;
        OpenStep = openStep;
        Step = Settings.RefusedStep ?? (OpenStep >= 0 ? StepForm.Of(Settings.Recipe, OpenStep, Format, []) : null);
        Ask = (sent.Value("ask.setting") ?? nameof(Setting.MedianUm), sent.Value("ask.outcome") ?? nameof(Outcome.TdsPercent), sent.Value("ask.value") ?? FigureFormat.Number(Forecast.Totals.FinalTdsPercent, 2));
        Both = (sent.Value("both.by") ?? nameof(Setting.MedianUm), sent.Value("both.tds") ?? FigureFormat.Number(Forecast.Totals.FinalTdsPercent, 2), sent.Value("both.tilt") ?? "0");
        DilutedTo = sent.Value("let-down.tds") ?? FigureFormat.Number(Math.Min(Forecast.Totals.TdsPercent, 1.35), 2);
        (Bands, TolerancesOf) = await confidence;
    }
}
