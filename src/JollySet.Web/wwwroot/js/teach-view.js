// Draws one moment of a class on the Teach screen. It only shows; the clock is in clock.js.
import { leftNow, lengthNow, lengthOf } from "./clock.js";
import { bigFlag, clothWidth, sideFlag } from "./flag-path.js";
import { nextWork, titleOf } from "./keep-place.js";
import { tapped, tappedText } from "./taps.js";

const byId = (id) => document.getElementById(id);
let shownSegment = null;

/**
 * @param {import("./clock.js").Anchor} place
 * @param {object[]} steps
 * @param {import("./clock.js").SessionEvent[]} events
 * @param {import("./clock.js").Course} course
 */
export function show(place, steps, events, course) {
  const main = byId("main");
  const state = place.segment < 0 ? "before" : place.stopped ? "stopped" : place.running ? "running" : "paused";
  if (main.dataset.state !== state) main.dataset.state = state;
  if (place.segment < 0) return;
  const step = steps[place.segment];
  const counting = place.msIn < 0;
  const swapped = isSwapped(step, steps, events);
  const key = `${place.segment} ${counting} ${swapped} ${place.back} ${place.cuts}`;
  if (shownSegment !== key) {
    showStep(swapped ? eased(step) : step, counting);
    showNext(step, steps, nextWork(place, steps, course));
    showLine(step, cutFlags(place, steps, course));
  }
  shownSegment = key;
  text("tapped", counting ? "" : tappedText(tapped(step, steps, events)));
  showTime(place, step, course);
  showPause(state);
}

/** Whether someone has taken the easier way for that station, and not gone back to it. */
function isSwapped(step, steps, events) {
  const swaps = events.filter(
    (event) => event.kind === "swap" && steps.some((one) => one.station === step.station && one.flag === event.value),
  );
  return Boolean(step.easier) && step.kind === "work" && swaps.length % 2 === 1;
}

function eased(step) {
  return { ...step, title: step.easier[0].toUpperCase() + step.easier.slice(1), amount: `in place of ${step.title}` };
}

function showStep(step, counting) {
  byId("main").dataset.kind = counting || step.kind !== "work" ? "rest" : "work";
  byId("main").classList.toggle("tapped-along", Boolean(step.taps) && !counting);
  text("place", step.place);
  text("side", counting ? "" : shortSide(step.side));
  text("you", counting ? "" : step.you);
  text("title", counting ? `Get ready: ${step.title}` : step.title);
  text("amount", step.amount);
  text("cue", step.cue);
  byId("options").replaceChildren(...step.options.map(option));
  const shape = step.hem || "unsaid";
  for (const id of ["cloth", "ghost"]) byId(id).setAttribute("d", bigFlag(shape));
  byId("cloth").setAttribute("fill", `url(#weave-${step.cloth || "easy"})`);
  byId("side-flag").toggleAttribute("hidden", step.side === "" || counting);
  byId("side-cloth").setAttribute("d", sideFlag(shape));
  byId("side-cloth").setAttribute("fill", `url(#weave-${step.cloth || "easy"})`);
}

function showNext(step, steps, next) {
  const coming = next && steps[next.segment];
  const pause = step.kind === "work" && next ? Math.round(next.pauseMs / 1000) : 0;
  text("then", !coming ? "" : pause > 0 ? `then, after ${pause} s` : step.kind === "work" ? "then" : "next");
  text("next-title", coming ? titleOf(coming) : "then we are done");
  const inGap = step.kind !== "work";
  text("next-note", coming ? noteOf(step, coming, next, inGap) : "");
  // Before the work its ways are said; in the work its own stand there.
  if (inGap) byId("options").replaceChildren(...(coming?.options ?? []).map(option));
}

/** What has to be fetched for what comes is the plan's word where it comes as planned; of the same move it is how much this time. */
function noteOf(step, coming, next, inGap) {
  if (coming.note !== undefined) return coming.note;
  const anew = coming.title === step.title && coming.amount !== step.amount && coming.side === step.side;
  if (!next.isPlanned || anew) return coming.amount;
  return [step.nextHold, !inGap && coming.easier && coming.station !== step.station ? `easier: ${coming.easier}` : ""]
    .filter(Boolean)
    .join(" – ");
}

/** The sets of which nothing is left. */
function cutFlags(place, steps, course) {
  if (place.cuts === "") return new Set();
  const works = steps.map((step, segment) => ({ ...step, segment })).filter((step) => step.kind === "work");
  const left = new Set(works.filter(({ segment }) => lengthOf(place, segment, course) > 0).map(({ flag }) => flag));
  return new Set(works.map(({ flag }) => flag).filter((flag) => !left.has(flag)));
}

function showLine(step, cut) {
  for (const row of document.querySelectorAll(".rope-row")) {
    row.classList.toggle("here", Number(row.dataset.rope) === step.rope);
    if (Number(row.dataset.rope) !== step.rope) continue;
    for (const flag of row.querySelectorAll("[data-set]")) {
      const set = Number(flag.dataset.set);
      flag.classList.toggle("cut", cut.has(set));
      flag.classList.toggle("done", set < step.flag);
      flag.classList.toggle("here", set === step.flag);
    }
  }
}

function showTime(place, step, course) {
  const left = leftNow(place, course);
  const counted = step.msPerRep > 0 && place.msIn >= 0;
  const rep = Math.min(step.reps, Math.floor(place.msIn / step.msPerRep) + 1);
  const number = counted ? String(rep) : clock(Math.ceil(left / 1000));
  const shown = byId("number");
  if (shown.textContent !== number) shown.textContent = number;
  shown.classList.toggle("three", number.length === 3);
  shown.classList.toggle("four", number.length > 3);
  const likely = step.likely > 0 && place.msIn >= 0 ? Math.round((step.likely * left) / lengthNow(place, course)) : 0;
  text("of", counted ? `of ${step.reps}` : likely > 0 ? `about ${likely} more` : "");
  byId("cloth-left").setAttribute("width", clothWidth(place.msIn < 0 ? 1 : left / lengthNow(place, course)).toFixed(1));
}

function showPause(state) {
  const button = byId("pause");
  // A screen that only shows has no keys.
  if (!button) return;
  const going = state === "running";
  if (button.value === (going ? "pause" : "go")) return;
  button.value = going ? "pause" : "go";
  button.firstElementChild.textContent = going ? "Pause" : "Go on";
}

function option(words) {
  const [kind, way] = words.split("|");
  const row = document.createElement("div");
  row.append(
    Object.assign(document.createElement("dt"), { textContent: kind }),
    Object.assign(document.createElement("dd"), { textContent: way }),
  );
  return row;
}

function shortSide(side) {
  return side === "ALTERNATING" ? "TAKE TURNS" : side;
}

/** Seconds under two minutes, longer as a clock. */
function clock(seconds) {
  return seconds < 120 ? String(seconds) : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
}

function text(id, words) {
  const element = byId(id);
  if (element.textContent !== words) element.textContent = words;
}
