using System.Collections.Immutable;
using System.Text.Json;
using Cistern.Core.Readings;
using Cistern.Core.Recipes;

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
/// <param name="BoughtGround">It was bought ground, so the grind cannot be set.</param>
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

    /// <summary>Of the room, °C.</summary>
    public double? AmbientC { get; init; }
}

/// <summary>What is told of one step of a brew.</summary>
public enum RecordedEventKind
{
    /// <summary>Somebody said it was done.</summary>
    Done,

    /// <summary>Something said was undone.</summary>
    Undo,

    /// <summary>Nobody said it, and it was taken for done.</summary>
    Assumed,

    /// <summary>Instruments saw it.</summary>
    Seen,

    /// <summary>Something was done to mend a deviation.</summary>
    Rescue,
}

/// <summary>One event of a brew.</summary>
/// <param name="Id">A UUID.</param>
/// <param name="AtS">When that step ended, s on the brew clock.</param>
/// <param name="Step">The step, counted from 0.</param>
/// <param name="Kind">What happened.</param>
/// <param name="By">Who told it; null where that is not known.</param>
public sealed record RecordedEvent(Guid Id, double AtS, int Step, RecordedEventKind Kind, string? By) : Extensible;

/// <summary>Something that came to mind later.</summary>
/// <param name="At">When.</param>
/// <param name="By">Who; null where that is not known.</param>
/// <param name="Text">In words.</param>
public sealed record RecordedNote(DateTimeOffset At, string? By, string Text) : Extensible;

/// <summary>What had been forecast of a brew, by the names of the forecast's figures.</summary>
/// <param name="Model">The version of the model.</param>
/// <param name="Planned">Of what was meant.</param>
/// <param name="Brewed">Of how it really went.</param>
public sealed record RecordedForecast(string Model, ImmutableSortedDictionary<string, double> Planned, ImmutableSortedDictionary<string, double> Brewed);

/// <summary>The grinder of a brew.</summary>
/// <param name="Name">Its name; empty where it has none.</param>
/// <param name="Setting">The setting as it stands on the grinder.</param>
public sealed record GrinderUsed(string Name, string? Setting) : Extensible
{
    /// <summary>Median of what it ground, µm.</summary>
    public double? MedianUm { get; init; }

    /// <summary>How wide that was, ln.</summary>
    public double? Spread { get; init; }
}

/// <summary>What was measured of a brew; what is not known is null.</summary>
public sealed record MeasuredFigures : Extensible
{
    /// <summary>Coffee weighed, g.</summary>
    public double? DoseG { get; init; }

    /// <summary>Water weighed, g.</summary>
    public double? WaterG { get; init; }

    /// <summary>The drink as it is drunk, g.</summary>
    public double? BeverageG { get; init; }

    /// <summary>Its strength by a refractometer, %.</summary>
    public double? TdsPercent { get; init; }

    /// <summary>From the opening to the dry bed, s.</summary>
    public double? DrawdownS { get; init; }

    /// <summary>Of the press or the plunge, s.</summary>
    public double? PressS { get; init; }

    /// <summary>How it felt.</summary>
    public PressFelt? PressFelt { get; init; }

    /// <summary>In the vessel, °C, at <see cref="SlurryAtS"/>.</summary>
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

    /// <summary>What was complained of, at a touch each.</summary>
    public ImmutableArray<Complaint> Complaints { get; init; } = [];

    /// <summary>What the taster knows went otherwise: words of <see cref="WentWrong"/>; others are kept as they are.</summary>
    public ImmutableArray<string> WentWrong { get; init; } = [];

    /// <summary>In the taster's words.</summary>
    public string? Words { get; init; }

    /// <summary>Which of the bag's notes were there.</summary>
    public ImmutableArray<string> NotesFound { get; init; } = [];

    /// <summary>What the bed showed.</summary>
    public BedLook? Bed { get; init; }

    /// <summary>The mean of what was said of something over the sips, or null where nobody said it.</summary>
    public double? Mean(Func<Sip, double?> of)
    {
        var said = Sips.Select(of).OfType<double>().ToList();
        return said.Count > 0 ? said.Average() : null;
    }
}

/// <summary>One brew, as the open brew file holds it.</summary>
/// <param name="Id">A UUID.</param>
/// <param name="Planned">What was meant.</param>
/// <param name="Brewed">How it really went.</param>
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

    /// <summary>Why it was given up; null where it was not, or nobody said.</summary>
    public string? Why { get; init; }

    /// <summary>Where.</summary>
    public PlaceUsed Place { get; init; } = new("");

    /// <summary>What was done when, and who told it.</summary>
    public ImmutableArray<RecordedEvent> Events { get; init; } = [];

    /// <summary>What came to mind later.</summary>
    public ImmutableArray<RecordedNote> Notes { get; init; } = [];

    /// <summary>Its pictures, where they were asked for.</summary>
    public ImmutableArray<RecordedPicture> Pictures { get; init; } = [];

    /// <summary>What had been forecast, or null.</summary>
    public RecordedForecast? Forecast { get; init; }

    /// <summary>What whoever wrote the file keeps beyond the format, as they wrote it; null where there is nothing.</summary>
    public JsonElement? Kept { get; init; }

    /// <summary>When the clock stood at 0:00.</summary>
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

    /// <summary>The vessel's name; where it has none, what it is.</summary>
    public string Vessel { get; init; } = "";

    /// <summary>What was measured.</summary>
    public MeasuredFigures Measured { get; init; } = new();

    /// <summary>How it tasted, or null.</summary>
    public TastingRecord? Tasting { get; init; }

    /// <summary>What instruments showed, by kind: moments are s on the brew clock.</summary>
    public ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>> Readings { get; init; } = ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>>.Empty;
}
