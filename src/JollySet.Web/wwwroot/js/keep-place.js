// Keeps the place: how the class stands to its end, what it could give up, and what was passed over.
import { BEFORE, advanced, after, lengthNow, lengthOf } from "./clock.js";
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
  let leftMs = Math.max(0, lengthNow(place, course) - place.msIn);
  for (let i = place.back >= 0 ? place.back : place.segment + 1; i < course.tenths.length; i++) leftMs += lengthOf(place, i, course);
  const start = events.findLast((event) => event.kind === "start");
  const total = course.tenths.reduce((sum, tenths) => sum + tenths * 100, 0);
  const before = course.tenths.slice(0, start?.value ?? 0).reduce((sum, tenths) => sum + tenths * 100, 0);
  const begun = (start?.atMs ?? place.atMs) + course.countInMs - before;
  const ends = place.atMs + leftMs;
  return { leftMs, overMs: ends - begun - Math.max(total, course.bookedTenths * 100), behindMs: ends - begun - total };
}

/**
 * The work that comes after the segment that is on, what was cut passed over and what is made up for left: its index, and how long people pause
 * before it; null where none comes.
 * @returns {{segment: number, pauseMs: number, isPlanned: boolean} | null} isPlanned: the one that comes in the plan, too.
 */
export function nextWork(place, steps, course) {
  let pauseMs = 0;
  for (let i = place.back >= 0 ? place.back : place.segment + 1; i < steps.length; i++) {
    const length = lengthOf(place, i, course);
    if (steps[i].kind === "work" && length > 0) {
      const planned = steps.findIndex((step, at) => at > place.segment && step.kind === "work");
      return { segment: i, pauseMs, isPlanned: planned === i };
    }
    pauseMs += length;
  }
  return null;
}

/** What is coming, with its side. */
export function titleOf(step) {
  return step.title + (step.side ? `, ${step.side}` : "");
}

/** Cues that speak of what comes: not said where something else does. */
const OF_WHAT_COMES = new Set(["block", "round", "next", "side", "hold", "option", "load"]);
/** A cue stands a little longer than it takes to say, to be read. */
const READ_MS = 1500;

/** What is to be said now; null for nothing. @returns {{text: string, kind: string} | null} */
export function cueNow(place, steps, course) {
  if (place.msIn < 0 || !place.running || place.back >= 0) return null;
  const cue = course.cues.findLast((one) => one.segment === place.segment && one.inMs <= place.msIn);
  if (!cue || place.msIn >= cue.inMs + cue.forMs + READ_MS) return null;
  return OF_WHAT_COMES.has(cue.kind) && !nextWork(place, steps, course)?.isPlanned ? null : cue;
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
  const { anchor, done } = spentIn(events, nowMs, steps, course);
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

/**
 * What could be done once more by a class that is ahead of its plan by more than may be told: in a gap, of what the core says may be
 * (Teaching/OnceMore) a work of the block it comes from that was done and fits, and whose family has worked least so far; null for none.
 * @returns {{segment: number, title: string, takesMs: number} | null}
 */
export function moreOf(place, stand, events, steps, course) {
  if (place.ended || place.back >= 0 || stand.behindMs > -course.lateMs || steps[place.segment].kind === "work") return null;
  const work = steps.findLastIndex((step, i) => i < place.segment && step.kind === "work" && lengthOf(place, i, course) > 0);
  if (work < 0) return null;
  const done = spentIn(events, place.atMs, steps, course).done;
  const worked = (cloth) => steps.reduce((sum, step, i) => sum + (step.cloth === cloth ? done[i] : 0), 0);
  const fits = course.more
    .map((segment) => ({ segment, step: steps[segment], title: steps[segment].title, takesMs: course.tenths[segment] * 100 }))
    .filter(({ step, segment, takesMs }) => step.block === steps[work].block && done[segment] > 0 && takesMs <= -stand.behindMs);
  return fits.sort((a, b) => worked(a.step.cloth) - worked(b.step.cloth) || b.segment - a.segment)[0] ?? null;
}

/** Where the events have brought the class, and how much of each segment was done, in ms. */
function spentIn(events, nowMs, steps, course) {
  const done = new Array(steps.length).fill(0);
  const spend = (segment, ms) => (done[segment] += ms);
  let anchor = BEFORE;
  for (const event of events) anchor = after(advanced(anchor, event.atMs, course, spend), event, course);
  return { anchor: advanced(anchor, nowMs, course, spend), done };
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
