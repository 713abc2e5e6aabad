import { expect, test } from "@playwright/test";
import { field, makeClass, ready, row, sheetText, slowServer } from "./loft.js";

test("a station is found by two letters, added, moved by keyboard and taken out", async ({ page }) => {
  await makeClass(page);
  const names = await page.locator("#moves option").evaluateAll((options) => options.map((o) => o.value));
  expect(names.filter((n) => n.startsWith("go"))).toContain("goblet squat");
  await page.keyboard.press("Alt+a");
  await page.keyboard.type("calf raise");
  await page.keyboard.press("Enter");
  await expect(page.locator(".station")).toHaveCount(4);
  await expect(field(page, 4, "move")).toHaveValue("calf raise");
  await expect(page.locator("#add-line")).toBeFocused();

  await field(page, 4, "move").focus();
  await page.keyboard.press("Alt+ArrowUp");
  await expect(field(page, 3, "move")).toHaveValue("calf raise");
  await expect(row(page, 3).locator("button[value=up]")).toBeFocused();
  await page.keyboard.press("Alt+Delete");
  await expect(page.locator(".station")).toHaveCount(3);
});

test("stations are reordered by dragging their flag", async ({ page }) => {
  await makeClass(page);
  await row(page, 3).scrollIntoViewIfNeeded();
  const from = await row(page, 1).locator(".handle").boundingBox();
  await page.mouse.move(from.x + 12, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(from.x + 12, from.y + 24, { steps: 4 });
  await expect(page.locator(".station.dragged input[name=move]")).toHaveValue("goblet squat");
  // The list makes room while the hand moves on: on to the last row, until the dragged one stands there.
  await expect(async () => {
    const last = await row(page, 3).locator(".handle").boundingBox();
    await page.mouse.move(last.x + 12, last.y + 4);
    await page.mouse.move(last.x + 12, last.y + last.height - 2, { steps: 3 });
    await expect(field(page, 3, "move")).toHaveValue("goblet squat", { timeout: 200 });
  }).toPass();
  await page.mouse.up();
  await expect(field(page, 3, "move")).toHaveValue("goblet squat");
  await expect(field(page, 1, "move")).toHaveValue("push-up");
});

test("a wrong value is told beside its field and the focus stays", async ({ page }) => {
  await makeClass(page);
  await field(page, 1, "amount").fill("0s");
  await field(page, 1, "amount").press("Tab");
  await expect(row(page, 1).locator(".field-error")).toContainText("at least 1 s");
  await expect(field(page, 1, "amount")).toHaveValue("0s");
  await expect(field(page, 1, "load")).toBeFocused();
});

test("two tabs: what differs goes in beside the other, the same thing is asked about", async ({ page, context }) => {
  // The other's change is met by the edit, not seen beforehand.
  await context.route(/handler=revision/, (route) => route.abort());
  await makeClass(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await ready(other);
  await field(page, 1, "amount").fill("30s");
  await field(page, 1, "amount").press("Tab");
  await expect(page.locator("#undo")).toBeEnabled();
  await field(other, 2, "amount").fill("50s");
  await field(other, 2, "amount").press("Tab");
  await expect(field(other, 1, "amount")).toHaveValue("30s");
  await field(page, 2, "amount").fill("20s");
  await field(page, 2, "amount").press("Tab");
  await expect(page.locator(".stale")).toContainText("changed in another tab");
  await expect(page.locator(".stale")).toBeFocused();
  await page.getByRole("button", { name: "Put mine on top" }).click();
  await expect(page.locator(".stale")).toHaveCount(0);
  await expect(field(page, 2, "amount")).toHaveValue("20s");
  await expect(field(page, 1, "amount")).toHaveValue("30s");
});

test("with a slow server, what is typed stays on its station while another is taken out", async ({ page }) => {
  await makeClass(page);
  const answer = await slowServer(page);
  await row(page, 1).locator("button[value=remove]").click();
  await field(page, 3, "amount").fill("25s");
  await field(page, 3, "amount").press("Tab");
  await field(page, 2, "amount").fill("not sent");
  answer();
  await expect(page.locator(".station")).toHaveCount(2);
  await expect(field(page, 2, "move")).toHaveValue("side plank");
  await expect(field(page, 2, "amount")).toHaveValue("25s");
  await expect(field(page, 1, "amount")).toHaveValue("not sent");
  await expect(field(page, 1, "amount")).toBeFocused();
  await expect(await sheetText(page)).toHaveValue(/push-up \|[^\n]*\nside plank 25s/);
});

test("what is open stays open, what is typed stays typed, through an edit elsewhere", async ({ page }) => {
  await makeClass(page);
  await row(page, 2).locator(".ways > summary").click();
  await page.locator("#brief > summary").click();
  await page.locator("#brief-place").evaluate((input) => (input.value = "the old sail loft"));
  await page.locator("#block-line").fill("3 rounds 40/20: goblet");
  await field(page, 1, "amount").fill("30s");
  await field(page, 1, "amount").press("Tab");
  await expect(page.locator("#undo")).toBeEnabled();
  await expect(field(page, 2, "easier")).toBeVisible();
  await expect(page.locator("#brief-place")).toHaveValue("the old sail loft");
  await expect(page.locator("#block-line")).toHaveValue("3 rounds 40/20: goblet");
  await expect(field(page, 1, "load")).toBeFocused();
});

test("a refused value stays with its reason through the next good edit, and goes once it is typed anew", async ({ page }) => {
  await makeClass(page);
  await field(page, 2, "amount").fill("99:99");
  await field(page, 2, "amount").press("Tab");
  await expect(row(page, 2).locator(".field-error")).toContainText("go to 59");
  await expect(row(page, 2).locator(".field-error")).toBeInViewport();
  await field(page, 1, "amount").fill("30s");
  await field(page, 1, "amount").press("Tab");
  await expect(page.locator("#undo")).toBeEnabled();
  await expect(field(page, 2, "amount")).toHaveValue("99:99");
  await expect(row(page, 2).locator(".field-error")).toContainText("go to 59");
  await field(page, 2, "amount").fill("20s");
  await field(page, 2, "amount").press("Enter");
  await expect(row(page, 2).locator(".field-error")).toHaveCount(0);
  await expect(await sheetText(page)).toHaveValue(/push-up 20s/);
});

test("one Enter is one request", async ({ page }) => {
  await makeClass(page);
  let posts = 0;
  page.on("request", (request) => (posts += request.method() === "POST" ? 1 : 0));
  await field(page, 1, "amount").fill("30s");
  await field(page, 1, "amount").press("Enter");
  await expect(await sheetText(page)).toHaveValue(/goblet squat 30s/);
  await field(page, 2, "amount").fill("20s");
  await field(page, 2, "amount").press("Enter");
  await expect(await sheetText(page)).toHaveValue(/push-up 20s/);
  expect(posts).toBe(2);
});

test("Ctrl+Z in a field puts back what stood there, then takes back the last change, and saves nothing old", async ({ page }) => {
  await makeClass(page);
  const rounds = page.getByLabel("Rounds", { exact: true });
  await rounds.fill("3");
  await rounds.press("Enter");
  await expect(await sheetText(page)).toHaveValue(/3 rounds/);
  await rounds.fill("5");
  await rounds.press("Control+z");
  await expect(rounds).toHaveValue("3");
  await rounds.press("Control+z");
  await expect(rounds).toHaveValue("2");
  await expect(page.locator(".last-change")).toHaveText("took back: changed rounds in A: Deck");
  await rounds.press("Tab");
  await expect(page.locator("#undo")).toBeDisabled();
  await expect(await sheetText(page)).toHaveValue(/2 rounds/);
});

test("a block that is renamed stays open after a reload, and what was left in it stays left", async ({ page }) => {
  await makeClass(
    page,
    (title) => `# ${title}\n== First (circuit, work 30)\nsquat\n== A (circuit, work 70, rest 5)\nwrist curl\nwrist curl\n`,
  );
  await page.locator(".tab", { hasText: "A" }).click();
  const streak = page.locator(".finding:not(.left)", { hasText: "Forearms" });
  await page.locator("details.small-notes", { has: streak }).locator("> summary").click();
  await streak.locator(".leave > summary").click();
  await streak.getByLabel("Why it may stay").fill("They asked for it");
  await streak.getByRole("button", { name: "Leave it" }).click();
  await expect(page.locator(".finding.left")).toHaveCount(1);
  await page.locator("#set-name").fill("Anchor");
  await page.locator("#set-name").press("Enter");
  await expect(page.locator(".tab[aria-current]")).toContainText("Anchor");
  await expect(page.locator(".finding.left")).toHaveCount(1);
  await page.reload();
  await expect(page.locator(".tab[aria-current]")).toContainText("Anchor");
});

test("a server that is gone and comes back loses nothing that was typed", async ({ page, context }) => {
  await makeClass(page);
  await context.setOffline(true);
  await field(page, 1, "amount").fill("30s");
  await field(page, 1, "amount").press("Enter");
  await expect(row(page, 1).locator(".field-error")).toContainText("did not answer");
  await expect(field(page, 1, "amount")).toHaveValue("30s");
  await context.setOffline(false);
  await field(page, 1, "amount").press("Enter");
  await expect(await sheetText(page)).toHaveValue(/goblet squat 30s/);
  await expect(row(page, 1).locator(".field-error")).toHaveCount(0);
});

test("a paste over the limit is refused before it is sent and stays in place", async ({ page }) => {
  await page.goto("/new");
  const text = "# T\n" + "x".repeat(210_000);
  await page.locator("#text").evaluate((area, value) => (area.value = value), text);
  let sent = 0;
  page.on("request", (request) => (sent += request.method() === "POST" ? 1 : 0));
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByText("That is 210 kB; a sheet is at most 200 kB.")).toBeVisible();
  expect(sent).toBe(0);
  expect((await page.locator("#text").inputValue()).length).toBe(text.length);
});

test("a flag opens by keyboard and its label tells everything", async ({ page }) => {
  await makeClass(page);
  const flag = page.locator(".line.wide a.flag", { has: page.locator("title", { hasText: "Bent-over row" }) });
  await flag.focus();
  await page.keyboard.press("Enter");
  await expect(field(page, 1, "move")).toHaveValue("bent-over row");
});

test.describe("without script", () => {
  test.use({ javaScriptEnabled: false });

  test("a class is made, changed and taught", async ({ page }) => {
    await makeClass(page, undefined, { scripted: false });
    await field(page, 1, "amount").fill("30s");
    await row(page, 1).getByRole("button", { name: "Save", exact: true }).last().click();
    await expect(page.locator("#clock")).toHaveText("6:46");
    await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
    await page.getByRole("button", { name: "Start", exact: true }).click();
    await expect(page.locator("#main")).toHaveAttribute("data-state", "running");
  });
});

test("Brief unfolds from the rail, from another screen of the class too", async ({ page }) => {
  await makeClass(page);
  await page.locator(".rail").getByRole("link", { name: "Brief" }).click();
  await expect(page.getByLabel("Title")).toBeVisible();
  await page.getByRole("link", { name: "Balance", exact: true }).click();
  await page.locator(".rail").getByRole("link", { name: "Brief" }).click();
  await ready(page);
  await expect(page.getByLabel("Title")).toBeVisible();
  await page.locator("#flag-key > summary").press("Enter");
  await expect(page.locator("#flag-key .cloth").first()).toBeVisible();
});
