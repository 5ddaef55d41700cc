using System.Buffers;
using System.Runtime.InteropServices;

namespace Cistern.Core.Forecasts;

/// <summary>One run of a recipe: goes through its steps and applies each to the slurry.</summary>
internal sealed partial class ForecastRun : IStepVisitor<bool>
{
    private const double BulbG = 12;

    private readonly Recipe recipe;
    private readonly ForecastModel model;
    private readonly ForecastOptions options;
    private readonly Slurry slurry;
    private readonly List<BrewEvent> events = [];
    private readonly List<Step> added = [];
    private readonly StepTiming[] timings;
    private readonly int anchor;

    private int index;
    private Sample[]? samples;
    private int sampleCount;
    private double nextSampleS;
    private double tareG;
    private bool tared;
    private double drawFromS = double.NaN;
    private double drawToS = double.NaN;
    private int drawnBy = -1;
    private double? pressForceN;
    /// <summary>Share of the fines that still passes when the plunger is held at an angle. Judged.</summary>
    private const double HeldBackShare = 0.7;

    private double suspended = 0.6;
    private bool decanted;
    private double flameW = ForecastModel.UsualFlameW;
    private bool turned;
    private double? flameMarginW;
    private Reckoning.ServedDrink served = new(0, 0);

    public ForecastRun(Recipe recipe, ForecastModel model, ForecastOptions options)
    {
        this.recipe = recipe;
        this.model = model;
        this.options = options;
        slurry = new Slurry(recipe, model);
        timings = new StepTiming[recipe.Steps.Length];
        anchor = RecipeChecker.AnchorIndex(recipe);
        turned = recipe.Brewer.Family == BrewerFamily.TubePress
            && (recipe.Brewer.Position ?? (recipe.Steps.Any(step => step is Step.Flip) ? TubePosition.Turned : TubePosition.Upright)) == TubePosition.Turned;
        slurry.OpenShare = recipe.Brewer.Family == BrewerFamily.TubePress && !turned ? 1 : 0;
        if (options.WithSeries)
        {
            samples = ArrayPool<Sample>.Shared.Rent(1024);
            slurry.Moved = TakeSample;
        }
    }

    public Forecast Run()
    {
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            var step = recipe.Steps[i];
            WaitFor(step, i);
            if (i == anchor && recipe.ClockStarts != ClockStart.WaterIn)
            {
                slurry.ZeroS = slurry.TimeS;
            }

            var startS = slurry.TimeS;
            index = i;
            step.Accept(this);
            if (i == anchor && recipe.ClockStarts == ClockStart.WaterIn)
            {
                slurry.ZeroS = slurry.TimeS;
            }

            timings[i] = new StepTiming(i, startS, slurry.TimeS, DisplayG);
            ForceSample();
        }

