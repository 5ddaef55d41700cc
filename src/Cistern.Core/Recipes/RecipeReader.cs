using System.Text;
using System.Text.Json;

namespace Cistern.Core.Recipes;

/// <summary>The result of reading a file: its recipes, or the reasons it was refused.</summary>
/// <param name="Recipes">Every recipe in the file; empty when any of them was refused, so that a file is never half imported.</param>
/// <param name="Findings">All findings.</param>
public sealed record RecipeFile(ImmutableArray<Recipe> Recipes, ImmutableArray<Finding> Findings)
{
    /// <summary>Whether the file was taken.</summary>
    public bool Accepted => Findings.All(finding => finding.Severity != Severity.Error);
}

/// <summary>Reads the open recipe file. No file content makes it throw.</summary>
public static class RecipeReader
{
    /// <summary>The largest file taken, bytes.</summary>
    public const int MaxFileBytes = 2 * 1024 * 1024;

    /// <summary>The most recipes one file may hold.</summary>
    public const int MaxRecipes = 200;

    /// <summary>The most steps one recipe may hold.</summary>
    public const int MaxSteps = 200;

    /// <summary>The most findings reported for one file.</summary>
    private const int MaxFindings = 100;

    private static readonly JsonDocumentOptions Options = new() { MaxDepth = 32 };

    /// <summary>Reads one recipe or an array of them from UTF-8 JSON, and checks each by the rules that need no forecast.</summary>
    public static RecipeFile Read(ReadOnlyMemory<byte> utf8) => Open(utf8, MaxFileBytes, "A recipe file", Read, Refused);

    /// <summary>Parses a JSON file and reads it. A file that is too large or not JSON is refused with a finding.</summary>
    /// <param name="utf8">The content.</param>
    /// <param name="largestBytes">The greatest size accepted, bytes.</param>
    /// <param name="file">The name of the format in messages: "A recipe file".</param>
    /// <param name="read">Reads its root.</param>
    /// <param name="refused">Makes the result for a refused file.</param>
    public static T Open<T>(ReadOnlyMemory<byte> utf8, int largestBytes, string file, Func<JsonElement, T> read, Func<Finding, T> refused)
    {
        if (utf8.Length > largestBytes)
        {
            return refused(FindingKinds.FileTooLarge.At("", file, largestBytes / 1048576, utf8.Length / 1048576.0));
        }

        try
        {
            if (utf8.Span.StartsWith(Encoding.UTF8.Preamble))
            {
                utf8 = utf8[Encoding.UTF8.Preamble.Length..];
            }

            using var document = JsonDocument.Parse(utf8, Options);
            return read(document.RootElement);
        }
        catch (JsonException error)
        {
            return refused(FindingKinds.NotJson.At("", (error.LineNumber ?? 0) + 1, (error.BytePositionInLine ?? 0) + 1));
        }
        catch (InvalidOperationException)
        {
            // Bytes that are not UTF-8, or an unpaired surrogate.
            return refused(FindingKinds.NotUtf8.At(""));
        }
    }

    /// <summary>Reads a file given as text.</summary>
    public static RecipeFile Read(string json) =>
        json.Length > MaxFileBytes ? Read(new byte[MaxFileBytes + 1]) : Read(Encoding.UTF8.GetBytes(json));

    /// <summary>
    /// Reads a recipe that Cistern stored: each member must be valid, but the rules across members are not checked, since a plan may
    /// be stored while its steps do not yet fit together.
    /// </summary>
    public static RecipeFile ReadDraft(string json)
    {
        try
        {
            using var document = JsonDocument.Parse(json, Options);
            var findings = new List<Finding>();
            var recipes = new List<Recipe>();
            ReadInto(document.RootElement, "", recipes, findings, draft: true);
            return new RecipeFile(findings.Exists(finding => finding.Severity == Severity.Error) ? [] : [.. recipes], [.. findings]);
        }
        catch (Exception error) when (error is JsonException or InvalidOperationException)
        {
            return Refused(FindingKinds.PlanNotJson.At(""));
        }
    }

    private static RecipeFile Refused(Finding finding) => new([], [finding]);

