using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Rows;
using Nerezza.Formats;
using Npgsql;
using NpgsqlTypes;

namespace Nerezza.Data.Stores;

/// <summary>What came of keeping a file.</summary>
public enum Keeping
{
    /// <summary>Its sets count.</summary>
    Kept,

    /// <summary>It was kept before; nothing changed.</summary>
    Known,
}

/// <summary>Files of sets, taken in and taken back as one, of the scope's practice.</summary>
public sealed class ImportStore(NerezzaContext context, PastTraining past)
{
    private const int SaidEvery = 1_000;

    /// <summary>Of one client, the newest first.</summary>
    public async Task<IReadOnlyList<ImportRow>> Of(Guid clientId, CancellationToken cancel) =>
        await context
            .Imports.AsNoTracking()
            .Where(row => row.ClientId == clientId)
            .OrderByDescending(row => row.KeptAt)
            .ToListAsync(cancel);

    public Task<ImportRow?> Find(Guid clientId, Guid id, CancellationToken cancel) =>
        context.Imports.SingleOrDefaultAsync(row => row.ClientId == clientId && row.Id == id, cancel);

    /// <summary>What names in files mean, as the practice's coaches said.</summary>
    public async Task<IReadOnlyDictionary<string, string>> Names(CancellationToken cancel) =>
        await context.ExerciseNames.AsNoTracking().ToDictionaryAsync(row => row.Name, row => row.Exercise, cancel);

    /// <summary>Keeps a file with its sets and what its names mean: all of it or nothing, whatever is cancelled or killed.</summary>
    /// <param name="said">Told how many sets are written so far.</param>
    public async Task<Keeping> Keep(
        ImportRow import,
        IReadOnlyList<LoggedSetRow> sets,
        IReadOnlyDictionary<string, string> names,
        Func<int, Task> said,
        CancellationToken cancel
    )
    {
        if (await context.Imports.AnyAsync(row => row.Id == import.Id, cancel))
            return Keeping.Known;
        await past.Change(
            import.ClientId,
            async () =>
            {
                context.Add(import);
                await Explain(names, cancel);
                await context.SaveChangesAsync(cancel);
                await Copy(sets, said, cancel);
            },
            cancel
        );
        return Keeping.Kept;
    }

    /// <summary>Takes a file back: its sets are gone, and with them what corrected them; the file stays on the list. False where there is
    /// no such file.</summary>
    public async Task<bool> TakeBack(Guid clientId, Guid id, DateTimeOffset at, CancellationToken cancel)
    {
        if (await Find(clientId, id, cancel) is not { } found)
            return false;
        if (found.TakenBackAt is null)
            await past.Change(
                clientId,
                async () =>
                {
                    (await Find(clientId, id, cancel))!.TakenBackAt = at;
                    await context.SaveChangesAsync(cancel);
                    // The server's role deletes no fact: the function takes those of a file, and what corrected them.
                    await context.Database.ExecuteSqlAsync($"SELECT take_back_import({found.PracticeId}, {clientId}, {id})", cancel);
                },
                cancel
            );
        return true;
    }

    /// <summary>Keeps what names mean, without saving yet.</summary>
    public async Task Explain(IReadOnlyDictionary<string, string> names, CancellationToken cancel)
    {
        Dictionary<string, ExerciseNameRow> known = await context
            .ExerciseNames.Where(row => names.Keys.Contains(row.Name))
            .ToDictionaryAsync(row => row.Name, cancel);
        foreach ((string name, string exercise) in names)
            if (known.TryGetValue(name, out ExerciseNameRow? row))
                row.Exercise = exercise;
            else
                context.Add(
                    new ExerciseNameRow
                    {
                        PracticeId = context.PracticeId,
                        Name = name,
                        Exercise = exercise,
                    }
                );
    }

    private async Task Copy(IReadOnlyList<LoggedSetRow> sets, Func<int, Task> said, CancellationToken cancel)
    {
        var connection = (NpgsqlConnection)context.Database.GetDbConnection();
        await using NpgsqlBinaryImporter writer = await connection.BeginBinaryImportAsync(
            """
            COPY logged_sets (practice_id, id, client_id, date, exercise, place, side, load_kg, reps, rpe, amrap, said_at_rep, rir_said,
                seconds, metres, height_cm, clean_reps, word, band, implements, technique_held_to, pain, pain_at, note, withdrawn,
                logged_at, import_id) FROM STDIN (FORMAT BINARY)
            """,
            cancel
        );
        for (int i = 0; i < sets.Count; i++)
        {
            await Write(writer, sets[i], cancel);
            if ((i + 1) % SaidEvery == 0)
                await said(i + 1);
        }
        await writer.CompleteAsync(cancel);
    }

    private static async Task Write(NpgsqlBinaryImporter writer, LoggedSetRow set, CancellationToken cancel)
    {
        await writer.StartRowAsync(cancel);
        await writer.WriteAsync(set.PracticeId, NpgsqlDbType.Uuid, cancel);
        await writer.WriteAsync(set.Id, NpgsqlDbType.Uuid, cancel);
        await writer.WriteAsync(set.ClientId, NpgsqlDbType.Uuid, cancel);
        await writer.WriteAsync(set.Date, NpgsqlDbType.Date, cancel);
        await writer.WriteAsync(set.Exercise, NpgsqlDbType.Varchar, cancel);
        await writer.WriteAsync(set.Place, NpgsqlDbType.Integer, cancel);
        await Maybe(set.Side?.ToString(), NpgsqlDbType.Varchar);
        await Maybe(set.LoadKg, NpgsqlDbType.Numeric);
        await Maybe(set.Reps, NpgsqlDbType.Integer);
        await Maybe(set.Rpe, NpgsqlDbType.Numeric);
        await writer.WriteAsync(set.Amrap, NpgsqlDbType.Boolean, cancel);
        await Maybe(set.SaidAtRep, NpgsqlDbType.Integer);
        await Maybe(set.RirSaid, NpgsqlDbType.Numeric);
        await Maybe(set.Seconds, NpgsqlDbType.Numeric);
        await Maybe(set.Metres, NpgsqlDbType.Numeric);
        await Maybe(set.HeightCm, NpgsqlDbType.Numeric);
        await Maybe(set.CleanReps, NpgsqlDbType.Integer);
        await Maybe(set.Word?.ToString(), NpgsqlDbType.Varchar);
        await Maybe(set.Band, NpgsqlDbType.Varchar);
        await Maybe(set.Implements is { } all ? System.Text.Json.JsonSerializer.Serialize(all, Json.Options) : null, NpgsqlDbType.Jsonb);
        await Maybe(set.TechniqueHeldTo, NpgsqlDbType.Integer);
        await Maybe(set.Pain, NpgsqlDbType.Integer);
        await Maybe(set.PainAt?.ToString(), NpgsqlDbType.Varchar);
        await Maybe(set.Note, NpgsqlDbType.Varchar);
        await writer.WriteAsync(set.Withdrawn, NpgsqlDbType.Boolean, cancel);
        await writer.WriteAsync(set.LoggedAt, NpgsqlDbType.TimestampTz, cancel);
        await writer.WriteAsync(set.ImportId!.Value, NpgsqlDbType.Uuid, cancel);

        Task Maybe<T>(T? value, NpgsqlDbType type) =>
            value is null ? writer.WriteNullAsync(cancel) : writer.WriteAsync(value, type, cancel);
    }
}
