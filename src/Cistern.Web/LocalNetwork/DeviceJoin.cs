using System.Security.Cryptography;
using System.Text;

namespace Cistern.Web.LocalNetwork;

/// <summary>A code that lets one device join.</summary>
/// <param name="Digits">Six digits.</param>
/// <param name="Role">The role of the device.</param>
/// <param name="At">When it was made, by a monotonic clock.</param>
public sealed record JoinCode(string Digits, DeviceRole Role, long At);

/// <summary>
/// Lets devices join: one code at a time, valid once and for five minutes; five wrong ones block joining for five minutes. Wrong ones
/// are counted for all addresses together, since addresses are easy to change. A stranger can thereby delay joining, which the owner
/// is shown, but cannot guess a code.
/// </summary>
public sealed class DeviceJoin(TimeProvider time)
{
    /// <summary>How long a code is good, ms.</summary>
    public const long ValidForMs = 300_000;

    private readonly Lock gate = new();
    private readonly TryLimiter tries = new(time);
    private JoinCode? code;

    private JoinCode? Valid => code is { } one && ValidFor(one) > TimeSpan.Zero ? one : null;

    /// <summary>The current code; null where there is none.</summary>
    public JoinCode? Current
    {
        get
        {
            lock (gate)
            {
                return Valid;
            }
        }
    }

    /// <summary>How much longer a code is good.</summary>
    public TimeSpan ValidFor(JoinCode one) => TimeSpan.FromMilliseconds(ValidForMs) - time.GetElapsedTime(one.At);

    /// <summary>How long joining stays blocked; null while it is not.</summary>
    public TimeSpan? BlockedFor
    {
        get
        {
            lock (gate)
            {
                return tries.BlockedFor;
            }
        }
    }

    /// <summary>Where the last wrong codes came from, for the owner; empty where there were none recently.</summary>
    public string WrongFrom { get; private set; } = "";

    /// <summary>Makes a new code and invalidates the previous one. Counts and blocks are kept.</summary>
    public JoinCode Offer(DeviceRole role)
    {
        lock (gate)
        {
            return code = new JoinCode(RandomNumberGenerator.GetInt32(1_000_000).ToString("D6", CultureInfo.InvariantCulture), role, time.GetTimestamp());
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
    /// <param name="from">Where it came from, for the owner.</param>
    /// <param name="role">The role it gives, where it is valid.</param>
    public TryResult Try(string text, string from, out DeviceRole role)
    {
        role = DeviceRole.Guest;
        var digits = string.Concat(text.Where(char.IsAsciiDigit));
        lock (gate)
        {
            if (tries.BlockedFor is not null)
            {
                return TryResult.Blocked;
            }

            var good = Valid;
            var tried = tries.Try(() => good is not null && CryptographicOperations.FixedTimeEquals(Encoding.ASCII.GetBytes(digits), Encoding.ASCII.GetBytes(good.Digits)));
            if (tried == TryResult.Right)
            {
                role = good!.Role;
            }

            WrongFrom = tried == TryResult.Right ? "" : from;
            code = tried == TryResult.Wrong ? code : null;
            return tried;
        }
    }
}
