namespace Cistern.Core.Planning;

/// <summary>
/// A plan computed with a shelf and a model: its recipe, batch and forecast, and the result of any change. Immutable; a change gives
/// another plan.
/// </summary>
public sealed class PlanWork
{
    private readonly ForecastModel model;
    private Forecast? forecast;

    /// <summary>Works a plan out.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="gear">The shelf.</param>
    /// <param name="model">The model of its forecast.</param>
    public PlanWork(Plan plan, IGear gear, ForecastModel model)
    {
        this.model = model;
        Gear = gear;
        Bag = Of(plan.Picks.BagId, gear.Bag);
        Grinder = Of(plan.Picks.GrinderId, gear.Grinder);
        // The coffee's age is always today's.
        plan = Aged(plan.Settled ? plan : AsOnShelf(plan));
        (Plan, BatchReleased) = plan.Held is not null && plan.Batch is null ? WithBatchFitted(plan) : (plan, false);
        Recipe = Scaling.To(Plan.Base, Batch);
    }

    /// <summary>The plan, with what it uses of the shelf filled in.</summary>
    public Plan Plan { get; }

    /// <summary>The shelf.</summary>
    public IGear Gear { get; }

    /// <summary>The bag it uses, or null.</summary>
    public BagInUse? Bag { get; }

    /// <summary>The grinder it uses, or null.</summary>
    public GrinderScale? Grinder { get; }

    /// <summary>Coffee and water.</summary>
    public Batch Batch => Plan.Batch ?? Scaling.BatchOf(Plan.Base);

    /// <summary>The recipe in its batch, as it is brewed.</summary>
    public Recipe Recipe { get; }

    /// <summary>Its forecast.</summary>
    public Forecast Forecast => forecast ??= model.Run(Recipe, ForecastOptions.Full with { ServerMl = ServerMl });

    /// <summary>The drink, as the barista counts it, g.</summary>
    public double DrinkG => BatchSolver.DrinkG(Forecast, Plan.Counting);

    /// <summary>Whether the grind can be set.</summary>
    public bool CanGrind => Bag?.Ground is null && Grinder is not { Grinds: false };

    /// <summary>Whether the quantities held had become inconsistent when the plan was opened.</summary>
    public bool BatchReleased { get; }

    /// <summary>The value of a quantity, g or g/g.</summary>
    public double ValueOf(Quantity quantity) => ValueOf(quantity, Batch, () => DrinkG);

    /// <summary>The values a setting can have: on the steps of the grinder, the kettle or the clock.</summary>
    public Dial DialOf(Setting setting) => setting == Setting.MedianUm && Grinder is not null ? Grinder.Dial : Dial.Usual(Forecast, setting);

    /// <summary>The things on the shelf that changed since the plan used them.</summary>
    public IReadOnlyList<PlanPick> ChangedOnShelf
    {
        get
        {
            var now = AsOnShelf(Plan).Base;
            var moved = new List<PlanPick>();
            Note(PlanPick.Bag, Bag is not null && (now.Coffee.Roast != Plan.Base.Coffee.Roast || (Bag.Ground is not null && now.Grind.MedianUm != Plan.Base.Grind.MedianUm)));
            Note(PlanPick.Grinder, Grinder is not null && CanGrind && Math.Abs(now.Grind.MedianUm - Plan.Base.Grind.MedianUm) > 0.5);
            Note(PlanPick.Place, Plan.Picks.PlaceId is not null && now.Place != Plan.Base.Place);
            Note(PlanPick.Vessel, Plan.Picks.VesselId is not null && now.Brewer != Plan.Base.Brewer);
            return moved;

            void Note(PlanPick pick, bool has)
            {
                if (has)
                {
                    moved.Add(pick);
                }
            }
        }
    }

