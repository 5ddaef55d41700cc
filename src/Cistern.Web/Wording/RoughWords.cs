namespace Cistern.Web.Wording;

/// <summary>Numbers of spoons and levels at marks, in words.</summary>
public static class RoughWords
{
    /// <summary>Spoons, to the half.</summary>
    /// <param name="count">How many.</param>
    /// <param name="name">Of which spoon.</param>
    /// <param name="heaped">Heaped, or level.</param>
    public static string Spoons(double count, string name, bool heaped) =>
        $"{(count < 1 ? "" : Math.Floor(count).ToString("0", CultureInfo.InvariantCulture))}{(count % 1 == 0 ? "" : "½")} {(heaped ? "heaped" : "level")} {name}{(count > 1 && name.EndsWith("spoon", StringComparison.OrdinalIgnoreCase) ? "s" : "")}";

    /// <summary>A level by the nearest marks; in ml where there are none.</summary>
    /// <param name="ml">The volume then in the vessel, ml.</param>
    /// <param name="marks">Its marks, ml.</param>
    public static string Height(double ml, IReadOnlyList<double> marks)
    {
        if (marks.Count == 0)
        {
            return $"until some {FigureFormat.Number(ml, 0)} ml are in it";
        }

        var nearest = marks.MinBy(mark => Math.Abs(mark - ml));
        if (Math.Abs(nearest - ml) <= 5)
        {
            return $"to the {FigureFormat.Number(nearest, 0)} mark";
        }

        var below = marks.Where(mark => mark < ml).DefaultIfEmpty(0).Max();
        var above = marks.Where(mark => mark > ml).DefaultIfEmpty(0).Min();
        if (above <= 0)
        {
            return $"{FigureFormat.Number(ml - below, 0)} ml over the {FigureFormat.Number(below, 0)} mark";
        }

        var share = (ml - below) / (above - below);
        var words = share < 0.2 ? "just over" : share < 0.42 ? "a third of the way up from" : share < 0.58 ? "half way up from" : share < 0.8 ? "two thirds of the way up from" : "nearly all the way up from";
        return below > 0 ? $"{words} the {FigureFormat.Number(below, 0)} to the {FigureFormat.Number(above, 0)} mark" : $"{words} the bottom to the {FigureFormat.Number(above, 0)} mark";
    }
}
