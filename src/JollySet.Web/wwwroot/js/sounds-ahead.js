// Which sounds a running class makes from now on, and when: the audio clock plays them, whether or not the page is seen.
import { lengthOf } from "./clock.js";

/**
 * @param {import("./clock.js").Anchor} place
 * @param {{tenths: number, sound: string}[]} steps
 * @param {number} horizonMs How far to look.
 * @param {import("./clock.js").Course} course
 * @returns {{inMs: number, name: string}[]} In order; those whose time is over are left out.
 */
export function soundsAhead(place, steps, horizonMs, course) {
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
    at += length;
    [i, back] = [back >= 0 ? back : i + 1, -1];
  }
  return sounds.sort((a, b) => a.inMs - b.inMs);
}
