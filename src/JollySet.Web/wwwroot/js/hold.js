// By touch: a flag held for a moment comes along with the finger and the page stays where it is. On the line that hangs on a phone it is put
// where it is let go, between two others or on a furled block; on the wide line it is dragged as with a mouse.
import { placeOf } from "./by-keys.js";
import { svgName, told } from "./drop.js";
import { foreseen } from "./words.js";

const HOLD = 350;
const SLACK = 8;

/** The flag under the finger, waiting or held. @type {{flag: Element, x: number, y: number, timer: number, held: boolean, goal: object | null} | null} */
let hand = null;
let justHeld = false;

/**
 * Makes flags be held; once for a page.
 * @param {(values: object) => void} post Posts an edit.
 */
export function startHolding(post) {
  document.addEventListener("pointerdown", begin);
  document.addEventListener("pointermove", move);
  document.addEventListener("pointerup", () => end(post));
  document.addEventListener("pointercancel", () => end(null));
  // A page under a held flag does not scroll, and no menu opens over it.
  document.addEventListener("touchmove", (event) => hand?.held && event.preventDefault(), { passive: false });
  document.addEventListener("contextmenu", (event) => hand && event.preventDefault());
  document.addEventListener("click", (event) => justHeld && event.detail > 0 && (event.preventDefault(), event.stopPropagation()), true);
}

function begin(event) {
  justHeld = false;
  const flag = event.target.closest?.(".line a.flag");
  if (!flag || event.button !== 0 || (flag.closest(".wide") && event.pointerType === "mouse")) return;
  hand = { flag, x: event.clientX, y: event.clientY, held: false, goal: null, timer: setTimeout(take, HOLD) };
}

function take() {
  if (!hand?.flag.isConnected) return;
  hand.held = true;
  hand.flag.classList.add("held");
  navigator.vibrate?.(15);
  if (hand.flag.closest(".narrow")) told("held: along the rope, or to another block");
}

function move(event) {
  if (!hand) return;
  if (!hand.held) {
    if (Math.hypot(event.clientX - hand.x, event.clientY - hand.y) > SLACK) end(null);
    return;
  }
  if (hand.flag.closest(".wide")) return;
  hand.goal = goalOf(hand.flag, event);
  mark(hand.goal);
  const { goal } = hand;
  told(goal ? "here" : "");
  if (goal) foreseen(goal.values).then((would) => would && hand?.goal === goal && told(`here: ${would.says}`));
}

function end(post) {
  if (!hand) return;
  const { flag, held, goal, timer } = hand;
  clearTimeout(timer);
  hand = null;
  if (!held) return;
  justHeld = true;
  flag.classList.remove("held");
  mark(null);
  if (flag.closest(".narrow")) told("");
  if (post && goal) post(goal.values);
}

/** Where it would hang: between two flags of its rope, or last in a furled block. */
function goalOf(flag, { clientX, clientY }) {
  const own = placeOf(flag);
  const furled = document
    .elementsFromPoint(clientX, clientY)
    .find((one) => one.closest("a.furled"))
    ?.closest("a.furled");
  const edit = { do: "carry", block: own.block, station: own.station };
  if (furled) return { values: { ...edit, goal: placeOf(furled).block, to: "99" }, furled };
  const rows = new Map();
  for (const one of flag.closest("svg").querySelectorAll("a.flag")) {
    const { station } = placeOf(one);
    if (station !== "0" && !rows.has(station)) rows.set(station, one);
  }
  const stations = [...rows.keys()];
  const middle = (s) => rows.get(s).getBoundingClientRect().top + rows.get(s).getBoundingClientRect().height / 2;
  const before = stations.filter((s) => middle(s) < clientY).length;
  const at = stations.indexOf(own.station);
  const to = at < before ? before : before + 1;
  if (at < 0 || to === at + 1) return null;
  const beside = rows.get(stations[before] ?? stations.at(-1)).getBBox();
  return {
    values: { ...edit, goal: own.block, to: String(to) },
    svg: flag.closest("svg"),
    y: before < stations.length ? beside.y : beside.y + beside.height,
  };
}

function mark(goal) {
  for (const one of document.querySelectorAll(".line.narrow .drop-mark")) one.remove();
  for (const one of document.querySelectorAll(".line.narrow a.furled.goal")) one.classList.remove("goal");
  goal?.furled?.classList.add("goal");
  if (!goal?.svg) return;
  const line = document.createElementNS(svgName, "path");
  line.setAttribute("class", "drop-mark");
  line.setAttribute("d", `M8 ${goal.y}H220`);
  goal.svg.append(line);
}
