namespace Nerezza.Web.Access;

/// <summary>Who may call an endpoint. Where nothing is said: owners, and coaches for the clients that they see.</summary>
internal enum Who
{
    /// <summary>Owners, and coaches for the clients that they see: who only reads a client changes nothing of theirs.</summary>
    Coaches,

    /// <summary>Also the client themselves.</summary>
    AlsoTheLifter,

    /// <summary>The client themselves alone.</summary>
    TheLifter,

    /// <summary>Owners, and the coach whom the client is with.</summary>
    HomeCoach,

    /// <summary>Owners.</summary>
    Owners,

    /// <summary>Whoever is signed in, also before a practice is chosen: what is theirs and no practice's.</summary>
    Anybody,
}

/// <summary>Says who may call an endpoint.</summary>
internal sealed record Allowed(Who Who);

/// <summary>Marks a request that is sent as a change and changes nothing: who may read may send it.</summary>
internal sealed class OnlyReads;

/// <summary>Marks what only somebody who signed in may do: a token that was taken makes no other way in.</summary>
internal sealed class NotForScripts;

/// <summary>Says it where endpoints are mapped.</summary>
internal static class AllowedEndpoints
{
    public static T For<T>(this T endpoint, Who who)
        where T : IEndpointConventionBuilder => endpoint.WithMetadata(new Allowed(who));

    public static T ReadsOnly<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.WithMetadata(new OnlyReads());
}