    /// <summary>Applies a change.</summary>
    /// <param name="change">The change.</param>
    /// <returns>The changed plan, or why the change was refused. Pure: the same change of the same plan always gives the same result.</returns>
    public PlanApplied Apply(PlanChange change) => change switch
    {
        _ when !IsFinite(change) => Refused(PlanRefusal.NoSuchThing),
        PlanChange.FromShelf from => FromShelf(from),
        PlanChange.Count count => Recharge(Plan with { Counting = count.Counting }),
        PlanChange.Hold hold => Hold(hold.Quantity, hold.Value),
        PlanChange.Heat heat => Recharge(Plan with { Base = Settings.WithTemperature(Plan.Base, heat.TemperatureC) }),
        PlanChange.GrindTo grind => Grind(grind.Setting),
        PlanChange.Release steepEnd => Release(steepEnd.AtS, steepEnd.Shorten),
        PlanChange.Mean mean => Meant(mean),
        PlanChange.MeanWord said => Meant(TargetWords.Of(said.Word, Forecast.Totals)),
        PlanChange.NoTarget => Recharge(Plan with { Base = Plan.Base with { Target = null } }),
        // What fits as it is is not made larger.
        PlanChange.Fit => Scaling.Fits(Recipe, Scaling.FullMl(Recipe), ServerMl, model) ? new PlanApplied(Plan) : Fill(Scaling.FullMl(Recipe)),
        PlanChange.Fill fill => Fill(Math.Min(fill.ToMl ?? double.PositiveInfinity, Scaling.FullMl(Recipe))),
        PlanChange.EndsAt ends => EndsAt(ends.Ratio),
        PlanChange.Size size => Size(size.CapacityMl),
        PlanChange.OwnBatch => new PlanApplied(Plan with { Locks = Locks.Written, Held = null, Batch = null }),
        PlanChange.WholeBag => Bag is null ? Refused(PlanRefusal.NoSuchThing) : Hold(Quantity.Dose, Math.Max(Member.Named("doseG").Min, Bag.LeftG)),
        PlanChange.AsOnShelf => Recharge(Aged(AsOnShelf(Plan))),
        PlanChange.Remove remove when Has(remove.Index) && Recipe.Steps.Length > 1 => Stepped(StepEditing.Remove(Forecast, remove.Index), null),
        PlanChange.Move move when Has(move.Index) && Has(move.Index + move.By) => Stepped(StepEditing.Move(Recipe, move.Index, move.By), move.Index + move.By),
        PlanChange.Add add => Add(add.After, add.Verb),
        PlanChange.Put put => Put(put),
        PlanChange.Begin begin when Has(begin.Index) => Stepped(StepEditing.Start(Forecast, begin.Index, begin.AtS), begin.Index),
        PlanChange.End end when Has(end.Index) => Stepped(StepEditing.End(Forecast, end.Index, end.AtS), end.Index),
        PlanChange.Edit edit when Has(edit.Index) => Edit(edit),
        PlanChange.StartClock clock => StepEditing.Clock(Forecast, clock.Start) is { } told ? Stepped(told, null) : Refused(PlanRefusal.NoSuchMoment),
        PlanChange.Ask ask => Ask(ask),
        PlanChange.AskBoth both => AskBoth(both),
        PlanChange.Set set => Set(set.Setting, set.Value),
        PlanChange.DilutedTo down => DilutedTo(down.TdsPercent),
        PlanChange.Remove or PlanChange.Move or PlanChange.Begin or PlanChange.End or PlanChange.Edit => Refused(PlanRefusal.NoSuchThing),
        _ => throw new ArgumentOutOfRangeException(nameof(change), change, "No such change."),
    };

    /// <summary>A value that is not a finite number is ignored.</summary>
    private static bool IsFinite(PlanChange change) => double.IsFinite(change switch
    {
        PlanChange.Hold hold => hold.Value,
        PlanChange.EndsAt ends => ends.Ratio,
        PlanChange.Size size => size.CapacityMl,
        PlanChange.Heat heat => heat.TemperatureC,
        PlanChange.GrindTo grind => grind.Setting,
        PlanChange.Release steepEnd => steepEnd.AtS,
        PlanChange.Begin begin => begin.AtS,
        PlanChange.End end => end.AtS,
        PlanChange.Ask ask => ask.Wanted,
        PlanChange.AskBoth both => both.TdsPercent + both.FlavourBalance,
        PlanChange.Set set => set.Value,
        PlanChange.DilutedTo down => down.TdsPercent,
        PlanChange.Mean { Span: { } span } => span.Low + span.High,
        PlanChange.Fill { ToMl: { } toMl } => toMl,
        PlanChange.Put { AtS: { } atS } => atS,
        _ => 0,
    });

