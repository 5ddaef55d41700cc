namespace Cistern.Core.Readings;

/// <summary>A value of the scale's display.</summary>
/// <param name="AtS">When, s on a clock.</param>
/// <param name="G">The display, g since the last tare.</param>
public readonly record struct WeightPoint(double AtS, double G);

/// <summary>What was in the vessel or in the cup at a moment, from the scale.</summary>
/// <param name="AtS">When, s on the clock of the curve.</param>
/// <param name="InCup">Whether it is the drink in the cup; otherwise the water poured into the vessel.</param>
/// <param name="G">How much, g.</param>
public readonly record struct WeighedPoint(double AtS, bool InCup, double G);

/// <summary>
/// Detects what is done in the weight: objects put on and taken off, tares, pours and drawdowns with their start and end. A pure
/// function of the curve and of the plan, so that it can be computed again with every reading.
/// </summary>
/// <remarks>
/// A tare is the only drop that ends at zero within one reading; it is removed first. Steep changes that remain are objects. What is
/// left is flow. All limits are judged, and tested on simulated brews.
/// </remarks>
public sealed class WeightAnalyzer
{
    /// <summary>Faster changes are objects and not flow, g/s. The fastest pour of the plan may raise this.</summary>
    private const double BodyGPerS = 70;

    /// <summary>Smaller changes are nothing, g.</summary>
    private const double MinBodyG = 14;

    /// <summary>A drop of this share of the water poured is the vessel's, not a lid's.</summary>
    private const double VesselShare = 0.6;

    private const double MinVesselG = 150;

    /// <summary>What sticks out less is noise, g.</summary>
    private const double BumpG = 5;

    /// <summary>What lasts longer is no bump, s.</summary>
    private const double BumpS = 1.3;

    /// <summary>A stream that makes less is none, g.</summary>
    private const double MinFlowG = 4;

    /// <summary>Less than this after the last pour is no water, g: a tool, a drip, a bump.</summary>
    private const double MinAddedG = 20;

    /// <summary>Slower is no pour, g/s.</summary>
    private const double PourGPerS = 1.5;

    /// <summary>Slower flow after a drawdown is still part of it, g/s.</summary>
    private const double DilutionGPerS = 4;

    /// <summary>A slower flow is no drawdown, g/s.</summary>
    private const double DrainGPerS = 0.22;

    /// <summary>A pour that pauses for less continues, s.</summary>
    private const double PourGapS = 1.2;

    /// <summary>Water after a longer pause is another pour, s.</summary>
    private const double PauseS = 6;

    /// <summary>Drink that flows again within this time belongs to the same drawdown, s: the cup may have been lifted.</summary>
    private const double DrainPauseS = 10;

    /// <summary>A drawdown that pauses for less continues, s.</summary>
    private const double DrainGapS = 4;

    /// <summary>How many readings before a visible pour a flow is known to belong to the drawdown.</summary>
    private const int DrawdownLeadPoints = 8;

    /// <summary>A heavier load is somebody leaning on the scale, g.</summary>
    private const double LeanG = 1_500;

    /// <summary>Where cups are swapped, one that returns with a smaller change is the same cup, g.</summary>
    private const double SwapG = 5;

    /// <summary>Nothing lighter is put down during a pour, g: that is the rest of a bump.</summary>
    private const double InPourG = 45;

    /// <summary>Time in which a scale settles on an object, s.</summary>
    private const double SettlesS = 2;

    /// <summary>An object that returns within this time was only lifted, s.</summary>
    private const double LiftedS = 7;

    /// <summary>No brew has more objects than this; on a curve with more the search stops, and nothing is reported.</summary>
    private const int MaxBodies = 200;

    /// <summary>Nothing is seen in fewer readings.</summary>
    private const int MinPoints = 8;

    /// <summary>How far the display lags behind the load, s.</summary>
    private const double LagS = 0.35;

    private readonly Recipe recipe;
    private readonly bool overServer;
    private readonly bool drains;
    private readonly bool swaps;
    private readonly double[] atS;
    private readonly double[] loadG;
    private readonly double nowS;
    private readonly List<DetectedEvent> seen = [];
    private readonly List<Change> changes = [];

