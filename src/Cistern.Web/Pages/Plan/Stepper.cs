namespace Cistern.Web.Pages.Plan;

/// <summary>A number on the plan page: typed, or stepped by − and +.</summary>
/// <param name="Name">The name it is sent under.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Text">What stands there.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="Lock">"held" where it stays when others change.</param>
/// <param name="Problem">What is wrong with it.</param>
/// <param name="Aside">What goes with it, under its label.</param>
/// <param name="RecipeId">The plan's recipe.</param>
public sealed record Stepper(string Name, string Label, string Text, string? Unit, string Lock, string? Problem, string? Aside, string RecipeId);
