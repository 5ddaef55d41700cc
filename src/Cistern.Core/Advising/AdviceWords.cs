using System.Collections.Immutable;
using System.Globalization;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Core.Records;

namespace Cistern.Core.Advising;

/// <summary>Advice as a barista would say it. No grams and no degrees, which each reads in units of their own; % TDS and the clock are alike to all.</summary>
public static class AdviceWords
{
    /// <summary>Why a change: what was wrong, what it does, what should come of it.</summary>
    internal static string Why(AdvisedChange change, ImmutableArray<Complaint> complaints, ImmutableArray<Aim> aims)
    {
        // What it answers, or else what is wrong at all.
        var answered = complaints.Where(complaint => change.Answers.Contains(complaint)).ToList();
        var first = answered.Count > 0 ? answered[0] : complaints.FirstOrDefault((Complaint)(-1));
        var text = (int)first < 0 ? "" : $"{Wrong(first, change.Now, aims)} ";
        return text + Does(change) + Comes(change);
    }

    /// <summary>The verdict on a brew.</summary>
    internal static AdviceVerdict Verdict(BrewRecord brew, Forecast now, Forecast asBrewed, ImmutableArray<Aim> aims, ImmutableArray<Complaint> complaints)
    {
        var totals = asBrewed.Totals;
        var cup = CupJudgement.Of(totals);
        var tds = brew.Measured.TdsPercent;
        return new AdviceVerdict
        {
            Flow = Flow(brew, now, asBrewed, aims),
            Flowed = !complaints.Any(complaint => complaint is Complaint.DrainFast or Complaint.DrainSlow or Complaint.PressHard or Complaint.PressEasy or Complaint.Late or Complaint.Early or Complaint.FellBack),
            DrawnText = Text($"{cup.DrawnWords}: {100 * totals.Drawn:0} of 100 of what rest would give; {totals.ExtractionYieldPercent:0.0} % of the dose in the cup, {totals.DissolvedYieldPercent:0.0} % dissolved"),
            LeanText = Text($"{CupJudgement.WordOf(cup.Lean)}: {Signed(totals.Tilt)}{Said(brew.Tasting?.Mean(sip => sip.SharpHarsh), "sharp", "harsh")}"),
            BodyText = Text($"{(tds is null ? "" : "read ")}{tds ?? totals.FinalTdsPercent:0.00} % TDS{Against(tds ?? totals.FinalTdsPercent, aims)}{Said(brew.Tasting?.Mean(sip => sip.ThinHeavy), "thin", "heavy")}"),
            Cup = cup,
            Complaints = complaints,
        };
    }

    internal static string Disagreement(double said, Totals totals) =>
        Text($"You call it {(said > 0 ? "harsh" : "sharp")}; by what was measured it should be {CupJudgement.WordOf(CupJudgement.LeanOf(totals.Tilt))} ({Signed(totals.Tilt)}). Both are offered: the forecast's change first, then the palate's.");

    /// <summary>Whether two levers are what two schools would each reach for.</summary>
    internal static bool OtherSchool(Lever one, Lever other) => School(one) != School(other);

    internal static string Schools(AdvisedChange first, AdvisedChange second) =>
        $"Some would {Would(first)}, others {Would(second)}: by the forecast either should do.";

    /// <summary>What a lever is called, and which way: "grind finer".</summary>
    public static string Name(AdvisedChange change)
    {
        var up = change.To > change.From;
        return change.Lever switch
        {
            Lever.Grind => up ? "Grind coarser" : "Grind finer",
            Lever.Temperature => up ? "Brew hotter" : "Brew cooler",
            Lever.Dose => up ? "More coffee" : "Less coffee",
            Lever.Water => up ? "More water" : "Less water",
            Lever.Charge => up ? "Make more of it" : "Make less of it",
            Lever.Release => up ? "Hold longer" : "Release sooner",
            Lever.Turns => up ? "Stir more" : "Stir less",
            Lever.PressTime => up ? "Press more slowly" : "Press more quickly",
            Lever.LetDown => up ? "Let it down further" : "Let it down less",
            Lever.Flame => "Turn the flame up",
            Lever.Swirl => "Swirl once the water is in",
            Lever.Settle => "Let it settle longer",
            Lever.Rinse => "Rinse the filter hot",
            Lever.Preheat => "Warm the vessel first",
            Lever.DrawBack => "Draw the plunger back a little",
            _ => "The same again, as planned",
        };
    }

