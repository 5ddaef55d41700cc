using System.Text;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;

namespace Cistern.Web.Tests;

/// <summary>Whatever is sent to whatever address, the answer is one of our pages and never a 500.</summary>
public sealed partial class OddRequestTests(App app) : IClassFixture<App>
{
    /// <summary>The status codes allowed for each odd request; never 5xx.</summary>
    private static readonly HttpStatusCode[] Fine =
    [
        HttpStatusCode.OK, HttpStatusCode.NoContent, HttpStatusCode.Found, HttpStatusCode.BadRequest, HttpStatusCode.NotFound, HttpStatusCode.MethodNotAllowed,
        HttpStatusCode.Conflict, HttpStatusCode.Forbidden, HttpStatusCode.RequestEntityTooLarge, HttpStatusCode.UnsupportedMediaType, HttpStatusCode.UnprocessableEntity,
        HttpStatusCode.Unauthorized, HttpStatusCode.TooManyRequests,
    ];

    [Fact]
    public async Task No_address_breaks_on_an_odd_request()
    {
        var client = app.CreateClient(new() { AllowAutoRedirect = false, HandleCookies = true });
        var token = await TokenAsync(client);
        var paths = Addresses();
        Assert.True(paths.Count > 25, string.Join(' ', paths));
        var withForms = 0;
        foreach (var path in paths)
        {
            // Where nothing is, forms are not read.
            using var plain = await client.GetAsync(new Uri(path, UriKind.Relative), TestContext.Current.CancellationToken);
            var exists = plain.StatusCode != HttpStatusCode.NotFound;
            withForms += exists ? 1 : 0;
            foreach (var (name, request) in Odd(path, token).Concat(exists ? OddForms(path, token) : []))
            {
                using (request)
                {
                    var answer = await client.SendAsync(request, TestContext.Current.CancellationToken);
                    Assert.True(Fine.Contains(answer.StatusCode), $"{name} to {path} is answered with {(int)answer.StatusCode}");
                    if ((int)answer.StatusCode is 400 or 404 or 405 or 413 or 415 && request.Method != HttpMethod.Head)
                    {
                        var said = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
                        Assert.True(said.Contains("Back to the Bench", StringComparison.Ordinal) || said.Contains("findings", StringComparison.Ordinal), $"{name} to {path}: {said}");
                    }
                }
            }
        }

        Assert.True(withForms > 40, $"{withForms} of {paths.Count}");
    }

