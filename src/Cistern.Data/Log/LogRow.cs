using System.ComponentModel.DataAnnotations.Schema;

namespace Cistern.Data.Log;

/// <summary>
/// A summary of a brew, from which the log is searched, counted and drawn. It is computed in the transaction that changes the brew or
/// what belongs to it (<see cref="LogWriter"/>). To add a column of the log, add a property here and its line in <see cref="Of"/>.
/// </summary>
public sealed class LogRow
{
    /// <summary>The brew.</summary>
    public int BrewId { get; set; }

    /// <summary>Increases with every change of any row, so that newer rows can be read since the last look.</summary>
    public long Seq { get; set; }

    /// <summary>Whether it is in the log: neither a rehearsal nor deleted.</summary>
    public bool Stands { get; set; }

    /// <summary>When it was opened, UTC milliseconds.</summary>
    public long OpenedAtMs { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>The id of the library recipe it derives from.</summary>
    public required string RecipeId { get; set; }

    /// <summary>The coffee's name; empty where none was chosen.</summary>
    public required string Coffee { get; set; }

    /// <summary>The brewer's family, as in the recipe file; empty until its facts are known.</summary>
    public required string Family { get; set; }

    /// <summary>The name of the barista's own vessel.</summary>
    public required string Vessel { get; set; }

    /// <summary>The grinder's name.</summary>
    [Column("Mill")]
    public required string Grinder { get; set; }

    /// <summary>Who brewed it.</summary>
    public required string Barista { get; set; }

    /// <summary>Where.</summary>
    public required string Place { get; set; }

    /// <summary>Its state, as in the brew's row.</summary>
    public BrewState State { get; set; }

    /// <summary>How many tasted it.</summary>
    public int Tastings { get; set; }

    /// <summary>The mean of its scores, 0 to 10; null without scores.</summary>
    public double? Score { get; set; }

    /// <summary>The mean of sour (−5) to bitter (5) as tasted; null without answers.</summary>
    [Column("SharpHarsh")]
    public double? SourBitter { get; set; }

    /// <summary>The mean of thin (−5) to heavy (5) as tasted; null without answers.</summary>
    public double? ThinHeavy { get; set; }

    /// <summary>The mean of the refractometer's readings, % TDS; null without readings.</summary>
    public double? ReadTdsPercent { get; set; }

    /// <summary>Coffee as brewed, g; null, like everything below, until its facts are known.</summary>
    public double? DoseG { get; set; }

    /// <summary>Water as brewed, g.</summary>
    public double? WaterG { get; set; }

    /// <summary>At the kettle, °C.</summary>
    public double? WaterTemperatureC { get; set; }

    /// <summary>Median of the grind, µm.</summary>
    public double? MedianUm { get; set; }

    /// <summary>The coffee's days since roasting.</summary>
    public double? RestDays { get; set; }

    /// <summary>Strength of the finished drink, computed as brewed, % TDS.</summary>
    public double? FinalTdsPercent { get; set; }

    /// <summary>Extraction in the cup per dose, computed as brewed, %.</summary>
    public double? ExtractionYieldPercent { get; set; }

    /// <summary>Sour (negative) to bitter, computed as brewed; a judgement.</summary>
    [Column("Tilt")]
    public double? FlavourBalance { get; set; }

    /// <summary>Dissolved yield divided by the equilibrium yield, computed as brewed.</summary>
    [Column("Drawn")]
    public double? ExtractionLevel { get; set; }

    /// <summary>From the opening to the dry bed on its clock, s; null where that was not observed.</summary>
    public double? DrawdownS { get; set; }

    /// <summary>Length of the press on its clock, s; null where that was not observed.</summary>
    public double? PressS { get; set; }

    /// <summary>The flow, as <see cref="FlowWord"/> is written; null where nothing was timed.</summary>
    public string? Flow { get; set; }

    /// <summary>How much later than planned the steep ended, s.</summary>
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

    /// <summary>The flavour balance expected of its plan: lower end of the 80 % band.</summary>
    [Column("ForetoldTiltLow")]
    public double? ExpectedBalanceLow { get; set; }

    /// <summary>To, 80 %.</summary>
    [Column("ForetoldTiltHigh")]
    public double? ExpectedBalanceHigh { get; set; }

    /// <summary>The drawdown expected of its plan: lower end of the 80 % band, s.</summary>
    [Column("ForetoldDrawdownLowS")]
    public double? ExpectedDrawdownLowS { get; set; }

    /// <summary>To, 80 %, s.</summary>
    [Column("ForetoldDrawdownHighS")]
    public double? ExpectedDrawdownHighS { get; set; }

    /// <summary>The summary of a brew.</summary>
    /// <param name="brew">The brew with its facts, its tastings and who brewed it.</param>
    /// <param name="seq">The row's number, greater than every other.</param>
    public static LogRow Of(Brew brew, long seq)
    {
        // Facts of an earlier version lack some columns; they are computed again soon after the start.
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

    /// <summary>The words by which a brew is found; empty where it is not in the log.</summary>
    /// <param name="brew">The brew with its tastings, later notes and who brewed it.</param>
    public static string WordsOf(Brew brew) => brew.Rehearsal || brew.DeletedAtMs is not null ? "" : string.Join(' ',
    [
        brew.Name, brew.RecipeId, brew.CoffeeName, brew.VesselName, brew.GrinderName, brew.GrindText, brew.PlaceName, brew.Why, brew.WhyAbandoned ?? "", brew.Barista?.Name ?? "",
        .. brew.Tastings.SelectMany(tasting => new[] { tasting.Note, tasting.Crust, tasting.NotesFound }), .. brew.Notes.Select(note => note.Text),
    ]);

    /// <summary>Its strength, % TDS: as read where there is a reading, otherwise computed.</summary>
    public double? TdsPercent => ReadTdsPercent ?? FinalTdsPercent;

    /// <summary>Water over coffee as brewed.</summary>
    public double? Ratio => WaterG / DoseG;
}

/// <summary>A saved search of the log.</summary>
[Table("KeptSearches")]
public sealed class SavedSearch
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>The query, as in the address after the question mark.</summary>
    public required string Query { get; set; }
}

/// <summary>An import, which can be undone as a whole.</summary>
public sealed class Import
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>By whom.</summary>
    public string By { get; set; } = "";

    /// <summary>The files' names and their content, in words.</summary>
    public required string What { get; set; }

    /// <summary>When it was undone, UTC milliseconds; null otherwise.</summary>
    public long? UndoneAtMs { get; set; }

    /// <summary>
    /// When it was complete, UTC milliseconds; null while it is written in batches. An incomplete one found by a start was interrupted
    /// and is undone.
    /// </summary>
    [Column("KeptAtMs")]
    public long? SavedAtMs { get; set; }

    /// <summary>For imports of earlier versions: the brews it changed, as they were before, as a brew file. Now each has a row.</summary>
    public string? BeforeJson { get; set; }

    /// <summary>The plans and things it added, as "plan.12" or "mill.3", separated by blanks.</summary>
    public string Brought { get; set; } = "";
}

/// <summary>A brew that an import added or changed.</summary>
public sealed class ImportedBrew
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The import.</summary>
    public int ImportId { get; set; }

    /// <summary>The brew's name in files.</summary>
    public Guid FileId { get; set; }

    /// <summary>The brew as it was before, as a brew file; null where it did not exist.</summary>
    public string? BeforeJson { get; set; }
}