    private static string Would(AdvisedChange change) => Name(change) switch
    {
        "More coffee" => "take more coffee",
        "Less coffee" => "take less coffee",
        "More water" => "pour more water",
        "Less water" => "pour less water",
        var name => char.ToLowerInvariant(name[0]) + name[1..],
    };

    private static int School(Lever lever) => lever switch
    {
        Lever.Dose or Lever.Water or Lever.LetDown or Lever.Charge => 0,
        Lever.Grind => 1,
        Lever.Temperature => 2,
        Lever.Release => 3,
        Lever.Turns => 4,
        _ => 5,
    };

    private static string Wrong(Complaint complaint, Forecast now, ImmutableArray<Aim> aims) => complaint switch
    {
        Complaint.Sharp => "It is sharp.",
        Complaint.Harsh => "It is harsh.",
        Complaint.Weak => "It is weaker than it should be.",
        Complaint.Strong => "It is stronger than it should be.",
        Complaint.Hollow => "Little was drawn: it is hollow, whatever it leans to.",
        Complaint.Dry => "It leaves the mouth dry.",
        Complaint.Muddy => "It is muddy.",
        Complaint.Papery => "It tastes of paper.",
        Complaint.Flat => "It is flat.",
        Complaint.TooCool => "It comes too cool into the cup.",
        Complaint.DrainSlow => now.Totals.DrawdownS > ForecastModel.StallsAfterS ? "The drain stalls." : "It drained slower than it should.",
        Complaint.DrainFast => "It drained quicker than it should.",
        Complaint.PressHard => "The press was hard.",
        Complaint.PressEasy => "The press met too little.",
        Complaint.Late => aims.FirstOrDefault(aim => aim.Of == AimOf.Finish) is { } late ? $"It was to be done by {ClockTime.Text(late.AsSet.High)}." : "It took too long.",
        Complaint.Early => "It was done before it should be.",
        Complaint.FellBack => "The flame had too little to spare, so the water falls back when the coffee goes in.",
        Complaint.HighAndDry => "Grounds were left on the wall, where no water reached them.",
        Complaint.WeakRunoff => "The first of it ran out weak.",
        Complaint.RanOver => "The vessel runs over.",
        Complaint.ShortOfTheCup => "There was less in the cup than was wanted.",
        _ => "The coffee is old and gives less.",
    };

    private static string Does(AdvisedChange change)
    {
        var up = change.To > change.From;
        return change.Lever switch
        {
            Lever.Grind when up => "Coarser gives less and lets water through more easily",
            Lever.Grind => "Finer gives more, and holds the water longer",
            Lever.Temperature when up => "Hotter water draws more, of the bitter most",
            Lever.Temperature => "Cooler water draws less, of the bitter least",
            Lever.Dose when up => "More coffee to the same water is stronger and hardly leans otherwise",
            Lever.Dose => "Less coffee to the same water is weaker and draws each gram further",
            Lever.Water when up => "More water on the same coffee is weaker and more of it",
            Lever.Water => "Less water on the same coffee is stronger and less of it",
            Lever.Charge => "Coffee and water together keep the ratio",
            Lever.Release when up => "A longer hold draws more",
            Lever.Release => "A shorter hold draws less",
            Lever.Turns when up => "More turns wet and draw more",
            Lever.Turns => "Fewer turns draw less and clog less",
            Lever.PressTime when up => "Slower, the hand needs less force",
            Lever.PressTime => "Quicker, it is over sooner and needs more force",
            Lever.LetDown when up => "More water in the cup makes it weaker and leans it nowhere",
            Lever.LetDown => "Less water in the cup leaves it stronger and leans it nowhere",
            Lever.Flame => "A stronger flame keeps it up",
            Lever.Swirl => "A swirl brings them down into the water",
            Lever.Settle => "A minute more lets the fines sink before it is poured",
            Lever.Rinse => "Hot water takes the taste of the paper out, and warms the vessel",
            Lever.Preheat => "A warm vessel takes less of the heat",
            Lever.DrawBack => "Drawn back a little, nothing drips before the press",
            _ => "The plan should do; it was brewed otherwise",
        };
    }

