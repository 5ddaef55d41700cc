using System.Globalization;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Data.Shelf;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Values = System.Collections.Generic.IEnumerable<System.Collections.Generic.KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>>;

namespace Cistern.Web.Pages.Plan;

/// <summary>What the shelf offers to a plan.</summary>
public sealed record PlanShelf(IReadOnlyList<Bag> Bags, IReadOnlyList<Mill> Mills, IReadOnlyList<BrewPlace> Places, IReadOnlyList<OwnedVessel> Vessels);

/// <summary>
/// What a barista has set on the plan page. All of it travels in the form, so a plan survives a reload, the back button
/// and a restart, and works without a script.
/// </summary>
public sealed class PlanSettings
{
    private readonly Recipe written;
    private readonly Values values;
    private readonly Show show;
    private readonly Dictionary<Quantity, TypedNumber> typed = [];

    private PlanSettings(Recipe written, PlanShelf shelf, Values values, Show show, DateOnly today)
    {
        this.written = written;
        this.values = values;
        this.show = show;
        Bag = Pick(shelf.Bags, "bag", bag => bag.Id);
        Mill = Pick(shelf.Mills, "mill", mill => mill.Id);
        Place = values.Value("place") is null ? Nearest(written, shelf) : Pick(shelf.Places, "place", place => place.Id);
        Vessel = Pick(shelf.Vessels, "vessel", vessel => vessel.Id);
        Counting = values.Value("counting") == "poured" ? DrinkCounting.WaterPoured : DrinkCounting.InTheCup;
        Base = Released(Circumstances(today));
        ReadCharge();
        Recipe = Scaling.To(Base, Charge);
        Forecast = Forecaster.Run(Recipe);
        DrinkG = ChargeSolver.DrinkG(Forecast, Counting);
        if (!written.Equals(Recipe))
        {
            Ghost = Forecaster.Run(written);
        }
    }

    public Bag? Bag { get; }

    public Mill? Mill { get; }

    public BrewPlace? Place { get; }

    public OwnedVessel? Vessel { get; }

    public DrinkCounting Counting { get; }

    /// <summary>The recipe in these circumstances, its charge as written.</summary>
    public Recipe Base { get; }

    public Charge Charge { get; private set; }

    public Locks Locks { get; private set; } = Locks.Written;

    /// <summary>The exact value of the quantity edited last, and of the one before.</summary>
    public (double Last, double Before) Held { get; private set; }

    /// <summary>The plan.</summary>
    public Recipe Recipe { get; }

    public Forecast Forecast { get; }

    /// <summary>The recipe as written, where the plan differs from it.</summary>
    public Forecast? Ghost { get; }

    public double DrinkG { get; }

    /// <summary>The kettle's field.</summary>
    public TypedNumber Kettle { get; private set; } = null!;

    /// <summary>The mill's setting, or the grind in µm where no mill is chosen.</summary>
    public TypedNumber GrindSetting { get; private set; } = null!;

    /// <summary>When the release begins, on the clock; null where there is none.</summary>
    public TypedNumber? Release { get; private set; }

    /// <summary>Findings that belong to no single field.</summary>
    public List<string> Problems { get; } = [];

    /// <summary>Whether everything typed will do.</summary>
    public bool Good => Kettle.Problem is null && Release?.Problem is null && GrindSetting.Problem is null && typed.Values.All(one => one.Problem is null) && Problems.Count == 0;

    /// <summary>How the grind is told: the mill and its setting.</summary>
    public string GrindText => Mill is null
        ? $"{Show.Number(Recipe.Grind.MedianUm, 0)} µm"
        : $"{Mill.Name}, {GrindSetting.Text} {Mill.SettingName}";

    /// <summary>Reads what was sent and works out the plan.</summary>
    public static PlanSettings Read(Recipe written, PlanShelf shelf, Values values, Show show, DateOnly today) => new(written, shelf, values, show, today);

    /// <summary>The text that stands in a quantity's field: what was typed where that will not do, else the figure.</summary>
    public string TextOf(Quantity quantity) => typed.TryGetValue(quantity, out var one) && one.Problem is not null ? one.Text : Shown(quantity);

