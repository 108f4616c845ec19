namespace Nerezza.Formats.Shapes;

/// <summary>What a place in a document may hold: read from the document's types once, used to validate and to write the JSON
/// Schema.</summary>
public abstract record Shape
{
    private Shape() { }

    public sealed record Thing(IReadOnlyList<Field> Fields) : Shape
    {
        public Field? Find(string name) => Fields.FirstOrDefault(field => field.Name == name);
    }

    public sealed record Listing(Shape Item, int Least, int Most) : Shape;

    /// <summary>An object whose names are codes, all with the same kind of value.</summary>
    public sealed record ByCode(IReadOnlyList<string> Codes, Shape Value) : Shape;

    public sealed record Number(double Least, double Most, string Unit, NumberKind Kind) : Shape;

    public sealed record Words(int Most, Blankness Blankness) : Shape;

    /// <param name="What">What the codes name, in a word, such as muscle.</param>
    /// <param name="Extent">Whether a coach's own codes count too.</param>
    public sealed record Code(string What, IReadOnlyList<string> Codes, Extent Extent = Extent.Fixed) : Shape;

    public sealed record Only(object Value) : Shape;

    public sealed record Truth : Shape;

    public sealed record Day : Shape;

    /// <summary>A number, a truth or a text, as the place that it was taken from holds it.</summary>
    public sealed record Scalar : Shape;
}

/// <summary>One field of an object.</summary>
public sealed record Field(string Name, Shape Shape, Presence Presence);

public enum Presence
{
    Optional,
    Needed,
}

/// <summary>Whether a list of codes is the same for everyone.</summary>
public enum Extent
{
    Fixed,
    WithOwn,
}

public enum NumberKind
{
    Any,
    Whole,
}

public enum Blankness
{
    MayBeBlank,
    NotBlank,
}
