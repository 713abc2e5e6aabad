// Presses of a remote on a slow network: each counts, none twice, and a stop waits for nothing.
import assert from "node:assert/strict";
import { test } from "node:test";
import { Presses } from "../../src/JollySet.Web/wwwroot/js/presses.js";

/** A class that answers when it is told to, and takes a key it already has from elsewhere for the same press. */
function slowClass(events = ["start"]) {
  const waiting = [];
  const post = (address, { body }) =>
    new Promise((done) => {
      waiting.push(() => {
        if (!events.slice(Number(body.get("known"))).includes(body.get("kind"))) events.push(body.get("kind"));
        done({ ok: true, status: 200, text: async () => String(events.length) });
      });
    });
  const settle = () => new Promise((done) => setTimeout(done));
  return {
    events,
    post,
    waiting,
    async answer() {
      await settle();
      waiting.shift()();
      await settle();
    },
  };
}

const press = (kind) => new URLSearchParams({ kind });

test("two presses of next on one phone are two, though nothing has come back between them", async () => {
  const there = slowClass();
  const presses = new Presses("/r/X", "t", there.post);
  const both = [presses.send(press("next"), 1), presses.send(press("next"), 1)];
  await there.answer();
  await there.answer();
  assert.deepEqual(await Promise.all(both), ["taken", "taken"]);
  assert.deepEqual(there.events, ["start", "next", "next"]);
});

test("the same key pressed on the phone and at the class at once is one", async () => {
  const there = slowClass();
  const sent = new Presses("/r/X", "t", there.post).send(press("next"), 1);
  there.events.push("next");
  await there.answer();
  assert.equal(await sent, "taken");
  assert.deepEqual(there.events, ["start", "next"]);
});

test("a stop waits for no other key", async () => {
  const there = slowClass();
  const presses = new Presses("/r/X", "t", there.post);
  presses.send(press("next"), 1);
  presses.send(press("stop"), 1);
  await new Promise((done) => setTimeout(done));
  assert.equal(there.waiting.length, 2);
});

test("what is not taken is told by its reason, and the next press goes out all the same", async () => {
  const answers = [429, 410, 400, null, 200];
  const presses = new Presses("/r/X", "t", async () => {
    const status = answers.shift();
    if (status === null) throw new Error("away");
    return { ok: status === 200, status, text: async () => "2" };
  });
  const said = [];
  while (answers.length > 0) said.push(await presses.send(press("next"), 1));
  assert.deepEqual(said, ["tooMany", "ended", "refused", "unsent", "taken"]);
});
