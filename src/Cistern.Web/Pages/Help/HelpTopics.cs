namespace Cistern.Web.Pages.Help;

/// <summary>A question and its answer.</summary>
/// <param name="Id">Its anchor on the page.</param>
/// <param name="Title">The question, in brief.</param>
/// <param name="Lines">The answer, one item per line, in the order in which it is done.</param>
/// <param name="Svg">A drawing by the application's own code, or null.</param>
public sealed record HelpTopic(string Id, string Title, IReadOnlyList<string> Lines, string? Svg = null);

/// <summary>The help topics. Their drawings are made by the code that draws the pages.</summary>
public static class HelpTopics
{
    private static readonly Lazy<IReadOnlyList<HelpTopic>> Cached = new(Make);

    /// <summary>All topics, in the order a beginner needs them.</summary>
    public static IReadOnlyList<HelpTopic> All => Cached.Value;

    private static List<HelpTopic> Make()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
        var totals = forecast.Totals;
        MapArrow[] arrows = [.. Sensitivities.Of(forecast, 26).Where(one => one.Setting is Setting.DoseG or Setting.MedianUm or Setting.SteepEndS).Select(one => new MapArrow(one.ExtractionYieldPercent, one.TdsPercent, ""))];
        return
        [
            new("dialling-in", "Dialling in: from a bad cup to a good one",
            [
                "Brew a recipe as it is, and taste it at about 60 °C.",
                "Say one thing: sour, bitter, weak, strong, or good.",
                "What next names one change, the smallest that should help. Make it the next brew.",
                "Change nothing else: after two changes you do not know which one helped.",
                "Sour means too little was extracted: grind finer, hotter water, or a longer steep. Bitter means too much.",
                "Weak or strong is the ratio: more coffee, or less.",
            ]),
            new("chart", "Reading the brew chart",
            [
                "Time runs to the right. The upper shape is what is in the brewer, the lower what is in the cup, both to one scale.",
                "The darker it is, the stronger.",
                "The line across it is the temperature.",
                "The marks above show the steps; the colours behind them are filling, steeping and the finish.",
                "Dotted is the plan, filled is what was done.",
            ], BrewChart.Draw(forecast, new BrewChartOptions(560) { WithSteps = false, LanesPx = 150, IdPrefix = "help-chart" })),
            new("strength", "What strength and extraction are",
            [
                "Strength is how much of the drink is coffee, in % TDS: 1.2 to 1.5 is usual, 2 and more is for milk or ice.",
                "Extraction is how much of the coffee went into the drink, in %.",
                "Little extraction tastes sour, much tastes bitter. Little strength tastes thin, much tastes heavy.",
                "Along a dotted line the ratio is the same: finer, hotter or longer moves along it.",
                "More coffee moves to another line: stronger, and a little less extracted.",
            ], StrengthMap.Draw([new MapMark(MapPoint.Plan, totals.ExtractionYieldPercent, totals.FinalTdsPercent, "a plan")], arrows, null, 440, 280, totals.KeptGPerG(Scaling.BatchOf(forecast.Recipe)))),
            new("grind", "Grinding without numbers",
            [
                "Rub the grounds between two fingers and compare them with what is in the kitchen.",
                .. ((double[])[450, 700, 950, 1_200]).Select(um => string.Create(CultureInfo.InvariantCulture, $"{GrainWords.Describe(um)}: about {um:0} µm.")),
                "Any of these words can be typed where a plan asks for the grind.",
                "Where a grinder has numbers but no table, say what your usual setting looks like: the Shelf makes a table of it.",
            ]),
            new("picture", "Measuring a grind in a picture",
            [
                "Print the scale card (Shelf, Measure a grind) once on plain white paper, at its true size.",
                "Strew a third of a teaspoon on its white field. Tap the sheet until hardly two grains touch.",
                "Take the whole card from straight above, in focus and in even light.",
                "It shows the median grain size, or why it cannot and what to do.",
                "Saved with a grinder's setting, it corrects that grinder's whole scale.",
            ]),
            new("tasting", "Tasting",
            [
                "Above 65 °C it scalds and tastes of little. Wait until about 60 °C.",
                "Taste it hot, warm and cool: what is wrong shows as it cools.",
                "Sour is felt at the sides of the tongue, bitter at the back; dry feels like strong tea.",
                "One touch is enough. A score and a note help you find the cup again.",
            ]),
            new("log", "The log",
            [
                "Every brew is saved: what was planned, what was done, and how it tasted.",
                "Type any word to find it: a coffee, a brewer, sour, iced.",
                "Tick two and compare them: only what differs is shown.",
                "Brew it again opens the same plan with the coffee at today's age.",
            ]),
            new("phones", "Phones and tablets",
            [
                "Start it with ./cistern house, and open Devices.",
                "Show a code there, and type it on the phone.",
                "Presses made without network are stored on the phone and sent when it is back.",
                "On the phone, add the page to the home screen: it opens like an application.",
            ]),
            new("copies", "Copies of your data",
            [
                "All data is in one file. A copy is made every day beside it.",
                "./cistern backup FILE makes one more, at any time; ./cistern restore FILE puts one back.",
                "Files, in the log, exports and imports brews, one or all of them.",
            ]),
            new("instruments", "Scales and other instruments",
            [
                "A scale that is read by a small program of yours can send its weight to the running brew.",
                "Then pours, the drawdown and the end are noticed, and nothing has to be pressed.",
                "Without one, rehearse on the simulated instruments: Instruments, under a running brew.",
            ]),
        ];
    }
}