    private static RecipeFile Read(JsonElement root)
    {
        var findings = new List<Finding>();
        var recipes = new List<Recipe>();
        if (root.ValueKind == JsonValueKind.Object)
        {
            ReadInto(root, "", recipes, findings);
        }
        else if (root.ValueKind == JsonValueKind.Array)
        {
            ReadAll(root, recipes, findings);
        }
        else
        {
            findings.Add(FindingKinds.RecipesExpected.At("", ObjectReader.Shown(root)));
        }

        if (recipes.Sum(RecipeChecker.LengthS) > Member.MaxBrewS && recipes.Count > 1)
        {
            findings.Add(FindingKinds.BrewsTooLongTogether.At("", recipes.Sum(RecipeChecker.LengthS) / 3600));
        }

        var accepted = findings.All(finding => finding.Severity != Severity.Error);
        return new RecipeFile(accepted ? [.. recipes] : [], [.. findings.Take(MaxFindings)]);
    }

    private static void ReadAll(JsonElement root, List<Recipe> recipes, List<Finding> findings)
    {
        var count = root.GetArrayLength();
        if (count is 0 or > MaxRecipes)
        {
            findings.Add((count == 0 ? FindingKinds.NoRecipes : FindingKinds.TooManyRecipes).At("", MaxRecipes, count));
            return;
        }

        var ids = new HashSet<string>(StringComparer.Ordinal);
        var index = 0;
        foreach (var element in root.EnumerateArray())
        {
            var place = string.Create(CultureInfo.InvariantCulture, $"[{index++}]");
            ReadInto(element, place, recipes, findings);
            if (recipes.Count > 0 && recipes[^1].Id.Length > 0 && recipes.Count == index && !ids.Add(recipes[^1].Id))
            {
                findings.Add(FindingKinds.RepeatedId.At($"{place}.id", recipes[^1].Id));
            }

            if (findings.Count >= MaxFindings)
            {
                return;
            }
        }
    }

    private static void ReadInto(JsonElement element, string place, List<Recipe> recipes, List<Finding> findings, bool draft = false)
    {
        if (element.ValueKind != JsonValueKind.Object)
        {
            findings.Add(FindingKinds.RecipeExpected.At(place, ObjectReader.Shown(element)));
            return;
        }

        var before = findings.Count(finding => finding.Severity == Severity.Error);
        var reader = new ObjectReader(element, place, findings, draft);
        if (!IsOfFormat(reader, findings, Recipe.FormatName, "recipe file"))
        {
            return;
        }

        var recipe = new Recipe(
            Id(reader, findings),
            reader.RequiredText("name"),
            ReadBrewer(reader.Object("brewer")),
            ReadCoffee(reader.Object("coffee")),
            ReadGrind(reader.Object("grind")),
            ReadWater(reader.Object("water")),
            ReadPlace(reader.Object("place")),
            reader.RequiredWord<ClockStart>("clockStarts"),
            ReadSteps(reader, findings, draft))
        {
            Style = reader.Text("school"),
            Notes = reader.Text("notes"),
            Target = reader.Has("target") ? ReadTarget(reader.Object("target")) : null,
        };
        recipe = recipe with { Extra = reader.Extra() };

        // Rules across members are checked only when each member is valid.
        if (!draft && findings.Count(finding => finding.Severity == Severity.Error) == before)
        {
            findings.AddRange(RecipeChecker.Check(recipe, place));
        }

        recipes.Add(recipe);
    }

    /// <summary>
    /// Reads a recipe that is a member of another file, by the same rules; returns null and adds a finding where it is invalid.
    /// </summary>
    internal static Recipe? ReadMember(ObjectReader reader, string name, List<Finding> findings, bool required)
    {
        if (!reader.Take(name, out var element))
        {
            if (required)
            {
                findings.Add(FindingKinds.RecipeMissing.At(reader.At(name), name));
            }

            return null;
        }

        var before = findings.Count;
        var recipes = new List<Recipe>();
        ReadInto(element, reader.At(name), recipes, findings);
        return recipes.Count == 1 && !findings.Skip(before).Any(finding => finding.Severity == Severity.Error) ? recipes[0] : null;
    }

    /// <summary>Whether an object has the expected format and version; adds a finding where it has not.</summary>
    internal static bool IsOfFormat(ObjectReader reader, List<Finding> findings, string formatName, string file)
    {
        if (!reader.Take("format", out var format) || format.ValueKind != JsonValueKind.String || format.GetString() != formatName)
        {
            findings.Add(FindingKinds.WrongFormat.At(reader.At("format"), formatName, ObjectReader.Shown(format), file));
            return false;
        }

        if (!reader.Take("version", out var version) || version.ValueKind != JsonValueKind.Number
            || !version.TryGetInt32(out var number) || number != Recipe.FormatVersion)
        {
            findings.Add(FindingKinds.WrongVersion.At(reader.At("version"), file, ObjectReader.Shown(version)));
            return false;
        }

        return true;
    }

