// How long a Plan edit takes on the server, from the outside: a class of an hour, edited many times in turn,
// beside a bare Razor page posted to in the same way. Prints medians and 95th percentiles in ms.
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { serve } from "./server.js";

const edits = 400;
// A server that has run for a while: until then its code is still being compiled.
const warmUp = 400;
const shelved = 500;

const visit = async (address) => {
  const answer = await fetch(address);
  const html = await answer.text();
  const cookie = answer.headers
    .getSetCookie()
    .map((c) => c.split(";")[0])
    .join("; ");
  return { cookie, token: html.match(/__RequestVerificationToken" type="hidden" value="([^"]+)"/)[1], html };
};

const post = (address, { cookie, token }, fields, headers = {}) =>
  fetch(address, {
    method: "POST",
    redirect: "manual",
    headers: { cookie, ...headers },
    body: new URLSearchParams({ ...fields, __RequestVerificationToken: token }),
  });

const shown = ({ median, p95 }) => `${median.toFixed(2)} in the middle, ${p95.toFixed(1)} at 95 %`;

/** Measures several things in turn, so that whatever else the machine does meets all of them. */
const measured = async (...ones) => {
  const times = ones.map(() => []);
  for (let i = 0; i < warmUp + edits; i++)
    for (const [which, one] of ones.entries()) {
      const start = performance.now();
      const answer = await one(i);
      await answer.text();
      if (i >= warmUp) times[which].push(performance.now() - start);
      if (answer.status >= 400) throw new Error(`${answer.status} at ${i}`);
    }
  return times.map((t) => {
    t.sort((a, b) => a - b);
    return { median: t[edits / 2], p95: t[Math.floor(edits * 0.95)] };
  });
};

const hour =
  "# Hour\nminutes: 60\n" +
  Array.from(
    { length: 10 },
    (_, b) =>
      `== Block ${b + 1} (circuit, work 40, rest 15, after 15)\ngoblet squat [heavy]\npush-up\nbent-over row [heavy]\nside plank, each side\nRomanian deadlift [heavy]\ndead bug\n`,
  ).join("");

const app = await serve(".build/web/JollySet.Web.dll", 5077, { Data: mkdtempSync(join(tmpdir(), "jolly-load-")) });
const bare = await serve(".build/bare/BareRazor.dll", 5078, {});
try {
  const site = "http://127.0.0.1:5077";
  const made = await post(`${site}/new?handler=Text`, await visit(`${site}/new`), { text: hour });
  const plan = site + made.headers.get("location");
  const page = await visit(plan);
  const parts = new Map();
  const learn = (html) => {
    for (const tag of html.match(/<[a-z]+ [^>]*data-part="[^>]*>/g) ?? [])
      parts.set(tag.match(/ id="([^"]+)"/)[1], tag.match(/data-part="([^"]+)"/)[1]);
  };
  learn(page.html);
  // As on a wide screen where a flag is open and nothing is unfolded.
  const asleep = [...page.html.matchAll(/<[a-z]+ [^>]*data-sleeps[^>]*>/g)]
    .map(([tag]) => tag.match(/ id="([^"]+)"/)[1])
    .filter((id) => id !== "line-wide");
  console.log("asleep:", asleep.join(", "));
  const [block, station] = page.html.match(/name="block" value="(\d+)">\s*<input type="hidden" name="station" value="(\d+)"/).slice(1);
  const sizes = [];
  const edit = async (i) => {
    const answer = await post(
      plan,
      page,
      { do: "station", block, open: block, station, at: station, rope: 1, revision: i + 1, amount: `${30 + (i % 2) * 5}s` },
      { "HX-Request": "true", "X-Has-Parts": [...parts].map((p) => p.join(" ")).join(","), "X-Asleep-Parts": asleep.join(",") },
    );
    const html = await answer.text();
    learn(html);
    sizes.push(Buffer.byteLength(html));
    return { status: answer.status, text: async () => html };
  };
  const bareSite = "http://127.0.0.1:5078/";
  const barePage = await visit(bareSite);
  const [ours, theirs] = await measured(edit, () => post(bareSite, barePage, {}));
  console.log("Plan edit, ms:", shown(ours));
  console.log("bare Razor post in turn with it, ms:", shown(theirs), `${(ours.median / theirs.median).toFixed(2)}×`);
  sizes.sort((a, b) => a - b);
  console.log("Plan edit, bytes before compression:", { median: sizes[sizes.length / 2], most: sizes.at(-1) });
  console.log(
    "Plan page and a bare one in turn, ms:",
    (
      await measured(
        () => fetch(plan),
        () => fetch(bareSite),
      )
    )
      .map(shown)
      .join("; "),
  );
  const newPage = await visit(`${site}/new`);
  for (let i = 1; i < shelved; i++)
    await post(`${site}/new?handler=Text`, newPage, { text: hour.replace("# Hour", `# Hour ${i}`) }).then((a) => a.text());
  const first = performance.now();
  await fetch(`${site}/`).then((a) => a.text());
  console.log(`Shelf of ${shelved} hours, first time, ms:`, (performance.now() - first).toFixed(1));
  console.log("Shelf after that, ms:", shown((await measured(() => fetch(`${site}/`)))[0]));
  console.log("Shelf, its last page, ms:", shown((await measured(() => fetch(`${site}/?page=${Math.ceil(shelved / 24)}`)))[0]));
} finally {
  app.kill();
  bare.kill();
}
