// Finding a move by what one knows of it, where one is chosen and on its own screen; one's own moves.
import { expect, test } from "@playwright/test";
import { makeClass, ready } from "./loft.js";

test("moves are found as one types, and one is read", async ({ page }) => {
  await page.goto("/moves");
  await page.locator("#q").fill("chest, no floor");
  await expect(page.locator(".found-told")).toContainText("understood: chest · no floor");
  await expect(page.locator(".move-name", { hasText: /^wall push-up$/ })).toBeVisible();
  await page.locator(".move-list a", { hasText: "wall push-up" }).click();
  await expect(page.getByRole("heading", { name: "wall push-up", level: 1 })).toBeVisible();
  await expect(page.locator(".ladder .here")).toContainText("wall push-up");
});

test("in Plan a move is found by what it works and goes into the field, by keyboard", async ({ page }) => {
  await makeClass(page);
  await ready(page);
  await page.locator("#find-move summary").focus();
  await page.keyboard.press("Enter");
  await page.locator("#find-q").fill("back, no kit, spare the wrists");
  const pick = page.locator(".name-pick", { hasText: "prone row" });
  await expect(pick).toBeVisible();
  await pick.focus();
  await page.keyboard.press("Enter");
  await expect(page.locator("#add-line")).toBeFocused();
  await expect(page.locator("#add-line")).toHaveValue("prone row");
  const before = await page.locator(".station").count();
  await page.keyboard.press("Enter");
  await expect(page.locator(".station")).toHaveCount(before + 1);
});

test("a name nobody knows gets its facts from its finding and is a move of the studio's own", async ({ page }) => {
  await makeClass(page);
  await ready(page);
  await page.locator("#add-line").fill("quay wiggle 40s");
  await page.keyboard.press("Enter");
  await page.getByRole("link", { name: "Say its facts: quay wiggle" }).click();
  await expect(page.locator("#f-name")).toHaveValue("quay wiggle");
  await page.getByLabel("Begin as a move that is like it").fill("squat");
  await page.getByRole("button", { name: "Take its facts" }).click();
  await expect(page.locator("#f-muscles")).toHaveValue(/quads/);
  await page.getByRole("button", { name: "Keep it" }).click();
  await ready(page);
  await expect(page.getByRole("link", { name: "Say its facts: quay wiggle" })).toHaveCount(0);
  await page.goto("/moves?q=own");
  await page.locator(".move-list a", { hasText: "quay wiggle" }).click();
  await page.getByRole("button", { name: "Forget it" }).click();
  await page.goto("/moves?q=own");
  await expect(page.locator(".move-list a", { hasText: "quay wiggle" })).toHaveCount(0);
});
