namespace Nerezza.Web.Accounts;

/// <summary>How a command for whoever sits at the machine ends.</summary>
internal static class ExitCode
{
    public const int Done = 0,
        Refused = 1,
        NotUnderstood = 2;
}
