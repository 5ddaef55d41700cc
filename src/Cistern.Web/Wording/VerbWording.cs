namespace Cistern.Web.Wording;

/// <summary>The words for a step of a verb.</summary>
/// <param name="Verb">What to do, in one or two words.</param>
/// <param name="Says">The button that reports its end.</param>
/// <param name="Target">How far, how much, how often.</param>
/// <param name="Begins">The button that reports its start; null for the verb and "now".</param>
internal sealed record VerbWords(string Verb, string Says, string Target = "", string? Begins = null)
{
    /// <summary>What can hurt here, or null.</summary>
    public string? Caution { get; init; }

    /// <summary>What can be seen, heard and smelt; the first one shows that it goes well.</summary>
    public IReadOnlyList<StepSign> Signs { get; init; } = [];
}

/// <summary>The words, caution and signs of each verb.</summary>
/// <param name="recipe">The recipe of the step.</param>
/// <param name="format">Formats figures.</param>
internal sealed class VerbWording(Recipe recipe, FigureFormat format) : IStepVisitor<VerbWords>
{
    /// <summary>From this temperature water scalds quickly, °C. Judged.</summary>
    private const double ScaldsC = 50;

    /// <summary>A steep of this length needs food safety advice, s.</summary>
    private const double LongS = 7_200;

    private readonly bool glass = (recipe.Brewer.Material ?? Core.Physics.Vessel.UsualMaterial(recipe.Brewer.Family)) == Material.Glass;

    private BrewerFamily Family => recipe.Brewer.Family;

    private string? Opened => Family switch { BrewerFamily.ValveDripper => Cautions.Valve, BrewerFamily.LeverDripper => OfHot(Cautions.Lever) ?? Cautions.LeverCold, _ => null };

    private IReadOnlyList<StepSign> Drains => Family == BrewerFamily.Siphon ? StepSigns.Siphon : StepSigns.Drain;

