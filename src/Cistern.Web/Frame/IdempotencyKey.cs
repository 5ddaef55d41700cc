using System.Security.Cryptography;
using System.Text;

namespace Cistern.Web.Frame;

/// <summary>The key under which what a form asks for counts once, however often it is sent.</summary>
public static class IdempotencyKey
{
    /// <summary>The field that carries what the page made up for it.</summary>
    public const string Field = "job";

    private const string Token = "__RequestVerificationToken";

    /// <summary>
    /// The key of a form: what the page made up, and all that was sent with it. So a form sent again is the same, and one
    /// that a browser brought back from its history and that asks for something else is not.
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

    /// <summary>The key of a second thing done with the same form.</summary>
    public static Guid Second(Guid key) => new(SHA256.HashData([.. key.ToByteArray(), 1]).AsSpan(0, 16));

    private static void Add(IncrementalHash hash, string text)
    {
        hash.AppendData(BitConverter.GetBytes(text.Length));
        hash.AppendData(Encoding.UTF8.GetBytes(text));
    }
}
