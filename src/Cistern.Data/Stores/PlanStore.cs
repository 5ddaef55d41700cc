using System.Globalization;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Data.Brews;
using Cistern.Data.Plans;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Data.Stores;

/// <summary>
/// Opens plans and keeps their revisions. Nothing is computed in here and nothing is held while a page computes: a change is
/// worked out on what was read, and taken only if that still stands; otherwise it is worked out anew on what does.
/// </summary>
/// <param name="db">The data.</param>
/// <param name="jobs">What was done under which key.</param>
/// <param name="time">The clock.</param>
public sealed class PlanStore(CisternDb db, IdempotencyStore jobs, TimeProvider time)
{
    /// <summary>A brew of the log that a plan is made from is named so.</summary>
    public const string BrewPrefix = "brew-";

    /// <summary>The most revisions that can be undone.</summary>
    public const int MostRevisions = 100;

    /// <summary>So many plans stand on a page.</summary>
    public const int PageOfPlans = 30;

    private const int MostNotKept = 10;
    private const long LatelyMs = 14L * 86_400_000;
    private const int MostPairs = 30;
    private const int MostWanted = 100;

    /// <summary>A brew this near to when its cup is wanted is that cup, ms.</summary>
    private const long NearMs = 12L * 3_600_000;

    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>Opens a plan; null where there is none.</summary>
    /// <exception cref="UnreadableException">It is there and cannot be read; <see cref="FindBrokenAsync"/> tells more.</exception>
    public async Task<OpenPlan?> FindAsync(string id, CancellationToken ct)
    {
        if (StoredPlanId(id) is { } number)
        {
            return await StoredAsync(number, ct);
        }

        if (id.StartsWith(BrewPrefix, StringComparison.Ordinal) && StoredPlanId(id[BrewPrefix.Length..]) is { } brewId)
        {
            return await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == brewId, ct) is { } brew ? await FromBrewAsync(id, brew, ct) : null;
        }

        if (RecipeLibrary.Find(id) is not { } recipe)
        {
            return null;
        }

