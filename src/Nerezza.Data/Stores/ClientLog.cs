using System.Buffers.Binary;
using Nerezza.Core.Clients;
using Nerezza.Core.Review;
using Nerezza.Data.Rows;
using Nerezza.Formats.Cases;

namespace Nerezza.Data.Stores;

/// <summary>What a client has done: long past as training days, lately as the rows that were logged.</summary>
/// <param name="Past">Days before every row of <paramref name="Recent"/>, in order.</param>
/// <param name="Recent">The sets that count, in the order done.</param>
public sealed record ClientLog(IReadOnlyList<LogDay> Past, IReadOnlyList<LoggedSetRow> Recent)
{
    private IReadOnlyList<LogDay>? _days;

    /// <summary>Nothing was done, or it does not matter here.</summary>
    public static ClientLog None { get; } = new([], []);

    /// <summary>Every training day, in order.</summary>
    public IReadOnlyList<LogDay> Days => _days ??= [.. Past, .. Sections(Recent).Select(CaseMapping.ToLogDay)];

    /// <summary>When sets were done, by the clock of the device: it stands in the first 48 bits of the id that the device made (UUIDv7,
    /// RFC 9562), in whatever order and however late they were sent. Nothing is known of files, corrections and one-sided sets.</summary>
    public IEnumerable<SetTime> Times =>
        Recent
            .Where(row => row is { Supersedes: null, ImportId: null, Side: null } && row.Id.Version == 7)
            .Select(row => new SetTime(row.Date, row.Exercise, row.Place, MadeAt(row.Id), row.Reps, (double?)row.Seconds));

    /// <summary>Since the beginning of 1970: whatever an id says, that much time there is.</summary>
    private static TimeSpan MadeAt(Guid id)
    {
        byte[] bytes = id.ToByteArray(bigEndian: true);
        return TimeSpan.FromMilliseconds(
            ((long)BinaryPrimitives.ReadUInt32BigEndian(bytes) << 16) | BinaryPrimitives.ReadUInt16BigEndian(bytes.AsSpan(4))
        );
    }

    /// <summary>What was done before a day.</summary>
    public ClientLog Before(DateOnly date) => new([.. Past.Where(day => day.Date < date)], [.. Recent.Where(set => set.Date < date)]);

    /// <summary>Rows as days of the open format.</summary>
    public static IEnumerable<LogSection> Sections(IEnumerable<LoggedSetRow> rows) =>
        rows.GroupBy(set => set.Date)
            .OrderBy(day => day.Key)
            .Select(day => new LogSection { Date = day.Key, Sets = [.. day.Select(Section)] });

    /// <summary>What the lifter said was left, and at which repetition; null where nothing was said.</summary>
    public static ReserveSaidSection? Said(LoggedSetRow row) =>
        row is { SaidAtRep: { } rep, RirSaid: { } rir } ? new ReserveSaidSection { Rep = rep, Rir = (double)rir } : null;

    /// <summary>A row as a set of the open format.</summary>
    public static LogSetSection Section(LoggedSetRow row) =>
        new()
        {
            Exercise = row.Exercise,
            Side = row.Side,
            Kg = (double?)row.LoadKg,
            Reps = row.Reps,
            Rpe = (double?)row.Rpe,
            Amrap = row.Amrap,
            RirSaidAt = Said(row),
            TechniqueHeldTo = row.TechniqueHeldTo,
            Pain = row.Pain,
            PainAt = row.PainAt,
            Seconds = (double?)row.Seconds,
            Metres = (double?)row.Metres,
            HeightCm = (double?)row.HeightCm,
            CleanReps = row.CleanReps,
            Word = row.Word,
            Band = row.Band,
            Implements = row.Implements,
        };
}
