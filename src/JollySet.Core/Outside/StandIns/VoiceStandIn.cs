using JollySet.Core.Export;

namespace JollySet.Core.Outside.StandIns;

/// <summary>A voice that hums a sentence, a pulse for each of its syllables, so that when it speaks and for how long can be heard where no voice is installed.</summary>
public sealed class VoiceStandIn(bool fails) : IVoice
{
    private const double Low = 150;
    private const double High = 190;
    private const double SyllableSeconds = 0.17;
    private const double GapSeconds = 0.05;
    private const string Vowels = "aeiouyäöüéèàáíóú";

    /// <inheritdoc/>
    public Heard<byte[]> Speak(string text)
    {
        if (fails)
            return new(null, "There is no voice; the words stand on the screen.");
        var syllables = Math.Max(1, Syllables(text));
        var tones = Enumerable.Range(0, syllables).Select(i => (At: i * (SyllableSeconds + GapSeconds), SyllableSeconds, i == syllables - 1 ? Low : i % 2 == 0 ? High : (Low + High) / 2));
        return new(WavExport.Of(tones, syllables * (SyllableSeconds + GapSeconds)));
    }

    /// <summary>Runs of vowels; a figure counts as one.</summary>
    private static int Syllables(string text)
    {
        var (count, within) = (0, false);
        foreach (var letter in text.ToLowerInvariant())
        {
            var vowel = Vowels.Contains(letter) || char.IsDigit(letter);
            count += vowel && !within ? 1 : 0;
            within = vowel;
        }

        return count;
    }
}
