using System.Diagnostics;
using Cistern.Seeing;

namespace Cistern.Web.Frame;

/// <summary>
/// Evaluates pictures in a separate process, one at a time, so that a fault in the native library, or its memory, does not affect the
/// server. The process ends with its picture, and with the request.
/// </summary>
public sealed class PictureProcess(ILogger<PictureProcess> log) : IPictureMaker, IDisposable
{
    private static readonly TimeSpan Timeout = TimeSpan.FromSeconds(30);
    private readonly SemaphoreSlim gate = new(1);

    /// <summary>Measures the grains in a picture.</summary>
    /// <param name="picture">The file.</param>
    /// <param name="rulerMm">The printed length of the card's line, mm.</param>
    /// <param name="ct">Ends the process.</param>
    public async Task<GrindAnswer> GrainsAsync(byte[] picture, double rulerMm, CancellationToken ct)
    {
        var answer = await RunAsync([SeeingProgram.WithGrains, SeeingProgram.Ruler, rulerMm.ToString(CultureInfo.InvariantCulture), SeeingProgram.StandardInput], picture, ct);
        return (answer is null ? null : GrindAnswer.Read(System.Text.Encoding.UTF8.GetString(answer))) ?? GrindAnswer.Of(SeeingProgram.StandardInput, new GrindReading.Refused(GrindRefusal.Unreadable), withGrains: false);
    }

    /// <summary>Re-encodes a picture, small enough to store and with nothing but the visible image; null where it cannot be read.</summary>
    /// <param name="picture">The file.</param>
    /// <param name="ct">Ends the process.</param>
    public async Task<ReencodedPicture?> ReencodeAsync(byte[] picture, CancellationToken ct) =>
        await RunAsync([SeeingProgram.Remake, SeeingProgram.StandardInput], picture, ct) is { } answer ? ReencodedPicture.Read(answer) : null;

    /// <inheritdoc/>
    public async Task<bool> ReencodeOneAsync(BrewPicture picture, CancellationToken ct)
    {
        if (await ReencodeAsync(picture.Jpeg, ct) is not { } made)
        {
            return false;
        }

        (picture.Jpeg, picture.Small, picture.Width, picture.Height) = (made.Jpeg, made.Small, made.Width, made.Height);
        return true;
    }

    /// <inheritdoc/>
    public void Dispose() => gate.Dispose();

    private async Task<byte[]?> RunAsync(string[] arguments, byte[] picture, CancellationToken ct)
    {
        await gate.WaitAsync(ct);
        using var tooLong = CancellationTokenSource.CreateLinkedTokenSource(ct);
        tooLong.CancelAfter(Timeout);
        using var process = new Process { StartInfo = OwnProgram.StartInfo([SeeingProgram.Word, .. arguments]) };
        try
        {
            process.Start();
            using var answer = new MemoryStream();
            // Concurrently, so that neither side waits for the other to read.
            var reading = process.StandardOutput.BaseStream.CopyToAsync(answer, tooLong.Token);
            var errors = process.StandardError.ReadToEndAsync(tooLong.Token);
            await SendAsync(process, picture, tooLong.Token);
            await reading;
            await process.WaitForExitAsync(tooLong.Token);
            if (process.ExitCode == 0)
                return answer.ToArray();
            log.LogWarning("A picture of {Bytes} bytes was not looked at: exit {Exit}, {Error}", picture.Length, process.ExitCode, await errors);
            return null;
        }
        catch (Exception e) when (e is System.ComponentModel.Win32Exception or IOException || (e is OperationCanceledException && !ct.IsCancellationRequested))
        {
            log.LogWarning(e, "A picture of {Bytes} bytes was not looked at", picture.Length);
            return null;
        }
        finally
        {
            Kill(process);
            gate.Release();
        }
    }

    // A process that has seen enough may close its end first.
    private static async Task SendAsync(Process process, byte[] picture, CancellationToken ct)
    {
        try
        {
            await process.StandardInput.BaseStream.WriteAsync(picture, ct);
            process.StandardInput.Close();
        }
        catch (IOException)
        {
            // What it says of the picture is read all the same.
        }
    }

    private static void Kill(Process process)
    {
        try
        {
            if (!process.HasExited)
                process.Kill(entireProcessTree: true);
        }
        catch (InvalidOperationException)
        {
            // It never started, or is over.
        }
    }
}
