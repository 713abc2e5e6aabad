// The events of a class under way: nothing pressed is dropped without a word, whatever the server or the browser does.
import assert from "node:assert/strict";
import test from "node:test";
import { EventLog } from "../../src/JollySet.Web/wwwroot/js/event-log.js";

class Store {
  kept = new Map();
  getItem = (key) => this.kept.get(key) ?? null;
  setItem = (key, value) => this.kept.set(key, value);
  removeItem = (key) => this.kept.delete(key);
}

/** A server that answers as told, one answer a request, then takes everything. */
function server(...answers) {
  const posted = [];
  globalThis.fetch = async (_, { body }) => {
    posted.push(JSON.parse(body));
    const answer = answers.shift() ?? { ok: true, status: 200 };
    if (answer === "down") throw new TypeError("no answer");
    return { ...answer, json: async () => answer.events };
  };
  return posted;
}

const heard = () => {
  const said = [];
  return { said, told: (standing) => said.push(standing), changed: () => said.push("changed") };
};
const until = async (holds) => {
  while (!holds()) await new Promise((done) => setTimeout(done, 5));
};
const session = { id: "one", events: [] };

test("what is pressed is sent in order and kept until the server has it", async () => {
  const [posted, ears, store] = [server("down"), heard(), new Store()];
  const log = new EventLog(session, "token", ears, store);
  log.add("start", 1000, 0);
  assert.match(store.getItem("jolly-session-one"), /start/);
  await until(() => ears.said.includes("unsent"));
  log.add("pause", 2000);
  await until(() => log.unsent.length === 0);
  assert.deepEqual(
    posted
      .at(-1)
      .map((e) => e.kind)
      .concat(posted.at(-2).map((e) => e.kind))
      .includes("pause"),
    true,
  );
  assert.equal(store.getItem("jolly-session-one"), null);
});

test("another device's events are followed, and what was pressed here comes after them", async () => {
  const there = [
    { number: 1, kind: "start", atMs: 500, value: 0 },
    { number: 2, kind: "pause", atMs: 1500, value: null },
  ];
  const [posted, ears] = [server({ ok: false, status: 409, events: there }), heard()];
  const log = new EventLog(session, "token", ears, new Store());
  log.add("next", 1200);
  await until(() => log.unsent.length === 0);
  assert.deepEqual(
    log.all.map((e) => [e.number, e.kind]),
    [
      [1, "start"],
      [2, "pause"],
      [3, "next"],
    ],
  );
  assert.equal(log.all[2].atMs, 1500);
  assert.ok(ears.said.includes("changed") && ears.said.includes("elsewhere"));
  assert.deepEqual(
    posted[1].map((e) => e.number),
    [3],
  );
});

test("a page that was loaded anew before the server answered the old one catches up", async () => {
  const there = [
    { number: 1, kind: "start", atMs: 500, value: 0 },
    { number: 2, kind: "pause", atMs: 1500, value: null },
  ];
  globalThis.fetch = async () => ({ ok: true, status: 200, json: async () => there });
  const ears = heard();
  const log = new EventLog({ id: "one", events: there.slice(0, 1) }, "token", ears, new Store());
  await log.sync();
  assert.equal(log.all.length, 2);
  assert.deepEqual(ears.said, ["changed"]);
  await log.sync();
  assert.deepEqual(ears.said, ["changed"]);
});

test("a refusal that will not change is said once and not sent again", async () => {
  const [posted, ears] = [server({ ok: false, status: 404 }), heard()];
  const log = new EventLog(session, "token", ears, new Store());
  log.add("start", 1000, 0);
  await until(() => ears.said.includes("refused"));
  log.add("pause", 2000);
  await new Promise((done) => setTimeout(done, 20));
  assert.equal(posted.length, 1);
  assert.equal(log.settled, true);
  assert.equal(log.all.length, 2);
});

test("a browser with a broken, full or blocked store teaches all the same", async () => {
  server();
  const odd = new Store();
  for (const text of ["{", "7", '[null, {"number":"x"}, {"number":1,"kind":"start","atMs":5}]']) {
    odd.kept.set("jolly-session-one", text);
    assert.ok(new EventLog(session, "token", heard(), odd).all.length <= 1);
  }
  const full = { getItem: () => null, setItem: () => assert.fail.call(null), removeItem: () => {} };
  full.setItem = () => {
    throw new Error("quota");
  };
  for (const store of [full, null]) assert.equal(new EventLog(session, "token", heard(), store).add("start", 1, 0).number, 1);
});
