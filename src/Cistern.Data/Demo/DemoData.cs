using Microsoft.Data.Sqlite;

namespace Cistern.Data.Demo;

/// <summary>
/// The demo's data: Lockgate, a small roaster with two counters. All of it is made up. The log is made by running the model on
/// slightly wrong settings with a fixed seed.
/// </summary>
public static class DemoData
{
    private const int Seed = 20;

    /// <summary>Whether a file without a mark was made by the demo of an earlier version: its first baristas are the demo's.</summary>
    /// <param name="connection">The connection string.</param>
    public static bool IsOldDemo(string connection)
    {
        using var opened = new SqliteConnection(connection);
        opened.Open();
        using var command = opened.CreateCommand();
        command.CommandText = "SELECT group_concat(Name, '|') FROM (SELECT Name FROM Baristas ORDER BY Id LIMIT 4)";
        try
        {
            return command.ExecuteScalar() as string == string.Join('|', Names);
        }
        catch (SqliteException)
        {
            return false;
        }
    }

    /// <summary>Fills an empty data file; one that has a barista is unchanged.</summary>
    public static async Task FillAsync(CisternDb db, TimeProvider time, CancellationToken ct = default)
    {
        if (await db.Baristas.AnyAsync(ct))
        {
            return;
        }

        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        db.Baristas.AddRange(Names.Select(name => new Barista { Name = name }));
        db.Places.AddRange(
            new BrewPlace { Name = "Weir House", AltitudeM = 12, AmbientC = 21, Water = "medium-hard tap water through a filter jug" },
            new BrewPlace { Name = "High Hut", AltitudeM = 2_340, AmbientC = 17, Water = "very soft spring water" });
        db.Bags.AddRange(Bags(today));
        db.Grinders.AddRange(Grinders());
        db.Vessels.AddRange(Vessels());
        db.Servers.AddRange(
            new Server { Name = "Large server", CapacityMl = 800 },
            new Server { Name = "Small server", CapacityMl = 400 },
            new Server { Name = "Tall cup", CapacityMl = 240 },
            new Server { Name = "Short cup", CapacityMl = 180 });
        db.Kettles.AddRange(
            new OwnedKettle { Name = "Small kettle", CapacityMl = 1_000, KeepsTemperature = true, SecondsPerLitre = 330 },
            new OwnedKettle { Name = "Big kettle", CapacityMl = 1_700, SecondsPerLitre = 190 });
        db.Waters.AddRange(
            new OwnedWater { Name = "Weir House tap", HardnessMgL = 190, AlkalinityMgL = 140 },
            new OwnedWater { Name = "Weir House, filter jug", HardnessMgL = 95, AlkalinityMgL = 55 },
            new OwnedWater { Name = "High Hut spring", HardnessMgL = 22, AlkalinityMgL = 18 },
            new OwnedWater { Name = "Mineral drops", HardnessMgL = 9_000, AlkalinityMgL = 3_200, Concentrate = true });
        db.Spoons.Add(new Spoon { Name = "house tablespoon", HoldsG = 6.2, WeighedWith = "Night Barge" });
        db.Filters.AddRange(
            new FilterStock { Name = "Tube papers", Filter = Filter.Paper, Family = BrewerFamily.TubePress, Left = 214 },
            new FilterStock { Name = "Cone papers", Filter = Filter.Paper, Left = 8 },
            new FilterStock { Name = "Dense cone papers", Filter = Filter.DensePaper, Left = 41 },
            new FilterStock { Name = "Siphon cloth", Filter = Filter.Cloth, Family = BrewerFamily.Siphon, Left = 1, CareEvery = 10, UsedSinceCare = 9, Care = "Rinsed hot without soap, boiled for ten minutes, kept wet in the cold with fresh water every second day." });
        await db.SaveChangesAsync(ct);

        await AddLogAsync(db, time, ct);
        await DemoSeries.AddFollowedAsync(db, time, Seed + 1, ct);
        await AddPlansAsync(db, time, ct);
        await DemoExtras.AddAsync(db, time, ct);
        await DemoSeries.AddDialledInAsync(db, time, Seed + 4, ct);
    }

