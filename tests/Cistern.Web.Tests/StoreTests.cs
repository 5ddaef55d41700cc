using Microsoft.Extensions.Time.Testing;

namespace Cistern.Web.Tests;

/// <summary>What the stores promise to their callers: what is found, in what order, how much, how old, and what counts once.</summary>
public sealed class StoreTests : IAsyncLifetime
{
    private static readonly Recipe Bloomed = RecipeLibrary.Find("fp-bloomed")!;
    private readonly FakeTimeProvider time = new(new DateTimeOffset(2026, 11, 23, 8, 0, 0, TimeSpan.Zero));
    private readonly string path = Path.Combine(App.Folder(), "stores.db");
    private DataFile file = null!;
    private CisternDb db = null!;
    private IdempotencyStore requests = null!;
    private PlanFinder finder = null!;
    private PlanChanges changes = null!;
    private PlanSaving keeping = null!;
    private PairStore pairs = null!;
    private BrewStart start = null!;

    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    private static PlanRequest Wish => new(Guid.NewGuid(), null);

    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    public async ValueTask InitializeAsync()
    {
        file = DataFile.Take(path);
        await file.PrepareAsync(demo: false, ct: Ct);
        db = DataFile.ContextOn(path);
        requests = new IdempotencyStore(db, time);
        var rows = new PlanRows(db, requests, time);
        (finder, changes, keeping, pairs, start) = (new PlanFinder(db, rows), new PlanChanges(db, rows), new PlanSaving(db, rows), new PairStore(db, rows), new BrewStart(db, rows));
    }

    public async ValueTask DisposeAsync()
    {
        await db.DisposeAsync();
        file.Dispose();
    }

    private async Task<OpenPlan> OpenAsync(string id = "fp-bloomed") => (await finder.FindAsync(id, Ct))!;

    private async Task<OpenPlan> ChangedAsync(OpenPlan plan, string what = "less", double doseG = 29) =>
        (await changes.ChangeAsync(plan, plan.State with { Batch = new Batch(doseG, 450) }, what, Wish, Ct))!;

    private async Task<int> SavedAsync(string name, string what = "", string why = "")
    {
        var plan = await OpenAsync();
        return (await keeping.SaveAsync(plan, plan.State, name, what, why, Wish, Ct))!.Stored!.Id;
    }

    private Brew Brewed(string coffee = "Blue Ferry", double daysAgo = 0, int? plan = null, int? parent = null, BrewState state = BrewState.Finished)
    {
        var brew = BrewPlan.Of(ForecastModel.Published.Run(Bloomed), NowMs - (long)(daysAgo * 86_400_000));
        (brew.CoffeeName, brew.GrinderName, brew.StoredPlanId, brew.ParentBrewId, brew.State) = (coffee, "Hand mill", plan, parent, state);
        (brew.StartedAtMs, brew.EndedAtMs) = (brew.OpenedAtMs + 60_000, brew.OpenedAtMs + 360_000);
        return brew;
    }

    private async Task<Brew> SavedAsync(Brew brew)
    {
        db.Brews.Add(brew);
        await db.SaveChangesAsync(Ct);
        db.ChangeTracker.Clear();
        return brew;
    }

    [Fact]
    public async Task Unsaved_plans_are_the_last_ten_of_two_weeks_not_brewed_removed_or_paired()
    {
        var old = await ChangedAsync(await OpenAsync(), "long ago");
        time.Advance(TimeSpan.FromDays(1));
        var first = await ChangedAsync(await OpenAsync(), "first");
        time.Advance(TimeSpan.FromDays(13));
        Assert.Equal([first.Stored!.Id], (await finder.UnsavedAsync(Ct)).Select(plan => plan.Id));
        Assert.NotEqual(old.Id, first.Id);
        await SavedAsync("kept");
        var removed = await ChangedAsync(await OpenAsync(), "removed");
        await keeping.RemoveAsync(removed.Stored!.Id, removed: true, Ct);
        var brewed = await ChangedAsync(await OpenAsync(), "brewed");
        await SavedAsync(Brewed(plan: brewed.Stored!.Id));
        var open = await OpenAsync();
        Assert.Equal("/pair/1", await pairs.PairAsync(open, open.State, "A", 30, Wish, Ct));
        Assert.Equal([first.Stored.Id], (await finder.UnsavedAsync(Ct)).Select(plan => plan.Id));
        var more = new List<int>();
        for (var i = 0; i < 11; i++)
        {
            time.Advance(TimeSpan.FromSeconds(1));
            more.Add((await ChangedAsync(await OpenAsync())).Stored!.Id);
        }

        Assert.Equal(Enumerable.Reverse(more).Take(10), (await finder.UnsavedAsync(Ct)).Select(plan => plan.Id));
        await keeping.RemoveAsync(removed.Stored.Id, removed: false, Ct);
        Assert.Null((await db.Plans.AsNoTracking().FirstAsync(row => row.Id == removed.Stored.Id, Ct)).RemovedAtMs);
    }

