namespace Cistern.Web.Tests;

/// <summary>Learning starts again after something relevant was saved, whoever saved it, and not with every press.</summary>
public sealed class LearningSignalTests
{
    [Fact]
    public async Task Learning_is_signalled_once_for_each_saved_brew_that_teaches()
    {
        var ct = TestContext.Current.CancellationToken;
        var path = Path.Combine(App.Folder(), "bell.db");
        using var file = DataFile.Take(path);
        await file.PrepareAsync(demo: false, ct: ct);
        var rung = 0;
        await using var db = DataFile.ContextOn(path, new LearningSignal(() => rung++));

        async Task<int> RingsAsync(Action change)
        {
            rung = 0;
            change();
            await db.SaveChangesAsync(ct);
            return rung;
        }

        var brew = BrewPlan.Of(ForecastModel.Published.Run(RecipeLibrary.All[0]), 0);
        var tasting = new Tasting { SourBitter = 1 };
        Assert.Equal(0, await RingsAsync(() => db.Add(new Barista { Name = "Ines" })));
        Assert.Equal(0, await RingsAsync(() => db.Add(brew)));
        Assert.Equal(0, await RingsAsync(() => brew.Why = "to see"));
        Assert.Equal(1, await RingsAsync(() => brew.Tastings.Add(tasting)));
        Assert.Equal(1, await RingsAsync(() => tasting.Sips.Add(new TastingSip { When = SipWhen.Cool, SourBitter = 2 })));
        Assert.Equal(1, await RingsAsync(() => tasting.SourBitter = 2));
        Assert.Equal(1, await RingsAsync(() => brew.Observations.AddRange([new Observation { Name = ObservationNames.Drawdown, Value = 70 }, new Observation { Name = ObservationNames.Dose, Value = 1 }])));
        Assert.Equal(1, await RingsAsync(() => brew.Tastings.Remove(tasting)));
        Assert.Equal(0, await RingsAsync(() => { }));

        // Saved is not committed: the signal comes with the commit, and not after a rollback.
        await using (var transaction = await db.Database.BeginTransactionAsync(ct))
        {
            Assert.Equal(0, await RingsAsync(() => brew.Observations[0].Value = 71));
            await transaction.CommitAsync(ct);
            Assert.Equal(1, rung);
        }

        await using (var transaction = await db.Database.BeginTransactionAsync(ct))
        {
            Assert.Equal(0, await RingsAsync(() => brew.Observations[0].Value = 72));
            await transaction.RollbackAsync(ct);
        }

        Assert.Equal(0, await RingsAsync(() => db.Add(new Barista { Name = "Wanjiru" })));

        // What was not saved teaches nothing, and does not signal together with the next save.
        db.Add(new Tasting { BrewId = 4_711 });
        await Assert.ThrowsAsync<DbUpdateException>(() => db.SaveChangesAsync(ct));
        db.ChangeTracker.Clear();
        Assert.Equal(0, await RingsAsync(() => db.Add(new Barista { Name = "Teo" })));
    }
}
