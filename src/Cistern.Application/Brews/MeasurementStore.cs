namespace Cistern.Application.Brews;

/// <summary>Saves what was weighed and read of a brew, together with its new facts.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="requests">Saves.</param>
/// <param name="time">The clock.</param>
/// <param name="model">The model with which facts are computed.</param>
public sealed class MeasurementStore(CisternDb db, IdempotencyStore requests, TimeProvider time, ForecastModel model)
{
    /// <summary>Saves measurements in one transaction.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="weightsG">Water in the brewer after a pour, g, by the step's index; null removes it.</param>
    /// <param name="observed">Other observations by <see cref="ObservationNames"/>; null removes one.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    public async Task SaveAsync(int brewId, IReadOnlyDictionary<int, double?> weightsG, IReadOnlyDictionary<string, double?> observed, CancellationToken ct)
    {
        do
        {
            // Read again on each try, since another device may have saved something meanwhile.
            db.ChangeTracker.Clear();
            var brew = await db.Brews.Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.DeviationAnswers).Include(row => row.Facts).AsSplitQuery().FirstAsync(row => row.Id == brewId, ct);
            foreach (var (step, g) in weightsG)
            {
                Weigh(brew, step, g);
            }

            brew.Observe(observed, time.GetUtcNow().ToUnixTimeMilliseconds());
            brew.ComputeFacts(brew.ModelOf(model).Figures(brew.Recipe()));
        }
        while (!await requests.SaveAsync(ct));
    }

    private static void Weigh(Brew brew, int step, double? g)
    {
        brew.Weighings.RemoveAll(weighing => weighing.StepIndex == step && g is null);
        if (g is not { } totalG)
        {
            return;
        }

        if (brew.Weighings.Find(weighing => weighing.StepIndex == step) is not { } weighing)
        {
            weighing = new Weighing { StepIndex = step };
            brew.Weighings.Add(weighing);
        }

        weighing.TotalG = totalG;
    }
}
