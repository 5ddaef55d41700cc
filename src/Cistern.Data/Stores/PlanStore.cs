using System.Globalization;
using Cistern.Core.Recipes;
using Cistern.Data.Brews;
using Cistern.Data.Plans;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Data.Stores;

/// <summary>
/// Opens plans and keeps their turns. Nothing is computed in here and nothing is held while a page computes: a change is
/// worked out on what was read, and taken only if that still stands; otherwise it is worked out anew on what does.
/// </summary>
/// <param name="db">The data.</param>
/// <param name="jobs">What was done under which key.</param>
/// <param name="time">The clock.</param>
public sealed class PlanStore(CisternDb db, JobLedger jobs, TimeProvider time)
{
    /// <summary>A brew of the log that a plan is made from is named so.</summary>
    public const string BrewPrefix = "brew-";

    /// <summary>The most turns that can be undone.</summary>
    public const int MostTurns = 100;

    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>Opens a plan; null where there is none.</summary>
    /// <exception cref="UnreadableException">It is there and cannot be read; <see cref="FindBrokenAsync"/> tells more.</exception>
    public async Task<OpenPlan?> FindAsync(string id, CancellationToken ct)
    {
        if (SheetId(id) is { } number)
        {
            return await SheetAsync(number, ct);
        }

        if (id.StartsWith(BrewPrefix, StringComparison.Ordinal) && SheetId(id[BrewPrefix.Length..]) is { } brewId)
        {
            return await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == brewId, ct) is { } brew ? await FromBrewAsync(id, brew, ct) : null;
        }

        if (RecipeLibrary.Find(id) is not { } recipe)
        {
            return null;
        }

