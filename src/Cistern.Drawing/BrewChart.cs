namespace Cistern.Drawing;

/// <summary>Options of a brew chart.</summary>
/// <param name="WidthPx">Its width, px.</param>
public sealed record BrewChartOptions(double WidthPx)
{
    /// <summary>Height of both lanes together, px.</summary>
    public double LanesPx { get; init; } = 270;

    /// <summary>Whether the steps are drawn below, on the same time axis.</summary>
    public bool WithSteps { get; init; } = true;

    /// <summary>Whether it contains its own style, for a file.</summary>
    public bool StandsAlone { get; init; }

    /// <summary>Another forecast, drawn as a dotted line: an earlier state, or the plan.</summary>
    public Forecast? Ghost { get; init; }

    /// <summary>The scale's readings of vessel and cup, drawn over it.</summary>
    public IReadOnlyList<WeighedPoint> Weighed { get; init; } = [];

    /// <summary>The time axis reaches at least to here, s, so that charts can be compared.</summary>
    public double ToS { get; init; }

    /// <summary>The lanes reach at least to here, g in the vessel and g in the cup, so that charts can be compared.</summary>
    public (double VesselG, double CupG) ToG { get; init; }

    /// <summary>The drink as weighed, g, shown instead of the forecast one. Null where it was not weighed.</summary>
    public double? DrinkG { get; init; }

    /// <summary>Words and units.</summary>
    public BrewChartLabels Labels { get; init; } = BrewChartLabels.Plain;

    /// <summary>Prefix that makes ids unique where there are several charts on one page.</summary>
    public string IdPrefix { get; init; } = "chart";
}

/// <summary>A step as a strip below the brew chart, on the same time axis.</summary>
/// <param name="Index">The step's index in the recipe.</param>
/// <param name="Svg">The strip.</param>
public sealed record BrewChartRow(int Index, string Svg);

/// <summary>
/// The brew chart: the liquid in the vessel and in the cup over time, both lanes on one scale, coloured by strength, with the
/// temperature and the steps.
/// </summary>
public static class BrewChart
{
    /// <summary>The style of a chart that is not part of a page.</summary>
    private const string OwnStyle =
        "<style>text{font:14px system-ui,sans-serif;fill:#14323A}.chart-tick,.chart-clock{font-family:ui-monospace,monospace;font-size:13px;fill:#47626A}"
        + ".chart-strong{font-weight:700}.chart-onliquid{fill:#fff}.chart-line{fill:none;stroke:#14323A;stroke-width:1.5}.chart-halo{fill:none;stroke:#F6F3EC;stroke-width:5}"
        + ".chart-temp{fill:none;stroke:#14323A;stroke-width:2}.chart-grid{stroke:#47626A;stroke-opacity:.35}.chart-axis{stroke:#14323A}.chart-ghost{fill:none;stroke:#14323A;stroke-width:1.5;stroke-dasharray:2 4}"
        + ".chart-bar{fill:#1F6673}.chart-cup{fill:#5A3417}.chart-act-fill,.chart-act-cup{fill:#E4DDCB}.chart-act-steep{fill:#CFE0DE}.chart-act-finish{fill:#E7D3BB}.chart-mark{fill:none;stroke:#14323A;stroke-width:2}.chart-ground{fill:#F6F3EC}.chart-label{paint-order:stroke;stroke:#F6F3EC;stroke-width:4px;stroke-linejoin:round}</style>";

    /// <summary>Draws a brew chart.</summary>
    /// <param name="forecast">A forecast with its series.</param>
    /// <param name="options">How.</param>
    /// <returns>An SVG element.</returns>
    public static string Draw(Forecast forecast, BrewChartOptions options) => new Drawing(forecast, options).Draw();

    /// <summary>The largest amounts in a forecast's vessel and cup, g.</summary>
    public static (double VesselG, double CupG) MostOf(Forecast forecast) => (
        forecast.Series.Max(sample => sample.ContactWaterG + sample.AnnulusG),
        Math.Max(20, forecast.Series.Max(sample => sample.CupWaterG + sample.CupSolidsG)));

    /// <summary>Every step as a strip, to be stacked below a brew chart of the same width. Ends that can be set have handles.</summary>
    /// <param name="forecast">A forecast with its series.</param>
    /// <param name="options">Options; the ghost determines the axis, as for the brew chart.</param>
    public static IReadOnlyList<BrewChartRow> Rows(Forecast forecast, BrewChartOptions options)
    {
        var drawing = new Drawing(forecast, options);
        return [.. forecast.Timings.Select(timing => new BrewChartRow(timing.Index, drawing.Row(timing.Index)))];
    }

