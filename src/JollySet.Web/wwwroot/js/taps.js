// A tap on the flag: a counted set is done, a stack has one more rung, as many rounds as possible have one more. Held, the clock waits.
const HELD_MS = 500;
const byId = (id) => document.getElementById(id);

/**
 * How far people are in what is tapped along, and where they were the last time; null for what is not.
 * @param {object} step
 * @param {object[]} steps
 * @param {import("./clock.js").SessionEvent[]} events
 * @returns {{what: string, at: number, before: number} | null}
 */
export function tapped(step, steps, events) {
  if (!step.taps) return null;
  const taps = (flag) => events.filter((event) => event.kind === "tap" && event.value === flag).length;
  const reached = (one) => (one.taps === "rung" ? one.from : 0) + taps(one.flag);
  const before = steps.findLast((one) => one.station === step.station && one.kind === "work" && one.flag < step.flag && taps(one.flag) > 0);
  return { what: step.taps, at: reached(step), before: before ? reached(before) : 0 };
}

/** In words. */
export function tappedText(so) {
  if (!so) return "";
  const now = so.what === "rung" ? `rung ${so.at}` : so.at === 1 ? "1 round" : `${so.at} rounds`;
  const last = so.before === 0 ? "" : so.what === "rung" ? `, last time up to ${so.before}` : `, last time ${so.before}`;
  return now + last;
}

/** What a tap does in this step: its kind and what its key says; null for nothing. */
export function tapOf(step) {
  if (step?.kind !== "work") return null;
  if (step.taps) return { kind: "tap", value: step.flag, says: step.taps === "rung" ? "Next rung" : "One more round" };
  return step.msPerRep > 0 ? { kind: "next", value: null, says: "Done" } : null;
}

/**
 * Once for a page. @param {(kind: string, value?: number|null) => void} happen
 * @param {() => {step: object|undefined, running: boolean, stopped: boolean}} now
 */
export function startTaps(happen, now) {
  const flag = byId("big-flag");
  let waiting = null;
  let holds = false;
  const act = () => {
    const tap = tapOf(now().step);
    if (tap && now().running) happen(tap.kind, tap.value);
  };
  const letGo = (done) => {
    clearTimeout(waiting);
    if (waiting === null) return;
    waiting = null;
    // Whoever stopped the class meanwhile, for someone who needs them, is not overruled by a finger that is lifted.
    if (holds && !now().stopped) happen("go");
    else if (done && !holds) act();
    holds = false;
  };
  flag.addEventListener("pointerdown", (event) => {
    if (event.button !== 0 || !now().running || !tapOf(now().step)) return;
    waiting = setTimeout(() => {
      holds = true;
      happen("pause");
    }, HELD_MS);
  });
  flag.addEventListener("pointerup", () => letGo(true));
  for (const off of ["pointercancel", "pointerleave"]) flag.addEventListener(off, () => letGo(false));
  flag.addEventListener("contextmenu", (event) => waiting && event.preventDefault());
  byId("tap").addEventListener("click", act);
}

/** Draws what a tap would do. */
export function showTaps(step) {
  const tap = tapOf(step);
  const button = byId("tap");
  button.toggleAttribute("hidden", !tap);
  byId("big-flag").classList.toggle("taken", Boolean(tap));
  if (tap && button.firstElementChild.textContent !== tap.says) button.firstElementChild.textContent = tap.says;
}