    private WeightAnalyzer(Recipe recipe, IReadOnlyList<WeightPoint> curve, double nowS)
    {
        this.recipe = recipe;
        this.nowS = nowS;
        overServer = SimulatedBrew.IsOverServer(recipe);
        drains = recipe.Steps.Any(step => step is Step.Drain);
        swaps = recipe.Steps.Any(step => step is Step.SwapCup);
        atS = [.. curve.Select(point => point.AtS)];
        loadG = Despiked(WithoutTares([.. curve.Select(point => point.G)]));
    }

    private enum OnScale
    {
        Nothing,
        Vessel,
        Server,
    }

    /// <summary>The events in a curve, in order of time, without those that are still uncertain.</summary>
    /// <param name="recipe">The recipe that is brewed.</param>
    /// <param name="curve">The display's values, in order of time.</param>
    /// <param name="nowS">Until when the curve is complete, on its clock; positive infinity when the brew is over.</param>
    public static ImmutableArray<DetectedEvent> Of(Recipe recipe, IReadOnlyList<WeightPoint> curve, double nowS) =>
        Analyze(recipe, curve, nowS) is { } sight ? [.. sight.seen.OrderBy(sighting => sighting.AtS)] : [];

    /// <summary>The flow into vessel and cup over time: the curve without vessels, lids, coffee, tares and bumps.</summary>
    /// <param name="recipe">The recipe that is brewed.</param>
    /// <param name="curve">The display's values, in order of time.</param>
    public static ImmutableArray<WeighedPoint> Weighed(Recipe recipe, IReadOnlyList<WeightPoint> curve) =>
        Analyze(recipe, curve, double.PositiveInfinity) is { } sight ? [.. sight.Points()] : [];

    private static WeightAnalyzer? Analyze(Recipe recipe, IReadOnlyList<WeightPoint> curve, double nowS)
    {
        if (curve.Count < MinPoints)
        {
            return null;
        }

        var sight = new WeightAnalyzer(recipe, curve, nowS);
        sight.FindBodies();
        if (sight.changes.Count > MaxBodies)
        {
            return null;
        }

        sight.FindFlows();
        sight.Tell();
        return sight;
    }

    private IEnumerable<WeighedPoint> Points()
    {
        var coffee = changes.Where(change => change.IsCoffee).ToList();
        var (stands, baseG, last) = (overServer ? OnScale.Server : OnScale.Vessel, loadG[0], (Change?)null);
        for (var i = 0; i < loadG.Length; i++)
        {
            var placed = changes.FindLast(change => change.IsBody && Math.Abs(change.G) >= MinVesselG && change.ToS <= atS[i]);
            if (placed is { Puts: { } under } && (stands != under || !ReferenceEquals(placed, last)))
            {
                (stands, baseG, last) = (under, loadG[i], placed);
            }

            // What is pressed or poured off arrives in a server of unknown weight.
            if (stands == OnScale.Vessel || (stands == OnScale.Server && drains))
            {
                var coffeeG = stands == OnScale.Vessel ? coffee.Sum(change => change.G * Math.Clamp((atS[i] - change.FromS) / Math.Max(0.1, change.ToS - change.FromS), 0, 1)) : 0;
                yield return new WeighedPoint(atS[i], stands == OnScale.Server, Math.Max(0, loadG[i] - baseG - coffeeG));
            }
        }
    }