    private static T? Of<T>(int? id, Func<int, T?> find)
        where T : class => id is { } number ? find(number) : null;

    private static double? Of(int? id, Func<int, double?> find) => id is { } number ? find(number) : null;

    /// <summary>A quantity of a batch. The drink needs a forecast, so it is computed only when asked for.</summary>
    private static double ValueOf(Quantity quantity, Batch batch, Func<double> drinkG) => quantity switch
    {
        Quantity.Dose => batch.DoseG,
        Quantity.Water => batch.WaterG,
        Quantity.Ratio => batch.Ratio,
        Quantity.Drink => drinkG(),
    };

    private double? ServerMl => Of(Plan.Picks.ServerId, Gear.ServerMl);

    private PlanApplied Refused(PlanRefusal why) => new(Plan) { Refusal = why };

    private bool Has(int index) => index >= 0 && index < Recipe.Steps.Length;

    private Plan Aged(Plan plan) => Bag is null ? plan : plan with { Base = plan.Base with { Coffee = plan.Base.Coffee with { RestDays = Bag.RestDays } } };

    /// <summary>The plan with everything it uses of the shelf updated.</summary>
    private Plan AsOnShelf(Plan plan)
    {
        var recipe = plan.Base with
        {
            Coffee = OfBag(plan, Bag),
            Place = Placed(plan),
            Brewer = Owned(plan),
        };
        return Ground(plan with { Base = recipe, Settled = true }, Bag, Grinder);
    }

    /// <summary>The coffee of a bag; the recipe's own where none is chosen.</summary>
    private static Coffee OfBag(Plan plan, BagInUse? bag) =>
        plan.Base.Coffee with { Roast = bag?.Roast ?? plan.Origin.Coffee.Roast, RestDays = bag?.RestDays ?? plan.Origin.Coffee.RestDays };

    /// <summary>The chosen place; the recipe's own where none is chosen.</summary>
    private Place Placed(Plan plan) => (Of(plan.Picks.PlaceId, Gear.Place) ?? plan.Origin.Place) with { Extra = plan.Base.Place.Extra };

    /// <summary>
    /// The brewer with the properties of the chosen vessel; the recipe's own where no vessel of its family is chosen. A paper that the
    /// vessel does not require, and a cloth, are kept from the recipe.
    /// </summary>
    private Brewer Owned(Plan plan) => Of(plan.Picks.VesselId, Gear.Vessel) is { } owned && owned.Family == plan.Origin.Brewer.Family
        ? plan.Base.Brewer with { CapacityMl = owned.CapacityMl, Material = owned.Material, Cone = owned.Cone, OutletMm = owned.OutletMm, Filter = owned.Filter ?? plan.Origin.Brewer.Filter, Wrapped = owned.Wrapped || plan.Origin.Brewer.Wrapped }
        : plan.Origin.Brewer;

    /// <summary>The plan with the grind of its bag or grinder. A grinder just chosen starts at the setting nearest to what the recipe asks for.</summary>
    private static Plan Ground(Plan plan, BagInUse? bag, GrinderScale? grinder)
    {
        var grind = plan.Base.Grind;
        if (bag?.Ground is { } ground)
        {
            return plan with { Base = plan.Base with { Grind = ground with { Extra = grind.Extra } } };
        }

        if (grinder is not { Grinds: true })
        {
            return plan;
        }

        var picks = plan.Picks.GrinderSetting is null ? plan.Picks with { GrinderSetting = grinder.SettingFor(grind.MedianUm), AskedUm = grind.MedianUm } : plan.Picks;
        return plan with { Picks = picks, Base = plan.Base with { Grind = grinder.At(picks.GrinderSetting!.Value) with { Extra = grind.Extra } } };
    }

