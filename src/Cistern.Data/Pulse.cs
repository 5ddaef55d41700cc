namespace Cistern.Data;

/// <summary>One row that the health answer writes and reads again, to know that the file still takes what it is given.</summary>
public sealed class Pulse
{
    /// <summary>Always 1: there is one.</summary>
    public int Id { get; set; }

    /// <summary>What was last written.</summary>
    public required string Text { get; set; }
}
