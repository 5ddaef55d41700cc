namespace Cistern.Core.Recipes;

/// <summary>How high the kettle is held.</summary>
public enum PourHeight
{
    /// <summary>At the surface, gentle.</summary>
    Low,

    /// <summary>A hand above.</summary>
    Normal,

    /// <summary>High, stirring as it lands.</summary>
    High,
}

/// <summary>Where the stream goes.</summary>
public enum PourPath
{
    /// <summary>In the middle.</summary>
    Centre,

    /// <summary>Along the wall.</summary>
    Edge,

    /// <summary>Round and round.</summary>
    Spiral,

    /// <summary>The vessel is turned under the stream.</summary>
    Turning,
}

/// <summary>How far a plunger goes down.</summary>
public enum PlungeDepth
{
    /// <summary>All the way, on to the bed.</summary>
    Bottom,

    /// <summary>Just below the surface, as a strainer.</summary>
    Surface,
}

/// <summary>Events that end a step, other than a time.</summary>
public enum WaitEvent
{
    /// <summary>The kettle boils.</summary>
    Boil,

    /// <summary>The water has risen to the upper chamber.</summary>
    WaterRisen,

    /// <summary>Fine, even bubbles at the filter.</summary>
    FineBubbles,

    /// <summary>Air hisses through the bed.</summary>
    Hiss,

    /// <summary>The bed is dry.</summary>
    DryBed,
}

/// <summary>Where ice stands.</summary>
public enum IcePlace
{
    /// <summary>In the server, under the drip.</summary>
    Server,

    /// <summary>In a shaker, strained afterwards.</summary>
    Shaker,

    /// <summary>In the cup.</summary>
    Cup,
}

/// <summary>One step of a recipe. A closed set: each verb of the recipe file is one nested record.</summary>
public abstract record Step : Extensible
{
    private Step()
    {
    }

    /// <summary>Its start on the brew clock, s, where the recipe sets one. A step never starts before the one above it has ended.</summary>
    public double? AtS { get; init; }

    /// <summary>How long it takes, s; 0 for a step without a length.</summary>
    public double OverS { get; init; }

    /// <summary>
    /// The times at which it may start, s on the brew clock; for a wait, a press and a drawdown, the lengths it may have, s.
    /// </summary>
    public Span? Window { get; init; }

    /// <summary>The times at which it may start, s on the brew clock, for a step whose <see cref="Window"/> is of its length.</summary>
    public Span? StartWindow { get; init; }

    /// <summary>The window of its start, s on the brew clock, from whichever of the two members holds it.</summary>
    public Span? WindowOfStart => Verb.TraitsOf(this).WindowOf == WindowOf.Start ? Window : StartWindow;

    /// <summary>
    /// The latest time that its own window allows the next step, s on the brew clock: for a wait by its length, for others by its
    /// start. Null without a window.
    /// </summary>
    /// <param name="startS">When it begins, s on the brew clock.</param>
    public double? OpenUntilS(double startS) => this is Wait { Window: { } lasts } ? startS + lasts.High : WindowOfStart?.High;

    /// <summary>The author's words on it.</summary>
    public string? Note { get; init; }

    /// <summary>Calls the visitor's method for this verb.</summary>
    /// <typeparam name="T">The visitor's result.</typeparam>
    /// <param name="visitor">The visitor.</param>
    public T Accept<T>(IStepVisitor<T> visitor) => AcceptCore(visitor);

    private protected abstract T AcceptCore<T>(IStepVisitor<T> visitor);

    /// <summary>Stirring of any kind: it wets the grounds, suspends them and makes them sink.</summary>
    public abstract record Stirring : Step
    {
        /// <summary>How many turns. They are counted so that every brew gets the same.</summary>
        public int Turns { get; init; } = 3;
    }

    /// <summary>Bring the kettle to a temperature.</summary>
    public sealed record HeatWater(double? ToC) : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Rinse the filter; hot water also warms the vessel.</summary>
    public sealed record RinseFilter(bool Hot = true) : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Warm the vessel.</summary>
    public sealed record Preheat : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Weigh the dose.</summary>
    public sealed record Weigh : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Grind it.</summary>
    public sealed record GrindCoffee : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Set the scale to zero.</summary>
    public sealed record Tare : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>The dose goes in.</summary>
    public sealed record AddCoffee : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Pour until <paramref name="ToG"/> g of water in all are in the brewer.</summary>
    public sealed record Pour(double ToG) : Step
    {
        private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this);

        /// <summary>How high the kettle is held.</summary>
        public PourHeight Height { get; init; } = PourHeight.Normal;

        /// <summary>Where the stream goes; recorded.</summary>
        public PourPath? Path { get; init; }

        /// <summary>Whether it is stirred while it is poured: three turns at its end.</summary>
        public bool StirsIn { get; init; }

