namespace Cistern.Core.Forecasts;

/// <summary>The figures of a finished brew. Cups that are not kept are excluded from all of them.</summary>
public sealed record Totals
{
    /// <summary>When the last step ends, s on the brew clock.</summary>
    public required double FinishS { get; init; }

    /// <summary>The drink before dilution and ice, water and solids, g.</summary>
    public required double BeverageG { get; init; }

    /// <summary>Its water, g.</summary>
    public required double BeverageWaterG { get; init; }

    /// <summary>Its solids by group, g.</summary>
    public required Solubles SolidsG { get; init; }

    /// <summary>Strength of the brew before dilution and ice, % by mass.</summary>
    public required double TdsPercent { get; init; }

    /// <summary>Solids in the cup per dose, %.</summary>
    public required double ExtractionYieldPercent { get; init; }

    /// <summary>Everything extracted per dose, %, including what stays in the bed's liquid.</summary>
    public required double DissolvedYieldPercent { get; init; }

    /// <summary>Sour (negative) to bitter. A judgement, and a ratio that says nothing of the amount extracted.</summary>
    public required double FlavourBalance { get; init; }

    /// <summary>Dissolved yield divided by the equilibrium yield: under 0.70 under-extracted, over 0.98 over-extracted. A judgement.</summary>
    public required double ExtractionLevel { get; init; }

    /// <summary>Temperature in the vessel at the finish, °C.</summary>
    public required double SlurryEndC { get; init; }

    /// <summary>Mean temperature of the liquid that flowed into the cup, weighted by mass, °C.</summary>
    public required double StreamC { get; init; }

    /// <summary>From the opening to the end of the last drawdown, s; null where there is none.</summary>
    public double? DrawdownS { get; init; }

    /// <summary>Force of the hand on a press or a plunger, N; null where there is none.</summary>
    public double? PressForceN { get; init; }

    /// <summary>The flame's power left over when the coffee goes in, W; null without a flame. A judgement: 30 to 160 is right.</summary>
    public double? FlameMarginW { get; init; }

    /// <summary>The largest volume in the vessel, raft and foam included, ml.</summary>
    public required double PeakVolumeMl { get; init; }

    /// <summary>The drink after dilution and before ice, g; null where there is no dilution.</summary>
    public double? DilutedG { get; init; }

    /// <summary>Its strength, %.</summary>
    public double? DilutedTdsPercent { get; init; }

    /// <summary>Ice that melts, g; null without ice.</summary>
    public double? MeltG { get; init; }

    /// <summary>Ice put there, g.</summary>
    public double? IceG { get; init; }

    /// <summary>The least ice that cools the drink to the temperature wanted, or else to the one it ends at, g: all of it melts.</summary>
    public double? LeastIceG { get; init; }

    /// <summary>Ice that melts only while it is drunk, g.</summary>
    public double? LaterIceG { get; init; }

    /// <summary>Strength when all that ice has melted, %. While it is drunk, the strength falls from <see cref="FinalTdsPercent"/> to this.</summary>
    public double? ThinnestTdsPercent { get; init; }

    /// <summary>The chilled drink's temperature, °C.</summary>
    public double? ChilledC { get; init; }

    /// <summary>Drink and melt, g.</summary>
    public double? ChilledG { get; init; }

    /// <summary>Strength of the chilled drink, %.</summary>
    public double? ChilledTdsPercent { get; init; }

    /// <summary>The ratio of the finished drink, g/g: water poured, added and melted, per coffee.</summary>
    /// <param name="batch">The dose and water of the brew.</param>
    public double RatioAsDrunk(Batch batch) => (batch.WaterG + FinalG - BeverageG) / batch.DoseG;

    /// <summary>Water that does not end in the drink, g per g of coffee. Water added to the drink is deducted.</summary>
    /// <param name="batch">The dose and water of the brew.</param>
    public double KeptGPerG(Batch batch) => (batch.WaterG - FinalG) / batch.DoseG;

