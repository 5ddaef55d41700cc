using System.Collections.Immutable;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Core.Forecasts;

/// <summary>The figures of a finished brew. Cups that were not kept are left out of every one of them.</summary>
public sealed record Totals
{
    /// <summary>When the last step ends, s on the brew clock.</summary>
    public required double FinishS { get; init; }

    /// <summary>The drink in the cup before anything is added to it, water and solids, g.</summary>
    public required double BeverageG { get; init; }

    /// <summary>Its water, g.</summary>
    public required double BeverageWaterG { get; init; }

    /// <summary>Its solids by group, g.</summary>
    public required Solubles SolidsG { get; init; }

    /// <summary>Strength of the brew before dilution and ice, % by mass.</summary>
    public required double TdsPercent { get; init; }

    /// <summary>Solids in the cup per dose, %.</summary>
    public required double ExtractionYieldPercent { get; init; }

    /// <summary>All that left the grounds per dose, %; the bed keeps some of it.</summary>
    public required double DissolvedYieldPercent { get; init; }

    /// <summary>Sour (negative) to bitter. A judgement, and a ratio: it says nothing of how much was drawn.</summary>
    public required double FlavourBalance { get; init; }

    /// <summary>What has dissolved over what rest alone would dissolve in the end: under 0.70 under-extracted, over 0.98 over-extracted. A judgement.</summary>
    public required double ExtractionLevel { get; init; }

    /// <summary>Temperature in the vessel at the finish, °C.</summary>
    public required double SlurryEndC { get; init; }

    /// <summary>Mean temperature of what left into the cup, weighted by mass, °C.</summary>
    public required double StreamC { get; init; }

    /// <summary>From the opening to the end of the last drain, s; null where nothing drains.</summary>
    public double? DrawdownS { get; init; }

    /// <summary>Force of the hand on a press or a plunger, N; null where there is none.</summary>
    public double? PressForceN { get; init; }

    /// <summary>What the flame has to spare when the coffee goes in, W; null without a flame. A judgement: 30 to 160 is right.</summary>
    public double? FlameMarginW { get; init; }

    /// <summary>The fullest the vessel gets, raft and foam included, ml.</summary>
    public required double PeakVolumeMl { get; init; }

    /// <summary>Drink after what it is diluted with before any ice, g; null without that.</summary>
    public double? DilutedG { get; init; }

    /// <summary>Its strength, %.</summary>
    public double? DilutedTdsPercent { get; init; }

    /// <summary>Ice that melts, g; null without ice.</summary>
    public double? MeltG { get; init; }

    /// <summary>Ice put there, g.</summary>
    public double? IceG { get; init; }

    /// <summary>The least ice that brings it to the temperature it is wanted at, or else ends at, g: all of it melts.</summary>
    public double? LeastIceG { get; init; }

    /// <summary>Ice that melts only while it is drunk, g.</summary>
    public double? LaterIceG { get; init; }

    /// <summary>Strength of the last of it when all that ice has melted in it, %: it is drunk between this and <see cref="FinalTdsPercent"/>.</summary>
    public double? ThinnestTdsPercent { get; init; }

    /// <summary>The chilled drink's temperature, °C.</summary>
    public double? ChilledC { get; init; }

    /// <summary>Drink and melt, g.</summary>
    public double? ChilledG { get; init; }

    /// <summary>Strength of the chilled drink, %.</summary>
    public double? ChilledTdsPercent { get; init; }

    /// <summary>The ratio as it is drunk, g/g: what was poured, added and melted, per coffee.</summary>
    /// <param name="batch">The dose and the water that it was brewed with.</param>
    public double RatioAsDrunk(Batch batch) => (batch.WaterG + FinalG - BeverageG) / batch.DoseG;

    /// <summary>Water that does not come into the drink, g per g of coffee; what is added to the drink counts against it.</summary>
    /// <param name="batch">The dose and the water that it was brewed with.</param>
    public double KeptGPerG(Batch batch) => (batch.WaterG - FinalG) / batch.DoseG;

    /// <summary>Fines in the cup, g per 100 g.</summary>
    public required double SedimentGPer100G { get; init; }

    /// <summary>Seconds from the finish until 200 g of it in a cup are at 60 °C; 0 when it is that cool at once.</summary>
    public required double DrinkableAfterS { get; init; }

    /// <summary>Water that the bed and the vessel keep, g.</summary>
    public required double KeptWaterG { get; init; }

