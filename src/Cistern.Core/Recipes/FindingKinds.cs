using System.Runtime.CompilerServices;
using System.Text.Json;

namespace Cistern.Core.Recipes;

/// <summary>
/// Every kind of finding, and its sentences: what a file, a forecast or an interface refuses or warns of. Each is: the rule, what was
/// found, the remedy. The name of a field, in small letters with hyphens, is the code that programs read.
/// </summary>
public static class FindingKinds
{
    // Files of any format: {0} what it is.
    public static readonly FindingKind FileTooLarge = Error("{0} is at most {1} MB.", "{2:0.0} MB", "Split it into several files.");
    public static readonly FindingKind NotJson = Error("The file must be JSON, no more than 32 levels deep.", "an error on line {0}, column {1}", "Correct it there, or export it again.");
    public static readonly FindingKind NotUtf8 = Error("The file must be UTF-8 text.", "bytes that are not", "Save it as UTF-8.");
    public static readonly FindingKind WrongFormat = Error("format must be \"{0}\".", "{1}", "Check that this is a {2}.");
    public static readonly FindingKind WrongVersion = Error("This Cistern reads version 1 of the {0}.", "{1}", "Export it as version 1, or update Cistern.");

    // Members: {0} the name of the member, at the end the value found.
    public static readonly FindingKind NumberExpected = Error("{0} must be a number from {1} to {2}{3}.", "{4}", "Change it, or leave it out if it is optional.");
    public static readonly FindingKind WholeNumberExpected = Error("{0} must be a whole number from {1} to {2}.", "{3}", "Change it, or leave it out if it is optional.");
    public static readonly FindingKind FlagExpected = Error("{0} must be true or false.", "{1}", "Change it, or leave it out if it is optional.");
    public static readonly FindingKind WordExpected = Error("{0} must be one of {1}.", "{2}", "Change it, or leave it out if it is optional.");
    public static readonly FindingKind TextExpected = Error("{0} must be text of at most {1} characters.", "{2}", "Change it, or leave it out if it is optional.");
    public static readonly FindingKind RangeExpected = Error("{0} must be two numbers [low, high] from {1} to {2}{3}, low first.", "{4}", "Change it, or leave it out if it is optional.");
    public static readonly FindingKind MemberMissing = Error("{0} is required.", "nothing", "Add {0}.");
    public static readonly FindingKind RecipeMissing = Error("{0} is required.", "nothing", "Add the whole recipe.");
    public static readonly FindingKind TimeMissing = Error("{0} is required.", "nothing", "Write it like 2026-05-04T08:15:00+02:00.");
    public static readonly FindingKind ObjectExpected = Error("{0} must be an object.", "{1}", "Put its members in braces.");
    public static readonly FindingKind ListExpected = Error("{0} must be a list of at most {1}.", "{2}", "Put it in brackets, or split it.");
    public static readonly FindingKind NotPlainText = Error("{0} must be plain text.", "{1}", "{2}");
    public static readonly FindingKind EmptyText = Error("{0} must not be empty.", "empty text", "Give it a few letters.");
    public static readonly FindingKind BrokenUnicode = Error("Text must be valid Unicode.", "half of a surrogate pair", "Write it again, or leave it out.");
    public static readonly FindingKind TimeExpected = Error("{0} is a time with its UTC offset.", "{1}", "Write it like 2026-05-04T08:15:00+02:00.");
    public static readonly FindingKind DayExpected = Error("{0} is a day.", "{1}", "Write it like 2026-05-04.");
    public static readonly FindingKind UuidExpected = Error("id is a UUID.", "{0}", "Write it like 3f0c7a52-8f31-4f37-9d0e-5a1d2f6b7c88.");

