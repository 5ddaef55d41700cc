using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;

namespace Cistern.Core.Tests;

/// <summary>
/// Every kind of change made to one recipe of each family, comparing each member of the recipe that it changes; and the results of
/// sensitivities, choosing, preparation and corrections. <c>CISTERN_RENEW=1</c> before the run writes the expected text anew.
/// </summary>
public sealed class PlanChangeTests
{
    private static readonly string[] Ids = ["fp-long-settle", "tp-turned", "vd-two-pours", "ld-long-soak-iced", "si-whirl", "jar-spoons"];
    private static readonly ForecastModel Model = ForecastModel.Published;

    [Fact]
    public void Each_change_moves_what_it_moved_when_it_was_written_and_nothing_else()
    {
        var told = new StringBuilder();
        foreach (var id in Ids)
        {
            var recipe = RecipeLibrary.Find(id)!;
            var work = new PlanWork(Plan.Of(recipe), new Shelf(), Model);
            var before = Members(work.Recipe);
            foreach (var (what, change) in Changes(recipe))
            {
                Tell(told, $"{id} {what}", before, work.Apply(change), new Shelf());
            }

            // With a grinder and a bag from the shelf, and two quantities locked.
            var shelved = Do(work, new PlanChange.FromShelf(PlanPick.Grinder, 1), new PlanChange.FromShelf(PlanPick.Bag, 1), new PlanChange.FromShelf(PlanPick.Place, 2), new PlanChange.Hold(Quantity.Ratio, 14), new PlanChange.Hold(Quantity.Drink, work.DrinkG * 0.9));
            told.Append(CultureInfo.InvariantCulture, $"{id} shelved: {Changed(before, Members(shelved.Recipe))} grinds {shelved.CanGrind}, drink {shelved.DrinkG:0.0}, moved on [{string.Join(' ', shelved.ChangedOnShelf)}], dial {shelved.DialOf(Setting.MedianUm)}\n");
            var shelvedBefore = Members(shelved.Recipe);
            foreach (var (what, change) in Changes(recipe).Where(one => one.Change is PlanChange.FromShelf or PlanChange.Hold or PlanChange.Count or PlanChange.GrindTo or PlanChange.WholeBag or PlanChange.AsOnShelf))
            {
                Tell(told, $"{id} shelved, {what}", shelvedBefore, shelved.Apply(change), new Shelf());
            }

            var forecast = Model.Run(recipe);
            told.Append(id).Append(" nudges: ").AppendJoin("; ", Sensitivities.Of(forecast).Select(sensitivity => sensitivity.ToString())).Append('\n');
            told.Append(id).Append(" made ready: ").AppendJoin("; ", Preparation.Of(forecast, new PreparationGear(new Heating(1500, KeepsTemperature: false, Kettle.Usual), 1.5)).Things.Select(thing => thing.ToString())).Append('\n');
            foreach (var (deviation, slipped) in (IEnumerable<(string, Recipe)>)[("late", Settings.With(forecast, Setting.SteepEndS, 1.3 * Settings.Get(forecast, Setting.SteepEndS)!.Value)), ("strong", recipe with { Coffee = recipe.Coffee with { DoseG = 1.15 * recipe.Coffee.DoseG } })])
            {
                var correction = Correction.After(Model.Run(slipped), forecast.Totals, 30);
                told.Append(CultureInfo.InvariantCulture, $"{id} {deviation}: release {correction.SteepEndAtS:0.0}, let down {correction.DilutionG:0}, off {correction.MissBefore:0.00} then {correction.MissAfter:0.00}\n");
            }
        }

        Golden.Holds("plan-changes.txt", told.ToString());
    }

    private static PlanWork Do(PlanWork work, params PlanChange[] changes) => changes.Aggregate(work, (now, change) => new PlanWork(now.Apply(change).Plan, now.Gear, Model));

    private static void Tell(StringBuilder told, string what, SortedDictionary<string, string> before, PlanApplied applied, IGear gear)
    {
        var after = new PlanWork(applied.Plan, gear, Model);
        told.Append(CultureInfo.InvariantCulture, $"{what}: {(applied.Refusal is { } why ? $"refused, {why} " : "")}{Changed(before, Members(after.Recipe))}");
        told.Append(CultureInfo.InvariantCulture, $"{(applied.Value is { } value ? $" value {value:G6}" : "")}{(applied.Step is { } step ? $" step {step}" : "")}{(applied.BatchReleased ? " let go" : "")}{(applied.Solution is { } found ? $" {(found.Reached ? "reached" : "not reached")} {string.Join(' ', found.Values.Select(pair => string.Create(CultureInfo.InvariantCulture, $"{pair.Key} {pair.Value:G5}")))} {found.Why}" : "")} tds {after.Forecast.Totals.FinalTdsPercent:0.0000}\n");
    }

