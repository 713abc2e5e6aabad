// The job from a sheet to a class taught, in its order.
import { readFile } from "node:fs/promises";
import { expect, test } from "@playwright/test";
import { makeClass, ready, sheetText } from "./loft.js";

test("type a class, see it, change it, undo it, teach it, print it, take it out and bring it back", async ({ page }) => {
  const title = await makeClass(page);

  // By the clock: 20 of words, 2 × (3×40 + 2×20) + 60, the need after the last timed work is likely only, and 12 rows of 2.2 s.
  await expect(page.locator("#clock")).toHaveText("7:06");
  await expect(page.locator(".line.wide a.flag")).toHaveCount(4);

  await page.getByLabel("Rounds", { exact: true }).fill("3");
  await page.getByLabel("Rounds", { exact: true }).press("Tab");
  await expect(page.locator("#clock")).toHaveText("10:46");
  await expect(page.locator(".against")).toHaveText("46 s over");

  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.locator("#clock")).toHaveText("7:06");

  const teach = page.locator(".rail").getByRole("button", { name: "Teach" });
  await teach.click();
  await ready(page);
  await page.getByRole("button", { name: "Work", exact: true }).click();
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  await expect(page.locator("#next-title")).toHaveText("Push-up");

  await page.keyboard.press(" ");
  await expect(page.locator("main")).toHaveAttribute("data-state", "paused");
  const before = await page.locator("#number").textContent();
  await page.reload();
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  await expect(page.locator("#number")).toHaveText(before);
  await expect(page.locator("main")).toHaveAttribute("data-state", "paused");

  await page.keyboard.press(" ");
  await expect(page.locator(".side")).toContainText(/LEFT\s+you: right/);
  await expect(page.locator(".side")).toContainText(/RIGHT\s+you: left/);
  await expect(page.locator("html")).toHaveAttribute("data-last-sound", /half|last/);
  await page.keyboard.press("e");
  await expect(page.getByRole("dialog", { name: "End the class here?" })).toBeVisible();
  await page.getByRole("button", { name: "Go on teaching" }).click();
  await page.keyboard.press("e");
  await page.getByRole("button", { name: "End it" }).click();
  await expect(page.getByRole("heading", { name: `${title}, taught` })).toBeVisible();
  await expect(page.locator("tbody tr").nth(1)).toContainText("Goblet squat");

  await page.getByRole("link", { name: "To the plan" }).click();
  await page.getByRole("link", { name: "Print" }).click();
  await expect(page.locator(".run-lines li")).toHaveCount(4);

  await page.getByRole("link", { name: "Back to the plan" }).click();
  await page.getByText("The class as a sheet").click();
  const [download] = await Promise.all([page.waitForEvent("download"), page.getByRole("link", { name: "Save as .json" }).click()]);
  const text = await readFile(await download.path(), "utf8");
  const sheetBefore = await (await sheetText(page)).inputValue();

  await page.goto("/new");
  await page
    .getByLabel(/A .sheet or .json file/)
    .setInputFiles({ name: "class.json", mimeType: "application/json", buffer: Buffer.from(text) });
  await page.getByRole("button", { name: "Bring it in" }).click();
  await expect(page.getByRole("heading", { name: title, level: 1 })).toBeVisible();
  expect(await (await sheetText(page)).inputValue()).toBe(sheetBefore);
});

test("a counted station shows its count climbing at pace", async ({ page }) => {
  await makeClass(page, (title) => `# ${title}\n== A (circuit, rest 30)\nbent-over row x12 @4\nsquat x5\n`);
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await page.keyboard.press("ArrowRight");
  await expect(page.locator("#of")).toHaveText("of 12");
  const seen = await page.locator("#number").evaluate(
    (number) =>
      new Promise((done) => {
        const counts = [Number(number.textContent)];
        new MutationObserver(() => {
          counts.push(Number(number.textContent));
          if (counts.at(-1) === 12) done(counts);
        }).observe(number, { childList: true, characterData: true, subtree: true });
      }),
  );
  expect(seen[0]).toBeLessThan(12);
  expect(seen).toEqual(Array.from({ length: seen.length }, (_, i) => 12 - seen.length + 1 + i));
});

test("the keys of Teach: next, back, ten seconds more, stop and go on, another block", async ({ page }) => {
  await makeClass(page);
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await page.getByLabel("Start at", { exact: true }).selectOption("A: Deck");
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press(" ");
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  const left = Number(await page.locator("#number").textContent());
  await page.keyboard.press("+");
  await expect(page.locator("#number")).toHaveText(String(left + 10));
  await page.keyboard.press("ArrowRight");
  await expect(page.locator("#title")).toHaveText("Rest");
  await page.keyboard.press("ArrowLeft");
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  await page.keyboard.press("s");
  await expect(page.getByRole("alertdialog", { name: "Stopped" })).toBeVisible();
  await page.getByRole("button", { name: /go on/ }).click();
  await expect(page.getByRole("alertdialog", { name: "Stopped" })).toBeHidden();
  await page.keyboard.press("b");
  await page.getByRole("button", { name: "B: Ropes" }).click();
  await page.keyboard.press("ArrowRight");
  await expect(page.locator("#title")).toHaveText("Bent-over row");
});

test("the clock goes on without the server, and what was pressed is sent later", async ({ page, context }) => {
  await makeClass(page);
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await page.keyboard.press("ArrowRight");
  await context.setOffline(true);
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press(" ");
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  await expect(page.locator("#offline")).toContainText("does not answer");
  await context.setOffline(false);
  await expect(page.locator("#offline")).toHaveText("");
  await page.reload();
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  await expect(page.locator("main")).toHaveAttribute("data-state", "paused");
});

test("keys pressed while the page still loads are taken up", async ({ page }) => {
  // Parts so long that the clock reaches none of their ends, however slow the machine.
  await makeClass(
    page,
    (title) => `# ${title}\n== Welcome (talk 20min)\n\n== A: Deck (circuit, work 1200, rest 1200)\ngoblet squat\npush-up\n`,
  );
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await page.keyboard.press("ArrowRight");
  let load;
  const held = new Promise((done) => (load = done));
  await page.route("**/js/teach*.js*", async (route) => {
    await held;
    await route.continue();
  });
  await page.reload({ waitUntil: "commit" });
  await expect(page.locator("#controls")).toBeVisible();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press(" ");
  load();
  await ready(page);
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  await expect(page.locator("main")).toHaveAttribute("data-state", "paused");
});

test("a system clock that is set forward in the middle of a class moves nothing, and storage that is blocked stops nothing", async ({
  page,
}) => {
  await makeClass(page);
  await page.addInitScript(() => {
    Object.defineProperty(window, "localStorage", {
      get() {
        throw new Error("blocked");
      },
    });
  });
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  await page.evaluate(() => {
    const real = Date.now;
    Date.now = () => real() + 3_600_000;
  });
  await page.keyboard.press(" ");
  await expect(page.locator("main")).toHaveAttribute("data-state", "paused");
  await expect(page.locator("#title")).toHaveText("Goblet squat");
});
