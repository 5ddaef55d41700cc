namespace Cistern.Core.Advising;

/// <summary>Advice in words. Without grams and degrees, which each barista reads in their own units; % TDS and times are the same for all.</summary>
public static class AdviceWords
{
    /// <summary>How many of the complaints that a change answers are named in its reason.</summary>
    public const int Named = 2;

    /// <summary>The reason for a change: what it answers, what it does, and what to expect.</summary>
    internal static string Why(AdvisedChange change, ImmutableArray<Complaint> stated, ImmutableArray<Aim> aims)
    {
        var answered = stated.Where(complaint => change.Answers.Contains(complaint)).ToList();
        var wrong = answered.Count > 0 ? Joined([.. answered.Take(Named).Select(one => Fault(one, change.Now, aims))])
            : aims.Where(aim => aim.Set).Select(aim => Missed(aim, change.Now)).OfType<string>().FirstOrDefault() ?? "";
        return $"{wrong} {Effect(change)}{(change.And is { } and ? $". No single change does both without harm: {Lower(Effect(Second(change, and)))}" : "")}{Cost(change)}".Trim();
    }

    /// <summary>Joins sentences: "It is sour, and it drained fast."</summary>
    private static string Joined(IReadOnlyList<string> sentences) => string.Join(", and ", sentences.Select((one, i) => (i > 0 ? Lower(one) : one).TrimEnd('.'))) + ".";

    /// <summary>The verdict on a brew.</summary>
    internal static AdviceVerdict Verdict(BrewRecord brew, Forecast now, Forecast asBrewed, BrewFigures told, ImmutableArray<Aim> aims, ImmutableArray<Complaint> stated, ImmutableArray<Complaint> explained, IReadOnlyList<AdvisedChange> changes, bool met)
    {
        var totals = told.AsBrewed;
        var cup = CupJudgement.Of(totals);
        var tds = brew.Measured.TdsPercent;
        var tasted = Advising.Complaints.IsTasted(brew);
        var liked = tasted && stated.IsEmpty && brew.Tasting?.Score >= Advising.Complaints.LikedScore;
        var side = brew.Tasting?.Mean(sip => sip.SourBitter);
        return new AdviceVerdict
        {
            Flow = Flow(brew, told, aims),
            Flowed = !stated.Any(Effects.IsFlow) && !stated.Any(one => one is Complaint.TooLate or Complaint.TooEarly or Complaint.FellBack),
            ExtractionText = Text($"{cup.ExtractionWords}: {totals.ExtractionYieldPercent:0.0} % of the dose in the cup, {totals.DissolvedYieldPercent:0.0} % dissolved"),
            // A cup that was tasted is described by the taster, not by the forecast.
            BalanceText = side is { } points ? $"tasted {CupJudgement.WordsOf(points)}; expected {CupJudgement.BalanceOf(totals.FlavourBalance)}" : $"expected {CupJudgement.BalanceOf(totals.FlavourBalance)}",
            BodyText = Text($"{(tds is null ? "expected " : "read ")}{tds ?? totals.FinalTdsPercent:0.00} % TDS{Against(tds ?? totals.FinalTdsPercent, aims)}{ScaleWord(brew.Tasting?.Mean(sip => sip.ThinHeavy), "thin", "heavy")}"),
            Cup = cup,
            Complaints = stated,
            Tasted = tasted,
            Liked = liked,
            Cause = explained.IsEmpty ? null : Cause(brew, now, asBrewed, explained),
            Disagreement = Parts(totals, stated, aims, changes),
            InShort = !tasted && stated.IsEmpty && changes.Count == 0 ? "Not tasted yet" : changes.Count == 0 && stated.IsEmpty ? "The same again" : changes.Count == 0 ? "No usual change helps without making something else worse" : met && stated.IsEmpty ? "The same again, or a little closer" : Name(changes[0]),
        };
    }