        var state = PlanState.Of(recipe);
        return new OpenPlan(id, null, state, state, null, null);
    }

    /// <summary>A sheet that cannot be read, with what there is to go back to; null where there is none, or it can.</summary>
    public async Task<BrokenPlan?> FindBrokenAsync(string id, CancellationToken ct)
    {
        if (SheetId(id) is not { } number || await db.Sheets.AsNoTracking().FirstOrDefaultAsync(row => row.Id == number, ct) is not { } sheet)
        {
            return null;
        }

        var raw = await db.Turns.AsNoTracking().Where(turn => turn.SheetId == number && turn.Position == sheet.Position).Select(turn => turn.StateJson).FirstOrDefaultAsync(ct);
        return (raw is null ? "The change it stands at is not there." : Unreadable(raw) ?? Unreadable(sheet.AcceptedJson)) is { } why
            ? new BrokenPlan(sheet, why, (await LastReadableAsync(sheet, ct))?.What, raw ?? "")
            : null;
    }

    /// <summary>Takes a sheet that cannot be read back to the last turn that can.</summary>
    /// <returns>Whether there was one.</returns>
    public async Task<bool> MendAsync(int sheetId, CancellationToken ct)
    {
        var sheet = await db.Sheets.FirstAsync(row => row.Id == sheetId, ct);
        if (await LastReadableAsync(sheet, ct) is not { } turn)
        {
            return false;
        }

        sheet.Position = turn.Position;
        sheet.AcceptedJson = Unreadable(sheet.AcceptedJson) is null ? sheet.AcceptedJson : turn.StateJson;
        await db.SaveChangesAsync(ct);
        return true;
    }

    /// <summary>Where what was done under a key is to be seen; null where nothing was.</summary>
    public Task<string?> DoneAsync(Guid job, CancellationToken ct) => jobs.DoneAsync(job, ct);

    /// <summary>The baristas' own plans, the newest first.</summary>
    public Task<List<PlanSheet>> KeptAsync(CancellationToken ct) =>
        db.Sheets.AsNoTracking().Where(sheet => sheet.KeptAtMs != null && sheet.RemovedAtMs == null).OrderByDescending(sheet => sheet.KeptAtMs).Take(60).ToListAsync(ct);

    /// <summary>The state a kept plan stands at; null where it cannot be read.</summary>
    public async Task<PlanState?> StateAsync(int sheetId, CancellationToken ct) =>
        await db.Turns.AsNoTracking().Where(turn => turn.SheetId == sheetId && db.Sheets.Any(sheet => sheet.Id == sheetId && sheet.Position == turn.Position))
            .Select(turn => turn.StateJson).FirstOrDefaultAsync(ct) is { } json ? Readable(json).State : null;

    /// <summary>A recipe of a plan with its unknown members again, as a file holds it.</summary>
    public async Task<Recipe> WholeAsync(OpenPlan plan, Recipe recipe, CancellationToken ct) =>
        plan.Sheet is { } sheet && await ExtraAsync(sheet.Id, ct) is { } json ? ExtraMembers.Read(json).Attach(recipe) : recipe;

    /// <summary>Keeps a change. A recipe, a brew or a kept plan that is changed gets a sheet of its own.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="state">What came of the change.</param>
    /// <param name="what">What was changed, in a few words.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile, so that it has to be worked out anew.</returns>
    public Task<OpenPlan?> ChangeAsync(OpenPlan plan, PlanState state, string what, PlanWish wish, CancellationToken ct) => AtomicallyAsync(plan, async () =>
    {
        var sheet = await SheetToChangeAsync(plan, ct);
        var position = sheet.Position + 1;
        await db.Turns.Where(turn => turn.SheetId == sheet.Id && (turn.Position >= position || turn.Position < position - MostTurns)).ExecuteDeleteAsync(ct);
        db.Turns.Add(new PlanTurn { SheetId = sheet.Id, Position = position, StateJson = Detached(plan, state).ToJson(), What = Short(what), AtMs = NowMs });
        sheet.Position = position;
        Touch(sheet, wish);
        return sheet.Id;
    }, wish, ct);

    /// <summary>Goes back a turn (−1) or forth (+1).</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="by">Which way.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile.</returns>
    public async Task<OpenPlan?> StepAsync(OpenPlan plan, int by, PlanWish wish, CancellationToken ct)
    {
        if (plan.Sheet is null || plan.Kept || (by < 0 ? plan.Undo : plan.Redo) is null)
        {
            return plan;
        }

        return await AtomicallyAsync(plan, async () =>
        {
            var sheet = await SheetToChangeAsync(plan, ct);
            sheet.Position += by;
            Touch(sheet, wish);
            return sheet.Id;
        }, wish, ct);
    }

    /// <summary>Takes the plan as it stands for what it is held against from now on.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile.</returns>
    public async Task<OpenPlan?> AcceptAsync(OpenPlan plan, PlanWish wish, CancellationToken ct)
    {
        if (plan.Sheet is null || plan.Kept)
        {
            return plan;
        }

        return await AtomicallyAsync(plan, async () =>
        {
            var sheet = await SheetToChangeAsync(plan, ct);
            sheet.AcceptedJson = plan.State.ToJson();
            return sheet.Id;
        }, wish, ct);
    }

    /// <summary>Keeps a plan under a name, with what is different from what it came from, and why.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="state">How it stands.</param>
    /// <param name="name">Its name.</param>
    /// <param name="what">What is different, in words.</param>
    /// <param name="why">Why, in the barista's.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The kept plan; null where somebody else has changed it meanwhile.</returns>
    public Task<OpenPlan?> KeepAsync(OpenPlan plan, PlanState state, string name, string what, string why, PlanWish wish, CancellationToken ct) => AtomicallyAsync(plan, async () =>
    {
        var sheet = await SheetToChangeAsync(plan, ct);
        var json = Detached(plan, state).ToJson();
        (sheet.Name, sheet.What, sheet.Why, sheet.KeptAtMs, sheet.AcceptedJson) = (name, what, why, NowMs, json);
        Touch(sheet, wish);
        var turn = await db.Turns.FirstAsync(row => row.SheetId == sheet.Id && row.Position == sheet.Position, ct);
        turn.StateJson = json;
        return sheet.Id;
    }, wish, ct);

    /// <summary>Adds a brew of a plan.</summary>
    /// <param name="brew">The brew, complete.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>Its id; null where the same wish was answered meanwhile.</returns>
    public async Task<int?> BrewAsync(Brew brew, PlanWish wish, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await DoneAsync(wish.Job, ct) is not null)
        {
            return null;
        }

        db.Brews.Add(brew);
        await db.SaveChangesAsync(ct);
        await FinishAsync(wish, $"/brew/{Text(brew.Id)}", ct);
        await transaction.CommitAsync(CancellationToken.None);
        return brew.Id;
    }

    /// <summary>Adds recipes that came in a file, each as a kept plan. All or none.</summary>
    /// <param name="recipes">The recipes.</param>
    /// <param name="from">Where they came from, in words.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    public async Task<IReadOnlyList<int>> ImportAsync(IEnumerable<Recipe> recipes, string from, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        var ids = new List<int>();
        foreach (var recipe in recipes)
        {
            var state = PlanState.Of(recipe);
            var sheet = await AddAsync(new OpenPlan(recipe.Id, null, state, state, null, null), recipe.Id, recipe.Name, ct);
            sheet.ParentName = from;
            sheet.KeptAtMs = NowMs;
            ids.Add(sheet.Id);
        }

        await db.SaveChangesAsync(ct);
        await transaction.CommitAsync(CancellationToken.None);
        return ids;
    }

    /// <summary>Renames a kept plan.</summary>
    public Task RenameAsync(int id, string name, CancellationToken ct) =>
        db.Sheets.Where(sheet => sheet.Id == id).ExecuteUpdateAsync(set => set.SetProperty(sheet => sheet.Name, name), ct);

    /// <summary>Takes a kept plan away, or brings it back.</summary>
    public Task RemoveAsync(int id, bool removed, CancellationToken ct)
    {
        long? atMs = removed ? NowMs : null;
        return db.Sheets.Where(sheet => sheet.Id == id).ExecuteUpdateAsync(set => set.SetProperty(sheet => sheet.RemovedAtMs, atMs), ct);
    }

    private static int? SheetId(string id) => int.TryParse(id, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : null;

    private static string Text(int id) => id.ToString(CultureInfo.InvariantCulture);

    private static string Short(string what) => what.Length > 200 ? what[..200] : what;

    private static string? Unreadable(string json) => Readable(json).Problem;

    /// <summary>A state that was kept, or what is wrong with it.</summary>
    private static (PlanState? State, string? Problem) Readable(string json)
    {
        try
        {
            var state = PlanState.Read(json);
            return state.Problem() is { } problem ? (null, problem) : (state, null);
        }
        catch (UnreadableException error)
        {
            return (null, error.Message);
        }
    }

    /// <summary>
    /// A new sheet's states stand without the unknown members of the recipe it comes from; those of a sheet that is there
    /// already do.
    /// </summary>
    private static PlanState Detached(OpenPlan plan, PlanState state) => plan.Sheet is null ? Detached(state, new ExtraMembers()) : state;

    private static PlanState Detached(PlanState state, ExtraMembers extra)
    {
        // The origin first, so that every state of one sheet counts the members alike.
        var origin = extra.Detach(state.OriginRecipe());
        var present = extra.Detach(state.BaseRecipe());
        return extra.IsEmpty ? state : state with { Origin = RecipeWriter.Write(origin), Base = RecipeWriter.Write(present) };
    }

    private void Touch(PlanSheet sheet, PlanWish wish) => (sheet.ChangedAtMs, sheet.BaristaId) = (NowMs, wish.BaristaId);

    private Task<string?> ExtraAsync(int sheetId, CancellationToken ct) =>
        db.Extras.AsNoTracking().Where(row => row.SheetId == sheetId).Select(row => row.Json).FirstOrDefaultAsync(ct);

    /// <summary>Saves what was done, and that it was.</summary>
    private async Task FinishAsync(PlanWish wish, string address, CancellationToken ct)
    {
        jobs.Remember(wish.Job, address);
        await db.SaveChangesAsync(ct);
    }

    /// <summary>
    /// Does one thing to a plan if it still is what was seen, and remembers that it was done. The transaction takes the
    /// file's only writing place, so what is looked at in it stays so until it is kept.
    /// </summary>
    private async Task<OpenPlan?> AtomicallyAsync(OpenPlan plan, Func<Task<int>> change, PlanWish wish, CancellationToken ct)
    {
        int id;
        await using (var transaction = await db.Database.BeginTransactionAsync(ct))
        {
            if (await DoneAsync(wish.Job, ct) is not null || !await StandsAsync(plan, ct))
            {
                return null;
            }

            id = await change();
            await FinishAsync(wish, $"/plan/{Text(id)}", ct);
            await transaction.CommitAsync(CancellationToken.None);
        }

        db.ChangeTracker.Clear();
        return (await SheetAsync(id, ct))!;
    }

    private async Task<bool> StandsAsync(OpenPlan plan, CancellationToken ct) =>
        plan.Sheet is not { } seen
        || await db.Sheets.AnyAsync(row => row.Id == seen.Id && row.Position == seen.Position && row.KeptAtMs == seen.KeptAtMs
            && db.Turns.Any(turn => turn.SheetId == seen.Id && turn.Position == seen.Position && turn.Id == plan.TurnId), ct);

    /// <summary>The sheet a change goes to: the plan's own, or a new one that begins with the plan as it lies.</summary>
    private async Task<PlanSheet> SheetToChangeAsync(OpenPlan plan, CancellationToken ct)
    {
        if (plan.Sheet is { } own && !plan.Kept)
        {
            return await db.Sheets.FirstAsync(row => row.Id == own.Id, ct);
        }

        var sheet = await AddAsync(plan, plan.Sheet?.RecipeId ?? plan.State.OriginRecipe().Id, plan.Sheet?.Name ?? plan.State.BaseRecipe().Name, ct);
        sheet.ParentId = plan.Sheet?.Id;
        sheet.ParentName = plan.Sheet?.Name ?? plan.State.OriginRecipe().Name;
        return sheet;
    }

    private async Task<PlanSheet> AddAsync(OpenPlan plan, string recipeId, string name, CancellationToken ct)
    {
        var extra = new ExtraMembers();
        var state = plan.Sheet is null ? Detached(plan.State, extra) : plan.State;
        var accepted = plan.Sheet is null ? Detached(plan.Accepted, extra) : plan.Accepted;
        var sheet = new PlanSheet { Name = name, RecipeId = recipeId, AcceptedJson = accepted.ToJson(), ChangedAtMs = NowMs };
        sheet.Turns.Add(new PlanTurn { Position = 0, StateJson = state.ToJson(), What = "", AtMs = NowMs });
        db.Sheets.Add(sheet);
        await db.SaveChangesAsync(ct);
        var extraJson = plan.Sheet is { } parent ? await ExtraAsync(parent.Id, ct) : extra.IsEmpty ? null : extra.ToJson();
        if (extraJson is not null)
        {
            db.Extras.Add(new PlanExtra { SheetId = sheet.Id, Json = extraJson });
            await db.SaveChangesAsync(ct);
        }

        return sheet;
    }

    private async Task<OpenPlan?> SheetAsync(int id, CancellationToken ct)
    {
        if (await db.Sheets.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, ct) is not { } sheet)
        {
            return null;
        }

        // This turn for its state and what undoing it takes back, the next for what comes again.
        var near = await db.Turns.AsNoTracking().Where(turn => turn.SheetId == id && turn.Position >= sheet.Position - 1 && turn.Position <= sheet.Position + 1)
            .Select(turn => new { turn.Id, turn.Position, turn.What, StateJson = turn.Position == sheet.Position ? turn.StateJson : "" }).ToListAsync(ct);
        var present = near.Find(turn => turn.Position == sheet.Position) ?? throw new UnreadableException("The change it stands at is not there.");
        var state = PlanState.Read(present.StateJson);
        var accepted = sheet.AcceptedJson == present.StateJson ? state : PlanState.Read(sheet.AcceptedJson);
        if ((state.Problem() ?? accepted.Problem()) is { } problem)
        {
            throw new UnreadableException(problem);
        }

        return new OpenPlan(
            Text(id),
            sheet,
            state,
            accepted,
            near.Exists(turn => turn.Position == sheet.Position - 1) ? present.What : null,
            near.Find(turn => turn.Position == sheet.Position + 1)?.What)
        {
            TurnId = present.Id,
            Parent = sheet.ParentId is { } parent ? await db.Sheets.AsNoTracking().FirstOrDefaultAsync(row => row.Id == parent, ct) : null,
        };
    }

    private async Task<PlanTurn?> LastReadableAsync(PlanSheet sheet, CancellationToken ct)
    {
        await foreach (var turn in db.Turns.AsNoTracking().Where(turn => turn.SheetId == sheet.Id && turn.Position <= sheet.Position).OrderByDescending(turn => turn.Position).AsAsyncEnumerable().WithCancellation(ct))
        {
            if (Unreadable(turn.StateJson) is null)
            {
                return turn;
            }
        }

        return null;
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
