using System.ComponentModel.DataAnnotations.Schema;

namespace Cistern.Data.Shelf;

/// <summary>A thing on the shelf. A removed one stays in the file, so that it can be restored.</summary>
public interface IShelved
{
    /// <summary>Its id in the data file.</summary>
    int Id { get; }

    /// <summary>What it is called on the shelf.</summary>
    string Name { get; }

    /// <summary>When it was removed, or null while it is on the shelf.</summary>
    long? RemovedAtMs { get; set; }
}

/// <summary>A barista, and the units they prefer.</summary>
public sealed class Barista
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>The unit of coffee.</summary>
    public MassUnit Dose { get; set; }

    /// <summary>The unit of water, ice and everything else that is weighed, except coffee.</summary>
    public MassUnit Mass { get; set; }

    /// <summary>The unit of temperatures.</summary>
    public TemperatureUnit Temperature { get; set; }

    /// <summary>The unit of drinks.</summary>
    public VolumeUnit Volume { get; set; }

    /// <summary>The size of a cup, ml.</summary>
    public double CupMl { get; set; } = 180;

    /// <summary>They go by taste: words are shown first, and figures on request.</summary>
    public bool ByTaste { get; set; }

    /// <summary>They have no scale: doses are in spoons, water at marks.</summary>
    public bool NoScale { get; set; }

    /// <summary>They have neither a thermometer nor a kettle that holds a temperature, which is then given in seconds after boiling.</summary>
    public bool NoThermometer { get; set; }

    /// <summary>They have no grinder: coffee is bought ground, and its size is given in words.</summary>
    [Column("NoMill")]
    public bool NoGrinder { get; set; }

    /// <summary>The ids of their favourite library recipes, separated by blanks.</summary>
    public string Favourites { get; set; } = "";

    /// <summary>The same as a list.</summary>
    public IReadOnlyList<string> FavouriteRecipes => Favourites.Split(' ', StringSplitOptions.RemoveEmptyEntries);

    /// <summary>The PIN asked for before somebody brews as them, as iterations, salt and hash; empty where there is none.</summary>
    public string Pin { get; set; } = "";

    /// <summary>Whether forecasts use what was learned from brews.</summary>
    public bool UsesLearned { get; set; } = true;

    /// <summary>The units as the core takes them.</summary>
    public Units Units => new(Dose, Mass, Temperature, Volume, CupMl);
}

/// <summary>Where it is brewed.</summary>
public sealed class BrewPlace : IShelved
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>When it was removed, UTC milliseconds; null while it is on the shelf.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>Above sea level, m.</summary>
    public double AltitudeM { get; set; }

    /// <summary>Room temperature, °C.</summary>
    public double AmbientC { get; set; }

    /// <summary>The water there, in words.</summary>
    public string Water { get; set; } = "";

    /// <summary>The place as a recipe names it.</summary>
    public Place AsPlace => new(AltitudeM, AmbientC);
}

/// <summary>A bag of coffee.</summary>
public sealed class Bag : IShelved
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>When it was removed, UTC milliseconds; null while it is on the shelf.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>Where it grew and how it was processed, in words.</summary>
    public string Origin { get; set; } = "";

    /// <summary>0 (lightest) to 1 (darkest).</summary>
    public double Roast { get; set; }

    /// <summary>The day it was roasted.</summary>
    public DateOnly RoastedOn { get; set; }

    /// <summary>What is left in it, g.</summary>
    public double LeftG { get; set; }

    /// <summary>The notes on the bag.</summary>
    public string TastesOf { get; set; } = "";

    /// <summary>Bought ground: its grind is estimated and cannot be changed.</summary>
    public bool BoughtGround { get; set; }

    /// <summary>The estimated median of coffee bought ground, µm.</summary>
    public double GroundUm { get; set; } = 800;

    /// <summary>Its spread, guessed.</summary>
    public double GroundSpread { get; set; } = 0.7;

    /// <summary>Whether it is decaffeinated.</summary>
    public bool Decaffeinated { get; set; }

    /// <summary>The day it was opened; null while it is closed.</summary>
    public DateOnly? OpenedOn { get; set; }

    /// <summary>The day it was used up: it is kept but no longer offered until it is restored.</summary>
    public DateOnly? UsedUpOn { get; set; }

    /// <summary>The estimated grind of coffee bought ground.</summary>
    public Grind AsGround => new(GroundUm, GroundSpread);

    /// <summary>The bag in a plan's form, on a day.</summary>
    public BagInUse InUse(DateOnly today) => new(Roast, RestDays(today), LeftG, BoughtGround ? AsGround : null);

    /// <summary>Days since roasting on a day, never negative and limited to what a recipe allows.</summary>
    public int RestDays(DateOnly today) => Math.Clamp(today.DayNumber - RoastedOn.DayNumber, 0, (int)Member.Named("restDays").Max);
}

