using Cistern.Core.Recipes;

namespace Cistern.Core.Forecasts;

/// <summary>How the vessel stands at one moment: what has been done to it by then.</summary>
/// <param name="Lid">A lid is on.</param>
/// <param name="PlungerShare">How far down the plunger is: 0 at the surface, 1 at the bottom; null where there is none in.</param>
/// <param name="Flame">The flame burns under it.</param>
/// <param name="Open">Its valve is open, or the vacuum pulls.</param>
/// <param name="Turned">A tube stands turned over.</param>
/// <param name="CoffeeIn">The dose is in.</param>
public readonly record struct VesselState(bool Lid, double? PlungerShare, bool Flame, bool Open, bool Turned, bool CoffeeIn)
{
    /// <summary>The state at a moment of a forecast.</summary>
    /// <param name="forecast">The forecast.</param>
    /// <param name="atS">The moment, s on the clock.</param>
    /// <param name="made">While it is made ready: how many of the first steps have been done; what lies after them has not, whatever its time.</param>
    public static VesselState At(Forecast forecast, double atS, int? made = null)
    {
        var recipe = forecast.Recipe;
        var state = new VesselState(false, null, false, false, recipe.Brewer.Position == TubePosition.Turned, false);
        for (var i = 0; i < (made ?? forecast.Timings.Length) && forecast.Timings[i].StartS <= atS + 1e-6; i++)
        {
            var timing = forecast.Timings[i];
            var share = timing.LengthS > 0 ? Math.Clamp((atS - timing.StartS) / timing.LengthS, 0, 1) : 1;
            state = recipe.Steps[i] switch
            {
                Step.AddCoffee => state with { CoffeeIn = true },
                Step.Lid lid => state with { Lid = lid.On },
                Step.SeatPlunger => state with { PlungerShare = 0 },
                Step.LiftPlunger => state with { PlungerShare = null },
                Step.Plunge plunge => state with { PlungerShare = plunge.Depth == PlungeDepth.Bottom ? share : 0 },
                Step.Press => state with { PlungerShare = share },
                Step.LightBurner => state with { Flame = true },
                Step.RemoveBurner => state with { Flame = false, Open = true },
                Step.OpenValve => state with { Open = true },
                Step.CloseValve => state with { Open = false },
                Step.Drain => state with { Open = atS < timing.EndS - 1e-6 },
                Step.Flip => state with { Turned = share < 0.5 && state.Turned },
                _ => state,
            };
        }

        return state;
    }
}