    // The recipe file.
    public static readonly FindingKind RecipesExpected = Error("A recipe file holds one recipe object, or an array of them.", "{0}", "Put the recipe in braces.");
    public static readonly FindingKind RecipeExpected = Error("A recipe is an object.", "{0}", "Put its members in braces.");
    public static readonly FindingKind NoRecipes = Error("A recipe file holds 1 to {0} recipes.", "{1}", "Add a recipe.");
    public static readonly FindingKind TooManyRecipes = Error("A recipe file holds 1 to {0} recipes.", "{1}", "Split it into several files.");
    public static readonly FindingKind BrewsTooLongTogether = Error("The brews of one file last at most 48 hours together.", "{0:0} hours", "Split it into several files.");
    public static readonly FindingKind RepeatedId = Error("Every recipe of a file has its own id.", "\"{0}\" again", "Change one of the two.");
    public static readonly FindingKind IdIsNoSlug = Error("id is a slug: small letters, digits and hyphens.", "\"{0}\"", "Write it like long-settle.");
    public static readonly FindingKind StepsExpected = Error("steps must be a list.", "{0}", "List what is done, in order.");
    public static readonly FindingKind NoSteps = Error("A recipe has 1 to {0} steps.", "{1}", "Add what is done.");
    public static readonly FindingKind TooManySteps = Error("A recipe has 1 to {0} steps.", "{1}", "Combine steps.");
    public static readonly FindingKind StepExpected = Error("A step is an object with a member \"do\".", "{0}", "Put its members in braces.");
    public static readonly FindingKind UnknownVerb = Error("do must be a verb of the recipe file.", "{0}", "One of {1}.");
    public static readonly FindingKind PlanNotJson = Error("The plan must be JSON.", "something else", "Begin it again.");
    public static readonly FindingKind OneRecipeExpected = Error("A plan is made of one recipe.", "{0} recipes", "Give it one.");

    // Rules across the members of a recipe.
    public static readonly FindingKind JarWithFilter = Error("An open jar has no filter.", "{0}", "Leave the filter out, or choose a brewer that has one.");
    public static readonly FindingKind FilterMissing = Error("A {0} needs a filter.", "none", "Name its filter, or leave it out for the usual one.");
    public static readonly FindingKind ConeWithoutDripper = Warning("Only drippers have a cone.", "{0}", "Leave it out.");
    public static readonly FindingKind OutletWithoutDripper = Warning("Only drippers have an outlet below the cone.", "{0:0.#} mm", "Leave it out.");
    public static readonly FindingKind PositionWithoutTube = Warning("Only a tube press stands upright or turned.", "{0}", "Leave it out.");
    public static readonly FindingKind CoffeeTwice = Error("The coffee is added once.", "a second add-coffee", "Remove one of them.");
    public static readonly FindingKind PourAddsNothing = Error("toG is the water in the brewer so far, so each pour says more than the one before.", "{0:0.#} g", "More than {1:0.#} g.");
    public static readonly FindingKind ChamberAfterWater = Error("The chamber is seated once, before any pour.", "water already in", "Remove the earlier water.");
    public static readonly FindingKind BulbTooEmpty = Error("12 g of water stay in the bulb.", "{0:0.#} g", "Fill the bulb with more.");
    public static readonly FindingKind NoCoffee = Error("The coffee must be added.", "no add-coffee", "Add it where it goes in.");
    public static readonly FindingKind NoPour = Error("Water must be added.", "no pour", "Add a pour.");
    public static readonly FindingKind NoWaterInSiphon = Error("Water must be added.", "no seat-chamber", "Add a pour.");
    public static readonly FindingKind VerbOfOtherBrewer = Error("A {0} cannot do that.", "{1}", "It belongs to {2}.");
    public static readonly FindingKind TimeBeforeClock = Error("A step before the clock starts has no at.", "{0:0.#} s", "Leave at out; it is done before 0:00.");
    public static readonly FindingKind ClockStartsAtZero = Error("This step starts the clock, so its time is 0.", "{0:0.#} s", "Write 0, or leave at out.");
    public static readonly FindingKind StepsOutOfOrder = Error("Steps are in the order of their times.", "{0:0.#} s", "Not before {1:0.#} s, or move the step up.");
    public static readonly FindingKind NoCoffeeYet = Error("There is nothing to {0} yet.", "no coffee in the brewer", "Move it below the coffee and the water.");
    public static readonly FindingKind NoWaterYet = Error("There is nothing to {0} yet.", "no water in the brewer", "Move it below the coffee and the water.");
    public static readonly FindingKind NoDrinkYet = Warning("Nothing is in the cup yet.", "{0}", "Move it to the end.");
    public static readonly FindingKind WaterRunsThrough = Warning("The valve is open and there is no coffee yet: the water runs straight through.", "an open valve", "Close the valve before this pour.");
    public static readonly FindingKind PlungerTooFar = Error("A plunger cannot be drawn further than the brewer's capacity.", "{0:0.#} ml", "At most {1:0.#} ml.");
    public static readonly FindingKind PlungerMarkWithoutTube = Warning("Only a tube's plunger is drawn to a mark.", "{0}", "Leave it out.");
    public static readonly FindingKind PlungerUnderWithoutPress = Warning("Only a French press's plunger is held under the surface.", "{0}", "Leave it out.");
    public static readonly FindingKind BrewTooLong = Error("A brew lasts at most 48 hours.", "{0:0.#} s", "Shorten a step.");
    public static readonly FindingKind ClockNeverStarts = Error("The moment that starts the clock must occur.", "{0}", "Add the step that starts it, or start the clock at another moment.");
    public static readonly FindingKind NeverPouredOff = Error("Nothing is poured off: the drink never leaves the grounds.", "no such step", "Add a decant.");
    public static readonly FindingKind NeverPressed = Error("Nothing is pressed: the drink never leaves the tube.", "no such step", "Add a press.");
    public static readonly FindingKind WaterNeverRises = Error("The water never rises.", "no such step", "Add seat-chamber with its water.");
    public static readonly FindingKind FlameNeverRemoved = Error("The flame is never taken away: the coffee stays up.", "no such step", "Add remove-burner.");
    public static readonly FindingKind NeverComesDown = Error("The coffee never comes down.", "no such step", "Add a drain.");
    public static readonly FindingKind ValveNeverOpened = Error("The valve is never opened to let it out.", "no such step", "Add a drain.");
    public static readonly FindingKind CoffeeBeforeWaterRose = Error("The coffee goes in when the water has risen.", "it comes before", "Move add-coffee below seat-chamber.");
    public static readonly FindingKind DrainOverFlame = Error("The bulb pulls only after the flame is removed.", "it comes before", "Move remove-burner above the drain.");
    public static readonly FindingKind BrewerEmptyByThen = Warning("The brewer is empty by then.", "{0}", "Move it before the end of the steep, or remove it.");
    public static readonly FindingKind CoffeeWetByThen = Warning("The coffee is wet by then.", "{0}", "Move it before the first water, or remove it.");
    public static readonly FindingKind NoCoffeeInBrewerYet = Warning("There is no coffee in the brewer yet.", "{0}", "Move it below the coffee, or remove it.");
    public static readonly FindingKind NeverFlipped = Error("A turned tube is flipped on to the server before it is pressed.", "no flip", "Put a flip before the press.");
    public static readonly FindingKind FlippedAfterPress = Error("A turned tube is flipped on to the server before it is pressed.", "the flip after it", "Put a flip before the press.");
    public static readonly FindingKind UprightFlipped = Error("An upright tube is not flipped.", "flip", "Remove it, or set the position to turned.");

