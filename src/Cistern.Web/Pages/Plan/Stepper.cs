namespace Cistern.Web.Pages.Plan;

/// <summary>A number on the plan page, typed or changed by − and +.</summary>
/// <param name="Name">Its name in the form.</param>
/// <param name="Label">Its name.</param>
/// <param name="Text">Its text.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="Held">Whether it is held when others change.</param>
/// <param name="Problem">What is wrong with it.</param>
/// <param name="Aside">A note below its label.</param>
public sealed record Stepper(string Name, string Label, string Text, string? Unit, bool Held, string? Problem, string? Aside)
{
    /// <summary>Whether it can be held when others change.</summary>
    public bool Lockable { get; init; }

    /// <summary>What − does, for screen readers.</summary>
    public string Less { get; init; } = $"Less {Label.ToLowerInvariant()}";

    /// <summary>What + does, for screen readers.</summary>
    public string More { get; init; } = $"More {Label.ToLowerInvariant()}";
}

/// <summary>A choice of a thing on the shelf for a plan.</summary>
/// <param name="Name">Its name in the form.</param>
/// <param name="Label">Its label.</param>
/// <param name="None">The meaning of choosing none.</param>
/// <param name="Rows">Their ids and names.</param>
/// <param name="Chosen">The chosen one.</param>
public sealed record Picker(string Name, string Label, string None, IEnumerable<(int Id, string Name)> Rows, int? Chosen);