    /// <summary>The batch that follows from what is held. Where that has become inconsistent, the recipe's own is restored.</summary>
    private (Plan Plan, bool LetGo) WithBatchFitted(Plan plan)
    {
        if (plan.Held is not { } held)
        {
            return (plan with { Batch = null }, false);
        }

        return BatchSolver.Solve(plan.Base, new BatchWish(plan.Locks, held.Last, held.Before, plan.Counting), model) is { } batch
            ? (plan with { Batch = batch }, false)
            : (plan with { Batch = null, Held = null, Locks = Locks.Written }, true);
    }

    private PlanApplied Recharge(Plan plan)
    {
        var (recharged, letGo) = WithBatchFitted(plan);
        return new PlanApplied(recharged) { BatchReleased = letGo };
    }

    private PlanApplied FromShelf(PlanChange.FromShelf choice)
    {
        if (choice.Id is { } id && !Gear.Has(choice.Pick, id))
        {
            return Refused(PlanRefusal.NoSuchThing);
        }

        var picked = Plan with { Picks = Plan.Picks.With(choice.Pick, choice.Id) };
        var recipe = picked.Base;
        switch (choice.Pick)
        {
            case PlanPick.Bag:
                var bag = Of(choice.Id, Gear.Bag);
                recipe = recipe with { Coffee = OfBag(picked, bag) };
                // Without a bag bought ground, the recipe's own grind applies again.
                recipe = Bag?.Ground is not null ? recipe with { Grind = Plan.Origin.Grind } : recipe;
                picked = Ground(picked with { Base = recipe }, bag, Grinder);
                break;
            case PlanPick.Grinder:
                recipe = choice.Id is null && Bag?.Ground is null && Grinder is not null ? recipe with { Grind = Plan.Origin.Grind } : recipe;
                picked = Ground(picked with { Base = recipe }, Bag, Of(choice.Id, Gear.Grinder));
                break;
            case PlanPick.Place:
                picked = picked with { Base = AtTheBoil(recipe, recipe with { Place = Placed(picked) }) };
                break;
            case PlanPick.Vessel:
                picked = picked with { Base = recipe with { Brewer = Owned(picked) } };
                break;
            case PlanPick.Server or PlanPick.Kettle or PlanPick.Spoon:
                return new PlanApplied(picked);
            default:
                throw new ArgumentOutOfRangeException(nameof(choice));
        }

        return Recharge(picked);
    }

    /// <summary>Boiling water stays boiling at any altitude; other temperatures are kept.</summary>
    private static Recipe AtTheBoil(Recipe was, Recipe moved)
    {
        const double Near = 0.3;
        var (boiledC, boilsC) = (WaterPhysics.BoilingPointC(was.Place.AltitudeM), WaterPhysics.BoilingPointC(moved.Place.AltitudeM));
        return was.Brewer.Family != BrewerFamily.Siphon && Math.Abs(was.Water.TemperatureC - Math.Min(100, boiledC)) < Near ? moved with { Water = moved.Water with { TemperatureC = Math.Min(100, Math.Round(boilsC, 1)) } } : moved;
    }

    private PlanApplied EndsAt(double ratio)
    {
        // Ice melts more with more water, so the water has to be searched for.
        double RatioOf(double waterG)
        {
            var batch = new Batch(Batch.DoseG, waterG);
            return model.Figures(Scaling.To(Recipe, batch)).Totals.RatioAsDrunk(batch);
        }

        var (low, high) = (2 * Batch.DoseG, ratio * Batch.DoseG);
        if (!(high > low) || RatioOf(low) > ratio || RatioOf(high) < ratio - 0.01)
        {
            return Refused(PlanRefusal.NoBatch);
        }

        for (var i = 0; i < 20; i++)
        {
            var middle = 0.5 * (low + high);
            (low, high) = RatioOf(middle) > ratio ? (low, middle) : (middle, high);
        }

        return Poured(new Batch(Batch.DoseG, Math.Round(high)));
    }

