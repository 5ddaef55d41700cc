namespace Cistern.Web.Pages.Shelf;

/// <summary>Every kind of thing on the shelf.</summary>
public static class ShelfKinds
{
    /// <summary>In the order they are shown.</summary>
    public static IReadOnlyList<ShelfKind> All { get; } =
        [new Coffees(), new Grinders(), new Vessels(), new Servers(), new Kettles(), new Waters(), new Places(), new Spoons(), new Filters()];

    /// <summary>The kind a word stands for, or null.</summary>
    public static ShelfKind? Find(string word) => All.FirstOrDefault(kind => kind.Word == word);

    private static string Number(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);

    private static string Join(params string?[] parts) => string.Join(" · ", parts.Where(part => part is { Length: > 0 }));

    /// <summary>The number of non-empty lines of a text.</summary>
    private static int Lines(string text) => text.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Length;

    private static string Days(int days) => days == 1 ? "1 day" : string.Create(CultureInfo.InvariantCulture, $"{days} days");

    private sealed class Coffees : ShelfKind<Bag>
    {
        public override string Word => "coffee";

        public override string Title => "Coffees";

        public override string Empty => "No coffee yet. Add a bag, and every plan knows its roast, its age and the grams left.";

        protected override DbSet<Bag> Rows(CisternDb db) => db.Bags;

        protected override IQueryable<Bag> Order(IQueryable<Bag> rows) => rows.OrderBy(bag => bag.UsedUpOn != null).ThenBy(bag => bag.Name);

        protected override Bag Fresh(ShelfView view) => new() { Name = "", Roast = 0.4, RoastedOn = view.Today.AddDays(-7), LeftG = 250 };

        protected override void Fill(Bag bag, ThingForm form, ShelfView view)
        {
            bag.Name = form.Text("name", "Name", bag.Name, 80, required: true);
            bag.Roast = form.Number("roast", "Roast", bag.Roast, 0, 1, "", "light, medium, dark, or between as on the bag; or from 0, the lightest, to 1", RoastWords.Number);
            bag.RoastedOn = form.Day("roasted", "Roasted on", bag.RoastedOn, view.Today);
            form.RestFollows();
            bag.Origin = form.Text("origin", "From", bag.Origin, 120);
            bag.LeftG = form.Coffee("left", "Left in the bag", bag.LeftG, 0, 20_000);
            bag.TastesOf = form.Text("tastes", "Tastes of", bag.TastesOf, 200, hint: "the notes on the bag");
            bag.Decaffeinated = form.Flag("decaf", "Decaffeinated", bag.Decaffeinated);
            bag.BoughtGround = form.Flag("ground", "Ground", bag.BoughtGround, "bought ground", "ground here");
            bag.GroundUm = form.Number("ground-um", "If bought ground, about", bag.GroundUm, 100, 2_500, "µm", "an estimate by eye; the table of grain sizes helps");
            bag.GroundSpread = form.Number("ground-spread", "and its spread", bag.GroundSpread, 0.05, 1.5, "", "0.45 even, 0.7 wide");
        }

        protected override string Line(Bag bag, ShelfView view) => Join(
            bag.Origin,
            $"roast {Number(bag.Roast)}",
            $"{Days(bag.RestDays(view.Today))} since roasting",
            bag.UsedUpOn is { } used ? $"used up on {used.ToString("d MMM yyyy", CultureInfo.InvariantCulture)}" : $"{view.Format.Water(bag.LeftG)} left",
            bag.OpenedOn is { } opened ? $"open for {Days(view.Today.DayNumber - opened.DayNumber)}" : "not opened",
            bag.BoughtGround ? $"bought ground, about {Number(bag.GroundUm)} µm" : null,
            bag.Decaffeinated && !bag.Origin.Contains("decaf", StringComparison.OrdinalIgnoreCase) ? "decaffeinated" : null,
            bag.TastesOf.Length > 0 ? $"tastes of {bag.TastesOf}" : null);

        protected override string? Due(Bag bag, ShelfView view) => bag is { UsedUpOn: null, LeftG: < 40 } ? "running out" : null;

        protected override bool IsUsedUp(Bag bag) => bag.UsedUpOn is not null;

