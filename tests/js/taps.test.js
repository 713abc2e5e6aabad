// What a tap on the flag counts and does.
import assert from "node:assert/strict";
import test from "node:test";
import { tapOf, tapped, tappedText } from "../../src/JollySet.Web/wwwroot/js/taps.js";

const steps = [
  { kind: "work", taps: "rung", from: 1, flag: 0, station: 7 },
  { kind: "rest", taps: "", flag: 1, station: 0 },
  { kind: "work", taps: "rung", from: 4, flag: 1, station: 7 },
  { kind: "work", taps: "round", flag: 2, station: 8 },
  { kind: "work", taps: "", flag: 3, station: 9, msPerRep: 2200 },
  { kind: "work", taps: "", flag: 4, station: 9 },
];
const taps = (...flags) => flags.map((value, i) => ({ number: i + 1, kind: "tap", value, atMs: i }));

test("a stack goes up a rung a tap, from where it starts, and says how far it came the last time", () => {
  assert.equal(tappedText(tapped(steps[0], steps, [])), "rung 1");
  assert.equal(tappedText(tapped(steps[0], steps, taps(0, 0))), "rung 3");
  assert.equal(tappedText(tapped(steps[2], steps, taps(0, 0, 1))), "rung 5, last time up to 3");
});

test("as many rounds as possible are counted, one as one", () => {
  assert.deepEqual(
    [taps(), taps(2), taps(2, 2)].map((events) => tappedText(tapped(steps[3], steps, events))),
    ["0 rounds", "1 round", "2 rounds"],
  );
});

test("a counted set is done by a tap, timed work and a rest are not", () => {
  assert.equal(tapOf(steps[4]).kind, "next");
  assert.equal(tapOf(steps[5]), null);
  assert.equal(tapOf(steps[1]), null);
  assert.equal(tapOf(undefined), null);
  assert.equal(tappedText(tapped(steps[4], steps, [])), "");
});
