// Five hundred people who follow one class: how soon each hears an event, beside as many who hear a bare stream of the same server.
// Prints the middle and the 99th percentile in ms, and what a listener costs in memory.
import { mkdtempSync, readFileSync } from "node:fs";
import http from "node:http";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { setTimeout as sleep } from "node:timers/promises";
import { serve } from "./server.js";

const followers = 500;
const events = 60;
const port = 5076;
const site = `http://127.0.0.1:${port}`;
const bareSite = `http://127.0.0.1:${port + 1}`;
const [server, bareServer] = await Promise.all([
  serve(".build/web/JollySet.Web.dll", port, { Data: mkdtempSync(join(tmpdir(), "jolly-follow-")), Demo: "true" }),
  serve(".build/bare/BareRazor.dll", port + 1, {}),
]);
const memory = () => Number(readFileSync(`/proc/${server.pid}/status`, "utf8").match(/VmRSS:\s+(\d+)/)[1]);

/** A page with its cookie and token. */
const visit = async (address) => {
  const answer = await fetch(address, { redirect: "follow" });
  const html = await answer.text();
  const cookie = answer.headers
    .getSetCookie()
    .map((c) => c.split(";")[0])
    .join("; ");
  return { html, cookie, token: html.match(/__RequestVerificationToken" type="hidden" value="([^"]+)"/)?.[1], url: answer.url };
};
const post = (address, { cookie, token }, fields = {}) =>
  fetch(address, {
    method: "POST",
    redirect: "manual",
    headers: { cookie },
    body: new URLSearchParams({ ...fields, __RequestVerificationToken: token }),
  });

const agent = new http.Agent({ keepAlive: true, maxSockets: Infinity });
/** Listens to a stream; hears is called with each message's text. */
const listen = (address, hears) =>
  new Promise((done) => {
    http.get(address, { agent }, (answer) => {
      let text = "";
      answer.setEncoding("utf8");
      answer.on("data", (part) => {
        text += part;
        for (let end; (end = text.indexOf("\n\n")) >= 0; text = text.slice(end + 2)) hears(text.slice(0, end));
      });
      done(answer);
    });
  });

const told = (times) => {
  times.sort((a, b) => a - b);
  return `${times[Math.floor(times.length / 2)].toFixed(1)} in the middle, ${times[Math.floor(times.length * 0.99)].toFixed(1)} at 99 %, ${times.at(-1).toFixed(1)} at the most (${times.length} heard)`;
};

try {
  const shelf = await visit(site);
  const id = shelf.html.match(/\/plan\/([0-9a-f-]{36})/)[1];
  const plan = await visit(`${site}/plan/${id}`);
  const opened = await post(`${site}/session/open/${id}`, plan);
  const session = site + opened.headers.get("location");
  const teach = await visit(session);
  const codes = await (await post(`${session}?handler=Codes`, { ...teach, cookie: teach.cookie || plan.cookie })).text();
  const [, remote] = codes.match(/\/r\/([A-Z0-9]{8})/);
  const [, follow] = codes.match(/\/f\/([A-Z0-9]{8})/);
  const phone = await visit(`${site}/r/${remote}`);
  await post(`${site}/r/${remote}`, { ...phone, cookie: phone.cookie || plan.cookie }, { kind: "start", value: 0 });

  const before = memory();
  const heard = [];
  let [sent, count] = [0, 0];
  for (let i = 0; i < followers; i++)
    await listen(`${site}/live/f/${follow}`, (message) => {
      if (sent === 0 || !message.includes(`"value":${count}`)) return;
      heard.push(performance.now() - sent);
    });
  await sleep(1000);
  const after = memory();
  for (count = 1; count <= events; count++) {
    sent = performance.now();
    await post(`${site}/r/${remote}`, { ...phone, cookie: phone.cookie || plan.cookie }, { kind: "add", value: count, known: count });
    await sleep(150);
  }
  await sleep(500);
  console.log(`an event to ${followers} followers, ms: ${told(heard)}; every one heard: ${heard.length === followers * events}`);
  console.log(`memory for a listener, kB: ${((after - before) / followers).toFixed(1)}`);

  // The same for a stream that does nothing but pass on what it is told.
  const bare = [];
  let tell = 0;
  for (let i = 0; i < followers; i++)
    await listen(`${bareSite}/stream`, (message) => message.endsWith(`told-${count}`) && bare.push(performance.now() - tell));
  await sleep(1000);
  for (count = 1; count <= events; count++) {
    tell = performance.now();
    await fetch(`${bareSite}/tell/told-${count}`, { method: "POST" });
    await sleep(150);
  }
  await sleep(500);
  console.log(`beside it, a bare stream to as many, ms: ${told(bare)}; every one heard: ${bare.length === followers * events}`);
} finally {
  server.kill();
  bareServer.kill();
  process.exit(0);
}
