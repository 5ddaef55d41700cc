using System.Text;
using Microsoft.AspNetCore.WebUtilities;

namespace Cistern.Web.Pages.Plan;

/// <summary>Finds a plan by coffee, drink and time, and manages the baristas' own plans.</summary>
public sealed class ChooseModel(CisternDb db, PlanSaving saving, PlanFinder finder, IdempotencyStore requests, BaristaStore baristas, BaristaContext baristaContext, ForecastModel model) : PageModel
{
    private const int MaxPages = 10_000;

    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>The bags that are not used up.</summary>
    public IReadOnlyList<Bag> Bags { get; private set; } = [];

    /// <summary>The bag that was chosen, or null.</summary>
    public Bag? Bag { get; private set; }

    /// <summary>The number fields of the search, by name, as typed.</summary>
    public Dictionary<string, Field> Fields { get; } = new(StringComparer.Ordinal);

    /// <summary>What is wished.</summary>
    public Wish Wish { get; private set; } = new();

    /// <summary>Whether anything was wished at all.</summary>
    public bool Wished { get; private set; }

    /// <summary>The styles, in the library's order.</summary>
    public static IReadOnlyList<string> Styles { get; } = [.. RecipeLibrary.All.Select(recipe => recipe.Style).OfType<string>().Distinct(StringComparer.Ordinal)];

    /// <summary>The search words for recipes; empty for all.</summary>
    public string Asked { get; private set; } = "";

    /// <summary>Their order: a word of <see cref="Orders"/>; empty for the best match first.</summary>
    public string Order { get; private set; } = "";

    /// <summary>The other orders, with their names.</summary>
    public static IReadOnlyList<(string Word, string Called)> Orders { get; } = [("shortest", "shortest first"), ("hands", "least work first"), ("strongest", "strongest first"), ("weakest", "weakest first"), ("name", "by name")];

    /// <summary>This barista's favourite recipes.</summary>
    public IReadOnlyList<string> Favourites { get; private set; } = [];

    /// <summary>The brewer families on the shelf.</summary>
    public IReadOnlyCollection<BrewerFamily> OnShelf { get; private set; } = [];

    /// <summary>The recipes: favourites first, then those for brewers on the shelf, each by best match.</summary>
    public IReadOnlyList<Choice> Choices { get; private set; } = [];

    /// <summary>The barista's own plans.</summary>
    public IReadOnlyList<StoredPlan> Own { get; private set; } = [];

    /// <summary>How many of them are found in all.</summary>
    public int OwnOf { get; private set; }

    /// <summary>The search words for own plans; empty for all.</summary>
    public string OwnWords { get; private set; } = "";

    /// <summary>Which page of them, counted from 0.</summary>
    public int OwnPage { get; private set; }

    /// <summary>Recently changed plans that were not saved.</summary>
    public IReadOnlyList<StoredPlan> Unsaved { get; private set; } = [];

    /// <summary>The address of a page of the baristas' own plans.</summary>
    public string OwnAt(int page) => QueryHelpers.AddQueryString("/plan", new Dictionary<string, string?>(StringComparer.Ordinal) { ["own"] = OwnWords.Length > 0 ? OwnWords : null, ["page"] = page > 0 ? page.ToString(CultureInfo.InvariantCulture) : null }) + "#own";

    /// <summary>The plan just deleted, which can be restored.</summary>
    public StoredPlan? Removed { get; private set; }

    /// <summary>The findings of a file that was to be imported.</summary>
    public IReadOnlyList<Finding> Findings { get; private set; } = [];

    /// <summary>That file's text, where it was typed.</summary>
    public string ImportText { get; private set; } = "";

    /// <summary>A name that was refused, as typed, and the id of its plan; 0 where none was refused.</summary>
    public (int Stored, string Name) Refused { get; private set; }

    /// <summary>How many came in with the last file.</summary>
    public int Imported { get; private set; }

    /// <summary>The address of a recipe's plan, with the search's values set.</summary>
    public string Address(Choice choice)
    {
        var query = new Dictionary<string, string?>(StringComparer.Ordinal)
        {
            ["bag"] = Bag?.Id.ToString(CultureInfo.InvariantCulture),
            ["drink"] = Wish.DrinkMl is { } ml ? Format.DrinkNumber(ml * WaterPhysics.DensityGPerMl(60)) : null,
        };
        return QueryHelpers.AddQueryString($"/plan/{choice.Recipe.Id}", query);
    }

    /// <summary>Where a recipe does not match, in words.</summary>
    public string MisfitText(Choice choice) => string.Join(", ", choice.Misfits.Select(misfit => misfit switch
    {
        Misfit.Vessel => "another brewer",
        Misfit.TooWeakForMilk => $"{FigureFormat.Percent(choice.Forecast.Totals.TdsPercent, 2)}, thin under milk",
        Misfit.Hot => "hot",
        Misfit.Iced => "iced",
        Misfit.TooLong => $"takes {FigureFormat.Clock(choice.Forecast.Totals.FinishS)}",
        Misfit.TooBusy => $"hands on for {FigureFormat.Clock(choice.HandsS)}",
        Misfit.MoreWashing => "more to wash",
        Misfit.Style => "another style",
        Misfit.TooMuch => "more than the brewer holds",
        Misfit.BagTooSmall => $"takes {Format.Dose(choice.Recipe.Coffee.DoseG)}, more than is left",
    }));

