using System.ComponentModel.DataAnnotations.Schema;

namespace Cistern.Data.Brews;

/// <summary>The figures of a brew as it was made, so that the log can be searched and fitted without forecasting.</summary>
public sealed class BrewFacts
{
    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>The version of the model that computed them.</summary>
    public required string ModelVersion { get; set; }

    /// <summary>Coffee, g.</summary>
    public double DoseG { get; set; }

    /// <summary>Water poured, g.</summary>
    public double WaterG { get; set; }

    /// <summary>At the kettle, °C.</summary>
    public double WaterTemperatureC { get; set; }

    /// <summary>Median of the grind, µm.</summary>
    public double MedianUm { get; set; }

    /// <summary>The finished drink, g; computed.</summary>
    public double FinalG { get; set; }

    /// <summary>Strength of the finished drink, %; computed.</summary>
    public double FinalTdsPercent { get; set; }

    /// <summary>Extraction in the cup per dose, %; computed.</summary>
    public double ExtractionYieldPercent { get; set; }

    /// <summary>Sour (negative) to bitter (positive); computed, a judgement.</summary>
    [Column("Tilt")]
    public double FlavourBalance { get; set; }

    /// <summary>When it was done, s on its clock.</summary>
    public double FinishS { get; set; }

    /// <summary>From the opening to the dry bed, s, on its own clock; null where that was not observed.</summary>
    public double? DrawdownS { get; set; }

    /// <summary>Length of the press or the plunge, s, on its own clock; null where that was not observed.</summary>
    public double? PressS { get; set; }

    /// <summary>Steps that nobody said were done.</summary>
    public int Assumed { get; set; }

    /// <summary>The current version of these facts; rows of another version are computed again after a start.</summary>
    public const int CurrentVersion = 2;

    /// <summary>The version of this row; version 1 has none of the properties below.</summary>
    public int Version { get; set; } = 1;

    /// <summary>The brewer's family, as in the recipe file.</summary>
    public string Family { get; set; } = "";

    /// <summary>The coffee's days since roasting when it was brewed.</summary>
    public double RestDays { get; set; }

    /// <summary>Dissolved yield divided by the equilibrium yield; computed. <see cref="Core.Forecasts.CupJudgement"/> judges it.</summary>
    [Column("Drawn")]
    public double ExtractionLevel { get; set; }

    /// <summary>The worst of its flow times and of the end of its steep. Null where nothing was timed.</summary>
    public FlowWord? Flow { get; set; }

    /// <summary>How much later than planned the steep ended, s; negative for earlier, null where there was no end or it was not observed.</summary>
    [Column("ReleaseOffS")]
    public double? SteepEndOffS { get; set; }

    /// <summary>Water beyond the plan, g; negative for less.</summary>
    public double WaterOffG { get; set; }

    /// <summary>Coffee beyond the plan, g; negative for less.</summary>
    public double DoseOffG { get; set; }

    /// <summary>Kettle temperature above the plan, °C; negative for below.</summary>
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

    /// <summary>The expected drawdown, s; null where there is none.</summary>
    [Column("ForetoldDrawdownS")]
    public double? ExpectedDrawdownS { get; set; }

    /// <summary>From, 80 %, s.</summary>
    [Column("ForetoldDrawdownLowS")]
    public double? ExpectedDrawdownLowS { get; set; }

    /// <summary>To, 80 %, s.</summary>
    [Column("ForetoldDrawdownHighS")]
    public double? ExpectedDrawdownHighS { get; set; }
}

/// <summary>The flow and the end of the steep in one word: what was outside its window first, flow before handling.</summary>
public enum FlowWord
{
    /// <summary>Everything that was timed was within its window.</summary>
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
