namespace Cistern.Web.Wording;

/// <summary>A step in words.</summary>
/// <param name="Verb">What to do, in one or two words.</param>
/// <param name="GoingOn">Its name while it is being done.</param>
/// <param name="Target">How far, how much, how often.</param>
/// <param name="Caution">The caution, or null.</param>
/// <param name="Says">The button that reports its end: <c>Poured</c>.</param>
/// <param name="Begins">The button that reports its start: <c>Open now</c>.</param>
/// <param name="How">With which tool, along which path, and the author's note; empty where there is none.</param>
/// <param name="Beforehand">For a step that ends the steep, what must be ready by then: the server, the scale; else empty.</param>
/// <param name="Signs">What can be seen, heard and smelt, with its meaning; the first one shows that it goes well.</param>
public sealed record StepWords(string Verb, string GoingOn, string Target, string? Caution, string Says, string Begins, string How, string Beforehand, IReadOnlyList<StepSign> Signs)
{
    /// <summary>What is done until it is due: <c>Steep</c>, or <c>Wait</c> where nothing steeps.</summary>
    public required string Until { get; init; }

    /// <summary>Verb and target in one line: <c>Pour: to 480 g, 18 s</c>.</summary>
    public string Line => Target.Length > 0 ? $"{Verb}: {Target}" : Verb;
}

/// <summary>Puts steps into words.</summary>
public static class StepWording
{
    /// <summary>The words for one step of a recipe.</summary>
    public static StepWords Of(Recipe recipe, int index, FigureFormat format)
    {
        var step = recipe.Steps[index];
        var words = step.Accept(new VerbWording(recipe, format));
        var target = words.Target;
        if (step.Window is { } window && step is not Step.Wait)
        {
            var of = Verb.TraitsOf(step).WindowOf == WindowOf.Length ? "in" : "any time from";
            target = $"{target}, {of} {FigureFormat.Clock(window.Low)} to {FigureFormat.Clock(window.High)}".TrimStart(',', ' ');
        }

        if (step.StartWindow is { } begins)
        {
            target = $"{target}, begun from {FigureFormat.Clock(begins.Low)} to {FigureFormat.Clock(begins.High)}".TrimStart(',', ' ');
        }

        // A valve dripper's drawdown begins by hand, when it is set down, and then runs by itself.
        var ends = Core.Forecasts.Acts.SteepEndIndex(recipe);
        var steepEnd = ends == index;
        var verb = step is Step.Drain && recipe.Brewer.Family == BrewerFamily.ValveDripper && steepEnd ? "Set it on the server" : words.Verb;
        return new StepWords(verb, words.Verb, target, words.Caution, words.Says, words.Begins ?? $"{words.Verb} now", How(step), steepEnd ? Beforehand(recipe, step, format) : "", words.Signs) { Until = Steeps(recipe, index, ends) ? "Steep" : "Wait" };
    }

    /// <summary>Whether coffee and water have met after some steps.</summary>
    internal static bool HaveMet(IReadOnlyCollection<Step> before) => before.Any(step => step is Step.AddCoffee) && before.Any(step => Verb.TraitsOf(step).BringsWater);

    /// <summary>Whether coffee and water are together before a step: both in, no valve open, nothing separated yet.</summary>
    private static bool Steeps(Recipe recipe, int index, int ends)
    {
        var before = recipe.Steps.Take(index).ToList();
        return HaveMet(before)
            && before.FindLast(step => step is Step.OpenValve or Step.CloseValve) is not Step.OpenValve
            && (ends < 0 || index <= ends);
    }

    /// <summary>
    /// What must be ready before the end of the steep, as a line in the list of steps: before the first of the steps that lead to it
    /// without a pause. Null where there is nothing.
    /// </summary>
    /// <param name="forecast">A forecast of the recipe.</param>
    /// <param name="format">The barista's equipment.</param>
    public static (int Index, string Text)? BeforehandIn(Core.Forecasts.Forecast forecast, FigureFormat format)
    {
        var recipe = forecast.Recipe;
        var steepEnd = Core.Forecasts.Acts.SteepEndIndex(recipe);
        if (steepEnd < 0 || Beforehand(recipe, recipe.Steps[steepEnd], format) is not { Length: > 0 } text)
        {
            return null;
        }

        return (Core.Brewing.ConductPlan.Of(forecast).FirstWithoutPause(steepEnd), text.Capitalized());
    }

    /// <summary>What to prepare during the steep, so that it can end in time.</summary>
    private static string Beforehand(Recipe recipe, Step step, FigureFormat format)
    {
        // Omitted where the recipe has a step for it.
        if (recipe.Steps.Any(one => one is Step.OffScale or Step.SetOnServer))
        {
            return "";
        }

        var iced = recipe.Steps.OfType<Step.Ice>().Any(ice => ice.Where == IcePlace.Server);
        var server = iced ? "put the server with its ice" : recipe.Steps.Any(one => one is Step.RinseFilter or Step.Preheat) ? "empty the server and put it" : "put a server";
        // Who has no scale takes nothing off it.
        var off = format.Equipment.Scale ? ", all off the scale" : "";
        return (step, recipe.Brewer.Family) switch
        {
            (Step.Press, _) => $"{server} under the tube{off}",
            (Step.Flip, _) => $"{server} to hand{off}",
            (Step.Plunge, _) => $"{(format.Equipment.Scale ? "off the scale, " : "")}on a firm surface",
            (_, BrewerFamily.ValveDripper) => $"{server} beside the dripper",
            (_, BrewerFamily.LeverDripper) => $"{server} under the dripper",
            (_, BrewerFamily.Siphon) => "have the stand for the top chamber and a damp cloth to hand",
            (Step.Decant, _) => "have a server and a dry cloth to hand",
            _ => "",
        };
    }

