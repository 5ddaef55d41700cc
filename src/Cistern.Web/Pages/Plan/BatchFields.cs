namespace Cistern.Web.Pages.Plan;

/// <summary>
/// Dose, water, ratio and drink: turns what was typed or pressed into changes, in a barista's words and units, and shows the result at
/// its field.
/// </summary>
/// <param name="plan">The plan's form.</param>
/// <param name="sent">What was sent.</param>
/// <param name="format">The barista's units.</param>
public sealed class BatchFields(PlanForm plan, SentForm sent, FigureFormat format)
{
    private readonly Dictionary<Quantity, TypedNumber> typed = [];

    /// <summary>Whether every number that was typed is valid.</summary>
    public bool Good => typed.Values.All(one => one.Problem is null);

    private PlanWork Work => plan.Work;

    private Batch Batch => Work.Batch;

    private Locks Locks => Work.Plan.Locks;

    /// <summary>The text in a quantity's field: what was typed where that is invalid, else the figure.</summary>
    public string TextOf(Quantity quantity) => typed.TryGetValue(quantity, out var one) && one.Problem is not null ? one.Text : Shown(quantity);

    /// <summary>What is wrong with a quantity, or null.</summary>
    public string? ProblemOf(Quantity quantity) => typed.GetValueOrDefault(quantity)?.Problem;

    /// <summary>Reads them, in the order on the page.</summary>
    public void Read()
    {
        if (sent.Pressed == "fit")
        {
            Hold(new PlanChange.Fit(), Quantity.Dose, null, "scaled to fit");
            return;
        }

        if (sent.Pressed?.Split(':') is ["fill", var level])
        {
            var mark = TypedNumber.Read(level, 10, 5_000, "ml").Value;
            Hold(new PlanChange.Fill(mark), Quantity.Dose, null, mark is { } ml ? $"filled to the {FigureFormat.Number(ml, 0)} mark" : "filled");
            return;
        }

        if (sent.Pressed?.Split(':') is ["size", var holds] && TypedNumber.Read(holds, 50, 5_000, "ml").Value is { } sizeMl)
        {
            Hold(new PlanChange.Size(sizeMl), Quantity.Dose, null, $"for a brewer of {format.Room(sizeMl)}");
            return;
        }

        if (sent.Pressed == "bag" && plan.Bag is not null)
        {
            Hold(new PlanChange.WholeBag(), Quantity.Dose, null, "all that is left in the bag");
            return;
        }

        if (sent.Pressed?.Split(':') is ["lock", var word] && Enum.TryParse<Quantity>(word, ignoreCase: true, out var locked) && Enum.IsDefined(locked))
        {
            Hold(new PlanChange.Hold(locked, Work.ValueOf(locked)), locked, null, $"{word.ToLowerInvariant()} stays");
            return;
        }

        if (sent.Pressed?.Split(':') is ["dose", var dose, var beside] && Plain(dose) is { } grams and <= 1_000 && Plain(beside) is { } kept and > 1 and <= 100)
        {
            // The ratio stays with it, and the drink follows.
            Hold(new PlanChange.Hold(Quantity.Ratio, kept), Quantity.Ratio, null, null);
            Hold(new PlanChange.Hold(Quantity.Dose, grams), Quantity.Dose, null, $"dose {format.Dose(grams)}");
            return;
        }

        if (sent.Pressed?.Split(':') is ["ratio", var again] && Plain(again) is { } ratio and > 1 and <= 100)
        {
            Hold(new PlanChange.Hold(Quantity.Ratio, ratio), Quantity.Ratio, null, $"ratio {FigureFormat.Ratio(ratio)}");
            return;
        }

        var stood = Batch;
        var saidG = Work.Plan.Held is null ? null : Locks.Holds(Quantity.Dose) ? stood.DoseG : (double?)null;
        foreach (var quantity in Enum.GetValues<Quantity>())
        {
            ReadQuantity(quantity);
            saidG = quantity == Quantity.Dose && typed.ContainsKey(quantity) ? Batch.DoseG : saidG;
        }

        if (!typed.ContainsKey(Quantity.Ratio) && typed.Count > 0)
        {
            SayRatio(stood.Ratio);
        }

        if (saidG is { } doseG && plan.Answer is null)
        {
            SayDose(doseG);
        }
    }

