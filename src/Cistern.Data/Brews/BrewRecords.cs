using System.Collections.Immutable;

namespace Cistern.Data.Brews;

/// <summary>Brews as records of the core, for advice, fitting and files.</summary>
public static class BrewRecords
{
    /// <summary>A stored brew as a record.</summary>
    /// <param name="brew">A finished brew, with its entries, weights, observations, tastings and sips; with its readings where needed.</param>
    /// <param name="model">The published model, with its cancellation.</param>
    /// <param name="boughtGround">Whether its coffee was bought ground.</param>
    /// <returns>The record; its tasting is the mean of all tasters.</returns>
    public static BrewRecord Of(Brew brew, ForecastModel model, bool boughtGround)
    {
        var plan = brew.ModelOf(model).Figures(brew.Recipe());
        var run = brew.Run(plan, brew.EndedAtMs ?? brew.OpenedAtMs);
        var measured = brew.MeasuredTimes(plan.Recipe, run);
        return new BrewRecord(brew.FileId, brew.Planned(), brew.BrewedRecipe(plan.Recipe, run))
        {
            StartedAt = brew.StartedAtMs is { } ms ? DateTimeOffset.FromUnixTimeMilliseconds(ms) : null,
            Barista = brew.Barista?.Name ?? "",
            Coffee = new CoffeeUsed(brew.CoffeeName, boughtGround),
            Grinder = new GrinderUsed(brew.GrinderName, null),
            Vessel = RecordFitting.Vessel(brew.VesselName, plan.Recipe.Brewer),
            Measured = new MeasuredFigures
            {
                DoseG = brew.Observed(ObservationNames.Dose),
                BeverageG = brew.Observed(ObservationNames.Beverage),
                TdsPercent = brew.ReadTdsPercent(),
                DrawdownS = measured.DrawdownS,
                PressS = measured.PressS,
                PressFelt = brew.Observed(ObservationNames.PressFelt) is { } felt ? (PressFelt)(int)Math.Clamp(felt, 0, 2) : null,
            },
            Tasting = brew.Tastings.Count > 0 ? Tasted(brew.Tastings) : null,
            Readings = Readings(brew, of => of == ReadingOf.SlurryC),
        };
    }

    /// <summary>A brew as input of the fit; each taster has a palate of their own.</summary>
    /// <param name="brew">The brew, with the taster of each tasting.</param>
    /// <param name="record">Its record.</param>
    public static FitBrew ForFitting(Brew brew, BrewRecord record) => record.ForFitting() with
    {
        // With the grinder's own scale, so that the measured grind shows its error.
        Brewed = brew.Observed(ObservationNames.Grind) is null ? record.Brewed : record.Brewed with { Grind = record.Planned.Grind },
        MeasuredUm = brew.Observed(ObservationNames.Grind),
        Name = FormattableString.Invariant($"{brew.Id}"),
        Tastes = [.. brew.Tastings.Where(tasting => tasting.Barista is not null).Select(tasting => new FitTaste(tasting.Barista!.Name, tasting.SourBitter, tasting.ThinHeavy))],
    };

    private static TastingRecord Tasted(List<Tasting> tastings)
    {
        var sips = tastings.SelectMany(tasting => tasting.Sips.Count > 0
            ? tasting.Sips.Select(sip => new Sip { When = sip.When, SourBitter = sip.SourBitter, ThinHeavy = sip.ThinHeavy, Sweet = sip.Sweet, Clear = sip.Clear, Finish = sip.Finish, Dry = sip.Dry })
            : [new Sip { When = SipWhen.Warm, SourBitter = tasting.SourBitter, ThinHeavy = tasting.ThinHeavy }]);
        return new TastingRecord
        {
            Sips = [.. sips],
            Complaints = [.. tastings.SelectMany(tasting => ComplaintList.Read(tasting.Complaints)).Distinct()],
            WentWrong = [.. tastings.SelectMany(tasting => tasting.WentWrong.Split(' ', StringSplitOptions.RemoveEmptyEntries)).Distinct(StringComparer.Ordinal)],
            Score = tastings.Select(tasting => tasting.Score).OfType<double>().ToList() is { Count: > 0 } scores ? scores.Average() : null,
            Words = string.Join(' ', tastings.Select(tasting => tasting.Note).Where(note => note.Length > 0)),
            NotesFound = [.. tastings.SelectMany(tasting => tasting.NotesFound.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)).Distinct(StringComparer.Ordinal)],
            Bed = tastings.Select(tasting => tasting.Bed).FirstOrDefault(bed => bed is not null),
        };
    }

    /// <summary>Readings of a brew's instruments, on its clock; none where that never ran.</summary>
    /// <param name="brew">The brew, with its readings.</param>
    /// <param name="wanted">The kinds needed.</param>
    internal static ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>> Readings(Brew brew, Func<ReadingOf, bool> wanted) =>
        brew.StartedAtMs is not { } startedAtMs ? ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>>.Empty
            : brew.Readings.Where(chunk => Enum.IsDefined(chunk.Of) && wanted(chunk.Of)).GroupBy(chunk => chunk.Of).ToImmutableDictionary(
                group => group.Key,
                group => group.SelectMany(chunk => Curve.Unpack(chunk.Of, chunk.Packed).Points).OrderBy(point => point.AtMs).Select(point => new WeightPoint((point.AtMs - startedAtMs) / 1000.0, point.Value)).ToImmutableArray());
}
