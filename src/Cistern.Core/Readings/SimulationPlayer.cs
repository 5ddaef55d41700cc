namespace Cistern.Core.Readings;

/// <summary>Plays a simulated bench in the time of its brew: what its instruments have shown since it was asked last.</summary>
/// <param name="bench">The bench.</param>
/// <param name="onMs">When it was switched on, UTC milliseconds of the brew's clock; what is made ready has been by then.</param>
/// <param name="toldS">Until when it has told already, s on the brew clock.</param>
public sealed class SimulationPlayer(SimulatedInstruments bench, double onMs, double toldS = double.NegativeInfinity)
{
    private double untilS = toldS;

    /// <summary>What is made ready is done this long before 0:00, s; what follows waits for the start.</summary>
    public const double ReadyS = -1.5;

    /// <summary>The bench.</summary>
    public SimulatedInstruments Bench => bench;

    /// <summary>Whether it has told all.</summary>
    public bool IsOver => untilS >= bench.EndS;

    /// <summary>What was shown since it was told last, and until when, s on the brew clock: for <see cref="Told"/>, once it has been taken.</summary>
    /// <param name="nowMs">Now, UTC milliseconds of the brew's clock.</param>
    /// <param name="startedAtMs">0:00, UTC milliseconds, or null before.</param>
    /// <param name="startsItself">A clock that starts with what is seen waits for nobody.</param>
    public (IReadOnlyList<Reading> Readings, double ToS) Since(double nowMs, double? startedAtMs, bool startsItself)
    {
        var zeroMs = startedAtMs ?? onMs - (ReadyS * 1000);
        var toS = (nowMs - zeroMs) / 1000;
        toS = startedAtMs is null && !startsItself ? Math.Min(toS, ReadyS) : toS;
        return ([.. bench.Read(Math.Max(untilS, bench.BeginS), toS, atS => zeroMs + (1000 * atS))], toS);
    }

    /// <summary>What was shown until a moment has been taken.</summary>
    /// <param name="toS">The moment, s on the brew clock.</param>
    public void Told(double toS) => untilS = Math.Max(untilS, toS);
}
