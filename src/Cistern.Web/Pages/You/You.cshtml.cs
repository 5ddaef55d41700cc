namespace Cistern.Web.Pages.You;

/// <summary>Who brews on this device, their units, and the theme.</summary>
public sealed class YouModel(CisternDb db, BaristaStore store, BaristaContext baristaContext, Pins pins, DeviceStore record, DataFile file, AppSettings settings) : PageModel
{
    /// <summary>The state of the daily copies, as a sentence.</summary>
    public string Copied => Backups.NewestDaily(file.Path) is { } newest ? $"The last daily copy was made {baristaContext.Moment(newest.ToUnixTimeMilliseconds())}; copies are kept for two weeks beside the data, in {Backups.Daily(file.Path)}."
        : settings.DailyCopy ? "A copy is made each day and kept for two weeks beside the data; there is none yet." : "Daily copies are switched off.";

    /// <summary>Everybody who brews here.</summary>
    public IReadOnlyList<Barista> Baristas { get; private set; } = [];

    /// <summary>Who brews on this device.</summary>
    public Barista? Barista { get; private set; }

    /// <summary>The theme chosen by hand, or null.</summary>
    public string? Theme => baristaContext.Theme;

    /// <summary>The name of somebody new.</summary>
    public Field NewName { get; private set; } = new("name", "Somebody new", "") { Hint = "another barista here", MaxLength = 60 };

    /// <summary>The size of a cup.</summary>
    public Field Cup { get; private set; } = new("cup", "A cup is", "") { Kind = "number", Unit = "ml" };

    /// <summary>The PIN of the chosen barista, where they have one.</summary>
    public Field Pin { get; private set; } = new("pin", "Their PIN", "") { Kind = "pin", Hint = "where they ask for one", MaxLength = Pins.MaxDigits };

    /// <summary>The chosen barista, while their PIN is asked for.</summary>
    public int? Chosen { get; private set; }

    /// <summary>The new PIN.</summary>
    public Field NewPin { get; private set; } = new("new-pin", "A PIN from now on", "") { Kind = "pin", Hint = $"{Pins.MinDigits} to {Pins.MaxDigits} digits; empty for none", MaxLength = Pins.MaxDigits };

    /// <summary>The PIN that is asked for until now.</summary>
    public Field OldPin { get; private set; } = new("old-pin", "The PIN until now", "") { Kind = "pin", MaxLength = Pins.MaxDigits };

    /// <summary>
    /// Whether a PIN can be set here for a barista without one. Anybody may brew as such a barista, so a connected device's user could
    /// lock a colleague out; only an owner may do it, who can also remove a PIN.
    /// </summary>
    public bool MaySetFirstPin => HttpContext.Role() == Data.Devices.DeviceRole.Owner;

    /// <summary>Shows the page.</summary>
    public Task OnGetAsync(CancellationToken ct) => LoadAsync(ct);

    /// <summary>Another barista takes this device.</summary>
    public async Task<IActionResult> OnPostWhoAsync(CancellationToken ct)
    {
        await LoadAsync(ct);
        if (!int.TryParse(Request.Form.Value("barista"), NumberStyles.None, CultureInfo.InvariantCulture, out var id) || Baristas.FirstOrDefault(row => row.Id == id) is not { } who)
        {
            return RedirectToPage();
        }

        if (!pins.Proves(who, Request.Cookies[Pins.Cookie]) && Wrong(who, Request.Form.Value("pin")) is { } problem)
        {
            (Chosen, Pin) = (id, Pin with { Problem = problem });
            return this.Unprocessable();
        }

        Become(who);
        return RedirectToPage();
    }

    /// <summary>Sets or removes the PIN of a barista.</summary>
    public async Task<IActionResult> OnPostPinAsync(CancellationToken ct)
    {
        await LoadAsync(ct);
        if (Barista is not { } you)
        {
            return Redirect("/you#pin-title");
        }

        var pin = Request.Form.Value("new-pin")?.Trim() ?? "";
        if (pin.Length > 0 && Pins.Problem(pin) is { } problem)
        {
            NewPin = NewPin with { Problem = problem };
        }
        else if (you.Pin.Length == 0 && !MaySetFirstPin)
        {
            NewPin = NewPin with { Problem = "Set a first PIN on Cistern's own screen or on the owner's device: here anybody could set one for a colleague." };
        }
        else if (you.Pin.Length > 0 && Wrong(you, Request.Form.Value("old-pin")) is { } wrong)
        {
            OldPin = OldPin with { Problem = wrong };
        }
        else
        {
            you.Pin = pin.Length > 0 ? Pins.HashOf(pin) : "";
            await store.SetPinAsync(you.Id, you.Pin, ct);
            await record.RecordAsync(pin.Length > 0 ? $"{you.Name} now has a PIN." : $"{you.Name} no longer has a PIN.", HttpContext.Asker(), baristaContext.NowMs, ct);
            Become(you);
            return Redirect("/you#pin-title");
        }

        return this.Unprocessable();
    }

