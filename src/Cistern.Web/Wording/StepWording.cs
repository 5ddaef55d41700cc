using Cistern.Core.Recipes;

namespace Cistern.Web.Wording;

/// <summary>A step as a barista is told it.</summary>
/// <param name="Verb">What to do, in one or two words.</param>
/// <param name="Target">How far, how much, how often.</param>
/// <param name="Caution">What can hurt here, or null.</param>
public sealed record StepWords(string Verb, string Target, string? Caution);

/// <summary>Puts steps into words.</summary>
public static class StepWording
{
    /// <summary>The words for one step of a recipe.</summary>
    public static StepWords Of(Recipe recipe, int index, Show show)
    {
        var step = recipe.Steps[index];
        var (verb, target) = Words(recipe, step, show);
        if (step.Window is { } window && step is not Step.Wait)
        {
            var of = Verb.TraitsOf(step).WindowOf == WindowOf.Length ? "in" : "any time from";
            target = $"{target}, {of} {Show.Clock(window.Low)} to {Show.Clock(window.High)}".TrimStart(',', ' ');
        }

        return new StepWords(verb, target, Cautions.For(recipe, step));
    }

    /// <summary>A vessel in words: family, size and what is unusual about it.</summary>
    public static string Vessel(Brewer brewer)
    {
        var material = brewer.Material is { } made && made != Core.Physics.Vessel.UsualMaterial(brewer.Family) ? $"{Words<Material>.Of(made).Replace('-', ' ')} " : "";
        var filter = brewer.Filter is { } fitted && fitted != Core.Physics.Vessel.UsualFilter(brewer.Family) ? $", {Words<Filter>.Of(fitted).Replace('-', ' ')}" : "";
        var cone = brewer.Cone is { } wall ? $", {Words<Cone>.Of(wall)} cone" : "";
        var turned = brewer.Position == TubePosition.Turned ? ", turned over" : "";
        return $"{material}{Family(brewer.Family)}, {Show.Number(brewer.CapacityMl, 0)} ml{cone}{filter}{turned}{(brewer.Wrapped ? ", wrapped" : "")}";
    }

    /// <summary>A family's generic name.</summary>
    public static string Family(VesselFamily family) => family switch
    {
        VesselFamily.FrenchPress => "French press",
        VesselFamily.Jar => "open jar",
        _ => Words<VesselFamily>.Of(family).Replace('-', ' '),
    };

    /// <summary>What the vessel's lane of a tide is called.</summary>
    public static string InVessel(VesselFamily family) => family switch
    {
        VesselFamily.FrenchPress => "in the press",
        VesselFamily.TubePress => "in the tube",
        VesselFamily.Siphon => "in the chamber",
        VesselFamily.Jar => "in the jar",
        _ => "in the dripper",
    };

    /// <summary>When the clock starts, as it is told before it runs.</summary>
    public static string ClockStart(ClockStart start) => start switch
    {
        Core.Recipes.ClockStart.FirstWater => "The clock starts as the first water goes in",
        Core.Recipes.ClockStart.WaterIn => "The clock starts when the first water is in",
        Core.Recipes.ClockStart.CoffeeIn => "The clock starts as the coffee goes in",
        Core.Recipes.ClockStart.FirstStir => "The clock starts at the first stir",
        _ => "The clock starts as the lid goes on",
    };

