namespace Cistern.Data.Demo;

/// <summary>
/// Fills a data file with any number of brews, to measure a long log. Each is a library recipe with varied settings; its outcome is
/// computed and its tasting follows from that. The same number always gives the same log.
/// </summary>
public static class Seeding
{
    private const int Seed = 41;

    /// <summary>How many plans are computed; each brew is one of them, on a day of its own and with a new tasting.</summary>
    private const int Variants = 600;

    private const int BatchSize = 2_000;

    private static readonly string[] NoteWords = ["plum", "cocoa nib", "apricot", "almond", "treacle", "walnut", "malt", "tea", "lime", "a little dry", "thin at first", "better as it cooled", "again", "for the second counter", "in a hurry"];

    /// <summary>Adds brews to a data file.</summary>
    /// <param name="db">The context of the data file.</param>
    /// <param name="count">How many.</param>
    /// <param name="time">The clock: they end today.</param>
    /// <param name="progress">Receives the number of brews written.</param>
    /// <param name="ct">Cancels it.</param>
    public static async Task AddAsync(CisternDb db, int count, TimeProvider time, Action<int>? progress, CancellationToken ct)
    {
        var random = new Random(Seed);
        var baristas = await db.Baristas.AsNoTracking().Select(barista => barista.Id).ToListAsync(ct);
        var coffees = await db.Bags.AsNoTracking().Where(bag => !bag.BoughtGround).ToListAsync(ct);
        var grinders = await db.Grinders.AsNoTracking().ToListAsync(ct);
        var vessels = await db.Vessels.AsNoTracking().ToListAsync(ct);
        var variants = Enumerable.Range(0, Math.Min(Variants, count)).Select(_ => Variant(random, coffees, grinders, vessels)).ToList();
        const double Years = 3;
        var now = time.GetUtcNow();
        var apart = TimeSpan.FromDays(365 * Years) / Math.Max(1, count);
        db.ChangeTracker.AutoDetectChangesEnabled = false;
        for (var from = 0; from < count; from += BatchSize)
        {
            await using var transaction = await db.Database.BeginTransactionAsync(ct);
            for (var i = from; i < Math.Min(count, from + BatchSize); i++)
            {
                db.Brews.Add(Of(variants[random.Next(variants.Count)], now - (apart * (count - i)), baristas[random.Next(baristas.Count)], random));
            }

            await db.SaveChangesAsync(ct);
            await transaction.CommitAsync(ct);
            db.ChangeTracker.Clear();
            progress?.Invoke(Math.Min(count, from + BatchSize));
        }
    }

    private static Brew Variant(Random random, List<Shelf.Bag> coffees, List<Shelf.Grinder> grinders, List<Shelf.OwnedBrewer> vessels)
    {
        var written = RecipeLibrary.All[random.Next(RecipeLibrary.All.Count)];
        var coffee = coffees[random.Next(coffees.Count)];
        var grinder = grinders[random.Next(grinders.Count)];
        var batch = Scaling.BatchOf(written);
        var doseG = Math.Round(batch.DoseG * (0.85 + (0.15 * random.NextDouble())), 1);
        var setting = grinder.Scale.SettingFor(written.Grind.MedianUm * (0.85 + (0.3 * random.NextDouble())));
        var recipe = Scaling.To(written, new Batch(doseG, Math.Round(doseG * batch.Ratio))) with
        {
            Coffee = new Coffee(doseG, coffee.Roast, random.Next(3, 40)),
            Grind = new Grind(grinder.MedianUm(setting), grinder.Spread),
        };
        var forecast = ForecastModel.Published.Run(recipe);
        var brew = BrewPlan.Of(forecast, 0);
        (brew.StartedAtMs, brew.EndedAtMs, brew.State) = (180_000, 180_000 + (long)(1000 * forecast.Totals.FinishS), BrewState.Finished);
        brew.BrewedJson = RecipeWriter.Write(recipe with { Coffee = recipe.Coffee with { DoseG = doseG + (0.1 * random.Next(-2, 3)) } });
        (brew.CoffeeName, brew.GrinderName, brew.GrindText) = (coffee.Name, grinder.Name, string.Create(CultureInfo.InvariantCulture, $"{grinder.Name}, {setting:0.##} {grinder.SettingName}"));
        brew.VesselName = vessels.Find(vessel => vessel.Family == recipe.Brewer.Family && vessel.CapacityMl == recipe.Brewer.CapacityMl)?.Name ?? "";
        brew.PlaceName = recipe.Place.AltitudeM > 1_000 ? "High Hut" : "Weir House";
        if (forecast.Totals.DrawdownS is { } drainS)
        {
            brew.Observations.Add(new Observation { Name = ObservationNames.Drawdown, Value = Math.Round(drainS * (0.8 + (0.4 * random.NextDouble()))) });
        }

        brew.ComputeFacts(forecast);
        return brew;
    }

    private static Brew Of(Brew variant, DateTimeOffset at, int baristaId, Random random)
    {
        var openedAtMs = at.ToUnixTimeMilliseconds();
        var brew = new Brew
        {
            RecipeId = variant.RecipeId,
            Name = variant.Name,
            PlanJson = variant.PlanJson,
            ModelVersion = variant.ModelVersion,
            ForecastJson = variant.ForecastJson,
            Sparkline = variant.Sparkline,
            BrewedJson = variant.BrewedJson,
            FileId = new Guid(random.Next(), (short)random.Next(), (short)random.Next(), BitConverter.GetBytes(openedAtMs)),
            BaristaId = baristaId,
            CoffeeName = variant.CoffeeName,
            PlaceName = variant.PlaceName,
            GrinderName = variant.GrinderName,
            VesselName = variant.VesselName,
            GrindText = variant.GrindText,
            State = BrewState.Finished,
            OpenedAtMs = openedAtMs,
            StartedAtMs = openedAtMs + variant.StartedAtMs,
            EndedAtMs = openedAtMs + variant.EndedAtMs,
        };
        brew.Observations.AddRange(variant.Observations.Select(one => new Observation { Name = one.Name, Value = one.Value, AtMs = openedAtMs }));
        brew.Facts = variant.Facts!.Copied();
        if (random.Next(5) > 0)
        {
            var balance = variant.Facts!.FlavourBalance;
            var lean = (int)Math.Clamp(Math.Round((3 * balance) + random.Next(-1, 2)), -5, 5);
            var tasting = new Tasting
            {
                BaristaId = baristaId,
                SourBitter = lean,
                ThinHeavy = (int)Math.Clamp(Math.Round((variant.Facts.FinalTdsPercent - 1.3) * 8), -5, 5),
                Score = Math.Clamp(8.5 - (0.5 * Math.Abs(lean)) - (0.5 * random.Next(3)), 0, 10),
                Note = $"{NoteWords[random.Next(NoteWords.Length)]}, {NoteWords[random.Next(NoteWords.Length)]}",
                ReadTdsPercent = random.Next(4) == 0 ? Math.Round(variant.Facts.FinalTdsPercent + (0.04 * (random.NextDouble() - 0.5)), 2) : null,
                AtMs = openedAtMs + variant.EndedAtMs!.Value,
            };
            tasting.Sips.Add(new TastingSip { When = SipWhen.Warm, SourBitter = tasting.SourBitter, ThinHeavy = tasting.ThinHeavy });
            brew.Tastings.Add(tasting);
        }

        return brew;
    }
}