    // A forecast: {0} the value, {1} its limit, {2} the time in s, {3} the altitude in m.
    public static readonly FindingKind Overflow = Error("The brewer holds {1:0} ml, raft and foam included.", "{0:0} ml at {2:0} s", "Scale the recipe down, or use a larger brewer.");
    public static readonly FindingKind ToTheBrim = Warning("The brewer holds {1:0} ml: the water alone, but not its grounds and foam.", "{0:0} ml at {2:0} s", "Pour slowly and wait for the foam, scale it down, or use a larger brewer.");
    public static readonly FindingKind NearlyFull = Warning("Foam needs room: at most 95 % of the brewer.", "{0:0} of {1:0} ml", "Scale it down a little.");
    public static readonly FindingKind ServerOverflow = Warning("The server holds {1:0} ml, water added and ice included.", "{0:0} ml", "Take a larger server.");
    public static readonly FindingKind KettleAboveBoiling = Warning("Water boils at {1:0.0} °C at {3:0} m.", "{0:0.#} °C", "The forecast uses water off the boil: hold longer or grind finer to make up for it.");
    public static readonly FindingKind MayStall = Warning("A drawdown of over four minutes may stall.", "{0:0} s", "Grind coarser, or stir less.");
    public static readonly FindingKind PressTooHard = Warning("Over 120 N a press is too hard.", "{0:0} N", "Grind coarser, or press more slowly.");
    public static readonly FindingKind BeforeItsWindow = Warning("It must be within its window, no earlier than {1:0.#} s.", "{0:0.#} s", "Move the step, or widen the window.");
    public static readonly FindingKind AfterItsWindow = Warning("It must be within its window, no later than {1:0.#} s.", "{0:0.#} s", "Move the step, or widen the window.");
    public static readonly FindingKind StepLate = Warning("It should start at {1:0.#} s, but the step above is not finished.", "a start at {0:0.#} s", "Shorten the steps before, or start it later.");
    public static readonly FindingKind BelowTarget = Warning("The target is at least {1:0.##}.", "{0:0.###}", "Change the grind, the ratio or the steep.");
    public static readonly FindingKind AboveTarget = Warning("The target is at most {1:0.##}.", "{0:0.###}", "Change the grind, the ratio or the steep.");
    public static readonly FindingKind WaterFallsBack = Warning("The flame needs 30 W to spare when the coffee goes in, or the water falls back.", "{0:0} W", "Turn the flame up.");
    public static readonly FindingKind BoilsOver = Warning("With over 160 W to spare it boils in large bubbles.", "{0:0} W", "Turn the flame down.");
    public static readonly FindingKind TimeInWindow = Warning("A step before it may begin or last until {1:0.#} s.", "{0:0.#} s", "Leave at out so that it follows, or end that window before it.");
    public static readonly FindingKind IceTooLittle = Warning("The ice should bring it to {1:0.#} °C.", "{0:0.#} °C, all of it melted", "Take more ice.");
    public static readonly FindingKind DryBed = Warning("The cup should hold {1:0} g.", "a dry bed at {0:0} g", "Pour more, or ask for less.");

