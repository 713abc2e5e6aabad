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
export async function makeClass(page, text = sheet) {
  const title = `Loft ${process.pid} ${++count}`;
  await page.goto("/new");
  await page.getByLabel(/The class as you would scribble/).fill(text(title));
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(page.getByRole("heading", { name: title, level: 1 })).toBeVisible();
  return title;
}

/** Address of the demo class of that title. */
export async function demo(page, title) {
  await page.goto("/");
  return page.locator(".class-card", { hasText: title }).first().getAttribute("href");
}
