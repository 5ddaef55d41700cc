using Cistern.Core.Fitting;
using Cistern.Core.Forecasts;
using Cistern.Data.Stores;

namespace Cistern.Web.Frame;

/// <summary>The model a brew is forecast with: the published one, or with what was learned of its grinder, vessel and coffee.</summary>
/// <param name="published">The published one, stopped with this request.</param>
/// <param name="now">What is known now.</param>
/// <param name="bench">Who is here.</param>
public sealed class Models(ForecastModel published, LearnedNow now, BaristaContext bench)
{
    /// <summary>The model as published.</summary>
    public ForecastModel Published => published;

    /// <summary>What is known now; nothing where whoever is here does not want it used.</summary>
    public async Task<Learned> LearnedAsync(CancellationToken ct) => (await bench.BaristaAsync(ct))?.UsesLearned == false ? Learned.Nothing : now.Current;

    /// <summary>What is known with what was kept a moment ago: every page knows it then, until all is learned anew.</summary>
    /// <param name="learn">Learns the news.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<Learned> LearnedWithAsync(Func<Learned, Learned> learn, CancellationToken ct)
    {
        if ((await bench.BaristaAsync(ct))?.UsesLearned == false)
        {
            return Learned.Nothing;
        }

        var known = now.Current;
        return now.Behind ? now.Renew(known, learn(known)) : known;
    }
}