    // A change of a plan that was refused: {0} what was asked, {1} a time in s, {2} what comes nearest.
    public static readonly FindingKind NoBatch = Error("No dose and water give that with the quantities that are held.", "{0}", "Ask for something else.");
    public static readonly FindingKind SteepEndsTooEarly = Error("The steep cannot end before the steps before it are done.", "{0}", "Not before {1:0.#} s.");
    public static readonly FindingKind NoSuchMoment = Error("The moment that should start the clock does not occur.", "{0}", "Ask for something else.");
    public static readonly FindingKind NoSuchThing = Error("This brew has no such thing.", "{0}", "Ask for something else.");
    public static readonly FindingKind OutOfReach = Error("That is not reached.", "{0}", "Ask for something else.");
    public static readonly FindingKind NearestIs = Error("That is not reached.", "{0}", "The nearest: {2}.");
    public static readonly FindingKind PushesOthers = Error("That would delay the steps after it.", "{0}", "Not after {1:0.#} s, or move the steps after it first.");
    public static readonly FindingKind NothingToDilute = Error("It is no stronger than that, so there is nothing to dilute.", "{0}", "Ask for something else.");
    public static readonly FindingKind NotARecipeAnyMore = Error("The result would not be a recipe.", "{0}", "Ask for something else.");
    public static readonly FindingKind BrewerEmptyAfter = Error("The brewer is empty by then.", "{0}", "Not after {1:0.#} s.");
    public static readonly FindingKind OnlyBeforeWater = Error("The brewer is empty by then.", "{0}", "Before the first water.");
    public static readonly FindingKind TimeNeeded = Error("Say when: put=stir:1:00.", "{0}", "Ask for something else.");
    public static readonly FindingKind NoPlaceForIt = Error("There is no place for that in this plan, or it has it already.", "{0}", "Ask for something else.");
    public static readonly FindingKind StepsAtLimit = Error("A recipe has at least one step and no more than the limit.", "{0}", "Ask for something else.");
    public static readonly FindingKind StepInconsistent = Error("The step's members are inconsistent.", "{0}", "Ask for something else.");
    public static readonly FindingKind CannotGrind = Error("The grind cannot be set.", "{0}", "Ask for something else.");
    public static readonly FindingKind UnknownChange = Error("A change is one of {0}, with its value after an equals sign.", "{1}", "find takes one of {2}, then one of {3}.");
    public static readonly FindingKind ChangeUnreadable = Error("{0}", "{1}", "Type it again.");