/// <summary>A grinder, and what its settings mean.</summary>
public sealed class Grinder : IShelved
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>When it was removed, UTC milliseconds; null while it is on the shelf.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>What its scale counts: clicks, turns, settings.</summary>
    public string SettingName { get; set; } = "settings";

    /// <summary>Its least setting.</summary>
    public double Least { get; set; }

    /// <summary>Its greatest setting.</summary>
    public double Most { get; set; }

    /// <summary>Its smallest step.</summary>
    public double Step { get; set; } = 1;

    /// <summary>The median at setting 0, µm.</summary>
    public double UmAtZero { get; set; }

    /// <summary>The median for each 1 more, µm.</summary>
    public double UmPerSetting { get; set; }

    /// <summary>Its scale was not measured, but estimated from its range and its use.</summary>
    public bool Estimated { get; set; }

    /// <summary>What its grind looks like: one "20 = caster sugar" per line.</summary>
    public string Looks { get; set; } = "";

    /// <summary>Measurements of its grind: one "18 = 624 ± 20, 1240 grains" per line.</summary>
    public string Measured { get; set; } = "";

    /// <summary>The spread of what it grinds, ln-σ.</summary>
    public double Spread { get; set; }

    /// <summary>The barista's usual setting for paper, from which "two finer than usual" counts.</summary>
    public double? UsualFilterSetting { get; set; }

    /// <summary>The barista's usual settings for other vessels: one "French press = 31" per line.</summary>
    public string Usuals { get; set; } = "";

    /// <summary>Those settings by family; invalid lines are ignored.</summary>
    public IReadOnlyDictionary<BrewerFamily, double> UsualList => Settings(Usuals)
        .Select(one => (Family: Words<BrewerFamily>.Find(one.Word.ToLowerInvariant().Replace("open ", "", StringComparison.Ordinal).Replace(' ', '-')), one.Setting))
        .Where(one => one.Family is not null)
        .DistinctBy(one => one.Family).ToDictionary(one => one.Family!.Value, one => one.Setting);

    /// <summary>The usual setting for a family; null where unknown. Paper filters share one.</summary>
    public double? UsualFor(BrewerFamily family) => UsualList.TryGetValue(family, out var own) ? own
        : Core.Physics.Vessel.UsualFilter(family) is Filter.Paper or Filter.DensePaper ? UsualFilterSetting : null;

    /// <summary>Words on its collar: one "F = 6.5" per line.</summary>
    public string Labels { get; set; } = "";

    /// <summary>Its settings have no numbers, only notches to count.</summary>
    public bool Notches { get; set; }

    /// <summary>Seconds per gram. Judged: 2.2 by hand, 0.5 with a motor.</summary>
    public double SecondsPerG { get; set; } = 0.5;

    /// <summary>The labels with their settings; invalid lines are ignored.</summary>
    public IReadOnlyList<(string Label, double Setting)> LabelList => [.. Settings(Labels)];

    /// <summary>What its grind looks like at settings; invalid lines are ignored.</summary>
    public IReadOnlyList<KnownGrind> LookList =>
    [
        .. from line in Looks.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
           let parts = line.Split('=', 2, StringSplitOptions.TrimEntries)
           where parts.Length == 2
           let setting = TypedNumber.Read(parts[0], Least, Most, "").Value
           let word = GrainWords.Find(parts[1])
           let um = TypedNumber.Read(parts[1], 50, 3_000, "µm").Value
           where setting is not null && (word is not null || um is not null)
           select word is not null ? KnownGrind.FromLook(setting.Value, word) : KnownGrind.FromLook(setting.Value, um!.Value),
    ];

    /// <summary>What is known of its grind without a measurement: its usual settings, and what its grind looks like.</summary>
    public IEnumerable<KnownGrind> Known => UsualList.Select(one => KnownGrind.UsualFor(one.Value, one.Key))
        .Concat(UsualFilterSetting is { } paper ? [KnownGrind.UsedForPaper(paper)] : [])
        .Concat(LookList);

    /// <summary>The measurements of its grind; invalid lines are ignored.</summary>
    public IReadOnlyList<MeasuredGrind> MeasuredList =>
        [.. Measured.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Select(line => MeasuredGrind.Read(line, Least, Most)).OfType<MeasuredGrind>()];

    /// <summary>Its line fitted to the measurements; null without any.</summary>
    public GrinderLine? Line => MeasuredList is { Count: > 0 } measured ? new(UmAtZero, UmPerSetting, Estimated, measured) : null;

    /// <summary>Half of the 80 % band of the median at a setting, µm; null where its scale was measured.</summary>
    public double? HalfWidthUm(double setting) => Line?.HalfWidthUm(setting) ?? (Estimated && Most > Least ? new GrinderEstimate(Least, Most, Known).HalfWidthUm(setting) : null);

    /// <summary>Its scale as the core takes it.</summary>
    public GrinderScale Scale => Line is { } line
        ? new(Least, Most, Step, line.UmAtZero, line.UmPerSetting, line.Spread ?? Spread)
        : new(Least, Most, Step, UmAtZero, UmPerSetting, Spread);

    /// <summary>The median at a setting, µm.</summary>
    public double MedianUm(double setting) => Scale.MedianUm(setting);

    /// <summary>The grinder's setting nearest to a median; settings count from the lowest.</summary>
    public double SettingFor(double medianUm) => Scale.SettingFor(medianUm);

    /// <summary>Lines of a word and a setting; invalid lines are ignored.</summary>
    private IEnumerable<(string Word, double Setting)> Settings(string lines) =>
        from line in lines.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
        let parts = line.Split('=', 2, StringSplitOptions.TrimEntries)
        where parts.Length == 2 && parts[0].Length > 0
        let setting = TypedNumber.Read(parts[1], Least, Most, "").Value
        where setting is not null
        select (parts[0], setting.Value);
}