    /// <summary>What is wrong with a quantity, or null.</summary>
    public string? ProblemOf(Quantity quantity) => typed.GetValueOrDefault(quantity)?.Problem;

    /// <summary>A quantity's figure as shown.</summary>
    public string Shown(Quantity quantity) => Format(quantity, quantity switch
    {
        Quantity.Dose => Charge.DoseG,
        Quantity.Water => Charge.WaterG,
        Quantity.Ratio => Charge.Ratio,
        _ => DrinkG,
    });

    /// <summary>A lock as the form carries it.</summary>
    public string LockText(bool last)
    {
        var quantity = last ? Locks.Last : Locks.Before;
        return string.Create(CultureInfo.InvariantCulture, $"{quantity}:{(last ? Held.Last : Held.Before):R}");
    }

    /// <summary>The shelf's place most like the one a recipe was written for: water boils as it does there.</summary>
    private static BrewPlace? Nearest(Recipe written, PlanShelf shelf) =>
        shelf.Places.MinBy(place => Math.Abs(place.AltitudeM - written.Place.AltitudeM));

    private static T? Find<T>(IReadOnlyList<T> rows, string? id, Func<T, int> idOf)
        where T : class => int.TryParse(id, NumberStyles.None, CultureInfo.InvariantCulture, out var wanted) ? rows.FirstOrDefault(row => idOf(row) == wanted) : null;

    private T? Pick<T>(IReadOnlyList<T> rows, string name, Func<T, int> idOf)
        where T : class => Find(rows, values.Value(name), idOf);

    /// <summary>Puts the chosen bag, mill, place, vessel and kettle in the place of the recipe's own.</summary>
    private Recipe Circumstances(DateOnly today)
    {
        var recipe = written;
        if (Bag is not null)
        {
            recipe = recipe with { Coffee = recipe.Coffee with { Roast = Bag.Roast, RestDays = Bag.RestDays(today) } };
        }

        if (Place is not null)
        {
            recipe = recipe with { Place = Place.AsPlace };
        }

        if (Vessel is not null && Vessel.Family == recipe.Brewer.Family)
        {
            var owned = Vessel.AsBrewer;
            recipe = recipe with { Brewer = recipe.Brewer with { CapacityMl = owned.CapacityMl, Material = owned.Material, Cone = owned.Cone, Filter = owned.Filter } };
        }

        Kettle = Stepped("kettle", show.TemperatureNumber(recipe.Water.TemperatureC), show.Units.TemperatureFromC(60), show.Units.TemperatureFromC(100), 1, show.TemperatureUnit);
        if (Kettle.Value is { } temperature && Kettle.Text != show.TemperatureNumber(recipe.Water.TemperatureC))
        {
            recipe = recipe with { Water = recipe.Water with { TemperatureC = show.Units.TemperatureToC(temperature) } };
        }

        return Ground(recipe);
    }

    private Recipe Ground(Recipe recipe)
    {
        if (Mill is null)
        {
            GrindSetting = Stepped("grind", Show.Number(recipe.Grind.MedianUm, 0), 150, 1600, 20, "µm");
            return GrindSetting.Value is { } um ? recipe with { Grind = recipe.Grind with { MedianUm = um } } : recipe;
        }

        // A mill just chosen starts at its own step nearest to what the recipe asks for.
        var nearest = SettingText(Mill.SettingFor(recipe.Grind.MedianUm));
        GrindSetting = values.Value("was.mill") == values.Value("mill") || values.Value("was.mill") is null
            ? Stepped("grind", nearest, Mill.Least, Mill.Most, Mill.Step, Mill.SettingName)
            : new TypedNumber(nearest, Mill.SettingFor(recipe.Grind.MedianUm), null);
        return GrindSetting.Value is { } setting
            ? recipe with { Grind = new Grind(Mill.MedianUm(setting), Mill.Spread) }
            : recipe;
    }