        protected override IReadOnlyList<ShelfAction> Actions(Bag bag) => bag.UsedUpOn is not null
            ? [new ShelfAction("bring-back", "Undo")]
            : bag.OpenedOn is null ? [new ShelfAction("open", "Opened"), new ShelfAction("use-up", "Used up")] : [new ShelfAction("use-up", "Used up")];

        protected override bool Do(Bag bag, string action, ShelfView view)
        {
            bag.OpenedOn = action == "open" ? view.Today : bag.OpenedOn;
            bag.UsedUpOn = action == "use-up" ? view.Today : null;
            return true;
        }
    }

    private sealed class Grinders : ShelfKind<Grinder>
    {
        public override string Word => "mill";

        public override string One => "grinder";

        public override string Title => "Grinders";

        public override string Empty => "No grinder yet. Add one, and grinds are shown in its settings.";

        protected override DbSet<Grinder> Rows(CisternDb db) => db.Grinders;

        protected override Grinder Fresh(ShelfView view) => new() { Name = "", Most = 40, UmAtZero = 100, UmPerSetting = 25, Spread = 0.45, SettingName = "clicks", Estimated = true };

        protected override void Fill(Grinder grinder, ThingForm form, ShelfView view)
        {
            grinder.Name = form.Text("name", "Name", grinder.Name, 80, required: true);
            grinder.Most = form.Number("most", "It goes up to", grinder.Most, 0.1, 1_000, "", "its coarsest setting");
            grinder.Usuals = form.Text("usuals", "What you use it for", grinder.Usuals, 400, hint: "one a line, such as French press = 31", area: true);
            form.RestFollows();
            grinder.SettingName = form.Text("setting", "It counts", grinder.SettingName, 20, required: true, hint: "clicks, turns, settings");
            grinder.Least = form.Number("least", "It begins at", grinder.Least, 0, 1_000, "");
            grinder.Step = form.Number("step", "Smallest step", grinder.Step, 0.01, 10, "", "one click, one notch or a part of a turn");
            grinder.Notches = form.Flag("notches", "Its settings have", grinder.Notches, "only notches, to be counted", "numbers");
            grinder.UsualFilterSetting = form.Maybe("usual", "My usual for paper", grinder.UsualFilterSetting, grinder.Least, Math.Max(grinder.Least, grinder.Most), "", "so that “two finer than usual” means something here");
            grinder.Looks = form.Text("looks", "What it looks like", grinder.Looks, 400, hint: "one a line, such as 20 = caster sugar, or 24 = 800 µm where it looks like a bag bought ground; the grain pictures show the words at true size", area: true);
            grinder.Estimated = form.Flag("estimated", "Grain sizes", grinder.Estimated && !form.IsGiven("per"), "nobody has measured: estimate them from the above", "are measured, as follows");
            grinder.UmAtZero = form.Number("zero", "Median at 0", grinder.UmAtZero, -5_000, 5_000, "µm", "only where it was measured");
            grinder.UmPerSetting = form.Number("per", "Median for each 1 more", grinder.UmPerSetting, 0.5, 1_000, "µm", "only where it was measured");
            grinder.Measured = form.Text("measured", "Measured in pictures", grinder.Measured, 2_000, hint: "one a line, such as 18 = 624 ± 20; a picture of the grounds on the scale card adds one", area: true);
            grinder.Spread = form.Number("spread", "Spread", grinder.Spread, 0.05, 1.5, "", "about 0.42 even, 0.68 uneven; leave it if you do not know");
            grinder.SecondsPerG = form.Number("seconds", "Seconds for a gram", grinder.SecondsPerG, 0, 20, "s", "about 2 by hand, 0.5 with a motor");
            grinder.Labels = form.Text("labels", "Labels on it", grinder.Labels, 400, hint: "one a line, such as F = 6.5", area: true);
            if (grinder.Most <= grinder.Least)
            {
                form.Refuse("most", "The highest setting must be above the lowest.");
            }

            Estimate(grinder, form);
            if (Lines(grinder.Usuals) != grinder.UsualList.Count)
            {
                form.Refuse("usuals", $"Each line is a kind of brewer, once ({string.Join(", ", Enum.GetValues<BrewerFamily>().Select(StepWording.Family))}), an equals sign and a setting from {Number(grinder.Least)} to {Number(grinder.Most)}.");
            }

            if (Lines(grinder.Measured) != grinder.MeasuredList.Count)
            {
                form.Refuse("measured", $"Each line is a setting from {Number(grinder.Least)} to {Number(grinder.Most)}, an equals sign, the median in µm, and if you like ± how much, how many grains and the spread: 18 = 624 ± 20, 1240 grains, spread 0.41.");
            }

            if (grinder.Most > grinder.Least && !grinder.Scale.Grinds)
            {
                var median = Member.Named("medianUm");
                form.Refuse("per", $"None of its settings grinds to between {Number(median.Min)} and {Number(median.Max)} µm: {Number(grinder.MedianUm(grinder.Least))} to {Number(grinder.MedianUm(grinder.Most))} µm.");
            }

            if (Lines(grinder.Labels) != grinder.LabelList.Count)
            {
                form.Refuse("labels", $"Each line is a label, an equals sign and a setting from {Number(grinder.Least)} to {Number(grinder.Most)}.");
            }
        }