    private static string Id(ObjectReader reader, List<Finding> findings)
    {
        var id = reader.RequiredText("id");
        if (id.Length > 0 && !id.All(letter => char.IsAsciiLetterLower(letter) || char.IsAsciiDigit(letter) || letter == '-'))
        {
            findings.Add(FindingKinds.IdIsNoSlug.At(reader.At("id"), id.Length > 40 ? id[..40] : id));
        }

        return id;
    }

    private static Brewer ReadBrewer(ObjectReader reader) =>
        new Brewer(reader.RequiredWord<BrewerFamily>("family"), reader.Required("capacityMl"))
        {
            Filter = reader.Word<Filter>("filter"),
            Cone = reader.Word<Cone>("cone"),
            OutletMm = reader.Number("outletMm"),
            Position = reader.Word<TubePosition>("position"),
            Material = reader.Word<Material>("material"),
            Wrapped = reader.Flag("wrapped", false),
        } with
        { Extra = reader.Extra() };

    private static Coffee ReadCoffee(ObjectReader reader) =>
        new Coffee(reader.Required("doseG"), reader.Required("roast"), reader.Required("restDays")) with { Extra = reader.Extra() };

    private static Grind ReadGrind(ObjectReader reader) =>
        new Grind(reader.Required("medianUm"), reader.Required("spread"), reader.Number("fines")) { Measured = reader.Flag("measured", false) } with { Extra = reader.Extra() };

    private static KettleWater ReadWater(ObjectReader reader) =>
        new KettleWater(reader.Required("temperatureC")) with { Extra = reader.Extra() };

    private static Place ReadPlace(ObjectReader reader) =>
        new Place(reader.Required("altitudeM"), reader.Required("ambientC")) with { Extra = reader.Extra() };

    private static Target ReadTarget(ObjectReader reader) =>
        new Target
        {
            TdsPercent = reader.Range("tdsPercent"),
            FlavourBalance = reader.Range("tilt"),
            ExtractionYieldPercent = reader.Range("extractionYieldPercent"),
            FinishS = reader.Range("finishS"),
        } with
        { Extra = reader.Extra() };

    private static ImmutableArray<Step> ReadSteps(ObjectReader reader, List<Finding> findings, bool kept)
    {
        if (!reader.Take("steps", out var list) || list.ValueKind != JsonValueKind.Array)
        {
            findings.Add(FindingKinds.StepsExpected.At(reader.At("steps"), ObjectReader.Shown(list)));
            return [];
        }

        var count = list.GetArrayLength();
        if (count is 0 or > MaxSteps)
        {
            findings.Add((count == 0 ? FindingKinds.NoSteps : FindingKinds.TooManySteps).At(reader.At("steps"), MaxSteps, count));
            return [];
        }

        var steps = ImmutableArray.CreateBuilder<Step>(count);
        var index = 0;
        foreach (var element in list.EnumerateArray())
        {
            var place = reader.At(string.Create(CultureInfo.InvariantCulture, $"steps[{index++}]"));
            if (ReadStep(element, place, findings, kept) is { } step)
            {
                steps.Add(step);
            }
        }

        return steps.ToImmutable();
    }

    /// <summary>Reads one step and adds a finding for each problem; returns null where it is not a step.</summary>
    internal static Step? ReadStep(JsonElement element, string place, List<Finding> findings, bool kept = false)
    {
        if (element.ValueKind != JsonValueKind.Object)
        {
            findings.Add(FindingKinds.StepExpected.At(place, ObjectReader.Shown(element)));
            return null;
        }

        var reader = new ObjectReader(element, place, findings, kept);
        reader.Take("do", out var word);
        var verb = word.ValueKind == JsonValueKind.String ? Verb.Find(word.GetString()!) : null;
        if (verb is null)
        {
            findings.Add(FindingKinds.UnknownVerb.At(reader.At("do"), ObjectReader.Shown(word), string.Join(", ", Verb.All.Select(one => one.Word))));
            return null;
        }

        var step = verb.Read(reader) with
        {
            AtS = reader.Number("at"),
            Window = reader.Range("window"),
            StartWindow = verb.Traits.TwoWindows ? reader.Range("startWindow") : null,
            Note = reader.Text("note"),
        };
        return step with { Extra = reader.Extra() };
    }
}
