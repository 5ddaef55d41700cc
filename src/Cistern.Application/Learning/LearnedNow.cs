using Cistern.Core.Fitting;

namespace Cistern.Application.Learning;

/// <summary>What is known now of the grinders, vessels, coffees and palates of this house, for every page; and whether there is something new to learn from.</summary>
public sealed class LearnedNow
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

    /// <summary>Puts what was learned of one brew more in the place of what it was learned from, unless all was learned anew meanwhile.</summary>
    /// <returns>What is known now.</returns>
    private Learned Renew(Learned from, Learned with) => Interlocked.CompareExchange(ref current, with, from) is var stood && ReferenceEquals(stood, from) ? with : stood;

    /// <summary>What is known for whoever asks: nothing where they do not want it used.</summary>
    public Learned For(AtBench who) => who.UsesLearned ? current : Learned.Nothing;

    /// <summary>What is known with what was kept a moment ago: every page knows it then, until all is learned anew.</summary>
    /// <param name="who">Who asks.</param>
    /// <param name="learn">Learns the news.</param>
    public Learned With(AtBench who, Func<Learned, Learned> learn) =>
        !who.UsesLearned ? Learned.Nothing : behind && current is var known ? Renew(known, learn(known)) : current;

    /// <summary>Something was tasted, measured or brewed.</summary>
    public void Ring()
    {
        behind = true;
        Interlocked.Exchange(ref news, 1);
    }

    /// <summary>All was learned anew, but for what came since it was asked for.</summary>
    public void Relearned(Learned learned)
    {
        current = learned;
        behind = Volatile.Read(ref news) == 1;
    }

    /// <summary>Whether there was anything new since it was asked last.</summary>
    public bool TakeNews() => Interlocked.Exchange(ref news, 0) == 1;
}
