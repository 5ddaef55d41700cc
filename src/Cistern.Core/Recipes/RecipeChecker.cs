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
                Error("brewer.filter", "An open jar has no filter.", Words<Filter>.Of(filter), "Leave the filter out, or choose a brewer that has one.");
            }

            if (Family != BrewerFamily.Jar && brewer.Filter == Filter.None)
            {
                Error("brewer.filter", $"A {FamilyWords} needs a filter.", "none", "Name its filter, or leave it out for the usual one.");
            }

            var dripper = Family is BrewerFamily.ValveDripper or BrewerFamily.LeverDripper;
            if (brewer.Cone is not null && !dripper)
            {
                Warning("brewer.cone", "Only drippers have a cone.", Words<Cone>.Of(brewer.Cone.Value), "Leave it out.");
            }

            if (brewer.OutletMm is { } outletMm && !dripper)
            {
                Warning("brewer.outletMm", "Only drippers have an outlet below the cone.", string.Create(CultureInfo.InvariantCulture, $"{outletMm:0.#} mm"), "Leave it out.");
            }

            if (brewer.Position is not null && Family != BrewerFamily.TubePress)
            {
                Warning("brewer.position", "Only a tube press stands upright or turned.", Words<TubePosition>.Of(brewer.Position.Value), "Leave it out.");
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
                        Error(At(i), "The coffee is added once.", "a second add-coffee", "Remove one of them.");
                        break;
                    case Step.Pour pour when pour.ToG <= pouredG:
                        Error($"{At(i)}.toG", "toG is the water in the brewer so far, so each pour says more than the one before.",
                            Grams(pour.ToG), $"More than {Grams(pouredG)}.");
                        break;
                    case Step.Pour pour:
                        pouredG = pour.ToG;
                        break;
                    case Step.SeatChamber when pouredG > 0:
                        Error(At(i), "The chamber is seated once, before any pour.", "water already in", "Remove the earlier water.");
                        break;
                    case Step.SeatChamber chamber when chamber.WaterG <= 12:
                        Error($"{At(i)}.waterG", "12 g of water stay in the bulb.", Grams(chamber.WaterG), "Fill the bulb with more.");
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
                Error("steps", "The coffee must be added.", "no add-coffee", "Add it where it goes in.");
            }

            if (pouredG <= 0)
            {
                Error("steps", "Water must be added.", Family == BrewerFamily.Siphon ? "no seat-chamber" : "no pour", "Add a pour.");
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
                    Error($"{At(i)}.do", $"A {FamilyWords} cannot do that.", verb.Word,
                        $"It belongs to {string.Join(", ", verb.Families.Select(family => Words<BrewerFamily>.Of(family).Replace('-', ' ')))}.");
                    continue;
                }

                if (step.AtS is { } atS)
                {
                    if (anchor >= 0 && (i < anchor || (i == anchor && recipe.ClockStarts == ClockStart.WaterIn)))
                    {
                        Error($"{At(i)}.at", "A step before the clock starts has no at.", Seconds(atS), "Leave at out; it is done before 0:00.");
                    }
                    else if (i == anchor && atS != 0)
                    {
                        Error($"{At(i)}.at", "This step starts the clock, so its time is 0.", Seconds(atS), "Write 0, or leave at out.");
                    }
                    else if (atS < lastAtS)
                    {
                        Error($"{At(i)}.at", "Steps are in the order of their times.", Seconds(atS), $"Not before {Seconds(lastAtS)}, or move the step up.");
                    }

                    lastAtS = Math.Max(lastAtS, atS);
                }

                if (verb.Traits.Needs == StepNeeds.WaterAndCoffee && !(water && coffee))
                {
                    Error(At(i), $"There is nothing to {verb.Word} yet.", water ? "no coffee in the brewer" : "no water in the brewer", "Move it below the coffee and the water.");
                }
                else if (verb.Traits.Needs == StepNeeds.Drink && !water)
                {
                    Warning(At(i), "Nothing is in the cup yet.", verb.Word, "Move it to the end.");
                }

                switch (step)
                {
                    case Step.AddCoffee:
                        coffee = true;
                        break;
                    case Step.Pour when open && !coffee:
                        Warning(At(i), "The valve is open and there is no coffee yet: the water runs straight through.", "an open valve", "Close the valve before this pour.");
                        water = true;
                        break;
                    case Step.Pour or Step.SeatChamber:
                        water = true;
                        break;
                    case Step.SeatPlunger { ToMl: { } toMl } when toMl > recipe.Brewer.CapacityMl:
                        Error($"{At(i)}.toMl", "A plunger cannot be drawn further than the brewer's capacity.", Millilitres(toMl), $"At most {Millilitres(recipe.Brewer.CapacityMl)}.");
                        break;
                    case Step.SeatPlunger { ToMl: not null } when Family != BrewerFamily.TubePress:
                        Warning($"{At(i)}.toMl", "Only a tube's plunger is drawn to a mark.", FamilyWords, "Leave it out.");
                        break;
                    case Step.SeatPlunger { Under: true } when Family != BrewerFamily.FrenchPress:
                        Warning($"{At(i)}.under", "Only a French press's plunger is held under the surface.", FamilyWords, "Leave it out.");
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
                Error("steps", "A brew lasts at most 48 hours.", Seconds(lengthS), "Shorten a step.");
            }
        }

        public void Clock()
        {
            if (AnchorIndex(recipe) < 0)
            {
                Error("clockStarts", "The moment that starts the clock must occur.", Words<ClockStart>.Of(recipe.ClockStarts), "Add the step that starts it, or start the clock at another moment.");
            }
        }

        public void Release()
        {
            switch (Family)
            {
                case BrewerFamily.FrenchPress or BrewerFamily.Jar:
                    Need<Step.Decant>("Nothing is poured off: the drink never leaves the grounds.", "Add a decant.");
                    break;
                case BrewerFamily.TubePress:
                    Need<Step.Press>("Nothing is pressed: the drink never leaves the tube.", "Add a press.");
                    TurnedTube();
                    break;
                case BrewerFamily.Siphon:
                    Need<Step.SeatChamber>("The water never rises.", "Add seat-chamber with its water.");
                    Need<Step.RemoveBurner>("The flame is never taken away: the coffee stays up.", "Add remove-burner.");
                    Need<Step.Drain>("The coffee never comes down.", "Add a drain.");
                    Order<Step.SeatChamber, Step.AddCoffee>("The coffee goes in when the water has risen.", "Move add-coffee below seat-chamber.");
                    Order<Step.RemoveBurner, Step.Drain>("The bulb pulls only after the flame is removed.", "Move remove-burner above the drain.");
                    break;
                default:
                    Need<Step.Drain>("The valve is never opened to let it out.", "Add a drain.");
                    break;
            }
        }

        /// <summary>A step in a pointless order is still simulated; a warning is added.</summary>
        public void Order()
        {
            foreach (var i in Senseless(recipe))
            {
                var (rule, move) = Verb.TraitsOf(recipe.Steps[i]).Needs != StepNeeds.DryCoffee ? ("The brewer is empty by then.", "before the end of the steep")
                    : recipe.Steps.Take(i).Any(step => step is Step.AddCoffee) ? ("The coffee is wet by then.", "before the first water")
                    : ("There is no coffee in the brewer yet.", "below the coffee");
                Warning(At(i), rule, Verb.Of(recipe.Steps[i]).Word, $"Move it {move}, or remove it.");
            }
        }

        private static string Grams(double value) => string.Create(CultureInfo.InvariantCulture, $"{value:0.#} g");

        private static string Millilitres(double value) => string.Create(CultureInfo.InvariantCulture, $"{value:0.#} ml");

        private static string Seconds(double value) => string.Create(CultureInfo.InvariantCulture, $"{value:0.#} s");

        private void TurnedTube()
        {
            var flip = IndexOf<Step.Flip>();
            var press = IndexOf<Step.Press>();
            if (recipe.Brewer.Position == TubePosition.Turned && press >= 0 && (flip < 0 || flip > press))
            {
                Error(At(press), "A turned tube is flipped on to the server before it is pressed.", flip < 0 ? "no flip" : "the flip after it", "Put a flip before the press.");
            }

            if (recipe.Brewer.Position == TubePosition.Upright && flip >= 0)
            {
                Error(At(flip), "An upright tube is not flipped.", "flip", "Remove it, or set the position to turned.");
            }
        }

        private void Need<T>(string rule, string remedy)
            where T : Step
        {
            if (IndexOf<T>() < 0)
            {
                Error("steps", rule, "no such step", remedy);
            }
        }

        private void Order<TFirst, TThen>(string rule, string remedy)
            where TFirst : Step
            where TThen : Step
        {
            var first = IndexOf<TFirst>();
            var then = IndexOf<TThen>();
            if (first >= 0 && then >= 0 && then < first)
            {
                Error(At(then), rule, "it comes before", remedy);
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

        private string Full(string member) => place.Length == 0 ? member : $"{place}.{member}";

        private void Error(string member, string rule, string found, string remedy) => Findings.Add(Finding.Error(Full(member), rule, found, remedy));

        private void Warning(string member, string rule, string found, string remedy) => Findings.Add(Finding.Warning(Full(member), rule, found, remedy));
    }
}
