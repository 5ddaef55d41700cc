using System.Globalization;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Data;
using Cistern.Data.Shelf;
using Cistern.Data.Stores;
using Cistern.Web.Frame;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.You;

/// <summary>Who brews on this device, in which units, and in which light.</summary>
public sealed class YouModel(CisternDb db, JobLedger jobs, BenchContext bench, DataFile file, AppSettings settings) : PageModel
{
    /// <summary>How it stands with the daily copies of the data, in a sentence.</summary>
    public string Copied => Copies.NewestDaily(file.Path) is { } newest ? $"The last daily copy was made {bench.Moment(newest.ToUnixTimeMilliseconds())}; copies are kept for two weeks beside the data, in {Copies.Daily(file.Path)}."
        : settings.DailyCopy ? "A copy is made each day and kept for two weeks beside the data; there is none yet." : "Daily copies are switched off.";

    /// <summary>Everybody who brews here.</summary>
    public IReadOnlyList<Barista> Baristas { get; private set; } = [];

    /// <summary>Who brews on this device.</summary>
    public Barista? Barista { get; private set; }

    /// <summary>The theme chosen by hand, or null.</summary>
    public string? Theme => bench.Theme;

    /// <summary>The name of somebody new.</summary>
    public Field NewName { get; private set; } = new("name", "Somebody new", "") { Hint = "another barista at this bench", MaxLength = 60 };

    /// <summary>The size of a cup.</summary>
    public Field Cup { get; private set; } = new("cup", "A cup is", "") { Kind = "number", Unit = "ml" };

    /// <summary>Shows the page.</summary>
    public Task OnGetAsync(CancellationToken ct) => LoadAsync(ct);

    /// <summary>Another barista takes this device.</summary>
    public async Task<IActionResult> OnPostWhoAsync(CancellationToken ct)
    {
        await LoadAsync(ct);
        if (int.TryParse(Request.Form.Value("barista"), NumberStyles.None, CultureInfo.InvariantCulture, out var id) && Baristas.Any(row => row.Id == id))
        {
            Remember(BenchContext.BaristaCookie, id.ToString(CultureInfo.InvariantCulture));
        }

        return RedirectToPage();
    }

    /// <summary>Adds somebody.</summary>
    public async Task<IActionResult> OnPostNewAsync(CancellationToken ct)
    {
        await LoadAsync(ct);
        var name = (Request.Form.Value("name") ?? "").Trim();
        var problem = name.Length == 0 ? "Give a name of at most 60 letters."
            : PlainText.Problem(name, 60, lines: false) is { } unfit ? unfit
            : Baristas.Any(row => string.Equals(row.Name, name, StringComparison.OrdinalIgnoreCase)) ? "Somebody of that name is here already; choose them above." : null;
        var barista = new Barista { Name = name };
        if (problem is null)
        {
            db.Baristas.Add(barista);
            problem = await jobs.SaveAsync(ct) ? null : "Somebody of that name has just been added; choose them above.";
        }

        if (problem is not null)
        {
            await LoadAsync(ct);
            NewName = NewName with { Text = name, Problem = problem };
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        Remember(BenchContext.BaristaCookie, barista.Id.ToString(CultureInfo.InvariantCulture));
        return RedirectToPage();
    }

    /// <summary>Keeps what is at hand.</summary>
    public async Task<IActionResult> OnPostAtHandAsync(CancellationToken ct)
    {
        await LoadAsync(ct);
        if (Barista is { } you)
        {
            var has = Request.Form["has"];
            await db.Baristas.Where(row => row.Id == you.Id).ExecuteUpdateAsync(
                set => set.SetProperty(row => row.NoScale, !has.Contains("scale")).SetProperty(row => row.NoThermometer, !has.Contains("thermometer")).SetProperty(row => row.NoMill, !has.Contains("mill")), ct);
        }

        return Redirect("/you#at-hand");
    }

    /// <summary>Keeps the units.</summary>
    public async Task<IActionResult> OnPostUnitsAsync(CancellationToken ct)
    {
        await LoadAsync(ct);
        var form = Request.Form;
        var cup = TypedNumber.Read(form.Value("cup"), 50, 600, "ml");
        if (Barista is null || cup.Value is not { } cupMl)
        {
            Cup = Cup with { Text = cup.Text, Problem = cup.Problem };
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        var row = await db.Baristas.FirstAsync(one => one.Id == Barista.Id, ct);
        row.Mass = form.Value("mass") == "oz" ? MassUnit.Ounce : MassUnit.Gram;
        row.Temperature = form.Value("temperature") == "f" ? TemperatureUnit.Fahrenheit : TemperatureUnit.Celsius;
        row.Volume = form.Value("volume") switch { "floz" => VolumeUnit.FluidOunce, "cup" => VolumeUnit.Cup, _ => VolumeUnit.Millilitre };
        row.CupMl = cupMl;
        await db.SaveChangesAsync(ct);
        return RedirectToPage();
    }

    /// <summary>Keeps the theme on this device.</summary>
    public IActionResult OnPostLight()
    {
        var theme = Request.Form.Value("theme");
        if (theme is "light" or "dark")
        {
            Remember(BenchContext.ThemeCookie, theme);
        }
        else
        {
            Response.Cookies.Delete(BenchContext.ThemeCookie);
        }

        return RedirectToPage();
    }

    private void Remember(string cookie, string value) => Response.Cookies.Append(cookie, value, new CookieOptions
    {
        MaxAge = TimeSpan.FromDays(365),
        HttpOnly = true,
        SameSite = SameSiteMode.Strict,
        IsEssential = true,
    });

    private async Task LoadAsync(CancellationToken ct)
    {
        Baristas = await db.Baristas.AsNoTracking().OrderBy(row => row.Name).ToListAsync(ct);
        Barista = await bench.BaristaAsync(ct);
        Cup = Cup with { Text = (Barista?.CupMl ?? 180).ToString("0", CultureInfo.InvariantCulture) };
    }
}