    /// <summary>The deviation, recorded or reported by the taster, and its effect on the cup.</summary>
    private static string Cause(BrewRecord brew, Forecast now, Forecast asBrewed, ImmutableArray<Complaint> explained)
    {
        var told = brew.Tasting?.WentWrong.Select(word => Recipes.Words<WentWrong>.Find(word)).OfType<WentWrong>().Select(Deviation).ToList() ?? [];
        var steepEnd = Acts.SteepEndIndex(now.Recipe);
        if (steepEnd >= 0 && steepEnd < asBrewed.Timings.Length && steepEnd < now.Timings.Length && asBrewed.Timings[steepEnd].StartS - now.Timings[steepEnd].StartS is var lateS && Math.Abs(lateS) >= 5)
        {
            told.Add($"the steep ended {ClockTime.Text(Math.Abs(lateS))} {(lateS > 0 ? "late" : "early")}");
        }

        if (brew.Brewed.WaterG - brew.Planned.WaterG is var overG && Math.Abs(overG) >= 3)
        {
            told.Add(Text($"{Math.Abs(overG):0} g {(overG > 0 ? "too much" : "too little")} water went in"));
        }

        if (brew.Brewed.Coffee.DoseG - brew.Planned.Coffee.DoseG is var doseG && Math.Abs(doseG) >= 0.3)
        {
            told.Add(Text($"{Math.Abs(doseG):0.0} g {(doseG > 0 ? "too much" : "too little")} coffee went in"));
        }

        if (brew.Brewed.Water.TemperatureC - brew.Planned.Water.TemperatureC is var offC && Math.Abs(offC) >= 1)
        {
            told.Add($"the water was too {(offC > 0 ? "hot" : "cool")}");
        }

        var what = told.Count > 0 ? string.Join(", and ", told.Take(2)) : "it was not brewed as planned";
        return $"{what.Capitalized()}: that explains why it was {string.Join(" and ", explained.Take(2).Select(NameOf))}. Brew it as planned before changing anything.";
    }

    /// <summary>Where taste and forecast, or taste and target, contradict each other: one sentence with both.</summary>
    private static string? Parts(Totals totals, ImmutableArray<Complaint> stated, ImmutableArray<Aim> aims, IReadOnlyList<AdvisedChange> changes)
    {
        var said = (stated.Contains(Complaint.Bitter) ? 1 : 0) - (stated.Contains(Complaint.Sour) ? 1 : 0);
        var by = CupJudgement.FlavourSideOf(totals.FlavourBalance);
        if (changes.Count > 0 && !aims.IsEmpty && stated.Any(one => Effects.IsAgainst(one, totals, changes[0].Then.Totals)))
        {
            return $"Your target and your taste ask for different things: first towards the target, then against {string.Join(" and ", stated.Take(2).Select(NameOf))}.";
        }

        return said != 0 && ((said > 0 && by is FlavourSide.Sour or FlavourSide.SourSide) || (said < 0 && by is FlavourSide.Bitter or FlavourSide.BitterSide))
            ? $"You call it {(said > 0 ? "bitter" : "sour")}; the forecast expects it {CupJudgement.BalanceOf(totals.FlavourBalance)}. The advice follows your taste."
            : null;
    }

    /// <summary>A complaint as it follows "it was".</summary>
    private static string NameOf(Complaint complaint) => complaint switch
    {
        Complaint.PressHard => "hard to press",
        Complaint.PressEasy => "too easy to press",
        Complaint.DrawdownSlow => "slow to draw down",
        Complaint.DrawdownFast => "fast to draw down",
        Complaint.HighAndDry => "left high and dry",
        Complaint.PastyWalls => "left as paste on the walls",
        Complaint.FellBack => "falling back",
        Complaint.WeakRunoff => "weak at first",
        _ => Recipes.Words<Complaint>.Of(complaint).Replace('-', ' '),
    };

