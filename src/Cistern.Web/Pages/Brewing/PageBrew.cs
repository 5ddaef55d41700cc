using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Cistern.Web.Pages.Brewing;

/// <summary>A step for the page's script: as for conducting, with its words.</summary>
public sealed record PageStep(
    StepEnding Ends, double Length, double? At, double? Low, double? High, double? WaitLow, double? WaitHigh, bool Release,
    string Verb, string GoingOn, string Target, string? Caution, string Says, string Begins, string How, string Beforehand, IReadOnlyList<StepSign> Signs, double? FromG, double? ToG, int? Turns, string Until);

/// <summary>A plan for the page's script, to continue without the network.</summary>
/// <param name="Anchor">The index of the step that starts the clock.</param>
/// <param name="StartsAtItsEnd">Whether 0:00 is the end of that step.</param>
/// <param name="ClockStart">When the clock starts, in words.</param>
/// <param name="FinishS">When it should be over, s.</param>
/// <param name="MassUnit">The barista's unit of mass.</param>
/// <param name="PerG">That unit per gram.</param>
/// <param name="Decimals">The decimals that a scale shows in it.</param>
/// <param name="Steps">The steps.</param>
public sealed record PagePlan(int Anchor, bool StartsAtItsEnd, string ClockStart, double FinishS, string MassUnit, double PerG, int Decimals, IReadOnlyList<PageStep> Steps)
{
    /// <summary>Whether temperatures are in °F.</summary>
    public bool Fahrenheit { get; init; }

    /// <summary>Identifies the plan, whose remaining steps change with an accepted correction.</summary>
    public string Version { get; init; } = "";

    /// <summary>The plan of a forecast in a barista's words.</summary>
    public static PagePlan Of(Forecast forecast, FigureFormat format)
    {
        var recipe = forecast.Recipe;
        var conduct = ConductPlan.Of(forecast);
        var grams = format.Units.MassFromG(1) is 1;
        return new PagePlan(conduct.Anchor, conduct.StartsAtItsEnd, StepWording.ClockStart(recipe.ClockStarts), forecast.Totals.FinishS, format.MassUnit, format.Units.MassFromG(1), grams ? 0 : 2,
            [.. conduct.Steps.Select((step, i) => Step(forecast, step, i, format))])
        {
            Fahrenheit = format.Units.Temperature == TemperatureUnit.Fahrenheit,
        };
    }

    private static PageStep Step(Forecast forecast, ConductStep step, int i, FigureFormat format)
    {
        var words = StepWording.Of(forecast.Recipe, i, format);
        var told = forecast.Recipe.Steps[i];
        // Without a scale there is no display to pace by.
        var weighed = Verb.TraitsOf(told).Weighed && format.Equipment.Scale;
        return new PageStep(step.Ends, step.Length, step.At, step.Low, step.High, step.WaitLow, step.WaitHigh, step.Release,
            words.Verb, words.GoingOn, words.Target, words.Caution, words.Says, words.Begins, words.How, words.Beforehand, words.Signs,
            weighed ? i > 0 ? forecast.Timings[i - 1].DisplayG : 0 : null,
            weighed ? forecast.Timings[i].DisplayG : null,
            told is Step.Stirring stirring ? stirring.Turns : null, words.Until);
    }
}

/// <summary>A running brew for a page.</summary>
public sealed record PageBrew(int Id, string Name, string State, long OpenedAtMs, long? StartedAtMs, int Speed, IReadOnlyList<PageEntry> Entries, PagePlan? Plan)
{
    /// <summary>When its clock must start, UTC milliseconds, where it is B of a pair and A is running; else null.</summary>
    public long? StartsAtMs { get; init; }

    /// <summary>The JSON format that the script reads.</summary>
    public static JsonSerializerOptions Json { get; } = new(JsonSerializerDefaults.Web) { Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) } };

    /// <summary>Which plan a brew has now.</summary>
    public static string VersionOf(Brew brew) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(brew.PlanJson)))[..8];

    /// <summary>Converts a brew for a page.</summary>
    /// <param name="brew">The brew, with its entries.</param>
    /// <param name="plan">Its plan, where the page does not have it.</param>
    /// <param name="startsAtMs">When its clock must start, UTC milliseconds, or null.</param>
    public static PageBrew Of(Brew brew, PagePlan? plan, long? startsAtMs) => new(brew.Id, brew.Name, brew.State.ToString(), brew.OpenedAtMs, brew.StartedAtMs, brew.Speed,
        [.. brew.CoreEntries.Select(entry => new PageEntry(entry.Id, Words<EntryKind>.Of(entry.Kind), entry.Step, entry.AtMs, entry.Undoes, entry.Seen))], plan is null ? null : plan with { Version = VersionOf(brew) })
    {
        StartsAtMs = brew.StartedAtMs is null ? startsAtMs : null,
    };
}

/// <summary>An entry as pages and devices write it.</summary>
/// <param name="Id">Created on the device.</param>
/// <param name="Kind">Its kind, as a word.</param>
/// <param name="Step">The index of its step.</param>
/// <param name="AtMs">When it was made, by the server's clock; null where unknown.</param>
/// <param name="Undoes">The entry taken back.</param>
/// <param name="Seen">Whether it comes from an instrument; only sent to pages, never accepted from them.</param>
public sealed record PageEntry(Guid Id, string Kind, int Step, double? AtMs, Guid? Undoes, bool Seen = false);
