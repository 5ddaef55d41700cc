namespace Cistern.Web.Pages.Devices;

/// <summary>Explains how a phone is made to trust this installation: the only page over unencrypted HTTP on the local network.</summary>
public sealed class TrustModel(MachineCertificates certificates, AppSettings settings) : PageModel
{
    /// <summary>The authority's fingerprint.</summary>
    public string Fingerprint => certificates.Fingerprint;

    /// <summary>The encrypted address, with the host name of the request.</summary>
    public string Secure => string.Create(CultureInfo.InvariantCulture, $"https://{Request.Host.Host}:{settings.LocalNetworkPort}");

    /// <summary>Shows the page; not found where the server is not open to the local network.</summary>
    public IActionResult OnGet() => settings.LocalNetwork ? Page() : NotFound();
}
