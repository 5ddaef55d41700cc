namespace Cistern.Web.Pages.Plan;

/// <summary>A figure to solve for, as it is typed and shown.</summary>
public static class Asking
{
    /// <summary>Reads the value asked for.</summary>
    public static TypedNumber Read(Outcome outcome, string? text, FigureFormat format) => outcome switch
    {
        Outcome.TdsPercent => TypedNumber.Read(text, 0.1, 15, "% TDS"),
        Outcome.ExtractionYieldPercent => TypedNumber.Read(text, 1, 35, "%"),
        Outcome.FlavourBalance => TypedNumber.Read(text, -10, 10, ""),
        Outcome.DrinkG => Mass(TypedNumber.Read(text, format.Units.MassFromG(5), format.Units.MassFromG(Member.MaxWaterG), format.MassUnit), format),
        Outcome.PressForceN => TypedNumber.Read(text, 10, 500, "N"),
        Outcome.FinishS or Outcome.DrawdownS or Outcome.DrinkableAtS => TypedNumber.ReadClock(text, 1, Member.MaxBrewS),
    };

    private static TypedNumber Mass(TypedNumber typed, FigureFormat format) => typed.Value is { } mass ? typed with { Value = format.Units.MassToG(mass) } : typed;

    /// <summary>A figure with its unit.</summary>
    public static string Told(Outcome outcome, double value, FigureFormat format) => outcome switch
    {
        Outcome.TdsPercent => $"{FigureFormat.Percent(value, 2)} TDS",
        Outcome.ExtractionYieldPercent => $"{FigureFormat.Percent(value)} extraction",
        Outcome.FlavourBalance => $"a balance of {FigureFormat.Signed(value, 2)}",
        Outcome.DrinkG => $"{format.Water(value)} in the cup",
        Outcome.PressForceN => $"{FigureFormat.Number(value, 0)} N of force",
        Outcome.DrawdownS => $"a drawdown of {FigureFormat.Clock(value)}",
        Outcome.FinishS => $"an end at {FigureFormat.Clock(value)}",
        Outcome.DrinkableAtS => $"a cup to drink at {FigureFormat.Clock(value)}",
    };

    /// <summary>What a figure is called in the list.</summary>
    public static string Name(Outcome outcome, FigureFormat format) => outcome switch
    {
        Outcome.TdsPercent => "strength, % TDS",
        Outcome.ExtractionYieldPercent => "extraction, %",
        Outcome.FlavourBalance => "balance",
        Outcome.DrinkG => $"drink, {format.MassUnit}",
        Outcome.PressForceN => "force of the press, N",
        Outcome.DrawdownS => "drawdown, min:s",
        Outcome.FinishS => "done at, min:s",
        Outcome.DrinkableAtS => "to drink at, min:s",
    };
}
