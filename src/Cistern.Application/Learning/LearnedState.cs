namespace Cistern.Application.Learning;

/// <summary>What is known now of this installation's grinders, vessels, coffees and palates, and whether there is something new to learn from.</summary>
public sealed class LearnedState
{
    private volatile Learned current = Learned.Nothing;
    private int news = 1;
    private volatile bool behind;

    /// <summary>What was learned last.</summary>
    public Learned Current
    {
        get => current;
        set => current = value;
    }

    /// <summary>Replaces what was learned by its update with one more brew, unless everything was learned again meanwhile.</summary>
    /// <returns>What is known now.</returns>
    private Learned Replace(Learned from, Learned with) => Interlocked.CompareExchange(ref current, with, from) is var stood && ReferenceEquals(stood, from) ? with : stood;

    /// <summary>What is known for a barista: nothing where they do not want it used.</summary>
    public Learned For(CurrentBarista who) => who.UsesLearned ? current : Learned.Nothing;

    /// <summary>What is known including what was saved a moment ago, for all pages until everything is learned again.</summary>
    /// <param name="who">Who asks.</param>
    /// <param name="learn">Learns from it.</param>
    public Learned With(CurrentBarista who, Func<Learned, Learned> learn) =>
        !who.UsesLearned ? Learned.Nothing : behind && current is var known ? Replace(known, learn(known)) : current;

    /// <summary>Signals that something was tasted, measured or brewed.</summary>
    public void Signal()
    {
        behind = true;
        Interlocked.Exchange(ref news, 1);
    }

    /// <summary>Everything was learned again, except what was added since that began.</summary>
    public void Relearned(Learned learned)
    {
        current = learned;
        behind = Volatile.Read(ref news) == 1;
    }

    /// <summary>Whether there is something new since the last call.</summary>
    public bool TakeSignal() => Interlocked.Exchange(ref news, 0) == 1;
}
