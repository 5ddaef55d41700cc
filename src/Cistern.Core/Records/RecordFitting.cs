namespace Cistern.Core.Records;

/// <summary>What the fit uses of a brew's record.</summary>
public static class RecordFitting
{
    /// <summary>Interval between the thermometer readings that are used, s: closer ones add nothing.</summary>
    private const double ApartS = 30;

    /// <summary>The most of them that are taken.</summary>
    private const int MaxTemperatures = 8;

    /// <summary>How long after the water is in a thermometer in the vessel shows the slurry's temperature, s. Judged.</summary>
    private const double SettlesS = 20;

    /// <summary>What it was brewed with. A vessel without a name is identified by its description.</summary>
    public static FitKeys Keys(this BrewRecord brew) => new(brew.Grinder.Name, Vessel(brew.Vessel, brew.Brewed.Brewer), brew.Coffee.Name, brew.Barista);

    /// <summary>A name or description that identifies a vessel.</summary>
    /// <param name="name">Its name; empty where it has none.</param>
    /// <param name="brewer">Its description.</param>
    public static string Vessel(string name, Brewer brewer) => name.Length > 0 ? name : FormattableString.Invariant($"{Words<BrewerFamily>.Of(brewer.Family)} {brewer.CapacityMl:0}");

    /// <summary>The description in what <see cref="Vessel"/> gives for a vessel without a name, with its capacity in ml; null for a name.</summary>
    public static (BrewerFamily Family, string CapacityMl)? Unnamed(string vessel) =>
        vessel.Split(' ') is [var word, var capacityMl] && Words<BrewerFamily>.Find(word) is { } family ? (family, capacityMl) : null;

    /// <summary>The brew as fitting takes it.</summary>
    /// <param name="brew">The record of a brew.</param>
    public static FitBrew ForFitting(this BrewRecord brew) => new(brew.Id.ToString(), brew.Brewed, brew.Keys())
    {
        Readings = [.. Of(brew)],
        Tastes = brew.Tasting is { } tasting ? [new FitTaste(brew.Barista, tasting.Mean(sip => sip.SourBitter), tasting.Mean(sip => sip.ThinHeavy))] : [],
    };

    private static IEnumerable<FitReading> Of(BrewRecord brew)
    {
        var measured = brew.Measured;
        if (measured.TdsPercent is { } tds)
        {
            yield return new FitReading(FitFigure.TdsPercent, tds);
        }

        if (measured.BeverageG is { } drinkG)
        {
            yield return new FitReading(FitFigure.DrinkG, drinkG);
        }

        if ((measured.DrawdownS ?? SeenDrawdownS(brew)) is { } drawdownS)
        {
            yield return new FitReading(FitFigure.DrawdownS, drawdownS);
        }

        if (measured.PressFelt is { } felt)
        {
            yield return new FitReading(FitFigure.PressFelt, (int)felt);
        }

        if (measured is { SlurryC: { } slurryC, SlurryAtS: { } atS })
        {
            yield return new FitReading(FitFigure.SlurryC, slurryC, atS);
        }
        else
        {
            foreach (var reading in Temperatures(brew))
            {
                yield return reading;
            }
        }
    }

    /// <summary>The drawdown from the curve of a scale under the server: from the first drink to the end, s.</summary>
    private static double? SeenDrawdownS(BrewRecord brew)
    {
        if (!brew.Readings.TryGetValue(ReadingOf.ScaleG, out var curve) || !brew.Brewed.Steps.Any(step => step is Step.Drain))
        {
            return null;
        }

        var seen = WeightAnalyzer.Of(brew.Brewed, curve, double.PositiveInfinity);
        var begunS = LastS(DetectedEventKind.DrainBegun);
        var endedS = LastS(DetectedEventKind.DrainEnded);
        return endedS > begunS ? endedS - begunS : null;

        double? LastS(DetectedEventKind kind) => seen.Where(sighting => sighting.Kind == kind).Select(sighting => (double?)sighting.AtS).LastOrDefault();
    }

    private static IEnumerable<FitReading> Temperatures(BrewRecord brew)
    {
        if (!brew.Readings.TryGetValue(ReadingOf.SlurryC, out var curve) || curve.IsEmpty)
        {
            yield break;
        }

        var lastS = double.NegativeInfinity;
        var taken = 0;
        foreach (var point in curve.Where(point => point.AtS >= SettlesS && taken < MaxTemperatures))
        {
            if (point.AtS - lastS >= ApartS)
            {
                lastS = point.AtS;
                taken++;
                yield return new FitReading(FitFigure.SlurryC, point.G, point.AtS);
            }
        }
    }
}