        public override (string Svg, string Says)? Picture(IShelved thing) => thing is Grinder grinder && grinder.Most > grinder.Least && grinder.Scale.Grinds
            ? (GrinderLinePicture.Draw(grinder.Scale, grinder.HalfWidthUm, grinder.MeasuredList, grinder.SettingName),
                grinder.MeasuredList.Count > 0 ? "Its settings in µm: a line through the measurements, with its 80 % range." : "Its settings in µm, as estimated.")
            : null;

        /// <summary>Fits the line of an unmeasured grinder to what is known of it.</summary>
        private static void Estimate(Grinder grinder, ThingForm form)
        {
            if (Lines(grinder.Looks) != grinder.LookList.Count)
            {
                form.Refuse("looks", $"Each line is a setting from {Number(grinder.Least)} to {Number(grinder.Most)}, an equals sign and µm or a word for grain ({string.Join(", ", GrainWords.All.Take(6).Select(one => one.Word))} …).");
            }

            if (!grinder.Estimated || grinder.Most <= grinder.Least)
            {
                return;
            }

            var estimate = new GrinderEstimate(grinder.Least, grinder.Most, grinder.Known);
            if (estimate.UmPerSetting <= 0)
            {
                form.Refuse(grinder.Looks.Length > 0 ? "looks" : "usuals", "That would make it finer as the setting goes up. Check whether two settings are swapped.");
                return;
            }

            (grinder.UmAtZero, grinder.UmPerSetting) = (Math.Round(estimate.UmAtZero, 1), Math.Max(0.5, Math.Round(estimate.UmPerSetting, 2)));
        }

        /// <summary>How well its sizes are known, in words; null where they were measured.</summary>
        private static string? Guessed(Grinder grinder) => grinder.HalfWidthUm(grinder.UsualFilterSetting ?? grinder.UsualList.Values.Cast<double?>().FirstOrDefault() ?? (0.5 * (grinder.Least + grinder.Most))) is { } half
            ? grinder.MeasuredList.Count > 0 ? $"measured in {(grinder.MeasuredList.Count == 1 ? "one picture" : $"{grinder.MeasuredList.Count} pictures")}, ± {FigureFormat.Number(half, 0)} µm"
            : $"nobody measured it: {(grinder.Known.Any() ? "estimated from what it is used for" : "a guess until you say what you use it for")}, ± {FigureFormat.Number(half, 0)} µm" : null;

        protected override string Line(Grinder grinder, ShelfView view) => Join(
            $"{grinder.SettingName} {Number(grinder.Least)} to {Number(grinder.Most)} by {Number(grinder.Step)}{(grinder.Notches ? ", in notches" : "")}",
            Guessed(grinder),
            $"{FigureFormat.Number(grinder.MedianUm(grinder.Least), 0)} to {FigureFormat.Number(grinder.MedianUm(grinder.Most), 0)} µm, {FigureFormat.Number(grinder.Scale.UmPerSetting * grinder.Step, 1)} µm a step",
            grinder.UsualFilterSetting is { } usual ? $"usual for paper {GrinderWording.Setting(grinder, usual)}, {FigureFormat.Number(grinder.MedianUm(usual), 0)} µm" : null,
            grinder.UsualList.Count > 0 ? $"usual {string.Join(", ", grinder.UsualList.Select(one => $"for the {StepWording.Family(one.Key)} {GrinderWording.Setting(grinder, one.Value)}"))}" : null,
            grinder.LabelList.Count > 0 ? $"labels {string.Join(", ", grinder.LabelList.Select(one => $"{one.Label} = {Number(one.Setting)}"))}" : null);
    }

