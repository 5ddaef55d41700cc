using System.Buffers;
using Cistern.Web.Pages.Log;

namespace Cistern.Web.Pages.Trends;

/// <summary>A figure of the matching brews over time or over a setting.</summary>
public sealed class TrendsModel(LogStore log, BaristaContext baristaContext) : PageModel
{
    private const int MaxParts = 24;

    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>What is asked of the log.</summary>
    public LogQuery Query { get; private set; } = new();

    /// <summary>What it is of.</summary>
    public TrendFigure Of { get; private set; } = null!;

    /// <summary>What it is over.</summary>
    public TrendFigure Over { get; private set; } = null!;

    /// <summary>What it can be over.</summary>
    public IReadOnlyList<TrendFigure> AllOver { get; private set; } = [];

    /// <summary>The filters, with the values of each and their counts.</summary>
    public IReadOnlyList<(LogFacet Facet, IReadOnlyList<FacetCount> Values)> Facets { get; private set; } = [];

    /// <summary>How many brews match, and how many of them have both figures.</summary>
    public (int Found, int Shown) Brews { get; private set; }

    /// <summary>Its parts.</summary>
    public IReadOnlyList<TrendPart> Parts { get; private set; } = [];

    /// <summary>The chart for a wide page and a narrow one; empty where there is nothing to draw.</summary>
    public (string Wide, string Narrow) Chart { get; private set; } = ("", "");

    /// <summary>The rank correlation, −1 to 1; null where there are too few brews.</summary>
    public double? Along { get; private set; }

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(string? of, string? over, CancellationToken ct)
    {
        var format = await baristaContext.FormatAsync(ct);
        AllOver = TrendFigures.Over(format, baristaContext.Day);
        Of = TrendFigures.Outcomes.FirstOrDefault(figure => figure.Word == of) ?? TrendFigures.Outcomes[0];
        Over = AllOver.FirstOrDefault(figure => figure.Word == over) ?? AllOver[0];
        Query = LogQueries.Of(Request.Query);
        var found = await log.FindAsync(Query, ct);
        Facets = [.. found.Facets.Where(one => one.Facet.Word is "coffee" or "recipe" or "family" or "mill" or "vessel" or "barista")];
        // Rented, because a hundred thousand points are megabytes per request.
        var points = ArrayPool<TrendPoint>.Shared.Rent(found.Rows.Count);
        var rows = ArrayPool<LogRow>.Shared.Rent(found.Rows.Count);
        try
        {
            var count = 0;
            foreach (var row in found.Rows)
            {
                if (Over.Of(row) is { } x && Of.Of(row) is { } y)
                {
                    (points[count], rows[count]) = (new TrendPoint(x, y, Of.Band?.Invoke(row)), row);
                    count++;
                }
            }

            Brews = (found.Rows.Count, count);
            if (count > 0)
            {
                Draw(new ArraySegment<TrendPoint>(points, 0, count), rows);
            }
        }
        finally
        {
            ArrayPool<TrendPoint>.Shared.Return(points);
            ArrayPool<LogRow>.Shared.Return(rows, clearArray: true);
        }
    }

    private void Draw(ArraySegment<TrendPoint> points, LogRow[] rows)
    {
        Parts = TrendChart.Parts(points, MaxParts);
        Along = RankCorrelation(points);
        string Label(int at) => $"{rows[at].Name}, {baristaContext.Day(rows[at].OpenedAtMs)}: {Of.Told(points[at].Y)}";
        Chart = (TrendChart.Draw(points, Parts, Over.Axis, Of.Axis, Label, 900, 400), TrendChart.Draw(points, Parts, Over.Axis, Of.Axis, Label, 358, 300));
    }

    /// <summary>
    /// Spearman's rank correlation: whether one figure increases with the other, whatever the curve. Undefined for fewer than eight
    /// brews; of very many a sample is enough.
    /// </summary>
    private static double? RankCorrelation(ArraySegment<TrendPoint> points)
    {
        const int Least = 8;
        const int Most = 4_000;
        if (points.Count < Least)
        {
            return null;
        }

        var every = Math.Max(1, points.Count / Most);
        var some = points.Where((_, i) => i % every == 0).ToList();
        var along = MathNet.Numerics.Statistics.Correlation.Spearman(some.Select(point => point.X), some.Select(point => point.Y));
        return double.IsFinite(along) ? along : null;
    }
}
