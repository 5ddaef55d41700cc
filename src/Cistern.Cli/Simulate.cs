using System.Net;
using System.Text;
using System.Text.Json;

namespace Cistern.Cli;

/// <summary>Plays simulated instruments against a running server, through the same API as any gateway.</summary>
internal sealed class Simulate(Terminal terminal)
{
    private static readonly TimeSpan Interval = TimeSpan.FromMilliseconds(200);

    /// <summary>Plays until the brew is over.</summary>
    /// <param name="brew">The brew's number.</param>
    /// <param name="url">The server.</param>
    /// <param name="token">The brew's token.</param>
    /// <param name="hands">The simulated barista, by its word.</param>
    /// <param name="seed">The same seed gives the same brew.</param>
    /// <param name="ct">Cancels it.</param>
    /// <returns>The exit code.</returns>
    public async Task<int> RunAsync(int brew, Uri url, string token, string hands, int seed, CancellationToken ct)
    {
        if (SimulatedHands.Find(hands) is not { } choice)
        {
            return Fail($"error: --hands: one of {string.Join(", ", SimulatedHands.All.Select(one => one.Word))}.");
        }

        using var client = new HttpClient { BaseAddress = url };
        client.DefaultRequestHeaders.Authorization = new("Bearer", token);
        try
        {
            if (await AskAsync(client, brew, ct) is not { } told)
            {
                return Fail($"error: {url} has no running brew {brew.ToString(CultureInfo.InvariantCulture)}.");
            }

            var player = new SimulationPlayer(new SimulatedInstruments(SimulatedBrew.Of(ForecastModel.Published.Run(told.Recipe), choice.Hands, seed), seed), told.NowMs);
            await terminal.Error.WriteLineAsync($"Brewing {told.Recipe.Name}, hands {choice.Word}, seed {seed.ToString(CultureInfo.InvariantCulture)}. Ctrl+C stops it.");
            while (!player.IsOver)
            {
                if (await AskAsync(client, brew, ct) is not { } now)
                {
                    break;
                }

                var (readings, toS) = player.ReadingsSince(now.NowMs, now.StartedAtMs, startsItself: false);
                var taken = true;
                foreach (var piece in readings.Chunk(ReadingLines.Most))
                {
                    using var answer = await SendAsync(client, brew, Lines(piece), ct);
                    if (answer.StatusCode is HttpStatusCode.Unauthorized or HttpStatusCode.UnprocessableEntity)
                    {
                        return Fail($"error: {await answer.Content.ReadAsStringAsync(ct)}");
                    }

                    taken &= answer.IsSuccessStatusCode;
                }

                // What was not taken is sent again; what was is known.
                if (taken)
                {
                    player.Confirm(toS);
                }

                await Task.Delay(Interval, ct);
            }

            // Done, and a sample has cooled.
            await SendAsync(client, brew, string.Create(CultureInfo.InvariantCulture, $"{{\"of\":\"tdsPercent\",\"value\":{player.Instruments.TdsPercent():0.##}}}\n"), ct);
            await terminal.Error.WriteLineAsync("The brew is over.");
            return 0;
        }
        catch (HttpRequestException error)
        {
            return Fail($"error: {url} does not answer: {error.Message}");
        }
        catch (OperationCanceledException)
        {
            return 0;
        }
    }

    private static async Task<HttpResponseMessage> SendAsync(HttpClient client, int brew, string lines, CancellationToken ct)
    {
        using var body = new StringContent(lines, Encoding.UTF8, "application/jsonl");
        return await client.PostAsync(new Uri($"/api/brews/{brew.ToString(CultureInfo.InvariantCulture)}/readings", UriKind.Relative), body, ct);
    }

    private static string Lines(IEnumerable<Reading> readings) =>
        string.Concat(readings.Select(reading => string.Create(CultureInfo.InvariantCulture, $"{{\"of\":\"{ReadingRange.For(reading.Of).Word}\",\"atMs\":{reading.AtMs:0},\"value\":{reading.Value:0.##}}}\n")));

    private static async Task<(Recipe Recipe, double NowMs, double? StartedAtMs)?> AskAsync(HttpClient client, int brew, CancellationToken ct)
    {
        using var answer = await client.GetAsync(new Uri($"/api/brews/{brew.ToString(CultureInfo.InvariantCulture)}", UriKind.Relative), ct);
        if (!answer.IsSuccessStatusCode)
        {
            return null;
        }

        using var json = JsonDocument.Parse(await answer.Content.ReadAsStringAsync(ct));
        var root = json.RootElement;
        return root.GetProperty("state").GetString() == "running" && RecipeReader.ReadDraft(root.GetProperty("recipe").GetRawText()).Recipes is [var recipe]
            ? (recipe, root.GetProperty("nowMs").GetDouble(), root.GetProperty("startedAtMs").ValueKind == JsonValueKind.Number ? root.GetProperty("startedAtMs").GetDouble() : null)
            : null;
    }

    private int Fail(string message)
    {
        terminal.Error.WriteLine(message);
        return 1;
    }
}
