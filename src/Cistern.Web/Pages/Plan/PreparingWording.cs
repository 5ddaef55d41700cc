namespace Cistern.Web.Pages.Plan;

/// <summary>Words for the preparation.</summary>
public static class PreparingWording
{
    /// <summary>One thing to be done.</summary>
    public static string Of(Preparing thing, PlanView plan) => thing.Chore switch
    {
        Chore.Weigh => $"Weigh {plan.Format.Dose(plan.Form.Recipe.Coffee.DoseG)}{(plan.Form.CanGrind ? ", a little over for what the grinder keeps" : "")}",
        Chore.Grind => $"Grind: {plan.Form.GrindText}",
        Chore.RinseFilter => "Rinse the filter, flat and with no bubble under it, and empty the rinse water",
        Chore.WarmVessel => "Warm the brewer and the server, and empty them; never one with ice in it",
        Chore.WeighIce => "Weigh the ice, server first",
        Chore.ChargeBulb => "Fill the bulb, its outside dry; fit the cloth tight and centred, and hook its chain",
        Chore.HeatBulb => $"Heat {plan.Format.Water(plan.Form.Recipe.WaterG)} in the bulb over the flame, from the tap; hot water from a kettle shortens it",
        Chore.LayOut => plan.Form.Recipe.Brewer.Wrapped ? "Lay out brewer, server, scale and spoon, and wrap its cloth or sleeve round the brewer" : "Lay out brewer, server, scale, spoon and cloth",
    };

    /// <summary>The last measurement of a grinder at a setting in pictures; empty where there is none.</summary>
    /// <param name="grinder">The grinder, or null.</param>
    /// <param name="setting">The setting.</param>
    public static string MeasuredAt(Grinder? grinder, double? setting) =>
        grinder?.MeasuredList.LastOrDefault(one => one.Setting == setting) is { } measured
            ? $"Measured there: {FigureFormat.Number(measured.MedianUm, 0)} ± {FigureFormat.Number(measured.HalfUm, 0)} µm."
            : "";
}
