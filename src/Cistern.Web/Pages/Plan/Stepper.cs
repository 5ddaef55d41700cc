namespace Cistern.Web.Pages.Plan;

/// <summary>A number on the plan page: typed, or stepped by − and +.</summary>
/// <param name="Name">The name it is sent under.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Text">What stands there.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="Held">Whether it stays when others change.</param>
/// <param name="Problem">What is wrong with it.</param>
/// <param name="Aside">What goes with it, under its label.</param>
public sealed record Stepper(string Name, string Label, string Text, string? Unit, bool Held, string? Problem, string? Aside)
{
    /// <summary>Whether it can be made to stay when others change.</summary>
    public bool Lockable { get; init; }
}

/// <summary>One thing of the shelf to be chosen for a plan.</summary>
/// <param name="Name">The name it is sent under.</param>
/// <param name="Label">What it is called.</param>
/// <param name="None">What choosing none of them means.</param>
/// <param name="Rows">Their ids and names.</param>
/// <param name="Chosen">The one that stands.</param>
public sealed record Picker(string Name, string Label, string None, IEnumerable<(int Id, string Name)> Rows, int? Chosen);
