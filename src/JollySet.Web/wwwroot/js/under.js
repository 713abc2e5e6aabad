// What lies under the line: level, effort, recovery, or nothing; one at a time, and it comes back with the page.
import { afterParts } from "./edits.js";

const KEPT = "jolly-under";
const handlers = { effort: "curves", recovery: "recovery" };
let shownOf = "";

/** Lays under the line what was chosen, now and after every edit. */
export function layUnder() {
  const choice = document.getElementById("under-choice");
  if (!choice) return;
  const kept = [...choice.elements].find((radio) => radio.value === remembered());
  if (kept) kept.checked = true;
  choice.addEventListener("change", () => {
    remember(chosen());
    show();
  });
  afterParts.push(show);
  show();
}

const chosen = () => document.querySelector("#under-choice :checked")?.value ?? "level";

/** Asks for a drawing once for each state of the class. */
function show() {
  const [main, drawing, value] = [document.getElementById("main"), document.getElementById("under-drawing"), chosen()];
  main.dataset.under = value;
  const wanted = handlers[value] ? `${value} ${main.dataset.revision}` : "";
  if (!drawing || wanted === shownOf) return;
  shownOf = wanted;
  if (!wanted) return drawing.replaceChildren();
  const address = `${location.pathname.replace("plan", "effort")}?handler=${handlers[value]}`;
  htmx.ajax("GET", address, { source: drawing, target: drawing, swap: "innerHTML" });
}

function remembered() {
  try {
    return localStorage.getItem(KEPT) ?? "level";
  } catch {
    return "level";
  }
}

function remember(value) {
  try {
    localStorage.setItem(KEPT, value);
  } catch {
    // It holds for this page then.
  }
}
