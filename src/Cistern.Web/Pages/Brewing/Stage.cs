using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Web.Wording;

namespace Cistern.Web.Pages.Brewing;

/// <summary>What the brew screen says at one moment. The page's script says the same when it goes on by itself.</summary>
/// <param name="Verb">The one thing to do.</param>
/// <param name="Target">How far.</param>
/// <param name="Caution">What can hurt, or null.</param>
/// <param name="Countdown">Seconds left, or how late it is.</param>
/// <param name="Late">Whether it is late.</param>
/// <param name="Then">The next thing, small.</param>
/// <param name="Button">What a press says.</param>
public sealed record Stage(string Verb, string Target, string? Caution, string Countdown, bool Late, string Then, string Button)
{
    /// <summary>Under a minute the countdown is bare seconds; over it, minutes and seconds need no unit.</summary>
    public string CountdownUnit => Countdown.Length == 0 || Countdown.Contains(':', StringComparison.Ordinal) ? "" : "s";

    /// <summary>The stage of a brew at a moment.</summary>
    public static Stage Of(Forecast plan, BrewRun run, double elapsedS, Show show)
    {
        var recipe = plan.Recipe;
        if (run.Present is not { } present)
        {
            return new Stage("Done", "Taste it when it is cool enough", null, "", Late: false, "", "Taste");
        }

        if (!run.ClockRuns)
        {
            var anchor = RecipeChecker.AnchorIndex(recipe);
            var first = StepWording.Of(recipe, anchor, show);
            return new Stage("Make ready", StepWording.ClockStart(recipe.ClockStarts), first.Caution, "", Late: false, $"{first.Verb} {first.Target}", "Start");
        }

        var words = StepWording.Of(recipe, present.Index, show);
        if (elapsedS < present.StartS - 0.05)
        {
            return new Stage("Hold", $"until {Show.Clock(present.StartS)}", words.Caution, Left(present.StartS - elapsedS), Late: false,
                $"at {Show.Clock(present.StartS)} {words.Verb} {words.Target}", "Done early");
        }

        var leftS = present.EndS - elapsedS;
        var then = run.Next is { } next ? StepWording.Of(recipe, next.Index, show) : null;
        return new Stage(words.Verb, words.Target, words.Caution, leftS >= 0 ? Left(leftS) : $"+{Left(-leftS)}", leftS < -1,
            then is null ? "the last step" : $"then, at {Show.Clock(run.Next!.Value.StartS)}, {then.Verb} {then.Target}", "Done");
    }

    private static string Left(double seconds) => seconds < 60 ? Show.Number(Math.Ceiling(seconds), 0) : Show.Clock(Math.Ceiling(seconds));
}
