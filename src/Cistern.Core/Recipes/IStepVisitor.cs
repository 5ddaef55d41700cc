namespace Cistern.Core.Recipes;

/// <summary>
/// A visitor over steps with one method per verb. A new verb adds a method here, so no visitor compiles until it handles that verb.
/// </summary>
/// <typeparam name="T">The visitor's result.</typeparam>
public interface IStepVisitor<out T>
{
    T Visit(Step.HeatWater step);
    T Visit(Step.RinseFilter step);
    T Visit(Step.Preheat step);
    T Visit(Step.Weigh step);
    T Visit(Step.GrindCoffee step);
    T Visit(Step.Tare step);
    T Visit(Step.AddCoffee step);
    T Visit(Step.Pour step);
    T Visit(Step.LevelBed step);
    T Visit(Step.MakeWell step);
    T Visit(Step.Stir step);
    T Visit(Step.Swirl step);
    T Visit(Step.TapRaft step);
    T Visit(Step.BreakCrust step);
    T Visit(Step.Skim step);
    T Visit(Step.Lid step);
    T Visit(Step.SeatPlunger step);
    T Visit(Step.OffScale step);
    T Visit(Step.SetOnServer step);
    T Visit(Step.LiftPlunger step);
    T Visit(Step.Smell step);
    T Visit(Step.PurgeAir step);
    T Visit(Step.Flip step);
    T Visit(Step.LightBurner step);
    T Visit(Step.SeatChamber step);
    T Visit(Step.RemoveBurner step);
    T Visit(Step.OpenValve step);
    T Visit(Step.CloseValve step);
    T Visit(Step.Wait step);
    T Visit(Step.WaitFor step);
    T Visit(Step.Press step);
    T Visit(Step.Plunge step);
    T Visit(Step.Drain step);
    T Visit(Step.Decant step);
    T Visit(Step.Strain step);
    T Visit(Step.Share step);
    T Visit(Step.SwapCup step);
    T Visit(Step.StopDrip step);
    T Visit(Step.Clear step);
    T Visit(Step.Dilute step);
    T Visit(Step.Ice step);
    T Visit(Step.StirCup step);
    T Visit(Step.Taste step);
    T Visit(Step.Serve step);
}