    private static string Deviation(WentWrong deviation) => deviation switch
    {
        WentWrong.ReleasedLate => "the steep ended late",
        WentWrong.ReleasedEarly => "the steep ended early",
        WentWrong.LeftOnGrounds => "it was left on the grounds",
        WentWrong.LidForgotten => "the lid was forgotten",
        WentWrong.StirForgotten => "a stir was forgotten",
        WentWrong.ClockLate => "the clock was started late",
        WentWrong.PlungerStuck => "the plunger stuck",
        WentWrong.PouredOver => "too much water went in",
        WentWrong.PouredUnder => "too little water went in",
        WentWrong.DoseOver => "too much coffee went in",
        WentWrong.DoseUnder => "too little coffee went in",
        WentWrong.WaterCool => "the water was too cool",
        WentWrong.WaterHot => "the water was too hot",
    };

    /// <summary>A change as if its second setting were the only one, for its wording.</summary>
    public static AdvisedChange Second(AdvisedChange change, SecondChange and) => change with { Adjustment = and.Adjustment, From = and.From, To = and.To, And = null };

    private static string? Missed(Aim aim, Forecast now) => now.Totals.Of(aim.Outcome) is not { } value ? null : (aim.Of, value < aim.Range.Low, value > aim.Range.High) switch
    {
        (AimOf.Strength, true, _) => "It is weaker than the target.",
        (AimOf.Strength, _, true) => "It is stronger than the target.",
        (AimOf.FlavourSide, true, _) => "It is further to the sour side than the target.",
        (AimOf.FlavourSide, _, true) => "It is further to the bitter side than the target.",
        (AimOf.Yield, true, _) => "It was extracted less than the target.",
        (AimOf.Yield, _, true) => "It was extracted more than the target.",
        (AimOf.Finish, _, true) => $"It should have been done by {ClockTime.Text(aim.AsSet.High)}.",
        (AimOf.Finish, true, _) => "It was done too early.",
        (AimOf.Drain, _, true) => "The drawdown was slower than it should be.",
        (AimOf.Drain, true, _) => "The drawdown was faster than it should be.",
        (AimOf.Press, _, true) => "The press was hard.",
        (AimOf.Press, true, _) => "The press was too easy.",
        _ => null,
    };

    /// <summary>The name of a change with its direction: "Grind finer", or "Grind coarser, and brew hotter".</summary>
    public static string Name(AdvisedChange change) => change.And is { } and ? $"{NameOfOne(change)}, and {Lower(NameOfOne(Second(change, and)))}" : NameOfOne(change);

    private static string Lower(string text) => char.ToLowerInvariant(text[0]) + text[1..];

    private static string NameOfOne(AdvisedChange change)
    {
        var up = change.To > change.From;
        return change.Adjustment switch
        {
            Adjustment.Grind => up ? "Grind coarser" : "Grind finer",
            Adjustment.Temperature => up ? "Brew hotter" : "Brew cooler",
            Adjustment.Dose => up ? "More coffee" : "Less coffee",
            Adjustment.Water => up ? "More water" : "Less water",
            Adjustment.Batch => up ? "Make more of it" : "Make less of it",
            Adjustment.Release => up ? "Steep longer" : "Steep shorter",
            Adjustment.Turns => up ? "Stir more" : "Stir less",
            Adjustment.PressTime => up ? "Press more slowly" : "Press more quickly",
            Adjustment.Dilution => up ? "Dilute it" : "Dilute it less",
            Adjustment.Flame => "Turn the flame up",
            Adjustment.Swirl => change.Recipe.Brewer.Family == BrewerFamily.Siphon ? "Stir along the wall" : "Swirl once the water is in",
            Adjustment.Settle => "Let it settle longer",
            Adjustment.Rinse => "Rinse the filter hot",
            Adjustment.Preheat => "Warm the brewer first",
            Adjustment.DrawBack => "Draw the plunger back a little",
            Adjustment.Filter => "Use a denser paper",
            Adjustment.Wrap => "Wrap a cloth round the brewer",
            Adjustment.Stand => "Let it stand before you drink",
            Adjustment.AsPlanned => "The same again, as planned",
        };
    }

