using System.Net.Http.Headers;
using System.Text;
using AngleSharp.Dom;

namespace Cistern.Web.Tests;

/// <summary>Uses the plan page as a browser without scripts would.</summary>
internal static class PlanPage
{
    public static async Task<IDocument> ChangeAsync(HttpClient client, IDocument page, params (string Name, string Value)[] changes) =>
        await App.ParseAsync(await PostAsync(client, page, changes));

    /// <summary>Sends the form of the page with some fields changed, as a browser without scripts would.</summary>
    public static Task<HttpResponseMessage> PostAsync(HttpClient client, IDocument page, params (string Name, string Value)[] changes) => SentAsync(client, page, "", changes);

    /// <summary>Presses <em>Brew this</em>.</summary>
    public static Task<HttpResponseMessage> BrewAsync(HttpClient client, IDocument page) => SentAsync(client, page, "?handler=Brew", []);

    private static async Task<HttpResponseMessage> SentAsync(HttpClient client, IDocument page, string handler, (string Name, string Value)[] changes)
    {
        var form = page.QuerySelector("#plan")!;
        var values = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var field in form.QuerySelectorAll("input[name], select[name]"))
        {
            values[field.GetAttribute("name")!] = field.LocalName == "select"
                ? field.QuerySelector("option[selected]")?.GetAttribute("value") ?? field.QuerySelector("option")!.GetAttribute("value")!
                : field.GetAttribute("value") ?? "";
        }

        foreach (var (name, value) in changes)
        {
            values[name] = value;
        }

        using var content = new FormUrlEncodedContent(values);
        return await client.PostAsync(new Uri(form.GetAttribute("action")! + handler, UriKind.Relative), content);
    }

    public static async Task<IDocument> SaveAsync(HttpClient client, IDocument page, string name, string why)
    {
        var path = page.QuerySelector("#plan")!.GetAttribute("action")!;
        return await App.ParseAsync(await App.PostAsync(client, page, path + "?handler=Keep", ("keep.name", name), ("keep.why", why)));
    }

    public static async Task<HttpResponseMessage> ImportAsync(HttpClient client, IDocument page, string json)
    {
        using var content = new MultipartFormDataContent();
        using var token = new StringContent(page.QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!);
        using var file = new ByteArrayContent(Encoding.UTF8.GetBytes(json));
        file.Headers.ContentType = new MediaTypeHeaderValue("application/json");
        content.Add(token, "__RequestVerificationToken");
        content.Add(file, "file", "plans.json");
        return await client.PostAsync(new Uri("/plan?handler=Import", UriKind.Relative), content);
    }

    public static string Option(IDocument page, string select, string text) =>
        page.QuerySelectorAll($"#{select} option").Single(option => option.TextContent == text).GetAttribute("value")!;

    public static string Value(IDocument page, string id) => page.QuerySelector($"#{id}")!.GetAttribute("value")!;

    public static double Strength(IDocument page) => double.Parse(page.QuerySelector(".figures .figure")!.TextContent, CultureInfo.InvariantCulture);
}
