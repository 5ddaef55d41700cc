namespace Cistern.Core.Tests;

/// <summary>Which equipment of the shelf a plan takes by itself.</summary>
public sealed class OwnGearTests
{
    private static readonly Forecast Jar = ForecastModel.Published.Run(RecipeLibrary.Find("jar-spoons")!);
    private static readonly Forecast Cone = ForecastModel.Published.Run(RecipeLibrary.Find("ld-closed")!);
    private static readonly BagInUse Beans = new(0.3, 8, 200, null);

    private static readonly GrinderScale Scale = new(0, 40, 1, 200, 25, 0.3);

    [Fact]
    public void The_only_one_is_taken_and_of_several_the_last_used()
    {
        OnShelf<BagInUse>[] bags = [new(3, "Blue Ferry", Beans), new(4, "Night Barge", Beans)];
        OnShelf<GrinderScale>[] grinders = [new(7, "Ferrule", Scale)];
        Assert.Equal(new PlanPicks { GrinderId = 7 }, OwnGear.Of(Jar, bags, grinders, [], LastGear.None));
        Assert.Equal(new PlanPicks { BagId = 4, GrinderId = 7 }, OwnGear.Of(Jar, bags, grinders, [], new LastGear("Night Barge", "a mill that was sold", "")));
        Assert.Equal(new PlanPicks { BagId = 3 }, OwnGear.Of(Jar, bags[..1], [], [], new LastGear("Night Barge", "", "")));
    }

    [Fact]
    public void Two_bags_of_one_coffee_are_taken_in_the_order_they_are_given() =>
        Assert.Equal(9, OwnGear.Of(Jar, [new(9, "Blue Ferry", Beans), new(3, "Blue Ferry", Beans)], [], [], new LastGear("Blue Ferry", "", "")).BagId);

    [Fact]
    public void What_is_bought_ground_passes_no_grinder()
    {
        var ground = Beans with { Ground = new Grind(800, 0.5) };
        Assert.Equal(new PlanPicks { BagId = 1 }, OwnGear.Of(Jar, [new(1, "Night Barge, ground", ground)], [new(7, "Ferrule", Scale)], [], new LastGear("", "Ferrule", "")));
    }

    [Fact]
    public void A_vessel_is_taken_that_holds_the_recipe_and_a_smaller_one_only_where_there_is_no_other()
    {
        var full = Jar.Totals.PeakVolumeMl;
        int? Taken(Forecast written, string last, params Brewer[] vessels) => OwnGear.Of(written, [], [], [.. vessels.Select((vessel, i) => new OnShelf<Brewer>(i, $"vessel {i}", vessel))], new LastGear("", "", last)).VesselId;
        Assert.Equal(0, Taken(Jar, "", new Brewer(BrewerFamily.Jar, full + 1)));
        Assert.Equal(0, Taken(Jar, "", new Brewer(BrewerFamily.Jar, full - 1)));
        Assert.Null(Taken(Jar, "", new Brewer(BrewerFamily.FrenchPress, 2_000)));
        // One that is too small is not a choice, so the other is the only one.
        Assert.Equal(1, Taken(Jar, "vessel 0", new Brewer(BrewerFamily.Jar, full - 1), new Brewer(BrewerFamily.Jar, 900)));
        Assert.Null(Taken(Jar, "", new Brewer(BrewerFamily.Jar, 800), new Brewer(BrewerFamily.Jar, 900)));
        Assert.Equal(1, Taken(Jar, "vessel 1", new Brewer(BrewerFamily.Jar, 800), new Brewer(BrewerFamily.Jar, 900)));
        // A cone of another make or with another filter makes a different recipe.
        var asked = Cone.Recipe.Brewer;
        var other = asked.Cone == Recipes.Cone.Ridged ? Recipes.Cone.Smooth : Recipes.Cone.Ridged;
        Assert.Equal(0, Taken(Cone, "", asked with { CapacityMl = 900 }));
        Assert.Null(Taken(Cone, "", asked with { CapacityMl = 900, Cone = other }));
        Assert.Null(Taken(Cone, "", asked with { CapacityMl = 900, Filter = Filter.Cloth }));
    }
}