    public VerbWords Visit(Step.HeatWater step) => new("Heat the water", "Hot enough", $"to {format.Equipment.Heat(step.ToC ?? recipe.Water.TemperatureC, recipe.Place, format)}") { Caution = OfHot(Cautions.HotPour, step.ToC) };
    public VerbWords Visit(Step.RinseFilter step) => new("Rinse the filter", "Rinsed", $"with {(step.Hot ? "hot" : "cold")} water, then empty it{(Family is BrewerFamily.Siphon or BrewerFamily.FrenchPress ? "" : " and the server")}") { Caution = step.Hot ? Cautions.HotPour : null, Signs = recipe.Brewer.Filter is Filter.Paper or null && Family is BrewerFamily.ValveDripper or BrewerFamily.LeverDripper ? StepSigns.Rinsed : [] };
    public VerbWords Visit(Step.Preheat step) => new("Warm the brewer", "Warmed", "with hot water, then empty it") { Caution = glass ? Cautions.GlassWarm : null };
    public VerbWords Visit(Step.Weigh step) => new("Weigh", "Weighed", $"{format.Dose(recipe.Coffee.DoseG)} of coffee");
    public VerbWords Visit(Step.GrindCoffee step) => new("Grind", "Ground", format.Dose(recipe.Coffee.DoseG));
    public VerbWords Visit(Step.Tare step) => new("Set the scale", "At zero", "to zero");
    public VerbWords Visit(Step.AddCoffee step) => new("Add the coffee", "Coffee is in", format.Equipment.Dose(recipe.Coffee.DoseG, format), "Coffee in now") { Caution = OfSiphon(Cautions.Boiling), Signs = Family == BrewerFamily.Siphon ? StepSigns.Bubbles : [] };
    public VerbWords Visit(Step.Pour step) => new("Pour", "Poured", $"{format.Equipment.To(step.ToG, CoffeeIn(recipe, step), format)}{Over(step)}{Manner(step)}{(step.TemperatureC is { } c ? $", at {format.Temperature(c)}" : "")}") { Caution = OfHot(Cautions.HotPour, step.TemperatureC), Signs = StepSigns.Bloom };
    public VerbWords Visit(Step.LevelBed step) => new("Level", "It is level", "the dry coffee");
    public VerbWords Visit(Step.MakeWell step) => new("Make a well", "Made", "in the dry coffee");
    public VerbWords Visit(Step.Stir step) => new("Stir", "Stirred", step.Continuous ? $"all the time, {FigureFormat.Seconds(step.OverS)}" : Turns(step)) { Caution = OfSiphon(Cautions.Boiling) };
    public VerbWords Visit(Step.Swirl step) => new("Swirl", "Swirled", Turns(step)) { Caution = OfSiphon(Cautions.Boiling) };
    public VerbWords Visit(Step.TapRaft step) => new("Sink the raft", "Sunk", step.Turns == 1 ? "1 tap" : $"{step.Turns} taps", "Sink it now") { Caution = OfSiphon(Cautions.Boiling) };
    public VerbWords Visit(Step.BreakCrust step) => new("Break the crust", "Broken", Turns(step), "Break it now") { Caution = OfHot(Cautions.Crust), Signs = StepSigns.Crust };
    public VerbWords Visit(Step.Skim step) => new("Skim", "Skimmed", $"foam and floaters off{Over(step)}");
    public VerbWords Visit(Step.Lid step) => new(step.On ? "Lid on" : "Lid off", step.On ? "Lid is on" : "Lid is off");
    public VerbWords Visit(Step.SeatPlunger step) => new("Seat the plunger", "Seated", Family == BrewerFamily.FrenchPress ? (step.Under ? "under the surface, and hold it there" : "just on the surface") : step.ToMl is { } markMl ? $"drawn to the mark at {format.VolumeNumber(markMl)} {format.VolumeUnit}" : step.DrawBack ? "and draw it back a little" : "just inside", "Seat it now");
    public VerbWords Visit(Step.OffScale step) => new("Off the scale", "It is off", "before you lean on it", "Off the scale now");
    public VerbWords Visit(Step.SetOnServer step) => new("Set on the server", "It is on", "rinse water out first", "Set it on now");
    public VerbWords Visit(Step.LiftPlunger step) => new("Lift the plunger", "Lifted", "out", "Lift it now");
    public VerbWords Visit(Step.Smell step) => new("Smell", "Smelt", "lid aside, at the crust") { Caution = OfHot(Cautions.Crust), Signs = StepSigns.Crust };
    public VerbWords Visit(Step.PurgeAir step) => new("Let the air out", "Air is out", "gently, then cap on and locked", "Air out now") { Caution = Cautions.TopHeavy };
    public VerbWords Visit(Step.Flip step) => new("Flip", "Flipped", $"on to the server in one turn{Over(step)}") { Caution = OfHot(Cautions.FlipHot) ?? Cautions.FlipCold, Signs = StepSigns.Flipped };
    public VerbWords Visit(Step.LightBurner step) => new("Light the burner", "Alight", Begins: "Light it now") { Caution = Cautions.Flame, Signs = StepSigns.Flame };
    public VerbWords Visit(Step.SeatChamber step) => new("Seat the chamber", "Seated", $"over {format.Equipment.Water(step.WaterG, format)} of water", "Seat it now") { Caution = Cautions.Bulb, Signs = StepSigns.Chamber };
    public VerbWords Visit(Step.RemoveBurner step) => new("Take the flame away", "Flame is away", Begins: "Take the flame away now") { Caution = Cautions.Stand, Signs = Drains };
    public VerbWords Visit(Step.OpenValve step) => new("Open the valve", "It is open", Begins: "Open now") { Caution = Opened, Signs = Drains };
    public VerbWords Visit(Step.CloseValve step) => new("Close the valve", "It is closed", Begins: "Close now");
    public VerbWords Visit(Step.Wait step) => new("Wait", "Enough", step.Window is { } window ? $"{FigureFormat.Clock(step.ForS)} (at least {FigureFormat.Clock(window.Low)}, at most {FigureFormat.Clock(window.High)})" : FigureFormat.Clock(step.ForS), "Waiting") { Caution = recipe.Water.TemperatureC < ScaldsC && step.ForS >= LongS ? Cautions.ColdSteep : null };
    public VerbWords Visit(Step.WaitFor step) => new("Wait", Awaited(step.Event).Says, Awaited(step.Event).Until, "Waiting") { Caution = OfSiphon(Cautions.Flame), Signs = StepSigns.Of(step.Event) };
    public VerbWords Visit(Step.Press step) => new("Press", "It hisses", $"evenly{Over(step)}, stop at the hiss") { Caution = OfForce(Cautions.PressForce), Signs = StepSigns.Press };
    public VerbWords Visit(Step.Plunge step) => new("Plunge", "It is down", $"{(step.Depth == PlungeDepth.Surface ? "only to the surface" : "to the bottom")}{Over(step)}") { Caution = OfForce(Cautions.PlungeForce), Signs = step.Depth == PlungeDepth.Bottom ? StepSigns.Plunge : [] };
    public VerbWords Visit(Step.Drain step) => new("Let it draw down", step.UntilG is null ? "It is dry" : "It is there", step.UntilG is { } untilG ? $"until {format.Water(untilG)} are in the cup" : "until the bed is dry", Family == BrewerFamily.ValveDripper ? "Set it on the server now" : "It draws down now") { Caution = Opened, Signs = Drains };
    public VerbWords Visit(Step.Decant step) => new("Pour off", "Poured off", $"{(step.LeaveG is { } leaveG ? $"leave {format.Equipment.Water(leaveG, format)}" : "leave the last of it")}{(step.HeldBack ? Family == BrewerFamily.FrenchPress ? ", the plunger aslant to hold the grounds back" : ", a spoon across the lip" : "")}{Over(step)}") { Caution = OfHot(Family == BrewerFamily.Jar ? Cautions.HotJar : Cautions.HotOff), Signs = StepSigns.Decanted };
    public VerbWords Visit(Step.Strain step) => new("Strain", "Strained", $"through a sieve{Over(step)}");
    public VerbWords Visit(Step.Share step) => new("Share", "Shared", step.Cups == 1 ? "into the cup" : $"round evenly between {step.Cups} cups");
    public VerbWords Visit(Step.SwapCup step) => new("Swap the cup", "Swapped", step.Keep ? "keep the first" : "throw the first away", "Swap now");
    public VerbWords Visit(Step.StopDrip step) => new("Stop the drip", "Stopped", Begins: "Stop it now");
    public VerbWords Visit(Step.Clear step) => new("Clear", "Cleared", "empty it and rinse it") { Signs = StepSigns.Bed };
    public VerbWords Visit(Step.Dilute step) => new("Dilute", "Diluted", $"with {format.Equipment.Water(step.WaterG, format)} of water{(step.TemperatureC is { } c ? $" at {format.Temperature(c)}" : "")}");

