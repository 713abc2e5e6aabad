// Everyone in the room: the net closed, a shortage mended, a floor laid out by hand and by keys.
import { expect, test } from "@playwright/test";
import { demo, makeClass } from "./loft.js";

test("a crossing of the net is pressed, a way named for it, and the net closed", async ({ page }) => {
  await makeClass(
    page,
    (title) => `# ${title}\nneeds: wrists, knees\nkit: mat, dumbbells\n== A (circuit, work 40, rest 20)\npush-up\nplank\njump squat\n`,
  );
  await page.getByRole("link", { name: "Options", exact: true }).click();
  await expect(page.locator(".knot-open")).toHaveCount(2);
  await page.getByRole("link", { name: "Push-up, wrists: open" }).press("Enter");
  await expect(page.locator("#ways h2")).toHaveText("Push-up, for wrists");
  await page
    .locator("#ways li")
    .first()
    .getByRole("button", { name: /^Name / })
    .click();
  await expect(page.locator(".knot-open")).toHaveCount(1);
  await page.getByRole("link", { name: /^Close the/ }).click();
  await page.getByRole("button", { name: "Name them all" }).click();
  await expect(page.locator("#net-title")).toHaveText("Everyone has a way at every station");
});

test("a floor is laid out by hand and by keys, and stays so, on another device too", async ({ page, browser }) => {
  await page.goto((await demo(page, "Ten Bollards")).replace("plan", "carousel"));
  const pitch = page.locator(".pitch").nth(3);
  const box = await pitch.boundingBox();
  await page.mouse.move(box.x + 30, box.y + 30);
  await page.mouse.down();
  await page.mouse.move(box.x - 30, box.y + 110, { steps: 5 });
  await page.mouse.up();
  await expect(pitch).toHaveAttribute("transform", /translate\(-/);
  await pitch.focus();
  await page.keyboard.press("ArrowDown");
  const place = await pitch.getAttribute("transform");
  await page.reload();
  await expect(pitch).toHaveAttribute("transform", place);
  const other = await (await browser.newContext()).newPage();
  await expect(async () => {
    await other.goto(page.url());
    await expect(other.locator(".pitch").nth(3)).toHaveAttribute("transform", place, { timeout: 1000 });
  }).toPass();
  // While the server is away the places are kept here, told, and sent when the page is opened again.
  await page.route(/handler=Floor/, (route) => route.abort());
  await pitch.focus();
  await page.keyboard.press("ArrowDown");
  await expect(page.locator("#floor-told")).toContainText("kept on this device");
  const unsent = await pitch.getAttribute("transform");
  await page.unroute(/handler=Floor/);
  await page.reload();
  await expect(pitch).toHaveAttribute("transform", unsent);
  await expect(async () => {
    await other.reload();
    await expect(other.locator(".pitch").nth(3)).toHaveAttribute("transform", unsent, { timeout: 1000 });
  }).toPass();
  await page.getByRole("button", { name: "As it was drawn" }).click();
  await expect(pitch).toHaveAttribute("transform", "translate(0 0)");
});
