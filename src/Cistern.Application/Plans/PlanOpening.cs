namespace Cistern.Application.Plans;

/// <summary>A plan opened with the shelf.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Context">What it is computed with.</param>
public sealed record OpenedPlan(OpenPlan Plan, PlanContext Context)
{
    /// <summary>The forecast of a library recipe as written; null for any other plan, and for a changed one.</summary>
    public Forecast? AsWritten { get; init; }

    /// <summary>What a library recipe took from the shelf when it was opened.</summary>
    public PlanPicks Picked { get; init; } = new();
}

/// <summary>
/// Opens plans for all pages: an unchanged recipe at the place most like its own and, if it is from the library, with the bag, grinder
/// and vessel used here for its family.
/// </summary>
public sealed class PlanOpening(CisternDb db, PlanFinder finder, LogStore log, ForecastModel model, LearnedState learned)
{
    /// <summary>Opens the plan at an address; null where there is none.</summary>
    /// <param name="id">The id in its address.</param>
    /// <param name="who">Who opens it.</param>
    /// <param name="shown">The picks that a form was shown with, to be kept; null to choose anew.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<OpenedPlan?> OpenAsync(string id, CurrentBarista who, Func<PlanShelf, PlanPicks>? shown, CancellationToken ct)
    {
        if (await finder.FindAsync(id, ct) is not { } open)
        {
            return null;
        }

        var context = await ContextAsync(open.State, who, ct);
        if (open.Stored is not null || open.State.PlaceId is not null)
        {
            return new OpenedPlan(open, context);
        }

        var written = open.State.OriginRecipe();
        var state = open.State with { PlaceId = context.Shelf.Nearest(written) };
        if (RecipeLibrary.Find(id) is null)
        {
            return new OpenedPlan(open with { State = state }, context);
        }

        var asWritten = model.Run(written);
        var picked = shown is not null
            ? shown(context.Shelf)
            : context.Shelf.PicksFor(asWritten, await log.LastGearAsync(who.Barista, written.Brewer.Family, ct), who.Today);
        picked = who.HasGrinder ? picked : picked with { GrinderId = null };
        state = state with { BagId = picked.BagId, GrinderId = picked.GrinderId, VesselId = picked.VesselId };
        state = picked.VesselId is not null && context.Shelf.Vessels.FirstOrDefault(vessel => vessel.Id == picked.VesselId) is { } vessel && !OwnGear.Holds(vessel.AsBrewer, asWritten) ? Scaled(state, context) : state;
        return new OpenedPlan(open with { State = state, Accepted = state }, context) { AsWritten = asWritten, Picked = picked };
    }

    /// <summary>A plan with a batch that its vessel can hold.</summary>
    private static PlanState Scaled(PlanState state, PlanContext context)
    {
        var editing = new PlanEditing(state, context);
        editing.Do(new PlanChange.Fit(), null);
        var plan = editing.Work.Plan;
        return state with { Locks = plan.Locks, Held = plan.Held, Batch = plan.Batch };
    }

    /// <summary>What a plan is computed with: the shelf, the day, the model and what was learned.</summary>
    public async Task<PlanContext> ContextAsync(PlanState state, CurrentBarista who, CancellationToken ct) =>
        new(await PlanShelf.LoadAsync(db, state, ct), who.Today, model, learned.For(who));

    /// <summary>The forecast of a recipe brewed again with what a brew used, as its plan would show it today.</summary>
    /// <param name="gear">What the brew used.</param>
    /// <param name="recipe">The recipe.</param>
    /// <param name="written">The brew's plan.</param>
    /// <param name="who">Who asks.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<Forecast> ReopenAsync(BrewGear gear, Recipe recipe, Recipe written, CurrentBarista who, CancellationToken ct)
    {
        var state = gear.StateOf(recipe, written);
        return new PlanEditing(state, await ContextAsync(state, who, ct)).Forecast;
    }
}
