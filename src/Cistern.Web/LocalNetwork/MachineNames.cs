using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;

namespace Cistern.Web.LocalNetwork;

/// <summary>The names and addresses of this machine on the local network.</summary>
public interface IMachineNames
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
public sealed class MachineNames(TimeProvider time) : IMachineNames
{
    private static readonly TimeSpan CachedFor = TimeSpan.FromSeconds(5);

    private Answer? answer;

    /// <inheritdoc/>
    public IReadOnlyList<string> Names => Current().Names;

    /// <inheritdoc/>
    public IReadOnlyList<IPAddress> Addresses => Current().Addresses;

    private Answer Current()
    {
        var now = time.GetTimestamp();
        return answer is { } one && time.GetElapsedTime(one.At, now) < CachedFor ? one : answer = new Answer(now, HostNames(), InterfaceAddresses());
    }

    private static IReadOnlyList<string> HostNames()
    {
        var host = Dns.GetHostName().ToLowerInvariant();
        return host.EndsWith(".local", StringComparison.Ordinal) ? [host, "localhost"] : [host + ".local", host, "localhost"];
    }

    private static IReadOnlyList<IPAddress> InterfaceAddresses() =>
    [
        .. NetworkInterface.GetAllNetworkInterfaces()
            .Where(card => card.OperationalStatus == OperationalStatus.Up && card.NetworkInterfaceType != NetworkInterfaceType.Loopback)
            .SelectMany(card => card.GetIPProperties().UnicastAddresses.Select(one => one.Address))
            .Where(address => address.AddressFamily == AddressFamily.InterNetwork || (address.AddressFamily == AddressFamily.InterNetworkV6 && !address.IsIPv6LinkLocal))
            .OrderBy(address => address.AddressFamily).ThenBy(address => address.ToString(), StringComparer.Ordinal),
    ];

    private sealed record Answer(long At, IReadOnlyList<string> Names, IReadOnlyList<IPAddress> Addresses);
}
