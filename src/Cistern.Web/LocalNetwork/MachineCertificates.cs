using System.Net;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;

namespace Cistern.Web.LocalNetwork;

/// <summary>
/// The installation's own certificate authority, made once, and the certificate it issues to this machine: renewed when the machine's
/// names change or the certificate is old. The keys are stored beside the data file, readable only by the owner.
/// </summary>
/// <param name="folder">The folder.</param>
/// <param name="names">The names of this machine.</param>
/// <param name="time">What time it is.</param>
/// <param name="log">Records what was made.</param>
public sealed partial class MachineCertificates(string folder, IMachineNames names, TimeProvider time, ILogger<MachineCertificates> log) : IDisposable
{
    /// <summary>How long the authority is good.</summary>
    private static readonly TimeSpan AuthorityValidFor = TimeSpan.FromDays(3_650);

    /// <summary>Validity of a certificate: browsers accept at most 398 days.</summary>
    private static readonly TimeSpan CertificateValidFor = TimeSpan.FromDays(397);

    /// <summary>Remaining validity at which it is renewed.</summary>
    private static readonly TimeSpan RenewedBefore = TimeSpan.FromDays(30);

    private const UnixFileMode OwnersOnly = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    private readonly Lock gate = new();
    private X509Certificate2? authority;
    private X509Certificate2? current;
    private string? issuedFor;

    /// <summary>The authority, without its key.</summary>
    public byte[] AuthorityDer
    {
        get
        {
            lock (gate)
            {
                return Authority().RawData;
            }
        }
    }

    /// <summary>The authority's SHA-256 fingerprint as phones show it: AB:CD:…</summary>
    public string Fingerprint => string.Join(':', SHA256.HashData(AuthorityDer).Select(one => one.ToString("X2", System.Globalization.CultureInfo.InvariantCulture)));

    /// <summary>The certificate for a handshake now.</summary>
    public X509Certificate2 Current()
    {
        lock (gate)
        {
            var called = NamesAndAddresses();
            if (current is null || issuedFor != called || IsExpiring(current))
            {
                // The previous one may be in use by a handshake, so it is not disposed.
                current = Stored(called) ?? Issue(called);
                issuedFor = called;
            }

            return current;
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        authority?.Dispose();
        current?.Dispose();
    }

    private bool IsExpiring(X509Certificate2 certificate) => EndsAt(certificate) < time.GetUtcNow() + RenewedBefore;

    /// <summary>The framework gives a certificate's end in local time.</summary>
    private static DateTimeOffset EndsAt(X509Certificate2 certificate) => new(TimeZoneInfo.ConvertTimeToUtc(certificate.NotAfter), TimeSpan.Zero);

    private string NamesAndAddresses() => string.Join(' ', names.Names.Concat(names.Addresses.Select(one => one.ToString())));

    private string PathOf(string name) => Path.Combine(folder, name);

    private X509Certificate2 Authority()
    {
        if (authority is not null)
        {
            return authority;
        }

        if (OperatingSystem.IsWindows())
        {
            Directory.CreateDirectory(folder);
        }
        else
        {
            Directory.CreateDirectory(folder, OwnersOnly | UnixFileMode.UserExecute);
        }

        if (File.Exists(PathOf("authority.pem")) && File.Exists(PathOf("authority.key")))
        {
            return authority = X509Certificate2.CreateFromPemFile(PathOf("authority.pem"), PathOf("authority.key"));
        }

        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var now = time.GetUtcNow();
        var request = new CertificateRequest($"CN=Cistern at {names.Names[0]}", key, HashAlgorithmName.SHA256);
        // It may issue this machine's certificate and no further authorities.
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(certificateAuthority: true, hasPathLengthConstraint: true, pathLengthConstraint: 0, critical: true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.KeyCertSign | X509KeyUsageFlags.CrlSign, critical: true));
        request.CertificateExtensions.Add(new X509SubjectKeyIdentifierExtension(request.PublicKey, critical: false));
        authority = request.CreateSelfSigned(now.AddDays(-1), now + AuthorityValidFor);
        Store("authority", authority, key);
        LogAuthority(folder);
        return authority;
    }

    private X509Certificate2 Issue(string called)
    {
        var by = Authority();
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest($"CN={names.Names[0]}", key, HashAlgorithmName.SHA256);
        var also = new SubjectAlternativeNameBuilder();
        foreach (var name in names.Names)
        {
            also.AddDnsName(name);
        }

        foreach (var address in names.Addresses.Append(IPAddress.Loopback))
        {
            also.AddIpAddress(address);
        }

        request.CertificateExtensions.Add(also.Build());
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(false, false, 0, critical: true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.DigitalSignature, critical: true));
        request.CertificateExtensions.Add(new X509EnhancedKeyUsageExtension([new Oid("1.3.6.1.5.5.7.3.1")], critical: false));
        request.CertificateExtensions.Add(new X509SubjectKeyIdentifierExtension(request.PublicKey, critical: false));
        request.CertificateExtensions.Add(X509AuthorityKeyIdentifierExtension.CreateFromCertificate(by, includeKeyIdentifier: true, includeIssuerAndSerial: false));
        var now = time.GetUtcNow();
        var last = EndsAt(by);
        var ends = now + CertificateValidFor < last ? now + CertificateValidFor : last;
        using var bare = request.Create(by, now.AddDays(-1), ends, RandomNumberGenerator.GetBytes(16));
        var made = bare.CopyWithPrivateKey(key);
        Store("server", made, key);
        File.WriteAllText(PathOf("server.for"), called);
        LogMade(called, ends);
        return made;
    }

    /// <summary>The stored certificate, if it matches the machine's names and is valid long enough.</summary>
    private X509Certificate2? Stored(string called)
    {
        Authority();
        if (!File.Exists(PathOf("server.for")) || File.ReadAllText(PathOf("server.for")) != called || !File.Exists(PathOf("server.pem")))
        {
            return null;
        }

        var kept = X509Certificate2.CreateFromPemFile(PathOf("server.pem"), PathOf("server.key"));
        return IsExpiring(kept) ? null : kept;
    }

    private void Store(string name, X509Certificate2 certificate, ECDsa key)
    {
        var path = PathOf(name + ".key");
        File.Delete(path);
        // Created with these permissions, so that there is no moment at which others can read it.
        var asOwner = new FileStreamOptions { Mode = FileMode.CreateNew, Access = FileAccess.Write };
        if (!OperatingSystem.IsWindows())
        {
            asOwner.UnixCreateMode = OwnersOnly;
        }

        using (var file = new FileStream(path, asOwner))
        using (var writer = new StreamWriter(file))
        {
            writer.Write(key.ExportPkcs8PrivateKeyPem());
        }

        File.WriteAllText(PathOf(name + ".pem"), certificate.ExportCertificatePem());
    }

    [LoggerMessage(Level = LogLevel.Information, Message = "Created a certificate authority in {Folder}.")]
    private partial void LogAuthority(string folder);

    [LoggerMessage(Level = LogLevel.Information, Message = "Created a certificate for {Names}, valid until {Ends:yyyy-MM-dd}.")]
    private partial void LogMade(string names, DateTimeOffset ends);
}
