using MathNet.Numerics.LinearAlgebra;

namespace Cistern.Core.Fitting;

/// <summary>
/// Estimates the model's parameters from brews so that it predicts the measurements, with the prior spread as regularisation (maximum
/// a posteriori).
/// </summary>
/// <remarks>
/// Gauss–Newton on residuals in units of their noise, with the priors as further residuals; all grinders, vessels, coffees and tasters
/// at once. The influence of a residual is constant beyond two times its noise and decreases beyond five, so that one odd brew has
/// little effect. The noise of each figure is estimated too, never below that of instruments. The posterior is that of the last step
/// (Laplace); leave-one-out predictions follow from the same step without the brew.
/// </remarks>
public static class Fitter
{
    private const int MaxRounds = 9;
    private const double Settled = 0.01; // σ of the prior: smaller steps change no band visibly
    private const double MaxSigmas = 4;
    private const double MaxStepSigmas = 0.2; // step for computing the slopes of figures
    private const double SlopesHold = 0.25; // slopes are reused within this distance, σ
    private const double HuberSigmas = 2;
    private const double ExcludedSigmas = 5;
    private const double PriorReadings = 8; // weight of the instruments' noise, as a number of readings

    // Error of a grind measured in a picture, as a share: how the grounds were strewn, what lay under other grains. Judged.
    private const double MeasuredGrindNoise = 0.05;

    /// <summary>Noise of a taster's answers, points: half a point, plus rounding to whole ones.</summary>
    private const double TasteNoise = 0.6;

    /// <summary>Width of the limits of felt force (easy up to 60 N, firm up to 120), as a share.</summary>
    private const double FeltShare = 0.12;

    private static readonly double[] FeltN = [0, 60, 120, double.PositiveInfinity];

    /// <summary>Noise of measurements, in their units: TDS, drink, drawdown, felt force, slurry temperature.</summary>
    private static readonly double[] Noise = [0.02, 1, 2, 1, 0.5];

    /// <summary>Factors on the noise in the first rounds, so that brews far from the first guess do not count as outliers.</summary>
    private static readonly double[] Widened = [10, 4, 2];

    /// <summary>Learns from brews.</summary>
    /// <param name="brews">The brews; those without measurements are ignored.</param>
    /// <param name="model">The unfitted model.</param>
    /// <exception cref="OperationCanceledException">The model was cancelled.</exception>
    public static Learned Of(IEnumerable<FitBrew> brews, ForecastModel model)
    {
        var telling = brews.Where(brew => brew.Tells).ToList();
        return telling.Count == 0 ? Learned.Nothing : new Fit(telling, model with { Memory = null }, Learned.Nothing).Run();
    }

    /// <summary>Updates what is known by one brew, for what it is brewed with only, in a few milliseconds.</summary>
    /// <param name="known">What is known.</param>
    /// <param name="brew">The brew. Where it was learned from already, or has no measurements, nothing changes.</param>
    /// <param name="model">The unfitted model.</param>
    /// <exception cref="OperationCanceledException">The model was cancelled.</exception>
    public static Learned With(Learned known, FitBrew brew, ForecastModel model) =>
        !brew.Tells || known.Names.Contains(brew.Name) ? known : new Fit([brew], model with { Memory = null }, known).Run();

    private sealed class Fit
    {
        private readonly IReadOnlyList<FitBrew> brews;
        private readonly ForecastModel model;
        private readonly List<(FitParameter Parameter, string Whose)> unknowns = [];
        private readonly int[][] at;
        private readonly double[] noiseScale = [1, 1, 1, 1, 1];
        private Vector<double> z;

        private readonly double[]?[] slopesAt;
        private readonly double[][][] slopesOf;
        private readonly Vector<double> before;
        private readonly Matrix<double> informationBefore;
        private readonly Learned known;

