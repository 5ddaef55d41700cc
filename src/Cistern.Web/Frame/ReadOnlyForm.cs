using Microsoft.AspNetCore.Mvc.Rendering;
using Microsoft.AspNetCore.Mvc.ViewFeatures;
using Microsoft.AspNetCore.Razor.TagHelpers;

namespace Cistern.Web.Frame;

/// <summary>What the current device may send.</summary>
public interface IPermits
{
    /// <summary>Whether a form may be sent to a path.</summary>
    /// <param name="context">Who asks.</param>
    /// <param name="path">The path, without the query.</param>
    bool MaySend(HttpContext context, PathString path);
}

/// <summary>
/// A form that this device's role may not send is shown read-only: its fields are disabled and its buttons hidden. The authorisation
/// itself is in <c>NetworkGuard</c>.
/// </summary>
/// <param name="permits">What may be sent.</param>
[HtmlTargetElement("form")]
public sealed class ReadOnlyForm(IPermits permits) : TagHelper
{
    /// <summary>Runs after the tag helper that sets the form's action.</summary>
    public override int Order => 10;

    /// <summary>The page it stands on.</summary>
    [HtmlAttributeNotBound]
    [ViewContext]
    public ViewContext ViewContext { get; set; } = null!;

    /// <inheritdoc/>
    public override void Process(TagHelperContext context, TagHelperOutput output)
    {
        var http = ViewContext.HttpContext;
        if (string.Equals(Text(output, "method"), "post", StringComparison.OrdinalIgnoreCase)
            && !permits.MaySend(http, Text(output, "action") is ['/', ..] action ? action.Split('?')[0] : http.Request.Path))
        {
            output.PreContent.AppendHtml("<fieldset class=\"look-only\" disabled>");
            output.PostContent.AppendHtml("</fieldset>");
        }
    }

    private static string? Text(TagHelperOutput output, string name) => output.Attributes.TryGetAttribute(name, out var attribute) ? attribute.Value?.ToString() : null;
}
