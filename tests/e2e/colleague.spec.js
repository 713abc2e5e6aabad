// A careful colleague: a class designed from a brief, put in order, looked at, and what stays as it is said so.
import { expect, test } from "@playwright/test";
import { demo, makeClass, ready } from "./loft.js";

test("a class is designed from a brief, another one looked at, and one taken", async ({ page }) => {
  await page.goto("/new");
  await page.getByRole("link", { name: "Design for me" }).click();
  await ready(page);
  await page.getByLabel("Minutes").fill("30");
  await page.getByLabel("Spare them").fill("knees");
  await page.getByLabel("Kit there is").fill("mat, light dumbbells");
  await page.getByRole("button", { name: "Draft a class" }).click();
  const lines = () => page.locator(".draft-block li b").allTextContents();
  await expect(page.locator(".draft .why").first()).not.toBeEmpty();
  const first = await lines();
  await page.getByRole("button", { name: "Another one" }).click();
  await expect(page.locator(".draft-take input[name=seed]")).toHaveValue("2");
  expect(await lines()).not.toEqual(first);
  await page.getByRole("button", { name: "Take it to the shelf" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Full body in 30 minutes");
  const [minutes, seconds] = (await page.locator("#clock").textContent()).split(":").map(Number);
  expect(Math.abs(minutes * 60 + seconds - 1800)).toBeLessThanOrEqual(30);
  await expect(page.locator(".finding.stop")).toHaveCount(0);
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
  const streak = page.locator(".finding:not(.left)", { hasText: "Forearms" });
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
  await page.locator(".under-line > summary").press("Enter");
  await expect(page.locator(".recovery .spell").first()).toBeVisible();
});
