// What can be measured of how it looks: access, contrast, sizes, weight.
import AxeBuilder from "@axe-core/playwright";
import { expect, test } from "@playwright/test";
import { demo, makeClass, ready } from "./loft.js";

// Each test stands alone: both workers share them.
test.describe.configure({ mode: "parallel" });

// A page is loaded once on each kind of screen, and seen in each of its sizes, by day and by night.
// What was looked at in whole is looked at again for what the second look can change: colours by night, sizes and what scrolls on less width.
const colours = ["color-contrast", "link-in-text-block"];
const sizes = ["target-size", "scrollable-region-focusable", "color-contrast"];
const screens = {
  "a desk, by day and by night": [
    { width: 1280, height: 800 },
    { width: 1280, height: 800, night: true, rules: colours },
  ],
  "a phone, wider and narrower": [
    { width: 390, height: 844 },
    { width: 360, height: 740, rules: sizes },
  ],
};

async function axe(page, rules) {
  // One page without frames: its own results are all there are, and it needs no second page to gather them.
  const looks = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ["violations"], preload: false });
  const { violations } = await (
    rules ? looks.withRules(rules) : looks.withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"])
  ).analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target).join(" ; ")}`)).toEqual([]);
}

/** That size, by day or by night; what fades has faded. */
async function sized(page, size) {
  await page.setViewportSize({ width: size.width, height: size.height });
  await page.emulateMedia({ colorScheme: size.night ? "dark" : "light" });
  await page.waitForFunction(
    () => !document.getAnimations().some((a) => a.constructor.name === "CSSTransition" && a.playState === "running"),
  );
}

/** Nothing that axe finds in any size of a screen, and nothing wider than it. */
async function seen(page, screen) {
  for (const size of screen) {
    await sized(page, size);
    await axe(page, size.rules);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(size.width);
    // The lengths stand in a line that does not scroll: none of them is cut off.
    for (const length of await page.locator(".lengths dd:visible").all())
      expect(await length.evaluate((dd) => dd.getBoundingClientRect().right)).toBeLessThanOrEqual(size.width);
  }
  await sized(page, screen[0]);
}

const on = (name) => `on ${name}, and nothing is wider than it`;

const onFaulty = (plans, facets) => facets.map((facet) => plans.faulty.replace("plan", facet));

// A few pages a test, so that none of them needs a quick machine.
const groups = {
  "Shelf, New, House rules, Kit room": () => ["/", "/new", "/rules", "/kit-room", "/at-home?holder=Broom&other=2&other2=1"],
  "Moves and Plan": ({ faulty, plain }) => ["/moves?q=back,%20no%20kit", "/moves/goblet-squat", "/moves/goblet-squat/facts", faulty, plain],
  "a plan's first facets": (plans) => onFaulty(plans, ["balance", "effort", "print", "options", "tracks"]),
  "a plan's other facets": (plans) => onFaulty(plans, ["showing", "kit", "loads", "words", "rehearse"]),
  "facets that were asked something": ({ faulty, plain, bollards }) => [
    `${faulty.replace("plan", "effort")}?recovery=true`,
    `${plain.replace("plan", "options")}?also=wrists&also=no%20floor&close=true`,
    `${plain.replace("plan", "tracks")}?who=Newcomer&needs=knees&and=Strong`,
    `${bollards.replace("plan", "carousel")}?people=26&late=9&broken=1`,
  ],
};

for (const [kind, screen] of Object.entries(screens)) {
  for (const [name, addresses] of Object.entries(groups))
    test(`axe finds nothing on ${name} ${on(kind)}`, async ({ page }) => {
      test.slow();
      await page.goto("/");
      for (const size of screen) {
        await sized(page, size);
        expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe(
          size.night ? "rgb(20, 32, 46)" : "rgb(247, 241, 228)",
        );
      }
      const plans = {
        faulty: await demo(page, "Spring Tide"),
        plain: await demo(page, "Slack Water Strength"),
        bollards: await demo(page, "Ten Bollards"),
      };
      await sized(page, screen[0]);
      for (const address of addresses(plans)) {
        await page.goto(address);
        await seen(page, screen);
      }
    });

  test(`axe finds nothing on searches that have answered and on a card that was read ${on(kind)}`, async ({ page }) => {
    test.slow();
    await sized(page, screen[0]);
    await page.goto("/");
    const faulty = await demo(page, "Spring Tide");
    for (const [address, button, found] of [
      [`${faulty.replace("plan", "fit")}?minutes=20`, "#work", "#proposals > :not(.working-now, .fit-hint)"],
      ["/design?goal=muscle&format=Supersets&needs=knees&kit=mat,%20dumbbells&seed=2", "#draft-it", "#draft-title"],
      [`${faulty.replace("plan", "order")}?block=A%3A%20Flood`, "#work", ".proven"],
    ]) {
      await page.goto(address);
      await ready(page);
      await page.locator(button).click();
      await expect(page.locator(found).first()).toBeVisible();
      await seen(page, screen);
    }
    await page.goto("/new");
    await page
      .locator("#text")
      .fill("Quay, 20 mins, mats\n\nWU: march, squats\n3 rounds 40/20\nromanian dedlift\nSA DB row\nwater\nbring the flags");
    await page.getByRole("button", { name: "Read it" }).click();
    await expect(page.locator(".card-asked").first()).toBeVisible();
    await seen(page, screen);
  });

  test(`axe finds nothing on Teach, display, remote and follow ${on(kind)}`, async ({ page }) => {
    test.slow();
    await sized(page, screen[0]);
    await makeClass(page);
    await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
    await ready(page);
    await seen(page, screen);
    await page.getByText("Booking list, camera call, music, heart strap, voice").click();
    await page.locator("#outside-choice [name=bookings]").selectOption("on");
    await page.locator("#outside-choice [name=heart]").selectOption("fails");
    await expect(page.locator("#outside-faults")).toHaveText("The strap gives no signal.");
    await page.getByText("Screens, remote and people who follow").click();
    await page.getByRole("button", { name: "Make the codes" }).click();
    await expect(page.locator(".codes a")).toHaveCount(3);
    await seen(page, screen);
    const codes = (await page.locator(".codes a").allTextContents()).map((code) => new URL(code).pathname);
    await page.getByRole("button", { name: "Start", exact: true }).click();
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press(" ");
    await expect(page.locator("#title")).toHaveText("Goblet squat");
    await seen(page, screen);
    for (const code of codes) {
      const other = await page.context().newPage();
      await sized(other, screen[0]);
      await other.goto(code);
      await ready(other);
      await seen(other, screen);
      if (code.startsWith("/f/")) {
        await other.getByRole("button", { name: "I am ready" }).click();
        await expect(other.locator("#title")).toHaveText("Goblet squat");
        await seen(other, screen);
      }
      await other.close();
    }
    await page.keyboard.press("l");
    await seen(page, screen);
  });
}

test("across a hall: the number is a third of the screen, name and side an eighteenth, the rest a twenty-eighth", async ({ page }) => {
  await makeClass(
    page,
    (title) => `# ${title}\nfacing: class\n== A (circuit, work 40, rest 20)\nbent-over row, left | easier: supported\nsquat\n`,
  );
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press(" ");
  for (const size of [
    { width: 1280, height: 800 },
    { width: 1920, height: 1080 },
  ]) {
    await page.setViewportSize(size);
    const share = (id) => page.locator(id).evaluate((e) => parseFloat(getComputedStyle(e).fontSize) / innerHeight);
    // The digits' own height with their outline: seven tenths of the type's size, times the drawing's scale.
    const number = await page.locator("#number").evaluate((e) => {
      const scale = e.getScreenCTM().d;
      return ((parseFloat(getComputedStyle(e).fontSize) * 0.68 + parseFloat(getComputedStyle(e).strokeWidth)) * scale) / innerHeight;
    });
    expect(number).toBeGreaterThanOrEqual(1 / 3);
    for (const id of ["#title", "#side"]) expect(await share(id)).toBeGreaterThanOrEqual(1 / 18);
    for (const id of ["#next-title", "#place", "#options", "#cue", "#then", "#you"]) expect(await share(id)).toBeGreaterThanOrEqual(1 / 28);
  }
  // In the hand: large enough to read at arm's length, and what comes stands above the keys.
  await page.setViewportSize({ width: 390, height: 844 });
  const px = (id) => page.locator(id).evaluate((e) => parseFloat(getComputedStyle(e).fontSize));
  for (const id of ["#title", "#side"]) expect(await px(id)).toBeGreaterThanOrEqual(24);
  for (const id of ["#next-title", "#place", "#options", "#then", "#you"]) expect(await px(id)).toBeGreaterThanOrEqual(16);
  const [next, keys] = await Promise.all(["#next-title", "#controls"].map((id) => page.locator(id).boundingBox()));
  expect(next.y + next.height).toBeLessThanOrEqual(keys.y);
});