    private sealed class Vessels : ShelfKind<OwnedBrewer>
    {
        public override string Word => "vessel";

        public override string One => "brewer";

        public override string Title => "Brewers";

        public override string Empty => "No brewer yet. Add yours, and recipes are scaled to fit it.";

        protected override DbSet<OwnedBrewer> Rows(CisternDb db) => db.Vessels;

        protected override IQueryable<OwnedBrewer> Order(IQueryable<OwnedBrewer> rows) => rows.OrderBy(vessel => vessel.Family).ThenBy(vessel => vessel.Name);

        protected override OwnedBrewer Fresh(ShelfView view) => new() { Name = "", Family = BrewerFamily.FrenchPress, CapacityMl = 1_000 };

        protected override void Fill(OwnedBrewer vessel, ThingForm form, ShelfView view)
        {
            vessel.Name = form.Text("name", "Name", vessel.Name, 80, required: true);
            vessel.Family = form.Word<BrewerFamily>("family", "Family", vessel.Family, usual: null) ?? vessel.Family;
            vessel.CapacityMl = form.Number("capacity", "To the brim", vessel.CapacityMl, 50, 6_000, "ml");
            form.RestFollows();
            vessel.Material = form.Word("material", "Material", vessel.Material, "the usual");
            vessel.Filter = form.Word("filter", "Filter", vessel.Filter, "the usual");
            var cone = form.Word("cone", "Cone, of a dripper", vessel.Cone, "the usual");
            vessel.Cone = vessel.Family is BrewerFamily.ValveDripper or BrewerFamily.LeverDripper ? cone : null;
            vessel.OutletMm = form.Maybe("outlet", "Hole below the cone", vessel.OutletMm, 1, 40, "mm", "of a dripper; empty where it does not slow the flow");
            vessel.Wrapped = form.Flag("wrapped", "Wrapped in a cloth", vessel.Wrapped);
            vessel.Marks = form.Text("marks", "Its marks", vessel.Marks, 120, hint: "in ml, separated by commas; used instead of a scale");
            if (vessel.Marks.Split([',', ';', ' '], StringSplitOptions.RemoveEmptyEntries).Length != vessel.MarksMl.Count)
            {
                form.Refuse("marks", $"Each mark is a number of ml up to {Number(vessel.CapacityMl)}.");
            }

            foreach (var finding in RecipeChecker.CheckVessel(vessel.AsBrewer))
            {
                form.Problems.Add($"{finding.Rule} {finding.Remedy}");
            }
        }

        protected override string Line(OwnedBrewer vessel, ShelfView view) => Join(StepWording.Vessel(vessel.AsBrewer), vessel.MarksMl.Count > 0 ? $"marks at {string.Join(", ", vessel.MarksMl.Select(Number))} ml" : null);
    }

    private sealed class Servers : ShelfKind<Server>
    {
        public override string Word => "server";

        public override string Title => "Servers and cups";

        public override string Empty => "None yet. Add one, and a plan says when it would run over.";

        protected override DbSet<Server> Rows(CisternDb db) => db.Servers;

        protected override IQueryable<Server> Order(IQueryable<Server> rows) => rows.OrderByDescending(server => server.CapacityMl);

        protected override Server Fresh(ShelfView view) => new() { Name = "", CapacityMl = 400 };

        protected override void Fill(Server server, ThingForm form, ShelfView view)
        {
            server.Name = form.Text("name", "Name", server.Name, 80, required: true);
            server.CapacityMl = form.Number("capacity", "To the brim", server.CapacityMl, 30, 6_000, "ml");
        }

        protected override string Line(Server server, ShelfView view) => view.Format.Room(server.CapacityMl);
    }

    private sealed class Kettles : ShelfKind<OwnedKettle>
    {
        public override string Word => "kettle";

        public override string Title => "Kettles";

        public override string Empty => "None yet. Add one, and a plan says when to switch it on.";

        protected override DbSet<OwnedKettle> Rows(CisternDb db) => db.Kettles;