    private static string How(Step step)
    {
        var made = step is Step.Stir stir ? string.Join(", ", new[] { stir.Tool is { Length: > 0 } tool ? $"with {tool}" : "", stir.Path ?? "" }.Where(text => text.Length > 0)) : "";
        return string.Join(". ", new[] { made, step.Note?.Trim() ?? "" }.Where(text => text.Length > 0));
    }

    /// <summary>A verb or a gesture in a list of choices, in a barista's words.</summary>
    /// <param name="word">Its word in the file.</param>
    public static string InList(string word) => Spoken.GetValueOrDefault(word) ?? word.Replace('-', ' ');

    private static readonly Dictionary<string, string> Spoken = new(StringComparer.Ordinal)
    {
        ["heat-water"] = "heat the water",
        ["rinse-filter"] = "rinse the filter",
        ["preheat"] = "warm the brewer",
        ["weigh"] = "weigh the coffee",
        ["tare"] = "set the scale to 0",
        ["add-coffee"] = "add the coffee",
        ["level-bed"] = "level the bed",
        ["make-well"] = "make a well",
        ["tap-raft"] = "tap the raft",
        ["break-crust"] = "break the crust",
        ["break-skim-and-settle"] = "break the crust, skim, let it settle",
        ["lid"] = "lid on or off",
        ["seat-plunger"] = "seat the plunger",
        ["lift-plunger"] = "lift the plunger",
        ["purge-air"] = "let the air out",
        ["off-scale"] = "off the scale",
        ["set-on-server"] = "set on the server",
        ["light-burner"] = "light the burner",
        ["seat-chamber"] = "seat the chamber",
        ["remove-burner"] = "take the flame away",
        ["open-valve"] = "open the valve",
        ["close-valve"] = "close the valve",
        ["wait-for"] = "wait for what is seen",
        ["drain"] = "let it draw down",
        ["decant"] = "pour off",
        ["swap-cup"] = "swap the cup",
        ["stop-drip"] = "stop the drip",
        ["stir-cup"] = "stir the cup",
        ["swirl-before-the-drain"] = "swirl before the drawdown",
    };

    /// <summary>A brewer in words: family, size and anything unusual.</summary>
    public static string Vessel(Brewer brewer)
    {
        var material = brewer.Material is { } made && made != Core.Physics.Vessel.UsualMaterial(brewer.Family) ? $"{Words<Material>.Of(made).Replace('-', ' ')} " : "";
        var filter = brewer.Filter is { } fitted && fitted != Core.Physics.Vessel.UsualFilter(brewer.Family) ? $", {Words<Filter>.Of(fitted).Replace('-', ' ')}" : "";
        var cone = brewer.Cone is { } wall ? $", {Words<Cone>.Of(wall)} cone" : "";
        var turned = brewer.Position == TubePosition.Turned ? ", turned over" : "";
        return $"{material}{Family(brewer.Family)}, {FigureFormat.Number(brewer.CapacityMl, 0)} ml{cone}{filter}{turned}{(brewer.Wrapped ? ", wrapped" : "")}";
    }

    /// <summary>A family's generic name.</summary>
    public static string Family(BrewerFamily family) => family switch
    {
        BrewerFamily.FrenchPress => "French press",
        BrewerFamily.Jar => "open jar",
        _ => Words<BrewerFamily>.Of(family).Replace('-', ' '),
    };

    /// <summary>The same at the start of a line.</summary>
    public static string FamilyTitle(BrewerFamily family) => Family(family).Capitalized();

    /// <summary>The name of the vessel's lane in a brew chart.</summary>
    public static string InVessel(BrewerFamily family) => family switch
    {
        BrewerFamily.FrenchPress => "in the press",
        BrewerFamily.TubePress => "in the tube",
        BrewerFamily.Siphon => "in the chamber",
        BrewerFamily.Jar => "in the jar",
        BrewerFamily.ValveDripper or BrewerFamily.LeverDripper => "in the dripper",
    };

    /// <summary>When the clock starts, as shown before it does.</summary>
    public static string ClockStart(ClockStart start) => start switch
    {
        Core.Recipes.ClockStart.FirstWater => "The clock starts as the first water goes in",
        Core.Recipes.ClockStart.WaterIn => "The clock starts when the first water is in",
        Core.Recipes.ClockStart.CoffeeIn => "The clock starts as the coffee goes in",
        Core.Recipes.ClockStart.FirstStir => "The clock starts at the first stir",
        _ => "The clock starts as the lid goes on",
    };
}
