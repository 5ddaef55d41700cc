using System.Globalization;
using Cistern.Core.Recipes;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Plans;
using Cistern.Web.Frame;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Plan;

/// <summary>A plan as it lies open: a recipe of the library, a brew of the log, a plan that was kept, or a sheet being worked on.</summary>
/// <param name="Id">As the address names it.</param>
/// <param name="Sheet">Its sheet; null for a recipe or a brew nobody has changed yet.</param>
/// <param name="State">How it stands.</param>
/// <param name="Accepted">What it is held against.</param>
/// <param name="Undo">What an undo takes back, or null.</param>
/// <param name="Redo">What a redo does again, or null.</param>
public sealed record OpenPlan(string Id, PlanSheet? Sheet, PlanState State, PlanState Accepted, string? Undo, string? Redo)
{
    /// <summary>The sheet it came from, where that was a kept plan.</summary>
    public PlanSheet? Parent { get; init; }

    /// <summary>Kept under its name: a change of it begins a sheet of its own.</summary>
    public bool Kept => Sheet?.KeptAtMs is not null;
}

/// <summary>One plan is changed at a time, so that two screens do not tread on one another.</summary>
public sealed class PlanGate : IDisposable
{
    private readonly SemaphoreSlim one = new(1, 1);

    /// <summary>Waits for the turn; it ends with what is returned.</summary>
    public async Task<IDisposable> EnterAsync(CancellationToken ct)
    {
        await one.WaitAsync(ct);
        return new Turn(one);
    }

    /// <inheritdoc/>
    public void Dispose() => one.Dispose();

    private sealed class Turn(SemaphoreSlim one) : IDisposable
    {
        public void Dispose() => one.Release();
    }
}

/// <summary>Opens plans and keeps their turns.</summary>
public sealed class PlanDesk(CisternDb db, Here here)
{
    /// <summary>The most turns that can be undone.</summary>
    private const int MostTurns = 100;

    /// <summary>A brew of the log that a plan is made from is named so.</summary>
    public const string BrewPrefix = "brew-";

    /// <summary>Opens a plan; null where there is none.</summary>
    public async Task<OpenPlan?> FindAsync(string id, CancellationToken ct)
    {
        if (int.TryParse(id, NumberStyles.None, CultureInfo.InvariantCulture, out var number))
        {
            return await SheetAsync(number, ct);
        }

        if (id.StartsWith(BrewPrefix, StringComparison.Ordinal) && int.TryParse(id.AsSpan(BrewPrefix.Length), NumberStyles.None, CultureInfo.InvariantCulture, out var brewId))
        {
            return await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == brewId, ct) is { } brew ? await FromBrewAsync(id, brew, ct) : null;
        }

