using System.Collections.Concurrent;
using System.Reflection;
using System.Runtime.CompilerServices;
using System.Text.Json;
using Nerezza.Core.Catalogue;
using Nerezza.Core.Measures;

namespace Nerezza.Formats.Shapes;

/// <summary>Reads the shape of a document from its records: property types, <c>required</c>, and the attributes beside them.</summary>
public static class ShapeOf
{
    private const int DefaultTextLength = 2000;
    private const int DefaultItems = 500;
    private static readonly ConcurrentDictionary<Type, Shape> Known = new();
    private static readonly string[] ExerciseIds = [.. ExerciseCatalogue.Shipped.All.Select(exercise => exercise.Id)];

    public static Shape Document<T>() => Object(typeof(T));

    private static Shape Object(Type type) =>
        Known.GetOrAdd(
            type,
            t => new Shape.Thing([
                .. t.GetProperties(BindingFlags.Public | BindingFlags.Instance)
                    .Where(property => property.CanWrite)
                    .Select(property => new Field(
                        JsonNamingPolicy.CamelCase.ConvertName(property.Name),
                        OfProperty(property),
                        property.IsDefined(typeof(RequiredMemberAttribute)) ? Presence.Needed : Presence.Optional
                    )),
            ])
        );

    private static Shape OfProperty(PropertyInfo property)
    {
        if (property.GetCustomAttribute<ExactlyAttribute>() is { } only)
            return new Shape.Only(only.Value);
        Type type = Nullable.GetUnderlyingType(property.PropertyType) ?? property.PropertyType;
        if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(IReadOnlyList<>))
        {
            var items = property.GetCustomAttribute<ItemsAttribute>();
            return new Shape.Listing(Of(type.GetGenericArguments()[0], property), items?.Least ?? 0, items?.Most ?? DefaultItems);
        }
        if (type.IsGenericType && type.GetGenericTypeDefinition() == typeof(IReadOnlyDictionary<,>))
            return new Shape.ByCode(CodesOf(type.GetGenericArguments()[0]), Of(type.GetGenericArguments()[1], property));
        return Of(type, property);
    }

    private static Shape Of(Type type, PropertyInfo property)
    {
        if (type == typeof(bool))
            return new Shape.Truth();
        if (type == typeof(object))
            return new Shape.Scalar();
        if (type == typeof(DateOnly))
            return new Shape.Day();
        if (type.IsEnum)
            return new Shape.Code(Words(type.Name), CodesOf(type));
        if (type == typeof(string) && property.IsDefined(typeof(ExerciseIdAttribute)))
            return new Shape.Code("exercise", ExerciseIds, Extent.WithOwn);
        if (type == typeof(string))
            return new Shape.Words(
                property.GetCustomAttribute<LengthAttribute>()?.Most ?? DefaultTextLength,
                property.IsDefined(typeof(RequiredMemberAttribute)) ? Blankness.NotBlank : Blankness.MayBeBlank
            );
        if (type == typeof(int) || type == typeof(double))
        {
            BetweenAttribute range =
                property.GetCustomAttribute<BetweenAttribute>()
                ?? throw new InvalidOperationException($"{property.DeclaringType!.Name}.{property.Name} has no range.");
            return new Shape.Number(range.Least, range.Most, range.Unit, type == typeof(int) ? NumberKind.Whole : NumberKind.Any);
        }
        return Object(type);
    }

    private static string Words(string typeName) => Codes.Kebab(typeName).Replace('-', ' ');

    private static IReadOnlyList<string> CodesOf(Type type) => Codes.AllOf(type);
}
