namespace Cistern.Core.Forecasts;

/// <summary>
/// The state of a brew and how it changes: heat, wetting, gas, raft, extraction and flow. <see cref="ForecastRun"/> applies the steps
/// to it.
/// </summary>
/// <remarks>
/// A time step is symmetric and so second order: half the water, half the cooling, all the extraction, then the other halves. Time
/// steps are short while something happens and grow while nothing does.
/// </remarks>
internal sealed class Slurry
{
    private const double PourLossK = 1.5;

    // How much each stir during the drawdown raises the bed's resistance, by its vigour: fines settle on the filter. Judged.
    private const double ClogPerVigour = 0.08;
    private const double RestingAgitation = 0.30;
    private const double AgitationDecayS = 18;
    private const double GasDecayS = 120;
    private const double RaftS = 40;
    private const double RaftCalmBelow = 0.7;
    private const double WettingPerS = 0.012;
    private const double WaterPerMl = 1000; // kg/m³ as the flow law takes it
    private const double HeadG = 10; // the 1 cm of head under the free liquid limits how fast the flow can change
    private const double DryBedG = 1;
    private const double DryAtG = DryBedG + 1e-6; // smaller time steps are not needed
    private const double SuctionRampS = 12;
    private const double FlameApproachS = 12;
    private const double FoamCollapsesS = 120;
    private const double GroundsMlPerG = 0.80;
    private const double MinMedianUm = 30; // lower limit for a grind with its offset, above the fines
    private const int MovesBetweenLooks = 512;

    private readonly Vessel vessel;
    private readonly Recipe recipe;
    private readonly Grounds grounds;
    private readonly ModelParameters parameters;
    private readonly CancellationToken stops;
    private readonly double stepFactor;
    private readonly double holdGPerG;
    private readonly double fines;
    private readonly double doseG;
    private readonly double gasAtStart;
    private readonly double boilingC;
    private readonly double[] dissolved = new double[3]; // in the contacting liquid, g per g of coffee
    private readonly double[] cupSolidsG = new double[3];
    private readonly List<Cup> cups = [];

    private double contactG;
    private double annulusG;
    private double specificCake = double.NaN;
    private double clogged = 1;
    private double reachedG;
    private double wetting;
    private double raft;
    private double gas;
    private double agitation = RestingAgitation;
    private double agitationFloor;
    private double vesselStartC;
    private bool coffeeIn;
    private bool waterFirst;
    private double metAtS = double.NaN;
    private double lastChangeS;
    private double quietFromS;
    private bool stirring;
    private double disturbed = 1;
    private double cupWaterG;
    private double flowGPerS;
    private bool hasWater;
    private double streamG;
    private double streamHeat;
    private double cupStreamG;
    private double cupStreamHeat;

    public Slurry(Recipe recipe, ForecastModel model)
    {
        parameters = model.Parameters;
        stops = model.Stops;
        if (parameters.GrindOffsetUm != 0 && !recipe.Grind.Measured)
        {
            recipe = recipe with { Grind = recipe.Grind with { MedianUm = Math.Max(MinMedianUm, recipe.Grind.MedianUm + parameters.GrindOffsetUm) } };
        }

        this.recipe = recipe;
        stepFactor = model.StepFactor;
        vessel = Vessel.Of(recipe.Brewer);
        fines = recipe.Grind.Fines ?? Grounds.UsualFines(recipe.Grind.MedianUm);
        grounds = new Grounds(recipe.Coffee, recipe.Grind, fines, parameters);
        doseG = recipe.Coffee.DoseG;
        holdGPerG = vessel.HoldGPerG + parameters.HoldShiftGPerG;
        gasAtStart = (4 + (4 * recipe.Coffee.Roast)) * Math.Exp(-recipe.Coffee.RestDays / 14) * parameters.Gas;
        gas = gasAtStart;
        boilingC = WaterPhysics.BoilingPointC(recipe.Place.AltitudeM);
        vesselStartC = recipe.Place.AmbientC;
        TemperatureC = recipe.Place.AmbientC;
    }

    /// <summary>Number of time steps so far: the cost of the run.</summary>
    public int Moves { get; private set; }

    /// <summary>Called after every time step and after every instantaneous change.</summary>
    public Action? Moved { get; set; }

    public Vessel Vessel => vessel;

    public double TimeS { get; private set; }

