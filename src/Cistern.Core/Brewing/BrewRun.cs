using System.Collections.Immutable;
using System.Text.Json.Serialization;
using Cistern.Core.Recipes;

namespace Cistern.Core.Brewing;

/// <summary>How it is known that a step has ended.</summary>
[JsonConverter(typeof(JsonStringEnumConverter<EndedBy>))]
public enum EndedBy
{
    /// <summary>It was done while making ready, before the clock ran.</summary>
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

    /// <summary>Nobody said so; it is taken as done as planned.</summary>
    [JsonStringEnumMemberName("assumed")]
    Assumed,

    /// <summary>It had to be seen, and nobody saw it before the next step came due.</summary>
    [JsonStringEnumMemberName("notSeen")]
    NotSeen,
}

/// <summary>A step that is over.</summary>
/// <param name="Index">Its place in the recipe.</param>
/// <param name="StartS">When it really began, s; null before the clock ran.</param>
/// <param name="EndS">When it was really done, s; null before the clock ran.</param>
/// <param name="By">How that is known.</param>
/// <param name="GaveWayS">When it gave way to another step before anybody had answered it, s; null where it did not. It can still be answered.</param>
public readonly record struct DoneStep(int Index, double? StartS, double? EndS, EndedBy By, double? GaveWayS = null)
{
    /// <summary>So long what gave way stays in sight, s.</summary>
    private const double InSightS = 30;

    /// <summary>Whether it gave way a moment ago and nobody has said yet what became of it.</summary>
    /// <param name="nowS">On the brew clock, s.</param>
    public bool IsOpenAt(double nowS) => IsUnsaid && nowS - GaveWayS < InSightS;

    /// <summary>Nobody said that it was over: it can be put right.</summary>
    public bool IsUnsaid => By is EndedBy.Assumed or EndedBy.NotSeen;

    /// <summary>Somebody said so, or an instrument saw it.</summary>
    public bool IsKnown => By is EndedBy.Press or EndedBy.Seen;
}

/// <summary>The step at hand.</summary>
/// <param name="Index">Its place in the recipe.</param>
/// <param name="DueS">When it is due, s on the clock.</param>
/// <param name="LengthS">How long it should take, s.</param>
/// <param name="BegunS">When a press said that it began, or null.</param>
/// <param name="LowS">From when it will do, s on the clock, or null.</param>
/// <param name="HighS">Until when it will do, s on the clock, or null.</param>
/// <param name="AssumedAtS">When it will be taken as done unless somebody says otherwise, s; null where that will not happen.</param>
/// <param name="Still">Somebody said that it goes on.</param>
public sealed record PresentStep(int Index, double DueS, double LengthS, double? BegunS, double? LowS, double? HighS, double? AssumedAtS, bool Still)
{
    /// <summary>When it began or is due, s.</summary>
    public double StartS => BegunS ?? DueS;

    /// <summary>When it should end, s.</summary>
    public double EndS => StartS + LengthS;
}

/// <summary>The last thing that can be taken back.</summary>
/// <param name="Entry">The entry, or null where it was an assumption.</param>
/// <param name="Step">The step it was of.</param>
public sealed record LastSaid(Guid? Entry, int Step);

/// <summary>
/// Where a brew stands: worked out anew from its plan, its entries and the time, so there is nothing to lose. The clock
/// leads: a press only corrects it. Nothing but the start, the release and what only an eye can tell has to be pressed.
/// </summary>
/// <remarks>wwwroot/js/brew-run.js says the same for the screen; tests/cases/conduct.json holds the two together.</remarks>
/// <param name="StartedAtMs">0:00, UTC milliseconds, or null before.</param>
/// <param name="Done">What is over, in order.</param>
/// <param name="Present">The step at hand; null when all are over. Before the clock runs the next one to make ready, at last the one that starts it.</param>
/// <param name="Last">What an undo would take back, or null.</param>
/// <param name="Unheard">Entries that could not count: somebody else had said the same, or they were of a start that was undone.</param>
public sealed record BrewRun(double? StartedAtMs, ImmutableArray<DoneStep> Done, PresentStep? Present, LastSaid? Last, ImmutableArray<Guid> Unheard)
{
    /// <summary>Whether 0:00 has been.</summary>
    public bool ClockRuns => StartedAtMs is not null;

