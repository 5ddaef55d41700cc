using System.Globalization;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Data.Plans;
using Cistern.Data.Shelf;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Values = System.Collections.Generic.IEnumerable<System.Collections.Generic.KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>>;

namespace Cistern.Web.Pages.Plan;

/// <summary>What a plan is worked out with.</summary>
/// <param name="Shelf">What the shelf offers.</param>
/// <param name="Show">The barista's units.</param>
/// <param name="Today">The day, where the server stands.</param>
/// <param name="Model">The model it is forecast by.</param>
public sealed record PlanContext(PlanShelf Shelf, Show Show, DateOnly Today, ForecastModel Model);

/// <summary>
/// A plan with what was just typed or pressed worked into it: the recipe, its forecast, each field's text and what is
/// wrong with it, and the state that has come of it.
/// </summary>
public sealed class PlanSettings
{
    private readonly PlanState before;
    private readonly PlanContext context;
    private readonly PlanShelf shelf;
    private readonly Values values;
    private readonly Show show;
    private readonly Recipe origin;
    private readonly Dictionary<Quantity, TypedNumber> typed = [];
    private readonly List<string> did = [];

    private PlanSettings(PlanState state, PlanContext context, Values values)
    {
        before = state;
        this.context = context;
        this.values = values;
        (shelf, show) = (context.Shelf, context.Show);
        origin = state.OriginRecipe();
        Counting = Chosen("counting", state.Counting == DrinkCounting.WaterPoured ? "poured" : "cup") == "poured" ? DrinkCounting.WaterPoured : DrinkCounting.InTheCup;
        Bag = Pick(shelf.Bags, "bag", state.BagId, bag => bag.Name, "the coffee as written");
        Mill = Pick(shelf.Mills, "mill", state.MillId, mill => mill.Name, "the grind in µm");
        Place = Pick(shelf.Places, "place", state.PlaceId, place => place.Name, "the place as written");
        Vessel = Pick(shelf.Vessels, "vessel", state.VesselId, vessel => vessel.Name, "the vessel as written");
        Server = Pick(shelf.Servers, "server", state.ServerId, server => server.Name, "no server");
        KettleUsed = Pick(shelf.Kettles, "heater", state.KettleId, kettle => kettle.Name, "no kettle");
        Spoon = Pick(shelf.Spoons, "spoon", state.SpoonId, spoon => spoon.Name, "no spoon");
        Base = Released(Circumstances());
        ReadCharge();
        Recipe = Scaling.To(Base, Charge);
        Forecast = Run(Recipe);
        DrinkG = ChargeSolver.DrinkG(Forecast, Counting);
    }

    public Bag? Bag { get; }

    public Mill? Mill { get; }

    public BrewPlace? Place { get; }

    public OwnedVessel? Vessel { get; }

    public Server? Server { get; }

    public OwnedKettle? KettleUsed { get; }

    public Spoon? Spoon { get; }

    public DrinkCounting Counting { get; }

    /// <summary>The recipe in these circumstances, its charge as written.</summary>
    public Recipe Base { get; }

    public Charge Charge { get; private set; }

    public Locks Locks { get; private set; } = Locks.Written;

    /// <summary>The plan.</summary>
    public Recipe Recipe { get; }

    public Forecast Forecast { get; }

    public double DrinkG { get; }

    /// <summary>The kettle's field.</summary>
    public TypedNumber Kettle { get; private set; } = null!;

    /// <summary>The mill's setting, or the grind in µm where no mill is chosen.</summary>
    public TypedNumber GrindSetting { get; private set; } = null!;

    /// <summary>What has to be said about the grind: that the mill cannot do what the recipe asks for.</summary>
    public string? GrindNote { get; private set; }

    /// <summary>What has been changed on the shelf since the plan was made with it, each in a few words.</summary>
    public IReadOnlyList<string> MovedOn { get; private set; } = [];

    /// <summary>When the release begins, on the clock; null where there is none.</summary>
    public TypedNumber? Release { get; private set; }