    public double TemperatureC { get; private set; }

    public double PouredG { get; private set; }

    public bool Covered { get; set; }

    public bool PlungerSeated { get; private set; }

    public bool FlameOn { get; private set; }

    public double HoldC { get; private set; }

    public double FlameOutS { get; private set; } = double.NaN;

    /// <summary>Share of the flow law that applies: 0 closed, 1 open, a dripping tube in between.</summary>
    public double OpenShare { get; set; }

    /// <summary>The slurry's time at 0:00 on the brew clock; NaN until then.</summary>
    public double ZeroS { get; set; } = double.NaN;

    public double PeakVolumeMl { get; private set; }

    /// <summary>Whether a drawdown is running, so that a stir brings fines on to the filter.</summary>
    public bool Draining { get; set; }

    /// <summary>The largest amount of water that was in the vessel, g; the same in ml when cold.</summary>
    public double PeakWaterG { get; private set; }

    public double PeakAtS { get; private set; }

    public double BoilingC => boilingC;

    public bool CoffeeIn => coffeeIn;

    public double ContactG => contactG;

    public double AnnulusG => annulusG;

    public double Raft => raft;

    public double FlowGPerS => flowGPerS;

    public double BedWaterG => coffeeIn ? Math.Min(contactG, holdGPerG * doseG) : 0;

    public double CupWaterG => cupWaterG;

    public double CupSolidsG => cupSolidsG[0] + cupSolidsG[1] + cupSolidsG[2];

    public int CupIndex => cups.Count;

    public Solubles InLiquidG => new(dissolved[0] * doseG, dissolved[1] * doseG, dissolved[2] * doseG);

    public Solubles SolubleG => Times(grounds.Soluble, doseG);

    public Solubles LeftG => Times(grounds.Left, doseG);

    public double StreamC => streamG > 0 ? streamHeat / streamG : TemperatureC;

    /// <summary>Liquid that neither the bed nor the paper holds back, g.</summary>
    public double FreeG => Math.Max(0, contactG - (coffeeIn ? holdGPerG * doseG : 0)) + annulusG;

    /// <summary>Hydraulic resistance now, or some seconds from now, 1/m.</summary>
    public double ResistanceOf(double bedShare, double afterS = 0) =>
        FilterTraits.Of(vessel.Filter).Resistance + (bedShare * CakeResistance(TimeS + afterS));

    /// <summary>The volume of everything in the vessel, raft and foam included, ml.</summary>
    public double VolumeMl
    {
        get
        {
            var waterMl = (contactG + annulusG) / WaterPhysics.DensityGPerMl(TemperatureC);
            if (!coffeeIn)
            {
                return waterMl;
            }

            var foam = hasWater ? doseG * Math.Min(1.2, 0.15 * gasAtStart) * Math.Min(1, QuietS / 20) : 0;
            if (TimeS - ZeroS > FoamCollapsesS + 1e-6)
            {
                foam /= 2;
            }

            return waterMl + (GroundsMlPerG * doseG) + foam;
        }
    }

    /// <summary>Share of the fines now suspended in the liquid.</summary>
    public double Suspended
    {
        get
        {
            var viscosity = WaterPhysics.ViscosityPaS(TemperatureC);
            var depthM = Math.Max(0.02, (contactG + annulusG + doseG) * 1e-6 / vessel.LevelAreaM2);
            var sum = 0.0;
            foreach (var diameterM in (ReadOnlySpan<double>)[15e-6, 30e-6, 70e-6])
            {
                // Stokes, particles 120 kg/m³ denser than the drink.
                var settleMPerS = 120 * WaterPhysics.Gravity * diameterM * diameterM / (18 * viscosity);
                sum += Math.Max(0.02, disturbed * (1 - (settleMPerS * QuietS / depthM)));
            }

            return sum / 3;
        }
    }

    public double FinesG => doseG * fines;

    private double QuietS => stirring ? 0 : TimeS - quietFromS;

    private double HeatCapacity =>
        vessel.HeatJPerK + (WaterPhysics.SpecificHeat * (contactG + annulusG)) + (coffeeIn ? WaterPhysics.CoffeeSpecificHeat * doseG : 0);

    private double LossWPerK => parameters.HeatLoss * (Covered || PlungerSeated ? vessel.LidWPerK : vessel.OpenWPerK);

