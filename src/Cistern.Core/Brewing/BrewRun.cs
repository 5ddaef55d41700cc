using System.Text.Json.Serialization;

namespace Cistern.Core.Brewing;

/// <summary>How the end of a step is known.</summary>
[JsonConverter(typeof(JsonStringEnumConverter<EndedBy>))]
public enum EndedBy
{
    /// <summary>It was done during preparation, before the clock started.</summary>
    [JsonStringEnumMemberName("ready")]
    MadeReady,

    /// <summary>A press said so.</summary>
    [JsonStringEnumMemberName("press")]
    Press,

    /// <summary>An instrument saw it.</summary>
    [JsonStringEnumMemberName("seen")]
    Seen,

    /// <summary>Its time was up.</summary>
    [JsonStringEnumMemberName("clock")]
    Clock,

    /// <summary>Nobody reported it; it is assumed to have ended as planned.</summary>
    [JsonStringEnumMemberName("assumed")]
    Assumed,

    /// <summary>It had to be observed, and nobody reported it before the next step was due.</summary>
    [JsonStringEnumMemberName("notSeen")]
    NotSeen,
}

/// <summary>A step that is over.</summary>
/// <param name="Index">Its index in the recipe.</param>
/// <param name="StartS">When it actually began, s; null before the clock started.</param>
/// <param name="EndS">When it actually ended, s; null before the clock started.</param>
/// <param name="By">How that is known.</param>
/// <param name="GaveWayS">When another step replaced it before it was confirmed, s; null where that did not happen. It can still be confirmed.</param>
public readonly record struct DoneStep(int Index, double? StartS, double? EndS, EndedBy By, double? GaveWayS = null)
{
    /// <summary>How long such a step stays on the screen, s.</summary>
    private const double AnswerableS = 30;

    /// <summary>Whether it was replaced recently and is still unconfirmed.</summary>
    /// <param name="nowS">Now, s on the brew clock.</param>
    public bool IsOpenAt(double nowS) => IsUnconfirmed && nowS - GaveWayS < AnswerableS;

    /// <summary>Nobody reported its end, so it can still be corrected.</summary>
    public bool IsUnconfirmed => By is EndedBy.Assumed or EndedBy.NotSeen;

    /// <summary>A person or an instrument reported its end.</summary>
    public bool IsKnown => By is EndedBy.Press or EndedBy.Seen;
}

/// <summary>The current step.</summary>
/// <param name="Index">Its index in the recipe.</param>
/// <param name="DueS">When it is due, s on the brew clock.</param>
/// <param name="LengthS">How long it should take, s.</param>
/// <param name="BegunS">When a person reported that it began, or null.</param>
/// <param name="LowS">Start of its window, s on the brew clock, or null.</param>
/// <param name="HighS">End of its window, s on the brew clock, or null.</param>
/// <param name="AssumedAtS">When it will be assumed done unless somebody reports otherwise, s; null where that will not happen.</param>
/// <param name="Still">Somebody reported that it continues.</param>
public sealed record PresentStep(int Index, double DueS, double LengthS, double? BegunS, double? LowS, double? HighS, double? AssumedAtS, bool Still)
{
    /// <summary>When it began or is due, s.</summary>
    public double StartS => BegunS ?? DueS;

    /// <summary>When it should end, s.</summary>
    public double EndS => StartS + LengthS;
}

/// <summary>The last thing that can be undone.</summary>
/// <param name="Entry">The entry, or null where it was an assumption.</param>
/// <param name="Step">The index of its step.</param>
public sealed record LastReport(Guid? Entry, int Step);

/// <summary>
/// The state of a brew, always computed from its plan, its entries and the time, so that no state can be lost. The clock leads; a
/// press only corrects it. Only the start, the end of the steep and what must be observed have to be confirmed.
/// </summary>
/// <remarks>wwwroot/js/brew-run.js implements the same rules for the screen; tests/cases/conduct.json and WalkTests compare the two.</remarks>
/// <param name="StartedAtMs">0:00, UTC milliseconds, or null before.</param>
/// <param name="Done">Steps that are over, in order.</param>
/// <param name="Present">The current step; null when all are over. Before the clock starts, the next preparation, and finally the step that starts the clock.</param>
/// <param name="Last">What an undo would take back, or null.</param>
/// <param name="Ineffective">Entries without effect: somebody else had reported the same, or they belong to a start that was undone.</param>
public sealed record BrewRun(double? StartedAtMs, ImmutableArray<DoneStep> Done, PresentStep? Present, LastReport? Last, ImmutableArray<Guid> Ineffective)
{
    /// <summary>Whether 0:00 has been.</summary>
    public bool ClockRuns => StartedAtMs is not null;

