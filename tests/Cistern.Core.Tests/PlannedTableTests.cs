using System.Text.Json;
using static System.FormattableString;

namespace Cistern.Core.Tests;

/// <summary>
/// The plan of every recipe of the library and the figures around a brew, line by line in <c>planned.txt</c>: no limit and no part of
/// it changes unnoticed.
/// </summary>
public sealed class PlannedTableTests
{
    private readonly Told told = new();

    [Fact]
    public void Plans_and_calculations_are_unchanged()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            Planned(ForecastModel.Published.Run(recipe));
        }

        foreach (var recipe in RecipeLibrary.All.GroupBy(recipe => recipe.Brewer.Family).Select(family => family.Last()))
        {
            Edited(ForecastModel.Published.Run(recipe));
        }

        Members();
        Palates();
        Water();
        Ice();
        Measures();
        told.Holds("planned.txt");
    }

    private void Tell(FormattableString line) => told.Tell(line);

    /// <summary>Times and amounts of a recipe's steps, and the results.</summary>
    private static string Steps(Recipe recipe)
    {
        var forecast = ForecastModel.Published.Run(recipe);
        return Invariant($"{string.Join(' ', forecast.Timings.Select((timing, i) => Invariant($"{Verb.Of(recipe.Steps[i]).Word} {timing.StartS:0.#}+{timing.LengthS:0.#}")))}: {recipe.Coffee.DoseG:0.##} g, {recipe.WaterG:0.#} g, {forecast.Totals.FinalTdsPercent:0.####} %");
    }

    private static string Spans(IEnumerable<HandsSpan> spans) => string.Join(' ', spans.Select(span => Invariant($"{span.FromS:0.#}-{span.ToS:0.#}")));

    private void Planned(Forecast forecast)
    {
        var recipe = forecast.Recipe;
        Tell($"== {recipe.Id}");
        Tell($"acts {string.Join(' ', Enumerable.Range(0, recipe.Steps.Length).Select(step => Acts.Of(recipe, step)))}");
        using var printed = JsonDocument.Parse(ForecastFile.Line(forecast));
        Tell($"printed {string.Join(' ', printed.RootElement.EnumerateObject().Select(member => member.Name))}; cups {printed.RootElement.GetProperty("cups")}");
        foreach (var setting in Enum.GetValues<Setting>())
        {
            if (Settings.Get(forecast, setting) is { } value)
            {
                var dial = Dial.Usual(forecast, setting);
                Tell($"{setting} {value:0.##}, from {dial.Range.Low:0.##} to {dial.Range.High:0.##} by {dial.StepSize:0.##} from {dial.Origin:0.##}, snaps to {dial.Snap(value + (0.4 * dial.StepSize), up: true):0.##} and {dial.Snap(value + (0.4 * dial.StepSize), up: false):0.##}; slack {(Tolerances.Of(forecast).TryGetValue(setting, out var tolerances) ? tolerances : 0):0.##}; a little more: {Steps(Settings.With(forecast, setting, value * 1.05))}");
            }
        }

        var caffeine = (Caffeine.Of(forecast, decaffeinated: false), Caffeine.Of(forecast, decaffeinated: true));
        Tell($"caffeine {caffeine.Item1.LowMg:0.0} to {caffeine.Item1.HighMg:0.0}, {caffeine.Item2.LowMg:0.0} to {caffeine.Item2.HighMg:0.0} mg; hands {Choosing.HandsS(forecast):0.#} s, {Choosing.WashingOf(recipe.Brewer)}; busy {Spans(PairPlanning.HandsOf(forecast))}");
        var tasted = PairPlanning.Tasted(forecast, forecast, 60);
        Tell($"paired with itself {PairPlanning.MinStaggerS(forecast, forecast):0.#} s apart, clashes {Spans(PairPlanning.Clashes(forecast, forecast, 20))}; tasted at {tasted.AtS:0.#}, {tasted.FirstC:0.0} and {tasted.SecondC:0.0}, alike at {tasted.AlikeAtS:0} {tasted.AlikeC:0.0}");
        var ratios = Ratios.Of(forecast);
        Tell($"ratios {ratios.Poured:0.###} {ratios.InTheCup:0.###} {ratios.Final:0.###} {ratios.PouredAndMelted:0.###}, {Ratios.GPerL(ratios.Poured):0.##} g/L; full at {Scaling.FullMl(recipe):0.#} ml");
        foreach (var levelMl in (double[])[0.4 * recipe.Brewer.CapacityMl, Scaling.FullMl(recipe)])
        {
            Tell($"to {levelMl:0} ml: {Told(Scaling.ToFill(recipe, levelMl, null, ForecastModel.Published))}, with a server of 300 {Told(Scaling.ToFill(recipe, levelMl, 300, ForecastModel.Published))}");
        }

        Tell($"twice as much to fit: {Told(Scaling.ToFit(Scaling.To(recipe, new Batch(2 * recipe.Coffee.DoseG, 2 * recipe.WaterG)), ForecastModel.Published))}");
        var high = HighPlace.Of(ForecastModel.Published.Run(recipe with { Place = recipe.Place with { AltitudeM = 2_400 } }));
        Tell($"at 2400 m: {(high is null ? "as it is" : Invariant($"boils at {high.BoilsC:0.##} of {high.WantedC:0.#}, {high.AsWanted.FinalTdsPercent:0.####} %, {string.Join(", ", high.Ways.Select(way => Invariant($"{way.Setting} {way.Solution.Values[way.Setting]:0.##}{(way.Solution.Reached ? "" : $" ({way.Solution.Why})")}")))}"))}");
        foreach (var ends in WindowEnds.Of(forecast))
        {
            Tell($"window of {ends.Index}{(ends.OfLength ? ", length" : "")} {ends.Window.Low:0.#} to {ends.Window.High:0.#}: {ends.Opens.Totals.FinalTdsPercent:0.####} to {ends.Closes.Totals.FinalTdsPercent:0.####} %");
        }

        foreach (var gesture in Gesture.All)
        {
            Tell($"{gesture.Word}: {(gesture.Put(forecast, gesture.HasTime ? 100 : null) is { } put ? $"{put.Index} in {Steps(put.Recipe)}" : "no place")}");
        }

        if (Settings.Get(forecast, Setting.SteepEndS) is { } steepEndS)
        {
            var late = forecast.Again(Settings.With(forecast, Setting.SteepEndS, steepEndS + 90));
            var correction = Correction.After(late, forecast.Totals, steepEndS + 90);
            Tell($"released 90 s late: off by {Correction.DistanceOf(late.Totals, forecast.Totals):0.###}{(Correction.IsNeeded(late, forecast.Totals) ? "" : ", let be")}, from {correction.MissBefore:0.###} to {correction.MissAfter:0.###} with {correction.DilutionG:0} g, at {correction.SteepEndAtS:0.#}");
        }

        var ready = Preparation.Of(forecast, new PreparationGear(new Heating(1_500, KeepsTemperature: false, Kettle.Usual), 1.5));
        Tell($"made ready: {string.Join(", ", ready.Things.Select(one => Invariant($"{one.Chore} {one.TakesS:0.#}")))}; {ready.WaterG:0.#} g in {ready.HeatS:0.#} s, {ready.LeadS:0.#} s");
    }

    /// <summary>Each step removed, begun later and ended later.</summary>
    private void Edited(Forecast forecast)
    {
        var recipe = forecast.Recipe;
        Tell($"== {recipe.Id}, its steps");
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            Tell($"without {i}: {Steps(StepEditing.Remove(forecast, i))}");
            var (startS, endS) = (forecast.Timings[i].StartS, forecast.Timings[i].EndS);
            Tell($"{i} begun at {startS + 7:0.#}: {Steps(StepEditing.Start(forecast, i, startS + 7))}");
            Tell($"{i} ended at {endS + 9:0.#}: {Steps(StepEditing.End(forecast, i, endS + 9))}");
        }
    }

    private static string Told(Batch? batch) => batch is { } some ? Invariant($"{some.DoseG:0.#} g and {some.WaterG:0} g") : "never";

    private void Members()
    {
        foreach (var name in Member.All.Keys.Order(StringComparer.Ordinal))
        {
            Tell($"{Member.Named(name).Refuse("", name, "").Rule}");
        }
    }

    private void Palates()
    {
        foreach (var prior in FitPrior.All)
        {
            Tell($"{prior.Name} of {prior.Scope}: {prior.At(-1):0.#####} {prior.Prior:0.###} {prior.At(1):0.#####} {prior.Unit}");
        }

        var palate = new Palate(-0.5, 2.5, 0.25, 8);
        Tell($"tastes {string.Join(' ', ((double[])[-3, -1, 0, 0.4, 4]).Select(balance => Invariant($"{palate.SourBitter(balance):0.###}")))}; {string.Join(' ', ((double[])[0.5, 1.2, 1.3, 1.45, 3]).Select(tds => Invariant($"{palate.ThinHeavy(tds):0.###}")))}");
    }

    private void Water()
    {
        var kettle = new Heating(1_800, KeepsTemperature: false, Kettle.Usual);
        foreach (var altitudeM in (double[])[0, 1_900])
        {
            Tell($"at {altitudeM} m: a litre in {kettle.Seconds(1_000, 15, 100, altitudeM):0.#} s, to 80 °C {kettle.Seconds(1_000, 15, 80, altitudeM):0.#} s, off the boil to 90 °C {kettle.OffTheBoilS(90, altitudeM, 21):0.#} s, {Heating.PowerOf(240, 15, altitudeM):0.#} W; after a minute {Kettle.Usual.TemperatureC(60, altitudeM, 21):0.###} °C, 88 °C after {Kettle.Usual.Seconds(88, altitudeM, 21):0.#} s; timed {Kettle.Timed(120, 88, altitudeM, 21).TemperatureC(60, altitudeM, 21):0.###} °C");
        }

        foreach (var (hardness, alkalinity) in ((double, double)[])[(20, 10), (50, 40), (110, 60), (175, 75), (176, 76), (300, 200)])
        {
            var water = new BrewingWater(hardness, alkalinity);
            var mixed = BrewingWater.Usual.Mixed(water, 0.25);
            Tell($"water {hardness}/{alkalinity}: {water.HardnessSuits}, {water.AlkalinitySuits}, a quarter of it {mixed.HardnessMgL:0.##}/{mixed.AlkalinityMgL:0.##}, {BrewingWater.Usual.ShareFor(water, 100):0.###} for 100");
        }
    }

    private void Ice()
    {
        foreach (var (iceG, iceC, wantedC, met) in ((double, double, double?, double)[])[(50, -18, null, 1), (200, -18, null, 1), (400, 0, null, 1), (100, -5, 20, 1), (300, -18, 4, 1), (150, -18, null, 0.5), (40, -18, 10, 0.3), (0.1, 0, 79, 1)])
        {
            var drink = new ServedDrink(250, 80);
            drink.Chill(iceG, iceC, wantedC, met);
            drink.Dilution(30, 15);
            Tell($"{iceG} g of {iceC} °C, {met} of it met, wanted {wantedC:0}: {drink.MassG:0.###} g of {drink.TemperatureC:0.###} °C, melted {drink.MeltG:0.###} of {drink.IceG:0.###}, later {drink.LaterG:0.###}, at least {drink.LeastIceG:0.###}, {(drink.Short is { } tooWarm ? Invariant($"short by {tooWarm.ReachedC - tooWarm.WantedC:0.###} K") : "enough")}");
        }
    }

    private void Measures()
    {
        foreach (var word in GrainWords.All)
        {
            Tell($"{word.Word} {word.LowUm:0} to {word.HighUm:0} µm, {word.Dispute}");
        }

        foreach (var doseG in (double[])[5, 18, 31])
        {
            var (level, heaped, mark) = (RoughMeasures.Spoons(doseG, 5.3), RoughMeasures.Spoons(doseG, 5.3, heaped: true), RoughMeasures.Mark(15 * doseG, doseG, 94));
            Tell($"{doseG} g: {level.Count:0.##} level, {level.LowG:0.##} to {level.HighG:0.##}; {heaped.Count:0.##} heaped, {heaped.LowG:0.##} to {heaped.HighG:0.##}; to {mark.Count:0.##} ml, {mark.LowG:0.##} to {mark.HighG:0.##} g; {RoughMeasures.WaterToMarkG(350, doseG, 94):0.##} g to 350 ml; {RoughMeasures.Cups(15 * doseG, 180):0.###} cups; let down to 1.2: {Dilution.WaterG(14 * doseG, 1.5, 1.2):0.##} g, {Dilution.TdsPercent(14 * doseG, 1.5, 40):0.####} %");
        }
    }
}
