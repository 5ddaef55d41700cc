namespace Cistern.Core.Readings;

/// <summary>Events that can be seen in the weight, stored as words.</summary>
public enum DetectedEventKind
{
    /// <summary>A vessel is put on the scale.</summary>
    VesselOn,

    /// <summary>The vessel is taken off to be emptied into the cup.</summary>
    VesselOff,

    /// <summary>The scale is set to zero.</summary>
    Tare,

    /// <summary>The coffee has gone in.</summary>
    CoffeeIn,

    /// <summary>Water begins to go in.</summary>
    PourBegun,

    /// <summary>It has stopped.</summary>
    PourEnded,

    /// <summary>A server or a cup is put on the scale.</summary>
    CupOn,

    /// <summary>Drink begins to run into the cup.</summary>
    DrainBegun,

    /// <summary>No more runs.</summary>
    DrainEnded,

    /// <summary>Something was lifted for a moment and put back.</summary>
    Lifted,

    /// <summary>Somebody leans on what is on the scale.</summary>
    PressBegun,

    /// <summary>Nobody does any more.</summary>
    PressEnded,

    /// <summary>Ice has gone in.</summary>
    IceIn,

    /// <summary>The drink has been diluted.</summary>
    Dilution,
}

/// <summary>An event seen in the weight.</summary>
/// <param name="Kind">What.</param>
/// <param name="AtS">When, s on the brew clock.</param>
/// <param name="G">The amount, g: at the end of a pour the water in the brewer so far, at the end of a drawdown the drink, else the change of weight.</param>
public readonly record struct DetectedEvent(DetectedEventKind Kind, double AtS, double G);

/// <summary>
/// A brew as a pair of hands did it: the forecast of what they really did, what stood on the scale at each moment, and so
/// what there was to be seen.
/// </summary>
/// <remarks>
/// The vessel stands on the scale until the release. Then it is taken off: drippers go on to a stand over the server, which
/// stands on the scale alone; what is pressed or poured off is so beside the scale, and the server is put on afterwards. A
/// dripper that opens before its last pour stands over the server from the beginning: its pours cannot be seen, its drains
/// can. A siphon stands beside the scale: its flame and its thermometer tell.
/// </remarks>
public sealed class SimulatedBrew
{
    /// <summary>A server, g.</summary>
    public const double ServerG = 340;

    /// <summary>From putting the kettle down to the next action, s.</summary>
    private const double PutDownS = 3;

    /// <summary>A slower drip is no stream, g/s.</summary>
    private const double MinStreamGPerS = 0.22;

    private const double MinStreamG = 4;

    private readonly List<Load> loads = [];
    private readonly List<DetectedEvent> truth = [];
    private readonly ImmutableArray<LoadChange> changes;
    private readonly bool overServer;
    private double vesselG;

    private SimulatedBrew(Forecast plan, Hands hands, Forecast real, Random chance)
    {
        (Plan, Hands, Real) = (plan, hands, real);
        vesselG = chance.Next(380, 820);
        changes = [.. real.Recipe.Steps.Select(step => step.Accept(new LoadChanges(real.Recipe)))];
        overServer = IsOverServer(plan.Recipe);
        if (real.Recipe.Brewer.Family != BrewerFamily.Siphon)
        {
            MakeReady();
            Fill();
            Release();
            Serve();
        }

        truth.Sort((left, right) => left.AtS.CompareTo(right.AtS));
        EndS = real.Totals.FinishS + 12;
    }

    /// <summary>The forecast of what was planned.</summary>
    public Forecast Plan { get; }

    /// <summary>Who did it.</summary>
    public Hands Hands { get; }

    /// <summary>The forecast of what they did.</summary>
    public Forecast Real { get; }

    /// <summary>The events that can be seen, in order of time.</summary>
    public IReadOnlyList<DetectedEvent> Truth => truth;

    /// <summary>When there is first something on the scale, s on the brew clock.</summary>
    public double BeginS { get; private set; }

    /// <summary>When the last event is over, s on the brew clock.</summary>
    public double EndS { get; }

