using static System.FormattableString;

namespace Cistern.Core.Tests;

/// <summary>
/// Tables of the core whose entries show in a figure only rarely, line by line in <c>tables.txt</c>: none of their numbers changes
/// unnoticed.
/// </summary>
public sealed class TableTests
{
    private readonly Told told = new();

    [Fact]
    public void Each_table_is_unchanged()
    {
        Vessels();
        UsualSteps();
        Conducted();
        KnownGrinds();
        Drinks();
        Blind();
        Units();
        told.Holds("tables.txt");
    }

    private void Tell(FormattableString line) => told.Tell(line);

    private void Vessels()
    {
        foreach (var family in Enum.GetValues<BrewerFamily>())
        {
            foreach (var material in Enum.GetValues<Material>())
            {
                foreach (var filter in Enum.GetValues<Filter>())
                {
                    var traits = FilterTraits.Of(filter);
                    var brewer = new Brewer(family, 450) { Material = material, Filter = filter, Wrapped = filter == Filter.Cloth, Cone = filter == Filter.Paper ? Cone.Smooth : null, OutletMm = filter == Filter.Cloth ? 4 : null };
                    var vessel = Vessel.Of(brewer);
                    Tell($"{family} {material} {filter}: {vessel.HeatJPerK:0.######} J/K, {vessel.OpenWPerK:0.######} and {vessel.LidWPerK:0.######} W/K, {vessel.LevelAreaM2:0.########} and {vessel.FilterAreaM2:0.########} m², holds {vessel.HoldGPerG:0.###}, leaves {vessel.ResidueG:0.###}, outside {vessel.AnnulusMl:0.###}, {vessel.SuctionPa:0} Pa, hole {vessel.OutletM2:0.##########}; {traits.Resistance:0.####e+0} 1/m, {traits.FinesPassed:0.####}");
                }
            }
        }
    }

    /// <summary>Each verb inserted after each step of a recipe of each family, with its effect there.</summary>
    private void UsualSteps()
    {
        foreach (var recipe in RecipeLibrary.All.GroupBy(recipe => recipe.Brewer.Family).Select(family => family.First()))
        {
            foreach (var verb in StepEditing.VerbsFor(recipe.Brewer.Family))
            {
                var usual = Enumerable.Range(-1, recipe.Steps.Length + 1).Select(after => RecipeWriter.Write(StepEditing.Usual(recipe, after, verb)).ReplaceLineEndings("").Replace("  ", " ", StringComparison.Ordinal));
                Tell($"{recipe.Id}: {string.Join(" or ", usual.Distinct(StringComparer.Ordinal))}");
            }

            var forecast = ForecastModel.Published.Run(recipe);
            foreach (var sensitivity in Sensitivities.Of(forecast))
            {
                Tell($"{recipe.Id} {sensitivity.Setting} {sensitivity.By:+0.###;-0.###}: {sensitivity.TdsPercent:0.#####} %, {sensitivity.ExtractionYieldPercent:0.####} %, {sensitivity.FlavourBalance:0.#####}");
            }

            foreach (var start in Enum.GetValues<ClockStart>())
            {
                Tell($"{recipe.Id} by {start}: {(StepEditing.Clock(forecast, start) is { } moved ? string.Join(", ", ForecastModel.Published.Run(moved).Timings.Select(timing => Invariant($"{timing.StartS:0.#}"))) : "no such moment")}");
            }
        }
    }

    /// <summary>By what each step advances, and from which one on the hands are busy with it.</summary>
    private void Conducted()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            var plan = ConductPlan.Of(ForecastModel.Published.Run(recipe));
            for (var step = 0; step < plan.Steps.Length; step++)
            {
                var (lowS, highS) = plan.WindowOf(step, 100, 40);
                var one = plan.Steps[step];
                Tell($"{recipe.Id} {step}: {one.Ends} {one.Length:0.#} s at {one.At:0.#}, {one.Low:0.#} to {one.High:0.#}, wait {one.WaitLow:0.#} to {one.WaitHigh:0.#}, grace {one.GraceS:0.#}{(one.Release ? ", release" : "")}, after {plan.FirstWithoutPause(step)}, from {lowS:0.#} to {highS:0.#}");
            }
        }
    }

    private void KnownGrinds()
    {
        foreach (var family in Enum.GetValues<BrewerFamily>())
        {
            var grind = KnownGrind.UsualFor(20, family);
            Tell($"used for {family}: {grind.Um:0.###} ± {grind.SigmaUm:0.###} µm");
        }

        var paper = KnownGrind.UsedForPaper(20);
        Tell($"used for paper: {paper.Um:0.###} ± {paper.SigmaUm:0.###} µm");
        foreach (var word in GrainWords.All)
        {
            var looks = KnownGrind.FromLook(20, word);
            Tell($"looks {word.Word}: {looks.Um:0.###} ± {looks.SigmaUm:0.###} µm");
        }
    }

    private void Drinks()
    {
        foreach (var (drinkG, drinkC, ambientC) in ((double, double, double)[])[(100, 90, 21), (200, 90, 21), (400, 90, 21), (250, 70, 30), (250, 60.5, 21), (250, 5, 21), (250, 90, 60), (0, 90, 21)])
        {
            Tell($"{drinkG} g of {drinkC} °C at {ambientC} °C: {Drinking.WaitS(drinkG, drinkC, ambientC):0.###} s");
        }
    }

    private void Blind()
    {
        foreach (var kind in Enum.GetValues<BlindKind>())
        {
            for (var tasters = 1; tasters <= BlindTasting.MaxTasters; tasters++)
            {
                const int Few = 9;
                Tell($"{kind} by {tasters}: {string.Join(", ", Enumerable.Range(0, tasters <= Few ? tasters + 1 : 0).Select(right => Invariant($"{BlindTasting.Of(kind, tasters, right).Chance:0.######}")))}; needs {BlindTasting.Of(kind, tasters, 0).LeastRight}");
            }
        }
    }

    /// <summary>Ten of every unit that is understood, converted to the unit of each field.</summary>
    private void Units()
    {
        string[] words = ["g", "gr", "gram", "grams", "gramme", "grammes", "kg", "oz", "ounce", "ounces", "ml", "millilitre", "millilitres", "milliliters", "cc", "cl", "dl", "l", "litre", "litres", "liter", "liters", "fl oz", "floz", "fluid ounce", "fluid ounces", "s", "sec", "secs", "second", "seconds", "m", "min", "mins", "minute", "minutes", "h", "hour", "hours", "c", "°c", "celsius", "degrees c", "degrees celsius", "f", "°f", "fahrenheit", "degrees f", "degrees fahrenheit"];
        foreach (var word in words)
        {
            Tell($"10 {word}: {string.Join(", ", ((string[])["g", "oz", "ml", "fl oz", "s", "min", "°C", "°F"]).Select(unit => $"{SpokenUnits.In($"10 {word}", unit)} {unit}"))}");
        }
    }
}
