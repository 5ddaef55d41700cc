using CsCheck;

namespace Cistern.Core.Tests;

/// <summary>Generates whole recipes of every family, plausible and odd.</summary>
internal static class RecipeGenerator
{
    private static readonly Gen<(double A, double B, double C, double D)> Numbers = Gen.Select(Gen.Double[0, 1], Gen.Double[0, 1], Gen.Double[0, 1], Gen.Double[0, 1]);

    public static Gen<Recipe> Any { get; } = Gen.Select(Gen.Enum<BrewerFamily>(), Numbers, Numbers, Numbers, Gen.Bool, Gen.Bool).Select(Make);

    private static double In(double low, double high, double share) => low + ((high - low) * share);

    private static Recipe Make(BrewerFamily family, (double A, double B, double C, double D) one, (double A, double B, double C, double D) two, (double A, double B, double C, double D) three, bool first, bool second)
    {
        var doseG = Math.Round(In(8, 45, one.A), 1);
        var waterG = Math.Round(doseG * In(6, 18, one.B));
        var bloomG = Math.Round(waterG * In(0.1, 0.6, one.C));
        var holdS = Math.Round(In(5, 600, one.D));
        var turns = (int)In(0, 12, two.A);
        var steps = new List<Step> { first ? new Step.Preheat() : new Step.RinseFilter() };
        if (family == BrewerFamily.Jar || family == BrewerFamily.FrenchPress)
        {
            steps[0] = new Step.Preheat();
        }

        if (family == BrewerFamily.Siphon)
        {
            steps.AddRange([new Step.LightBurner(), new Step.SeatChamber(waterG), new Step.WaitFor(WaitEvent.FineBubbles) { ExpectS = 30 }, new Step.AddCoffee()]);
            steps.Add(new Step.Stir { Turns = turns, OverS = In(2, 40, two.B), Continuous = second });
            steps.AddRange([new Step.Wait(holdS), new Step.RemoveBurner(), new Step.Drain()]);
        }
        else
        {
            // With the valve open and no coffee in it the water runs straight through; the checker warns about that.
            if (family == BrewerFamily.LeverDripper && second && first)
            {
                steps.Add(new Step.OpenValve());
            }

            if (first)
            {
                steps.AddRange([new Step.AddCoffee(), new Step.Pour(bloomG) { OverS = In(1, 30, two.B) }, new Step.Wait(In(0, 60, two.C))]);
            }
            else
            {
                steps.AddRange([new Step.Pour(bloomG) { OverS = In(1, 30, two.B) }, new Step.AddCoffee()]);
            }

            steps.Add(new Step.Pour(waterG) { OverS = In(0, 60, two.D), Height = second ? PourHeight.High : PourHeight.Low, StirsIn = first });
            if (family == BrewerFamily.LeverDripper && second && first)
            {
                steps.Add(new Step.CloseValve());
            }

            steps.Add(new Step.BreakCrust { Turns = turns, OverS = 3 });
            if (family == BrewerFamily.TubePress)
            {
                steps.Add(new Step.SeatPlunger(second));
            }

            steps.Add(new Step.Wait(holdS));
            steps.AddRange(family switch
            {
                BrewerFamily.FrenchPress => [new Step.Plunge(second ? PlungeDepth.Surface : PlungeDepth.Bottom) { OverS = In(2, 40, three.A) }, new Step.Decant { OverS = In(0, 20, three.B) }],
                BrewerFamily.Jar => [new Step.Skim { OverS = 10 }, new Step.Decant(In(0, 60, three.A)) { OverS = 12 }],
                BrewerFamily.TubePress => [new Step.Press { OverS = In(5, 50, three.A) }],
                _ when second => [new Step.Drain(waterG / 3), new Step.SwapCup(Keep: first), new Step.Drain()],
                _ => (Step[])[new Step.Drain()],
            });
        }

        if (three.D > 0.6)
        {
            steps.Add(three.D > 0.8 ? new Step.Ice(In(20, 300, three.C)) { UntilC = three.D > 0.9 ? 4 : null } : new Step.Dilute(In(10, 200, three.C), 80));
        }

        return new Recipe("generated", "Generated", new Brewer(family, In(250, 1500, three.C)) { Wrapped = first, Cone = second && family is BrewerFamily.LeverDripper or BrewerFamily.ValveDripper ? Cone.Smooth : null },
            new Coffee(doseG, two.A, In(0, 40, three.B)), new Grind(In(250, 1400, two.C), In(0.2, 0.8, two.D)), new KettleWater(In(70, 100, three.A)),
            new Place(In(0, 3000, three.D), 20), ClockStart.CoffeeIn, [.. steps]);
    }
}
