// Flags by hand: dragged along their rope or to another, Alt for a copy; pulled by their free edge for seconds in fives, or reps by one;
// bare rope pulled for rests, the knot at its end for rounds. What is seen while pulling is for show; the server's answer is the truth.
import { blockOf, cloth, ghost, goalAt, mark, stationOf, svgName, told } from "./drop.js";
import { those } from "./together.js";
import { amountPulled, restPulled, roundsPulled } from "./pulled.js";
import { foreseen } from "./words.js";

const EDGE = 9;
const SLACK = 5;

/** The pull under way. @type {{how: Function, end: Function, shows: Element[], moved: boolean, x: number, y: number} | null} */
let pull = null;
let justPulled = false;

/**
 * Makes the flags of the wide line take hold; once for a page.
 * @param {(values: object) => void} post Posts an edit.
 */
export function startDragging(post) {
  document.addEventListener("pointerdown", (event) => begin(event, post));
  document.addEventListener("pointermove", move);
  document.addEventListener("pointerup", () => finish(true));
  document.addEventListener("pointercancel", () => finish(false));
  document.addEventListener("keydown", (event) => event.key === "Escape" && finish(false), true);
  // What was pulled is not pressed, too; a key is no press of it.
  document.addEventListener("click", (event) => justPulled && event.detail > 0 && (event.preventDefault(), event.stopPropagation()), true);
  // Links are dragged by browsers on their own.
  document.addEventListener("dragstart", (event) => event.target.closest?.(".line") && event.preventDefault());
}

function begin(event, post) {
  justPulled = false;
  if (event.button !== 0 || pull) return;
  const flag = event.target.closest?.(".line.wide a.flag");
  const rope = event.target.closest?.(".line.wide .bare-rope");
  const name = event.target.closest?.(".line.wide a.rope-way");
  const knot = event.target.closest?.(".line.wide .knot-hold");
  if (!flag && !rope && !name && !knot) return;
  const how = knot
    ? rounds(knot, post)
    : name
      ? blockPlace(name, post)
      : rope
        ? rest(rope, post)
        : isEdge(flag, event)
          ? amount(flag, post)
          : place(flag, post);
  if (how) pull = { ...how, moved: false, x: event.clientX, y: event.clientY, shows: [] };
}

function move(event) {
  if (!pull) {
    const flag = event.target.closest?.(".line.wide a.flag");
    if (flag) flag.classList.toggle("edge", isEdge(flag, event));
    return;
  }
  const by = event.clientX - pull.x;
  if (!pull.moved && Math.hypot(by, event.clientY - pull.y) < SLACK) return;
  pull.moved = true;
  document.documentElement.classList.add("pulling");
  for (const show of pull.shows) show.remove();
  pull.shows = pull.how(by, event) ?? [];
}

function finish(takes) {
  if (!pull) return;
  const { end, shows, moved } = pull;
  pull = null;
  document.documentElement.classList.remove("pulling");
  for (const show of shows) show.remove();
  for (const cloth of document.querySelectorAll(".line.wide .cloth[transform]")) cloth.removeAttribute("transform");
  told("");
  justPulled = moved;
  if (moved && takes) end();
}

function isEdge(flag, event) {
  const box = cloth(flag).getBoundingClientRect();
  return box.right - event.clientX < Math.min(EDGE, box.width / 3);
}