    /// <summary>The form of the step that was edited, where something in it will not do.</summary>
    public StepForm? RefusedStep { get; private set; }

    /// <summary>What came of a question asked backwards, or of another press, where it needs saying.</summary>
    public string? Answer { get; private set; }

    /// <summary>The button that takes the nearest, where a question asked backwards was not reached.</summary>
    public (string Do, string Label)? Instead { get; private set; }

    /// <summary>Findings that belong to no single field.</summary>
    public List<string> Problems { get; } = [];

    /// <summary>What has been changed, in a few words each.</summary>
    public IReadOnlyList<string> Did => did;

    /// <summary>The step that was put in or moved, to be shown open.</summary>
    public int? Opens { get; private set; }

    /// <summary>Whether a flame sets the temperature, not the kettle.</summary>
    public bool ByFlame => origin.Brewer.Family == VesselFamily.Siphon;

    /// <summary>Whether the grind can be set.</summary>
    public bool CanGrind => Bag is not { BoughtGround: true };

    /// <summary>Whether everything typed will do.</summary>
    public bool Good => Kettle.Problem is null && Release?.Problem is null && GrindSetting.Problem is null && typed.Values.All(one => one.Problem is null) && Problems.Count == 0 && RefusedStep is null;

    /// <summary>How the grind is told: the mill and its setting.</summary>
    public string GrindText => !CanGrind ? $"bought ground, about {Show.Number(Recipe.Grind.MedianUm, 0)} µm"
        : Mill is null ? $"{Show.Number(Recipe.Grind.MedianUm, 0)} µm"
        : $"{Mill.Name}, {GrindSetting.Text} {Mill.SettingName}";

    /// <summary>The state that has come of it. What was typed and will not do is not in it.</summary>
    public PlanState State => did.Count == 0 ? Picked with { Base = before.Base, Settled = before.Settled } : Picked;

    /// <summary>The state with everything it uses of the shelf in it, so that it stays what it is whatever becomes of the shelf.</summary>
    public PlanState Picked => before with
    {
        Base = RecipeWriter.Write(Base),
        Settled = true,
        BagId = Bag?.Id,
        MillId = Mill?.Id,
        MillSetting = Mill is null ? null : GrindSetting.Value ?? before.MillSetting,
        AskedUm = Mill is null ? null : askedUm,
        PlaceId = Place?.Id,
        VesselId = Vessel?.Id,
        ServerId = Server?.Id,
        KettleId = KettleUsed?.Id,
        SpoonId = Spoon?.Id,
        Counting = Counting,
        Locks = Locks,
        Held = heldEdited ? new PlanState.HeldValues(held.Last, held.Before) : before.Held,
    };

    private (double Last, double Before) held;
    private bool heldEdited;
    private double? askedUm;

    /// <summary>Works what was sent into a plan.</summary>
    public static PlanSettings Read(PlanState state, PlanContext context, Values values) => new PlanSettings(state, context, values).Acted();

    /// <summary>The text that stands in a quantity's field: what was typed where that will not do, else the figure.</summary>
    public string TextOf(Quantity quantity) => typed.TryGetValue(quantity, out var one) && one.Problem is not null ? one.Text : Shown(quantity);

    /// <summary>What is wrong with a quantity, or null.</summary>
    public string? ProblemOf(Quantity quantity) => typed.GetValueOrDefault(quantity)?.Problem;

    /// <summary>A quantity's figure as shown.</summary>
    public string Shown(Quantity quantity) => Format(quantity, ValueOf(quantity, Charge, () => DrinkG));

    /// <summary>What a setting can be set to: on the mill's and the kettle's own steps.</summary>
    public Dial DialOf(Setting setting) => setting == Setting.MedianUm && Mill is not null
        ? new Dial(setting, new Span(Mill.MedianUm(Mill.Least), Mill.MedianUm(Mill.Most)), Mill.UmPerSetting * Mill.Step, Mill.MedianUm(Mill.Least))
        : Dial.Usual(Forecast, setting);

