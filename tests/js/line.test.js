// Completing names inside a typed block.
import assert from "node:assert/strict";
import { test } from "node:test";
import { matching, nameAt } from "../../src/JollySet.Web/wwwroot/js/line.js";

test("a name is what stands after the last sign before the caret", () => {
  const text = "3 rounds 40/20: goblet squat, ro";
  assert.deepEqual(nameAt(text, text.length), { from: 30, typed: "ro" });
  assert.deepEqual(nameAt("30/10: squat > ju", 17), { from: 15, typed: "ju" });
});

test("before the colon, in a time and in an amount nothing completes", () => {
  assert.equal(nameAt("3 rounds", 8), null);
  assert.equal(nameAt("between 1:30", 12), null);
  assert.equal(nameAt("30/10: squat x1", 15), null);
  assert.equal(nameAt("30/10: s", 8), null);
});

test("names that begin with it come first, short ones before long ones", () => {
  assert.deepEqual(matching(["band row", "rowing", "row x", "arrow"], "row"), ["rowing", "row x", "band row"]);
  assert.deepEqual(matching(["row"], "row"), []);
});