    /// <summary>The curve as it would be without tares; each tare is reported.</summary>
    private double[] WithoutTares(double[] shown)
    {
        var outG = new double[shown.Length];
        outG[0] = shown[0];
        var takenG = 0.0;
        for (var i = 1; i < shown.Length; i++)
        {
            var fellG = shown[i - 1] - shown[i];
            if (Math.Abs(fellG) >= 5 && i >= 3 && Math.Abs(shown[i - 1]) >= 5 && Math.Abs(shown[i]) <= 6
                && Rate(i - 1) is var before && Rate(i - 2) is var earlier && Math.Abs(fellG) > 5 + (4 * Math.Abs(before) * (atS[i] - atS[i - 1]))
                && !Enumerable.Range(i - Math.Min(i, 6), Math.Min(i, 6) - 1).Any(was => Math.Abs(shown[was] - shown[i]) < 3)
                && (i + 4 >= shown.Length || Math.Abs(shown[i + 4] - shown[i - 1]) > 0.4 * Math.Abs(fellG))
                && (i + 2 >= shown.Length || (Math.Abs(shown[i + 1] - shown[i]) < 14 && Math.Abs(shown[i + 1]) < 20)))
            {
                // What ran in meanwhile is no part of it.
                var ranG = Math.Abs(before) > 2 ? (before + earlier) / 2 * (atS[i] - atS[i - 1]) : 0;
                takenG += fellG + ranG;
                seen.Add(new DetectedEvent(DetectedEventKind.Tare, atS[i] - 0.1, 0));
            }

            outG[i] = shown[i] + takenG;
        }

        return outG;

        double Rate(int at) => (shown[at] - shown[at - 1]) / Math.Max(0.02, atS[at] - atS[at - 1]);
    }

    /// <summary>Removes bumps, which leave the line for a moment and return to it. A step does not return.</summary>
    private double[] Despiked(double[] raw)
    {
        var bridged = (double[])raw.Clone();
        Span<double> rates = stackalloc double[8];
        for (var i = 1; i < raw.Length; i++)
        {
            var slope = SlopeBefore(i, rates);
            var noiseG = NoiseBefore(i, rates);
            if (Off(i, i - 1, slope) <= BumpG + noiseG || IsSettlingRaw(i))
            {
                continue;
            }

            // It may have begun unseen in the reading before.
            foreach (var anchor in (ReadOnlySpan<int>)[i - 1, Math.Max(0, i - 2)])
            {
                if (BackOnLine(i, anchor, slope, noiseG) is not { } back)
                {
                    continue;
                }

                for (var bump = anchor + 1; bump < back; bump++)
                {
                    bridged[bump] = double.Lerp(bridged[anchor], raw[back], (atS[bump] - atS[anchor]) / (atS[back] - atS[anchor]));
                }

                i = back;
                break;
            }
        }

        return bridged;

        // An object put down a moment ago still settles, which cannot be told from a bump.
        bool IsSettlingRaw(int at) => at > 4 && Enumerable.Range(at - 4, 4).Any(before => Math.Abs(bridged[before] - bridged[before - 1]) > BodyGPerS * (atS[before] - atS[before - 1]));

        double Off(int at, int anchor, double slope) => Math.Abs(raw[at] - bridged[anchor] - (slope * (atS[at] - atS[anchor])));

        bool IsNear(int at, int anchor, double slope, double noiseG) => Off(at, anchor, slope) <= 2.5 + noiseG + (0.2 * Math.Abs(slope) * (atS[at] - atS[anchor]));

        int? BackOnLine(int from, int anchor, double slope, double noiseG)
        {
            for (var back = from + 1; back < raw.Length && atS[back] - atS[from] <= BumpS; back++)
            {
                if (IsNear(back, anchor, slope, noiseG) && (back + 1 == raw.Length || IsNear(back + 1, anchor, slope, noiseG)))
                {
                    return back;
                }
            }

            return null;
        }

        // How far a reading is off the line through its neighbours: stirring shakes the scale.
        double NoiseBefore(int at, Span<double> offs)
        {
            var count = 0;
            for (var i = at - 2; i > 0 && count < offs.Length; i--)
            {
                offs[count++] = Math.Abs(bridged[i] - ((bridged[i - 1] + bridged[i + 1]) / 2));
            }

            var part = offs[..count];
            part.Sort();
            return count > 0 ? Math.Min(4, 2 * part[count / 2]) : 0;
        }

        double SlopeBefore(int at, Span<double> rates)
        {
            var count = 0;
            for (var i = at - 1; i > 0 && count < rates.Length; i--)
            {
                rates[count++] = (bridged[i] - bridged[i - 1]) / Math.Max(0.02, atS[i] - atS[i - 1]);
            }

            var part = rates[..count];
            part.Sort();
            return count > 0 && Math.Abs(part[count / 2]) < BodyGPerS ? part[count / 2] : 0;
        }
    }

