// A scribbled card: pasted, read, asked about, and a class in three actions.
import { expect, test } from "@playwright/test";

const card = (title) =>
  `${title}, 20 mins, mats\n\nWU 4 min: march, squats\n3 rounds 40/20, 60s between rounds\ngoblet squat (heavy)\nromanian dedlift\nbring the flags`;

async function read(page, title) {
  await page.goto("/new");
  await page.locator("#text").fill(card(title));
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.locator("#card")).toBeVisible();
}

test("a card becomes a class in three actions", async ({ page }) => {
  const wrongs = [];
  page.on("pageerror", (error) => wrongs.push(error.message));
  await read(page, "Quay one");
  await expect(page.locator("#read-4")).toContainText("3 rounds · 40 s on · 20 s off · 60 s between rounds");
  await expect(page.locator("#read-7")).toContainText("note, kept here");
  await page.getByRole("button", { name: "Make this class" }).click();
  await expect(page.getByRole("heading", { name: "Quay one", level: 1 })).toBeVisible();
  await expect(page.locator("#sheet-text")).toHaveValue(/Romanian deadlift/);
  expect(wrongs).toEqual([]);
});

test("a line that is changed is read as it is typed, and the keyboard stays in it", async ({ page }) => {
  await read(page, "Quay two");
  const line = page.locator("#text-5");
  await line.fill("goblet squat x12");
  await expect(page.locator("#read-5")).toContainText("×12");
  await expect(line).toBeFocused();
  await expect(line).toHaveValue("goblet squat x12");
});

test("a question is answered by the arrow keys, and its line says so", async ({ page }) => {
  await read(page, "Quay three");
  await page.locator("#read-6 input[type=radio]").first().focus();
  await page.keyboard.press("ArrowLeft");
  await expect(page.locator("#text-6")).toHaveValue("note: romanian dedlift");
  await expect(page.locator("#card-sum")).toContainText("Nothing is unsure");
});

test.describe("without script", () => {
  test.use({ javaScriptEnabled: false });
  test("the same in two pages", async ({ page }) => {
    await read(page, "Quay four");
    await page.getByText("a note", { exact: true }).click();
    await page.getByRole("button", { name: "Read it again" }).click();
    await expect(page.locator("#text-6")).toHaveValue("note: romanian dedlift");
    await page.getByRole("button", { name: "Make this class" }).click();
    await expect(page.getByRole("heading", { name: "Quay four", level: 1 })).toBeVisible();
  });
});