    private static string Fault(Complaint complaint, Forecast now, ImmutableArray<Aim> aims) => complaint switch
    {
        Complaint.Sour => "It is sour.",
        Complaint.Bitter => "It is bitter.",
        Complaint.Thin => "It is thin.",
        Complaint.Heavy => "It is heavy.",
        Complaint.Weak => "It is too weak.",
        Complaint.Strong => "It is too strong.",
        Complaint.Hollow => "It is hollow.",
        Complaint.Astringent => "It leaves the mouth dry.",
        Complaint.Stalled => "The drawdown stalled.",
        Complaint.PastyWalls => "Grounds stuck to the walls.",
        Complaint.Muddy => "It is muddy.",
        Complaint.Papery => "It tastes of paper.",
        Complaint.Flat => "It is flat.",
        Complaint.TooCool => "It is too cool in the cup.",
        Complaint.DrawdownSlow => "The drawdown was slow.",
        Complaint.DrawdownFast => "The drawdown was fast.",
        Complaint.PressHard => "The press was hard.",
        Complaint.PressEasy => "The press was too easy.",
        Complaint.TooLate => aims.FirstOrDefault(aim => aim.Of == AimOf.Finish) is { } late ? $"It should have been done by {ClockTime.Text(late.AsSet.High)}." : "It took too long.",
        Complaint.TooEarly => "It was done too early.",
        Complaint.FellBack => "The flame was too weak, so the water falls back when the coffee goes in.",
        Complaint.HighAndDry => "Grounds were left on the wall, where no water reached them.",
        Complaint.WeakRunoff => "The first of it was weak.",
        Complaint.TooLittle => "There was too little in the cup.",
    };

    private static string Effect(AdvisedChange change)
    {
        var up = change.To > change.From;
        return change.Adjustment switch
        {
            Adjustment.Grind when up => "Coarser extracts less and drains more easily",
            Adjustment.Grind => "Finer extracts more and drains more slowly",
            Adjustment.Temperature when up => "Hotter water extracts more, bitter substances most",
            Adjustment.Temperature => "Cooler water extracts less, bitter substances least",
            Adjustment.Dose when up => "More coffee with the same water is stronger",
            Adjustment.Dose => "Less coffee with the same water is weaker",
            Adjustment.Water when up => "More water on the same coffee is weaker and more of it",
            Adjustment.Water => "Less water on the same coffee is stronger and less of it",
            Adjustment.Batch => "Coffee and water together keep the ratio",
            Adjustment.Release when up => "A longer steep extracts more",
            Adjustment.Release => "A shorter steep extracts less",
            Adjustment.Turns when up => "More turns wet better and extract more",
            Adjustment.Turns => "Fewer turns extract less and clog less",
            Adjustment.PressTime when up => "Pressing more slowly needs less force",
            Adjustment.PressTime => "Pressing faster needs more force",
            Adjustment.Dilution when up => "Water in the cup makes it weaker and changes nothing else",
            Adjustment.Dilution => "Less water in the cup leaves it stronger and changes nothing else",
            Adjustment.Flame => "A stronger flame keeps the water up",
            Adjustment.Swirl => change.Recipe.Brewer.Family == BrewerFamily.Siphon ? "Along the wall, the same stir brings them down into the water" : "A swirl brings them down into the water",
            Adjustment.Settle => "A minute more lets the fines sink before it is poured",
            Adjustment.Rinse => "Hot water rinses out the taste of paper, and warms the brewer",
            Adjustment.Preheat => "A warm brewer takes less heat",
            Adjustment.DrawBack => "Drawn back a little, nothing drips before the press",
            Adjustment.Filter => "A denser paper holds back more of the fines, and lets water through more slowly",
            Adjustment.Wrap => "A wrapped brewer loses a third less heat",
            Adjustment.Stand => "In a minute the mud sinks in the cup; leave the last sip",
            _ => "The plan should be right, but it was not followed",
        };
    }

