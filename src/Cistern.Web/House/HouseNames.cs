using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;

namespace Cistern.Web.House;

/// <summary>The names and addresses of this machine on the local network.</summary>
public interface IHouseNames
{
    /// <summary>Names, the preferred one first.</summary>
    IReadOnlyList<string> Names { get; }

    /// <summary>Addresses on local networks, without loopback.</summary>
    IReadOnlyList<IPAddress> Addresses { get; }
}

/// <summary>
/// Asks the operating system. Addresses change, so it asks again after a while, but not on every request, since that takes longer than
/// answering one.
/// </summary>
public sealed class MachineNames(TimeProvider time) : IHouseNames
{
    private static readonly TimeSpan AskedAgainAfter = TimeSpan.FromSeconds(5);

    private Said? said;

    /// <inheritdoc/>
    public IReadOnlyList<string> Names => Asked().Names;

    /// <inheritdoc/>
    public IReadOnlyList<IPAddress> Addresses => Asked().Addresses;

    private Said Asked()
    {
        var now = time.GetTimestamp();
        return said is { } one && time.GetElapsedTime(one.At, now) < AskedAgainAfter ? one : said = new Said(now, HostNames(), CardAddresses());
    }

    private static IReadOnlyList<string> HostNames()
    {
        var host = Dns.GetHostName().ToLowerInvariant();
        return host.EndsWith(".local", StringComparison.Ordinal) ? [host, "localhost"] : [host + ".local", host, "localhost"];
    }

    private static IReadOnlyList<IPAddress> CardAddresses() =>
    [
        .. NetworkInterface.GetAllNetworkInterfaces()
            .Where(card => card.OperationalStatus == OperationalStatus.Up && card.NetworkInterfaceType != NetworkInterfaceType.Loopback)
            .SelectMany(card => card.GetIPProperties().UnicastAddresses.Select(one => one.Address))
            .Where(address => address.AddressFamily == AddressFamily.InterNetwork || (address.AddressFamily == AddressFamily.InterNetworkV6 && !address.IsIPv6LinkLocal))
            .OrderBy(address => address.AddressFamily).ThenBy(address => address.ToString(), StringComparer.Ordinal),
    ];

    private sealed record Said(long At, IReadOnlyList<string> Names, IReadOnlyList<IPAddress> Addresses);
}
