using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using Cistern.Data.House;

namespace Cistern.Web.House;

/// <summary>A code that lets one device in.</summary>
/// <param name="Digits">Six digits.</param>
/// <param name="Role">What the device may do then.</param>
/// <param name="EndsAtMs">Until when it is good, UTC ms.</param>
public sealed record PairingCode(string Digits, DeviceRole Role, long EndsAtMs);

/// <summary>What came of a code that was tried.</summary>
public enum PairingTry
{
    /// <summary>It lets the device in, and nobody else any more.</summary>
    Good,

    /// <summary>It is not the one, or there is none.</summary>
    Wrong,

    /// <summary>Too many were tried: none is looked at for a while.</summary>
    Shut,
}

/// <summary>
/// Where devices are let in: one code at a time, good once and for five minutes; five wrong ones shut it for five. Wrong ones
/// are counted over the whole house, not by address, since addresses are cheap: a stranger can keep the house waiting so, and
/// that is told to the keeper, but cannot guess.
/// </summary>
public sealed class PairingDesk(TimeProvider time)
{
    /// <summary>How long a code is good, ms.</summary>
    public const long GoodForMs = 300_000;

    /// <summary>How long it is shut after too many wrong ones, ms.</summary>
    public const long ShutForMs = 300_000;

    /// <summary>How many wrong ones shut it.</summary>
    public const int MostTries = 5;

    private readonly Lock gate = new();
    private PairingCode? code;
    private int wrong;
    private long shutUntilMs;

    private PairingCode? Good => code is { } one && one.EndsAtMs > NowMs ? one : null;

    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>The code that is good now; null where there is none.</summary>
    public PairingCode? Current
    {
        get
        {
            lock (gate)
            {
                return Good;
            }
        }
    }

    /// <summary>Until when it is shut, UTC ms; null while it is not.</summary>
    public long? ShutUntilMs
    {
        get
        {
            lock (gate)
            {
                return shutUntilMs > NowMs ? shutUntilMs : null;
            }
        }
    }

    /// <summary>Where the last wrong ones came from, for the keeper; empty where there were none of late.</summary>
    public string WrongFrom { get; private set; } = "";

    /// <summary>Makes a new code; the one before is good no more. What was tried and shut stays shut.</summary>
    public PairingCode Offer(DeviceRole role)
    {
        lock (gate)
        {
            return code = new PairingCode(RandomNumberGenerator.GetInt32(1_000_000).ToString("D6", CultureInfo.InvariantCulture), role, NowMs + GoodForMs);
        }
    }

    /// <summary>Takes the code back.</summary>
    public void Withdraw()
    {
        lock (gate)
        {
            code = null;
        }
    }

    /// <summary>Tries a code.</summary>
    /// <param name="text">As it was typed.</param>
    /// <param name="from">Where it came from, for the keeper.</param>
    /// <param name="role">What it lets the device do, where it is good.</param>
    public PairingTry Try(string text, string from, out DeviceRole role)
    {
        role = DeviceRole.Guest;
        var digits = string.Concat(text.Where(char.IsAsciiDigit));
        lock (gate)
        {
            if (shutUntilMs > NowMs)
            {
                return PairingTry.Shut;
            }

            if (Good is { } one && CryptographicOperations.FixedTimeEquals(Encoding.ASCII.GetBytes(digits), Encoding.ASCII.GetBytes(one.Digits)))
            {
                (role, code, wrong, WrongFrom) = (one.Role, null, 0, "");
                return PairingTry.Good;
            }

            WrongFrom = from;
            if (++wrong < MostTries)
            {
                return PairingTry.Wrong;
            }

            (wrong, code, shutUntilMs) = (0, null, NowMs + ShutForMs);
            return PairingTry.Shut;
        }
    }
}
