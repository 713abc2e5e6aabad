// Parts that nobody sees are not sent: they sleep, and are brought up to date when they are looked at.

/** Those that slept when the request was made that is under way. @type {Set<string>} */
let asleep = new Set();

const isAsleep = (part) => part.closest("details:not([open])") !== null || getComputedStyle(part).display === "none";
const sleepers = () => [...document.querySelectorAll("[data-sleeps]")];

/** Notes which parts sleep now; their ids, for the server. */
export function fallAsleep() {
  asleep = new Set(
    sleepers()
      .filter(isAsleep)
      .map((part) => part.id),
  );
  return [...asleep].join(",");
}

/** After an answer: what slept meanwhile is as it was on the revision before, what was awake is as it is now. */
export function slept(before, now) {
  for (const part of sleepers()) {
    if (!asleep.has(part.id)) delete part.dataset.madeOn;
    else if (before !== now) part.dataset.madeOn ??= before;
  }
  // One that was unfolded while the answer was under way is looked at already.
  setTimeout(wake, 0);
}

/** The revision that a form was made on, where its part has slept since; null else. */
export const madeOn = (element) => element.closest?.("[data-made-on]")?.dataset.madeOn ?? null;

/** Asks for what has changed of parts that were folded or hidden, as soon as they are seen. */
export function wake() {
  if (sleepers().some((part) => part.dataset.madeOn && !isAsleep(part))) look();
}

/** Asks for the class as it is now: what the page has not, or has otherwise. */
export function look() {
  const page = document.getElementById("main");
  const { open, at, rope } = page.dataset;
  return htmx.ajax("GET", `${location.pathname}?block=${open}${at ? `&at=${at}&rope=${rope}` : ""}`, { source: page, swap: "none" });
}

document.addEventListener("toggle", wake, true);
window.addEventListener("resize", wake);
