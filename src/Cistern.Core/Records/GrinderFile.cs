using System.Text.Json;

namespace Cistern.Core.Records;

/// <summary>The result of reading a grinder: its scale, or why it was refused.</summary>
/// <param name="Grinder">The scale; null where it was refused.</param>
/// <param name="Findings">All findings.</param>
public sealed record GrinderFile(GrinderScale? Grinder, ImmutableArray<Finding> Findings)
{
    /// <summary>A grinder's largest file, bytes.</summary>
    private const int MaxBytes = 1024 * 1024;

    private const double UsualSpread = 0.45;

    /// <summary>
    /// Reads a grinder: <c>least</c>, <c>most</c> and <c>step</c> of its settings, <c>umAtZero</c> and <c>umPerSetting</c>, and
    /// optionally <c>spread</c>. Or a table: <c>settings</c>, each with <c>setting</c> and <c>um</c>, to which a straight line is
    /// fitted. No file content makes it throw.
    /// </summary>
    /// <param name="utf8">The file.</param>
    public static GrinderFile Read(ReadOnlyMemory<byte> utf8) => RecipeReader.Open(utf8, MaxBytes, "A grinder's file", Read, finding => new GrinderFile(null, [finding]));

    private static GrinderFile Read(JsonElement root)
    {
        var findings = new List<Finding>();
        if (root.ValueKind != JsonValueKind.Object)
        {
            return new GrinderFile(null, [FindingKinds.GrinderExpected.At("", ObjectReader.Shown(root))]);
        }

        var reader = new ObjectReader(root, "", findings, nullIsNothing: true);
        var step = reader.Number("step") ?? 1;
        var spread = reader.Number("spread") ?? UsualSpread;
        var table = Table(reader, findings);
        double umAtZero, umPerSetting;
        if (table.Count >= 2)
        {
            (umPerSetting, umAtZero) = Line(table);
        }
        else
        {
            umAtZero = reader.Required("umAtZero");
            umPerSetting = reader.Required("umPerSetting");
        }

        var least = reader.Number("least") ?? (table.Count >= 2 ? table.Min(row => row.Setting) : 0);
        var most = reader.Number("most") ?? (table.Count >= 2 ? table.Max(row => row.Setting) : double.NaN);
        if (findings.TrueForAll(finding => finding.Severity != Severity.Error))
        {
            Check(double.IsNaN(most) || most <= least, "most", FindingKinds.MostBelowLeast);
            Check(step <= 0, "step", FindingKinds.StepNotPositive);
            Check(umPerSetting == 0, "umPerSetting", FindingKinds.SettingChangesNothing);
        }

        var grinder = new GrinderScale(least, most, step, umAtZero, umPerSetting, spread);
        if (findings.Count == 0)
        {
            Check(!grinder.Grinds, "umAtZero", FindingKinds.GrindsNothing);
        }

        return new GrinderFile(findings.Count == 0 ? grinder : null, [.. findings]);

        void Check(bool wrong, string place, FindingKind kind)
        {
            if (wrong)
            {
                findings.Add(kind.At(place));
            }
        }
    }

    private static List<(double Setting, double Um)> Table(ObjectReader reader, List<Finding> findings)
    {
        var table = new List<(double, double)>();
        foreach (var (element, place) in reader.List("settings", 1_000))
        {
            if (element.ValueKind != JsonValueKind.Object)
            {
                findings.Add(FindingKinds.GrinderRowExpected.At(place, ObjectReader.Shown(element)));
                continue;
            }

            var row = new ObjectReader(element, place, findings);
            var setting = row.Number("setting", "least");
            var um = row.Number("um") ?? row.Number("medianUm");
            if (setting is { } at && um is { } median)
            {
                table.Add((at, median));
            }
        }

        return table;
    }

    /// <summary>The least-squares line through a table.</summary>
    private static (double UmPerSetting, double UmAtZero) Line(List<(double Setting, double Um)> table)
    {
        var (middle, mean) = (table.Average(row => row.Setting), table.Average(row => row.Um));
        var spread = table.Sum(row => (row.Setting - middle) * (row.Setting - middle));
        var slope = spread > 0 ? table.Sum(row => (row.Setting - middle) * (row.Um - mean)) / spread : 0;
        return (slope, mean - (slope * middle));
    }
}