    /// <summary>Whether every step is over.</summary>
    public bool Finished => Present is null;

    /// <summary>When the last step was over, s.</summary>
    public double EndS => Done.IsEmpty ? 0 : Done[^1].EndS ?? 0;

    /// <summary>Computes the state of a brew.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="received">All entries so far, in the order they were received.</param>
    /// <param name="nowMs">Now, UTC milliseconds.</param>
    public static BrewRun Replay(ConductPlan plan, IEnumerable<BrewEntry> received, double nowMs)
    {
        var standing = BrewEntry.Effective(received);
        var walk = new Walk(plan, standing);
        foreach (var entry in standing.Entries)
        {
            walk.Apply(entry);
        }

        return walk.At(nowMs);
    }

    private sealed class Walk
    {
        /// <summary>Entries further before 0:00 than two devices' clocks can differ belong to another start, s.</summary>
        private const double BeforeStartS = 2;

        private readonly ConductPlan plan;
        private readonly double? startedAtMs;
        private readonly Dictionary<int, double> stillS = [];
        private readonly HashSet<int> ready = [];
        private readonly List<DoneStep> done = [];
        private readonly List<Guid> ineffective = [];
        private int index;
        private double lastEndS;
        private double lastStartS;

        /// <summary>When the current step began to be shown, s.</summary>
        private double stageS;

        private double? begunS;
        private bool running;
        private LastReport? last;

        public Walk(ConductPlan plan, EffectiveEntries standing)
        {
            this.plan = plan;
            startedAtMs = standing.Entries.FirstOrDefault(entry => entry.Kind == EntryKind.Start)?.AtMs;
            foreach (var (step, atMs) in standing.Entries.Where(entry => entry.Kind == EntryKind.Still).Select(entry => (entry.Step, entry.AtMs)).Concat(standing.ContinuedSinceMs.Select(pair => (pair.Key, pair.Value))))
            {
                stillS[step] = Math.Max(ToS(atMs), stillS.GetValueOrDefault(step, double.NegativeInfinity));
            }
        }

        private ConductStep Here => plan.Steps[index];

        private double EndHereS => (begunS ?? DueS(index)) + Here.Length;

        public void Apply(BrewEntry entry)
        {
            var counts = entry.Kind switch
            {
                EntryKind.Ready => !running && entry.Step < plan.Anchor && ready.Add(entry.Step),
                EntryKind.Start => !running && Start(entry.Ends),
                _ => running && entry.Step >= plan.Anchor && ToS(entry.AtMs) > -BeforeStartS && Report(entry),
            };
            if (counts)
            {
                last = new LastReport(entry.Id, entry.Step);
            }
            else
            {
                ineffective.Add(entry.Id);
            }
        }

        public BrewRun At(double nowMs)
        {
            if (running)
            {
                Until(ToS(nowMs));
            }

            return new BrewRun(startedAtMs, [.. done], running ? Equipment() : MakingReady(), last, [.. ineffective]);
        }

        private double ToS(double atMs) => (atMs - (startedAtMs ?? atMs)) / 1000;

        private PresentStep MakingReady()
        {
            var at = 0;
            while (at < plan.Anchor && ready.Contains(at))
            {
                at++;
            }

            return new PresentStep(at, 0, plan.Steps[at].Length, null, null, null, null, Still: false);
        }

        private PresentStep? Equipment()
        {
            if (index >= plan.Steps.Length)
            {
                return null;
            }

            var (lowS, highS) = plan.WindowOf(index, DueS(index), lastStartS);
            return new PresentStep(index, DueS(index), Here.Length, begunS, lowS, highS, GraceEndsS(), stillS.ContainsKey(index));
        }

