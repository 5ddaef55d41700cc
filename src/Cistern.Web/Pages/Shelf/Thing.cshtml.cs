using System.Globalization;
using Cistern.Core.Recipes;
using Cistern.Data;
using Cistern.Data.Shelf;
using Cistern.Web.Frame;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Primitives;

namespace Cistern.Web.Pages.Shelf;

/// <summary>Adds or changes one thing on the shelf. Brews already logged keep what they were brewed with.</summary>
public sealed class ThingModel(CisternDb db, Here here) : PageModel
{
    public string Kind { get; private set; } = "";

    public bool New { get; private set; }

    public ThingForm Form { get; private set; } = null!;

    /// <summary>The words to choose from, by the name they are sent under; for a vessel.</summary>
    public IReadOnlyList<Choice> Choices { get; private set; } = [];

    /// <summary>A choice of one word of several.</summary>
    /// <param name="Name">The name it is sent under.</param>
    /// <param name="Label">What it is called.</param>
    /// <param name="Words">The words.</param>
    /// <param name="Stands">The one that stands.</param>
    public sealed record Choice(string Name, string Label, IReadOnlyList<string> Words, string Stands);

    public Task<IActionResult> OnGetAsync(string kind, string id, CancellationToken ct) => HandleAsync(kind, id, null, ct);

    public Task<IActionResult> OnPostAsync(string kind, string id, CancellationToken ct) => HandleAsync(kind, id, Request.Form, ct);

    private async Task<IActionResult> HandleAsync(string kind, string id, IEnumerable<KeyValuePair<string, StringValues>>? sent, CancellationToken ct)
    {
        Kind = kind;
        New = id == "new";
        Form = new ThingForm(sent);
        if (!New && !int.TryParse(id, NumberStyles.None, CultureInfo.InvariantCulture, out _))
        {
            return NotFound();
        }

        var number = New ? 0 : int.Parse(id, CultureInfo.InvariantCulture);
        var found = kind switch
        {
            "coffee" => Take(await RowAsync(db.Bags, number, () => new Bag { Name = "", Roast = 0.4, RoastedOn = here.Today.AddDays(-7), LeftG = 250 }, ct), Bag),
            "place" => Take(await RowAsync(db.Places, number, () => new BrewPlace { Name = "", AmbientC = 21 }, ct), Place),
            "mill" => Take(await RowAsync(db.Mills, number, () => new Mill { Name = "", Most = 40, UmAtZero = 100, UmPerSetting = 25, Spread = 0.45, SettingName = "clicks" }, ct), Mill),
            "vessel" => Take(await RowAsync(db.Vessels, number, () => new OwnedVessel { Name = "", Family = VesselFamily.FrenchPress, CapacityMl = 1_000 }, ct), row => Vessel(row, sent)),
            _ => false,
        };
        if (!found)
        {
            return NotFound();
        }

        if (sent is null)
        {
            return Page();
        }

        if (!Form.Good || Problems.Count > 0)
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        await db.SaveChangesAsync(ct);
        return RedirectToPage("/Shelf/Shelf");
    }

    private static bool Take<T>(T? row, Action<T> fields)
        where T : class
    {
        if (row is not null)
        {
            fields(row);
        }

        return row is not null;
    }

    private async Task<T?> RowAsync<T>(DbSet<T> rows, int id, Func<T> fresh, CancellationToken ct)
        where T : class
    {
        if (!New)
        {
            return await rows.FindAsync([id], ct);
        }

        var row = fresh();
        rows.Add(row);
        return row;
    }

    private void Bag(Bag bag)
    {
        bag.Name = Form.Text("name", "Name", bag.Name, 80, required: true);
        bag.Origin = Form.Text("origin", "From", bag.Origin, 120);
        bag.Roast = Form.Number("roast", "Roast", bag.Roast, 0, 1, "", "0 is the lightest, 1 the darkest");
        bag.RoastedOn = Form.Day("roasted", "Roasted on", bag.RoastedOn, here.Today);
        bag.LeftG = Form.Number("left", "Left in the bag", bag.LeftG, 0, 20_000, "g");
        bag.TastesOf = Form.Text("tastes", "Tastes of", bag.TastesOf, 200);
    }

    private void Place(BrewPlace place)
    {
        place.Name = Form.Text("name", "Name", place.Name, 80, required: true);
        place.AltitudeM = Form.Number("altitude", "Altitude", place.AltitudeM, -430, 6_000, "m", "decides where water boils");
        place.AmbientC = Form.Number("ambient", "Room temperature", place.AmbientC, -10, 45, "°C");
        place.Water = Form.Text("water", "Its water", place.Water, 200);
    }

    private void Mill(Mill mill)
    {
        mill.Name = Form.Text("name", "Name", mill.Name, 80, required: true);
        mill.SettingName = Form.Text("setting", "It counts", mill.SettingName, 20, required: true);
        mill.Least = Form.Number("least", "Least", mill.Least, 0, 1_000, "");
        mill.Most = Form.Number("most", "Most", mill.Most, 0.1, 1_000, "");
        mill.Step = Form.Number("step", "By", mill.Step, 0.01, 10, "", "the smallest step it has");
        mill.UmAtZero = Form.Number("zero", "Median at 0", mill.UmAtZero, 0, 2_000, "µm");
        mill.UmPerSetting = Form.Number("per", "Median for each 1 more", mill.UmPerSetting, 0.5, 1_000, "µm");
        mill.Spread = Form.Number("spread", "Spread", mill.Spread, 0.05, 1.5, "", "about 0.42 even, 0.68 uneven");
    }

    private void Vessel(OwnedVessel vessel, IEnumerable<KeyValuePair<string, StringValues>>? sent)
    {
        vessel.Name = Form.Text("name", "Name", vessel.Name, 80, required: true);
        vessel.CapacityMl = Form.Number("capacity", "To the brim", vessel.CapacityMl, 50, 6_000, "ml");
        if (sent is not null)
        {
            vessel.Family = Words<VesselFamily>.Find(sent.Value("family")) ?? vessel.Family;
            vessel.Material = Words<Material>.Find(sent.Value("material"));
            vessel.Filter = Words<Filter>.Find(sent.Value("filter"));
            vessel.Cone = vessel.Family is VesselFamily.ValveDripper or VesselFamily.LeverDripper ? Words<Cone>.Find(sent.Value("cone")) : null;
        }

        const string Usual = "the usual";
        Choices =
        [
            new Choice("family", "Family", Words<VesselFamily>.All, Words<VesselFamily>.Of(vessel.Family)),
            new Choice("material", "Material", [Usual, .. Words<Material>.All], vessel.Material is { } material ? Words<Material>.Of(material) : Usual),
            new Choice("filter", "Filter", [Usual, .. Words<Filter>.All], vessel.Filter is { } filter ? Words<Filter>.Of(filter) : Usual),
            new Choice("cone", "Cone", [Usual, .. Words<Cone>.All], vessel.Cone is { } cone ? Words<Cone>.Of(cone) : Usual),
        ];
        foreach (var finding in RecipeChecker.CheckVessel(vessel.AsBrewer))
        {
            Problems.Add($"{finding.Rule} {finding.Remedy}");
        }
    }

    /// <summary>What is wrong with the thing as a whole.</summary>
    public List<string> Problems { get; } = [];
}
