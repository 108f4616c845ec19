namespace Nerezza.Web.Mail;

/// <summary>Where mail goes (docs/deploy.md): a server, the mail box of this machine, or nowhere.</summary>
/// <param name="Host">The SMTP server; null where there is none.</param>
/// <param name="From">The address that mail comes from.</param>
/// <param name="IsBox">Whether mail is kept here to be read on this machine instead of being sent.</param>
internal sealed record MailSettings(string? Host, int Port, string? User, string? Password, string From, bool IsBox)
{
    private const int SubmissionPort = 587; // RFC 6409

    /// <summary>Whether anything can be sent at all.</summary>
    public bool IsOn => Host is not null || IsBox;

    /// <summary>From NEREZZA_SMTP_HOST, _PORT, _USER, _PASSWORD, NEREZZA_MAIL_FROM and NEREZZA_MAIL_BOX.</summary>
    public static MailSettings Read(IConfiguration settings)
    {
        string? host = settings["NEREZZA_SMTP_HOST"] is { Length: > 0 } named ? named : null;
        // Without it a letter would carry whatever address the request claims to have come to.
        if (host is not null && settings["NEREZZA_URL"] is not { Length: > 0 })
            throw new InvalidOperationException("NEREZZA_SMTP_HOST needs NEREZZA_URL: the address that links in letters carry.");
        return new MailSettings(
            host,
            int.TryParse(settings["NEREZZA_SMTP_PORT"], out int port) ? port : SubmissionPort,
            settings["NEREZZA_SMTP_USER"],
            settings["NEREZZA_SMTP_PASSWORD"],
            settings["NEREZZA_MAIL_FROM"] ?? "nerezza@localhost",
            host is null && settings["NEREZZA_MAIL_BOX"] == "yes"
        );
    }
}
