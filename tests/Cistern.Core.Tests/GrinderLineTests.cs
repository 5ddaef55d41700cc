using Cistern.Drawing;

namespace Cistern.Core.Tests;

/// <summary>A grind measured from pictures: its line on the grinder, its texts, the brew it belongs to, its drawings.</summary>
public sealed class GrinderLineTests
{
    private static double At(GrinderLine line, double setting) => line.UmAtZero + (line.UmPerSetting * setting);

    [Fact]
    public void A_line_goes_through_what_was_measured_and_keeps_its_slope_where_one_setting_was()
    {
        var one = new GrinderLine(100, 25, estimated: false, [new(20, 700, 20)]);
        Assert.InRange(At(one, 20), 690, 700);
        Assert.Equal(25, one.UmPerSetting, 1e-9);
        var two = new GrinderLine(100, 25, estimated: true, [new(10, 400, 15), new(40, 1_240, 40)]);
        Assert.InRange(At(two, 10), 395, 410);
        Assert.InRange(At(two, 40), 1_205, 1_245);
        Assert.InRange(two.UmPerSetting, 26.5, 28.2);
        // A more precise measurement counts for more.
        var unlike = new GrinderLine(100, 25, estimated: false, [new(20, 600, 5), new(20, 700, 80)]);
        Assert.InRange(At(unlike, 20), 595, 630);
    }

    [Fact]
    public void A_line_is_surest_where_it_was_measured_and_surer_the_more_was()
    {
        var one = new GrinderLine(100, 25, estimated: true, [new(20, 600, 20)]);
        Assert.True(one.HalfWidthUm(20) < one.HalfWidthUm(30) && one.HalfWidthUm(30) < one.HalfWidthUm(40));
        var two = new GrinderLine(100, 25, estimated: true, [new(20, 600, 20), new(40, 1_100, 20)]);
        Assert.True(two.HalfWidthUm(40) < one.HalfWidthUm(40));
        Assert.InRange(one.HalfWidthUm(20), 15, 40);
        Assert.Throws<ArgumentException>(() => new GrinderLine(100, 25, estimated: false, []));
    }

    [Fact]
    public void A_grinder_gets_coarser_whatever_was_measured() =>
        Assert.True(new GrinderLine(100, 25, estimated: true, [new(10, 900, 5), new(30, 400, 5)]).UmPerSetting >= 2.5);

    [Theory]
    [InlineData("18 = 624 ± 20, 1240 grains, spread 0.41", 18, 624, 20, 1240, 0.41)]
    [InlineData("7.5=510 µm ± 12", 7.5, 510, 12, null, null)]
    [InlineData("12 = 700", 12, 700, 56, null, null)]
    public void A_line_of_text_is_read_and_written_again(string text, double setting, double median, double half, int? grains, double? spread)
    {
        var read = MeasuredGrind.Read(text, 0, 60);
        Assert.Equal(new MeasuredGrind(setting, median, half, grains, spread), read);
        Assert.Equal(read, MeasuredGrind.Read(read!.Write(), 0, 60));
    }

    [Theory]
    [InlineData("624")]
    [InlineData("90 = 624")]
    [InlineData("18 = coarse")]
    [InlineData("18 = 624 ± much")]
    [InlineData("18 = 624, 5 beans")]
    public void Text_that_is_no_line_gives_none(string text) => Assert.Null(MeasuredGrind.Read(text, 0, 60));

    [Fact]
    public void A_brew_is_shown_with_the_grind_that_was_measured_for_it()
    {
        var recipe = RecipeLibrary.Find("fp-slow-eight")!;
        var plan = ForecastModel.Published.Run(recipe);
        var run = BrewRun.Replay(ConductPlan.Of(plan), [], 0);
        var finer = AsBrewed.Of(recipe, run, Actuals.None with { MedianUm = recipe.Grind.MedianUm - 200 });
        Assert.Equal(recipe.Grind with { MedianUm = recipe.Grind.MedianUm - 200, Measured = true }, finer.Grind);
        // What was learned about a grinder's table belongs to that table only, in a file too.
        var learned = ForecastModel.Published with { Parameters = ForecastModel.Published.Parameters with { GrindOffsetUm = 90 } };
        var told = RecipeReader.Read(RecipeWriter.Write(finer)).Recipes.Single();
        Assert.Equal(ForecastModel.Published.Figures(finer).Totals.ExtractionYieldPercent, learned.Figures(told).Totals.ExtractionYieldPercent);
        Assert.NotEqual(plan.Totals.ExtractionYieldPercent, learned.Figures(recipe).Totals.ExtractionYieldPercent);
        Assert.True(ForecastModel.Published.Run(finer).Totals.ExtractionYieldPercent > plan.Totals.ExtractionYieldPercent + 0.3);
        Assert.Equal(recipe.Grind, AsBrewed.Of(recipe, run, Actuals.None).Grind);
    }