    private static string Cost(AdvisedChange change)
    {
        var (from, to) = (change.Now.Totals, change.Then.Totals);
        var text = Text($". Expect {Stronger(to.FinalTdsPercent - from.FinalTdsPercent)}, {to.FinalTdsPercent:0.00} % TDS, {string.Join(" and ", CupJudgement.Of(to).Words)}");
        if (to.DrawdownS is { } drainS && from.DrawdownS is { } drainedS && Math.Abs(drainS - drainedS) >= 5)
        {
            text += Text($", and a drawdown about {Math.Abs(drainS - drainedS):0} s {(drainS > drainedS ? "longer" : "shorter")}");
        }
        else if (to.PressForceN is { } forceN && from.PressForceN is { } forcedN && Math.Abs(forceN - forcedN) >= 5)
        {
            text += forceN <= 60 ? ", an easy press" : forceN <= Aim.HardN ? ", a firm press" : ", still a hard press";
        }

        return text + ".";
    }

    /// <summary>A difference in strength in words, % TDS: under two hundredths nobody notices, a tenth everybody tastes.</summary>
    private static string Stronger(double byPercent) => Math.Abs(byPercent) < 0.02 ? "it as strong as now" : $"it {(Math.Abs(byPercent) < 0.1 ? "a little " : "")}{(byPercent > 0 ? "stronger" : "weaker")}";

    private static string Flow(BrewRecord brew, BrewFigures told, ImmutableArray<Aim> aims)
    {
        var totals = told.AsBrewed;
        var parts = new List<string>();
        if (brew.Measured.DrawdownS is { } drainedS)
        {
            var window = brew.Planned.Steps.OfType<Step.Drain>().LastOrDefault()?.Window;
            parts.Add(window is { } set ? $"drawdown {ClockTime.Text(drainedS)}, expected {ClockTime.Text(set.Low)} to {ClockTime.Text(set.High)}"
                : $"drawdown {ClockTime.Text(drainedS)}{(drainedS > ForecastModel.StallsAfterS ? ": stalled" : "")}");
        }

        if (totals.PressForceN is { } forceN)
        {
            parts.Add(Text($"pressed {(brew.Measured.PressS is { } pressS ? $"in {ClockTime.Text(pressS)}, " : "")}{(brew.Measured.PressFelt is { } felt ? $"felt {Words<PressFelt>.Of(felt)}, " : "")}about {forceN:0} N"));
        }

        if (totals.FlameMarginW is { } spareW)
        {
            parts.Add(spareW < 30 ? "the flame was too weak" : "the flame held");
        }

        parts.Add(aims.FirstOrDefault(aim => aim.Of == AimOf.Finish) is { } finish
            ? $"done at {ClockTime.Text(totals.FinishS)}, meant {ClockTime.Text(finish.AsSet.Low)} to {ClockTime.Text(finish.AsSet.High)}"
            : $"done at {ClockTime.Text(totals.FinishS)}, planned {ClockTime.Text(told.Planned.FinishS)}");
        return string.Join("; ", parts);
    }

    private static string Against(double tdsPercent, ImmutableArray<Aim> aims)
    {
        if (aims.FirstOrDefault(aim => aim is { Of: AimOf.Strength, Set: true })?.Range is not { } wanted)
        {
            return "";
        }

        var side = tdsPercent < wanted.Low ? "under" : tdsPercent > wanted.High ? "over" : "within";
        return Text($", {side} the {wanted.Low:0.00} to {wanted.High:0.00} % of the target");
    }

    private static string ScaleWord(double? said, string low, string high) =>
        said is { } points ? Text($"; called {(Math.Abs(points) is > 0 and < 2 ? "a little " : "")}{(points < 0 ? low : points > 0 ? high : $"neither {low} nor {high}")}{(points == 0 ? "" : " (" + Signed(points, "0.#") + ")")}") : "";

    private static string Signed(double value, string format = "0.00") => value.ToString("+" + format + ";−" + format + ";0", CultureInfo.InvariantCulture);

    private static string Text(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
