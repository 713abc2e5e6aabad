// The bench: what a flag is opens under its own rope; flags are walked along with the arrows and changed by keys.
import { act, carry, placeOf, post, pullBy } from "./by-keys.js";
import { startDragging } from "./drag.js";
import { bringIntoSight } from "./sight.js";
import { showOthers } from "./others-here.js";
import { afterParts, focusOn } from "./edits.js";
import { startSaying } from "./say.js";
import { hideGhosts, startWhatIf } from "./what-if.js";
import { extend, keepTaken, letGo, startTaking, takenWith, toggle } from "./together.js";
import { closeWord, foreseen, openWord, settleWords } from "./words.js";

const page = () => document.getElementById("main");
const bench = () => document.getElementById("bench");
const said = document.getElementById("said");
let all = false;
let walking = 0;
let shown = "";
let current = "";
/** The station whose move is being chosen, and whether the one that opens now was pressed. */
let choosing = "";
let pressed = false;

/** Makes the flags of the page open here; once for a page. */
export function startBench() {
  document.addEventListener("click", clicked);
  document.addEventListener("keydown", keyed);
  afterParts.push(settle);
  startDragging(post);
  fetchLater();
  startTaking();
  startWhatIf(foreseen);
  startSaying({ openAt });
  settle();
  const { at, rope, block } = Object.fromEntries(new URL(location.href).searchParams);
  const named = /^#s(\d+)$/.exec(location.hash)?.[1];
  if (at || (named && block)) open({ block, station: at ?? named, rope: rope || "1" });
}

/** What only some hands ask for is fetched when they do: holding flags by touch, the drawer of moves. */
function fetchLater() {
  if (navigator.maxTouchPoints > 0) import("./hold.js").then(({ startHolding }) => startHolding(post));
  const drawer = document.getElementById("hang");
  drawer?.addEventListener("toggle", () => import("./hang.js").then(({ startHanging }) => startHanging(post)), { once: true });
}

function open({ block, station, rope }) {
  htmx.ajax("GET", `${location.pathname}?block=${block}&at=${station}&rope=${rope}`, { source: page(), swap: "none" });
}

/** Opens the flag of a station, wherever it hangs. */
function openAt(station) {
  const flag = document.querySelector(`.line.wide a.flag[href$="#s${station}"]`);
  if (!flag) return;
  current = flag.id;
  open(placeOf(flag));
}

function close() {
  bench()?.remove();
  Object.assign(page().dataset, { at: "", rope: "" });
  shown = "";
  for (const flag of document.querySelectorAll(".line [aria-expanded]")) flag.removeAttribute("aria-expanded");
  focusOn(document.getElementById(current));
}

function clicked(event) {
  if (event.ctrlKey || event.metaKey || event.shiftKey) return;
  const way = event.target.closest(".line a, a.shows-place");
  const place = way && placeOf(way);
  if (place) {
    event.preventDefault();
    if (way.id) current = way.id;
    // A second press leaves it.
    if (
      way.matches(".line a") &&
      bench()?.dataset.station === place.station &&
      bench().dataset.block === place.block &&
      place.rope === page().dataset.rope
    )
      close();
    else {
      pressed = true;
      open(place);
    }
    return;
  }
  const word = event.target.closest("#bench [data-do]:not([data-would]), .brief-says [data-do]");
  if (word) openWord(word);
  else if (event.target.closest("#bench-close")) close();
  else if (event.target.closest("#bench-more")) showAll(!all);
  else if (event.target.closest("#hang-opens")) openDrawer();
}

/** Opens the drawer of moves with the keyboard in it, or closes it. */
function openDrawer() {
  const drawer = document.getElementById("hang");
  drawer.open = !drawer.open;
  if (drawer.open) document.getElementById("hang-filter").focus({ preventScroll: matchMedia("(min-width: 701px)").matches });
}

function showAll(yes) {
  all = yes;
  bench()?.classList.toggle("all", all);
  document.getElementById("bench-more")?.setAttribute("aria-expanded", String(all));
}