    /// <summary>A setting's value as the barista sets it: clicks on their mill, their units.</summary>
    public string Told(Setting setting, double value) => setting switch
    {
        Setting.DoseG => show.Mass(value),
        Setting.WaterG => show.Water(value),
        Setting.TemperatureC => show.Temperature(value),
        Setting.MedianUm when Mill is not null => $"{MillWording.Setting(Mill, Mill.SettingFor(value))} ({Show.Number(value, 0)} µm)",
        Setting.MedianUm => $"{Show.Number(value, 0)} µm",
        Setting.ReleaseS => Show.Clock(value),
        Setting.Turns => $"{Show.Number(value, 0)} turns",
        _ => Show.Seconds(value),
    };

    /// <summary>The shelf's place most like the one a recipe was written for: water boils as it does there.</summary>
    public static int? Nearest(Recipe written, PlanShelf shelf) =>
        shelf.Places.MinBy(place => Math.Abs(place.AltitudeM - written.Place.AltitudeM))?.Id;

    private Forecast Run(Recipe recipe) => context.Model.Run(recipe, ForecastOptions.Full with { ServerMl = Server?.CapacityMl });

    /// <summary>What was pressed is done to the plan as it then stands; steps are edited in the charge that is shown.</summary>
    private PlanSettings Acted()
    {
        var action = PlanAction.Read(values, this, show);
        (Answer, Instead) = (action.Answer, action.Nearest);
        if (action.Refused is not null)
        {
            RefusedStep = action.Refused;
            return this;
        }

        if (action.Recipe is not { } changed || !Good)
        {
            return this;
        }

        // What is held is held at the value it has after the change.
        var charge = Scaling.ChargeOf(changed);
        double Value(Quantity quantity) => ValueOf(quantity, charge, () => ChargeSolver.DrinkG(Run(changed), Counting));
        var state = State with
        {
            Base = RecipeWriter.Write(changed),
            Settled = true,
            MillSetting = Mill is null ? null : action.Setting == Setting.MedianUm ? Mill.SettingFor(changed.Grind.MedianUm) : GrindSetting.Value,
            Held = Locks == Locks.Written && before.Held is null ? null : new PlanState.HeldValues(Value(Locks.Last), Value(Locks.Before)),
        };
        if (state.Problem() is { } problem)
        {
            Problems.Add($"That cannot be kept: {problem}");
            return this;
        }

        var next = new PlanSettings(state, context, []) { Answer = Answer, Opens = action.Opens };
        next.did.AddRange(did);
        next.did.Add(action.What);
        return next;
    }

    private string? Sent(string name) => values.Value(name);

    /// <summary>What was chosen where something else than what stands was; a stale form's other fields change nothing.</summary>
    private string Chosen(string name, string stands)
    {
        var sent = Sent(name);
        if (sent is null || sent == stands || sent == Sent("was." + name))
        {
            return stands;
        }

        did.Add(name == "counting" ? (sent == "poured" ? "counted as water poured" : "counted in the cup") : name);
        return sent;
    }

    private T? Pick<T>(IReadOnlyList<T> rows, string name, int? stands, Func<T, string> nameOf, string none)
        where T : class, IShelved
    {
        var text = stands?.ToString(CultureInfo.InvariantCulture) ?? "";
        var sent = Sent(name);
        var standing = rows.FirstOrDefault(row => row.Id == stands);
        if (sent is null || sent == text || sent == Sent("was." + name))
        {
            return standing;
        }

        var picked = int.TryParse(sent, NumberStyles.None, CultureInfo.InvariantCulture, out var wanted) ? rows.FirstOrDefault(row => row.Id == wanted) : null;
        if (picked is null && sent.Length > 0)
        {
            return standing;
        }

        did.Add(picked is null ? none : nameOf(picked));
        return picked;
    }

