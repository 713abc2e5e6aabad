// Three browsers that show one class for ten minutes: how far apart their clocks are, one of them put to sleep twice, one with a clock
// an hour wrong. What each screen shows is compared with the others at the machine's own moment; figures in ms.
import { chromium } from "@playwright/test";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { setTimeout as sleep } from "node:timers/promises";
import { serve } from "./server.js";

const minutes = Number(process.argv[2] ?? 10);
const port = 5078;
const site = `http://127.0.0.1:${port}`;
const server = await serve(".build/web/JollySet.Web.dll", port, { Data: mkdtempSync(join(tmpdir(), "jolly-drift-")), Demo: "true" });
const browser = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox"] });

/** A page of a browser of its own. */
const opened = async (address, prepare = () => {}) => {
  const page = await (await browser.newContext()).newPage();
  await page.addInitScript(prepare);
  await page.goto(address);
  await page.waitForFunction(() => document.documentElement.dataset.ready === "yes");
  return page;
};

/** Where the class is by a screen, in ms from its start, less the machine's clock. */
const shown = (page) =>
  page.evaluate(() => {
    const { segment, msIn } = document.documentElement.dataset;
    const { steps } = JSON.parse(document.getElementById("class-data").textContent);
    const before = steps.slice(0, Number(segment)).reduce((sum, step) => sum + step.tenths * 100, 0);
    return before + Number(msIn) - (performance.timeOrigin + performance.now());
  });

try {
  const teach = await (await browser.newContext()).newPage();
  await teach.goto(site);
  await teach.getByText("Slack Water Strength").first().click();
  await teach.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await teach.waitForFunction(() => document.documentElement.dataset.ready === "yes");
  await teach.getByText("Screens, remote and people who follow").click();
  await teach.getByRole("button", { name: "Make the codes" }).click();
  await teach.locator(".codes a").first().waitFor();
  const codes = (await teach.locator(".codes a").allTextContents()).map((text) => site + new URL(text).pathname);
  const [hall, follow] = ["/d/", "/f/"].map((kind) => codes.find((code) => code.includes(kind)));
  const screens = {
    hall: await opened(hall),
    asleep: await opened(follow),
    wrong: await opened(follow, () => {
      const real = Date.now;
      Date.now = () => real() + 3_600_000;
    }),
  };
  for (const one of ["asleep", "wrong"]) await screens[one].getByRole("button", { name: "I am ready" }).click();
  await teach.getByRole("button", { name: "Start", exact: true }).click();
  await teach.keyboard.press("ArrowRight");
  const sleeper = await screens.asleep.context().newCDPSession(screens.asleep);
  const [apart, awoken] = [[], []];
  for (let second = 10; second < minutes * 60; second += 5) {
    await sleep(5000);
    const part = second / (minutes * 60);
    // Asleep for a fifth of the time, twice; right again at once is measured a second after it wakes.
    const wants = (part > 0.2 && part < 0.4) || (part > 0.6 && part < 0.8) ? "frozen" : "active";
    if (screens.state !== wants) {
      await sleeper.send("Page.setWebLifecycleState", { state: wants });
      screens.state = wants;
      await sleep(1000);
    }
    const looked = wants === "frozen" ? ["hall", "wrong"] : ["hall", "asleep", "wrong"];
    const at = await Promise.all(looked.map((name) => shown(screens[name])));
    apart.push(Math.max(...at) - Math.min(...at));
    if (wants === "active" && second > 20) awoken.push(Math.abs(at[0] - at[1]));
  }
  const told = (times) => {
    times.sort((a, b) => a - b);
    return `${times[Math.floor(times.length / 2)].toFixed(0)} in the middle, ${times.at(-1).toFixed(0)} at the most, ${times.length} looks`;
  };
  console.log(`three browsers over ${minutes} minutes, apart in ms: ${told(apart)}`);
  console.log(`the one that slept, from the hall's screen while awake, in ms: ${told(awoken)}`);
} catch (wrong) {
  console.error(wrong);
  process.exitCode = 1;
} finally {
  await browser.close();
  server.kill();
  process.exit();
}
