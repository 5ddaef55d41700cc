namespace Cistern.Web.Wording;

/// <summary>Formats figures for a barista: in their units, rounded as a scale or a thermometer shows them.</summary>
/// <param name="units">The units.</param>
/// <param name="equipment">The equipment; everything by default.</param>
public sealed class FigureFormat(Units units, Equipment? equipment = null)
{
    /// <summary>The barista's equipment: without a scale or a thermometer, steps are worded differently.</summary>
    public Equipment Equipment { get; } = equipment ?? Equipment.Everything;

    /// <summary>The same with other equipment.</summary>
    public FigureFormat With(Equipment other) => new(units, other);

    /// <summary>The units it writes in.</summary>
    public Units Units => units;

    /// <summary>The format for coffee, which may have another unit than water.</summary>
    public FigureFormat Coffee => units.Mass == units.Dose ? this : new(units with { Mass = units.Dose }, equipment);

    /// <summary>The unit of water, ice and everything else that is weighed, except coffee.</summary>
    public string MassUnit => units.Mass == Core.Reckoning.MassUnit.Gram ? "g" : "oz";

    /// <summary>The unit of temperatures.</summary>
    public string TemperatureUnit => units.Temperature == Core.Reckoning.TemperatureUnit.Celsius ? "°C" : "°F";

    /// <summary>The unit of drinks.</summary>
    public string VolumeUnit => units.Volume switch
    {
        Core.Reckoning.VolumeUnit.Millilitre => "ml",
        Core.Reckoning.VolumeUnit.FluidOunce => "fl oz",
        _ => Text("cups of {0} ml", Math.Round(units.CupMl)),
    };

    /// <summary>A time on the brew clock: 4:15, 1:05:00.</summary>
    public static string Clock(double seconds) => ClockTime.Text(seconds);

    /// <summary>Whole seconds with their unit.</summary>
    public static string Seconds(double seconds) => Text("{0:0} s", seconds);

    /// <summary>A bare number to so many decimals.</summary>
    public static string Number(double value, int decimals) => value.ToString("F" + decimals.ToString(CultureInfo.InvariantCulture), CultureInfo.InvariantCulture);

    /// <summary>A grinder setting: 22, 18.5.</summary>
    public static string Setting(double setting) => setting.ToString("0.##", CultureInfo.InvariantCulture);

    /// <summary>A mass without its unit: to 0.1 g, or to 0.01 oz.</summary>
    public string MassNumber(double g, bool fine = true) =>
        units.Mass == Core.Reckoning.MassUnit.Gram ? Number(g, fine ? 1 : 0) : Number(units.MassFromG(g), 2);

    /// <summary>A mass with its unit, from g.</summary>
    public string Mass(double g, bool fine = true) => $"{MassNumber(g, fine)} {MassUnit}";

    /// <summary>Coffee without its unit: to 0.1 g, or to 0.01 oz.</summary>
    public string DoseNumber(double g) => Coffee.MassNumber(g);

    /// <summary>Coffee with its unit, from g.</summary>
    public string Dose(double g) => Coffee.Mass(g);

    /// <summary>Water and drinks are shown in whole grams.</summary>
    public string Water(double g) => Mass(g, fine: false);

    /// <summary>A temperature without its unit, from °C.</summary>
    public string TemperatureNumber(double c) => Number(units.TemperatureFromC(c), 0);

    /// <summary>A temperature with its unit, from °C.</summary>
    public string Temperature(double c) => $"{TemperatureNumber(c)} {TemperatureUnit}";

    /// <summary>A temperature difference in the barista's unit.</summary>
    public string Kelvin(double k) => $"{Number(units.TemperatureFromC(k) - units.TemperatureFromC(0), 0)} {TemperatureUnit}";

    /// <summary>A drink's mass as a volume at 60 °C, without its unit.</summary>
    public string DrinkNumber(double g) => VolumeNumber(g / WaterPhysics.DensityGPerMl(60));

    /// <summary>A volume without its unit.</summary>
    public string VolumeNumber(double ml) => Number(units.VolumeFromMl(ml), units.Volume == Core.Reckoning.VolumeUnit.Millilitre ? 0 : 1);

    /// <summary>A volume in a vessel with its unit: fluid ounces where drinks are in those, else ml.</summary>
    public string Room(double ml) => $"{RoomNumber(ml)} {RoomUnit}";

    /// <summary>The same without its unit.</summary>
    public string RoomNumber(double ml) => units.Volume == Core.Reckoning.VolumeUnit.FluidOunce ? VolumeNumber(ml) : Number(ml, 0);

    /// <summary>The unit of room in a vessel.</summary>
    public string RoomUnit => units.Volume == Core.Reckoning.VolumeUnit.FluidOunce ? VolumeUnit : "ml";

    /// <summary>A drink as a volume with its unit, from g.</summary>
    public string Drink(double g) => $"{DrinkNumber(g)} {VolumeUnit}";

    /// <summary>A number that may be negative, with a real minus sign.</summary>
    public static string Signed(double value, int decimals) => Number(value, decimals).Replace('-', '−');

    /// <summary>A share in %, to so many decimals.</summary>
    public static string Percent(double value, int decimals = 1) => $"{Number(value, decimals)} %";

    /// <summary>Water per coffee as people say it, 1:15.</summary>
    public static string Ratio(double ratio) => $"1:{Number(ratio, 1)}";

    /// <summary>A judgement in words: sour, balanced or bitter.</summary>
    public static string FlavourBalance(double balance) => CupJudgement.BalanceOf(balance);

    /// <summary>The words and units of a brew chart for this barista.</summary>
    public BrewChartLabels Labels(string vessel) => new()
    {
        Mass = g => Mass(g, fine: false),
        MassTick = g => units.Mass == Core.Reckoning.MassUnit.Gram ? Number(g, 0) : Number(units.MassFromG(g), 1).TrimEnd('0').TrimEnd('.'),
        GPerUnit = units.Mass == Core.Reckoning.MassUnit.Gram ? 1 : Units.GPerOz,
        Temperature = c => $"{TemperatureNumber(c)}°",
        Degrees = units.Temperature == Core.Reckoning.TemperatureUnit.Celsius ? (0, 1, 10) : (units.TemperatureToC(0), units.TemperatureToC(1) - units.TemperatureToC(0), 20),
        Step = (recipe, index) =>
        {
            var words = StepWording.Of(recipe, index, this);
            return (words.Verb, words.Target);
        },
        Vessel = vessel,
    };

    private static string Text(string format, params object[] values) => string.Format(CultureInfo.InvariantCulture, format, values);
}
