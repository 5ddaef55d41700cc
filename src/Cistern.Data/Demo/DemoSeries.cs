namespace Cistern.Data.Demo;

/// <summary>Series of brews in the demo, each made as advised after the one before.</summary>
internal static class DemoSeries
{
    /// <summary>
    /// Five brews on the electric grinder, which grinds 45 µm coarser than its scale: from sour and thin to a target that was set,
    /// each measured with a refractometer.
    /// </summary>
    public static async Task AddFollowedAsync(CisternDb db, TimeProvider time, int seed, CancellationToken ct)
    {
        const int FirstDaysAgo = 38;
        var bag = await db.Bags.FirstAsync(row => row.Name == "Blue Ferry", ct);
        var grinder = await db.Grinders.FirstAsync(row => row.Name == "Counter 64", ct);
        var random = new Random(seed);
        var written = RecipeLibrary.Find("ld-closed")!;
        var first = written with
        {
            Coffee = new Coffee(15.5, bag.Roast, 12),
            Grind = grinder.Scale.At(10),
            Water = written.Water with { TemperatureC = 92 },
            Target = new Target { TdsPercent = new Span(1.24, 1.36), FlavourBalance = new Span(-0.1, 0.4) },
        };
        var series = new Series(db, bag, grinder, await db.Baristas.FirstAsync(row => row.Name == "Solveig", ct), "Lever dripper, ridged", random)
        {
            Truth = ForecastModel.Published with { Parameters = ForecastModel.Published.Parameters with { GrindOffsetUm = 45, CakeResistance = 1.15, HoldShiftGPerG = 0.08 } },
        };
        await series.BrewAsync(first, 5, i => time.GetUtcNow().AddDays(i - FirstDaysAgo).Date.AddHours(9).AddMinutes(random.Next(60)), Read, ct);

        Tasting Read(int i, Brew brew, Totals real)
        {
            var tasting = DemoWords.Taste(real, bag, 0, brew.EndedAtMs!.Value);
            DemoWords.AddSips(tasting, real, all: true);
            tasting.ReadTdsPercent = Math.Round(real.FinalTdsPercent + ((random.NextDouble() - 0.5) * 0.04), 2);
            brew.Observations.Add(new Observation { Name = ObservationNames.Beverage, Value = Math.Round(real.FinalG), AtMs = tasting.AtMs });
            return tasting;
        }
    }

    /// <summary>A new bag dialled in by taste alone, in three brews of one morning: sour and fast at first, good at the end.</summary>
    public static async Task AddDialledInAsync(CisternDb db, TimeProvider time, int seed, CancellationToken ct)
    {
        var bag = await db.Bags.FirstAsync(row => row.Name == "Night Barge", ct);
        var grinder = await db.Grinders.FirstAsync(row => row.Name == "Ferrule", ct);
        var written = RecipeLibrary.Find("vd-water-first")!;
        var first = written with { Coffee = new Coffee(22, bag.Roast, 2), Grind = grinder.Scale.At(28), Target = null };
        (int Balance, int Body, string Complaints, double Score, string Note)[] said =
        [
            (-4, -1, "sour drawdown-fast", 4, "Sour, and through in no time. Nothing of the treacle yet."),
            (-2, -2, "sour thin", 6, "Better: walnut comes through, but thin, with a sour edge as it cools."),
            (0, 0, "", 8.5, "Treacle and walnut, sweet to the last of it. Leave it there."),
        ];
        var series = new Series(db, bag, grinder, await db.Baristas.FirstAsync(row => row.Name == "Wanjiru", ct), "Valve dripper", new Random(seed));
        await series.BrewAsync(first, said.Length, i => time.GetUtcNow().AddDays(-1).Date.AddHours(7).AddMinutes(10 + (17 * i)), Tasted, ct);

        Tasting Tasted(int i, Brew brew, Totals real)
        {
            var (balance, body, complaints, score, note) = said[i];
            var tasting = new Tasting { SourBitter = balance, ThinHeavy = body, Complaints = complaints, Score = score, Note = note, Bed = BedLook.Domed, AtMs = brew.EndedAtMs!.Value + 480_000 };
            tasting.Sips.Add(new TastingSip { When = SipWhen.Warm, SourBitter = balance, ThinHeavy = body });
            return tasting;
        }
    }

    private sealed record Series(CisternDb Db, Bag Bag, Grinder Grinder, Barista Barista, string Vessel, Random Random)
    {
        /// <summary>The true parameters of grinder, brewer and coffee.</summary>
        public ForecastModel Truth { get; init; } = ForecastModel.Published;

        /// <summary>Brews a plan, then what is advised after each brew.</summary>
        /// <param name="plan">The first plan.</param>
        /// <param name="brews">How many.</param>
        /// <param name="opened">When each brew is opened.</param>
        /// <param name="taste">How each brew tasted.</param>
        /// <param name="ct">Cancels it.</param>
        public async Task BrewAsync(Recipe plan, int brews, Func<int, DateTime> opened, Func<int, Brew, Totals, Tasting> taste, CancellationToken ct)
        {
            var published = ForecastModel.Published;
            var model = published;
            var line = new List<BrewRecord>();
            (Brew Brew, AdvisedChange? Change)? before = null;
            for (var i = 0; i < brews; i++)
            {
                var forecast = model.Run(plan);
                var brew = BrewPlan.Of(forecast, new DateTimeOffset(opened(i), TimeSpan.Zero).ToUnixTimeMilliseconds());
                (brew.Barista, brew.CoffeeName, brew.PlaceName) = (Barista, Bag.Name, "Weir House");
                (brew.GrinderName, brew.VesselName) = (Grinder.Name, Vessel);
                brew.GrindText = string.Create(CultureInfo.InvariantCulture, $"{Grinder.Name}, {Grinder.Scale.SettingFor(plan.Grind.MedianUm):0.##} {Grinder.SettingName}");
                if (before is { Brew: var last, Change: var made })
                {
                    brew.ParentBrewId = last.Id;
                    brew.Why = made?.Why ?? "The same again, to be sure of it.";
                    brew.ChangedJson = made is null ? "" : DemoWords.Change(made, Grinder).ToJson();
                }

                var real = DemoData.Live(brew, forecast, Truth, new DemoData.Entry(plan.Id, Bag.Name, 0, 0, 0, 0), Random);
                var tasting = taste(i, brew, real);
                tasting.Barista = Barista;
                brew.Tastings.Add(tasting);
                Db.Brews.Add(brew);
                await Db.SaveChangesAsync(ct);
                line.Add(BrewRecords.Of(brew, published, boughtGround: false));
                // What each has taught is known when the next is planned.
                model = Fitter.Of(line.Select(one => one.ForFitting()), published).Model(published, line[^1].Keys());
                var change = Advisor.Of(line, model, new AdviceGear { Grinder = Grinder.Scale }, brew.FiguresOf(published)).Changes.FirstOrDefault();
                before = (brew, change);
                plan = change?.Recipe ?? plan;
            }
        }
    }
}
