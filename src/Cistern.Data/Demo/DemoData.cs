using System.Globalization;
using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Data.Brews;
using Cistern.Data.Shelf;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Data.Demo;

/// <summary>
/// The bench of Lockgate, who roasts a little coffee and pours it at two counters. All of it is made up. The log is made
/// by running the model on slightly wrong settings, with a fixed seed.
/// </summary>
public static class DemoData
{
    private const int Seed = 20;

    /// <summary>Fills an empty data file; one that has a barista is left as it is.</summary>
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
        db.Mills.AddRange(Mills());
        db.Vessels.AddRange(
            new OwnedVessel { Name = "Small French press", Family = VesselFamily.FrenchPress, CapacityMl = 350 },
            new OwnedVessel { Name = "French press", Family = VesselFamily.FrenchPress, CapacityMl = 1_000 },
            new OwnedVessel { Name = "Hut French press", Family = VesselFamily.FrenchPress, CapacityMl = 1_000, Material = Material.Steel },
            new OwnedVessel { Name = "Tube press", Family = VesselFamily.TubePress, CapacityMl = 280 },
            new OwnedVessel { Name = "Tube press, metal disc", Family = VesselFamily.TubePress, CapacityMl = 280, Filter = Filter.MetalDisc },
            new OwnedVessel { Name = "Valve dripper", Family = VesselFamily.ValveDripper, CapacityMl = 500 },
            new OwnedVessel { Name = "Lever dripper, ridged", Family = VesselFamily.LeverDripper, CapacityMl = 360, Cone = Cone.Ridged },
            new OwnedVessel { Name = "Lever dripper, smooth", Family = VesselFamily.LeverDripper, CapacityMl = 360, Cone = Cone.Smooth },
            new OwnedVessel { Name = "Small siphon", Family = VesselFamily.Siphon, CapacityMl = 360 },
            new OwnedVessel { Name = "Siphon", Family = VesselFamily.Siphon, CapacityMl = 600 },
            new OwnedVessel { Name = "Jar", Family = VesselFamily.Jar, CapacityMl = 475 });
        await db.SaveChangesAsync(ct);

