using System.Text;
using System.Text.Json.Nodes;

namespace Cistern.Core.Tests;

/// <summary>
/// Every rule of the file broken, one at a time, and the finding compared word for word: place, rule, what was found and what to do.
/// <c>CISTERN_RENEW=1</c> before the run writes the expected texts anew.
/// </summary>
public sealed class FindingTests
{
    private static readonly string[] Values = ["-1", "0", "1e9", "\"abc\"", "\"\"", "\"  \"", "null", "[]", "[1,1]", "[2,1]", "[1,2,3]", "{}", "true", "0.5", "\"tab\\u0007bell\""];

    [Fact]
    public void Each_rule_that_is_broken_is_shown_with_its_place_and_remedy()
    {
        var told = new StringBuilder();
        foreach (var id in (string[])["fp-long-settle", "tp-turned", "ld-open-closed-iced", "si-whirl", "jar-spoons"])
        {
            var written = RecipeWriter.Write(RecipeLibrary.Find(id)!);
            foreach (var (what, change) in Changes(JsonNode.Parse(written)!, members: id == "fp-long-settle"))
            {
                var node = JsonNode.Parse(written)!;
                change(node);
                var read = RecipeReader.Read(node.ToJsonString());
                told.Append(id).Append(' ').Append(what).Append(": ").AppendJoin(" | ", read.Findings.Select(finding => finding.ToString()).DefaultIfEmpty("nothing")).Append('\n');
            }
        }

        foreach (var (what, file) in Files())
        {
            told.Append(what).Append(": ").AppendJoin(" | ", RecipeReader.Read(file).Findings.Select(finding => finding.ToString())).Append('\n');
        }

        Golden.Holds("findings.txt", told.ToString());
    }

    /// <summary>
    /// Every member of the root and of its objects set to an invalid value or removed; steps left out, doubled, swapped and given
    /// wrong times.
    /// </summary>
    private static IEnumerable<(string What, Action<JsonNode> Change)> Changes(JsonNode recipe, bool members)
    {
        foreach (var (name, value) in members ? recipe.AsObject() : [])
        {
            foreach (var change in Members("", name))
            {
                yield return change;
            }

            foreach (var (inner, _) in value as JsonObject ?? [])
            {
                foreach (var change in Members(name, inner))
                {
                    yield return change;
                }
            }
        }

        yield return ("brewer.filter=none", node => node["brewer"]!["filter"] = "none");
        yield return ("brewer.filter=paper", node => node["brewer"]!["filter"] = "paper");
        yield return ("brewer.cone=ridged", node => node["brewer"]!["cone"] = "ridged");
        yield return ("brewer.position=upright", node => node["brewer"]!["position"] = "upright");
        foreach (var start in Enum.GetValues<ClockStart>())
        {
            yield return ($"clockStarts={Words<ClockStart>.Of(start)}", node => node["clockStarts"] = Words<ClockStart>.Of(start));
        }

        var count = recipe["steps"]!.AsArray().Count;
        for (var i = 0; i < count; i++)
        {
            var at = i;
            var step = $"steps[{at}]";
            yield return ($"{step} left out", node => node["steps"]!.AsArray().RemoveAt(at));
            yield return ($"{step} twice", node => node["steps"]!.AsArray().Insert(at, node["steps"]![at]!.DeepClone()));
            yield return ($"{step} last", node => Move(node["steps"]!.AsArray(), at, count - 1));
            yield return ($"{step} first", node => Move(node["steps"]!.AsArray(), at, 0));
            yield return ($"{step}.at=3", node => node["steps"]![at]!["at"] = 3);
            yield return ($"{step}.at=0", node => node["steps"]![at]!["at"] = 0);
            yield return ($"{step}.do=flip", node => node["steps"]![at]!["do"] = "flip");
            yield return ($"{step}.do=dance", node => node["steps"]![at]!["do"] = "dance");
            foreach (var (name, _) in recipe["steps"]![at]!.AsObject())
            {
                foreach (var value in members ? (string[])["-1", "1e9", "\"abc\"", "[2,1]", "null"] : ["1e9", "[]"])
                {
                    yield return ($"{step}.{name}={value}", node => node["steps"]![at]![name] = JsonNode.Parse(value));
                }
            }
        }

        yield return ("48 hours", node => node["steps"]!.AsArray().Add(new JsonObject { ["do"] = "wait", ["forS"] = 172_800 }));
        yield return ("a water twice", node => node["steps"]!.AsArray().Insert(0, new JsonObject { ["do"] = "pour", ["toG"] = 50 }));
        yield return ("target", node => node["target"] = JsonNode.Parse("""{"tdsPercent":[1.4,1.2],"tilt":[0,0],"extractionYieldPercent":[18],"finishS":[1,2],"more":1}"""));
    }

    private static void Move(JsonArray steps, int from, int to)
    {
        var step = steps[from];
        steps.RemoveAt(from);
        steps.Insert(to, step);
    }

    private static IEnumerable<(string What, Action<JsonNode> Change)> Members(string within, string name)
    {
        JsonNode In(JsonNode node) => within.Length == 0 ? node : node[within]!;
        var full = within.Length == 0 ? name : $"{within}.{name}";
        yield return ($"{full} left out", node => In(node).AsObject().Remove(name));
        foreach (var value in Values)
        {
            yield return ($"{full}={value}", node => In(node)[name] = JsonNode.Parse(value));
        }
    }

    private static IEnumerable<(string What, byte[] File)> Files()
    {
        var one = RecipeWriter.Write(RecipeLibrary.Find("jar-spoons")!);
        yield return ("nothing", []);
        yield return ("half a file", Encoding.UTF8.GetBytes(one[..200]));
        yield return ("a number", "3"u8.ToArray());
        yield return ("no recipe", "[]"u8.ToArray());
        yield return ("201 recipes", Encoding.UTF8.GetBytes($"[{string.Join(',', Enumerable.Repeat("{}", 201))}]"));
        yield return ("the same twice", Encoding.UTF8.GetBytes($"[{one},{one}]"));
        yield return ("the second is none", Encoding.UTF8.GetBytes($"[{one},7]"));
        yield return ("2.5 MB", Encoding.UTF8.GetBytes($"{one}{new string(' ', 2_621_440 - one.Length)}"));
        yield return ("not UTF-8", [0xC3, 0x28]);
        yield return ("33 deep", Encoding.UTF8.GetBytes(new string('[', 33) + new string(']', 33)));
    }
}
