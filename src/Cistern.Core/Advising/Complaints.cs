using System.Collections.Immutable;
using Cistern.Core.Forecasts;
using Cistern.Core.Records;

namespace Cistern.Core.Advising;

/// <summary>What was found wrong with a brew: what flowed speaks first, then what was tasted and seen.</summary>
internal static class Complaints
{
    /// <summary>Said on a scale of −5 to 5, this much is a complaint. Judged.</summary>
    private const double Much = 2;

    /// <summary>Said on a scale of 0 to 5, this much dryness is one. Judged.</summary>
    private const double Dry = 3;

    /// <summary>And so little clarity. Judged.</summary>
    private const double Unclear = 1;

    /// <summary>Coffee this long after roasting is old, days. Judged.</summary>
    private const double OldDays = 45;

    /// <summary>A drink under this when it is done is too cool to begin with, °C. Judged.</summary>
    private const double CoolC = 58;

    /// <summary>This much less than was wanted in the cup is short of it. Judged.</summary>
    private const double ShortShare = 0.06;

    /// <summary>Words by which baristas complain; a word counts where it is not denied.</summary>
    private static readonly (string Word, Complaint Complaint)[] Words =
    [
        ("paper", Complaint.Papery), ("cardboard", Complaint.Papery),
        ("mud", Complaint.Muddy), ("silty", Complaint.Muddy), ("sludg", Complaint.Muddy), ("gritty", Complaint.Muddy),
        ("flat", Complaint.Flat), ("dull", Complaint.Flat), ("stale", Complaint.Flat), ("lifeless", Complaint.Flat),
        ("too cool", Complaint.TooCool), ("too cold", Complaint.TooCool), ("lukewarm", Complaint.TooCool),
        ("hollow", Complaint.Hollow), ("watery first", Complaint.WeakRunoff), ("weak first", Complaint.WeakRunoff), ("dripped early", Complaint.WeakRunoff),
        ("fell back", Complaint.FellBack), ("high and dry", Complaint.HighAndDry),
        ("drying", Complaint.Dry), ("astringent", Complaint.Dry),
    ];

    /// <summary>All complaints of a brew, what counts most first.</summary>
    public static ImmutableArray<Complaint> Of(BrewRecord brew, Forecast asBrewed, ImmutableArray<Aim> aims, AdviceGear gear)
    {
        var found = new List<Complaint>();
        OfFlow(brew, asBrewed, aims, found);
        var tasting = brew.Tasting;
        var cup = CupJudgement.Of(asBrewed.Totals);
        Note(cup.Drawn == Drawn.Under, Complaint.Hollow);
        // What lies outside what was wanted speaks; where nothing does, whoever tasted it.
        var lean = Off(AimOf.Lean) is not 0 and var leans ? leans : Side(tasting?.Mean(sip => sip.SharpHarsh));
        Note(lean > 0, Complaint.Harsh);
        Note(lean < 0, Complaint.Sharp);
        var body = Off(AimOf.Strength) is not 0 and var strength ? strength : Off(AimOf.Yield) is not 0 and var yield ? yield : Side(tasting?.Mean(sip => sip.ThinHeavy));
        Note(body < 0, Complaint.Weak);
        Note(body > 0, Complaint.Strong);
        Note(Above(tasting?.Mean(sip => sip.Dry), Dry), Complaint.Dry);
        Note(tasting?.Bed == BedLook.Mud || tasting?.Mean(sip => sip.Clear) is <= Unclear, Complaint.Muddy);
        Note(tasting?.Bed is BedLook.HighAndDry or BedLook.PastyWalls, Complaint.HighAndDry);
        foreach (var (word, complaint) in Words.Where(pair => Says(tasting?.Words, pair.Word)))
        {
            Note(true, complaint);
        }

        Note(gear.CupG is { } cupG && (brew.Measured.BeverageG ?? asBrewed.Totals.FinalG) < (1 - ShortShare) * cupG, Complaint.ShortOfTheCup);
        Note(asBrewed.Totals.ChilledC is null && asBrewed.Totals.FinalC < CoolC, Complaint.TooCool);
        Note(brew.Planned.Coffee.RestDays > OldDays, Complaint.OldCoffee);
        return [.. found.Distinct()];

        int Off(AimOf of) => aims.FirstOrDefault(aim => aim.Of == of) is { } aim && asBrewed.Totals.Of(aim.Outcome) is { } value ? value < aim.Range.Low ? -1 : value > aim.Range.High ? 1 : 0 : 0;

        void Note(bool so, Complaint complaint)
        {
            if (so)
            {
                found.Add(complaint);
            }
        }
    }

