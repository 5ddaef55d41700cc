using System.Runtime.InteropServices;
using System.Runtime.Intrinsics;

namespace Cistern.Core.Forecasts;

/// <summary>
/// The dry matter: eight particle sizes, each with a surface pool and a core pool of three groups of solubles,
/// emptying towards the liquid around them.
/// </summary>
/// <remarks>
/// Each pool relaxes towards its own equilibrium, ds/dt = −k (s − w q). A time step approximates the decay as 1/(1 + x + x²/2): second
/// order, without overshoot, and stable for any length. q is taken at the middle of the step and solved exactly, since the dissolved
/// mass is linear in it. A long steep therefore needs few steps. Pools are stored in vectors of four, so that every machine does the
/// same arithmetic in the same order.
/// </remarks>
internal sealed class Grounds
{
    /// <summary>Share dissolved at equilibrium: bright, sweet, bitter. Published for full immersion without stirring.</summary>
    private static readonly double[] Equilibrium = [0.82, 0.73, 0.61];

    /// <summary>Diffusivity in the particle at 93 °C, m²/s. Fitted.</summary>
    private static readonly double[] Diffusivity = [2.6e-10, 1.7e-10, 0.9e-10];

    /// <summary>Activation energy, J/mol. Fitted.</summary>
    private static readonly double[] ActivationJPerMol = [16_000, 26_000, 40_000];

    /// <summary>
    /// Water below this temperature is cold, °C: it dissolves less at equilibrium, and more slowly than the activation energies
    /// predict. A brew that began hot is computed as published however long it stands. Judged, like everything about cold water here;
    /// nothing was measured.
    /// </summary>
    public const double ColdBelowC = 60;

    /// <summary>How much less of each group dissolves at equilibrium at 20 °C, as a share. Judged.</summary>
    private static readonly double[] ColdKeeps = [0.07, 0.10, 0.12];

    private const double ColdPerC = 1 / 40.0;
    private const double ColdSlows = 2;
    private const int Bins = 8;
    private const int Pools = 2 * Bins;
    private const int Groups = 3;
    private const double ReferenceK = 366.15;
    private const double SurfaceCellUm = 22;
    private const double FastestCore = 0.5;
    private const double SurfaceRate = 0.12;
    private const double FilmRate = 0.040;
    private const double FilmSizeUm = 700;
    private const double SaturationGPerG = 0.21;

    private readonly double[] left = new double[Groups * Pools];
    private readonly double[] inner = new double[Groups * Pools];
    private readonly double[] film = new double[Pools];
    private readonly double[] share = new double[Pools];
    private readonly double[] atRest = new double[Groups];
    private readonly double[] yieldPerEquilibrium = new double[Groups];
    private readonly double[] soluble = new double[Groups];

    public Grounds(Coffee coffee, Grind grind, double fines, ModelParameters parameters)
    {
        (soluble[0], soluble[1], soluble[2]) = SolubleOf(coffee.Roast);
        Span<double> diameterUm = stackalloc double[Bins];
        Span<double> mass = stackalloc double[Bins];
        Distribute(grind, fines, diameterUm, mass);
        for (var bin = 0; bin < Bins; bin++)
        {
            var core = Math.Max(0, 1 - (2 * SurfaceCellUm / diameterUm[bin]));
            var surface = 1 - (core * core * core);
            var filmRate = FilmRate * (FilmSizeUm / diameterUm[bin]);
            share[bin] = mass[bin] * surface;
            share[Bins + bin] = mass[bin] * (1 - surface);
            film[bin] = 3 * filmRate;
            film[Bins + bin] = filmRate;
            var diameterM = diameterUm[bin] * 1e-6;
            for (var group = 0; group < Groups; group++)
            {
                inner[(group * Pools) + bin] = SurfaceRate;
                inner[(group * Pools) + Bins + bin] = 60 * Diffusivity[group] * parameters.Diffusivity / (diameterM * diameterM);
            }
        }

        for (var group = 0; group < Groups; group++)
        {
            var k = Equilibrium[group] + parameters.EquilibriumShift;
            atRest[group] = k;
            yieldPerEquilibrium[group] = (1 - k) / k;
            for (var pool = 0; pool < Pools; pool++)
            {
                left[(group * Pools) + pool] = soluble[group] * share[pool];
            }
        }
    }

    /// <summary>What can be dissolved at all, g per g of coffee.</summary>
    public Solubles Soluble => new(soluble[0], soluble[1], soluble[2]);

    /// <summary>What is still in the grounds, g per g of coffee.</summary>
    public Solubles Left => new(Sum(0), Sum(1), Sum(2));

    /// <summary>What can be dissolved of a roast, g per g of coffee: E_max and its shares, linear in the roast. Fitted.</summary>
    public static Solubles SolubleOf(double roast)
    {
        var most = Between(0.300, 0.325, roast);
        return new Solubles(most * Between(0.36, 0.22, roast), most * Between(0.42, 0.40, roast), most * Between(0.22, 0.38, roast));
    }

    /// <summary>The equilibrium yield without stirring, g per g of coffee: the sum of K times the soluble amounts. About 0.22.</summary>
    /// <param name="roast">0 (lightest) to 1 (darkest).</param>
    /// <param name="equilibriumShift">Added to K.</param>
    public static double AtRest(double roast, double equilibriumShift)
    {
        var all = SolubleOf(roast);
        return ((Equilibrium[0] + equilibriumShift) * all.Bright) + ((Equilibrium[1] + equilibriumShift) * all.Sweet) + ((Equilibrium[2] + equilibriumShift) * all.Bitter);
    }