    [Fact]
    public async Task Kept_plans_are_found_by_every_word_of_name_change_and_reason_a_page_at_a_time_the_newest_first()
    {
        var ids = new List<int>();
        for (var i = 0; i < PlanFinder.PlansPerPage + 2; i++)
        {
            ids.Insert(0, await SavedAsync($"Morning {i}", i == 3 ? "3 % finer" : "", i == 4 ? "for_Ines" : ""));
        }

        var (all, of) = await finder.FindSavedAsync("", 0, Ct);
        Assert.Equal((PlanFinder.PlansPerPage, ids.Count), (all.Count, of));
        Assert.Equal(ids.Take(PlanFinder.PlansPerPage), all.Select(plan => plan.Id));
        Assert.Equal(ids.Skip(PlanFinder.PlansPerPage), (await finder.FindSavedAsync("", 1, Ct)).Plans.Select(plan => plan.Id));
        Assert.Equal("Morning 3", Assert.Single((await finder.FindSavedAsync(" finer  morning ", 0, Ct)).Plans).Name);
        // Wildcards of the database stand for themselves.
        Assert.Equal("Morning 3", Assert.Single((await finder.FindSavedAsync("%", 0, Ct)).Plans).Name);
        Assert.Equal("Morning 4", Assert.Single((await finder.FindSavedAsync("r_I", 0, Ct)).Plans).Name);
        Assert.Equal(0, (await finder.FindSavedAsync("\\", 0, Ct)).Of);
        Assert.Equal(0, (await finder.FindSavedAsync("morning noon", 0, Ct)).Of);
        await keeping.RemoveAsync(ids[0], removed: true, Ct);
        await keeping.RenameAsync(ids[1], "Evening", Ct);
        Assert.Equal("Evening", (await finder.FindSavedAsync("", 0, Ct)).Plans[0].Name);
        Assert.Equal(ids.Count - 1, (await finder.SavedAsync(Ct)).Count);
        Assert.Equal(ids.Count - 1, (await finder.RecipesAsync(Ct)).Count);
    }

    [Fact]
    public async Task Planned_brews_are_listed_the_nearest_first_and_done_when_brewed_near_that_time()
    {
        async Task<int> WantedAsync(double hours) => (await changes.ScheduleAsync(await OpenAsync(), NowMs + (long)(3_600_000 * hours), Wish, Ct))!.Stored!.Id;
        var (far, soon, past) = (await WantedAsync(12.1), await WantedAsync(11.9), await WantedAsync(-0.1));
        Assert.Equal([soon, far], (await finder.ScheduledAsync(NowMs, Ct)).Select(plan => plan.Id));
        Assert.Equal([past, soon, far], (await finder.ScheduledAsync(NowMs - 360_000, Ct)).Select(plan => plan.Id));
        foreach (var id in (int[])[far, soon])
        {
            Assert.NotNull(await start.BrewAsync(Brewed(plan: id, state: BrewState.Running), Wish, Ct));
        }

        db.ChangeTracker.Clear();
        Assert.Equal([far], (await finder.ScheduledAsync(NowMs, Ct)).Select(plan => plan.Id));
        await keeping.RemoveAsync(far, removed: true, Ct);
        Assert.Empty(await finder.ScheduledAsync(NowMs, Ct));
    }

