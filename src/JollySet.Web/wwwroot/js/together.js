// Several flags taken together: Shift and a press, Space, or Shift with an arrow; what is then done to one is done to all, Esc lets them go.
import { cloth, stationOf, svgName } from "./drop.js";

/** The numbers of their stations. @type {Set<string>} */
const taken = new Set();

/** Makes flags be taken with Shift; once for a page. */
export function startTaking() {
  document.addEventListener(
    "click",
    (event) => {
      const flag = event.shiftKey && event.target.closest?.(".line.wide a.flag");
      if (!flag) return;
      event.preventDefault();
      event.stopPropagation();
      toggle(flag);
    },
    true,
  );
}

/** All that are taken, where the flag is one of them; else itself alone. */
export function those(flag) {
  const own = stationOf(flag);
  return taken.has(own) ? [...taken] : [own];
}

/** How many are taken, where the flag is one of them; empty for others. */
export function takenWith(flag) {
  return taken.has(stationOf(flag)) ? `taken, ${taken.size} together` : "";
}

/** Takes a flag to the others, or lets it go. */
export function toggle(flag) {
  const station = stationOf(flag);
  if (station === "0") return;
  if (!taken.delete(station)) taken.add(station);
  mark();
  say(flag, taken.has(station) ? "taken" : "let go");
}

/** Takes the flag one comes from and the one one comes to. */
export function extend(from, to) {
  for (const flag of [from, to]) if (flag?.matches(".flag") && stationOf(flag) !== "0") taken.add(stationOf(flag));
  mark();
  if (to?.matches(".flag")) say(to, "taken");
}

/** Lets all go; false where none were taken. */
export function letGo() {
  if (taken.size === 0) return false;
  taken.clear();
  mark();
  document.getElementById("said").textContent = "None taken.";
  return true;
}

/** After an edit: the flags are other ones, those that have gone are forgotten. */
export function keepTaken() {
  for (const station of [...taken]) if (!document.querySelector(`.line.wide a.flag[href$="#s${station}"]`)) taken.delete(station);
  mark();
}

function mark() {
  for (const peg of document.querySelectorAll(".line.wide .peg")) peg.remove();
  for (const flag of document.querySelectorAll(".line.wide a.flag")) {
    flag.classList.toggle("taken", taken.has(stationOf(flag)));
    if (!flag.matches(".taken")) {
      flag.removeAttribute("aria-description");
      continue;
    }
    flag.setAttribute("aria-description", "taken");
    const { x, y, width } = cloth(flag).getBBox();
    const peg = document.createElementNS(svgName, "path");
    peg.setAttribute("class", "peg");
    peg.setAttribute("d", `M${x + width / 2 - 4} ${y - 7}h3.4v16h-3.4zm4.6 0h3.4v16h-3.4zm-3 6h5v2.6h-5z`);
    flag.append(peg);
  }
}

function say(flag, what) {
  const name = /: \d+\. ([^;]+)/.exec(flag.getAttribute("aria-label"))?.[1] ?? "flag";
  document.getElementById("said").textContent = `${name} ${what}, ${taken.size} together.`;
}
