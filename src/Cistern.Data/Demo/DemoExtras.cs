namespace Cistern.Data.Demo;

/// <summary>Further demo data: weight curves, a pair tasted blind, a deviation that was answered, an imported brew.</summary>
internal static class DemoExtras
{
    private const int Seed = 57;

    /// <summary>How many brews of the log were made on a scale with readings.</summary>
    private const int Weighed = 12;

    /// <summary>Adds it to a data file that has a log.</summary>
    public static async Task AddAsync(CisternDb db, TimeProvider time, CancellationToken ct)
    {
        await AddPairAsync(db, time, ct);
        await AddDeviationAsync(db, time, ct);
        await AddImportedAsync(db, time, ct);
        await AddCurvesAsync(db, ct);
    }

    /// <summary>Adds weight curves to brews.</summary>
    private static async Task AddCurvesAsync(CisternDb db, CancellationToken ct)
    {
        var brews = await db.Brews.Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).AsSplitQuery().OrderByDescending(row => row.Id).ToListAsync(ct);
        foreach (var brew in brews.Where(brew => brew.State == BrewState.Finished && brew.Recipe().Brewer.Family != BrewerFamily.Siphon).Where((_, i) => i % 3 == 0).Take(Weighed))
        {
            var plan = ForecastModel.Published.Run(brew.Recipe());
            var real = brew.ForecastAsBrewed(plan, brew.Run(plan, brew.EndedAtMs!.Value));
            // Already as it was done: these hands do it just so.
            var instruments = new SimulatedInstruments(SimulatedBrew.Of(real, Hands.Steady with { Unsteady = 0 }, Seed + brew.Id), Seed + brew.Id, InstrumentQuality.Usual with { BumpsPerMin = 0.2 });
            var points = instruments.Read(instruments.BeginS - 1, instruments.EndS, atS => brew.StartedAtMs!.Value + (1000 * atS)).Where(reading => reading.Of == ReadingOf.ScaleG).Select(reading => new CurvePoint((long)reading.AtMs, reading.Value));
            brew.Readings.Add(new ReadingChunk { Of = ReadingOf.ScaleG, Packed = new Curve(ReadingOf.ScaleG, []).With(points).Pack() });
        }

