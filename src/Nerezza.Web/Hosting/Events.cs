namespace Nerezza.Web.Hosting;

/// <summary>What the log says of who did what: one line each, with ids and never with a name, an address or a word of a client's.</summary>
internal static partial class Events
{
    [LoggerMessage(1, LogLevel.Information, "sign-in user={UserId}")]
    public static partial void SignedIn(this ILogger log, Guid userId);

    [LoggerMessage(2, LogLevel.Information, "sign-in-refused")]
    public static partial void SignInRefused(this ILogger log);

    [LoggerMessage(3, LogLevel.Warning, "sign-in-locked: too many wrong tries for one account")]
    public static partial void SignInLocked(this ILogger log);

    [LoggerMessage(4, LogLevel.Information, "sign-out user={UserId}")]
    public static partial void SignedOut(this ILogger log, string? userId);

    [LoggerMessage(5, LogLevel.Information, "export client={ClientId} practice={PracticeId}")]
    public static partial void Exported(this ILogger log, Guid clientId, Guid practiceId);

    [LoggerMessage(6, LogLevel.Information, "archive client={ClientId} practice={PracticeId}")]
    public static partial void Archived(this ILogger log, Guid clientId, Guid practiceId);

    [LoggerMessage(7, LogLevel.Information, "restore client={ClientId} practice={PracticeId}")]
    public static partial void Restored(this ILogger log, Guid clientId, Guid practiceId);

    [LoggerMessage(8, LogLevel.Warning, "database-away: {Why}")]
    public static partial void DatabaseAway(this ILogger log, string why);

    [LoggerMessage(9, LogLevel.Information, "export catalogue={Scope} practice={PracticeId}")]
    public static partial void CatalogueExported(this ILogger log, string scope, Guid practiceId);

    [LoggerMessage(10, LogLevel.Warning, "mail-not-sent: {Why}, try {Tries}")]
    public static partial void MailNotSent(this ILogger log, string why, int tries);

    [LoggerMessage(11, LogLevel.Information, "practice-made practice={PracticeId} user={UserId}")]
    public static partial void PracticeMade(this ILogger log, Guid practiceId, Guid userId);

    [LoggerMessage(12, LogLevel.Information, "invited practice={PracticeId} invitation={InvitationId}")]
    public static partial void Invited(this ILogger log, Guid practiceId, Guid invitationId);

    [LoggerMessage(13, LogLevel.Information, "joined practice={PracticeId} user={UserId}")]
    public static partial void Joined(this ILogger log, Guid practiceId, Guid userId);

    [LoggerMessage(14, LogLevel.Information, "password-changed user={UserId}")]
    public static partial void PasswordChanged(this ILogger log, Guid userId);

    [LoggerMessage(15, LogLevel.Information, "code-refused user={UserId}")]
    public static partial void CodeRefused(this ILogger log, Guid userId);

    [LoggerMessage(16, LogLevel.Information, "erased clients={Count}")]
    public static partial void Erased(this ILogger log, int count);

    [LoggerMessage(17, LogLevel.Error, "board-not-made client={ClientId} practice={PracticeId}")]
    public static partial void BoardNotMade(this ILogger log, Guid clientId, Guid practiceId, Exception fault);

    [LoggerMessage(18, LogLevel.Error, "boards-held-up")]
    public static partial void BoardsHeldUp(this ILogger log, Exception fault);

    [LoggerMessage(19, LogLevel.Information, "practice-exported practice={PracticeId}")]
    public static partial void PracticeExported(this ILogger log, Guid practiceId);

    [LoggerMessage(20, LogLevel.Information, "token-made user={UserId} practice={PracticeId}")]
    public static partial void TokenMade(this ILogger log, Guid userId, Guid practiceId);
}

/// <summary>The name under which <see cref="Events"/> stand in the log.</summary>
internal sealed class EventLog;