    public void WarmVessel(double temperatureC) => vesselStartC = Math.Max(vesselStartC, temperatureC);

    public void AddCoffee()
    {
        Changed();
        if (hasWater)
        {
            var heat = HeatCapacity * TemperatureC;
            coffeeIn = true;
            TemperatureC = (heat + (WaterPhysics.CoffeeSpecificHeat * doseG * recipe.Place.AmbientC)) / HeatCapacity;
            wetting = 0.25;
            reachedG = contactG;
            waterFirst = true;
            metAtS = TimeS;
            // Foam rises from the coffee, so nothing is quiet before this.
            quietFromS = TimeS;
        }

        coffeeIn = true;
        Note();
    }

    /// <summary>Pours over a number of seconds, which may be 0.</summary>
    public void Pour(double amountG, double overS, double kettleC, double vigour)
    {
        Changed();
        MeetWater();
        var landsC = Math.Min(kettleC, boilingC) - PourLossK;
        agitationFloor = vigour;
        stirring = true;
        if (overS > 0)
        {
            Advance(overS, inflowGPerS: amountG / overS, landsC);
        }
        else
        {
            MixIn(amountG, landsC);
            wetting = 1 - ((1 - wetting) * (coffeeIn ? WetBy(amountG) : 1));
            agitation = Math.Max(agitation, vigour);
        }

        PouredG += amountG;
        agitationFloor = 0;
        EndStirring();
        Note();
    }

    /// <summary>The water of a siphon rises and stays at the flame's temperature.</summary>
    public void Rise(double waterG, double bulbG, double holdC)
    {
        Changed();
        hasWater = true;
        contactG = waterG - bulbG;
        PouredG = waterG;
        HoldC = holdC;
        TemperatureC = holdC;
        FlameOn = true;
        Note();
    }

    public void TakeFlameAway()
    {
        Changed();
        FlameOn = false;
        FlameOutS = TimeS;
        OpenShare = 1;
    }

    /// <summary>Turns of a tool, a swirl or a tap: applied at once, whatever time they take.</summary>
    /// <param name="turns">How many.</param>
    /// <param name="factor">1 for a stir, less for gentler ways.</param>
    public void Turn(int turns, double factor)
    {
        Changed();
        Raise(StirVigour(turns) * factor);
        wetting = coffeeIn && hasWater ? 1 - ((1 - wetting) * Math.Exp(-0.35 * turns * factor)) : wetting;
        raft *= Math.Exp(-0.5 * turns);
    }

    public void Stir(int turns, double factor, double overS, bool continuous)
    {
        if (Draining)
        {
            clogged *= 1 + (ClogPerVigour * factor * StirVigour(turns));
        }

        Turn(turns, factor);
        agitationFloor = continuous ? 0.75 * StirVigour(turns) : 0;
        stirring = true;
        Advance(overS);
        agitationFloor = 0;
        EndStirring();
        Note();
    }

    public void EndPourStirring()
    {
        Turn(3, 1);
        EndStirring();
    }

    public void Raise(double vigour)
    {
        Changed();
        agitation = Math.Max(agitation, vigour);
    }

    public void SeatPlunger()
    {
        Changed();
        if (!PlungerSeated)
        {
            raft *= 0.3;
        }

        PlungerSeated = true;
    }

    public void LiftPlunger()
    {
        Changed();
        PlungerSeated = false;
    }

    /// <summary>Plunging to the bottom suspends the fines again.</summary>
    public void Disturb()
    {
        disturbed = Math.Max(0.5, Suspended);
        quietFromS = TimeS;
    }

    /// <summary>Time passes; what is open flows.</summary>
    public void Idle(double seconds) => Advance(seconds);

    /// <summary>Moves liquid out at a constant rate: a press, or pouring off.</summary>
    public void Drive(double amountG, double overS)
    {
        Changed();
        if (overS > 0)
        {
            Advance(overS, forcedGPerS: amountG / overS);
        }
        else
        {
            TakeOut(amountG);
        }

        flowGPerS = 0;
        Note();
    }

    /// <summary>Runs until the bed is dry or the cup holds an amount, at most a day.</summary>
    /// <returns>Whether it ended by itself.</returns>
    public bool Drain(double? untilG)
    {
        Changed();
        var longestS = Math.Max(1, Math.Min(Member.MaxStepS, Member.MaxBrewS - TimeS));
        return Advance(longestS, untilDry: true, untilCupG: untilG ?? double.PositiveInfinity) < longestS;
    }

