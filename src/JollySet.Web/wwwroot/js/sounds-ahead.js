// Which sounds a running class makes from now on, and when: the audio clock plays them, whether or not the page is seen.
import { lengthOf } from "./clock.js";

const BEATS_A_BAR = 4;

/**
 * @param {import("./clock.js").Anchor} place
 * @param {{tenths: number, sound: string}[]} steps
 * @param {number} horizonMs How far to look.
 * @param {import("./clock.js").Course} course
 * @param {{beat: number, count: boolean}} chosen Beats a minute in the work, 0 for none, where the block says none; a tick for each rep of counted sets.
 * @returns {{inMs: number, name: string}[]} In order; those whose time is over are left out.
 */
export function soundsAhead(place, steps, horizonMs, course, chosen = { beat: 0, count: false }) {
  if (!place.running || place.segment < 0) return [];
  const sounds = [];
  const add = (inMs, name) => {
    if (inMs >= 0 && inMs <= horizonMs) sounds.push({ inMs, name });
  };
  // The count before the start, then what is left of this segment, then those that follow.
  let at = -place.msIn;
  if (at > 0) {
    for (const second of [3, 2, 1]) add(at - second * 1000, "last");
    add(at, steps[place.segment].sound);
  }
  let back = place.back;
  for (let i = place.segment, first = true; i < steps.length && at <= horizonMs; first = false) {
    const length = (back >= 0 ? steps[i].tenths * 100 : lengthOf(place, i, course)) + (first ? place.addedMs : 0);
    if (!first && length > 0) add(at, steps[i].sound);
    for (const second of [3, 2, 1]) if (length > second * 1000) add(at + length - second * 1000, "last");
    // A work has its beat or its reps from its start, however much of it is over.
    const step = steps[i];
    const beat = step.beat || chosen.beat;
    if (chosen.count && step.msPerRep > 0)
      for (let rep = 1; rep <= step.reps && rep * step.msPerRep <= length; rep++) add(at + rep * step.msPerRep, "tick");
    else if (beat > 0 && step.kind === "work")
      for (let n = 0; (n * 60_000) / beat < length && at + (n * 60_000) / beat <= horizonMs; n++)
        add(at + (n * 60_000) / beat, n % BEATS_A_BAR === 0 ? "accent" : "beat");
    at += length;
    [i, back] = [back >= 0 ? back : i + 1, -1];
  }
  return sounds.sort((a, b) => a.inMs - b.inMs);
}
