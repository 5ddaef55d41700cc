using Cistern.Application;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Data;
using Cistern.Data.Shelf;
using Cistern.Web.Frame;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.You;

/// <summary>An empty data file: who brews here, and where.</summary>
public sealed class FirstModel(CisternDb db, IdempotencyStore jobs) : PageModel
{
    /// <summary>Who brews.</summary>
    public Field Name { get; private set; } = new("name", "Your name", "") { Hint = "as the log shows it", MaxLength = 60 };

    /// <summary>Where.</summary>
    public Field Place { get; private set; } = new("place", "Where you brew", "Here") { MaxLength = 60 };

    /// <summary>Above sea level.</summary>
    public Field Altitude { get; private set; } = new("altitude", "Altitude", "0") { Kind = "number", Unit = "m", Hint = "decides where water boils" };

    /// <summary>The room's temperature.</summary>
    public Field Ambient { get; private set; } = new("ambient", "Room temperature", "21") { Kind = "number", Unit = "°C" };

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken ct) =>
        await db.Baristas.AnyAsync(ct) ? RedirectToPage("/Bench/Bench") : Page();

    /// <summary>Begins the bench.</summary>
    public async Task<IActionResult> OnPostAsync(CancellationToken ct)
    {
        var form = Request.Form;
        Name = Name with { Text = (form.Value("name") ?? "").Trim() };
        Place = Place with { Text = (form.Value("place") ?? "").Trim() };
        var rule = Member.Named("altitudeM");
        var altitude = TypedNumber.Read(form.Value("altitude"), rule.Min, rule.Max, rule.Unit);
        var ambient = TypedNumber.Read(form.Value("ambient"), -10, 45, "°C");
        Altitude = Altitude with { Text = altitude.Text, Problem = altitude.Problem };
        Ambient = Ambient with { Text = ambient.Text, Problem = ambient.Problem };
        Name = Name with { Problem = Name.Text.Length == 0 ? "Give a name of at most 60 letters." : PlainText.Problem(Name.Text, 60, lines: false) };
        Place = Place with { Problem = Place.Text.Length == 0 ? "Give the place a name of at most 60 letters." : PlainText.Problem(Place.Text, 60, lines: false) };
        if (new[] { Name, Place, Altitude, Ambient }.Any(field => field.Problem is not null))
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        // Pressed twice, or on two screens at once, the first is the one that counts.
        if (!await db.Baristas.AnyAsync(ct))
        {
            db.Baristas.Add(new Barista { Name = Name.Text });
            db.Places.Add(new BrewPlace { Name = Place.Text, AltitudeM = altitude.Value!.Value, AmbientC = ambient.Value!.Value });
            await jobs.SaveAsync(ct);
        }

        return RedirectToPage("/Bench/Bench");
    }
}