    /// <summary>Two saved plans, the second made from the first.</summary>
    private static async Task AddPlansAsync(CisternDb db, TimeProvider time, CancellationToken ct)
    {
        var bag = await db.Bags.FirstAsync(row => row.Name == "Kestrel Terrace", ct);
        var grinder = await db.Grinders.FirstAsync(row => row.Name == "Counter 64", ct);
        var written = RecipeLibrary.Find("vd-water-first")!;
        var slower = written with
        {
            Water = written.Water with { TemperatureC = 94 },
            Grind = new Grind(grinder.MedianUm(6.5), grinder.Spread),
            Coffee = written.Coffee with { Roast = bag.Roast, RestDays = bag.RestDays(DateOnly.FromDateTime(time.GetLocalNow().DateTime)) },
        };
        var first = Kept("River dripper", written, slower, "A slow drawdown in the damp.");
        first.ParentName = written.Name;
        db.Plans.Add(first);
        await db.SaveChangesAsync(ct);
        var second = Kept("River dripper for two", slower, Scaling.To(slower, Scaling.ToFit(Scaling.To(slower, new Batch(33, 512)), ForecastModel.Published)), "Two cups from one paper, as much as it holds.");
        (second.ParentId, second.ParentName) = (first.Id, first.Name);
        db.Plans.Add(second);
        await db.SaveChangesAsync(ct);

        StoredPlan Kept(string name, Recipe from, Recipe to, string why)
        {
            var state = new PlanState(RecipeWriter.Write(to), RecipeWriter.Write(written)) { Settled = true, BagId = bag.Id, GrinderId = grinder.Id, GrinderSetting = 6.5 };
            var atMs = time.GetUtcNow().AddDays(-2).ToUnixTimeMilliseconds();
            var stored = new StoredPlan { Name = name, RecipeId = written.Id, AcceptedJson = state.ToJson(), What = DemoWords.Changed(from, to), Why = why, SavedAtMs = atMs, ChangedAtMs = atMs };
            stored.Revisions.Add(new PlanRevision { Position = 0, StateJson = state.ToJson(), What = "", AtMs = atMs });
            return stored;
        }
    }

    private static readonly string[] Names = ["Imre", "Solveig", "Wanjiru", "Teo"];

    private static Bag[] Bags(DateOnly today) =>
    [
        new() { Name = "Kestrel Terrace", Origin = "Rwanda, washed", Roast = 0.20, RoastedOn = today.AddDays(-9), LeftG = 212, TastesOf = "blackcurrant, tea, lime", OpenedOn = today.AddDays(-6) },
        new() { Name = "Blue Ferry", Origin = "Timor-Leste, natural", Roast = 0.35, RoastedOn = today.AddDays(-5), LeftG = 640, TastesOf = "plum, cocoa nib", OpenedOn = today.AddDays(-3) },
        new() { Name = "Quiet Orchard", Origin = "Bolivia, honey", Roast = 0.40, RoastedOn = today.AddDays(-14), LeftG = 31, TastesOf = "apricot, almond", OpenedOn = today.AddDays(-12) },
        new() { Name = "Night Barge", Origin = "blend", Roast = 0.60, RoastedOn = today.AddDays(-3), LeftG = 1_150, TastesOf = "treacle, walnut", OpenedOn = today.AddDays(-1) },
        new() { Name = "Tidewrack", Origin = "Malawi, decaffeinated", Roast = 0.50, RoastedOn = today.AddDays(-21), LeftG = 180, TastesOf = "malt, dried apple", Decaffeinated = true, OpenedOn = today.AddDays(-19) },
        new() { Name = "Night Barge, ground", Origin = "blend, bought ground at High Hut", Roast = 0.60, RoastedOn = today.AddDays(-24), LeftG = 250, TastesOf = "treacle, walnut", BoughtGround = true, GroundUm = 800, GroundSpread = 0.75 },
    ];