        return Finish();
    }

    private double DisplayG => OnScaleG - tareG;

    private double OnScaleG => slurry.PouredG + (slurry.CoffeeIn ? recipe.Coffee.DoseG : 0);

    private void WaitFor(Step step, int index)
    {
        if (step.AtS is not { } atS || double.IsNaN(slurry.ZeroS))
        {
            return;
        }

        var dueS = slurry.ZeroS + atS;
        if (slurry.TimeS < dueS)
        {
            slurry.Idle(dueS - slurry.TimeS);
        }
        else if (slurry.TimeS > dueS + 0.05)
        {
            events.Add(new BrewEvent(BrewEventKind.StepLate, slurry.TimeS, index, slurry.TimeS - slurry.ZeroS, atS));
        }
    }

    private void JudgeFlame()
    {
        var margin = slurry.FlameMarginW(flameW);
        flameMarginW = margin;
        if (margin < 30)
        {
            events.Add(new BrewEvent(BrewEventKind.WaterFallsBack, slurry.TimeS, index, margin, 30));
        }
        else if (margin > 160)
        {
            events.Add(new BrewEvent(BrewEventKind.BoilsOver, slurry.TimeS, index, margin, 160));
        }
    }

    private Forecast Finish()
    {
        var zeroS = double.IsNaN(slurry.ZeroS) ? 0 : slurry.ZeroS;
        var cups = slurry.CloseCups();
        var totals = Reckon(cups, zeroS);
        for (var i = 0; i < timings.Length; i++)
        {
            timings[i] = timings[i] with { StartS = timings[i].StartS - zeroS, EndS = timings[i].EndS - zeroS };
        }

        for (var i = 0; i < events.Count; i++)
        {
            events[i] = events[i] with { AtS = events[i].AtS - zeroS };
        }

        Judge(totals, zeroS);
        return new Forecast(recipe, totals, ImmutableCollectionsMarshal.AsImmutableArray(timings), TakeSeries(zeroS), [.. cups], [.. events])
        {
            Model = model,
            Options = options,
            Moves = slurry.Moves,
        };
    }

    private Totals Reckon(IReadOnlyList<Cup> cups, double zeroS)
    {
        double waterG = 0, bright = 0, sweet = 0, bitter = 0;
        foreach (var cup in cups)
        {
            if (cup.Kept)
            {
                waterG += cup.WaterG;
                bright += cup.SolidsG.Bright;
                sweet += cup.SolidsG.Sweet;
                bitter += cup.SolidsG.Bitter;
            }
        }

        var doseG = recipe.Coffee.DoseG;
        var solids = new Solubles(bright, sweet, bitter);
        var beverageG = waterG + solids.Sum;
        var soluble = slurry.SolubleG;
        var balance = bright > 0 && bitter > 0 ? 10 * Math.Log(bitter / soluble.Bitter / (bright / soluble.Bright) / 0.695) : 0;
        var totals = new Totals
        {
            FinishS = slurry.TimeS - zeroS,
            BeverageG = beverageG,
            BeverageWaterG = waterG,
            SolidsG = solids,
            TdsPercent = beverageG > 0 ? 100 * solids.Sum / beverageG : 0,
            ExtractionYieldPercent = 100 * solids.Sum / doseG,
            DissolvedYieldPercent = 100 * (soluble.Sum - slurry.LeftG.Sum) / doseG,
            FlavourBalance = balance,
            ExtractionLevel = (soluble.Sum - slurry.LeftG.Sum) / doseG / Grounds.AtRest(recipe.Coffee.Roast, model.Parameters.EquilibriumShift),
            SlurryEndC = slurry.TemperatureC,
            StreamC = slurry.StreamC,
            DrawdownS = double.IsNaN(drawToS) ? null : drawToS - drawFromS,
            PressForceN = pressForceN,
            FlameMarginW = flameMarginW,
            PeakVolumeMl = slurry.PeakVolumeMl,
            SedimentGPer100G = beverageG > 0 ? 100 * slurry.FinesG * FilterTraits.Of(slurry.Vessel.Filter).FinesPassed * suspended / beverageG : 0,
            KeptWaterG = slurry.ContactG + slurry.AnnulusG,
            KeptSolidsG = slurry.InLiquidG,
            FinalC = slurry.StreamC,
            DrinkableAfterS = 0,
        };
        return Served(totals);
    }

    private Totals Served(Totals totals)
    {
        served = new Reckoning.ServedDrink(totals.BeverageG, totals.StreamC);
        foreach (var step in added)
        {
            if (step is Step.Dilute dilute)
            {
                served.Dilution(dilute.WaterG, Math.Min(dilute.TemperatureC ?? recipe.Water.TemperatureC, slurry.BoilingC));
                // The diluted drink before ice is a figure of its own.
                totals = served.IceG > 0 ? totals : totals with { DilutedG = served.MassG, DilutedTdsPercent = 100 * totals.SolidsG.Sum / served.MassG };
            }
            else if (step is Step.Ice ice)
            {
                served.Chill(ice.IceG, ice.IceC, ice.UntilC, ice.Met);
            }
        }

        if (served.IceG > 0)
        {
            totals = totals with
            {
                IceG = served.IceG,
                MeltG = served.MeltG,
                LeastIceG = served.LeastIceG,
                ChilledC = served.TemperatureC,
                ChilledG = served.MassG,
                ChilledTdsPercent = served.MassG > 0 ? 100 * totals.SolidsG.Sum / served.MassG : 0,
                LaterIceG = served.LaterG > 0 ? served.LaterG : null,
                ThinnestTdsPercent = served.LaterG > 0 ? 100 * totals.SolidsG.Sum / (served.MassG + served.LaterG) : null,
            };
        }

        return totals with { FinalC = served.TemperatureC, DrinkableAfterS = Reckoning.Drinking.WaitS(served.MassG, served.TemperatureC, recipe.Place.AmbientC) };
    }

    private void Judge(Totals totals, double zeroS)
    {
        var capacityMl = recipe.RoomMl;
        var peakAtS = slurry.PeakAtS - zeroS;
        if (totals.PeakVolumeMl > capacityMl)
        {
            // A closed vessel, or one over a flame, is never filled to the rim.
            var brim = slurry.PeakWaterG <= capacityMl && recipe.Brewer.Family is not (BrewerFamily.TubePress or BrewerFamily.Siphon);
            events.Add(new BrewEvent(brim ? BrewEventKind.ToTheBrim : BrewEventKind.Overflow, peakAtS, FilledBy(peakAtS), totals.PeakVolumeMl, capacityMl));
        }
        else if (totals.PeakVolumeMl > Vessel.Fullest * capacityMl)
        {
            events.Add(new BrewEvent(BrewEventKind.NearlyFull, peakAtS, FilledBy(peakAtS), totals.PeakVolumeMl, capacityMl));
        }

        if (options.ServerMl is { } serverMl)
        {
            var unmeltedMl = (served.IceG - served.MeltG) / WaterPhysics.IceDensityGPerMl;
            var neededMl = (totals.FinalG / WaterPhysics.DensityGPerMl(Math.Clamp(totals.FinalC, 0, 100))) + unmeltedMl;
            if (neededMl > Vessel.Fullest * serverMl)
            {
                events.Add(new BrewEvent(BrewEventKind.ServerOverflow, totals.FinishS, -1, neededMl, serverMl));
            }
        }

        JudgeBoiling();

        if (totals.DrawdownS > ForecastModel.StallsAfterS)
        {
            events.Add(new BrewEvent(BrewEventKind.Stall, drawFromS - zeroS, drawnBy, totals.DrawdownS.Value, ForecastModel.StallsAfterS));
        }

        if (pressForceN > 120)
        {
            events.Add(new BrewEvent(BrewEventKind.PressTooHard, totals.FinishS, IndexOfPress(), pressForceN.Value, 120));
        }

        if (served.Short is { } tooWarm)
        {
            events.Add(new BrewEvent(BrewEventKind.IceTooLittle, totals.FinishS, -1, tooWarm.ReachedC, tooWarm.WantedC));
        }

        JudgeWindows();
        JudgeTargets(totals);
    }

    /// <summary>Water cannot be hotter than its boiling point, whether in the kettle or in a single pour.</summary>
    private void JudgeBoiling()
    {
        const double Near = 0.5; // a kettle this close to boiling is treated as boiling
        if (recipe.Water.TemperatureC > slurry.BoilingC + Near)
        {
            events.Add(new BrewEvent(BrewEventKind.KettleAboveBoiling, 0, -1, recipe.Water.TemperatureC, slurry.BoilingC));
        }

        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            var ownC = recipe.Steps[i] switch
            {
                Step.Pour pour => pour.TemperatureC,
                Step.Dilute dilute => dilute.TemperatureC,
                _ => null,
            };
            if (ownC > slurry.BoilingC + Near)
            {
                events.Add(new BrewEvent(BrewEventKind.KettleAboveBoiling, timings[i].StartS, i, ownC.Value, slurry.BoilingC));
            }
        }
    }

    private void JudgeWindows()
    {
        // When the window of a step before still stands open.
        var openS = double.NegativeInfinity;
        for (var i = 0; i < timings.Length; i++)
        {
            var step = recipe.Steps[i];
            Against(i, step.WindowOfStart, timings[i].StartS);
            Against(i, Verb.TraitsOf(step).WindowOf == WindowOf.Length ? step.Window : null, timings[i].LengthS);
            if (step.AtS is { } atS && openS > atS + 0.05)
            {
                events.Add(new BrewEvent(BrewEventKind.TimeInWindow, timings[i].StartS, i, atS, openS));
            }

            openS = Math.Max(openS, step.OpenUntilS(timings[i].StartS) ?? double.NegativeInfinity);
        }

        void Against(int index, Span? window, double value)
        {
            if (window is { } set && (value < set.Low - 0.05 || value > set.High + 0.05))
            {
                events.Add(new BrewEvent(BrewEventKind.WindowMissed, timings[index].StartS, index, value, value < set.Low ? set.Low : set.High));
            }
        }
    }

    private void JudgeTargets(Totals totals)
    {
        if (recipe.Target is not { } target)
        {
            return;
        }

        Against("tdsPercent", target.TdsPercent, totals.FinalTdsPercent);
        Against("tilt", target.FlavourBalance, totals.FlavourBalance);
        Against("extractionYieldPercent", target.ExtractionYieldPercent, totals.ExtractionYieldPercent);
        // The clock shows whole seconds, so the finish is compared as it is shown.
        Against("finishS", target.FinishS, Math.Round(totals.FinishS));

        void Against(string member, Span? range, double value)
        {
            if (range is { } wanted && !wanted.Holds(value))
            {
                events.Add(new BrewEvent(BrewEventKind.TargetMissed, totals.FinishS, -1, value, value < wanted.Low ? wanted.Low : wanted.High, member));
            }
        }
    }

    private int StepAt(double timeS)
    {
        for (var i = timings.Length - 1; i >= 0; i--)
        {
            if (timings[i].StartS <= timeS + 1e-9)
            {
                return i;
            }
        }

        return 0;
    }

    /// <summary>The step that filled the vessel by a time. The peak comes later, with the foam, but this step's amount can be reduced.</summary>
    private int FilledBy(double timeS)
    {
        var at = StepAt(timeS);
        while (at > 0 && recipe.Steps[at] is not Step.AddCoffee && !Verb.TraitsOf(recipe.Steps[at]).BringsWater)
        {
            at--;
        }

        return at;
    }

    private int IndexOfPress()
    {
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            if (recipe.Steps[i] is Step.Press or Step.Plunge { Depth: PlungeDepth.Bottom })
            {
                return i;
            }
        }

        return -1;
    }

    private void TakeSample()
    {
        if (slurry.TimeS < nextSampleS - 1e-9)
        {
            return;
        }

        var intervalS = Math.Max(1, slurry.TimeS / 1200);
        nextSampleS = slurry.TimeS + intervalS;
        FillIn(intervalS);
        AddSample();
    }

    /// <summary>In a long steep, samples are added between steps by linear interpolation.</summary>
    private void FillIn(double intervalS)
    {
        if (sampleCount == 0 || slurry.TimeS - samples![sampleCount - 1].TimeS < 1.9 * intervalS)
        {
            return;
        }

        var from = samples[sampleCount - 1];
        AddSample();
        var to = samples[--sampleCount];
        var parts = (int)((to.TimeS - from.TimeS) / intervalS);
        for (var part = 1; part < parts; part++)
        {
            AddSample(from.Towards(to, (float)part / parts));
        }
    }

    /// <summary>The curves have corners at steps, so the end of each step is always sampled.</summary>
    private void ForceSample()
    {
        if (samples is not null && (sampleCount == 0 || samples[sampleCount - 1].TimeS < (float)slurry.TimeS - 1e-4f))
        {
            AddSample();
        }
        else if (samples is not null)
        {
            sampleCount--;
            AddSample();
        }
    }

    private void AddSample(Sample sample)
    {
        if (sampleCount == samples!.Length)
        {
            var larger = ArrayPool<Sample>.Shared.Rent(2 * samples.Length);
            samples.AsSpan(0, sampleCount).CopyTo(larger);
            ArrayPool<Sample>.Shared.Return(samples);
            samples = larger;
        }

        samples[sampleCount++] = sample;
    }

    private void AddSample()
    {
        var solids = slurry.InLiquidG;
        AddSample(new Sample
        {
            TimeS = (float)slurry.TimeS,
            TemperatureC = (float)slurry.TemperatureC,
            ContactWaterG = (float)slurry.ContactG,
            AnnulusG = (float)slurry.AnnulusG,
            BedWaterG = (float)slurry.BedWaterG,
            BrightG = (float)solids.Bright,
            SweetG = (float)solids.Sweet,
            BitterG = (float)solids.Bitter,
            Cup = (short)slurry.CupIndex,
            CupWaterG = (float)slurry.CupWaterG,
            CupSolidsG = (float)slurry.CupSolidsG,
            Raft = (float)slurry.Raft,
            VolumeMl = (float)slurry.VolumeMl,
            FlowGPerS = (float)slurry.FlowGPerS,
            DisplayG = (float)DisplayG,
        });
    }

    private ImmutableArray<Sample> TakeSeries(double zeroS)
    {
        if (samples is null)
        {
            return [];
        }

        var series = new Sample[sampleCount];
        for (var i = 0; i < series.Length; i++)
        {
            series[i] = samples[i] with { TimeS = (float)(samples[i].TimeS - zeroS) };
        }

        ArrayPool<Sample>.Shared.Return(samples);
        samples = null;
        return ImmutableCollectionsMarshal.AsImmutableArray(series);
    }
}
