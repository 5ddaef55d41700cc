namespace Cistern.Web.Wording;

/// <summary>Complaints and deviations as button texts.</summary>
public static class ComplaintWording
{
    /// <summary>A complaint.</summary>
    public static string Of(Complaint complaint) => complaint switch
    {
        Complaint.Weak => "too weak",
        Complaint.Strong => "too strong",
        Complaint.PressHard => "hard to press",
        Complaint.PressEasy => "too easy to press",
        Complaint.DrawdownSlow => "slow drawdown",
        Complaint.DrawdownFast => "fast drawdown",
        Complaint.HighAndDry => "grounds high and dry",
        Complaint.PastyWalls => "pasty walls",
        _ => Words<Complaint>.Of(complaint).Replace('-', ' '),
    };

    /// <summary>What went wrong.</summary>
    public static string Of(WentWrong deviation) => deviation switch
    {
        WentWrong.ReleasedLate => "ended late",
        WentWrong.ReleasedEarly => "ended early",
        WentWrong.LeftOnGrounds => "left on the grounds",
        WentWrong.LidForgotten => "lid forgotten",
        WentWrong.StirForgotten => "stir forgotten",
        WentWrong.ClockLate => "clock started late",
        WentWrong.PlungerStuck => "plunger stuck",
        WentWrong.PouredOver => "too much water",
        WentWrong.PouredUnder => "too little water",
        WentWrong.DoseOver => "too much coffee",
        WentWrong.DoseUnder => "too little coffee",
        WentWrong.WaterCool => "water too cool",
        WentWrong.WaterHot => "water too hot",
    };

    /// <summary>A slider's position, as a screen reader says it.</summary>
    public static string Slider(string text, string low, string high) =>
        !int.TryParse(text, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var value) || value == 0 ? $"neither {low} nor {high}" : $"{(value < 0 ? low : high)}, {Math.Abs(value)} of 5";
}
