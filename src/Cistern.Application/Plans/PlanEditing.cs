namespace Cistern.Application.Plans;

/// <summary>
/// A stored plan being changed: computed with the shelf, the day and what was learned, and changed by one <see cref="PlanChange"/>
/// after another. The core makes the changes; <see cref="PlanChanges"/> saves the result.
/// </summary>
public sealed class PlanEditing
{
    private readonly PlanState before;
    private readonly PlanContext context;
    private readonly List<string> did = [];

    /// <summary>Works a plan out as it was kept.</summary>
    public PlanEditing(PlanState state, PlanContext context)
    {
        (before, this.context) = (state, context);
        Work = new PlanWork(state.ToPlan(), context.Gear, context.ModelOf(state.ToPlan()));
        BatchReleased = Work.BatchReleased;
    }

    /// <summary>The plan in its current state, computed.</summary>
    public PlanWork Work { get; private set; }

    /// <summary>What the shelf offers.</summary>
    public PlanShelf Shelf => context.Shelf;

    /// <summary>The bag it uses, or null.</summary>
    public Bag? Bag => Used(Shelf.Bags, PlanPick.Bag);

    /// <summary>The grinder, or null.</summary>
    public Grinder? Grinder => Used(Shelf.Grinders, PlanPick.Grinder);

    /// <summary>The place, or null.</summary>
    public BrewPlace? Place => Used(Shelf.Places, PlanPick.Place);

    /// <summary>The vessel of one's own, or null.</summary>
    public OwnedBrewer? Vessel => Used(Shelf.Vessels, PlanPick.Vessel);

    /// <summary>The server, or null.</summary>
    public Server? Server => Used(Shelf.Servers, PlanPick.Server);

    /// <summary>The kettle, or null.</summary>
    public OwnedKettle? KettleUsed => Used(Shelf.Kettles, PlanPick.Kettle);

    /// <summary>The spoon, or null.</summary>
    public Spoon? Spoon => Used(Shelf.Spoons, PlanPick.Spoon);

    /// <summary>The equipment for preparing; an unknown grinder takes a second per gram. Judged.</summary>
    public PreparationGear Gear => new(KettleUsed?.AsHeating(Recipe.Place), CanGrind ? Grinder?.SecondsPerG ?? 1 : 0);

    /// <summary>What is brewed.</summary>
    public Recipe Recipe => Work.Recipe;

    /// <summary>Its forecast.</summary>
    public Forecast Forecast => Work.Forecast;

    /// <summary>Whether the grind can be set.</summary>
    public bool CanGrind => Bag is not { BoughtGround: true };

    /// <summary>Whether the quantities held became inconsistent, so that the recipe's own dose and water were restored.</summary>
    public bool BatchReleased { get; private set; }

    /// <summary>What was changed, in a few words each.</summary>
    public IReadOnlyList<string> Applied => did;

    /// <summary>The resulting state; the original one where nothing was changed.</summary>
    public PlanState State => did.Count == 0 ? before : Picked;

    /// <summary>The state with everything it uses of the shelf included, so that later changes of the shelf do not affect it.</summary>
    public PlanState Picked => before.With(Work.Plan);

    /// <summary>How many brews taught something about what it is brewed with; 0 for the published model.</summary>
    public int LearnedFrom => Forecast.Model.Parameters == ModelParameters.Published ? 0 : context.Learned.BrewsFor(context.KeysOf(Work.Plan));

    /// <summary>Another plan computed with the same shelf.</summary>
    public PlanWork WorkOf(Plan plan) => new(plan, Work.Gear, context.ModelOf(plan));

    /// <summary>Makes a change, and records it where it was made.</summary>
    /// <param name="change">The change.</param>
    /// <param name="words">What is done, in a few words; null to describe the result instead.</param>
    /// <returns>The result; where the change was refused, nothing is changed.</returns>
    public PlanApplied Do(PlanChange change, string? words)
    {
        var applied = Work.Apply(change);
        if (applied.Refusal is null)
        {
            Work = WorkOf(applied.Plan);
            BatchReleased |= applied.BatchReleased || Work.BatchReleased;
            Note(words);
        }

        return applied;
    }

    /// <summary>Remembers what was done.</summary>
    public void Note(string? words)
    {
        if (words is { Length: > 0 })
        {
            did.Add(words);
        }
    }

    private T? Used<T>(IReadOnlyList<T> things, PlanPick pick)
        where T : class, IShelved => Work.Plan.Picks.Of(pick) is { } id ? things.FirstOrDefault(thing => thing.Id == id) : null;
}