    /// <summary>Simulates a brew.</summary>
    /// <param name="plan">The forecast of the plan, with its series.</param>
    /// <param name="hands">The simulated barista.</param>
    /// <param name="seed">The same seed gives the same brew.</param>
    public static SimulatedBrew Of(Forecast plan, Hands hands, int seed)
    {
        var chance = new Random(seed);
        var done = hands.Do(plan, chance);
        // A real bag, grinder or vessel differs a little from the model.
        var own = plan.Model.Parameters with
        {
            Diffusivity = plan.Model.Parameters.Diffusivity * Math.Exp(0.12 * Hands.Gauss(chance)),
            CakeResistance = plan.Model.Parameters.CakeResistance * Math.Exp(0.15 * Hands.Gauss(chance)),
            HoldShiftGPerG = plan.Model.Parameters.HoldShiftGPerG + (0.08 * Hands.Gauss(chance)),
        };
        return new SimulatedBrew(plan, hands, (plan.Model with { Parameters = own, Memory = null }).Run(done), chance);
    }

    /// <summary>Whether the dripper is over the server from the start, because it opens before its last pour.</summary>
    public static bool IsOverServer(Recipe recipe)
    {
        var opens = recipe.Steps.IndexOf(recipe.Steps.FirstOrDefault(step => step is Step.OpenValve)!);
        return opens >= 0 && opens < Acts.LastWater(recipe);
    }

    /// <summary>The load on the scale without anybody leaning on it, g.</summary>
    /// <param name="atS">When, s on the brew clock.</param>
    public double LoadG(double atS)
    {
        var sum = 0.0;
        foreach (var load in loads)
        {
            if (atS < load.FromS)
            {
                continue;
            }

            sum += load.Curve is { } curve ? curve(Math.Min(atS, load.ToS)) : load.ToS > load.FromS ? load.G * Math.Min(1, (atS - load.FromS) / (load.ToS - load.FromS)) : load.G;
        }

        return sum;
    }

    /// <summary>When the scale is tared, s on the brew clock.</summary>
    public IEnumerable<double> TaresS => truth.Where(sighting => sighting.Kind == DetectedEventKind.Tare).Select(sighting => sighting.AtS);

    /// <summary>The force with which somebody leans on the scale, g.</summary>
    public double LeansG(double atS)
    {
        var begun = truth.FindIndex(sighting => sighting.Kind == DetectedEventKind.PressBegun);
        return begun >= 0 && atS >= truth[begun].AtS && truth.Find(sighting => sighting.Kind == DetectedEventKind.PressEnded) is var ended && atS < ended.AtS ? truth[begun].G : 0;
    }

    /// <summary>Whether a tool moves in the vessel.</summary>
    public bool Stirs(double atS) => Real.Timings.Any(timing => Real.Recipe.Steps[timing.Index] is Step.Stirring && timing.StartS <= atS && atS < timing.EndS);

    private double IceG => changes.Where(change => change.Kind == LoadKind.Ice).Sum(change => change.G);

    private int First(LoadKind kind) => changes.Select(change => change.Kind).ToList().IndexOf(kind);

    private int SteepEndAt => Acts.SteepEndIndex(Real.Recipe);

    private void MakeReady()
    {
        var firstS = Real.Timings.Where(timing => changes[timing.Index].Kind is LoadKind.Water or LoadKind.Coffee or LoadKind.Tare).Select(timing => timing.StartS).DefaultIfEmpty(0).Min();
        BeginS = firstS - 18;
        if (overServer)
        {
            Put(DetectedEventKind.CupOn, BeginS + 2, ServerG + IceG);
            Report(DetectedEventKind.Tare, firstS - 2, 0);
            return;
        }

        Put(DetectedEventKind.VesselOn, BeginS + 2, vesselG);
    }

