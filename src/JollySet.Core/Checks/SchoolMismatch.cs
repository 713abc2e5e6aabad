using JollySet.Core.Balance;
using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A superset is checked against the school it names: neighbours of a pair, the whole of three and more somewhere. The power move of a contrast is the shorter one.</summary>
internal sealed class SchoolMismatch : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        foreach (var (block, index) in review.OwnBlocks)
        {
            if (block.Format is not LinkedFormat { School: not School.Any } linked)
                continue;
            var sets = review.SetsOf(index).Where(s => s.Round == 1 && !s.SecondSide && !s.SecondPass).ToList();
            var moves = sets.Select(s => s.Facts.Move).ToList();
            if (moves.Count < 2 || moves.Contains(null))
                continue;
            var pairs = moves.Zip(moves.Skip(1), (a, b) => Schools.Pairs(linked.School, a!, b!)).ToList();
            var fits = linked.School == School.Same ? pairs.All(p => p) : pairs.Any(p => p) && (moves.Count > 2 || pairs[0]);
            var longer = fits && linked.School == School.Contrast && Enumerable.Range(0, sets.Count - 1).Any(i => Schools.IsPowerOf(moves[i]!, moves[i + 1]!) && sets[i + 1].Length >= sets[i].Length);
            if (fits && !longer)
                continue;
            yield return new Finding(
                "school-mismatch",
                Severity.Warn,
                longer
                    ? $"{block.Name}: the power move of a contrast is the shorter one, while people are fresh."
                    : $"{block.Name} is called {linked.School.ToString().ToLowerInvariant()}, {Schools.Means(linked.School)}; {Say.List([.. sets.Select(s => s.Facts.Name)])} are not.",
                block.Name,
                [.. sets.Select(s => s.Station).Distinct()],
                Fix: longer ? null : Renamed(block, linked, moves!));
        }
    }

    /// <summary>The school that the moves are of, where there is one.</summary>
    private static SetBlockSetting Renamed(Block block, LinkedFormat linked, List<Move> moves)
    {
        var fitting = Enum.GetValues<School>().Where(s => s is not (School.Any or School.Contrast)).FirstOrDefault(s => moves.Zip(moves.Skip(1), (a, b) => Schools.Pairs(s, a, b)).All(p => p), School.Any);
        return new SetBlockSetting(block.Id, "format", Sheets.SheetWriter.WriteFormat(linked with { School = fitting }));
    }
}
