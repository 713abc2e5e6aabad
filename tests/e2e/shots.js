// Draws docs/screenshots from the demo data: ./jolly shots.
import { spawn } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { setTimeout as sleep } from "node:timers/promises";
import { chromium } from "@playwright/test";

const address = "http://127.0.0.1:5098";
const folder = "docs/screenshots";
const server = spawn("dotnet", [".build/web/JollySet.Web.dll"], {
  env: { ...process.env, ASPNETCORE_URLS: address, Data: mkdtempSync(join(tmpdir(), "jolly-shots-")), Demo: "true" },
  stdio: "ignore",
});
for (
  let i = 0;
  i < 100 &&
  !(await fetch(address).then(
    () => true,
    () => false,
  ));
  i++
)
  await sleep(200);

const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking"],
});
const wide = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

/** A page of that size with its clock in our hands. */
async function open(size, path) {
  const page = await browser.newPage({ viewport: size });
  await page.clock.install({ time: new Date("2026-11-24T18:30:00") });
  await page.goto(address + path);
  await page.evaluate(() => document.fonts.ready);
  return page;
}

async function shot(page, name) {
  await page.screenshot({ path: `${folder}/${name}.png` });
  await page.close();
}

/** A search's page with its answer. */
async function searched(path, button, found) {
  const page = await browser.newPage({ viewport: wide });
  await page.goto(address + path);
  await page.locator("html[data-ready]").waitFor();
  await page.locator(button).click();
  await page.locator(found).first().waitFor({ timeout: 30_000 });
  return page;
}

/** Plan with the flag of that move open on the bench. */
async function openFlag(size, title, move) {
  const page = await browser.newPage({ viewport: size });
  await page.goto(address + classes[title]);
  await page.locator("html[data-ready]").waitFor();
  await page
    .locator(`${size.width > 700 ? ".line.wide" : ".line.narrow"} a.flag[aria-label*="${move}"]`)
    .first()
    .click();
  await page.locator("#others-here li").first().waitFor();
  await page.mouse.move(2, 2);
  return page;
}

const shelf = await open(wide, "/");
const classes = Object.fromEntries(
  await shelf
    .locator(".class-card")
    .evaluateAll((cards) => cards.map((card) => [card.querySelector(".class-title").textContent, card.getAttribute("href")])),
);
await shot(shelf, "shelf");
await shot(await openFlag(wide, "Slack Water Strength", "Bent-over row"), "plan");
await shot(await openFlag(phone, "Slack Water Strength", "Bent-over row"), "plan-phone");
const card = await open(wide, "/new");
await card
  .locator("#text")
  .fill(
    [
      "Early tide, 35 mins, everyone a mat, some KBs",
      "SAT",
      "warmup: jog, hip circles, good mornings",
      "Round the buoys: 4 laps 45/15, min break",
      "a) KB front squat",
      "b) incline press ups (or wall press ups)",
      "c) 1-arm KB rows swap at half",
      "d) moutain climbers",
      "drink!!",
      "SUN 9am",
      "3 ronds 40/20: swings, mini squats, plank on knees",
      "bring the small speaker",
    ].join("\n"),
  );
await card.getByRole("button", { name: "Read it" }).click();
await card.locator("#card").waitFor();
await shot(card, "card");
await shot(await searched(`${classes["Slack Water Strength"].replace("plan", "fit")}?minutes=25`, "#work", ".proposal"), "fit");
await shot(await open(wide, classes["Tide Table"].replace("plan", "balance")), "balance");
await shot(await open(wide, classes["Ferry Half Hour"].replace("plan", "effort") + "?recovery=true"), "effort");
await shot(await searched(classes["Spring Tide"].replace("plan", "order"), "#work", ".proven"), "order");
const design = await searched("/design?needs=knees&kit=mat,%20light%20dumbbells,%20heavy%20dumbbells&seed=2", "#draft-it", "#draft-title");
await design.locator("#drafts-title").evaluate((title) => title.scrollIntoView({ block: "start" }));
await shot(design, "design");
await shot(await open(wide, "/moves?q=back,%20no%20kit,%20spare%20the%20wrists"), "moves");
const net = await open(wide, `${classes["Slack Water Strength"].replace("plan", "options")}?also=wrists&also=no%20floor`);
await net.locator(".knot-open").first().click();
await net.locator("#ways li").first().waitFor();
await shot(net, "net");
await shot(await open(wide, classes["Too Few Tens"].replace("plan", "kit")), "kit");
await shot(await open(wide, `${classes["Ten Bollards"].replace("plan", "carousel")}?people=26`), "carousel");
await shot(await open(wide, classes["Ferry Half Hour"].replace("plan", "words")), "words");
// A class with a change that cannot be made and a way that is missing, halted where it would go wrong.
const rehearse = await open(wide, classes["Spring Tide"].replace("plan", "rehearse"));
await rehearse.locator("[data-at]").first().click();
await shot(rehearse, "rehearse");
await shot(await open({ width: 900, height: 1180 }, classes["Slack Water Strength"].replace("plan", "print") + "?start=18:30"), "print");

async function teach(size, name, start, seconds) {
  const page = await open(size, classes["Slack Water Strength"]);
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  if (page.url().includes("/open/")) await page.getByRole("button", { name: "Begin it anew" }).click();
  await page.getByLabel("Start at", { exact: true }).selectOption(start);
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await page.clock.runFor((10 + seconds) * 1000);
  await shot(page, name);
}

async function follow() {
  const page = await open(wide, classes["Slack Water Strength"]);
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  if (page.url().includes("/open/")) await page.getByRole("button", { name: "Begin it anew" }).click();
  await page.locator("#screens summary").click();
  await page.getByRole("button", { name: "Make the codes" }).click();
  const address = await page.locator(".codes a").last().textContent();
  const other = await browser.newPage({ viewport: phone });
  await other.goto(address);
  await other.locator("html[data-ready]").waitFor();
  await shot(other, "follow");
  await page.close();
}

await follow();
await teach(wide, "teach", "C: Last rope", 16);
await teach(phone, "teach-phone", "A: Deck circuit", 20);
await browser.close();
server.kill();