        public Fit(IReadOnlyList<FitBrew> brews, ForecastModel model, Learned known)
        {
            this.known = known;
            slopesAt = new double[brews.Count][];
            slopesOf = new double[brews.Count][][];
            this.brews = brews;
            this.model = model;
            var places = new Dictionary<(FitParameter, string), int>();
            at = [.. brews.Select(brew => Enumerable.Range(0, ModelParameters.Count).Select(i => Place((FitParameter)i, brew.Keys.Of(FitPrior.Of((FitParameter)i).Scope))).ToArray())];
            foreach (var taster in brews.SelectMany(brew => brew.Tastes).Select(taste => taste.Barista).Distinct(StringComparer.Ordinal))
            {
                foreach (var prior in FitPrior.All.Where(prior => prior.Scope == FitScope.Barista))
                {
                    Place(prior.Parameter, taster);
                }
            }

            // The priors: one σ each around 0; or what was known before these brews.
            (before, var covariance) = known.Of(unknowns);
            informationBefore = covariance.Cholesky().Solve(Matrix<double>.Build.DenseIdentity(unknowns.Count));
            z = before.Clone();

            int Place(FitParameter parameter, string whose)
            {
                if (!places.TryGetValue((parameter, whose), out var place))
                {
                    places[(parameter, whose)] = place = unknowns.Count;
                    unknowns.Add((parameter, whose));
                }

                return place;
            }
        }

        public Learned Run()
        {
            var unfitted = Rows(Widened[0], slopes: false);
            List<Row> rows = [];
            Matrix<double> information = null!;
            for (var round = 0; round < MaxRounds; round++)
            {
                var wide = round < Widened.Length ? Widened[round] : 1;
                rows = Rows(wide, slopes: true);
                if (wide == 1)
                {
                    LearnNoise(rows);
                }

                (information, var pull) = Normal(rows);
                var step = information.Cholesky().Solve(pull).Negate();
                var longest = step.AbsoluteMaximum();
                z += longest > 2 ? step * (2 / longest) : step;
                z = z.Map(value => Math.Clamp(value, -MaxSigmas, MaxSigmas));
                if (wide == 1 && longest < Settled)
                {
                    break;
                }
            }

            var covariance = information.Cholesky().Solve(Matrix<double>.Build.DenseIdentity(z.Count));
            return new Learned(
                [.. unknowns.Select((one, i) => new LearnedParameter(one.Parameter, one.Whose, z[i], Math.Sqrt(covariance[i, i])))],
                [.. covariance.ToRowMajorArray()],
                known.Brews + brews.Count)
            {
                Names = known.Names.Union(brews.Select(brew => brew.Name)),
                LeftOut = LeaveOut(rows, unfitted, information),
                BrewsOf = ((FitScope[])[FitScope.Mill, FitScope.Vessel, FitScope.Coffee]).SelectMany(scope => brews.Where(brew => !brew.Readings.IsEmpty).GroupBy(brew => brew.Keys.Of(scope), StringComparer.Ordinal).Select(group => (Key: (scope, group.Key), Count: group.Count())))
                    .ToImmutableDictionary(pair => pair.Key, pair => pair.Count),
            };
        }

        private (Matrix<double> Information, Vector<double> Pull) Normal(IEnumerable<Row> rows)
        {
            var information = informationBefore.Clone();
            var pull = informationBefore * (z - before);
            foreach (var row in rows)
            {
                for (var i = 0; i < row.At.Length; i++)
                {
                    var slope = row.Weight * row.Slopes[i];
                    pull[row.At[i]] += slope * row.Off;
                    for (var j = 0; j < row.At.Length; j++)
                    {
                        information[row.At[i], row.At[j]] += slope * row.Slopes[j];
                    }
                }
            }

            return (information, pull);
        }

        /// <summary>Estimates the noise from the residuals; real brews scatter more than instruments do, so it is never below theirs.</summary>
        private void LearnNoise(IReadOnlyList<Row> rows)
        {
            foreach (var kind in rows.Where(row => row.Reading is not null).GroupBy(row => row.Reading!.Value.Figure))
            {
                var scale = noiseScale[(int)kind.Key];
                var square = (PriorReadings + kind.Sum(row => row.Weight * row.Off * row.Off * scale * scale)) / (PriorReadings + kind.Count());
                noiseScale[(int)kind.Key] = Math.Max(1, Math.Sqrt(square));
            }
        }