    /// <summary>
    /// Puts what was chosen in the place of what stood. What was chosen before is taken as the plan has it, not as it now
    /// stands on the shelf: a plan does not change because a mill is calibrated anew. Only the coffee grows older.
    /// </summary>
    private Recipe Circumstances()
    {
        var recipe = before.BaseRecipe();
        if (AsNow || Bag?.Id != before.BagId)
        {
            recipe = recipe with { Coffee = recipe.Coffee with { Roast = Bag?.Roast ?? origin.Coffee.Roast, RestDays = origin.Coffee.RestDays } };
        }

        recipe = recipe with { Coffee = recipe.Coffee with { RestDays = Bag?.RestDays(context.Today) ?? recipe.Coffee.RestDays } };
        if (AsNow || Place?.Id != before.PlaceId)
        {
            recipe = recipe with { Place = (Place?.AsPlace ?? origin.Place) with { Extra = recipe.Place.Extra } };
        }

        if (AsNow || Vessel?.Id != before.VesselId)
        {
            recipe = recipe with { Brewer = Owned(recipe.Brewer) };
        }

        MovedOn = AsNow ? [] : [.. Moved(recipe)];
        if (AsNow && before.Settled)
        {
            did.Add("as it stands on the shelf now");
        }

        var mostC = ByFlame ? Math.Floor(WaterPhysics.BoilingPointC(recipe.Place.AltitudeM)) - 2 : 100;
        var standsC = Math.Min(Settings.TemperatureC(recipe), mostC);
        Kettle = Stepped("kettle", show.TemperatureNumber(standsC), show.Units.TemperatureFromC(60), show.Units.TemperatureFromC(mostC), 1, show.TemperatureUnit);
        if (Kettle.Value is { } temperature && Kettle.Text != show.TemperatureNumber(standsC))
        {
            recipe = Settings.WithTemperature(recipe, show.Units.TemperatureToC(temperature));
            did.Add($"{(ByFlame ? "flame holds" : "kettle")} {Kettle.Text} {show.TemperatureUnit}");
        }

        return Ground(recipe);
    }

    /// <summary>Whether everything is taken from the shelf as it stands there: where that is asked for, or the plan has nothing of its own yet.</summary>
    private bool AsNow => !before.Settled || Sent("do") == "as-now";

    /// <summary>The brewer with what the chosen vessel is; the recipe's own where none is chosen.</summary>
    private Brewer Owned(Brewer brewer) => Vessel?.AsBrewer is { } owned && owned.Family == brewer.Family
        ? brewer with { CapacityMl = owned.CapacityMl, Material = owned.Material, Cone = owned.Cone, Filter = owned.Filter, Wrapped = owned.Wrapped }
        : origin.Brewer;

    /// <summary>What has been changed on the shelf since the plan was made with it.</summary>
    private IEnumerable<string> Moved(Recipe recipe)
    {
        if (Bag is not null && Bag.Id == before.BagId && (Bag.Roast != recipe.Coffee.Roast || (Bag.BoughtGround && Bag.GroundUm != recipe.Grind.MedianUm)))
        {
            yield return Bag.Name;
        }

        if (Mill is not null && CanGrind && Mill.Id == before.MillId && before.MillSetting is { } setting && Math.Abs(Mill.MedianUm(setting) - recipe.Grind.MedianUm) > 0.5)
        {
            yield return $"{Mill.Name} ({SettingText(setting)} is {Show.Number(Mill.MedianUm(setting), 0)} µm there, {Show.Number(recipe.Grind.MedianUm, 0)} µm here)";
        }

        if (Place is not null && Place.Id == before.PlaceId && (Place.AltitudeM != recipe.Place.AltitudeM || Place.AmbientC != recipe.Place.AmbientC))
        {
            yield return Place.Name;
        }

        if (Vessel is not null && Vessel.Id == before.VesselId && Owned(recipe.Brewer) != recipe.Brewer)
        {
            yield return Vessel.Name;
        }
    }