    private PlanApplied Hold(Quantity quantity, double value)
    {
        var locks = Plan.Locks.Edited(quantity);
        // A quantity edited before keeps its exact value, not the rounded one that is shown.
        var stood = Plan.Held ?? new HeldValues(Batch.Ratio, Batch.DoseG);
        var held = new HeldValues(value, locks.Before == Plan.Locks.Last ? stood.Last : stood.Before);
        return BatchSolver.Solve(Plan.Base, new BatchWish(locks, held.Last, held.Before, Plan.Counting), model) is { } batch
            ? new PlanApplied(Plan with { Locks = locks, Held = held, Batch = batch })
            : Refused(PlanRefusal.NoBatch);
    }

    /// <summary>Fills the vessel to a level. Dose and ratio are held from now on.</summary>
    private PlanApplied Fill(double levelMl)
    {
        if (Scaling.ToFill(Recipe, levelMl, ServerMl, model) is not { } batch || batch.DoseG < Member.Named("doseG").Min || batch.WaterG <= 0)
        {
            return Refused(PlanRefusal.NoBatch);
        }

        return Poured(batch);
    }

    /// <summary>Uses a batch that was found, and holds its dose and ratio.</summary>
    private PlanApplied Poured(Batch batch) =>
        new(Plan with { Locks = new Locks(Quantity.Dose, Quantity.Ratio), Held = new HeldValues(batch.DoseG, batch.Ratio), Batch = batch });

    private PlanApplied Size(double capacityMl)
    {
        var member = Member.Named("capacityMl");
        if (capacityMl < member.Min || capacityMl > member.Max)
        {
            return Refused(PlanRefusal.NoSuchThing);
        }

        var written = Plan.Origin;
        var share = model.Figures(written).Totals.PeakVolumeMl / written.Brewer.CapacityMl;
        var sized = new PlanWork(Plan with { Picks = Plan.Picks.With(PlanPick.Vessel, null), Base = Plan.Base with { Brewer = written.Brewer with { CapacityMl = capacityMl } } }, Gear, model);
        var filled = sized.Fill(Math.Min(share * capacityMl, Scaling.FullMl(sized.Recipe)));
        return filled.Refusal is null ? filled : Refused(PlanRefusal.NoBatch);
    }

    private PlanApplied Grind(double setting)
    {
        if (!CanGrind)
        {
            return Refused(PlanRefusal.CannotGrind);
        }

        var grind = Plan.Base.Grind;
        return Recharge(Grinder is null
            ? Plan with { Base = Plan.Base with { Grind = grind with { MedianUm = setting } } }
            : Plan with { Picks = Plan.Picks with { GrinderSetting = setting }, Base = Plan.Base with { Grind = Grinder.At(setting) with { Extra = grind.Extra } } });
    }

    private PlanApplied Meant(PlanChange.Mean mean)
    {
        var target = Plan.Base.Target ?? new Target();
        if (mean.Span is { } span && (span.Low > span.High || span.Low < Member.Named(mean.Member).Min || span.High > Member.Named(mean.Member).Max))
        {
            return Refused(PlanRefusal.NoSuchThing);
        }

        var changed = mean.Member switch
        {
            "tdsPercent" => target with { TdsPercent = mean.Span },
            "tilt" => target with { FlavourBalance = mean.Span },
            "extractionYieldPercent" => target with { ExtractionYieldPercent = mean.Span },
            "finishS" => target with { FinishS = mean.Span },
            _ => throw new ArgumentOutOfRangeException(nameof(mean), mean.Member, "No such figure."),
        };
        return Recharge(Plan with { Base = Plan.Base with { Target = changed } });
    }

    private PlanApplied Release(double atS, bool shorten)
    {
        var stands = model.Figures(Plan.Base);
        if (Settings.Get(stands, Setting.SteepEndS) is null)
        {
            return Refused(PlanRefusal.NoSuchThing);
        }

        const double Near = 0.6; // a clock shows whole seconds
        var moved = stands.Again(Settings.With(stands, Setting.SteepEndS, atS));
        var reachedS = Settings.Get(moved, Setting.SteepEndS)!.Value;
        if (Math.Abs(reachedS - atS) < Near)
        {
            // The barista asked for another time, so the window moves along; advice stays within the window instead.
            var steps = moved.Recipe.Steps.Select((step, i) => step is Step.Wait wait && Plan.Base.Steps[i] is Step.Wait was ? Settings.Longer(was, wait.ForS - was.ForS) : step);
            return Recharge(Plan with { Base = moved.Recipe with { Steps = [.. steps] } });
        }

        var shorter = Settings.Shortened(stands, atS);
        return shorten && shorter is { } done ? Recharge(Plan with { Base = done.Recipe }) with { Step = done.Index }
            : Refused(PlanRefusal.ReleaseTooEarly) with { Value = reachedS, Step = shorter?.Index, LengthS = shorter?.LengthS };
    }

