// The page's clock over the same cases as the core's.
import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import test from "node:test";
import { BEFORE, advanced, after } from "../../src/JollySet.Web/wwwroot/js/clock.js";

const { cases } = JSON.parse(readFileSync(new URL("../cases/clock.json", import.meta.url)));

for (const item of cases)
  test(item.name, () => {
    const events = item.events.map(([kind, atMs, value], i) => ({ number: i + 1, kind, atMs, value }));
    const course = { tenths: item.segments, countInMs: item.countInMs, cuts: item.cuts ?? [] };
    const anchor = events.reduce((so, event) => after(so, event, course), BEFORE);
    const { segment, msIn, running, stopped, ended } = advanced(anchor, item.now, course);
    assert.deepEqual({ segment, msIn, running, stopped, ended }, item.is);
  });