        return RecipeLibrary.Find(id) is { } recipe ? new OpenPlan(id, null, PlanState.Of(recipe), PlanState.Of(recipe), null, null) : null;
    }

    /// <summary>The barista's own plans, the newest first.</summary>
    public Task<List<PlanSheet>> KeptAsync(CancellationToken ct) =>
        db.Sheets.AsNoTracking().Where(sheet => sheet.KeptAtMs != null && sheet.RemovedAtMs == null).OrderByDescending(sheet => sheet.KeptAtMs).Take(60).ToListAsync(ct);

    /// <summary>The state a kept plan stands at.</summary>
    public async Task<PlanState?> StateAsync(int sheetId, CancellationToken ct) =>
        await db.Turns.AsNoTracking().Where(turn => turn.SheetId == sheetId && db.Sheets.Any(sheet => sheet.Id == sheetId && sheet.Position == turn.Position))
            .Select(turn => turn.StateJson).FirstOrDefaultAsync(ct) is { } json ? PlanState.Read(json) : null;

    /// <summary>Keeps a change. A recipe, a brew or a kept plan that is changed gets a sheet of its own.</summary>
    public async Task<OpenPlan> TurnAsync(OpenPlan plan, PlanState state, string what, CancellationToken ct)
    {
        var sheet = plan.Sheet is null || plan.Kept ? Begin(plan) : await TrackedAsync(plan.Sheet.Id, ct);
        var position = sheet.Position + 1;
        db.Turns.RemoveRange(sheet.Turns.Where(turn => turn.Position >= position || turn.Position < position - MostTurns));
        sheet.Turns.Add(new PlanTurn { Position = position, StateJson = state.ToJson(), What = what.Length > 200 ? what[..200] : what, AtMs = here.NowMs });
        sheet.Position = position;
        sheet.ChangedAtMs = here.NowMs;
        sheet.BaristaId = (await here.BaristaAsync(ct))?.Id;
        await db.SaveChangesAsync(ct);
        return (await SheetAsync(sheet.Id, ct))!;
    }

    /// <summary>Goes back a turn (−1) or forth (+1).</summary>
    public async Task<OpenPlan> StepAsync(OpenPlan plan, int by, CancellationToken ct)
    {
        if (plan.Sheet is null || plan.Kept || (by < 0 ? plan.Undo : plan.Redo) is null)
        {
            return plan;
        }

        var sheet = await TrackedAsync(plan.Sheet.Id, ct);
        sheet.Position += by;
        sheet.ChangedAtMs = here.NowMs;
        await db.SaveChangesAsync(ct);
        return (await SheetAsync(sheet.Id, ct))!;
    }

    /// <summary>Takes the plan as it stands for what it is held against from now on.</summary>
    public async Task<OpenPlan> AcceptAsync(OpenPlan plan, CancellationToken ct)
    {
        if (plan.Sheet is null)
        {
            return plan;
        }

        var sheet = await TrackedAsync(plan.Sheet.Id, ct);
        sheet.AcceptedJson = plan.State.ToJson();
        await db.SaveChangesAsync(ct);
        return plan with { Accepted = plan.State };
    }

    /// <summary>Keeps a plan under a name, with what is different from what it came from, and why.</summary>
    public async Task<int> KeepAsync(OpenPlan plan, PlanState state, string name, string what, string why, CancellationToken ct)
    {
        var kept = plan.Sheet is null || plan.Kept ? Begin(plan) : await TrackedAsync(plan.Sheet.Id, ct);
        kept.Name = name;
        kept.What = what;
        kept.Why = why;
        kept.KeptAtMs = here.NowMs;
        kept.ChangedAtMs = here.NowMs;
        kept.AcceptedJson = state.ToJson();
        kept.BaristaId = (await here.BaristaAsync(ct))?.Id;
        foreach (var turn in kept.Turns.Where(turn => turn.Position == kept.Position))
        {
            turn.StateJson = state.ToJson();
        }

        await db.SaveChangesAsync(ct);
        return kept.Id;
    }

    /// <summary>Adds recipes that came in a file, each as a kept plan. All or none.</summary>
    public async Task<IReadOnlyList<int>> ImportAsync(IEnumerable<Recipe> recipes, string from, CancellationToken ct)
    {
        var sheets = recipes.Select(recipe => New(recipe.Id, recipe.Name, PlanState.Of(recipe))).ToList();
        foreach (var sheet in sheets)
        {
            sheet.ParentName = from;
            sheet.KeptAtMs = here.NowMs;
            db.Sheets.Add(sheet);
        }

        await db.SaveChangesAsync(ct);
        return [.. sheets.Select(sheet => sheet.Id)];
    }

    /// <summary>Renames a kept plan.</summary>
    public async Task RenameAsync(int id, string name, CancellationToken ct)
    {
        var sheet = await TrackedAsync(id, ct);
        sheet.Name = name;
        await db.SaveChangesAsync(ct);
    }

    /// <summary>Takes a kept plan away, or brings it back.</summary>
    public async Task RemoveAsync(int id, bool removed, CancellationToken ct)
    {
        var sheet = await TrackedAsync(id, ct);
        sheet.RemovedAtMs = removed ? here.NowMs : null;
        await db.SaveChangesAsync(ct);
    }

    private PlanSheet Begin(OpenPlan plan)
    {
        var sheet = New(plan.Sheet?.RecipeId ?? plan.State.OriginRecipe().Id, plan.Sheet?.Name ?? plan.State.BaseRecipe().Name, plan.State);
        sheet.ParentId = plan.Sheet?.Id;
        sheet.ParentName = plan.Sheet?.Name ?? plan.State.OriginRecipe().Name;
        sheet.AcceptedJson = plan.Accepted.ToJson();
        db.Sheets.Add(sheet);
        return sheet;
    }

    private PlanSheet New(string recipeId, string name, PlanState state)
    {
        var sheet = new PlanSheet { Name = name, RecipeId = recipeId, AcceptedJson = state.ToJson(), ChangedAtMs = here.NowMs };
        sheet.Turns.Add(new PlanTurn { Position = 0, StateJson = state.ToJson(), What = "", AtMs = here.NowMs });
        return sheet;
    }

    private Task<PlanSheet> TrackedAsync(int id, CancellationToken ct) => db.Sheets.Include(sheet => sheet.Turns).FirstAsync(sheet => sheet.Id == id, ct);

    private async Task<OpenPlan?> SheetAsync(int id, CancellationToken ct)
    {
        if (await db.Sheets.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, ct) is not { } sheet)
        {
            return null;
        }

        // This turn for its state and what undoing it takes back, the next for what comes again.
        var turns = await db.Turns.AsNoTracking().Where(turn => turn.SheetId == id && turn.Position >= sheet.Position - 1 && turn.Position <= sheet.Position + 1).ToListAsync(ct);
        var present = turns.Single(turn => turn.Position == sheet.Position);
        return new OpenPlan(
            id.ToString(CultureInfo.InvariantCulture),
            sheet,
            PlanState.Read(present.StateJson),
            PlanState.Read(sheet.AcceptedJson),
            turns.Exists(turn => turn.Position == sheet.Position - 1) ? present.What : null,
            turns.FirstOrDefault(turn => turn.Position == sheet.Position + 1)?.What)
        {
            Parent = sheet.ParentId is { } parent ? await db.Sheets.AsNoTracking().FirstOrDefaultAsync(row => row.Id == parent, ct) : null,
        };
    }

    private async Task<OpenPlan> FromBrewAsync(string id, Brew brew, CancellationToken ct)
    {
        var state = PlanState.Of(brew.Recipe());
        var bag = brew.BagId is { } bagId ? await db.Bags.AsNoTracking().FirstOrDefaultAsync(row => row.Id == bagId && row.RemovedAtMs == null, ct) : null;
        var place = await db.Places.AsNoTracking().FirstOrDefaultAsync(row => row.Name == brew.PlaceName && row.RemovedAtMs == null, ct);
        state = state with { BagId = bag?.Id, PlaceId = place?.Id };
        return new OpenPlan(id, null, state, state, null, null);
    }
}