    private Recipe Ground(Recipe recipe)
    {
        if (Bag is { BoughtGround: true })
        {
            var stays = Bag.Id == before.BagId && !AsNow;
            var ground = stays ? recipe.Grind : Bag.AsGround with { Extra = recipe.Grind.Extra };
            GrindSetting = new TypedNumber(Show.Number(ground.MedianUm, 0), Mill is null ? ground.MedianUm : before.MillSetting, null);
            return recipe with { Grind = ground };
        }

        if (Mill is null)
        {
            // A bag bought ground, or a mill, that has gone leaves the recipe's own grind behind.
            var own = (before.MillId is not null && did.Count > 0) || BoughtGroundBefore ? origin.Grind : recipe.Grind;
            var stands = Show.Number(own.MedianUm, 0);
            GrindSetting = Stepped("grind", stands, 150, 1600, 20, "µm");
            if (GrindSetting.Value is { } um && GrindSetting.Text != stands)
            {
                did.Add($"grind {GrindSetting.Text} µm");
                return recipe with { Grind = own with { MedianUm = um } };
            }

            return recipe with { Grind = own };
        }

        if (!Mill.Grinds)
        {
            // One that an earlier version let on to the shelf.
            GrindSetting = new TypedNumber(SettingText(before.MillSetting ?? Mill.Least), null, $"None of its settings can be computed: {Show.Number(Mill.MedianUm(Mill.Least), 0)} to {Show.Number(Mill.MedianUm(Mill.Most), 0)} µm. Put it right on the Shelf.");
            return recipe;
        }

        // A mill just chosen starts at its own step nearest to what the recipe asks for.
        var fresh = Mill.Id != before.MillId || before.MillSetting is null;
        var wanted = BoughtGroundBefore ? origin.Grind.MedianUm : recipe.Grind.MedianUm;
        var setting = fresh ? Mill.SettingFor(wanted) : before.MillSetting!.Value;
        askedUm = fresh ? wanted : before.AskedUm;
        var text = SettingText(setting);
        GrindSetting = Stepped("grind", text, Mill.Usable.Low, Mill.Usable.High, Mill.Step, Mill.SettingName, said => MillWording.Read(Mill, said));
        if (GrindSetting.Value is { } value && GrindSetting.Text != text)
        {
            did.Add($"{Mill.Name} {GrindSetting.Text} {Mill.SettingName}");
        }

        if (GrindSetting.Value is not { } reached)
        {
            return recipe;
        }

        // At either end of its scale the mill may fall short of what was asked for.
        if (askedUm is { } asked && (reached <= Mill.Least || reached >= Mill.Most) && Math.Abs(Mill.MedianUm(reached) - asked) > (0.5 * Math.Abs(Mill.UmPerSetting) * Mill.Step) + 1)
        {
            GrindNote = $"{Mill.Name} goes from {Show.Number(Mill.MedianUm(Mill.Least), 0)} to {Show.Number(Mill.MedianUm(Mill.Most), 0)} µm, and {Show.Number(asked, 0)} µm were asked for. It stands at the nearest it has: take another mill, or let time or temperature make up for it.";
        }

        var kept = !fresh && !BoughtGroundBefore && GrindSetting.Text == text && !AsNow;
        return kept ? recipe : recipe with { Grind = new Grind(Mill.MedianUm(reached), Mill.Spread) { Extra = recipe.Grind.Extra } };
    }

    private bool BoughtGroundBefore => shelf.Bags.FirstOrDefault(bag => bag.Id == before.BagId) is { BoughtGround: true };

