namespace Cistern.Web.Wording;

/// <summary>A technical term, explained where it is used.</summary>
/// <param name="Id">Its id on a page.</param>
/// <param name="Word">The word.</param>
/// <param name="Means">What it means, in two or three sentences.</param>
/// <param name="Topic">The help topic with more; null where there is none.</param>
public sealed record Term(string Id, string Word, string Means, string? Topic = null)
{
    /// <summary>All terms that are explained. To add one, add a row here and a <c>_Term</c> where it is used.</summary>
    public static IReadOnlyList<Term> All { get; } =
    [
        new("roast", "Roast", "How dark the beans are, from 0 (the lightest) through 0.4 (brown and dry) to 1 (nearly black and oily). The bag says light, medium or dark: take 0.2, 0.45 or 0.75. A darker roast gives more, and gives it sooner; a lighter one wants it finer, hotter or longer."),
        new("tds", "TDS", "Strength: how much of the drink is coffee and not water, in % by mass. Undiluted filter coffee is about 1.2 to 1.5 %. TDS is total dissolved solids, which a refractometer reads.", "strength"),
        new("extraction", "Extraction", "How much of the dry coffee ended in the cup, in % of its mass. What is dissolved but stays in the wet bed is shown beside it. Immersion brews reach about 15 to 20 %.", "strength"),
        new("balance", "Balance", "Which side a cup is on: sour (too little extracted besides the acids), balanced or bitter (too much). It is a judgement of the model, and says nothing of how strong it is.", "tasting"),
        new("band", "Band", "The range in which the real figure is eight times out of ten: the model, the grinder and the coffee are never known exactly. It narrows as Cistern learns from your brews."),
        new("school", "Style", "A way of brewing that some practitioners prefer and others do not: coffee first or water first, still or stirred. Each recipe belongs to one; none is the right one."),
    ];

    /// <summary>The term with an id.</summary>
    /// <exception cref="InvalidOperationException">There is no such term.</exception>
    public static Term Of(string id) => All.First(one => one.Id == id);
}
