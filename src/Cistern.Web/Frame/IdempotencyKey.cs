using System.Security.Cryptography;
using System.Text;

namespace Cistern.Web.Frame;

/// <summary>The key by which a form counts once, however often it is sent.</summary>
public static class IdempotencyKey
{
    /// <summary>The field with the random value of the page.</summary>
    public const string Field = "job";

    private const string Token = "__RequestVerificationToken";

    /// <summary>
    /// The key of a form: the page's random value with everything else in the form. The same form sent again has the same key; one
    /// restored from the browser's history and changed has another.
    /// </summary>
    public static Guid Of(IFormCollection form)
    {
        if (form[Field].ToString() is not { Length: > 0 } made)
        {
            return Guid.NewGuid();
        }

        using var hash = IncrementalHash.CreateHash(HashAlgorithmName.SHA256);
        Add(hash, made);
        foreach (var (name, value) in form.Where(pair => pair.Key is not (Token or Field)).OrderBy(pair => pair.Key, StringComparer.Ordinal))
        {
            Add(hash, name);
            Add(hash, value.ToString());
        }

        return new Guid(hash.GetHashAndReset().AsSpan(0, 16));
    }

    /// <summary>The key of a second action of the same form.</summary>
    public static Guid Second(Guid key) => new(SHA256.HashData([.. key.ToByteArray(), 1]).AsSpan(0, 16));

    private static void Add(IncrementalHash hash, string text)
    {
        hash.AppendData(BitConverter.GetBytes(text.Length));
        hash.AppendData(Encoding.UTF8.GetBytes(text));
    }
}
