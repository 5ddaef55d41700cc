using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;
using Microsoft.AspNetCore.DataProtection;

namespace Cistern.Web.Frame;

/// <summary>
/// PINs of baristas, asked for before a device brews as somebody who has one. They only prevent mistakes between colleagues: four
/// digits can be found by anybody with the data file, however they are hashed. So they are stored salted and slow to try, and five
/// wrong ones in a row block further tries for five minutes, for that barista on that device only, so that nobody can lock the owner
/// out.
/// </summary>
public sealed class Pins(IDataProtectionProvider protection, TimeProvider time)
{
    /// <summary>The cookie that proves that a PIN was entered on this device; valid until the PIN changes.</summary>
    public const string Cookie = "barista-pin";

    /// <summary>The fewest digits.</summary>
    public const int MinDigits = 4;

    /// <summary>The most.</summary>
    public const int MaxDigits = 8;

    /// <summary>The OWASP recommendation for this function (2023); some 50 ms per try.</summary>
    private const int Iterations = 210_000;

    private readonly IDataProtector protector = protection.CreateProtector("Cistern.Pins");
    private readonly ConcurrentDictionary<(int Barista, int Device), TryLimiter> tries = new();

    /// <summary>What is wrong with a new PIN, or null.</summary>
    public static string? Problem(string pin) =>
        pin.Length is >= MinDigits and <= MaxDigits && pin.All(char.IsAsciiDigit) ? null : string.Create(CultureInfo.InvariantCulture, $"A PIN has {MinDigits} to {MaxDigits} digits.");

    /// <summary>What is kept of a PIN.</summary>
    public static string HashOf(string pin)
    {
        var salt = RandomNumberGenerator.GetBytes(16);
        return string.Create(CultureInfo.InvariantCulture, $"{Iterations}.{Convert.ToHexString(salt)}.{Convert.ToHexString(Hash(pin, salt, Iterations))}");
    }

    /// <summary>Tries a PIN.</summary>
    /// <param name="barista">The barista.</param>
    /// <param name="pin">What was typed.</param>
    /// <param name="device">The device; 0 for the server's own screen.</param>
    public TryResult Try(Barista barista, string pin, int device)
    {
        var own = tries.GetOrAdd((barista.Id, device), _ => new TryLimiter(time));
        lock (own)
        {
            return own.Try(() => Matches(barista.Pin, pin));
        }
    }

    /// <summary>The proof, stored on a device, that a barista's PIN was entered there.</summary>
    public string Proof(Barista barista) => protector.Protect(Payload(barista));

    /// <summary>Whether a device may brew as a barista; a barista without a PIN needs no proof.</summary>
    public bool Proves(Barista barista, string? proof)
    {
        if (barista.Pin.Length == 0)
        {
            return true;
        }

        try
        {
            return proof is { Length: > 0 and < 2_000 } && CryptographicOperations.FixedTimeEquals(Encoding.UTF8.GetBytes(protector.Unprotect(proof)), Encoding.UTF8.GetBytes(Payload(barista)));
        }
        catch (CryptographicException)
        {
            return false;
        }
    }

    // Contains the PIN's hash, so that a new PIN invalidates earlier proofs.
    private static string Payload(Barista barista) => string.Create(CultureInfo.InvariantCulture, $"{barista.Id}.{barista.Pin}");

    private static bool Matches(string kept, string pin) =>
        kept.Split('.') is [var iterations, var salt, var hash] && int.TryParse(iterations, NumberStyles.None, CultureInfo.InvariantCulture, out var count)
        && CryptographicOperations.FixedTimeEquals(Hash(pin, Convert.FromHexString(salt), count), Convert.FromHexString(hash));

    private static byte[] Hash(string pin, byte[] salt, int iterations) => Rfc2898DeriveBytes.Pbkdf2(pin, salt, iterations, HashAlgorithmName.SHA512, 32);
}