    private double RateAt(int at) => (loadG[at] - loadG[at - 1]) / Math.Max(0.02, atS[at] - atS[at - 1]);

    /// <summary>Finds steep changes that stay; what is left of the curve is flow.</summary>
    private void FindBodies()
    {
        var fastest = recipe.Steps.OfType<Step.Pour>().Select(pour => pour.OverS > 0 ? pour.ToG / pour.OverS : 0).DefaultIfEmpty(0).Max();
        var steep = Math.Max(BodyGPerS, 2 * Math.Min(fastest, 100));
        for (var i = 1; i < loadG.Length && changes.Count <= MaxBodies; i++)
        {
            var rate = RateAt(i);
            if (Math.Abs(rate) < steep)
            {
                continue;
            }

            var from = i - 1;
            // The first of a step is often not steep yet.
            for (var early = 0; early < 2 && from > 8 && Math.Sign(RateAt(from)) == Math.Sign(rate) && Math.Abs(RateAt(from)) > 4 + (2 * Math.Abs(Slope(from - 7, from - 2))); early++)
            {
                from--;
            }

            var to = i;
            while (to + 1 < loadG.Length && atS[to + 1] - atS[i] < SettlesS && Math.Sign(RateAt(to + 1)) == Math.Sign(rate) && (Math.Abs(RateAt(to + 1)) >= steep || (Math.Abs(RateAt(to + 1)) > 3 && Math.Abs(RateAt(to + 1)) < 0.8 * Math.Abs(RateAt(to)))))
            {
                to++;
            }

            var changeG = loadG[to] - loadG[from];
            // Flow during the change, and the rest of a bump, are no part of the object.
            var ranG = (Slope(Math.Max(0, from - 4), from) + Slope(to, Math.Min(loadG.Length - 1, to + 4))) / 2 * (atS[to] - atS[from]);
            var inPour = Math.Abs(changeG) < InPourG && (Slope(Math.Max(0, from - 5), Math.Max(0, from - 1)) > 4 || Slope(Math.Min(loadG.Length - 1, to + 2), Math.Min(loadG.Length - 1, to + 6)) > 4);
            if (!inPour && Math.Abs(changeG) >= MinBodyG && Math.Abs(changeG - ranG) >= MinBodyG)
            {
                // What flows in after it was put down is no part of its weight.
                var stream = changeG >= MinVesselG && StreamAfter(to) is var slope and > 0.5 and < 30 ? slope : 0;
                var bodyG = changeG - (stream * Math.Max(0, atS[to] - atS[from] - (2 * LagS)));
                changes.Add(new Change(atS[from] + 0.05, atS[to], bodyG, IsBody: true, Sure: atS[to] < nowS - 0.4) { Stream = stream });
                for (var after = from + 1; after < loadG.Length; after++)
                {
                    loadG[after] = after <= to ? loadG[from] + (stream * Math.Max(0, atS[after] - atS[from] - (2 * LagS))) : loadG[after] - bodyG;
                }
            }

            i = to;
        }
    }

    /// <summary>Steady flow after an object was put down, g/s; 0 where there is none.</summary>
    private double StreamAfter(int to)
    {
        if (to + 15 >= loadG.Length)
        {
            return 0;
        }

        var (at, near, far) = (Slope(to + 1, to + 4), Slope(to + 3, to + 9), Slope(to + 9, to + 15));
        return at > 0.5 * far && Math.Min(near, far) > 0.6 * Math.Max(near, far) ? far : 0;
    }

