using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using Cistern.Data.House;
using Cistern.Web.Frame;

namespace Cistern.Web.House;

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
    public const long GoodForMs = 300_000;

    private readonly Lock gate = new();
    private readonly TryLimiter tries = new(time);
    private JoinCode? code;

    private JoinCode? Good => code is { } one && GoodFor(one) > TimeSpan.Zero ? one : null;

    /// <summary>The current code; null where there is none.</summary>
    public JoinCode? Current
    {
        get
        {
            lock (gate)
            {
                return Good;
            }
        }
    }

    /// <summary>How much longer a code is good.</summary>
    public TimeSpan GoodFor(JoinCode one) => TimeSpan.FromMilliseconds(GoodForMs) - time.GetElapsedTime(one.At);

    /// <summary>How long joining stays blocked; null while it is not.</summary>
    public TimeSpan? ShutFor
    {
        get
        {
            lock (gate)
            {
                return tries.ShutFor;
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
            if (tries.ShutFor is not null)
            {
                return TryResult.Shut;
            }

            var good = Good;
            var tried = tries.Take(() => good is not null && CryptographicOperations.FixedTimeEquals(Encoding.ASCII.GetBytes(digits), Encoding.ASCII.GetBytes(good.Digits)));
            if (tried == TryResult.Good)
            {
                role = good!.Role;
            }

            WrongFrom = tried == TryResult.Good ? "" : from;
            code = tried == TryResult.Wrong ? code : null;
            return tried;
        }
    }
}
