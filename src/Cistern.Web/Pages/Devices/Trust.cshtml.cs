using System.Globalization;
using Cistern.Web.Frame;
using Cistern.Web.House;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace Cistern.Web.Pages.Devices;

/// <summary>Says how a phone is made to trust this bench: the one page over plain http in the house.</summary>
public sealed class TrustModel(HouseCertificates certificates, AppSettings settings) : PageModel
{
    /// <summary>The authority's fingerprint.</summary>
    public string Fingerprint => certificates.Fingerprint;

    /// <summary>Where the bench is, encrypted: at the name this page was asked for by.</summary>
    public string Secure => string.Create(CultureInfo.InvariantCulture, $"https://{Request.Host.Host}:{settings.HousePort}");

    /// <summary>Shows the page; there is none where the house is not open.</summary>
    public IActionResult OnGet() => settings.House ? Page() : NotFound();
}
