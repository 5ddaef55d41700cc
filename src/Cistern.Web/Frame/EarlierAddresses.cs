namespace Cistern.Web.Frame;

/// <summary>Redirects addresses of earlier versions, so that bookmarks, printed codes and home-screen icons keep working.</summary>
public static class EarlierAddresses
{
    /// <summary>Redirects each to its current address.</summary>
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
