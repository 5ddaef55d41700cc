namespace Cistern.Web.Pages.Shelf;

/// <summary>Computes the mix of two waters, and how far to dilute a concentrate.</summary>
public sealed class MixModel(CisternDb db) : PageModel
{
    /// <summary>The waters on the shelf.</summary>
    public IReadOnlyList<OwnedWater> Waters { get; private set; } = [];

    /// <summary>The one.</summary>
    public OwnedWater? First { get; private set; }

    /// <summary>The other.</summary>
    public OwnedWater? Second { get; private set; }

    /// <summary>The second's share, as typed.</summary>
    public Field Share { get; private set; } = new("share", "Share of the second", "50");

    /// <summary>The hardness wanted, as typed.</summary>
    public Field Wanted { get; private set; } = new("wanted", "or the hardness wanted", "");

    /// <summary>The result.</summary>
    public BrewingWater? Mixed { get; private set; }

    /// <summary>How it is mixed, in words.</summary>
    public string How { get; private set; } = "";

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(string? a, string? b, string? share, string? wanted, CancellationToken ct)
    {
        Waters = await db.Waters.AsNoTracking().Where(water => water.RemovedAtMs == null).OrderBy(water => water.Name).ToListAsync(ct);
        First = Pick(a);
        Second = Pick(b);
        var part = TypedNumber.Read(share ?? "50", 0, 100, "%");
        Share = new Field("share", "Share of the second", part.Text) { Kind = "number", Unit = "%", Problem = part.Problem, MaxLength = 20 };
        var aim = string.IsNullOrWhiteSpace(wanted) ? new TypedNumber("", null, null) : TypedNumber.Read(wanted, 0, 200_000, "mg/L");
        Wanted = new Field("wanted", "or the hardness wanted", aim.Text) { Kind = "number", Unit = "mg/L", Problem = aim.Problem, MaxLength = 20, Hint = string.Create(CultureInfo.InvariantCulture, $"{BrewingWater.Usual.HardnessMgL:0} is the middle of what is usual") };
        if (First is null || Second is null)
        {
            return;
        }

        if (aim.Value is { } hardness)
        {
            if (First.AsWater.ShareFor(Second.AsWater, hardness) is { } needed)
            {
                Tell(needed);
            }
            else
            {
                Wanted = Wanted with { Problem = $"No mix of the two has that: it lies between {FigureFormat.Number(Math.Min(First.HardnessMgL, Second.HardnessMgL), 0)} and {FigureFormat.Number(Math.Max(First.HardnessMgL, Second.HardnessMgL), 0)} mg/L." };
            }
        }
        else if (part.Value is { } percent)
        {
            Tell(percent / 100);
        }
    }

    private void Tell(double share)
    {
        Mixed = First!.AsWater.Mixed(Second!.AsWater, share);
        var ml = 1_000 * share;
        How = ml is < 100 or > 900
            ? $"In each litre, {FigureFormat.Number(ml, ml < 100 ? 1 : 0)} ml of {Second.Name} and {FigureFormat.Number(1_000 - ml, ml > 900 ? 1 : 0)} ml of {First.Name}."
            : $"{FigureFormat.Number(100 * share, 0)} % {Second.Name}, {FigureFormat.Number(100 - (100 * share), 0)} % {First.Name}: {FigureFormat.Number(ml, 0)} ml and {FigureFormat.Number(1_000 - ml, 0)} ml in each litre.";
    }

    private OwnedWater? Pick(string? id) => int.TryParse(id, NumberStyles.None, CultureInfo.InvariantCulture, out var wanted) ? Waters.FirstOrDefault(water => water.Id == wanted) : null;
}