    private static IEnumerable<(string What, PlanChange Change)> Changes(Recipe recipe)
    {
        foreach (var pick in Enum.GetValues<PlanPick>())
        {
            foreach (var id in (int?[])[1, 2, 9, null])
            {
                yield return ($"{pick}={id}", new PlanChange.FromShelf(pick, id));
            }
        }

        foreach (var quantity in Enum.GetValues<Quantity>())
        {
            yield return ($"{quantity} less", new PlanChange.Hold(quantity, quantity == Quantity.Ratio ? 12 : 0.8 * Of(recipe, quantity)));
            yield return ($"{quantity} more", new PlanChange.Hold(quantity, quantity == Quantity.Ratio ? 18 : 1.2 * Of(recipe, quantity)));
            yield return ($"{quantity} none", new PlanChange.Hold(quantity, 0.01));
        }

        yield return ("poured", new PlanChange.Count(DrinkCounting.WaterPoured));
        yield return ("88 °C", new PlanChange.Heat(88));
        yield return ("grind 700", new PlanChange.GrindTo(700));
        yield return ("grind 12", new PlanChange.GrindTo(12));
        foreach (var atS in (double[])[1, 100, 400])
        {
            yield return ($"steep until {atS}", new PlanChange.Release(atS));
        }

        yield return ("fit", new PlanChange.Fit());
        yield return ("a bloom", new PlanChange.Put("bloom", null));
        yield return ("a swirl at 1:30", new PlanChange.Put("swirl", 90));
        yield return ("fill", new PlanChange.Fill(null));
        yield return ("fill to 200", new PlanChange.Fill(200));
        yield return ("whole bag", new PlanChange.WholeBag());
        yield return ("as on the shelf", new PlanChange.AsOnShelf());
        foreach (var start in Enum.GetValues<ClockStart>())
        {
            yield return ($"clock {start}", new PlanChange.StartClock(start));
        }

        for (var i = -1; i <= recipe.Steps.Length; i++)
        {
            yield return ($"take {i} out", new PlanChange.Remove(i));
            yield return ($"move {i} down", new PlanChange.Move(i, 1));
            yield return ($"move {i} up", new PlanChange.Move(i, -1));
            yield return ($"begin {i} at 50", new PlanChange.Begin(i, 50));
            yield return ($"end {i} at 70", new PlanChange.End(i, 70));
            yield return ($"edit {i}", new PlanChange.Edit(i, new Dictionary<string, JsonNode?> { ["note"] = "slowly", ["overS"] = 9 }));
        }

        foreach (var verb in (string[])["stir", "wait", "press", "dilute"])
        {
            yield return ($"{verb} after 2", new PlanChange.Add(2, Verb.Find(verb)!));
        }

        foreach (var setting in Enum.GetValues<Setting>())
        {
            yield return ($"ask {setting}", new PlanChange.Ask(setting, Outcome.TdsPercent, 1.3));
            yield return ($"ask {setting} beyond", new PlanChange.Ask(setting, Outcome.TdsPercent, 9));
            yield return ($"set {setting}", new PlanChange.Set(setting, 7));
        }

        yield return ("ask both", new PlanChange.AskBoth(Setting.MedianUm, 1.3, 0.1));
        yield return ("let down to 1.0", new PlanChange.DilutedTo(1.0));
        yield return ("let down to 3.0", new PlanChange.DilutedTo(3.0));
    }

    private static double Of(Recipe recipe, Quantity quantity) => quantity switch
    {
        Quantity.Dose => recipe.Coffee.DoseG,
        Quantity.Water => recipe.WaterG,
        _ => 0.85 * recipe.WaterG,
    };

    /// <summary>Every member of a recipe's file by its JSON pointer.</summary>
    private static SortedDictionary<string, string> Members(Recipe recipe)
    {
        var members = new SortedDictionary<string, string>(StringComparer.Ordinal);
        Flatten("", JsonNode.Parse(RecipeWriter.Write(recipe)));
        return members;

        void Flatten(string place, JsonNode? node)
        {
            switch (node)
            {
                case JsonObject inner:
                    foreach (var (name, value) in inner)
                    {
                        Flatten(place.Length == 0 ? name : $"{place}.{name}", value);
                    }

                    break;
                case JsonArray list:
                    for (var i = 0; i < list.Count; i++)
                    {
                        Flatten($"{place}[{i}]", list[i]);
                    }

                    break;
                default:
                    members[place] = node is JsonValue number && number.TryGetValue<double>(out var figure) ? figure.ToString("G5", CultureInfo.InvariantCulture) : node?.ToJsonString() ?? "null";
                    break;
            }
        }
    }

    private static string Changed(SortedDictionary<string, string> before, SortedDictionary<string, string> after) => string.Join(", ", before.Keys.Union(after.Keys).Order(StringComparer.Ordinal)
        .Where(key => before.GetValueOrDefault(key) != after.GetValueOrDefault(key)).Select(key => $"{key} {before.GetValueOrDefault(key) ?? "–"}→{after.GetValueOrDefault(key) ?? "–"}").DefaultIfEmpty("as it was"));

    /// <summary>Two of everything: one that fits, one that does not.</summary>
    private sealed class Shelf : IGear
    {
        public BagInUse? Bag(int id) => id switch { 1 => new BagInUse(0.3, 6, 24, null), 2 => new BagInUse(0.8, 40, 300, new Grind(820, 0.7)), _ => null };

        public GrinderScale? Grinder(int id) => id switch { 1 => new GrinderScale(0, 40, 1, 60, 30, 0.42), 2 => new GrinderScale(1, 9, 0.25, -100, 130, 0.6), _ => null };

        public Place? Place(int id) => id switch { 1 => new Place(0, 21), 2 => new Place(2400, 12), _ => null };

        public Brewer? Vessel(int id) => id switch { 1 => new Brewer(BrewerFamily.FrenchPress, 350), 2 => new Brewer(BrewerFamily.LeverDripper, 700) { Material = Material.Ceramic }, _ => null };

        public double? ServerMl(int id) => id switch { 1 => 600, 2 => 120, _ => null };

        public bool Has(PlanPick pick, int id) => id is 1 or 2;
    }
}
