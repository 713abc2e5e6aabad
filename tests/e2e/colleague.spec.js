// A careful colleague: a class designed from a brief, put in order, looked at, and what stays as it is said so.
import { expect, test } from "@playwright/test";
import { demo, makeClass, ready } from "./loft.js";

test("three classes are designed from a brief, another looked at, a block of one dragged into it, and it is taken", async ({ page }) => {
  test.slow();
  await page.goto("/new");
  await page.getByRole("link", { name: "Design for me" }).click();
  await ready(page);
  await page.getByLabel("Minutes").fill("30");
  await page.getByLabel("Careful with").fill("knees");
  await page.getByLabel("Kit there is").fill("mat, light dumbbells");
  await page.getByRole("button", { name: "Draft a class" }).click();
  const lines = () => page.locator(".draft-block li b").allTextContents();
  await expect(page.locator(".draft-card")).toHaveCount(3);
  await expect(page.locator(".draft .why").first()).not.toBeEmpty();
  const first = await lines();
  await page.locator(".draft-card").nth(1).getByRole("button", { name: "Look at it" }).press("Enter");
  await expect(page.locator(".draft-take input[name=which]")).toHaveValue("2");
  expect(await lines()).not.toEqual(first);
  const theirs = page.locator('[data-from^="3."]').first();
  const moves = (await theirs.textContent()).replace(/^\S+ /, "");
  await theirs.dragTo(page.locator("[data-into=A]"));
  await expect(page.locator(".draft-mixed")).toContainText("of draft 3 as its A");
  const shown = await page.locator("[data-block=A] li b").allTextContents();
  expect(shown.join(", ").toLowerCase()).toBe(moves.toLowerCase());
  await page.getByRole("button", { name: "As it was" }).click();
  await expect(page.locator(".draft-mixed")).toHaveCount(0);
  await page.locator("[data-block=A] .offers > summary").press("Enter");
  await page.locator("[data-block=A] .offer").first().press("Enter");
  await expect(page.locator(".draft-mixed")).toContainText("as its A");
  await page.getByRole("button", { name: "Others" }).click();
  await expect(page.locator(".draft-take input[name=seed]")).toHaveValue("4");
  await page.getByRole("button", { name: "Use this draft" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Full body in 30 minutes");
  const [minutes, seconds] = (await page.locator("#clock").textContent()).split(":").map(Number);
  expect(Math.abs(minutes * 60 + seconds - 1800)).toBeLessThanOrEqual(30);
  await expect(page.locator(".finding.stop")).toHaveCount(0);
});

test("what else could stand in a station's place is listed under it, and put in by keyboard", async ({ page }) => {
  await makeClass(
    page,
    (title) => `# ${title}\nkit: mat, dumbbells\n== A (circuit, 2 rounds, work 40, rest 20)\ngoblet squat\npush-up\nbent-over row\n`,
  );
  await page.getByRole("link", { name: "What else could stand here: push-up" }).press("Enter");
  const list = page.locator(".station .swaps li");
  await expect(list).toHaveCount(5);
  await expect(list.first()).toContainText(/same length|longer|shorter/);
  const name = (await list.first().locator("b").textContent()).split(",")[0].toLowerCase();
  await list.first().getByRole("button").press("Enter");
  await expect(page.getByLabel("Move", { exact: true }).nth(1)).toHaveValue(name);
  await expect(page.locator(".swaps li")).toHaveCount(0);
  const another = page.getByRole("link", { name: "Another block of this length" });
  await page.route("**/plan/*handler=swapblocks*", (route) => route.abort());
  await another.press("Enter");
  await expect(page.locator("#others")).toHaveText("The server did not answer. Ask once more.");
  await page.unroute("**/plan/*handler=swapblocks*");
  await another.press("Enter");
  await expect(page.locator("#others li")).toHaveCount(3);
  await page.locator("#others button").first().press("Enter");
  await expect(page.getByLabel("Move", { exact: true }).nth(1)).not.toHaveValue(name);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByLabel("Move", { exact: true }).nth(1)).toHaveValue(name);
});

test("a block is put in its best order by keyboard, and back", async ({ page }) => {
  await makeClass(
    page,
    (title) => `# ${title}\n== A (circuit, work 40, rest 20)\nplank\nsquat\ndead bug\npush-up\njump squat\nbent-over row\n`,
  );
  await page.getByRole("link", { name: "Order", exact: true }).click();
  await ready(page);
  await page.getByLabel("The floor").press("End");
  await page.getByRole("button", { name: "Find the best order" }).press("Enter");
  await expect(page.locator(".proven")).toContainText("no other order is better");
  await expect(page.locator(".new-order li:not(.new-block) b").first()).toHaveText("Jump squat");
  await page.getByRole("button", { name: "Take this order" }).click();
  await expect(page.getByLabel("Move", { exact: true }).first()).toHaveValue("jump squat");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByLabel("Move", { exact: true }).first()).toHaveValue("plank");
});

test("a finding is left with a reason, and returns when its numbers change", async ({ page }) => {
  await makeClass(page, (title) => `# ${title}\n== A (circuit, work 70, rest 5)\nwrist curl\nwrist curl\n`);
  const streak = page.locator(".finding:not(.left)", { hasText: /Forearms.*no break/ });
  await page.locator("details.small-notes", { has: streak }).locator("> summary").click();
  await streak.locator(".leave > summary").click();
  await streak.getByLabel("Why it may stay").fill("They asked for it");
  await streak.getByRole("button", { name: "Leave it" }).click();
  await expect(streak).toHaveCount(0);
  await expect(page.locator(".finding.left")).toHaveCount(1);
  await page.getByLabel("Work", { exact: true }).fill("80");
  await page.getByLabel("Work", { exact: true }).press("Enter");
  await expect(streak).toHaveCount(1);
});

test("a warm-up is built with a press where there is none", async ({ page }) => {
  await page.goto(await demo(page, "Squall"));
  await page.getByLabel("Build a warm-up, minutes").fill("6");
  await page.locator(".build-form").first().getByRole("button", { name: "Build it from the main part" }).click();
  await expect(page.locator(".tab").first()).toContainText("Warm-up");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.locator(".tab").first()).not.toContainText("Warm-up");
});

test("recovery is drawn under the line when it is asked for", async ({ page }) => {
  await page.goto(await demo(page, "Ferry Half Hour"));
  await expect(page.locator(".recovery .lane")).toHaveCount(0);
  await page.getByRole("radio", { name: "recovery" }).check();
  await expect(page.locator(".recovery .spell").first()).toBeVisible();
});