        await db.SaveChangesAsync(ct);
    }

    /// <summary>Two valve dripper brews ground six clicks apart, made as a pair two days ago and tasted blind by all four baristas.</summary>
    private static async Task AddPairAsync(CisternDb db, TimeProvider time, CancellationToken ct)
    {
        const int Finer = 18;
        const int Coarser = 24;
        var bag = await db.Bags.FirstAsync(row => row.Name == "Blue Ferry", ct);
        var grinder = await db.Grinders.FirstAsync(row => row.Name == "Ferrule", ct);
        var baristas = await db.Baristas.OrderBy(row => row.Id).ToListAsync(ct);
        var random = new Random(Seed);
        var written = RecipeLibrary.Find("vd-water-first")!;
        var openedAtMs = new DateTimeOffset(time.GetUtcNow().AddDays(-2).Date.AddHours(15), TimeSpan.Zero).ToUnixTimeMilliseconds();
        Recipe Ground(int clicks, string name) => written with { Name = name, Coffee = written.Coffee with { Roast = bag.Roast, RestDays = 3 }, Grind = new Grind(grinder.MedianUm(clicks), grinder.Spread) };
        var staggerS = PairPlanning.MinStaggerS(ForecastModel.Published.Run(Ground(Finer, "")), ForecastModel.Published.Run(Ground(Coarser, "")));
        var sides = new List<(StoredPlan Plan, Brew Brew)>();
        foreach (var (clicks, name) in new[] { (Finer, "Water below, for the pair"), (Coarser, "Water below, for the pair, B") })
        {
            var recipe = Ground(clicks, name);
            var state = new PlanState(RecipeWriter.Write(recipe), RecipeWriter.Write(written)) { Settled = true, BagId = bag.Id, GrinderId = grinder.Id, GrinderSetting = clicks };
            var plan = new StoredPlan { Name = name, RecipeId = written.Id, AcceptedJson = state.ToJson(), ParentId = sides.Count > 0 ? sides[0].Plan.Id : null, ParentName = sides.Count > 0 ? sides[0].Plan.Name : written.Name, What = sides.Count > 0 ? $"grind {Finer} → {Coarser} clicks" : $"grind {Finer} clicks", SavedAtMs = openedAtMs, ChangedAtMs = openedAtMs };
            plan.Revisions.Add(new PlanRevision { Position = 0, StateJson = state.ToJson(), What = "", AtMs = openedAtMs });
            db.Plans.Add(plan);
            await db.SaveChangesAsync(ct);
            var forecast = ForecastModel.Published.Run(recipe);
            var brew = BrewPlan.Of(forecast, openedAtMs + (long)(sides.Count * 1000 * staggerS));
            (brew.BaristaId, brew.BagId, brew.CoffeeName, brew.PlaceName, brew.GrinderName, brew.StoredPlanId) = (baristas[1].Id, bag.Id, bag.Name, "Weir House", grinder.Name, plan.Id);
            brew.GrindText = string.Create(CultureInfo.InvariantCulture, $"{grinder.Name}, {clicks} clicks");
            brew.Why = sides.Count > 0 ? $"B of a pair: {plan.What}" : "";
            var real = DemoData.Live(brew, forecast, ForecastModel.Published, new DemoData.Entry(written.Id, bag.Name, 2, 22, 15.5, clicks), random);
            var tasting = DemoWords.Taste(real, bag, 0, brew.EndedAtMs!.Value);
            tasting.BaristaId = baristas[1].Id;
            brew.Tastings.Add(tasting);
            db.Brews.Add(brew);
            await db.SaveChangesAsync(ct);
            sides.Add((plan, brew));
        }

        db.Pairs.Add(new BrewPair { FirstPlanId = sides[0].Plan.Id, SecondPlanId = sides[1].Plan.Id, StaggerS = staggerS, FirstBrewId = sides[0].Brew.Id, SecondBrewId = sides[1].Brew.Id, MadeAtMs = openedAtMs - 600_000, BaristaId = baristas[1].Id });
        var session = new BlindSession
        {
            Kind = BlindKind.Triangle,
            Tasters = baristas.Count,
            Seed = Seed,
            FirstBrewId = sides[0].Brew.Id,
            SecondBrewId = sides[1].Brew.Id,
            What = $"{Finer} clicks against {Coarser}",
            OpenedAtMs = openedAtMs + 900_000,
            RevealedAtMs = openedAtMs + 1_500_000,
            By = baristas[1].Name,
        };
        string[] notes = ["thinner than the other two", "one is more sour", "all alike to me", "less plum in it"];
        var dealt = BlindTasting.Serve(session.Kind, session.Tasters, session.Seed);
        for (var i = 0; i < baristas.Count; i++)
        {
            var asked = BlindTasting.Asked(session.Kind, dealt[i]).Single();
            // The third could not tell them apart, and guessed.
            var picked = i == 2 ? dealt[i].First(cup => cup.Code != asked.Code) : asked;
            session.Answers.Add(new BlindAnswer { Taster = i + 1, Name = baristas[i].Name, Picked = picked.Code.ToString(CultureInfo.InvariantCulture), Note = notes[i], AtMs = session.OpenedAtMs + (60_000 * (i + 3)) });
        }

        db.BlindSessions.Add(session);
        await db.SaveChangesAsync(ct);
    }

    /// <summary>A dripper opened over a minute late: the correction was accepted, and the drink diluted.</summary>
    private static async Task AddDeviationAsync(CisternDb db, TimeProvider time, CancellationToken ct)
    {
        const double LateS = 150;
        var bag = await db.Bags.FirstAsync(row => row.Name == "Night Barge", ct);
        var grinder = await db.Grinders.FirstAsync(row => row.Name == "Ferrule", ct);
        var teo = await db.Baristas.FirstAsync(row => row.Name == "Teo", ct);
        var written = RecipeLibrary.Find("vd-coffee-first")!;
        var recipe = written with { Coffee = written.Coffee with { Roast = bag.Roast, RestDays = 2 }, Grind = new Grind(grinder.MedianUm(17), grinder.Spread) };
        var forecast = ForecastModel.Published.Run(recipe);
        var openedAtMs = new DateTimeOffset(time.GetUtcNow().AddDays(-1).Date.AddHours(7).AddMinutes(20), TimeSpan.Zero).ToUnixTimeMilliseconds();
        var brew = BrewPlan.Of(forecast, openedAtMs);
        (brew.BaristaId, brew.BagId, brew.CoffeeName, brew.PlaceName, brew.GrinderName, brew.GrindText) = (teo.Id, bag.Id, bag.Name, "Weir House", grinder.Name, $"{grinder.Name}, 17 clicks");
        var entry = new DemoData.Entry(written.Id, bag.Name, 1, written.Coffee.DoseG, 16, 17) { MissedSteepEndS = LateS };
        DemoData.Live(brew, forecast, ForecastModel.Published, entry, new Random(Seed + 2));
        var steepEnd = brew.Entries.First(one => one.Kind == EntryKind.Begun && Verb.TraitsOf(recipe.Steps[one.Step]).Parts);
        var nowS = ((steepEnd.AtMs - brew.StartedAtMs!.Value) / 1000.0) + 1;
        var run = brew.Run(forecast, steepEnd.AtMs + 1000);
        if (Correction.After(brew.ForecastAsBrewed(forecast, run, nowS), forecast.Totals, nowS) is { DilutionG: > 0 } correction)
        {
            var dilutionG = Math.Round(correction.DilutionG);
            brew.PlannedJson = brew.PlanJson;
            brew.PlanJson = RecipeWriter.Write(Correction.Changed(forecast, null, null, dilutionG));
            brew.DeviationAnswers.Add(new DeviationAnswer { Kind = DeviationKind.ReleasedLate, Step = steepEnd.Step, Taken = true, DilutionG = dilutionG, AtMs = steepEnd.AtMs + 9_000, By = teo.Name, Said = string.Create(CultureInfo.InvariantCulture, $"Opened late. Diluted with {dilutionG:0} g.") });
            var replanned = ForecastModel.Published.Run(brew.Recipe());
            brew.EndedAtMs = brew.StartedAtMs + (long)(1000 * Math.Max(replanned.Totals.FinishS + LateS, (brew.EndedAtMs!.Value - brew.StartedAtMs.Value) / 1000.0));
            brew.ComputeFacts(replanned);
        }

        db.Brews.Add(brew);
        await db.SaveChangesAsync(ct);
    }

    /// <summary>A brew of the other counter, imported from a file.</summary>
    private static async Task AddImportedAsync(CisternDb db, TimeProvider time, CancellationToken ct)
    {
        var wanjiru = await db.Baristas.FirstAsync(row => row.Name == "Wanjiru", ct);
        var grinder = await db.Grinders.FirstAsync(row => row.Name == "Hut grinder", ct);
        var random = new Random(Seed + 1);
        var import = new Import { AtMs = time.GetUtcNow().AddDays(-1).ToUnixTimeMilliseconds(), By = wanjiru.Name, What = "high-hut.json: 1 brew", SavedAtMs = time.GetUtcNow().AddDays(-1).ToUnixTimeMilliseconds() };
        db.Imports.Add(import);
        await db.SaveChangesAsync(ct);
        var written = RecipeLibrary.Find("hut-press")!;
        var recipe = written with { Grind = new Grind(grinder.MedianUm(3), grinder.Spread) };
        var forecast = ForecastModel.Published.Run(recipe);
        var brew = BrewPlan.Of(forecast, new DateTimeOffset(time.GetUtcNow().AddDays(-3).Date.AddHours(6).AddMinutes(30), TimeSpan.Zero).ToUnixTimeMilliseconds());
        (brew.BaristaId, brew.CoffeeName, brew.PlaceName, brew.GrinderName, brew.GrindText, brew.VesselName, brew.ImportId) = (wanjiru.Id, "Night Barge", "High Hut", grinder.Name, $"{grinder.Name}, 12 notches", "Hut French press", import.Id);
        DemoData.Live(brew, forecast, ForecastModel.Published, new DemoData.Entry(written.Id, "Night Barge", 3, written.Coffee.DoseG, 14.5, 0), random);
        brew.Notes.Add(new LaterNote { Text = "Snow on the step; the water boiled at 92.", AtMs = brew.EndedAtMs!.Value + 300_000 });
        db.Brews.Add(brew);
        await db.SaveChangesAsync(ct);
    }
}
