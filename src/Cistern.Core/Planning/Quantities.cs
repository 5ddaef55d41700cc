namespace Cistern.Core.Planning;

/// <summary>The four quantities of a batch, of which two determine the others.</summary>
public enum Quantity
{
    /// <summary>Dry coffee, g.</summary>
    Dose,

    /// <summary>Water poured, g.</summary>
    Water,

    /// <summary>Water per coffee, g/g.</summary>
    Ratio,

    /// <summary>The drink, g.</summary>
    Drink,
}

/// <summary>What a barista means by an amount of coffee to drink.</summary>
public enum DrinkCounting
{
    /// <summary>The amount in the cup, without what the bed keeps.</summary>
    InTheCup,

    /// <summary>The water that is poured.</summary>
    WaterPoured,
}

/// <summary>The two of the four quantities that are held: those edited last.</summary>
/// <param name="Last">Edited last.</param>
/// <param name="Before">Edited before that.</param>
public readonly record struct Locks(Quantity Last, Quantity Before)
{
    /// <summary>A recipe as written holds its ratio and its dose.</summary>
    public static Locks Written { get; } = new(Quantity.Ratio, Quantity.Dose);

    /// <summary>Whether a quantity is held.</summary>
    public bool Holds(Quantity quantity) => quantity == Last || quantity == Before;

    /// <summary>The locks after a quantity was edited: it is held, with the one edited before it.</summary>
    public Locks Edited(Quantity quantity) => quantity == Last ? this : new Locks(quantity, Last);
}

/// <summary>What a batch should be.</summary>
/// <param name="Locks">The two quantities that are given.</param>
/// <param name="LastValue">The value of the one edited last, g or g/g.</param>
/// <param name="BeforeValue">The value of the other, g or g/g.</param>
/// <param name="Counting">What an amount of drink means.</param>
public sealed record BatchWish(Locks Locks, double LastValue, double BeforeValue, DrinkCounting Counting);