    /// <summary>Whether every step is over.</summary>
    public bool Finished => Present is null;

    /// <summary>When the last step was over, s.</summary>
    public double EndS => Done.IsEmpty ? 0 : Done[^1].EndS ?? 0;

    /// <summary>Works out where a brew stands.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="received">Every entry so far, in the order they were taken.</param>
    /// <param name="nowMs">Now, UTC milliseconds.</param>
    public static BrewRun Replay(ConductPlan plan, IEnumerable<BrewEntry> received, double nowMs)
    {
        var standing = BrewEntry.Standing(received);
        var walk = new Walk(plan, standing);
        foreach (var entry in standing.Entries)
        {
            walk.Hear(entry);
        }

        return walk.StandAt(nowMs);
    }

    private sealed class Walk
    {
        /// <summary>An entry of another start lies further before 0:00 than two devices' ideas of the time can differ, s.</summary>
        private const double BeforeStartS = 2;

        private readonly ConductPlan plan;
        private readonly double? startedAtMs;
        private readonly Dictionary<int, double> stillS = [];
        private readonly HashSet<int> ready = [];
        private readonly List<DoneStep> done = [];
        private readonly List<Guid> unheard = [];
        private int index;
        private double lastEndS;
        private double lastStartS;

        /// <summary>When the step at hand came on stage, s.</summary>
        private double stageS;

        private double? begunS;
        private bool running;
        private LastSaid? last;

        public Walk(ConductPlan plan, StandingEntries standing)
        {
            this.plan = plan;
            startedAtMs = standing.Entries.FirstOrDefault(entry => entry.Kind == EntryKind.Start)?.AtMs;
            foreach (var (step, atMs) in standing.Entries.Where(entry => entry.Kind == EntryKind.Still).Select(entry => (entry.Step, entry.AtMs)).Concat(standing.GoesOn.Select(pair => (pair.Key, pair.Value))))
            {
                stillS[step] = Math.Max(ToS(atMs), stillS.GetValueOrDefault(step, double.NegativeInfinity));
            }
        }

        private ConductStep Here => plan.Steps[index];

        private double EndHereS => (begunS ?? DueS(index)) + Here.Length;

        public void Hear(BrewEntry entry)
        {
            var counts = entry.Kind switch
            {
                EntryKind.Ready => !running && entry.Step < plan.Anchor && ready.Add(entry.Step),
                EntryKind.Start => !running && Start(entry.Ends),
                _ => running && entry.Step >= plan.Anchor && ToS(entry.AtMs) > -BeforeStartS && Say(entry),
            };
            if (counts)
            {
                last = new LastSaid(entry.Id, entry.Step);
            }
            else
            {
                unheard.Add(entry.Id);
            }
        }

        public BrewRun StandAt(double nowMs)
        {
            if (running)
            {
                Until(ToS(nowMs));
            }

            return new BrewRun(startedAtMs, [.. done], running ? AtHand() : MakingReady(), last, [.. unheard]);
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

        private PresentStep? AtHand()
        {
            if (index >= plan.Steps.Length)
            {
                return null;
            }

            var (lowS, highS) = plan.WindowOf(index, DueS(index), lastStartS);
            return new PresentStep(index, DueS(index), Here.Length, begunS, lowS, highS, GraceEndsS(), stillS.ContainsKey(index));
        }

        /// <summary>The press that starts the clock also says that everything before it has been done.</summary>
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
                // Something done at once, like tipping the coffee in, is done by the press that starts the clock.
                End(0, 0, by, 0);
            }
            else
            {
                begunS = 0;
            }

            return true;
        }

        private bool Say(BrewEntry entry)
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