    /// <summary>Fines from a grinder where they were not measured, mass fraction.</summary>
    public static double UsualFines(double medianUm) => Math.Min(0.35, 0.12 * Math.Pow(600 / medianUm, 0.6));

    /// <summary>Extracts for some time.</summary>
    /// <param name="dissolved">Dissolved in the surrounding liquid, by group, g per g of coffee; increased by what is extracted.</param>
    /// <param name="reachedPerWater">All water that has reached the coffee, divided by the water around it now.</param>
    /// <param name="waterPerDose">The water around it now, g per g of coffee.</param>
    /// <param name="temperatureC">Of the liquid, °C.</param>
    /// <param name="agitation">Agitation, 0.30 at rest.</param>
    /// <param name="contact">Share of the grounds that is wetted and submerged, 0 to 1.</param>
    /// <param name="seconds">How long.</param>
    /// <param name="coldBrewed">Degree of cold brewing: 0 from 60 °C up, 1 from 50 °C down, continuous in between.</param>
    public void Extract(Span<double> dissolved, double reachedPerWater, double waterPerDose, double temperatureC, double agitation, double contact, double seconds, double coldBrewed)
    {
        var concentration = (dissolved[0] + dissolved[1] + dissolved[2]) / waterPerDose;
        var cold = coldBrewed * Math.Max(0, (ColdBelowC - temperatureC) * ColdPerC);
        var reach = contact * Math.Max(0, 1 - (concentration / SaturationGPerG)) * seconds / (1 + (ColdSlows * cold));
        if (reach <= 0)
        {
            return;
        }

        var inverseK = (1 / (temperatureC + WaterPhysics.Kelvin)) - (1 / ReferenceK);
        Span<Vector256<double>> gains = stackalloc Vector256<double>[Pools / 4];
        var cap = Vector256.Create(FastestCore);
        var scale = Vector256.Create(reach);
        for (var group = 0; group < Groups; group++)
        {
            var arrhenius = Math.Exp(-ActivationJPerMol[group] / WaterPhysics.GasConstant * inverseK);
            var pools = Lanes(left.AsSpan(group * Pools, Pools));
            var rates = Lanes(inner.AsSpan(group * Pools, Pools));
            var films = Lanes(film);
            var shares = Lanes(share);
            var heat = Vector256.Create(arrhenius);
            var stir = Vector256.Create(agitation);
            var leaving = Vector256<double>.Zero;
            var returning = Vector256<double>.Zero;
            for (var lane = 0; lane < gains.Length; lane++)
            {
                var inside = rates[lane] * heat;
                var outside = films[lane] * stir;
                var rate = Vector256.Min(cap, inside * outside / (inside + outside));
                var x = rate * scale;
                var grown = x + (x * x * 0.5);
                var gain = grown / (Vector256<double>.One + grown);
                gains[lane] = gain;
                leaving += gain * pools[lane];
                returning += gain * shares[lane];
            }

            var back = (cold > 0 ? ColdYield(group, cold) : yieldPerEquilibrium[group]) * reachedPerWater;
            var gone = Vector256.Sum(leaving);
            var pulled = back * Vector256.Sum(returning);
            // The midpoint is second order; the end point keeps a nearly drained bed from oscillating.
            var weight = pulled > 1 ? 1 : 0.5;
            var equilibrium = back * (dissolved[group] + (weight * gone)) / (1 + (weight * pulled));
            var level = Vector256.Create(equilibrium);
            // What dissolved while the water was warmer does not precipitate when it cools.
            if (cold > 0 && gone < pulled * equilibrium / back)
            {
                continue;
            }

            var moved = Vector256<double>.Zero;
            for (var lane = 0; lane < gains.Length; lane++)
            {
                var change = gains[lane] * (pools[lane] - (shares[lane] * level));
                pools[lane] -= change;
                moved += change;
            }

            dissolved[group] += Vector256.Sum(moved);
        }
    }

    private double ColdYield(int group, double cold)
    {
        var k = atRest[group] * (1 - (ColdKeeps[group] * cold));
        return (1 - k) / k;
    }

    private static Span<Vector256<double>> Lanes(Span<double> values) => MemoryMarshal.Cast<double, Vector256<double>>(values);

    private static double Between(double light, double dark, double roast) => light + ((dark - light) * roast);

    private static void Distribute(Grind grind, double fines, Span<double> diameterUm, Span<double> mass)
    {
        // Mean quantiles of six equal parts of a normal distribution.
        ReadOnlySpan<double> quantiles = [-1.3830, -0.6745, -0.2104, 0.2104, 0.6745, 1.3830];
        diameterUm[0] = 30;
        diameterUm[1] = 70;
        mass[0] = mass[1] = fines / 2;
        for (var i = 0; i < quantiles.Length; i++)
        {
            diameterUm[2 + i] = grind.MedianUm * Math.Exp(grind.Spread * quantiles[i]);
            mass[2 + i] = (1 - fines) / quantiles.Length;
        }
    }

    private double Sum(int group)
    {
        var sum = 0.0;
        foreach (var pool in left.AsSpan(group * Pools, Pools))
        {
            sum += pool;
        }

        return sum;
    }
}