        private ImmutableArray<LeftOut> LeaveOut(List<Row> rows, List<Row> unfitted, Matrix<double> information)
        {
            var all = ImmutableArray.CreateBuilder<LeftOut>();
            var beforeAny = unfitted.Where(row => row.Reading is not null).ToList();
            var place = 0;
            foreach (var brew in rows.GroupBy(row => row.Brew))
            {
                var without = information.Clone();
                var pull = Vector<double>.Build.Dense(z.Count);
                foreach (var row in brew)
                {
                    for (var i = 0; i < row.At.Length; i++)
                    {
                        pull[row.At[i]] += row.Weight * row.Slopes[i] * row.Off;
                        for (var j = 0; j < row.At.Length; j++)
                        {
                            without[row.At[i], row.At[j]] -= row.Weight * row.Slopes[i] * row.Slopes[j];
                        }
                    }
                }

                var move = without.Cholesky().Solve(pull);
                foreach (var row in brew.Where(row => row.Reading is not null))
                {
                    var reading = row.Reading!.Value;
                    var further = row.At.Select((unknown, i) => row.Slopes[i] * move[unknown]).Sum();
                    all.Add(new LeftOut(brews[row.Brew].Name, reading.Figure, row.Expected + (further * row.Noise), beforeAny[place++].Expected, reading.Value, Math.Abs(row.Off) > ExcludedSigmas));
                }
            }

            return all.ToImmutable();
        }

        /// <summary>All residuals at the current parameters, with their slopes, in the order of the brews.</summary>
        private List<Row> Rows(double widened, bool slopes)
        {
            var parts = new List<Row>[brews.Count];
            Parallel.For(0, brews.Count, i => parts[i] = [.. RowsOf(i, widened, slopes)]);
            return [.. parts.SelectMany(part => part)];
        }

        private IEnumerable<Row> RowsOf(int index, double widened, bool slopes)
        {
            var brew = brews[index];
            var here = Predict(brew, model, Sigmas(index));
            var moved = slopes ? SlopesOf(index) : [];

            for (var i = 0; i < brew.Readings.Length; i++)
            {
                var reading = brew.Readings[i];
                if (!double.IsFinite(here[i]))
                {
                    continue;
                }

                var noise = Noise[(int)reading.Figure] * noiseScale[(int)reading.Figure] * widened;
                var (off, isFelt) = (here[i] - reading.Value, reading.Figure == FitFigure.PressFelt);
                if (isFelt)
                {
                    (off, noise) = OffFelt(here[i], (int)reading.Value, widened);
                }

                // A force that is felt as it is expected says no more.
                var silent = isFelt && off == 0;
                yield return new Row(index, reading, here[i], noise, off / noise, at[index], silent || !slopes ? new double[ModelParameters.Count] : [.. moved.Select(slope => slope[i] / noise)]);
            }

            // A measured grind shows the grinder's offset, independently of the cup.
            if (brew.MeasuredUm is { } measuredUm)
            {
                const int Offset = (int)FitParameter.GrinderOffsetUm;
                var prior = FitPrior.Of(FitParameter.GrinderOffsetUm);
                var expected = brew.Brewed.Grind.MedianUm + prior.At(z[at[index][Offset]]);
                var noise = MeasuredGrindNoise * measuredUm * widened;
                yield return new Row(index, null, expected, noise, (expected - measuredUm) / noise, [at[index][Offset]], [prior.Sigma / noise]);
            }

            for (var i = 0; i < brew.Tastes.Length; i++)
            {
                var taste = brew.Tastes[i];
                foreach (var (said, lean, scale, figure) in ((double?, FitParameter, FitParameter, double)[])
                [
                    (taste.SourBitter, FitParameter.PalateBalance, FitParameter.PalateBalanceScale, here[^1]),
                    (taste.ThinHeavy, FitParameter.PalateBody, FitParameter.PalateBodyScale, here[^2] - FitPrior.UsualTdsPercent),
                ])
                {
                    if (said is { } points && double.IsFinite(figure))
                    {
                        yield return Tasted(index, taste.Barista, points, lean, scale, figure, widened, slopes ? [.. moved.Select(slope => slope[^(lean == FitParameter.PalateBalance ? 1 : 2)])] : null);
                    }
                }
            }
        }

