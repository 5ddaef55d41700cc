namespace Cistern.Web.Pages.Help;

/// <summary>The help, with search, and the cautions.</summary>
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
        Asked = Request.Query.SearchText("q");
        Topics = [.. HelpTopics.All.Where(topic => FrameForm.HasAllWords($"{topic.Title} {string.Join(' ', topic.Lines)}", Asked))];
        Terms = [.. Term.All.Where(term => FrameForm.HasAllWords($"{term.Word} {term.Means}", Asked))];
    }
}