    private static OwnedBrewer[] Vessels() =>
    [
        new() { Name = "Small French press", Family = BrewerFamily.FrenchPress, CapacityMl = 350, Marks = "100, 200, 300" },
        new() { Name = "French press", Family = BrewerFamily.FrenchPress, CapacityMl = 1_000, Marks = "250, 500, 750, 950" },
        new() { Name = "Hut French press", Family = BrewerFamily.FrenchPress, CapacityMl = 1_000, Material = Material.Steel, Marks = "300, 600, 900" },
        new() { Name = "Tube press", Family = BrewerFamily.TubePress, CapacityMl = 280, Marks = "60, 120, 180, 240" },
        new() { Name = "Tube press, metal disc", Family = BrewerFamily.TubePress, CapacityMl = 280, Filter = Filter.MetalDisc, Marks = "60, 120, 180, 240" },
        new() { Name = "Valve dripper", Family = BrewerFamily.ValveDripper, CapacityMl = 500, Marks = "200, 350, 450" },
        new() { Name = "Lever dripper, ridged", Family = BrewerFamily.LeverDripper, CapacityMl = 360, Cone = Cone.Ridged, Marks = "150, 300" },
        new() { Name = "Lever dripper, smooth", Family = BrewerFamily.LeverDripper, CapacityMl = 360, Cone = Cone.Smooth, Marks = "150, 300" },
        new() { Name = "Small siphon", Family = BrewerFamily.Siphon, CapacityMl = 360, Marks = "120, 240, 360" },
        new() { Name = "Siphon", Family = BrewerFamily.Siphon, CapacityMl = 600, Marks = "240, 360, 480, 600" },
        new() { Name = "Jar", Family = BrewerFamily.Jar, CapacityMl = 475, Marks = "100, 200, 300, 400" },
        new() { Name = "Towpath press", Family = BrewerFamily.FrenchPress, CapacityMl = 500, Marks = "150, 300, 450", Wrapped = true },
        new() { Name = "Cold jar", Family = BrewerFamily.Jar, CapacityMl = 1_500, Marks = "500, 1000, 1300" },
    ];

    private static Grinder[] Grinders() =>
    [
        new() { Name = "Ferrule", SettingName = "clicks", Least = 0, Most = 60, Step = 1, UmAtZero = 60, UmPerSetting = 26, Spread = 0.42, UsualFilterSetting = 20, Usuals = "French press = 33\nopen jar = 32", SecondsPerG = 2.2 },
        new() { Name = "Counter 64", SettingName = "settings", Least = 0, Most = 20, Step = 0.25, UmAtZero = 220, UmPerSetting = 55, Spread = 0.47, UsualFilterSetting = 6.5, Labels = "F = 6.5", SecondsPerG = 0.5 },
        new() { Name = "Hut grinder", SettingName = "turns", Least = 0, Most = 6, Step = 0.25, UmAtZero = 250, UmPerSetting = 210, Spread = 0.68, Notches = true, SecondsPerG = 2.6 },
    ];

    private static async Task AddLogAsync(CisternDb db, TimeProvider time, CancellationToken ct)
    {
        var bags = await db.Bags.ToDictionaryAsync(bag => bag.Name, ct);
        var baristas = await db.Baristas.OrderBy(barista => barista.Id).ToListAsync(ct);
        var grinder = await db.Grinders.FirstAsync(row => row.Name == "Ferrule", ct);
        var vessels = await db.Vessels.ToListAsync(ct);
        var random = new Random(Seed);
        var now = time.GetUtcNow();
        var before = new Dictionary<(string, string), (Entry Entry, Totals Real)>();
        foreach (var entry in Entries)
        {
            var bag = bags[entry.Bag];
            var openedAt = now.AddDays(-entry.DaysAgo).Date.AddHours(8 + (entry.DaysAgo % 9)).AddMinutes(random.Next(60));
            var written = RecipeLibrary.Find(entry.RecipeId)!;
            // Brews from before this bag was roasted used an earlier bag of the same coffee.
            var restDays = bag.RestDays(DateOnly.FromDateTime(now.DateTime)) - entry.DaysAgo;
            var fromThisBag = restDays >= 0;
            restDays = fromThisBag ? restDays : 14 + (restDays % 10);
            var wanted = Scaling.To(written, new Batch(entry.DoseG, Math.Round(entry.DoseG * entry.Ratio)));
            var batch = entry.ScaledToFit ? Scaling.ToFit(wanted, ForecastModel.Published) : Scaling.BatchOf(wanted);
            var plan = Scaling.To(wanted, batch) with
            {
                Coffee = new Coffee(batch.DoseG, bag.Roast, restDays),
                Grind = new Grind(grinder.MedianUm(entry.Clicks), grinder.Spread),
            };
            var forecast = ForecastModel.Published.Run(plan);
            var brew = BrewPlan.Of(forecast, new DateTimeOffset(openedAt, TimeSpan.Zero).ToUnixTimeMilliseconds());
            brew.BaristaId = baristas[random.Next(baristas.Count)].Id;
            brew.BagId = fromThisBag ? bag.Id : null;
            brew.CoffeeName = bag.Name;
            brew.PlaceName = entry.RecipeId == "hut-press" ? "High Hut" : "Weir House";
            brew.GrindText = string.Create(CultureInfo.InvariantCulture, $"{grinder.Name}, {entry.Clicks} clicks");
            (brew.GrinderName, brew.VesselName) = (grinder.Name, vessels.Find(vessel => vessel.Family == plan.Brewer.Family && vessel.CapacityMl == plan.Brewer.CapacityMl && (vessel.Filter == plan.Brewer.Filter || plan.Brewer.Filter is not Filter.MetalDisc) && (vessel.Cone ?? Cone.Ridged) == (plan.Brewer.Cone ?? Cone.Ridged))?.Name ?? "");
            var real = Live(brew, forecast, ForecastModel.Published, entry, random);
            brew.Why = DemoWords.Why(forecast, entry.PairWith, entry.ScaledToFit ? ForecastModel.Published.Figures(wanted) : null,
                before.TryGetValue((entry.RecipeId, entry.Bag), out var last) ? (last.Entry.Clicks - entry.Clicks, last.Real) : null);
            before[(entry.RecipeId, entry.Bag)] = (entry, real);
            if (!entry.Untasted)
            {
                var tasting = DemoWords.Taste(real, bag, entry.MissedSteepEndS, brew.EndedAtMs!.Value);
                DemoWords.AddSips(tasting, real, all: db.ChangeTracker.Entries<Brew>().Count() % 3 == 0);
                // A refractometer reads to 0.01 % and errs by about 0.02.
                tasting.ReadTdsPercent = entry.Read ? Math.Round(real.TdsPercent + ((random.NextDouble() - 0.5) * 0.06), 2) : null;
                tasting.BaristaId = brew.BaristaId;
                brew.Tastings.Add(tasting);
            }

            db.Brews.Add(brew);
        }

        await db.SaveChangesAsync(ct);
    }