    /// <summary>Fines in the cup, g per 100 g.</summary>
    public required double SedimentGPer100G { get; init; }

    /// <summary>Seconds after the finish until 200 g of the drink in a cup have cooled to 60 °C; 0 when it is that cool already.</summary>
    public required double DrinkableAfterS { get; init; }

    /// <summary>Water that the bed and the vessel keep, g.</summary>
    public required double KeptWaterG { get; init; }

    /// <summary>Solids in the liquid that bed and vessel keep, g.</summary>
    public required Solubles KeptSolidsG { get; init; }

    /// <summary>The finished drink, after dilution and ice, g.</summary>
    public double FinalG => ChilledG ?? DilutedG ?? BeverageG;

    /// <summary>Whether less than half a gram is added to the drink after brewing.</summary>
    public bool DrunkAsBrewed => Math.Abs(FinalG - BeverageG) < 0.5;

    /// <summary>Whether the drink must cool before it can be drunk: it is neither on ice nor brewed cold.</summary>
    public bool MustCool => ChilledC is null && DrinkableAfterS > 0;

    /// <summary>Strength of the finished drink, %.</summary>
    public double FinalTdsPercent => ChilledTdsPercent ?? DilutedTdsPercent ?? TdsPercent;

    /// <summary>Temperature of the drink as it is served, °C.</summary>
    public required double FinalC { get; init; }
}

/// <summary>Amounts of the three groups of solubles.</summary>
/// <param name="Bright">Acids and salts, which dissolve fast.</param>
/// <param name="Sweet">Sugars and their products.</param>
/// <param name="Bitter">Slow, and strongly dependent on temperature.</param>
public readonly record struct Solubles(double Bright, double Sweet, double Bitter)
{
    /// <summary>All three together.</summary>
    public double Sum => Bright + Sweet + Bitter;
}

/// <summary>One cup of a brew; there are several where cups are swapped.</summary>
/// <param name="WaterG">Water in it, g.</param>
/// <param name="SolidsG">Solids in it, g.</param>
/// <param name="Kept">Whether it is kept.</param>
public sealed record Cup(double WaterG, Solubles SolidsG, bool Kept)
{
    /// <summary>Water and solids, g.</summary>
    public double BeverageG => WaterG + SolidsG.Sum;

    /// <summary>Its strength, %.</summary>
    public double TdsPercent => BeverageG > 0 ? 100 * SolidsG.Sum / BeverageG : 0;
}

/// <summary>When a step takes place in the forecast.</summary>
/// <param name="Index">Its index in the recipe.</param>
/// <param name="StartS">Its start, s on the brew clock; negative before 0:00.</param>
/// <param name="EndS">Its end, s.</param>
/// <param name="DisplayG">What the scale shows at its end, g since the last tare.</param>
public readonly record struct StepTiming(int Index, double StartS, double EndS, double DisplayG)
{
    /// <summary>How long it lasts, s.</summary>
    public double LengthS => EndS - StartS;
}

