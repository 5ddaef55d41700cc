namespace Cistern.Core.Advising;

/// <summary>What was wrong with a brew by its taster and by measured times, without the forecast.</summary>
internal static class Complaints
{
    /// <summary>On a scale from −5 to 5, an answer from here on is a complaint.</summary>
    private const double MuchFrom = 2;

    /// <summary>From here on it is a strong one, for which a step is twice as large. Judged.</summary>
    private const double LoudFrom = 4;

    /// <summary>On a scale from 0 to 5, dryness from here on is a complaint. Judged.</summary>
    private const double Dry = 3;

    /// <summary>And so little clarity. Judged.</summary>
    private const double Unclear = 1;

    /// <summary>From this score on, the cup was liked.</summary>
    public const double LikedScore = 7.5;

    /// <summary>A drink short by more than this share is a complaint. Judged.</summary>
    private const double ShortShare = 0.06;

    /// <summary>Words for complaints. A word must stand alone and not be negated.</summary>
    private static readonly (string Word, Complaint Complaint)[] Words =
    [
        ("sour", Complaint.Sour), ("sharp", Complaint.Sour), ("bitter", Complaint.Bitter), ("harsh", Complaint.Bitter), ("thin", Complaint.Thin), ("watery", Complaint.Thin), ("weak", Complaint.Weak),
        ("too strong", Complaint.Strong), ("too heavy", Complaint.Heavy), ("hollow", Complaint.Hollow), ("drying", Complaint.Astringent), ("astringent", Complaint.Astringent),
        ("mud", Complaint.Muddy), ("muddy", Complaint.Muddy), ("silty", Complaint.Muddy), ("sludge", Complaint.Muddy), ("sludgy", Complaint.Muddy), ("gritty", Complaint.Muddy),
        ("paper", Complaint.Papery), ("papery", Complaint.Papery), ("cardboard", Complaint.Papery), ("flat", Complaint.Flat), ("dull", Complaint.Flat), ("stale", Complaint.Flat), ("lifeless", Complaint.Flat),
        ("too cool", Complaint.TooCool), ("too cold", Complaint.TooCool), ("lukewarm", Complaint.TooCool), ("too little", Complaint.TooLittle),
        ("watery first", Complaint.WeakRunoff), ("weak first", Complaint.WeakRunoff), ("dripped early", Complaint.WeakRunoff), ("fell back", Complaint.FellBack), ("high and dry", Complaint.HighAndDry),
        ("hard to press", Complaint.PressHard), ("hard press", Complaint.PressHard), ("stalled", Complaint.Stalled), ("slow drawdown", Complaint.DrawdownSlow), ("drained slowly", Complaint.DrawdownSlow),
    ];

    private static readonly string[] Denials = ["not", "no", "never", "without", "nothing", "isn't", "wasn't", "hardly", "less", "nor"];

    /// <summary>All complaints about a brew: first the flow, then those chosen from the list, from sliders, about the bed, and in words.</summary>
    /// <param name="brew">The brew.</param>
    /// <param name="gear">The drink that was wanted.</param>
    public static ImmutableArray<Complaint> Of(BrewRecord brew, AdviceGear gear)
    {
        var found = new List<Complaint>();
        var tasting = brew.Tasting;
        Flowed(brew, found);
        found.AddRange(tasting?.Complaints ?? []);
        Side(tasting?.Mean(sip => sip.SourBitter), Complaint.Sour, Complaint.Bitter);
        Side(tasting?.Mean(sip => sip.ThinHeavy), Complaint.Thin, Complaint.Heavy);
        Note(tasting?.Mean(sip => sip.Dry) >= Dry, Complaint.Astringent);
        Note(tasting?.Bed == BedLook.Mud || tasting?.Mean(sip => sip.Clear) is <= Unclear, Complaint.Muddy);
        Note(tasting?.Bed == BedLook.HighAndDry, Complaint.HighAndDry);
        Note(tasting?.Bed == BedLook.PastyWalls, Complaint.PastyWalls);
        Note(gear.CupG is { } cupG && brew.Measured.BeverageG < (1 - ShortShare) * cupG, Complaint.TooLittle);
        // In praise a word names a taste as often as a fault.
        if (!(tasting?.Score >= LikedScore))
        {
            found.AddRange(Words.Where(pair => Mentions(tasting?.Words, pair.Word)).Select(pair => pair.Complaint));
        }

        // "Weak first" says nothing of the whole cup.
        return [.. found.Where(one => one is not (Complaint.Weak or Complaint.Thin) || !found.Contains(Complaint.WeakRunoff)).Distinct()];

        void Side(double? said, Complaint low, Complaint high)
        {
            Note(said <= -MuchFrom, low);
            Note(said >= MuchFrom, high);
        }

        void Note(bool so, Complaint complaint)
        {
            if (so)
            {
                found.Add(complaint);
            }
        }
    }

