namespace Cistern.Core.Readings;

/// <summary>How a step changes what stands on the scale.</summary>
internal enum LoadKind
{
    /// <summary>Not at all, or by less than a scale would show.</summary>
    None,

    /// <summary>The display is set to zero.</summary>
    Tare,

    /// <summary>The dose goes in.</summary>
    Coffee,

    /// <summary>Water goes in, until as much is in.</summary>
    Water,

    /// <summary>The lid is put on, or taken off.</summary>
    Lid,

    /// <summary>The plunger is put on.</summary>
    Plunger,

    /// <summary>Ice lies in the server.</summary>
    Ice,

    /// <summary>Drink begins to run into the server.</summary>
    Opens,

    /// <summary>It no longer does.</summary>
    Closes,

    /// <summary>It runs until the end of this step.</summary>
    Drains,

    /// <summary>Another cup stands under the stream.</summary>
    CupSwapped,

    /// <summary>The drink is pressed out.</summary>
    Pressed,

    /// <summary>The drink is poured off.</summary>
    PouredOff,

    /// <summary>Water is added to the drink.</summary>
    Dilution,
}

/// <summary>What a step changes on the scale.</summary>
/// <param name="Kind">How.</param>
/// <param name="G">By how much; of <see cref="LoadKind.Water"/> the amount that is then in the brewer, g.</param>
internal readonly record struct LoadChange(LoadKind Kind, double G = 0);

/// <summary>The change on the scale for each verb.</summary>
/// <param name="recipe">The recipe that the steps belong to.</param>
internal sealed class LoadChanges(Recipe recipe) : IStepVisitor<LoadChange>
{
    private const double LidG = 62;
    private const double PlungerG = 118;

    public LoadChange Visit(Step.HeatWater step) => default;
    public LoadChange Visit(Step.RinseFilter step) => default;
    public LoadChange Visit(Step.Preheat step) => default;
    public LoadChange Visit(Step.Weigh step) => default;
    public LoadChange Visit(Step.GrindCoffee step) => default;
    public LoadChange Visit(Step.Tare step) => new(LoadKind.Tare);
    public LoadChange Visit(Step.AddCoffee step) => new(LoadKind.Coffee, recipe.Coffee.DoseG);
    public LoadChange Visit(Step.Pour step) => new(LoadKind.Water, step.ToG);
    public LoadChange Visit(Step.LevelBed step) => default;
    public LoadChange Visit(Step.MakeWell step) => default;
    public LoadChange Visit(Step.Stir step) => default;
    public LoadChange Visit(Step.Swirl step) => default;
    public LoadChange Visit(Step.TapRaft step) => default;
    public LoadChange Visit(Step.BreakCrust step) => default;
    public LoadChange Visit(Step.Skim step) => default;
    public LoadChange Visit(Step.Lid step) => new(LoadKind.Lid, step.On ? LidG : -LidG);
    public LoadChange Visit(Step.SeatPlunger step) => new(LoadKind.Plunger, PlungerG);
    public LoadChange Visit(Step.OffScale step) => default;
    public LoadChange Visit(Step.SetOnServer step) => default;
    public LoadChange Visit(Step.LiftPlunger step) => default;
    public LoadChange Visit(Step.Smell step) => default;
    public LoadChange Visit(Step.PurgeAir step) => default;
    public LoadChange Visit(Step.Flip step) => default;
    public LoadChange Visit(Step.LightBurner step) => default;
    public LoadChange Visit(Step.SeatChamber step) => default;
    public LoadChange Visit(Step.RemoveBurner step) => default;
    public LoadChange Visit(Step.OpenValve step) => new(LoadKind.Opens);
    public LoadChange Visit(Step.CloseValve step) => new(LoadKind.Closes);
    public LoadChange Visit(Step.Wait step) => default;
    public LoadChange Visit(Step.WaitFor step) => default;
    public LoadChange Visit(Step.Press step) => new(LoadKind.Pressed);
    public LoadChange Visit(Step.Plunge step) => default;
    public LoadChange Visit(Step.Drain step) => new(LoadKind.Drains);
    public LoadChange Visit(Step.Decant step) => new(LoadKind.PouredOff);
    public LoadChange Visit(Step.Strain step) => default;
    public LoadChange Visit(Step.Share step) => default;
    public LoadChange Visit(Step.SwapCup step) => new(LoadKind.CupSwapped);
    public LoadChange Visit(Step.StopDrip step) => default;
    public LoadChange Visit(Step.Clear step) => default;
    public LoadChange Visit(Step.Dilute step) => new(LoadKind.Dilution, step.WaterG);
    public LoadChange Visit(Step.Ice step) => step.Where == IcePlace.Server ? new(LoadKind.Ice, step.IceG) : default;
    public LoadChange Visit(Step.StirCup step) => default;
    public LoadChange Visit(Step.Taste step) => default;
    public LoadChange Visit(Step.Serve step) => default;
}
