namespace Cistern.Core.Brewing;

/// <summary>What an entry of a brew says. Kept and sent by its word.</summary>
public enum EntryKind
{
    /// <summary>A step before the clock is done.</summary>
    Ready,

    /// <summary>0:00, now.</summary>
    Start,

    /// <summary>A step has begun: a release, or anything before its time.</summary>
    Begun,

    /// <summary>A step has ended.</summary>
    Done,

    /// <summary>A step goes on: it is not to be assumed done.</summary>
    Still,

    /// <summary>Another entry was a mistake.</summary>
    Undo,
}

/// <summary>
/// One thing said of a running brew. Entries are only ever added, from as many devices as take part and in any order;
/// where the brew stands is worked out from all of them (<see cref="BrewRun"/>).
/// </summary>
/// <param name="Id">Made where it was said, so that it counts once however often it is sent.</param>
/// <param name="Kind">What it says.</param>
/// <param name="Step">The step it is of, counted from 0.</param>
/// <param name="AtMs">When it was said, UTC milliseconds of the server's clock.</param>
/// <param name="Undoes">The entry taken back by an <see cref="EntryKind.Undo"/>; null takes back the last one received before it, as brews of earlier versions did.</param>
/// <param name="Seen">Whether an instrument saw it, and nobody said it.</param>
public sealed record BrewEntry(Guid Id, EntryKind Kind, int Step, double AtMs, Guid? Undoes = null, bool Seen = false)
{
    /// <summary>How a step it ends is known to have ended.</summary>
    public EndedBy Ends => Seen ? EndedBy.Seen : EndedBy.Press;

    /// <summary>
    /// Those that count, by when they were said. An undo takes back what it names, and whoever else had said the same by then;
    /// it cannot itself be undone.
    /// </summary>
    /// <param name="received">All entries, in the order they were taken.</param>
    public static StandingEntries Standing(IEnumerable<BrewEntry> received)
    {
        var all = received.ToList();
        var undone = new HashSet<Guid>();
        var goesOn = new Dictionary<int, double>();
        for (var i = 0; i < all.Count; i++)
        {
            if (all[i] is not { Kind: EntryKind.Undo } undo)
            {
                continue;
            }

            var named = undo.Undoes is null
                ? all.Take(i).LastOrDefault(one => one.Kind != EntryKind.Undo && !undone.Contains(one.Id))
                : all.Find(one => one.Id == undo.Undoes);
            if (named is null)
            {
                continue;
            }

            undone.Add(named.Id);
            if (undo.Undoes is not null)
            {
                undone.UnionWith(all.Where(one => one.Kind == named.Kind && one.Step == named.Step && one.AtMs <= undo.AtMs).Select(one => one.Id));
            }

            if (named.Kind == EntryKind.Done)
            {
                goesOn[named.Step] = Math.Max(undo.AtMs, goesOn.GetValueOrDefault(named.Step));
            }
        }

        return new StandingEntries([.. all.Where(entry => entry.Kind != EntryKind.Undo && !undone.Contains(entry.Id)).OrderBy(entry => entry.AtMs)], goesOn);
    }
}

/// <summary>The entries that count.</summary>
/// <param name="Entries">By when they were said.</param>
/// <param name="GoesOn">Steps of which it was taken back that they were done, and when, UTC milliseconds: they go on, and are not assumed done instead.</param>
public sealed record StandingEntries(IReadOnlyList<BrewEntry> Entries, IReadOnlyDictionary<int, double> GoesOn);