    public void SwapCup(bool keep)
    {
        cups.Add(new Cup(cupWaterG, new Solubles(cupSolidsG[0], cupSolidsG[1], cupSolidsG[2]), keep));
        if (keep)
        {
            streamG += cupStreamG;
            streamHeat += cupStreamHeat;
        }

        cupWaterG = 0;
        cupStreamG = 0;
        cupStreamHeat = 0;
        Array.Clear(cupSolidsG);
    }

    /// <summary>All cups; the last one is closed and kept.</summary>
    public IReadOnlyList<Cup> CloseCups()
    {
        SwapCup(keep: true);
        return cups;
    }

    /// <summary>The flame's power left after the coffee has cooled the chamber, W. A judgement.</summary>
    public double FlameMarginW(double flameW)
    {
        var lost = (LossWPerK * (HoldC - recipe.Place.AmbientC)) + 60;
        var dipK = doseG * WaterPhysics.CoffeeSpecificHeat * (HoldC - recipe.Place.AmbientC) / HeatCapacity;
        return flameW - lost - (25 * dipK);
    }

    private static double StirVigour(int turns) => Math.Min(2.2, 0.8 + (0.2 * turns));

    private static Solubles Times(Solubles value, double factor) => new(value.Bright * factor, value.Sweet * factor, value.Bitter * factor);

    private double WetBy(double amountG) => Math.Exp(-1.6 * amountG / (2 * doseG));

    private void Changed() => lastChangeS = TimeS;

    private void EndStirring()
    {
        Changed();
        stirring = false;
        quietFromS = TimeS;
        disturbed = 1;
    }

    /// <summary>Brings the vessel and the dry coffee to one temperature when the first water arrives.</summary>
    private void MeetWater()
    {
        if (!hasWater)
        {
            hasWater = true;
            var coffeeHeat = coffeeIn ? WaterPhysics.CoffeeSpecificHeat * doseG : 0;
            TemperatureC = ((vessel.HeatJPerK * vesselStartC) + (coffeeHeat * recipe.Place.AmbientC)) / (vessel.HeatJPerK + coffeeHeat);
        }

        if (coffeeIn && double.IsNaN(metAtS))
        {
            metAtS = TimeS;
        }
    }

    private double Advance(double seconds, double inflowGPerS = 0, double inC = 0, double forcedGPerS = 0, bool untilDry = false, double untilCupG = double.PositiveInfinity)
    {
        var elapsed = 0.0;
        while (elapsed < seconds)
        {
            if (untilDry && FreeG <= DryAtG)
            {
                break;
            }

            var dt = Math.Min(NextStepS(), seconds - elapsed);
            if (forcedGPerS == 0 && OpenShare > 0)
            {
                // Water poured through an open valve flows at once, and both change within a fraction of a second. In steps of hours,
                // coarser time steps keep the cost of any file bounded.
                var finest = elapsed / 600;
                dt = inflowGPerS > 0 ? Math.Min(dt, Math.Max(finest, (FreeG < 5 ? 0.02 : 0.1) * stepFactor)) : dt;
                var flow = GravityFlow(FreeG);
                if (flow > 0)
                {
                    dt = Math.Min(dt, Math.Max(Math.Max(finest, 0.002 * stepFactor), 0.015 * stepFactor * (FreeG + HeadG) / flow));
                    dt = Math.Min(dt, SecondsTo(flow, dt, inflowGPerS, untilCupG));
                }
            }

            Move(dt, inflowGPerS, inC, forcedGPerS);
            elapsed += dt;
            if (++Moves % MovesBetweenLooks == 0)
            {
                stops.ThrowIfCancellationRequested();
            }

            Note();
            if (cupWaterG + CupSolidsG >= untilCupG - 1e-6)
            {
                break;
            }
        }

        flowGPerS = forcedGPerS > 0 || OpenShare == 0 ? 0 : flowGPerS;
        return elapsed;
    }