    /// <summary>Moves the release to where it is set, and what leads to it and comes after with it.</summary>
    private Recipe Released(Recipe recipe)
    {
        var forecast = context.Model.Figures(recipe);
        if (Settings.Get(forecast, Setting.ReleaseS) is not { } standsS)
        {
            return recipe;
        }

        var stands = Show.Clock(standsS);
        var pressed = Sent("do");
        var sent = Sent("release");
        var release = TypedNumber.ReadClock(sent is null || sent == Sent("was.release") ? stands : sent, 1, Member.LongestBrewS);
        if (release.Value is { } value && pressed is "release+" or "release-")
        {
            var steppedS = Math.Max(1, release.Value!.Value + (pressed[^1] == '+' ? 5 : -5));
            release = new TypedNumber(Show.Clock(steppedS), steppedS, null);
        }

        if (release.Value is not { } wantedS || release.Text == stands)
        {
            Release = release;
            return recipe;
        }

        var moved = context.Model.Figures(Settings.With(forecast, Setting.ReleaseS, wantedS));
        var reachedS = Settings.Get(moved, Setting.ReleaseS)!.Value;
        Release = Math.Abs(reachedS - wantedS) < 0.6
            ? release with { Text = Show.Clock(reachedS) }
            : release with { Value = null, Problem = $"It cannot come before {Show.Clock(reachedS)}: what goes before takes that long." };
        if (Release.Problem is null)
        {
            did.Add($"release {Release.Text}");
        }

        return Release.Problem is null ? moved.Recipe : recipe;
    }

    private static string SettingText(double setting) => setting.ToString("0.##", CultureInfo.InvariantCulture);

    private TypedNumber Stepped(string name, string stands, double min, double max, double step, string unit, Func<string, string>? meant = null)
    {
        var sent = Sent(name);
        var text = sent is null || sent == Sent("was." + name) ? stands : sent;
        var number = TypedNumber.Read(meant is null ? text : meant(text), min, max, unit);
        number = number.Problem is null ? number : number with { Text = text };
        var pressed = Sent("do");
        return number.Value is { } value && (pressed == name + "+" || pressed == name + "-")
            ? TypedNumber.Read(SettingText(Math.Clamp(value + (pressed[^1] == '+' ? step : -step), min, max)), min, max, unit)
            : number;
    }

    private void ReadCharge()
    {
        var from = Scaling.ChargeOf(Base);
        Locks = before.Locks;
        held = (from.Ratio, from.DoseG);
        Charge = from;
        if (before.Held is { } stood)
        {
            held = (stood.Last, stood.Before);
        }

        // Another way of counting, another bag or vessel: what is held may then be another charge.
        if (before.Held is not null)
        {
            Apply(Locks, held, null);
        }

        var pressed = Sent("do");
        if (pressed == "fit")
        {
            Edit(Quantity.Dose, Scaling.ToFit(Scaling.To(Base, Charge), context.Model).DoseG);
            did.Add("scaled to fit");
            return;
        }

        if (pressed == "bag" && Bag is not null)
        {
            Edit(Quantity.Dose, Math.Max(0.5, Bag.LeftG));
            did.Add("all that is left in the bag");
            return;
        }

        foreach (var quantity in Enum.GetValues<Quantity>())
        {
            ReadQuantity(quantity, pressed);
        }
    }

    private void ReadQuantity(Quantity quantity, string? pressed)
    {
        var name = quantity.ToString().ToLowerInvariant();
        var text = Sent(name);
        var was = Sent("was." + name);
        if (pressed == name + "+" || pressed == name + "-")
        {
            var sign = pressed[^1] == '+' ? 1 : -1;
            var (_, _, _, step) = Bounds(quantity);
            text = Format(quantity, FromShown(quantity, double.Parse(Shown(quantity, Charge), CultureInfo.InvariantCulture) + (sign * step)));
        }
        else if (text is null || text == was || text == Shown(quantity, Charge))
        {
            return;
        }

        var (min, max, unit, _) = Bounds(quantity);
        var number = TypedNumber.Read(quantity == Quantity.Ratio ? Bare(text) : text, min, max, unit) with { Text = text };
        typed[quantity] = number;
        if (number.Value is { } value)
        {
            Edit(quantity, FromShown(quantity, value));
            if (typed[quantity].Problem is null)
            {
                did.Add($"{name} {(quantity == Quantity.Ratio ? "1:" : "")}{Shown(quantity, Charge)}{(unit.Length > 0 ? " " + unit : "")}");
            }
        }
    }

