namespace Cistern.Core.Planning;

/// <summary>An empty shelf, for a plan of a recipe file alone.</summary>
public sealed class NoGear : IGear
{
    /// <inheritdoc/>
    public BagInUse? Bag(int id) => null;

    /// <inheritdoc/>
    public GrinderScale? Grinder(int id) => null;

    /// <inheritdoc/>
    public Place? Place(int id) => null;

    /// <inheritdoc/>
    public Brewer? Vessel(int id) => null;

    /// <inheritdoc/>
    public double? ServerMl(int id) => null;

    /// <inheritdoc/>
    public bool Has(PlanPick pick, int id) => false;
}

/// <summary>The result of changing a recipe by words.</summary>
/// <param name="Recipe">The changed recipe; unchanged where any word was refused.</param>
/// <param name="Forecast">Its forecast.</param>
/// <param name="Findings">What was wrong with a word; its place is the word itself.</param>
public sealed record PlannedRecipe(Recipe Recipe, Forecast Forecast, IReadOnlyList<Finding> Findings);

/// <summary>Changes of a plan as words, for the command line and the API: <c>dose=30</c>, <c>ratio=15</c>, <c>find=grindUm:tdsPercent:1.35</c>.</summary>
public static class PlanWords
{
    /// <summary>Every word, with what it takes.</summary>
    public static IReadOnlyList<(string Word, string Takes)> All { get; } =
    [
        ("dose", "g"), ("water", "g"), ("ratio", "g/g"), ("drink", "g"), ("counting", "cup or poured"), ("temperature", "°C; for a siphon its flame's"), ("grindUm", "µm"),
        ("release", "s or min:s on the clock"), ("turns", "of the first stirring"), ("press", "s"), ("clock", "a moment of the file"), ("fit", "nothing"), ("size", "ml that the brewer holds"), ("endsAt", "g/g, as it is drunk"), ("fill", "ml, a mark; nothing for as full as it may be"), ("put", $"STEP:min:s, or a gesture: {string.Join(", ", Gesture.All.Select(gesture => gesture.HasTime ? $"{gesture.Word}:min:s" : gesture.Word))}"), ("letDown", "% TDS"), ("target", "FIGURE:LOW:HIGH of tdsPercent, tilt, extractionYieldPercent, finishS, FIGURE alone clears it; or stronger, lighter, less-bitter, less-sour; none clears all"),
        ("find", "SETTING:FIGURE:VALUE, such as grindUm:tdsPercent:1.35"),
    ];

    private static readonly Dictionary<string, Setting> Set = new(StringComparer.Ordinal)
    {
        ["doseG"] = Setting.DoseG,
        ["waterG"] = Setting.WaterG,
        ["temperatureC"] = Setting.TemperatureC,
        ["grindUm"] = Setting.MedianUm,
        ["releaseS"] = Setting.SteepEndS,
        ["turns"] = Setting.Turns,
        ["pressS"] = Setting.PressS,
    };

    private static readonly Dictionary<string, Outcome> Figures = Enum.GetValues<Outcome>().ToDictionary(outcome => $"{char.ToLowerInvariant(outcome.ToString()[0])}{outcome.ToString()[1..]}", StringComparer.Ordinal);

    /// <summary>Applies the words in order; all of them or none.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="words">The words.</param>
    /// <param name="model">The model.</param>
    public static PlannedRecipe Apply(Recipe recipe, IEnumerable<string> words, ForecastModel model)
    {
        var findings = new List<Finding>();
        var work = new PlanWork(Plan.Of(recipe), new NoGear(), model);
        foreach (var word in words)
        {
            if (Read(word, findings) is not { } change)
            {
                continue;
            }

            var applied = work.Apply(change);
            if (applied.Refusal is { } why)
            {
                findings.Add(Refused(why, applied).At(word, applied.Solution?.Why ?? (applied.Findings.Count > 0 ? applied.Findings[0].Rule : word), applied.Value ?? 0, Nearest(applied)));
            }
            else
            {
                work = new PlanWork(applied.Plan, work.Gear, model);
            }
        }

        return findings.Count > 0
            ? new PlannedRecipe(recipe, model.Run(recipe), findings)
            : new PlannedRecipe(work.Recipe, work.Forecast, [.. RecipeChecker.Check(work.Recipe), .. ForecastFindings.Of(work.Forecast)]);
    }

