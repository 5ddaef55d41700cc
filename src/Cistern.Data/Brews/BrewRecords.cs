using System.Collections.Immutable;
using Cistern.Core.Fitting;
using Cistern.Core.Forecasts;
using Cistern.Core.Readings;
using Cistern.Core.Records;

namespace Cistern.Data.Brews;

/// <summary>Brews as the core's records: for advice, for fitting and for files.</summary>
public static class BrewRecords
{
    /// <summary>A brew of the data file as a record.</summary>
    /// <param name="brew">A finished brew, with its entries, weights, observations, tastings and their sips; with its readings where those are to count.</param>
    /// <param name="model">The model as published, and what stops it.</param>
    /// <param name="boughtGround">Whether its bag was bought ground.</param>
    /// <returns>The record; how it tasted is what all who tasted it said.</returns>
    public static BrewRecord Of(Brew brew, ForecastModel model, bool boughtGround)
    {
        var plan = brew.ModelOf(model).Figures(brew.Recipe());
        var run = brew.Run(plan, brew.EndedAtMs ?? brew.OpenedAtMs);
        var measured = brew.Timed(plan.Recipe, run);
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

    /// <summary>A brew as fitting takes it; each taster's palate is their own.</summary>
    /// <param name="brew">The brew, with the taster of each tasting.</param>
    /// <param name="record">Its record.</param>
    public static FitBrew ForFitting(Brew brew, BrewRecord record) => record.ForFitting() with
    {
        // By its table, so that what was measured says how far off that is.
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

    /// <summary>What instruments showed of a brew, on its clock; nothing where that never ran.</summary>
    /// <param name="brew">The brew, with its readings.</param>
    /// <param name="wanted">Which kinds are wanted.</param>
    internal static ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>> Readings(Brew brew, Func<ReadingOf, bool> wanted) =>
        brew.StartedAtMs is not { } startedAtMs ? ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>>.Empty
            : brew.Readings.Where(chunk => Enum.IsDefined(chunk.Of) && wanted(chunk.Of)).GroupBy(chunk => chunk.Of).ToImmutableDictionary(
                group => group.Key,
                group => group.SelectMany(chunk => Curve.Unpack(chunk.Of, chunk.Packed).Points).OrderBy(point => point.AtMs).Select(point => new WeightPoint((point.AtMs - startedAtMs) / 1000.0, point.Value)).ToImmutableArray());
}
