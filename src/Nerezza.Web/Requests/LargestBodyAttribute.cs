namespace Nerezza.Web.Requests;

/// <summary>How large a body may be that carries a file, megabytes; others may have five.</summary>
[AttributeUsage(AttributeTargets.Class, Inherited = false)]
public sealed class LargestBodyAttribute(int megabytes) : Attribute
{
    public int Megabytes { get; } = megabytes;
}
