namespace Cistern.Core.Recipes;

/// <summary>Checks rules across a recipe's members that need no forecast.</summary>
public static class RecipeChecker
{
    /// <summary>Checks a recipe whose members are each valid on their own.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="place">The recipe's path in the file; empty when it is the whole file.</param>
    public static IReadOnlyList<Finding> Check(Recipe recipe, string place = "")
    {
        var check = new Checking(recipe, place);
        check.Vessel();
        check.Ingredients();
        check.Steps();
        check.Clock();
        check.Release();
        check.Order();
        return check.Findings;
    }

    /// <summary>
    /// Indexes of steps that have no effect where they stand: a well in wet coffee or before there is coffee, a stir in an empty
    /// brewer.
    /// </summary>
    public static IEnumerable<int> Senseless(Recipe recipe)
    {
        var (wet, empty, coffee) = (false, false, false);
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            var step = recipe.Steps[i];
            if (((wet || !coffee) && Verb.TraitsOf(step).Needs == StepNeeds.DryCoffee) || (empty && step is Step.Stirring or Step.Skim))
            {
                yield return i;
            }

            coffee |= step is Step.AddCoffee;
            wet |= Verb.TraitsOf(step).BringsWater;
            empty = !Verb.TraitsOf(step).BringsWater && (empty || step is Step.Press or Step.Drain { UntilG: null } or Step.Decant { LeaveG: null });
        }
    }

    /// <summary>Checks a vessel by itself.</summary>
    public static IReadOnlyList<Finding> CheckVessel(Brewer brewer)
    {
        var check = new Checking(new Recipe("", "", brewer, new Coffee(1, 0, 0), new Grind(600, 0.4), new KettleWater(90), new Place(0, 20), ClockStart.FirstWater, []), "");
        check.Vessel();
        return check.Findings;
    }

    /// <summary>The index of the step that starts the clock, or −1 when there is none.</summary>
    public static int AnchorIndex(Recipe recipe)
    {
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            var starts = (recipe.ClockStarts, recipe.Steps[i]) switch
            {
                (ClockStart.FirstWater or ClockStart.WaterIn, Step.Pour or Step.SeatChamber) => true,
                (ClockStart.CoffeeIn, Step.AddCoffee) => true,
                (ClockStart.FirstStir, Step.Stirring) => true,
                (ClockStart.LidOn, Step.Lid { On: true }) => true,
                _ => false,
            };
            if (starts)
            {
                return i;
            }
        }

        return -1;
    }

    /// <summary>The shortest time the recipe can take, s, from the lengths and times of its steps; drawdowns are not counted.</summary>
    public static double LengthS(Recipe recipe) =>
        recipe.Steps.Aggregate(0.0, (lengthS, step) => Math.Max(lengthS, step.AtS ?? 0) + LengthS(step));

    private static double LengthS(Step step) => step switch
    {
        Step.Wait wait => wait.ForS,
        Step.WaitFor wait => wait.ExpectS,
        _ => step.OverS,
    };

    private sealed class Checking(Recipe recipe, string place)
    {
        public List<Finding> Findings { get; } = [];

        private BrewerFamily Family => recipe.Brewer.Family;

        private string FamilyWords => Words<BrewerFamily>.Of(Family).Replace('-', ' ');

        public void Vessel()
        {
            var brewer = recipe.Brewer;
            if (Family == BrewerFamily.Jar && brewer.Filter is { } filter && filter != Filter.None)
            {
                Add(FindingKinds.JarWithFilter, "brewer.filter", Words<Filter>.Of(filter));
            }

            if (Family != BrewerFamily.Jar && brewer.Filter == Filter.None)
            {
                Add(FindingKinds.FilterMissing, "brewer.filter", FamilyWords);
            }

            var dripper = Family is BrewerFamily.ValveDripper or BrewerFamily.LeverDripper;
            if (brewer.Cone is not null && !dripper)
            {
                Add(FindingKinds.ConeWithoutDripper, "brewer.cone", Words<Cone>.Of(brewer.Cone.Value));
            }

            if (brewer.OutletMm is { } outletMm && !dripper)
            {
                Add(FindingKinds.OutletWithoutDripper, "brewer.outletMm", outletMm);
            }

            if (brewer.Position is not null && Family != BrewerFamily.TubePress)
            {
                Add(FindingKinds.PositionWithoutTube, "brewer.position", Words<TubePosition>.Of(brewer.Position.Value));
            }
        }

        public void Ingredients()
        {
            var doses = 0;
            var pouredG = 0.0;
            for (var i = 0; i < recipe.Steps.Length; i++)
            {
                switch (recipe.Steps[i])
                {
                    case Step.AddCoffee when ++doses > 1:
                        Add(FindingKinds.CoffeeTwice, At(i));
                        break;
                    case Step.Pour pour when pour.ToG <= pouredG:
                        Add(FindingKinds.PourAddsNothing, $"{At(i)}.toG", pour.ToG, pouredG);
                        break;
                    case Step.Pour pour:
                        pouredG = pour.ToG;
                        break;
                    case Step.SeatChamber when pouredG > 0:
                        Add(FindingKinds.ChamberAfterWater, At(i));
                        break;
                    case Step.SeatChamber chamber when chamber.WaterG <= 12:
                        Add(FindingKinds.BulbTooEmpty, $"{At(i)}.waterG", chamber.WaterG);
                        break;
                    case Step.SeatChamber chamber:
                        pouredG = chamber.WaterG;
                        break;
                    default:
                        break;
                }
            }

            if (doses == 0)
            {
                Add(FindingKinds.NoCoffee, "steps");
            }

            if (pouredG <= 0)
            {
                Add(Family == BrewerFamily.Siphon ? FindingKinds.NoWaterInSiphon : FindingKinds.NoPour, "steps");
            }
        }

        public void Steps()
        {
            var anchor = AnchorIndex(recipe);
            var lastAtS = 0.0;
            var water = false;
            var coffee = false;
            var open = false;
            for (var i = 0; i < recipe.Steps.Length; i++)
            {
                var step = recipe.Steps[i];
                var verb = Verb.Of(step);
                if (!verb.Families.Contains(Family))
                {
                    Add(FindingKinds.VerbOfOtherBrewer, $"{At(i)}.do", FamilyWords, verb.Word, string.Join(", ", verb.Families.Select(family => Words<BrewerFamily>.Of(family).Replace('-', ' '))));
                    continue;
                }

                if (step.AtS is { } atS)
                {
                    if (anchor >= 0 && (i < anchor || (i == anchor && recipe.ClockStarts == ClockStart.WaterIn)))
                    {
                        Add(FindingKinds.TimeBeforeClock, $"{At(i)}.at", atS);
                    }
                    else if (i == anchor && atS != 0)
                    {
                        Add(FindingKinds.ClockStartsAtZero, $"{At(i)}.at", atS);
                    }
                    else if (atS < lastAtS)
                    {
                        Add(FindingKinds.StepsOutOfOrder, $"{At(i)}.at", atS, lastAtS);
                    }

                    lastAtS = Math.Max(lastAtS, atS);
                }

                if (verb.Traits.Needs == StepNeeds.WaterAndCoffee && !(water && coffee))
                {
                    Add(water ? FindingKinds.NoCoffeeYet : FindingKinds.NoWaterYet, At(i), verb.Word);
                }
                else if (verb.Traits.Needs == StepNeeds.Drink && !water)
                {
                    Add(FindingKinds.NoDrinkYet, At(i), verb.Word);
                }

                switch (step)
                {
                    case Step.AddCoffee:
                        coffee = true;
                        break;
                    case Step.Pour when open && !coffee:
                        Add(FindingKinds.WaterRunsThrough, At(i));
                        water = true;
                        break;
                    case Step.Pour or Step.SeatChamber:
                        water = true;
                        break;
                    case Step.SeatPlunger { ToMl: { } toMl } when toMl > recipe.Brewer.CapacityMl:
                        Add(FindingKinds.PlungerTooFar, $"{At(i)}.toMl", toMl, recipe.Brewer.CapacityMl);
                        break;
                    case Step.SeatPlunger { ToMl: not null } when Family != BrewerFamily.TubePress:
                        Add(FindingKinds.PlungerMarkWithoutTube, $"{At(i)}.toMl", FamilyWords);
                        break;
                    case Step.SeatPlunger { Under: true } when Family != BrewerFamily.FrenchPress:
                        Add(FindingKinds.PlungerUnderWithoutPress, $"{At(i)}.under", FamilyWords);
                        break;
                    case Step.OpenValve:
                        open = true;
                        break;
                    case Step.CloseValve:
                        open = false;
                        break;
                    case Step.Drain:
                        open = false;
                        break;
                    default:
                        break;
                }
            }

            if (LengthS(recipe) is > Member.MaxBrewS and var lengthS)
            {
                Add(FindingKinds.BrewTooLong, "steps", lengthS);
            }
        }

        public void Clock()
        {
            if (AnchorIndex(recipe) < 0)
            {
                Add(FindingKinds.ClockNeverStarts, "clockStarts", Words<ClockStart>.Of(recipe.ClockStarts));
            }
        }

        public void Release()
        {
            switch (Family)
            {
                case BrewerFamily.FrenchPress or BrewerFamily.Jar:
                    Need<Step.Decant>(FindingKinds.NeverPouredOff);
                    break;
                case BrewerFamily.TubePress:
                    Need<Step.Press>(FindingKinds.NeverPressed);
                    TurnedTube();
                    break;
                case BrewerFamily.Siphon:
                    Need<Step.SeatChamber>(FindingKinds.WaterNeverRises);
                    Need<Step.RemoveBurner>(FindingKinds.FlameNeverRemoved);
                    Need<Step.Drain>(FindingKinds.NeverComesDown);
                    Order<Step.SeatChamber, Step.AddCoffee>(FindingKinds.CoffeeBeforeWaterRose);
                    Order<Step.RemoveBurner, Step.Drain>(FindingKinds.DrainOverFlame);
                    break;
                default:
                    Need<Step.Drain>(FindingKinds.ValveNeverOpened);
                    break;
            }
        }

        /// <summary>A step in a pointless order is still simulated; a warning is added.</summary>
        public void Order()
        {
            foreach (var i in Senseless(recipe))
            {
                Add(Verb.TraitsOf(recipe.Steps[i]).Needs != StepNeeds.DryCoffee ? FindingKinds.BrewerEmptyByThen
                    : recipe.Steps.Take(i).Any(step => step is Step.AddCoffee) ? FindingKinds.CoffeeWetByThen
                    : FindingKinds.NoCoffeeInBrewerYet, At(i), Verb.Of(recipe.Steps[i]).Word);
            }
        }

        private void TurnedTube()
        {
            var flip = IndexOf<Step.Flip>();
            var press = IndexOf<Step.Press>();
            if (recipe.Brewer.Position == TubePosition.Turned && press >= 0 && (flip < 0 || flip > press))
            {
                Add(flip < 0 ? FindingKinds.NeverFlipped : FindingKinds.FlippedAfterPress, At(press));
            }

            if (recipe.Brewer.Position == TubePosition.Upright && flip >= 0)
            {
                Add(FindingKinds.UprightFlipped, At(flip));
            }
        }

        private void Need<T>(FindingKind missing)
            where T : Step
        {
            if (IndexOf<T>() < 0)
            {
                Add(missing, "steps");
            }
        }

        private void Order<TFirst, TThen>(FindingKind early)
            where TFirst : Step
            where TThen : Step
        {
            var first = IndexOf<TFirst>();
            var then = IndexOf<TThen>();
            if (first >= 0 && then >= 0 && then < first)
            {
                Add(early, At(then));
            }
        }

        private int IndexOf<T>()
            where T : Step
        {
            for (var i = 0; i < recipe.Steps.Length; i++)
            {
                if (recipe.Steps[i] is T)
                {
                    return i;
                }
            }

            return -1;
        }

        private static string At(int index) => string.Create(CultureInfo.InvariantCulture, $"steps[{index}]");

        private void Add(FindingKind kind, string member, params object[] arguments) => Findings.Add(kind.At(Finding.Path(place, member), arguments));
    }
}