    /// <summary>Whether moving a lever up, or down, answers a complaint.</summary>
    public static bool Answers(Complaint complaint, Lever lever, bool up) => (complaint, lever, up) switch
    {
        (Complaint.Sharp or Complaint.Hollow or Complaint.Flat or Complaint.OldCoffee, Lever.Grind, false) => true,
        (Complaint.Sharp or Complaint.Hollow or Complaint.Flat or Complaint.OldCoffee, Lever.Temperature or Lever.Release or Lever.Turns, true) => true,
        (Complaint.Harsh or Complaint.Dry, Lever.Grind, true) => true,
        (Complaint.Harsh or Complaint.Dry, Lever.Temperature or Lever.Release or Lever.Turns, false) => true,
        (Complaint.Weak, Lever.Dose, true) or (Complaint.Weak, Lever.Water or Lever.Grind or Lever.LetDown, false) or (Complaint.Weak, Lever.Release or Lever.Temperature or Lever.Turns, true) => true,
        (Complaint.Strong, Lever.Dose, false) or (Complaint.Strong, Lever.Water or Lever.Grind or Lever.LetDown, true) or (Complaint.Strong, Lever.Release or Lever.Temperature or Lever.Turns, false) => true,
        (Complaint.DrainSlow or Complaint.PressHard or Complaint.Late, Lever.Grind, true) => true,
        (Complaint.DrainSlow, Lever.Turns or Lever.Dose, false) => true,
        (Complaint.PressHard, Lever.PressTime, true) or (Complaint.PressHard, Lever.Dose, false) => true,
        (Complaint.DrainFast or Complaint.PressEasy or Complaint.Early, Lever.Grind, false) => true,
        (Complaint.Late, Lever.Release, false) or (Complaint.Early, Lever.Release, true) => true,
        (Complaint.Muddy, Lever.Grind, true) => true,
        (Complaint.TooCool, Lever.Temperature, true) or (Complaint.TooCool, Lever.Release, false) => true,
        (Complaint.HighAndDry, Lever.Turns, true) => true,
        (Complaint.WeakRunoff, Lever.Grind, false) => true,
        _ => false,
    };

    private static void OfFlow(BrewRecord brew, Forecast asBrewed, ImmutableArray<Aim> aims, List<Complaint> found)
    {
        var measured = brew.Measured;
        if (asBrewed.Totals.PeakVolumeMl > brew.Brewed.RoomMl)
        {
            found.Add(Complaint.RanOver);
        }

        if (asBrewed.Totals.FlameMarginW is < 30)
        {
            found.Add(Complaint.FellBack);
        }

        foreach (var aim in aims.Where(aim => aim.OfFlow))
        {
            var value = (aim.Of == AimOf.Drain ? measured.DrawdownS : null) ?? asBrewed.Totals.Of(aim.Outcome) ?? aim.Range.Low;
            Complaint? complaint = (aim.Of, value < aim.Range.Low, value > aim.Range.High) switch
            {
                (AimOf.Drain, true, _) => Complaint.DrainFast,
                (AimOf.Drain, _, true) => Complaint.DrainSlow,
                (AimOf.Press, true, _) => Complaint.PressEasy,
                (AimOf.Press, _, true) => Complaint.PressHard,
                (AimOf.Finish, true, _) => Complaint.Early,
                (AimOf.Finish, _, true) => Complaint.Late,
                _ => null,
            };
            if (complaint is { } one)
            {
                found.Add(one);
            }
        }

        if (measured.PressFelt == PressFelt.Hard)
        {
            found.Add(Complaint.PressHard);
        }
    }

    private static int Side(double? said) => said >= Much ? 1 : said <= -Much ? -1 : 0;

    private static bool Above(double? said, double much) => said >= much;

    /// <summary>Whether a word stands in what was said, and no "not" or "no" just before it.</summary>
    private static bool Says(string? words, string word)
    {
        var at = words?.IndexOf(word, StringComparison.OrdinalIgnoreCase) ?? -1;
        if (at < 0)
        {
            return false;
        }

        var before = words![..at].TrimEnd();
        return !before.EndsWith(" not", StringComparison.OrdinalIgnoreCase) && !before.EndsWith(" no", StringComparison.OrdinalIgnoreCase)
            && !before.Equals("not", StringComparison.OrdinalIgnoreCase) && !before.Equals("no", StringComparison.OrdinalIgnoreCase) && !before.EndsWith("never", StringComparison.OrdinalIgnoreCase);
    }
}
