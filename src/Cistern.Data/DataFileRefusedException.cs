namespace Cistern.Data;

/// <summary>A data file that cannot be used, told in one plain sentence with what would do.</summary>
/// <param name="sentence">The sentence.</param>
/// <param name="inner">What lies behind it, or null.</param>
public sealed class DataFileRefusedException(string sentence, Exception? inner = null) : Exception(sentence, inner);
