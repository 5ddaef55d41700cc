namespace Cistern.Core.Forecasts;

/// <summary>The state of the vessel at one moment, from the steps done by then.</summary>
/// <param name="Lid">A lid is on.</param>
/// <param name="PlungerShare">How far down the plunger is: 0 at the surface, 1 at the bottom; null where none is inserted.</param>
/// <param name="Flame">Whether the flame burns under it.</param>
/// <param name="Open">Whether its valve is open, or the vacuum pulls.</param>
/// <param name="Turned">Whether a tube press is turned over.</param>
/// <param name="CoffeeIn">Whether the coffee is in.</param>
public readonly record struct VesselState(bool Lid, double? PlungerShare, bool Flame, bool Open, bool Turned, bool CoffeeIn)
{
    /// <summary>The state at a moment of a forecast.</summary>
    /// <param name="forecast">The forecast.</param>
    /// <param name="atS">The moment, s on the brew clock.</param>
    /// <param name="made">During preparation: how many steps have been done; later ones are ignored, whatever their time.</param>
    public static VesselState At(Forecast forecast, double atS, int? made = null)
    {
        var recipe = forecast.Recipe;
        var state = new VesselState(false, null, false, false, recipe.Brewer.Position == TubePosition.Turned, false);
        for (var i = 0; i < (made ?? forecast.Timings.Length) && forecast.Timings[i].StartS <= atS + 1e-6; i++)
        {
            var timing = forecast.Timings[i];
            var share = timing.LengthS > 0 ? Math.Clamp((atS - timing.StartS) / timing.LengthS, 0, 1) : 1;
            state = recipe.Steps[i].Accept(new After(state, share, atS >= timing.EndS - 1e-6));
        }

        return state;
    }

    /// <summary>The state after a step.</summary>
    /// <param name="state">Before it.</param>
    /// <param name="share">How much of the step has been done, 0 to 1.</param>
    /// <param name="over">Whether the step is over.</param>
    private sealed class After(VesselState state, double share, bool over) : IStepVisitor<VesselState>
    {
        public VesselState Visit(Step.HeatWater step) => state;
        public VesselState Visit(Step.RinseFilter step) => state;
        public VesselState Visit(Step.Preheat step) => state;
        public VesselState Visit(Step.Weigh step) => state;
        public VesselState Visit(Step.GrindCoffee step) => state;
        public VesselState Visit(Step.Tare step) => state;
        public VesselState Visit(Step.AddCoffee step) => state with { CoffeeIn = true };
        public VesselState Visit(Step.Pour step) => state;
        public VesselState Visit(Step.LevelBed step) => state;
        public VesselState Visit(Step.MakeWell step) => state;
        public VesselState Visit(Step.Stir step) => state;
        public VesselState Visit(Step.Swirl step) => state;
        public VesselState Visit(Step.TapRaft step) => state;
        public VesselState Visit(Step.BreakCrust step) => state;
        public VesselState Visit(Step.Skim step) => state;
        public VesselState Visit(Step.Lid step) => state with { Lid = step.On };
        public VesselState Visit(Step.SeatPlunger step) => state with { PlungerShare = 0 };
        public VesselState Visit(Step.OffScale step) => state;
        public VesselState Visit(Step.SetOnServer step) => state;
        public VesselState Visit(Step.LiftPlunger step) => state with { PlungerShare = null };
        public VesselState Visit(Step.Smell step) => state;
        public VesselState Visit(Step.PurgeAir step) => state;
        public VesselState Visit(Step.Flip step) => state with { Turned = share < 0.5 && state.Turned };
        public VesselState Visit(Step.LightBurner step) => state with { Flame = true };
        public VesselState Visit(Step.SeatChamber step) => state;
        public VesselState Visit(Step.RemoveBurner step) => state with { Flame = false, Open = true };
        public VesselState Visit(Step.OpenValve step) => state with { Open = true };
        public VesselState Visit(Step.CloseValve step) => state with { Open = false };
        public VesselState Visit(Step.Wait step) => state;
        public VesselState Visit(Step.WaitFor step) => state;
        public VesselState Visit(Step.Press step) => state with { PlungerShare = share };
        public VesselState Visit(Step.Plunge step) => state with { PlungerShare = step.Depth == PlungeDepth.Bottom ? share : 0 };
        public VesselState Visit(Step.Drain step) => state with { Open = !over };
        public VesselState Visit(Step.Decant step) => state;
        public VesselState Visit(Step.Strain step) => state;
        public VesselState Visit(Step.Share step) => state;
        public VesselState Visit(Step.SwapCup step) => state;
        public VesselState Visit(Step.StopDrip step) => state;
        public VesselState Visit(Step.Clear step) => state;
        public VesselState Visit(Step.Dilute step) => state;
        public VesselState Visit(Step.Ice step) => state;
        public VesselState Visit(Step.StirCup step) => state;
        public VesselState Visit(Step.Taste step) => state;
        public VesselState Visit(Step.Serve step) => state;
    }
}
