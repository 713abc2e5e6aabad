// How smoothly a flag is pulled in a class of 60 stations: its free edge and the flag itself, a move of the hand in each frame.
// Prints what a move costs the page and how long the frames are, in ms: median, 95th and 99th percentile.
import { spawn } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { setTimeout as sleep } from "node:timers/promises";
import { chromium } from "playwright-core";

const port = 5096;
const address = `http://127.0.0.1:${port}`;
const moves = ["goblet squat", "push-up", "bent-over row", "reverse lunge", "dead bug", "overhead press"];
const block = (i) =>
  `== Rope ${i} (circuit, work 40, rest 20)\n${Array.from({ length: 10 }, (_, j) => moves[(i + j) % moves.length]).join("\n")}`;
const sheet = `# Sixty\nminutes: 60\n${Array.from({ length: 6 }, (_, i) => block(i + 1)).join("\n")}`;

const server = spawn("dotnet", [".build/web/JollySet.Web.dll", "--urls", address, "--Data", mkdtempSync(join(tmpdir(), "jolly-pull-"))], {
  stdio: "ignore",
});
const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium", args: ["--no-sandbox"] });
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  for (let tries = 0; ; tries++) {
    const answer = await page.goto(`${address}/new`).catch(() => null);
    if (answer?.ok()) break;
    if (tries > 100) throw new Error("the server did not start");
    await sleep(200);
  }
  await page.locator("#text").fill(sheet);
  await page.getByRole("button", { name: "Read it" }).click();
  await page.locator("html[data-ready=yes] .line.wide a.flag").first().waitFor();
  const box = await page.locator(".line.wide a.flag .cloth").nth(3).boundingBox();
  for (const [what, x] of [
    ["free edge", box.x + box.width - 3],
    ["flag", box.x + 20],
  ]) {
    const y = box.y + 8;
    await page.mouse.move(x, y);
    await page.mouse.down();
    const said = await page.evaluate(pullFor240Frames, [x, y, what === "flag"]);
    await page.keyboard.press("Escape");
    await page.mouse.up();
    console.log(`${what.padEnd(10)} a move ${said.work}   a frame ${said.frames}`);
  }
} finally {
  await browser.close();
  server.kill();
}

async function pullFor240Frames([x, y, falls]) {
  const [work, frames] = [[], []];
  let last = performance.now();
  for (let i = 0; i < 240; i++) {
    await new Promise(requestAnimationFrame);
    const now = performance.now();
    frames.push(now - last);
    last = now;
    const at = { bubbles: true, clientX: x + 60 * Math.sin(i / 8) + i / 2, clientY: falls ? y + i / 2 : y };
    document.elementFromPoint(x, y).dispatchEvent(new window.PointerEvent("pointermove", at));
    // What was changed is laid out now, so that it counts.
    document.body.getBoundingClientRect();
    work.push(performance.now() - now);
  }
  const sorted = (times) => times.toSorted((a, b) => a - b);
  const said = (times) => [0.5, 0.95, 0.99].map((part) => sorted(times)[Math.floor(times.length * part)].toFixed(1)).join(" / ");
  return { work: said(work), frames: said(frames) };
}
