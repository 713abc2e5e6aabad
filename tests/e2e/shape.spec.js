// Shaping a class: a block typed as a line, the class fitted to its minutes, a rule changed.
import { expect, test } from "@playwright/test";
import { makeClass } from "./loft.js";

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
  await page.locator(".type-block").getByRole("button", { name: "Take it" }).click();
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
  await page.locator(".proposal").first().getByRole("button", { name: "Take it" }).click();
  await expect(page.locator("#likely")).toHaveText(claimed);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.locator("#likely")).toHaveText(before);
});

test("a search is stopped by its button", async ({ page }) => {
  await makeClass(page);
  await page.getByRole("link", { name: "Fit", exact: true }).click();
  await page.route("**/fit/*work=true*", async (route) => {
    await new Promise((done) => setTimeout(done, 3000));
    await route.continue().catch(() => {});
  });
  await page.getByLabel("Make this").fill("8");
  await page.getByRole("button", { name: "Work it out" }).click();
  await expect(page.getByText("Working it out …")).toBeVisible();
  await page.getByRole("button", { name: "Stop" }).click();
  await expect(page.getByText("Stopped. Nothing was changed.")).toBeVisible();
});