    private static PlanChange? Read(string word, List<Finding> findings)
    {
        var parts = word.Split('=', 2);
        var text = parts.Length > 1 ? parts[1] : "";
        switch (parts[0])
        {
            case "dose":
                return Number(1, 1_000, "g") is { } doseG ? new PlanChange.Hold(Quantity.Dose, doseG) : null;
            case "water":
                return Number(1, Member.MaxWaterG, "g") is { } waterG ? new PlanChange.Hold(Quantity.Water, waterG) : null;
            case "ratio":
                return Number(1.5, 60, "") is { } ratio ? new PlanChange.Hold(Quantity.Ratio, ratio) : null;
            case "drink":
                return Number(1, Member.MaxWaterG, "g") is { } drinkG ? new PlanChange.Hold(Quantity.Drink, drinkG) : null;
            case "counting" when text is "cup" or "poured":
                return new PlanChange.Count(text == "poured" ? DrinkCounting.WaterPoured : DrinkCounting.InTheCup);
            case "temperature":
                return Number(2, 110, "°C") is { } temperatureC ? new PlanChange.Heat(temperatureC) : null;
            case "grindUm":
                return Number(Member.Named("medianUm").Min, Member.Named("medianUm").Max, "µm") is { } um ? new PlanChange.GrindTo(um) : null;
            case "release":
                return Typed(TypedNumber.ReadClock(text, 1, Member.MaxBrewS)) is { } atS ? new PlanChange.Release(atS) : null;
            case "turns":
                return Number(0, 200, "turns") is { } turns ? new PlanChange.Set(Setting.Turns, turns) : null;
            case "press":
                return Number(1, 600, "s") is { } pressS ? new PlanChange.Set(Setting.PressS, pressS) : null;
            case "clock" when Words<ClockStart>.Find(text) is { } start:
                return new PlanChange.StartClock(start);
            case "endsAt":
                return Number(3, 60, "") is { } endRatio ? new PlanChange.EndsAt(endRatio) : null;
            case "size":
                return Number(Member.Named("capacityMl").Min, Member.Named("capacityMl").Max, "ml") is { } sizeMl ? new PlanChange.Size(sizeMl) : null;
            case "fit" when parts.Length == 1:
                return new PlanChange.Fit();
            case "fill" when parts.Length == 1:
                return new PlanChange.Fill(null);
            case "fill":
                return Number(10, 5_000, "ml") is { } ml ? new PlanChange.Fill(ml) : null;
            case "put" when text.Split(':', 2) is [var what, .. var when] && (Gesture.Find(what) is not null || Verb.Find(what) is not null):
                text = when.Length > 0 ? when[0] : "";
                return text.Length == 0 && Gesture.Find(what) is not { HasTime: true } ? new PlanChange.Put(what, null)
                    : Typed(TypedNumber.ReadClock(text, -Member.MaxStepS, Member.MaxBrewS)) is { } putS ? new PlanChange.Put(what, putS) : null;
            case "letDown":
                return Number(0.1, 15, "% TDS") is { } tds ? new PlanChange.DilutedTo(tds) : null;
            case "target" when TargetWords.Find(text) is { } said:
                return new PlanChange.MeanWord(said);
            case "target" when text == "none":
                return new PlanChange.NoTarget();
            case "target" when text.Split(':', 2) is [("tdsPercent" or "tilt" or "extractionYieldPercent" or "finishS") and var meant, ..] halves:
                if (halves.Length == 1)
                {
                    return new PlanChange.Mean(meant, null);
                }

                var (least, most) = (Member.Named(meant).Min, Member.Named(meant).Max);
                if (halves[1].Split(':') is not [var lowText, var highText])
                {
                    text = halves[1];
                    _ = Typed(new TypedNumber(text, null, "Give two numbers, low first, with a colon between."));
                    return null;
                }

                text = lowText;
                var low = Typed(TypedNumber.Read(lowText, least, most, ""));
                text = highText;
                var high = Typed(TypedNumber.Read(highText, low ?? least, most, ""));
                return low is { } from && high is { } to ? new PlanChange.Mean(meant, new Span(from, to)) : null;
            case "find" when text.Split(':', 3) is [var setting, var figure, var value] && Set.TryGetValue(setting, out var asked) && Figures.TryGetValue(figure, out var outcome):
                text = value;
                return Typed(outcome is Outcome.FinishS or Outcome.DrawdownS or Outcome.DrinkableAtS ? TypedNumber.ReadClock(text, 0, Member.MaxBrewS) : TypedNumber.Read(text, -20, Member.MaxWaterG, "")) is { } wanted ? new PlanChange.Ask(asked, outcome, wanted) : null;
            default:
                findings.Add(FindingKinds.UnknownChange.At(word, string.Join(", ", All.Select(one => one.Word)), parts[0], string.Join(", ", Set.Keys), string.Join(", ", Figures.Keys)));
                return null;
        }

        double? Number(double min, double max, string unit) => Typed(TypedNumber.Read(text, min, max, unit));

        double? Typed(TypedNumber number)
        {
            if (number.Problem is { } problem)
            {
                findings.Add(FindingKinds.ChangeUnreadable.At(word, problem, text.Length == 0 ? "nothing" : text));
            }

            return number.Value;
        }
    }

    private static FindingKind Refused(PlanRefusal why, PlanApplied applied) => why switch
    {
        PlanRefusal.NoBatch => FindingKinds.NoBatch,
        PlanRefusal.ReleaseTooEarly => FindingKinds.SteepEndsTooEarly,
        PlanRefusal.NoSuchMoment => FindingKinds.NoSuchMoment,
        PlanRefusal.NoSuchThing => FindingKinds.NoSuchThing,
        PlanRefusal.NotReached => applied.Solution is null ? FindingKinds.OutOfReach : FindingKinds.NearestIs,
        PlanRefusal.PushesOthers => FindingKinds.PushesOthers,
        PlanRefusal.NothingToDilute => FindingKinds.NothingToDilute,
        PlanRefusal.Unreadable => FindingKinds.NotARecipeAnyMore,
        PlanRefusal.NothingLeft => applied.Value >= 0 ? FindingKinds.BrewerEmptyAfter : FindingKinds.OnlyBeforeWater,
        PlanRefusal.NoTime => FindingKinds.TimeNeeded,
        PlanRefusal.NoPlace => FindingKinds.NoPlaceForIt,
        PlanRefusal.TooManySteps => FindingKinds.StepsAtLimit,
        PlanRefusal.StepRefused => FindingKinds.StepInconsistent,
        PlanRefusal.CannotGrind => FindingKinds.CannotGrind,
    };

    private static string Nearest(PlanApplied applied) =>
        string.Join(", ", applied.Solution?.Values.Select(pair => string.Create(CultureInfo.InvariantCulture, $"{pair.Key} {pair.Value:0.##}")) ?? []);
}
