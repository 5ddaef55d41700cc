using System.Text.Json;

namespace Cistern.Core.Advising;

/// <summary>Advice as JSON, for the command line and the API.</summary>
public static class AdviceJson
{
    /// <summary>Writes advice as one object.</summary>
    /// <param name="json">Where to.</param>
    /// <param name="advice">The advice.</param>
    /// <param name="grinder">The grinder, for its settings; null where unknown.</param>
    /// <param name="last">The brew that was judged. Where its plan records the brew it came from, each changed recipe does as well.</param>
    public static void Write(Utf8JsonWriter json, Advice advice, GrinderScale? grinder, Guid? last = null)
    {
        var verdict = advice.Verdict;
        var totals = advice.AsBrewed;
        json.WriteStartObject();
        json.WriteStartObject("verdict");
        json.WriteBoolean("met", advice.Met);
        json.WriteString("inShort", verdict.InShort);
        json.WriteBoolean("tasted", verdict.Tasted);
        json.WriteBoolean("liked", verdict.Liked);
        Say("flow", verdict.Flow, ("finishS", totals.FinishS), ("drawdownS", totals.DrawdownS), ("pressForceN", totals.PressForceN));
        Say("drawn", verdict.ExtractionText, ("drawn", totals.ExtractionLevel), ("extractionYieldPercent", totals.ExtractionYieldPercent), ("dissolvedYieldPercent", totals.DissolvedYieldPercent));
        Say("lean", verdict.BalanceText, ("tilt", totals.FlavourBalance));
        Say("body", verdict.BodyText, ("tdsPercent", totals.FinalTdsPercent), ("beverageG", totals.FinalG));
        json.WriteString("cup", string.Join(", ", verdict.Cup.Words));
        json.WriteStartArray("complaints");
        foreach (var complaint in verdict.Complaints)
        {
            json.WriteStringValue(Words<Complaint>.Of(complaint));
        }

        json.WriteEndArray();
        WriteText("disagreement", verdict.Disagreement);
        WriteText("cause", verdict.Cause);
        json.WriteEndObject();
        json.WriteStartArray("changes");
        foreach (var change in advice.Changes)
        {
            Write(json, last is { } id ? change with { Recipe = Descended(change, id) } : change, grinder);
        }

        json.WriteEndArray();
        json.WriteEndObject();

        void Say(string name, string words, params ReadOnlySpan<(string Name, double? Value)> figures)
        {
            json.WriteStartObject(name);
            json.WriteString("words", words);
            foreach (var (figure, value) in figures)
            {
                if (value is { } number)
                {
                    json.WriteNumber(figure, Math.Round(number, 4));
                }
            }

            json.WriteEndObject();
        }

        void WriteText(string name, string? text)
        {
            if (text is not null)
            {
                json.WriteString(name, text);
            }
        }
    }

    /// <summary>The recipe with this brew recorded as the one it comes from, and with the change.</summary>
    private static Recipe Descended(AdvisedChange change, Guid last)
    {
        var extra = change.Recipe.Extra;
        if (extra.ContainsKey("parent"))
        {
            extra = extra.SetItem("parent", JsonSerializer.SerializeToElement(last.ToString()));
        }

        if (extra.ContainsKey("changed"))
        {
            extra = extra.SetItem("changed", JsonSerializer.SerializeToElement(new { setting = change.Setting, from = change.From, to = change.To, unit = change.Unit, why = change.Why }));
        }

        return change.Recipe with { Extra = extra };
    }

    private static void Write(Utf8JsonWriter json, AdvisedChange change, GrinderScale? grinder)
    {
        json.WriteStartObject();
        json.WriteString("setting", change.Setting);
        json.WriteNumber("from", Math.Round(change.From, 3));
        json.WriteNumber("to", Math.Round(change.To, 3));
        json.WriteString("unit", change.Unit);
        if (change.WholeWay is { } whole)
        {
            json.WriteNumber("wholeWay", Math.Round(whole, 3));
        }

        if (change.Adjustment == Adjustment.Grind && grinder is { Grinds: true })
        {
            json.WriteNumber("fromSetting", Math.Round(grinder.SettingFor(change.From), 4));
            json.WriteNumber("toSetting", Math.Round(grinder.SettingFor(change.To), 4));
        }

        json.WriteString("name", AdviceWords.Name(change));
        json.WriteString("why", change.Why);
        json.WriteStartArray("answers");
        foreach (var complaint in change.Answers)
        {
            json.WriteStringValue(Words<Complaint>.Of(complaint));
        }

        json.WriteEndArray();
        if (change.And is { } and)
        {
            json.WriteStartObject("and");
            json.WriteString("setting", and.Setting);
            json.WriteNumber("from", Math.Round(and.From, 3));
            json.WriteNumber("to", Math.Round(and.To, 3));
            json.WriteString("unit", and.Unit);
            json.WriteEndObject();
        }

        json.WriteNumber("chance", Math.Round(change.Chance, 3));
        json.WriteStartObject("costs");
        json.WriteNumber("timeS", Math.Round(change.Costs.TimeS, 1));
        json.WriteNumber("handsS", Math.Round(change.Costs.HandsS, 1));
        json.WriteNumber("coffeeG", Math.Round(change.Costs.CoffeeG, 2));
        json.WriteNumber("stalls", Math.Round(change.Costs.Stalls, 3));
        json.WriteEndObject();
        json.WriteStartObject("forecast");
        var now = ForecastFigures.Of(change.Now.Totals);
        foreach (var (name, then) in ForecastFigures.Of(change.Then.Totals))
        {
            if (then is { } to)
            {
                json.WriteStartObject(name);
                if (now[name] is { } from)
                {
                    json.WriteNumber("now", Math.Round(from, 5));
                }

                json.WriteNumber("then", Math.Round(to, 5));
                json.WriteEndObject();
            }
        }

        json.WriteStartObject("drawn");
        json.WriteNumber("now", Math.Round(change.Now.Totals.ExtractionLevel, 5));
        json.WriteNumber("then", Math.Round(change.Then.Totals.ExtractionLevel, 5));
        json.WriteEndObject();
        json.WriteEndObject();
        json.WritePropertyName("recipe");
        json.WriteRawValue(RecipeWriter.Write(change.Recipe));
        json.WriteEndObject();
    }
}
