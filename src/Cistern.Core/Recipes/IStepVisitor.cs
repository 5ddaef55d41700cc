namespace Cistern.Core.Recipes;

/// <summary>
/// A visitor over steps with one method per verb. A new verb adds a method here, so no visitor compiles until it handles that verb.
/// </summary>
/// <typeparam name="T">The visitor's result.</typeparam>
public interface IStepVisitor<out T>
{
    /// <summary>Of "heat water".</summary>
    T Visit(Step.HeatWater step);

    /// <summary>Of "rinse filter".</summary>
    T Visit(Step.RinseFilter step);

    /// <summary>Of "preheat".</summary>
    T Visit(Step.Preheat step);

    /// <summary>Of "weigh".</summary>
    T Visit(Step.Weigh step);

    /// <summary>Of "grind coffee".</summary>
    T Visit(Step.GrindCoffee step);

    /// <summary>Of "tare".</summary>
    T Visit(Step.Tare step);

    /// <summary>Of "add coffee".</summary>
    T Visit(Step.AddCoffee step);

    /// <summary>Of "pour".</summary>
    T Visit(Step.Pour step);

    /// <summary>Of "level bed".</summary>
    T Visit(Step.LevelBed step);

    /// <summary>Of "make well".</summary>
    T Visit(Step.MakeWell step);

    /// <summary>Of "stir".</summary>
    T Visit(Step.Stir step);

    /// <summary>Of "swirl".</summary>
    T Visit(Step.Swirl step);

    /// <summary>Of "tap raft".</summary>
    T Visit(Step.TapRaft step);

    /// <summary>Of "break crust".</summary>
    T Visit(Step.BreakCrust step);

    /// <summary>Of "skim".</summary>
    T Visit(Step.Skim step);

    /// <summary>Of "lid".</summary>
    T Visit(Step.Lid step);

    /// <summary>Of "seat plunger".</summary>
    T Visit(Step.SeatPlunger step);

    /// <summary>Of "off scale".</summary>
    T Visit(Step.OffScale step);

    /// <summary>Of "set on server".</summary>
    T Visit(Step.SetOnServer step);

    /// <summary>Of "lift plunger".</summary>
    T Visit(Step.LiftPlunger step);

    /// <summary>Of "smell".</summary>
    T Visit(Step.Smell step);

    /// <summary>Of "purge air".</summary>
    T Visit(Step.PurgeAir step);

    /// <summary>Of "flip".</summary>
    T Visit(Step.Flip step);

    /// <summary>Of "light burner".</summary>
    T Visit(Step.LightBurner step);

    /// <summary>Of "seat chamber".</summary>
    T Visit(Step.SeatChamber step);

    /// <summary>Of "remove burner".</summary>
    T Visit(Step.RemoveBurner step);

    /// <summary>Of "open valve".</summary>
    T Visit(Step.OpenValve step);

    /// <summary>Of "close valve".</summary>
    T Visit(Step.CloseValve step);

    /// <summary>Of "wait".</summary>
    T Visit(Step.Wait step);

    /// <summary>Of "wait for".</summary>
    T Visit(Step.WaitFor step);

    /// <summary>Of "press".</summary>
    T Visit(Step.Press step);

    /// <summary>Of "plunge".</summary>
    T Visit(Step.Plunge step);

    /// <summary>Of "drain".</summary>
    T Visit(Step.Drain step);

    /// <summary>Of "decant".</summary>
    T Visit(Step.Decant step);

    /// <summary>Of "strain".</summary>
    T Visit(Step.Strain step);

    /// <summary>Of "share".</summary>
    T Visit(Step.Share step);

    /// <summary>Of "swap cup".</summary>
    T Visit(Step.SwapCup step);

    /// <summary>Of "stop drip".</summary>
    T Visit(Step.StopDrip step);

    /// <summary>Of "clear".</summary>
    T Visit(Step.Clear step);

    /// <summary>Of "dilute".</summary>
    T Visit(Step.Dilute step);

    /// <summary>Of "ice".</summary>
    T Visit(Step.Ice step);

    /// <summary>Of "stir cup".</summary>
    T Visit(Step.StirCup step);

    /// <summary>Of "taste".</summary>
    T Visit(Step.Taste step);

    /// <summary>Of "serve".</summary>
    T Visit(Step.Serve step);
}
