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

/// <summary>One thing said of a running brew, kept as it came. Its id counts it once however often it is sent.</summary>
public sealed class EntryRow
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>Made by the device that said it.</summary>
    public Guid EntryId { get; set; }

    /// <summary>What it says; kept as a word.</summary>
    public EntryKind Kind { get; set; }

    /// <summary>The step it is of, counted from 0.</summary>
    public int Step { get; set; }

    /// <summary>When it was said, by the server's clock.</summary>
    public long AtMs { get; set; }

    /// <summary>The entry taken back, of an undo.</summary>
    public Guid? Undoes { get; set; }

    /// <summary>Who saw it: the barista of the device, or the instruments.</summary>
    public string By { get; set; } = "";

    /// <summary>Whether an instrument saw it, and nobody said it.</summary>
    public bool Seen { get; set; }

    /// <summary>When the server took it, UTC milliseconds.</summary>
    public long ReceivedAtMs { get; set; }
}

/// <summary>Something weighed or read of a brew, beside what was poured.</summary>
public sealed class Observation
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>What it is of, with its unit: one of <see cref="ObservationNames"/>.</summary>
    public required string Name { get; set; }

    /// <summary>The value, in the unit of its name.</summary>
    public double Value { get; set; }

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>Whether an instrument told it, and nobody typed it.</summary>
    public bool Seen { get; set; }
}

/// <summary>Some readings of one kind, packed as a curve is (<see cref="Core.Readings.Curve.Pack"/>): those that came together.</summary>
public sealed class ReadingChunk
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>What was read; kept as a word.</summary>
    public Core.Readings.ReadingOf Of { get; set; }

    /// <summary>The readings.</summary>
    public required byte[] Packed { get; set; }
}

/// <summary>What can be weighed or read of a brew.</summary>
public static class ObservationNames
{
    /// <summary>The dose that really went in, g.</summary>
    public const string Dose = "doseG";

    /// <summary>The water in the kettle at the first pour, °C.</summary>
    public const string Water = "waterC";

    /// <summary>The drink in the cup as it is drunk, g.</summary>
    public const string Beverage = "beverageG";

    /// <summary>Water it was let down with, g.</summary>
    public const string Dilution = "letDownG";

    /// <summary>Ice it was put on, g.</summary>
    public const string Ice = "iceG";

    /// <summary>What a siphon's burner gave before the coffee went in, W.</summary>
    public const string Flame = "flameW";

    /// <summary>Begins the name of a stir that was not done, with its step after it; its value is how many turns it lacked.</summary>
    public const string Unstirred = "unstirred";

    /// <summary>From the opening to the dry bed, s, where a file tells it and no entry does.</summary>
    public const string Drawdown = "drawdownS";

    /// <summary>Of the press or the plunge, s, where a file tells it and no entry does.</summary>
    public const string Press = "pressS";

    /// <summary>How the press or the plunge felt: 0 easy, 1 firm, 2 hard.</summary>
    public const string PressFelt = "pressFelt";
}

/// <summary>What a brew came to as it was really brewed, one row each, so that the log is searched and fitted without forecasting it anew.</summary>
public sealed class BrewFacts
{
    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>The version of the model that computed it.</summary>
    public required string ModelVersion { get; set; }

    /// <summary>Coffee, g.</summary>
    public double DoseG { get; set; }

    /// <summary>Water poured, g.</summary>
    public double WaterG { get; set; }

    /// <summary>At the kettle, °C.</summary>
    public double WaterTemperatureC { get; set; }

    /// <summary>Median of the grind, µm.</summary>
    public double MedianUm { get; set; }

    /// <summary>The drink as it is drunk, g; computed.</summary>
    public double FinalG { get; set; }

    /// <summary>Of the drink as it is drunk; computed.</summary>
    public double FinalTdsPercent { get; set; }

    /// <summary>Of the dose, in the cup, %; computed.</summary>
    public double ExtractionYieldPercent { get; set; }

    /// <summary>Sour (negative) to bitter (positive); computed, a judgement.</summary>
    [Column("Tilt")]
    public double FlavourBalance { get; set; }

    /// <summary>When it was done, s on its clock.</summary>
    public double FinishS { get; set; }

