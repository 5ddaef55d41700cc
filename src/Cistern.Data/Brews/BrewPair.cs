namespace Cistern.Data.Brews;

/// <summary>Two plans that are brewed together: one thing differs, the rest is the same.</summary>
public sealed class BrewPair
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The saved plan of A; null where it was removed.</summary>
    public int? FirstPlanId { get; set; }

    /// <summary>The saved plan of B; null where it was removed.</summary>
    public int? SecondPlanId { get; set; }

    /// <summary>How long after A's clock that of B starts, s.</summary>
    public double StaggerS { get; set; }

    /// <summary>The brew of A; null until the pair is brewed.</summary>
    public int? FirstBrewId { get; set; }

    /// <summary>The brew of B; null until the pair is brewed.</summary>
    public int? SecondBrewId { get; set; }

    /// <summary>When it was planned, UTC milliseconds.</summary>
    public long MadeAtMs { get; set; }

    /// <summary>Who planned it, or null.</summary>
    public int? BaristaId { get; set; }
}

/// <summary>A blind tasting of two brews: how the cups were assigned, what each taster answered, and when it was revealed.</summary>
public sealed class BlindSession
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>How it is tasted; kept as a word.</summary>
    public BlindKind Kind { get; set; }

    /// <summary>How many taste.</summary>
    public int Tasters { get; set; }

    /// <summary>The seed for assigning the cups.</summary>
    public int Seed { get; set; }

    /// <summary>The brew in the cups A, or null where it is not in the log.</summary>
    public int? FirstBrewId { get; set; }

    /// <summary>The brew in the cups B, or null where it is not in the log.</summary>
    public int? SecondBrewId { get; set; }

    /// <summary>What differs between the two, in a few words.</summary>
    public string What { get; set; } = "";

    /// <summary>When the cups were assigned, UTC milliseconds.</summary>
    public long OpenedAtMs { get; set; }

    /// <summary>When it was revealed, UTC milliseconds; null before. No answers are accepted afterwards.</summary>
    public long? RevealedAtMs { get; set; }

    /// <summary>Who started the tasting.</summary>
    public string By { get; set; } = "";

    /// <summary>What the tasters answered.</summary>
    public List<BlindAnswer> Answers { get; } = [];
}

/// <summary>What one taster answered, blind.</summary>
public sealed class BlindAnswer
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The tasting it belongs to.</summary>
    public int SessionId { get; set; }

    /// <summary>Which taster, counted from 1.</summary>
    public int Taster { get; set; }

    /// <summary>The taster's name, where given.</summary>
    public string Name { get; set; } = "";

    /// <summary>The codes of the chosen cups, separated by blanks, in ascending order.</summary>
    public required string Picked { get; set; }

    /// <summary>What was tasted, in the taster's words.</summary>
    public string Note { get; set; } = "";

    /// <summary>When it was kept, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>The guest's device that gave the answer and owns it; null for this machine or a barista's device.</summary>
    public int? DeviceId { get; set; }
}
