using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Cistern.Bench;

namespace Cistern.Core.Tests;

/// <summary>Advice and learning over many brews, line by line: no weight, limit or word of them changes unnoticed.</summary>
public sealed class AdviceTableTests
{
    private static readonly ForecastModel Model = ForecastModel.Published;
    private static readonly GrinderScale Grinder = new(0, 80, 1, 60, 26, 0.45);

    [Fact]
    public void Advice_is_unchanged()
    {
        var text = new StringBuilder();
        foreach (var written in RecipeLibrary.All)
        {
            // One of each: a target set by the plan, or only the library's; with a target yield as well.
            var totals = Model.Figures(written).Totals;
            var target = new Target
            {
                TdsPercent = new Span(Math.Round(totals.FinalTdsPercent - 0.08, 2), Math.Round(totals.FinalTdsPercent + 0.08, 2)),
                FlavourBalance = new Span(Math.Round(totals.FlavourBalance - 0.35, 2), Math.Round(totals.FlavourBalance + 0.35, 2)),
                ExtractionYieldPercent = written.Id.StartsWith("vd", StringComparison.Ordinal) ? new Span(Math.Round(totals.ExtractionYieldPercent - 1.5, 1), Math.Round(totals.ExtractionYieldPercent + 1.5, 1)) : null,
                FinishS = written.Id.StartsWith("ld", StringComparison.Ordinal) ? new Span(Math.Round(totals.FinishS - 25), Math.Round(totals.FinishS + 25)) : null,
            };
            var meant = written with { Target = target };
            Tell(text, "coarse, sharp", meant with { Grind = meant.Grind with { MedianUm = 1.45 * meant.Grind.MedianUm } }, new() { Sips = [new Sip { SourBitter = -3, ThinHeavy = -2 }] });
            Tell(text, "fine, harsh, mud", meant with { Grind = meant.Grind with { MedianUm = 0.62 * meant.Grind.MedianUm } }, new() { Sips = [new Sip { SourBitter = 3, ThinHeavy = 1, Dry = 3, Clear = 1 }], Bed = BedLook.Mud });
            Tell(text, "weak", meant with { Coffee = meant.Coffee with { DoseG = Math.Round(0.86 * meant.Coffee.DoseG, 1) } }, new() { Sips = [new Sip { ThinHeavy = -2 }] }, gear => gear with { CupG = 1.2 * totals.FinalG });
            Tell(text, "cool, on the wall", Settings.WithTemperature(written, Settings.TemperatureC(written) - 9), new() { Sips = [new Sip { SourBitter = -1 }], Bed = BedLook.HighAndDry, Words = "flat, tastes of paper" });
            Tell(text, "as it should be, called harsh", meant, new() { Sips = [new Sip { SourBitter = 3 }] });
            Tell(text, "strong, old, bought ground", meant with { Coffee = meant.Coffee with { DoseG = Math.Round(1.15 * meant.Coffee.DoseG, 1), RestDays = 46 } }, new() { Sips = [new Sip { ThinHeavy = 2 }], Words = "weak first, and lukewarm" }, ground: true);
        }

        Golden.Holds("advice.txt", text.ToString());
    }

    /// <summary>
    /// How far each setting is searched, in which steps and under which name: for all recipes, with and without a grinder, with little
    /// coffee left in the bag.
    /// </summary>
    [Fact]
    public void Adjustments_are_as_large_as_before()
    {
        var text = new StringBuilder();
        foreach (var recipe in RecipeLibrary.All)
        {
            var now = Model.Figures(recipe);
            foreach (var (what, gear, canGrind) in ((string, AdviceGear, bool)[])[("mill", new AdviceGear { Grinder = Grinder }, true), ("no mill", new AdviceGear(), true), ("ground, 25 g left", new AdviceGear { LeftG = 25 }, false)])
            {
                text.Append(CultureInfo.InvariantCulture, $"{recipe.Id}, {what}:");
                foreach (var adjustment in Adjustments.Searched)
                {
                    text.Append(Adjustments.Of(adjustment, now, gear, canGrind) is { } found
                        ? string.Create(CultureInfo.InvariantCulture, $" {Adjustments.Word(adjustment, recipe)} {found.Stands:0.##} in {found.Dial.Range.Low:0.##} to {found.Dial.Range.High:0.##} by {found.Dial.StepSize:0.##} from {found.Dial.Origin:0.##} {Adjustments.Unit(adjustment)};")
                        : string.Create(CultureInfo.InvariantCulture, $" no {adjustment};"));
                }

                text.Append('\n');
            }
        }

        Golden.Holds("adjustments.txt", text.ToString());
    }

    /// <summary>Changes that answer one complaint alone: what each does to the steps of each recipe that can take it.</summary>
    [Fact]
    public void Single_changes_are_unchanged()
    {
        var text = new StringBuilder();
        foreach (var recipe in RecipeLibrary.All)
        {
            var now = Model.Figures(recipe);
            foreach (var complaint in Enum.GetValues<Complaint>())
            {
                foreach (var (adjustment, from, to, changed) in Adjustments.Single(now, complaint, new AdviceGear { CupG = 1.25 * now.Totals.FinalG, LeftG = 40 }))
                {
                    text.Append(CultureInfo.InvariantCulture, $"{recipe.Id}, {complaint}: {Adjustments.Word(adjustment, recipe)} {from:0.##} to {to:0.##} {Adjustments.Unit(adjustment)}; {changed.Coffee.DoseG:0.0} g to {changed.WaterG:0} g, {string.Join(' ', changed.Steps.Select(step => Verb.Of(step).Word + (step.AtS is { } atS ? string.Create(CultureInfo.InvariantCulture, $"@{atS:0}") : "")))}\n");
                }
            }
        }

        Golden.Holds("single-changes.txt", text.ToString());
    }

