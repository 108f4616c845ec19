using System.Diagnostics;
using System.Globalization;
using System.Text.Json;

namespace Nerezza.Formats.Shapes;

/// <summary>Holds a JSON document against its shape and names every fault, up to twenty: what is wrong further on is seen when those are
/// mended.</summary>
public sealed class ShapeValidator
{
    private const int MostFaults = 20;
    private const int MostShown = 60;
    private readonly List<Fault> _faults = [];
    private readonly IReadOnlyCollection<string> _own;
    private readonly DaySpan _days;

    private ShapeValidator(IReadOnlyCollection<string> own, DaySpan days) => (_own, _days) = (own, days);

    /// <summary>The faults of a document; empty when it fits.</summary>
    /// <param name="own">Ids of the coach's own exercises, which count beside those that ship.</param>
    /// <param name="days">The dates that it may hold.</param>
    public static IReadOnlyList<Fault> Validate(JsonElement document, Shape shape, IReadOnlyCollection<string> own, DaySpan days)
    {
        var validator = new ShapeValidator(own, days);
        validator.Check(document, shape, "");
        return validator._faults;
    }

    private bool IsFull => _faults.Count >= MostFaults;

    private void Check(JsonElement value, Shape shape, string path)
    {
        if (IsFull)
            return;
        switch (shape)
        {
            case Shape.Thing thing:
                CheckThing(value, thing, path);
                break;
            case Shape.Listing listing:
                CheckListing(value, listing, path);
                break;
            case Shape.ByCode byCode:
                CheckByCode(value, byCode, path);
                break;
            case Shape.Number number:
                CheckNumber(value, number, path);
                break;
            case Shape.Words words:
                CheckWords(value, words, path);
                break;
            case Shape.Code code:
                CheckCode(value, code, path);
                break;
            case Shape.Only only:
                CheckOnly(value, only, path);
                break;
            case Shape.Truth:
                Expect(value.ValueKind is JsonValueKind.True or JsonValueKind.False, value, path, "true or false");
                break;
            case Shape.Day:
                CheckDay(value, path);
                break;
        }
    }

    private void CheckThing(JsonElement value, Shape.Thing thing, string path)
    {
        if (!Expect(value.ValueKind is JsonValueKind.Object, value, path, "an object"))
            return;
        HashSet<string> present = [];
        foreach (JsonProperty property in value.EnumerateObject().TakeWhile(_ => !IsFull))
        {
            if (thing.Find(property.Name) is not { } field)
            {
                string? near = NearestName.Of(property.Name, thing.Fields.Select(f => f.Name));
                Add(
                    Join(path, Shown(property.Name)),
                    near is null ? "is not a field of this format" : $"is not a field of this format; did you mean {near}?"
                );
                continue;
            }
            if (property.Value.ValueKind is JsonValueKind.Null)
            {
                if (field.Presence is Presence.Optional)
                    continue;
                Add(Join(path, field.Name), $"null is not allowed; {Expected(field.Shape)} expected", WantedOf(field.Shape));
                present.Add(field.Name);
                continue;
            }
            present.Add(field.Name);
            Check(property.Value, field.Shape, Join(path, field.Name));
        }
        foreach (Field field in thing.Fields.Where(f => f.Presence is Presence.Needed && !present.Contains(f.Name)))
            Add(Join(path, field.Name), $"is missing; {Expected(field.Shape)} expected", WantedOf(field.Shape));
    }

    private void CheckListing(JsonElement value, Shape.Listing listing, string path)
    {
        if (!Expect(value.ValueKind is JsonValueKind.Array, value, path, "a list"))
            return;
        int count = value.GetArrayLength();
        if (count > listing.Most || count < listing.Least)
        {
            Add(
                path,
                $"{count} entries are not between {listing.Least} and {listing.Most}",
                new Wanted(WantedKind.Count, listing.Least, listing.Most, Asked: count)
            );
            return;
        }
        int i = 0;
        foreach (JsonElement item in value.EnumerateArray().TakeWhile(_ => !IsFull))
            Check(item, listing.Item, $"{path}[{i++}]");
    }

    private void CheckByCode(JsonElement value, Shape.ByCode byCode, string path)
    {
        if (!Expect(value.ValueKind is JsonValueKind.Object, value, path, "an object"))
            return;
        foreach (JsonProperty property in value.EnumerateObject().TakeWhile(_ => !IsFull))
        {
            if (byCode.Codes.Contains(property.Name))
                Check(property.Value, byCode.Value, Join(path, property.Name));
            else
                Add(Join(path, Shown(property.Name)), "is not a known code" + Hint(property.Name, byCode.Codes));
        }
    }

    private void CheckNumber(JsonElement value, Shape.Number number, string path)
    {
        if (!Expect(value.ValueKind is JsonValueKind.Number, value, path, Expected(number), WantedOf(number)))
            return;
        double found = value.GetDouble();
        Wanted wanted = WantedOf(number)! with { Asked = double.IsFinite(found) ? found : null };
        if (!(found >= number.Least && found <= number.Most))
            Add(
                path,
                $"{Shown(value.GetRawText())} is not between {Text(number.Least)} and {Text(number.Most)}; {Unit(number)} expected",
                wanted
            );
        else if (number.Kind is NumberKind.Whole && found != Math.Floor(found))
            Add(path, $"{Shown(value.GetRawText())} is not a whole number", wanted);
    }

