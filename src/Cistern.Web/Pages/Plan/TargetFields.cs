namespace Cistern.Web.Pages.Plan;

/// <summary>The fields for targets: ranges of figures, or words such as "stronger" and "done by 5:30".</summary>
public static class TargetFields
{
    /// <summary>Reads them, a field each.</summary>
    public static List<Field> Read(PlanForm plan, SentForm sent)
    {
        if (sent.Pressed == "no-target")
        {
            plan.Do(new PlanChange.NoTarget(), "no target any more");
        }
        else if (sent.Pressed?.StartsWith("target:", StringComparison.Ordinal) == true && TargetWords.Find(sent.Pressed["target:".Length..]) is { } asked)
        {
            plan.Do(new PlanChange.MeanWord(asked), $"to be {Words<TargetWord>.Of(asked).Replace('-', ' ')}");
        }

        var target = plan.Recipe.Target;
        return
        [
            One("meant-finish", "Done", "finishS", target?.FinishS, "by 5:30", null, FigureFormat.Clock, text => TypedNumber.ReadClock(text, 0, Member.MaxBrewS)),
            One("meant-tds", "Strength", "tdsPercent", target?.TdsPercent, "1.25 to 1.45, or stronger", "% TDS", value => FigureFormat.Setting(value), text => TypedNumber.Read(text, 0, Member.Named("tdsPercent").Max, "% TDS")),
            One("meant-yield", "Extraction", "extractionYieldPercent", target?.ExtractionYieldPercent, "18 to 22", "%", value => FigureFormat.Setting(value), text => TypedNumber.Read(text, 0, Member.Named("extractionYieldPercent").Max, "%")),
            One("meant-tilt", "Balance, sour below 0", "tilt", target?.FlavourBalance, "−0.3 to 0.4, or less bitter", null, value => FigureFormat.Signed(value, 2), text => TypedNumber.Read(text, Member.Named("tilt").Min, Member.Named("tilt").Max, "")),
        ];

        Field One(string name, string label, string member, Span? span, string hint, string? unit, Func<double, string> tell, Func<string, TypedNumber> read)
        {
            var stands = span is { } set ? Spoken(set) : "";
            var field = new Field(name, label, stands) { Hint = hint, Unit = unit };
            if (sent.Changed(name, stands) is not { } text)
            {
                return field;
            }

            if (text.Trim().Length == 0)
            {
                plan.Do(new PlanChange.Mean(member, null), $"{label.ToLowerInvariant()} meant for nothing");
                return field with { Text = "" };
            }

            if (TargetWords.Find(text) is { } word && TargetWords.Of(word, plan.Forecast.Totals) is { Span: { } range } said && said.Member == member)
            {
                plan.Do(new PlanChange.MeanWord(word), $"{label.ToLowerInvariant()} {Spoken(range)}");
                return field with { Text = Spoken(range) };
            }

            // "Done by 5:30" is at any time until then.
            var ends = member == "finishS" && By(text) is { } by ? ["0:00", by] : text.Split(" to ", 2, StringSplitOptions.TrimEntries);
            ends = ends.Length == 2 ? ends : text.Split('–', 2, StringSplitOptions.TrimEntries);
            if (ends.Length != 2)
            {
                return field with { Text = text, Problem = $"Give from and to, like {hint}." };
            }

            var (low, high) = (read(ends[0]), read(ends[1]));
            if (low.Value is not { } from || high.Value is not { } to || from > to)
            {
                return field with { Text = text, Problem = low.Problem ?? high.Problem ?? "The lesser stands first." };
            }

            var wanted = new Span(from, to);
            plan.Do(new PlanChange.Mean(member, wanted), $"{label.ToLowerInvariant()} {Spoken(wanted)}");
            return field with { Text = Spoken(wanted) };

            string Spoken(Span set) => member == "finishS" && set.Low == 0 ? $"by {tell(set.High)}" : $"{tell(set.Low)} to {tell(set.High)}";
        }
    }

    /// <summary>The time in "by 5:30", "done by 5:30", "before 5:30"; null in any other text.</summary>
    private static string? By(string text) => text.Trim().ToLowerInvariant().Split(' ', StringSplitOptions.RemoveEmptyEntries) switch
    {
        ["done", "by" or "before", var time] => time,
        ["by" or "before", var time] => time,
        _ => null,
    };
}
