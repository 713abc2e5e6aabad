// Teach, live: keys and buttons become events, events become an anchor, and the anchor is drawn many times a second.
import { BEFORE, advanced, after } from "./clock.js";
import { EventLog } from "./event-log.js";
import { Sounds } from "./sounds.js";
import { show } from "./teach-view.js";
import { keepAwake } from "./wake-lock.js";

document.documentElement.classList.add("scripted");
const data = JSON.parse(document.getElementById("class-data").textContent);
const steps = data.steps;
const tenths = steps.map((step) => step.tenths);
const totalMs = tenths.reduce((sum, t) => sum + t * 100, 0);
const token = document.querySelector("input[name=__RequestVerificationToken]").value;
const sounds = new Sounds();
const log = new EventLog(data, token, (unsent) => {
  const words = unsent > 0 ? "The server does not answer – the clock goes on here, and everything is sent later." : "";
  document.getElementById("offline").textContent = words;
});
const now = () => Date.now() * data.speed;

let anchor = log.all.reduce((so, event) => after(so, event, tenths, data.countInMs), BEFORE);
let heard = { segment: null, second: null };
let leaving = false;

document.addEventListener("submit", (event) => {
  const form = event.target;
  if (form.method === "dialog") return;
  event.preventDefault();
  const fields = new FormData(form, event.submitter);
  const value = fields.get("value");
  happen(fields.get("kind"), value === null || value === "" ? null : Number(value));
  for (const dialog of document.querySelectorAll("dialog[open]")) dialog.close();
});

document.addEventListener("keydown", (event) => {
  if (event.ctrlKey || event.altKey || event.metaKey || event.target.matches("select") || document.querySelector("dialog[open]")) return;
  const key = event.key.toLowerCase();
  const act = KEYS[key];
  if (!act || (anchor.segment < 0 && key !== "?" && key !== "l" && key !== "m")) return;
  if (key === " " && event.target.matches("button")) event.target.blur();
  event.preventDefault();
  act();
});

const KEYS = {
  " ": () => happen(anchor.running ? "pause" : "go"),
  arrowleft: () => happen("back"),
  arrowright: () => happen("next"),
  "+": () => happen("add", 10),
  "=": () => happen("add", 10),
  s: () => happen("stop"),
  e: () => happen("end"),
  b: () => document.getElementById("jump").showModal(),
  m: () => document.getElementById("mute").click(),
  l: () => document.getElementById("light").click(),
  "?": () => document.getElementById("key-sheet").showModal(),
};

document.getElementById("keys").addEventListener("click", KEYS["?"]);
for (const button of document.querySelectorAll("[data-sound]"))
  button.addEventListener("click", () => {
    sounds.wake();
    sounds.play(button.dataset.sound);
  });
document.getElementById("mute").addEventListener("click", (event) => {
  const button = event.currentTarget;
  sounds.muted = !sounds.muted;
  button.setAttribute("aria-pressed", String(sounds.muted));
  button.firstElementChild.textContent = sounds.muted ? "Sound off" : "Sound on";
});
document.getElementById("light").addEventListener("click", (event) => {
  const light = document.documentElement.classList.toggle("light");
  event.currentTarget.setAttribute("aria-pressed", String(light));
});
for (const wakes of ["pointerdown", "keydown"]) document.addEventListener(wakes, () => sounds.wake(), { once: true });

keepAwake((words) => (document.getElementById("awake").textContent = words));
frame();

/** Something was pressed: it happens here at once, and is sent. */
function happen(kind, value = null) {
  sounds.wake();
  anchor = after(anchor, log.add(kind, now(), value), tenths, data.countInMs);
  heard = { segment: null, second: null };
  draw();
}

function frame() {
  draw();
  requestAnimationFrame(() => setTimeout(frame, 40));
}

function draw() {
  const place = advanced(anchor, now(), tenths);
  show(place, steps);
  listen(place);
  showEnd(place);
  if (place.ended && !leaving) leave();
}

/** Sounds what begins, and the last three seconds of it. */
function listen(place) {
  if (!place.running) return;
  const step = steps[place.segment];
  const counting = place.msIn < 0;
  const left = Math.ceil((counting ? -place.msIn : step.tenths * 100 + place.addedMs - place.msIn) / 1000);
  const segment = counting ? -1 : place.segment;
  if (heard.segment !== segment && !counting && heard.segment !== null) sounds.play(step.sound);
  else if (heard.second !== left && left <= 3 && left > 0) sounds.play("last");
  if (heard.segment === null && !counting && place.msIn < 300) sounds.play(step.sound);
  heard = { segment, second: left };
}

/** When the class will end, and how far behind the plan it is since its start. */
function showEnd(place) {
  if (place.segment < 0) return;
  const done = tenths.slice(0, place.segment).reduce((sum, t) => sum + t * 100, 0) + Math.min(place.msIn, tenths[place.segment] * 100);
  const leftMs = totalMs - done;
  const end = new Date(Date.now() + leftMs / data.speed);
  const start = log.all.findLast((event) => event.kind === "start");
  const skipped = tenths.slice(0, start?.value ?? 0).reduce((sum, t) => sum + t * 100, 0);
  const behind = Math.round((place.atMs - start.atMs - data.countInMs - (done - skipped)) / 1000);
  const words = behind > 2 ? ` · ${behind} s behind` : behind < -2 ? ` · ${-behind} s ahead` : "";
  const shown = `ends ${String(end.getHours()).padStart(2, "0")}:${String(end.getMinutes()).padStart(2, "0")}${words}`;
  const element = document.getElementById("ends");
  if (element.textContent !== shown) element.textContent = shown;
}

/** The class is over: the end is sent, and the record shown once the server has it. */
async function leave() {
  leaving = true;
  if (log.all.at(-1)?.kind !== "end") log.add("end", now());
  while (log.unsent.length > 0) await new Promise((done) => setTimeout(done, 200));
  location.href = `/session/${data.id}/record`;
}
