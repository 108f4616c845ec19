using System.Security.Cryptography;
using Microsoft.Extensions.Caching.Memory;
using Nerezza.Core.Selection;

namespace Nerezza.Web.Planning;

/// <summary>A plan is made again with every set that is logged, and what stands in its slots is the same problem as before: it is settled
/// once. A problem is known by all that it holds, so that an answer never belongs to another.</summary>
/// <param name="chooser">Settles what has not been asked before, or was long ago.</param>
public sealed class RememberedChoices(IChooser chooser) : IChooser, IDisposable
{
    private const int Most = 512;
    private readonly MemoryCache _known = new(new MemoryCacheOptions { SizeLimit = Most });

    /// <inheritdoc/>
    public Choice Choose(ChoiceProblem problem) =>
        _known.GetOrCreate(
            KeyOf(problem),
            entry =>
            {
                entry.Size = 1;
                return chooser.Choose(problem);
            }
        )!;

    /// <inheritdoc/>
    public void Dispose() => _known.Dispose();

    private static string KeyOf(ChoiceProblem problem)
    {
        using var all = new MemoryStream();
        using (var writer = new BinaryWriter(all))
        {
            void Numbers(IReadOnlyList<int> numbers)
            {
                writer.Write(numbers.Count);
                foreach (int number in numbers)
                    writer.Write(number);
            }
            writer.Write(problem.Options.Count);
            foreach (ChoiceOption option in problem.Options)
            {
                writer.Write(option.Id);
                writer.Write(option.Worth);
            }
            writer.Write(problem.Caps.Count);
            foreach (ChoiceCap cap in problem.Caps)
            {
                Numbers([(int)cap.Kind, cap.Muscle is { } muscle ? (int)muscle : -1, cap.Unit, cap.Limit]);
                Numbers(cap.PerOption);
            }
            writer.Write(problem.Wants.Count);
            foreach (ChoiceWant want in problem.Wants)
            {
                writer.Write(want.Name);
                Numbers([want.Needed, want.CostEach]);
                Numbers(want.PerOption);
            }
            writer.Write(problem.Groups.Count);
            foreach (ChoiceGroup group in problem.Groups)
            {
                writer.Write(group.Name);
                writer.Write(group.Most);
                Numbers(group.Members);
            }
        }
        return Convert.ToHexString(SHA256.HashData(all.ToArray()));
    }
}
