namespace Cistern.Drawing;

/// <summary>
/// The brewer cut open at one moment, drawn to scale from its dimensions: levels with a scale beside them, grounds, raft, paper and
/// the water outside it, valve, plunger, a siphon's two chambers and flame, the rim.
/// </summary>
public static class BrewerSection
{
    private const double WidthPx = 240;
    private const double HeightPx = 258;
    private const double GroundsMlPerG = 0.80;

    /// <summary>Width of the server below or beside the brewer, a straight glass, mm.</summary>
    private const double ServerMm = 78;

    /// <summary>Draws the vessel.</summary>
    /// <param name="forecast">A forecast with its series.</param>
    /// <param name="atS">The moment, s on the brew clock.</param>
    /// <param name="labels">Words and units.</param>
    public static string Draw(Forecast forecast, double atS, BrewChartLabels labels) => new Drawing(forecast, atS, labels, null).Draw();

    /// <summary>Draws the brewer during preparation: steps that are not done yet are not shown, whenever they are planned.</summary>
    /// <param name="forecast">A forecast with its series.</param>
    /// <param name="made">How many of the first steps are done.</param>
    /// <param name="labels">Words and units.</param>
    public static string DrawMadeReady(Forecast forecast, int made, BrewChartLabels labels)
    {
        // Just before its end: steps at the same moment are not done yet.
        var atS = made > 0 ? forecast.Timings[made - 1].EndS - 0.01 : double.NegativeInfinity;
        return new Drawing(forecast, Math.Max(forecast.Series[0].TimeS, atS), labels, made).Draw();
    }

    private sealed class Drawing
    {
        private readonly Forecast forecast;
        private readonly BrewChartLabels labels;
        private readonly Sample sample;
        private readonly VesselState state;
        private readonly Vessel vessel;
        private readonly Brewer brewer;
        private readonly Svg svg = new();
        private readonly double atS;
        private readonly int? made;

        /// <summary>Water in a siphon's bulb until its chamber is seated, g.</summary>
        private readonly double notRisenG;
        private readonly bool cone;
        private readonly double heightMm;
        private readonly double pxPerMm;
        /// <summary>The level scale is left of it, the figures right of it.</summary>
        private const double MaxWidePx = 128;
        private readonly double centreX = 112;
        private readonly double topY = 30;

        public Drawing(Forecast forecast, double atS, BrewChartLabels labels, int? made)
        {
            this.forecast = forecast;
            this.labels = labels;
            this.atS = atS;
            this.made = made;
            brewer = forecast.Recipe.Brewer;
            vessel = Vessel.Of(brewer);
            var steps = forecast.Recipe.Steps;
            var count = made ?? steps.Length;
            sample = steps.Take(count).Any(step => step is Step.AddCoffee || Verb.TraitsOf(step).BringsWater) ? forecast.At(atS) : default;
            state = VesselState.At(forecast, made is null ? atS : double.PositiveInfinity, made);
            notRisenG = steps.Skip(count).OfType<Step.SeatChamber>().Sum(chamber => chamber.WaterG);
            cone = brewer.Family is BrewerFamily.ValveDripper or BrewerFamily.LeverDripper;
            heightMm = MmOf(brewer.CapacityMl);
            // The brewer and what is below it share one scale; the server is drawn as deep as its drink needs.
            var handleMm = brewer.Family == BrewerFamily.FrenchPress ? 32 : 0;
            var wideMm = Math.Max((2 * HalfMm(heightMm)) + handleMm, brewer.Family == BrewerFamily.Siphon ? BulbMm : ServerMm);
            pxPerMm = Math.Min((HeightPx - topY - 12) / (heightMm + BelowMm), MaxWidePx / wideMm);
        }

        /// <summary>Height of what is below the brewer, mm: a server, a siphon's bulb and flame, or only a line.</summary>
        private double BelowMm => brewer.Family switch
        {
            BrewerFamily.FrenchPress or BrewerFamily.Jar => 8,
            BrewerFamily.Siphon => BulbMm + 42,
            BrewerFamily.TubePress or BrewerFamily.ValveDripper or BrewerFamily.LeverDripper => ServerDeepMm + 16,
        };

