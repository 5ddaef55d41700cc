using System.Text.Json;

namespace Cistern.Core.Records;

/// <summary>How a brew ended.</summary>
public enum BrewOutcome
{
    /// <summary>Brewed to its end.</summary>
    Finished,

    /// <summary>Given up.</summary>
    Abandoned,
}

/// <summary>How a press or a plunge felt.</summary>
public enum PressFelt
{
    /// <summary>To 60 N.</summary>
    Easy,

    /// <summary>To 120 N.</summary>
    Firm,

    /// <summary>Above.</summary>
    Hard,
}

/// <summary>What the spent bed shows.</summary>
public enum BedLook
{
    /// <summary>Domed in the middle.</summary>
    Domed,

    /// <summary>Flat and even.</summary>
    Flat,

    /// <summary>Paste on the walls.</summary>
    PastyWalls,

    /// <summary>Grounds left high and dry.</summary>
    HighAndDry,

    /// <summary>Mud on top.</summary>
    Mud,

    /// <summary>Cracked.</summary>
    Cracked,
}

/// <summary>When a sip was taken.</summary>
public enum SipWhen
{
    /// <summary>As soon as it can be tasted.</summary>
    Hot,

    /// <summary>Lukewarm.</summary>
    Warm,

    /// <summary>Cold.</summary>
    Cool,
}

/// <summary>The coffee of a brew.</summary>
/// <param name="Name">Its name; empty where it has none.</param>
/// <param name="BoughtGround">Whether it was bought ground, so that the grind cannot be set.</param>
public sealed record CoffeeUsed(string Name, bool BoughtGround) : Extensible
{
    /// <summary>Where it is from.</summary>
    public string? From { get; init; }

    /// <summary>Caffeine was taken out.</summary>
    public bool Decaffeinated { get; init; }

    /// <summary>How darkly it is roasted, 0 to 1.</summary>
    public double? Roast { get; init; }

    /// <summary>The day it was roasted.</summary>
    public DateOnly? RoastedOn { get; init; }
}

/// <summary>Where a brew was brewed.</summary>
/// <param name="Name">Its name; empty where it has none.</param>
public sealed record PlaceUsed(string Name) : Extensible
{
    /// <summary>Above sea level, m.</summary>
    public double? AltitudeM { get; init; }

    /// <summary>Room temperature, °C.</summary>
    public double? AmbientC { get; init; }
}

/// <summary>An entry about one step of a brew.</summary>
public enum RecordedEventKind
{
    /// <summary>Somebody said it was done.</summary>
    Done,

    /// <summary>Something said was undone.</summary>
    Undo,

    /// <summary>Nobody reported it; it was assumed.</summary>
    Assumed,

    /// <summary>Instruments saw it.</summary>
    Seen,

    /// <summary>Something was done to correct a deviation.</summary>
    Rescue,
}

/// <summary>One event of a brew.</summary>
/// <param name="Id">A UUID.</param>
/// <param name="AtS">When the step ended, s on the brew clock.</param>
/// <param name="Step">The index of the step.</param>
/// <param name="Kind">What happened.</param>
/// <param name="By">Who reported it; null where unknown.</param>
public sealed record RecordedEvent(Guid Id, double AtS, int Step, RecordedEventKind Kind, string? By) : Extensible;

/// <summary>A note added later.</summary>
/// <param name="At">When.</param>
/// <param name="By">Who wrote it; null where unknown.</param>
/// <param name="Text">In words.</param>
public sealed record RecordedNote(DateTimeOffset At, string? By, string Text) : Extensible;

/// <summary>The forecasts of a brew, by the public names of the figures.</summary>
/// <param name="Model">The version of the model.</param>
/// <param name="Planned">Of the plan.</param>
/// <param name="Brewed">Of what was actually done.</param>
public sealed record RecordedForecast(string Model, ImmutableSortedDictionary<string, double> Planned, ImmutableSortedDictionary<string, double> Brewed);

/// <summary>The grinder of a brew.</summary>
/// <param name="Name">Its name; empty where it has none.</param>
/// <param name="Setting">The setting as shown on the grinder.</param>
public sealed record GrinderUsed(string Name, string? Setting) : Extensible
{
    /// <summary>Median of what it ground, µm.</summary>
    public double? MedianUm { get; init; }

    /// <summary>How wide that was, ln.</summary>
    public double? Spread { get; init; }
}

/// <summary>Measurements of a brew; null where not measured.</summary>
public sealed record MeasuredFigures : Extensible
{
    /// <summary>Coffee weighed, g.</summary>
    public double? DoseG { get; init; }

    /// <summary>Water weighed, g.</summary>
    public double? WaterG { get; init; }

    /// <summary>The finished drink, g.</summary>
    public double? BeverageG { get; init; }

    /// <summary>Its strength by a refractometer, %.</summary>
    public double? TdsPercent { get; init; }

    /// <summary>From the opening to the dry bed, s.</summary>
    public double? DrawdownS { get; init; }

    /// <summary>Of the press or the plunge, s.</summary>
    public double? PressS { get; init; }

    /// <summary>How it felt.</summary>
    public PressFelt? PressFelt { get; init; }