    private void Fill()
    {
        if (overServer)
        {
            return;
        }

        var firstPour = First(LoadKind.Water);
        var coffee = First(LoadKind.Coffee);
        var coffeeFirst = firstPour < 0 || coffee < firstPour;
        var firstS = firstPour < 0 ? 0 : Real.Timings[firstPour].StartS - (coffeeFirst ? 0 : PutDownS);
        if (coffeeFirst)
        {
            Report(DetectedEventKind.Tare, firstS - 9, 0);
            Drop(DetectedEventKind.CoffeeIn, firstS - 6, 1.5, changes[coffee].G);
        }

        Report(DetectedEventKind.Tare, firstS - 1.6, 0);
        var inG = 0.0;
        for (var i = 0; i < changes.Length; i++)
        {
            var (timing, (kind, g)) = (Real.Timings[i], changes[i]);
            if (kind == LoadKind.Coffee && !coffeeFirst)
            {
                Drop(DetectedEventKind.CoffeeIn, timing.StartS, 1.5, g);
            }
            else if (kind == LoadKind.Water)
            {
                // The kettle is put down before the coffee is taken up.
                var earlyS = !coffeeFirst && i < coffee ? PutDownS : 0;
                loads.Add(new Load(timing.StartS - earlyS, timing.EndS - earlyS, g - inG));
                Report(DetectedEventKind.PourBegun, timing.StartS - earlyS, 0);
                Report(DetectedEventKind.PourEnded, timing.EndS - earlyS, g);
                if (Hands.TareInPour && inG == 0 && timing.LengthS > 6)
                {
                    Report(DetectedEventKind.Tare, timing.StartS - earlyS + (timing.LengthS * 0.45), 0);
                }

                inG = g;
            }
            else if ((kind is LoadKind.Lid or LoadKind.Plunger) && i < SteepEndAt)
            {
                loads.Add(new Load(timing.StartS + PutDownS, timing.StartS + PutDownS + (kind == LoadKind.Lid ? 0.4 : 0.6), g));
                vesselG += kind == LoadKind.Lid ? g : 0;
            }
        }
    }

    private void Release()
    {
        if (SteepEndAt < 0)
        {
            return;
        }

        var startS = Real.Timings[SteepEndAt].StartS;
        if (changes[SteepEndAt].Kind == LoadKind.Pressed && Hands.PressesOnScale)
        {
            Report(DetectedEventKind.PressBegun, startS, (Real.Totals.PressForceN ?? 60) * 1000 / WaterPhysics.Gravity);
            Report(DetectedEventKind.PressEnded, Real.Timings[SteepEndAt].EndS, 0);
            return;
        }

        var drains = First(LoadKind.Drains) >= 0;
        if (!overServer)
        {
            // A dripper is set over the server just before it is opened.
            var offS = drains ? startS - Hands.SetsOverS : startS;
            var onScaleG = LoadG(offS);
            loads.Add(new Load(offS, offS + 0.25, -onScaleG));
            Report(DetectedEventKind.VesselOff, offS, -onScaleG);
            if (Hands.ServerLeftOff)
            {
                return;
            }

            if (drains)
            {
                Put(DetectedEventKind.CupOn, startS - 3.2, ServerG + IceG);
                Report(DetectedEventKind.Tare, startS - 1.4, 0);
            }
            else
            {
                var endS = changes.Select((change, i) => change.Kind is LoadKind.Pressed or LoadKind.PouredOff ? Real.Timings[i].EndS : startS).Max();
                Put(DetectedEventKind.CupOn, endS + 0.8, ServerG + Real.Totals.BeverageG);
                return;
            }
        }

        RunOut();
    }

    /// <summary>The flow into the server, from the forecast of what was done.</summary>
    private void RunOut()
    {
        var openS = double.NaN;
        for (var i = 0; i < changes.Length; i++)
        {
            var kind = changes[i].Kind;
            if ((kind is LoadKind.Opens or LoadKind.Drains) && double.IsNaN(openS))
            {
                openS = Real.Timings[i].StartS;
            }

            if (!double.IsNaN(openS) && (kind is LoadKind.Closes or LoadKind.Drains))
            {
                Stream(openS, kind == LoadKind.Drains ? Real.Timings[i].EndS : Real.Timings[i].StartS);
                openS = double.NaN;
            }
            else if (kind == LoadKind.CupSwapped)
            {
                // The full cup is removed and another one put down.
                var atS = Real.Timings[i].StartS;
                var awayG = LoadG(atS);
                loads.Add(new Load(atS + 0.2, atS + 0.45, -awayG));
                Put(DetectedEventKind.CupOn, atS + 2.2, ServerG);
                Report(DetectedEventKind.VesselOff, atS + 0.2, -awayG);
            }
        }
    }

