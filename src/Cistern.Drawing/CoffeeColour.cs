namespace Cistern.Drawing;

/// <summary>The colour of a liquid by its strength: clear, tea, coffee.</summary>
public static class CoffeeColour
{
    private static readonly (double TdsPercent, int Red, int Green, int Blue)[] Stops =
    [
        (0, 0xD3, 0xE3, 0xE4), (0.15, 0xD2, 0xC6, 0xA6), (0.45, 0xB3, 0x8A, 0x58), (0.9, 0x8C, 0x60, 0x36), (1.5, 0x6B, 0x3F, 0x1D), (3.5, 0x45, 0x27, 0x12),
    ];

    /// <summary>The colour at a strength, as #rrggbb.</summary>
    public static string Of(double tdsPercent)
    {
        var high = Array.FindIndex(Stops, stop => stop.TdsPercent >= tdsPercent);
        if (high <= 0)
        {
            var end = high == 0 ? Stops[0] : Stops[^1];
            return Hex(end.Red, end.Green, end.Blue);
        }

        var (fromTds, fromRed, fromGreen, fromBlue) = Stops[high - 1];
        var (toTds, toRed, toGreen, toBlue) = Stops[high];
        var share = (tdsPercent - fromTds) / (toTds - fromTds);
        return Hex(Mix(fromRed, toRed), Mix(fromGreen, toGreen), Mix(fromBlue, toBlue));

        int Mix(int from, int to) => (int)Math.Round(from + ((to - from) * share));
    }

    private static string Hex(int red, int green, int blue) => string.Create(CultureInfo.InvariantCulture, $"#{red:X2}{green:X2}{blue:X2}");
}