    private sealed class Drawing
    {
        private const double ActsPx = 22;
        private const double MarksPx = 22;
        private const double BetweenPx = 26;
        private const double RowPx = 27;
        private const double BarPx = 16;
        private const double LetterPx = 7.2;

        private readonly Forecast forecast;
        private readonly BrewChartOptions options;
        private readonly Svg svg = new();
        private readonly double fromS;
        private readonly double toS;
        private readonly double left;
        private readonly double right;
        private readonly double pxPerG;
        private readonly double vesselTop;
        private readonly double vesselBottom;
        private readonly double cupBottom;
        private readonly double leastC;
        private readonly double mostC;

        public Drawing(Forecast forecast, BrewChartOptions options)
        {
            this.forecast = forecast;
            this.options = options;
            var narrow = options.WidthPx < 480;
            left = narrow ? 40 : 54;
            right = options.WidthPx - (narrow ? 40 : 42);
            var series = forecast.Series;
            // The axis begins with the first water; everything before it is preparation.
            fromS = Acts.Of(forecast) is [var first, ..] ? Math.Min(0, first.StartS) : Math.Min(0, series[0].TimeS);
            toS = Math.Max(fromS + 1, Math.Max(series[^1].TimeS, Math.Max(options.Ghost?.Totals.FinishS ?? 0, options.ToS)));
            var (vesselG, cupG) = MostOf(forecast);
            (vesselG, cupG) = (Math.Max(vesselG, options.ToG.VesselG), Math.Max(cupG, options.ToG.CupG));
            if (options.Ghost is { } ghost)
            {
                var other = MostOf(ghost);
                (vesselG, cupG) = (Math.Max(vesselG, other.VesselG), Math.Max(cupG, other.CupG));
            }

            pxPerG = options.LanesPx / Math.Max(1, vesselG + cupG);
            vesselTop = ActsPx + MarksPx;
            vesselBottom = vesselTop + (vesselG * pxPerG);
            cupBottom = vesselBottom + BetweenPx + (cupG * pxPerG);
            var warm = series.Where(sample => sample.TimeS >= fromS - 0.01 && sample.ContactWaterG > 0).Select(sample => (double)sample.TemperatureC).DefaultIfEmpty(20).ToList();
            leastC = Math.Floor((warm.Min() - 4) / 10) * 10;
            mostC = Math.Max(leastC + 20, Math.Ceiling(warm.Max() / 10) * 10);
        }

        public string Draw()
        {
            var rows = options.WithSteps ? ShownSteps().ToList() : [];
            var height = cupBottom + 24 + (rows.Count * RowPx) + (rows.Count > 0 ? 8 : 0);
            svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {options.WidthPx} {height}\" class=\"chart\" role=\"img\" aria-labelledby=\"{options.IdPrefix}-title\" data-from=\"{fromS}\" data-to=\"{toS}\" data-left=\"{left}\" data-right=\"{right}\"");
            svg.Add(options.StandsAlone ? FormattableString.Invariant($" width=\"{options.WidthPx:0}\" height=\"{height:0}\">{OwnStyle}<rect width=\"100%\" height=\"100%\" class=\"chart-ground\"/>") : ">");
            svg.Add($"<title id=\"{options.IdPrefix}-title\">{Svg.Encode(Summary())}</title>");
            DrawActs();
            DrawAxes(height);
            DrawVessel();
            DrawCup();
            DrawWeighed();
            DrawMarks();
            DrawSteps(rows);
            svg.Add($"<line class=\"chart-now\" x1=\"{left}\" x2=\"{left}\" y1=\"{ActsPx}\" y2=\"{cupBottom}\" visibility=\"hidden\"/>");
            return svg.Add("</svg>").ToString();
        }

        private void DrawWeighed()
        {
            var path = WeighedPath.Of(options.Weighed, fromS, toS, point => (X(point.AtS), (point.InCup ? cupBottom : vesselBottom) - (point.G * pxPerG)));
            if (path.Length > 0)
            {
                svg.Add($"<path class=\"chart-weighed-halo\" d=\"{path}\"/><path class=\"chart-weighed\" d=\"{path}\"/>");
            }
        }

