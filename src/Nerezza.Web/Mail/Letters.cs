namespace Nerezza.Web.Mail;

/// <summary>What letters say.</summary>
internal static class Letters
{
    public static Letter Reset(string to, string link) =>
        new(
            to,
            "A new password for Nerezza",
            $"""
            Somebody, most likely you, asked for a new password for Nerezza.

            {link}

            The link is good for a day and once. Whoever did not ask need do nothing: the old password stays.
            """
        );

    public static Letter PasswordChanged(string to) =>
        new(
            to,
            "Your password for Nerezza was changed",
            "Your password for Nerezza was changed, and every other device is signed out. If it was not you, ask the owner of your "
                + "practice for a link to a new one at once."
        );

    public static Letter EmailChanged(string to, string now) =>
        new(
            to,
            "Your address for Nerezza was changed",
            $"You sign in to Nerezza with {now} from now on. If it was not you, tell the owner of your practice at once."
        );
}