    [Theory]
    [InlineData("PUT", 405)]
    [InlineData("DELETE", 405)]
    [InlineData("TRACE", 405)]
    [InlineData("OPTIONS", 405)]
    [InlineData("BREW", 405)]
    public async Task An_unsupported_method_is_refused_before_any_page_runs(string method, int status)
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), new Uri("/plan/fp-long-settle", UriKind.Relative));
        var answer = await app.Browser().SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(status, (int)answer.StatusCode);
        Assert.Equal("GET, HEAD, POST", string.Join(", ", answer.Content.Headers.Allow));
    }

    [Theory]
    [InlineData("application/json", "{}", 415)]
    [InlineData("text/plain", "name=x", 415)]
    [InlineData(null, "", 415)]
    [InlineData("multipart/form-data", "no boundary", 400)]
    [InlineData("multipart/form-data; boundary=x", "--x\r\nContent-Disposition: form-data; name=\"a\"\r\n\r\ncut off", 400)]
    public async Task A_body_that_is_no_form_is_refused(string? type, string body, int status)
    {
        var client = app.Browser();
        using var request = Post("/you?handler=New", await TokenAsync(client), body, type);
        var answer = await client.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(status, (int)answer.StatusCode);
    }

    [Fact]
    public async Task Over_a_thousand_fields_are_too_much_at_once()
    {
        var client = app.Browser();
        using var request = Post("/you?handler=New", await TokenAsync(client), string.Join('&', Enumerable.Range(0, 1_100).Select(i => $"f{i}=1")), "application/x-www-form-urlencoded");
        var answer = await client.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, answer.StatusCode);
        Assert.Contains("1,024 fields", await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_page_without_a_handler_refuses_the_form()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/log/1");
        Assert.Equal(HttpStatusCode.MethodNotAllowed, (await App.PostAsync(client, page, "/log/1?handler=Nonsense", ("note", "x"))).StatusCode);
        Assert.Equal(HttpStatusCode.MethodNotAllowed, (await App.PostAsync(client, page, "/log", ("note", "x"))).StatusCode);
    }

    /// <summary>A form that had expired must not lose what somebody wrote in it.</summary>
    [Fact]
    public async Task A_refused_form_is_shown_again_as_typed()
    {
        using var content = new FormUrlEncodedContent([KeyValuePair.Create("note", "blackcurrant & <tea>, later cocoa"), KeyValuePair.Create("__RequestVerificationToken", "stale")]);
        var answer = await app.Browser().PostAsync(new Uri("/log/1?handler=Note", UriKind.Relative), content, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        var page = await App.ParseAsync(answer);
        Assert.Contains("out of date", page.QuerySelector("h1")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("blackcurrant & <tea>, later cocoa", page.QuerySelector(".sent dd")!.TextContent);
        Assert.DoesNotContain("stale\n", page.QuerySelector(".sent")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_program_is_answered_with_findings()
    {
        using var request = new HttpRequestMessage(HttpMethod.Put, new Uri("/api/forecast", UriKind.Relative));
        var answer = await app.Browser().SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal("application/json", answer.Content.Headers.ContentType!.MediaType);
        Assert.Contains("\"findings\"", await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("/plan/fp-long-settle?handler=Vessel&at=60")]
    [InlineData("/plan/fp-long-settle?handler=File")]
    [InlineData("/plan/fp-long-settle?handler=Tide")]
    [InlineData("/brew/1?handler=Picture")]
    [InlineData("/plan/fp-long-settle")]
    [InlineData("/api/nothing")]
    public async Task Pages_of_the_moment_are_not_cached(string path)
    {
        var answer = await app.Browser().GetAsync(new Uri(path, UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.True(answer.Headers.CacheControl!.NoStore, path);
    }

    /// <summary>Every address there is, from the application's own endpoints, its parameters filled with existing values.</summary>
    private SortedSet<string> Addresses()
    {
        app.Browser();
        var paths = new SortedSet<string>(StringComparer.Ordinal);
        foreach (var endpoint in app.Services.GetServices<EndpointDataSource>().SelectMany(source => source.Endpoints).OfType<RouteEndpoint>())
        {
            var pattern = "/" + endpoint.RoutePattern.RawText!.TrimStart('/');
            var isPage = endpoint.Metadata.GetMetadata<PageActionDescriptor>() is not null;
            if (isPage || pattern.StartsWith("/api", StringComparison.Ordinal) || pattern.StartsWith("/formats", StringComparison.Ordinal) || pattern.StartsWith("/openapi", StringComparison.Ordinal) || pattern is "/healthz" or "/icon.svg" or "/css/cistern.css")
            {
                foreach (var id in (string[])["1", "fp-long-settle", "999999"])
                {
                    paths.Add(Parameter().Replace(pattern, match => match.Groups["name"].Value == "kind" ? "coffee" : match.Groups["name"].Value == "documentName" ? "v1" : id));
                }
            }
        }

        return paths;
    }

    private static IEnumerable<(string Name, HttpRequestMessage Request)> Odd(string path, string token)
    {
        HttpRequestMessage Plain(string method, string more = "") => new(new HttpMethod(method), new Uri(path + more, UriKind.Relative));
        foreach (var method in (string[])["PUT", "PATCH", "DELETE", "OPTIONS", "TRACE", "CONNECTED", "BREW", "HEAD", "GET", "POST"])
        {
            yield return (method, Plain(method));
        }

        yield return ("a handler that is none", Plain("GET", "?handler=Nonsense"));
        yield return ("a nul in the query", Plain("GET", "?id=%00&at=%00&kind=%00&a=%00&do=%00"));
        yield return ("a bell in the address", Plain("GET", "%07"));
        yield return ("half a letter", Plain("GET", "?at=%ED%A0%80&bag=%FF%FE"));
        yield return ("a long query", Plain("GET", "?at=" + new string('9', 9_000)));
        yield return ("json", Post(path, token, "{\"name\":1}", "application/json"));
        yield return ("text", Post(path, token, "name=x", "text/plain"));
        yield return ("no type", Post(path, token, "name=x", null));
        yield return ("an odd type", Post(path, token, "name=x", "application/x-www-form-urlencoded; charset=utf-7"));
        yield return ("multipart without its boundary", Post(path, token, "--x--", "multipart/form-data"));
        yield return ("multipart cut off", Post(path, token, "--x\r\nContent-Disposition: form-data; name=\"a\"\r\n\r\nb", "multipart/form-data; boundary=x"));
        yield return ("multipart of nonsense", Post(path, token, "\0\u0001\u0002", "multipart/form-data; boundary=x"));
        yield return ("too many fields", Post(path, token, string.Join('&', Enumerable.Range(0, 1_100).Select(i => $"f{i}=1")), "application/x-www-form-urlencoded"));
        yield return ("nuls in fields", Post(path, token, "name=%00&why=%00&do=%00&s.index=%00&stored=%00&kind=%00&id=%00&key=%00&step=%00", "application/x-www-form-urlencoded"));
        yield return ("an empty form", Post(path, token, "", "application/x-www-form-urlencoded"));
        yield return ("a handler that is none, posted", Post(path + "?handler=Nonsense", token, "a=b", "application/x-www-form-urlencoded"));
    }

    private static IEnumerable<(string Name, HttpRequestMessage Request)> OddForms(string path, string token)
    {
        foreach (var handler in (string[])["Press", "Weights", "Abandon", "Finish", "Note", "Keep", "Brew", "Import", "Remove", "Restore", "Rename", "Duplicate", "Who", "New", "Units", "Light", "Again"])
        {
            yield return ($"nothing to {handler}", Post($"{path}?handler={handler}", token, "", "application/x-www-form-urlencoded"));
            yield return ($"nonsense to {handler}", Post($"{path}?handler={handler}", token, "id=x&entry=x&kind=done&step=1e99&undoes=x&placed=1&ended-1=9e9&doseG=NaN&beverageG=1e309&stored=-1&name=%0A&why=%07&brew=9e9&weight-4=NaN&note=%1B&keep.name=%00&text=%5B&do=remove:99", "application/x-www-form-urlencoded"));
        }

        foreach (var deed in (string[])["undo", "redo", "accept", "back", "as-now", "fit", "bag", "find", "find-both", "let-down", "set:DoseG:NaN", "begin:0:1e308", "end:99:5", "remove:0", "up:0", "down:99", "add:0", "open:-1", "dose+", "grind-", "release-"])
        {
            yield return ($"do {deed}", Post(path, token, $"do={Uri.EscapeDataString(deed)}&verb=%00&ask.setting=9&ask.value=%E2%88%92", "application/x-www-form-urlencoded"));
        }
    }

    private static HttpRequestMessage Post(string path, string token, string body, string? type)
    {
        var request = new HttpRequestMessage(HttpMethod.Post, new Uri(path, UriKind.Relative)) { Content = new ByteArrayContent(Encoding.UTF8.GetBytes(body)) };
        request.Headers.Add("X-Form-Token", token);
        if (type is not null)
        {
            request.Content.Headers.TryAddWithoutValidation("Content-Type", type);
        }

        return request;
    }

    private static async Task<string> TokenAsync(HttpClient client) =>
        (await App.GetAsync(client, "/you")).QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!;

    [GeneratedRegex(@"\{(?<name>\w+)[^}]*\}", RegexOptions.ExplicitCapture, matchTimeoutMilliseconds: 1_000)]
    private static partial Regex Parameter();
}