        public string Row(int index)
        {
            const double HeightPx = 32;
            var row = new Svg();
            var timing = forecast.Timings[index];
            var step = forecast.Recipe.Steps[index];
            row.Add($"<svg viewBox=\"0 0 {options.WidthPx} {HeightPx}\" class=\"chart strip\" aria-hidden=\"true\" data-from=\"{fromS}\" data-to=\"{toS}\" data-left=\"{left}\" data-right=\"{right}\">");
            foreach (var timeS in TimeTicks())
            {
                row.Add($"<line class=\"chart-grid\" x1=\"{X(timeS)}\" x2=\"{X(timeS)}\" y1=\"0\" y2=\"{HeightPx}\"/>");
            }

            var (verb, detail) = options.Labels.Step(forecast.Recipe, index);
            if (step is Step.Pour pour && Math.Abs(pour.ToG - timing.DisplayG) > 0.5)
            {
                detail += $" · scale {options.Labels.Mass(timing.DisplayG)}";
            }

            var timed = timing.EndS >= fromS - 0.01 && !Verb.TraitsOf(step).MakesReady;
            var x = timed ? X(timing.StartS) : left;
            var width = timed ? Math.Max(5, X(timing.EndS) - x) : 0;
            if (timed)
            {
                row.Add($"<rect class=\"chart-bar\" x=\"{x}\" y=\"8\" width=\"{width}\" height=\"{BarPx}\" rx=\"2\"/>");
            }

            // For steps with a length, a window is of the length; for others, and for those that can have both, of the start.
            if (timed)
            {
                Bracket(step.WindowOfStart, 0);
                Bracket(Verb.TraitsOf(step).WindowOf == WindowOf.Length ? step.Window : null, timing.StartS);
            }

            // Labels are to the right of the bar, or to its left near the right edge; where neither side has room they are truncated,
            // and the form shows them in full.
            var rightPx = options.WidthPx - x - width - 15;
            var leftPx = x - left - 15;
            var fits = LetterPx * (verb.Length + detail.Length + 1) < rightPx || rightPx >= leftPx;
            var letters = (int)((fits ? rightPx : leftPx) / LetterPx) - verb.Length - 1;
            detail = detail.Length <= letters ? detail : letters > 3 ? detail[..(letters - 1)].TrimEnd(' ', ',') + "…" : "";
            row.Add($"<text x=\"{(fits ? x + width + (timed ? 13 : 8) : x - 13)}\" y=\"21\" class=\"chart-step chart-label\"{(fits ? "" : " text-anchor=\"end\"")}><tspan class=\"chart-strong\">{Svg.Encode(verb)}</tspan> {Svg.Encode(detail)}</text>");
            // The handles are outside the bar, so that the two of a narrow bar can be told apart.
            if (timed && index > RecipeChecker.AnchorIndex(forecast.Recipe))
            {
                row.Add($"<rect class=\"bar-end\" data-step=\"{index}\" data-end=\"begin\" x=\"{x - 17}\" y=\"2\" width=\"18\" height=\"28\" rx=\"3\"/>");
            }

            if (timed && Core.Planning.StepEditing.HasLength(step))
            {
                row.Add($"<rect class=\"bar-end\" data-step=\"{index}\" data-end=\"end\" x=\"{x + width - 1}\" y=\"2\" width=\"18\" height=\"28\" rx=\"3\"/>");
            }

            return row.Add("</svg>").ToString();

            void Bracket(Span? window, double fromWindowS)
            {
                if (window is { } span)
                {
                    var (lowX, highX) = (X(fromWindowS + span.Low), X(fromWindowS + span.High));
                    row.Add($"<path class=\"chart-window\" d=\"M{lowX} 3V29M{highX} 3V29M{lowX} 4H{highX}M{lowX} 28H{highX}\"/>");
                }
            }
        }

        private IEnumerable<double> TimeTicks() => Ticks.OfTime(fromS, toS, right - left);

        private double X(double timeS) => left + ((Math.Clamp(timeS, fromS, toS) - fromS) / (toS - fromS) * (right - left));

        private double VesselY(double grams) => vesselBottom - (grams * pxPerG);

        private double CupY(double grams) => cupBottom - (grams * pxPerG);

        private double TemperatureY(double c) => vesselBottom - 6 - ((c - leastC) / (mostC - leastC) * (vesselBottom - vesselTop - 6));

        /// <summary>The drink as brewed and, where water or ice is added, the finished drink.</summary>
        private string InTheCup(Totals totals) => options.DrinkG is { } weighedG
            ? $"in the cup {options.Labels.Mass(weighedG)}, weighed"
            : totals.DrunkAsBrewed
            ? $"in the cup {options.Labels.Mass(totals.BeverageG)}"
            : $"brewed {options.Labels.Mass(totals.BeverageG)}, as it is drunk {options.Labels.Mass(totals.FinalG)}";

        private string Summary()
        {
            var totals = forecast.Totals;
            return $"{forecast.Recipe.Name}: filled to {options.Labels.Mass(forecast.Recipe.WaterG)}, done at {ClockTime.Text(totals.FinishS)}, {(options.DrinkG is null ? $"{options.Labels.Mass(totals.BeverageG)} in the cup" : InTheCup(totals))}.";
        }

        private void DrawActs()
        {
            foreach (var span in Acts.Of(forecast))
            {
                var x = X(span.StartS);
                var width = X(span.EndS) - x;
                var name = span.Act.ToString();
                svg.Add($"<rect class=\"chart-act-{name.ToLowerInvariant()}\" x=\"{x}\" y=\"0\" width=\"{Math.Max(1, width - 2)}\" height=\"{ActsPx - 4}\"/>");
                if (width > 7.5 * name.Length)
                {
                    svg.Text(x + (width / 2), 14, "chart-strong", name, "middle");
                }
            }
        }

        private void DrawAxes(double height)
        {
            foreach (var timeS in TimeTicks())
            {
                svg.Add($"<line class=\"chart-grid\" x1=\"{X(timeS)}\" x2=\"{X(timeS)}\" y1=\"{vesselTop}\" y2=\"{(options.WithSteps ? height - 4 : cupBottom)}\"/>");
                svg.Text(X(timeS), cupBottom + 17, "chart-tick", ClockTime.Text(timeS), "middle");
            }

            foreach (var grams in Ticks.OfMass((vesselBottom - vesselTop) / pxPerG, vesselBottom - vesselTop, options.Labels.GPerUnit))
            {
                svg.Add($"<line class=\"chart-grid\" x1=\"{left}\" x2=\"{right}\" y1=\"{VesselY(grams)}\" y2=\"{VesselY(grams)}\"/>");
                svg.Text(left - 6, VesselY(grams) + 4, "chart-tick", options.Labels.MassTick(grams), "end");
            }

            foreach (var grams in Ticks.OfMass((cupBottom - vesselBottom - BetweenPx) / pxPerG, cupBottom - vesselBottom - BetweenPx, options.Labels.GPerUnit))
            {
                svg.Text(left - 6, CupY(grams) + 4, "chart-tick", options.Labels.MassTick(grams), "end");
            }

            foreach (var c in options.Labels.TemperatureTicks(leastC, mostC))
            {
                svg.Text(right + 6, TemperatureY(c) + 4, "chart-tick", options.Labels.Temperature(c));
            }

            svg.Add($"<path class=\"chart-axis\" d=\"M{left} {vesselBottom}H{right}M{left} {cupBottom}H{right}\"/>");
        }

        private void DrawVessel()
        {
            var gradient = $"{options.IdPrefix}-liquid";
            svg.Add($"<linearGradient id=\"{gradient}\" gradientUnits=\"userSpaceOnUse\" x1=\"{left}\" x2=\"{right}\">");
            const int Stops = 24;
            for (var i = 0; i <= Stops; i++)
            {
                var timeS = fromS + ((toS - fromS) * i / Stops);
                svg.Add($"<stop offset=\"{(100.0 * i / Stops)}%\" stop-color=\"{CoffeeColour.Of(forecast.At(timeS).VesselTdsPercent)}\"/>");
            }

            svg.Add("</linearGradient>");
            var line = Line(forecast, sample => VesselY(sample.ContactWaterG + sample.AnnulusG));
            svg.Add($"<path fill=\"url(#{gradient})\" d=\"M{left} {vesselBottom}L{line}L{X(forecast.Series[^1].TimeS)} {vesselBottom}Z\"/><path class=\"chart-line\" d=\"M{line}\"/>");
            if (options.Ghost is { } ghost)
            {
                svg.Add($"<path class=\"chart-ghost\" d=\"M{Line(ghost, sample => VesselY(sample.ContactWaterG + sample.AnnulusG))}\"/>");
            }

            var temperature = Line(forecast, sample => TemperatureY(Math.Clamp(sample.TemperatureC, leastC, mostC)), wetOnly: true);
            svg.Add($"<path class=\"chart-halo\" d=\"M{temperature}\"/><path class=\"chart-temp\" d=\"M{temperature}\"/>");
            svg.Text(left + (0.45 * (right - left)), vesselBottom - 8, "chart-strong chart-label", options.Labels.Vessel, "middle");
        }

        private void DrawCup()
        {
            var line = Line(forecast, sample => CupY(sample.CupWaterG + sample.CupSolidsG));
            svg.Add($"<path class=\"chart-cup\" d=\"M{left} {cupBottom}L{line}L{X(forecast.Series[^1].TimeS)} {cupBottom}Z\"/><path class=\"chart-line\" d=\"M{line}\"/>");
            if (options.Ghost is { } ghost)
            {
                svg.Add($"<path class=\"chart-ghost\" d=\"M{Line(ghost, sample => CupY(sample.CupWaterG + sample.CupSolidsG))}\"/>");
            }

            svg.Text(left + (0.45 * (right - left)), cupBottom - 8, "chart-strong chart-label", InTheCup(forecast.Totals), "middle");
        }

        private void DrawMarks()
        {
            for (var i = 0; i < forecast.Timings.Length; i++)
            {
                var step = forecast.Recipe.Steps[i];
                var timing = forecast.Timings[i];
                if (timing.StartS < fromS - 0.01 || Glyph(step) is not { } glyph)
                {
                    continue;
                }

                var x = X(step is Step.Plunge or Step.Press or Step.Drain ? timing.StartS : 0.5 * (timing.StartS + timing.EndS));
                svg.Add($"<path class=\"chart-mark\" transform=\"translate({x} {ActsPx + 8})\" d=\"{glyph}\"/>");
            }
        }

        private static string? Glyph(Step step) => step switch
        {
            Step.Stirring => "M-6 0q3 -5 6 0t6 0M0 4V14",
            Step.Lid { On: true } or Step.SeatPlunger => "M-6 0H6M0 0V14",
            Step.Plunge or Step.Press => "M0 -5V12M-4 8L0 13L4 8",
            Step.OpenValve or Step.Drain => "M-5 -3L0 3L5 -3M0 3V14",
            Step.CloseValve => "M-5 3L0 -3L5 3M0 3V14",
            Step.Skim => "M-6 -2q6 6 12 0M0 4V14",
            Step.AddCoffee => "M-4 -4L4 4M-4 4L4 -4M0 6V14",
            _ => null,
        };

        private IEnumerable<int> ShownSteps()
        {
            for (var i = 0; i < forecast.Timings.Length; i++)
            {
                if (forecast.Timings[i].EndS >= fromS - 0.01 && !Verb.TraitsOf(forecast.Recipe.Steps[i]).MakesReady)
                {
                    yield return i;
                }
            }
        }

        private void DrawSteps(List<int> rows)
        {
            var y = cupBottom + 32;
            foreach (var index in rows)
            {
                var timing = forecast.Timings[index];
                var x = X(timing.StartS);
                var width = Math.Max(5, X(timing.EndS) - x);
                svg.Add($"<rect class=\"chart-bar\" x=\"{x}\" y=\"{y}\" width=\"{width}\" height=\"{BarPx}\" rx=\"2\"/>");
                var (verb, detail) = options.Labels.Step(forecast.Recipe, index);
                var clock = ClockTime.Text(timing.StartS);
                // Always in the order time, verb, detail; to the left of the bar where there is no room on the right.
                var neededPx = 7.6 * (clock.Length + verb.Length + detail.Length + 2);
                var rightPx = options.WidthPx - x - width - 8;
                var fits = neededPx < rightPx || (neededPx > x - 8 && rightPx > x - 8);
                svg.Add($"<text x=\"{(fits ? x + width + 8 : x - 8)}\" y=\"{y + 13}\" class=\"chart-step\"{(fits ? "" : " text-anchor=\"end\"")}><tspan class=\"chart-clock\">{clock}</tspan> <tspan class=\"chart-strong\">{Svg.Encode(verb)}</tspan> {Svg.Encode(detail)}</text>");
                y += RowPx;
            }
        }

        /// <summary>A curve as path points, without points on the line between their neighbours.</summary>
        private string Line(Forecast of, Func<Sample, double> height, bool wetOnly = false)
        {
            var points = new List<(double X, double Y)>();
            foreach (var sample in of.Series)
            {
                if (sample.TimeS < fromS - 0.01 || (wetOnly && sample.ContactWaterG <= 0))
                {
                    continue;
                }

                var point = (X: X(sample.TimeS), Y: height(sample));
                if (points.Count >= 2 && OnLine(points[^2], points[^1], point))
                {
                    points[^1] = point;
                }
                else
                {
                    points.Add(point);
                }
            }

            var line = new Svg();
            foreach (var (x, y) in points)
            {
                line.Add($"{x} {y} ");
            }

            return line.ToString().TrimEnd();
        }

        private static bool OnLine((double X, double Y) a, (double X, double Y) b, (double X, double Y) c) =>
            c.X - a.X < 12 && (c.X - a.X < 0.01 ? Math.Abs(c.Y - a.Y) < 0.3 : Math.Abs(a.Y + ((c.Y - a.Y) * (b.X - a.X) / (c.X - a.X)) - b.Y) < 0.3);
    }
}
