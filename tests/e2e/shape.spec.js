// Shaping a class: a block typed as a line, the class fitted to its minutes, a rule changed.
import { expect, test } from "@playwright/test";
import { makeClass, ready } from "./loft.js";

test("a block is typed as a line: names complete, the expansion is shown, then it is taken", async ({ page }) => {
  await makeClass(page);
  const line = page.getByLabel("Type a block");
  await line.click();
  await page.keyboard.type("2 rounds 30/15: gob");
  await page.keyboard.press("ArrowDown");
  await expect(page.locator("#block-line-names [aria-selected=true]")).toHaveText("goblet squat");
  await page.keyboard.press("Enter");
  await page.keyboard.type(", push-up");
  await expect(line).toHaveValue("2 rounds 30/15: goblet squat, push-up");
  await expect(page.locator(".expansion-text")).toContainText("== C (circuit, 2 rounds, work 30, rest 15)");
  await expect(page.locator(".tab")).toHaveCount(3);
  await page.keyboard.press("Escape");
  await page.locator(".type-block").getByRole("button", { name: "Add this" }).click();
  await expect(page.locator(".tab")).toHaveCount(4);
  await expect(page.locator(".tab[aria-current]")).toContainText("C");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.locator(".tab")).toHaveCount(3);
});

test("a class is fitted to its minutes, taken and taken back", async ({ page }) => {
  await makeClass(page);
  const before = await page.locator("#likely").textContent();
  await page.getByRole("link", { name: "Fit", exact: true }).click();
  await page.getByLabel("Make this").fill("10");
  await page.getByRole("button", { name: "Work it out" }).click();
  await expect(page.locator(".proposal").first()).toBeVisible();
  const claimed = await page.locator(".proposal-lengths b").nth(1).textContent();
  await page.locator(".proposal").first().getByRole("button", { name: "Use this one" }).click();
  await expect(page.locator("#likely")).toHaveText(claimed);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.locator("#likely")).toHaveText(before);
});

test("a search tells how far it is and is stopped with what there is", async ({ page }) => {
  const moves = ["squat", "push-up", "plank", "lunge", "bent-over row", "dead bug", "deadlift", "overhead press"];
  const lines = Array.from({ length: 32 }, (_, i) => moves[(i * 5) % moves.length]).join("\n");
  await makeClass(page, (title) => `# ${title}\n== A (circuit, work 40, rest 20)\n${lines}\n`);
  await page.getByRole("link", { name: "Order", exact: true }).click();
  await ready(page);
  await page.getByRole("button", { name: "Find the best order" }).click();
  await expect(page.getByText("A solver looks for better")).toBeVisible();
  await page.getByRole("button", { name: "Stop, and show what there is" }).click();
  await expect(page.locator(".proven")).toContainText("You stopped it");
  await expect(page.getByRole("button", { name: "Take this order" })).toBeVisible();
});

test("a search that the server does not answer says so", async ({ page, context }) => {
  await makeClass(page);
  await page.getByRole("link", { name: "Fit", exact: true }).click();
  await ready(page);
  await context.setOffline(true);
  await page.getByRole("button", { name: "Work it out" }).click();
  await expect(page.getByText("The server does not answer; press again when it is back.")).toBeVisible();
  await context.setOffline(false);
  await page.route("**/fit/**", (route) => (route.request().method() === "POST" ? route.fulfill({ status: 500 }) : route.continue()));
  await page.getByRole("button", { name: "Work it out" }).click();
  await expect(page.getByText("The server failed at this search.")).toBeVisible();
});
