// A class with a second screen, a remote and someone who follows: three browsers beside the one that teaches.
import { expect, test } from "@playwright/test";
import { makeClass, ready } from "./loft.js";

// The server these tests run against has a clock of ten times the speed; the class is long, so that it waits for the test.
const SPEED = 10;

const sheet = `# Harbour steps
needs: knees
== A (circuit, 2 rounds, work 900, rest 300, between 300, after 300)
goblet squat | easier: squat to chair | harder: slower | for knees: glute bridge
push-up | easier: knee push-up
== B (circuit, work 900, rest 300)
side plank, each side
dead bug
`;

/** Teaches the class in one browser and gives the addresses of the others. */
async function teach(page) {
  await page.goto("/new");
  const id = await page.evaluate(async (text) => {
    const token = document.querySelector("input[name=__RequestVerificationToken]").value;
    const answer = await fetch("/new?handler=Text", {
      method: "POST",
      body: new URLSearchParams({ text, __RequestVerificationToken: token }),
    });
    return answer.url.match(/[0-9a-f-]{36}/)[0];
  }, sheet);
  await page.goto(`/plan/${id}`);
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await page.getByText("Screens, remote and people who follow").click();
  await page.getByRole("button", { name: "Make the codes" }).click();
  await expect(page.locator(".codes a")).toHaveCount(3);
  return (await page.locator(".codes a").allTextContents()).map((address) => new URL(address).pathname);
}

const moment = async (page) => {
  const { segment, msIn } = await page.evaluate(() => ({ ...document.documentElement.dataset }));
  return { segment: Number(segment), msIn: Number(msIn) };
};

test("display, remote and follower go with the class, each right within a quarter of a second, one of them with a clock an hour wrong", async ({
  page,
  browser,
}) => {
  const [display, remote, follow] = await teach(page);
  const [hall, phone, home] = await Promise.all([browser.newContext(), browser.newContext(), browser.newContext()]);
  const [hallPage, phonePage, homePage] = await Promise.all([hall.newPage(), phone.newPage(), home.newPage()]);
  await homePage.addInitScript(() => {
    const real = Date.now;
    Date.now = () => real() + 3_600_000;
  });
  await Promise.all([hallPage.goto(display), phonePage.goto(remote), homePage.goto(follow)]);
  await Promise.all([hallPage, phonePage, homePage].map(ready));
  await homePage.getByLabel("knees").check();
  await homePage.getByRole("button", { name: "I am ready" }).click();

  // The remote starts it, everyone sees it. The first move comes of itself: a “next” here would skip it wherever the ten seconds before it are over already.
  await phonePage.getByRole("button", { name: "Start", exact: true }).click();
  await expect(page.locator("main")).toHaveAttribute("data-state", "running");
  for (const one of [page, hallPage]) await expect(one.locator("#title")).toHaveText("Goblet squat");
  await expect(homePage.locator("#title")).toHaveText("Glute bridge");
  await expect(phonePage.locator("#title")).toHaveText("Goblet squat");

  // The same moment everywhere: asked at once, and again after one has slept.
  await homePage.evaluate(() => window.dispatchEvent(new window.Event("pageshow")));
  await expect
    .poll(async () => {
      const [a, b] = await Promise.all([moment(hallPage), moment(homePage)]);
      return a.segment === b.segment && Math.abs(a.msIn - b.msIn) < 250 * SPEED;
    })
    .toBe(true);

  // Pressed here, shown there: pause, and the stop that everyone has to see.
  await page.keyboard.press(" ");
  for (const one of [hallPage, homePage]) await expect(one.locator("#say")).toHaveText("Paused.");
  await phonePage.getByRole("button", { name: "Stop – someone needs me" }).click();
  for (const one of [page, hallPage, homePage]) await expect(one.locator("main")).toHaveAttribute("data-state", "stopped");
  await phonePage.getByRole("button", { name: "Go on" }).click();
  for (const one of [page, hallPage, homePage]) await expect(one.locator("main")).toHaveAttribute("data-state", "running");

  // Off the network and back: right again at once.
  await home.setOffline(true);
  await phonePage.getByRole("button", { name: "Next" }).click();
  await phonePage.getByRole("button", { name: "Next" }).click();
  await expect(hallPage.locator("#title")).toHaveText("Push-up");
  await home.setOffline(false);
  await expect(homePage.locator("#title")).toHaveText("Push-up");

  // What one did is noted under a nickname; the instructor finds it in the record.
  await phonePage.getByRole("button", { name: "Next" }).click();
  await homePage.getByLabel("clean reps").fill("14");
  await homePage.getByLabel("sent as").fill("Wren");
  await homePage.getByRole("button", { name: "Note it" }).click();
  await expect(homePage.locator("#note-says")).toHaveText("Sent as Wren.");

  // The end ends the codes; a follower may do it once more alone.
  await page.keyboard.press("e");
  await page.getByRole("button", { name: "End it" }).click();
  await expect(page).toHaveURL(/record/);
  await expect(page.locator("main")).toContainText("Wren");
  await expect(homePage.getByRole("button", { name: "Do it once more, alone" })).toBeVisible();
  expect((await hallPage.request.get(display)).status()).toBe(410);
  await homePage.getByRole("button", { name: "Do it once more, alone" }).click();
  await homePage.locator("#alone-next").click();
  await expect(homePage.locator("#title")).toHaveText("Glute bridge");
  await Promise.all([hall.close(), phone.close(), home.close()]);
});

