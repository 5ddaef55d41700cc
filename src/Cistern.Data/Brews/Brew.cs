using Cistern.Core.Brewing;

namespace Cistern.Data.Brews;

/// <summary>Where a brew stands in its life.</summary>
public enum BrewState
{
    /// <summary>Chosen, its preparation going on, or its clock running.</summary>
    Running,

    /// <summary>Brewed to its end.</summary>
    Finished,

    /// <summary>Given up, with a word why.</summary>
    Abandoned,
}

/// <summary>One brew: its plan, as it was when it began, and what became of it. Moments are UTC milliseconds, which SQLite can order.</summary>
public sealed class Brew
{
    public int Id { get; set; }

    public required string RecipeId { get; set; }

    public required string Name { get; set; }

    /// <summary>The plan as an open recipe file.</summary>
    public required string PlanJson { get; set; }

    /// <summary>The version of the model its forecast was made with.</summary>
    public required string ModelVersion { get; set; }

    /// <summary>The figures forecast for it, by their open names, as JSON.</summary>
    public required string ForecastJson { get; set; }

    /// <summary>Its tide in little: the outline of the vessel's lane, as numbers for a picture 100 wide and 24 high.</summary>
    public string TinyTide { get; set; } = "";

    public int? BaristaId { get; set; }

    public Shelf.Barista? Barista { get; set; }

    public int? BagId { get; set; }

    /// <summary>What was taken off the bag when the clock started, g; put back when the start is undone.</summary>
    public double TakenG { get; set; }

    /// <summary>The plan it was brewed from, where that was one of the barista's own.</summary>
    public int? SheetId { get; set; }

    /// <summary>The filters it uses one of, or wears.</summary>
    public int? FilterStockId { get; set; }

    /// <summary>Why it was brewed differently from the one before, in the barista's words.</summary>
    public string Why { get; set; } = "";

    /// <summary>The coffee's name when it was brewed; a bag changed later changes no brew.</summary>
    public string CoffeeName { get; set; } = "";

    public string PlaceName { get; set; } = "";

    public string GrindText { get; set; } = "";

    public BrewState State { get; set; }

    /// <summary>When it was opened for brewing.</summary>
    public long OpenedAtMs { get; set; }

    /// <summary>When the clock stood at 0:00, or null before.</summary>
    public long? StartedAtMs { get; set; }

    public long? EndedAtMs { get; set; }

    public string? WhyAbandoned { get; set; }

    public List<BrewPress> Presses { get; } = [];

    public List<Weighing> Weighings { get; } = [];

    public Tasting? Tasting { get; set; }

    public List<LaterNote> Notes { get; } = [];

    /// <summary>The presses as the core takes them, in order; one not yet saved is the last.</summary>
    public IEnumerable<Press> CorePresses =>
        Presses.OrderBy(press => press.Id == 0 ? int.MaxValue : press.Id).Select(press => new Press(press.Kind, press.StepIndex, press.ElapsedS));
}

/// <summary>One press of a hand, kept as it came. Its key counts it once however often it is sent.</summary>
public sealed class BrewPress
{
    public int Id { get; set; }

    public int BrewId { get; set; }

    /// <summary>Made by the device that pressed.</summary>
    public Guid Key { get; set; }

    public PressKind Kind { get; set; }

    public int StepIndex { get; set; }

    /// <summary>On the brew clock, s.</summary>
    public double ElapsedS { get; set; }

    public long ReceivedAtMs { get; set; }
}

/// <summary>A weight read off the scale and typed in.</summary>
public sealed class Weighing
{
    public int Id { get; set; }

    public int BrewId { get; set; }

    public int StepIndex { get; set; }

    /// <summary>Water in the brewer so far, g.</summary>
    public double TotalG { get; set; }
}

/// <summary>How it tasted.</summary>
public sealed class Tasting
{
    public int Id { get; set; }

    public int BrewId { get; set; }

    /// <summary>−5 (sharp) to 5 (harsh).</summary>
    public int? SharpHarsh { get; set; }

    /// <summary>−5 (thin) to 5 (heavy).</summary>
    public int? ThinHeavy { get; set; }

    /// <summary>0 to 10, in halves.</summary>
    public double? Score { get; set; }

    public string Note { get; set; } = "";

    /// <summary>What a refractometer read, % TDS, where there was one.</summary>
    public double? ReadTdsPercent { get; set; }

    public long AtMs { get; set; }
}

/// <summary>Something that came to mind later.</summary>
public sealed class LaterNote
{
    public int Id { get; set; }

    public int BrewId { get; set; }

    public required string Text { get; set; }

    public long AtMs { get; set; }
}
