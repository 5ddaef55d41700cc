namespace Cistern.Web.Wording;

/// <summary>What was learned, in plain words.</summary>
public static class LearnedWording
{
    /// <summary>A parameter closer to its prior than this, in σ, is not worth a sentence. Judged.</summary>
    private const double MinSigmas = 0.3;

    /// <summary>A parameter as a sentence; null where it is too close to its prior, or too uncertain.</summary>
    public static string? Of(LearnedParameter one, FigureFormat format)
    {
        var more = one.Sigmas > 0;
        if (Math.Abs(one.Sigmas) < Math.Max(MinSigmas, one.Spread))
        {
            return null;
        }

        var share = $"{FigureFormat.Number(100 * Math.Abs(one.Value - 1), 0)} %";
        return one.Parameter switch
        {
            FitParameter.Diffusion => $"It gives about {share} {(more ? "quicker" : "slower")} than the model assumes ({Range(one)} times).",
            FitParameter.BedResistance => $"Its bed is about {share} {(more ? "tighter" : "looser")}, so it draws down and presses {(more ? "slower and harder" : "quicker and easier")} ({Range(one)} times).",
            FitParameter.Equilibrium => $"It gives a little {(more ? "more" : "less")} in the end than most.",
            FitParameter.HoldGPerG => $"Its bed keeps about {FigureFormat.Number(Math.Abs(one.Value), 2)} g of water {(more ? "more" : "less")} on each gram of coffee.",
            FitParameter.Gas => $"It holds {(more ? "more" : "less")} gas than usual for its age.",
            FitParameter.HeatLoss => $"It loses heat about {share} {(more ? "faster" : "slower")} than is usual for its kind.",
            FitParameter.GrinderOffsetUm => $"It grinds about {FigureFormat.Number(Math.Abs(one.Value), 0)} µm {(more ? "coarser" : "finer")} than its scale ({FigureFormat.Signed(one.Low, 0)} to {FigureFormat.Signed(one.High, 0)} µm).",
            FitParameter.PalateBalance => $"Calls a balanced cup {FigureFormat.Number(Math.Abs(one.Value), 1)} {(Math.Abs(one.Value) < 1.05 ? "point" : "points")} {(more ? "bitter" : "sour")}.",
            FitParameter.PalateBody => $"Calls a drink of usual strength {FigureFormat.Number(Math.Abs(one.Value), 1)} {(Math.Abs(one.Value) < 1.05 ? "point" : "points")} {(more ? "heavy" : "thin")}.",
            FitParameter.PalateBalanceScale => $"Uses {(more ? "much" : "little")} of the scale from sour to bitter.",
            FitParameter.PalateBodyScale => $"Uses {(more ? "much" : "little")} of the scale from thin to heavy.",
        };
    }

    /// <summary>What a scope is called.</summary>
    public static string Name(FitScope scope) => scope switch
    {
        FitScope.Mill => "Grinder",
        FitScope.Vessel => "Brewer",
        FitScope.Coffee => "Coffee",
        FitScope.Barista => "Palate",
    };

    /// <summary>What a figure is called.</summary>
    public static string Name(FitFigure figure) => figure switch
    {
        FitFigure.TdsPercent => "Strength",
        FitFigure.DrinkG => "Drink",
        FitFigure.DrawdownS => "Drawdown",
        FitFigure.SlurryC => "In the brewer",
        FitFigure.PressFelt => "Press",
    };

    /// <summary>A figure with its unit.</summary>
    public static string Figure(FitFigure figure, double value, FigureFormat format) => figure switch
    {
        FitFigure.TdsPercent => FigureFormat.Percent(value, 2),
        FitFigure.DrinkG => format.Water(value),
        FitFigure.DrawdownS => FigureFormat.Clock(value),
        FitFigure.SlurryC => format.Temperature(value),
        FitFigure.PressFelt => FigureFormat.Number(value, 0),
    };

    /// <summary>The error of a figure, with its unit.</summary>
    public static string Off(FitFigure figure, double value, FigureFormat format) => figure switch
    {
        FitFigure.TdsPercent => FigureFormat.Percent(value, 3),
        FitFigure.DrinkG => format.Mass(value),
        FitFigure.DrawdownS => FigureFormat.Seconds(value),
        FitFigure.SlurryC => format.Kelvin(value),
        FitFigure.PressFelt => FigureFormat.Number(value, 0),
    };

    private static string Range(LearnedParameter one) => $"{FigureFormat.Number(one.Low, 2)} to {FigureFormat.Number(one.High, 2)}";
}
