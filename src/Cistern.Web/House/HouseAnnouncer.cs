using System.Net;
using System.Net.Sockets;
using Makaretu.Dns;

namespace Cistern.Web.House;

/// <summary>
/// Tells the house where the name of this bench is, by multicast DNS (RFC 6762): answers whoever asks for it. Where multicast
/// cannot be had, addresses do as well.
/// </summary>
/// <remarks>Our own few lines, over a package for the messages: the package for the whole does not run on this framework.</remarks>
public sealed partial class HouseAnnouncer(IHouseNames names, ILogger<HouseAnnouncer> log) : BackgroundService
{
    private const int Port = 5353;

    /// <summary>How long an answer may be remembered: of the standard, for addresses.</summary>
    private static readonly TimeSpan GoodFor = TimeSpan.FromSeconds(120);

    /// <summary>How often it is looked whether there are other networks.</summary>
    private static readonly TimeSpan LooksAgain = TimeSpan.FromSeconds(10);

    private static readonly IPEndPoint Group = new(IPAddress.Parse("224.0.0.251"), Port);

    /// <summary>The answer to a question, or null where nothing of this bench is asked for.</summary>
    /// <param name="asked">The datagram as it came.</param>
    /// <param name="names">How this machine is called.</param>
    public static byte[]? Answer(byte[] asked, IHouseNames names)
    {
        Message question;
        try
        {
            question = (Message)new Message().Read(asked);
        }
        catch (Exception error) when (error is EndOfStreamException or InvalidDataException or FormatException or ArgumentException or IndexOutOfRangeException or OverflowException or NotSupportedException)
        {
            // Whatever is sent to that port that is no message of it.
            return null;
        }

        var called = names.Names[0];
        if (!question.IsQuery || !question.Questions.Any(one => one.Type is DnsType.A or DnsType.AAAA or DnsType.ANY && one.Name.ToString().Equals(called, StringComparison.OrdinalIgnoreCase)))
        {
            return null;
        }

        var answer = new Message { QR = true, AA = true };
        foreach (var address in names.Addresses)
        {
            var record = AddressRecord.Create(called, address);
            record.TTL = GoodFor;
            answer.Answers.Add(record);
        }

        return answer.Answers.Count > 0 ? answer.ToByteArray() : null;
    }

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        try
        {
            using var socket = new Socket(AddressFamily.InterNetwork, SocketType.Dgram, ProtocolType.Udp) { ExclusiveAddressUse = false };
            socket.SetSocketOption(SocketOptionLevel.Socket, SocketOptionName.ReuseAddress, optionValue: true);
            // A machine may stand on several networks: it answers on the one it was asked on.
            socket.SetSocketOption(SocketOptionLevel.IP, SocketOptionName.PacketInformation, optionValue: true);
            socket.Bind(new IPEndPoint(IPAddress.Any, Port));
            // Whichever breaks is told at once, and not when the other ends too.
            await await Task.WhenAny(ListenAsync(socket, stoppingToken), JoinAsync(socket, stoppingToken));
        }
        catch (OperationCanceledException)
        {
            // The bench is shut.
        }
        catch (SocketException error)
        {
            LogSilent(error);
        }
    }

    /// <summary>Listens on whatever networks there are; addresses come and go while it runs.</summary>
    private async Task JoinAsync(Socket socket, CancellationToken ct)
    {
        var joined = new HashSet<IPAddress>();
        using var timer = new PeriodicTimer(LooksAgain);
        do
        {
            foreach (var address in names.Addresses.Where(one => one.AddressFamily == AddressFamily.InterNetwork && !joined.Contains(one)))
            {
                try
                {
                    socket.SetSocketOption(SocketOptionLevel.IP, SocketOptionName.AddMembership, new MulticastOption(Group.Address, address));
                }
                catch (SocketException error)
                {
                    // Two addresses of one network are joined once; a network without multicast is left.
                    NotJoined(address, error.Message);
                }

                joined.Add(address);
            }
        }
        while (await timer.WaitForNextTickAsync(ct));
    }

    private async Task ListenAsync(Socket socket, CancellationToken ct)
    {
        var asked = new byte[9_000];
        while (true)
        {
            var came = await socket.ReceiveMessageFromAsync(asked, SocketFlags.None, new IPEndPoint(IPAddress.Any, 0), ct);
            if (Answer(asked[..came.ReceivedBytes], names) is { } answer)
            {
                try
                {
                    socket.SetSocketOption(SocketOptionLevel.IP, SocketOptionName.MulticastInterface, IPAddress.HostToNetworkOrder(came.PacketInformation.Interface));
                    await socket.SendToAsync(answer, SocketFlags.None, Group, ct);
                }
                catch (SocketException error)
                {
                    LogSilent(error);
                }
            }
        }
    }

    [LoggerMessage(LogLevel.Debug, "Questions for the name are not listened for at {Address}: {Why}")]
    private partial void NotJoined(IPAddress address, string why);

    [LoggerMessage(Level = LogLevel.Warning, Message = "The house is not told the name of this bench; its addresses work.")]
    private partial void LogSilent(Exception error);
}