    /// <summary>Shortens a time step so that it ends exactly where the bed falls dry or the cup is full.</summary>
    private double SecondsTo(double flow, double dt, double inflowGPerS, double untilCupG)
    {
        var middle = GravityFlow(FreeG - (0.5 * dt * flow), 0.5 * dt);
        var mean = middle > 0 ? middle : flow;
        var seconds = dt;
        if (inflowGPerS == 0 && FreeG - (mean * seconds) < DryBedG)
        {
            seconds = Math.Max(1e-6, (FreeG - DryBedG) / mean);
        }

        if (double.IsFinite(untilCupG))
        {
            var missingG = untilCupG - cupWaterG - CupSolidsG;
            var solidsPerWater = annulusG > 0 || contactG <= 0 ? 0 : InLiquidG.Sum / contactG;
            seconds = Math.Min(seconds, Math.Max(0, missingG / (mean * (1 + solidsPerWater))));
            seconds = missingG > 0 ? Math.Max(seconds, 1e-6) : seconds;
        }

        return seconds;
    }

    private double NextStepS()
    {
        var sinceS = TimeS - lastChangeS;
        var longest = Math.Max(1, sinceS / 40);
        var step = Math.Min(0.1 + (0.04 * sinceS), longest) * stepFactor;
        // Foam is highest just before it collapses, so a time step ends there.
        var toCollapseS = ZeroS + FoamCollapsesS - TimeS;
        return toCollapseS > 1e-6 && toCollapseS < step ? toCollapseS : step;
    }

    private void Move(double dt, double inflowGPerS, double inC, double forcedGPerS)
    {
        var extracting = coffeeIn && hasWater;
        var wettingBefore = wetting;
        var raftBefore = raft;
        var calm = Math.Exp(-0.5 * dt / AgitationDecayS);
        var agitationMiddle = Math.Max(agitationFloor, RestingAgitation + ((agitation - RestingAgitation) * calm));
        agitation = Math.Max(agitationFloor, RestingAgitation + ((Math.Max(agitation, agitationFloor) - RestingAgitation) * calm * calm));
        if (extracting)
        {
            var poured = inflowGPerS > 0 ? 1.6 * inflowGPerS * dt / (2 * doseG) : 0;
            wetting = 1 - ((1 - wetting) * Math.Exp(-(WettingPerS * dt) - poured));
            var gasBefore = gas;
            gas *= Math.Exp(-dt / GasDecayS);
            if (agitationMiddle < RaftCalmBelow)
            {
                var held = Math.Min(0.6, 0.08 * 0.5 * (gas + gasBefore)) * (PlungerSeated ? 0.3 : 1);
                raft = held + ((raft - held) * Math.Exp(-dt / RaftS));
            }
        }

        var half = 0.5 * dt;
        if (inflowGPerS > 0)
        {
            MixIn(inflowGPerS * half, inC);
        }

        FlowOut(half, forcedGPerS);
        var cooling = hasWater ? Relaxation(half) : 1;
        Relax(cooling);
        if (extracting && contactG > 0)
        {
            var contact = 0.5 * (wetting + wettingBefore) * (1 - (0.3 * (raft + raftBefore)));
            grounds.Extract(dissolved, reachedG / contactG, contactG / doseG, TemperatureC, agitationMiddle, contact, dt, coldBrewed: Math.Clamp((Grounds.ColdBelowC - recipe.Water.TemperatureC) / 10, 0, 1));
        }

        Relax(cooling);
        TimeS += half;
        FlowOut(half, forcedGPerS);
        if (inflowGPerS > 0)
        {
            MixIn(inflowGPerS * half, inC);
        }

        TimeS += half;
    }

    private double Relaxation(double seconds) => FlameOn
        ? Math.Exp(-seconds / FlameApproachS)
        : Math.Exp(-seconds * LossWPerK / HeatCapacity);

    private void Relax(double factor)
    {
        var towardsC = FlameOn ? HoldC : recipe.Place.AmbientC;
        TemperatureC = towardsC + ((TemperatureC - towardsC) * factor);
    }

    private void MixIn(double amountG, double inC)
    {
        var outside = 0.0;
        if (OpenShare == 0 && vessel.AnnulusMl > 0)
        {
            outside = Math.Min(amountG * vessel.AnnulusMl / (vessel.AnnulusMl + 120), vessel.AnnulusMl - annulusG);
        }

        var capacity = HeatCapacity;
        var heat = amountG * WaterPhysics.SpecificHeat;
        TemperatureC = ((capacity * TemperatureC) + (heat * inC)) / (capacity + heat);
        annulusG += outside;
        contactG += amountG - outside;
        if (coffeeIn)
        {
            reachedG += amountG - outside;
        }
    }