    [Fact]
    public async Task A_change_is_stored_once_on_the_version_seen_and_a_hundred_can_be_undone()
    {
        var wish = Wish;
        var open = await OpenAsync();
        var plan = (await changes.ChangeAsync(open, open.State, new string('x', 201), wish, Ct))!;
        Assert.Equal(new string('x', 200), plan.Undo);
        Assert.Equal($"/plan/{plan.Id}", await requests.ResultOfAsync(wish.Key, Ct));
        Assert.Null(await changes.ChangeAsync(plan, plan.State, "again", wish, Ct));
        var next = await ChangedAsync(plan, "next");
        // The plan that was seen is not the current one.
        Assert.Null(await changes.ChangeAsync(plan, plan.State, "late", Wish, Ct));
        Assert.Null(await changes.StepAsync(plan, -1, Wish, Ct));
        Assert.Null(await changes.AcceptAsync(plan, Wish, Ct));
        var back = (await changes.StepAsync(next, -1, Wish, Ct))!;
        Assert.Equal(("next", plan.Undo), (back.Redo, back.Undo));
        Assert.Equal(next.State.ToJson(), (await changes.StepAsync(back, 1, Wish, Ct))!.State.ToJson());
        back = (await changes.StepAsync(await OpenAsync(back.Id), -1, Wish, Ct))!;
        // Another change from there: what was undone is gone.
        plan = await ChangedAsync(back, "otherwise", 28);
        Assert.Null(plan.Redo);
        Assert.Same(plan, await changes.StepAsync(plan, 1, Wish, Ct));
        Assert.NotEqual(plan.State.ToJson(), plan.Accepted.ToJson());
        plan = (await changes.AcceptAsync(plan, Wish, Ct))!;
        Assert.Equal(plan.State.ToJson(), plan.Accepted.ToJson());
        for (var i = 0; i < PlanChanges.MaxRevisions; i++)
        {
            plan = await ChangedAsync(plan, $"{i}", 25 + (0.01 * i));
        }

        Assert.Equal(PlanChanges.MaxRevisions + 1, await db.Revisions.CountAsync(row => row.StoredPlanId == plan.Stored!.Id, Ct));
        for (var i = 0; i < PlanChanges.MaxRevisions; i++)
        {
            Assert.NotNull(plan.Undo);
            plan = (await changes.StepAsync(plan, -1, Wish, Ct))!;
        }

        Assert.Null(plan.Undo);
    }

    [Fact]
    public async Task A_kept_plan_never_changes_and_what_is_made_of_it_says_so()
    {
        var kept = await OpenAsync((await SavedAsync("Ours")).ToString(CultureInfo.InvariantCulture));
        Assert.True(kept.IsSaved);
        Assert.Same(kept, await changes.StepAsync(kept, -1, Wish, Ct));
        Assert.Same(kept, await changes.AcceptAsync(kept, Wish, Ct));
        var child = await ChangedAsync(kept);
        Assert.Equal((kept.Stored!.Id, "Ours", "Ours", false), (child.Stored!.ParentId, child.Stored.ParentName, child.Stored.Name, child.IsSaved));
        Assert.Equal("Ours", child.Parent?.Name);
        Assert.Equal(kept.State.ToJson(), (await OpenAsync(kept.Id)).State.ToJson());
        // The wanted time is not a change of the plan.
        Assert.Equal(kept.Id, (await changes.ScheduleAsync(kept, NowMs, Wish, Ct))!.Id);
    }

    [Fact]
    public async Task The_next_plan_of_a_series_is_made_once_and_waits_until_its_brew_was_tasted()
    {
        var from = await SavedAsync(Brewed());
        var wish = Wish;
        var state = PlanState.Of(Bloomed);
        var address = await keeping.NextAsync(state, from, "finer", "it was thin", "{}", wish, Ct);
        Assert.Equal(address, await keeping.NextAsync(state, from, "finer", "it was thin", "{}", wish, Ct));
        var next = Assert.Single(await finder.SavedAsync(Ct));
        Assert.Equal((from.Id, "{}", from.Name, "finer", "it was thin"), (next.FromBrewId, next.ChangedJson, next.ParentName, next.What, next.Why));
        await SavedAsync("of its own");
        Assert.Equal([next.Id], (await finder.UnbrewedAsync(await finder.SavedAsync(Ct), Ct)).Select(plan => plan.Id));
        await SavedAsync(Brewed(daysAgo: 0.1, parent: from.Id));
        Assert.Single(await finder.UnbrewedAsync(await finder.SavedAsync(Ct), Ct));
        await SavedAsync(Brewed(parent: from.Id));
        Assert.Empty(await finder.UnbrewedAsync(await finder.SavedAsync(Ct), Ct));
    }

