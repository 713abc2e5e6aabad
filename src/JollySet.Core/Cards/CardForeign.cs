using System.Buffers;
using System.Collections.Frozen;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Words of German, French, Spanish, Italian and Dutch by which a card says how it runs, in English. Names of moves are left as they are written.</summary>
internal static class CardForeign
{
    private static readonly FrozenDictionary<string, string> Words = Table(
        "reps: wdh, wiederholungen, répétitions, repeticiones, ripetizioni, herhalingen",
        "set: satz, série",
        "sets: sätze, serien, séries, series, serie",
        "rounds: durchgänge, rondes",
        "stations: stationen, ateliers, estaciones, stazioni",
        "exercises: übungen, exercices, ejercicios, esercizi, oefeningen",
        "seconds: secondes, segundos, secondi, seconden",
        "sec: seg, sek, sekunden",
        "minutes: minutos, minuti",
        "each side: pro seite, je seite, par côté, de chaque côté, cada lado, por lado, per lato, per kant, c/u, par jambe, par bras, pro bein, pro arm, je bein, je arm, por pierna, por brazo, cada pierna, cada brazo, per gamba, per braccio, per been",
        "each: je",
        "times: mal",
        "between: dazwischen, zwischen",
        "between rounds: entre vueltas, zwischen den runden, zwischen den durchgängen, zwischen runden, zwischen durchgängen, entre les tours, entre chaque tour, entre rondas, tra i giri, tussen de rondes",
        "rest between rounds: rundenpause, satzpause, serienpause",
        "between sets: zwischen den sätzen, zwischen sätzen, zwischen den serien, zwischen serien, entre les séries, entre series, tra le serie",
        "change: wechsel",
        "alternating: abwechselnd",
        "work: belastung, arbeit, werk, travail, effort, trabajo, lavoro",
        "rest: descanso, repos, recupero, rec, desc, récup, récupération, erholung, riposo",
        "water: trinkpause, agua, acqua",
        "people: tn, leute, personen, teilnehmer, personnes, participants, personas, persone, mensen",
        "of: de",
        "full body: gesamtkörper, ganzkörper");

    // One of them is in every line that has such a word: looked for before the pattern.
    private static readonly SearchValues<string> Signs = SearchValues.Create([" de ", "sek", "wdh", "npause", "satzpause", "wiederhol", "station", "übung", "sätze", "satz", "serie", "série", "durchgänge", "zwischen", "wechsel", "trinkpause", "seite", "gesamt", "ganzk", "répét", "exercices", "ateliers", "côté", "secondes", "entre", "repet", "ejercicios", "seg", "minutos", "lado", "estaciones", "agua", "ripet", "esercizi", "secondi", "minuti", "lato", "stazioni", "acqua", "tra ", "herhal", "rondes", "oefening", "seconden", "kant", "tussen", "descanso", "repos", "leute", "person", "teilnehm", "mensen", "je ", "mal", "rec", "belastung", "werk", "arbeit", "travail", "effort", "trabajo", "lavoro", "récup", "erholung", "riposo", "tn", "c/u", "desc", "jambe", "bras", "bein", "pro arm", "pierna", "brazo", "gamba", "braccio", "per been"], StringComparison.OrdinalIgnoreCase);

    /// <summary>A line with those words in English.</summary>
    public static string Put(string text) => text.AsSpan().ContainsAny(Signs) ? PerSide.Replace(Framed(text), m => m.Value[0] == '/' ? "/side" : "") : text;

    private static FrozenDictionary<string, string> Table(params IEnumerable<string> rows) =>
        rows.Select(r => r.Split(": ")).SelectMany(r => r[1].Split(", ").Select(word => (word, english: r[0]))).ToFrozenDictionary(w => w.word, w => w.english, StringComparer.OrdinalIgnoreCase);

    private static string Framed(string text) => Frame.Replace(text, m => Words.TryGetValue(Spaces.Replace(m.Groups["w"].Value, " "), out var word) ? word : m.Value);

    private static CardPattern Frame => field ??= new(@"(?<![\p{L}'-])(?:(?<w>wdh|wiederholungen|(?:runden|satz|serien)pause|stationen|übungen|sätze|serien|durchgänge|dazwischen|abwechselnd|trinkpause|zwischen\s+(?:den\s+)?(?:runden|durchgängen|sätzen|serien)|entre\s+les\s+tours|pro\s+seite|je\s+seite|gesamtkörper|ganzkörper|répétitions|séries|exercices|ateliers|c/u|par\s+(?:côté|jambe|bras)|(?:pro|je)\s+(?:bein|arm)|(?:por|cada)\s+(?:pierna|brazo)|per\s+(?:gamba|braccio|been)|de\s+chaque\s+côté|secondes|entre\s+chaque\s+tour|entre\s+les\s+séries|repeticiones|ejercicios|segundos|minutos|cada\s+lado|por\s+lado|estaciones|agua|entre\s+series|entre\s+rondas|entre\s+vueltas|ripetizioni|esercizi|secondi|minuti|per\s+lato|stazioni|acqua|tra\s+le\s+serie|tra\s+i\s+giri|herhalingen|rondes|oefeningen|seconden|per\s+kant|tussen\s+de\s+rondes)|(?<=^|[,(;]\s*)(?<w>descanso|repos)(?![\p{L}])|(?<=\d\s+(?:series?|séries?|rondas|vueltas|tours|rondes|sets|rounds)\s+)(?<w>de)(?=\s+\d)|(?<w>je|rec|recupero|desc|zwischen)(?=\.?\s*:?\s*\d)|(?<=\d\s*(?:s|sec|sek|min)?\.?\s)(?<w>wechsel)|(?<=\d\s*(?:s|secs?|seconds?|sek(?:unden)?|secondes|segundos|secondi|""|'|'')?\.?\s+(?:de\s+|di\s+)?)(?<w>belastung|arbeit|werk|travail|effort|trabajo|lavoro|récup(?:ération)?|recupero|erholung|riposo|repos|descanso)|(?<=\d\s?)(?<w>mal|tn|leute|personen|teilnehmer|personnes|personas|persone|mensen|series|serie|satz|série|seg|sek(?:unden)?))(?![\p{L}'-])\.?", RegexOptions.IgnoreCase);

    private static CardPattern PerSide => field ??= new(@"(?<=\d[^/0-9]{0,30})/\s*(?:côté|lado|lato|seite|kant|jambe|bras|bein|pierna|brazo|gamba|braccio)\b|(?<=\d\s*(?:s|sec|min)\.?)\s+de\b(?!\s+(?:rest|work|repos|effort|travail|pause|r[ée]cup|descanso|trabajo))", RegexOptions.IgnoreCase);

    private static CardPattern Spaces => field ??= new(@"\s+");
}