    private void FindFlows()
    {
        var drainsFrom = overServer ? double.NegativeInfinity : drains ? FirstBig(down: true) : double.PositiveInfinity;
        var spans = new List<(int From, int To, bool Slow, bool Open, bool Cut)>();
        var start = -1;
        var added = false;
        for (var i = 0; i <= loadG.Length; i++)
        {
            added &= start >= 0;
            var slow = !added && i < atS.Length ? atS[i] > drainsFrom : !added && start >= 0 && atS[start] > drainsFrom;
            if (slow && start >= 0 && i < loadG.Length && atS[i] - atS[start] > 6 && SlopeAt(i, 0.6) > Math.Max(6, 3 * Slope(start, i - 5)))
            {
                // Somebody pours into what has run out.
                spans.Add((start, Math.Max(start, i - DrawdownLeadPoints), true, false, true));
                (start, added) = (Math.Max(start, i - 2), true);
            }

            var flows = i < loadG.Length && !IsSettling(atS[i], slow) && SlopeAt(i, slow ? 1.4 : 0.6) > (slow ? DrainGPerS : PourGPerS);
            if (flows && start < 0)
            {
                start = i;
            }
            else if (!flows && start >= 0)
            {
                var to = Math.Min(i, loadG.Length - 1);
                if (spans.Count > 0 && spans[^1] is var before && before.Slow == slow && Slope(start, to) < (slow ? Math.Max(6, 3 * Slope(before.From, before.To)) : BodyGPerS) && atS[start] - atS[before.To] < (slow ? DrainGapS : PourGapS) && !changes.Exists(change => Math.Abs(change.G) >= MinVesselG && change.FromS >= atS[before.To] && change.FromS <= atS[start]))
                {
                    spans[^1] = (before.From, to, slow, i == loadG.Length, false);
                }
                else
                {
                    spans.Add((start, to, slow, i == loadG.Length, false));
                }

                start = -1;
            }
        }

        foreach (var (from, to, slow, open, cut) in spans)
        {
            AddFlow(from, to, slow, open, cut);
        }

        changes.Sort((left, right) => left.FromS.CompareTo(right.FromS));
    }

    /// <summary>Whether the scale is still settling on a vessel or a server, which looks like a slow flow.</summary>
    private bool IsSettling(double nearS, bool slow) =>
        changes.Exists(change => change.IsBody && Math.Abs(change.G) >= (slow ? MinVesselG : 2 * MinBodyG) && nearS > change.FromS - (slow ? 1.6 : 0.2) && nearS < change.ToS + (slow ? 1.0 : 0.5));

    private double FirstBig(bool down)
    {
        var first = changes.Find(change => change.IsBody && (down ? change.G <= -MinVesselG : change.G >= MinVesselG));
        return first?.FromS ?? double.PositiveInfinity;
    }

