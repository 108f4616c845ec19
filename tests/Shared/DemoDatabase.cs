namespace Nerezza.Tests.Shared;

/// <summary>Databases with the demo practice: it is loaded once, and every test has a copy. The first goes with the cluster.</summary>
public static class DemoDatabase
{
    private static readonly Lazy<TestDatabase> Made = new(() =>
    {
        var demo = new TestDatabase();
        ServerProcess.Run(demo.Connection, "migrate", "demo");
        return demo;
    });

    /// <summary>One of its own.</summary>
    public static TestDatabase Copy() => new(Made.Value);
}
