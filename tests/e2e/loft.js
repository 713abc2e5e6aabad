// What the tests share: a class of their own, and ways to it.
import { expect } from "@playwright/test";

/** A sheet under a title that no other test uses. */
export const sheet = (title) => `# ${title}
minutes: 10
facing: class

== Welcome (talk 20s)

== A: Deck (circuit, 2 rounds, work 40, rest 20, between 60)
goblet squat [heavy] | easier: squat to chair
push-up | easier: knee push-up
side plank, switch halfway

== B: Ropes (circuit, rest 30)
bent-over row x12 [heavy]
`;

let count = 0;

/** Makes a class by pasting a sheet; gives its title. */
export async function makeClass(page, text = sheet, { scripted = true } = {}) {
  const title = `Loft ${process.pid} ${++count}`;
  await page.goto("/new");
  await page.locator("#text").fill(text(title));
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByRole("heading", { name: title, level: 1 })).toBeVisible();
  if (scripted) await ready(page);
  return title;
}

/** Waits until a page's script has taken over. */
export const ready = (page) => expect(page.locator("html")).toHaveAttribute("data-ready", "yes");

/** Address of the demo class of that title. */
export async function demo(page, title) {
  await page.goto(`/?q=${encodeURIComponent(title)}`);
  return page.locator(".class-card", { hasText: title }).first().getAttribute("href");
}

/** The row of a station by its place in the open block, from 1. */
export const row = (page, number) => page.locator(".station").nth(number - 1);

/** A field of that row. */
export const field = (page, number, name) => row(page, number).locator(`input[name=${name}]`);

/** The class as a sheet, unfolded so that it is brought up to date. */
export async function sheetText(page) {
  await page.locator("#sheet").evaluate((part) => (part.open = true));
  return page.locator("#sheet-text");
}

/** Holds every post until the function it gives is called. */
export async function slowServer(page) {
  let open;
  const gate = new Promise((done) => (open = done));
  await page.route("**/plan/**", async (route) => {
    if (route.request().method() === "POST") await gate;
    await route.continue();
  });
  return open;
}
