// What keys do to the flag that has the keyboard, and to those that are taken together with it.
import { blockOf, stationOf } from "./drop.js";
import { stepped } from "./pulled.js";
import { those } from "./together.js";

const said = document.getElementById("said");
const pull = { timer: 0, of: "", by: 0 };

/** What a way into the class leads to: block, station and rope; null where it leads elsewhere. */
export function placeOf(way) {
  const address = new URL(way.href?.baseVal ?? way.href, location.href);
  const block = address.searchParams.get("block");
  if (address.pathname !== location.pathname || !block) return null;
  const hung = way.closest(".hung");
  return { block, station: /^#s(\d+)$/.exec(address.hash)?.[1] ?? "0", rope: hung ? hung.id.split("-")[2] : "1" };
}

export function post(values) {
  htmx.ajax("POST", location.pathname, { source: document.getElementById("main"), swap: "none", values });
}

/** Posts an edit of the flag's station; of all that are taken, where it is one of them. */
export function act(flag, what, more = {}) {
  const { block, station } = placeOf(flag) ?? {};
  if (!station || station === "0") return;
  const place = flag.getAttribute("aria-label").match(/: (\d+)\. /)?.[1] ?? "1";
  const several = those(flag);
  post({ do: what, block, station, place, ...(several.length > 1 ? { stations: several.join() } : {}), ...more });
}

/** Along its rope, or up and down to the next block that has stations; a block by its name among the others. */
export function carry(flag, key) {
  if (flag.matches(".rope-way")) {
    const where = { ArrowUp: "block-up", ArrowDown: "block-down" }[key];
    return where && post({ do: where, block: blockOf(flag) });
  }
  const step = { ArrowLeft: "up", ArrowRight: "down" }[key];
  const several = those(flag);
  if (step && several.length === 1) return act(flag, step);
  const ropes = [...document.querySelectorAll(".line.wide .hung")].filter((rope) => rope.querySelector("a.flag"));
  const blocks = [...new Set(ropes.map((rope) => rope.id.split("-")[1]))];
  const own = blockOf(flag);
  if (step) return together(own, beside(flagsOf(own), several, key));
  const goal = blocks[blocks.indexOf(own) + (key === "ArrowUp" ? -1 : 1)];
  if (!goal) return null;
  if (several.length > 1) return together(goal, key === "ArrowUp" ? "" : flagsOf(goal)[0]);
  return act(flag, "carry", { goal, to: key === "ArrowUp" ? "99" : "1" });

  function together(block, before) {
    if (before !== null) post({ do: "carry-together", stations: several.join(), block: own, goal: block, before });
  }
}

/** The stations of a block, as they hang. */
const flagsOf = (block) => [
  ...new Set([...document.querySelectorAll(".line.wide a.flag")].filter((f) => blockOf(f) === block).map(stationOf)),
];

/** Before which station those that are taken stand one place further; null where they are at the end already. */
function beside(stations, taken, key) {
  const places = taken.map((s) => stations.indexOf(s)).filter((at) => at >= 0);
  if (key === "ArrowLeft") return stations[Math.min(...places) - 1] ?? null;
  const after = Math.max(...places) + 1;
  return after >= stations.length ? null : (stations[after + 1] ?? "");
}

/** Fives of seconds, or reps by one; of a block, by its name, rounds. Several presses are one edit. */
export function pullBy(way, step) {
  const what = way.matches(".rope-way") ? roundsBy(way) : amountBy(way);
  if (!what) return;
  pull.by = pull.of === what.of ? pull.by + step : step;
  pull.of = what.of;
  said.textContent = what.says(pull.by);
  clearTimeout(pull.timer);
  pull.timer = setTimeout(() => {
    const { by } = pull;
    Object.assign(pull, { by: 0, of: "" });
    post(what.values(by));
  }, 300);
}

function amountBy(flag) {
  const shown = flag.dataset.takes;
  if (!stepped(shown, 0)) return null;
  const several = those(flag).length;
  return {
    of: flag.id,
    says(by) {
      const { whole, unit } = stepped(shown, by);
      return `${whole} ${unit}${several > 1 ? `, ${several} flags` : ""}`;
    },
    values(by) {
      const now = document.getElementById(flag.id) ?? flag;
      return { do: "pull", block: blockOf(now), station: stationOf(now), stations: those(now).join(), steps: String(by), shown };
    },
  };
}

/** The knot at the end of a block's rope, by keys. */
function roundsBy(name) {
  const block = blockOf(name);
  const was = Number(document.querySelector(`.hung[id^="rope-${block}-"] .knot-hold`)?.dataset.rounds);
  if (!was) return null;
  const rounds = (by) => Math.max(1, was + by);
  return {
    of: `rounds of ${block}`,
    says: (by) => (rounds(by) === 1 ? "once" : `${rounds(by)} rounds`),
    values: (by) => ({ do: "block", block, rounds: String(rounds(by)) }),
  };
}
