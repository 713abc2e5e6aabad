// Where a class is: the same rules as SessionClock in the core, checked by the same cases (tests/cases/clock.json).

/**
 * @typedef {{segment: number, msIn: number, addedMs: number, running: boolean, stopped: boolean, ended: boolean, atMs: number}} Anchor
 * @typedef {{number: number, kind: string, atMs: number, value?: number|null}} SessionEvent
 */

/** Back goes to the start of the segment, or, within this much of it, to the one before. */
const BACK_WITHIN_MS = 3000;

/** @type {Anchor} */
export const BEFORE = { segment: -1, msIn: 0, addedMs: 0, running: false, stopped: false, ended: false, atMs: 0 };

/**
 * The anchor after passing time alone. A clock that went backwards stands still.
 * @param {Anchor} anchor
 * @param {number} nowMs
 * @param {number[]} tenths Length of every segment, in tenths of a second.
 * @returns {Anchor}
 */
export function advanced(anchor, nowMs, tenths) {
  const atMs = Math.max(anchor.atMs, nowMs);
  if (!anchor.running) return { ...anchor, atMs };
  let { segment, msIn, addedMs } = anchor;
  let left = Math.max(0, nowMs - anchor.atMs);
  for (;;) {
    const length = tenths[segment] * 100 + addedMs;
    const step = Math.min(left, Math.max(0, length - msIn));
    msIn += step;
    left -= step;
    if (msIn < length) return { ...anchor, segment, msIn, addedMs, atMs };
    if (segment === tenths.length - 1) return { ...anchor, segment, msIn: length, addedMs, running: false, ended: true, atMs };
    [segment, msIn, addedMs] = [segment + 1, msIn - length, 0];
  }
}

/**
 * The anchor after one event.
 * @param {Anchor} anchor
 * @param {SessionEvent} event
 * @param {number[]} tenths
 * @param {number} countInMs The count before a start.
 * @returns {Anchor}
 */
export function after(anchor, event, tenths, countInMs) {
  const now = advanced(anchor, event.atMs, tenths);
  if (now.ended && event.kind !== "start") return now;
  const last = tenths.length - 1;
  const known = (segment) => Math.min(Math.max(segment, 0), last);
  const at = (segment) => ({ ...now, segment, msIn: 0, addedMs: 0 });
  switch (event.kind) {
    case "start":
      return { ...BEFORE, segment: known(event.value ?? 0), msIn: -countInMs, running: true, atMs: now.atMs };
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
  switch (event.kind) {
    case "add":
      return { ...now, addedMs: now.addedMs + (event.value ?? 10) * 1000 };
    case "back":
      return now.msIn > BACK_WITHIN_MS || now.segment === 0 ? { ...now, msIn: 0 } : at(now.segment - 1);
    case "next":
      if (now.msIn < 0) return { ...now, msIn: 0 };
      return now.segment === last ? { ...now, running: false, ended: true } : at(now.segment + 1);
    case "skip":
      return at(known(event.value ?? now.segment + 1));
    default:
      return now;
  }
}
