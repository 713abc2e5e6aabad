// A word of the bench is said otherwise where it stands: Enter takes what was typed, Esc leaves it, what is refused stays with its reason.
import { notDone } from "./edits.js";
import { hideGhosts, showGhosts } from "./what-if.js";

/** Words that are open, by their button's id: what is typed, whose it is, and whether that was sent and is not answered yet. @type {Map<string, {typed: string, was: string, of: string, does: string, name: string, sent: boolean}>} */
const words = new Map();
let held = "";
let asking = new AbortController();
let waiting = 0;

/** The block and station a button speaks of: another flag on the bench has words of the same names. */
const ownerOf = (button) => {
  const { block, station } = button.closest("[data-block]").dataset;
  return `${block} ${station}`;
};
const formOf = (id) => document.getElementById(`say-${id}`);
const fieldOf = (id) => document.getElementById(`say-${id}-field`);

/** Opens a word; one that is open with something typed is taken, any other is left. */
export function openWord(button) {
  const { id } = button;
  for (const [other, { sent }] of words) if (other !== id && !sent) leave(other);
  if (!words.has(id)) {
    words.set(id, {
      typed: button.dataset.value,
      was: button.dataset.value,
      of: ownerOf(button),
      does: button.dataset.do,
      name: button.dataset.name,
      sent: false,
    });
    show(button);
  }
  fieldOf(id).focus();
  fieldOf(id).select();
}

/** Leaves the word one is in; false where none is open. */
export function closeWord() {
  const id = [...words.keys()].find((w) => formOf(w)?.contains(document.activeElement)) ?? [...words].find(([, w]) => !w.sent)?.[0];
  if (!id) return false;
  close(id);
  return true;
}

/** After the bench was put in place anew: what was taken closes, what is still typed stays, what was waiting to be sent is sent. */
export function settleWords(taken) {
  const lost = document.activeElement === document.body;
  for (const [id, word] of words) {
    if (taken === `say-${id}`) {
      close(id);
      if (lost && held === id) (document.getElementById(id) ?? document.querySelector("#bench .word"))?.focus();
    } else if (!formOf(id)) {
      const button = document.getElementById(id);
      if (!button || ownerOf(button) !== word.of) orphan(id, word);
      else {
        show(button);
        if (lost && held === id) fieldOf(id).focus();
        if (word.sent) formOf(id).requestSubmit();
        else if (word.was !== button.dataset.value)
          formOf(id).querySelector(".would").textContent = `Meanwhile this became “${button.dataset.value || "nothing"}”.`;
        word.was = button.dataset.value;
      }
    }
  }
}

/** Its flag is no longer on the bench: what was sent goes to the station it was typed for, what was not is told. */
function orphan(id, { typed, was, of, does, name, sent }) {
  words.delete(id);
  const [block, station] = of.split(" ");
  if (sent) {
    const values = { do: does, block, station, [name]: typed };
    htmx.ajax("POST", location.pathname, { source: document.getElementById("main"), swap: "none", values });
  } else if (typed !== was) notDone(`“${typed}” was typed for a place that is not open any more, and is not taken.`);
}

function close(id) {
  const inside = formOf(id)?.contains(document.activeElement);
  words.delete(id);
  hideGhosts();
  formOf(id)?.remove();
  const button = document.getElementById(id);
  if (button) button.hidden = false;
  if (inside) button?.focus();
}

/** What was typed there is taken; where nothing was, the word closes. */
function leave(id) {
  const field = fieldOf(id);
  if (field && field.value !== field.defaultValue) formOf(id).requestSubmit();
  else close(id);
}

/** Puts the word's form in its place. */
function show(button) {
  const { id } = button;
  const word = words.get(id);
  const { dataset } = button.closest("[data-block]");
  const form = make("form", { id: `say-${id}`, className: "word-form" });
  form.setAttribute("hx-post", "");
  form.setAttribute("autocomplete", "off");
  const hidden = { block: dataset.block, station: dataset.station, do: button.dataset.do };
  if (button.dataset.do === "add" && dataset.station !== "0") hidden.to = String(Number(dataset.place) + 1);
  for (const [name, value] of Object.entries(hidden)) form.append(make("input", { type: "hidden", name, value }));
  const field = make("input", { id: `say-${id}-field`, name: button.dataset.name, className: "input" });
  field.setAttribute("value", button.dataset.value);
  field.value = word.typed;
  if (button.matches(".unsaid") && !button.closest(".rare-word")) field.placeholder = button.textContent;
  if (button.dataset.list) field.setAttribute("list", button.dataset.list);
  field.size = Math.min(48, Math.max(8, field.value.length + 2));
  const label = make("label", { htmlFor: field.id, textContent: button.dataset.label });
  const would = make("p", { className: "would" });
  would.setAttribute("role", "status");
  form.append(label, field, choices(button, word, field, form, would), would);
  form.addEventListener("input", () => {
    Object.assign(word, { typed: field.value, sent: false });
    clearTimeout(waiting);
    waiting = setTimeout(() => foresee(form, would), 150);
  });
  form.addEventListener("submit", () => (word.sent = true));
  form.addEventListener("htmx:afterRequest", (event) => {
    if (!event.detail.successful) word.sent = false;
  });
  form.addEventListener("focusin", () => (held = id));
  form.addEventListener("focusout", ({ relatedTarget: next }) => {
    if (next && !form.contains(next) && form.isConnected && words.has(id) && !word.sent) leave(id);
  });
  button.hidden = true;
  button.after(form);
  htmx.process(form);
}

function choices(button, word, field, form, would) {
  const row = make("div", { className: "word-choices" });
  for (const line of button.dataset.choices.split("\n").filter((c) => c.length > 0)) {
    const [value, says = value] = line.split("=");
    if (value === button.dataset.value) continue;
    const choice = make("button", { type: "button", className: "press quiet small", textContent: worded(button.dataset.name, says) });
    choice.addEventListener("click", () => {
      field.value = word.typed = value;
      form.requestSubmit();
    });
    for (const kind of ["pointerenter", "focus"]) choice.addEventListener(kind, () => foresee(form, would, value));
    for (const kind of ["pointerleave", "blur"]) choice.addEventListener(kind, () => foresee(form, would));
    row.append(choice);
  }
  return row;
}

/** Seconds are said with their unit; rounds and beats are counts. */
function worded(name, says) {
  return /rounds|beat/.test(name) ? says : says.replace(/^(\d+)s?$/, "$1 s");
}

/** Says what the words in the form would do, before they are taken. */
async function foresee(form, would, value) {
  const fields = new FormData(form);
  const input = form.querySelector(".input");
  if (value !== undefined) fields.set(input.name, value);
  else if (fields.get(input.name) === input.defaultValue) {
    hideGhosts();
    return would.replaceChildren();
  }
  const answer = await foreseen(Object.fromEntries(fields));
  if (!answer || !form.isConnected) return;
  would.textContent = answer.says;
  showGhosts(answer.ropes);
  would.classList.toggle("refused", answer.refused);
}

/** What an edit would do; null where another was asked about meanwhile or the server does not answer. */
export async function foreseen(values) {
  asking.abort();
  asking = new AbortController();
  const answer = await fetch(`${location.pathname}?${new URLSearchParams({ ...values, handler: "would" })}`, {
    signal: asking.signal,
  }).catch(() => null);
  return answer?.ok ? answer.json().catch(() => null) : null;
}

function make(name, properties) {
  return Object.assign(document.createElement(name), properties);
}