    /// <summary>Moves the release to where it is set, and what leads to it and comes after with it.</summary>
    private Recipe Released(Recipe recipe)
    {
        var forecast = Forecaster.Run(recipe, ForecastOptions.TotalsOnly);
        if (Settings.Get(forecast, Setting.ReleaseS) is not { } standsS)
        {
            return recipe;
        }

        const double LatestS = 14_400;
        var stands = Show.Clock(standsS);
        var release = TypedNumber.ReadClock(values.Value("release") ?? stands, 1, LatestS);
        var pressed = values.Value("step");
        if (release.Value is { } value && (pressed == "release+" || pressed == "release-"))
        {
            release = new TypedNumber(Show.Clock(Math.Max(1, value + (pressed[^1] == '+' ? 5 : -5))), Math.Max(1, value + (pressed[^1] == '+' ? 5 : -5)), null);
        }

        if (release.Value is not { } wantedS || release.Text == stands)
        {
            Release = release;
            return recipe;
        }

        var moved = Forecaster.Run(Settings.With(forecast, Setting.ReleaseS, wantedS), ForecastOptions.TotalsOnly);
        var reachedS = Settings.Get(moved, Setting.ReleaseS)!.Value;
        Release = Math.Abs(reachedS - wantedS) < 0.6
            ? release with { Text = Show.Clock(reachedS) }
            : release with { Value = null, Problem = $"It cannot come before {Show.Clock(reachedS)}: what goes before takes that long." };
        return Release.Problem is null ? moved.Recipe : recipe;
    }

    private static string SettingText(double setting) => setting.ToString("0.##", CultureInfo.InvariantCulture);

    private TypedNumber Stepped(string name, string otherwise, double min, double max, double step, string unit)
    {
        var number = TypedNumber.Read(values.Value(name) ?? otherwise, min, max, unit);
        var pressed = values.Value("step");
        return number.Value is { } value && (pressed == name + "+" || pressed == name + "-")
            ? TypedNumber.Read(SettingText(Math.Clamp(value + (pressed[^1] == '+' ? step : -step), min, max)), min, max, unit)
            : number;
    }

    private void ReadCharge()
    {
        var from = Scaling.ChargeOf(Base);
        Held = (from.Ratio, from.DoseG);
        Charge = from;
        if (ReadLock("last") is { } last && ReadLock("before") is { } before && last.Quantity != before.Quantity)
        {
            Locks = new Locks(last.Quantity, before.Quantity);
            Held = (last.Value, before.Value);
        }

        // The barista may have begun to count the drink another way: the same drink is then another charge.
        Apply(Locks, Held, null);
        var pressed = values.Value("step");
        if (pressed == "fit")
        {
            var fitting = Scaling.ToFit(Scaling.To(Base, Charge));
            Edit(Quantity.Dose, fitting.DoseG);
            return;
        }

        if (pressed == "bag" && Bag is not null)
        {
            Edit(Quantity.Dose, Math.Max(0.5, Bag.LeftG));
            return;
        }

        foreach (var quantity in Enum.GetValues<Quantity>())
        {
            ReadQuantity(quantity, pressed);
        }
    }

    private void ReadQuantity(Quantity quantity, string? pressed)
    {
        var name = quantity.ToString().ToLowerInvariant();
        var text = values.Value(name);
        var was = values.Value("was." + name);
        if (pressed == name + "+" || pressed == name + "-")
        {
            var sign = pressed[^1] == '+' ? 1 : -1;
            var (_, _, _, step) = Bounds(quantity);
            text = Format(quantity, FromShown(quantity, double.Parse(Shown(quantity, Charge), CultureInfo.InvariantCulture) + (sign * step)));
        }
        else if (text is null || text == was)
        {
            return;
        }

        var (min, max, unit, _) = Bounds(quantity);
        var number = TypedNumber.Read(quantity == Quantity.Ratio ? Bare(text) : text, min, max, unit) with { Text = text };
        typed[quantity] = number;
        if (number.Value is { } value)
        {
            Edit(quantity, FromShown(quantity, value));
        }
    }