        var state = PlanState.Opened(recipe);
        return new OpenPlan(id, null, state, state, null, null);
    }

    /// <summary>A stored plan that cannot be read, with what there is to go back to; null where there is none, or it can.</summary>
    public async Task<BrokenPlan?> FindBrokenAsync(string id, CancellationToken ct)
    {
        if (StoredPlanId(id) is not { } number || await db.Plans.AsNoTracking().FirstOrDefaultAsync(row => row.Id == number, ct) is not { } stored)
        {
            return null;
        }

        var raw = await db.Revisions.AsNoTracking().Where(revision => revision.StoredPlanId == number && revision.Position == stored.Position).Select(revision => revision.StateJson).FirstOrDefaultAsync(ct);
        return (raw is null ? "The change it stands at is not there." : Unreadable(raw) ?? Unreadable(stored.AcceptedJson)) is { } why
            ? new BrokenPlan(stored, why, (await LastReadableAsync(stored, ct))?.What, raw ?? "")
            : null;
    }

    /// <summary>Takes a stored plan that cannot be read back to the last revision that can.</summary>
    /// <returns>Whether there was one.</returns>
    public async Task<bool> MendAsync(int storedId, CancellationToken ct)
    {
        var stored = await db.Plans.FirstAsync(row => row.Id == storedId, ct);
        if (await LastReadableAsync(stored, ct) is not { } revision)
        {
            return false;
        }

        stored.Position = revision.Position;
        stored.AcceptedJson = Unreadable(stored.AcceptedJson) is null ? stored.AcceptedJson : revision.StateJson;
        await db.SaveChangesAsync(ct);
        return true;
    }

    /// <summary>Where what was done under a key is to be seen; null where nothing was.</summary>
    public Task<string?> DoneAsync(Guid job, CancellationToken ct) => jobs.DoneAsync(job, ct);

    /// <summary>The baristas' own plans, the newest first: as many as a bench looks through.</summary>
    public Task<List<StoredPlan>> KeptAsync(CancellationToken ct) => Kept("").Take(60).ToListAsync(ct);

    /// <summary>All of the baristas' own plans that are found, a page at a time, the newest first.</summary>
    /// <param name="words">What stands in their names, in what was changed, or why; empty for all.</param>
    /// <param name="page">Which page, counted from 0.</param>
    /// <param name="ct">Stops it.</param>
    /// <returns>The plans of the page, and how many there are in all.</returns>
    public async Task<(IReadOnlyList<StoredPlan> Plans, int Of)> FindKeptAsync(string words, int page, CancellationToken ct)
    {
        var found = Kept(words);
        return (await found.Skip(page * PageOfPlans).Take(PageOfPlans).ToListAsync(ct), await found.CountAsync(ct));
    }

    /// <summary>Plans that were changed lately and neither kept nor brewed, the newest first.</summary>
    public Task<List<StoredPlan>> NotKeptAsync(CancellationToken ct) =>
        db.Plans.AsNoTracking().Where(stored => stored.KeptAtMs == null && stored.RemovedAtMs == null && stored.ChangedAtMs > NowMs - LatelyMs
                && !db.Brews.Any(brew => brew.StoredPlanId == stored.Id) && !db.Pairs.Any(pair => pair.SecondPlanId == stored.Id))
            .OrderByDescending(stored => stored.ChangedAtMs).Take(MostNotKept).ToListAsync(ct);

    private IQueryable<StoredPlan> Kept(string words)
    {
        var kept = db.Plans.AsNoTracking().Where(stored => stored.KeptAtMs != null && stored.RemovedAtMs == null);
        foreach (var word in words.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            var like = $"%{word.Replace("\\", "\\\\", StringComparison.Ordinal).Replace("%", "\\%", StringComparison.Ordinal).Replace("_", "\\_", StringComparison.Ordinal)}%";
            kept = kept.Where(stored => EF.Functions.Like(stored.Name + " " + stored.ParentName + " " + stored.What + " " + stored.Why, like, "\\"));
        }

        return kept.OrderByDescending(stored => stored.KeptAtMs).ThenByDescending(stored => stored.Id);
    }

    /// <summary>The state a kept plan stands at; null where it cannot be read.</summary>
    public async Task<PlanState?> StateAsync(int storedId, CancellationToken ct) =>
        await db.Revisions.AsNoTracking().Where(revision => revision.StoredPlanId == storedId && db.Plans.Any(stored => stored.Id == storedId && stored.Position == revision.Position))
            .Select(revision => revision.StateJson).FirstOrDefaultAsync(ct) is { } json ? Readable(json).State : null;

    /// <summary>A recipe of a plan with its unknown members again, as a file holds it.</summary>
    public async Task<Recipe> WholeAsync(OpenPlan plan, Recipe recipe, CancellationToken ct) =>
        plan.Stored is { } stored && await ExtraAsync(stored.Id, ct) is { } json ? ExtraMembers.Read(json).Attach(recipe) : recipe;

    /// <summary>The recipes of all kept plans, each as its file holds it; what cannot be read is passed over.</summary>
    public async Task<IReadOnlyList<Recipe>> RecipesAsync(CancellationToken ct)
    {
        var kept = await db.Plans.AsNoTracking().Where(stored => stored.KeptAtMs != null && stored.RemovedAtMs == null).OrderBy(stored => stored.Id).ToListAsync(ct);
        var recipes = new List<Recipe>();
        foreach (var stored in kept)
        {
            if (await StateAsync(stored.Id, ct) is { } state)
            {
                var recipe = (state.Batch is { } batch ? Scaling.To(state.BaseRecipe(), batch) : state.BaseRecipe()) with { Name = stored.Name };
                recipes.Add(await ExtraAsync(stored.Id, ct) is { } json ? ExtraMembers.Read(json).Attach(recipe) : recipe);
            }
        }

        return recipes;
    }

    /// <summary>Keeps a change. A recipe, a brew or a kept plan that is changed gets a stored plan of its own.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="state">What came of the change.</param>
    /// <param name="what">What was changed, in a few words.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile, so that it has to be worked out anew.</returns>
    public Task<OpenPlan?> ChangeAsync(OpenPlan plan, PlanState state, string what, PlanWish wish, CancellationToken ct) => AtomicallyAsync(plan, async () =>
    {
        var stored = await StoredToChangeAsync(plan, ct);
        var position = stored.Position + 1;
        await db.Revisions.Where(revision => revision.StoredPlanId == stored.Id && (revision.Position >= position || revision.Position < position - MostRevisions)).ExecuteDeleteAsync(ct);
        db.Revisions.Add(new PlanRevision { StoredPlanId = stored.Id, Position = position, StateJson = Detached(plan, state).ToJson(), What = Short(what), AtMs = NowMs });
        stored.Position = position;
        Touch(stored, wish);
        return stored.Id;
    }, wish, ct);

    /// <summary>Keeps when the cup of a plan is wanted. A recipe or a brew gets a stored plan of its own; a kept plan stays as it is.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="wantedAtMs">When, UTC milliseconds; null for no more.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile.</returns>
    public Task<OpenPlan?> WantAsync(OpenPlan plan, long? wantedAtMs, PlanWish wish, CancellationToken ct) => AtomicallyAsync(plan, async () =>
    {
        var stored = plan.Stored is { } own ? await db.Plans.FirstAsync(row => row.Id == own.Id, ct) : await StoredToChangeAsync(plan, ct);
        stored.WantedAtMs = wantedAtMs;
        Touch(stored, wish);
        return stored.Id;
    }, wish, ct);

    /// <summary>The plans whose cup is wanted from a moment on, the nearest first.</summary>
    public Task<List<StoredPlan>> WantedAsync(long fromMs, CancellationToken ct) =>
        db.Plans.AsNoTracking().Where(stored => stored.WantedAtMs >= fromMs && stored.RemovedAtMs == null).OrderBy(stored => stored.WantedAtMs).Take(MostWanted).ToListAsync(ct);

    /// <summary>Goes back a revision (−1) or forth (+1).</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="by">Which way.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile.</returns>
    public async Task<OpenPlan?> StepAsync(OpenPlan plan, int by, PlanWish wish, CancellationToken ct)
    {
        if (plan.Stored is null || plan.Kept || (by < 0 ? plan.Undo : plan.Redo) is null)
        {
            return plan;
        }

        return await AtomicallyAsync(plan, async () =>
        {
            var stored = await StoredToChangeAsync(plan, ct);
            stored.Position += by;
            Touch(stored, wish);
            return stored.Id;
        }, wish, ct);
    }

    /// <summary>Takes the plan as it stands for what it is held against from now on.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile.</returns>
    public async Task<OpenPlan?> AcceptAsync(OpenPlan plan, PlanWish wish, CancellationToken ct)
    {
        if (plan.Stored is null || plan.Kept)
        {
            return plan;
        }

        return await AtomicallyAsync(plan, async () =>
        {
            var stored = await StoredToChangeAsync(plan, ct);
            stored.AcceptedJson = plan.State.ToJson();
            return stored.Id;
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
        var stored = await KeptNowAsync(plan, state, name, wish, ct);
        (stored.What, stored.Why) = (what, why);
        return stored.Id;
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
        await IsBeingBrewedAsync([brew.StoredPlanId], ct);
        await db.SaveChangesAsync(ct);
        await FinishAsync(wish, $"/brew/{Text(brew.Id)}", ct);
        await transaction.CommitAsync(CancellationToken.None);
        return brew.Id;
    }

    /// <summary>Makes a pair of a plan, once: the plan is A and is kept, and B is made of it, to be changed in one thing.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="state">How it stands.</param>
    /// <param name="name">What A is called where it has no name yet.</param>
    /// <param name="staggerS">How long after A the clock of B starts, s.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The pair's address; null where somebody else has changed the plan meanwhile.</returns>
    public async Task<string?> PairAsync(OpenPlan plan, PlanState state, string name, double staggerS, PlanWish wish, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await DoneAsync(wish.Job, ct) is { } done)
        {
            return done;
        }

        if (!await StandsAsync(plan, ct))
        {
            return null;
        }

        if (!plan.Kept)
        {
            var first = await KeptNowAsync(plan, state, name, wish, ct);
            await db.SaveChangesAsync(ct);
            plan = (await StoredAsync(first.Id, ct))!;
        }

        var second = await StoredToChangeAsync(plan, ct);
        second.Name = plan.Stored!.Name + ", B";
        Touch(second, wish);
        var pair = new BrewPair { FirstPlanId = plan.Stored.Id, SecondPlanId = second.Id, StaggerS = staggerS, MadeAtMs = NowMs, BaristaId = wish.BaristaId };
        db.Pairs.Add(pair);
        await db.SaveChangesAsync(ct);
        var address = $"/pair/{Text(pair.Id)}";
        await FinishAsync(wish, address, ct);
        await transaction.CommitAsync(CancellationToken.None);
        return address;
    }

    /// <summary>Opens both brews of a pair, once: what was made for B is kept as it stands.</summary>
    /// <param name="pairId">The pair.</param>
    /// <param name="brews">A and B, complete.</param>
    /// <param name="what">What differs, in words.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>Whether they were opened: not where the same wish was answered before, or another device was quicker.</returns>
    public async Task<bool> BrewPairAsync(int pairId, (Brew First, Brew Second) brews, string what, PlanWish wish, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await DoneAsync(wish.Job, ct) is not null)
        {
            return false;
        }

        var pair = await db.Pairs.FirstAsync(row => row.Id == pairId, ct);
        if (pair.FirstBrewId is not null)
        {
            // Another device was quicker.
            return false;
        }

        db.Brews.AddRange(brews.First, brews.Second);
        await IsBeingBrewedAsync([pair.FirstPlanId, pair.SecondPlanId], ct);
        await db.Plans.Where(row => row.Id == pair.SecondPlanId && row.KeptAtMs == null).ExecuteUpdateAsync(set => set.SetProperty(row => row.KeptAtMs, NowMs).SetProperty(row => row.What, Short(what)), ct);
        await db.SaveChangesAsync(ct);
        (pair.FirstBrewId, pair.SecondBrewId) = (brews.First.Id, brews.Second.Id);
        await FinishAsync(wish, $"/pair/{Text(pairId)}", ct);
        await transaction.CommitAsync(CancellationToken.None);
        return true;
    }

    /// <summary>The last pairs, the newest first.</summary>
    public Task<List<BrewPair>> PairsAsync(CancellationToken ct) => db.Pairs.AsNoTracking().OrderByDescending(pair => pair.MadeAtMs).Take(MostPairs).ToListAsync(ct);

    /// <summary>A pair; null where there is none.</summary>
    public Task<BrewPair?> PairAsync(int id, CancellationToken ct) => db.Pairs.AsNoTracking().FirstOrDefaultAsync(pair => pair.Id == id, ct);

    /// <summary>Sets how long after A the clock of B starts, s; not once the pair is brewed.</summary>
    public Task StaggerAsync(int id, double staggerS, CancellationToken ct) =>
        db.Pairs.Where(pair => pair.Id == id && pair.SecondBrewId == null).ExecuteUpdateAsync(set => set.SetProperty(pair => pair.StaggerS, staggerS), ct);

    /// <summary>Keeps the next plan of a line of brews, once.</summary>
    /// <param name="state">How it stands.</param>
    /// <param name="from">The brew before it.</param>
    /// <param name="what">What is changed, in words.</param>
    /// <param name="why">Why.</param>
    /// <param name="changedJson">The change, as <see cref="SeriesChange"/> writes it.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>Its address; that of the one that was kept before, where it was asked for twice.</returns>
    public async Task<string> NextAsync(PlanState state, Brew from, string what, string why, string changedJson, PlanWish wish, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await DoneAsync(wish.Job, ct) is { } done)
        {
            return done;
        }

        var stored = await AddAsync(new OpenPlan(from.RecipeId, null, state, state, null, null), from.RecipeId, from.Name, ct);
        (stored.FromBrewId, stored.ChangedJson, stored.ParentName) = (from.Id, changedJson, from.Name);
        (stored.What, stored.Why, stored.KeptAtMs) = (Short(what), why, NowMs);
        Touch(stored, wish);
        var address = $"/plan/{Text(stored.Id)}";
        await FinishAsync(wish, address, ct);
        await transaction.CommitAsync(CancellationToken.None);
        return address;
    }

    /// <summary>Of some plans those that were made as the next of a line and have not been brewed yet.</summary>
    public async Task<IReadOnlyList<StoredPlan>> UnbrewedAsync(IReadOnlyList<StoredPlan> kept, CancellationToken ct)
    {
        var next = kept.Where(stored => stored.FromBrewId is not null).ToList();
        if (next.Count == 0)
        {
            return next;
        }

        var from = next.ConvertAll(stored => stored.FromBrewId);
        var brewed = await db.Brews.Where(brew => from.Contains(brew.ParentBrewId)).Select(brew => new { brew.ParentBrewId, brew.OpenedAtMs }).ToListAsync(ct);
        // What was brewed since, with more changed or as it was, answers it.
        return next.FindAll(stored => !brewed.Exists(brew => brew.ParentBrewId == stored.FromBrewId && brew.OpenedAtMs >= stored.KeptAtMs));
    }

    /// <summary>Adds recipes that came in a file, each as a kept plan. All or none.</summary>
    /// <param name="recipes">The recipes.</param>
    /// <param name="from">Where they came from, in words.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    public async Task<IReadOnlyList<int>> ImportAsync(IEnumerable<Recipe> recipes, string from, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        var ids = await AddAllAsync(recipes, from, ct);
        await transaction.CommitAsync(CancellationToken.None);
        return ids;
    }

    /// <summary>Keeps recipes as plans, in a transaction of whoever asks.</summary>
    /// <param name="recipes">The recipes.</param>
    /// <param name="from">Where they came from, in words.</param>
    /// <param name="ct">Stops it.</param>
    /// <returns>The numbers of the plans.</returns>
    internal async Task<IReadOnlyList<int>> AddAllAsync(IEnumerable<Recipe> recipes, string from, CancellationToken ct)
    {
        var ids = new List<int>();
        foreach (var recipe in recipes)
        {
            var state = PlanState.Opened(recipe);
            var stored = await AddAsync(new OpenPlan(recipe.Id, null, state, state, null, null), recipe.Id, recipe.Name, ct);
            stored.ParentName = from;
            stored.KeptAtMs = NowMs;
            ids.Add(stored.Id);
        }

        await db.SaveChangesAsync(ct);
        return ids;
    }

    /// <summary>Renames a kept plan.</summary>
    public Task RenameAsync(int id, string name, CancellationToken ct) =>
        db.Plans.Where(stored => stored.Id == id).ExecuteUpdateAsync(set => set.SetProperty(stored => stored.Name, name), ct);

    /// <summary>Takes a kept plan away, or brings it back.</summary>
    public Task RemoveAsync(int id, bool removed, CancellationToken ct)
    {
        long? atMs = removed ? NowMs : null;
        return db.Plans.Where(stored => stored.Id == id).ExecuteUpdateAsync(set => set.SetProperty(stored => stored.RemovedAtMs, atMs), ct);
    }

    /// <summary>What was planned for now is being done.</summary>
    private Task IsBeingBrewedAsync(IReadOnlyList<int?> plans, CancellationToken ct) =>
        db.Plans.Where(stored => plans.Contains(stored.Id) && stored.WantedAtMs < NowMs + NearMs).ExecuteUpdateAsync(set => set.SetProperty(stored => stored.WantedAtMs, (long?)null), ct);

    private static int? StoredPlanId(string id) => int.TryParse(id, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : null;

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
    /// A new stored plan's states stand without the unknown members of the recipe it comes from; those of a stored plan that is there
    /// already do.
    /// </summary>
    private static PlanState Detached(OpenPlan plan, PlanState state) => plan.Stored is null ? Detached(state, new ExtraMembers()) : state;

    private static PlanState Detached(PlanState state, ExtraMembers extra)
    {
        // The origin first, so that every state of one stored plan counts the members alike.
        var origin = extra.Detach(state.OriginRecipe());
        var present = extra.Detach(state.BaseRecipe());
        return extra.IsEmpty ? state : state with { Origin = RecipeWriter.Write(origin), Base = RecipeWriter.Write(present) };
    }

    private void Touch(StoredPlan stored, PlanWish wish) => (stored.ChangedAtMs, stored.BaristaId) = (NowMs, wish.BaristaId);

    private Task<string?> ExtraAsync(int storedId, CancellationToken ct) =>
        db.Extras.AsNoTracking().Where(row => row.StoredPlanId == storedId).Select(row => row.Json).FirstOrDefaultAsync(ct);

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
        return (await StoredAsync(id, ct))!;
    }

    private async Task<bool> StandsAsync(OpenPlan plan, CancellationToken ct) =>
        plan.Stored is not { } seen
        || await db.Plans.AnyAsync(row => row.Id == seen.Id && row.Position == seen.Position && row.KeptAtMs == seen.KeptAtMs
            && db.Revisions.Any(revision => revision.StoredPlanId == seen.Id && revision.Position == seen.Position && revision.Id == plan.RevisionId), ct);

    /// <summary>The stored plan a change goes to: the plan's own, or a new one that begins with the plan as it lies.</summary>
    private async Task<StoredPlan> StoredToChangeAsync(OpenPlan plan, CancellationToken ct)
    {
        if (plan.Stored is { } own && !plan.Kept)
        {
            return await db.Plans.FirstAsync(row => row.Id == own.Id, ct);
        }

        var stored = await AddAsync(plan, plan.Stored?.RecipeId ?? plan.State.OriginRecipe().Id, plan.Stored?.Name ?? plan.State.BaseRecipe().Name, ct);
        stored.ParentId = plan.Stored?.Id;
        stored.FromBrewId = plan.Stored?.FromBrewId;
        stored.ParentName = plan.Stored?.Name ?? plan.State.OriginRecipe().Name;
        return stored;
    }

    /// <summary>The stored plan of what lies open, kept under a name as it stands; not saved yet.</summary>
    private async Task<StoredPlan> KeptNowAsync(OpenPlan plan, PlanState state, string name, PlanWish wish, CancellationToken ct)
    {
        var stored = await StoredToChangeAsync(plan, ct);
        var json = Detached(plan, state).ToJson();
        (stored.Name, stored.KeptAtMs, stored.AcceptedJson) = (name, NowMs, json);
        (await db.Revisions.FirstAsync(row => row.StoredPlanId == stored.Id && row.Position == stored.Position, ct)).StateJson = json;
        Touch(stored, wish);
        return stored;
    }

    private async Task<StoredPlan> AddAsync(OpenPlan plan, string recipeId, string name, CancellationToken ct)
    {
        var extra = new ExtraMembers();
        var state = plan.Stored is null ? Detached(plan.State, extra) : plan.State;
        var accepted = plan.Stored is null ? Detached(plan.Accepted, extra) : plan.Accepted;
        var stored = new StoredPlan { Name = name, RecipeId = recipeId, AcceptedJson = accepted.ToJson(), ChangedAtMs = NowMs };
        stored.Revisions.Add(new PlanRevision { Position = 0, StateJson = state.ToJson(), What = "", AtMs = NowMs });
        db.Plans.Add(stored);
        await db.SaveChangesAsync(ct);
        var extraJson = plan.Stored is { } parent ? await ExtraAsync(parent.Id, ct) : extra.IsEmpty ? null : extra.ToJson();
        if (extraJson is not null)
        {
            db.Extras.Add(new PlanExtra { StoredPlanId = stored.Id, Json = extraJson });
            await db.SaveChangesAsync(ct);
        }

        return stored;
    }

    private async Task<OpenPlan?> StoredAsync(int id, CancellationToken ct)
    {
        if (await db.Plans.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, ct) is not { } stored)
        {
            return null;
        }

        // This revision for its state and what undoing it takes back, the next for what comes again.
        var near = await db.Revisions.AsNoTracking().Where(revision => revision.StoredPlanId == id && revision.Position >= stored.Position - 1 && revision.Position <= stored.Position + 1)
            .Select(revision => new { revision.Id, revision.Position, revision.What, StateJson = revision.Position == stored.Position ? revision.StateJson : "" }).ToListAsync(ct);
        var present = near.Find(revision => revision.Position == stored.Position) ?? throw new UnreadableException("The change it stands at is not there.");
        var state = PlanState.Read(present.StateJson);
        var accepted = stored.AcceptedJson == present.StateJson ? state : PlanState.Read(stored.AcceptedJson);
        if ((state.Problem() ?? accepted.Problem()) is { } problem)
        {
            throw new UnreadableException(problem);
        }

        return new OpenPlan(
            Text(id),
            stored,
            state,
            accepted,
            near.Exists(revision => revision.Position == stored.Position - 1) ? present.What : null,
            near.Find(revision => revision.Position == stored.Position + 1)?.What)
        {
            RevisionId = present.Id,
            Parent = stored.ParentId is { } parent ? await db.Plans.AsNoTracking().FirstOrDefaultAsync(row => row.Id == parent, ct) : null,
        };
    }

    private async Task<PlanRevision?> LastReadableAsync(StoredPlan stored, CancellationToken ct)
    {
        await foreach (var revision in db.Revisions.AsNoTracking().Where(revision => revision.StoredPlanId == stored.Id && revision.Position <= stored.Position).OrderByDescending(revision => revision.Position).AsAsyncEnumerable().WithCancellation(ct))
        {
            if (Unreadable(revision.StateJson) is null)
            {
                return revision;
            }
        }

        return null;
    }

    private async Task<OpenPlan> FromBrewAsync(string id, Brew brew, CancellationToken ct)
    {
        var state = (await BrewGear.OfAsync(db, brew, ct)).StateOf(brew.Planned(), brew.Planned());
        return new OpenPlan(id, null, state, state, null, null);
    }
}
