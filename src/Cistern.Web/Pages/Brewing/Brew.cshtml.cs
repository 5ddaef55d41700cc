using System.Globalization;
using System.Text.Json;
using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Stores;
using Cistern.Drawing;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Brewing;

/// <summary>Conducts one brew by the clock.</summary>
public sealed class BrewModel(CisternDb db, JobLedger jobs, Here here, PressStore presses, ForecastModel model) : PageModel
{
    private static readonly JsonSerializerOptions Camel = new(JsonSerializerDefaults.Web);

    public Here Here => here;

    public Data.Brews.Brew Brew { get; private set; } = null!;

    public Recipe Recipe { get; private set; } = null!;

    public Forecast Plan { get; private set; } = null!;

    public BrewRun Run { get; private set; } = null!;

    public Show Show { get; private set; } = null!;

    /// <summary>The stage as it stands: what to do, how far, until when.</summary>
    public Stage Stage { get; private set; } = null!;

    public string? Problem { get; private set; }

    /// <summary>Why it is given up, as it was typed.</summary>
    public string Why { get; private set; } = "";

    public Dictionary<int, TypedNumber> Typed { get; } = [];

    /// <summary>All that the page's script needs to go on without the network.</summary>
    public string PlanJson { get; private set; } = "";

    public string TideSvg(double widthPx, double lanesPx, string prefix) => Tide.Draw(Plan, new TideOptions(widthPx)
    {
        WithSteps = false,
        LanesPx = lanesPx,
        Labels = Show.Labels(StepWording.InVessel(Recipe.Brewer.Family)),
        IdPrefix = prefix,
    });

    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        if (Brew.State == BrewState.Running && Run.Finished)
        {
            // Its last step was only time, and that has passed.
            Brew.State = BrewState.Finished;
            Brew.EndedAtMs = Brew.StartedAtMs + (long)(1000 * Run.EndS);
            await db.SaveChangesAsync(ct);
        }

        return Brew.State switch
        {
            BrewState.Finished => RedirectToPage("/Taste/Taste", new { id }),
            BrewState.Abandoned => RedirectToPage("/Log/Entry", new { id }),
            _ => Page(),
        };
    }

    /// <summary>The state, for a screen that follows.</summary>
    public async Task<IActionResult> OnGetStateAsync(int id, CancellationToken ct) =>
        await LoadAsync(id, ct) ? State(PressOutcome.Kept) : NotFound();

    public async Task<IActionResult> OnPostPressAsync(int id, CancellationToken ct)
    {
        var asks = Request.Headers.Accept.ToString().Contains("application/json", StringComparison.Ordinal);
        var outcome = ReadPress() is { } press ? await presses.PressAsync(id, press, ct) : PressOutcome.Refused;
        if (outcome == PressOutcome.Missing || !await LoadAsync(id, ct))
        {
            return NotFound();
        }

        if (asks)
        {
            return State(outcome);
        }

        if (outcome is PressOutcome.Kept or PressOutcome.KnownAlready)
        {
            return RedirectToPage(new { id });
        }

        Problem = Say(outcome);
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    public async Task<IActionResult> OnPostWeightsAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        if (!await WeighingForm.KeepAsync(db, jobs, Brew, Recipe, Request.Form, Show, Typed, ct))
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        return RedirectToPage(new { id });
    }

    public async Task<IActionResult> OnPostAbandonAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var why = (Request.Form.Value("why") ?? "").Trim();
        if (why.Length == 0 || PlainText.Problem(why, 200, lines: false) is not null)
        {
            Problem = PlainText.Problem(why, 200, lines: false) ?? "Say in a word why it is given up; it stands in the log.";
            Why = why;
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        if (Brew.State == BrewState.Running)
        {
            Brew.State = BrewState.Abandoned;
            Brew.WhyAbandoned = why;
            Brew.EndedAtMs = here.NowMs;
            await db.SaveChangesAsync(ct);
        }

        return RedirectToPage("/Log/Entry", new { id });
    }

    /// <summary>Finishes one that was left running: what was not pressed is taken as planned.</summary>
    public async Task<IActionResult> OnPostFinishAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        if (Brew is { State: BrewState.Running, StartedAtMs: not null })
        {
            Brew.State = BrewState.Finished;
            Brew.EndedAtMs = Brew.StartedAtMs + (long)(1000 * Math.Max(Plan.Totals.FinishS, Run.EndS));
            await db.SaveChangesAsync(ct);
        }

        return RedirectToPage("/Taste/Taste", new { id });
    }

    private static string Say(PressOutcome outcome) => outcome switch
    {
        PressOutcome.DoneElsewhere => "That was already done on another screen. This is where the brew stands now.",
        PressOutcome.Over => "This brew is over.",
        _ => "That press could not be read. Nothing was changed.",
    };

    private SentPress? ReadPress()
    {
        var form = Request.Form;
        var plain = CultureInfo.InvariantCulture;
        if (!Guid.TryParse(form.Value("key"), out var key)
            || !int.TryParse(form.Value("step"), NumberStyles.Integer, plain, out var step)
            || !double.TryParse(form.Value("elapsed") ?? "0", NumberStyles.Float, plain, out var elapsedS)
            || !double.TryParse(form.Value("age") ?? "0", NumberStyles.Float, plain, out var ageMs))
        {
            return null;
        }

        return new SentPress(key, form.Value("kind") == "undo" ? PressKind.Undo : PressKind.Done, step, elapsedS, ageMs);
    }

    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        var brew = await db.Brews.Include(row => row.Presses).Include(row => row.Weighings).AsSplitQuery().FirstOrDefaultAsync(row => row.Id == id, ct);
        if (brew is null)
        {
            return false;
        }

        Brew = brew;
        Recipe = brew.Recipe();
        Plan = model.Run(Recipe);
        Show = await here.ShowAsync(ct);
        var elapsedS = PressStore.ElapsedS(brew, here.NowMs);
        Run = BrewRun.Replay(Plan, brew.CorePresses, elapsedS);
        Stage = Stage.Of(Plan, Run, elapsedS, Show);
        PlanJson = JsonSerializer.Serialize(new
        {
            anchor = RecipeChecker.AnchorIndex(Recipe),
            startsAtItsEnd = BrewRun.StartsAtItsEnd(Recipe),
            clockStart = StepWording.ClockStart(Recipe.ClockStarts),
            steps = Recipe.Steps.Select((step, i) =>
            {
                var words = StepWording.Of(Recipe, i, Show);
                return new { verb = words.Verb, target = words.Target, caution = words.Caution, at = step.AtS, length = Plan.Timings[i].LengthS, byItself = BrewRun.EndsByItself(step) };
            }),
        }, Camel);
        return true;
    }

    private JsonResult State(PressOutcome outcome) => new(new
    {
        outcome = outcome.ToString(),
        message = outcome is PressOutcome.Kept or PressOutcome.KnownAlready ? null : Say(outcome),
        state = Brew.State.ToString(),
        nowMs = here.NowMs,
        startedAtMs = Brew.StartedAtMs,
        presses = Brew.Presses.OrderBy(press => press.Id).Select(press => new
        {
            key = press.Key,
            kind = press.Kind == PressKind.Undo ? "undo" : "done",
            step = press.StepIndex,
            elapsed = press.ElapsedS,
        }),
    }, Camel);
}
