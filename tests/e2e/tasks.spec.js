// What an instructor comes to do, as somebody who sees it for the first time: visible controls alone, every action counted.
// A press, a text typed, a choice made and, by keys alone, each key is one action.
import { expect, test } from "@playwright/test";
import { makeClass, ready } from "./loft.js";

test.use({ storageState: { cookies: [], origins: [] } });

/** Counts what a hand does; `most` is what the task may take. */
function hand(page, most) {
  let actions = 0;
  const counted = (does) => {
    actions++;
    return does;
  };
  return {
    press: (what) => counted((typeof what === "string" ? page.getByRole("button", { name: what, exact: true }) : what).click()),
    follow: (name) => counted(page.getByRole("link", { name, exact: true }).first().click()),
    type: (what, text) => counted((typeof what === "string" ? page.getByLabel(what, { exact: true }) : what).fill(text)),
    choose: (what, option) => counted(what.selectOption(option)),
    key: (key) => counted(page.keyboard.press(key)),
    keys: (text) => counted(page.keyboard.type(text)),
    does: (what) => counted(what()),
    done: (name) => {
      console.log(`${name}: ${actions} actions, at most ${most}`);
      expect(actions).toBeLessThanOrEqual(most);
    },
  };
}

const flag = (page, name) => page.locator(".line.wide a.flag", { has: page.locator("title", { hasText: name }) }).first();
const move = (page) => page.locator("#word-move");

test("a class is designed for people with bad knees, and a move of it swapped", async ({ page }) => {
  test.slow();
  const { follow, press, type, done } = hand(page, 13);
  await page.goto("/");
  await follow("New class");
  await follow("Design for me");
  await ready(page);
  await type("Minutes", "30");
  await type("Careful with", "bad knees");
  await press("Draft a class");
  await expect(page.locator(".draft-card")).toHaveCount(3);
  await press("Use this draft");
  await ready(page);
  await press(page.locator(".line.wide .hung").nth(1).locator("a.flag").first());
  const was = await move(page).textContent();
  await press(page.locator("#others-here .swap-in").first());
  await expect(move(page)).not.toHaveText(was);
  done("design and swap");
});

test("two circuits and a superset are made by what is seen", async ({ page }) => {
  const { follow, press, type, choose, does, done } = hand(page, 37);
  await page.goto("/");
  await follow("New class");
  await type("What is it called?", `Ebb and Flow ${process.pid}`);
  await type("How many minutes?", "20");
  await press("Begin");
  await ready(page);
  for (const [kind, moves] of [
    [/^circuit/, ["goblet squat", "push-up", "bent-over row", "plank"]],
    [/^circuit/, ["lunge", "overhead press", "glute bridge", "dead bug"]],
    [/^superset/, ["Romanian deadlift", "chest press"]],
  ]) {
    const kinds = page.locator("#new-block-kind");
    const label = (await kinds.locator("option").allTextContents()).find((text) => kind.test(text));
    await choose(kinds, { label });
    await press("Add block");
    for (const [i, name] of moves.entries()) {
      // The next place that has no move yet asks for one.
      await expect(page.locator("#bench")).toHaveAttribute("data-place", String(i + 1));
      await expect(page.locator("#say-word-move-field")).toBeFocused();
      await does(async () => {
        await page.keyboard.type(name);
        await page.keyboard.press("Enter");
      });
      await expect(flag(page, new RegExp(`^\\d+\\. ${name}`, "i"))).toBeVisible();
    }
  }
  done("two circuits and a superset");
  await expect(page.locator(".line.wide a.flag", { hasText: "to be chosen" })).toHaveCount(0);
});

test("a class is made from notes", async ({ page }) => {
  const { follow, press, type, done } = hand(page, 19);
  await page.goto("/");
  await follow("New class");
  await type(
    page.locator("#text"),
    `Neap ${process.pid}, 20 mins, mats\n\nWU 4 min: march, squats\n3 rounds 40/20, 60s between rounds\ngoblet squat (heavy)\nromanian dedlift\nSA row`,
  );
  await press("Read it");
  await press("Make this class");
  await expect(page.getByRole("heading", { name: `Neap ${process.pid}`, level: 1 })).toBeVisible();
  await expect(flag(page, "Romanian deadlift")).toBeVisible();
  done("from notes");
});

test("a class with faults is mended and made as long as its booking", async ({ page }) => {
  test.slow();
  await makeClass(
    page,
    (title) =>
      `# ${title}\nminutes: 12\nkit: mat, dumbbells\n== A (circuit, 3 rounds, work 40, rest 0)\npush-up\nplank\noverhead press\nmountain climber\ntriceps dip\n`,
  );
  const { follow, press, type, done } = hand(page, 26);
  await press(page.getByRole("button", { name: /^Mend (it|what)/ }).first());
  await press(page.getByRole("button", { name: "Mend what is safe…" }));
  await press(page.locator("#safe-mends button").first());
  await expect(page.locator(".last-change")).not.toBeEmpty();
  await follow("Fit");
  await ready(page);
  await type("Make this", "12");
  await press("Work it out");
  await press(page.locator(".proposal button").first());
  await expect(page.locator(".against")).toContainText("to spare");
  done("mend and fit");
});