    /// <summary>Solids in the liquid that is kept back, g.</summary>
    public required Solubles KeptSolidsG { get; init; }

    /// <summary>The drink as it is drunk, after dilution and ice, g.</summary>
    public double FinalG => ChilledG ?? DilutedG ?? BeverageG;

    /// <summary>Whether it is drunk as it was brewed: nothing goes in that shows, half a gram or more.</summary>
    public bool DrunkAsBrewed => Math.Abs(FinalG - BeverageG) < 0.5;

    /// <summary>Whether it has to cool before it can be drunk: neither on ice nor brewed cold.</summary>
    public bool MustCool => ChilledC is null && DrinkableAfterS > 0;

    /// <summary>Strength of the drink as it is drunk, %.</summary>
    public double FinalTdsPercent => ChilledTdsPercent ?? DilutedTdsPercent ?? TdsPercent;

    /// <summary>Temperature of the drink as it is served, °C.</summary>
    public required double FinalC { get; init; }
}

/// <summary>An amount of each of the three groups of solubles.</summary>
/// <param name="Bright">Acids and salts: fast.</param>
/// <param name="Sweet">Sugars and their products.</param>
/// <param name="Bitter">Slow, driven by temperature.</param>
public readonly record struct Solubles(double Bright, double Sweet, double Bitter)
{
    /// <summary>All three together.</summary>
    public double Sum => Bright + Sweet + Bitter;
}

/// <summary>One cup of a brew: a swapped brew has several.</summary>
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

/// <summary>When a step is done in the forecast.</summary>
/// <param name="Index">Its place in the recipe.</param>
/// <param name="StartS">Its start, s on the brew clock; negative before 0:00.</param>
/// <param name="EndS">Its end, s.</param>
/// <param name="DisplayG">What the scale shows at its end, g since the last tare.</param>
public readonly record struct StepTiming(int Index, double StartS, double EndS, double DisplayG)
{
    /// <summary>How long it lasts, s.</summary>
    public double LengthS => EndS - StartS;
}

