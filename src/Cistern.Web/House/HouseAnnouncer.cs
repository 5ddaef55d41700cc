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
            using var socket = new UdpClient(AddressFamily.InterNetwork) { ExclusiveAddressUse = false };
            socket.Client.SetSocketOption(SocketOptionLevel.Socket, SocketOptionName.ReuseAddress, optionValue: true);
            socket.Client.Bind(new IPEndPoint(IPAddress.Any, Port));
            foreach (var address in names.Addresses.Where(one => one.AddressFamily == AddressFamily.InterNetwork))
            {
                socket.JoinMulticastGroup(Group.Address, address);
            }

            while (true)
            {
                var asked = await socket.ReceiveAsync(stoppingToken);
                if (Answer(asked.Buffer, names) is { } answer)
                {
                    await socket.SendAsync(answer, Group, stoppingToken);
                }
            }
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

    [LoggerMessage(Level = LogLevel.Warning, Message = "The house is not told the name of this bench; its addresses work.")]
    private partial void LogSilent(Exception error);
}