    /// <summary>Brews a plan with small errors: a second or two late, a gram or two off, once far too late.</summary>
    /// <returns>The figures of the brew.</returns>
    internal static Totals Live(Brew brew, Forecast forecast, ForecastModel truth, Entry entry, Random random)
    {
        var real = truth.Run(forecast.Recipe);
        brew.StartedAtMs = brew.OpenedAtMs + 180_000;
        var recipe = forecast.Recipe;
        var plan = ConductPlan.Of(forecast);
        var elapsedS = 0.0;
        var lateS = 0.0;
        Say(EntryKind.Start, plan.Anchor, 0);
        for (var i = plan.Anchor; i < recipe.Steps.Length; i++)
        {
            var timing = real.Timings[i];
            if (plan.Steps[i].Ends == StepEnding.Clock)
            {
                continue;
            }

            lateS += plan.Steps[i].Release ? entry.MissedSteepEndS : 0;
            if (plan.Steps[i].Release && timing.LengthS > 0)
            {
                elapsedS = Math.Max(elapsedS, timing.StartS + lateS);
                Say(EntryKind.Begun, i, elapsedS);
            }

            elapsedS = Math.Max(elapsedS, timing.EndS + Math.Round(random.NextDouble() * 2.5, 1) + lateS);
            if (i > plan.Anchor || (timing.LengthS > 0 && !plan.StartsAtItsEnd))
            {
                Say(EntryKind.Done, i, elapsedS);
            }

            if (recipe.Steps[i] is Step.Pour pour)
            {
                brew.Weighings.Add(new Weighing { StepIndex = i, TotalG = pour.ToG + random.Next(-2, 5) });
            }
        }

        brew.State = BrewState.Finished;
        brew.EndedAtMs = brew.StartedAtMs + (long)(1000 * elapsedS);
        brew.ComputeFacts(forecast);
        return brew.ForecastAsBrewed(real, brew.Run(forecast, brew.EndedAtMs.Value)).Totals;

        void Say(EntryKind kind, int step, double atS)
        {
            var atMs = brew.StartedAtMs!.Value + (long)(1000 * atS);
            brew.Entries.Add(new EntryRow { EntryId = new Guid(random.Next(), 1, 2, 3, 4, 5, 6, 7, 8, (byte)kind, (byte)step), Kind = kind, Step = step, AtMs = atMs, ReceivedAtMs = atMs });
        }
    }

