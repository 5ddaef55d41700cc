using System.Collections.Frozen;
using Cistern.Core.Recipes;

namespace Cistern.Web.Wording;

/// <summary>The words of one verb: the row of <see cref="Core.Recipes.Verb"/>'s table that a barista reads.</summary>
public sealed class VerbWording
{
    private static readonly FrozenDictionary<Type, VerbWording> ByType = new VerbWording[]
    {
        Of<Step.HeatWater>("Heat the water", "Hot enough", (recipe, step, format) => $"to {format.Hand.Heat(step.ToC ?? recipe.Water.TemperatureC, recipe.Place, format)}"),
        Of<Step.RinseFilter>("Rinse the filter", "Rinsed", (recipe, step, _) => $"with {(step.Hot ? "hot" : "cold")} water, then empty it{(recipe.Brewer.Family is VesselFamily.Siphon or VesselFamily.FrenchPress ? "" : " and the server")}"),
        Of<Step.Preheat>("Warm the brewer", "Warmed", (_, _, _) => "with hot water, then empty it"),
        Of<Step.Weigh>("Weigh", "Weighed", (recipe, _, format) => $"{format.Dose(recipe.Coffee.DoseG)} of coffee"),
        Of<Step.GrindCoffee>("Grind", "Ground", (recipe, _, format) => format.Dose(recipe.Coffee.DoseG)),
        Of<Step.Tare>("Set the scale", "At zero", (_, _, _) => "to zero"),
        Of<Step.AddCoffee>("Add the coffee", "Coffee is in", (recipe, _, format) => format.Hand.Dose(recipe.Coffee.DoseG, format), begins: "Coffee in now"),
        Of<Step.Pour>("Pour", "Poured", (recipe, step, format) => $"{format.Hand.To(step.ToG, CoffeeIn(recipe, step), format)}{Over(step)}{Manner(step)}{(step.TemperatureC is { } c ? $", at {format.Temperature(c)}" : "")}"),
        Of<Step.LevelBed>("Level", "It is level", (_, _, _) => "the dry coffee"),
        Of<Step.MakeWell>("Make a well", "Made", (_, _, _) => "in the dry coffee"),
        Of<Step.Stir>("Stir", "Stirred", (_, step, _) => step.Continuous ? $"all the time, {FigureFormat.Seconds(step.OverS)}" : Turns(step)),
        Of<Step.Swirl>("Swirl", "Swirled", (_, step, _) => Turns(step)),
        Of<Step.TapRaft>("Sink the raft", "Sunk", (_, step, _) => step.Turns == 1 ? "1 tap" : $"{step.Turns} taps", begins: "Sink it now"),
        Of<Step.BreakCrust>("Break the crust", "Broken", (_, step, _) => Turns(step), begins: "Break it now"),
        Of<Step.Skim>("Skim", "Skimmed", (_, step, _) => $"foam and floaters off{Over(step)}"),
        new(typeof(Step.Lid), step => step is Step.Lid { On: false } ? "Lid off" : "Lid on", (_, _, _) => "", step => step is Step.Lid { On: false } ? "Lid is off" : "Lid is on", (_, step) => step is Step.Lid { On: false } ? "Lid off now" : "Lid on now"),
        Of<Step.SeatPlunger>("Seat the plunger", "Seated", (recipe, step, format) => recipe.Brewer.Family == VesselFamily.FrenchPress ? (step.Under ? "under the surface, and hold it there" : "just on the surface") : step.ToMl is { } markMl ? $"drawn to the mark at {format.VolumeNumber(markMl)} {format.VolumeUnit}" : step.DrawBack ? "and draw it back a little" : "just inside", begins: "Seat it now"),
        Of<Step.LiftPlunger>("Lift the plunger", "Lifted", (_, _, _) => "out", begins: "Lift it now"),
        Of<Step.Smell>("Smell", "Smelt", (_, _, _) => "lid aside, at the crust"),
        Of<Step.PurgeAir>("Let the air out", "Air is out", (_, _, _) => "gently, then cap on and locked", begins: "Air out now"),
        Of<Step.Flip>("Flip", "Flipped", (_, step, _) => $"on to the server in one turn{Over(step)}"),
        Of<Step.OffScale>("Off the scale", "It is off", (_, _, _) => "before you lean on it", begins: "Off the scale now"),
        Of<Step.SetOnServer>("Set on the server", "It is on", (_, _, _) => "rinse water out first", begins: "Set it on now"),
        Of<Step.LightBurner>("Light the burner", "Alight", (_, _, _) => "", begins: "Light it now"),
        Of<Step.SeatChamber>("Seat the chamber", "Seated", (_, step, format) => $"over {format.Hand.Water(step.WaterG, format)} of water", begins: "Seat it now"),
        Of<Step.RemoveBurner>("Take the flame away", "Flame is away", (_, _, _) => "", begins: "Take the flame away now"),
        Of<Step.OpenValve>("Open the valve", "It is open", (_, _, _) => "", begins: "Open now"),
        Of<Step.CloseValve>("Close the valve", "It is closed", (_, _, _) => "", begins: "Close now"),
        Of<Step.Wait>("Wait", "Enough", (_, step, _) => step.Window is { } window ? $"{FigureFormat.Clock(step.ForS)}, any time from {FigureFormat.Clock(window.Low)} to {FigureFormat.Clock(window.High)}" : FigureFormat.Clock(step.ForS), begins: "Waiting"),
        new(typeof(Step.WaitFor), _ => "Wait", (_, step, _) => Awaited(((Step.WaitFor)step).Event).Until, step => Awaited(((Step.WaitFor)step).Event).Says, (_, _) => "Waiting"),
        Of<Step.Press>("Press", "It hisses", (_, step, _) => $"evenly{Over(step)}, stop at the hiss"),
        Of<Step.Plunge>("Plunge", "It is down", (_, step, _) => $"{(step.Depth == PlungeDepth.Surface ? "only to the surface" : "to the bottom")}{Over(step)}"),
        new(typeof(Step.Drain), _ => "Let it draw down", (_, step, format) => ((Step.Drain)step).UntilG is { } untilG ? $"until {format.Water(untilG)} are in the cup" : "until the bed is dry",
            step => ((Step.Drain)step).UntilG is null ? "It is dry" : "It is there",
            (recipe, _) => recipe.Brewer.Family == VesselFamily.ValveDripper ? "Set it on the server now" : "It draws down now"),
        Of<Step.Decant>("Pour off", "Poured off", (_, step, format) => $"{(step.LeaveG is { } leaveG ? $"leave {format.Hand.Water(leaveG, format)}" : "leave the last of it")}{Over(step)}"),
        Of<Step.Strain>("Strain", "Strained", (_, step, _) => $"through a sieve{Over(step)}"),
        Of<Step.Share>("Share", "Shared", (_, step, _) => step.Cups == 1 ? "into the cup" : $"round evenly between {step.Cups} cups"),
        Of<Step.SwapCup>("Swap the cup", "Swapped", (_, step, _) => step.Keep ? "keep the first" : "throw the first away", begins: "Swap now"),
        Of<Step.StopDrip>("Stop the drip", "Stopped", (_, _, _) => "", begins: "Stop it now"),
        Of<Step.Clear>("Clear", "Cleared", (_, _, _) => "empty it and rinse it"),
        Of<Step.Dilute>("Dilute", "Dilute", (_, step, format) => $"with {format.Hand.Water(step.WaterG, format)} of water{(step.TemperatureC is { } c ? $" at {format.Temperature(c)}" : "")}"),
        Of<Step.Ice>("Chill", "On ice", (_, step, format) => $"on {format.Water(step.IceG)} of ice in the {Words<IcePlace>.Of(step.Where)}{(step.Met < 1 ? $", {FigureFormat.Number(100 * step.Met, 0)} % of it met" : "")}"),
        Of<Step.StirCup>("Stir the cup", "Stirred", (_, _, _) => "", begins: "Stir it now"),
        Of<Step.Taste>("Taste", "Tasted", (_, _, _) => ""),
        Of<Step.Serve>("Serve", "Served", (_, _, _) => ""),
    }.ToFrozenDictionary(words => words.type);

