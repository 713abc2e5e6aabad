// What comes next, what is said and what is left, after cuts and while something is made up for.
import assert from "node:assert/strict";
import test from "node:test";
import { BEFORE, advanced, after, leftNow } from "../../src/JollySet.Web/wwwroot/js/clock.js";
import { cueNow, missedBy, moreOf, nextWork, offerOf, standing } from "../../src/JollySet.Web/wwwroot/js/keep-place.js";

const work = (title, station) => ({ kind: "work", title, station, side: "", place: "A", flag: station, tenths: 300 });
const rest = { kind: "rest", title: "Rest", station: 0, side: "", place: "A", tenths: 200 };
const steps = [work("Squat", 1), rest, work("Row", 2), rest, work("Plank", 3)];
const cues = [
  { segment: 1, inMs: 0, forMs: 2000, text: "Next: row.", kind: "next" },
  { segment: 0, inMs: 15000, forMs: 1000, text: "Halfway.", kind: "half" },
];
const offers = [
  {
    number: 0,
    says: "row",
    takes: [
      [1, 200],
      [2, 300],
    ],
  },
  { number: 1, says: "shorter rests", takes: [[3, 80]] },
];
const course = {
  tenths: steps.map((step) => step.tenths),
  countInMs: 0,
  cuts: offers.map((cut) => cut.takes),
  cues,
  bookedTenths: 0,
  lateMs: 5000,
};
const events = (...all) => [
  { number: 1, kind: "start", atMs: 0, value: 0 },
  ...all.map(([kind, atMs, value], i) => ({ number: i + 2, kind, atMs, value })),
];
const at = (all, now) =>
  advanced(
    all.reduce((so, event) => after(so, event, course), BEFORE),
    now,
    course,
  );

test("as planned the next is the plan's, after its pause", () =>
  assert.deepEqual(nextWork(at(events(), 1000), steps, course), { segment: 2, pauseMs: 20000, isPlanned: true }));

test("what was cut is not announced: the next is the one after it, and the words for it are not said", () => {
  const cut = at(events(["cut", 2000, 0]), 3000);
  assert.deepEqual(nextWork(cut, steps, course), { segment: 4, pauseMs: 20000, isPlanned: false });
  assert.equal(cueNow({ ...at(events(), 31000) }, steps, course).text, "Next: row.");
  assert.equal(cueNow({ ...at(events(), 31000), cuts: "0" }, steps, course), null);
  assert.equal(cueNow({ ...at(events(), 15500), cuts: "0" }, steps, course).text, "Halfway.");
});

test("a rest that was made shorter counts down from what is left of it", () => {
  const place = at(events(["cut", 2000, 1]), 85000);
  assert.equal(place.segment, 3);
  assert.equal(leftNow(place, course), 12000 - place.msIn);
});

test("while something is made up for, the next is where the class was", () => {
  const again = at(events(["skip", 1000, 4], ["again", 2000, 2]), 3000);
  assert.deepEqual(nextWork(again, steps, course), { segment: 4, pauseMs: 0, isPlanned: true });
  assert.equal(nextWork(at(events(["skip", 1000, 4]), 2000), steps, course), null);
});

test("late by more than a little, what is enough is offered; in time, nothing", () => {
  const all = events(["add", 1000, 8]);
  const place = at(all, 2000);
  assert.equal(standing(place, all, course).overMs, 8000);
  assert.deepEqual(
    offerOf(place, standing(place, all, course), { ...course, cuts: offers }).cuts.map((cut) => cut.says),
    ["row"],
  );
  assert.equal(offerOf(at(events(), 2000), standing(at(events(), 2000), events(), course), { ...course, cuts: offers }), null);
});

test("what was passed over is remembered, what was cut is not", () => {
  assert.deepEqual(
    missedBy(events(["skip", 1000, 4]), 2000, steps, course).map((one) => one.segment),
    [2, 0],
  );
  assert.deepEqual(
    missedBy(events(["cut", 500, 0], ["skip", 1000, 4]), 2000, steps, course).map((one) => one.segment),
    [0],
  );
});

test("a class that is ahead of its plan is offered once more what fits and has worked least, in a gap only, never one side alone", () => {
  const ahead = [
    { ...work("Squat", 1), block: 0, cloth: "squat" },
    rest,
    { ...work("Row", 2), block: 0, cloth: "pull" },
    rest,
    { ...work("Side plank", 3), block: 0, cloth: "core", side: "LEFT" },
    rest,
    { ...work("Stretch", 4), block: 1, cloth: "easy" },
  ];
  const own = { ...course, tenths: ahead.map((step) => step.tenths), cuts: [], more: [0, 2], lateMs: 5000 };
  const quick = events(["next", 28_000], ["next", 29_000], ["next", 57_000], ["next", 58_000], ["next", 86_000]);
  const place = quick.reduce((so, event) => after(so, event, own), BEFORE);
  const more = (all, where) => moreOf(where, standing(where, all, own), all, ahead, own);
  assert.equal(place.segment, 5);
  assert.deepEqual([more(quick, place).title, more(quick, place).segment, more(quick, place).takesMs], ["Row", 2, 30_000]);
  // At work nothing is offered, nor in time, nor where nothing fits.
  assert.equal(more(quick, { ...place, segment: 4 }), null);
  const punctual = advanced(after(BEFORE, events()[0], own), 30_000, own);
  assert.equal(more(events(), punctual), null);
  const slow = events(["next", 20_000], ["add", 21_000, 2]);
  const little = slow.reduce((so, event) => after(so, event, own), BEFORE);
  assert.equal(more(slow, little), null);
});
