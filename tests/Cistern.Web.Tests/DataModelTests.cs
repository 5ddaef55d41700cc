using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Metadata;

namespace Cistern.Web.Tests;

/// <summary>The compiled EF model saves a quarter of a second of every start; it must match the current model.</summary>
public sealed class DataModelTests
{
    [Fact]
    public void Every_row_that_goes_with_its_brew_is_on_the_one_list()
    {
        using var db = new DesignTimeDb().CreateDbContext([]);
        var going = db.Model.FindEntityType(typeof(Brew))!.GetReferencingForeignKeys().Where(key => key.DeleteBehavior == DeleteBehavior.Cascade).Select(key => key.DeclaringEntityType.ClrType);
        Assert.Equal(going.Select(kind => kind.Name).Order(StringComparer.Ordinal), BrewParts.Kinds.Select(kind => kind.Name).Order(StringComparer.Ordinal));
    }

    [Fact]
    public void The_compiled_model_is_that_of_the_code()
    {
        using var db = new DesignTimeDb().CreateDbContext([]);
        var compiled = Told(db.Model);
        Assert.StartsWith("Cistern.Data.Compiled.", db.Model.GetType().FullName, StringComparison.Ordinal);
        var code = Told(db.GetService<IDesignTimeModel>().Model);
        Assert.NotEmpty(code);
        Assert.Equal(code, compiled);
    }

    [Fact]
    public void No_migration_is_missing()
    {
        using var db = new DesignTimeDb().CreateDbContext([]);
        Assert.False(db.Database.HasPendingModelChanges(), "in src/Cistern.Data: dotnet ef migrations add NAME -o Migrations");
    }

    /// <summary>All that decides which SQL is sent, and how the results are read.</summary>
    private static List<string> Told(IModel model)
    {
        var told = new List<string>();
        foreach (var entity in model.GetEntityTypes().OrderBy(entity => entity.Name, StringComparer.Ordinal))
        {
            told.Add($"{entity.Name} in {entity.GetTableName()}, filters {entity.GetDeclaredQueryFilters().Count}");
            told.AddRange(entity.GetProperties().Select(one => $"{entity.Name}.{one.Name}: {one.ClrType.Name} as {one.GetColumnName()}, {one.IsNullable}, {one.GetMaxLength()}, {one.ValueGenerated}, {one.IsConcurrencyToken}, {one.GetValueConverter()?.GetType().Name}, {one.GetTypeMapping().Comparer.Type.Name}"));
            told.AddRange(entity.GetKeys().Select(key => $"{entity.Name} key {string.Join(", ", key.Properties.Select(one => one.Name))}"));
            told.AddRange(entity.GetForeignKeys().Select(key => $"{entity.Name} to {key.PrincipalEntityType.Name} by {string.Join(", ", key.Properties.Select(one => one.Name))}, {key.DeleteBehavior}, {key.IsUnique}, {key.IsRequired}, {key.DependentToPrincipal?.Name}, {key.PrincipalToDependent?.Name}"));
            told.AddRange(entity.GetIndexes().Select(index => $"{entity.Name} index {string.Join(", ", index.Properties.Select(one => one.Name))}, {index.IsUnique}"));
        }

        return told;
    }
}
