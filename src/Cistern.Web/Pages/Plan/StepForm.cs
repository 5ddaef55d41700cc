using System.Text.Json.Nodes;

namespace Cistern.Web.Pages.Plan;

/// <summary>One member of a step in its form.</summary>
/// <param name="Name">Its name in the form, and its id.</param>
/// <param name="Label">Its label.</param>
/// <param name="Text">Its text.</param>
/// <param name="Unit">Its unit, or null.</param>
/// <param name="Options">The words to choose from; empty for a text field.</param>
/// <param name="Problem">What is wrong with it.</param>
/// <param name="By">The size of one arrow key press; null for text.</param>
public sealed record StepField(string Name, string Label, string Text, string? Unit, IReadOnlyList<(string Value, string Label)> Options, string? Problem, double? By);

/// <summary>
/// The form of one step. It is made from the members its verb takes in the file, so that every verb can be edited, by
/// the same rules as a file.
/// </summary>
public sealed class StepForm
{
    private const string Prefix = "s.";

    private readonly FigureFormat format;
    private readonly FormValues values;
    private readonly JsonObject members;
    private readonly List<StepField> fields = [];
    private readonly Dictionary<string, JsonNode?> changes = new(StringComparer.Ordinal);

    private StepForm(Recipe recipe, int index, FigureFormat format, FormValues values)
    {
        this.format = format;
        this.values = values;
        Index = index;
        var step = recipe.Steps[index];
        var verb = Verb.Of(step);
        members = Core.Planning.StepEditing.Members(step);
        foreach (var name in verb.Takes)
        {
            Add(verb.Word == "stir" && name == "path" ? Member.Named("stir.path") : Member.Named(name), name, verb.Requires.Contains(name));
        }

        if (index > RecipeChecker.AnchorIndex(recipe))
        {
            Add(Member.Named("at"), "at", required: false);
            var ofLength = verb.Traits.WindowOf == WindowOf.Length;
            AddWindow("window", step.Window, ofLength ? "May last from" : "Any time from");
            if (verb.Traits.TwoWindows)
            {
                AddWindow("startWindow", step.StartWindow, "May begin from");
            }
        }

        Add(Member.Named("note"), "note", required: false);
    }

    /// <summary>The step's place in the recipe.</summary>
    public int Index { get; }

    /// <summary>Its fields, in the order of the file's members.</summary>
    public IReadOnlyList<StepField> Fields => fields;

    /// <summary>What was changed, by names in the file.</summary>
    public IReadOnlyDictionary<string, JsonNode?> Changes => changes;

    /// <summary>Whether everything typed is valid.</summary>
    public bool Good => fields.TrueForAll(one => one.Problem is null);

    /// <summary>The form of a step, with what was typed into it.</summary>
    public static StepForm Of(Recipe recipe, int index, FigureFormat format, FormValues values) => new(recipe, index, format, values);

    /// <summary>The form with a finding assigned to its field.</summary>
    public StepForm With(IEnumerable<Finding> findings)
    {
        foreach (var finding in findings)
        {
            var at = fields.FindIndex(field => field.Name == Prefix + finding.Place);
            if (at >= 0)
            {
                fields[at] = fields[at] with { Problem = $"{finding.Rule} {finding.Remedy}" };
            }
        }

        return this;
    }

    private TypedNumber Mass(string text, Member member, bool ofIce)
    {
        var said = ofIce && SpokenAmounts.IceG(text) is { } iceG ? format.Units.MassFromG(iceG).ToString("0.##", CultureInfo.InvariantCulture) : text;
        var read = TypedNumber.Read(said, format.Units.MassFromG(member.Min), format.Units.MassFromG(member.Max), format.MassUnit);
        return ofIce ? read.Naming("“8 cubes”, “a glass full” and “a block” will do too.") : read;
    }

    private void Add(Member member, string name, bool required)
    {
        switch (member.Kind)
        {
            case MemberKind.Number when member.Unit == "s":
                AddTyped(name, members[name] is { } s ? Seconds(name, (double)s) : "", name is "at" or "forS" ? null : "s", 1, text => TypedNumber.ReadClock(text, member.Min, member.Max), value => value, required);
                break;
            case MemberKind.Number when member.Unit == "g":
                AddTyped(name, members[name] is { } g ? format.MassNumber((double)g, fine: (double)g < 20) : "", format.MassUnit, 5,
                    text => Mass(text, member, name == "iceG"), format.Units.MassToG, required);
                break;
            case MemberKind.Number when member.Unit == "°C":
                AddTyped(name, members[name] is { } c ? format.TemperatureNumber((double)c) : "", format.TemperatureUnit, 1,
                    text => TypedNumber.Read(text, format.Units.TemperatureFromC(member.Min), format.Units.TemperatureFromC(member.Max), format.TemperatureUnit), format.Units.TemperatureToC, required);
                break;
            case MemberKind.Number:
                AddTyped(name, members[name] is { } n ? ((double)n).ToString("0.##", CultureInfo.InvariantCulture) : "", member.Unit, 10, text => TypedNumber.Read(text, member.Min, member.Max, member.Unit), value => value, required);
                break;
            case MemberKind.Whole:
                AddTyped(name, members[name] is { } w ? ((double)w).ToString("0", CultureInfo.InvariantCulture) : "", null, 1, text => Whole(TypedNumber.Read(text, member.Min, member.Max, "")), value => value, required: true);
                break;
            case MemberKind.Word:
                AddChosen(name, Word(name), [.. (required ? [] : new[] { ("", "as it comes") }).Concat(member.Words.Select(word => (word, word.Replace('-', ' '))))], text => text.Length == 0 ? null : JsonValue.Create(text));
                break;
            case MemberKind.Flag:
                AddChosen(name, (bool?)members[name] ?? StandsFor(name) ? "yes" : "no", [("yes", "yes"), ("no", "no")], text => JsonValue.Create(text == "yes"));
                break;
            case MemberKind.Text:
                AddText(name, member);
                break;
            default:
                break;
        }
    }