        /// <summary>The press that starts the clock also confirms everything before it.</summary>
        private bool Start(EndedBy by)
        {
            running = true;
            for (; index < plan.Anchor; index++)
            {
                done.Add(new DoneStep(index, null, null, EndedBy.MadeReady));
            }

            if (plan.StartsAtItsEnd)
            {
                End(0 - Here.Length, 0, by, 0);
            }
            else if (Here.Length <= 0)
            {
                // An instantaneous step, such as adding the coffee, is done by the press that starts the clock.
                End(0, 0, by, 0);
            }
            else
            {
                begunS = 0;
            }

            return true;
        }

        private bool Report(BrewEntry entry)
        {
            var atS = Math.Max(0, ToS(entry.AtMs));
            Until(atS);
            if (entry.Kind == EntryKind.Still)
            {
                return entry.Step == index;
            }

            if (entry.Step < index)
            {
                return entry.Kind == EntryKind.Done && Correct(entry, atS);
            }

            if (entry.Step >= plan.Steps.Length)
            {
                return false;
            }

            AdvanceTo(entry.Step, atS, byHand: true);
            var dueS = DueS(index);
            if (entry.Kind == EntryKind.Begun && Here.Length > 0)
            {
                if (begunS is not null)
                {
                    return false;
                }

                begunS = Math.Max(atS, lastEndS);
            }
            else
            {
                // A step without duration was done when it was reported, however long it had been due.
                var endS = Math.Max(atS, lastEndS);
                End(Math.Min(begunS ?? (Here.Ends == StepEnding.Hands && Here.Length <= 0 ? endS : dueS), endS), endS, entry.Ends, atS);
            }

            return true;
        }

        /// <summary>A press for a step already assumed done sets the time at which it was actually done.</summary>
        private bool Correct(BrewEntry entry, double atS)
        {
            if (done.FindIndex(one => one.Index == entry.Step) is not (>= 0 and var place) || done[place] is not { IsUnconfirmed: true, StartS: { } startS } assumed)
            {
                return false;
            }

            var latestS = place + 1 < done.Count ? done[place + 1].EndS ?? atS : atS;
            done[place] = assumed with { EndS = Math.Max(startS, Math.Min(atS, latestS)), By = entry.Ends };
            if (place == done.Count - 1)
            {
                lastEndS = done[place].EndS!.Value;
            }

            return true;
        }

        /// <summary>Advances the clock: steps that end by themselves end, unconfirmed ones are assumed done, due ones become current.</summary>
        private void Until(double nowS)
        {
            while (index < plan.Steps.Length)
            {
                var endS = Here.Ends == StepEnding.Clock ? EndHereS : double.PositiveInfinity;
                var assumedS = GraceEndsS() ?? double.PositiveInfinity;
                var (takes, takenS) = Successor();
                if (Math.Min(endS, Math.Min(assumedS, takenS)) > nowS)
                {
                    return;
                }

                if (takenS <= Math.Min(endS, assumedS))
                {
                    // An end of the steep that has become current stays so after an undo; other steps do not.
                    if (!plan.Steps[takes].Release && Here.Ends != StepEnding.Clock)
                    {
                        last = new LastReport(null, index);
                    }

                    AdvanceTo(takes, takenS, byHand: false);
                    stageS = takenS;
                }
                else if (endS <= assumedS)
                {
                    End(DueS(index), endS, EndedBy.Clock, endS);
                }
                else
                {
                    last = new LastReport(null, index);
                    End(begunS ?? DueS(index), EndHereS, EndedBy.Assumed, assumedS);
                }
            }
        }

        /// <summary>Closes the steps before one that becomes current.</summary>
        private void AdvanceTo(int step, double atS, bool byHand)
        {
            while (index < step)
            {
                var startS = Math.Min(begunS ?? DueS(index), Math.Max(atS, lastEndS));
                var (endS, by) = Here.Ends switch
                {
                    StepEnding.Clock when byHand => (atS, EndedBy.Press),
                    StepEnding.Clock => (Math.Min(startS + Here.Length, atS), EndedBy.Clock),
                    StepEnding.Sight => (atS, EndedBy.NotSeen),
                    _ when Here.Release && begunS is null => (atS, EndedBy.NotSeen),
                    _ => (Math.Min(startS + Here.Length, atS), EndedBy.Assumed),
                };
                End(startS, Math.Max(endS, startS), by, atS, byHand || Here.Ends == StepEnding.Clock ? null : atS);
            }
        }