    private void CheckWords(JsonElement value, Shape.Words words, string path)
    {
        if (!Expect(value.ValueKind is JsonValueKind.String, value, path, "a text"))
            return;
        string text = value.GetString()!;
        if (text.Length > words.Most)
            Add(path, $"{text.Length} characters are more than {words.Most}");
        else if (words.Blankness is Blankness.NotBlank && string.IsNullOrWhiteSpace(text))
            Add(path, "is blank; a text expected", WantedOf(words));
        else if (text.Any(char.IsControl) && text.Any(c => char.IsControl(c) && c is not ('\n' or '\t' or '\r')))
            Add(path, "holds control characters; plain text expected");
    }

    private void CheckCode(JsonElement value, Shape.Code code, string path)
    {
        if (!Expect(value.ValueKind is JsonValueKind.String, value, path, Expected(code)))
            return;
        string text = value.GetString()!;
        if (!code.Codes.Contains(text) && !(code.Extent is Extent.WithOwn && _own.Contains(text)))
            Add(path, $"'{Shown(text)}' is not a known {code.What}{Hint(text, code.Codes)}");
    }

    private void CheckOnly(JsonElement value, Shape.Only only, string path)
    {
        bool same = only.Value switch
        {
            string text => value.ValueKind is JsonValueKind.String && value.GetString() == text,
            int number => value.ValueKind is JsonValueKind.Number && value.TryGetDouble(out double found) && found == number,
            _ => throw new InvalidOperationException("Only texts and whole numbers can be fixed."),
        };
        if (!same)
            Add(path, $"{Shown(value.GetRawText())} is not {only.Value}");
    }

    private void CheckDay(JsonElement value, string path)
    {
        if (!Expect(value.ValueKind is JsonValueKind.String, value, path, "a date such as 2026-11-30", new Wanted(WantedKind.Date)))
            return;
        bool valid = DateOnly.TryParseExact(
            value.GetString(),
            "yyyy-MM-dd",
            CultureInfo.InvariantCulture,
            DateTimeStyles.None,
            out DateOnly date
        );
        if (!valid)
            Add(
                path,
                $"'{Shown(value.GetString()!)}' is not a date; year-month-day such as 2026-11-30 expected",
                new Wanted(WantedKind.Date)
            );
        else if (_days.Fault(date) is { } fault)
            Add(path, fault);
    }

    private bool Expect(bool fits, JsonElement value, string path, string expected, Wanted? wanted = null)
    {
        if (!fits)
            Add(path, $"{Kind(value)} is not right; {expected} expected", wanted);
        return fits;
    }

    private void Add(string path, string message, Wanted? wanted = null)
    {
        if (!IsFull)
            _faults.Add(new Fault(path, message) { Wanted = wanted });
    }

    private static Wanted? WantedOf(Shape shape) =>
        shape switch
        {
            Shape.Number number => new Wanted(WantedKind.Number, number.Least, number.Most, number.Unit.Length > 0 ? number.Unit : null),
            Shape.Listing listing => new Wanted(WantedKind.Count, listing.Least, listing.Most, Asked: 0),
            Shape.Words words => new Wanted(WantedKind.Text, Most: words.Most),
            Shape.Day => new Wanted(WantedKind.Date),
            _ => null,
        };

    private static string Hint(string text, IReadOnlyList<string> codes)
    {
        if (NearestName.Of(text, codes) is { } near)
            return $"; did you mean {near}?";
        return codes.Count <= 12 ? $"; one of {string.Join(", ", codes)} expected" : "";
    }

    private static string Expected(Shape shape) =>
        shape switch
        {
            Shape.Thing or Shape.ByCode => "an object",
            Shape.Listing => "a list",
            Shape.Number number =>
                $"a number between {Text(number.Least)} and {Text(number.Most)}{(number.Unit.Length > 0 ? $" ({number.Unit})" : "")}",
            Shape.Words => "a text",
            Shape.Code code => code.Codes.Count <= 12 ? $"one of {string.Join(", ", code.Codes)}" : $"a known {code.What}",
            Shape.Only only => $"{only.Value}",
            Shape.Truth => "true or false",
            Shape.Scalar => "a number, true, false or a text",
            Shape.Day => "a date such as 2026-11-30",
            _ => throw new UnreachableException(shape.GetType().Name),
        };

    private static string Unit(Shape.Number number) =>
        number.Unit.Length > 0 ? number.Unit
        : number.Kind is NumberKind.Whole ? "a whole number"
        : "a number";

    private static string Kind(JsonElement value) =>
        value.ValueKind switch
        {
            JsonValueKind.Object => "an object",
            JsonValueKind.Array => "a list",
            JsonValueKind.String => $"the text '{Shown(value.GetString()!)}'",
            JsonValueKind.Null => "null",
            _ => Shown(value.GetRawText()),
        };

    private static string Text(double number) => number.ToString("0.######", CultureInfo.InvariantCulture);

    /// <summary>Shortens what was typed and takes line breaks out, so that one fault stays one line.</summary>
    private static string Shown(string text)
    {
        string flat = new([.. text.Take(MostShown).Select(c => char.IsControl(c) ? ' ' : c)]);
        return text.Length > MostShown ? flat + "..." : flat;
    }

    private static string Join(string path, string name) => path.Length == 0 ? name : $"{path}.{name}";
}