function keyed(event) {
  if (event.ctrlKey || event.metaKey) return;
  const flag = event.target.closest?.(".line.wide a.flag, .line.wide a.rope-way");
  if (event.key === "Escape" && event.target.closest?.(".brief-says")) closeWord();
  else if (event.key === "Escape" && (flag || event.target.closest?.("#bench"))) {
    if (!letGo() && !closeWord() && bench()) close();
  } else if (!flag) return;
  else if (event.key === " " && flag.matches(".flag")) toggle(flag);
  else if (event.key.startsWith("Arrow")) {
    if (event.altKey) carry(flag, event.key);
    else if (event.shiftKey) extend(flag, walk(flag, event.key));
    else walk(flag, event.key);
  } else if (event.altKey) return;
  else if ("+=".includes(event.key)) pullBy(flag, 1);
  else if (event.key === "-") pullBy(flag, -1);
  else if (event.key === "Delete") act(flag, "remove");
  else return;
  event.preventDefault();
}

/** Left and right along a rope, up and down between ropes to what is nearest. */
function walk(flag, key) {
  const ropes = [...document.querySelectorAll(".line.wide .hung")].map((rope) => [...rope.querySelectorAll("a.rope-way, a.flag")]);
  const on = ropes.findIndex((rope) => rope.includes(flag));
  const at = ropes[on].indexOf(flag);
  const side = { ArrowLeft: -1, ArrowRight: 1 }[key];
  const next = side ? ropes[on][at + side] : nearest(ropes[on + (key === "ArrowUp" ? -1 : 1)], flag);
  if (!next) return null;
  makeCurrent(next);
  next.focus();
  clearTimeout(walking);
  if (bench()) walking = setTimeout(() => open(placeOf(next)), 120);
  return next;
}

function nearest(rope, flag) {
  const middle = (one) => one.getBoundingClientRect().left + one.getBoundingClientRect().width / 2;
  return rope?.toSorted((a, b) => Math.abs(middle(a) - middle(flag)) - Math.abs(middle(b) - middle(flag)))[0];
}

/** One flag of the line is reached by Tab: the one that is open, or was last. */
function makeCurrent(flag) {
  current = flag.id;
  for (const one of document.querySelectorAll(".line.wide a")) one.setAttribute("tabindex", one === flag ? "0" : "-1");
}

function settle(answer, from) {
  hideGhosts();
  keepTaken();
  const { open: block, at, rope } = page().dataset;
  const opened = at && at !== "0" ? document.querySelector(`[id^="f${block}-${rope}-${at}-"]`) : null;
  const flags = document.querySelectorAll(".line.wide a.flag, .line.wide a.rope-way");
  // The flag that was taken out had the keyboard: the one in its place has it now.
  if (document.activeElement === document.body && current && !document.getElementById(current)) opened?.focus();
  if (flags.length > 0) makeCurrent(opened ?? document.getElementById(current) ?? flags[0]);
  if (opened) opened.setAttribute("aria-expanded", "true");
  // What is taken is said with it: an answer that comes late does not speak over a flag that was just pegged.
  if (answer?.dataset.says) said.textContent = [answer.dataset.says, opened && takenWith(opened)].filter(Boolean).join("; ");
  settleWords(from?.id);
  if (bench()) {
    showAll(all);
    showOthers();
    const place = `${block} ${at} ${rope}`;
    if (place !== shown) bringIntoSight();
    shown = place;
  }
  choose(from);
}

/** A station whose move is to be chosen is asked for it at once; when it has one, the next of its block is. */
function choose(from) {
  const fresh = from?.id === "new-block" && document.querySelector(`.line.wide a.flag[id^="f${page().dataset.open}-1-"]`);
  if (fresh) {
    pressed = true;
    return open(placeOf(fresh));
  }
  const { station, choose: unchosen, next } = bench()?.dataset ?? {};
  if (unchosen && pressed && matchMedia("(pointer: fine)").matches) {
    choosing = station;
    openWord(document.getElementById("word-move"));
  } else if (station && station === choosing && !unchosen) {
    choosing = "";
    if (from?.id === "say-word-move" && next !== "0") {
      pressed = true;
      return openAt(next);
    }
  }
  if (bench()) pressed = false;
}
