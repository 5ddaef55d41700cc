using System.Runtime.CompilerServices;
using Cistern.Data.Brews;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Cistern.Data;

/// <summary>Rings when something was saved that can be learned from, wherever it was saved.</summary>
/// <param name="ring">What is rung.</param>
public sealed class LearningBell(Action ring) : SaveChangesInterceptor
{
    private readonly ConditionalWeakTable<DbContext, object> telling = [];

    /// <inheritdoc/>
    public override ValueTask<InterceptionResult<int>> SavingChangesAsync(DbContextEventData eventData, InterceptionResult<int> result, CancellationToken cancellationToken = default)
    {
        if (eventData.Context is { } context && context.ChangeTracker.Entries().Any(entry => entry.State is EntityState.Added or EntityState.Modified or EntityState.Deleted && entry.Entity is Tasting or TastingSip or BrewFacts or Observation))
        {
            telling.AddOrUpdate(context, this);
        }

        return ValueTask.FromResult(result);
    }

    /// <inheritdoc/>
    public override ValueTask<int> SavedChangesAsync(SaveChangesCompletedEventData eventData, int result, CancellationToken cancellationToken = default)
    {
        if (eventData.Context is { } context && telling.Remove(context))
        {
            ring();
        }

        return ValueTask.FromResult(result);
    }

    /// <inheritdoc/>
    public override Task SaveChangesFailedAsync(DbContextErrorEventData eventData, CancellationToken cancellationToken = default)
    {
        if (eventData.Context is { } context)
        {
            telling.Remove(context);
        }

        return Task.CompletedTask;
    }
}
