using Nerezza.Cli;

return args switch
{
    ["plan", .. var files] when files.Length > 0 => PlanVerb.Run(files, Console.OpenStandardInput(), Console.Out, Console.Error),
    ["schema", var name] => SchemaVerb.Run(name, Console.Out, Console.Error),
    _ => Usage(),
};

static int Usage()
{
    Console.Error.WriteLine("usage: nerezza plan CASE.json [MORE.json ...]   (- reads standard input)");
    Console.Error.WriteLine("       nerezza schema case|plan");
    return 2;
}