    [Fact]
    public async Task A_pair_is_brewed_once_and_its_start_stands_from_then()
    {
        var open = await OpenAsync();
        await pairs.PairAsync(open, open.State, "Morning", 30, Wish, Ct);
        var pair = (await pairs.PairAsync(1, Ct))!;
        await pairs.StaggerAsync(pair.Id, 45, Ct);
        var (first, second) = (await OpenAsync($"{pair.FirstPlanId}"), await OpenAsync($"{pair.SecondPlanId}"));
        Assert.Equal(("Morning", true, "Morning, B", false), (first.Stored!.Name, first.IsSaved, second.Stored!.Name, second.IsSaved));
        var wish = Wish;
        Assert.True(await start.BrewPairAsync(pair.Id, (Brewed(plan: pair.FirstPlanId), Brewed(plan: pair.SecondPlanId)), "finer", wish, Ct));
        Assert.False(await start.BrewPairAsync(pair.Id, (Brewed(), Brewed()), "finer", wish, Ct));
        Assert.False(await start.BrewPairAsync(pair.Id, (Brewed(), Brewed()), "finer", Wish, Ct));
        db.ChangeTracker.Clear();
        Assert.Equal(2, await db.Brews.CountAsync(Ct));
        second = await OpenAsync(second.Id);
        Assert.Equal((true, "finer"), (second.IsSaved, second.Stored!.What));
        await pairs.StaggerAsync(pair.Id, 60, Ct);
        pair = (await pairs.PairAsync(pair.Id, Ct))!;
        Assert.Equal((45, 1, 2), (pair.StaggerS, pair.FirstBrewId, pair.SecondBrewId));
        for (var i = 0; i < 30; i++)
        {
            time.Advance(TimeSpan.FromSeconds(1));
            await pairs.PairAsync(open, open.State, $"{i}", 30, Wish, Ct);
        }

        Assert.Equal(Enumerable.Range(2, 30).Reverse(), (await pairs.PairsAsync(Ct)).Select(one => one.Id));
        Assert.Null(await pairs.PairAsync(99, Ct));
    }

    [Fact]
    public async Task A_token_is_good_until_it_is_seven_days_old_and_the_one_before_it_until_it_was_used()
    {
        var devices = new DeviceStore(db);
        var (phone, token) = await devices.JoinAsync("Phone of Teo", DeviceRole.Barista, "bench", NowMs, Ct);
        Assert.Equal(43, token.Length);
        Assert.DoesNotContain(token, (char[])['+', '/', '=']);
        var shown = new KnownToken(phone, IsPrevious: false);
        var atMs = NowMs + DeviceStore.RotatedAfterMs;
        Assert.Null(await devices.RotateTokenAsync(shown, mayGive: true, atMs - 1, Ct));
        // A request that is only sent has no answer that could carry the new token.
        Assert.Null(await devices.RotateTokenAsync(shown, mayGive: false, atMs, Ct));
        var newer = await devices.RotateTokenAsync(shown, mayGive: true, atMs, Ct);
        Assert.NotNull(newer);
        Assert.NotEqual(token, newer);
        // Another request of the same device is too late for it.
        Assert.Null(await devices.RotateTokenAsync(shown, mayGive: true, atMs, Ct));
        var before = (await devices.FindAsync(token, Ct))!;
        Assert.Equal((phone.Id, true, false), (before.Device.Id, before.IsPrevious, before.WasCopied(atMs + 40L * 86_400_000)));
        Assert.Null(await devices.RotateTokenAsync(before, mayGive: true, atMs + DeviceStore.LostAfterMs - 1, Ct));
        var used = (await devices.FindAsync(newer, Ct))!;
        Assert.Null(await devices.RotateTokenAsync(used, mayGive: true, atMs + 10, Ct));
        before = (await devices.FindAsync(token, Ct))!;
        Assert.Equal([false, true], new[] { DeviceStore.InFlightMs, DeviceStore.InFlightMs + 1 }.Select(ms => before.WasCopied(atMs + 10 + ms)));
        // Once the new token was used, the previous one is given nothing.
        Assert.Null(await devices.RotateTokenAsync(before, mayGive: true, atMs + DeviceStore.LostAfterMs, Ct));
        Assert.False((await devices.FindAsync(newer, Ct))!.WasCopied(atMs + 86_400_000));
        Assert.Null(await devices.FindAsync("", Ct));
    }

