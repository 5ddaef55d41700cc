using System.Globalization;
using Cistern.Application;
using Cistern.Application.Plans;
using Cistern.Application.Series;
using Cistern.Core.Advising;
using Cistern.Core.Forecasts;
using Cistern.Data.Brews;
using Cistern.Data.Shelf;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace Cistern.Web.Pages.Next;

/// <summary>What to change for the next brew, and that brew's plan at a touch.</summary>
public sealed class NextModel(SeriesAdvice advice, PlanKeeping keeping, IdempotencyStore requests, BaristaContext bench) : PageModel
{
    private AdvisedBrew advised = null!;

    /// <summary>Who is here, and what is brewing.</summary>
    public BaristaContext Bench => bench;

    /// <summary>The brew that is judged.</summary>
    public Data.Brews.Brew Brew { get; private set; } = null!;

    /// <summary>Its grinder, where that stands on the shelf.</summary>
    public Grinder? Grinder { get; private set; }

    /// <summary>What to do.</summary>
    public Advice Advice { get; private set; } = null!;

    /// <summary>What the plan comes to when it is brewed again as it is.</summary>
    public Totals Again { get; private set; } = null!;

    /// <summary>How this barista reads figures.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>What has to be said about what was pressed; null where nothing has.</summary>
    public string? Said { get; private set; }

    /// <summary>What makes a change known again: what is changed, and to what.</summary>
    public static string KeyOf(AdvisedChange change) => string.Create(CultureInfo.InvariantCulture, $"{change.Setting}:{change.To:0.####}{(change.And is { } and ? FormattableString.Invariant($" {and.Setting}:{and.To:0.####}") : "")}");

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct) => await LoadAsync(id, ct) ? Page() : NotFound();

    /// <summary>Makes a change the next brew: keeps its plan, with its lineage and its why.</summary>
    public async Task<IActionResult> OnPostAsync(int id, CancellationToken ct)
    {
        var wish = await WishAsync(ct);
        if (await BeforeAsync(id, wish, ct) is { } other)
        {
            return other;
        }

        var key = Request.Form.Value("change") ?? "";
        if (Advice.Changes.FirstOrDefault(change => KeyOf(change) == key) is not { } change)
        {
            Said = "That is not what is advised any more: something was tasted or measured since. This is.";
            Response.StatusCode = StatusCodes.Status409Conflict;
            return Page();
        }

        var what = AdviceWording.Of(change, Grinder, Format);
        var kept = new SeriesChange(change.Setting, change.From, change.To, change.Unit, what);
        return Redirect(await keeping.NextAsync(advised.PlanOf(change.Recipe), Brew, what, change.Why, kept.ToJson(), wish, ct));
    }

    /// <summary>Makes a cup that was liked the target of the next: its plan, or how it was brewed where that lies further off.</summary>
    public async Task<IActionResult> OnPostTargetAsync(int id, CancellationToken ct)
    {
        var wish = await WishAsync(ct);
        if (await BeforeAsync(id, wish, ct) is { } other)
        {
            return other;
        }

        var recipe = advised.Liked with { Target = Aim.AsItWas(Advice.AsBrewed, Brew.ReadTdsPercent()) };
        return Redirect(await keeping.NextAsync(advised.PlanOf(recipe), Brew, "this cup as the target", "You liked it: the next ones aim at it.", "", wish, ct));
    }

    private async Task<PlanWish> WishAsync(CancellationToken ct) => new(IdempotencyKey.Of(Request.Form), (await bench.BaristaAsync(ct))?.Id);

    /// <summary>What is answered before anything is made: where it was made already, or that there is no such brew; null where it is to be made.</summary>
    private async Task<IActionResult?> BeforeAsync(int id, PlanWish wish, CancellationToken ct) =>
        await requests.DoneAsync(wish.Key, ct) is { } done ? Redirect(done) : await LoadAsync(id, ct) ? null : NotFound();

    /// <summary>Loads the brew and the advice on it.</summary>
    /// <returns>Whether there is such a brew.</returns>
    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        if (await advice.ForAsync(id, await bench.AtBenchAsync(ct), ct) is not { } found)
        {
            return false;
        }

        (advised, Brew, Grinder, Advice, Again) = (found, found.Brew, found.Gear.Grinder, found.Advice, found.Again.Totals);
        Format = await bench.FormatAsync(ct);
        return true;
    }
}
