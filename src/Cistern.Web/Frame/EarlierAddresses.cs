namespace Cistern.Web.Frame;

/// <summary>Addresses of earlier versions: bookmarks, printed codes and icons on a home screen lead on.</summary>
public static class EarlierAddresses
{
    /// <summary>Answers each with where it stands now.</summary>
    public static void MapEarlierAddresses(this IEndpointRouteBuilder app)
    {
        Moved("/together", request => $"/compare{request.QueryString}");
        Moved("/plan/compare", request => $"/compare{QueryString.Create("p", request.Query["a"].ToString()).Add("p", request.Query["b"].ToString())}");
        Moved("/plan/{id:int}/descent", request => $"/plan/{request.RouteValues["id"]}/history");
        Moved("/line/{id:int}", request => $"/series/{request.RouteValues["id"]}");

        void Moved(string from, Func<HttpRequest, string> to) =>
            app.MapGet(from, (HttpRequest request) => Results.Redirect(to(request), permanent: true)).ExcludeFromDescription();
    }
}
