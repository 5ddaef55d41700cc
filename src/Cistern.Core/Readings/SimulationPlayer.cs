namespace Cistern.Core.Readings;

/// <summary>Plays simulated instruments in the time of a brew: returns what they have shown since the last call.</summary>
/// <param name="instruments">The simulated instruments.</param>
/// <param name="onMs">When it was switched on, UTC milliseconds of the brew's clock; the preparations are done by then.</param>
/// <param name="toldS">Until when readings were returned already, s on the brew clock.</param>
public sealed class SimulationPlayer(SimulatedInstruments instruments, double onMs, double toldS = double.NegativeInfinity)
{
    private double untilS = toldS;

    /// <summary>Preparations are done this long before 0:00, s; what follows waits for the start.</summary>
    public const double ReadyS = -1.5;

    /// <summary>The simulated instruments.</summary>
    public SimulatedInstruments Instruments => instruments;

    /// <summary>Whether all readings were returned.</summary>
    public bool IsOver => untilS >= instruments.EndS;

    /// <summary>
    /// The readings since the last ones returned, and until when they go, s on the brew clock: pass that to <see cref="Confirm"/> when
    /// they have been stored.
    /// </summary>
    /// <param name="nowMs">Now, UTC milliseconds of the brew's clock.</param>
    /// <param name="startedAtMs">0:00, UTC milliseconds, or null before.</param>
    /// <param name="startsItself">Whether the clock starts when the instruments see the first step.</param>
    public (IReadOnlyList<Reading> Readings, double ToS) ReadingsSince(double nowMs, double? startedAtMs, bool startsItself)
    {
        var zeroMs = startedAtMs ?? onMs - (ReadyS * 1000);
        var toS = (nowMs - zeroMs) / 1000;
        toS = startedAtMs is null && !startsItself ? Math.Min(toS, ReadyS) : toS;
        return ([.. instruments.Read(Math.Max(untilS, instruments.BeginS), toS, atS => zeroMs + (1000 * atS))], toS);
    }

    /// <summary>Confirms that readings were stored.</summary>
    /// <param name="toS">Until when, s on the brew clock.</param>
    public void Confirm(double toS) => untilS = Math.Max(untilS, toS);
}
