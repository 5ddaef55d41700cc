namespace Cistern.Data;

/// <summary>The row that the health check writes and reads, to verify that the file can be written.</summary>
public sealed class Pulse
{
    /// <summary>Always 1: there is one.</summary>
    public int Id { get; set; }

    /// <summary>What was last written.</summary>
    public required string Text { get; set; }
}