        await AddLogAsync(db, time, ct);
    }

    private static readonly string[] Names = ["Imre", "Solveig", "Wanjiru", "Teo"];

    private static Bag[] Bags(DateOnly today) =>
    [
        new() { Name = "Kestrel Terrace", Origin = "Rwanda, washed", Roast = 0.20, RoastedOn = today.AddDays(-9), LeftG = 212, TastesOf = "blackcurrant, tea, lime" },
        new() { Name = "Blue Ferry", Origin = "Timor-Leste, natural", Roast = 0.35, RoastedOn = today.AddDays(-5), LeftG = 640, TastesOf = "plum, cocoa nib" },
        new() { Name = "Quiet Orchard", Origin = "Bolivia, honey", Roast = 0.40, RoastedOn = today.AddDays(-14), LeftG = 31, TastesOf = "apricot, almond" },
        new() { Name = "Night Barge", Origin = "blend", Roast = 0.60, RoastedOn = today.AddDays(-3), LeftG = 1_150, TastesOf = "treacle, walnut" },
        new() { Name = "Tidewrack", Origin = "Malawi, decaffeinated", Roast = 0.50, RoastedOn = today.AddDays(-21), LeftG = 180, TastesOf = "malt, dried apple" },
    ];

    private static Mill[] Mills() =>
    [
        new() { Name = "Ferrule", SettingName = "clicks", Least = 0, Most = 60, Step = 1, UmAtZero = 60, UmPerSetting = 26, Spread = 0.42, UsualFilterSetting = 20 },
        new() { Name = "Counter 64", SettingName = "settings", Least = 0, Most = 20, Step = 0.25, UmAtZero = 220, UmPerSetting = 55, Spread = 0.47, UsualFilterSetting = 6.5 },
        new() { Name = "Hut mill", SettingName = "turns", Least = 0, Most = 6, Step = 0.25, UmAtZero = 250, UmPerSetting = 210, Spread = 0.68 },
    ];

    private static async Task AddLogAsync(CisternDb db, TimeProvider time, CancellationToken ct)
    {
        var bags = await db.Bags.ToDictionaryAsync(bag => bag.Name, ct);
        var baristas = await db.Baristas.OrderBy(barista => barista.Id).ToListAsync(ct);
        var mill = await db.Mills.FirstAsync(row => row.Name == "Ferrule", ct);
        var random = new Random(Seed);
        var now = time.GetUtcNow();
        foreach (var entry in Entries)
        {
            var bag = bags[entry.Bag];
            var openedAt = now.AddDays(-entry.DaysAgo).Date.AddHours(8 + (entry.DaysAgo % 9)).AddMinutes(random.Next(60));
            var written = RecipeLibrary.Find(entry.RecipeId)!;
            // What was brewed before this bag was roasted came from an earlier bag of the same coffee.
            var restDays = bag.RestDays(DateOnly.FromDateTime(now.DateTime)) - entry.DaysAgo;
            var fromThisBag = restDays >= 0;
            restDays = fromThisBag ? restDays : 14 + (restDays % 10);
            var plan = Scaling.To(written, new Charge(entry.DoseG, Math.Round(entry.DoseG * entry.Ratio))) with
            {
                Coffee = new Coffee(entry.DoseG, bag.Roast, restDays),
                Grind = new Grind(mill.MedianUm(entry.Clicks), mill.Spread),
            };
            var forecast = Forecaster.Run(plan);
            var brew = BrewPlan.Of(forecast, new DateTimeOffset(openedAt, TimeSpan.Zero).ToUnixTimeMilliseconds());
            brew.BaristaId = baristas[random.Next(baristas.Count)].Id;
            brew.BagId = fromThisBag ? bag.Id : null;
            brew.CoffeeName = bag.Name;
            brew.PlaceName = entry.RecipeId == "hut-press" ? "High Hut" : "Weir House";
            brew.GrindText = string.Create(CultureInfo.InvariantCulture, $"{mill.Name}, {entry.Clicks} clicks");
            Live(brew, forecast, entry, random);
            db.Brews.Add(brew);
        }

        await db.SaveChangesAsync(ct);
    }

    /// <summary>Brews a plan as a hand would: a second or two late, a gram or two off, once far too late.</summary>
    private static void Live(Brew brew, Forecast forecast, Entry entry, Random random)
    {
        brew.StartedAtMs = brew.OpenedAtMs + 180_000;
        var recipe = forecast.Recipe;
        var anchor = RecipeChecker.AnchorIndex(recipe);
        var elapsedS = 0.0;
        var lateS = 0.0;
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            var timing = forecast.Timings[i];
            if (i < anchor || BrewRun.EndsByItself(recipe.Steps[i]))
            {
                continue;
            }

            if (i == anchor && timing.LengthS > 0)
            {
                Press(i, 0);
            }

            lateS += recipe.Steps[i] is Step.Plunge ? entry.MissedReleaseS : 0;
            elapsedS = Math.Max(elapsedS, timing.EndS + Math.Round(random.NextDouble() * 2.5, 1) + lateS);
            Press(i, i == anchor && timing.LengthS <= 0 ? 0 : elapsedS);
            if (recipe.Steps[i] is Step.Pour pour)
            {
                brew.Weighings.Add(new Weighing { StepIndex = i, TotalG = pour.ToG + random.Next(-2, 5) });
            }
        }

        brew.State = BrewState.Finished;
        brew.EndedAtMs = brew.StartedAtMs + (long)(1000 * elapsedS);
        var run = BrewRun.Replay(forecast, brew.CorePresses, elapsedS);
        var real = Forecaster.Run(AsBrewed.Of(recipe, run, brew.WeightsG()), ForecastOptions.TotalsOnly).Totals;
        var body = (int)Math.Clamp(Math.Round((real.FinalTdsPercent - 1.3) / 0.06), -5, 5);
        var tilt = (int)Math.Clamp(Math.Round(real.Tilt * 3), -5, 5);
        if (entry.Words.Length > 0)
        {
            brew.Tasting = new Tasting
            {
                SharpHarsh = tilt,
                ThinHeavy = body,
                Score = Math.Round(2 * (8.5 - (0.6 * Math.Abs(tilt)) - (0.4 * Math.Abs(body)))) / 2,
                Note = entry.Words,
                AtMs = brew.EndedAtMs.Value + 600_000,
            };
        }

        void Press(int step, double atS) => brew.Presses.Add(new BrewPress
        {
            Key = new Guid(random.Next(), 1, 2, 3, 4, 5, 6, 7, 8, 9, (byte)step),
            Kind = PressKind.Done,
            StepIndex = step,
            ElapsedS = atS,
            ReceivedAtMs = brew.StartedAtMs!.Value + (long)(1000 * atS),
        });
    }

    private sealed record Entry(string RecipeId, string Bag, int DaysAgo, double DoseG, double Ratio, int Clicks, string Words, double MissedReleaseS = 0);

    private static readonly Entry[] Entries =
    [
        new("fp-slow-eight", "Tidewrack", 19, 46, 17.8, 39, "Malt and a dry edge. Coarse enough."),
        new("fp-water-first", "Quiet Orchard", 12, 24, 16, 38, "A little sharp. Two clicks finer next time."),
        new("fp-water-first", "Quiet Orchard", 11, 24, 16, 36, "Better: apricot at the front."),
        new("fp-water-first", "Quiet Orchard", 10, 24, 16, 34, "Round. Keep it here."),
        new("fp-long-settle", "Kestrel Terrace", 6, 32, 15, 32, "Clear, blackcurrant when it cooled."),
        new("hut-press", "Kestrel Terrace", 4, 33, 14.5, 29, "Thinner than at Weir House. The water boils at 92."),
        new("fp-bloomed", "Blue Ferry", 2, 27, 15, 35, "Forgot it on the bench, plunged three minutes late. Good still, but no longer hot.", MissedReleaseS: 180),
        new("fp-bloomed", "Blue Ferry", 1, 27, 15, 35, ""),
        new("tp-upright-short", "Blue Ferry", 41, 15, 15, 12, "Hard to push and harsh at the end. Two clicks coarser."),
        new("tp-upright-short", "Blue Ferry", 40, 15, 15, 14, "Easier. Plum now."),
        new("tp-upright-short", "Blue Ferry", 39, 15, 15, 15, "Keep this for the morning."),
        new("tp-upright-held", "Tidewrack", 37, 16, 14.6, 18, "Round, a little flat."),
        new("tp-turned", "Tidewrack", 36, 18, 12.7, 21, "Bold. Malt all through."),
        new("tp-turned", "Quiet Orchard", 34, 18, 12.7, 22, "Apricot, if a little sharp."),
        new("tp-turned-cool", "Kestrel Terrace", 33, 17, 12, 24, "Very bright. Lime."),
        new("tp-short-bypass", "Night Barge", 31, 22, 5.9, 16, "Let down twice by ten grams, then right."),
        new("tp-short-bypass", "Night Barge", 30, 22, 5.9, 17, "Straight to 110 g, as noted."),
        new("vd-water-first", "Blue Ferry", 29, 22, 15.5, 19, "Quick drain, clean."),
        new("vd-coffee-first", "Quiet Orchard", 28, 24, 16, 12, "It hardly dripped after four minutes. Too fine by far."),
        new("vd-coffee-first", "Quiet Orchard", 27, 24, 16, 18, "Slow still, but it ran."),
        new("vd-coffee-first", "Quiet Orchard", 26, 24, 16, 22, "Two minutes to drain. Balanced."),
        new("vd-two-pours", "Kestrel Terrace", 24, 27, 14.8, 27, "Dense paper: very clear, tea."),
        new("vd-water-first", "Tidewrack", 23, 22, 15.5, 20, "Malt, short finish."),
        new("ld-closed", "Kestrel Terrace", 22, 17, 16, 19, "Blackcurrant when warm."),
        new("ld-closed", "Blue Ferry", 21, 17, 16, 19, "One of a pair, this one closed."),
        new("ld-split", "Blue Ferry", 21, 18, 15.6, 18, "The other of the pair: first runoff and tail left out. Sweeter."),
        new("ld-float", "Quiet Orchard", 20, 16, 9.4, 13, "Short and let down. Almond."),
        new("ld-long-soak-iced", "Kestrel Terrace", 18, 25, 9.8, 17, "Shaken cold. Not thin at all."),
        new("ld-open-closed-iced", "Kestrel Terrace", 17, 21, 11, 15, "Brighter than the soak."),
        new("si-whirl", "Night Barge", 16, 26, 15, 18, "Heavy, walnut."),
        new("si-whirl", "Night Barge", 15, 26, 15, 20, "Two clicks coarser, cleaner."),
        new("si-layers", "Quiet Orchard", 14, 22, 14.1, 18, "Two stirs only. Layers stayed."),
        new("si-layers", "Blue Ferry", 13, 22, 14.1, 19, "Cocoa nib, long finish."),
        new("jar-spoons", "Tidewrack", 9, 28, 12.5, 32, "At the river, two spoons. Bold."),
        new("jar-spoons", "Night Barge", 8, 26, 13.5, 32, "Less coffee would not have overflowed last time."),
        new("fp-slow-eight", "Night Barge", 7, 44, 17.8, 40, "Treacle. Sludge at the bottom."),
        new("hut-press", "Night Barge", 5, 33, 14.5, 28, "Held half a minute longer for the cool water."),
        new("vd-water-first", "Blue Ferry", 3, 22, 15.5, 19, "As it was four weeks ago."),
    ];
}
