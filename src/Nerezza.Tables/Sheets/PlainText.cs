namespace Nerezza.Tables.Sheets;

/// <summary>Keeps a text a text: one that a spreadsheet would run as a formula gets an apostrophe before it.</summary>
public static class PlainText
{
    private const char Mark = '\'';

    public static string Write(string text) => text.Length > 0 && (text[0] is Mark || Runs(text[0])) ? Mark + text : text;

    public static string Read(string cell) => cell.Length > 1 && cell[0] is Mark && (cell[1] is Mark || Runs(cell[1])) ? cell[1..] : cell;

    private static bool Runs(char first) => first is '=' or '+' or '-' or '@' or '\t' or '\r' or '\n';
}
