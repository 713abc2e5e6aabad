// Where a class is: the same rules as SessionClock in the core, checked by the same cases (tests/cases/clock.json).

/**
 * @typedef {{segment: number, msIn: number, addedMs: number, running: boolean, stopped: boolean, ended: boolean, atMs: number, cuts: string, back: number}} Anchor
 * @typedef {{number: number, kind: string, atMs: number, value?: number|null}} SessionEvent
 * @typedef {{tenths: number[], countInMs: number, cuts?: [number, number][][]}} Course Length of every segment in tenths of a second, the count before
 * a start, and what each cut takes: segment and tenths.
 */

/** Back goes to the start of the segment, or, within this much of it, to the one before. */
const BACK_WITHIN_MS = 3000;

/** @type {Anchor} */
export const BEFORE = { segment: -1, msIn: 0, addedMs: 0, running: false, stopped: false, ended: false, atMs: 0, cuts: "", back: -1 };

/** @type {WeakMap<object, Map<string, Map<number, number>>>} */
const known = new WeakMap();

/** What those cuts take together from each segment, in ms: of two from one segment the longer. */
function takenBy(cuts, course) {
  if (!known.has(course)) known.set(course, new Map());
  const all = known.get(course);
  if (!all.has(cuts)) {
    const taken = new Map();
    for (const cut of cuts.split(","))
      for (const [segment, tenths] of course.cuts[Number(cut)]) taken.set(segment, Math.max(taken.get(segment) ?? 0, tenths * 100));
    all.set(cuts, taken);
  }
  return all.get(cuts);
}

/**
 * How long a segment lasts with the cuts that were taken, in ms.
 * @param {Anchor} anchor
 * @param {number} segment
 * @param {Course} course
 */
export function lengthOf(anchor, segment, course) {
  const taken = anchor.cuts === "" ? 0 : (takenBy(anchor.cuts, course).get(segment) ?? 0);
  return Math.max(0, course.tenths[segment] * 100 - taken);
}

/**
 * How long the segment that is on lasts in all, in ms: what is made up for lasts whole.
 * @param {Anchor} anchor
 * @param {Course} course
 */
export function lengthNow(anchor, course) {
  return (anchor.back >= 0 ? course.tenths[anchor.segment] * 100 : lengthOf(anchor, anchor.segment, course)) + anchor.addedMs;
}

/** What is left of the segment that is on, or of the count before it, in ms. @param {Anchor} anchor @param {Course} course */
export function leftNow(anchor, course) {
  return anchor.msIn < 0 ? -anchor.msIn : lengthNow(anchor, course) - anchor.msIn;
}

/**
 * The anchor after passing time alone. A clock that went backwards stands still.
 * @param {Anchor} anchor
 * @param {number} nowMs
 * @param {Course} course
 * @param {(segment: number, ms: number) => void} spent Called with each segment and the time that passed in it.
 * @returns {Anchor}
 */
export function advanced(anchor, nowMs, course, spent = () => {}) {
  const atMs = Math.max(anchor.atMs, nowMs);
  if (!anchor.running) return { ...anchor, atMs };
  let { segment, msIn, addedMs, back } = anchor;
  let left = Math.max(0, nowMs - anchor.atMs);
  for (;;) {
    const length = (back >= 0 ? course.tenths[segment] * 100 : lengthOf(anchor, segment, course)) + addedMs;
    const step = Math.min(left, Math.max(0, length - msIn));
    spent(segment, Math.max(0, msIn + step) - Math.max(0, msIn));
    msIn += step;
    left -= step;
    if (msIn < length) return { ...anchor, segment, msIn, addedMs, back, atMs };
    if (back < 0 && segment === course.tenths.length - 1)
      return { ...anchor, segment, msIn: length, addedMs, back, running: false, ended: true, atMs };
    [segment, msIn, addedMs, back] = [back >= 0 ? back : segment + 1, msIn - length, 0, -1];
  }
}

/**
 * The anchor after one event.
 * @param {Anchor} anchor
 * @param {SessionEvent} event
 * @param {Course} course
 * @returns {Anchor}
 */
export function after(anchor, event, course) {
  const now = advanced(anchor, event.atMs, course);
  if (now.ended && event.kind !== "start") return now;
  const last = course.tenths.length - 1;
  const within = (segment) => Math.min(Math.max(segment, 0), last);
  const at = (segment) => ({ ...now, segment, msIn: 0, addedMs: 0, back: -1 });
  switch (event.kind) {
    case "start":
      return { ...BEFORE, segment: within(event.value ?? 0), msIn: -course.countInMs, running: true, atMs: now.atMs, cuts: now.cuts };
    case "pause":
      return { ...now, running: false };
    case "go":
      return { ...now, running: now.segment >= 0, stopped: false };
    case "stop":
      return { ...now, running: false, stopped: true };
    case "end":
      return { ...now, running: false, ended: true };
  }
  if (now.segment < 0) return now;
  const seconds = (event.value ?? 10) * 1000;
  switch (event.kind) {
    case "add":
      return now.msIn < 0 ? { ...now, msIn: now.msIn - seconds } : { ...now, addedMs: now.addedMs + seconds };
    case "cut":
      return cutBy(now, event.value ?? -1, course);
    case "again":
      return { ...now, segment: within(event.value ?? now.segment), msIn: 0, addedMs: 0, back: now.back >= 0 ? now.back : now.segment };
    case "back": {
      const before = now.msIn > BACK_WITHIN_MS ? null : beforeIt(now, course);
      return before === null ? { ...now, msIn: 0 } : at(before);
    }
    case "next":
      if (now.msIn < 0) return { ...now, msIn: 0 };
      if (now.back >= 0) return at(now.back);
      return now.segment === last ? { ...now, running: false, ended: true } : at(now.segment + 1);
    case "skip":
      return at(within(event.value ?? now.segment + 1));
    default:
      return now;
  }
}

function cutBy(now, cut, course) {
  if (!course.cuts?.[cut] || now.cuts.split(",").includes(String(cut))) return now;
  return { ...now, cuts: now.cuts === "" ? String(cut) : `${now.cuts},${cut}` };
}

/** The segment before this one that lasts at all; null where there is none, or while something is made up for. */
function beforeIt(now, course) {
  for (let segment = now.segment - 1; segment >= 0 && now.back < 0; segment--) if (lengthOf(now, segment, course) > 0) return segment;
  return null;
}
