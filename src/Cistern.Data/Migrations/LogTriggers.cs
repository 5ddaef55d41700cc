namespace Cistern.Data.Migrations;

/// <summary>
/// What kept the log's rows and words up to one version: triggers of the file. The migration that made them stays what it
/// was, so that older files are brought up; since <c>LogRowsInCode</c> the rows are written by <see cref="LogWriter"/>.
/// </summary>
internal static class LogTriggers
{
    /// <summary>The words of all brews: full text, with no copy of it kept.</summary>
    public const string Words = "CREATE VIRTUAL TABLE BrewWords USING fts5(Words, content='', contentless_delete=1, tokenize=\"unicode61 remove_diacritics 2\")";

    /// <summary>The triggers, by name.</summary>
    public static IReadOnlyList<(string Name, string Sql)> All { get; } =
    [
        On("Brews", "INSERT", "NEW.Id"),
        On("Brews", "UPDATE", "NEW.Id"),
        ("Log_Brews_DELETE", $"CREATE TRIGGER Log_Brews_DELETE AFTER DELETE ON Brews BEGIN UPDATE LogRows SET Stands = 0, Seq = {NextSeq} WHERE BrewId = OLD.Id; DELETE FROM BrewWords WHERE rowid = OLD.Id; END"),
        .. Of("Facts"), .. Of("Tastings"), .. Of("Notes"),
        ("Log_Baristas_UPDATE", "CREATE TRIGGER Log_Baristas_UPDATE AFTER UPDATE OF Name ON Baristas BEGIN UPDATE Brews SET Id = Id WHERE BaristaId = NEW.Id; END"),
    ];

    /// <summary>Fills the rows and words of all brews that are there.</summary>
    public const string FillAll = "UPDATE Brews SET Id = Id";

    private const string NextSeq = "(SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows)";

    private const string Columns = """
        BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
        DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
        ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS
        """;

    // Facts of an earlier version have nothing of what came later, and are worked out again soon after the start.
    private const string Row = $"""
        INSERT OR REPLACE INTO LogRows ({Columns})
        SELECT b.Id, {NextSeq}, b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
            (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
            (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
            f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
            f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
        FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = $brew;
        DELETE FROM BrewWords WHERE rowid = $brew;
        INSERT INTO BrewWords (rowid, Words)
        SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
            || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
            || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
        FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = $brew AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL;
        """;

    private static (string Name, string Sql) On(string table, string change, string brew) =>
        ($"Log_{table}_{change}", $"CREATE TRIGGER Log_{table}_{change} AFTER {change} ON {table} BEGIN {Row.Replace("$brew", brew, StringComparison.Ordinal)} END");

    private static IEnumerable<(string Name, string Sql)> Of(string table) => [On(table, "INSERT", "NEW.BrewId"), On(table, "UPDATE", "NEW.BrewId"), On(table, "DELETE", "OLD.BrewId")];
}
