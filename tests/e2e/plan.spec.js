import { expect, test } from "@playwright/test";
import { makeClass } from "./loft.js";

test("a station is found by two letters, added, moved by keyboard and taken out", async ({ page }) => {
  await makeClass(page);
  const names = await page.locator("#moves option").evaluateAll((options) => options.map((o) => o.value));
  expect(names.filter((n) => n.startsWith("go"))).toContain("goblet squat");
  await page.keyboard.press("Alt+a");
  await page.keyboard.type("calf raise");
  await page.keyboard.press("Enter");
  await expect(page.locator(".station")).toHaveCount(4);
  await expect(page.locator("#move-4")).toHaveValue("calf raise");
  await expect(page.locator("#add-line")).toBeFocused();

  await page.locator("#move-4").focus();
  await page.keyboard.press("Alt+ArrowUp");
  await expect(page.locator("#move-3")).toHaveValue("calf raise");
  await expect(page.locator("#up-3")).toBeFocused();
  await page.keyboard.press("Alt+Delete");
  await expect(page.locator(".station")).toHaveCount(3);
});

test("stations are reordered by dragging their flag", async ({ page }) => {
  await makeClass(page);
  const from = await page.locator("#s1 .handle").boundingBox();
  const to = await page.locator("#s3 .handle").boundingBox();
  await page.mouse.move(from.x + 12, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(to.x + 12, to.y + 6, { steps: 12 });
  await page.mouse.move(to.x + 12, to.y + 26, { steps: 6 });
  await page.mouse.up();
  await expect(page.locator("#move-3")).toHaveValue("goblet squat");
  await expect(page.locator("#move-1")).toHaveValue("push-up");
});

test("a wrong value is told beside its field and the focus stays", async ({ page }) => {
  await makeClass(page);
  await page.locator("#amount-1").fill("0s");
  await page.locator("#amount-1").press("Tab");
  await expect(page.locator("#s1 .field-error")).toContainText("at least 1 s");
  await expect(page.locator("#amount-1")).toHaveValue("0s");
  await expect(page.locator("#load-1")).toBeFocused();
});

test("two tabs: the second is told, and may put its change on top", async ({ page, context }) => {
  await makeClass(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await page.locator("#amount-1").fill("30s");
  await page.locator("#amount-1").press("Tab");
  await expect(page.locator("#undo")).toBeEnabled();
  await other.locator("#amount-2").fill("50s");
  await other.locator("#amount-2").press("Tab");
  await expect(other.locator(".stale")).toContainText("changed in another tab");
  await other.getByRole("button", { name: "Put mine on top" }).click();
  await expect(other.locator("#amount-1")).toHaveValue("30s");
  await expect(other.locator("#amount-2")).toHaveValue("50s");
});

test("a paste over the limit is refused before it is sent and stays in place", async ({ page }) => {
  await page.goto("/new");
  const text = "# T\n" + "x".repeat(210_000);
  await page.locator("#text").evaluate((area, value) => (area.value = value), text);
  let sent = 0;
  page.on("request", (request) => (sent += request.method() === "POST" ? 1 : 0));
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(page.getByText("That is 210 kB; a sheet is at most 200 kB.")).toBeVisible();
  expect(sent).toBe(0);
  expect((await page.locator("#text").inputValue()).length).toBe(text.length);
});

test("a flag opens by keyboard and its label tells everything", async ({ page }) => {
  await makeClass(page);
  const flag = page.locator(".line.wide a.flag", { has: page.locator("title", { hasText: "Bent-over row" }) });
  await flag.focus();
  await page.keyboard.press("Enter");
  await expect(page.locator("#move-1")).toHaveValue("bent-over row");
});

test.describe("without script", () => {
  test.use({ javaScriptEnabled: false });

  test("a class is made, changed and taught", async ({ page }) => {
    await makeClass(page);
    await page.locator("#amount-1").fill("30s");
    await page.locator("#s1").getByRole("button", { name: "Set", exact: true }).last().click();
    await expect(page.locator("#clock")).toHaveText("6:46");
    await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
    await page.getByRole("button", { name: "Start", exact: true }).click();
    await expect(page.locator("#main")).toHaveAttribute("data-state", "running");
  });
});