    private void FlowOut(double seconds, double forcedGPerS)
    {
        if (forcedGPerS > 0)
        {
            flowGPerS = forcedGPerS;
            TakeOut(forcedGPerS * seconds);
            return;
        }

        if (OpenShare <= 0)
        {
            return;
        }

        var free = FreeG;
        var first = GravityFlow(free);
        if (first <= 0)
        {
            flowGPerS = 0;
            return;
        }

        var middle = GravityFlow(free - (0.5 * seconds * first), 0.5 * seconds);
        flowGPerS = middle > 0 ? middle : first;
        TakeOut(Math.Min(flowGPerS * seconds, free - DryBedG));
    }

    private double GravityFlow(double freeG, double afterS = 0)
    {
        if (freeG <= DryAtG || vessel.FilterAreaM2 <= 0)
        {
            return 0;
        }

        var headPa = WaterPerMl * WaterPhysics.Gravity * (0.01 + (freeG * 1e-6 / vessel.LevelAreaM2));
        if (!double.IsNaN(FlameOutS))
        {
            headPa += vessel.SuctionPa * Math.Min(1, (TimeS + afterS - FlameOutS) / SuctionRampS);
        }

        var bed = WaterPhysics.ViscosityPaS(TemperatureC) * ResistanceOf(1, afterS);
        return double.IsPositiveInfinity(vessel.OutletM2)
            ? OpenShare * 1e6 * headPa * vessel.FilterAreaM2 / bed
            : OpenShare * 1e6 * ThroughOutlet(bed / vessel.FilterAreaM2, headPa);
    }

    /// <summary>The flow through bed and outlet in series, m³/s; the pressure divides between them.</summary>
    /// <param name="bed">Pressure across the bed per flow, Pa·s/m³.</param>
    /// <param name="headPa">Available pressure, Pa.</param>
    /// <remarks>Δp = bed q + (ρ/2) (q / (C A))², solved for q; C = 0.62, the discharge of a sharp-edged hole.</remarks>
    private double ThroughOutlet(double bed, double headPa)
    {
        const double Discharge = 0.62;
        var hole = 0.5 * WaterPerMl / Math.Pow(Discharge * vessel.OutletM2, 2);
        return (Math.Sqrt((bed * bed) + (4 * hole * headPa)) - bed) / (2 * hole);
    }

    private double CakeResistance(double atS)
    {
        if (!coffeeIn || vessel.FilterAreaM2 <= 0)
        {
            return 0;
        }

        var formed = double.IsNaN(metAtS) ? 0.15 : Math.Min(1, 0.15 + ((atS - metAtS) / 40));
        return SpecificCakeResistance() * (doseG / 1000 / vessel.FilterAreaM2) * formed;
    }

    private double SpecificCakeResistance()
    {
        if (double.IsNaN(specificCake))
        {
            specificCake = 2.3e9 * Math.Pow(600 / recipe.Grind.MedianUm, 1.2) * fines / 0.12
                * (1 + (0.05 * gasAtStart)) * (waterFirst ? 0.60 : 1) * parameters.CakeResistance;
        }

        return specificCake * clogged;
    }

    private void TakeOut(double amountG)
    {
        amountG = Math.Min(amountG, contactG + annulusG);
        if (amountG <= 0)
        {
            return;
        }

        var fromAnnulus = Math.Min(annulusG, amountG);
        var fromContact = amountG - fromAnnulus;
        annulusG -= fromAnnulus;
        cupWaterG += amountG;
        var solidsG = 0.0;
        if (fromContact > 0)
        {
            var share = Math.Min(1, fromContact / contactG);
            for (var group = 0; group < 3; group++)
            {
                var leaving = dissolved[group] * share;
                dissolved[group] -= leaving;
                cupSolidsG[group] += leaving * doseG;
                solidsG += leaving * doseG;
            }

            contactG = Math.Max(0, contactG - fromContact);
        }

        cupStreamG += amountG + solidsG;
        cupStreamHeat += (amountG + solidsG) * TemperatureC;
    }

    private void Note()
    {
        var volume = VolumeMl;
        PeakWaterG = Math.Max(PeakWaterG, contactG + annulusG);
        if (volume > PeakVolumeMl)
        {
            PeakVolumeMl = volume;
            PeakAtS = TimeS;
        }

        Moved?.Invoke();
    }
}