        private double BulbMm => 2 * Math.Pow(3 * brewer.CapacityMl * 1000 / (4 * Math.PI), 1.0 / 3);

        private double ServerDeepMm => Math.Max(45, 1.25 * forecast.Totals.BeverageG * 1000 / (Math.PI * ServerMm * ServerMm / 4));

        private double BottomY => topY + (heightMm * pxPerMm);

        public string Draw()
        {
            var words = $"{(made is null ? $"At {ClockTime.Text(atS)}" : "Making ready")}: {labels.Mass(sample.ContactWaterG + sample.AnnulusG)} {labels.Vessel}, {labels.Mass(sample.CupWaterG + sample.CupSolidsG)} in the cup";
            svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {WidthPx} {HeightPx}\" class=\"cut chart\" role=\"img\" aria-label=\"{Svg.Encode(words)}\">");
            DrawContents();
            DrawWall();
            DrawRimAndGauge();
            if (brewer.Family == BrewerFamily.Siphon)
            {
                DrawBulb();
            }
            else if (brewer.Family is not (BrewerFamily.FrenchPress or BrewerFamily.Jar))
            {
                DrawServer();
            }

            DrawFittings();
            return svg.Add("</svg>").ToString();
        }

        /// <summary>The height of a volume, mm: from the level area for a straight wall, or in a cone of 60°.</summary>
        private double MmOf(double ml) => cone
            ? Math.Pow(9 * Math.Max(0, ml) * 1000 / Math.PI, 1.0 / 3)
            : Math.Max(0, ml) * 1000 / (vessel.LevelAreaM2 * 1e6);

        private double HalfMm(double atMm) => cone ? atMm * Math.Tan(Math.PI / 6) : Math.Sqrt(vessel.LevelAreaM2 * 1e6 / Math.PI);

        private double Y(double mm) => BottomY - (mm * pxPerMm);

        private double X(double mm) => centreX + (mm * pxPerMm);

        /// <summary>A layer between two volumes, as a trapezium.</summary>
        private void Layer(double fromMl, double toMl, string attributes)
        {
            var low = MmOf(Math.Min(fromMl, brewer.CapacityMl));
            var high = MmOf(Math.Min(toMl, brewer.CapacityMl));
            if (high - low < 0.2)
            {
                return;
            }

            svg.Add($"<path {attributes} d=\"M{X(-HalfMm(low))} {Y(low)}L{X(-HalfMm(high))} {Y(high)}H{X(HalfMm(high))}L{X(HalfMm(low))} {Y(low)}Z\"/>");
        }

        private void DrawContents()
        {
            var groundsMl = state.CoffeeIn ? GroundsMlPerG * forecast.Recipe.Coffee.DoseG : 0;
            var raftMl = groundsMl * sample.Raft;
            var liquidMl = sample.VolumeMl - groundsMl;
            var waterMl = Math.Min(liquidMl, (sample.ContactWaterG + sample.AnnulusG) / WaterPhysics.DensityGPerMl(Math.Clamp(sample.TemperatureC, 0, 100)));
            var foamMl = Math.Max(0, liquidMl - waterMl);
            var bedMl = groundsMl - raftMl;
            Layer(0, bedMl, "class=\"cut-grounds\"");
            Layer(bedMl, bedMl + waterMl, $"fill=\"{CoffeeColour.Of(sample.VesselTdsPercent)}\"");
            Layer(bedMl + waterMl, bedMl + waterMl + raftMl, "class=\"cut-grounds\"");
            Layer(bedMl + waterMl + raftMl, sample.VolumeMl, "class=\"cut-foam\"");
            if (foamMl + waterMl + groundsMl > 0)
            {
                var level = MmOf(Math.Min(sample.VolumeMl, brewer.CapacityMl));
                svg.Add($"<path class=\"chart-line\" d=\"M{X(-HalfMm(level))} {Y(level)}H{X(HalfMm(level))}\"/>");
                svg.Text(WidthPx - 2, Y(level) + 5, "chart-strong", labels.Mass(sample.ContactWaterG + sample.AnnulusG), "end");
                svg.Text(WidthPx - 2, Y(level) + 20, "chart-tick", string.Create(CultureInfo.InvariantCulture, $"{level:0} mm"), "end");
            }
        }