    /// <summary>Temperature in the vessel, °C, at <see cref="SlurryAtS"/>.</summary>
    public double? SlurryC { get; init; }

    /// <summary>When that was read, s on the brew clock.</summary>
    public double? SlurryAtS { get; init; }
}

/// <summary>One sip.</summary>
public sealed record Sip : Extensible
{
    /// <summary>How warm it was.</summary>
    public SipWhen When { get; init; }

    /// <summary>−5 (sour) to 5 (bitter).</summary>
    public double? SourBitter { get; init; }

    /// <summary>−5 (thin) to 5 (heavy).</summary>
    public double? ThinHeavy { get; init; }

    /// <summary>Sweetness, 0 to 5.</summary>
    public double? Sweet { get; init; }

    /// <summary>Clarity, 0 to 5.</summary>
    public double? Clear { get; init; }

    /// <summary>How long the finish is, 0 to 5.</summary>
    public double? Finish { get; init; }

    /// <summary>Dryness, 0 to 5.</summary>
    public double? Dry { get; init; }
}

/// <summary>How a brew tasted to one person.</summary>
public sealed record TastingRecord : Extensible
{
    /// <summary>Each sip.</summary>
    public ImmutableArray<Sip> Sips { get; init; } = [];

    /// <summary>0 to 10.</summary>
    public double? Score { get; init; }

    /// <summary>Complaints chosen from the list.</summary>
    public ImmutableArray<Complaint> Complaints { get; init; } = [];

    /// <summary>What the taster knows went differently: words of <see cref="WentWrong"/>; others are kept unchanged.</summary>
    public ImmutableArray<string> WentWrong { get; init; } = [];

    /// <summary>In the taster's words.</summary>
    public string? Words { get; init; }

    /// <summary>Which of the flavour notes on the bag were found.</summary>
    public ImmutableArray<string> NotesFound { get; init; } = [];

    /// <summary>What the bed showed.</summary>
    public BedLook? Bed { get; init; }

    /// <summary>The mean of an answer over the sips, or null where there is none.</summary>
    public double? Mean(Func<Sip, double?> of)
    {
        var said = Sips.Select(of).OfType<double>().ToList();
        return said.Count > 0 ? said.Average() : null;
    }
}

/// <summary>A brew, as in the open brew file.</summary>
/// <param name="Id">A UUID.</param>
/// <param name="Planned">What was planned.</param>
/// <param name="Brewed">What was actually done.</param>
public sealed record BrewRecord(Guid Id, Recipe Planned, Recipe Brewed) : Extensible
{
    /// <summary>The value of the file's <c>format</c> member.</summary>
    public const string FormatName = "cistern/brew";

    /// <summary>When it was chosen for brewing.</summary>
    public DateTimeOffset? OpenedAt { get; init; }

    /// <summary>When it was over.</summary>
    public DateTimeOffset? EndedAt { get; init; }

    /// <summary>How it ended.</summary>
    public BrewOutcome State { get; init; }

    /// <summary>Why it was abandoned; null where it was not, or the reason is unknown.</summary>
    public string? Why { get; init; }

    /// <summary>Where.</summary>
    public PlaceUsed Place { get; init; } = new("");

    /// <summary>What was done when, and who reported it.</summary>
    public ImmutableArray<RecordedEvent> Events { get; init; } = [];

    /// <summary>Notes added later.</summary>
    public ImmutableArray<RecordedNote> Notes { get; init; } = [];

    /// <summary>Its pictures, where they were requested.</summary>
    public ImmutableArray<RecordedPicture> Pictures { get; init; } = [];

    /// <summary>What had been forecast, or null.</summary>
    public RecordedForecast? Forecast { get; init; }

    /// <summary>Data that the writing program adds to the format, unchanged; null where there is none.</summary>
    public JsonElement? Kept { get; init; }

    /// <summary>The moment of 0:00.</summary>
    public DateTimeOffset? StartedAt { get; init; }

    /// <summary>Who brewed it.</summary>
    public string Barista { get; init; } = "";

    /// <summary>Members of <c>barista</c> that this version does not know.</summary>
    public ImmutableSortedDictionary<string, JsonElement> BaristaExtra { get; init; } = ImmutableSortedDictionary<string, JsonElement>.Empty;

    /// <summary>Members of <c>vessel</c> that this version does not know.</summary>
    public ImmutableSortedDictionary<string, JsonElement> VesselExtra { get; init; } = ImmutableSortedDictionary<string, JsonElement>.Empty;

    /// <summary>The coffee.</summary>
    public CoffeeUsed Coffee { get; init; } = new("", BoughtGround: false);

    /// <summary>The grinder.</summary>
    public GrinderUsed Grinder { get; init; } = new("", null);

    /// <summary>The vessel's name; where it has none, a description.</summary>
    public string Vessel { get; init; } = "";

    /// <summary>What was measured.</summary>
    public MeasuredFigures Measured { get; init; } = new();

    /// <summary>How it tasted, or null.</summary>
    public TastingRecord? Tasting { get; init; }

    /// <summary>Readings by kind; times are s on the brew clock.</summary>
    public ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>> Readings { get; init; } = ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>>.Empty;
}
