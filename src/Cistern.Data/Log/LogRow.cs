using System.ComponentModel.DataAnnotations.Schema;
using Cistern.Core.Recipes;
using Cistern.Data.Brews;

namespace Cistern.Data.Log;

/// <summary>
/// A brew in short: what the log is searched, counted and drawn by. It is worked out anew in the commit that changes its
/// brew, or what belongs to it (<see cref="LogKeeping"/>). A column of the log is a property here and its line in <see cref="Of"/>.
/// </summary>
public sealed class LogRow
{
    /// <summary>The brew.</summary>
    public int BrewId { get; set; }

    /// <summary>Grows with every change of any row: what is newer than what was last read is asked for by it.</summary>
    public long Seq { get; set; }

    /// <summary>Whether it stands in the log: not a rehearsal, not taken away.</summary>
    public bool Stands { get; set; }

    /// <summary>When it was opened, UTC milliseconds.</summary>
    public long OpenedAtMs { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>The recipe of the library it goes back to.</summary>
    public required string RecipeId { get; set; }

    /// <summary>The coffee's name; empty where none was chosen.</summary>
    public required string Coffee { get; set; }

    /// <summary>The vessel's family, as the recipe file names it; empty until its facts are known.</summary>
    public required string Family { get; set; }

    /// <summary>The vessel of one's own, by its name.</summary>
    public required string Vessel { get; set; }

    /// <summary>The grinder's name.</summary>
    [Column("Mill")]
    public required string Grinder { get; set; }

    /// <summary>Who brewed it.</summary>
    public required string Barista { get; set; }

    /// <summary>Where.</summary>
    public required string Place { get; set; }

    /// <summary>Where it stands in its life, as the brew's row has it.</summary>
    public BrewState State { get; set; }

    /// <summary>How many tasted it.</summary>
    public int Tastings { get; set; }

    /// <summary>The mean of its scores, 0 to 10; null where nobody gave one.</summary>
    public double? Score { get; set; }

    /// <summary>The mean of sour (−5) to bitter (5) as tasted; null where nobody placed it.</summary>
    [Column("SharpHarsh")]
    public double? SourBitter { get; set; }

    /// <summary>The mean of thin (−5) to heavy (5) as tasted; null where nobody placed it.</summary>
    public double? ThinHeavy { get; set; }

    /// <summary>The mean of what a refractometer read, % TDS; null where nothing was read.</summary>
    public double? ReadTdsPercent { get; set; }

    /// <summary>Coffee as brewed, g; null, as all that follows, until its facts are known.</summary>
    public double? DoseG { get; set; }

    /// <summary>Water as brewed, g.</summary>
    public double? WaterG { get; set; }

    /// <summary>At the kettle, °C.</summary>
    public double? WaterTemperatureC { get; set; }

    /// <summary>Median of the grind, µm.</summary>
    public double? MedianUm { get; set; }

    /// <summary>The coffee's days since roasting.</summary>
    public double? RestDays { get; set; }

    /// <summary>Strength of the drink as it is drunk, computed as brewed, % TDS.</summary>
    public double? FinalTdsPercent { get; set; }

    /// <summary>Of the dose in the cup, computed as brewed, %.</summary>
    public double? ExtractionYieldPercent { get; set; }

    /// <summary>Sour (negative) to bitter, computed as brewed; a judgement.</summary>
    [Column("Tilt")]
    public double? FlavourBalance { get; set; }

    /// <summary>Of what rest would give, computed as brewed, a share.</summary>
    [Column("Drawn")]
    public double? ExtractionLevel { get; set; }

    /// <summary>From the opening to the dry bed by its clock, s; null where that was not seen.</summary>
    public double? DrawdownS { get; set; }

    /// <summary>Of the press by its clock, s; null where that was not seen.</summary>
    public double? PressS { get; set; }

    /// <summary>How it flowed, as <see cref="FlowWord"/> is written; null where nothing was timed.</summary>
    public string? Flow { get; set; }

    /// <summary>How much later than planned it was released, s.</summary>
    [Column("ReleaseOffS")]
    public double? SteepEndOffS { get; set; }

    /// <summary>Water over the plan, g.</summary>
    public double? WaterOffG { get; set; }

    /// <summary>Coffee over the plan, g.</summary>
    public double? DoseOffG { get; set; }

    /// <summary>At the kettle over the plan, °C.</summary>
    public double? TemperatureOffC { get; set; }

    /// <summary>The strength expected of its plan, % TDS.</summary>
    [Column("ForetoldTdsPercent")]
    public double? ExpectedTdsPercent { get; set; }

    /// <summary>From, 80 %.</summary>
    [Column("ForetoldTdsLow")]
    public double? ExpectedTdsLow { get; set; }

    /// <summary>To, 80 %.</summary>
    [Column("ForetoldTdsHigh")]
    public double? ExpectedTdsHigh { get; set; }

    /// <summary>The flavour balance expected of its plan, from, 80 %.</summary>
    [Column("ForetoldTiltLow")]
    public double? ExpectedBalanceLow { get; set; }

    /// <summary>To, 80 %.</summary>
    [Column("ForetoldTiltHigh")]
    public double? ExpectedBalanceHigh { get; set; }

    /// <summary>The drain expected of its plan, from, 80 %, s.</summary>
    [Column("ForetoldDrawdownLowS")]
    public double? ExpectedDrawdownLowS { get; set; }

    /// <summary>To, 80 %, s.</summary>
    [Column("ForetoldDrawdownHighS")]
    public double? ExpectedDrawdownHighS { get; set; }

    /// <summary>A brew in short.</summary>
    /// <param name="brew">The brew with its facts, its tastings and who brewed it.</param>
    /// <param name="seq">The row's number: greater than every other.</param>
    public static LogRow Of(Brew brew, long seq)
    {
        // Facts of an earlier version have nothing of what came later, and are worked out again soon after the start.
        var facts = brew.Facts is { Version: > 1 } known ? known : null;
        return new LogRow
        {
            BrewId = brew.Id,
            Seq = seq,
            Stands = !brew.Rehearsal && brew.DeletedAtMs is null,
            OpenedAtMs = brew.OpenedAtMs,
            Name = brew.Name,
            RecipeId = brew.RecipeId,
            Coffee = brew.CoffeeName,
            Family = facts?.Family ?? "",
            Vessel = brew.VesselName,
            Grinder = brew.GrinderName,
            Barista = brew.Barista?.Name ?? "",
            Place = brew.PlaceName,
            State = brew.State,
            Tastings = brew.Tastings.Count,
            Score = brew.Tastings.Average(tasting => tasting.Score),
            SourBitter = brew.Tastings.Average(tasting => tasting.SourBitter),
            ThinHeavy = brew.Tastings.Average(tasting => tasting.ThinHeavy),
            ReadTdsPercent = brew.Tastings.Average(tasting => tasting.ReadTdsPercent),
            DoseG = facts?.DoseG,
            WaterG = facts?.WaterG,
            WaterTemperatureC = facts?.WaterTemperatureC,
            MedianUm = facts?.MedianUm,
            RestDays = facts?.RestDays,
            FinalTdsPercent = facts?.FinalTdsPercent,
            ExtractionYieldPercent = facts?.ExtractionYieldPercent,
            FlavourBalance = facts?.FlavourBalance,
            ExtractionLevel = facts?.ExtractionLevel,
            DrawdownS = facts?.DrawdownS,
            PressS = facts?.PressS,
            Flow = facts?.Flow is { } flow ? Words<FlowWord>.Of(flow) : null,
            SteepEndOffS = facts?.SteepEndOffS,
            WaterOffG = facts?.WaterOffG,
            DoseOffG = facts?.DoseOffG,
            TemperatureOffC = facts?.TemperatureOffC,
            ExpectedTdsPercent = facts?.ExpectedTdsPercent,
            ExpectedTdsLow = facts?.ExpectedTdsLow,
            ExpectedTdsHigh = facts?.ExpectedTdsHigh,
            ExpectedBalanceLow = facts?.ExpectedBalanceLow,
            ExpectedBalanceHigh = facts?.ExpectedBalanceHigh,
            ExpectedDrawdownLowS = facts?.ExpectedDrawdownLowS,
            ExpectedDrawdownHighS = facts?.ExpectedDrawdownHighS,
        };
    }

    /// <summary>The words that a brew is found by; empty where it does not stand in the log.</summary>
    /// <param name="brew">The brew with its tastings, its later notes and who brewed it.</param>
    public static string WordsOf(Brew brew) => brew.Rehearsal || brew.DeletedAtMs is not null ? "" : string.Join(' ',
    [
        brew.Name, brew.RecipeId, brew.CoffeeName, brew.VesselName, brew.GrinderName, brew.GrindText, brew.PlaceName, brew.Why, brew.WhyAbandoned ?? "", brew.Barista?.Name ?? "",
        .. brew.Tastings.SelectMany(tasting => new[] { tasting.Note, tasting.Crust, tasting.NotesFound }), .. brew.Notes.Select(note => note.Text),
    ]);

    /// <summary>Its strength: read where it was, or else computed, % TDS.</summary>
    public double? TdsPercent => ReadTdsPercent ?? FinalTdsPercent;

    /// <summary>Water over coffee as brewed.</summary>
    public double? Ratio => WaterG / DoseG;
}

/// <summary>A search of the log that somebody kept under a name.</summary>
public sealed class KeptSearch
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>What it is called.</summary>
    public required string Name { get; set; }

