using System.Text.Json;
using System.Text.Json.Nodes;

namespace Cistern.Data;

/// <summary>
/// Before one version, a plan took its target from its recipe. A target is what a barista sets, so in older data one that equals its
/// library recipe's counts as not set and is removed.
/// </summary>
public static class OldTargets
{
    /// <summary>The first schema whose plans contain only targets that were set.</summary>
    private const string Since = "20261130000611_ComplaintsImportsAndTokens";

    private static readonly Lazy<Dictionary<string, JsonNode>> OfLibrary = new(() =>
        RecipeLibrary.All.Where(recipe => recipe.Target is not null).ToDictionary(recipe => recipe.Id, recipe => JsonNode.Parse(RecipeWriter.Write(recipe))!["target"]!, StringComparer.Ordinal));

    /// <summary>Removes them from a file that was migrated from an earlier schema; does nothing for any other.</summary>
    /// <param name="db">The file, at this version.</param>
    /// <param name="from">The schema it had.</param>
    /// <param name="ct">Cancels it.</param>
    public static async Task RemoveAsync(CisternDb db, string from, CancellationToken ct)
    {
        if (string.CompareOrdinal(from, Since) >= 0)
        {
            return;
        }

        foreach (var brew in await db.Brews.AsNoTracking().Select(row => new { row.Id, row.PlanJson, row.PlannedJson }).ToListAsync(ct))
        {
            var (plan, planned) = (Without(brew.PlanJson), brew.PlannedJson is { } json ? Without(json) : null);
            if (plan is not null || planned is not null)
            {
                await db.Brews.Where(row => row.Id == brew.Id).ExecuteUpdateAsync(set => set.SetProperty(row => row.PlanJson, plan ?? brew.PlanJson).SetProperty(row => row.PlannedJson, planned ?? brew.PlannedJson), ct);
            }
        }

        foreach (var turn in await db.Revisions.AsNoTracking().Select(row => new { row.Id, row.StateJson }).ToListAsync(ct))
        {
            if (WithoutInState(turn.StateJson) is { } state)
            {
                await db.Revisions.Where(row => row.Id == turn.Id).ExecuteUpdateAsync(set => set.SetProperty(row => row.StateJson, state), ct);
            }
        }

        foreach (var plan in await db.Plans.AsNoTracking().Where(row => row.AcceptedJson != null).Select(row => new { row.Id, row.AcceptedJson }).ToListAsync(ct))
        {
            if (WithoutInState(plan.AcceptedJson!) is { } state)
            {
                await db.Plans.Where(row => row.Id == plan.Id).ExecuteUpdateAsync(set => set.SetProperty(row => row.AcceptedJson, state), ct);
            }
        }
    }

    /// <summary>A recipe without its target, where that is its library recipe's; null where it is not, or where the text is no recipe.</summary>
    /// <param name="json">A recipe file of one recipe.</param>
    public static string? Without(string json) =>
        StoredJson.Read<JsonNode>(json) is JsonObject recipe && recipe["id"]?.GetValueKind() == JsonValueKind.String && OfLibrary.Value.TryGetValue(recipe["id"]!.GetValue<string>(), out var target)
            && JsonNode.DeepEquals(recipe["target"], target) && recipe.Remove("target") ? recipe.ToJsonString() : null;

    private static string? WithoutInState(string json)
    {
        if (StoredJson.Read<JsonNode>(json) is not JsonObject state)
        {
            return null;
        }

        var changed = false;
        foreach (var name in (string[])["Base", "Origin"])
        {
            if (state[name]?.GetValueKind() == JsonValueKind.String && Without(state[name]!.GetValue<string>()) is { } without)
            {
                (state[name], changed) = (without, true);
            }
        }

        return changed ? state.ToJsonString() : null;
    }
}
