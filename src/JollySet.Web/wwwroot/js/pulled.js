// What a pull says: reckoned here for show while the hand moves, and by the server once it is let go; both run over tests/cases/pull.json.

const ROUND = 36;

/**
 * The free edge: seconds in fives, reps by one; never below one step.
 * @param {string} takes What the flag takes, "40s" or "x12".
 * @param {number} share How far it is pulled, in parts of its width.
 * @returns {{steps: number, whole: number, says: string} | null} Null where nothing can be pulled.
 */
export function amountPulled(takes, share) {
  const [, times, reps, seconds] = /^(?:(x)(\d+)|(\d+)s)$/.exec(takes ?? "") ?? [];
  const number = Number(reps ?? seconds);
  if (!number) return null;
  const step = times ? 1 : 5;
  const least = Math.min(0, Math.ceil(1 - number / step));
  const steps = Math.max(Math.round((number * share) / step), least) + 0;
  const whole = number + steps * step;
  return { steps, whole, says: times ? `×${whole}` : `${whole} s` };
}

/** Bare rope: seconds in fives, never below nothing; rope of no width grows by the pixel. */
export function restPulled(was, by, width) {
  const wanted = was > 0 ? (was * (width + by)) / width : by / 3;
  return Math.max(0, Math.round(wanted / 5) * 5);
}

/** The knot: a round more or less for every hand's breadth, never below one. */
export function roundsPulled(was, by) {
  return Math.max(1, was + Math.round(by / ROUND));
}
