// Keeps the place: how the class stands to its end, what it could give up, and what was passed over.
import { BEFORE, advanced, after, lengthOf } from "./clock.js";
import { enough } from "./cuts.js";

/** A work of which less than this share was done was skipped. */
const SKIPPED = 0.5;

/**
 * How a class that has begun stands.
 * @param {import("./clock.js").Anchor} place
 * @param {import("./clock.js").SessionEvent[]} events
 * @param {import("./clock.js").Course & {bookedTenths: number}} course
 * @returns {{leftMs: number, overMs: number, behindMs: number}} What is left; how long after it may end it will; how long after its plan.
 */
export function standing(place, events, course) {
  const own = (place.back >= 0 ? course.tenths[place.segment] * 100 : lengthOf(place, place.segment, course)) + place.addedMs - place.msIn;
  let leftMs = Math.max(0, own);
  for (let i = place.back >= 0 ? place.back : place.segment + 1; i < course.tenths.length; i++) leftMs += lengthOf(place, i, course);
  const start = events.findLast((event) => event.kind === "start");
  const total = course.tenths.reduce((sum, tenths) => sum + tenths * 100, 0);
  const before = course.tenths.slice(0, start?.value ?? 0).reduce((sum, tenths) => sum + tenths * 100, 0);
  const begun = (start?.atMs ?? place.atMs) + course.countInMs - before;
  const ends = place.atMs + leftMs;
  return { leftMs, overMs: ends - begun - Math.max(total, course.bookedTenths * 100), behindMs: ends - begun - total };
}

/** The numbers of the cuts that were taken. @param {import("./clock.js").Anchor} place */
export function takenCuts(place) {
  return place.cuts === "" ? [] : place.cuts.split(",").map(Number);
}

/** What would bring the class back inside its time; null where it is. */
export function offerOf(place, stand, course) {
  if (place.ended || stand.overMs <= course.lateMs) return null;
  const offer = enough(course.cuts, place.segment, takenCuts(place), Math.ceil(stand.overMs / 100));
  return offer.cuts.length > 0 ? offer : null;
}

/** What was passed over before where the class is now: sides that are due first, then the last one first. The same rule as Missed in the core. */
export function missedBy(events, nowMs, steps, course) {
  const done = new Array(steps.length).fill(0);
  const spend = (segment, ms) => (done[segment] += ms);
  let anchor = BEFORE;
  for (const event of events) anchor = after(advanced(anchor, event.atMs, course, spend), event, course);
  anchor = advanced(anchor, nowMs, course, spend);
  const first = events.findLast((event) => event.kind === "start")?.value ?? 0;
  const until = anchor.back >= 0 ? anchor.back : anchor.segment;
  const missed = [];
  for (let i = first; i < until; i++) {
    const length = lengthOf(anchor, i, course);
    if (steps[i].kind !== "work" || i === anchor.segment || length === 0 || done[i] >= length * SKIPPED) continue;
    missed.push({ segment: i, evens: otherSideDone(i, steps, done) });
  }
  return missed.sort((a, b) => Number(b.evens) - Number(a.evens) || b.segment - a.segment);
}

function otherSideDone(segment, steps, done) {
  const { side, place } = steps[segment];
  if (side !== "LEFT" && side !== "RIGHT") return false;
  const other = side === "LEFT" ? "RIGHT" : "LEFT";
  return steps.some(
    (step, i) =>
      step.side === other && step.place === place && step.station === steps[segment].station && done[i] >= step.tenths * 100 * SKIPPED,
  );
}
