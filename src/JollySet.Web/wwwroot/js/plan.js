// Plan, live: the forms work without this; it saves a press, keeps the keyboard where it was and lets flags be dragged.
import { completeLines } from "./line.js";
import { refuseTooLarge } from "./paste-limit.js";

document.documentElement.classList.add("scripted");
Idiomorph.defaults.ignoreActiveValue = true;

refuseTooLarge(document);
makeSortable();
showOpenRope();
completeLines(document);

document.addEventListener("htmx:afterSettle", () => {
  makeSortable();
  showOpenRope();
  completeLines(document);
  const main = document.getElementById("main");
  const wanted = main?.dataset.focus;
  if (wanted) focusOn(document.getElementById(wanted));
  if (wanted) delete main.dataset.focus;
});

document.addEventListener("htmx:sendError", () => tell("The server did not answer; your change is still in its field."));
document.addEventListener("htmx:responseError", () => tell("The change was not kept; it is still in its field."));

document.addEventListener("click", (event) => {
  const opener = event.target.closest("[data-opens]");
  if (opener) document.getElementById(opener.dataset.opens).showModal();
});

document.addEventListener("keydown", (event) => {
  if (event.altKey && !event.ctrlKey && stationKey(event)) event.preventDefault();
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

/** Keys outside text fields. */
function plainKey(event) {
  if (event.key === "?") document.getElementById("keys").showModal();
  else if (event.ctrlKey && event.key === "z") document.getElementById("undo").click();
  else if (event.ctrlKey && event.key === "y") document.getElementById("redo").click();
  else return false;
  return true;
}

function isTyping(target) {
  return target.matches?.("input, textarea, select");
}

/** Focuses an element that can take it; a disabled button's neighbour otherwise. */
function focusOn(element) {
  if (!element) return false;
  const target = element.disabled ? element.parentElement.querySelector("button:enabled") : element;
  target?.focus({ preventScroll: false });
  return true;
}

/** Brings the ropes of the open block into the part of the line that is seen. */
function showOpenRope() {
  const line = document.querySelector(".line.wide");
  const name = line?.querySelector(".rope-name.open");
  if (!name || line.dataset.shows === name.textContent) return;
  line.dataset.shows = name.textContent;
  const [outer, inner] = [line.getBoundingClientRect(), name.getBoundingClientRect()];
  const inside = inner.top > outer.top && inner.bottom < outer.bottom - 110;
  if (!inside) line.scrollTop += inner.top - outer.top - 24;
}

function tell(sentence) {
  const status = document.querySelector(".last-change");
  if (status) status.textContent = sentence;
}

/** Lets stations be dragged by their flag; dropping presses the same form as the keys do. */
function makeSortable() {
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
      const values = Object.fromEntries(new FormData(form));
      htmx.ajax("POST", location.href, { source: form, values: { ...values, do: "move", to: newIndex + 1 } });
    },
  });
}
