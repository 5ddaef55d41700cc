using System.ComponentModel.DataAnnotations.Schema;
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
    /// <summary>No hand says so much of one brew; a program gone wild would.</summary>
    public const int MostEntries = 2_000;

    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>What it is called in files: the same wherever it is taken in, so that it is taken in once.</summary>
    public Guid FileId { get; set; } = Guid.CreateVersion7();

    /// <summary>The recipe of the library it goes back to.</summary>
    public required string RecipeId { get; set; }

    /// <summary>What the plan was called when it was brewed.</summary>
    public required string Name { get; set; }

    /// <summary>When it was taken away from the log, UTC milliseconds; null while it stands there.</summary>
    [Column("TakenAwayAtMs")]
    public long? DeletedAtMs { get; set; }

    /// <summary>The file it came in with, or null where it was brewed here.</summary>
    public int? ImportId { get; set; }

    /// <summary>How it really went, as the file it came with tells it; null where that is worked out from what was said here.</summary>
    public string? BrewedJson { get; set; }

    /// <summary>The file it came with, but for its readings: what of it has no place here is written back with it. Null where it was brewed in a Cistern.</summary>
    public string? FileJson { get; set; }

    /// <summary>The plan as an open recipe file; the rest of it as it stands now, where something was taken to mend a deviation.</summary>
    public required string PlanJson { get; set; }

    /// <summary>The plan as it was when it began, where the rest of it has been changed since; else null.</summary>
    public string? PlannedJson { get; set; }

    /// <summary>The version of the model its forecast was made with.</summary>
    public required string ModelVersion { get; set; }

    /// <summary>The figures forecast for it, by their open names, as JSON.</summary>
    public required string ForecastJson { get; set; }

    /// <summary>Its brew chart in little: the outline of the vessel's lane, as numbers for a picture 100 wide and 24 high.</summary>
    [Column("TinyTide")]
    public string Sparkline { get; set; } = "";

    /// <summary>Who brewed it, or null.</summary>
    public int? BaristaId { get; set; }

    /// <summary>Who brewed it, where that was loaded.</summary>
    public Shelf.Barista? Barista { get; set; }

    /// <summary>The bag it took from, or null.</summary>
    public int? BagId { get; set; }

    /// <summary>What was taken off the bag when the clock started, g; put back when the start is undone.</summary>
    public double TakenG { get; set; }

    /// <summary>The plan it was brewed from, where that was one of the barista's own.</summary>
    public int? StoredPlanId { get; set; }

    /// <summary>The filters it uses one of, or wears.</summary>
    public int? FilterStockId { get; set; }

    /// <summary>Why it was brewed differently from the one before, in the barista's words.</summary>
    public string Why { get; set; } = "";

    /// <summary>The coffee's name when it was brewed; a bag changed later changes no brew.</summary>
    public string CoffeeName { get; set; } = "";

    /// <summary>Where it was brewed, by the name of then.</summary>
    public string PlaceName { get; set; } = "";

    /// <summary>How it was ground, as the grinder says it.</summary>
    public string GrindText { get; set; } = "";

    /// <summary>The grinder's name when it was brewed; empty where none was chosen.</summary>
    [Column("MillName")]
    public string GrinderName { get; set; } = "";

    /// <summary>The name of the vessel of one's own; empty where none was chosen.</summary>
    public string VesselName { get; set; } = "";

    /// <summary>The brew before it in its line, or null where it begins one.</summary>
    public int? ParentBrewId { get; set; }

    /// <summary>What was changed from that one, as <see cref="SeriesChange"/> writes it; empty where nothing was advised.</summary>
    public string ChangedJson { get; set; } = "";

    /// <summary>The model it was forecast with, as <see cref="ModelUsed"/> writes it; null for the published one.</summary>
    public string? ModelJson { get; set; }

    /// <summary>Where it stands in its life.</summary>
    public BrewState State { get; set; }

    /// <summary>When it was opened for brewing.</summary>
    public long OpenedAtMs { get; set; }

    /// <summary>When the clock stood at 0:00, or null before.</summary>
    public long? StartedAtMs { get; set; }

    /// <summary>When its last step was over or it was given up, UTC milliseconds; null before.</summary>
    public long? EndedAtMs { get; set; }

    /// <summary>Why it was given up, in the barista's words; null where it was not.</summary>
    public string? WhyAbandoned { get; set; }

    /// <summary>It is practised on a simulated bench and stands in no log.</summary>
    public bool Rehearsal { get; set; }

    /// <summary>How many seconds of its clock go by in one; 1 but for a rehearsal.</summary>
    public int Speed { get; set; } = 1;

    /// <summary>A moment on this brew's own clock, UTC milliseconds: of a rehearsal it goes faster from its opening on.</summary>
    /// <param name="nowMs">The moment, UTC milliseconds.</param>
    public long ClockMs(long nowMs) => Speed == 1 ? nowMs : OpenedAtMs + ((nowMs - OpenedAtMs) * Speed);

    /// <summary>The simulated bench it is brewed on, as JSON; null where there is none.</summary>
    [Column("BenchJson")]
    public string? SimulationJson { get; set; }

    /// <summary>What a gateway shows to send readings of this brew; null until somebody asks for it.</summary>
    public string? ReadingToken { get; set; }

    /// <summary>Whether its clock starts when the first of the water is seen.</summary>
    public bool StartsItself { get; set; }

    /// <summary>All that was said of it while it ran; only ever added to.</summary>
    public List<EntryRow> Entries { get; } = [];

    /// <summary>Weights read off the scale: typed in, or seen.</summary>
    public List<Weighing> Weighings { get; } = [];

    /// <summary>What else was weighed or read of it.</summary>
    public List<Observation> Observations { get; } = [];

    /// <summary>What it came to, for searching and fitting; null until it is over.</summary>
    public BrewFacts? Facts { get; set; }

    /// <summary>How it tasted, to each who tasted it.</summary>
    public List<Tasting> Tastings { get; } = [];

    /// <summary>What came to mind later.</summary>
    public List<LaterNote> Notes { get; } = [];

    /// <summary>What instruments showed, piece by piece.</summary>
    public List<ReadingChunk> Readings { get; } = [];

    /// <summary>Its pictures, those that were deleted among them; large, and loaded only where they are wanted.</summary>
    public List<BrewPicture> Pictures { get; } = [];

    /// <summary>What was answered where something went otherwise.</summary>
    public List<DeviationAnswer> DeviationAnswers { get; } = [];

    /// <summary>How it tasted to whoever tasted it first, or null.</summary>
    public Tasting? Tasting => Tastings.MinBy(tasting => tasting.Id == 0 ? int.MaxValue : tasting.Id);

    /// <summary>How many entries hold a word that this version does not know: they are kept, and count for nothing.</summary>
    public int UnreadEntries => Entries.Count(row => !Enum.IsDefined(row.Kind));

    /// <summary>The entries as the core takes them, in the order they were received; those not yet saved are the last.</summary>
    public IEnumerable<BrewEntry> CoreEntries =>
        Entries.Where(row => Enum.IsDefined(row.Kind)).OrderBy(row => row.Id == 0 ? int.MaxValue : row.Id).Select(row => new BrewEntry(row.EntryId, row.Kind, row.Step, row.AtMs, row.Undoes, row.Seen));
}