        private void DrawWall()
        {
            var rim = HalfMm(heightMm);
            if (cone)
            {
                svg.Add($"<path class=\"cut-wall\" d=\"M{X(-rim - 3)} {topY}L{X(-4)} {BottomY}H{X(4)}L{X(rim + 3)} {topY}\"/>");
                // The paper is held off a ridged wall, with a little water in between.
                svg.Add($"<path class=\"cut-paper\" d=\"M{X(-rim)} {topY - 3}L{X(0)} {BottomY - 3}L{X(rim)} {topY - 3}\"/>");
                if (sample.AnnulusG > 0.5)
                {
                    // Two short lines: one long one would run into the tip.
                    svg.Text(WidthPx - 2, BottomY - 12, "chart-tick", labels.Mass(sample.AnnulusG), "end");
                    svg.Text(WidthPx - 2, BottomY + 2, "chart-tick", "outside", "end");
                }

                return;
            }

            svg.Add($"<path class=\"cut-wall\" d=\"M{X(-rim)} {topY}V{BottomY}H{X(rim)}V{topY}\"/>");
            if (brewer.Family == BrewerFamily.FrenchPress)
            {
                svg.Add($"<path class=\"cut-wall\" d=\"M{X(rim)} {Y(0.85 * heightMm)}h{16 * pxPerMm}V{Y(0.25 * heightMm)}H{X(rim)}\"/>");
            }
            else if (brewer.Family == BrewerFamily.TubePress)
            {
                svg.Add($"<path class=\"cut-paper\" d=\"M{X(-rim)} {(state.Turned ? topY : BottomY) - 1}H{X(rim)}\"/>");
            }
        }

        private void DrawRimAndGauge()
        {
            var rim = HalfMm(heightMm);
            svg.Add($"<path class=\"cut-rim\" d=\"M{X(-rim) - 12} {topY}H{X(rim) + 12}\"/>");
            svg.Text(WidthPx - 2, topY - 14, "chart-strong", string.Create(CultureInfo.InvariantCulture, $"rim {brewer.CapacityMl:0} ml"), "end");
            var staffX = 34.0;
            svg.Add($"<path class=\"chart-axis\" d=\"M{staffX} {topY}V{BottomY}\"/>");
            var step = brewer.CapacityMl > 700 ? 200 : brewer.CapacityMl > 300 ? 100 : 50;
            var lastY = double.PositiveInfinity;
            for (var ml = step; ml < brewer.CapacityMl; ml += step)
            {
                var y = Y(MmOf(ml));
                svg.Add($"<path class=\"chart-axis\" d=\"M{staffX} {y}h7\"/>");
                if (lastY - y > 13)
                {
                    svg.Text(staffX - 4, y + 4, "chart-tick", ml.ToString(CultureInfo.InvariantCulture), "end");
                    lastY = y;
                }
            }
        }

        private void DrawServer()
        {
            var half = ServerMm / 2;
            var top = BottomY + (14 * pxPerMm);
            var bottom = top + (ServerDeepMm * pxPerMm);
            var drinkG = sample.CupWaterG + sample.CupSolidsG;
            var deepPx = drinkG * 1000 / (Math.PI * half * half) * pxPerMm;
            if (drinkG > 0.5)
            {
                svg.Add($"<rect class=\"chart-cup\" x=\"{X(-half)}\" y=\"{bottom - deepPx}\" width=\"{ServerMm * pxPerMm}\" height=\"{deepPx}\"/>");
            }

            if (sample.FlowGPerS > 0.02f)
            {
                svg.Add($"<rect class=\"chart-cup\" x=\"{X(-1.5)}\" y=\"{BottomY}\" width=\"{3 * pxPerMm}\" height=\"{bottom - deepPx - BottomY}\"/>");
            }

            svg.Add($"<path class=\"cut-wall\" d=\"M{X(-half)} {top}V{bottom}H{X(half)}V{top}\"/>");
            svg.Text(WidthPx - 2, bottom - 3, "chart-strong", labels.Mass(drinkG), "end");
        }

