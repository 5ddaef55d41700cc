namespace Cistern.Data;

/// <summary>A data file cannot be used; the message is one plain sentence with the remedy.</summary>
/// <param name="sentence">The message.</param>
/// <param name="inner">The cause, or null.</param>
public sealed class DataFileRefusedException(string sentence, Exception? inner = null) : Exception(sentence, inner);