    /// <summary>A number of a button's own words.</summary>
    private static double? Plain(string text) => double.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value) && double.IsFinite(value) ? value : null;

    /// <summary>Where a dose together with an earlier ratio and drink is impossible, says what it would give, and how to go back.</summary>
    private void SayDose(double doseG)
    {
        const double Untrue = 0.05;
        if (!plan.Good || Locks.Holds(Quantity.Dose) || Locks.Holds(Quantity.Water) || Math.Abs(Batch.DoseG - doseG) < Untrue * doseG)
        {
            return;
        }

        var ratio = Work.Plan.Held is { } held ? Locks.Last == Quantity.Ratio ? held.Last : held.Before : Batch.Ratio;
        if (AtRatio(doseG, ratio) is not { } given)
        {
            return;
        }

        Say($"{format.Dose(doseG)} at {FigureFormat.Ratio(ratio)} is {format.Water(given.Batch.WaterG)} of water and some {format.Drink(given.Forecast.Totals.FinalG)} of drink. For {Shown(Quantity.Drink)} {format.VolumeUnit} the dose is {format.Dose(Batch.DoseG)} now.");
        plan.Alternative = (string.Create(CultureInfo.InvariantCulture, $"dose:{doseG:R}:{ratio:R}"), $"Hold {format.Dose(doseG)} instead");
    }

    /// <summary>The plan with a dose and a ratio held; null where no batch fits.</summary>
    private PlanWork? AtRatio(double doseG, double ratio) =>
        Work.Apply(new PlanChange.Hold(Quantity.Ratio, ratio)) is { Refusal: null, Plan: var first }
        && plan.Editing.WorkOf(first).Apply(new PlanChange.Hold(Quantity.Dose, doseG)) is { Refusal: null, Plan: var second } ? plan.Editing.WorkOf(second) : null;

    /// <summary>Where a ratio that nobody typed has become unusual, says so, and how to go back.</summary>
    private void SayRatio(double stood)
    {
        // For drinks without dilution or ice; others are brewed down to 1:5.
        const double LeastStraight = 12;
        const double LeastShort = 5;
        const double Most = 18;
        var least = plan.Recipe.Steps.Any(step => step is Step.Dilute or Step.Ice) ? LeastShort : LeastStraight;
        var was = stood >= least && stood <= Most;
        if (plan.Good && was && (Batch.Ratio < least || Batch.Ratio > Most))
        {
            Say($"The ratio is now {FigureFormat.Ratio(Batch.Ratio)}, because {Locks.Before.ToString().ToLowerInvariant()} and {Locks.Last.ToString().ToLowerInvariant()} are held; {(least == LeastStraight ? "for drinking straight " : "")}1:{FigureFormat.Number(least, 0)} to 1:{FigureFormat.Number(Most, 0)} is usual.");
            plan.Alternative = (string.Create(CultureInfo.InvariantCulture, $"ratio:{stood:R}"), $"Hold {FigureFormat.Ratio(stood)} instead");
        }
    }

    /// <summary>Adds to what is said about a word that was understood, instead of replacing it.</summary>
    private void Say(string text) => plan.Answer = plan.Answer is { Length: > 0 } said ? $"{said} {text}" : text;

    private void ReadQuantity(Quantity quantity)
    {
        var name = quantity.ToString().ToLowerInvariant();
        var (min, max, unit, step) = Bounds(quantity);
        string text;
        if (sent.Pressing(name, step) is not 0 and var by)
        {
            text = Format(quantity, FromShown(quantity, double.Parse(Shown(quantity), CultureInfo.InvariantCulture) + by));
        }
        else if (sent.Changed(name, Shown(quantity)) is { } said)
        {
            text = said;
        }
        else
        {
            return;
        }

        if (quantity == Quantity.Ratio && AsDrunk(text) is { } drunk)
        {
            var asked = TypedNumber.Read(RatioText(drunk), min, 60, unit) with { Text = text };
            typed[quantity] = asked;
            if (asked.Value is { } ends)
            {
                Hold(new PlanChange.EndsAt(ends), quantity, asked, $"ends at {FigureFormat.Ratio(ends)}");
            }

            return;
        }

        var number = TypedNumber.Read(quantity == Quantity.Ratio ? RatioText(text) : Measured(quantity, text), min, max, unit) with { Text = text };
        typed[quantity] = number.Naming(AsSpoken(quantity));
        if (number.Value is { } value)
        {
            Hold(new PlanChange.Hold(quantity, FromShown(quantity, value)), quantity, number, null);
            if (number.Problem is null && typed[quantity].Problem is null)
            {
                plan.Note($"{name} {(quantity == Quantity.Ratio ? "1:" : "")}{Shown(quantity)}{(unit.Length > 0 ? " " + unit : "")}");
            }
        }
    }

    private void Hold(PlanChange change, Quantity quantity, TypedNumber? number, string? words)
    {
        var kept = Work.Plan.Locks.Edited(quantity).Before.ToString().ToLowerInvariant();
        if (plan.Do(change, words).Refusal == PlanRefusal.NoBatch)
        {
            typed[quantity] = (number ?? new TypedNumber(Shown(quantity), null, null)) with
            {
                Value = null,
                Problem = $"No dose and water give that while the {kept} is held. Change the {kept}, or ask for less.",
            };
        }
    }

    /// <summary>Reads a ratio typed as 15, 1:15 or 67 g/L.</summary>
    private static string RatioText(string text)
    {
        var plain = text.Trim().ToLowerInvariant();
        if (PerLitre.FirstOrDefault(words => plain.EndsWith(words, StringComparison.Ordinal)) is { } said)
        {
            var perLitre = TypedNumber.Read(plain[..^said.Length], 20, 500, "g/L");
            return perLitre.Value is { } gPerL ? (1000 / gPerL).ToString("R", CultureInfo.InvariantCulture) : plain;
        }

        return OneTo.FirstOrDefault(words => plain.StartsWith(words, StringComparison.Ordinal)) is { } one ? plain[one.Length..] : plain;
    }

    /// <summary>The text without words that refer a ratio to the drink instead of the water; null without such words.</summary>
    private static string? AsDrunk(string text)
    {
        var plain = text.Trim().ToLowerInvariant();
        return AsDrunkPrefixes.FirstOrDefault(words => plain.StartsWith(words, StringComparison.Ordinal)) is { } first ? plain[first.Length..].Trim()
            : AsDrunkSuffixes.FirstOrDefault(words => plain.EndsWith(words, StringComparison.Ordinal)) is { } last ? plain[..^last.Length].Trim() : null;
    }

    private static readonly string[] AsDrunkPrefixes = ["ends at", "end at", "final"];
    private static readonly string[] AsDrunkSuffixes = ["after ice", "after the ice", "after melting", "melted", "in the end", "as drunk", "after diluting"];

    // As ratios are said; adding a word is adding it here.
    private static readonly string[] PerLitre = ["g/l", "g per litre", "g per liter", "grams per litre", "grams a litre"];
    private static readonly string[] OneTo = ["1:", "1/", "1 : ", "1 / ", "1 to ", "one to "];

    /// <summary>What a mug holds, ml. Judged.</summary>
    private const double MugMl = 300;

    /// <summary>Water can be given in ml and cups as well as by weight, a drink by weight as well as in ml.</summary>
    private string Measured(Quantity quantity, string text)
    {
        var plain = SpokenAmounts.InFigures(text);
        if (quantity == Quantity.Dose && SpokenAmounts.Spoons(text) is { } spoons)
        {
            return InOwn(format.Coffee.Units, plan.StepFormat.Equipment.SpoonsG(spoons.Count, spoons.Heaped));
        }

        if (quantity == Quantity.Dose && StraightWalled && SpokenAmounts.DepthM(text) is { } depthM)
        {
            var doseG = RoughMeasures.DoseOfDepthG(depthM, Vessel.Of(plan.Recipe.Brewer).LevelAreaM2);
            plan.Answer = $"{plain} of dry coffee in this brewer is about {format.Coffee.Dose(doseG)}, give or take a quarter.";
            return InOwn(format.Coffee.Units, Math.Round(doseG));
        }

        if (quantity == Quantity.Water && SpokenAmounts.MarkMl(text) is { } markMl)
        {
            return InOwn(format.Units, Math.Round(Equipment.WaterToG(markMl, Batch.DoseG)));
        }

        if (quantity is not (Quantity.Water or Quantity.Drink))
        {
            return text;
        }

        var (mass, gPerMl) = (quantity == Quantity.Water, quantity == Quantity.Water ? 1 : DrinkGPerMl);
        foreach (var (cup, cupMl, says) in new[] { ("cup", format.Units.CupMl, " Set the size of your cup under You."), ("mug", MugMl, "") })
        {
            if (!plain.EndsWith(cup, StringComparison.Ordinal) && !plain.EndsWith(cup + "s", StringComparison.Ordinal))
            {
                continue;
            }

            if (TypedNumber.Read(plain[..plain.LastIndexOf(cup, StringComparison.Ordinal)], 0.1, 100, "cups").Value is not { } count)
            {
                return text;
            }

            plan.Answer = $"{FigureFormat.Setting(count)} {(count == 1 ? cup : cup + "s")} of {FigureFormat.Number(cupMl, 0)} ml: {FigureFormat.Number(count * cupMl, 0)} ml.{says}";
            return InField(count * cupMl * gPerMl);
        }

        // In the other kind of unit: ml of water, grams of drink. An ounce of drink is a fluid ounce.
        var other = SpokenUnits.In(text, mass ? "ml" : "g");
        return other == text || SpokenUnits.In(text, mass ? "g" : "ml") != text || (!mass && plain.Contains("oz", StringComparison.Ordinal)) || TypedNumber.Read(other, 0, 1e5, "").Value is not { } value
            ? !mass && plain.EndsWith("oz", StringComparison.Ordinal) && !plain.Contains("fl", StringComparison.Ordinal) ? plain.Replace("oz", "fl oz", StringComparison.Ordinal) : text
            : InField(mass ? value * gPerMl : value);

        static string InOwn(Units units, double g) => units.MassFromG(g).ToString("0.####", CultureInfo.InvariantCulture);

        string InField(double g) => (mass ? format.Units.MassFromG(g) : format.Units.VolumeFromMl(g / gPerMl)).ToString("0.####", CultureInfo.InvariantCulture);
    }

    /// <summary>Examples of what is understood in a field.</summary>
    private static string AsSpoken(Quantity quantity) => quantity switch
    {
        Quantity.Dose => "Spoons will do too: 4 tablespoons, 2 scoops; or an inch of coffee, in a press, a tube or a jar.",
        Quantity.Ratio => "1:15, 65 g/L and “ends at 15” will do too.",
        Quantity.Water => "“2 cups” and “to the 300 mark” will do too.",
        Quantity.Drink => "“2 cups” will do too.",
    };

    /// <summary>Whether the brewer is a cylinder, so that a depth gives a dose.</summary>
    private bool StraightWalled => plan.Recipe.Brewer.Family is BrewerFamily.FrenchPress or BrewerFamily.TubePress or BrewerFamily.Jar;

    private (double Min, double Max, string Unit, double Step) Bounds(Quantity quantity) => quantity switch
    {
        Quantity.Dose => (format.Coffee.Units.MassFromG(1), format.Coffee.Units.MassFromG(400), format.Coffee.MassUnit, format.Units.Dose == MassUnit.Gram ? 1 : 0.05),
        Quantity.Water => (format.Units.MassFromG(20), format.Units.MassFromG(Member.MaxWaterG), format.MassUnit, format.Units.Mass == MassUnit.Gram ? 10 : 0.5),
        Quantity.Ratio => (3, 30, "", 0.5),
        Quantity.Drink => (format.Units.VolumeFromMl(15), format.Units.VolumeFromMl(5_000), format.VolumeUnit, format.Units.Volume == VolumeUnit.Millilitre ? 10 : 0.5),
    };

    /// <summary>What is typed is shown as typed: a scale with tenths of a gram cannot always give a drink to the gram.</summary>
    private string Shown(Quantity quantity)
    {
        const double NearG = 1.5;
        var value = Work.ValueOf(quantity);
        var held = quantity != Quantity.Drink || Work.Plan.Held is not { } both ? null : Locks.Last == Quantity.Drink ? both.Last : Locks.Before == Quantity.Drink ? both.Before : (double?)null;
        return Format(quantity, held is { } asked && Math.Abs(asked - value) <= NearG ? asked : value);
    }

    /// <summary>Density of the drink as it is counted: water poured counts 1 g per ml; a drink is hot.</summary>
    private double DrinkGPerMl => Work.Plan.Counting == DrinkCounting.WaterPoured ? 1 : WaterPhysics.DensityGPerMl(60);

    private string Format(Quantity quantity, double value) => quantity switch
    {
        Quantity.Dose => format.DoseNumber(value),
        Quantity.Water => format.MassNumber(value, fine: value % 1 != 0),
        Quantity.Ratio => FigureFormat.Number(value, 1),
        Quantity.Drink => format.VolumeNumber(value / DrinkGPerMl),
    };

    private double FromShown(Quantity quantity, double value) => quantity switch
    {
        Quantity.Dose => format.Coffee.Units.MassToG(value),
        Quantity.Water => format.Units.MassToG(value),
        Quantity.Ratio => value,
        Quantity.Drink => format.Units.VolumeToMl(value) * DrinkGPerMl,
    };
}
