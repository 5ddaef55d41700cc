namespace Cistern.Core.Forecasts;

/// <summary>The effect of each verb on the slurry. The visits' results are not used; the visitor interface requires one.</summary>
internal sealed partial class ForecastRun
{
    public bool Visit(Step.HeatWater step) => Pass(step);
    public bool Visit(Step.RinseFilter step) => Warm(step, step.Hot ? 60 : 0);
    public bool Visit(Step.Preheat step) => Warm(step, 80);
    public bool Visit(Step.Weigh step) => Pass(step);
    public bool Visit(Step.GrindCoffee step) => Pass(step);
    public bool Visit(Step.LevelBed step) => Pass(step);
    public bool Visit(Step.MakeWell step) => Pass(step);
    public bool Visit(Step.Stir step) => Turn(step, 1, step.Continuous);
    public bool Visit(Step.Swirl step) => Turn(step, 0.6);
    public bool Visit(Step.TapRaft step) => Turn(step, 0.4);
    public bool Visit(Step.BreakCrust step) => Turn(step, 0.7);
    public bool Visit(Step.Skim step) => Pass(step);
    public bool Visit(Step.Lid step) => slurry.Covered = step.On;
    public bool Visit(Step.OffScale step) => Pass(step);
    public bool Visit(Step.SetOnServer step) => Pass(step);
    public bool Visit(Step.Smell step) => Pass(step);
    public bool Visit(Step.PurgeAir step) => Pass(step);
    public bool Visit(Step.CloseValve step) => Shut();
    public bool Visit(Step.Wait step) => Idle(step.ForS);
    public bool Visit(Step.WaitFor step) => Idle(step.ExpectS);
    public bool Visit(Step.Strain step) => Pass(step);
    public bool Visit(Step.Share step) => Pass(step);
    public bool Visit(Step.StopDrip step) => Shut();
    public bool Visit(Step.Clear step) => Pass(step);
    public bool Visit(Step.Dilute step) => Add(step);
    public bool Visit(Step.Ice step) => Add(step);
    public bool Visit(Step.StirCup step) => Pass(step);
    public bool Visit(Step.Taste step) => Pass(step);
    public bool Visit(Step.Serve step) => Pass(step);

    public bool Visit(Step.Tare step)
    {
        tareG = OnScaleG;
        tared = true;
        return Pass(step);
    }

    public bool Visit(Step.AddCoffee step)
    {
        slurry.AddCoffee();
        if (slurry.FlameOn)
        {
            JudgeFlame();
        }

        return true;
    }

    public bool Visit(Step.Pour pour)
    {
        if (!tared && slurry.PouredG <= 0)
        {
            // Everyone sets the scale to zero before the first water.
            tareG = OnScaleG;
        }

        var vigour = pour.Height switch
        {
            PourHeight.Low => 0.6,
            PourHeight.High => 1.3,
            PourHeight.Normal => 0.8,
        };
        slurry.Pour(Math.Max(0, pour.ToG - slurry.PouredG), pour.OverS, pour.TemperatureC ?? recipe.Water.TemperatureC, vigour);
        if (pour.StirsIn)
        {
            slurry.EndPourStirring();
        }
        return true;
    }

    public bool Visit(Step.SeatPlunger step)
    {
        slurry.SeatPlunger();
        return Drips(step.DrawBack ? 0 : 0.15);
    }

    public bool Visit(Step.LiftPlunger step)
    {
        slurry.LiftPlunger();
        return Drips(1);
    }

    public bool Visit(Step.Flip step)
    {
        slurry.Raise(1.0);
        Pass(step);
        if (turned)
        {
            turned = false;
            slurry.OpenShare = 0.15;
        }

        return true;
    }

    public bool Visit(Step.LightBurner step)
    {
        flameW = step.FlameW ?? ForecastModel.UsualFlameW;
        return true;
    }

    public bool Visit(Step.SeatChamber step)
    {
        slurry.Rise(step.WaterG, Math.Min(BulbG, step.WaterG), Math.Min(step.HoldC ?? ForecastModel.UsualHoldC, slurry.BoilingC - 2));
        return true;
    }

    public bool Visit(Step.RemoveBurner step)
    {
        slurry.TakeFlameAway();
        drawFromS = slurry.TimeS;
        return true;
    }

