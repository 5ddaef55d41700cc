namespace Cistern.Data.Brews;

/// <summary>What was learned from the brews of this installation; one row, replaced as brews are added.</summary>
public sealed class LearnedRow
{
    /// <summary>The only row's number.</summary>
    public const int OnlyId = 1;

    /// <summary>Always <see cref="OnlyId"/>.</summary>
    public int Id { get; set; }

    /// <summary>The version of the model it was learned with; another version learns again.</summary>
    public required string ModelVersion { get; set; }

    /// <summary>When it was learned, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>The parameters and their joint uncertainty, as JSON.</summary>
    public required string Json { get; set; }
}