    /// <summary>How many recipes match, as a sentence.</summary>
    public string Found => Choices.Count == 0 ? "No recipe has these words. Try fewer." : Choices.Count(choice => choice.Misfits.Count == 0) switch
    {
        0 => "No recipe does all of that. The best match comes first, with what it does not do.",
        1 => $"1 of {Choices.Count} recipes does all of that. The others follow, with what they do not do.",
        var count when count == Choices.Count => "Every recipe does that.",
        var count => $"{count} of {Choices.Count} recipes do all of that. The others follow, with what they do not do.",
    };

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(CancellationToken ct) => await LoadAsync(ct);

    /// <summary>Makes a recipe a favourite, or removes it from the favourites.</summary>
    public async Task<IActionResult> OnPostFavouriteAsync(string? recipe, CancellationToken ct)
    {
        if (RecipeLibrary.Find(recipe ?? "") is not { } one || await baristaContext.BaristaAsync(ct) is not { } who)
        {
            return NotFound();
        }

        await baristas.ToggleFavouriteAsync(who.Id, one.Id, ct);
        return Redirect($"{Request.Path}{QueryString.Create(Request.Query.Where(pair => pair.Key != "handler"))}#{one.Id}");
    }

    /// <summary>Imports a file of recipes, all of them or none.</summary>
    public async Task<IActionResult> OnPostImportAsync(IFormFile? file, string? text, CancellationToken ct)
    {
        var (bytes, from) = await ReadAsync(file, text, ct);
        var read = RecipeReader.Read(bytes);
        if (bytes.Length == 0 || !read.Accepted)
        {
            Findings = bytes.Length == 0 ? [FindingKinds.NothingSent.At("")] : read.Findings;
            ImportText = text is { Length: < 20_000 } ? text : "";
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            await LoadAsync(ct);
            return Page();
        }

        var ids = await saving.ImportAsync(read.Recipes, from, ct);
        return ids.Count == 1 ? Redirect($"/plan/{ids[0]}") : Redirect($"/plan?imported={ids.Count}#own");
    }

    /// <summary>Deletes a plan; it can be restored.</summary>
    public Task<IActionResult> OnPostRemoveAsync(int stored, CancellationToken ct) => ChangeAsync(stored, async () =>
    {
        await saving.RemoveAsync(stored, removed: true, ct);
        return $"/plan?removed={stored}#own";
    }, ct);

    /// <summary>Restores one.</summary>
    public Task<IActionResult> OnPostRestoreAsync(int stored, CancellationToken ct) => ChangeAsync(stored, async () =>
    {
        await saving.RemoveAsync(stored, removed: false, ct);
        return "/plan#own";
    }, ct);

    /// <summary>Renames it.</summary>
    public async Task<IActionResult> OnPostRenameAsync(int stored, string? name, CancellationToken ct)
    {
        if (name?.Trim() is { Length: > 0 } good && PlainText.Problem(good, 200, lines: false) is null)
        {
            return await ChangeAsync(stored, async () =>
            {
                await saving.RenameAsync(stored, good, ct);
                return "/plan#own";
            }, ct);
        }

        Refused = (stored, name ?? "");
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        await LoadAsync(ct);
        return Page();
    }

    /// <summary>Makes another like it.</summary>
    public Task<IActionResult> OnPostDuplicateAsync(int stored, CancellationToken ct) => ChangeAsync(stored, async () =>
    {
        var open = (await finder.FindAsync(stored.ToString(CultureInfo.InvariantCulture), ct))!;
        var name = $"{open.Stored!.Name}, a copy";
        var wish = new PlanRequest(IdempotencyKey.Of(Request.Form), (await baristaContext.BaristaAsync(ct))?.Id);
        return await saving.SaveAsync(open, open.State, name.Length > 200 ? name[..200] : name, "", "", wish, ct) is { } copy
            ? $"/plan/{copy.Id}"
            : await requests.ResultOfAsync(wish.Key, ct) ?? "/plan#own";
    }, ct);

    private async Task<IActionResult> ChangeAsync(int stored, Func<Task<string>> change, CancellationToken ct)
    {
        return await db.Plans.AnyAsync(row => row.Id == stored && row.SavedAtMs != null, ct) ? Redirect(await change()) : NotFound();
    }

    private static async Task<(byte[] Bytes, string From)> ReadAsync(IFormFile? file, string? text, CancellationToken ct)
    {
        if (file is not { Length: > 0 })
        {
            return (Encoding.UTF8.GetBytes((text ?? "").Trim()), "a pasted file");
        }

        using var memory = new MemoryStream();
        await file.CopyToAsync(memory, ct);
        var name = Path.GetFileName(file.FileName);
        return (memory.ToArray(), $"the file {(name.Length > 80 ? name[..80] : name)}");
    }