test("two presses of next on a phone that hears nothing back are two", async ({ page, browser }) => {
  const [, remote] = await teach(page);
  const phone = await browser.newContext();
  const phonePage = await phone.newPage();
  await phonePage.route("**/live/r/**", (route) => route.abort());
  await phonePage.goto(remote);
  await ready(phonePage);
  await phonePage.getByRole("button", { name: "Start", exact: true }).click();
  await expect(page.locator("main")).toHaveAttribute("data-state", "running");
  // Each press is answered with how many events the class has: the second one is one more, whatever its clock has done meanwhile.
  const events = [];
  for (let i = 0; i < 2; i++) {
    const [answer] = await Promise.all([
      phonePage.waitForResponse((answer) => answer.request().method() === "POST"),
      phonePage.getByRole("button", { name: "Next" }).click(),
    ]);
    events.push(Number(await answer.text()));
  }
  expect(events[1]).toBe(events[0] + 1);
  await phone.close();
});

test("late, the class offers what it could leave out, with one key; what was passed over is offered again", async ({ page }) => {
  await teach(page);
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await page.keyboard.press("ArrowRight");
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  for (let i = 0; i < 18; i++) await page.keyboard.press("+");
  await expect(page.locator("#offer-says")).toContainText("round 2 of A");
  await page.keyboard.press("c");
  await expect(page.locator("#offer")).toBeHidden();
  // The squat was left after a moment: it is offered, done, and the class goes on where it was.
  await page.keyboard.press("ArrowRight");
  await expect(page.locator("#missed-says")).toContainText("Goblet squat");
  await page.keyboard.press("a");
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  await page.keyboard.press("w");
  await expect(page.locator("#title")).toHaveText("Squat to chair");
  await page.keyboard.press("w");
  await expect(page.locator("#title")).toHaveText("Goblet squat");
  await page.keyboard.press("ArrowRight");
  await expect(page.locator("#title")).not.toHaveText("Goblet squat");
  // A reload in the middle of it all shows the same place.
  const place = await page.locator("#place").textContent();
  await page.reload();
  await ready(page);
  await expect(page.locator("#place")).toHaveText(place);
});

test("a counted set is done by a tap on its flag, a long press waits, rounds are counted; what is left out is seen on the line", async ({
  page,
}) => {
  await page.goto("/new");
  await page.locator("#text").fill("# Taps\n== A (amrap 5min)\nsquat x10\npush-up x8\n== B (circuit, 3 rounds, rest 600)\nrow x60\n");
  await page.getByRole("button", { name: "Read it" }).click();
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("d");
  await page.locator("#big-flag").click();
  await expect(page.locator("#tapped")).toHaveText("2 rounds");
  await page.keyboard.press("ArrowRight");
  await expect(page.locator("#title")).toHaveText("Row");
  await expect(page.locator("#tap")).toHaveText(/Done/);
  const flag = await page.locator("#big-flag").boundingBox();
  await page.mouse.move(flag.x + flag.width / 3, flag.y + flag.height / 3);
  await page.mouse.down();
  await expect(page.locator("#main")).toHaveAttribute("data-state", "paused");
  await page.mouse.up();
  await expect(page.locator("#main")).toHaveAttribute("data-state", "running");
  await page.locator("#big-flag").click();
  await expect(page.locator("#main")).toHaveAttribute("data-kind", "rest");
});

test("before a class it is seen whether all is ready, and a server that is away is told", async ({ page }) => {
  await makeClass(page);
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await expect(page.locator("#ready-list li.is-ready")).toContainText(["The server answers.", "kept here"]);
  await page.route("**/live/time", (route) => route.abort());
  await page.getByRole("button", { name: "Last three" }).click();
  await expect(page.locator("#ready-list")).toContainText("The server does not answer");
  await expect(page.locator("#ready-list")).toContainText("The sound is awake");
});

test("a finger lifted from the flag never undoes a stop", async ({ page }) => {
  await makeClass(page, (title) => `# ${title}\n== A (circuit, 3 rounds, rest 600)\nrow x60\n`);
  await page.locator(".rail").getByRole("button", { name: "Teach" }).click();
  await ready(page);
  await page.getByRole("button", { name: "Start", exact: true }).click();
  await page.keyboard.press("ArrowRight");
  const flag = await page.locator("#big-flag").boundingBox();
  await page.mouse.move(flag.x + flag.width / 3, flag.y + flag.height / 3);
  await page.mouse.down();
  await expect(page.locator("#main")).toHaveAttribute("data-state", "paused");
  await page.keyboard.press("s");
  await expect(page.locator("#main")).toHaveAttribute("data-state", "stopped");
  await page.mouse.up();
  await page.keyboard.press("l");
  await expect(page.locator("html.light")).toHaveCount(1);
  await expect(page.locator("#main")).toHaveAttribute("data-state", "stopped");
});
