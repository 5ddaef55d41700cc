using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Data.Plans;
using Cistern.Data.Shelf;

namespace Cistern.Application.Plans;

/// <summary>
/// A plan of the data file being changed: worked out with the shelf, the day and what was learned, and changed one
/// <see cref="PlanChange"/> after another. The rules are the core's; nothing is kept until <see cref="PlanChanges"/> is told to.
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
        LetGo = Work.LetGo;
    }

    /// <summary>The plan as it now stands, worked out.</summary>
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

    /// <summary>What there is to make ready with; an unknown grinder takes a second for a gram. Judged.</summary>
    public PreparationGear Gear => new(KettleUsed?.AsHeating(Recipe.Place), CanGrind ? Grinder?.SecondsPerG ?? 1 : 0);

    /// <summary>What is brewed.</summary>
    public Recipe Recipe => Work.Recipe;

    /// <summary>What it will do.</summary>
    public Forecast Forecast => Work.Forecast;

    /// <summary>Whether the grind can be set.</summary>
    public bool CanGrind => Bag is not { BoughtGround: true };

    /// <summary>Whether what was held did not go together, so that the recipe's own dose and water stand again.</summary>
    public bool LetGo { get; private set; }

    /// <summary>What has been changed, in a few words each.</summary>
    public IReadOnlyList<string> Did => did;

    /// <summary>The state that has come of it; as it was where nothing was changed.</summary>
    public PlanState State => did.Count == 0 ? before : Picked;

    /// <summary>The state with everything it uses of the shelf in it, so that it stays what it is whatever becomes of the shelf.</summary>
    public PlanState Picked => before.With(Work.Plan);

    /// <summary>From how many brews something was learned of what it is brewed with; 0 where it is the published model's forecast.</summary>
    public int LearnedFrom => Forecast.Model.Parameters == ModelParameters.Published ? 0 : context.Learned.BrewsFor(context.KeysOf(Work.Plan));

    /// <summary>Another plan worked out with the same shelf.</summary>
    public PlanWork Worked(Plan plan) => new(plan, Work.Gear, context.ModelOf(plan));

    /// <summary>Makes a change, and remembers what was done where it was.</summary>
    /// <param name="change">The change.</param>
    /// <param name="words">What was done, in a few words; null where that is told of what came of it.</param>
    /// <returns>What came of it; where it was refused nothing is changed.</returns>
    public PlanApplied Do(PlanChange change, string? words)
    {
        var applied = Work.Apply(change);
        if (applied.Refusal is null)
        {
            Work = Worked(applied.Plan);
            LetGo |= applied.LetGo || Work.LetGo;
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
