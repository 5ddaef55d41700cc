using Microsoft.Extensions.Primitives;

namespace Cistern.Web.Pages.Brewing;

/// <summary>The form for weights at pours. An empty field leaves a pour as planned.</summary>
public static class WeighingForm
{
    /// <summary>Reads the fields.</summary>
    /// <returns>Whether all are valid.</returns>
    public static bool Read(Recipe recipe, IEnumerable<KeyValuePair<string, StringValues>> form, FigureFormat format, Dictionary<int, TypedNumber> typed)
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

    /// <summary>Saves measurements of a brew together with its new facts, in one transaction.</summary>
    /// <param name="db">The context of the data file.</param>
    /// <param name="requests">Saves.</param>
    /// <param name="brewId">The brew.</param>
    /// <param name="plan">The forecast of its plan.</param>
    /// <param name="lay">Adds the measurements.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    public static async Task SaveAsync(CisternDb db, IdempotencyStore requests, int brewId, Forecast plan, Action<Data.Brews.Brew> lay, CancellationToken ct)
    {
        do
        {
            // Read again on each try, since another device may have saved something meanwhile.
            db.ChangeTracker.Clear();
            var brew = await db.Brews.Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.DeviationAnswers).Include(row => row.Facts).AsSplitQuery().FirstAsync(row => row.Id == brewId, ct);
            lay(brew);
            brew.ComputeFacts(plan);
        }
        while (!await requests.SaveAsync(ct));
    }

    /// <summary>Adds the valid weights to a brew.</summary>
    public static void Apply(Data.Brews.Brew brew, IReadOnlyDictionary<int, TypedNumber> typed, FigureFormat format)
    {
        foreach (var (step, number) in typed)
        {
            brew.Weighings.RemoveAll(weighing => weighing.StepIndex == step && number.Value is null);
            if (number.Value is not { } value)
            {
                continue;
            }

            if (brew.Weighings.Find(weighing => weighing.StepIndex == step) is not { } weighing)
            {
                weighing = new Weighing { StepIndex = step };
                brew.Weighings.Add(weighing);
            }

            weighing.TotalG = format.Units.MassToG(value);
        }
    }

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
