using System.Collections.Immutable;
using System.Globalization;
using System.Security.Cryptography;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Web.Frame;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace Cistern.Web.Pages.Blind;

/// <summary>Two brews tasted blind: which coded cups stand before whom, and what came of it. All of it stands in the address.</summary>
public sealed class BlindModel : PageModel
{
    /// <summary>The kinds by their words in the address.</summary>
    public static IReadOnlyList<(string Word, BlindKind Kind)> Kinds { get; } = [.. Enum.GetValues<BlindKind>().Select(kind => (Words<BlindKind>.Of(kind), kind))];

    /// <summary>How it is tasted.</summary>
    public BlindKind Kind { get; private set; }

    /// <summary>How many taste, as it was typed.</summary>
    public Field Tasters { get; private set; } = new("tasters", "Tasters", "6") { Kind = "number", MaxLength = 3 };

    /// <summary>How many found it, or preferred the first, as it was typed.</summary>
    public Field Right { get; private set; } = new("right", "Found it", "") { Kind = "number", MaxLength = 3 };

    /// <summary>What deals the cups.</summary>
    public int Seed { get; private set; }

    /// <summary>The cups of each taster; none while something typed will not do.</summary>
    public ImmutableArray<ImmutableArray<BlindCup>> Cups { get; private set; } = [];

    /// <summary>What came of it, or null while that was not typed.</summary>
    public BlindResult? Result { get; private set; }

    /// <summary>Shows the page; without a seed it gets one, so that what was dealt stands there again after a reload.</summary>
    public IActionResult OnGet(string? kind, string? tasters, string? right, string? seed)
    {
        Kind = Words<BlindKind>.Find(kind) ?? BlindKind.Triangle;
        if (!int.TryParse(seed, NumberStyles.None, CultureInfo.InvariantCulture, out var dealt))
        {
            return Redirect($"/blind?kind={Words<BlindKind>.Of(Kind)}&tasters={Uri.EscapeDataString(Short(tasters ?? Tasters.Text))}&seed={RandomNumberGenerator.GetInt32(1_000_000).ToString(CultureInfo.InvariantCulture)}");
        }

        Seed = dealt;
        Tasters = Tasters with { Text = Short(tasters ?? Tasters.Text) };
        Right = Right with { Label = Wording.BlindWording.Counts(Kind), Text = Short(right ?? "") };
        if (Whole(Tasters.Text, 1, BlindTasting.MostTasters) is not { } count)
        {
            Tasters = Tasters with { Problem = string.Create(CultureInfo.InvariantCulture, $"A whole number from 1 to {BlindTasting.MostTasters}.") };
            return Page();
        }

        Cups = BlindTasting.Serve(Kind, count, Seed);
        if (Right.Text.Length > 0)
        {
            Result = Whole(Right.Text, 0, count) is { } found ? BlindTasting.Of(Kind, count, found) : null;
            Right = Right with { Problem = Result is null ? string.Create(CultureInfo.InvariantCulture, $"A whole number from 0 to {count}: so many taste.") : null };
        }

        return Page();
    }

    /// <summary>The right answer of a taster: the code of the odd cup, or of the two that belong together; of a preference which cup is A.</summary>
    public string AnswerOf(ImmutableArray<BlindCup> cups)
    {
        var firsts = cups.Count(cup => cup.First);
        var rare = Kind == BlindKind.Preference || firsts < cups.Length - firsts;
        return string.Join(" and ", cups.Where(cup => cup.First == rare).Select(cup => cup.Code.ToString(CultureInfo.InvariantCulture)));
    }

    private static int? Whole(string text, int least, int most) => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var number) && number >= least && number <= most ? number : null;

    private static string Short(string text) => PlainText.Seen(text.Trim()) is { Length: > 20 } longer ? longer[..20] : PlainText.Seen(text.Trim());
}