/// <summary>The brew at one moment. Single precision is enough for drawings and tables.</summary>
public readonly record struct Sample
{
    /// <summary>On the brew clock, s.</summary>
    public required float TimeS { get; init; }

    /// <summary>In the vessel, °C.</summary>
    public required float TemperatureC { get; init; }

    /// <summary>Water in contact with the grounds, including what they have absorbed, g.</summary>
    public required float ContactWaterG { get; init; }

    /// <summary>Water outside the paper, g.</summary>
    public required float AnnulusG { get; init; }

    /// <summary>The part of the contact water that the bed holds, g.</summary>
    public required float BedWaterG { get; init; }

    /// <summary>Bright solids in the vessel's liquid, g.</summary>
    public required float BrightG { get; init; }

    /// <summary>Sweet solids in the vessel's liquid, g.</summary>
    public required float SweetG { get; init; }

    /// <summary>Bitter solids in the vessel's liquid, g.</summary>
    public required float BitterG { get; init; }

    /// <summary>The index of the cup under the stream.</summary>
    public required short Cup { get; init; }

    /// <summary>Water in that cup, g.</summary>
    public required float CupWaterG { get; init; }

    /// <summary>Solids in that cup, g.</summary>
    public required float CupSolidsG { get; init; }

    /// <summary>Share of the grounds in the raft, 0 to 1.</summary>
    public required float Raft { get; init; }

    /// <summary>Volume in the vessel, raft and foam included, ml.</summary>
    public required float VolumeMl { get; init; }

    /// <summary>Leaving the vessel, g/s.</summary>
    public required float FlowGPerS { get; init; }

    /// <summary>What the scale shows, g.</summary>
    public required float DisplayG { get; init; }

    /// <summary>A sample between this one and another, by linear interpolation.</summary>
    internal Sample Towards(in Sample other, float share) => this with
    {
        TimeS = float.Lerp(TimeS, other.TimeS, share),
        TemperatureC = float.Lerp(TemperatureC, other.TemperatureC, share),
        ContactWaterG = float.Lerp(ContactWaterG, other.ContactWaterG, share),
        AnnulusG = float.Lerp(AnnulusG, other.AnnulusG, share),
        BedWaterG = float.Lerp(BedWaterG, other.BedWaterG, share),
        BrightG = float.Lerp(BrightG, other.BrightG, share),
        SweetG = float.Lerp(SweetG, other.SweetG, share),
        BitterG = float.Lerp(BitterG, other.BitterG, share),
        CupWaterG = float.Lerp(CupWaterG, other.CupWaterG, share),
        CupSolidsG = float.Lerp(CupSolidsG, other.CupSolidsG, share),
        Raft = float.Lerp(Raft, other.Raft, share),
        VolumeMl = float.Lerp(VolumeMl, other.VolumeMl, share),
        FlowGPerS = float.Lerp(FlowGPerS, other.FlowGPerS, share),
    };

    /// <summary>Strength of the liquid in the vessel, % of water and solids.</summary>
    public float VesselTdsPercent
    {
        get
        {
            var solids = BrightG + SweetG + BitterG;
            return solids + ContactWaterG > 0 ? 100 * solids / (solids + ContactWaterG) : 0;
        }
    }
}

/// <summary>Things a forecast can find besides what was planned.</summary>
public enum BrewEventKind
{
    /// <summary>The vessel is over 95 % full.</summary>
    NearlyFull,

    /// <summary>The vessel runs over.</summary>
    Overflow,

    /// <summary>Vessel filled to the rim by foam, although the water alone stays below it: possible with a slow, careful pour.</summary>
    ToTheBrim,

    /// <summary>The server runs over.</summary>
    ServerOverflow,

    /// <summary>Nothing free is left in the bed.</summary>
    DryBed,

    /// <summary>The drawdown takes over four minutes and may stall.</summary>
    Stall,

    /// <summary>The flame cannot hold the water up.</summary>
    WaterFallsBack,

    /// <summary>The flame is too strong: the water boils in large bubbles.</summary>
    BoilsOver,

    /// <summary>A press over 120 N.</summary>
    PressTooHard,

    /// <summary>A step outside its window.</summary>
    WindowMissed,

    /// <summary>A target missed.</summary>
    TargetMissed,

    /// <summary>The kettle is set above the boiling point of the place.</summary>
    KettleAboveBoiling,

    /// <summary>A step starts later than its time because the one before is not finished.</summary>
    StepLate,

    /// <summary>All the ice melts before the drink is as cold as wanted.</summary>
    IceTooLittle,

    /// <summary>A step has a time of its own within the window of an earlier step: value is its time, limit the end of the window.</summary>
    TimeInWindow,
}

/// <summary>One such event.</summary>
/// <param name="Kind">What.</param>
/// <param name="AtS">When, s on the clock.</param>
/// <param name="StepIndex">The step it belongs to, or −1 for the whole brew.</param>
/// <param name="Value">The amount, in the unit the kind implies: ml, N, s, W or °C.</param>
/// <param name="Limit">The limit it is compared with, in the same unit.</param>
/// <param name="Member">For a target, the member of the recipe's target.</param>
public sealed record BrewEvent(BrewEventKind Kind, double AtS, int StepIndex, double Value, double Limit, string? Member = null);

