using BenchmarkDotNet.Running;
using Nerezza.Benchmarks;

if (args is ["likeness", .. var folders])
    Likeness.Print(folders);
else if (args is ["loop", var root, var lifters])
    ClosedLoop.Print(root, int.Parse(lifters, System.Globalization.CultureInfo.InvariantCulture));
else if (args is ["review", var example, var many])
    ReviewLoop.Print(example, int.Parse(many, System.Globalization.CultureInfo.InvariantCulture));
else if (args is ["rows", var connection])
    await BareRows.Answer(connection);
else
    BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