    /// <summary>From the opening to the dry bed, s, by its own clock; null where that was not seen.</summary>
    public double? DrawdownS { get; set; }

    /// <summary>Of the press or the plunge, s, by its own clock; null where that was not seen.</summary>
    public double? PressS { get; set; }

    /// <summary>Steps that nobody said were done.</summary>
    public int Assumed { get; set; }

    /// <summary>How these facts are worked out; what was worked out otherwise is worked out again after a start.</summary>
    public const int CurrentVersion = 2;

    /// <summary>The version of these facts; 1 of what has none of what follows.</summary>
    public int Version { get; set; } = 1;

    /// <summary>The vessel's family, as the recipe file names it.</summary>
    public string Family { get; set; } = "";

    /// <summary>The coffee's days since roasting when it was brewed.</summary>
    public double RestDays { get; set; }

    /// <summary>Of what rest would give, a share; computed, a judgement of it is <see cref="Core.Forecasts.CupJudgement"/>.</summary>
    [Column("Drawn")]
    public double ExtractionLevel { get; set; }

    /// <summary>How it flowed and when it was released: the worst of it. Null where nothing of it was timed.</summary>
    public FlowWord? Flow { get; set; }

    /// <summary>How much later than planned the release began, s; negative where it was sooner, null where nothing is released or it was not seen.</summary>
    [Column("ReleaseOffS")]
    public double? SteepEndOffS { get; set; }

    /// <summary>Water poured over the plan, g; negative where it fell short.</summary>
    public double WaterOffG { get; set; }

    /// <summary>Coffee over the plan, g; negative where it fell short.</summary>
    public double DoseOffG { get; set; }

    /// <summary>At the kettle over the plan, °C; negative where it was cooler.</summary>
    public double TemperatureOffC { get; set; }

    /// <summary>The strength expected of the plan, with its 80 % band, % TDS.</summary>
    [Column("ForetoldTdsPercent")]
    public double ExpectedTdsPercent { get; set; }

    /// <summary>From, 80 %.</summary>
    [Column("ForetoldTdsLow")]
    public double ExpectedTdsLow { get; set; }

    /// <summary>To, 80 %.</summary>
    [Column("ForetoldTdsHigh")]
    public double ExpectedTdsHigh { get; set; }

    /// <summary>The flavour balance expected of the plan.</summary>
    [Column("ForetoldTilt")]
    public double ExpectedBalance { get; set; }

    /// <summary>From, 80 %.</summary>
    [Column("ForetoldTiltLow")]
    public double ExpectedBalanceLow { get; set; }

    /// <summary>To, 80 %.</summary>
    [Column("ForetoldTiltHigh")]
    public double ExpectedBalanceHigh { get; set; }

    /// <summary>The same facts of another brew.</summary>
    public BrewFacts Copied()
    {
        var copy = (BrewFacts)MemberwiseClone();
        copy.BrewId = 0;
        return copy;
    }

    /// <summary>The drain expected of the plan, s; null where nothing drains.</summary>
    [Column("ForetoldDrawdownS")]
    public double? ExpectedDrawdownS { get; set; }

    /// <summary>From, 80 %, s.</summary>
    [Column("ForetoldDrawdownLowS")]
    public double? ExpectedDrawdownLowS { get; set; }

    /// <summary>To, 80 %, s.</summary>
    [Column("ForetoldDrawdownHighS")]
    public double? ExpectedDrawdownHighS { get; set; }
}

/// <summary>How a brew flowed and when it was released, in a word: what lay outside its window first, what flowed before what a hand did.</summary>
public enum FlowWord
{
    /// <summary>All that was timed lay in its window.</summary>
    Within,

    /// <summary>It drained or pressed too slowly.</summary>
    Slow,

    /// <summary>It drained or pressed too quickly.</summary>
    Quick,

    /// <summary>Released or done too late.</summary>
    Late,

    /// <summary>Released or done too soon.</summary>
    Early,
}