/// <summary>The brew at one moment. Single precision: enough for pictures and tables.</summary>
public readonly record struct Sample
{
    /// <summary>On the brew clock, s.</summary>
    public required float TimeS { get; init; }

    /// <summary>In the vessel, °C.</summary>
    public required float TemperatureC { get; init; }

    /// <summary>Water with the grounds, what they have soaked up included, g.</summary>
    public required float ContactWaterG { get; init; }

    /// <summary>Water outside the paper, g.</summary>
    public required float AnnulusG { get; init; }

    /// <summary>Of the contacting water, what the bed holds, g.</summary>
    public required float BedWaterG { get; init; }

    /// <summary>Bright solids in the vessel's liquid, g.</summary>
    public required float BrightG { get; init; }

    /// <summary>Sweet solids in the vessel's liquid, g.</summary>
    public required float SweetG { get; init; }

    /// <summary>Bitter solids in the vessel's liquid, g.</summary>
    public required float BitterG { get; init; }

    /// <summary>Which cup stands under the stream, from 0.</summary>
    public required short Cup { get; init; }

    /// <summary>Water in that cup, g.</summary>
    public required float CupWaterG { get; init; }

    /// <summary>Solids in that cup, g.</summary>
    public required float CupSolidsG { get; init; }

    /// <summary>Share of the grounds in the raft, 0 to 1.</summary>
    public required float Raft { get; init; }

    /// <summary>Height of the contents in the vessel, as volume with raft and foam, ml.</summary>
    public required float VolumeMl { get; init; }

    /// <summary>Leaving the vessel, g/s.</summary>
    public required float FlowGPerS { get; init; }

    /// <summary>What the scale shows, g.</summary>
    public required float DisplayG { get; init; }

    /// <summary>A moment between this one and another, on the straight line.</summary>
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

/// <summary>What can happen in a forecast besides what was planned.</summary>
public enum BrewEventKind
{
    /// <summary>The vessel is over 95 % full.</summary>
    NearlyFull,

    /// <summary>The vessel runs over.</summary>
    Overflow,

    /// <summary>With its foam it stands over the rim, but the water alone does not: a sure hand that pours slowly fills it.</summary>
    ToTheBrim,

    /// <summary>The server runs over.</summary>
    ServerOverflow,

    /// <summary>Nothing free is left in the bed.</summary>
    DryBed,

    /// <summary>The drain takes over four minutes and may stall.</summary>
    Stall,

    /// <summary>The flame cannot hold the water up.</summary>
    WaterFallsBack,

    /// <summary>The flame is so strong that it boils in big bubbles.</summary>
    BoilsOver,

    /// <summary>A press over 120 N.</summary>
    PressTooHard,

    /// <summary>A step outside its window.</summary>
    WindowMissed,

    /// <summary>A target missed.</summary>
    TargetMissed,

    /// <summary>The kettle is set above the place's boiling point.</summary>
    KettleAboveBoiling,

    /// <summary>A step that starts later than its time, because the one before still runs.</summary>
    StepLate,

    /// <summary>All the ice melts before the drink is as cold as wanted.</summary>
    IceTooLittle,

    /// <summary>A step has a time of its own inside the open window of one before it: value is its time, limit the end of that window.</summary>
    TimeInWindow,
}

/// <summary>One such event.</summary>
/// <param name="Kind">What.</param>
/// <param name="AtS">When, s on the clock.</param>
/// <param name="StepIndex">The step it belongs to, or −1 for the whole brew.</param>
/// <param name="Value">How much, in the unit the kind implies: ml, N, s, W or °C.</param>
/// <param name="Limit">What it is held against, same unit.</param>
/// <param name="Member">For a target, the member of the recipe's target.</param>
public sealed record BrewEvent(BrewEventKind Kind, double AtS, int StepIndex, double Value, double Limit, string? Member = null);

/// <summary>What a recipe will do.</summary>
/// <param name="Recipe">The recipe.</param>
/// <param name="Totals">Its figures.</param>
/// <param name="Timings">When each step is done.</param>
/// <param name="Series">The brew moment by moment, at most a second apart in the first twenty minutes; empty where only totals were asked for.</param>
/// <param name="Cups">Each cup, in order.</param>
/// <param name="Events">What happens besides what was planned.</param>
public sealed record Forecast(
    Recipe Recipe,
    Totals Totals,
    ImmutableArray<StepTiming> Timings,
    ImmutableArray<Sample> Series,
    ImmutableArray<Cup> Cups,
    ImmutableArray<BrewEvent> Events)
{
    /// <summary>The version of the model, stored with every forecast.</summary>
    public const string ModelVersion = "1.0";

    /// <summary>The model it was run with.</summary>
    public required ForecastModel Model { get; init; }

    /// <summary>Whether it is brewed with cold water, of which less is known than of hot.</summary>
    public bool IsCold => Recipe.Water.TemperatureC < Grounds.ColdBelowC && Recipe.Brewer.Family != BrewerFamily.Siphon;

    /// <summary>How it was run.</summary>
    public required ForecastOptions Options { get; init; }

    /// <summary>The steps of time it took: what it costs to run again.</summary>
    public required int Moves { get; init; }

    /// <summary>Where it is remembered, or null.</summary>
    internal ForecastMemory.Entry? Remembered { get; init; }

    /// <summary>The same with the times that a clock told in place of the computed ones; it is another forecast than the one remembered.</summary>
    /// <param name="finishS">When it was done, s on the clock; null where nothing told.</param>
    /// <param name="drawdownS">How long the drawdown took, s; null where nothing told.</param>
    public Forecast ByClock(double? finishS, double? drawdownS) => finishS is null && drawdownS is null ? this : this with
    {
        Totals = Totals with { FinishS = finishS ?? Totals.FinishS, DrawdownS = Totals.DrawdownS is null ? null : drawdownS ?? Totals.DrawdownS },
        Remembered = null,
    };

    /// <summary>What is worked out from it, once where it is remembered.</summary>
    internal T Once<T>(Func<T> work)
        where T : class => Remembered is { } entry ? entry.Of(work) : work();

    /// <summary>What is worked out from it and something asked beside it, once where it is remembered and the last that was asked is asked again.</summary>
    internal T Latest<T>(object key, Func<T> work)
        where T : class => Remembered is { } entry ? entry.Latest(key, work) : work();

    /// <summary>The figures that a changed recipe comes to with the same model.</summary>
    /// <exception cref="OperationCanceledException">The model was stopped.</exception>
    public Forecast Again(Recipe changed) => Model.Run(changed, Options with { WithSeries = false });

    /// <summary>The brew at a moment: the last sample not after it. The series must not be empty.</summary>
    public Sample At(double timeS) => Series[IndexAt(timeS)];

    /// <summary>The samples round a moment, and how far it lies from the first to the second, 0 to 1. The series must not be empty.</summary>
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
