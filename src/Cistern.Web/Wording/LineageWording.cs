namespace Cistern.Web.Wording;

/// <summary>Results of a lineage's plans, in words.</summary>
public static class LineageWording
{
    /// <summary>How often a plan was brewed, and the result of its last brew compared with that of the plan it was made from.</summary>
    public static string Did(LineageNode node, LineageNode? parent)
    {
        if (node.Last is not { Facts: { } facts } last)
        {
            return "Not brewed yet.";
        }

        var before = parent?.Last is { Facts: not null } brew ? brew : null;
        var strength = Change(before is null ? null : Strength(before), Strength(last), value => FigureFormat.Percent(value, 2) + " TDS");
        var lean = Change(before?.Facts?.FlavourBalance, facts.FlavourBalance, value => FigureFormat.Signed(value, 2));
        var score = last.Tastings.Max(tasting => tasting.Score) is { } scored ? $", scored {Change(before?.Tastings.Max(tasting => tasting.Score), scored, value => FigureFormat.Number(value, 1))} of 10" : ", not tasted";
        return $"Brewed {(node.Brewed == 1 ? "once" : $"{node.Brewed} times")}: {strength}, balance {lean}{score}.";
    }

    private static double Strength(Brew brew) => brew.ReadTdsPercent() ?? brew.Facts!.FinalTdsPercent;

    private static string Change(double? from, double to, Func<double, string> tell) => from is { } before && tell(before) != tell(to) ? $"{tell(before)} → {tell(to)}" : tell(to);
}