    [Fact]
    public async Task A_role_is_changed_and_a_device_removed_once_and_both_are_recorded()
    {
        var devices = new DeviceStore(db);
        var (phone, token) = await devices.JoinAsync("Phone of Teo", DeviceRole.Guest, "bench", NowMs, Ct);
        var (scale, _) = await devices.JoinAsync("Scale", DeviceRole.Instrument, "bench", NowMs + 1, Ct);
        db.ChangeTracker.Clear();
        Assert.False(await devices.ChangeAsync(scale.Id, DeviceRole.Owner, "bench", NowMs, Ct));
        Assert.False(await devices.ChangeAsync(phone.Id, DeviceRole.Instrument, "bench", NowMs, Ct));
        Assert.False(await devices.ChangeAsync(99, DeviceRole.Owner, "bench", NowMs, Ct));
        Assert.True(await devices.ChangeAsync(phone.Id, DeviceRole.Guest, "bench", NowMs, Ct));
        Assert.True(await devices.ChangeAsync(phone.Id, DeviceRole.Owner, "bench", NowMs, Ct));
        Assert.Equal([scale.Id, phone.Id], (await devices.AllAsync(Ct)).Select(device => device.Id));
        await devices.SeenAsync(phone.Id, NowMs + 2, Ct);
        Assert.Equal([phone.Id, scale.Id], (await devices.AllAsync(Ct)).Select(device => device.Id));
        Assert.True(await devices.RevokeAsync(phone.Id, "Ines", NowMs, Ct));
        Assert.False(await devices.RevokeAsync(phone.Id, "Ines", NowMs, Ct));
        Assert.False(await devices.ChangeAsync(phone.Id, DeviceRole.Guest, "bench", NowMs, Ct));
        Assert.Null(await devices.FindAsync(token, Ct));
        Assert.Equal([scale.Id, phone.Id], (await devices.AllAsync(Ct)).Select(device => device.Id));
        Assert.Equal(
            ["Phone of Teo was removed.", "Phone of Teo is an owner now, and was a guest.", "Scale was connected as instrument.", "Phone of Teo was connected as guest."],
            (await devices.RecordsAsync(10, Ct)).Select(record => record.What));
        Assert.Equal("Ines", Assert.Single(await devices.RecordsAsync(1, Ct)).Who);
    }

    [Fact]
    public async Task The_record_keeps_its_last_two_thousand_lines()
    {
        var devices = new DeviceStore(db);
        db.ActionRecords.AddRange(Enumerable.Range(0, 2_000).Select(i => new ActionRecord { What = $"{i}", Who = "bench", AtMs = NowMs }));
        await db.SaveChangesAsync(Ct);
        await devices.RecordAsync("one more", "bench", NowMs, Ct);
        var kept = await devices.RecordsAsync(3_000, Ct);
        Assert.Equal((2_000, "one more", "1"), (kept.Count, kept[0].What, kept[^1].What));
    }

    [Fact]
    public async Task A_blind_answer_is_kept_in_place_of_the_one_before_until_the_cups_are_revealed()
    {
        var blind = new BlindStore(db, new IdempotencyStore(db, time), time);
        var key = Guid.NewGuid();
        var session = new BlindSession { Kind = BlindKind.Triangle, Tasters = 2, Seed = 7 };
        Assert.Equal("/blind/1", await blind.OpenAsync(session, key, Ct));
        Assert.Equal("/blind/1", await blind.OpenAsync(new BlindSession { Tasters = 2 }, key, Ct));
        BlindAnswer Answer(int taster, string picked, int of = 1) => new() { SessionId = of, Taster = taster, Picked = picked, Name = picked };
        Assert.Equal(BlindOutcome.Saved, await blind.AnswerAsync(Answer(1, "A"), Ct));
        time.Advance(TimeSpan.FromSeconds(5));
        Assert.Equal(BlindOutcome.Saved, await blind.AnswerAsync(Answer(1, "B"), Ct));
        Assert.Equal(BlindOutcome.Saved, await blind.AnswerAsync(Answer(2, "C"), Ct));
        Assert.Equal([BlindOutcome.NotFound, BlindOutcome.NotFound, BlindOutcome.NotFound], [await blind.AnswerAsync(Answer(0, "A"), Ct), await blind.AnswerAsync(Answer(3, "A"), Ct), await blind.AnswerAsync(Answer(1, "A", of: 2), Ct)]);
        db.ChangeTracker.Clear();
        Assert.True(await blind.RevealAsync(1, Ct));
        var revealedAtMs = NowMs;
        time.Advance(TimeSpan.FromSeconds(5));
        Assert.True(await blind.RevealAsync(1, Ct));
        Assert.False(await blind.RevealAsync(2, Ct));
        Assert.Equal(BlindOutcome.TooLate, await blind.AnswerAsync(Answer(2, "A"), Ct));
        var kept = (await blind.FindAsync(1, Ct))!;
        Assert.Equal(revealedAtMs, kept.RevealedAtMs);
        Assert.Equal([(1, "B", "B", revealedAtMs), (2, "C", "C", revealedAtMs)], kept.Answers.OrderBy(one => one.Taster).Select(one => (one.Taster, one.Picked, one.Name, one.AtMs)));
        for (var i = 0; i < 30; i++)
        {
            time.Advance(TimeSpan.FromSeconds(1));
            await blind.OpenAsync(new BlindSession { Tasters = 1 }, Guid.NewGuid(), Ct);
        }

        Assert.Equal(Enumerable.Range(2, 30).Reverse(), (await blind.LastAsync(Ct)).Select(one => one.Id));
    }

