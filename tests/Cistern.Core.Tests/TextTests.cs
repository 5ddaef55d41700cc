using System.Collections.Immutable;
using System.Globalization;
using System.Text.Json;
using System.Xml.Linq;
using Cistern.Drawing;

namespace Cistern.Core.Tests;

/// <summary>Text that is shown, typed and stored.</summary>
public sealed class TextTests
{
    /// <summary>The same cases test the page's script.</summary>
    [Fact]
    public void Every_moment_is_shown_in_one_way()
    {
        var cases = JsonDocument.Parse(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "cases", "clock.json"))).RootElement.EnumerateArray().ToList();
        Assert.True(cases.Count > 10);
        Assert.All(cases, one => Assert.Equal(one[1].GetString(), ClockTime.Text(one[0].GetDouble())));
    }

    [Theory]
    [InlineData("4:15", 255.0)]
    [InlineData("1:05:00", 3_900.0)]
    [InlineData("0:00:30", 30.0)]
    [InlineData("90", 90.0)]
    [InlineData("90,5", 90.5)]
    [InlineData("1:2:3:4", null)]
    [InlineData("1:60:00", null)]
    [InlineData("1:05:60", null)]
    [InlineData("1.5:00", null)]
    [InlineData("x:00", null)]
    [InlineData("49:00:00", null)]
    [InlineData("-1:00", null)]
    public void A_time_is_read_as_it_is_shown(string text, double? seconds)
    {
        var read = TypedNumber.ReadClock(text, 0, Member.MaxBrewS);
        Assert.Equal(seconds, read.Value);
        Assert.Equal(seconds is null, read.Problem is not null);
        Assert.Equal(text, read.Text);
        // It reads what it writes, and writes what it reads.
        Assert.Equal(seconds is { } s ? Math.Round(s, MidpointRounding.AwayFromZero) : null, seconds is { } told ? TypedNumber.ReadClock(ClockTime.Text(told), 0, Member.MaxBrewS).Value : null);
    }

    [Theory]
    [InlineData("plain, with ümläuts and 渋い", 40, false, null)]
    [InlineData("two\nlines", 40, true, null)]
    [InlineData("two\nlines", 40, false, "Character 4 ")]
    [InlineData("a\tb", 40, false, "Character 2 ")]
    [InlineData("bell\u0007", 40, true, "Character 5 ")]
    [InlineData("\u009fcsi", 40, true, "Character 1 ")]
    [InlineData("right \u202e left", 40, true, "Character 7 ")]
    [InlineData("pair 😀", 40, false, null)]
    [InlineData("12345", 4, false, "this has 5. Shorten it by 1.")]
    public void Invisible_characters_are_refused_with_their_place(string text, int longest, bool lines, string? problem)
    {
        if (problem is null)
        {
            Assert.Null(PlainText.Problem(text, longest, lines));
        }
        else
        {
            Assert.Contains(problem, PlainText.Problem(text, longest, lines), StringComparison.Ordinal);
        }
    }

    [Fact]
    public void Half_a_surrogate_pair_is_refused()
    {
        Assert.Contains("broken", PlainText.Problem("half \ud83d", 40, lines: false), StringComparison.Ordinal);
        Assert.Contains("broken", PlainText.Problem("\ude00 half", 40, lines: false), StringComparison.Ordinal);
        Assert.Equal("a\nb\nc\n", PlainText.Lines("a\r\nb\rc\n"));
        Assert.Equal(" half x", PlainText.Seen("\ude00 half \u0007\ud83dx"));
    }

    /// <summary>A name that an earlier version accepted must not make the picture invalid.</summary>
    [Fact]
    public void A_picture_is_well_formed_whatever_the_names()
    {
        foreach (var written in RecipeLibrary.All)
        {
            var recipe = written with { Name = "a \u0001 < & \" ' \ud800 \u202e ]]> name", Style = "\u0000" };
            var forecast = ForecastModel.Published.Run(recipe);
            var labels = BrewChartLabels.Plain with { Step = (_, i) => ($"step \u0008{i}", "<\udc00&>"), Vessel = "in \u001f a <jar>" };
            foreach (var svg in (string[])[BrewChart.Draw(forecast, new BrewChartOptions(560) { StandsAlone = true, Labels = labels }), BrewerSection.Draw(forecast, 60, labels)])
            {
                Assert.Equal("svg", XDocument.Parse(svg).Root!.Name.LocalName);
            }
        }
    }

    [Theory]
    [InlineData("name", "a\u0007b", false)]
    [InlineData("school", "two\nlines", false)]
    [InlineData("notes", "two\nlines", true)]
    [InlineData("notes", "bell\u0007", false)]
    public void A_control_character_in_a_file_is_a_finding_and_stored_ones_are_still_read(string member, string text, bool accepted)
    {
        var recipe = member switch
        {
            "name" => RecipeLibrary.All[0] with { Name = text },
            "school" => RecipeLibrary.All[0] with { Style = text },
            _ => RecipeLibrary.All[0] with { Notes = text },
        };
        var json = RecipeWriter.Write(recipe);
        var file = RecipeReader.Read(json);
        Assert.Equal(accepted, file.Accepted);
        Assert.Equal(accepted ? null : member, file.Findings.FirstOrDefault(finding => finding.Severity == Severity.Error)?.Place);
        Assert.Single(RecipeReader.ReadDraft(json).Recipes);
    }

    [Fact]
    public void Unknown_members_are_separated_and_written_back_in_their_place()
    {
        static ImmutableSortedDictionary<string, JsonElement> Extra(string name, object value) =>
            ImmutableSortedDictionary<string, JsonElement>.Empty.Add(name, JsonSerializer.SerializeToElement(value));

        var plain = RecipeLibrary.All[0];
        var recipe = plain with
        {
            Extra = Extra("x-story", "long"),
            Brewer = plain.Brewer with { Extra = Extra("x-a", 1) },
            Coffee = plain.Coffee with { Extra = Extra("x-b", true) },
            Grind = plain.Grind with { Extra = Extra("x-c", new[] { 1, 2 }) },
            Water = plain.Water with { Extra = Extra("x-d", "same") },
            Place = plain.Place with { Extra = Extra("x-d", "same") },
            Target = new Target { TdsPercent = new Span(1, 2), Extra = Extra("x-e", "e") },
            Steps = [.. plain.Steps.Select((step, i) => step with { Extra = Extra("$kept", i) })],
        };
        var kept = new ExtraMembers();
        var detached = kept.Detach(recipe);
        Assert.DoesNotContain("x-", RecipeWriter.Write(detached), StringComparison.Ordinal);
        Assert.Equal(RecipeWriter.Write(recipe), RecipeWriter.Write(ExtraMembers.Read(kept.ToJson()).Attach(detached)));
        // Taken from a changed recipe they are counted in the same way.
        Assert.Equal(RecipeWriter.Write(detached), RecipeWriter.Write(kept.Detach(recipe)));
        Assert.True(new ExtraMembers().IsEmpty);
        Assert.Equal(RecipeWriter.Write(plain), RecipeWriter.Write(new ExtraMembers().Detach(plain)));
    }

    [Fact]
    public void Culture_does_not_matter()
    {
        var before = CultureInfo.CurrentCulture;
        try
        {
            CultureInfo.CurrentCulture = CultureInfo.GetCultureInfo("de-DE");
            Assert.Equal("1:05:00", ClockTime.Text(3_900));
            Assert.Equal(15.5, TypedNumber.Read("15.5", 0, 20, "g").Value);
            Assert.Contains("\"doseG\": 15.5", RecipeWriter.Write(RecipeLibrary.All[0] with { Coffee = new Coffee(15.5, 0.35, 5) }), StringComparison.Ordinal);
        }
        finally
        {
            CultureInfo.CurrentCulture = before;
        }
    }
}
