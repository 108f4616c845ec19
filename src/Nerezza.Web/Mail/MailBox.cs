using System.Collections.Concurrent;

namespace Nerezza.Web.Mail;

/// <summary>Takes the place of a mail service in the demo and in tests: the newest letters, in this process alone.</summary>
internal sealed class MailBox
{
    private const int Most = 50;
    private readonly ConcurrentQueue<Letter> _letters = [];

    public void Put(Letter letter)
    {
        _letters.Enqueue(letter);
        while (_letters.Count > Most)
            _letters.TryDequeue(out _);
    }

    /// <summary>The newest first.</summary>
    public IReadOnlyList<Letter> All => [.. _letters.Reverse()];
}