    // The brew file.
    public static readonly FindingKind BrewsExpected = Error("A brew file holds one brew object, or an array of 1 to {0}.", "{1}", "Put the brew in braces.");
    public static readonly FindingKind BrewExpected = Error("A brew is an object.", "{0}", "Put its members in braces.");
    public static readonly FindingKind BrewTooLarge = Error("A brew is at most {0} MB.", "{1:0.0} MB", "Leave out members that are not of the format, or take fewer readings a second.");
    public static readonly FindingKind StepIndexExpected = Error("step is the index of a step, from 0.", "{0}", "Write a whole number.");
    public static readonly FindingKind TooManyPictures = Error("A brew has at most {0} pictures.", "more", "Leave some out.");
    public static readonly FindingKind ImageExpected = Error("image is a JPEG, PNG or WebP as a data URI.", "{0}", "Write it like data:image/jpeg;base64,…");
    public static readonly FindingKind ItemIsObject = Error("{0} is an object.", "{1}", "Put its members in braces.");
    public static readonly FindingKind ItemIsText = Error("{0} is text.", "{1}", "Put it in quotes.");
    public static readonly FindingKind TemperatureWithoutTime = Error("A temperature needs its time.", "nothing", "Add slurryAtS, in seconds on the brew clock.");
    public static readonly FindingKind UnknownComplaint = Error("A complaint is one of {0}.", "{1}", "Choose one of them, or say it in words.");
    public static readonly FindingKind ReadingsUneven = Error("atS and value have the same length.", "{0} and {1}", "Give a value for each time.");
    public static readonly FindingKind ReadingExpected = Error("A reading must be a number that its instrument can show.", "{0}", "Leave it out.");

    // A grinder's file.
    public static readonly FindingKind GrinderExpected = Error("A grinder is an object.", "{0}", "Put its members in braces.");
    public static readonly FindingKind GrinderRowExpected = Error("A row of a grinder's table is an object.", "{0}", "Put its members in braces.");
    public static readonly FindingKind MostBelowLeast = Error("most must be greater than least.", "something else", "Write the last setting it has.");
    public static readonly FindingKind StepNotPositive = Error("step must be greater than 0.", "something else", "Write the smallest step it has.");
    public static readonly FindingKind SettingChangesNothing = Error("A setting must change the grind.", "something else", "Write by how many µm.");
    public static readonly FindingKind GrindsNothing = Error("A grinder has at least one setting of 50 to 3000 µm.", "something else", "Write the median at setting 0.");

    // Imports: a table of brews, a shelf, any file. {0} the column, at the end the cell.
    public static readonly FindingKind ColumnMissing = Error("A table of brews has a column {0}.", "none", "Add it; the columns are {1}.");
    public static readonly FindingKind TooManyRows = Error("A table has at most {0} rows.", "more", "Split it.");
    public static readonly FindingKind TableUnreadable = Error("A table is rows of cells with commas between.", "{0}", "Correct it there, or export it again.");
    public static readonly FindingKind CellNotInLibrary = Error("{0} is one of the library's.", "{1}", "Write its id, as vd-water-first.");
    public static readonly FindingKind CellAmountMissing = Error("A brew has its coffee and its water in grams.", "{1}", "Write a number.");
    public static readonly FindingKind CellNoUuid = Error("{0} is a UUID.", "{1}", "Leave it empty, and an id is derived from the row.");
    public static readonly FindingKind CellNotPlainText = Error("{0} is plain text of at most {1} letters.", "{2}", "Shorten it, or remove control characters.");
    public static readonly FindingKind CellNoNumber = Error("{0} must be a number from {1} to {2}{3}.", "{4}", "Write it with a point, and without its unit.");
    public static readonly FindingKind CellNoTime = Error("{0} is a moment.", "{1}", "Write it like 2026-05-04T08:15:00+02:00.");
    public static readonly FindingKind CellNoWord = Error("{0} is one of {1}.", "{2}", "Write one of them.");
    public static readonly FindingKind ShelfExpected = Error("A shelf file is an object of version 1 with at most {0} things.", "something else", "Export it again.");
    public static readonly FindingKind ThingExpected = Error("A thing is an object with its kind.", "something else", "Write its kind, as coffee or mill.");
    public static readonly FindingKind FieldIsText = Error("The value of a field is text.", "something else", "Put it in quotes.");
    public static readonly FindingKind UnknownThing = Error("A thing is of a kind that stands on a shelf.", "{0}", "Write one of {1}.");
    public static readonly FindingKind ThingRefused = Error("{0}", "{1}", "Change it in the file.");
    public static readonly FindingKind FileEmpty = Error("A file must not be empty.", "nothing", "Export it again.");
    public static readonly FindingKind ImportTooLarge = Error("A file is at most {0} MB.", "{1:0.0} MB", "Split it, for example by months.");
    public static readonly FindingKind ArchiveRefused = Error("Archives are not accepted.", "a zip", "Unpack it, and choose what is in it.");
    public static readonly FindingKind DataFileRefused = Error("A file is brews, recipes or a shelf.", "a whole data file", "Restore a backup with ./cistern restore.");
    public static readonly FindingKind OtherEncoding = Error("A file is UTF-8 text.", "{0}", "Save it as UTF-8.");
    public static readonly FindingKind UnknownFile = Error("A file is JSON, or a table of brews whose first row names its columns.", "something else", "The columns of a table are {0} and so on.");
    public static readonly FindingKind NothingSent = Error("There is nothing in it.", "no file and no text", "Choose a recipe file, or paste one.");

