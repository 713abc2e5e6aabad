// Plan, live: the forms work without this; it saves a press, keeps the keyboard where it was and lets flags be dragged.
import { afterParts, focusOn } from "./edits.js";
import { startBench } from "./bench.js";
import { pickMoves } from "./finder.js";
import { forgive, isTyped } from "./keep.js";
import { completeLines } from "./line.js";
import { watchOthers } from "./others.js";
import { refuseTooLarge } from "./paste-limit.js";
import { layUnder } from "./under.js";

let sortable = null;

document.documentElement.classList.add("scripted");

refuseTooLarge(document);
foldFields();
pickMoves();
arrange();
afterParts.push(arrange);
startBench();
layUnder();
watchOthers();

function arrange() {
  makeSortable().catch(() => {});
  refreshHistory();
  completeLines(document);
}

/** Brief and Sheet are folded at the foot of the page: the way to them unfolds them. */
function unfold(name) {
  const part = name ? document.getElementById(name) : null;
  if (!part?.matches("details")) return;
  part.open = true;
  focusOn(part.querySelector("summary"));
  part.scrollIntoView({ block: "start" });
}

unfold(location.hash.slice(1));

document.addEventListener("click", (event) => {
  const way = event.target.closest("[data-unfolds]");
  if (way) setTimeout(() => unfold(way.hash.slice(1)), 0);
  const opener = event.target.closest("[data-opens]");
  if (opener) document.getElementById(opener.dataset.opens).showModal();
});

document.addEventListener("keydown", (event) => {
  if (event.altKey && !event.ctrlKey && stationKey(event)) event.preventDefault();
  else if (travelKey(event)) event.preventDefault();
  else if (!isTyping(event.target) && plainKey(event)) event.preventDefault();
});

/** Keys that act on the station one is in. */
function stationKey(event) {
  const station = event.target.closest?.(".station")?.dataset.station;
  if (event.key.toLowerCase() === "a") return focusOn(document.getElementById("add-line"));
  const act = { ArrowUp: "up", ArrowDown: "down", d: "duplicate", Delete: "remove" }[event.key];
  if (!station || !act) return false;
  const button = document.getElementById(`${act}-${station}`);
  button?.focus();
  button?.click();
  return true;
}

/** Ctrl+Z in a field that holds something not taken yet puts back what stood there; anywhere else it takes back the class's last change. */
function travelKey(event) {
  if (!(event.ctrlKey || event.metaKey) || event.altKey || event.shiftKey) return false;
  const act = { z: "undo", y: "redo" }[event.key.toLowerCase()];
  if (!act) return false;
  const field = event.target;
  if (isTyping(field)) {
    if (field.matches("textarea") && isTyped(field)) return false;
    if (act === "undo" && isTyped(field)) {
      field.value = field.defaultValue ?? field.value;
      forgive(field.id);
      return true;
    }
  }
  document.getElementById(act)?.click();
  return true;
}

/** Keys outside text fields. */
function plainKey(event) {
  if (event.key !== "?") return false;
  document.getElementById("keys").showModal();
  return true;
}

function isTyping(target) {
  return target.matches?.("input, textarea, select");
}

/** With the bench, the fields are there for who unfolds them; that is remembered. */
function foldFields() {
  const fields = document.getElementById("fields");
  const kept = (act) => {
    try {
      return act(localStorage);
    } catch {
      return null;
    }
  };
  fields.open = kept((store) => store.getItem("fields")) === "open";
  fields.addEventListener("toggle", () => {
    kept((store) => store.setItem("fields", fields.open ? "open" : "folded"));
    makeSortable().catch(() => {});
  });
}

/** What was done has one line more after an edit. */
function refreshHistory() {
  const { revision } = document.getElementById("main").dataset;
  const states = document.getElementById("history-states");
  if (states.dataset.revision && states.dataset.revision !== revision && states.closest("details").open) htmx.trigger(states, "again");
  states.dataset.revision = revision;
}

/** What drags rows of fields is only fetched where they are unfolded. */
function loadSortable() {
  sortable ??= new Promise((done, fail) => {
    const script = document.createElement("script");
    Object.assign(script, { src: document.getElementById("fields").dataset.sortable, onload: done, onerror: fail });
    document.head.append(script);
  });
  return sortable;
}

/** Lets stations be dragged by their flag; dropping sends the same form as the keys do. */
async function makeSortable() {
  if (!document.getElementById("fields").open) return;
  await loadSortable();
  const list = document.getElementById("stations");
  if (!list || list.dataset.sortable) return;
  list.dataset.sortable = "yes";
  Sortable.create(list, {
    handle: ".handle",
    ghostClass: "dragged",
    animation: matchMedia("(prefers-reduced-motion: reduce)").matches ? 0 : 120,
    onEnd: ({ item, oldIndex, newIndex }) => {
      if (oldIndex === newIndex) return;
      const form = item.querySelector("form");
      const values = { block: form.elements.block.value, station: form.elements.station.value, do: "move", to: newIndex + 1 };
      htmx.ajax("POST", location.href, { source: form, values });
    },
  });
}

await makeSortable().catch(() => {});
document.documentElement.dataset.ready = "yes";
