using System.Security.Cryptography;
using System.Text;
using Cistern.Core.Recipes;
using Cistern.Data.House;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Data.Stores;

/// <summary>Keeps the devices that are paired, and the record of what was done about the house.</summary>
public sealed class DeviceStore(CisternDb db)
{
    /// <summary>A token is replaced when it is this old, ms: one that was copied is not good for ever.</summary>
    public const long RotatedAfterMs = 7L * 86_400_000;

    /// <summary>The one before it is good this much longer, ms.</summary>
    public const long BeforeGoodForMs = 300_000;

    /// <summary>The most letters of a device's name.</summary>
    public const int LongestName = 60;

    /// <summary>The most lines of the record that are kept.</summary>
    private const int MostRecords = 2_000;

    /// <summary>What is wrong with a name for a device, or null.</summary>
    public static string? NameProblem(string name) => name.Length == 0 ? "This must not be empty." : PlainText.Problem(name, LongestName, lines: false);

    /// <summary>What of a token is kept.</summary>
    public static string HashOf(string token) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(token)));

    /// <summary>A new token: 256 bits of chance.</summary>
    public static string NewToken() => Convert.ToBase64String(RandomNumberGenerator.GetBytes(32)).TrimEnd('=').Replace('+', '-').Replace('/', '_');

    /// <summary>Takes a device in.</summary>
    /// <param name="name">What it is called.</param>
    /// <param name="role">What it may do.</param>
    /// <param name="by">Who let it in.</param>
    /// <param name="nowMs">Now, UTC ms.</param>
    /// <param name="ct">Stops it.</param>
    /// <returns>The device, and its token, which is told this once.</returns>
    public async Task<(Device Device, string Token)> PairAsync(string name, DeviceRole role, string by, long nowMs, CancellationToken ct)
    {
        var token = NewToken();
        var device = new Device { Name = name, Role = role, TokenHash = HashOf(token), TokenAtMs = nowMs, PairedAtMs = nowMs, SeenAtMs = nowMs };
        db.Devices.Add(device);
        Note($"{name} was paired as {Words<DeviceRole>.Of(role)}.", by, nowMs);
        await db.SaveChangesAsync(ct);
        return (device, token);
    }

    /// <summary>The device a token belongs to; null where it belongs to none that is in.</summary>
    public async Task<Device?> FindAsync(string token, long nowMs, CancellationToken ct)
    {
        var hash = HashOf(token);
        return await db.Devices.AsNoTracking().FirstOrDefaultAsync(
            one => one.PutOutAtMs == null && (one.TokenHash == hash || (one.BeforeHash == hash && one.TokenAtMs > nowMs - BeforeGoodForMs)), ct);
    }

    /// <summary>A new token for a device whose own is old; null where it is not, or another request was first.</summary>
    public async Task<string?> RotateAsync(Device device, long nowMs, CancellationToken ct)
    {
        if (device.TokenAtMs > nowMs - RotatedAfterMs)
        {
            return null;
        }

        var token = NewToken();
        var hash = HashOf(token);
        return await db.Devices.Where(one => one.Id == device.Id && one.TokenHash == device.TokenHash).ExecuteUpdateAsync(
            set => set.SetProperty(one => one.BeforeHash, device.TokenHash).SetProperty(one => one.TokenHash, hash).SetProperty(one => one.TokenAtMs, nowMs), ct) == 1 ? token : null;
    }

    /// <summary>Remembers that a device was heard of.</summary>
    public Task SeenAsync(int id, long nowMs, CancellationToken ct) =>
        db.Devices.Where(one => one.Id == id).ExecuteUpdateAsync(set => set.SetProperty(one => one.SeenAtMs, nowMs), ct);

    /// <summary>Every device, those that are in first, the last heard of first.</summary>
    public async Task<IReadOnlyList<Device>> AllAsync(CancellationToken ct) =>
        await db.Devices.AsNoTracking().OrderBy(one => one.PutOutAtMs != null).ThenByDescending(one => one.SeenAtMs).ToListAsync(ct);

    /// <summary>Puts a device out; false where there is none that is in.</summary>
    public async Task<bool> PutOutAsync(int id, string by, long nowMs, CancellationToken ct)
    {
        if (await db.Devices.FirstOrDefaultAsync(one => one.Id == id && one.PutOutAtMs == null, ct) is not { } device)
        {
            return false;
        }

        device.PutOutAtMs = nowMs;
        Note($"{device.Name} was put out.", by, nowMs);
        await db.SaveChangesAsync(ct);
        return true;
    }

    /// <summary>Gives a device another role; false where there is none that is in.</summary>
    public async Task<bool> ChangeAsync(int id, DeviceRole role, string by, long nowMs, CancellationToken ct)
    {
        // An instrument's token stands in a gateway and opens no page; a page's device is no instrument.
        if (role == DeviceRole.Instrument || await db.Devices.FirstOrDefaultAsync(one => one.Id == id && one.PutOutAtMs == null && one.Role != DeviceRole.Instrument, ct) is not { } device)
        {
            return false;
        }

        if (device.Role != role)
        {
            Note($"{device.Name} is a {Words<DeviceRole>.Of(role)} now, and was a {Words<DeviceRole>.Of(device.Role)}.", by, nowMs);
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
        await db.HouseRecords.Where(one => one.Id <= db.HouseRecords.Max(last => last.Id) - MostRecords).ExecuteDeleteAsync(ct);
    }

    /// <summary>The newest lines of the record.</summary>
    public async Task<IReadOnlyList<HouseRecord>> RecordsAsync(int most, CancellationToken ct) =>
        await db.HouseRecords.AsNoTracking().OrderByDescending(one => one.Id).Take(most).ToListAsync(ct);

    private void Note(string what, string who, long nowMs) => db.HouseRecords.Add(new HouseRecord { What = what, Who = who, AtMs = nowMs });
}