        protected override OwnedKettle Fresh(ShelfView view) => new() { Name = "", CapacityMl = 1_000 };

        protected override void Fill(OwnedKettle kettle, ThingForm form, ShelfView view)
        {
            kettle.Name = form.Text("name", "Name", kettle.Name, 80, required: true);
            kettle.CapacityMl = form.Number("capacity", "Holds", kettle.CapacityMl, 100, 6_000, "ml");
            kettle.KeepsTemperature = form.Flag("keeps", "When it boils", kettle.KeepsTemperature, "it stops before, at a temperature", "it is left to cool");
            kettle.SecondsPerLitre = form.Number("seconds", "A litre boils in", kettle.SecondsPerLitre, 30, 3_600, "s", "from cold tap water; time it once");
            var timed = form.Maybe("off", "Off the boil, read after a minute", null, 40, 99.9, "°C", "lid open, at sea level in a room of 21 °C; leave it empty for the usual");
            kettle.CoolsPerS = timed is { } readC ? Kettle.Timed(60, readC, 0, 21).DecayPerS : kettle.CoolsPerS;
        }

        protected override string Line(OwnedKettle kettle, ShelfView view)
        {
            var cools = new Kettle(kettle.CoolsPerS);
            return Join(
                view.Format.Room(kettle.CapacityMl),
                kettle.KeepsTemperature ? "stops at a temperature" : "no thermostat",
                $"a litre boils in {FigureFormat.Clock(kettle.SecondsPerLitre)}",
                $"off the boil {view.Format.Temperature(cools.TemperatureC(30, 0, 21))} after 30 s, {view.Format.Temperature(cools.TemperatureC(60, 0, 21))} after a minute, {view.Format.Temperature(cools.TemperatureC(180, 0, 21))} after three");
        }
    }

    private sealed class Waters : ShelfKind<OwnedWater>
    {
        public override string Word => "water";

        public override string Title => "Waters";

        public override string Empty => "None yet. Hardness and alkalinity matter for the taste; find them on the bottle or from your waterworks.";

        protected override DbSet<OwnedWater> Rows(CisternDb db) => db.Waters;

        protected override OwnedWater Fresh(ShelfView view) => new() { Name = "", HardnessMgL = 110, AlkalinityMgL = 55 };

        protected override void Fill(OwnedWater water, ThingForm form, ShelfView view)
        {
            water.Name = form.Text("name", "Name", water.Name, 80, required: true);
            water.Concentrate = form.Flag("concentrate", "It is", water.Concentrate, "a concentrate, to be diluted", "water as it is");
            water.HardnessMgL = form.Number("hardness", "Hardness", water.HardnessMgL, 0, 200_000, "mg/L", "as CaCO₃; one German degree is 17.8");
            water.AlkalinityMgL = form.Number("alkalinity", "Alkalinity", water.AlkalinityMgL, 0, 200_000, "mg/L", "as CaCO₃");
        }

        protected override string Line(OwnedWater water, ShelfView view) => Join(
            $"hardness {Number(water.HardnessMgL)}, alkalinity {Number(water.AlkalinityMgL)} mg/L",
            water.Concentrate ? "a concentrate" : WaterWording.Suits(water.AsWater));
    }

    private sealed class Places : ShelfKind<BrewPlace>
    {
        public override string Word => "place";

        public override string Title => "Places";

        public override string Empty => "No place yet. Its altitude decides where water boils.";

        protected override DbSet<BrewPlace> Rows(CisternDb db) => db.Places;

        protected override IQueryable<BrewPlace> Order(IQueryable<BrewPlace> rows) => rows.OrderBy(place => place.Id);

        protected override BrewPlace Fresh(ShelfView view) => new() { Name = "", AmbientC = 21 };

        protected override void Fill(BrewPlace place, ThingForm form, ShelfView view)
        {
            place.Name = form.Text("name", "Name", place.Name, 80, required: true);
            var stoodM = place.AltitudeM;
            place.AltitudeM = form.Number("altitude", "Altitude", stoodM, -430, 6_000, "m", "decides where water boils");
            var boiledC = WaterPhysics.BoilingPointC(stoodM);
            var boilsC = form.Temperature("boils", "or water boils at", boiledC, 81, 101);
            // It shows tenths: what differs by less was not typed.
            if (Math.Abs(boilsC - boiledC) > 0.06 && place.AltitudeM == stoodM)
            {
                place.AltitudeM = Math.Round(WaterPhysics.AltitudeM(boilsC));
            }

            place.AmbientC = form.Temperature("ambient", "Room temperature", place.AmbientC, -10, 45);
            place.Water = form.Text("water", "Its water", place.Water, 200);
        }

