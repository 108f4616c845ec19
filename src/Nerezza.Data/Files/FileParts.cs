using System.Linq.Expressions;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Nerezza.Data.Access;
using Nerezza.Data.Rows;

namespace Nerezza.Data.Files;

/// <summary>Somebody of a practice as its file has them: no password goes with it.</summary>
/// <param name="ClientId">The client that a lifter is; null for coaches.</param>
public sealed record FilePerson(Guid UserId, string Email, string Name, PracticeRole Role, Guid? ClientId, DateTimeOffset Since);

/// <summary>What the file of a practice holds, in the order in which it can be read in (docs/formats/practice.md). What follows from
/// the rest is not in it: folded training and boards are made anew. Nor are invitations and sign-ins: they are ways into one
/// machine.</summary>
internal static class FileParts
{
    /// <summary>As a sign-in looks an address up.</summary>
    private static readonly UpperInvariantLookupNormalizer Normalizer = new();

    public static FilePart<PracticeRow> Practice { get; } =
        OfPractice("practice", context => context.Practices.OrderBy(row => row.PracticeId));

    public static FilePart<FilePerson> People { get; } =
        new(
            "people",
            (context, _) =>
                from row in context.Memberships
                join user in context.Users on row.UserId equals user.Id
                orderby row.UserId
                select new FilePerson(row.UserId, user.Email!, row.Name, row.Role, row.ClientId, row.Since),
            (_, _) => true,
            (context, people) =>
                context.AddRange(
                    people.Select(person => new IdentityUser<Guid>(person.Email)
                    {
                        Id = person.UserId,
                        NormalizedUserName = Normalizer.NormalizeName(person.Email),
                        Email = person.Email,
                        NormalizedEmail = Normalizer.NormalizeEmail(person.Email),
                        SecurityStamp = Secret.New(),
                        LockoutEnabled = true,
                    })
                )
        );

    /// <summary>Read after the accounts.</summary>
    public static IReadOnlyList<FilePart> OfThePractice { get; } =
    [
        OfPractice("rooms", context => context.Rooms.OrderBy(row => row.Id)),
        OfPractice("exercises", context => context.OwnExercises.OrderBy(row => row.Exercise)),
        OfPractice("exercise-names", context => context.ExerciseNames.OrderBy(row => row.Name)),
        OfPractice("templates", context => context.Templates.OrderBy(row => row.Id)),
        OfPractice("changes", context => context.Changes.Where(row => row.ClientId == null).OrderBy(row => row.Id)),
    ];

    /// <summary>Of each client.</summary>
    public static IReadOnlyList<FilePart> OfClient { get; } =
    [
        new FilePart<ClientRow>(
            "client",
            (context, client) => context.Clients.Where(row => row.Id == client),
            (row, owner) => row.PracticeId == owner.PracticeId && row.Id == owner.ClientId,
            (context, rows) => context.AddRange(rows)
        ),
        Of("kit", context => context.Equipment, row => row.ClientId),
        Of("maxes", context => context.Maxes, row => row.Id),
        Of("screens", context => context.Screens, row => row.Date),
        Of("plans", context => context.Plans, row => row.Number),
        Of("imports", context => context.Imports, row => row.Id),
        Of("lists", context => context.ClientLists, row => row.ListId) with
        {
            CameLater = true,
        },
        Of("sets", context => context.LoggedSets, row => row.Id),
        Of("readiness", context => context.Readiness, row => row.Date),
        Of("answers", context => context.Answers, row => row.Key),
        Of("notes", context => context.Notes, row => row.Id),
        Of("calendar", context => context.Calendars, row => row.ClientId),
        Of("shares", context => context.Shares, row => row.UserId),
        new FilePart<ChangeRow>(
            "changes",
            (context, client) => context.Changes.Where(row => row.ClientId == client).OrderBy(row => row.Id),
            (row, owner) => row.PracticeId == owner.PracticeId && row.ClientId == owner.ClientId,
            (context, rows) => context.AddRange(rows)
        ),
    ];

    private static FilePart<T> OfPractice<T>(string name, Func<NerezzaContext, IQueryable<T>> rows)
        where T : class, IPracticeRow =>
        new(
            name,
            (context, _) => rows(context),
            (row, owner) => row.PracticeId == owner.PracticeId,
            (context, read) => context.AddRange(read)
        );

    private static FilePart<T> Of<T, TKey>(string name, Func<NerezzaContext, IQueryable<T>> rows, Expression<Func<T, TKey>> order)
        where T : class, IClientRow =>
        new(
            name,
            (context, client) => rows(context).Where(row => row.ClientId == client).OrderBy(order),
            (row, owner) => row.PracticeId == owner.PracticeId && row.ClientId == owner.ClientId,
            (context, read) => context.AddRange(read)
        );
}