/// <summary>The forecast of a recipe.</summary>
/// <param name="Recipe">The recipe.</param>
/// <param name="Totals">Its figures.</param>
/// <param name="Timings">When each step takes place.</param>
/// <param name="Series">Samples at most a second apart during the first twenty minutes; empty where only totals were requested.</param>
/// <param name="Cups">Each cup, in order.</param>
/// <param name="Events">What was found besides what was planned.</param>
public sealed record Forecast(
    Recipe Recipe,
    Totals Totals,
    ImmutableArray<StepTiming> Timings,
    ImmutableArray<Sample> Series,
    ImmutableArray<Cup> Cups,
    ImmutableArray<BrewEvent> Events)
{
    /// <summary>The model's version, stored with every forecast.</summary>
    public const string ModelVersion = "1.0";

    /// <summary>The model it was run with.</summary>
    public required ForecastModel Model { get; init; }

    /// <summary>Whether it is brewed with cold water, of which less is known than of hot.</summary>
    public bool IsCold => Recipe.Water.TemperatureC < Grounds.ColdBelowC && Recipe.Brewer.Family != BrewerFamily.Siphon;

    /// <summary>How it was run.</summary>
    public required ForecastOptions Options { get; init; }

    /// <summary>Number of time steps computed: the cost of running it again.</summary>
    public required int Moves { get; init; }

    /// <summary>Where it is remembered, or null.</summary>
    internal ForecastMemory.Entry? MemoryEntry { get; init; }

    /// <summary>A copy with measured times instead of computed ones. Results derived from this forecast are not reused for it.</summary>
    /// <param name="finishS">The measured finish, s on the brew clock; null where there is none.</param>
    /// <param name="drawdownS">The measured length of the drawdown, s; null where there is none.</param>
    public Forecast ByClock(double? finishS, double? drawdownS) => finishS is null && drawdownS is null ? this : this with
    {
        Totals = Totals with { FinishS = finishS ?? Totals.FinishS, DrawdownS = Totals.DrawdownS is null ? null : drawdownS ?? Totals.DrawdownS },
        MemoryEntry = null,
    };

    /// <summary>A result derived from this forecast, computed once where the forecast is cached.</summary>
    internal T Once<T>(Func<T> work)
        where T : class => MemoryEntry is { } entry ? entry.Of(work) : work();

    /// <summary>A result derived from this forecast and a key. Where the forecast is cached, the result for the latest key is kept.</summary>
    internal T Latest<T>(object key, Func<T> work)
        where T : class => MemoryEntry is { } entry ? entry.Latest(key, work) : work();

    /// <summary>The figures of a changed recipe with the same model.</summary>
    /// <exception cref="OperationCanceledException">The model was cancelled.</exception>
    public Forecast Again(Recipe changed) => Model.Run(changed, Options with { WithSeries = false });

    /// <summary>The last sample not after a time. The series must not be empty.</summary>
    public Sample At(double timeS) => Series[IndexAt(timeS)];

    /// <summary>The samples before and after a time, and the share of the way from the first to the second, 0 to 1. The series must not be empty.</summary>
    public (Sample From, Sample To, double Share) Round(double timeS)
    {
        var at = IndexAt(timeS);
        var (from, to) = (Series[at], Series[Math.Min(at + 1, Series.Length - 1)]);
        return (from, to, to.TimeS > from.TimeS ? Math.Clamp((timeS - from.TimeS) / (to.TimeS - from.TimeS), 0, 1) : 0);
    }

    private int IndexAt(double timeS)
    {
        var low = 0;
        var high = Series.Length - 1;
        while (low < high)
        {
            var middle = (low + high + 1) / 2;
            if (Series[middle].TimeS <= timeS)
            {
                low = middle;
            }
            else
            {
                high = middle - 1;
            }
        }

        return low;
    }
}
