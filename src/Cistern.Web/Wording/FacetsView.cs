namespace Cistern.Web.Wording;

/// <summary>The filters of a list of brews.</summary>
/// <param name="Facets">By facet, each value with its count.</param>
/// <param name="Query">The current query.</param>
/// <param name="Address">The start of a filter's address, before its query.</param>
public sealed record FacetsView(IReadOnlyList<(LogFacet Facet, IReadOnlyList<FacetCount> Values)> Facets, LogQuery Query, string Address)
{
    /// <summary>The most values shown of a facet.</summary>
    public const int MaxValues = 60;
}