/// <summary>A vessel on the shelf.</summary>
public sealed class OwnedBrewer : IShelved
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>When it was removed, UTC milliseconds; null while it is on the shelf.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>Its family.</summary>
    public BrewerFamily Family { get; set; }

    /// <summary>To the rim, ml.</summary>
    public double CapacityMl { get; set; }

    /// <summary>What it is made of.</summary>
    public Material? Material { get; set; }

    /// <summary>The wall of a dripper's cone, or null.</summary>
    public Cone? Cone { get; set; }

    /// <summary>Width of the hole below the cone, mm; null where it does not restrict the flow.</summary>
    public double? OutletMm { get; set; }

    /// <summary>The filter that is in it.</summary>
    public Filter? Filter { get; set; }

    /// <summary>Wrapped in a cloth or a cosy.</summary>
    public bool Wrapped { get; set; }

    /// <summary>The marks on its wall, ml, separated by commas.</summary>
    public string Marks { get; set; } = "";

    /// <summary>The marks as numbers, ascending.</summary>
    public IReadOnlyList<double> MarksMl => [.. Marks.Split([',', ';', ' '], StringSplitOptions.RemoveEmptyEntries)
        .Select(mark => TypedNumber.Read(mark, 1, CapacityMl, "ml").Value).OfType<double>().Order()];

    /// <summary>The vessel as a recipe names it.</summary>
    public Brewer AsBrewer => new(Family, CapacityMl) { Material = Material, Cone = Cone, OutletMm = OutletMm, Filter = Filter, Wrapped = Wrapped };
}

