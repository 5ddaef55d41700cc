using Cistern.Core.Recipes;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace Cistern.Web.Pages.Help;

/// <summary>Help that can be searched, and the cautions.</summary>
public sealed class HelpModel : PageModel
{
    /// <summary>What was asked; empty for all of it.</summary>
    public string Asked { get; private set; } = "";

    /// <summary>The topics that answer it.</summary>
    public IReadOnlyList<HelpTopic> Topics { get; private set; } = [];

    /// <summary>The words that answer it.</summary>
    public IReadOnlyList<Term> Terms { get; private set; } = [];

    /// <summary>Shows what answers the question.</summary>
    public void OnGet()
    {
        var sent = (Request.Query.Value("q") ?? "").Trim();
        Asked = PlainText.Seen(sent.Length > 100 ? sent[..100] : sent);
        var words = Asked.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        Topics = [.. HelpTopics.All.Where(topic => topic.Answers(words))];
        Terms = [.. Term.All.Where(term => words.All(word => term.Word.Contains(word, StringComparison.OrdinalIgnoreCase) || term.Means.Contains(word, StringComparison.OrdinalIgnoreCase)))];
    }
}