    private void Stream(double fromS, double toS)
    {
        // After a swap the new cup is in place a moment later; what flowed meanwhile missed it.
        var cupS = Math.Max(fromS, truth.Where(sighting => sighting.Kind == DetectedEventKind.CupOn).Select(sighting => sighting.AtS + 0.25).DefaultIfEmpty(fromS).Max());
        var startG = Between(cupS);
        double Ran(double atS) => Math.Max(0, Between(atS) - startG);
        loads.Add(new Load(cupS, toS, 0) { Curve = Ran });
        double? beganS = null;
        var lastS = cupS;
        for (var atS = cupS; atS <= toS + 0.05; atS += 0.1)
        {
            if (Ran(Math.Min(atS + 0.5, toS)) - Ran(Math.Min(atS, toS - 0.5)) > MinStreamGPerS)
            {
                beganS ??= atS;
                lastS = Math.Min(atS + 0.5, toS);
            }
            else if (beganS is { } begunS && atS - lastS > 5)
            {
                Tell(begunS, lastS);
                beganS = null;
            }
        }

        if (beganS is { } began)
        {
            Tell(began, lastS);
        }

        void Tell(double streamS, double endS)
        {
            if (Ran(endS) - Ran(streamS) is > MinStreamG and var ranG)
            {
                Report(DetectedEventKind.DrainBegun, streamS, 0);
                Report(DetectedEventKind.DrainEnded, endS, ranG);
            }
        }

        if (Hands.CupLifted && toS - fromS > 16)
        {
            var atS = fromS + ((toS - fromS) * 0.4);
            var awayG = LoadG(atS);
            loads.Add(new Load(atS, atS + 0.25, -awayG));
            loads.Add(new Load(atS + 3, atS + 3.3, awayG));
            Report(DetectedEventKind.Lifted, atS, awayG);
        }
    }

    /// <summary>Drink in the cup under the stream, g, by linear interpolation.</summary>
    private double Between(double atS)
    {
        var series = Real.Series;
        var low = Real.At(atS);
        var at = series.AsSpan().BinarySearch(low, Comparer<Sample>.Create((left, right) => left.TimeS.CompareTo(right.TimeS)));
        var lowG = low.CupWaterG + low.CupSolidsG;
        if (at < 0 || at + 1 >= series.Length || series[at + 1].Cup != low.Cup || series[at + 1].TimeS <= low.TimeS)
        {
            return lowG;
        }

        var high = series[at + 1];
        return double.Lerp(lowG, high.CupWaterG + high.CupSolidsG, Math.Clamp((atS - low.TimeS) / (high.TimeS - low.TimeS), 0, 1));
    }

    private void Serve()
    {
        if (Hands.ServerLeftOff || Hands.PressesOnScale)
        {
            return;
        }

        // What is added to the drink goes into the server on the scale, one thing after another.
        var freeS = truth.Count > 0 ? truth.Max(sighting => sighting.AtS) + 2 : 0;
        for (var i = Math.Max(0, SteepEndAt); i < changes.Length; i++)
        {
            var atS = Math.Max(freeS, Real.Timings[i].StartS);
            if (changes[i] is { Kind: LoadKind.Dilution, G: > 0 and var g })
            {
                Drop(DetectedEventKind.Dilution, atS, Math.Max(3, g / 15), g);
                freeS = truth.Max(sighting => sighting.AtS) + 2;
            }
        }
    }

    private void Put(DetectedEventKind kind, double atS, double g)
    {
        loads.Add(new Load(atS, atS + 0.25, g));
        Report(kind, atS, g);
    }

    /// <summary>Something is added over a while; it is visible when it is complete.</summary>
    private void Drop(DetectedEventKind kind, double atS, double overS, double g)
    {
        loads.Add(new Load(atS, atS + overS, g));
        Report(kind, atS + overS, g);
    }

    private void Report(DetectedEventKind kind, double atS, double g) => truth.Add(new DetectedEvent(kind, atS, g));

    /// <summary>A change of the load on the scale, linear between two times, or along a curve.</summary>
    private sealed record Load(double FromS, double ToS, double G)
    {
        public Func<double, double>? Curve { get; init; }
    }
}
