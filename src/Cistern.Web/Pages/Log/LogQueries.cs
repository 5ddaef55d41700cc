using Microsoft.AspNetCore.WebUtilities;

namespace Cistern.Web.Pages.Log;

/// <summary>Reads a query of the log from an address.</summary>
public static class LogQueries
{
    /// <summary>What an address asks for.</summary>
    public static LogQuery Of(FormValues members) =>
        LogQuery.Read(members.SelectMany(pair => pair.Value.Select(value => KeyValuePair.Create(pair.Key, value))));

    /// <summary>The query after a question mark.</summary>
    public static LogQuery Of(string query) => Of(QueryHelpers.ParseQuery(query));
}
