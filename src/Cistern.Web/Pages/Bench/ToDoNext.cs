using Cistern.Data.Plans;
using Cistern.Web.Frame;

namespace Cistern.Web.Pages.Bench;

/// <summary>What a barista most likely does next, before anything is listed.</summary>
/// <param name="What">What to do: "Taste Long settle".</param>
/// <param name="Why">Why that.</param>
/// <param name="Do">The button.</param>
/// <param name="Address">Where it leads; null where a brew is brewed again.</param>
/// <param name="Again">The brew that is brewed again; null where it leads to a page.</param>
public sealed record ToDoNext(string What, string Why, string Do, string? Address, int? Again)
{
    /// <summary>A cup grows cold, and is forgotten: it is asked for this long, ms.</summary>
    private const long TastedWithinMs = 3L * 3_600_000;

    /// <summary>How it tasted is remembered so long, ms.</summary>
    private const long RememberedMs = 48L * 3_600_000;

    /// <summary>What is wanted this soon comes first, ms.</summary>
    private const long SoonMs = 2L * 3_600_000;

    /// <summary>How far from this hour a brew may have been to count for it, h.</summary>
    private const double AboutThisHour = 1.5;

    /// <summary>What was brewed at this hour on so many days is usual.</summary>
    private const int UsualDays = 3;

    /// <summary>A brew as the hours count it.</summary>
    /// <param name="Id">The brew.</param>
    /// <param name="RecipeId">The recipe of the library it goes back to.</param>
    /// <param name="Name">What it is called.</param>
    /// <param name="OpenedAtMs">When it was begun, UTC ms.</param>
    public sealed record Hour(int Id, string RecipeId, string Name, long OpenedAtMs);

    /// <summary>Of all there is the first that applies: a cup that stands there, one that is wanted soon, the next of a dialling-in, the usual at this hour, one of yesterday that nobody tasted; null where none does.</summary>
    /// <param name="untasted">The newest brew that nobody tasted, or null.</param>
    /// <param name="wanted">Plans whose cup is wanted, the nearest first.</param>
    /// <param name="decided">Plans made as the next of a dialling-in, the newest first.</param>
    /// <param name="lately">The barista's brews lately, the newest first.</param>
    /// <param name="bench">The hour, and how moments are told.</param>
    public static ToDoNext? Of(BrewedLast? untasted, IReadOnlyList<StoredPlan> wanted, IReadOnlyList<StoredPlan> decided, IReadOnlyList<Hour> lately, BaristaContext bench)
    {
        if (untasted is not null && bench.NowMs - untasted.OpenedAtMs < TastedWithinMs)
        {
            return Taste(untasted, bench);
        }

        if (wanted.Count > 0 && wanted[0].WantedAtMs - bench.NowMs < SoonMs)
        {
            return new($"Brew {wanted[0].Name}", $"wanted {bench.Moment(wanted[0].WantedAtMs!.Value)}", "To the plan", FormattableString.Invariant($"/plan/{wanted[0].Id}"), null);
        }

        if (decided.Count > 0)
        {
            return new(decided[0].What, $"{decided[0].Name}: the next brew, as you decided", "To the plan", FormattableString.Invariant($"/plan/{decided[0].Id}"), null);
        }

        if (Usual(lately, bench) is { } usual)
        {
            return new($"Brew {usual.Name}", "your usual at this hour", "Brew it again", null, usual.Id);
        }

        // Better from memory than not at all.
        return untasted is not null && bench.NowMs - untasted.OpenedAtMs < RememberedMs ? Taste(untasted, bench) : null;
    }

    private static ToDoNext Taste(BrewedLast brew, BaristaContext bench) =>
        new($"Taste {brew.Name}", $"brewed {bench.Moment(brew.OpenedAtMs)}, and not tasted yet", "Taste it", FormattableString.Invariant($"/taste/{brew.Id}"), null);

    private static Hour? Usual(IReadOnlyList<Hour> lately, BaristaContext bench)
    {
        var now = bench.Local(bench.NowMs);
        return lately.Where(brew => Apart(bench.Local(brew.OpenedAtMs).TimeOfDay.TotalHours, now.TimeOfDay.TotalHours) <= AboutThisHour && bench.Local(brew.OpenedAtMs).Date < now.Date)
            .GroupBy(brew => brew.RecipeId, StringComparer.Ordinal)
            .Select(alike => (Newest: alike.First(), Days: alike.Select(brew => bench.Local(brew.OpenedAtMs).Date).Distinct().Count()))
            .Where(alike => alike.Days >= UsualDays)
            .OrderByDescending(alike => alike.Days).ThenByDescending(alike => alike.Newest.OpenedAtMs)
            .Select(alike => alike.Newest).FirstOrDefault();
    }

    // Half past eleven at night and one in the morning are an hour and a half apart.
    private static double Apart(double one, double other) => Math.Min(Math.Abs(one - other), 24 - Math.Abs(one - other));
}
