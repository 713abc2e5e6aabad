// The line of words: / opens it, what it would do is said before Enter, and it stays open for the next.
import { afterParts, focusOn } from "./edits.js";
import { hideGhosts, showGhosts } from "./what-if.js";

const line = document.getElementById("say-line");
const field = document.getElementById("say");
const form = document.getElementById("say-form");
const would = document.getElementById("say-would");
let from = null;
let known = null;
let asking = new AbortController();
let waiting = 0;

/**
 * Listens for / and for what is said; once for a page.
 * @param {{openAt: (place: object) => void}} line Opens a station.
 */
export function startSaying({ openAt }) {
  document.addEventListener("keydown", (event) => {
    if (event.key !== "/" || event.ctrlKey || event.metaKey || event.altKey || event.target.matches?.("input, textarea, select")) return;
    event.preventDefault();
    open();
  });
  document.addEventListener("click", (event) => event.target.closest("[data-says]") && open());
  field.addEventListener("input", () => {
    known = null;
    clearTimeout(waiting);
    waiting = setTimeout(foresee, 120);
  });
  field.addEventListener("keydown", (event) => {
    if (event.key === "Escape") close();
  });
  form.addEventListener("htmx:confirm", (event) => {
    // What is no change of the class leads somewhere; what is not understood stays.
    event.preventDefault();
    decide(event.detail.issueRequest, openAt);
  });
  afterParts.push((_answer, elt) => {
    if (elt !== form) return;
    field.value = field.defaultValue = "";
    known = null;
    would.textContent = `Done: ${document.querySelector(".last-change").textContent}.`;
    field.focus();
  });
}

function open() {
  from = document.activeElement;
  line.hidden = false;
  field.focus();
}

function close() {
  hideGhosts();
  line.hidden = true;
  focusOn(from?.isConnected ? from : null);
}

/** Asks what the words would do; null where they changed meanwhile or the server does not answer. */
async function ask() {
  asking.abort();
  asking = new AbortController();
  const { open: block, at } = document.getElementById("main").dataset;
  const query = new URLSearchParams({ handler: "say", say: field.value, open: block, at: at || "0" });
  const answer = await fetch(`${location.pathname}?${query}`, { signal: asking.signal }).catch(() => null);
  return answer?.ok ? answer.json().catch(() => null) : null;
}

async function foresee() {
  hideGhosts();
  if (!field.value.trim()) return would.replaceChildren();
  const words = field.value;
  known = await ask();
  if (!known || field.value !== words) return;
  would.textContent = known.wrong ?? [known.does, known.would].filter(Boolean).join(": ");
  would.classList.toggle("refused", Boolean(known.wrong));
  showGhosts(known.ropes);
}

async function decide(issue, openAt) {
  clearTimeout(waiting);
  if (!field.value.trim()) return;
  const said = known ?? (await ask());
  if (!said) {
    would.textContent = "The server did not answer; your words are still here. Press Enter to say them again.";
    return;
  }
  if (said.wrong) {
    would.textContent = said.wrong;
    would.classList.add("refused");
  } else if (said.way) go(said.way, openAt);
  else issue(true);
}

function go(way, openAt) {
  field.value = "";
  would.replaceChildren();
  const [what, number] = way.split(" ");
  const id = location.pathname.split("/").at(-1);
  if (way === "undo" || way === "redo") document.getElementById(way).click();
  else if (way === "undo all") post({ do: "put-back", number: "1" });
  else if (what === "at") openAt(number);
  else if (what === "brief" || what === "sheet" || what === "history") {
    const part = document.getElementById(what);
    part.open = true;
    part.scrollIntoView({ block: "start" });
    focusOn(part.querySelector("summary"));
  } else if (what === "teach") document.querySelector(".rail .railed")?.click();
  else location.assign(what === "fit" && number ? `/fit/${id}?minutes=${number}` : `/${what}/${id}`);
}

function post(values) {
  htmx.ajax("POST", location.pathname, { source: document.getElementById("main"), swap: "none", values });
}