    // Interfaces: entries and readings of a running brew, and the command line.
    public static readonly FindingKind RequestRefused = Error("{0}.", "{1}", "{2}");
    public static readonly FindingKind EntriesRefused = Error("These entries were not accepted.", "", "{0}");
    public static readonly FindingKind WrongToken = Error("That is not this brew's token.", "", "Open the brew, and under Instruments what a gateway has to show.");
    public static readonly FindingKind TooManyPieces = Error("More than {0} pieces came in a second.", "", "Send several readings together.");
    public static readonly FindingKind PieceTooLarge = Error("A piece holds at most {0} kB.", "", "Send them in pieces.");
    public static readonly FindingKind BrewIsOver = Error("This brew is over: it accepts no more readings.", "", "Open another, and send to that.");
    public static readonly FindingKind NoSuchBrew = Error("There is no brew {0} under way.", "", "Look for its number in the address of its page.");
    public static readonly FindingKind TooManyReadings = Error("A request holds at most {0} readings.", "more", "Send them in pieces.");
    public static readonly FindingKind NoReadings = Error("There is no reading in it.", "nothing", "Send one reading a line.");
    public static readonly FindingKind UnknownReading = Error("There is no such kind of reading.", "{0}", "One of {1}.");
    public static readonly FindingKind ReadingOutOfRange = Error("No such instrument shows this value.", "{0:G6}", "{1} lies from {2} to {3} {4}.");
    public static readonly FindingKind ReadingOutsideBrew = Error("That time is outside this brew.", "{0:G15}", "UTC milliseconds by the server's clock, from {1:0} to {2:0}; or leave it out, for now.");
    public static readonly FindingKind CsvLineUnreadable = Error("This line cannot be read.", "{0}", "Under the header {1} each line has three values, the last two of them numbers.");
    public static readonly FindingKind JsonLineUnreadable = Error("This line cannot be read.", "{0}", "One JSON object a line, with of, atMs and value.");
    public static readonly FindingKind BrewAbandoned = Error("Advice is on a brew that was brewed to its end.", "abandoned", "Give the last one that was.");
    public static readonly FindingKind GearUnclear = Error("The brews have {0} of a {1}, and {2} names none.", "{3}", "Add \"{1}\": {{\"name\": …}} to the recipe, or give brews of one {1}.");

    // A step given a time: {0} the other step, {1} its time, {2} the time wanted.
    public static readonly FindingKind OtherStepDelayed = Error("{0} is at {1}, and would be delayed.", "{2}", "Give a time up to {1}, or move everything after it too.");

    private static FindingKind Error(string rule, string found, string remedy, [CallerMemberName] string name = "") => new(CodeOf(name), Severity.Error, rule, found, remedy);

    private static FindingKind Warning(string rule, string found, string remedy, [CallerMemberName] string name = "") => new(CodeOf(name), Severity.Warning, rule, found, remedy);

    private static string CodeOf(string name) => JsonNamingPolicy.KebabCaseLower.ConvertName(name);
}
