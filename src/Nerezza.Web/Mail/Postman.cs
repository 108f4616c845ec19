using MailKit.Net.Smtp;
using MailKit.Security;
using MimeKit;
using Nerezza.Web.Hosting;

namespace Nerezza.Web.Mail;

/// <summary>Sends what is handed over, one after the other; tries again while the mail server is away.</summary>
internal sealed class Postman(Outgoing outgoing, MailSettings settings, MailBox box, ILogger<EventLog> log) : BackgroundService
{
    private const int Tries = 3;
    private static readonly TimeSpan Pause = TimeSpan.FromSeconds(20);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await foreach (Letter letter in outgoing.Letters.ReadAllAsync(stoppingToken))
        {
            if (settings.Host is null)
                box.Put(letter);
            else
                await Deliver(letter, stoppingToken);
        }
    }

    private async Task Deliver(Letter letter, CancellationToken cancel)
    {
        for (int tries = 1; ; tries++)
            try
            {
                await Send(letter, cancel);
                return;
            }
            catch (Exception fault)
                when (fault
                        is SmtpCommandException
                            or SmtpProtocolException
                            or IOException
                            or AuthenticationException
                            or System.Net.Sockets.SocketException
                )
            {
                log.MailNotSent(fault.GetType().Name, tries);
                if (tries == Tries)
                    return;
                await Task.Delay(Pause, cancel);
            }
    }

    private async Task Send(Letter letter, CancellationToken cancel)
    {
        using var message = new MimeMessage();
        message.From.Add(MailboxAddress.Parse(settings.From));
        message.To.Add(MailboxAddress.Parse(letter.To));
        message.Subject = letter.Subject;
        message.Body = new TextPart("plain") { Text = letter.Text };
        using var smtp = new SmtpClient();
        await smtp.ConnectAsync(settings.Host!, settings.Port, SecureSocketOptions.Auto, cancel);
        if (settings.User is { Length: > 0 } user)
            await smtp.AuthenticateAsync(user, settings.Password ?? "", cancel);
        await smtp.SendAsync(message, cancel);
        await smtp.DisconnectAsync(quit: true, cancel);
    }
}