        private void End(double startS, double endS, EndedBy by, double atS, double? gaveWayS = null)
        {
            done.Add(new DoneStep(index++, startS, endS, by, gaveWayS));
            (lastStartS, lastEndS, stageS, begunS) = (startS, endS, atS, null);
        }

        /// <summary>When a step is due: at its own time, or when the one before has ended.</summary>
        private double DueS(int at) => at == plan.Anchor ? 0 : Math.Max(plan.Steps[at].At ?? plan.Steps[at].Low ?? lastEndS, lastEndS);

        /// <summary>
        /// When the current step is assumed done: after a grace period from its end, from the end of its window or from when it was
        /// shown, whichever is last.
        /// </summary>
        private double? GraceEndsS()
        {
            if (Here.Ends != StepEnding.Hands || stillS.ContainsKey(index) || (Here.Release && begunS is null))
            {
                return null;
            }

            var openS = begunS is null ? plan.WindowOf(index, DueS(index), lastStartS).HighS ?? 0 : 0;
            return Math.Max(Math.Max(EndHereS, openS), stageS) + Here.GraceS;
        }

        /// <summary>
        /// The step that will replace the current one, and when. The end of the steep replaces any step. A step with its own time
        /// first leaves room for those due before it: the next in order becomes current early enough for all of them to be shown, but
        /// not before the current one had its own time.
        /// </summary>
        private (int Step, double AtS) Successor()
        {
            var (step, atS, betweenS) = Due();
            if (step <= index + 1 && (step == index || plan.Steps[step].Release))
            {
                return (step, atS);
            }

            // An unconfirmed step is shown for as long as it takes to be assumed done.
            var toldS = begunS is null ? Math.Max(stageS, DueS(index)) + Here.GraceS : EndHereS;
            if (step == index + 1)
            {
                return (step, Math.Max(atS, toldS));
            }

            var soonestS = Here.Ends == StepEnding.Sight && Here.Length <= 0 ? atS : EndHereS + (Here.Ends == StepEnding.Sight ? Here.GraceS : ConductStep.MinShownS);
            var nextS = stillS.ContainsKey(index) ? atS : Math.Max(soonestS, atS - betweenS);
            return plan.Steps[step].Release && atS <= nextS ? (step, atS) : (index + 1, nextS);
        }

        /// <summary>The next step that becomes current by itself, when, and how long the steps before it must be shown, s.</summary>
        private (int Step, double AtS, double BetweenS) Due()
        {
            if (Here.Release && begunS is null)
            {
                return (index, double.PositiveInfinity, 0);
            }

            var best = (Step: index, AtS: double.PositiveInfinity, BetweenS: 0.0);
            var betweenS = 0.0;
            var stillAtS = stillS.GetValueOrDefault(index, double.NegativeInfinity);
            var chainS = EndHereS;
            // What must be observed may come a little later than expected; its duration may be unknown.
            var graceS = Here.Ends == StepEnding.Sight ? Here.GraceS : 0;
            var known = Here.Ends != StepEnding.Sight || Here.Length > 0;
            for (var at = index + 1; at < plan.Steps.Length; at++)
            {
                var step = plan.Steps[at];
                var ownS = step.At ?? step.Low;
                var takesS = ownS is { } timeS ? Math.Max(timeS, chainS)
                    : step.Release && known && !stillS.ContainsKey(index) ? chainS + graceS
                    : double.PositiveInfinity;
                if ((step.Release || takesS > stillAtS) && takesS < best.AtS)
                {
                    best = (at, takesS, betweenS);
                }

                if (step.Release)
                {
                    break;
                }

                chainS = Math.Max(chainS, ownS ?? 0) + step.Length;
                // A wait that is late is shorter.
                betweenS += step.Ends == StepEnding.Clock ? 0 : Math.Max(step.Length, ConductStep.MinShownS);
                graceS += step.Ends == StepEnding.Sight ? step.GraceS : 0;
                known &= step.Ends != StepEnding.Sight || step.Length > 0;
            }

            // A wait passes by itself to what follows it at once.
            return Here.Ends == StepEnding.Clock && best.AtS >= EndHereS ? (index, double.PositiveInfinity, 0) : best;
        }
    }
}
