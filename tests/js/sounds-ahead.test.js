// What is given to the audio clock ahead of time.
import assert from "node:assert/strict";
import test from "node:test";
import { BEFORE, advanced, after } from "../../src/JollySet.Web/wwwroot/js/clock.js";
import { soundsAhead } from "../../src/JollySet.Web/wwwroot/js/sounds-ahead.js";

const steps = [
  { tenths: 100, sound: "work" },
  { tenths: 50, sound: "rest" },
  { tenths: 20, sound: "work" },
];
const course = { tenths: steps.map((s) => s.tenths), countInMs: 5000, cuts: [[[1, 50]]] };
const at = (events, now) =>
  advanced(
    events.reduce((so, e, i) => after(so, { number: i + 1, ...e }, course), BEFORE),
    now,
    course,
  );
const named = (sounds) => sounds.map((s) => `${s.name} ${s.inMs}`);

test("the count-in, each beginning and each last three are there, in order", () => {
  const sounds = soundsAhead(at([{ kind: "start", atMs: 0, value: 0 }], 0), steps, 60_000, course);
  assert.deepEqual(named(sounds), [
    "last 2000",
    "last 3000",
    "last 4000",
    "work 5000",
    "last 12000",
    "last 13000",
    "last 14000",
    "rest 15000",
    "last 17000",
    "last 18000",
    "last 19000",
    "work 20000",
    "last 21000",
  ]);
});

test("in the middle of a segment only what is left sounds, with what was added", () => {
  const place = at(
    [
      { kind: "start", atMs: 0, value: 0 },
      { kind: "add", atMs: 6000, value: 10 },
    ],
    24_500,
  );
  assert.deepEqual(named(soundsAhead(place, steps, 1000, course)), ["rest 500"]);
});

test("a class that stands still is silent, and so is one that has not begun", () => {
  assert.deepEqual(soundsAhead(BEFORE, steps, 60_000, course), []);
  const paused = at(
    [
      { kind: "start", atMs: 0, value: 0 },
      { kind: "pause", atMs: 7000 },
    ],
    9000,
  );
  assert.deepEqual(soundsAhead(paused, steps, 60_000, course), []);
});

test("nothing beyond the horizon is planned", () => {
  const place = at([{ kind: "start", atMs: 0, value: 0 }], 5000);
  assert.ok(soundsAhead(place, steps, 8000, course).every((s) => s.inMs <= 8000));
});

test("what was cut makes no sound", () => {
  const sounds = soundsAhead(
    at(
      [
        { kind: "start", atMs: 0, value: 0 },
        { kind: "cut", atMs: 6000, value: 0 },
      ],
      6000,
    ),
    steps,
    60_000,
    course,
  );
  assert.deepEqual(named(sounds), ["last 6000", "last 7000", "last 8000", "work 9000", "last 10000"]);
});

test("the beat goes through the work from its start, its first of four accented; a block's own beat comes first, and a rest has none", () => {
  const worked = [
    { tenths: 20, sound: "work", kind: "work" },
    { tenths: 20, sound: "rest", kind: "rest" },
    { tenths: 20, sound: "work", kind: "work", beat: 60 },
  ];
  const own = { tenths: worked.map((s) => s.tenths), countInMs: 1000, cuts: [] };
  const place = advanced(after(BEFORE, { number: 1, kind: "start", atMs: 0, value: 0 }, own), 0, own);
  const beats = named(soundsAhead(place, worked, 60_000, own, { beat: 120, count: true })).filter((s) => /beat|accent/.test(s));
  assert.deepEqual(beats, ["accent 1000", "beat 1500", "beat 2000", "beat 2500", "accent 5000", "beat 6000"]);
  const later = advanced(place, 1700, own);
  assert.deepEqual(
    named(soundsAhead(later, worked, 500, own, { beat: 120, count: false })).filter((s) => /beat|accent/.test(s)),
    ["beat 300"],
  );
});

test("counted work ticks at each rep and has no beat then", () => {
  const counted = [{ tenths: 60, sound: "work", kind: "work", reps: 3, msPerRep: 2000 }];
  const own = { tenths: [60], countInMs: 0, cuts: [] };
  const place = advanced(after(BEFORE, { number: 1, kind: "start", atMs: 0, value: 0 }, own), 0, own);
  const heard = (chosen) => named(soundsAhead(place, counted, 60_000, own, chosen)).filter((s) => /tick|beat|accent/.test(s));
  assert.deepEqual(heard({ beat: 0, count: true }), ["tick 2000", "tick 4000", "tick 6000"]);
  assert.deepEqual(heard({ beat: 0, count: false }), []);
});
