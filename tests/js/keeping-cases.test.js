// How a class stands to its end and what was passed over: the same cases that the core is held to (KeepingCasesTests).
import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import test from "node:test";
import { BEFORE, advanced, after } from "../../src/JollySet.Web/wwwroot/js/clock.js";
import { missedBy, standing } from "../../src/JollySet.Web/wwwroot/js/keep-place.js";

const { steps, countInMs, bookedTenths, cases } = JSON.parse(readFileSync(new URL("../cases/keeping.json", import.meta.url), "utf8"));
const course = { tenths: steps.map((step) => step.tenths), countInMs, bookedTenths, cuts: [] };

for (const { name, events, now, is } of cases)
  test(name, () => {
    const all = events.map(([kind, atMs, value], i) => ({ number: i + 1, kind, atMs, value: value ?? null }));
    const place = advanced(
      all.reduce((so, event) => after(so, event, course), BEFORE),
      now,
      course,
    );
    const { leftMs, overMs } = standing(place, all, course);
    assert.deepEqual(
      { leftMs, overMs, missed: missedBy(all, now, steps, course).map(({ segment, evens }) => [segment, evens]) },
      { leftMs: is.leftMs, overMs: is.overMs, missed: is.missed },
    );
  });