    [Fact]
    public void What_simulated_brews_teach_is_unchanged()
    {
        var text = new StringBuilder();
        foreach (var (id, seed) in (IEnumerable<(string, int)>)[("fp-bloomed", 1), ("tp-upright-short", 2), ("vd-coffee-first", 3), ("ld-float", 4), ("si-whirl", 5), ("jar-spoons", 6)])
        {
            var recipe = RecipeLibrary.Find(id)!;
            var barista = new SimulatedBarista(seed);
            var brews = Enumerable.Range(0, 4).Select(i => barista.Brew(recipe with { Grind = recipe.Grind with { MedianUm = recipe.Grind.MedianUm * (0.85 + (0.1 * i)) } }).ForFitting() with { Name = $"{i}", Keys = new FitKeys("Ferrule", "own press", "Blue Ferry", "Ines") }).ToList();
            // One of them is an outlier.
            brews[1] = brews[1] with { Readings = [.. brews[1].Readings.Select((reading, i) => i == 0 ? reading with { Value = reading.Value + 0.09 } : reading)] };
            var learned = Fitter.Of(brews, Model);
            text.Append(CultureInfo.InvariantCulture, $"{id}: {learned.Brews} brews\n");
            foreach (var one in learned.Parameters)
            {
                text.Append(CultureInfo.InvariantCulture, $"  {one.Prior.Name} of {one.Prior.Scope} {one.Whose}: {one.Value:0.000} from {one.Low:0.000} to {one.High:0.000} {one.Prior.Unit}{(one.IsKnown ? "" : ", not known")}\n");
            }

            foreach (var one in learned.LeftOut)
            {
                text.Append(CultureInfo.InvariantCulture, $"  {one.Name} {one.Figure}: {one.Expected:0.00} foretold, {one.Unfitted:0.00} unfitted, {one.Measured:0.00} measured{(one.Odd ? ", odd" : "")}\n");
            }

            foreach (var (figure, band) in Confidence.OfFigures(learned.Model(Model, brews[0].Keys).Figures(recipe)))
            {
                text.Append(CultureInfo.InvariantCulture, $"  {figure}: {band.Value:0.000} from {band.Low:0.000} to {band.High:0.000}\n");
            }

            if (seed == 1)
            {
                Tell(text, "  as it is printed", Printed(learned, recipe));
            }
        }

        Golden.Holds("learned.txt", text.ToString());
    }

    private static JsonNode Printed(Learned learned, Recipe recipe)
    {
        using var stream = new MemoryStream();
        using (var json = new Utf8JsonWriter(stream))
        {
            FitJson.Write(json, learned, [learned.Model(Model, new FitKeys("", "", "", "")).Figures(recipe)]);
        }

        return JsonNode.Parse(stream.ToArray())!;
    }

    /// <summary>A tree of values, one per line; numbers are rounded to the digits on which all machines agree.</summary>
    private static void Tell(StringBuilder text, string name, JsonNode? node)
    {
        foreach (var (member, value) in node switch
        {
            JsonObject members => members.Select(one => (one.Key, one.Value)),
            JsonArray values => values.Select((one, i) => ($"{i}", one)),
            _ => [],
        })
        {
            Tell(text, $"{name}.{member}", value);
        }

        if (node is JsonValue leaf)
        {
            text.Append(CultureInfo.InvariantCulture, $"{name}: {(leaf.GetValueKind() == JsonValueKind.Number ? (Math.Round(leaf.GetValue<double>(), 2) + 0.0).ToString("0.00", CultureInfo.InvariantCulture) : leaf.ToString())}\n");
        }
    }

    private static void Tell(StringBuilder text, string what, Recipe plan, TastingRecord tasting, Func<AdviceGear, AdviceGear>? gear = null, bool ground = false)
    {
        var totals = Model.Figures(plan).Totals;
        var brew = new BrewRecord(Guid.Empty, plan, plan)
        {
            Coffee = new CoffeeUsed("", ground),
            Tasting = tasting,
            Measured = new MeasuredFigures { DrawdownS = totals.DrawdownS, PressS = totals.PressForceN is null ? null : 27, PressFelt = totals.PressForceN switch { null => null, <= 60 => PressFelt.Easy, <= 120 => PressFelt.Firm, _ => PressFelt.Hard } },
        };
        var advice = Advisor.Of([brew], Model, (gear ?? (one => one))(new AdviceGear { Grinder = Grinder }));
        var verdict = advice.Verdict;
        text.Append(CultureInfo.InvariantCulture, $"{plan.Id}, {what}{(advice.Met ? ", met" : "")}: {string.Join(' ', verdict.Complaints)}\n  {verdict.Flow} | {verdict.ExtractionText} | {verdict.BalanceText} | {verdict.BodyText}\n");
        foreach (var note in ((string?[])[verdict.InShort, verdict.Disagreement, verdict.Cause]).OfType<string>())
        {
            text.Append(CultureInfo.InvariantCulture, $"  {note}\n");
        }

        foreach (var change in advice.Changes)
        {
            text.Append(CultureInfo.InvariantCulture, $"  {change.Setting} {change.From:0.##} to {change.To:0.##} {change.Unit}, {AdviceWords.Name(change)}{(change.And is { } and ? string.Create(CultureInfo.InvariantCulture, $" and {and.Setting} {and.From:0.##} to {and.To:0.##} {and.Unit}") : "")} [{string.Join(' ', change.Answers)}], {change.Chance:0.000} ({change.Costs.TimeS:0} s, {change.Costs.HandsS:0} s, {change.Costs.CoffeeG:0.0} g, {change.Costs.Stalls:0.00}): {change.Why}\n");
        }
    }
}
