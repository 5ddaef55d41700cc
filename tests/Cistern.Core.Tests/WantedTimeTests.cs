using System.Globalization;

namespace Cistern.Core.Tests;

/// <summary>A wanted time in spoken words. Now is Thursday 26 November 2026, 20:15:30.</summary>
public sealed class WantedTimeTests
{
    private static readonly DateTime Now = new(2026, 11, 26, 20, 15, 30);

    [Theory]
    [InlineData("7:30", "2026-11-27 07:30")]
    [InlineData("07.30", "2026-11-27 07:30")]
    [InlineData("0730", "2026-11-27 07:30")]
    [InlineData("21:00", "2026-11-26 21:00")]
    [InlineData("20:15", "2026-11-26 20:15")]
    [InlineData("20:14", "2026-11-27 20:14")]
    [InlineData("9 pm", "2026-11-26 21:00")]
    [InlineData("9pm", "2026-11-26 21:00")]
    [InlineData("12 am", "2026-11-27 00:00")]
    [InlineData("12 pm", "2026-11-27 12:00")]
    [InlineData("noon", "2026-11-27 12:00")]
    [InlineData("Seven", "2026-11-27 07:00")]
    [InlineData("at seven o'clock in the morning", "2026-11-27 07:00")]
    [InlineData("half past seven tomorrow", "2026-11-27 07:30")]
    [InlineData("tomorrow at half past 7", "2026-11-27 07:30")]
    [InlineData("quarter to eight", "2026-11-27 07:45")]
    [InlineData("quarter past seven", "2026-11-27 07:15")]
    [InlineData("ten past seven", "2026-11-27 07:10")]
    [InlineData("ten to seven", "2026-11-27 06:50")]
    [InlineData("twenty past seven", "2026-11-27 07:20")]
    [InlineData("twenty to seven", "2026-11-27 06:40")]
    [InlineData("five past seven", "2026-11-27 07:05")]
    [InlineData("five to seven", "2026-11-27 06:55")]
    [InlineData("midday", "2026-11-27 12:00")]
    [InlineData("midnight", "2026-11-27 00:00")]
    [InlineData("quarter past nine this evening", null)]
    [InlineData("quarter past nine in the evening", "2026-11-26 21:15")]
    [InlineData("ten to nine pm", "2026-11-26 20:50")]
    [InlineData("saturday 8:00", "2026-11-28 08:00")]
    [InlineData("Sat, 8:00", "2026-11-28 08:00")]
    [InlineData("on Monday at 6", "2026-11-30 06:00")]
    [InlineData("Thu 21:30", "2026-11-26 21:30")]
    [InlineData("Thursday 7:30", "2026-12-03 07:30")]
    [InlineData("26 nov 7:30", "2027-11-26 07:30")]
    [InlineData("28 nov 9:15", "2026-11-28 09:15")]
    [InlineData("Sat 28 Nov 9:15", "2026-11-28 09:15")]
    [InlineData("3 January 7:00", "2027-01-03 07:00")]
    [InlineData("2026-12-01 07:45", "2026-12-01 07:45")]
    [InlineData("in 40 min", "2026-11-26 20:55")]
    [InlineData("in 1.5 hours", "2026-11-26 21:45")]
    [InlineData("in 2 h", "2026-11-26 22:15")]
    [InlineData("today 19:00", null)]
    [InlineData("2025-12-01 07:45", null)]
    [InlineData("2029-12-01 07:45", null)]
    [InlineData("30 feb 7:00", null)]
    [InlineData("24:00", null)]
    [InlineData("7:60", null)]
    [InlineData("13 pm", null)]
    [InlineData("0 am", null)]
    [InlineData("half past 7:20", null)]
    [InlineData("soon", null)]
    [InlineData("tomorrow", null)]
    [InlineData("in 9999 h", null)]
    [InlineData("", null)]
    [InlineData("7:30:15", null)]
    public void A_time_is_read_as_it_is_said(string said, string? at)
    {
        var wanted = WantedTime.Read(said, Now);
        Assert.Equal(at, wanted.At?.ToString("yyyy-MM-dd HH:mm", CultureInfo.InvariantCulture));
        Assert.Equal(at is null, wanted.Problem is { Length: > 0 });
    }

    [Fact]
    public void What_is_shown_is_read_again()
    {
        for (var hours = 1; hours < 365 * 24; hours += 31)
        {
            var at = new DateTime(2026, 11, 26, 20, 15, 0).AddHours(hours);
            Assert.Equal(at, WantedTime.Read(WantedTime.Text(at), Now).At);
        }
    }
}
