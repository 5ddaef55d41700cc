using System.Security.Cryptography;
using System.Text;

namespace Cistern.Application.Devices;

/// <summary>A token shown by a device.</summary>
/// <param name="Device">The device it belongs to.</param>
/// <param name="IsPrevious">Whether it is the previous token.</param>
public sealed record KnownToken(Device Device, bool IsPrevious)
{
    /// <summary>Whether the previous token was used after the new one: one of the two has been copied.</summary>
    /// <param name="nowMs">Now, UTC ms.</param>
    public bool WasCopied(long nowMs) => IsPrevious && Device.TokenUsedAtMs is { } usedAtMs && nowMs - usedAtMs is < 0 or > DeviceStore.InFlightMs;
}

/// <summary>Stores connected devices and the record of actions on the installation.</summary>
public sealed class DeviceStore(CisternDb db)
{
    /// <summary>Age at which a token is replaced, ms, so that a copied one does not stay valid.</summary>
    public const long RotatedAfterMs = 7L * 86_400_000;

    /// <summary>
    /// A new token unused for this long was lost with its answer, ms: a device that still shows the previous one gets another.
    /// Parallel requests arrive sooner than this, so none of them invalidates the other's new token.
    /// </summary>
    public const long LostAfterMs = 300_000;

    /// <summary>Requests already under way when the new token was first used carry the previous one, ms.</summary>
    public const long InFlightMs = 3_000;

    /// <summary>The most letters of a device's name.</summary>
    public const int MaxNameLength = 60;

    /// <summary>The most lines of the record that are kept.</summary>
    private const int MaxRecords = 2_000;

    /// <summary>What is wrong with a device's name, or null.</summary>
    public static string? NameProblem(string name) => name.Length == 0 ? "This must not be empty." : PlainText.Problem(name, MaxNameLength, lines: false);