    [Fact]
    public async Task A_series_is_the_finished_brews_of_a_recipe_and_a_coffee_within_45_days_with_their_parents()
    {
        var lines = new SeriesStore(db);
        var parent = await SavedAsync(Brewed("another coffee", daysAgo: 60));
        await SavedAsync(Brewed(daysAgo: 45.1));
        var edge = await SavedAsync(Brewed(daysAgo: 44.9));
        await SavedAsync(Brewed("another coffee", daysAgo: 2));
        await SavedAsync(Brewed(daysAgo: 2, state: BrewState.Abandoned));
        var never = Brewed(daysAgo: 2);
        never.StartedAtMs = null;
        await SavedAsync(never);
        var away = Brewed(daysAgo: 1);
        away.DeletedAtMs = NowMs;
        await SavedAsync(away);
        var brew = await SavedAsync(Brewed(parent: parent.Id));
        time.Advance(TimeSpan.FromDays(44.9));
        var later = await SavedAsync(Brewed());
        time.Advance(TimeSpan.FromDays(1));
        await SavedAsync(Brewed());
        var child = await SavedAsync(Brewed("a third", parent: brew.Id));
        await SavedAsync(Brewed("a third", parent: brew.Id, state: BrewState.Abandoned));
        Assert.Equal([parent.Id, edge.Id, brew.Id, later.Id, child.Id], (await lines.OfAsync(brew, upTo: false, Ct)).Select(one => one.Id));
        Assert.Equal([parent.Id, edge.Id, brew.Id], (await lines.OfAsync(brew, upTo: true, Ct)).Select(one => one.Id));
        var many = new List<int>();
        for (var i = 0; i < SeriesStore.MaxBrews + 1; i++)
        {
            time.Advance(TimeSpan.FromMinutes(1));
            many.Add((await SavedAsync(Brewed("Night Barge"))).Id);
        }

        Assert.Equal(many.Skip(1), (await lines.OfAsync((await db.Brews.FindAsync([many[^1]], Ct))!, upTo: true, Ct)).Select(one => one.Id));
    }