            PassTo(entry.Step, atS, byHand: true);
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
                // What takes no time was done when it was said, however long it had been due.
                var endS = Math.Max(atS, lastEndS);
                End(Math.Min(begunS ?? (Here.Ends == StepEnding.Hands && Here.Length <= 0 ? endS : dueS), endS), endS, entry.Ends, atS);
            }

            return true;
        }

        /// <summary>A press that comes for a step already taken as done says when it really was.</summary>
        private bool Correct(BrewEntry entry, double atS)
        {
            if (done.FindIndex(one => one.Index == entry.Step) is not (>= 0 and var place) || done[place] is not { IsUnsaid: true, StartS: { } startS } assumed)
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

        /// <summary>Lets the clock run to a moment: what ends by itself ends, what nobody said is assumed, what is due takes the stage.</summary>
        private void Until(double nowS)
        {
            while (index < plan.Steps.Length)
            {
                var endS = Here.Ends == StepEnding.Clock ? EndHereS : double.PositiveInfinity;
                var assumedS = GraceEndsS() ?? double.PositiveInfinity;
                var (takes, takenS) = Taker();
                if (Math.Min(endS, Math.Min(assumedS, takenS)) > nowS)
                {
                    return;
                }

                if (takenS <= Math.Min(endS, assumedS))
                {
                    // A release that takes the stage cannot be undone away; anything else can.
                    if (!plan.Steps[takes].Release && Here.Ends != StepEnding.Clock)
                    {
                        last = new LastSaid(null, index);
                    }

                    PassTo(takes, takenS, byHand: false);
                    stageS = takenS;
                }
                else if (endS <= assumedS)
                {
                    End(DueS(index), endS, EndedBy.Clock, endS);
                }
                else
                {
                    last = new LastSaid(null, index);
                    End(begunS ?? DueS(index), EndHereS, EndedBy.Assumed, assumedS);
                }
            }
        }

        /// <summary>Closes what stands open before a step that takes the stage.</summary>
        private void PassTo(int step, double atS, bool byHand)
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

        /// <summary>When the step at hand is taken as done: a grace after its end, its window's end, or its coming on stage, whichever is last.</summary>
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
        /// The step that will take the stage from the one at hand, and when. The end of the steep takes it from whatever stands
        /// there. One with a time of its own lets what came due before it be told first: the next in order takes the stage, so
        /// early that all between can be told in time, and no sooner than the one at hand has had its own.
        /// </summary>
        private (int Step, double AtS) Taker()
        {
            var (step, atS, betweenS) = Due();
            if (step <= index + 1 && (step == index || plan.Steps[step].Release))
            {
                return (step, atS);
            }

            // An act that nobody has answered is told for as long as it would take to be assumed.
            var toldS = begunS is null ? Math.Max(stageS, DueS(index)) + Here.GraceS : EndHereS;
            if (step == index + 1)
            {
                return (step, Math.Max(atS, toldS));
            }

            var soonestS = Here.Ends == StepEnding.Sight && Here.Length <= 0 ? atS : EndHereS + (Here.Ends == StepEnding.Sight ? Here.GraceS : ConductStep.LeastToldS);
            var nextS = stillS.ContainsKey(index) ? atS : Math.Max(soonestS, atS - betweenS);
            return plan.Steps[step].Release && atS <= nextS ? (step, atS) : (index + 1, nextS);
        }

        /// <summary>The step that is due next of those that take the stage by themselves, when, and how long what lies between has to be told, s.</summary>
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
            // What is not seen yet may come a little later than expected; how long it takes may not be known at all.
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
                betweenS += step.Ends == StepEnding.Clock ? 0 : Math.Max(step.Length, ConductStep.LeastToldS);
                graceS += step.Ends == StepEnding.Sight ? step.GraceS : 0;
                known &= step.Ends != StepEnding.Sight || step.Length > 0;
            }

            // A wait passes by itself to what follows it at once.
            return Here.Ends == StepEnding.Clock && best.AtS >= EndHereS ? (index, double.PositiveInfinity, 0) : best;
        }
    }
}