    /// <summary>A ratio may be typed 15, 1:15 or 67 g/L.</summary>
    private static string Bare(string text)
    {
        var plain = text.Trim().ToLowerInvariant();
        if (plain.EndsWith("g/l", StringComparison.Ordinal))
        {
            var perLitre = TypedNumber.Read(plain[..^3], 20, 500, "g/L");
            return perLitre.Value is { } gPerL ? (1000 / gPerL).ToString("R", CultureInfo.InvariantCulture) : plain;
        }

        return plain.StartsWith("1:", StringComparison.Ordinal) ? plain[2..] : plain;
    }

    private void Edit(Quantity quantity, double value)
    {
        var locks = Locks.Edited(quantity);
        // What was edited before keeps its exact value, not the rounded one that is shown.
        var other = locks.Before == Locks.Last ? held.Last : held.Before;
        Apply(locks, (value, other), quantity);
    }

    private void Apply(Locks locks, (double Last, double Before) wanted, Quantity? edited)
    {
        if (ChargeSolver.Solve(Base, new ChargeWish(locks, wanted.Last, wanted.Before, Counting), context.Model) is { } charge)
        {
            (Locks, held, Charge, heldEdited) = (locks, wanted, charge, true);
            return;
        }

        var kept = locks.Before.ToString().ToLowerInvariant();
        if (edited is { } quantity)
        {
            typed[quantity] = (typed.GetValueOrDefault(quantity) ?? new TypedNumber(Format(quantity, wanted.Last), null, null)) with
            {
                Value = null,
                Problem = $"No charge gives that with the {kept} that is held. Change the {kept}, or ask for less.",
            };
        }
        else
        {
            Problems.Add("What was held does not go together here; the recipe's own charge stands again.");
            Locks = Locks.Written;
            Charge = Scaling.ChargeOf(Base);
            (held, heldEdited) = ((Charge.Ratio, Charge.DoseG), true);
        }
    }

    private (double Min, double Max, string Unit, double Step) Bounds(Quantity quantity) => quantity switch
    {
        Quantity.Dose => (show.Units.MassFromG(1), show.Units.MassFromG(400), show.MassUnit, show.Units.Mass == MassUnit.Gram ? 1 : 0.05),
        Quantity.Water => (show.Units.MassFromG(20), show.Units.MassFromG(Member.MostWaterG), show.MassUnit, show.Units.Mass == MassUnit.Gram ? 10 : 0.5),
        Quantity.Ratio => (3, 30, "", 0.5),
        _ => (show.Units.VolumeFromMl(15), show.Units.VolumeFromMl(5_000), show.VolumeUnit, show.Units.Volume == VolumeUnit.Millilitre ? 10 : 0.5),
    };

    private string Shown(Quantity quantity, Charge charge) => Format(
        quantity,
        ValueOf(quantity, charge, () => ChargeSolver.DrinkG(context.Model.Figures(Scaling.To(Base, charge)), Counting)));

    /// <summary>A quantity of a charge; the drink takes a forecast, so it is only asked for when it is wanted.</summary>
    private static double ValueOf(Quantity quantity, Charge charge, Func<double> drinkG) => quantity switch
    {
        Quantity.Dose => charge.DoseG,
        Quantity.Water => charge.WaterG,
        Quantity.Ratio => charge.Ratio,
        _ => drinkG(),
    };

    private string Format(Quantity quantity, double value) => quantity switch
    {
        Quantity.Dose => show.MassNumber(value),
        Quantity.Water => show.MassNumber(value, fine: value % 1 != 0),
        Quantity.Ratio => Show.Number(value, 1),
        _ => show.DrinkNumber(value),
    };

    private double FromShown(Quantity quantity, double value) => quantity switch
    {
        Quantity.Dose or Quantity.Water => show.Units.MassToG(value),
        Quantity.Ratio => value,
        _ => show.Units.VolumeToMl(value) * WaterPhysics.DensityGPerMl(60),
    };
}