    /// <summary>A ratio may be typed 15, 1:15 or 67 g/L.</summary>
    private static string Bare(string text)
    {
        var plain = text.Trim().ToLowerInvariant();
        if (plain.EndsWith("g/l", StringComparison.Ordinal))
        {
            var perLitre = TypedNumber.Read(plain[..^3], 20, 500, "g/L");
            return perLitre.Value is { } gPerL ? (1000 / gPerL).ToString("R", CultureInfo.InvariantCulture) : plain;
        }

        return plain.StartsWith("1:", StringComparison.Ordinal) ? plain[2..] : plain;
    }

    private void Edit(Quantity quantity, double value)
    {
        var locks = Locks.Edited(quantity);
        // What was edited before keeps its exact value, not the rounded one that is shown.
        var before = locks.Before == Locks.Last ? Held.Last : Held.Before;
        Apply(locks, (value, before), quantity);
    }

    private void Apply(Locks locks, (double Last, double Before) held, Quantity? edited)
    {
        if (ChargeSolver.Solve(Base, new ChargeWish(locks, held.Last, held.Before, Counting)) is { } charge)
        {
            (Locks, Held, Charge) = (locks, held, charge);
            return;
        }

        var kept = locks.Before.ToString().ToLowerInvariant();
        if (edited is { } quantity)
        {
            typed[quantity] = (typed.GetValueOrDefault(quantity) ?? new TypedNumber(Format(quantity, held.Last), null, null)) with
            {
                Value = null,
                Problem = $"No charge gives that with the {kept} that is held. Change the {kept}, or ask for less.",
            };
        }
        else
        {
            Problems.Add("What was held does not go together here; the recipe's own charge stands again.");
            Locks = Locks.Written;
            Charge = Scaling.ChargeOf(Base);
            Held = (Charge.Ratio, Charge.DoseG);
        }
    }

    private (Quantity Quantity, double Value)? ReadLock(string name)
    {
        if (values.Value(name)?.Split(':') is not [var word, var number]
            || !Enum.TryParse<Quantity>(word, out var quantity) || !Enum.IsDefined(quantity)
            || !double.TryParse(number, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) || !double.IsFinite(value) || value <= 0 || value > 6_000)
        {
            return null;
        }

        return (quantity, value);
    }

    private (double Min, double Max, string Unit, double Step) Bounds(Quantity quantity) => quantity switch
    {
        Quantity.Dose => (show.Units.MassFromG(1), show.Units.MassFromG(400), show.MassUnit, show.Units.Mass == MassUnit.Gram ? 1 : 0.05),
        Quantity.Water => (show.Units.MassFromG(20), show.Units.MassFromG(Member.MostWaterG), show.MassUnit, show.Units.Mass == MassUnit.Gram ? 10 : 0.5),
        Quantity.Ratio => (3, 30, "", 0.5),
        _ => (show.Units.VolumeFromMl(15), show.Units.VolumeFromMl(5_000), show.VolumeUnit, show.Units.Volume == VolumeUnit.Millilitre ? 10 : 0.5),
    };

    private string Shown(Quantity quantity, Charge charge) => Format(quantity, quantity switch
    {
        Quantity.Dose => charge.DoseG,
        Quantity.Water => charge.WaterG,
        Quantity.Ratio => charge.Ratio,
        _ => ChargeSolver.DrinkG(Forecaster.Run(Scaling.To(Base, charge), ForecastOptions.TotalsOnly), Counting),
    });

    private string Format(Quantity quantity, double value) => quantity switch
    {
        Quantity.Dose => show.MassNumber(value),
        Quantity.Water => show.MassNumber(value, fine: value % 1 != 0),
        Quantity.Ratio => Show.Number(value, 1),
        _ => show.DrinkNumber(value),
    };

    private double FromShown(Quantity quantity, double value) => quantity switch
    {
        Quantity.Dose or Quantity.Water => show.Units.MassToG(value),
        Quantity.Ratio => value,
        _ => show.Units.VolumeToMl(value) * WaterPhysics.DensityGPerMl(60),
    };
}