    private async Task LoadAsync(CancellationToken ct)
    {
        Format = await baristaContext.FormatAsync(ct);
        Bags = await db.Bags.AsNoTracking().Where(bag => bag.RemovedAtMs == null && bag.UsedUpOn == null).OrderBy(bag => bag.Name).ToListAsync(ct);
        OwnWords = Request.Query.SearchText("own");
        OwnPage = int.TryParse(Request.Query["page"], NumberStyles.None, CultureInfo.InvariantCulture, out var page) && page < MaxPages ? page : 0;
        (Own, OwnOf) = await finder.FindSavedAsync(OwnWords, OwnPage, ct);
        Unsaved = await finder.UnsavedAsync(ct);
        Imported = int.TryParse(Request.Query["imported"], NumberStyles.None, CultureInfo.InvariantCulture, out var imported) ? imported : 0;
        Removed = int.TryParse(Request.Query["removed"], NumberStyles.None, CultureInfo.InvariantCulture, out var removed)
            ? await db.Plans.AsNoTracking().FirstOrDefaultAsync(stored => stored.Id == removed && stored.RemovedAtMs != null, ct) : null;
        Favourites = await baristaContext.BaristaAsync(ct) is { } who ? who.FavouriteRecipes : [];
        OnShelf = await PlanShelf.FamiliesAsync(db, ct);
        ReadWish();
        Choices = [.. Sorted(Choosing.Of(RecipeLibrary.All, Wish, model).Where(IsMeant))];
    }

    /// <summary>Whether a recipe's name, brewer, style and reason contain all search words.</summary>
    private bool IsMeant(Choice choice)
    {
        var told = $"{choice.Recipe.Name} {StepWording.Vessel(choice.Recipe.Brewer)} {choice.Recipe.Style} {StyleWording.ReasonOf(choice.Recipe.Id) ?? StyleWording.Of(choice.Recipe.Style)} {(choice.Forecast.Totals.ChilledC is null ? "hot" : "iced")}";
        return FrameForm.HasAllWords(told, Asked);
    }

    private IEnumerable<Choice> Sorted(IEnumerable<Choice> choices) => Order switch
    {
        "shortest" => choices.OrderBy(choice => choice.Forecast.Totals.FinishS),
        "hands" => choices.OrderBy(choice => choice.HandsS),
        "strongest" => choices.OrderByDescending(choice => choice.Forecast.Totals.FinalTdsPercent),
        "weakest" => choices.OrderBy(choice => choice.Forecast.Totals.FinalTdsPercent),
        "name" => choices.OrderBy(choice => choice.Recipe.Name, StringComparer.CurrentCulture),
        _ => choices.OrderBy(choice => choice.Misfits.Count > 0).ThenBy(choice => !Favourites.Contains(choice.Recipe.Id)).ThenBy(choice => OnShelf.Count > 0 && !OnShelf.Contains(choice.Recipe.Brewer.Family)),
    };

    private void ReadWish()
    {
        string? Sent(string name) => Request.Query.Value(name) is { Length: > 0 } text ? text : null;
        Asked = Request.Query.SearchText("words");
        Order = Orders.Any(one => one.Word == Sent("order")) ? Sent("order")! : "";
        Bag = int.TryParse(Sent("bag"), NumberStyles.None, CultureInfo.InvariantCulture, out var id) ? Bags.FirstOrDefault(bag => bag.Id == id) : null;
        var cups = Number("cups", "Cups", "", 0.25, 20);
        var cupMl = Number("cup", "One cup holds", Format.VolumeUnit.StartsWith("cups", StringComparison.Ordinal) ? "ml" : Format.VolumeUnit, Format.Units.VolumeFromMl(30), Format.Units.VolumeFromMl(1_000));
        var minutes = Number("minutes", "Within", "min", 0.5, 60);
        var hands = Number("hands", "Hands on", "min", 0.1, 60);
        var oneMl = cupMl is { } size ? Format.Units.VolumeToMl(size) : Format.Units.CupMl;
        Wish = new Wish
        {
            DrinkMl = cups is { } count ? count * oneMl : null,
            Family = Words<BrewerFamily>.Find(Sent("family")),
            Milk = Sent("milk") == "milk" ? true : null,
            Iced = Sent("ice") switch { "iced" => true, "hot" => false, _ => null },
            WithinS = minutes * 60,
            HandsS = hands * 60,
            Washing = Enum.TryParse<WashingUp>(Sent("washing"), out var washing) && Enum.IsDefined(washing) ? washing : null,
            Style = Sent("school"),
            Coffee = Bag is null ? null : new Coffee(1, Bag.Roast, Bag.RestDays(baristaContext.Today)),
            LeftG = Bag?.LeftG,
        };
        Wished = Wish != new Wish() || Asked.Length > 0;
    }

    private double? Number(string name, string label, string unit, double min, double max)
    {
        var text = Request.Query.Value(name)?.Trim() ?? "";
        var number = text.Length == 0 ? new TypedNumber("", null, null) : TypedNumber.Read(text, min, max, unit);
        Fields[name] = new Field(name, label, text) { Kind = "number", Unit = unit.Length > 0 ? unit : null, Problem = number.Problem, MaxLength = 20 };
        return number.Value;
    }
}
