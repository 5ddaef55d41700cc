namespace Cistern.Web.Pages.Devices;

/// <summary>The owner's page about connected devices.</summary>
public sealed class DevicesModel(DeviceJoin deviceJoin, DeviceStore devices, ActiveRequests presence, MachineCertificates certificates, IMachineNames names, AppSettings settings, BaristaContext baristaContext, BaristaStore baristas, CisternDb db) : PageModel
{
    private const int RecordsShown = 60;

    /// <summary>The current barista.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>Where codes are given out.</summary>
    public DeviceJoin DeviceJoin => deviceJoin;

    /// <summary>Whether the server can be reached from the local network, directly or through a proxy.</summary>
    public bool Open => settings.LocalNetwork || settings.Proxy.Length > 0;

    /// <summary>The devices.</summary>
    public IReadOnlyList<Device> Devices { get; private set; } = [];

    /// <summary>Baristas who ask for a PIN.</summary>
    public IReadOnlyList<Barista> WithPin { get; private set; } = [];

    /// <summary>What was done, the newest first.</summary>
    public IReadOnlyList<ActionRecord> Records { get; private set; } = [];

    /// <summary>Where this installation is reached.</summary>
    public IReadOnlyList<string> Addresses { get; private set; } = [];

    /// <summary>Where the plain page is.</summary>
    public string TrustAddress => string.Create(CultureInfo.InvariantCulture, $"http://{(names.Addresses.Count > 0 ? names.Addresses[0].ToString() : names.Names[0])}:{settings.TrustPort}");

    /// <summary>The authority's fingerprint.</summary>
    public string Fingerprint => certificates.Fingerprint;

    /// <summary>The field for an instrument's name.</summary>
    public Field Instrument { get; private set; } = new("instrument", "Name of an instrument", "") { MaxLength = DeviceStore.MaxNameLength, Hint = "a gateway of scale or thermometer; it can send readings, and nothing else" };

    /// <summary>The token of an instrument that was just made; shown only now.</summary>
    public string? Token { get; private set; }

    /// <summary>Whose token that is.</summary>
    public string TokenDevice { get; private set; } = "";

    /// <summary>The code as a QR code that opens the joining page.</summary>
    public string Picture(JoinCode code) => QrPicture.Draw($"{Addresses[0]}{NetworkGuard.JoinPath}?code={code.Digits}", "The code, for the camera of the device");

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(CancellationToken ct)
    {
        Addresses = [.. NetworkSetup.Addresses(names, settings)];
        WithPin = await db.Baristas.AsNoTracking().Where(one => one.Pin != "").OrderBy(one => one.Name).ToListAsync(ct);
        (Devices, Records) = (await devices.AllAsync(ct), await devices.RecordsAsync(RecordsShown, ct));
    }

    /// <summary>Shows a code.</summary>
    public IActionResult OnPostOffer()
    {
        if (Open && RoleOf(Request.Form.Value("role")) is { } role)
        {
            deviceJoin.Offer(role);
        }

        return RedirectToPage();
    }

    /// <summary>Takes the code back.</summary>
    public IActionResult OnPostWithdraw()
    {
        deviceJoin.Withdraw();
        return RedirectToPage();
    }

    /// <summary>Puts a device out, at once.</summary>
    public async Task<IActionResult> OnPostPutOutAsync(CancellationToken ct)
    {
        if (Id("device") is { } id && await devices.RevokeAsync(id, HttpContext.Asker(), baristaContext.NowMs, ct))
        {
            presence.Revoke(id);
        }

        return RedirectToPage();
    }

    /// <summary>Gives a device another role.</summary>
    public async Task<IActionResult> OnPostRoleAsync(CancellationToken ct)
    {
        if (Id("device") is { } id && RoleOf(Request.Form.Value("role")) is { } role)
        {
            await devices.ChangeAsync(id, role, HttpContext.Asker(), baristaContext.NowMs, ct);
        }

        return RedirectToPage();
    }

    /// <summary>Removes the PIN of a barista who has forgotten it.</summary>
    public async Task<IActionResult> OnPostPinAsync(CancellationToken ct)
    {
        if (Id("barista") is { } id && await baristas.SetPinAsync(id, "", ct) is { } name)
        {
            await devices.RecordAsync($"{name}'s PIN was removed.", HttpContext.Asker(), baristaContext.NowMs, ct);
        }

        return RedirectToPage();
    }

    /// <summary>Makes a token for an instrument and shows it once.</summary>
    public async Task<IActionResult> OnPostInstrumentAsync(CancellationToken ct)
    {
        var name = (Request.Form.Value("instrument") ?? "").Trim();
        var problem = DeviceStore.NameProblem(name);
        if (problem is not null || !Open)
        {
            Instrument = Instrument with { Text = name, Problem = problem };
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        }
        else
        {
            (_, Token) = await devices.JoinAsync(name, DeviceRole.Instrument, HttpContext.Asker(), baristaContext.NowMs, ct);
            TokenDevice = name;
        }

        await OnGetAsync(ct);
        return Page();
    }

    private int? Id(string name) => int.TryParse(Request.Form.Value(name), NumberStyles.None, CultureInfo.InvariantCulture, out var id) ? id : null;

    private static DeviceRole? RoleOf(string? word) => Words<DeviceRole>.Find(word) is { } role && role != DeviceRole.Instrument ? role : null;
}