    private void AddFlow(int from, int to, bool slow, bool open, bool cut)
    {
        var restS = slow ? 2.0 : 1.6;
        // Not before the scale had settled on what stands on it.
        var settledS = changes.Where(change => change.IsBody && Math.Abs(change.G) >= MinVesselG && change.ToS <= atS[from]).Select(change => change.ToS + 0.6).DefaultIfEmpty(double.NegativeInfinity).Max();
        var (baseG, endG) = (Mean(Math.Max(settledS, atS[from] - restS - 0.8), Math.Max(settledS + 0.3, atS[from] - 0.6)), open || cut ? loadG[to] : Mean(atS[to] + 0.4, atS[to] + restS + 0.4));
        var onto = changes.FindLast(change => change is { IsBody: true, Stream: > 0 } && change.ToS <= atS[from] && atS[from] - change.ToS < 2);
        baseG = onto is null ? baseG : loadG[Math.Min(Lower(onto.FromS), from)];
        var netG = endG - baseG;
        if (netG < MinFlowG && !(open && netG > MinFlowG / 2))
        {
            return;
        }

        // Where the curve leaves its earlier level, and where it reaches the later one.
        var edgeG = Math.Min(0.25 * netG, slow ? 0.5 : 4);
        var first = from;
        while (first > 0 && loadG[first] > baseG + edgeG && atS[first] > settledS)
        {
            first--;
        }

        while (first < to && loadG[first] < baseG + edgeG)
        {
            first++;
        }

        if (slow)
        {
            // A tare leaves a step as high as the first second of a slow flow; such a flow starts at its first rise and continues.
            for (first = Math.Max(3, Math.Max(from - 4, Lower(settledS))); first + 11 < to && (Slope(first, first + 3) < Math.Max(1.5 * DrainGPerS, 0.4 * Slope(first + 3, first + 10)) || Slope(first + 3, first + 10) < DrainGPerS); first++)
            {
            }

            first = Math.Min(onto is null ? first : Lower(onto.FromS + LagS), to);
        }

        var last = to;
        while (last + 1 < loadG.Length && loadG[last] < endG - edgeG && atS[last] < atS[to] + 2)
        {
            last++;
        }

        while (last > first && loadG[last - 1] > endG - edgeG)
        {
            last--;
        }

        if (slow)
        {
            // Its last drops are no stream any more.
            for (last = Math.Clamp(Math.Max(last, to), first, Math.Max(first, loadG.Length - 5)); last > first + 3 && EvenSlope(last) < DrainGPerS; last--)
            {
            }
        }

        var early = Math.Max(slow ? 0.3 : 2, Slope(first, Math.Min(loadG.Length - 1, first + 5)));
        var late = Math.Max(slow ? 0.3 : 2, Slope(Math.Max(0, last - 5), last));
        changes.Add(new Change(
            atS[first] - (slow ? -0.3 : Math.Min(1.5, (loadG[first] - baseG) / early)) - LagS,
            atS[last] + (slow ? -0.1 : Math.Min(2, Math.Max(0, endG - loadG[last]) / late)) - LagS,
            netG,
            IsBody: false,
            Sure: !open && nowS - atS[to] > (slow ? 4 : 1.6))
        { BaseG = baseG });
    }

    private double Slope(int from, int to) => to > from ? (loadG[to] - loadG[from]) / Math.Max(0.05, atS[to] - atS[from]) : 0;

    /// <summary>Slope between the means of three readings each, 0.6 s before and after.</summary>
    private double EvenSlope(int at) =>
        (loadG[at + 2] + loadG[at + 3] + loadG[at + 4] - loadG[at - 2] - loadG[at - 3] - loadG[at - 4]) / 3 / Math.Max(0.05, atS[at + 3] - atS[at - 3]);

    private double SlopeAt(int at, double halfS)
    {
        var low = at;
        var high = at;
        while (low > 0 && atS[at] - atS[low] < halfS)
        {
            low--;
        }

        while (high + 1 < atS.Length && atS[high] - atS[at] < halfS)
        {
            high++;
        }

        return Slope(low, high);
    }

    private double Mean(double fromS, double toS)
    {
        double sum = 0;
        var count = 0;
        var low = Math.Max(0, Lower(fromS));
        for (var i = low; i < atS.Length && atS[i] <= toS; i++)
        {
            sum += loadG[i];
            count++;
        }

        return count > 0 ? sum / count : loadG[Math.Clamp(low, 0, loadG.Length - 1)];
    }

    private int Lower(double fromS)
    {
        var at = Array.BinarySearch(atS, fromS);
        return at >= 0 ? at : ~at;
    }

    /// <summary>Identifies the changes by what is on the scale and what is still to come.</summary>
    private void Tell()
    {
        var teller = new EventBuilder(this);
        for (var i = 0; i < changes.Count; i++)
        {
            i += changes[i].IsBody ? teller.Body(i) : teller.Flow(changes[i]);
        }

        teller.End();
    }

    /// <summary>A change of the weight.</summary>
    private sealed record Change(double FromS, double ToS, double G, bool IsBody, bool Sure)
    {
        /// <summary>For an object: flow from the moment it stands there, g/s.</summary>
        public double Stream { get; init; }

        /// <summary>For flow: what had flowed before it, g.</summary>
        public double BaseG { get; init; }

        /// <summary>For an object: what is on the scale after it; null where it does not matter.</summary>
        public OnScale? Puts { get; set; }