    /// <summary>Applies a change of the steps in the batch shown; what is held takes the value it has after the change.</summary>
    private PlanApplied Stepped(Recipe changed, int? step, Setting? setting = null)
    {
        var file = RecipeReader.ReadDraft(RecipeWriter.Write(changed));
        if (file.Recipes.Length == 0)
        {
            return Refused(PlanRefusal.Unreadable) with { Findings = file.Findings, Step = step };
        }

        var batch = Scaling.BatchOf(changed);
        double Value(Quantity quantity) => ValueOf(quantity, batch, () => BatchSolver.DrinkG(model.Figures(changed), Plan.Counting));
        return new PlanApplied(Plan with
        {
            Base = changed,
            Batch = null,
            Picks = Grinder is not null && setting == Setting.MedianUm ? Plan.Picks with { GrinderSetting = Grinder.SettingFor(changed.Grind.MedianUm) } : Plan.Picks,
            Held = Plan.Held is null ? null : new HeldValues(Value(Plan.Locks.Last), Value(Plan.Locks.Before)),
        })
        {
            Step = step,
        };
    }

    private PlanApplied Add(int after, Verb verb)
    {
        if (!Has(after) || !verb.Families.Contains(Recipe.Brewer.Family))
        {
            return Refused(PlanRefusal.NoSuchThing);
        }

        return PutIn(StepEditing.Add(Recipe, after, verb), after + 1);
    }

    private PlanApplied Put(PlanChange.Put put)
    {
        if (Gesture.Find(put.What) is { } gesture)
        {
            return gesture.Put(Forecast, put.AtS) is { } made ? PutIn(made.Recipe, made.Index) : Refused(PlanRefusal.NoPlace);
        }

        if (Verb.Find(put.What) is not { } verb || !verb.Families.Contains(Recipe.Brewer.Family))
        {
            return Refused(PlanRefusal.NoSuchThing);
        }

        if (put.AtS is not { } atS)
        {
            return StepEditing.UsualPlace(Recipe, verb) is { } after ? PutIn(StepEditing.Add(Recipe, after, verb), after + 1) : Refused(PlanRefusal.NoTime);
        }

        var step = StepEditing.Usual(Recipe, StepEditing.LastBegunBy(Forecast, atS), verb);
        if (verb.Traits.Needs == StepNeeds.DryCoffee && Recipe.Steps.FirstOrDefault(one => one is Step.AddCoffee || Verb.TraitsOf(one).BringsWater) is not Step.AddCoffee)
        {
            return Refused(PlanRefusal.NoPlace);
        }

        var (recipe, index) = StepEditing.Put(Forecast, [step], atS);
        if (RecipeChecker.Senseless(recipe).Contains(index) && Settings.SteepEndIndex(Recipe) is >= 0 and var end)
        {
            // Steps that only have an effect before the first water, or before the plunger is in or the steep ends.
            var closed = Recipe.Steps.Take(end).TakeWhile(one => one is not Step.SeatPlunger).Count();
            var latestS = step is Step.Stirring or Step.Skim ? Math.Floor(Forecast.Timings[closed].StartS - step.OverS) : -1;
            return Refused(PlanRefusal.NothingLeft) with { Value = latestS, Step = end };
        }

        return PutIn(recipe, index);
    }

    private PlanApplied PutIn(Recipe recipe, int index) => recipe.Steps.Length > RecipeReader.MaxSteps ? Refused(PlanRefusal.TooManySteps) : Stepped(recipe, index);

