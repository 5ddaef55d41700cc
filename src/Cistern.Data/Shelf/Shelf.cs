using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Data.Shelf;

/// <summary>Something on the shelf. What is taken off it stays in the file, so that it can be put back.</summary>
public interface IShelved
{
    int Id { get; }

    string Name { get; }

    /// <summary>When it was taken off the shelf, or null while it stands there.</summary>
    long? RemovedAtMs { get; set; }
}

/// <summary>Somebody who brews here, and the units they like.</summary>
public sealed class Barista
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public MassUnit Mass { get; set; }

    public TemperatureUnit Temperature { get; set; }

    public VolumeUnit Volume { get; set; }

    public double CupMl { get; set; } = 180;

    /// <summary>The units as the core takes them.</summary>
    public Units Units => new(Mass, Temperature, Volume, CupMl);
}

/// <summary>Where it is brewed.</summary>
public sealed class BrewPlace : IShelved
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public long? RemovedAtMs { get; set; }

    public double AltitudeM { get; set; }

    public double AmbientC { get; set; }

    public string Water { get; set; } = "";

    /// <summary>The place as a recipe names it.</summary>
    public Place AsPlace => new(AltitudeM, AmbientC);
}

/// <summary>A bag of coffee.</summary>
public sealed class Bag : IShelved
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public long? RemovedAtMs { get; set; }

    public string Origin { get; set; } = "";

    public double Roast { get; set; }

    public DateOnly RoastedOn { get; set; }

    public double LeftG { get; set; }

    public string TastesOf { get; set; } = "";

    /// <summary>Bought ground: its grind is guessed, and cannot be set.</summary>
    public bool BoughtGround { get; set; }

    /// <summary>The median guessed for a bag bought ground, µm.</summary>
    public double GroundUm { get; set; } = 800;

    /// <summary>Its spread, guessed.</summary>
    public double GroundSpread { get; set; } = 0.7;

    public bool Decaffeinated { get; set; }

    public DateOnly? OpenedOn { get; set; }

    /// <summary>Used up: kept, but offered no more until it is brought back.</summary>
    public DateOnly? UsedUpOn { get; set; }

    /// <summary>The guessed grind of a bag bought ground.</summary>
    public Grind AsGround => new(GroundUm, GroundSpread);

    /// <summary>The bag as a plan takes it, on a day.</summary>
    public BagInUse InUse(DateOnly today) => new(Roast, RestDays(today), LeftG, BoughtGround ? AsGround : null);

    /// <summary>Days since roasting on a day, never negative, and no more than a recipe may say.</summary>
    public int RestDays(DateOnly today) => Math.Clamp(today.DayNumber - RoastedOn.DayNumber, 0, (int)Member.Named("restDays").Max);
}

/// <summary>A mill, and what its settings mean.</summary>
public sealed class Mill : IShelved
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public long? RemovedAtMs { get; set; }

    /// <summary>What its scale counts: clicks, turns, settings.</summary>
    public string SettingName { get; set; } = "settings";

    public double Least { get; set; }

    public double Most { get; set; }

    public double Step { get; set; } = 1;

    public double UmAtZero { get; set; }

    public double UmPerSetting { get; set; }

    public double Spread { get; set; }

    /// <summary>What the barista sets it to for paper: "two finer than usual" counts from here.</summary>
    public double? UsualFilterSetting { get; set; }

    /// <summary>Words on its collar: one "F = 6.5" a line.</summary>
    public string Labels { get; set; } = "";

    /// <summary>Its settings have no numbers, only notches to be counted.</summary>
    public bool Notches { get; set; }

    /// <summary>Seconds it takes for a gram. Judged: 2.2 by hand, 0.5 with a motor.</summary>
    public double SecondsPerG { get; set; } = 0.5;

    /// <summary>The labels as words and settings; lines that are none are left out.</summary>
    public IReadOnlyList<(string Label, double Setting)> LabelList => [.. Labels.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
        .Select(line => line.Split('=', 2, StringSplitOptions.TrimEntries))
        .Where(parts => parts.Length == 2 && parts[0].Length > 0 && TypedNumber.Read(parts[1], Least, Most, "").Value is not null)
        .Select(parts => (parts[0], TypedNumber.Read(parts[1], Least, Most, "").Value!.Value))];

    /// <summary>Its scale as the core takes it.</summary>
    public MillScale Scale => new(Least, Most, Step, UmAtZero, UmPerSetting, Spread);

    /// <summary>The median at a setting, µm.</summary>
    public double MedianUm(double setting) => Scale.MedianUm(setting);

    /// <summary>The setting on the mill's own steps, which count from its least, nearest to a median.</summary>
    public double SettingFor(double medianUm) => Scale.SettingFor(medianUm);
}

