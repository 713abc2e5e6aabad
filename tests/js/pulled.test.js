// What a pull says is what the class becomes: the script's half of tests/cases/pull.json.
import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { test } from "node:test";
import { amountPulled, restPulled, roundsPulled, stepped } from "../../src/JollySet.Web/wwwroot/js/pulled.js";

const cases = JSON.parse(readFileSync(new URL("../cases/pull.json", import.meta.url)));

test("amounts are pulled in fives or by one, never below a step", () => {
  for (const { takes, share, steps, whole } of cases.amounts) {
    const unit = takes.startsWith("x") ? "reps" : "s";
    assert.deepEqual(amountPulled(takes, share), { steps, whole, unit }, `${takes} by ${share}`);
    assert.deepEqual(stepped(takes, steps), { steps, whole, unit });
  }
});

test("what has no one amount is not pulled", () => {
  for (const takes of cases.none) assert.equal(amountPulled(takes, 1), null, takes);
  assert.equal(amountPulled(undefined, 1), null);
});

test("rests and rounds", () => {
  for (const { was, by, width, is } of cases.rests) assert.equal(restPulled(was, by, width), is, `${was} by ${by}`);
  for (const { was, by, is } of cases.rounds) assert.equal(roundsPulled(was, by), is, `${was} by ${by}`);
});