    /// <summary>What is asked for, as it stands in the address after the question mark.</summary>
    public required string Query { get; set; }
}

/// <summary>A file that was taken in, so that it can be undone as one.</summary>
public sealed class Import
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>By whom.</summary>
    public string By { get; set; } = "";

    /// <summary>The files' names and what was in them, in words.</summary>
    public required string What { get; set; }

    /// <summary>When it was taken back, UTC milliseconds; null while it stands.</summary>
    public long? UndoneAtMs { get; set; }

    /// <summary>When all of it was kept, UTC milliseconds; null while it is written, lot by lot. One that a start finds so was cut off, and is undone.</summary>
    public long? KeptAtMs { get; set; }

    /// <summary>Of imports of earlier versions: the brews that it changed, as they stood before, as a brew file. Since then each has a row of its own.</summary>
    public string? BeforeJson { get; set; }

    /// <summary>The plans and things of the shelf it brought, as "plan.12" or "mill.3", with spaces between.</summary>
    public string Brought { get; set; } = "";
}

/// <summary>A brew that an import brought or changed.</summary>
public sealed class ImportedBrew
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The import.</summary>
    public int ImportId { get; set; }

    /// <summary>The brew's name in files.</summary>
    public Guid FileId { get; set; }

    /// <summary>The brew as it stood before, as a brew file; null where it was not here.</summary>
    public string? BeforeJson { get; set; }
}