/// <summary>A vessel on the shelf.</summary>
public sealed class OwnedVessel : IShelved
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public long? RemovedAtMs { get; set; }

    public VesselFamily Family { get; set; }

    public double CapacityMl { get; set; }

    public Material? Material { get; set; }

    public Cone? Cone { get; set; }

    public Filter? Filter { get; set; }

    public bool Wrapped { get; set; }

    /// <summary>The marks on its wall, ml, parted by commas.</summary>
    public string Marks { get; set; } = "";

    /// <summary>The marks as numbers, from low to high.</summary>
    public IReadOnlyList<double> MarksMl => [.. Marks.Split([',', ';', ' '], StringSplitOptions.RemoveEmptyEntries)
        .Select(mark => TypedNumber.Read(mark, 1, CapacityMl, "ml").Value).OfType<double>().Order()];

    /// <summary>The vessel as a recipe names it.</summary>
    public Brewer AsBrewer => new(Family, CapacityMl) { Material = Material, Cone = Cone, Filter = Filter, Wrapped = Wrapped };
}

/// <summary>What the drink lands in: a server, or a cup.</summary>
public sealed class Server : IShelved
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public long? RemovedAtMs { get; set; }

    public double CapacityMl { get; set; }
}

/// <summary>A kettle, and how it heats.</summary>
public sealed class OwnedKettle : IShelved
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public long? RemovedAtMs { get; set; }

    public double CapacityMl { get; set; }

    /// <summary>It stops at a temperature that is set.</summary>
    public bool KeepsTemperature { get; set; }

    /// <summary>Seconds it takes to bring a litre from the tap to the boil.</summary>
    public double SecondsPerLitre { get; set; } = 240;

    /// <summary>How it cools off the boil, lid open, 1/s.</summary>
    public double CoolsPerS { get; set; } = Kettle.Usual.DecayPerS;

    /// <summary>The kettle as the core takes it, at a place.</summary>
    public Heating AsHeating(Place place) =>
        new(Heating.PowerOf(SecondsPerLitre, Math.Min(place.AmbientC, 60), place.AltitudeM), KeepsTemperature, new Kettle(CoolsPerS));
}

/// <summary>A water, or a concentrate of minerals to be let down.</summary>
public sealed class OwnedWater : IShelved
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public long? RemovedAtMs { get; set; }

    /// <summary>mg/L as CaCO₃.</summary>
    public double HardnessMgL { get; set; }

    /// <summary>mg/L as CaCO₃.</summary>
    public double AlkalinityMgL { get; set; }

    public bool Concentrate { get; set; }

    /// <summary>The water as the core takes it.</summary>
    public BrewingWater AsWater => new(HardnessMgL, AlkalinityMgL);
}

/// <summary>A spoon, weighed once.</summary>
public sealed class Spoon : IShelved
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public long? RemovedAtMs { get; set; }

    /// <summary>What it holds level, g.</summary>
    public double HoldsG { get; set; }

    /// <summary>Of which coffee it was weighed; dark roasts are lighter.</summary>
    public string WeighedWith { get; set; } = "";
}

/// <summary>Papers that are counted, or a cloth that wants care.</summary>
public sealed class FilterStock : IShelved
{
    public int Id { get; set; }

    public required string Name { get; set; }

    public long? RemovedAtMs { get; set; }

    public Filter Filter { get; set; }

    /// <summary>The vessels it is for; null for any.</summary>
    public VesselFamily? Family { get; set; }

    /// <summary>How many are left; a cloth is one.</summary>
    public int Left { get; set; }

    /// <summary>Brews after which care is due; 0 for papers.</summary>
    public int CareEvery { get; set; }

    /// <summary>Brews since it was last cared for.</summary>
    public int UsedSinceCare { get; set; }

    /// <summary>How the care is done.</summary>
    public string Care { get; set; } = "";

    /// <summary>Whether it is used again and again.</summary>
    public bool Lasts => Filter is Filter.Cloth or Filter.MetalDisc or Filter.MetalMesh;

    public bool CareDue => CareEvery > 0 && UsedSinceCare >= CareEvery;

    /// <summary>Whether a brewer takes this filter.</summary>
    public bool Fits(Brewer brewer) =>
        (Family is null || Family == brewer.Family) && Filter == (brewer.Filter ?? Core.Physics.Vessel.UsualFilter(brewer.Family));
}
