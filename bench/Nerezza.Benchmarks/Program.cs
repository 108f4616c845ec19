using BenchmarkDotNet.Running;
using Nerezza.Benchmarks;

if (args is ["likeness", .. var folders])
    Likeness.Print(folders);
else
    BenchmarkSwitcher.FromAssembly(typeof(Program).Assembly).Run(args);
