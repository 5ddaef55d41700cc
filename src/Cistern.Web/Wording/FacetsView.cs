using Cistern.Data.Log;

namespace Cistern.Web.Wording;

/// <summary>What a list of brews is narrowed by, as chips.</summary>
/// <param name="Facets">By facet, each value with its count.</param>
/// <param name="Query">What is asked for.</param>
/// <param name="Address">Where a chip leads, before what it then asks for.</param>
public sealed record FacetsView(IReadOnlyList<(LogFacet Facet, IReadOnlyList<FacetCount> Values)> Facets, LogQuery Query, string Address)
{
    /// <summary>The most values of a facet that are offered.</summary>
    public const int MostValues = 60;
}
