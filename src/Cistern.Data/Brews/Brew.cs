using System.ComponentModel.DataAnnotations.Schema;

namespace Cistern.Data.Brews;

/// <summary>Where a brew stands in its life.</summary>
public enum BrewState
{
    /// <summary>Chosen, being prepared, or with its clock running.</summary>
    Running,

    /// <summary>Brewed to its end.</summary>
    Finished,

    /// <summary>Given up, with a word why.</summary>
    Abandoned,
}

/// <summary>A brew: its plan as it was at the start, and its outcome. Times are UTC milliseconds, which SQLite can sort.</summary>
public sealed class Brew
{
    /// <summary>Limit on entries per brew: no person reports so many, but a faulty program might.</summary>
    public const int MaxEntries = 2_000;

    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its identity in files, the same in every installation, so that it is imported only once.</summary>
    public Guid FileId { get; set; } = Guid.CreateVersion7();

    /// <summary>The id of the library recipe it derives from.</summary>
    public required string RecipeId { get; set; }

    /// <summary>The plan's name when it was brewed.</summary>
    public required string Name { get; set; }

    /// <summary>When it was deleted from the log, UTC milliseconds; null while it is there.</summary>
    [Column("TakenAwayAtMs")]
    public long? DeletedAtMs { get; set; }

    /// <summary>The file it came in with, or null where it was brewed here.</summary>
    public int? ImportId { get; set; }

    /// <summary>What was actually done, as told by the file it was imported with; null where that follows from its own entries.</summary>
    public string? BrewedJson { get; set; }

    /// <summary>
    /// The file it was imported with, without readings; members without a column here are written back from it. Null where it was
    /// brewed in a Cistern.
    /// </summary>
    public string? FileJson { get; set; }

    /// <summary>The plan as an open recipe file, with its remaining steps as changed by any correction.</summary>
    public required string PlanJson { get; set; }

    /// <summary>The plan at the start, where its remaining steps were changed since; else null.</summary>
    public string? PlannedJson { get; set; }

    /// <summary>The version of the model that made its forecast.</summary>
    public required string ModelVersion { get; set; }

    /// <summary>The figures of its forecast, by their public names, as JSON.</summary>
    public required string ForecastJson { get; set; }

    /// <summary>Its small brew chart: the outline of the vessel's lane, as coordinates in a picture 100 wide and 24 high.</summary>
    [Column("TinyTide")]
    public string Sparkline { get; set; } = "";

    /// <summary>Who brewed it, or null.</summary>
    public int? BaristaId { get; set; }

    /// <summary>Who brewed it, where loaded.</summary>
    public Shelf.Barista? Barista { get; set; }

    /// <summary>The bag it took from, or null.</summary>
    public int? BagId { get; set; }

    /// <summary>Coffee taken off the bag when the clock started, g; returned when the start is undone.</summary>
    public double TakenG { get; set; }

    /// <summary>The stored plan it was brewed from, where there is one.</summary>
    public int? StoredPlanId { get; set; }

    /// <summary>The filter stock of which it used one.</summary>
    public int? FilterStockId { get; set; }

    /// <summary>Why it was brewed differently from the one before, in the barista's words.</summary>
    public string Why { get; set; } = "";

    /// <summary>The coffee's name at the time; changing a bag later changes no brew.</summary>
    public string CoffeeName { get; set; } = "";

    /// <summary>The place's name at the time.</summary>
    public string PlaceName { get; set; } = "";

    /// <summary>The grind in the terms of the grinder.</summary>
    public string GrindText { get; set; } = "";

    /// <summary>The grinder's name at the time; empty where none was chosen.</summary>
    [Column("MillName")]
    public string GrinderName { get; set; } = "";

    /// <summary>The name of the barista's own vessel; empty where none was chosen.</summary>
    public string VesselName { get; set; } = "";

    /// <summary>The brew before it in its series, or null where it is the first.</summary>
    public int? ParentBrewId { get; set; }

    /// <summary>What was changed from that one, as written by <see cref="SeriesChange"/>; empty where nothing was advised.</summary>
    public string ChangedJson { get; set; } = "";

    /// <summary>The model of its forecast, as written by <see cref="ModelUsed"/>; null for the published one.</summary>
    public string? ModelJson { get; set; }

    /// <summary>Where it stands in its life.</summary>
    public BrewState State { get; set; }

    /// <summary>When it was opened for brewing.</summary>
    public long OpenedAtMs { get; set; }

    /// <summary>The moment of 0:00, or null before.</summary>
    public long? StartedAtMs { get; set; }

    /// <summary>When its last step was over or it was abandoned, UTC milliseconds; null before.</summary>
    public long? EndedAtMs { get; set; }

    /// <summary>Why it was abandoned, in the barista's words; null where it was not.</summary>
    public string? WhyAbandoned { get; set; }

    /// <summary>It is a rehearsal on simulated instruments and not in the log.</summary>
    public bool Rehearsal { get; set; }

    /// <summary>Seconds on its clock per second; 1 except for a rehearsal.</summary>
    public int Speed { get; set; } = 1;

    /// <summary>A moment on this brew's own clock, UTC milliseconds; a rehearsal's clock may run faster.</summary>
    /// <param name="nowMs">The moment, UTC milliseconds.</param>
    public long ClockMs(long nowMs) => Speed == 1 ? nowMs : OpenedAtMs + ((nowMs - OpenedAtMs) * Speed);

    /// <summary>The simulated instruments of the brew, as JSON; null where there are none.</summary>
    [Column("BenchJson")]
    public string? SimulationJson { get; set; }

    /// <summary>The token with which a gateway sends readings of this brew; null until it is asked for.</summary>
    public string? ReadingToken { get; set; }

    /// <summary>Whether its clock starts when instruments detect the first water.</summary>
    public bool StartsItself { get; set; }

    /// <summary>All reports made while it ran; only ever added to.</summary>
    public List<EntryRow> Entries { get; } = [];

    /// <summary>Weights at pours: typed in, or detected.</summary>
    public List<Weighing> Weighings { get; } = [];

    /// <summary>Other weights and readings.</summary>
    public List<Observation> Observations { get; } = [];

    /// <summary>Its figures, for searching and fitting; null until it is over.</summary>
    public BrewFacts? Facts { get; set; }

    /// <summary>Its tastings, one per taster.</summary>
    public List<Tasting> Tastings { get; } = [];

    /// <summary>Notes added later.</summary>
    public List<LaterNote> Notes { get; } = [];

    /// <summary>Readings of instruments, in pieces.</summary>
    public List<ReadingChunk> Readings { get; } = [];

    /// <summary>Its pictures, including deleted ones; large, and loaded only where needed.</summary>
    public List<BrewPicture> Pictures { get; } = [];

    /// <summary>Answers to deviations.</summary>
    public List<DeviationAnswer> DeviationAnswers { get; } = [];

    /// <summary>Its first tasting, or null.</summary>
    public Tasting? Tasting => Tastings.MinBy(tasting => tasting.Id == 0 ? int.MaxValue : tasting.Id);

    /// <summary>How many entries have a kind that this version does not know: they are kept and ignored.</summary>
    public int UnreadEntries => Entries.Count(row => !Enum.IsDefined(row.Kind));

    /// <summary>The entries as the core needs them, in the order received; unsaved ones last.</summary>
    public IEnumerable<BrewEntry> CoreEntries =>
        Entries.Where(row => Enum.IsDefined(row.Kind)).OrderBy(row => row.Id == 0 ? int.MaxValue : row.Id).Select(row => new BrewEntry(row.EntryId, row.Kind, row.Step, row.AtMs, row.Undoes, row.Seen));
}
