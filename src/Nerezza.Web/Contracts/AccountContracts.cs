using Nerezza.Data.Access;
using Nerezza.Data.Rows;
using Nerezza.Formats.Shapes;

namespace Nerezza.Web.Contracts;

/// <summary>Who is signed in, and the token that every change must carry in the header X-Nerezza-Token.</summary>
public sealed record Me
{
    public required string Token { get; init; }

    /// <summary>Null where nobody is signed in.</summary>
    public required string? Email { get; init; }

    /// <summary>The practice that is open; null before one of several is chosen.</summary>
    public required OpenPractice? Practice { get; init; }

    /// <summary>The practices that the person is in.</summary>
    public required IReadOnlyList<PracticeChoice> Practices { get; init; }

    /// <summary>Whether the first practice is still to be made, with the code that the start printed.</summary>
    public required bool CanBegin { get; init; }

    /// <summary>Whether the demo practice is open.</summary>
    public required bool HasDemo { get; init; }

    /// <summary>Whether a forgotten password can be helped by mail.</summary>
    public required bool HasMail { get; init; }

    /// <summary>Whether that mail is read on this machine (/mail-box).</summary>
    public required bool HasMailBox { get; init; }

    /// <summary>The address that links carry.</summary>
    public required string Address { get; init; }

    /// <summary>Whether a phone can follow it.</summary>
    public required bool ReachesPhones { get; init; }
}

/// <summary>The practice that is open, and what the person is in it.</summary>
/// <param name="Name">How the person is called there.</param>
/// <param name="ClientId">The client that a lifter is; null for coaches.</param>
public sealed record OpenPractice(Guid Id, string Practice, bool IsDemo, Units Units, PracticeRole Role, string Name, Guid? ClientId);

public sealed record PracticeChoice(Guid Id, string Practice, PracticeRole Role);

public sealed record SignIn
{
    [Length(254)]
    public required string Email { get; init; }

    [Length(200)]
    public required string Password { get; init; }

    /// <summary>Six digits of the authenticator, or a recovery code; asked for where two-factor is on.</summary>
    [Length(40)]
    public string? Code { get; init; }
}

public sealed record ChoosePractice
{
    [Length(36)]
    public required string Practice { get; init; }
}

/// <summary>The first practice with its owner.</summary>
public sealed record BeginPractice
{
    [Length(40)]
    public required string Code { get; init; }

    [Length(120)]
    public required string Practice { get; init; }

    [Length(120)]
    public required string Name { get; init; }

    [Length(254)]
    public required string Email { get; init; }

    [Length(200)]
    public required string Password { get; init; }

    /// <summary>Whether nobody gets into the demo from now on.</summary>
    public required bool PutDemoAside { get; init; }
}

/// <summary>A person's own account.</summary>
public sealed record AccountView
{
    public required string Email { get; init; }
    public required bool TwoFactor { get; init; }
    public required int RecoveryCodesLeft { get; init; }
    public required IReadOnlyList<DeviceLine> Devices { get; init; }
}

/// <summary>A device on which the person is signed in.</summary>
/// <param name="IsThis">Whether it is the one that asks.</param>
public sealed record DeviceLine(Guid Id, string Device, DateTimeOffset Since, DateTimeOffset UsedAt, bool IsThis);

public sealed record ChangeEmail
{
    [Length(200)]
    public required string Password { get; init; }

    [Length(254)]
    public required string Email { get; init; }
}

public sealed record ChangePassword
{
    [Length(200)]
    public required string Password { get; init; }

    [Length(200)]
    public required string NewPassword { get; init; }
}

/// <summary>Asks for what the right password alone allows.</summary>
public sealed record WithPassword
{
    [Length(200)]
    public required string Password { get; init; }
}

/// <summary>The key for an authenticator; it counts once a code of it was said.</summary>
/// <param name="Address">The same as a code to scan (otpauth).</param>
public sealed record AuthenticatorKey(string Key, string Address);

public sealed record AuthenticatorCode
{
    [Length(40)]
    public required string Code { get; init; }
}

/// <summary>Codes to get in with when the authenticator is lost, each once. They are shown now and never again.</summary>
public sealed record RecoveryCodes(IReadOnlyList<string> Codes);

public sealed record ForgottenPassword
{
    [Length(254)]
    public required string Email { get; init; }
}

/// <summary>A new password by a link.</summary>
public sealed record ResetPassword
{
    [Length(36)]
    public required string User { get; init; }

    [Length(2000)]
    public required string Token { get; init; }

    [Length(200)]
    public required string Password { get; init; }
}

/// <summary>A letter in the mail box of this machine.</summary>
public sealed record LetterView(string To, string Subject, string Text, DateTimeOffset At);
