using BenchmarkDotNet.Running;
using Nerezza.Benchmarks;

if (args is ["likeness", .. var folders])
    Likeness.Print(folders);
else if (args is ["loop", var root, var lifters])
    ClosedLoop.Print(root, int.Parse(lifters, System.Globalization.CultureInfo.InvariantCulture));
else
    BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
