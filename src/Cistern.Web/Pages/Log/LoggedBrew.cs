using Cistern.Web.Pages.Brewing;

namespace Cistern.Web.Pages.Log;

/// <summary>A brew of the log with its plan, what was done, and the results of both.</summary>
/// <param name="Brew">The brew, with everything that belongs to it.</param>
/// <param name="Plan">The forecast of its plan, with the remaining steps as they were at the end.</param>
/// <param name="Planned">The forecast of the plan it began with, with which it is compared.</param>
/// <param name="Run">What was done when.</param>
/// <param name="Real">The forecast of what was actually done; null where the clock never ran, or it is not over.</param>
/// <param name="OnTheScale">The scale's readings of vessel and cup.</param>
public sealed record LoggedBrew(Data.Brews.Brew Brew, Forecast Plan, Forecast Planned, BrewRun Run, Forecast? Real, IReadOnlyList<WeighedPoint> OnTheScale)
{
    /// <summary>The forecast as brewed, or else as planned.</summary>
    public Forecast Charted => Real ?? Plan;

    /// <summary>The flow times measured on its own clock.</summary>
    public Measured Measured => Brew.MeasuredTimes(Plan.Recipe, Run);

    /// <summary>Its times compared with their windows.</summary>
    public IReadOnlyList<FlowVerdict> Verdicts => Real is null ? [] : Brew.Verdicts(Planned, Run);

    /// <summary>The planned length of the press or plunge, s.</summary>
    public double PlannedPressS => Core.Planning.Settings.Get(Plan, Core.Planning.Setting.PressS) ?? 0;

    /// <summary>When a step was done, in words; a dash where it was not.</summary>
    public string DoneAt(int step) => Run.Done.FirstOrDefault(done => done.Index == step) is { } done
        ? done.EndS is { } endS ? FigureFormat.Clock(endS) + Ended(done.By) : "made ready"
        : "—";

    /// <summary>The weight at a pour, or that it is as planned.</summary>
    public string Weighed(int step, FigureFormat format) => Brew.WeightsG().TryGetValue(step, out var totalG)
        ? format.Water(totalG)
        : Plan.Recipe.Steps[step] is Step.Pour pour ? $"{format.Water(pour.ToG)} as planned" : "";

    /// <summary>Loads a brew; null where there is none.</summary>
    /// <param name="db">The context, which tracks what is loaded.</param>
    /// <param name="model">The published model, with its cancellation.</param>
    /// <param name="id">The brew.</param>
    /// <param name="nowMs">Now, UTC milliseconds.</param>
    /// <param name="ct">Cancels it.</param>
    public static async Task<LoggedBrew?> LoadAsync(CisternDb db, ForecastModel model, int id, long nowMs, CancellationToken ct)
    {
        var brew = await db.Brews.Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.Notes).Include(row => row.DeviationAnswers).Include(row => row.Tastings).ThenInclude(tasting => tasting.Barista).Include(row => row.Barista)
            .AsSplitQuery().FirstOrDefaultAsync(row => row.Id == id, ct);
        if (brew is null)
        {
            return null;
        }

        var plan = brew.ModelOf(model).Run(brew.Recipe());
        var run = brew.Run(plan, brew.State == BrewState.Running ? nowMs : brew.EndedAtMs ?? brew.OpenedAtMs);
        return new LoggedBrew(brew, plan, brew.ModelOf(model).Run(brew.Planned()), run, brew.ForecastIfFinished(plan, run),
            WeighedCurve.Of(brew, plan.Recipe, await ReadingStore.LoadAsync(db, id, ct)));
    }

    private static string Ended(EndedBy by) => by switch
    {
        EndedBy.Assumed => " assumed",
        EndedBy.NotSeen => " not seen",
        _ => "",
    };
}