/// <summary>What somebody answered where something went otherwise than planned: what was offered was taken, or left.</summary>
public sealed class DeviationAnswer
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>What went otherwise; kept as a word.</summary>
    public DeviationKind Kind { get; set; }

    /// <summary>The step it was at.</summary>
    public int Step { get; set; }

    /// <summary>Whether what was offered was taken; otherwise it was left as it was.</summary>
    public bool Taken { get; set; }

    /// <summary>What was said of it and offered, as it was read.</summary>
    public required string Said { get; set; }

    /// <summary>When to begin the release, s on the clock; null as planned.</summary>
    [Column("ReleaseAtS")]
    public double? SteepEndAtS { get; set; }

    /// <summary>Water to let the drink down by at the end, g; 0 for none.</summary>
    [Column("LetDownG")]
    public double DilutionG { get; set; }

    /// <summary>When it was answered, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>When it was taken back, or null.</summary>
    public long? UndoneAtMs { get; set; }

    /// <summary>Who answered: the barista of the device.</summary>
    public string By { get; set; } = "";
}

/// <summary>A weight read off the scale: typed in, or seen.</summary>
public sealed class Weighing
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>The pour it was read after, counted from 0.</summary>
    public int StepIndex { get; set; }

    /// <summary>Water in the brewer so far, g.</summary>
    public double TotalG { get; set; }

    /// <summary>Whether an instrument told it, and nobody typed it.</summary>
    public bool Seen { get; set; }
}

/// <summary>How it tasted.</summary>
public sealed class Tasting
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>Who tasted it; null where that is not known.</summary>
    public int? BaristaId { get; set; }

    /// <summary>Who tasted it, where that was loaded.</summary>
    public Shelf.Barista? Barista { get; set; }

    /// <summary>−5 (sour) to 5 (bitter).</summary>
    [Column("SharpHarsh")]
    public int? SourBitter { get; set; }

    /// <summary>−5 (thin) to 5 (heavy).</summary>
    public int? ThinHeavy { get; set; }

    /// <summary>0 to 10, in halves.</summary>
    public double? Score { get; set; }

    /// <summary>In the taster's words.</summary>
    public string Note { get; set; } = "";

    /// <summary>What a refractometer read, % TDS, where there was one.</summary>
    public double? ReadTdsPercent { get; set; }

    /// <summary>How it smelt at the crust, in the taster's words.</summary>
    public string Crust { get; set; } = "";

    /// <summary>What was complained of, in the words of the brew file, with blanks between.</summary>
    public string Complaints { get; set; } = "";

    /// <summary>What the taster knows went otherwise, in the words of the brew file, with blanks between.</summary>
    public string WentWrong { get; set; } = "";

    /// <summary>Which of the bag's notes were there, with commas between.</summary>
    public string NotesFound { get; set; } = "";

    /// <summary>What the spent bed showed; null where nobody said it.</summary>
    public Core.Records.BedLook? Bed { get; set; }

    /// <summary>Sediment in the cup, 0 to 5; null where nobody said it.</summary>
    public int? Sediment { get; set; }

    /// <summary>Each sip; what is said of them all together is in <see cref="SourBitter"/> and <see cref="ThinHeavy"/>.</summary>
    public List<TastingSip> Sips { get; } = [];

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }
}

/// <summary>One sip of a tasting.</summary>
public sealed class TastingSip
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The tasting it belongs to.</summary>
    public int TastingId { get; set; }

    /// <summary>How warm it was; kept as a word.</summary>
    public Core.Records.SipWhen When { get; set; }

    /// <summary>−5 (sour) to 5 (bitter).</summary>
    [Column("SharpHarsh")]
    public int? SourBitter { get; set; }

    /// <summary>−5 (thin) to 5 (heavy).</summary>
    public int? ThinHeavy { get; set; }

    /// <summary>Sweetness, 0 to 5.</summary>
    public int? Sweet { get; set; }

    /// <summary>Clarity, 0 to 5.</summary>
    public int? Clear { get; set; }

    /// <summary>How long the finish is, 0 to 5.</summary>
    public int? Finish { get; set; }

    /// <summary>Dryness, 0 to 5.</summary>
    public int? Dry { get; set; }
}

/// <summary>Something that came to mind later.</summary>
public sealed class LaterNote
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>In the barista's words.</summary>
    public required string Text { get; set; }

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }
}