    /// <summary>Whether a slider is near its end, for which a step is twice as large.</summary>
    public static bool IsLoud(BrewRecord brew) => Math.Abs(brew.Tasting?.Mean(sip => sip.SourBitter) ?? 0) >= LoudFrom || Math.Abs(brew.Tasting?.Mean(sip => sip.ThinHeavy) ?? 0) >= LoudFrom;

    /// <summary>Whether it was tasted: anything was said about the cup.</summary>
    public static bool IsTasted(BrewRecord brew) => brew.Tasting is { } tasting
        && (tasting.Score is not null || tasting.Words?.Length > 0 || !tasting.Complaints.IsEmpty || !tasting.NotesFound.IsEmpty || tasting.Bed is not null || tasting.Sips.Any(sip => (sip.SourBitter ?? sip.ThinHeavy ?? sip.Sweet ?? sip.Clear ?? sip.Finish ?? sip.Dry) is not null));

    /// <summary>Measured times of drawdown and press outside their windows, and the felt force.</summary>
    private static void Flowed(BrewRecord brew, List<Complaint> found)
    {
        var measured = brew.Measured;
        if (measured.DrawdownS is { } drawdownS)
        {
            var window = brew.Planned.Steps.OfType<Step.Drain>().LastOrDefault()?.Window;
            if (drawdownS > ForecastModel.StallsAfterS)
            {
                found.Add(Complaint.Stalled);
            }
            else if (window is { } set && !set.Holds(drawdownS))
            {
                found.Add(drawdownS > set.High ? Complaint.DrawdownSlow : Complaint.DrawdownFast);
            }
        }

        var press = brew.Planned.Steps.OfType<Step.Press>().LastOrDefault();
        if (measured.PressFelt == PressFelt.Hard)
        {
            found.Add(Complaint.PressHard);
        }
        else if (measured.PressS is { } pressS && press?.Window is { } pressed && (pressS > pressed.High + 0.5 || pressS < pressed.Low - 0.5))
        {
            found.Add(pressS > pressed.High ? Complaint.PressHard : Complaint.PressEasy);
        }
    }

    /// <summary>Whether a text contains a word on its own, without a negation among the three words before it.</summary>
    private static bool Mentions(string? words, string word)
    {
        for (var at = words?.IndexOf(word, StringComparison.OrdinalIgnoreCase) ?? -1; at >= 0; at = words!.IndexOf(word, at + 1, StringComparison.OrdinalIgnoreCase))
        {
            var whole = (at == 0 || !char.IsLetter(words![at - 1])) && (at + word.Length == words!.Length || !char.IsLetter(words[at + word.Length]));
            // A full stop or a "but" ends a negation.
            var clause = words[..at].Split('.', ';', ',').Last();
            if (whole && !clause.Split(' ', StringSplitOptions.RemoveEmptyEntries).TakeLast(3).Any(one => Denials.Contains(one, StringComparer.OrdinalIgnoreCase)))
            {
                return true;
            }
        }

        return false;
    }
}
