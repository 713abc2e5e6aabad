// A participant's own screen: the class's clock, their own ways, what they note. Nothing of it leaves the device but what they send.
import { BEFORE, advanced, after } from "./clock.js";
import { Live } from "./live.js";
import { ownStep } from "./own-way.js";
import { show } from "./teach-view.js";
import { keepAwake } from "./wake-lock.js";

document.documentElement.classList.add("scripted");
const data = JSON.parse(document.getElementById("class-data").textContent);
const byId = (id) => document.getElementById(id);
const kept = { chosen: "jolly-follow", name: "jolly-nickname", done: `jolly-done-${data.own.classId}` };
const live = new Live(data, { changed: draw, told: (words) => !alone && say("offline", words) });
const MOST_LATE_S = 20;
let chosen = read(kept.chosen) ?? { who: "planned", needs: [] };
let steps = [];
let alone = null;
let noted = -1;
let isSent = false;

byId("late").value = chosen.late || "";
for (const box of document.querySelectorAll("#ready input:not([type=text])"))
  box.checked = box.name === "who" ? box.value === chosen.who : chosen.needs.includes(box.value);
byId("go-in").addEventListener("click", () => {
  chosen = {
    who: document.querySelector("#ready [name=who]:checked").value,
    needs: [...document.querySelectorAll("#ready [name=need]:checked")].map((box) => box.value),
    late: Math.min(MOST_LATE_S, Math.max(0, Number(byId("late").value.replace(",", ".")) || 0)),
  };
  write(kept.chosen, chosen);
  steps = data.steps.map((step) => ownStep(step, data.own.ways[step.station], chosen));
  byId("ready").hidden = true;
  draw();
});
document.querySelector(".choose-again").addEventListener("click", () => (byId("ready").hidden = false));
byId("alone").addEventListener("click", begin);
byId("alone-back").addEventListener("click", () => press("back"));
byId("alone-next").addEventListener("click", () => press("next"));
byId("alone-pause").addEventListener("click", () => press(aloneAt().running ? "pause" : "go"));
byId("note").addEventListener("submit", note);
byId("nickname").value = read(kept.name) ?? "";
keepAwake((words, lost) => say("awake", lost && byId("ready").hidden ? words : ""));
frame();
document.documentElement.dataset.ready = "yes";

function frame() {
  draw();
  requestAnimationFrame(() => setTimeout(frame, 60));
}

function draw() {
  if (!byId("ready").hidden) return;
  const place = alone ? aloneAt() : live.placeLate((chosen.late ?? 0) * 1000);
  show(place, steps, alone ?? live.events, live.course);
  document.documentElement.dataset.segment = place.segment;
  document.documentElement.dataset.msIn = Math.round(place.msIn);
  byId("main").classList.toggle("ended", place.ended);
  byId("alone-keys").hidden = !alone || place.ended;
  if (alone) byId("alone-pause").firstElementChild.textContent = place.running ? "Pause" : "Go on";
  say("say", place.segment >= 0 && !place.running && !place.ended ? "Paused." : "");
  say("beside", besideOf(place));
  askNote(place);
}

/** Beside the work: what one did of it the last time, to be matched cleanly before it is beaten. */
function besideOf(place) {
  const step = place.segment >= 0 && place.msIn >= 0 && !place.ended ? steps[place.segment] : null;
  const last = step?.kind === "work" ? read(kept.done)?.[step.station]?.at(-1) : null;
  return last ? `${last.at === data.id ? "last round" : "last time"} ${told(last)} – match it cleanly` : "";
}

/** In a gap: what was just done, with what was done last round and last time beside it. */
function askNote(place) {
  const form = byId("note");
  const before =
    place.segment > 0 && steps[place.segment].kind !== "work"
      ? steps.slice(0, place.segment).findLastIndex((step) => step.kind === "work")
      : -1;
  // What was typed and not sent yet stays until it is, whatever the class does meanwhile.
  const isTyped = noted >= 0 && !isSent && (byId("reps").value !== "" || document.activeElement?.closest("#note"));
  form.hidden = !isTyped && (before < 0 || place.ended);
  if (isTyped || before < 0 || before === noted) return;
  isSent = false;
  noted = before;
  const step = steps[before];
  const past = (read(kept.done) ?? {})[step.station] ?? [];
  byId("note-set").value = String(step.flag);
  byId("reps").value = "";
  say("note-says", "");
  const last = past.at(-1);
  say(
    "note-before",
    last ? `${step.title}: ${last.at === data.id ? "last round" : "last time"} ${told(last)}. And now?` : `${step.title}: what did you do?`,
  );
}

async function note(event) {
  event.preventDefault();
  const form = byId("note");
  const fields = Object.fromEntries(new FormData(form));
  const step = steps[noted];
  const done = read(kept.done) ?? {};
  done[step.station] = [...(done[step.station] ?? []).slice(-9), { reps: fields.reps, weight: fields.weight, at: data.id }];
  write(kept.done, done);
  isSent = true;
  const name = fields.nickname.trim();
  write(kept.name, name);
  if (name === "") return say("note-says", "Kept on this device.");
  try {
    const answer = await fetch(form.action, { method: "POST", body: new URLSearchParams(fields) });
    isSent = answer.ok;
    say("note-says", answer.ok ? `Sent as ${name}.` : await answer.text());
  } catch {
    say("note-says", "Kept on this device; there is no way to the class just now.");
  }
}

function told({ reps, weight }) {
  return [reps && `${reps} reps`, weight && `${weight} ${data.own.unit}`].filter(Boolean).join(" with ");
}

function begin() {
  alone = [{ number: 1, kind: "start", atMs: aloneNow(), value: 0 }];
  draw();
}

function press(kind) {
  alone.push({ number: alone.length + 1, kind, atMs: aloneNow(), value: null });
  draw();
}

function aloneNow() {
  return performance.now() * data.speed;
}

function aloneAt() {
  return advanced(
    alone.reduce((so, event) => after(so, event, live.course), BEFORE),
    aloneNow(),
    live.course,
  );
}

function read(key) {
  try {
    return JSON.parse(localStorage.getItem(key));
  } catch {
    return null;
  }
}

function write(key, value) {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // A device that keeps nothing follows all the same.
  }
}

function say(id, words) {
  if (byId(id).textContent !== words) byId(id).textContent = words;
}