/** The free edge: seconds in fives, reps by one. */
function amount(flag, post) {
  const start = amountPulled(flag.dataset.takes, 0);
  if (!start || stationOf(flag) === "0") return null;
  const box = cloth(flag).getBBox();
  const width = cloth(flag).getBoundingClientRect().width;
  const several = those(flag);
  const edit = { do: "pull", block: blockOf(flag), station: stationOf(flag), stations: several.join(), shown: flag.dataset.takes };
  let steps = 0;
  return {
    how(by) {
      const pulled = amountPulled(flag.dataset.takes, by / width);
      steps = pulled.steps;
      cloth(flag).setAttribute("transform", `translate(${box.x} 0) scale(${pulled.whole / start.whole} 1) translate(${-box.x} 0)`);
      tell(`${pulled.unit === "reps" ? `×${pulled.whole}` : `${pulled.whole} s`}${several.length > 1 ? `, ${several.length} flags` : ""}`, {
        ...edit,
        steps: String(steps),
      });
      return [ghost(flag, box)];
    },
    end: () => steps !== 0 && post({ ...edit, steps: String(steps) }),
  };
}

/** Bare rope: the rest of its block, in fives. */
function rest(rope, post) {
  const was = Number(rope.dataset.rest);
  const width = rope.getBoundingClientRect().width;
  const edit = { do: "block", block: blockOf(rope) };
  const name = rope.dataset.setting;
  let said = was;
  return {
    how(by) {
      said = restPulled(was, by, width);
      tell(`${name} ${said} s`, { ...edit, [name]: String(said) });
    },
    end: () => said !== was && post({ ...edit, [name]: String(said) }),
  };
}

/** The knot: a round more or less for every hand's breadth. */
function rounds(knot, post) {
  const was = Number(knot.dataset.rounds);
  const edit = { do: "block", block: blockOf(knot) };
  let said = was;
  return {
    how(by) {
      said = roundsPulled(was, by);
      tell(said === 1 ? "once" : `${said} rounds`, { ...edit, rounds: String(said) });
    },
    end: () => said !== was && post({ ...edit, rounds: String(said) }),
  };
}

/** The flag itself: to another place of its rope or of another. */
function place(flag, post) {
  if (stationOf(flag) === "0") return null;
  const several = those(flag);
  const edit =
    several.length > 1
      ? { do: "carry-together", block: blockOf(flag), stations: several.join() }
      : { do: "carry", block: blockOf(flag), station: stationOf(flag) };
  let goal = null;
  return {
    how(by, event) {
      goal = goalAt(event, flag);
      if (!goal) {
        told("");
        return [];
      }
      if (event.altKey) goal.values.copy = "yes";
      tell(`${several.length > 1 ? `${several.length} ` : ""}${event.altKey ? "once more here" : "here"}`, { ...edit, ...goal.values });
      return [mark(goal)];
    },
    end: () => goal && post({ ...edit, ...goal.values }),
  };
}

/** A block by its name: up or down among the others. */
function blockPlace(name, post) {
  const block = blockOf(name);
  let to = 0;
  return {
    how(by, { clientY }) {
      const ropes = [...document.querySelectorAll(".line.wide .hung")];
      const firsts = ropes.filter((rope, i) => i === 0 || blockOf(rope.firstElementChild) !== blockOf(ropes[i - 1].firstElementChild));
      const others = firsts.filter((rope) => blockOf(rope.firstElementChild) !== block);
      const under = others.findIndex((rope) => rope.getBoundingClientRect().top + 24 > clientY);
      to = (under < 0 ? others.length : under) + 1;
      if (to === firsts.findIndex((rope) => blockOf(rope.firstElementChild) === block) + 1) {
        to = 0;
        told("");
        return [];
      }
      tell("block here", { do: "block-move", block, to });
      const at = under < 0 ? ropes.at(-1) : others[under];
      const line = document.createElementNS(svgName, "path");
      line.setAttribute("class", "drop-mark");
      line.setAttribute("d", `M20 ${under < 0 ? at.querySelector("svg").viewBox.baseVal.height - 4 : -6}H400`);
      at.querySelector("svg").append(line);
      return [line];
    },
    end: () => to > 0 && post({ do: "block-move", block, to }),
  };
}

/** Says what is pulled at once, and what it would do to the class as soon as the server has reckoned it. */
function tell(words, values) {
  told(words);
  foreseen(values).then((would) => pull && would && told(`${words}: ${would.says}`));
}
