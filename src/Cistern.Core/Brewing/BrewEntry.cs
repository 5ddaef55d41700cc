namespace Cistern.Core.Brewing;

/// <summary>The kinds of brew entries, stored and sent as words.</summary>
public enum EntryKind
{
    /// <summary>A step before the clock is done.</summary>
    Ready,

    /// <summary>0:00, now.</summary>
    Start,

    /// <summary>A step has begun: the end of the steep, or any step before its time.</summary>
    Begun,

    /// <summary>A step has ended.</summary>
    Done,

    /// <summary>A step continues and must not be assumed done.</summary>
    Still,

    /// <summary>Another entry was a mistake.</summary>
    Undo,
}

/// <summary>
/// One report about a running brew. Entries are only ever added, by any number of devices and in any order; the state of the brew is
/// computed from all of them (<see cref="BrewRun"/>).
/// </summary>
/// <param name="Id">Created on the device, so that an entry counts once however often it is sent.</param>
/// <param name="Kind">Its kind.</param>
/// <param name="Step">The index of its step.</param>
/// <param name="AtMs">When it was made, UTC milliseconds of the server's clock.</param>
/// <param name="Undoes">The entry taken back by an <see cref="EntryKind.Undo"/>; null, in brews of earlier versions, takes back the last one received before it.</param>
/// <param name="Seen">Whether it comes from an instrument rather than a person.</param>
public sealed record BrewEntry(Guid Id, EntryKind Kind, int Step, double AtMs, Guid? Undoes = null, bool Seen = false)
{
    /// <summary>How the end of its step is known.</summary>
    public EndedBy Ends => Seen ? EndedBy.Seen : EndedBy.Press;

    /// <summary>
    /// The entries that count, in order of time. An undo takes back the entry it names and every earlier report of the same; it cannot
    /// itself be undone.
    /// </summary>
    /// <param name="received">All entries, in the order they were taken.</param>
    public static EffectiveEntries Effective(IEnumerable<BrewEntry> received)
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

        return new EffectiveEntries([.. all.Where(entry => entry.Kind != EntryKind.Undo && !undone.Contains(entry.Id)).OrderBy(entry => entry.AtMs)], goesOn);
    }
}

/// <summary>The entries that count.</summary>
/// <param name="Entries">In order of time.</param>
/// <param name="ContinuedSinceMs">Steps whose completion was undone, and when, UTC milliseconds: they continue and are not assumed done.</param>
public sealed record EffectiveEntries(IReadOnlyList<BrewEntry> Entries, IReadOnlyDictionary<int, double> ContinuedSinceMs);