        /// <summary>It is the dose.</summary>
        public bool IsCoffee { get; set; }

        /// <summary>How fast, g/s.</summary>
        public double GPerS => G / Math.Max(0.2, ToS - FromS);
    }

    private sealed class EventBuilder
    {
        private readonly WeightAnalyzer sight;
        private readonly Queue<Step> fills;
        private readonly List<Step.Dilute> dilutions;
        private OnScale under;
        private bool released;
        private bool coffeeIn;
        private double pouredG;
        private Change? stream;
        private double streamG;
        private bool leaning;
        private bool dilution;
        private bool swaps;

        public EventBuilder(WeightAnalyzer sight)
        {
            this.sight = sight;
            var recipe = sight.recipe;
            fills = new Queue<Step>(recipe.Steps.Where(step => step is Step.Pour or Step.AddCoffee));
            dilutions = [.. recipe.Steps.OfType<Step.Dilute>()];
            // A curve that starts with a vessel on the scale starts when its coffee is in, where that goes in first.
            if (sight.FirstBig(down: false) is var firstS && (double.IsInfinity(firstS) || sight.changes.Any(change => !change.IsBody && change.FromS < firstS)))
            {
                under = sight.overServer ? OnScale.Server : OnScale.Vessel;
            }

            released = sight.overServer;
            swaps = sight.swaps;
        }

        /// <summary>Identifies an object; returns how many later changes belong to it.</summary>
        public int Body(int at)
        {
            var change = sight.changes[at];
            if ((change.G >= LeanG && under != OnScale.Nothing) || leaning)
            {
                if (change.G > 0 != leaning && Math.Abs(change.G) >= LeanG / 2)
                {
                    leaning = change.G > 0;
                    See(leaning ? DetectedEventKind.PressBegun : DetectedEventKind.PressEnded, change.FromS, leaning ? change.G : 0);
                }

                return 0;
            }

            var big = Math.Max(MinVesselG, VesselShare * (pouredG + streamG));
            if (change.G >= MinVesselG && under == OnScale.Nothing)
            {
                under = released || sight.overServer ? OnScale.Server : OnScale.Vessel;
                change.Puts = under;
                See(under == OnScale.Server ? DetectedEventKind.CupOn : DetectedEventKind.VesselOn, change.FromS, change.G);
            }
            else if (change.G <= -big && under != OnScale.Nothing)
            {
                return Off(at, change);
            }
            else if (under == OnScale.Vessel && !coffeeIn && IsCoffee(change))
            {
                TakeCoffee(change);
            }

            return 0;
        }

        public int Flow(Change change)
        {
            if (under == OnScale.Nothing && !released)
            {
                under = OnScale.Vessel;
            }

            if (under == OnScale.Vessel)
            {
                if (stream is { } before && (change.FromS - before.ToS >= PauseS || IsFull))
                {
                    EndPour();
                }

                if (!coffeeIn && fills.Any(step => step is Step.AddCoffee) && IsCoffee(change) && (fills.Peek() is Step.AddCoffee || change.G < 0.6 * ((fills.First(step => step is Step.Pour) as Step.Pour)!.ToG - pouredG)))
                {
                    TakeCoffee(change);
                }
                else
                {
                    Pour(change);
                }
            }
            else if (under == OnScale.Server)
            {
                if (dilutions.Count > 0 && (!sight.drains || (stream is not null && change.GPerS > Math.Max(DilutionGPerS, 2 * stream.GPerS))) && change.G > 0.5 * dilutions[0].WaterG && change.G < 1.6 * dilutions[0].WaterG)
                {
                    EndStream();
                    dilutions.RemoveAt(0);
                    dilution = true;
                    if (change.Sure)
                    {
                        See(DetectedEventKind.Dilution, change.ToS, change.G);
                    }
                }
                else if (sight.drains && !dilution)
                {
                    Drain(change);
                }
            }

            return 0;
        }

        public void End()
        {
            EndPour();
            EndStream();
        }

