namespace Cistern.Web.Pages.Brewing;

/// <summary>The form for what was weighed and read, other than pours; each value is checked for plausibility. An empty field means as planned.</summary>
public static class ObservationForm
{
    /// <summary>The most of a dose that can dissolve into the drink.</summary>
    private const double SolubleShare = 0.3;

    /// <summary>The fields that a brew's recipe needs.</summary>
    public static IEnumerable<Field> Fields(Brew brew, Forecast plan, FigureFormat format, IReadOnlyDictionary<string, TypedNumber> typed) =>
        All(brew, plan, format).Select(one => one.Field(brew, format, typed.GetValueOrDefault(one.Name)));

    /// <summary>Reads the fields.</summary>
    /// <returns>Whether all are valid.</returns>
    public static bool Read(Brew brew, Forecast plan, FormValues form, FigureFormat format, Dictionary<string, TypedNumber> typed)
    {
        var values = form.ToList();
        foreach (var one in All(brew, plan, format))
        {
            if (values.Changed(one.Name) is { } text)
            {
                typed[one.Name] = text.Trim().Length == 0 ? new TypedNumber(text, null, null) : TypedNumber.Read(text, one.Shown(one.Least, format), one.Shown(one.Most, format), one.Unit(format));
            }
        }

        return typed.Values.All(one => one.Problem is null);
    }

    /// <summary>The valid values by name; null where one was removed.</summary>
    public static IReadOnlyDictionary<string, double?> Observed(Brew brew, Forecast plan, FigureFormat format, IReadOnlyDictionary<string, TypedNumber> typed) =>
        All(brew, plan, format).Where(one => typed.ContainsKey(one.Name)).ToDictionary(one => one.Name, one => typed[one.Name].Value is { } value ? one.Read(value, format) : (double?)null);

    private static IEnumerable<Kind> All(Brew brew, Forecast plan, FigureFormat format)
    {
        var recipe = plan.Recipe;
        var ice = recipe.Steps.OfType<Step.Ice>().ToList();
        var doseG = brew.Observed(ObservationNames.Dose) ?? recipe.Coffee.DoseG;
        var iceG = brew.Observed(ObservationNames.Ice) ?? ice.Sum(step => step.IceG);
        var dilutionG = brew.Observed(ObservationNames.Dilution) ?? recipe.Steps.OfType<Step.Dilute>().Sum(step => step.WaterG);
        var pouredG = brew.Weighings.Select(weighing => weighing.TotalG).Append(recipe.WaterG).Max();
        yield return new Kind(ObservationNames.Dose, "Dose", $"planned {format.Dose(recipe.Coffee.DoseG)}", Quantity.Coffee, Member.Named("doseG").Min, Member.Named("doseG").Max);
        yield return new Kind(ObservationNames.Water, "Water in the kettle", $"planned {format.Temperature(recipe.Water.TemperatureC)}", Quantity.Temperature, 0, WaterPhysics.BoilingPointC(recipe.Place.AltitudeM));
        yield return new Kind(ObservationNames.Beverage, "Drink in the cup", $"forecast {format.Water(plan.Totals.FinalG)}; as it is drunk", Quantity.Weighed, 0, pouredG + dilutionG + iceG + (SolubleShare * doseG));
        if (ice.Count > 0)
        {
            yield return new Kind(ObservationNames.Ice, "Ice", $"planned {format.Water(ice.Sum(step => step.IceG))}", Quantity.Weighed, 0, Member.MaxWaterG);
        }

        yield return new Kind(ObservationNames.Dilution, "Diluted with", dilutionG > 0 ? $"planned {format.Water(recipe.Steps.OfType<Step.Dilute>().Sum(step => step.WaterG))}" : "water added to taste", Quantity.Weighed, 0, Member.MaxWaterG);
    }

    private enum Quantity
    {
        Coffee,
        Weighed,
        Temperature,
    }

    private sealed record Kind(string Name, string Label, string Hint, Quantity Quantity, double Least, double Most)
    {
        public string Unit(FigureFormat format) => Quantity == Quantity.Temperature ? format.TemperatureUnit : Masses(format).MassUnit;

        public double Shown(double value, FigureFormat format) => Quantity == Quantity.Temperature ? format.Units.TemperatureFromC(value) : Masses(format).Units.MassFromG(value);

        public double Read(double value, FigureFormat format) => Quantity == Quantity.Temperature ? format.Units.TemperatureToC(value) : Masses(format).Units.MassToG(value);

        public Field Field(Brew brew, FigureFormat format, TypedNumber? typed)
        {
            var kept = brew.Observed(Name) is not { } value ? ""
                : Quantity == Quantity.Temperature ? FigureFormat.Number(format.Units.TemperatureFromC(value), value % 1 == 0 ? 0 : 1)
                : Masses(format).MassNumber(value, fine: Quantity == Quantity.Coffee || value % 1 != 0);
            return new Field(Name, Label, typed?.Text ?? kept) { Kind = "number", Unit = Unit(format), Hint = Hint, Problem = typed?.Problem, MaxLength = 20, Was = kept };
        }

        private FigureFormat Masses(FigureFormat format) => Quantity == Quantity.Coffee ? format.Coffee : format;
    }
}
