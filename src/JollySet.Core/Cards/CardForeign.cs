using System.Collections.Frozen;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Words of German, French, Spanish, Italian and Dutch by which a card says how it runs, in English. Names of moves are left as they are written.</summary>
internal static partial class CardForeign
{
    private static readonly FrozenDictionary<string, string> Words = new Dictionary<string, string>
    {
        // German
        ["wdh"] = "reps", ["wiederholungen"] = "reps", ["stationen"] = "stations", ["übungen"] = "exercises", ["sätze"] = "sets", ["satz"] = "set", ["serien"] = "sets", ["durchgänge"] = "rounds",
        ["dazwischen"] = "between", ["wechsel"] = "change", ["abwechselnd"] = "alternating", ["trinkpause"] = "water", ["pro seite"] = "each side", ["je seite"] = "each side", ["je"] = "each", ["mal"] = "times", ["gesamtkörper"] = "full body", ["zwischen"] = "between",
        // French
        ["répétitions"] = "reps", ["reps"] = "reps", ["séries"] = "sets", ["série"] = "set", ["exercices"] = "exercises", ["ateliers"] = "stations", ["par côté"] = "each side", ["de chaque côté"] = "each side", ["secondes"] = "seconds", ["entre chaque tour"] = "between rounds", ["entre les séries"] = "between sets",
        // Spanish
        ["descanso"] = "rest", ["repos"] = "rest", ["repeticiones"] = "reps", ["series"] = "sets", ["ejercicios"] = "exercises", ["segundos"] = "seconds", ["seg"] = "sec", ["minutos"] = "minutes", ["cada lado"] = "each side", ["por lado"] = "each side", ["estaciones"] = "stations", ["agua"] = "water", ["entre series"] = "between sets", ["entre rondas"] = "between rounds",
        // Italian
        ["ripetizioni"] = "reps", ["serie"] = "sets", ["esercizi"] = "exercises", ["secondi"] = "seconds", ["minuti"] = "minutes", ["per lato"] = "each side", ["stazioni"] = "stations", ["acqua"] = "water", ["rec"] = "rest", ["recupero"] = "rest", ["tra le serie"] = "between sets", ["tra i giri"] = "between rounds",
        // Dutch
        ["herhalingen"] = "reps", ["rondes"] = "rounds", ["oefeningen"] = "exercises", ["seconden"] = "seconds", ["per kant"] = "each side", ["tussen de rondes"] = "between rounds",
    }.ToFrozenDictionary(StringComparer.OrdinalIgnoreCase);

    /// <summary>A line with those words in English.</summary>
    public static string Put(string text) => PerSide().Replace(Framed(text), "/side");

    /// <summary>Whether a line has such words.</summary>
    public static bool IsIn(string raw) => Frame().IsMatch(CardText.Plain(raw));

    /// <summary>A line as it is to be kept in words: in the language it was written in.</summary>
    public static string Written(CardWords line) => IsIn(line.Raw) ? CardText.Plain(line.Raw).TrimStart('-', '*', '+', '>', '~', ' ') : line.Text;

    private static string Framed(string text) => Frame().Replace(text, m => Words.TryGetValue(Spaces().Replace(m.Groups["w"].Value, " "), out var word) ? word : m.Value);

    [GeneratedRegex(@"(?<![\p{L}'-])(?:(?<w>wdh|wiederholungen|stationen|übungen|sätze|serien|durchgänge|dazwischen|abwechselnd|trinkpause|pro\s+seite|je\s+seite|gesamtkörper|répétitions|séries|exercices|ateliers|par\s+côté|de\s+chaque\s+côté|secondes|entre\s+chaque\s+tour|entre\s+les\s+séries|repeticiones|ejercicios|segundos|minutos|cada\s+lado|por\s+lado|estaciones|agua|entre\s+series|entre\s+rondas|ripetizioni|esercizi|secondi|minuti|per\s+lato|stazioni|acqua|tra\s+le\s+serie|tra\s+i\s+giri|herhalingen|rondes|oefeningen|seconden|per\s+kant|tussen\s+de\s+rondes)|^(?<w>descanso|repos)(?![\p{L}])|(?<w>je|rec|recupero|zwischen)(?=\.?\s*:?\s*\d)|(?<=\d\s*(?:s|sec|sek|min)?\.?\s)(?<w>wechsel)|(?<=\d\s?)(?<w>mal|series|serie|satz|série|seg))(?![\p{L}'-])\.?", RegexOptions.IgnoreCase)]
    private static partial Regex Frame();

    [GeneratedRegex(@"(?<=\d\s*)/\s*(?:côté|lado|lato|seite|kant)\b", RegexOptions.IgnoreCase)]
    private static partial Regex PerSide();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();
}
