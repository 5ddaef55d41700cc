using Cistern.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Diagnostics.HealthChecks;

namespace Cistern.Web.Frame;

/// <summary>Healthy when the data file answers.</summary>
public sealed class DataHealth(CisternDb db) : IHealthCheck
{
    /// <inheritdoc/>
    public async Task<HealthCheckResult> CheckHealthAsync(HealthCheckContext context, CancellationToken cancellationToken = default) =>
        await db.Baristas.CountAsync(cancellationToken) >= 0 ? HealthCheckResult.Healthy() : HealthCheckResult.Unhealthy();
}
