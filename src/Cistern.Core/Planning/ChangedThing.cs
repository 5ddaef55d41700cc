using System.Text.Json.Nodes;

namespace Cistern.Core.Planning;

/// <summary>One thing that can differ between a brew and the next.</summary>
public enum ChangedThing
{
    /// <summary>The vessel, its filter or its wrap.</summary>
    Vessel,

    /// <summary>The coffee, or its age.</summary>
    Coffee,

    /// <summary>How much coffee; the water changes with it or stays.</summary>
    Dose,

    /// <summary>Water for each gram of coffee.</summary>
    Ratio,

    /// <summary>The grind.</summary>
    Grind,

    /// <summary>The water's temperature.</summary>
    Temperature,

    /// <summary>Where it is brewed.</summary>
    Place,

    /// <summary>When the steps are, and how long.</summary>
    Times,

    /// <summary>What a step does, or whether it exists.</summary>
    Step,
}

/// <summary>Counts the differences between two recipes as a barista would: what follows from another change is not counted.</summary>
public static class Changes
{
    // Values that are displayed alike count as equal: within 0.1 g, 0.05 of ratio, 0.5 µm.
    private const double AlikeG = 0.05;
    private const double AlikeRatio = 0.05;
    private const double AlikeUm = 0.5;
    private const double AlikeC = 0.25;
    private const double AlikeStep = 0.6;

    private static readonly string[] TimeMembers = ["at", "overS", "forS", "expectS", "window", "startWindow"];

    /// <summary>The differences, with one entry for each step that differs.</summary>
    public static IReadOnlyList<ChangedThing> Between(Recipe from, Recipe to)
    {
        var things = new List<ChangedThing>();
        void Add(bool changed, ChangedThing thing)
        {
            if (changed)
            {
                things.Add(thing);
            }
        }

        Add(from.Brewer != to.Brewer, ChangedThing.Vessel);
        Add(Differ(from.Coffee.Roast, to.Coffee.Roast, 0.005) || Differ(from.Coffee.RestDays, to.Coffee.RestDays, 0.5), ChangedThing.Coffee);
        var dose = Differ(from.Coffee.DoseG, to.Coffee.DoseG, AlikeG);
        var ratio = Differ(from.WaterG / from.Coffee.DoseG, to.WaterG / to.Coffee.DoseG, AlikeRatio);
        Add(dose, ChangedThing.Dose);
        // More coffee with the same water is one change, although dose and ratio both differ.
        Add(ratio && !(dose && !Differ(from.WaterG, to.WaterG, AlikeStep)), ChangedThing.Ratio);
        Add(Differ(from.Grind.MedianUm, to.Grind.MedianUm, AlikeUm) || Differ(from.Grind.Spread, to.Grind.Spread, 0.005), ChangedThing.Grind);
        Add(Differ(Settings.TemperatureC(from), Settings.TemperatureC(to), AlikeC), ChangedThing.Temperature);
        Add(Differ(from.Place.AltitudeM, to.Place.AltitudeM, 1) || Differ(from.Place.AmbientC, to.Place.AmbientC, AlikeC), ChangedThing.Place);
        // Pours that differ only because the batch does are not counted.
        things.AddRange(OfSteps(Scaling.To(from, Scaling.BatchOf(to)).Steps, to.Steps));
        return things;
    }

    private static IEnumerable<ChangedThing> OfSteps(IReadOnlyList<Step> from, IReadOnlyList<Step> to)
    {
        if (!from.Select(step => step.GetType()).SequenceEqual(to.Select(step => step.GetType())))
        {
            var counts = from.Select(step => (Type: step.GetType(), By: -1)).Concat(to.Select(step => (Type: step.GetType(), By: 1))).GroupBy(one => one.Type).Sum(group => Math.Abs(group.Sum(one => one.By)));
            // In another order and nothing more is one.
            return Enumerable.Repeat(ChangedThing.Step, Math.Max(1, counts));
        }

        var pairs = from.Zip(to, (one, other) => (From: StepEditing.Members(one), To: StepEditing.Members(other))).ToList();
        var others = pairs.Count(pair => Keys(pair.From, pair.To).Except(TimeMembers).Any(key => !Alike(pair.From[key], pair.To[key])));
        var times = pairs.Exists(pair => TimeMembers.Any(key => !Alike(pair.From[key], pair.To[key])));
        return Enumerable.Repeat(ChangedThing.Times, times ? 1 : 0).Concat(Enumerable.Repeat(ChangedThing.Step, others));
    }

    private static IEnumerable<string> Keys(JsonObject from, JsonObject to) => from.Concat(to).Select(member => member.Key).Distinct();

    private static bool Alike(JsonNode? from, JsonNode? to) =>
        from is JsonValue one && to is JsonValue other && one.TryGetValue(out double first) && other.TryGetValue(out double second) ? !Differ(first, second, AlikeStep) : JsonNode.DeepEquals(from, to);

    private static bool Differ(double from, double to, double alike) => Math.Abs(from - to) >= alike;
}