    /// <summary>A brew of the log by its settings; its outcome is computed.</summary>
    internal sealed record Entry(string RecipeId, string Bag, int DaysAgo, double DoseG, double Ratio, int Clicks)
    {
        /// <summary>How much too late the steep ended, s.</summary>
        public double MissedSteepEndS { get; init; }

        /// <summary>There was a refractometer.</summary>
        public bool Read { get; init; }

        /// <summary>The name of the other brew of a pair.</summary>
        public string? PairWith { get; init; }

        /// <summary>Whether it was scaled down because the wanted batch would have overfilled the vessel.</summary>
        public bool ScaledToFit { get; init; }

        public bool Untasted { get; init; }
    }

    private static readonly Entry[] Entries =
    [
        new("fp-slow-eight", "Tidewrack", 19, 46, 17.8, 39),
        new("fp-water-first", "Quiet Orchard", 12, 24, 16, 38) { Read = true },
        new("fp-water-first", "Quiet Orchard", 11, 24, 16, 34) { Read = true },
        new("fp-water-first", "Quiet Orchard", 10, 24, 16, 29) { Read = true },
        new("fp-long-settle", "Kestrel Terrace", 6, 32, 15, 32),
        new("hut-press", "Kestrel Terrace", 4, 33, 14.5, 29),
        new("fp-bloomed", "Blue Ferry", 2, 27, 15, 35) { MissedSteepEndS = 180 },
        new("fp-bloomed", "Blue Ferry", 1, 27, 15, 35) { Untasted = true },
        new("tp-upright-short", "Blue Ferry", 41, 15, 15, 9),
        new("tp-upright-short", "Blue Ferry", 40, 15, 15, 12),
        new("tp-upright-short", "Blue Ferry", 39, 15, 15, 15),
        new("tp-upright-held", "Tidewrack", 37, 16, 14.6, 18),
        new("tp-turned", "Tidewrack", 36, 18, 12.7, 21),
        new("tp-turned", "Quiet Orchard", 34, 18, 12.7, 22),
        new("tp-turned-cool", "Kestrel Terrace", 33, 17, 12, 24),
        new("tp-short-bypass", "Night Barge", 31, 22, 5.9, 16),
        new("tp-short-bypass", "Night Barge", 30, 22, 5.9, 17),
        new("vd-water-first", "Blue Ferry", 29, 22, 15.5, 19),
        new("vd-coffee-first", "Quiet Orchard", 29, 24, 16, 9) { Read = true },
        new("vd-coffee-first", "Quiet Orchard", 28, 24, 16, 13) { Read = true },
        new("vd-coffee-first", "Quiet Orchard", 27, 24, 16, 17) { Read = true },
        new("vd-coffee-first", "Quiet Orchard", 26, 24, 16, 20) { Read = true },
        new("vd-two-pours", "Kestrel Terrace", 24, 27, 14.8, 27),
        new("vd-water-first", "Tidewrack", 23, 22, 15.5, 20),
        new("ld-closed", "Kestrel Terrace", 22, 17, 16, 19),
        new("ld-closed", "Blue Ferry", 21, 17, 16, 19) { PairWith = "First and last of the drawdown left out" },
        new("ld-split", "Blue Ferry", 21, 18, 15.6, 18) { PairWith = "Closed all the way" },
        new("ld-float", "Quiet Orchard", 20, 16, 9.4, 13),
        new("ld-long-soak-iced", "Kestrel Terrace", 18, 25, 9.8, 17),
        new("ld-open-closed-iced", "Kestrel Terrace", 17, 21, 11, 15),
        new("si-whirl", "Night Barge", 16, 26, 15, 18),
        new("si-whirl", "Night Barge", 15, 26, 15, 20),
        new("si-layers", "Quiet Orchard", 14, 22, 14.1, 18),
        new("si-layers", "Blue Ferry", 13, 22, 14.1, 19),
        new("jar-spoons", "Tidewrack", 9, 28, 12.5, 32),
        new("jar-spoons", "Night Barge", 8, 36, 12.5, 32) { ScaledToFit = true },
        new("fp-slow-eight", "Night Barge", 7, 44, 17.8, 40),
        new("hut-press", "Night Barge", 5, 33, 14.5, 28),
        new("vd-water-first", "Blue Ferry", 3, 22, 15.5, 19),
    ];
}
