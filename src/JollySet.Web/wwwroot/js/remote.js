// A phone that steers the class.
import { leftNow } from "./clock.js";
import { nextWork, titleOf } from "./keep-place.js";
import { Live } from "./live.js";
import { Presses } from "./presses.js";

const SAID = {
  taken: "",
  tooMany: "Slower: too many presses at once.",
  ended: "That class has ended.",
  refused: "That was not taken.",
  unsent: "Not sent: no way to the class just now. Press again.",
};

const data = JSON.parse(document.getElementById("class-data").textContent);
const byId = (id) => document.getElementById(id);
const token = document.querySelector("input[name=__RequestVerificationToken]").value;
const live = new Live(data, { changed: draw, told: (words) => say("offline", words) });

const presses = new Presses(location.href, token);

document.addEventListener("submit", async (event) => {
  event.preventDefault();
  const fields = new FormData(event.target, event.submitter);
  event.submitter?.setAttribute("aria-busy", "true");
  say("offline", SAID[await presses.send(fields, live.events.length)]);
  event.submitter?.removeAttribute("aria-busy");
});

setInterval(draw, 200);
draw();
document.documentElement.dataset.ready = "yes";

function draw() {
  const place = live.place;
  const state = place.ended ? "ended" : place.segment < 0 ? "before" : place.stopped ? "stopped" : place.running ? "running" : "paused";
  byId("main").dataset.state = state;
  document.documentElement.dataset.segment = place.segment;
  const going = state === "running";
  byId("pause").value = going ? "pause" : "go";
  byId("pause").firstElementChild.textContent = going ? "Pause" : "Go on";
  if (place.segment < 0) return say("say", "Not begun.");
  const step = data.steps[place.segment];
  const left = Math.ceil(leftNow(place, live.course) / 1000);
  const next = nextWork(place, data.steps, live.course);
  const coming = next && data.steps[next.segment];
  say("number", left < 120 ? String(Math.max(0, left)) : `${Math.floor(left / 60)}:${String(left % 60).padStart(2, "0")}`);
  say("place", step.place);
  say("title", step.title);
  say("side", step.side);
  say("next-title", coming ? titleOf(coming) : "then we are done");
  say("next-note", !coming ? "" : next.isPlanned ? step.nextNote : coming.amount);
  say("say", { paused: "Paused.", stopped: "Stopped – go on when everyone is well.", ended: "Ended." }[state] ?? "");
}

function say(id, words) {
  if (byId(id).textContent !== words) byId(id).textContent = words;
}