    /// <summary>What of a token is kept.</summary>
    public static string HashOf(string token) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(token)));

    /// <summary>A new token: 256 bits of chance.</summary>
    public static string NewToken() => Convert.ToBase64String(RandomNumberGenerator.GetBytes(32)).TrimEnd('=').Replace('+', '-').Replace('/', '_');

    /// <summary>Takes a device in.</summary>
    /// <param name="name">Its name.</param>
    /// <param name="role">What it may do.</param>
    /// <param name="by">Who let it in.</param>
    /// <param name="nowMs">Now, UTC ms.</param>
    /// <param name="ct">Cancels it.</param>
    /// <returns>The device, and its token, which is available only now.</returns>
    public async Task<(Device Device, string Token)> JoinAsync(string name, DeviceRole role, string by, long nowMs, CancellationToken ct)
    {
        var token = NewToken();
        var device = new Device { Name = name, Role = role, TokenHash = HashOf(token), TokenAtMs = nowMs, JoinedAtMs = nowMs, SeenAtMs = nowMs };
        db.Devices.Add(device);
        Note($"{name} was connected as {Words<DeviceRole>.Of(role)}.", by, nowMs);
        await db.SaveChangesAsync(ct);
        return (device, token);
    }

    /// <summary>The connected device with this token or previous token; null where there is none.</summary>
    public async Task<KnownToken?> FindAsync(string token, CancellationToken ct)
    {
        var hash = HashOf(token);
        return await db.Devices.AsNoTracking().FirstOrDefaultAsync(one => one.RevokedAtMs == null && (one.TokenHash == hash || one.BeforeHash == hash), ct) is { } device
            ? new KnownToken(device, IsPrevious: device.TokenHash != hash)
            : null;
    }

    /// <summary>
    /// Processes a token that a device has shown: a new token is marked as used, which invalidates the previous one; an old token is
    /// replaced.
    /// </summary>
    /// <param name="known">The device, and which of its tokens was shown.</param>
    /// <param name="mayGive">Whether the response can carry a new token.</param>
    /// <param name="nowMs">Now, UTC ms.</param>
    /// <param name="ct">Cancels it.</param>
    /// <returns>The new token; null where none is due, or another request was first.</returns>
    public async Task<string?> RotateTokenAsync(KnownToken known, bool mayGive, long nowMs, CancellationToken ct)
    {
        var device = known.Device;
        if (!known.IsPrevious && device.BeforeHash.Length > 0 && device.TokenUsedAtMs is null)
        {
            await db.Devices.Where(one => one.Id == device.Id && one.TokenHash == device.TokenHash && one.TokenUsedAtMs == null)
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.TokenUsedAtMs, nowMs), ct);
        }

        if (!mayGive || device.TokenAtMs > nowMs - (known.IsPrevious ? LostAfterMs : RotatedAfterMs))
        {
            return null;
        }

        var token = NewToken();
        var (hash, before) = (HashOf(token), known.IsPrevious ? device.BeforeHash : device.TokenHash);
        return await db.Devices.Where(one => one.Id == device.Id && one.TokenHash == device.TokenHash && (!known.IsPrevious || one.TokenUsedAtMs == null)).ExecuteUpdateAsync(
            set => set.SetProperty(one => one.BeforeHash, before).SetProperty(one => one.TokenHash, hash).SetProperty(one => one.TokenAtMs, nowMs).SetProperty(one => one.TokenUsedAtMs, (long?)null), ct) == 1 ? token : null;
    }

    /// <summary>Updates when a device was last seen.</summary>
    public Task SeenAsync(int id, long nowMs, CancellationToken ct) =>
        db.Devices.Where(one => one.Id == id).ExecuteUpdateAsync(set => set.SetProperty(one => one.SeenAtMs, nowMs), ct);

    /// <summary>All devices: connected ones first, then by when they were last seen.</summary>
    public async Task<IReadOnlyList<Device>> AllAsync(CancellationToken ct) =>
        await db.Devices.AsNoTracking().OrderBy(one => one.RevokedAtMs != null).ThenByDescending(one => one.SeenAtMs).ToListAsync(ct);

    /// <summary>Removes a device; false where there is no such connected device.</summary>
    public Task<bool> RevokeAsync(int id, string by, long nowMs, CancellationToken ct) => RevokeAsync(id, name => $"{name} was removed.", by, nowMs, ct);

    /// <summary>Removes a device whose previous token was used after the new one.</summary>
    public Task<bool> RevokeCopiedAsync(int id, string from, long nowMs, CancellationToken ct) =>
        RevokeAsync(id, name => $"{name} was removed: its old token was used from {from} after the new one, so somebody may have copied it.", "this machine", nowMs, ct);

    private async Task<bool> RevokeAsync(int id, Func<string, string> what, string by, long nowMs, CancellationToken ct)
    {
        if (await db.Devices.FirstOrDefaultAsync(one => one.Id == id && one.RevokedAtMs == null, ct) is not { } device)
        {
            return false;
        }

        device.RevokedAtMs = nowMs;
        Note(what(device.Name), by, nowMs);
        await db.SaveChangesAsync(ct);
        return true;
    }

    /// <summary>Changes a device's role; false where there is no such connected device.</summary>
    public async Task<bool> ChangeAsync(int id, DeviceRole role, string by, long nowMs, CancellationToken ct)
    {
        // An instrument's token is used by a gateway and opens no page; a page's device is no instrument.
        if (role == DeviceRole.Instrument || await db.Devices.FirstOrDefaultAsync(one => one.Id == id && one.RevokedAtMs == null && one.Role != DeviceRole.Instrument, ct) is not { } device)
        {
            return false;
        }

        if (device.Role != role)
        {
            Note($"{device.Name} is {Device.Called(role)} now, and was {Device.Called(device.Role)}.", by, nowMs);
            device.Role = role;
            await db.SaveChangesAsync(ct);
        }

        return true;
    }

    /// <summary>Adds a line to the record.</summary>
    public async Task RecordAsync(string what, string who, long nowMs, CancellationToken ct)
    {
        Note(what, who, nowMs);
        await db.SaveChangesAsync(ct);
        await db.ActionRecords.Where(one => one.Id <= db.ActionRecords.Max(last => last.Id) - MaxRecords).ExecuteDeleteAsync(ct);
    }

    /// <summary>The newest lines of the record.</summary>
    public async Task<IReadOnlyList<ActionRecord>> RecordsAsync(int most, CancellationToken ct) =>
        await db.ActionRecords.AsNoTracking().OrderByDescending(one => one.Id).Take(most).ToListAsync(ct);

    private void Note(string what, string who, long nowMs) => db.ActionRecords.Add(new ActionRecord { What = what, Who = who, AtMs = nowMs });
}
