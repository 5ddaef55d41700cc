namespace Cistern.Core.Recipes;

/// <summary>The recipes that come with Cistern: one or more complete recipes for each main style.</summary>
public static class RecipeLibrary
{
    private static readonly Lazy<IReadOnlyList<Recipe>> Loaded = new(Load);

    /// <summary>All of them, in the order of the file.</summary>
    public static IReadOnlyList<Recipe> All => Loaded.Value;

    /// <summary>One by its id, or null.</summary>
    public static Recipe? Find(string id) => All.FirstOrDefault(recipe => recipe.Id == id);

    private static IReadOnlyList<Recipe> Load()
    {
        using var stream = typeof(RecipeLibrary).Assembly.GetManifestResourceStream("recipes.json")!;
        using var memory = new MemoryStream();
        stream.CopyTo(memory);
        return RecipeReader.Read(memory.ToArray()).Recipes;
    }
}
