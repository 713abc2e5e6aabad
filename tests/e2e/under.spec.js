// What lies under the line.
import { expect, test } from "@playwright/test";
import { makeClass, ready } from "./loft.js";

test("level, effort and recovery lie under the line one at a time, follow edits and come back with the page", async ({ page }) => {
  await makeClass(page);
  await ready(page);
  const drawing = page.locator("#under-drawing");
  const level = page.locator(".line.wide .level").first();
  await expect(level).toBeVisible();
  await page.getByRole("radio", { name: "effort" }).check();
  await expect(drawing.locator("svg.effort")).toBeVisible();
  await expect(level).toBeHidden();
  const before = await drawing.locator("svg").getAttribute("aria-label");
  await page.locator(".line.wide a.flag").first().focus();
  await page.keyboard.press("+");
  await expect(drawing.locator("svg")).not.toHaveAttribute("aria-label", before);
  await page.getByRole("radio", { name: "recovery" }).check();
  await expect(drawing.locator("svg.recovery")).toBeVisible();
  await expect(drawing.locator("svg.effort")).toHaveCount(0);
  await page.reload();
  await ready(page);
  await expect(page.getByRole("radio", { name: "recovery" })).toBeChecked();
  await expect(drawing.locator("svg.recovery")).toBeVisible();
  await page.getByRole("radio", { name: "level" }).check();
  await expect(drawing).toBeEmpty();
  await expect(level).toBeVisible();
});

test("an earlier state is laid over the line, with its length, before it is brought back", async ({ page }) => {
  await makeClass(page);
  await ready(page);
  await page.locator(".line.wide a.flag").first().focus();
  await page.keyboard.press("+");
  await expect(page.locator(".last-change")).not.toBeEmpty();
  await page.locator("#history summary").first().click();
  const back = page.getByRole("button", { name: /^Bring back/ }).last();
  await back.focus();
  await expect(page.locator("#pulled")).toContainText("becomes");
  await expect(page.locator(".line.wide .bunting.ghost").first()).toBeVisible();
  await page.keyboard.press("Tab");
  await expect(page.locator(".bunting.ghost")).toHaveCount(0);
});
