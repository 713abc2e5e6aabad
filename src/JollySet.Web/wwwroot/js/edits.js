// Edits, live: every form of the page is one request made on a revision, with one answer to each of taken, refused, stale and gone.
import { forgive, keeping, markSent, refuse } from "./keep.js";
import { fallAsleep, madeOn, slept } from "./sleep.js";

const page = () => document.getElementById("main");
const waiting = new Map();

/** Called after parts were put in place, with the answer that brought them and what asked for it. @type {((answer: HTMLElement, from: HTMLElement) => void)[]} */
export const afterParts = [];

document.addEventListener("change", (event) => {
  const form = event.target.closest("form[data-on-change]");
  if (!form) return;
  // Enter changes and submits at once: the submit is the one that counts.
  clearTimeout(waiting.get(form));
  waiting.set(
    form,
    setTimeout(() => form.requestSubmit(), 0),
  );
});

document.addEventListener("submit", (event) => clearTimeout(waiting.get(event.target)), true);

document.addEventListener("htmx:configRequest", (event) => {
  const { elt, headers, parameters, verb } = event.detail;
  if (elt.closest("[data-plain]")) return;
  headers["X-Has-Parts"] = [...document.querySelectorAll("[data-part]")].map((part) => `${part.id} ${part.dataset.part}`).join(",");
  headers["X-Asleep-Parts"] = fallAsleep();
  if (verb === "get") return;
  headers["X-Antiforgery"] = page().dataset.token;
  // A form that goes on top of another change, or of a part not brought up to date yet, keeps the revision it was made on.
  parameters.set("revision", elt.querySelector?.("[name=made-on]")?.value ?? madeOn(elt) ?? page().dataset.revision);
  parameters.set("open", page().dataset.open);
  if (page().dataset.at) for (const name of ["at", "rope"]) parameters.set(name, page().dataset[name]);
  if (elt.matches("form")) markSent(elt);
});

document.addEventListener("htmx:beforeSwap", (event) => {
  const { xhr, elt } = event.detail;
  if (elt.closest("[data-plain]")) return;
  if (xhr.getResponseHeader("X-Parts")) {
    event.detail.shouldSwap = false;
    event.detail.isError = false;
    putInPlace(xhr.responseText, xhr.status, elt);
  } else if (xhr.status === 422) {
    event.detail.shouldSwap = false;
    event.detail.isError = false;
    tellRefusal(elt, JSON.parse(xhr.responseText));
  } else if (xhr.status === 410) {
    event.detail.shouldSwap = false;
    event.detail.isError = false;
    page().outerHTML = new DOMParser().parseFromString(xhr.responseText, "text/html").getElementById("main").outerHTML;
    window.scrollTo(0, 0);
  }
});

document.addEventListener("htmx:sendError", (event) =>
  fail(event, "The server did not answer; your change is still in its field. Press Enter there to send it again."),
);
document.addEventListener("htmx:responseError", (event) => fail(event, "The server could not keep the change; it is still in its field."));

/** Parts as the server sent them, each in place of the one with its id. */
function putInPlace(text, status, elt) {
  const answer = new DOMParser().parseFromString(text, "text/html").getElementById("changed-parts");
  const stale = status === 409;
  // Whoever has gone on to another field meanwhile is left there.
  const active = document.activeElement;
  const movedOn = (active?.matches("input, textarea, select") && !elt.contains(active)) || active?.closest?.(".line");
  keeping(() => {
    for (const same of answer.querySelectorAll("[data-same]")) same.replaceWith(document.getElementById(same.id)?.cloneNode(true) ?? "");
    for (const part of [...answer.children]) {
      const there = document.getElementById(part.id);
      if (!there) continue;
      Idiomorph.morph(there, part, { morphStyle: "outerHTML", ignoreActiveValue: false });
      htmx.process(document.getElementById(part.id));
    }
  }, !stale);
  const moved = page().dataset.revision !== answer.dataset.revision;
  slept(page().dataset.revision, answer.dataset.revision);
  const { revision, open = "0", at = "", rope = "" } = answer.dataset;
  Object.assign(page().dataset, { revision, open, at, rope });
  showAddress(page().dataset, elt.matches("a"));
  if (answer.dataset.title) document.title = `${answer.dataset.title} – Jolly Set`;
  if (!stale) {
    if (moved) notDone("");
    forgive(elt.id);
    clearTyped(elt);
  }
  // What could stand somewhere was reckoned for the class as it was.
  if (moved) for (const list of document.querySelectorAll(".swaps")) list.replaceChildren();
  for (const run of afterParts) run(answer, elt);
  const wanted = stale ? "stale" : answer.dataset.focus;
  if (wanted && !movedOn) focusOn(document.getElementById(wanted));
}

/** The address names the open block, so that a reload opens it again; opening another can be gone back from. */
function showAddress({ open, at, rope }, goesOn) {
  const address = new URL(location.href);
  const was = address.search;
  address.searchParams.set("block", open);
  for (const [name, value] of Object.entries({ at, rope })) {
    if (value) address.searchParams.set(name, value);
    else address.searchParams.delete(name);
  }
  if (address.search === was) return;
  address.hash = "";
  if (goesOn) history.pushState(null, "", address);
  else history.replaceState(null, "", address);
}

window.addEventListener("popstate", () => location.reload());

/** A field that adds something is empty again once that is added. */
function clearTyped(elt) {
  if (!elt.matches?.("#add-station, #type-block, #add-block form")) return;
  for (const field of elt.querySelectorAll("input:not([type=hidden]), textarea")) field.value = field.defaultValue = "";
  document.getElementById("expansion")?.replaceChildren();
}

/** The refusal beside the field it is about, else under what was pressed. */
function tellRefusal(elt, { field, message, errors }) {
  const form = elt.closest("form") ?? elt;
  const where = field ? (form.elements?.namedItem?.(field) ?? null) : null;
  const lines = errors.filter((e) => e.line > 1 || errors.length > 1);
  const words = lines.length > 0 ? errors.map((e) => `line ${e.line}, column ${e.column}: ${e.message}`).join("\n") : message;
  if (form === page()) return notDone(words);
  if (!form.id) form.id = `form-${Math.random().toString(36).slice(2)}`;
  const closed = (where ?? form).closest("details:not([open])");
  if (closed) closed.open = true;
  refuse(where?.id || form.id, words);
}

/** Says of what was pulled, carried or pressed by a key, where everybody sees it, that it was not done; it goes with the next edit that is. */
export function notDone(words) {
  document.getElementById("not-done").textContent = words;
}

function fail(event, sentence) {
  if (event.detail.elt.closest?.("[data-plain]")) return tellUnasked(event.detail.target);
  const form = event.detail.elt.closest?.("form");
  if (form?.id) refuse(form.id, sentence);
  else if (event.detail.requestConfig?.verb === "post")
    notDone("The server did not answer, or could not keep it: that change is not made. Do it once more.");
}

/** Where a list or a look at something was to come, that it did not. */
function tellUnasked(target) {
  const words = document.createElement("p");
  words.className = "would refused";
  words.textContent = "The server did not answer. Ask once more.";
  target?.replaceChildren(words);
}

/** Focuses an element that can take it; a disabled button's neighbour otherwise. */
export function focusOn(element) {
  if (!element) return false;
  const target = element.disabled ? element.parentElement.querySelector("button:enabled") : element;
  target?.focus({ preventScroll: false });
  return true;
}
