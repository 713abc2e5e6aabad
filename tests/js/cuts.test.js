// The page's choice of cuts over the same cases as the core's.
import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import test from "node:test";
import { enough, open } from "../../src/JollySet.Web/wwwroot/js/cuts.js";

const { cases } = JSON.parse(readFileSync(new URL("../cases/cuts.json", import.meta.url)));

for (const item of cases)
  test(item.name, () => {
    const all = item.cuts.map((takes, number) => ({ number, says: "", takes }));
    const offer = enough(all, item.current, item.taken, item.wanted);
    assert.deepEqual({ numbers: offer.cuts.map((cut) => cut.number), wins: offer.wins, isEnough: offer.isEnough }, item.is);
    assert.ok(open(all, item.current, item.taken).every((cut) => cut.wins > 0 && !item.taken.includes(cut.number)));
  });
