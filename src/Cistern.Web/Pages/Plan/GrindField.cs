namespace Cistern.Web.Pages.Plan;

/// <summary>The field for the grind: a grinder's setting, or µm where none is chosen, typed as a number or as a word.</summary>
/// <param name="plan">The plan's form.</param>
/// <param name="sent">The submitted form.</param>
public sealed class GrindField(PlanForm plan, SentForm sent)
{
    /// <summary>What stands in the field.</summary>
    public string Shown => plan.Grinder is null || !plan.CanGrind ? FigureFormat.Number(plan.Recipe.Grind.MedianUm, 0) : FigureFormat.Setting(plan.Work.Plan.Picks.GrinderSetting ?? 0);

    /// <summary>A note about the grinder: at either end of its range it may not reach what was asked for.</summary>
    public string? Note
    {
        get
        {
            var picks = plan.Work.Plan.Picks;
            return plan.Grinder is { } grinder && plan.CanGrind && picks is { AskedUm: { } asked, GrinderSetting: { } setting } && (setting <= grinder.Least || setting >= grinder.Most)
                && Math.Abs(grinder.MedianUm(setting) - asked) > (0.5 * Math.Abs(grinder.Scale.UmPerSetting) * grinder.Step) + 1
                ? $"{grinder.Name} goes from {FigureFormat.Number(grinder.MedianUm(grinder.Least), 0)} to {FigureFormat.Number(grinder.MedianUm(grinder.Most), 0)} µm, and {FigureFormat.Number(asked, 0)} µm were asked for. It is set as close as it goes: use another grinder, or compensate with time or temperature."
                : null;
        }
    }

    /// <summary>Reads it.</summary>
    public TypedNumber Read()
    {
        if (!plan.CanGrind)
        {
            return new TypedNumber(Shown, plan.Recipe.Grind.MedianUm, null);
        }

        if (plan.Grinder is { Scale.Grinds: false } mute)
        {
            // One that an earlier version let on to the shelf.
            return new TypedNumber(FigureFormat.Setting(mute.Least), null, $"None of its settings can be computed: {FigureFormat.Number(mute.MedianUm(mute.Least), 0)} to {FigureFormat.Number(mute.MedianUm(mute.Most), 0)} µm. Correct it on the Shelf.");
        }

        var stands = Shown;
        var grind = plan.Grinder is { } grinder
            ? sent.Stepped("grind", stands, grinder.Scale.Usable, grinder.Step, grinder.SettingName, said => Grain(said, um => FigureFormat.Setting(grinder.SettingFor(um))) ?? GrinderWording.Read(grinder, said, plan.Recipe.Brewer.Family, plan.Work.Plan.Picks.GrinderSetting ?? grinder.Least))
            : sent.Stepped("grind", stands, new Span(150, 1600), 20, "µm", said => Grain(said, um => FigureFormat.Number(um, 0)) ?? said);
        if (grind is { Value: null, Problem: { } problem } && problem.StartsWith("That is not a number.", StringComparison.Ordinal))
        {
            return grind with { Problem = $"{problem} A word will do too: {GrainWords.Examples}." };
        }

        if (plan.Grinder is { Step: > 0 } stepped && grind.Value is { } between && grind.Text != stands && IsBetween(stepped, between))
        {
            var lower = stepped.Least + (Math.Floor((between - stepped.Least) / stepped.Step) * stepped.Step);
            return grind with { Value = null, Problem = $"{stepped.Name} goes by {(stepped.Step == 1 ? "whole" : FigureFormat.Setting(stepped.Step))} {stepped.SettingName}: {FigureFormat.Setting(lower)} or {FigureFormat.Setting(lower + stepped.Step)}?" };
        }

        // A word for the current grind, or the number that is shown, changes nothing.
        if (grind.Value is { } setting && grind.Text != stands && Math.Abs(setting - (plan.Grinder is null ? plan.Recipe.Grind.MedianUm : plan.Work.Plan.Picks.GrinderSetting ?? double.NaN)) is not < 1e-9)
        {
            plan.Do(new PlanChange.GrindTo(setting), plan.Grinder is { } own ? $"{own.Name} {grind.Text} {own.SettingName}" : $"grind {grind.Text} µm");
        }

        return grind;
    }

    /// <summary>Whether a setting is between two that the grinder has, by more than rounding can explain.</summary>
    private static bool IsBetween(Data.Shelf.Grinder grinder, double setting)
    {
        const double Rounded = 0.02;
        var steps = (setting - grinder.Least) / grinder.Step;
        return Math.Abs(steps - Math.Round(steps)) > Rounded;
    }

    /// <summary>
    /// Reads a word for grain size as a setting, with a note about the µm used and about words that are disputed. Null where it is no
    /// such word.
    /// </summary>
    private string? Grain(string said, Func<double, string> set)
    {
        // Micrometres are said with a grinder chosen, too.
        var plain = said.Trim();
        if (Micrometres.FirstOrDefault(unit => plain.EndsWith(unit, StringComparison.OrdinalIgnoreCase)) is { } micro && TypedNumber.Read(plain[..^micro.Length], 150, 1600, "µm").Value is { } um)
        {
            return set(um);
        }

        if (GrainWords.Find(said) is not { } word)
        {
            return null;
        }

        var standsUm = plan.Recipe.Grind.MedianUm;
        if (standsUm >= word.LowUm && standsUm <= word.HighUm)
        {
            plan.Answer = $"{FigureFormat.Number(standsUm, 0)} µm is called “{word.Word}” already ({FigureFormat.Number(word.LowUm, 0)} to {FigureFormat.Number(word.HighUm, 0)} µm): nothing was changed.";
            return set(standsUm);
        }

        plan.Answer = $"“{word.Word}” is {FigureFormat.Number(word.LowUm, 0)} to {FigureFormat.Number(word.HighUm, 0)} µm; taken as {FigureFormat.Number(word.MiddleUm, 0)} µm.{(word.Dispute is { } dispute ? $" The word is disputed. {dispute}" : "")}";
        return set(word.MiddleUm);
    }

    // As they are said; adding a word is adding it here.
    private static readonly string[] Micrometres = ["µm", "um", "microns", "micron", "micrometres", "micrometers"];
}
