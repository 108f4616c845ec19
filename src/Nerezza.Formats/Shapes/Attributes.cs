namespace Nerezza.Formats.Shapes;

/// <summary>The range of a number, both ends counted, and its unit in words for the error.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class BetweenAttribute(double least, double most, string unit = "") : Attribute
{
    public double Least { get; } = least;
    public double Most { get; } = most;
    public string Unit { get; } = unit;
}

/// <summary>How many characters a text may have; needed texts must not be blank.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class LengthAttribute(int most) : Attribute
{
    public int Most { get; } = most;
}

/// <summary>How many entries a list may have.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class ItemsAttribute(int most) : Attribute
{
    public int Most { get; } = most;
    public int Least { get; init; }
}

/// <summary>A text, or a list of texts, that are exercise ids of the catalogue.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class ExerciseIdAttribute : Attribute;

/// <summary>The one text or number that this field may hold.</summary>
[AttributeUsage(AttributeTargets.Property)]
public sealed class ExactlyAttribute(object value) : Attribute
{
    public object Value { get; } = value;
}