    private PlanApplied Edit(PlanChange.Edit edit)
    {
        var edited = StepEditing.Change(Recipe, edit.Index, edit.Members);
        // A mistyped time must not move steps that were not touched.
        if (edited.Recipe is { } moved && Enumerable.Range(edit.Index + 1, Recipe.Steps.Length - edit.Index - 1).FirstOrDefault(later => moved.Steps[later].AtS > Recipe.Steps[later].AtS) is > 0 and var pushed)
        {
            return Refused(PlanRefusal.PushesOthers) with { Step = pushed, Value = Recipe.Steps[pushed].AtS };
        }

        // The step that follows keeps its time as well, since only this one was meant.
        var next = edit.Index + 1;
        if (edited.Recipe is { } early && edit.Members.ContainsKey("at") && Has(next) && Recipe.Steps[next].AtS is null && edit.Index > RecipeChecker.AnchorIndex(Recipe))
        {
            return StepEditing.Held(Forecast, early, next) is { } held ? Stepped(held, edit.Index) : Refused(PlanRefusal.PushesOthers) with { Step = next, Value = Forecast.Timings[next].StartS };
        }

        return edited.Recipe is { } changed ? Stepped(changed, edit.Index) : Refused(PlanRefusal.StepRefused) with { Findings = edited.Findings, Step = edit.Index };
    }

    private PlanApplied Ask(PlanChange.Ask ask)
    {
        if (Settings.Get(Forecast, ask.Setting) is null || Forecast.Totals.Of(ask.Outcome) is null)
        {
            return Refused(PlanRefusal.NoSuchThing);
        }

        if (ask.Setting == Setting.MedianUm && !CanGrind)
        {
            return Refused(PlanRefusal.CannotGrind);
        }

        return Solved(Solving.For(Forecast, DialOf(ask.Setting), ask.Outcome, ask.Wanted), ask.Setting);
    }

    private PlanApplied AskBoth(PlanChange.AskBoth both)
    {
        if (both.By is not (Setting.MedianUm or Setting.TemperatureC or Setting.SteepEndS) || Settings.Get(Forecast, both.By) is null || (both.By == Setting.MedianUm && !CanGrind))
        {
            return Refused(PlanRefusal.NoSuchThing);
        }

        return Solved(Solving.ForBoth(Forecast, DialOf(both.By), DialOf(Setting.DoseG), both.TdsPercent, both.FlavourBalance), both.By);
    }

    /// <summary>A solution that does not reach the wanted value changes nothing.</summary>
    private PlanApplied Solved(Solution solution, Setting setting) => solution.Reached
        ? Stepped(solution.Forecast.Recipe, null, setting) with { Solution = solution }
        : Refused(PlanRefusal.NotReached) with { Solution = solution };

    private PlanApplied Set(Setting setting, double value)
    {
        if (Settings.Get(Forecast, setting) is null || (setting == Setting.MedianUm && !CanGrind))
        {
            return Refused(PlanRefusal.NoSuchThing);
        }

        var dial = DialOf(setting);
        value = Math.Clamp(value, dial.Range.Low, dial.Range.High);
        var (below, above) = (dial.Snap(value, up: false), dial.Snap(value, up: true));
        value = Math.Abs(above - value) <= Math.Abs(below - value) ? above : below;
        return Stepped(Settings.With(Forecast, setting, value), null, setting) with { Value = value };
    }

    private PlanApplied DilutedTo(double tdsPercent)
    {
        var totals = Forecast.Totals;
        var waterG = Math.Round(Dilution.WaterG(totals.BeverageG, totals.TdsPercent, tdsPercent), MidpointRounding.AwayFromZero);
        var steps = Recipe.Steps.RemoveAll(step => step is Step.Dilute);
        if (waterG < 1)
        {
            return steps.Length == Recipe.Steps.Length ? Refused(PlanRefusal.NothingToDilute) : Stepped(Recipe with { Steps = steps }, null) with { Value = 0 };
        }

        // Ice melts into the diluted drink, so the water is added before the ice.
        var at = steps.Select((step, i) => (step, i)).LastOrDefault(one => one.step is Step.Press or Step.Drain or Step.Decant or Step.StopDrip).i + 1;
        return Stepped(Recipe with { Steps = steps.Insert(at, new Step.Dilute(waterG)) }, null) with { Value = waterG };
    }
}
