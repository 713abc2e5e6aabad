// What a pull says: reckoned here for show while the hand moves, and by the server once it is let go; both run over tests/cases/pull.json.

const ROUND = 36;

/**
 * So many steps more or less: seconds in fives, reps by one; never below one step.
 * @param {string} takes What the flag takes, "40s" or "x12".
 * @returns {{steps: number, whole: number, unit: string} | null} Null where nothing can be pulled.
 */
export function stepped(takes, steps) {
  const [, times, reps, seconds] = /^(?:(x)(\d+)|(\d+)s)$/.exec(takes ?? "") ?? [];
  const number = Number(reps ?? seconds);
  if (!number) return null;
  const step = times ? 1 : 5;
  const taken = Math.max(steps, Math.min(0, Math.ceil(1 - number / step))) + 0;
  return { steps: taken, whole: number + taken * step, unit: times ? "reps" : "s" };
}

/**
 * The free edge.
 * @param {number} share How far it is pulled, in parts of the flag's width.
 */
export function amountPulled(takes, share) {
  const now = stepped(takes, 0);
  return now && stepped(takes, Math.round((now.whole * share) / (now.unit === "reps" ? 1 : 5)));
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
