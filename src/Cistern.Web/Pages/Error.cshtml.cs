using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace Cistern.Web.Pages;

/// <summary>What is shown where there is nothing, or where something broke.</summary>
[ResponseCache(NoStore = true)]
[IgnoreAntiforgeryToken]
public sealed class ErrorModel : PageModel
{
    public string Title { get; private set; } = "";

    public string Words { get; private set; } = "";

    public void OnGet(int status = 500) => (Title, Words) = Say(status);

    public void OnPost(int status = 500) => OnGet(status);

    private static (string Title, string Words) Say(int status) => status switch
    {
        404 => ("Nothing is kept here", "The page or the brew you asked for is not here. It may have been another address."),
        400 => ("That form had gone stale", "It was open for too long, or came from another page. Go back, reload, and send it again; nothing was changed."),
        405 => ("That cannot be done here", "This address does not take what was sent to it."),
        413 => ("That is too large", "Send less at once."),
        _ => ("Something broke on our side", "What was saved before is still saved. Try again; if it breaks again, the log of the server says why."),
    };
}
