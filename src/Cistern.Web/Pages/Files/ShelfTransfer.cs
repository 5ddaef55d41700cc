using System.Collections.Immutable;
using Cistern.Web.Pages.Shelf;
using Microsoft.Extensions.Primitives;

namespace Cistern.Web.Pages.Files;

/// <summary>What an import would do with things for the shelf.</summary>
/// <param name="Items">Each thing, and what the import does with it.</param>
/// <param name="Fresh">Things that do not exist here.</param>
/// <param name="Findings">What is wrong.</param>
public sealed record ShelfImportPreview(IReadOnlyList<ImportItem> Items, IReadOnlyList<ShelfThing> Fresh, IReadOnlyList<Finding> Findings);

/// <summary>
/// Exports and imports the shelf through the forms of its things, so that a file follows the same rules as typed values. Figures are
/// in g, ml and °C, whatever the barista's units.
/// </summary>
/// <param name="db">The context of the data file.</param>
/// <param name="baristaContext">The current barista.</param>
public sealed class ShelfTransfer(CisternDb db, BaristaContext baristaContext)
{
    private const string Opened = "opened-on";
    private const string UsedUp = "used-up-on";
    private const string DayFormat = "yyyy-MM-dd";

    private static readonly FigureFormat Metric = new(Units.Metric);

    private ShelfView View => new(Metric, baristaContext.Today);

    /// <summary>All that stands on the shelf.</summary>
    public async Task<IReadOnlyList<ShelfThing>> ExportAsync(CancellationToken ct)
    {
        var things = new List<ShelfThing>();
        foreach (var kind in ShelfKinds.All)
        {
            foreach (var row in await kind.RowsAsync(db, View, ct))
            {
                things.Add(Out(kind, (await kind.FindAsync(db, row.Id, ct))!));
            }
        }

        db.ChangeTracker.Clear();
        return things;
    }

    /// <summary>What an import would do with each thing; nothing is changed.</summary>
    public async Task<ShelfImportPreview> PreviewAsync(IReadOnlyList<IncomingFile> files, CancellationToken ct)
    {
        var (items, fresh, findings) = (new List<ImportItem>(), new List<ShelfThing>(), new List<Finding>());
        var here = (await ExportAsync(ct)).DistinctBy(Key).ToDictionary(Key);
        foreach (var thing in files.SelectMany(file => file.Things))
        {
            if (ShelfKinds.Find(thing.Kind) is not { } kind)
            {
                findings.Add(FindingKinds.UnknownThing.At(NameOf(thing), thing.Kind, string.Join(", ", ShelfKinds.All.Select(one => one.Word))));
                continue;
            }

            var form = Fill(kind, thing, out var made);
            findings.AddRange(form.Fields.Where(field => field.Problem is not null).Select(field => FindingKinds.ThingRefused.At($"{kind.Word} {NameOf(thing)}, {field.Label}", field.Problem!, field.Text)));
            findings.AddRange(form.Problems.Select(problem => FindingKinds.ThingRefused.At($"{kind.Word} {NameOf(thing)}", problem, NameOf(thing))));
            var read = Out(kind, made);
            var known = here.GetValueOrDefault(Key(read));
            var action = known is null ? ImportAction.New : known.Fields.SequenceEqual(read.Fields) ? ImportAction.Known : ImportAction.Changed;
            items.Add(new ImportItem(kind.Word, NameOf(read), null, action));
            if (action == ImportAction.New)
            {
                here[Key(read)] = read;
                fresh.Add(thing);
            }
        }

        db.ChangeTracker.Clear();
        return new ShelfImportPreview(items, fresh, findings);
    }

    /// <summary>Adds things to the context, for the caller to save.</summary>
    /// <returns>Each with the word of its kind.</returns>
    public IReadOnlyList<(string Kind, IShelved Thing)> Add(IReadOnlyList<ShelfThing> things) => [.. things.Select(thing => (thing.Kind, Make(ShelfKinds.Find(thing.Kind)!, thing)))];

    /// <summary>Takes a plan or a thing off by its name.</summary>
    /// <param name="db">The context of the data file.</param>
    /// <param name="name">Its name, as "grinder.3" or "plan.12".</param>
    /// <param name="nowMs">Now.</param>
    public static async Task DeleteAsync(CisternDb db, string name, long nowMs)
    {
        if (name.Split('.') is not [var word, var number] || !int.TryParse(number, NumberStyles.None, CultureInfo.InvariantCulture, out var id))
        {
            return;
        }

        var thing = word == "plan" ? await db.Plans.FindAsync(id) : ShelfKinds.Find(word) is { } kind ? await kind.FindAsync(db, id, CancellationToken.None) : null;
        if (thing is not null)
        {
            thing.RemovedAtMs ??= nowMs;
        }
    }

    private IShelved Make(ShelfKind kind, ShelfThing thing)
    {
        Fill(kind, thing, out var made);
        return made;
    }

    private ThingForm Fill(ShelfKind kind, ShelfThing thing, out IShelved made)
    {
        var form = new ThingForm(thing.Fields.Select(field => KeyValuePair.Create(field.Key, new StringValues(field.Value))), Metric);
        made = kind.Fresh(db, View);
        kind.Fill(made, form, View);
        if (made is Bag bag)
        {
            (bag.OpenedOn, bag.UsedUpOn) = (Day(thing, Opened), Day(thing, UsedUp));
        }

        return form;
    }

    private ShelfThing Out(ShelfKind kind, IShelved thing)
    {
        var form = new ThingForm(null, Metric);
        kind.Fill(thing, form, View);
        var fields = form.Fields.ToImmutableSortedDictionary(field => field.Name, field => field.Text, StringComparer.Ordinal);
        if (thing is Bag bag)
        {
            foreach (var (name, day) in new[] { (Opened, bag.OpenedOn), (UsedUp, bag.UsedUpOn) })
            {
                fields = day is { } on ? fields.SetItem(name, on.ToString(DayFormat, CultureInfo.InvariantCulture)) : fields;
            }
        }

        return new ShelfThing(kind.Word, fields);
    }

    private static DateOnly? Day(ShelfThing thing, string name) =>
        thing.Fields.TryGetValue(name, out var text) && DateOnly.TryParseExact(text, DayFormat, CultureInfo.InvariantCulture, DateTimeStyles.None, out var day) ? day : null;

    private static string NameOf(ShelfThing thing) => thing.Fields.GetValueOrDefault("name", "without a name");

    private static (string Kind, string Name) Key(ShelfThing thing) => (thing.Kind, NameOf(thing));
}