    [Fact]
    public async Task A_history_is_shown_from_its_first_plan_with_what_was_kept_of_it_and_how_often_each_was_brewed()
    {
        var lineages = new LineageStore(db);
        Assert.Null(await lineages.OfAsync(1, Ct));
        var first = await OpenAsync($"{await SavedAsync("first")}");
        async Task<OpenPlan> ChildAsync(OpenPlan of, string name)
        {
            var made = await ChangedAsync(of);
            return (await keeping.SaveAsync(made, made.State, name, "", "", Wish, Ct))!;
        }

        var child = await ChildAsync(first, "child");
        var grandchild = await ChildAsync(child, "grandchild");
        var tried = await ChangedAsync(first);
        var gone = await ChildAsync(first, "gone");
        await keeping.RemoveAsync(gone.Stored!.Id, removed: true, Ct);
        await SavedAsync(Brewed(plan: child.Stored!.Id, daysAgo: 1));
        var last = await SavedAsync(Brewed(plan: child.Stored.Id));
        await SavedAsync(Brewed(plan: child.Stored.Id, state: BrewState.Abandoned));
        await keeping.NextAsync(PlanState.Of(Bloomed), last, "finer", "", "{}", Wish, Ct);
        db.ChangeTracker.Clear();

        string Told(LineageNode node) => $"{node.Plan.Name} {node.Brewed} {node.Last?.Id}({string.Join(", ", node.Children.Select(Told))})";
        var next = (await finder.SavedAsync(Ct))[0].Id;
        var whole = $"first 0 (child 2 {last.Id}(grandchild 0 (), Bloomed and broken 0 ()))";
        foreach (var id in (int[])[first.Stored!.Id, child.Stored.Id, grandchild.Stored!.Id, next])
        {
            Assert.Equal(whole, Told((await lineages.OfAsync(id, Ct))!));
        }

        // A plan that was only tried is in a history of its own.
        Assert.Equal($"first 0 (child 2 {last.Id}(grandchild 0 (), Bloomed and broken 0 ()), {tried.Stored!.Name} 0 ())", Told((await lineages.OfAsync(tried.Stored.Id, Ct))!));
        for (var i = 0; i < LineageStore.MaxPlans; i++)
        {
            await ChildAsync(grandchild, "more");
        }

        int Count(LineageNode node) => 1 + node.Children.Sum(Count);
        Assert.Equal(LineageStore.MaxPlans, Count((await lineages.OfAsync(first.Stored.Id, Ct))!));
    }

    [Fact]
    public async Task The_last_sixty_named_brews_of_a_hundred_and_twenty_days_are_learned_from()
    {
        var now = new LearnedState();
        var learns = new LearnedStore(db, now, time);
        Assert.True(now.TakeSignal());
        Assert.False(now.TakeSignal());
        now.Signal();
        Assert.True(now.TakeSignal());
        Brew Drained(double daysAgo, string coffee = "Blue Ferry", string grinder = "Hand mill")
        {
            var brew = BrewPlan.Of(ForecastModel.Published.Run(RecipeLibrary.Find("vd-coffee-first")!), NowMs - (long)(daysAgo * 86_400_000));
            (brew.CoffeeName, brew.GrinderName, brew.State) = (coffee, grinder, BrewState.Finished);
            (brew.StartedAtMs, brew.EndedAtMs) = (brew.OpenedAtMs + 60_000, brew.OpenedAtMs + 360_000);
            brew.Observations.Add(new Observation { Name = ObservationNames.Drawdown, Value = 80, AtMs = brew.OpenedAtMs });
            return brew;
        }

        db.Brews.AddRange(Drained(121), Drained(1, coffee: ""), Drained(1, grinder: ""));
        await db.SaveChangesAsync(Ct);
        await learns.LearnAsync(Ct);
        Assert.Equal(0, now.Current.Brews);
        db.Brews.AddRange(Enumerable.Range(0, 2).Select(i => Drained(119 - i, grinder: "Old mill")));
        await db.SaveChangesAsync(Ct);
        await learns.LearnAsync(Ct);
        Assert.Equal(2, now.Current.Brews);
        Assert.Contains(now.Current.BrewsOf.Keys, key => key.Whose == "Old mill");

        // A server that starts continues from it, and learns only from what came since.
        async Task<(int Brews, bool News)> LoadedAsync()
        {
            var anew = new LearnedState();
            await using var own = DataFile.ContextOn(path);
            await new LearnedStore(own, anew, time).LoadAsync(Ct);
            return (anew.Current.Brews, anew.TakeSignal());
        }

        Assert.Equal((2, false), await LoadedAsync());
        time.Advance(TimeSpan.FromMinutes(1));
        db.Brews.Add(Drained(0));
        await db.SaveChangesAsync(Ct);
        Assert.Equal((2, true), await LoadedAsync());
        time.Advance(TimeSpan.FromMinutes(10));
        await learns.LearnAsync(Ct);
        Assert.Equal((3, false), await LoadedAsync());
        await db.Observations.Where(one => one.BrewId == 1).ExecuteUpdateAsync(set => set.SetProperty(one => one.AtMs, NowMs + 1), Ct);
        Assert.Equal((3, true), await LoadedAsync());
        await db.Learned.ExecuteUpdateAsync(set => set.SetProperty(row => row.ModelVersion, "of before"), Ct);
        Assert.Equal((0, true), await LoadedAsync());

        db.Brews.AddRange(Enumerable.Range(0, LearnedStore.MaxBrews + 1).Select(i => Drained(0.01 * i)));
        await db.SaveChangesAsync(Ct);
        await learns.LearnAsync(Ct);
        Assert.Equal(LearnedStore.MaxBrews, now.Current.Brews);
        Assert.DoesNotContain(now.Current.BrewsOf.Keys, key => key.Whose == "Old mill");
    }

