namespace Nerezza.Data.Files;

/// <summary>What came of reading the file of a practice.</summary>
public abstract record PracticeFileReading
{
    private PracticeFileReading() { }

    /// <summary>All of it is kept.</summary>
    /// <param name="People">Who is in it; those without a password need a link to one.</param>
    public sealed record Taken(string Practice, int Clients, int Sets, IReadOnlyList<FilePerson> People) : PracticeFileReading;

    /// <summary>Nothing of it is kept.</summary>
    /// <param name="Entry">Where it is wrong; empty: the file as a whole.</param>
    public sealed record Refused(string Entry, string Why) : PracticeFileReading;
}
