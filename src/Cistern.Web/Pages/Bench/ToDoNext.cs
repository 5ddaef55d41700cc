namespace Cistern.Web.Pages.Bench;

/// <summary>What a barista most likely does next.</summary>
/// <param name="What">What to do: "Taste Long settle".</param>
/// <param name="Why">Why that.</param>
/// <param name="Do">The button.</param>
/// <param name="Address">The address; null where a brew is made again.</param>
/// <param name="Again">The brew to make again; null where there is an address.</param>
public sealed record ToDoNext(string What, string Why, string Do, string? Address, int? Again)
{
    /// <summary>For this long after a brew its tasting comes first, ms: the cup is cooling.</summary>
    private const long TastedWithinMs = 3L * 3_600_000;

    /// <summary>For this long after a brew a tasting is still suggested, ms.</summary>
    private const long RememberedMs = 48L * 3_600_000;

    /// <summary>A plan scheduled within this time comes first, ms.</summary>
    private const long SoonMs = 2L * 3_600_000;

    /// <summary>How close to the current time of day earlier brews must be to count as usual, h.</summary>
    private const double UsualWithinH = 1.5;

    /// <summary>On how many days something must have been brewed at this hour to be usual.</summary>
    private const int UsualDays = 3;

    /// <summary>A brew with its time, for finding the usual one.</summary>
    /// <param name="Id">The brew.</param>
    /// <param name="RecipeId">The id of the library recipe it derives from.</param>
    /// <param name="Name">Its name.</param>
    /// <param name="OpenedAtMs">When it was opened, UTC ms.</param>
    public sealed record PastBrew(int Id, string RecipeId, string Name, long OpenedAtMs);

    /// <summary>
    /// The first that applies: a cup just brewed, a plan scheduled soon, the next of a series, the usual brew at this hour,
    /// yesterday's brew that was not tasted. Null where none does.
    /// </summary>
    /// <param name="untasted">The newest brew that was not tasted, or null.</param>
    /// <param name="wanted">Scheduled plans, earliest first.</param>
    /// <param name="decided">Plans made as the next of a series, newest first.</param>
    /// <param name="lately">The barista's recent brews, newest first.</param>
    /// <param name="baristaContext">The time, and how times are shown.</param>
    public static ToDoNext? Of(BrewedLast? untasted, IReadOnlyList<StoredPlan> wanted, IReadOnlyList<StoredPlan> decided, IReadOnlyList<PastBrew> lately, BaristaContext baristaContext)
    {
        if (untasted is not null && baristaContext.NowMs - untasted.OpenedAtMs < TastedWithinMs)
        {
            return Taste(untasted, baristaContext);
        }

        if (wanted.Count > 0 && wanted[0].WantedAtMs - baristaContext.NowMs < SoonMs)
        {
            return new($"Brew {wanted[0].Name}", $"wanted {baristaContext.Moment(wanted[0].WantedAtMs!.Value)}", "To the plan", FormattableString.Invariant($"/plan/{wanted[0].Id}"), null);
        }

        if (decided.Count > 0)
        {
            return new(decided[0].What, $"{decided[0].Name}: the next brew, as you decided", "To the plan", FormattableString.Invariant($"/plan/{decided[0].Id}"), null);
        }

        if (Usual(lately, baristaContext) is { } usual)
        {
            return new($"Brew {usual.Name}", "your usual at this hour", "Brew it again", null, usual.Id);
        }

        // Better from memory than not at all.
        return untasted is not null && baristaContext.NowMs - untasted.OpenedAtMs < RememberedMs ? Taste(untasted, baristaContext) : null;
    }

    private static ToDoNext Taste(BrewedLast brew, BaristaContext baristaContext) =>
        new($"Taste {brew.Name}", $"brewed {baristaContext.Moment(brew.OpenedAtMs)}, not tasted yet", "Taste it", FormattableString.Invariant($"/taste/{brew.Id}"), null);

    private static PastBrew? Usual(IReadOnlyList<PastBrew> lately, BaristaContext baristaContext)
    {
        var now = baristaContext.Local(baristaContext.NowMs);
        return lately.Where(brew => Apart(baristaContext.Local(brew.OpenedAtMs).TimeOfDay.TotalHours, now.TimeOfDay.TotalHours) <= UsualWithinH && baristaContext.Local(brew.OpenedAtMs).Date < now.Date)
            .GroupBy(brew => brew.RecipeId, StringComparer.Ordinal)
            .Select(alike => (Newest: alike.First(), Days: alike.Select(brew => baristaContext.Local(brew.OpenedAtMs).Date).Distinct().Count()))
            .Where(alike => alike.Days >= UsualDays)
            .OrderByDescending(alike => alike.Days).ThenByDescending(alike => alike.Newest.OpenedAtMs)
            .Select(alike => alike.Newest).FirstOrDefault();
    }

    // Across midnight: 23:30 and 1:00 are an hour and a half apart.
    private static double Apart(double one, double other) => Math.Min(Math.Abs(one - other), 24 - Math.Abs(one - other));
}