    /// <summary>Adds somebody.</summary>
    public async Task<IActionResult> OnPostNewAsync(CancellationToken ct)
    {
        await LoadAsync(ct);
        var name = (Request.Form.Value("name") ?? "").Trim();
        var problem = name.Length == 0 ? "Give a name of at most 60 letters."
            : PlainText.Problem(name, 60, lines: false) is { } unfit ? unfit
            : Baristas.Any(row => string.Equals(row.Name, name, StringComparison.OrdinalIgnoreCase)) ? "There is somebody with that name already; choose them above." : null;
        var barista = new Barista { Name = name };
        problem ??= await store.AddAsync(barista, ct) ? null : "Somebody with that name was just added; choose them above.";

        if (problem is not null)
        {
            await LoadAsync(ct);
            NewName = NewName with { Text = name, Problem = problem };
            return this.Unprocessable();
        }

        Become(barista);
        return RedirectToPage();
    }

    /// <summary>Saves the equipment.</summary>
    public async Task<IActionResult> OnPostAtHandAsync(CancellationToken ct)
    {
        await LoadAsync(ct);
        if (Barista is { } you)
        {
            var has = Request.Form["has"];
            var tells = Request.Form.Value("tells") ?? "";
            await store.SetEquipmentAsync(you.Id, has.Contains("scale"), has.Contains("thermometer"), has.Contains("mill"), tells.Length == 0 ? null : tells == "words", ct);
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
            return this.Unprocessable();
        }

        var volume = form.Value("volume") switch { "floz" => VolumeUnit.FluidOunce, "cup" => VolumeUnit.Cup, _ => VolumeUnit.Millilitre };
        await store.SetUnitsAsync(Barista.Id, new Units(Mass("dose"), Mass("mass"), form.Value("temperature") == "f" ? TemperatureUnit.Fahrenheit : TemperatureUnit.Celsius, volume, cupMl), ct);
        return RedirectToPage();

        MassUnit Mass(string name) => form.Value(name) == "oz" ? MassUnit.Ounce : MassUnit.Gram;
    }

    /// <summary>Keeps the theme on this device.</summary>
    public IActionResult OnPostLight()
    {
        var theme = Request.Form.Value("theme");
        if (theme is "light" or "dark")
        {
            Remember(BaristaContext.ThemeCookie, theme);
        }
        else
        {
            Response.Cookies.Delete(BaristaContext.ThemeCookie);
        }

        return RedirectToPage();
    }

    /// <summary>What is wrong with a PIN that was entered, or null.</summary>
    private string? Wrong(Barista who, string? pin)
    {
        var said = pin?.Trim() ?? "";
        return said.Length == 0 ? $"{who.Name} asks for a PIN." : pins.Try(who, said, HttpContext.Device()?.Id ?? 0) switch
        {
            TryResult.Right => null,
            TryResult.Wrong => $"That is not {who.Name}'s PIN. If you forgot yours, the owner can remove it under Devices.",
            TryResult.JustBlocked or TryResult.Blocked => $"Too many wrong PINs. Try again in five minutes.",
        };
    }

    private void Become(Barista who)
    {
        Remember(BaristaContext.BaristaCookie, who.Id.ToString(CultureInfo.InvariantCulture));
        if (who.Pin.Length > 0)
        {
            Remember(Pins.Cookie, pins.Proof(who));
        }
        else
        {
            Response.Cookies.Delete(Pins.Cookie);
        }
    }

    private void Remember(string cookie, string value) => HttpContext.Remember(cookie, value, days: 365);

    private async Task LoadAsync(CancellationToken ct)
    {
        Baristas = await db.Baristas.AsNoTracking().OrderBy(row => row.Name).ToListAsync(ct);
        Barista = await baristaContext.BaristaAsync(ct);
        Cup = Cup with { Text = (Barista?.CupMl ?? 180).ToString("0", CultureInfo.InvariantCulture) };
    }
}
