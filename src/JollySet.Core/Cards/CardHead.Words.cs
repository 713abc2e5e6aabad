using System.Collections.Immutable;
using JollySet.Core.Moves;

namespace JollySet.Core.Cards;

/// <content>What single words of a head stand for: behind a key (“kit: …”), or alone where all of a piece is understood.</content>
internal sealed partial class CardHead
{
    private List<string> Keyed(string key, string value, List<string> over)
    {
        var parts = Parts.Split(key == "kit" ? TwoSizes.Replace(value, SizesApart) : value).Select(p => Kisses.Replace(p.Trim().TrimEnd('.', '?', '!'), "")).Where(p => p.Length > 0).ToList();
        switch (key)
        {
            case "title" when Title.Length == 0 || Generic.IsMatch(Title):
                if (Title.Length > 0)
                    over.Add(Title);
                // “Class: Full body 45 min”: a title, and how long.
                var length = Minutes is null && LengthBehind.Match(value) is { Success: true, Index: > 2 } m && Whole(m) is > 9 and <= 240 and var whole ? whole : (int?)null;
                Title = Capped(length is null ? value : value[..LengthBehind.Match(value).Index]);
                Minutes = length ?? Minutes;
                foreach (var need in NeedsIn(value).Needs)
                    AddNeed(need);
                return [Title, .. length is { } long_ ? new[] { $"{long_} minutes" } : [], .. Implied(value)];
            case "minutes" when Minutes is null && OnlyNumber.Match(value) is { Success: true } number && Whole(number) is > 0 and <= 720 and var booked:
                Minutes = booked;
                return [$"{booked} minutes"];
            case "people" when People is null && OnlyNumber.Match(value) is { Success: true } number && Whole(number) is > 0 and <= 1000 and var many:
                People = many;
                return [$"{many} people"];
            case "people" when People is null && PeopleMany.Match(value) is { Success: true } group && Whole(group) is > 0 and <= 1000 and var several:
                People = several;
                if (Without(value, group) is { Length: > 0 } more)
                {
                    over.Add(more);
                    foreach (var need in NeedsIn(more).Needs)
                        AddNeed(need);
                }

                return [$"{several} people"];
            case "place" when Place is null:
                // “Place: beach, two with bad hips”: whom it may hurt is no part of where it is.
                var hurt = NeedsIn(value).Needs;
                var ends = hurt.IsEmpty ? value.Length : BehindPlace.Match(value) is { Success: true } behind ? behind.Index : 0;
                Place = ends > 0 ? value[..ends] : value;
                if (ends > 0 && ends < value.Length)
                    over.Add(value[ends..].Trim(' ', ',', ';', '.', '-', '(', ')'));
                foreach (var need in hurt)
                    AddNeed(need);
                return [$"place: {Place}", .. hurt.IsEmpty ? [] : new[] { $"needs: {string.Join(", ", hurt)}" }];
            case "goal" when BriefWords.Goal(value) is { } goal:
                Goal = goal;
                return [$"goal: {goal}"];
            case "audience":
                return Each("audience", BriefWords.Audience(value) is { IsEmpty: false } ? [value] : parts, BriefWords.Audience, over);
            case "needs":
                // “Needs: chairs, light bands”: what is needed, not what somebody has to be spared.
                var things = parts.FindAll(p => KitOf(p) is not null && BriefWords.Need(p) is null && NeedsIn(p).Needs.IsEmpty);
                parts.RemoveAll(things.Contains);
                List<string> needed = things.Count > 0 ? Each("kit", things, p => [KitOf(p) ?? p], over) : [];
                // A limit that nobody here knows stays one: the class is told that it is not judged.
                return [.. needed, .. parts.Count == 0 ? [] : Each("needs", parts, p => BriefWords.Need(p) is { } need ? [need] : NeedsIn(p) is { Needs.IsEmpty: false, Others.Length: 0 } spoken ? spoken.Needs : [p], over)];
            case "focus":
                return Each("focus", BriefWords.Focus(value) is { IsEmpty: false } ? [value] : parts, p => BriefWords.Focus(p) is { IsEmpty: false } known ? known : [p], over);
            case "kit":
                // “A mat, 25 minutes”.
                var read = new List<string>();
                if (Minutes is null && parts.Count > 1 && MinutesLong.Match(parts[^1]) is { Success: true } within && within.Length == parts[^1].Length && Whole(within) is > 0 and <= 720 and var spell)
                {
                    Minutes = spell;
                    parts.RemoveAt(parts.Count - 1);
                    read.Add($"{spell} minutes");
                }

                foreach (var need in parts.Where(p => KitOf(p) is null).SelectMany(p => NeedsIn(p).Needs))
                    AddNeed(need);
                return [.. read, .. Each("kit", parts, p => [KitOf(p) ?? p], over)];
            default:
                return [];
        }
    }

    /// <summary>Takes each part as what it is understood as; what is not is told apart, and its needs are heard.</summary>
    private List<string> Each(string key, List<string> parts, Func<string, ImmutableArray<string>> understood, List<string> over)
    {
        var read = new List<string>();
        foreach (var part in parts)
        {
            var known = understood(part);
            foreach (var word in known)
                Add(key, word);
            read.AddRange(known);
            if (!known.IsEmpty)
                continue;
            over.Add(part);
            foreach (var need in NeedsIn(part).Needs)
                AddNeed(need);
        }

        return read.Count == 0 ? [] : [$"{key}: {string.Join(", ", read)}"];
    }