        /// <summary>Whether what the current pour goes to is in, approximately.</summary>
        private bool IsFull => fills.FirstOrDefault(step => step is Step.Pour) is not Step.Pour pour || pouredG >= pour.ToG - Math.Max(8, 0.08 * pour.ToG);

        private bool IsCoffee(Change change) => change.G > 0.6 * sight.recipe.Coffee.DoseG && change.G < 1.5 * sight.recipe.Coffee.DoseG && change.ToS - change.FromS < 7;

        private void TakeCoffee(Change change)
        {
            EndPour();
            coffeeIn = true;
            change.IsCoffee = true;
            while (fills.Count > 0 && fills.Dequeue() is not Step.AddCoffee)
            {
            }

            if (change.Sure)
            {
                See(DetectedEventKind.CoffeeIn, change.ToS, change.G);
            }
        }

        /// <summary>A pour continues where it paused for a moment short of its total.</summary>
        private void Pour(Change change)
        {
            if (stream is { } before)
            {
                pouredG += change.G;
                stream = change with { FromS = before.FromS };
                return;
            }

            EndPour();
            var wantedG = fills.FirstOrDefault(step => step is Step.Pour) is Step.Pour next ? next.ToG - pouredG : double.PositiveInfinity;
            if (change.G < Math.Min(MinAddedG, 0.25 * wantedG))
            {
                return;
            }

            coffeeIn |= fills.Count > 0 && fills.Peek() is Step.AddCoffee;
            stream = change;
            pouredG += change.G;
            See(DetectedEventKind.PourBegun, change.FromS, 0);
        }

        private void EndPour()
        {
            if (under != OnScale.Vessel || stream is not { } pour)
            {
                return;
            }

            while (fills.Count > 0 && fills.Dequeue() is not Step.Pour)
            {
            }

            if (pour.Sure)
            {
                See(DetectedEventKind.PourEnded, pour.ToS, pouredG);
            }

            stream = null;
        }

        private void Drain(Change change)
        {
            if (stream is { } before && change.FromS - before.ToS < DrainPauseS)
            {
                // With what ran while nobody could tell.
                stream = change with { FromS = before.FromS, BaseG = before.BaseG };
                streamG += change.BaseG + change.G - before.BaseG - before.G;
                return;
            }

            EndStream();
            stream = change;
            streamG = change.G;
            See(DetectedEventKind.DrainBegun, change.FromS, 0);
        }

        private void EndStream()
        {
            if (under == OnScale.Server && stream is { Sure: true } drain && sight.drains)
            {
                See(DetectedEventKind.DrainEnded, drain.ToS, streamG);
            }

            stream = under == OnScale.Server && stream is { Sure: false } ? stream : null;
        }

        /// <summary>An object taken off, for good or only lifted.</summary>
        private int Off(int at, Change change)
        {
            for (var back = at + 1; back < sight.changes.Count && sight.changes[back].FromS - change.FromS < LiftedS; back++)
            {
                var other = sight.changes[back];
                if (other.IsBody && Math.Abs(other.G + change.G) <= (swaps ? SwapG : Math.Max(12, 0.03 * Math.Abs(change.G))))
                {
                    See(DetectedEventKind.Lifted, change.FromS, -change.G);
                    // What ran on meanwhile is in what was set back.
                    streamG += under == OnScale.Server ? other.G + change.G : 0;
                    return back - at;
                }
            }

            var next = sight.changes.Skip(at + 1).FirstOrDefault(other => other.IsBody && other.G >= MinVesselG);
            if (next is null && sight.nowS - change.FromS < LiftedS)
            {
                return sight.changes.Count;
            }

            EndPour();
            if (under == OnScale.Server)
            {
                EndStream();
                stream = null;
                swaps = false;
            }

            See(DetectedEventKind.VesselOff, change.FromS, change.G);
            change.Puts = OnScale.Nothing;
            under = OnScale.Nothing;
            released = true;
            return 0;
        }

        private void See(DetectedEventKind kind, double atS, double g) => sight.seen.Add(new DetectedEvent(kind, atS, g));
    }
}
