using System.Threading.Channels;

namespace Nerezza.Web.Mail;

/// <summary>A mail as it is handed over to be sent.</summary>
internal sealed record Letter(string To, string Subject, string Text)
{
    public DateTimeOffset At { get; init; }
}

/// <summary>Mail on its way. Handing one over takes no time, so that no answer tells by its time whether one goes out.</summary>
internal sealed class Outgoing(MailSettings settings, TimeProvider clock)
{
    // A flood of asked-for letters must not fill the memory (assumption).
    private const int Most = 500;
    private readonly Channel<Letter> _letters = Channel.CreateBounded<Letter>(
        new BoundedChannelOptions(Most) { FullMode = BoundedChannelFullMode.DropWrite }
    );

    public bool IsOn => settings.IsOn;

    public void Send(Letter letter) => _letters.Writer.TryWrite(letter with { At = clock.GetUtcNow() });

    public ChannelReader<Letter> Letters => _letters.Reader;
}
