namespace Cistern.Core.Advising;

/// <summary>The effect of a change on a complaint, in tolerances: positive answers it, negative makes it worse.</summary>
internal static class Effects
{
    /// <summary>From here on a change answers a complaint about the cup. Judged: less can hardly be tasted.</summary>
    public const double Answers = 0.6;

    /// <summary>From here on it answers one about the flow. Judged: hands and clock are less precise than taste.</summary>
    public const double AnswersFlow = 1.2;

    /// <summary>The same where a second setting compensates for the first one's effect on the cup. Judged.</summary>
    public const double AnswersFlowTogether = 0.4;

    /// <summary>Below this a change makes a complaint worse.</summary>
    public const double Against = -1;

    private const double ExtractionPercent = 0.1;
    private const double FlavourBalance = 0.03;
    private const double TdsPercent = 0.015;
    private const double Share = 0.04;
    private const double DrinkShare = 0.015;
    private const double SedimentShare = 0.04;
    private const double DrinkC = 0.4;
    private const double TimeS = 3;

    /// <summary>The effect on a complaint; null where no figure of the forecast represents it.</summary>
    /// <param name="complaint">The complaint.</param>
    /// <param name="from">The figures of the cup that was tasted.</param>
    /// <param name="to">The figures after the change.</param>
    public static double? Of(Complaint complaint, Totals from, Totals to)
    {
        var extraction = (to.ExtractionYieldPercent - from.ExtractionYieldPercent) / ExtractionPercent;
        var balance = (to.FlavourBalance - from.FlavourBalance) / FlavourBalance;
        var strength = (to.FinalTdsPercent - from.FinalTdsPercent) / TdsPercent;
        return complaint switch
        {
            // Both have to improve: more extraction with the same balance is no answer, nor a better balance with less extraction.
            Complaint.Sour or Complaint.Flat => Math.Min(extraction, balance),
            Complaint.Bitter or Complaint.Astringent => Math.Min(-extraction, -balance),
            Complaint.Hollow => extraction,
            Complaint.Thin or Complaint.Weak => strength,
            Complaint.Heavy or Complaint.Strong => -strength,
            Complaint.Muddy => -Ratio(from.SedimentGPer100G, to.SedimentGPer100G, SedimentShare),
            Complaint.TooCool => (to.FinalC - from.FinalC) / DrinkC,
            Complaint.TooLittle => Ratio(from.FinalG, to.FinalG, DrinkShare),
            Complaint.TooLate => (from.FinishS - to.FinishS) / TimeS,
            Complaint.TooEarly => (to.FinishS - from.FinishS) / TimeS,
            Complaint.PressHard => -Ratio(from.PressForceN, to.PressForceN, Share),
            Complaint.PressEasy => Ratio(from.PressForceN, to.PressForceN, Share),
            Complaint.DrawdownSlow or Complaint.Stalled => -Ratio(from.DrawdownS, to.DrawdownS, Share),
            Complaint.DrawdownFast => Ratio(from.DrawdownS, to.DrawdownS, Share),
            _ => null,
        };
    }

    /// <summary>Whether a complaint is about the flow, judged by hand and clock.</summary>
    public static bool IsFlow(Complaint complaint) => complaint is Complaint.PressHard or Complaint.PressEasy or Complaint.DrawdownSlow or Complaint.DrawdownFast or Complaint.Stalled;

    /// <summary>Whether a change answers a complaint by the forecast.</summary>
    /// <param name="complaint">The complaint.</param>
    /// <param name="from">The figures of the cup that was tasted.</param>
    /// <param name="to">The figures after the change.</param>
    /// <param name="together">Whether two settings are changed.</param>
    public static bool IsAnswered(Complaint complaint, Totals from, Totals to, bool together = false) => Of(complaint, from, to) >= (!IsFlow(complaint) ? Answers : together ? AnswersFlowTogether : AnswersFlow);

    /// <summary>Whether a change worsens a complaint by more than its tolerance.</summary>
    public static bool IsAgainst(Complaint complaint, Totals from, Totals to) => Of(complaint, from, to) < Against;

    private static double? Ratio(double? from, double? to, double tolerance) => from is > 0 && to is > 0 ? Math.Log(to.Value / from.Value) / tolerance : null;
}