        /// <summary>How the expected figures of a brew change with each parameter; computed again only where parameters have moved enough.</summary>
        private double[][] SlopesOf(int index)
        {
            var sigmas = Sigmas(index);
            if (slopesAt[index] is { } taken && taken.Zip(sigmas).All(pair => Math.Abs(pair.First - pair.Second) < SlopesHold))
            {
                return slopesOf[index];
            }

            // Forward differences of two coarse runs: the curves are nearly straight over a fifth of σ.
            var coarse = model.ForDifferences();
            var from = Predict(brews[index], coarse, sigmas);
            slopesAt[index] = sigmas;
            return slopesOf[index] = [.. Enumerable.Range(0, ModelParameters.Count).Select(i =>
            {
                var there = Sigmas(index);
                there[i] += MaxStepSigmas;
                return Predict(brews[index], coarse, there).Zip(from, (to, start) => (to - start) / MaxStepSigmas).ToArray();
            })];
        }

        private Row Tasted(int index, string barista, double said, FitParameter lean, FitParameter scale, double figure, double widened, double[]? slopes)
        {
            var (leanAt, scaleAt) = (unknowns.IndexOf((lean, barista)), unknowns.IndexOf((scale, barista)));
            var perUnit = FitPrior.Of(scale).At(z[scaleAt]);
            var expected = FitPrior.Of(lean).At(z[leanAt]) + (perUnit * figure);
            // The scale is limited: a taster who answers 5 may mean more.
            var off = said is >= 5 or <= -5 && Math.Abs(expected) > 5 && Math.Sign(expected) == Math.Sign(said) ? 0 : expected - said;
            var noise = TasteNoise * widened;
            return new Row(index, null, expected, noise, off / noise, [.. at[index], leanAt, scaleAt],
                slopes is null || off == 0 ? new double[ModelParameters.Count + 2] : [.. slopes.Select(slope => perUnit * slope / noise), FitPrior.Of(lean).Sigma / noise, perUnit * figure * FitPrior.Of(scale).Sigma / noise]);
        }

        private double[] Sigmas(int brew) => [.. at[brew].Select(place => z[place])];

        private static (double Off, double Noise) OffFelt(double forceN, int felt, double widened)
        {
            var (low, high) = (FeltN[felt], FeltN[felt + 1]);
            return forceN < low ? (forceN - low, FeltShare * low * widened) : forceN > high ? (forceN - high, FeltShare * high * widened) : (0, 1);
        }

        /// <summary>The model's predictions for each measurement of a brew, then its strength and flavour balance.</summary>
        private static double[] Predict(FitBrew brew, ForecastModel model, double[] sigmas)
        {
            Span<double> by = stackalloc double[ModelParameters.Count];
            for (var i = 0; i < by.Length; i++)
            {
                by[i] = sigmas[i] * ModelSpread.PriorSigma[i];
            }

            var withSeries = brew.Readings.Any(reading => reading.Figure == FitFigure.SlurryC);
            var forecast = (model with { Parameters = model.Parameters.Moved(by) }).Run(brew.Brewed, withSeries ? ForecastOptions.Full : ForecastOptions.TotalsOnly);
            var totals = forecast.Totals;
            var expected = new double[brew.Readings.Length + 2];
            for (var i = 0; i < brew.Readings.Length; i++)
            {
                expected[i] = brew.Readings[i].Figure switch
                {
                    FitFigure.TdsPercent => totals.FinalTdsPercent,
                    FitFigure.DrinkG => totals.FinalG,
                    FitFigure.DrawdownS => totals.DrawdownS ?? double.NaN,
                    FitFigure.PressFelt => totals.PressForceN ?? double.NaN,
                    FitFigure.SlurryC => TemperatureC(forecast, brew.Readings[i].AtS),
                };
            }

            expected[^2] = totals.FinalTdsPercent;
            expected[^1] = totals.FlavourBalance;
            return expected;
        }

        /// <summary>NaN outside the brew.</summary>
        private static double TemperatureC(Forecast forecast, double atS)
        {
            var (from, to, share) = forecast.Round(atS);
            return atS < forecast.Series[0].TimeS || atS > forecast.Series[^1].TimeS ? double.NaN : double.Lerp(from.TemperatureC, to.TemperatureC, share);
        }
    }

    /// <summary>One residual.</summary>
    private sealed record Row(int Brew, FitReading? Reading, double Expected, double Noise, double Off, int[] At, double[] Slopes)
    {
        public double Weight { get; } = Math.Abs(Off) switch
        {
            <= HuberSigmas => 1,
            <= ExcludedSigmas => HuberSigmas / Math.Abs(Off),
            _ => HuberSigmas * ExcludedSigmas / (Off * Off),
        };
    }
}
