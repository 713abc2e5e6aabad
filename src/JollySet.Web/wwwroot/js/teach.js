// Teach, live: keys and buttons become events, events become an anchor, and the anchor is drawn many times a second.
import { BEFORE, advanced, after } from "./clock.js";
import { aheadOfServer, startCodes } from "./codes.js";
import { EventLog } from "./event-log.js";
import { showKeeping, startKeeping } from "./keep-view.js";
import { speak, startOutside } from "./outside.js";
import { Sounds } from "./sounds.js";
import { soundsAhead } from "./sounds-ahead.js";
import { startSoundChoice } from "./sound-choice.js";
import { showTaps, startTaps } from "./taps.js";
import { show } from "./teach-view.js";
import { keepAwake } from "./wake-lock.js";

document.documentElement.classList.add("scripted");
const data = JSON.parse(document.getElementById("class-data").textContent);
const steps = data.steps;
/** @type {import("./clock.js").Course & {bookedTenths: number, lateMs: number}} */
const course = { ...data, tenths: steps.map((step) => step.tenths), cuts: data.cuts.map((cut) => cut.takes), offers: data.cuts };
const token = document.querySelector("input[name=__RequestVerificationToken]").value;
const SAID = {
  kept: "",
  unsent: "The server does not answer – the clock goes on here, and everything is sent later.",
  refused: "The server does not take what is pressed here any more. The clock goes on; the record will lack it.",
  elsewhere: "This class is also run from another device. What it did has come in here.",
};
const AHEAD_MS = 90_000;
const PLAN_EVERY_MS = 10_000;
const SYNC_EVERY_MS = 4_000;
const CLOCK_EVERY_MS = 60_000;

const sounds = new Sounds((asleep) =>
  say("asleep", asleep && anchor.running ? "The sound is asleep – press a key, or touch the screen beside the flag." : ""),
);
const log = new EventLog(data, token, { told: (standing) => say("offline", SAID[standing]), changed: recall });

// The device's own steady clock: one that is set forward or back in the middle of a class moves nothing.
const began = Date.now() - performance.now();
const now = () => (began + performance.now()) * data.speed;

let anchor = log.all.reduce((so, event) => after(so, event, course), BEFORE);
let leaving = false;

document.addEventListener("submit", (event) => {
  const form = event.target;
  if (form.method === "dialog" || form.closest("#codes")) return;
  event.preventDefault();
  const fields = new FormData(form, event.submitter);
  if (fields.get("kind") === "ask-end") return askEnd();
  const value = fields.get("value");
  happen(fields.get("kind"), value === null || value === "" ? null : Number(value));
  for (const dialog of document.querySelectorAll("dialog[open]")) dialog.close();
});

document.addEventListener("keydown", (event) => {
  if (event.ctrlKey || event.altKey || event.metaKey || event.target.matches("select, input") || document.querySelector("dialog[open]"))
    return;
  if (!actOf(event.key)) return;
  if (event.key === " " && event.target.matches("button")) event.target.blur();
  event.preventDefault();
  actOf(event.key)();
});

/** What a key does now; nothing before the class has begun, save what only shows or sounds. */
function actOf(name) {
  const key = name.toLowerCase();
  return anchor.segment >= 0 || "?lmv".includes(key) ? KEYS[key] : undefined;
}

const KEYS = {
  " ": () => happen(anchor.running ? "pause" : "go"),
  arrowleft: () => happen("back"),
  arrowright: () => happen("next"),
  "+": () => happen("add", 10),
  "=": () => happen("add", 10),
  s: () => happen("stop"),
  e: () => askEnd(),
  c: () => document.getElementById("take-offer").click(),
  a: () => document.getElementById("make-up").click(),
  w: () => document.getElementById("swap").click(),
  d: () => document.getElementById("tap").click(),
  o: () => document.getElementById("take-more").click(),
  v: () => document.getElementById("voice").click(),
  b: () => document.getElementById("jump").showModal(),
  m: () => document.getElementById("mute").click(),
  l: () => document.getElementById("light").click(),
  "?": () => document.getElementById("key-sheet").showModal(),
};

document.getElementById("keys").addEventListener("click", KEYS["?"]);
document.getElementById("blocks").addEventListener("click", () => anchor.segment >= 0 && KEYS.b());
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
for (const wakes of ["pointerdown", "keydown"]) document.addEventListener(wakes, () => hear());
document.addEventListener("visibilitychange", () => hear());
setInterval(planSounds, PLAN_EVERY_MS);
// A hidden page draws no frames; its class ends all the same.
setInterval(draw, 1000);

keepAwake((words, lost) => {
  say("awake", words);
  if (anchor.segment >= 0) say("asleep", lost ? words : "");
});
startOutside(location.pathname);
startKeeping(happen, data.speed, (text) => speak(location.pathname, text));
startTaps(happen, () => {
  const place = advanced(anchor, now(), course);
  return { step: steps[place.segment], running: place.running && place.msIn >= 0, stopped: place.stopped };
});
const chosenSounds = startSoundChoice(sounds, planSounds);
planSounds();
frame();
log.sync();
setInterval(() => log.sync(), SYNC_EVERY_MS);
startCodes(token);
hearOthers();
document.documentElement.dataset.ready = "yes";
for (const key of (document.documentElement.dataset.early ?? "").split("\n").filter(Boolean)) actOf(key === "space" ? " " : key)?.();

/** Something was pressed: it happens here at once, and is sent. */
function happen(kind, value = null) {
  sounds.wake();
  anchor = after(anchor, log.add(kind, now(), value), course);
  planSounds();
  draw();
}

/** Another device's events have come in: the place is reckoned anew from all of them. */
function recall() {
  anchor = log.all.reduce((so, event) => after(so, event, course), BEFORE);
  planSounds();
}

/** What a remote does is heard at once; and others are told how this device's clock stands. */
function hearOthers() {
  new EventSource(data.live).addEventListener("message", ({ data: heard }) => JSON.parse(heard).events.length > 0 && log.sync());
  const tell = () =>
    aheadOfServer(now, data.speed).then(
      (ahead) => (log.ahead = ahead),
      () => {},
    );
  tell().then(() => log.sync());
  setInterval(tell, CLOCK_EVERY_MS);
}

function askEnd() {
  document.getElementById("ask-end").showModal();
}

/** Sound that was put to sleep is woken, and what it missed is not played late. */
function hear() {
  const slept = sounds.asleep;
  sounds.wake();
  if (slept) planSounds();
}

/** The audio clock gets what is to sound; it keeps time where frames and timers do not. */
function planSounds() {
  const ahead = soundsAhead(advanced(anchor, now(), course), steps, AHEAD_MS * data.speed, course, chosenSounds);
  sounds.plan(ahead.map(({ inMs, name }) => ({ inMs: inMs / data.speed, name })));
}

function say(id, words) {
  const element = document.getElementById(id);
  if (element.textContent !== words) element.textContent = words;
}

function frame() {
  draw();
  requestAnimationFrame(() => setTimeout(frame, 40));
}

function draw() {
  const place = advanced(anchor, now(), course);
  show(place, steps, log.all, course);
  showKeeping(place, log.all, steps, course);
  showTaps(place.segment >= 0 && place.msIn >= 0 ? steps[place.segment] : null);
  if (place.ended && !leaving) leave();
}

/** The class is over: the end is sent, and the record shown once the server has it. */
async function leave() {
  leaving = true;
  if (log.all.at(-1)?.kind !== "end") log.add("end", now());
  while (!log.settled) await new Promise((done) => setTimeout(done, 200));
  location.href = `/session/${data.id}/record`;
}