    private void AddTyped(string name, string stands, string? unit, double by, Func<string, TypedNumber> read, Func<double, double> toFile, bool required)
    {
        var text = Sent(name) ?? stands;
        string? problem = null;
        if (Changed(name))
        {
            if (text.Trim().Length == 0 && !required)
            {
                changes[name] = null;
            }
            else
            {
                var number = read(text);
                problem = number.Problem;
                if (number.Value is { } value)
                {
                    changes[name] = JsonValue.Create(Math.Round(toFile(value), 4));
                }
            }
        }

        fields.Add(new StepField(Prefix + name, Label(name), text, unit, [], problem, by));
    }

    private void AddChosen(string name, string stands, IReadOnlyList<(string Value, string Label)> options, Func<string, JsonNode?> toFile)
    {
        var text = Sent(name) ?? stands;
        var known = options.Any(option => option.Value == text);
        if (Changed(name) && known)
        {
            changes[name] = toFile(text);
        }

        fields.Add(new StepField(Prefix + name, Label(name), known ? text : stands, null, options, known ? null : "Choose one of these.", null));
    }

    private void AddText(string name, Member member)
    {
        var text = Sent(name) ?? (string?)members[name] ?? "";
        var problem = text.Length > member.Max ? string.Create(CultureInfo.InvariantCulture, $"At most {member.Max} letters.") : null;
        if (Changed(name) && problem is null)
        {
            changes[name] = text.Trim().Length == 0 ? null : JsonValue.Create(text.Trim());
        }

        fields.Add(new StepField(Prefix + name, Label(name), text, null, [], problem, null));
    }

    /// <summary>A window has two times: neither, or both with the earlier first.</summary>
    private void AddWindow(string name, Span? window, string label)
    {
        string Stands(double? seconds) => seconds is { } s ? FigureFormat.Clock(s) : "";
        var low = Sent(name + ".low") ?? Stands(window?.Low);
        var high = Sent(name + ".high") ?? Stands(window?.High);
        string? problem = null;
        if (Changed(name + ".low") || Changed(name + ".high"))
        {
            var (from, to) = (TypedNumber.ReadClock(low, 0, Member.MaxBrewS), TypedNumber.ReadClock(high, 0, Member.MaxBrewS));
            if (low.Trim().Length == 0 && high.Trim().Length == 0)
            {
                changes[name] = null;
            }
            else if (from.Value is { } fromS && to.Value is { } toS && fromS <= toS)
            {
                changes[name] = new JsonArray(fromS, toS);
            }
            else
            {
                problem = from.Problem ?? to.Problem ?? "The earlier time comes first.";
            }
        }

        fields.Add(new StepField(Prefix + name + ".low", label, low, null, [], problem, 5));
        fields.Add(new StepField(Prefix + name + ".high", "to", high, null, [], problem is null ? null : "See the one before.", 5));
    }

    private bool Changed(string name) => Sent(name) is { } text && values.Value("was." + Prefix + name) != text;

    private string? Sent(string name) => values.Value("s.index") == Index.ToString(CultureInfo.InvariantCulture) ? values.Value(Prefix + name) : null;

    private string Word(string name) => (string?)members[name] ?? name switch
    {
        "height" => "normal",
        "depth" => "bottom",
        _ => "",
    };

    private static bool StandsFor(string name) => name is "hot" or "on" or "keep";

    private static string Seconds(string name, double seconds) => name is "at" or "forS" ? FigureFormat.Clock(seconds) : seconds.ToString("0.#", CultureInfo.InvariantCulture);

    private static TypedNumber Whole(TypedNumber number) =>
        number.Value is { } value && value != Math.Floor(value) ? number with { Value = null, Problem = "Give a whole number." } : number;

    private static string Label(string name) => name switch
    {
        "toG" => "To, in the brewer",
        "overS" => "Takes",
        "height" => "Kettle held",
        "path" => "Path",
        "stirring" => "Stirring as it goes in",
        "temperatureC" => "Its own temperature",
        "turns" => "Turns",
        "continuous" => "All the time",
        "tool" => "Tool",
        "hot" => "Hot water",
        "toC" => "To",
        "on" => "On",
        "drawBack" => "Drawn back a little",
        "under" => "Held under the surface",
        "toMl" => "Drawn to the mark at",
        "cups" => "Cups",
        "met" => "Share melted before it is drunk, 0 to 1",
        "flameW" => "Flame",
        "waterG" => "Water",
        "holdC" => "The flame holds it at",
        "forS" => "For how long",
        "event" => "Until",
        "expectS" => "Expected",
        "depth" => "Down to the",
        "untilG" => "Until in the cup",
        "leaveG" => "Leave behind",
        "keep" => "Keep the one before",
        "heldBack" => "Hold the grounds back",
        "iceG" => "Ice",
        "iceC" => "The ice is at",
        "where" => "In the",
        "untilC" => "Off the ice at",
        "at" => "Starts at",
        _ => "Note",
    };
}
