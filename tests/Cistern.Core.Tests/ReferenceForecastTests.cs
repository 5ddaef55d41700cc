using System.Globalization;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Tests;

public sealed class ReferenceForecastTests
{
    public static IEnumerable<TheoryDataRow<string>> Ids() =>
        Table().Select(row => new TheoryDataRow<string>(row["id"]));

    [Theory]
    [MemberData(nameof(Ids))]
    public void Every_figure_meets_the_independent_results(string id)
    {
        var expected = Table().Single(row => row["id"] == id);
        var totals = ForecastModel.Published.Run(RecipeLibrary.Find(id)!).Totals;
        var actual = ForecastFigures.Of(totals);

        var misses = new List<string>();
        foreach (var (name, text) in expected.Where(cell => cell.Key != "id"))
        {
            var value = actual[name];
            if (text.Length == 0)
            {
                if (value is not null)
                {
                    misses.Add($"{name}: expected nothing, got {value}");
                }

                continue;
            }

            var wanted = double.Parse(text, CultureInfo.InvariantCulture);
            var tolerance = name == "sedimentGPer100G" ? 0.05 * wanted : Math.Abs(wanted) < 2 ? 0.02 : 0.01 * Math.Abs(wanted);
            if (value is null || Math.Abs(value.Value - wanted) > tolerance)
            {
                misses.Add(string.Create(CultureInfo.InvariantCulture, $"{name}: expected {wanted}, got {value}"));
            }
        }

        Assert.Empty(misses);
    }

    [Fact]
    public void The_table_covers_every_recipe_of_the_library() =>
        Assert.Equal(RecipeLibrary.All.Select(recipe => recipe.Id), Table().Select(row => row["id"]));

    private static List<Dictionary<string, string>> Table()
    {
        var lines = File.ReadAllLines(Path.Combine(AppContext.BaseDirectory, "data", "reference-forecasts.csv"));
        var names = lines[0].Split(',');
        return [.. lines.Skip(1).Where(line => line.Length > 0).Select(line => names.Zip(line.Split(',')).ToDictionary(cell => cell.First, cell => cell.Second))];
    }
}