    /// <summary>What a piece says when all of it is understood; nothing otherwise.</summary>
    private List<string> Known(string piece)
    {
        var said = new List<string>();
        piece = Please.Replace(piece, "");
        var stripped = Welcomed.Replace(Leading.Replace(piece, ""), "");
        if (!(areThings && KitOf(piece) is not null) && Words(piece, BriefWords.Need) is { Count: > 0 } needs)
        {
            needs.ForEach(AddNeed);
            said.Add($"needs: {string.Join(", ", needs)}");
        }
        else if ((BriefWords.Audience(stripped) is { IsEmpty: false } bare ? bare : BriefWords.Audience(piece)) is { IsEmpty: false } audience)
        {
            foreach (var who in audience)
                Add("audience", who);
            said.Add($"for {string.Join(", ", audience)}");
        }
        else if (GoalSaid.Match(piece) is { Success: true } spoken && BriefWords.Goal(spoken.Groups["g"].Value) is { } aim)
        {
            Goal = aim;
            said.Add($"goal: {aim}");
        }
        else if (Words(TwoSizes.Replace(Brings.Replace(piece, ""), SizesApart), KitOf) is { Count: > 0 } kit)
        {
            foreach (var item in kit)
                Add("kit", item);
            said.Add($"kit: {string.Join(", ", kit)}");
        }
        else if (Words(FocusWord.Replace(piece, ""), p => BriefWords.Focus(p) is { IsEmpty: false } f ? string.Join(", ", f) : null) is { Count: > 0 } focus && !(Title.Length == 0 && lists.Count == 0 && Minutes is null))
        {
            foreach (var region in focus.SelectMany(f => f.Split(", ")))
                Add("focus", region);
            said.Add($"focus: {string.Join(", ", focus)}");
        }
        else if (Goal is null && BriefWords.Goal(piece) is { } plain)
        {
            Goal = plain;
            said.Add($"goal: {plain}");
        }

        return said;
    }

    /// <summary>Each of several words parted by signs or “and”, where all of them are understood.</summary>
    private static List<string>? Words(string piece, Func<string, string?> understood)
    {
        if (understood(piece) is { } whole)
            return [whole];
        var parts = Joins.Split(piece).Select(p => p.Trim()).Where(p => p.Length > 0).ToList();
        // “Dbs mats benches”: nothing between them.
        if (parts.Count == 1)
            parts = [.. piece.Split(' ', StringSplitOptions.RemoveEmptyEntries)];
        var found = parts.ConvertAll(p => understood(p));
        return found.Count > 0 && found.TrueForAll(f => f is not null) ? found.ConvertAll(f => f!) : null;
    }

    /// <summary>A thing of the kit list with its number and weight: <c>2 x 8kg DBs</c>, <c>light dumbbells</c>, <c>chair (optional)</c>.</summary>
    private static string? KitOf(string words)
    {
        var m = KitSized.Match(words);
        if (!m.Success || BriefWords.Kit(m.Groups["item"].Value) is not { } item)
            return null;
        var number = m.Groups["size"].Value.Trim().ToLowerInvariant() switch { "one" => "1", "two" => "2", var said => said };
        var isOne = number == "1" && !m.Groups["set"].Success && item == "dumbbells";
        if (isOne)
            return $"1 {m.Groups["load"].Value.Trim()} dumbbell".Replace("  ", " ", StringComparison.Ordinal);
        var many = new string([.. number.Where(char.IsAsciiDigit)]);
        // “1 set of light ones” is as many as one holds.
        many = m.Groups["set"].Success && many == "1" ? "" : many;
        var load = (m.Groups["behind"].Success ? m.Groups["behind"] : m.Groups["load"]).Value.Replace(" ", "", StringComparison.Ordinal).ToLowerInvariant();
        load = load switch { "medium" => "moderate", "lighter" => "light", "heavier" => "heavy", _ => load };
        var weighed = load.Length > 0 && char.IsAsciiDigit(load[0]);
        var count = many is "" or "1" && load.Length == 0 ? "" : many;
        var thing = count.Length > 0 && count != "1" && !item.EndsWith('s') ? item + (item.EndsWith("ch", StringComparison.Ordinal) ? "es" : "s") : item;
        var size = weighed && count.Length > 0 ? $"{count}x{load}" : $"{count} {load}".Trim();
        return $"{size} {thing}".Trim() + (words.Contains("optional", StringComparison.OrdinalIgnoreCase) ? " (optional)" : "");
    }

    private static string? KeyOf(string key) => key.ToLowerInvariant() switch
    {
        "kit" or "equip" or "eqpt" or "kit list" or "equipment" or "gear" or "prop" or "props" or "bring" or "you need" or "need" or "what you need" or "kit needed" or "geräte" or "material" or "matériel" or "attrezzi" or "kit required" or "equipment needed" or "equipment required" or "you will need" or "set up" or "setup" or "set-up" or "each person" or "everyone needs" => "kit",
        "minutes" or "length" or "duration" or "time" or "total" or "total time" => "minutes",
        "people" or "class size" or "numbers" or "participants" or "group" or "client" or "clients" => "people",
        "place" or "venue" or "where" or "location" => "place",
        "focus" or "target" or "body part" or "muscles" => "focus",
        "goal" or "goals" or "aim" or "aims" or "objective" or "objectives" or "class goal" or "class aim" or "session goal" or "session aim" or "aim of class" or "aim of the class" or "aim of session" => "goal",
        "level" or "audience" or "who" or "for" => "audience",
        "needs" or "injuries" or "care" or "watch out" or "mind" => "needs",
        "title" or "subject" or "class" or "class name" or "class plan" or "class title" or "session plan" or "session" or "lesson plan" => "title",
        _ => null,
    };
}