    private static string Comes(AdvisedChange change)
    {
        var (from, to) = (change.Now.Totals, change.Then.Totals);
        var text = Text($": about {to.FinalTdsPercent:0.00} % TDS, {string.Join(" and ", CupJudgement.Of(to).Words)}");
        if (to.DrawdownS is { } drainS && from.DrawdownS is { } drainedS && Math.Abs(drainS - drainedS) >= 5)
        {
            text += $", draining in {ClockTime.Text(drainS)}";
        }
        else if (to.PressForceN is { } forceN && from.PressForceN is { } forcedN && Math.Abs(forceN - forcedN) >= 5)
        {
            text += forceN <= 60 ? ", an easy press" : forceN <= Aim.HardN ? ", a firm press" : ", still a hard press";
        }

        return text + ".";
    }

    private static string Flow(BrewRecord brew, Forecast now, Forecast asBrewed, ImmutableArray<Aim> aims)
    {
        var parts = new List<string>();
        if (brew.Measured.DrawdownS is { } drainedS)
        {
            var window = brew.Planned.Steps.OfType<Step.Drain>().LastOrDefault()?.Window;
            parts.Add(window is { } set ? $"drained in {ClockTime.Text(drainedS)}, meant {ClockTime.Text(set.Low)} to {ClockTime.Text(set.High)}"
                : $"drained in {ClockTime.Text(drainedS)}{(drainedS > ForecastModel.StallsAfterS ? ", which is stalling" : "")}");
        }

        if (asBrewed.Totals.PressForceN is { } forceN)
        {
            parts.Add(Text($"pressed {(brew.Measured.PressS is { } pressS ? $"in {ClockTime.Text(pressS)}, " : "")}{(brew.Measured.PressFelt is { } felt ? $"felt {Words<PressFelt>.Of(felt)}, " : "")}about {forceN:0} N"));
        }

        if (asBrewed.Totals.FlameMarginW is { } spareW)
        {
            parts.Add(spareW < 30 ? "the flame had too little to spare" : "the flame held");
        }

        parts.Add(aims.FirstOrDefault(aim => aim.Of == AimOf.Finish) is { } finish
            ? $"done at {ClockTime.Text(asBrewed.Totals.FinishS)}, meant {ClockTime.Text(finish.AsSet.Low)} to {ClockTime.Text(finish.AsSet.High)}"
            : $"done at {ClockTime.Text(asBrewed.Totals.FinishS)}, planned {ClockTime.Text(now.Totals.FinishS)}");
        return string.Join("; ", parts);
    }

    private static string Against(double tdsPercent, ImmutableArray<Aim> aims)
    {
        var wanted = aims.First(aim => aim.Of == AimOf.Strength).Range;
        var side = tdsPercent < wanted.Low ? "under" : tdsPercent > wanted.High ? "over" : "within";
        return Text($", {side} the {wanted.Low:0.00} to {wanted.High:0.00} % wanted");
    }

    private static string Said(double? said, string low, string high) =>
        said is { } points ? Text($"; called {(Math.Abs(points) is > 0 and < 2 ? "a little " : "")}{(points < 0 ? low : points > 0 ? high : $"neither {low} nor {high}")}{(points == 0 ? "" : " (" + Signed(points, "0.#") + ")")}") : "";

    private static string Signed(double value, string format = "0.00") => value.ToString("+" + format + ";−" + format + ";0", CultureInfo.InvariantCulture);

    private static string Text(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
