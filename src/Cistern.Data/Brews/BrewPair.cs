using Cistern.Core.Reckoning;

namespace Cistern.Data.Brews;

/// <summary>Two plans that are brewed as one: one thing changed from the first to the second, the rest held.</summary>
public sealed class BrewPair
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The plan of A, kept; null where it has been let go of.</summary>
    public int? FirstPlanId { get; set; }

    /// <summary>The plan of B; null where it has been let go of.</summary>
    public int? SecondPlanId { get; set; }

    /// <summary>How long after A the clock of B starts, s.</summary>
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

/// <summary>Two brews tasted blind: how the cups were dealt, what each taster answered, and when it was revealed.</summary>
public sealed class BlindSession
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>How it is tasted; kept as a word.</summary>
    public BlindKind Kind { get; set; }

    /// <summary>How many taste.</summary>
    public int Tasters { get; set; }

    /// <summary>What dealt the cups: the same deals the same.</summary>
    public int Seed { get; set; }

    /// <summary>The brew in the cups A, or null where that is not in the log.</summary>
    public int? FirstBrewId { get; set; }

    /// <summary>The brew in the cups B, or null where that is not in the log.</summary>
    public int? SecondBrewId { get; set; }

    /// <summary>What it is about, in a word: what was changed.</summary>
    public string What { get; set; } = "";

    /// <summary>When the cups were dealt, UTC milliseconds.</summary>
    public long OpenedAtMs { get; set; }

    /// <summary>When it was revealed, UTC milliseconds; null before. Nothing is answered after it.</summary>
    public long? RevealedAtMs { get; set; }

    /// <summary>Who dealt them.</summary>
    public string By { get; set; } = "";

    /// <summary>What the tasters answered.</summary>
    public List<BlindAnswer> Answers { get; } = [];
}

/// <summary>What one taster answered, blind.</summary>
public sealed class BlindAnswer
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The tasting it belongs to.</summary>
    public int SessionId { get; set; }

    /// <summary>Which taster, counted from 1.</summary>
    public int Taster { get; set; }

    /// <summary>The taster's name, where one was given.</summary>
    public string Name { get; set; } = "";

    /// <summary>The codes of the cups that were named, parted by a blank, the least first.</summary>
    public required string Picked { get; set; }

    /// <summary>What was tasted, in the taster's words.</summary>
    public string Note { get; set; } = "";

    /// <summary>When it was kept, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>The guest's device it came from, whose answer it stays; null from the bench or a barista's device.</summary>
    public int? DeviceId { get; set; }
}
