using Nerezza.Formats.Shapes;

namespace Nerezza.Formats.Cases;

/// <summary>What a case must hold beyond the shape of each field.</summary>
public static class CaseRules
{
    /// <summary>The faults of a whole case.</summary>
    public static IEnumerable<Fault> Check(CaseDocument document) =>
        [
            .. Check(document.Client, "client"),
            .. Check(document.Equipment, "equipment"),
            .. Elsewhere(document.Elsewhere ?? []),
            .. EarlierScreens(document),
        ];

    private static IEnumerable<Fault> Elsewhere(IReadOnlyList<ElsewhereSection> days) =>
        days.SelectMany((one, i) => Check(one.Equipment, $"elsewhere[{i}].equipment"))
            .Concat(
                days.Select((one, i) => (one.Day, i))
                    .GroupBy(row => row.Day)
                    .Where(rows => rows.Count() > 1)
                    .Select(rows => new Fault(
                        $"elsewhere[{rows.Last().i}].day",
                        $"{Core.Measures.Codes.Of(rows.Key)} stands twice; each weekday once expected"
                    ))
            );

    private static IEnumerable<Fault> EarlierScreens(CaseDocument document)
    {
        IReadOnlyList<EarlierScreenSection> screens = document.EarlierScreens ?? [];
        for (int i = 0; i < screens.Count; i++)
        {
            if (screens[i].Date >= document.ScreenedOn)
                yield return new Fault(
                    $"earlierScreens[{i}].date",
                    $"{screens[i].Date:yyyy-MM-dd} is not before screenedOn; a day before {document.ScreenedOn:yyyy-MM-dd} expected"
                );
            if (screens.Take(i).Any(other => other.Date == screens[i].Date))
                yield return new Fault(
                    $"earlierScreens[{i}].date",
                    $"{screens[i].Date:yyyy-MM-dd} stands twice; one screen a day expected"
                );
        }
    }

    /// <summary>The faults of the client's part.</summary>
    public static IEnumerable<Fault> Check(ClientSection client, string path)
    {
        foreach (var same in client.Days.Select((day, i) => (day.Day, i)).GroupBy(row => row.Day).Where(rows => rows.Count() > 1))
            yield return new Fault(
                $"{path}.days[{same.Last().i}].day",
                $"{Core.Measures.Codes.Of(same.Key)} stands twice; each weekday once expected"
            );
    }

    /// <summary>The faults of the equipment.</summary>
    public static IEnumerable<Fault> Check(EquipmentSection? equipment, string path)
    {
        foreach ((BandSection band, int i) in (equipment?.Bands ?? []).Select((band, i) => (band, i)))
        {
            for (int k = 1; k < band.Points.Count; k++)
            {
                if (band.Points[k].Cm <= band.Points[k - 1].Cm)
                    yield return new Fault(
                        $"{path}.bands[{i}].points[{k}].cm",
                        $"{band.Points[k].Cm} is not longer than the point before; rising lengths expected"
                    );
                if (band.Points[k].Kg < band.Points[k - 1].Kg)
                    yield return new Fault(
                        $"{path}.bands[{i}].points[{k}].kg",
                        $"{band.Points[k].Kg} is less than at the shorter length; tension that does not fall expected"
                    );
            }
        }
        foreach (
            var same in (equipment?.Bars ?? []).Select((bar, i) => (bar.Name, i)).GroupBy(row => row.Name).Where(rows => rows.Count() > 1)
        )
            yield return new Fault($"{path}.bars[{same.Last().i}].name", $"'{same.Key}' stands twice; a name for each bar expected");
    }
}
