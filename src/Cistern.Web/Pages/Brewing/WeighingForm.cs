namespace Cistern.Web.Pages.Brewing;

/// <summary>The form for weights at pours. An empty field leaves a pour as planned.</summary>
public static class WeighingForm
{
    /// <summary>Reads the fields.</summary>
    /// <returns>Whether all are valid.</returns>
    public static bool Read(Recipe recipe, FormValues form, FigureFormat format, Dictionary<int, TypedNumber> typed)
    {
        var values = form.ToList();
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            if (recipe.Steps[i] is Step.Pour && values.Changed(Name(i)) is { } text)
            {
                typed[i] = text.Trim().Length == 0
                    ? new TypedNumber(text, null, null)
                    : TypedNumber.Read(text, format.Units.MassFromG(1), format.Units.MassFromG(Member.MaxWaterG), format.MassUnit);
            }
        }

        return typed.Values.All(one => one.Problem is null);
    }

    /// <summary>The valid weights, g, by step; null where one was removed.</summary>
    public static IReadOnlyDictionary<int, double?> WeightsG(IReadOnlyDictionary<int, TypedNumber> typed, FigureFormat format) =>
        typed.ToDictionary(one => one.Key, one => one.Value.Value is { } value ? format.Units.MassToG(value) : (double?)null);

    /// <summary>The fields of a brew's pours.</summary>
    public static IEnumerable<Field> Fields(Data.Brews.Brew brew, Recipe recipe, FigureFormat format, IReadOnlyDictionary<int, TypedNumber> typed)
    {
        var weights = brew.WeightsG();
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            if (recipe.Steps[i] is Step.Pour pour)
            {
                var kept = weights.TryGetValue(i, out var totalG) ? format.MassNumber(totalG, fine: totalG % 1 != 0) : "";
                yield return new Field(Name(i), $"Pour to {format.Water(pour.ToG)}", typed.TryGetValue(i, out var one) ? one.Text : kept)
                {
                    Kind = "number",
                    Unit = format.MassUnit,
                    Hint = kept.Length == 0 ? "as planned, until a weight is typed" : "as weighed",
                    Problem = one?.Problem,
                    Was = kept,
                };
            }
        }
    }

    private static string Name(int step) => string.Create(CultureInfo.InvariantCulture, $"weight-{step}");
}