const luminance = ([r, g, b]) =>
  [r, g, b]
    .map((c) => c / 255)
    .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4))
    .reduce((sum, c, i) => sum + c * [0.2126, 0.7152, 0.0722][i], 0);
const contrast = (a, b) => {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light + 0.05) / (dark + 0.05);
};
const colour = (text) =>
  text
    .match(/[\d.]+/g)
    .slice(0, 3)
    .map(Number);

test("a count reads on any cloth, and outlines and ropes stand out from the ground", async ({ page }) => {
  await page.goto(await demo(page, "Rope Walk"));
  const seen = await page.evaluate(() => {
    const of = (selector, property) => getComputedStyle(document.querySelector(selector))[property];
    return {
      ground: of("html", "backgroundColor"),
      number: of(".bunting .count", "fill"),
      edge: of(".bunting .count", "stroke"),
      outline: of(".bunting .cloth", "stroke"),
      rope: of(".bunting .rope", "stroke"),
      level: of(".bunting .level", "stroke"),
      missing: of(".bunting .rope-round", "fill"),
    };
  });
  // The number carries its own outline, so the outline is what it is read against.
  expect(contrast(colour(seen.number), colour(seen.edge))).toBeGreaterThanOrEqual(4.5);
  expect(contrast(colour(seen.missing), colour(seen.ground))).toBeGreaterThanOrEqual(4.5);
  for (const shape of ["outline", "rope", "level"]) expect(contrast(colour(seen[shape]), colour(seen.ground))).toBeGreaterThanOrEqual(3);

  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await page.waitForURL("**/session/**");
  await page.waitForLoadState("load");
  const hall = await page.evaluate(() => {
    const of = (selector, property) => getComputedStyle(document.querySelector(selector))[property];
    return {
      ground: of("body", "backgroundColor"),
      number: of("#number", "fill"),
      edge: of("#number", "stroke"),
      said: of("#title", "color"),
      less: of("#place", "color"),
      call: of("#then", "color"),
    };
  });
  expect(contrast(colour(hall.number), colour(hall.edge))).toBeGreaterThanOrEqual(7);
  for (const words of ["said", "less", "call"]) expect(contrast(colour(hall[words]), colour(hall.ground))).toBeGreaterThanOrEqual(7);
});