    [Fact]
    public void The_card_is_drawn_at_its_true_size_and_nothing_lies_on_a_marker_or_on_the_field()
    {
        var card = System.Xml.Linq.XDocument.Parse(ScaleCardPicture.Draw()).Root!;
        Assert.Equal(("210mm", "148mm", "0 0 210 148"), ((string)card.Attribute("width")!, (string)card.Attribute("height")!, (string)card.Attribute("viewBox")!));
        double Of(System.Xml.Linq.XElement element, string name) => double.Parse((string)element.Attribute(name)!, System.Globalization.CultureInfo.InvariantCulture);
        var markers = card.Elements().Where(element => element.Name.LocalName == "rect" && (string?)element.Attribute("fill") == "#000").ToList();
        Assert.Equal(4, markers.Count);
        var centres = markers.Select(marker => (X: Of(marker, "x") + 6, Y: Of(marker, "y") + 6)).ToList();
        Assert.Equal((110, 80), (centres[1].X - centres[0].X, centres[2].Y - centres[1].Y));
        Assert.All(markers, marker => Assert.Equal((12, 12), (Of(marker, "width"), Of(marker, "height"))));
        // Labels are above the upper markers or below the lower ones.
        Assert.All(card.Elements().Where(element => element.Name.LocalName == "text"), text => Assert.True(Of(text, "y") < centres[0].Y - 6 || Of(text, "y") > centres[2].Y + 8));
    }

    [Fact]
    public void A_grinders_line_is_drawn_through_its_points()
    {
        var scale = new GrinderScale(0, 40, 1, 100, 25, 0.4);
        var drawn = System.Xml.Linq.XDocument.Parse(GrinderLinePicture.Draw(scale, _ => 50, [new(20, 600, 30)], "clicks")).Root!;
        double Of(System.Xml.Linq.XElement element, string name) => double.Parse((string)element.Attribute(name)!, System.Globalization.CultureInfo.InvariantCulture);
        var point = drawn.Elements().Single(element => (string?)element.Attribute("class") == "line-point");
        // 600 µm on a scale to 1,200 is half its height.
        Assert.InRange(Of(point, "cy"), 116.9, 117.1);
        Assert.InRange(Of(point, "cx"), 92, 480);
        Assert.Contains(drawn.Elements(), element => (string?)element.Attribute("class") == "line-band");
    }

    [Fact]
    public void Outlines_are_drawn_to_the_scale_of_the_field()
    {
        var drawn = System.Xml.Linq.XDocument.Parse(GrainOutlines.Draw([[10, 10, 10.5f, 10, 11, 10, 11, 10.5f, 11, 11, 10.5f, 11, 10, 11, 10, 10.5f]])).Root!;
        Assert.Equal("0 0 4500 3000", (string)drawn.Attribute("viewBox")!);
        Assert.Contains("M500 500l50 0 0 50 -50 0z", drawn.ToString(), StringComparison.Ordinal);
        var shares = System.Xml.Linq.XDocument.Parse(GrainOutlines.Shares([400, 400, 400, 400, 400, 400, 400, 400, 800])).Root!;
        var bars = shares.Elements().Where(element => (string?)element.Attribute("class") == "grain-bar" && (string)element.Attribute("height")! != "0").ToList();
        // One grain of twice the diameter has the volume of eight.
        Assert.Equal(2, bars.Count);
        Assert.Equal((string)bars[0].Attribute("height")!, (string)bars[1].Attribute("height")!);
    }
}