/// <summary>What the drink flows into: a server, or a cup.</summary>
public sealed class Server : IShelved
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>When it was removed, UTC milliseconds; null while it is on the shelf.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>To the rim, ml.</summary>
    public double CapacityMl { get; set; }
}

/// <summary>A kettle, and how it heats.</summary>
public sealed class OwnedKettle : IShelved
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>When it was removed, UTC milliseconds; null while it is on the shelf.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>The most it takes, ml.</summary>
    public double CapacityMl { get; set; }

    /// <summary>Whether it holds a set temperature.</summary>
    public bool KeepsTemperature { get; set; }

    /// <summary>Seconds to bring a litre of tap water to the boil.</summary>
    public double SecondsPerLitre { get; set; } = 240;

    /// <summary>How it cools after boiling, lid open, 1/s.</summary>
    public double CoolsPerS { get; set; } = Kettle.Usual.DecayPerS;

    /// <summary>The kettle in the core's form, at a place.</summary>
    public Heating AsHeating(Place place) =>
        new(Heating.PowerOf(SecondsPerLitre, Math.Min(place.AmbientC, 60), place.AltitudeM), KeepsTemperature, new Kettle(CoolsPerS));
}

/// <summary>A water, or a mineral concentrate to be diluted.</summary>
public sealed class OwnedWater : IShelved
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>When it was removed, UTC milliseconds; null while it is on the shelf.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>mg/L as CaCO₃.</summary>
    public double HardnessMgL { get; set; }

    /// <summary>mg/L as CaCO₃.</summary>
    public double AlkalinityMgL { get; set; }

    /// <summary>Whether it is a mineral concentrate, to be diluted.</summary>
    public bool Concentrate { get; set; }

    /// <summary>The water as the core takes it.</summary>
    public BrewingWater AsWater => new(HardnessMgL, AlkalinityMgL);
}

/// <summary>A spoon, weighed once.</summary>
public sealed class Spoon : IShelved
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>When it was removed, UTC milliseconds; null while it is on the shelf.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>What it holds, g, level or <see cref="Heaped"/>.</summary>
    public double HoldsG { get; set; }

    /// <summary>Weighed, and used, heaped.</summary>
    public bool Heaped { get; set; }

    /// <summary>The coffee it was weighed with; dark roasts are lighter.</summary>
    public string WeighedWith { get; set; } = "";
}

/// <summary>Papers that are counted, or a cloth that needs care.</summary>
public sealed class FilterStock : IShelved
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>When it was removed, UTC milliseconds; null while it is on the shelf.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>Which filters they are.</summary>
    public Filter Filter { get; set; }

    /// <summary>The vessels it fits; null for any.</summary>
    public BrewerFamily? Family { get; set; }

    /// <summary>How many are left; a cloth is one.</summary>
    public int Left { get; set; }

    /// <summary>Number of brews after which care is due; 0 for papers.</summary>
    public int CareEvery { get; set; }

    /// <summary>Brews since it was last cared for.</summary>
    public int UsedSinceCare { get; set; }

    /// <summary>How the care is done.</summary>
    public string Care { get; set; } = "";

    /// <summary>Whether it is used again and again.</summary>
    public bool Lasts => Filter is Filter.Cloth or Filter.MetalDisc or Filter.MetalMesh;

    /// <summary>Whether a cloth needs care.</summary>
    public bool CareDue => CareEvery > 0 && UsedSinceCare >= CareEvery;

    /// <summary>Whether a brewer takes this filter.</summary>
    public bool Fits(Brewer brewer) =>
        (Family is null || Family == brewer.Family) && Filter == Core.Physics.Vessel.FilterOf(brewer);
}