    public VerbWords Visit(Step.Ice step)
    {
        var met = step.Met < 1 ? $", {FigureFormat.Number(100 * step.Met, 0)} % of it met" : "";
        var place = Words<IcePlace>.Of(step.Where);
        // Before coffee and water have met, the ice waits for the coffee.
        return StepWording.HaveMet([.. Before(recipe, step)])
            ? new("Chill", "On ice", $"on {format.Water(step.IceG)} of ice in the {place}{met}") { Caution = Cautions.IceGlass }
            : new("Ice", "Ice is in", $"{format.Water(step.IceG)}, into the {place}{met}") { Caution = Cautions.IceGlass };
    }

    public VerbWords Visit(Step.StirCup step) => new("Stir the cup", "Stirred", Begins: "Stir it now");
    public VerbWords Visit(Step.Taste step) => new("Taste", "Tasted") { Caution = OfHot(Cautions.Hot) };
    public VerbWords Visit(Step.Serve step) => new("Serve", "Served") { Caution = OfHot(Cautions.Hot) };

    /// <summary>A caution about heat, where the water is hot enough to scald.</summary>
    private string? OfHot(string caution, double? ownC = null) => (ownC ?? recipe.Water.TemperatureC) >= ScaldsC ? caution : null;

    private string OfForce(string caution) => format.Equipment.Scale ? caution : Cautions.WithoutScale(caution);

    private string? OfSiphon(string caution) => Family == BrewerFamily.Siphon ? caution : null;

    private static string Turns(Step.Stirring step) => step.Turns == 1 ? "1 turn" : $"{step.Turns} turns";

    private static string Over(Step step) => step.OverS > 0 ? $", {FigureFormat.Seconds(step.OverS)}" : "";

    private static string Manner(Step.Pour pour) =>
        (pour.Height switch { PourHeight.Low => ", low", PourHeight.High => ", high", _ => "" })
        + (pour.Path switch { PourPath.Centre => ", in the middle", PourPath.Edge => ", at the edge", PourPath.Spiral => ", in a spiral", PourPath.Turning => ", turning the brewer", _ => "" })
        + (pour.StirsIn ? ", stirring" : "");

    /// <summary>The coffee in the vessel at a step, g, which takes up volume at the marks.</summary>
    private static double CoffeeIn(Recipe recipe, Step step) => Before(recipe, step).Any(one => one is Step.AddCoffee) ? recipe.Coffee.DoseG : 0;

    private static IEnumerable<Step> Before(Recipe recipe, Step step) => recipe.Steps.TakeWhile(one => !ReferenceEquals(one, step));

    private static (string Until, string Says) Awaited(WaitEvent awaited) => awaited switch
    {
        WaitEvent.Boil => ("until it boils", "It boils"),
        WaitEvent.WaterRisen => ("until the water has risen", "It has risen"),
        WaitEvent.FineBubbles => ("until the bubbles are fine and even", "Fine and even"),
        WaitEvent.Hiss => ("until it hisses", "It hisses"),
        WaitEvent.DryBed => ("until the bed is dry", "It is dry"),
    };
}
