using System.ComponentModel.DataAnnotations.Schema;

namespace Cistern.Data.Brews;

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