    [Fact]
    public void How_a_brew_tasted_is_what_all_who_tasted_it_said()
    {
        var brew = Brewed();
        Assert.Null(BrewRecords.Of(brew, ForecastModel.Published, boughtGround: false).Tasting);
        var sipped = new Tasting { SourBitter = 4, ThinHeavy = 4, Score = 7, Note = "plum", NotesFound = "plum, tea", ReadTdsPercent = 1.2 };
        sipped.Sips.Add(new TastingSip { When = SipWhen.Hot, SourBitter = 1, ThinHeavy = 2, Sweet = 3 });
        sipped.Sips.Add(new TastingSip { When = SipWhen.Cool, SourBitter = -1, Dry = 1 });
        var plain = new Tasting { SourBitter = -3, ThinHeavy = -2, Note = "thin at first", NotesFound = "tea,, lime", Bed = BedLook.Mud, ReadTdsPercent = 1.4 };
        brew.Tastings.AddRange([sipped, plain, new Tasting { Score = 6, Bed = BedLook.Domed }]);
        var told = BrewRecords.Of(brew, ForecastModel.Published, boughtGround: true);
        var tasting = told.Tasting!;
        Assert.Equal(
            [(SipWhen.Hot, 1, 2, 3.0, null), (SipWhen.Cool, -1, null, null, 1.0), (SipWhen.Warm, -3, -2, null, null), (SipWhen.Warm, null, null, null, (double?)null)],
            tasting.Sips.Select(sip => (sip.When, sip.SourBitter, sip.ThinHeavy, (double?)sip.Sweet, (double?)sip.Dry)));
        Assert.Equal((6.5, "plum thin at first", BedLook.Mud), (tasting.Score, tasting.Words, tasting.Bed));
        Assert.Equal(["plum", "tea", "lime"], tasting.NotesFound);
        Assert.Equal(1.3, told.Measured.TdsPercent!.Value, 9);
        Assert.True(told.Coffee.BoughtGround);
    }

    [Fact]
    public async Task Searches_are_kept_by_name_fifty_of_them_and_a_brew_under_way_is_not_taken_away()
    {
        var log = new LogStore(db, new LogIndex(time), time);
        var query = new LogQuery { Words = "plum" };
        for (var i = 0; i < LogStore.MaxSaved; i++)
        {
            Assert.True(await log.SaveAsync($"search {i:00}", query));
        }

        Assert.False(await log.SaveAsync("one more", query));
        Assert.True(await log.SaveAsync("search 07", new LogQuery { Words = "tea" }));
        var kept = await log.SavedAsync(Ct);
        Assert.Equal((LogStore.MaxSaved, "search 00", "search 49"), (kept.Count, kept[0].Name, kept[^1].Name));
        Assert.Contains("tea", kept[7].Query, StringComparison.Ordinal);
        await log.DeleteSavedAsync(kept[7].Id);
        Assert.DoesNotContain(await log.SavedAsync(Ct), search => search.Name == "search 07");

        var running = await SavedAsync(Brewed(state: BrewState.Running));
        Assert.Null(await log.SetDeletedAsync(running.Id, away: true));
        Assert.Null(await log.SetDeletedAsync(99, away: true));
        var brew = await SavedAsync(Brewed());
        Assert.Equal(brew.Name, await log.SetDeletedAsync(brew.Id, away: true));
        var awayAtMs = NowMs;
        time.Advance(TimeSpan.FromSeconds(1));
        await log.SetDeletedAsync(brew.Id, away: true);
        db.ChangeTracker.Clear();
        Assert.Equal(awayAtMs, (await db.Brews.FindAsync([brew.Id], Ct))!.DeletedAtMs);
        await log.SetDeletedAsync(brew.Id, away: false);
        db.ChangeTracker.Clear();
        Assert.Null((await db.Brews.FindAsync([brew.Id], Ct))!.DeletedAtMs);
    }
}
