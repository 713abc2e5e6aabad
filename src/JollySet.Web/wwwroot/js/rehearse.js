// Rehearses a class: time runs fast along its line, with what is done and said; it halts where something would go wrong.
const data = JSON.parse(document.getElementById("class-data").textContent);
const byId = (id) => document.getElementById(id);
const slider = byId("at");
const last = slider ? Number(slider.max) : 0;
/** Tenths of a second that a cue stands at the least of real time, so that it can be read at sixty times. */
const READ_MS = 900;

let at = 0;
let playing = false;
let passed = -1;
let before = 0;
let said = { text: "", since: 0 };

if (slider) {
  slider.addEventListener("input", () => jump(Number(slider.value)));
  byId("play").addEventListener("click", () => (playing ? halt() : play()));
  for (const button of document.querySelectorAll("[data-at]")) button.addEventListener("click", () => jump(Number(button.dataset.at)));
  document.addEventListener("keydown", (event) => {
    if (event.key !== " " || event.target.matches("button, input, select, a, summary")) return;
    event.preventDefault();
    byId("play").click();
  });
  draw();
  document.documentElement.dataset.ready = "yes";
}

function play() {
  if (at >= last) jump(0);
  playing = true;
  before = performance.now();
  shownPlaying();
  requestAnimationFrame(frame);
}

function halt() {
  playing = false;
  shownPlaying();
}

function shownPlaying() {
  byId("play").textContent = playing ? "Pause" : "Play";
  byId("play").setAttribute("aria-pressed", String(playing));
}

function jump(to) {
  at = to;
  passed = to;
  say("stop", data.stops.find((stop) => stop.at === to)?.says ?? "");
  draw();
}

function frame(now) {
  if (!playing) return;
  const next = at + ((now - before) / 100) * Number(byId("speed").value);
  before = now;
  const stop = byId("halts").checked && data.stops.find((one) => one.at > passed && one.at <= next);
  at = Math.min(stop ? stop.at : next, last);
  passed = at;
  draw();
  if (stop) say("stop", stop.says);
  if (stop || at >= last) return halt();
  if (byId("stop").textContent && !data.stops.some((one) => Math.abs(one.at - at) < 20)) say("stop", "");
  requestAnimationFrame(frame);
}

function draw() {
  slider.value = String(Math.round(at));
  slider.setAttribute("aria-valuetext", clock(at));
  byId("time").textContent = clock(at);
  const step = data.steps.find((one) => at < one.until) ?? data.steps.at(-1);
  say("title", step.title);
  say("place", step.place);
  say("left", `${Math.ceil((step.until - at) / 10)} s left`);
  const cue = data.cues.findLast((one) => one.at <= at && at < one.until);
  const now = performance.now();
  if (cue && cue.text !== said.text) said = { text: cue.text, since: now };
  else if (!cue && (!playing || now - said.since > READ_MS)) said = { text: "", since: now };
  say("says", said.text);
}

function clock(tenths) {
  const seconds = Math.floor(tenths / 10);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
}

function say(id, words) {
  if (byId(id).textContent !== words) byId(id).textContent = words;
}
