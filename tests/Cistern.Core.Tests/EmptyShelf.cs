namespace Cistern.Core.Tests;

/// <summary>A shelf with nothing on it except, if wanted, one server.</summary>
internal sealed record EmptyShelf(double? ServerMl = null) : IGear
{
    public BagInUse? Bag(int id) => null;

    public GrinderScale? Grinder(int id) => null;

    public Place? Place(int id) => null;

    public Brewer? Vessel(int id) => null;

    double? IGear.ServerMl(int id) => ServerMl;

    public bool Has(PlanPick pick, int id) => false;
}