    private readonly Type type;

    private VerbWording(Type type, Func<Step, string> verb, Func<Recipe, Step, FigureFormat, string> target, Func<Step, string> says, Func<Recipe, Step, string> begins)
    {
        this.type = type;
        Verb = verb;
        Begins = begins;
        Target = target;
        Says = says;
    }

    /// <summary>The verbs that have words.</summary>
    public static IEnumerable<Type> All => ByType.Keys;

    /// <summary>What to do, in one or two words.</summary>
    public Func<Step, string> Verb { get; }

    /// <summary>What a press says when the step begins.</summary>
    public Func<Recipe, Step, string> Begins { get; }

    /// <summary>How far, how much, how often.</summary>
    public Func<Recipe, Step, FigureFormat, string> Target { get; }

    /// <summary>What a press says when the step is over.</summary>
    public Func<Step, string> Says { get; }

    /// <summary>The words of a step's verb; a test holds that every verb has them.</summary>
    public static VerbWording Of(Step step) => ByType[step.GetType()];

    private static VerbWording Of<T>(string verb, string says, Func<Recipe, T, FigureFormat, string> target, string? begins = null)
        where T : Step => new(typeof(T), _ => verb, (recipe, step, format) => target(recipe, (T)step, format), _ => says, (_, _) => begins ?? $"{verb} now");

    private static string Turns(Step.Stirring step) => step.Turns == 1 ? "1 turn" : $"{step.Turns} turns";

    private static string Over(Step step) => step.OverS > 0 ? $", {FigureFormat.Seconds(step.OverS)}" : "";

    private static string Manner(Step.Pour pour) =>
        (pour.Height switch { PourHeight.Low => ", low", PourHeight.High => ", high", _ => "" })
        + (pour.Path switch { PourPath.Centre => ", in the middle", PourPath.Edge => ", at the edge", PourPath.Spiral => ", in a spiral", PourPath.Turning => ", turning the brewer", _ => "" })
        + (pour.StirsIn ? ", stirring" : "");

    /// <summary>The coffee that is in the vessel when a step comes, g: it takes room at the marks.</summary>
    private static double CoffeeIn(Recipe recipe, Step step) => recipe.Steps.TakeWhile(one => !ReferenceEquals(one, step)).Any(one => one is Step.AddCoffee) ? recipe.Coffee.DoseG : 0;

    private static (string Until, string Says) Awaited(WaitEvent awaited) => awaited switch
    {
        WaitEvent.Boil => ("until it boils", "It boils"),
        WaitEvent.WaterRisen => ("until the water has risen", "It has risen"),
        WaitEvent.FineBubbles => ("until the bubbles are fine and even", "Fine and even"),
        WaitEvent.Hiss => ("until it hisses", "It hisses"),
        WaitEvent.DryBed => ("until the bed is dry", "It is dry"),
        _ => throw new ArgumentOutOfRangeException(nameof(awaited), awaited, "Something awaited without words."),
    };
}
