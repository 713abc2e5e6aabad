// Moves as small flags, to be hung on the line: pressed, one hangs last in the open block; dragged, where it is let go.
import { afterParts } from "./edits.js";
import { goalAt, mark, told } from "./drop.js";
import { foreseen } from "./words.js";

const SLACK = 5;
let looking = 0;
let shownOf = "";
/** The move that is dragged. @type {{name: string, shade: Element, x: number, y: number, goal: object | null, shows: Element[]} | null} */
let hung = null;
let justHung = false;

const drawer = () => document.getElementById("hang");
const filter = () => document.getElementById("hang-filter");

/**
 * Makes the drawer's flags be dragged; once for a page, when it is opened.
 * @param {(values: object) => void} post Posts an edit.
 */
export function startHanging(post) {
  drawer().addEventListener("toggle", look);
  look();
  drawer().addEventListener("keydown", (event) => {
    if (event.key !== "Escape" || hung) return;
    drawer().open = false;
    document.getElementById("hang-opens").focus();
  });
  filter().addEventListener("input", () => {
    clearTimeout(looking);
    looking = setTimeout(look, 250);
  });
  afterParts.push(look);
  document.addEventListener("pointerdown", begin);
  document.addEventListener("pointermove", move);
  document.addEventListener("pointerup", () => end(post));
  document.addEventListener("pointercancel", () => end(null));
  document.addEventListener("keydown", (event) => event.key === "Escape" && end(null), true);
  document.addEventListener("click", (event) => justHung && event.detail > 0 && (event.preventDefault(), event.stopPropagation()), true);
}

/** Asks once for each state of the class, open block and question. */
async function look() {
  if (!drawer().open) return;
  const { revision, open } = document.getElementById("main").dataset;
  const asked = filter().value;
  const wanted = `${revision} ${open} ${asked}`;
  if (wanted === shownOf) return;
  shownOf = wanted;
  const answer = await fetch(`${location.pathname}?handler=hang&block=${open}&q=${encodeURIComponent(asked)}`).catch(() => null);
  if (wanted !== shownOf) return;
  const list = document.getElementById("hang-list");
  const focused = document.activeElement?.closest?.("#hang-list") ? document.activeElement.value : null;
  const text = answer?.ok ? await answer.text() : "<p>The server did not answer.</p>";
  if (!answer?.ok) shownOf = "";
  list.replaceChildren(...new DOMParser().parseFromString(text, "text/html").body.childNodes);
  htmx.process(list);
  if (focused !== null)
    ([...list.querySelectorAll("button")].find((one) => one.value === focused) ?? list.querySelector("button"))?.focus();
}

function begin(event) {
  justHung = false;
  const button = event.target.closest?.(".hang-in");
  if (!button || event.button !== 0 || event.pointerType !== "mouse") return;
  const shade = button.cloneNode(true);
  shade.removeAttribute("name");
  shade.className = "hang-in hang-shade";
  hung = { name: button.value, shade, x: event.clientX, y: event.clientY, goal: null, shows: [] };
}

function move(event) {
  if (!hung) return;
  if (!hung.shade.isConnected) {
    if (Math.hypot(event.clientX - hung.x, event.clientY - hung.y) < SLACK) return;
    document.body.append(hung.shade);
    document.documentElement.classList.add("pulling");
  }
  hung.shade.style.transform = `translate(${event.clientX}px, ${event.clientY}px)`;
  for (const show of hung.shows) show.remove();
  const goal = goalAt(event, null);
  hung.goal = goal && { do: "add", block: goal.values.goal, to: goal.values.to, line: hung.name };
  hung.shows = goal ? [mark(goal)] : [];
  told(goal ? `${hung.name} here` : "");
  const asked = hung.goal;
  if (asked) foreseen(asked).then((would) => would && hung?.goal === asked && told(`${hung.name} here: ${would.says}`));
}

function end(post) {
  if (!hung) return;
  const { shade, goal, shows } = hung;
  hung = null;
  if (!shade.isConnected) return;
  justHung = true;
  shade.remove();
  for (const show of shows) show.remove();
  document.documentElement.classList.remove("pulling");
  told("");
  if (post && goal) post(goal);
}