    public bool Visit(Step.OpenValve step)
    {
        slurry.OpenShare = 1;
        drawFromS = slurry.TimeS;
        return true;
    }

    public bool Visit(Step.Press press)
    {
        slurry.Raise(0.8);
        var freeG = slurry.FreeG;
        NoteForce(25, freeG, press.OverS, bedShare: 1);
        var drip = slurry.OpenShare;
        slurry.Drive(freeG, press.OverS);
        slurry.OpenShare = drip;
        return true;
    }

    public bool Visit(Step.Plunge plunge)
    {
        if (plunge.Depth == PlungeDepth.Bottom)
        {
            var throughG = Math.Max(0, slurry.ContactG - slurry.BedWaterG);
            NoteForce(10, throughG, plunge.OverS, slurry.Raft <= 0.15 ? 0.35 : 1);
            slurry.Disturb();
        }

        slurry.Idle(plunge.OverS);
        return true;
    }

    public bool Visit(Step.Drain drain)
    {
        slurry.OpenShare = 1;
        if (double.IsNaN(drawFromS))
        {
            drawFromS = slurry.TimeS;
        }

        var ended = slurry.Drain(drain.UntilG);
        slurry.Draining = drain.UntilG is not null && IsStirredOn();
        slurry.OpenShare = slurry.Draining ? 1 : 0;
        (drawToS, drawnBy) = (slurry.TimeS, index);
        if (ended && drain.UntilG is not null && slurry.FreeG <= 1 + 1e-6 && slurry.CupWaterG + slurry.CupSolidsG < drain.UntilG - 0.05)
        {
            events.Add(new BrewEvent(BrewEventKind.DryBed, slurry.TimeS, index, slurry.CupWaterG + slurry.CupSolidsG, drain.UntilG.Value));
        }
        return true;
    }

    /// <summary>Whether stirs follow while this drawdown runs, and then another drawdown. Liquid goes on flowing meanwhile.</summary>
    private bool IsStirredOn()
    {
        var next = index + 1;
        while (next < recipe.Steps.Length && recipe.Steps[next] is Step.Stirring)
        {
            next++;
        }

        return next > index + 1 && next < recipe.Steps.Length && recipe.Steps[next] is Step.Drain;
    }

    public bool Visit(Step.Decant decant)
    {
        if (!decanted)
        {
            suspended = slurry.Suspended * (decant.HeldBack ? HeldBackShare : 1);
            decanted = true;
        }

        slurry.Drive(Math.Max(0, slurry.FreeG - (decant.LeaveG ?? slurry.Vessel.ResidueG)), decant.OverS);
        return true;
    }

    public bool Visit(Step.SwapCup step)
    {
        slurry.SwapCup(step.Keep);
        return true;
    }

    /// <summary>The step takes time and does nothing to the slurry.</summary>
    private bool Pass(Step step) => Idle(step.OverS);

    private bool Idle(double overS)
    {
        slurry.Idle(overS);
        return true;
    }

    private bool Warm(Step step, double waterG)
    {
        if (waterG > 0)
        {
            slurry.WarmVessel(waterG);
        }

        return Pass(step);
    }

    private bool Turn(Step.Stirring step, double vigour, bool continuous = false)
    {
        slurry.Stir(step.Turns, vigour, step.OverS, continuous);
        return true;
    }

    /// <summary>Sets how far an upright tube drips; other brewers do not.</summary>
    private bool Drips(double share)
    {
        if (recipe.Brewer.Family == BrewerFamily.TubePress && !turned)
        {
            slurry.OpenShare = share;
        }

        return true;
    }

    private bool Shut()
    {
        slurry.OpenShare = 0;
        return true;
    }

    /// <summary>Steps that act on the whole drink are applied when it is finished.</summary>
    private bool Add(Step step)
    {
        added.Add(step);
        return true;
    }

    private void NoteForce(double ownN, double throughG, double overS, double bedShare)
    {
        // A press without a length is computed as half a second.
        var flowM3PerS = throughG * 1e-6 / Math.Max(0.5, overS);
        pressForceN = ownN + (WaterPhysics.ViscosityPaS(slurry.TemperatureC) * flowM3PerS * slurry.ResistanceOf(bedShare));
    }
}
