using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Stores;
using Cistern.Web.Frame;
using Cistern.Web.Pages.Brewing;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Log;

/// <summary>One brew: what was planned, what was really done and when, and what it tasted of.</summary>
public sealed class EntryModel(CisternDb db, JobLedger jobs, BenchContext bench, BrewStore store, ForecastModel model) : PageModel
{
    /// <summary>Who is here, and what is brewing.</summary>
    public BenchContext Bench => bench;

    /// <summary>How this barista reads figures.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>The brew.</summary>
    public Data.Brews.Brew Brew { get; private set; } = null!;

    /// <summary>The forecast of its plan, the rest of it as it stood at its end.</summary>
    public Forecast Plan { get; private set; } = null!;

    /// <summary>The forecast of the plan it began with: what it is held against.</summary>
    public Forecast Planned { get; private set; } = null!;

    /// <summary>The same computation on what was really done; null where the clock never ran.</summary>
    public Forecast? Real { get; private set; }

    /// <summary>What was done when.</summary>
    public BrewRun Run { get; private set; } = null!;

    /// <summary>What its own clock measured of what flowed.</summary>
    public Measured Measured => Brew.Timed(Plan.Recipe, Run);

    /// <summary>How its times lie against their windows.</summary>
    public IReadOnlyList<FlowVerdict> Verdicts => Real is null ? [] : FlowVerdicts.Of(Planned, Run);

    /// <summary>A note that was not taken, as it was typed.</summary>
    public Field Note { get; private set; } = new("note", "Add a note", "") { Kind = "area", MaxLength = 2_000 };

    /// <summary>Weights as they were typed, by step.</summary>
    public Dictionary<int, TypedNumber> Typed { get; } = [];

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct) => await LoadAsync(id, ct) ? Page() : NotFound();

    /// <summary>Keeps a note.</summary>
    public async Task<IActionResult> OnPostNoteAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var text = (Request.Form.Value("note") ?? "").Trim();
        var job = JobKey.Of(Request.Form);
        if (await jobs.DoneAsync(job, ct) is { } done)
        {
            return Redirect(done);
        }

        if (text.Length == 0 || PlainText.Problem(text, Note.MaxLength, lines: true) is not null)
        {
            Note = Note with { Text = text, Problem = PlainText.Problem(text, Note.MaxLength, lines: true) ?? "There is nothing in the note yet." };
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        Brew.Notes.Add(new LaterNote { Text = text, AtMs = bench.NowMs });
        jobs.Remember(job, $"/log/{id}");
        await jobs.SaveAsync(ct);
        return RedirectToPage(new { id });
    }

    /// <summary>Keeps the weights that were typed.</summary>
    public async Task<IActionResult> OnPostWeightsAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        if (!WeighingForm.Read(Plan.Recipe, Request.Form, Format, Typed))
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        await WeighingForm.KeepAsync(db, jobs, Brew, Format, Typed, ct);

        await store.WorkOutFactsAsync(id);
        return RedirectToPage(new { id });
    }

    /// <summary>How long the press or the plunge was to take, s.</summary>
    public double PlannedPressS => Core.Planning.Settings.Get(Plan, Core.Planning.Setting.PressS) ?? 0;

    /// <summary>The brew it was made from, where that was brewed to its end; else null.</summary>
    public int? Parent { get; private set; }

    /// <summary>The last brew before it of its recipe and coffee, or null.</summary>
    public int? LastAlike { get; private set; }

    /// <summary>What a scale told of the vessel and the cup, over time.</summary>
    public IReadOnlyList<Core.Readings.WeighedPoint> OnTheScale { get; private set; } = [];

    /// <summary>What was weighed at a pour, or that it is marked as planned.</summary>
    public string Weighed(int step) => Brew.WeightsG().TryGetValue(step, out var totalG)
        ? Format.Water(totalG)
        : Plan.Recipe.Steps[step] is Step.Pour pour ? $"{Format.Water(pour.ToG)} as planned" : "";

    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        var brew = await db.Brews.Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.Notes).Include(row => row.SlipAnswers).Include(row => row.Tastings).ThenInclude(tasting => tasting.Barista).Include(row => row.Barista)
            .AsSplitQuery().FirstOrDefaultAsync(row => row.Id == id, ct);
        if (brew is null)
        {
            return false;
        }

        Brew = brew;
        Format = await bench.FormatAsync(ct);
        Plan = brew.ModelOf(model).Run(brew.Recipe());
        Planned = brew.ModelOf(model).Run(brew.Planned());
        Run = brew.Run(Plan, brew.State == BrewState.Running ? bench.NowMs : brew.EndedAtMs ?? brew.OpenedAtMs);
        Real = Run.ClockRuns && brew.State == BrewState.Finished ? brew.AsItWas(Plan, Run) : null;
        if (Real is not null)
        {
            var finished = db.Logged.Where(row => row.State == BrewState.Finished && row.StartedAtMs != null);
            Parent = brew.ParentBrewId is { } parent ? await finished.Where(row => row.Id == parent).Select(row => (int?)row.Id).FirstOrDefaultAsync(ct) : null;
            LastAlike = await finished.Where(row => row.RecipeId == brew.RecipeId && row.OpenedAtMs < brew.OpenedAtMs && row.CoffeeName == brew.CoffeeName).OrderByDescending(row => row.OpenedAtMs).Select(row => (int?)row.Id).FirstOrDefaultAsync(ct);
        }

        OnTheScale = Brewing.WeighedCurve.Of(brew, Plan.Recipe, await Data.Stores.ReadingStore.LoadAsync(db, id, ct));
        return true;
    }
}