    private static (string Verb, string Target) Words(Recipe recipe, Step step, Show show) => step switch
    {
        Step.HeatWater heat => ("Heat the water", heat.ToC is { } toC ? $"to {show.Temperature(toC)}" : $"to {show.Temperature(recipe.Water.TemperatureC)}"),
        Step.RinseFilter rinse => ("Rinse the filter", rinse.Hot ? "with hot water, then empty it" : "with cold water, then empty it"),
        Step.Preheat => ("Warm the vessel", "with hot water, then empty it"),
        Step.Weigh => ("Weigh", $"{show.Mass(recipe.Coffee.DoseG)} of coffee"),
        Step.GrindCoffee => ("Grind", $"{show.Mass(recipe.Coffee.DoseG)}"),
        Step.Tare => ("Set the scale", "to zero"),
        Step.AddCoffee => ("Add the coffee", show.Mass(recipe.Coffee.DoseG)),
        Step.Pour pour => ("Pour", $"to {show.Water(pour.ToG)}{Over(pour)}{Manner(pour)}{(pour.TemperatureC is { } c ? $", at {show.Temperature(c)}" : "")}"),
        Step.LevelBed => ("Level", "the dry coffee"),
        Step.MakeWell => ("Make a well", "in the dry coffee"),
        Step.Stir stir => ("Stir", stir.Continuous ? $"all the time, {Show.Seconds(stir.OverS)}" : Turns(stir)),
        Step.Swirl swirl => ("Swirl", Turns(swirl)),
        Step.TapRaft tap => ("Sink the raft", tap.Turns == 1 ? "1 tap" : $"{tap.Turns} taps"),
        Step.BreakCrust crust => ("Break the crust", Turns(crust)),
        Step.Skim skim => ("Skim", $"foam and floaters off{Over(skim)}"),
        Step.Lid lid => (lid.On ? "Lid on" : "Lid off", ""),
        Step.SeatPlunger seat => ("Seat the plunger", recipe.Brewer.Family == VesselFamily.FrenchPress ? "just on the surface" : seat.DrawBack ? "and draw it back a little" : "just inside"),
        Step.LiftPlunger => ("Lift the plunger", "out"),
        Step.Smell => ("Smell", "lid aside, at the crust"),
        Step.PurgeAir => ("Let the air out", "gently, then cap on and locked"),
        Step.Flip flip => ("Flip", $"on to the server in one turn{Over(flip)}"),
        Step.LightBurner => ("Light the burner", ""),
        Step.SeatChamber chamber => ("Seat the chamber", $"over {show.Water(chamber.WaterG)} of water"),
        Step.RemoveBurner => ("Take the flame away", ""),
        Step.OpenValve => ("Open the valve", ""),
        Step.CloseValve => ("Close the valve", ""),
        Step.Wait wait => ("Wait", wait.Window is { } window ? $"{Show.Clock(wait.ForS)}, any time from {Show.Clock(window.Low)} to {Show.Clock(window.High)}" : Show.Clock(wait.ForS)),
        Step.WaitFor wait => ("Wait", Event(wait.Event)),
        Step.Press press => ("Press", $"evenly{Over(press)}, stop at the hiss"),
        Step.Plunge plunge => ("Plunge", $"{(plunge.Depth == PlungeDepth.Surface ? "only to the surface" : "to the bottom")}{Over(plunge)}"),
        Step.Drain drain => ("Let it drain", drain.UntilG is { } untilG ? $"until {show.Water(untilG)} are in the cup" : "until the bed is dry"),
        Step.Decant decant => ("Pour off", $"{(decant.LeaveG is { } leaveG ? $"leave {show.Water(leaveG)}" : "leave the last of it")}{Over(decant)}"),
        Step.SwapCup swap => ("Swap the cup", swap.Keep ? "keep the first" : "throw the first away"),
        Step.StopDrip => ("Stop the drip", ""),
        Step.Clear => ("Clear", "empty it and rinse it"),
        Step.Dilute dilute => ("Let down", $"with {show.Water(dilute.WaterG)} of water{(dilute.TemperatureC is { } c ? $" at {show.Temperature(c)}" : "")}"),
        Step.Ice ice => ("Chill", $"on {show.Water(ice.IceG)} of ice in the {Words<IcePlace>.Of(ice.Where)}"),
        Step.StirCup => ("Stir the cup", ""),
        Step.Taste => ("Taste", ""),
        Step.Serve => ("Serve", ""),
        _ => throw new ArgumentOutOfRangeException(nameof(step), step, "A step without words."),
    };

    private static string Turns(Step.Stirring step) => step.Turns == 1 ? "1 turn" : $"{step.Turns} turns";

    private static string Over(Step step) => step.OverS > 0 ? $", {Show.Seconds(step.OverS)}" : "";

    private static string Manner(Step.Pour pour) =>
        (pour.Height switch { PourHeight.Low => ", low", PourHeight.High => ", high", _ => "" })
        + (pour.Path switch { PourPath.Centre => ", in the middle", PourPath.Edge => ", at the edge", PourPath.Spiral => ", in a spiral", PourPath.Turning => ", turning the vessel", _ => "" })
        + (pour.StirsIn ? ", stirring" : "");

    private static string Event(WaitEvent awaited) => awaited switch
    {
        WaitEvent.Boil => "until it boils",
        WaitEvent.WaterRisen => "until the water has risen",
        WaitEvent.FineBubbles => "until the bubbles are fine and even",
        WaitEvent.Hiss => "until it hisses",
        _ => "until the bed is dry",
    };
}
