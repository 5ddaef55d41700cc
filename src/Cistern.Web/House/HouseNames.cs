using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;

namespace Cistern.Web.House;

/// <summary>The names and addresses that this machine has in the house.</summary>
public interface IHouseNames
{
    /// <summary>Names, the one it is best called by first.</summary>
    IReadOnlyList<string> Names { get; }

    /// <summary>Addresses in the house's networks; loopback is none of them.</summary>
    IReadOnlyList<IPAddress> Addresses { get; }
}

/// <summary>What the machine says of itself, asked anew each time: addresses change.</summary>
public sealed class MachineNames : IHouseNames
{
    /// <inheritdoc/>
    public IReadOnlyList<string> Names
    {
        get
        {
            var host = Dns.GetHostName().ToLowerInvariant();
            return host.EndsWith(".local", StringComparison.Ordinal) ? [host, "localhost"] : [host + ".local", host, "localhost"];
        }
    }

    /// <inheritdoc/>
    public IReadOnlyList<IPAddress> Addresses =>
    [
        .. NetworkInterface.GetAllNetworkInterfaces()
            .Where(card => card.OperationalStatus == OperationalStatus.Up && card.NetworkInterfaceType != NetworkInterfaceType.Loopback)
            .SelectMany(card => card.GetIPProperties().UnicastAddresses.Select(one => one.Address))
            .Where(address => address.AddressFamily == AddressFamily.InterNetwork || (address.AddressFamily == AddressFamily.InterNetworkV6 && !address.IsIPv6LinkLocal))
            .OrderBy(address => address.AddressFamily).ThenBy(address => address.ToString(), StringComparer.Ordinal),
    ];
}