test("a first visit to Plan moves under 250 kB, compressed, fonts included", async ({ browser, page }) => {
  const address = await demo(page, "Slack Water");
  const fresh = await browser.newPage();
  const session = await fresh.context().newCDPSession(fresh);
  await session.send("Network.enable");
  let bytes = 0;
  session.on("Network.loadingFinished", (event) => (bytes += event.encodedDataLength));
  await fresh.goto(address, { waitUntil: "networkidle" });
  console.log(`first visit to Plan: ${Math.round(bytes / 1000)} kB`);
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThan(250_000);
  await fresh.close();
});

test("the run sheet of up to twenty lines is one page of A4, with a tear-off after it", async ({ page }) => {
  const address = await demo(page, "Ferry Half Hour");
  await page.goto(address.replace("plan", "print"));
  const lines = await page.locator(".run-lines li").count();
  expect(lines).toBe(21);
  const pages = async () => (await page.pdf({ preferCSSPageSize: true })).toString("latin1").match(/\/Type\s*\/Page\b/g).length;
  expect(await pages()).toBeLessThanOrEqual(3);
  await page.goto((await demo(page, "Slack Water")).replace("plan", "print"));
  expect(await page.locator(".run-lines li").count()).toBeLessThanOrEqual(20);
  expect(await pages()).toBe(2);
  const size = await page
    .locator(".run-lines li")
    .first()
    .evaluate((e) => parseFloat(getComputedStyle(e).fontSize));
  expect(size).toBeGreaterThanOrEqual((14 * 96) / 72 - 0.1);
});