test("a class is taught, on a laptop and on a phone", async ({ page }) => {
  test.slow();
  await makeClass(page);
  const { press, key, done } = hand(page, 24);
  const plan = page.url();
  for (const size of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(size);
    await page.goto(plan);
    await ready(page);
    await press(page.locator(".rail").getByRole("button", { name: "Teach" }));
    await ready(page);
    await press("Start");
    await expect(page.locator("#title")).toHaveText("Goblet squat");
    await press(page.getByRole("button", { name: /^Pause/ }));
    await expect(page.locator("main")).toHaveAttribute("data-state", "paused");
    await press(page.getByRole("button", { name: /^Go on/ }).first());
    await press(page.getByRole("button", { name: /^Next/ }));
    await key("e");
    await press("End it");
    await expect(page.getByRole("heading", { name: /, taught/ })).toBeVisible();
  }
  done("teach, twice");
});

test("a class is printed, sent and brought back", async ({ page }) => {
  const title = await makeClass(page);
  const { follow, press, does, done } = hand(page, 12);
  await follow("Print");
  await expect(page.locator(".run-lines li")).toHaveCount(4);
  await follow("Back to the plan");
  await ready(page);
  await press(page.getByText("The class as a sheet"));
  const [file] = await Promise.all([page.waitForEvent("download"), follow("Save as .json")]);
  await follow("New class");
  await does(async () =>
    page.locator("#file").setInputFiles(await file.path().then((path) => file.saveAs(`${path}.json`).then(() => `${path}.json`))),
  );
  await press("Bring it in");
  await expect(page.getByRole("heading", { name: title, level: 1 })).toBeVisible();
  done("print, send, bring back");
});

test("a move for the back without kit is found", async ({ page }) => {
  const { follow, type, done } = hand(page, 5);
  await page.goto("/");
  await follow("Moves");
  await type(page.locator("#q"), "back, no kit");
  await expect(page.locator(".found-told")).toContainText(/understood: .*no kit/);
  await page.locator(".move-name").first().waitFor();
  done("a move for the back");
});

// All tests share one studio, so this changes a rule that nothing else here rests on.
test("a house rule is changed, in minutes too", async ({ page }) => {
  const { follow, press, type, done } = hand(page, 10);
  await page.goto("/");
  await follow("House rules");
  const rule = page.locator('input[name="check.water-every"]');
  const was = await rule.inputValue();
  await type(rule, "20:30");
  await press("Save");
  await expect(rule).not.toHaveValue(was);
  await press(
    page
      .locator("tr, li, div", { has: rule })
      .last()
      .getByRole("button", { name: /^Reset/ }),
  );
  await expect(rule).toHaveValue(was);
  done("a house rule");
});

test("by keys alone a class is made from notes, changed and taught", async ({ page }) => {
  test.slow();
  const { key, keys, done } = hand(page, 67);
  await page.goto("/");
  const to = async (where) => {
    for (let i = 0; i < 30 && !(await where.first().evaluate((e) => e === document.activeElement)); i++) await key("Tab");
    await expect(where.first()).toBeFocused();
  };
  await to(page.getByRole("link", { name: "New class" }));
  await key("Enter");
  await to(page.locator("#text"));
  await keys(`Keys ${process.pid}, 20 mins\n\n3 rounds 40/20, 60s between rounds\ngoblet squat\npush-up\nrow`);
  await to(page.getByRole("button", { name: "Read it" }));
  await key("Enter");
  await expect(page.locator("#card")).toBeVisible();
  await to(page.getByRole("button", { name: "Make this class" }));
  await key("Enter");
  await ready(page);
  await key("/");
  for (const said of ["rest 30", "swap push-up for chest press", "4 rounds", "warm-up 4"]) {
    await keys(said);
    await key("Enter");
    await expect(page.locator("#say-would")).toContainText("Done:");
    await expect(page.locator("#say")).toHaveValue("");
  }
  await keys("teach");
  await key("Enter");
  await ready(page);
  await to(page.getByRole("button", { name: "Start", exact: true }));
  await key("Enter");
  await expect(page.locator("main")).toHaveAttribute("data-state", /running|counting|count-in/);
  await key(" ");
  await expect(page.locator("main")).toHaveAttribute("data-state", "paused");
  await key("e");
  await to(page.getByRole("button", { name: "End it" }));
  await key("Enter");
  await expect(page.getByRole("heading", { name: /, taught/ })).toBeVisible();
  done("keys only");
});

test("two tabs change one class, and both changes are in it", async ({ page, context }) => {
  await makeClass(page);
  const { press, done } = hand(page, 6);
  const other = await context.newPage();
  await other.goto(page.url());
  await ready(other);
  await expect(flag(other, /^1\. Goblet squat\b/)).toBeVisible();
  await expect(flag(other, /^2\. Push-up\b/)).toBeVisible();
  await press(flag(page, "Goblet squat"));
  await press(page.locator("#others-here .swap-in").first());
  await press(flag(other, "Push-up"));
  await press(other.locator("#others-here .swap-in").first());
  for (const tab of [page, other]) {
    await expect(flag(tab, /^1\. Goblet squat\b/)).toHaveCount(0);
    await expect(flag(tab, /^2\. Push-up\b/)).toHaveCount(0);
  }
  done("two tabs");
});