        private void DrawBulb()
        {
            var radius = BulbMm / 2 * pxPerMm;
            var centreY = BottomY + (10 * pxPerMm) + radius;
            var belowG = sample.CupWaterG + sample.CupSolidsG + (sample.ContactWaterG > 0 ? 12 : 0) + notRisenG;
            var fullG = brewer.CapacityMl;
            svg.Add($"<path class=\"cut-wall\" d=\"M{X(-4)} {BottomY}v{10 * pxPerMm}M{X(4)} {BottomY}v{10 * pxPerMm}\"/><circle class=\"cut-wall\" cx=\"{centreX}\" cy=\"{centreY}\" r=\"{radius}\"/>");
            // The height of a spherical segment with this share of the volume, by Newton's method.
            var share = Math.Clamp(belowG / fullG, 0, 1);
            var h = share;
            for (var i = 0; i < 20; i++)
            {
                h = Math.Clamp(h - (((3 * h * h) - (2 * h * h * h) - share) / Math.Max(0.05, 6 * h * (1 - h))), 0, 1);
            }

            if (share > 0.01)
            {
                var y = centreY + radius - (2 * radius * h);
                var half = Math.Sqrt(Math.Max(0, (radius * radius) - ((y - centreY) * (y - centreY))));
                svg.Add($"<path class=\"{(sample.CupSolidsG > 0.01f ? "chart-cup" : "cut-water")}\" d=\"M{centreX - half} {y}A{radius} {radius} 0 {(h > 0.5 ? 1 : 0)} 0 {centreX + half} {y}Z\"/>");
            }

            svg.Text(WidthPx - 2, centreY + 5, "chart-strong", labels.Mass(belowG), "end");
            if (state.Flame)
            {
                var foot = centreY + radius + (24 * pxPerMm);
                svg.Add($"<path class=\"cut-flame\" d=\"M{centreX} {foot - (20 * pxPerMm)}q{9 * pxPerMm} {12 * pxPerMm} 0 {20 * pxPerMm}q{-9 * pxPerMm} {-8 * pxPerMm} 0 {-20 * pxPerMm}Z\"/>");
                svg.Text(2, foot, "chart-tick", "flame on");
            }
        }

        private void DrawFittings()
        {
            var rim = HalfMm(heightMm);
            if (state.Lid)
            {
                svg.Add($"<rect class=\"cut-solid\" x=\"{X(-rim) - 3}\" y=\"{topY - 6}\" width=\"{(2 * rim * pxPerMm) + 6}\" height=\"5\"/>");
            }

            if (state.PlungerShare is { } share && brewer.Family is BrewerFamily.FrenchPress or BrewerFamily.TubePress)
            {
                var surface = MmOf(Math.Min(sample.VolumeMl, brewer.CapacityMl));
                var bed = MmOf(GroundsMlPerG * forecast.Recipe.Coffee.DoseG * 1.6);
                // A mesh moves through the drink; a tube's plunger pushes it and rests on it.
                var y = brewer.Family == BrewerFamily.TubePress ? Y(surface) : Y(Math.Max(bed, surface - (share * (surface - bed))));
                svg.Add($"<rect class=\"cut-solid\" x=\"{X(-rim) + 2}\" y=\"{y - 2}\" width=\"{(2 * rim * pxPerMm) - 4}\" height=\"4\"/><path class=\"cut-wall\" d=\"M{centreX} {y}V{topY - 14}M{centreX - 8} {topY - 14}h16\"/>");
            }

            if (cone)
            {
                svg.Add($"<path class=\"cut-solid\" d=\"M{X(-7)} {BottomY}H{X(7)}V{BottomY + 5}H{X(-7)}Z\"/>");
                svg.Text(2, BottomY + 12, "chart-tick", "valve");
                svg.Text(2, BottomY + 26, "chart-tick", state.Open ? "open" : "shut");
            }

            if (state.Turned)
            {
                svg.Text(2, BottomY + 12, "chart-tick", "turned over");
            }
        }
    }
}
