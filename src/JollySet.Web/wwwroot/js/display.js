// The hall's screen: shows the class that is steered elsewhere.
import { cueNow, standing } from "./keep-place.js";
import { Live } from "./live.js";
import { show } from "./teach-view.js";
import { keepAwake } from "./wake-lock.js";

document.documentElement.classList.add("scripted");
const data = JSON.parse(document.getElementById("class-data").textContent);
const byId = (id) => document.getElementById(id);
const live = new Live(data, { changed: draw, told: (words) => say("offline", words) });

keepAwake((words, lost) => say("awake", lost ? words : ""));
frame();
document.documentElement.dataset.ready = "yes";

function frame() {
  draw();
  requestAnimationFrame(() => setTimeout(frame, 40));
}

function draw() {
  const place = live.place;
  show(place, data.steps, live.events, live.course);
  document.documentElement.dataset.segment = place.segment;
  document.documentElement.dataset.msIn = Math.round(place.msIn);
  byId("main").classList.toggle("ended", place.ended);
  if (place.segment < 0 || place.ended) return;
  const end = new Date(Date.now() + standing(place, live.events, live.course).leftMs / data.speed);
  say("ends", `ends ${String(end.getHours()).padStart(2, "0")}:${String(end.getMinutes()).padStart(2, "0")}`);
  say("say", place.running ? (cueNow(place, data.steps, live.course)?.text ?? "") : "Paused.");
}

function say(id, words) {
  const element = byId(id);
  if (element && element.textContent !== words) element.textContent = words;
}