        /// <summary>The temperature of this pour, °C, or null for the kettle's.</summary>
        public double? TemperatureC { get; init; }
    }

    /// <summary>Even the dry bed.</summary>
    public sealed record LevelBed : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Press a hollow into the dry bed.</summary>
    public sealed record MakeWell : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Stir with a tool.</summary>
    public sealed record Stir : Stirring
    {
        private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this);

        /// <summary>Kept going throughout the step.</summary>
        public bool Continuous { get; init; }

        /// <summary>With what; recorded.</summary>
        public string? Tool { get; init; }

        /// <summary>Along which path; recorded.</summary>
        public string? Path { get; init; }
    }

    /// <summary>Turn the whole vessel.</summary>
    public sealed record Swirl : Stirring { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Tap the floating raft under.</summary>
    public sealed record TapRaft : Stirring { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Break the crust.</summary>
    public sealed record BreakCrust : Stirring { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Take foam and floaters off.</summary>
    public sealed record Skim : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Lid on or off.</summary>
    public sealed record Lid(bool On = true) : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Seat the plunger: it covers the vessel like a lid and keeps the raft submerged.</summary>
    public sealed record SeatPlunger(bool DrawBack = false) : Step
    {
        private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this);

        /// <summary>
        /// For a French press: held below the surface during the steep instead of on it. Recorded only; the raft is wet either way.
        /// </summary>
        public bool Under { get; init; }

        /// <summary>The mark to which a tube's plunger is drawn, ml: the room above the filter. Null uses the vessel's capacity.</summary>
        public double? ToMl { get; init; }
    }

    /// <summary>Take the vessel off the scale, because a later step presses on it.</summary>
    public sealed record OffScale : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Set the dripper on the server, which has been emptied of rinse water.</summary>
    public sealed record SetOnServer : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Take the plunger out again.</summary>
    public sealed record LiftPlunger : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Smell it.</summary>
    public sealed record Smell : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Let the air out of a turned tube.</summary>
    public sealed record PurgeAir : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Turn the tube press over on to the server.</summary>
    public sealed record Flip : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Light the burner of a siphon.</summary>
    public sealed record LightBurner(double? FlameW = null) : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Seat the upper chamber, after which the water rises.</summary>
    public sealed record SeatChamber(double WaterG) : Step
    {
        private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this);

        /// <summary>The temperature that the flame holds, °C, or null for the usual one.</summary>
        public double? HoldC { get; init; }
    }

    /// <summary>Take the flame away.</summary>
    public sealed record RemoveBurner : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Open a dripper's valve.</summary>
    public sealed record OpenValve : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Close a dripper's valve.</summary>
    public sealed record CloseValve : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Wait for a time.</summary>
    public sealed record Wait(double ForS) : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Wait until something happens; the barista confirms when it has.</summary>
    public sealed record WaitFor(WaitEvent Event) : Step
    {
        private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this);

        /// <summary>How long it is expected to take, s.</summary>
        public double ExpectS { get; init; }
    }

    /// <summary>Press a tube press, to the hiss.</summary>
    public sealed record Press : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Push a plunger down.</summary>
    public sealed record Plunge(PlungeDepth Depth = PlungeDepth.Bottom) : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Drawdown: to the dry bed, or until the cup holds this much drink.</summary>
    public sealed record Drain(double? UntilG = null) : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Pour off the drink and leave some on the bed.</summary>
    public sealed record Decant(double? LeaveG = null) : Step
    {
        /// <summary>Whether a plunger held at an angle, or a spoon across the lip, holds the grounds back.</summary>
        public bool HeldBack { get; init; }

        private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this);
    }

    /// <summary>Pour through a sieve, to remove ice or grounds; what stays in it is not weighed.</summary>
    public sealed record Strain : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Share the drink between the cups in rounds, so that none is stronger than another.</summary>
    public sealed record Share(int Cups) : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Another cup under the stream.</summary>
    public sealed record SwapCup(bool Keep = true) : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>End a tube's drip.</summary>
    public sealed record StopDrip : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Empty and rinse.</summary>
    public sealed record Clear : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Dilute the drink with water.</summary>
    public sealed record Dilute(double WaterG, double? TemperatureC = null) : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Chill on ice.</summary>
    public sealed record Ice(double IceG) : Step
    {
        private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this);

        /// <summary>The ice's temperature, °C.</summary>
        public double IceC { get; init; } = -6;

        /// <summary>Its state.</summary>
        public IcePlace Where { get; init; } = IcePlace.Server;

        /// <summary>The temperature at which the drink is taken off the ice, °C; null leaves it on.</summary>
        public double? UntilC { get; init; }

        /// <summary>
        /// The share of the ice that melts before the drink is drunk, 0 to 1. The rest (a large block, or ice in the glass) melts
        /// while it is drunk.
        /// </summary>
        public double Met { get; init; } = 1;
    }

    /// <summary>Stir the drink.</summary>
    public sealed record StirCup : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Taste it.</summary>
    public sealed record Taste : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }

    /// <summary>Serve it.</summary>
    public sealed record Serve : Step { private protected override T AcceptCore<T>(IStepVisitor<T> visitor) => visitor.Visit(this); }
}
