namespace Nerezza.Web.Accounts;

/// <summary>What a device is called in the list of sign-ins, as far as its browser says.</summary>
internal static class DeviceName
{
    // First match counts: browsers name those they come from as well.
    private static readonly (string Sign, string Name)[] Browsers =
    [
        ("Firefox", "Firefox"),
        ("Edg", "Edge"),
        ("OPR", "Opera"),
        ("Chrome", "Chrome"),
        ("Safari", "Safari"),
    ];
    private static readonly (string Sign, string Name)[] Systems =
    [
        ("iPhone", "iPhone"),
        ("iPad", "iPad"),
        ("Android", "Android"),
        ("Windows", "Windows"),
        ("Mac OS", "Mac"),
        ("Linux", "Linux"),
    ];

    /// <summary>"Chrome on Android"; "A browser" where nothing is known.</summary>
    public static string Of(string userAgent) =>
        (Named(Browsers, userAgent), Named(Systems, userAgent)) switch
        {
            ({ } browser, { } system) => $"{browser} on {system}",
            ({ } browser, null) => browser,
            (null, { } system) => $"A browser on {system}",
            (null, null) => "A browser",
        };

    private static string? Named((string Sign, string Name)[] names, string userAgent) =>
        names.FirstOrDefault(one => userAgent.Contains(one.Sign, StringComparison.Ordinal)).Name;
}
