namespace Cistern.Data.Demo;

/// <summary>What the demo's baristas say, derived from the figures of their brews so that both agree.</summary>
internal static class DemoWords
{
    private const double StallS = 240;
    private const double HardN = 120;

    /// <summary>A tasting as the figures have it.</summary>
    public static Tasting Taste(Totals real, Bag bag, double missedS, long endedAtMs)
    {
        var body = (int)Math.Clamp(Math.Round((real.FinalTdsPercent - 1.3) / 0.06), -5, 5);
        // Coffee that steeped far too long is called bitter, whatever its flavour balance.
        var left = missedS > 60;
        var balance = (int)Math.Clamp(Math.Round(real.FlavourBalance * 3) + (left ? 3 : 0), -5, 5);
        return new Tasting
        {
            Complaints = left ? "bitter" : "",
            SourBitter = balance,
            ThinHeavy = body,
            Score = Math.Round(2 * (8.5 - (0.6 * Math.Abs(balance)) - (0.4 * Math.Abs(body)))) / 2,
            Note = string.Join(" ", Sentences(real, bag, missedS, balance, body)),
            AtMs = endedAtMs + 600_000,
        };
    }

    /// <summary>The sips of a tasting: one, or hot, warm and cool, where the taste shifts as the cup cools; and the look of the bed.</summary>
    public static void AddSips(Tasting tasting, Totals real, bool all)
    {
        var (sharp, thin) = (tasting.SourBitter ?? 0, tasting.ThinHeavy ?? 0);
        var sweet = (int)Math.Clamp(4 - Math.Abs(real.FlavourBalance * 2), 0, 5);
        var clear = real.SedimentGPer100G < 0.01 ? 5 : real.SedimentGPer100G < 0.08 ? 3 : 2;
        foreach (var (when, further) in all ? ((SipWhen, int)[])[(SipWhen.Hot, 0), (SipWhen.Warm, 0), (SipWhen.Cool, Math.Sign(sharp))] : [(SipWhen.Warm, 0)])
        {
            tasting.Sips.Add(new TastingSip { When = when, SourBitter = Math.Clamp(sharp + further, -5, 5), ThinHeavy = thin, Sweet = all ? sweet : null, Clear = all ? clear : null });
        }

        tasting.Bed = real.DrawdownS is { } drainS ? drainS > StallS ? BedLook.Mud : BedLook.Domed : null;
    }

    /// <summary>An advised change, as stored.</summary>
    public static SeriesChange Change(AdvisedChange change, Grinder grinder)
    {
        var step = change.Adjustment == Adjustment.Grind ? Text($"{grinder.Scale.SettingFor(change.From):0.##} → {grinder.Scale.SettingFor(change.To):0.##} {grinder.SettingName}") : Text($"{change.From:0.#} → {change.To:0.#} {change.Unit}");
        return new SeriesChange(change.Setting, change.From, change.To, change.Unit, $"{AdviceWords.Name(change)}, {step}");
    }

    /// <summary>Why it was brewed like this; empty where nothing was changed.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="pairWith">The other brew of a pair, or null.</param>
    /// <param name="unscaled">The batch wanted before it was scaled down to fit, or null.</param>
    /// <param name="last">By how many clicks it is finer than the last brew of the same, and that brew's outcome; or null.</param>
    public static string Why(Forecast plan, string? pairWith, Forecast? unscaled, (int Finer, Totals Real)? last)
    {
        if (pairWith is not null)
        {
            return $"One of a pair, tasted with {pairWith}.";
        }

        if (unscaled is not null)
        {
            return Text($"Less coffee and water: {unscaled.Recipe.Coffee.DoseG:0} g would have filled the vessel to {unscaled.Totals.PeakVolumeMl:0} of {plan.Recipe.Brewer.CapacityMl:0} ml.");
        }

        if (last is not { } before || before.Finer == 0)
        {
            return "";
        }

        var clicks = Text($"{Math.Abs(before.Finer)} {(Math.Abs(before.Finer) == 1 ? "click" : "clicks")} {(before.Finer > 0 ? "finer" : "coarser")}");
        var was = before.Finer > 0
            ? before.Real.FlavourBalance < -0.5 ? "it was sour" : before.Real.FinalTdsPercent < 1.21 ? "it was thin" : "to see whether more is better"
            : before.Real.DrawdownS > StallS ? Text($"the drawdown took {Clock(before.Real.DrawdownS.Value)}")
            : before.Real.PressForceN > HardN ? Text($"it took {before.Real.PressForceN:0} N of force")
            : before.Real.FlavourBalance > 0.5 ? "it was bitter" : "to see whether less is cleaner";
        return $"{clicks}: {was}.";
    }

    /// <summary>The differences between two recipes in words.</summary>
    public static string Changed(Recipe from, Recipe to)
    {
        (string What, string From, string To)[] parts =
        [
            ("dose", Text($"{from.Coffee.DoseG:0.0} g"), Text($"{to.Coffee.DoseG:0.0} g")),
            ("water", Text($"{from.WaterG:0} g"), Text($"{to.WaterG:0} g")),
            ("temperature", Text($"{from.Water.TemperatureC:0} °C"), Text($"{to.Water.TemperatureC:0} °C")),
            ("grind", Text($"{from.Grind.MedianUm:0} µm"), Text($"{to.Grind.MedianUm:0} µm")),
        ];
        return string.Join("; ", parts.Where(part => part.From != part.To).Select(part => $"{part.What} {part.From} → {part.To}"));
    }

    private static IEnumerable<string> Sentences(Totals real, Bag bag, double missedS, int balance, int body)
    {
        if (missedS > 0)
        {
            yield return Text($"Forgot it on the bench: plunged {missedS / 60:0} minutes late.");
        }

        if (real.DrawdownS is > StallS and var drawdownS)
        {
            yield return Text($"It stalled: a drawdown of {Clock(drawdownS)}.");
        }

        if (real.PressForceN is > HardN and var force)
        {
            yield return Text($"Hard to push, about {force:0} N.");
        }

        var notes = bag.TastesOf.Split(", ");
        var lean = balance < -1 ? "Sour" : balance > 1 ? "Bitter" : "Balanced";
        var weight = body < -1 ? "thin" : body > 1 ? "heavy" : "of middling body";
        yield return $"{lean}, {weight}.";
        if (Math.Abs(balance) <= 3)
        {
            var note = notes[balance < 0 ? 0 : ^1];
            yield return $"{note.Capitalized()} as it cooled.";
        }

        if (real.ChilledC is not null)
        {
            yield return "Cold and clear.";
        }
    }

    private static string Clock(double seconds) => string.Create(CultureInfo.InvariantCulture, $"{(int)seconds / 60}:{(int)seconds % 60:00}");

    private static string Text(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