        protected override string Line(BrewPlace place, ShelfView view) => Join(
            $"{place.AltitudeM.ToString("#,0", CultureInfo.InvariantCulture)} m",
            view.Format.Temperature(place.AmbientC),
            $"water boils at {view.Format.Temperature(WaterPhysics.BoilingPointC(place.AltitudeM))}",
            place.Water);
    }

    private sealed class Spoons : ShelfKind<Spoon>
    {
        public override string Word => "spoon";

        public override string Title => "Spoons";

        public override string Empty => "None yet. Spoons hold 5 to 11 g: weigh yours once, and use it instead of a scale.";

        protected override DbSet<Spoon> Rows(CisternDb db) => db.Spoons;

        protected override Spoon Fresh(ShelfView view) => new() { Name = "", HoldsG = 6 };

        protected override void Fill(Spoon spoon, ThingForm form, ShelfView view)
        {
            spoon.Name = form.Text("name", "Name", spoon.Name, 80, required: true);
            spoon.HoldsG = form.Coffee("holds", "Holds", spoon.HoldsG, 0.5, 40);
            spoon.Heaped = form.Flag("heaped", "Weighed heaped", spoon.Heaped, hint: "then doses are in heaped spoons, which vary more");
            spoon.WeighedWith = form.Text("with", "Weighed with", spoon.WeighedWith, 80, hint: "dark roasts are lighter, so a spoon holds less of them");
        }

        protected override string Line(Spoon spoon, ShelfView view) => $"{view.Format.Dose(spoon.HoldsG)}{(spoon.WeighedWith.Length > 0 ? $" of {spoon.WeighedWith}" : "")}, {(spoon.Heaped ? "heaped" : "level")}";
    }

    private sealed class Filters : ShelfKind<FilterStock>
    {
        public override string Word => "filter";

        public override string Title => "Papers and cloths";

        public override string Empty => "None yet. Papers are counted down as you brew; a cloth says when it needs care.";

        protected override DbSet<FilterStock> Rows(CisternDb db) => db.Filters;

        protected override FilterStock Fresh(ShelfView view) => new() { Name = "", Filter = Filter.Paper, Left = 100 };

        protected override void Fill(FilterStock stock, ThingForm form, ShelfView view)
        {
            stock.Name = form.Text("name", "Name", stock.Name, 80, required: true);
            stock.Filter = form.Word<Filter>("filter", "Filter", stock.Filter, usual: null) ?? stock.Filter;
            stock.Family = form.Word("family", "Fits", stock.Family, "any brewer");
            stock.Left = (int)Math.Round(form.Number("left", "Left", Math.Max(0, stock.Left), 0, 10_000, ""));
            stock.CareEvery = (int)Math.Round(form.Number("every", "Care due every so many brews", stock.CareEvery, 0, 1_000, "brews", "0 for papers"));
            stock.Care = form.Text("care", "How the care is done", stock.Care, 400, area: true);
        }

        protected override string Line(FilterStock stock, ShelfView view) => Join(
            Words<Filter>.Of(stock.Filter).Replace('-', ' '),
            stock.Family is { } family ? $"for a {StepWording.Family(family)}" : null,
            stock.Lasts ? (stock.CareEvery > 0 ? $"{stock.UsedSinceCare} of {stock.CareEvery} brews since care" : null) : $"{Math.Max(0, stock.Left)} left",
            stock.Care);

        protected override string? Due(FilterStock stock, ShelfView view) => stock.CareDue ? "care is due" : !stock.Lasts && stock.Left < 10 ? "running out" : null;

        protected override IReadOnlyList<ShelfAction> Actions(FilterStock stock) => stock.CareEvery > 0 ? [new ShelfAction("cared", "Cared for")] : [];

        protected override bool Do(FilterStock stock, string action, ShelfView view)
        {
            stock.UsedSinceCare = 0;
            return true;
        }
    }
}
