using System.Globalization;

namespace Cistern.Application.Plans;

/// <summary>
/// Reads and writes plans in the data file for all use cases: a change is saved once per key, and only if what it was computed from is
/// still current.
/// </summary>
/// <param name="db">The context of the data file.</param>
/// <param name="requests">Requests that were carried out.</param>
/// <param name="time">The clock.</param>
public sealed class PlanRows(CisternDb db, IdempotencyStore requests, TimeProvider time)
{
    internal long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    internal static int? StoredPlanId(string id) => int.TryParse(id, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : null;

    internal static string Text(int id) => id.ToString(CultureInfo.InvariantCulture);

    internal static string Truncated(string what) => what.Length > 200 ? what[..200] : what;

    internal static string? ProblemOf(string json) => TryRead(json).Problem;

    /// <summary>A stored state, or what is wrong with it.</summary>
    internal static (PlanState? State, string? Problem) TryRead(string json)
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
    /// The state of a new stored plan without the unknown members of its recipe, which are stored once; the states of an existing
    /// stored plan are without them already.
    /// </summary>
    internal static PlanState Detached(OpenPlan plan, PlanState state) => plan.Stored is null ? Detached(state, new ExtraMembers()) : state;

    internal static PlanState Detached(PlanState state, ExtraMembers extra)
    {
        // The origin first, so that all states of a stored plan number the members alike.
        var origin = extra.Detach(state.OriginRecipe());
        var present = extra.Detach(state.BaseRecipe());
        return extra.IsEmpty ? state : state with { Origin = RecipeWriter.Write(origin), Base = RecipeWriter.Write(present) };
    }

    internal void Touch(StoredPlan stored, PlanRequest request) => (stored.ChangedAtMs, stored.BaristaId) = (NowMs, request.BaristaId);

    /// <summary>The address of a request's result; null where it was not carried out.</summary>
    public Task<string?> ResultOfAsync(Guid key, CancellationToken ct) => requests.ResultOfAsync(key, ct);

    internal Task<string?> ExtraAsync(int storedId, CancellationToken ct) =>
        db.Extras.AsNoTracking().Where(row => row.StoredPlanId == storedId).Select(row => row.Json).FirstOrDefaultAsync(ct);

    /// <summary>Saves a change together with its request.</summary>
    internal async Task SaveRequestAsync(PlanRequest request, string address, CancellationToken ct)
    {
        requests.Remember(request.Key, address);
        await db.SaveChangesAsync(ct);
    }

    /// <summary>
    /// Makes a change if the plan is still what was read, and records the request. SQLite allows one writer, so what the transaction
    /// reads stays valid until it ends.
    /// </summary>
    internal async Task<OpenPlan?> AtomicallyAsync(OpenPlan plan, Func<Task<int>> change, PlanRequest request, CancellationToken ct)
    {
        int id;
        await using (var transaction = await db.Database.BeginTransactionAsync(ct))
        {
            if (await ResultOfAsync(request.Key, ct) is not null || !await IsCurrentAsync(plan, ct))
            {
                return null;
            }

            id = await change();
            await SaveRequestAsync(request, $"/plan/{Text(id)}", ct);
            await transaction.CommitAsync(CancellationToken.None);
        }

        db.ChangeTracker.Clear();
        return (await StoredAsync(id, ct))!;
    }

    internal async Task<bool> IsCurrentAsync(OpenPlan plan, CancellationToken ct) =>
        plan.Stored is not { } seen
        || await db.Plans.AnyAsync(row => row.Id == seen.Id && row.Position == seen.Position && row.SavedAtMs == seen.SavedAtMs
            && db.Revisions.Any(revision => revision.StoredPlanId == seen.Id && revision.Position == seen.Position && revision.Id == plan.RevisionId), ct);

    /// <summary>The stored plan that a change goes to: the plan's own, or a new one starting from its current state.</summary>
    internal async Task<StoredPlan> StoredToChangeAsync(OpenPlan plan, CancellationToken ct)
    {
        if (plan.Stored is { } own && !plan.IsSaved)
        {
            return await db.Plans.FirstAsync(row => row.Id == own.Id, ct);
        }

        var stored = await AddAsync(plan, plan.Stored?.RecipeId ?? plan.State.OriginRecipe().Id, plan.Stored?.Name ?? plan.State.BaseRecipe().Name, ct);
        stored.ParentId = plan.Stored?.Id;
        stored.FromBrewId = plan.Stored?.FromBrewId;
        stored.ParentName = plan.Stored?.Name ?? plan.State.OriginRecipe().Name;
        return stored;
    }

    /// <summary>The stored plan of an open plan, saved under a name in its current state; not yet written.</summary>
    internal async Task<StoredPlan> WithNameAsync(OpenPlan plan, PlanState state, string name, PlanRequest request, CancellationToken ct)
    {
        var stored = await StoredToChangeAsync(plan, ct);
        var json = Detached(plan, state).ToJson();
        (stored.Name, stored.SavedAtMs, stored.AcceptedJson) = (name, NowMs, json);
        (await db.Revisions.FirstAsync(row => row.StoredPlanId == stored.Id && row.Position == stored.Position, ct)).StateJson = json;
        Touch(stored, request);
        return stored;
    }

    internal async Task<StoredPlan> AddAsync(OpenPlan plan, string recipeId, string name, CancellationToken ct)
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

    internal async Task<OpenPlan?> StoredAsync(int id, CancellationToken ct)
    {
        if (await db.Plans.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, ct) is not { } stored)
        {
            return null;
        }

        // This revision for its state and for what undo takes back, the next one for redo.
        var near = await db.Revisions.AsNoTracking().Where(revision => revision.StoredPlanId == id && revision.Position >= stored.Position - 1 && revision.Position <= stored.Position + 1)
            .Select(revision => new { revision.Id, revision.Position, revision.What, StateJson = revision.Position == stored.Position ? revision.StateJson : "" }).ToListAsync(ct);
        var present = near.Find(revision => revision.Position == stored.Position) ?? throw new UnreadableException("Its current change is missing.");
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
}
