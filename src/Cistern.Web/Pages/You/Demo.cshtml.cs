namespace Cistern.Web.Pages.You;

/// <summary>Opens a demo beside the user's own data, on this machine only.</summary>
public sealed class DemoModel(DemoProcess demo) : PageModel
{
    /// <summary>Its address; null while none is open.</summary>
    public Uri? Address { get; private set; }

    /// <summary>Whether it did not come up.</summary>
    public bool Failed { get; private set; }

    /// <summary>Whether one can be opened from where a request came.</summary>
    /// <param name="demo">The demo.</param>
    /// <param name="context">The request.</param>
    public static bool IsOffered(DemoProcess demo, HttpContext context) => demo.MayOpen && context.Origin() == RequestOrigin.ThisMachine;

    /// <summary>Shows the page.</summary>
    public IActionResult OnGet()
    {
        Address = demo.Address;
        return IsOffered(demo, HttpContext) ? Page() : NotFound();
    }

    /// <summary>Opens it.</summary>
    public async Task<IActionResult> OnPostAsync(CancellationToken ct)
    {
        if (!IsOffered(demo, HttpContext))
        {
            return NotFound();
        }

        Address = await demo.OpenAsync(new Uri($"{Request.Scheme}://{Request.Host}"), ct);
        if (Address is not null)
        {
            return Redirect("/demo");
        }

        Failed = true;
        Response.StatusCode = StatusCodes.Status503ServiceUnavailable;
        return Page();
    }
}
