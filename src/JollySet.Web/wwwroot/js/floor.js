// The floor of a carousel: its stations are dragged, or moved by arrow keys, to where they stand in the room; the server keeps the places, and this device until the server has them.
const room = document.querySelector(".floor-room");
const svg = room?.querySelector(".floor");
const form = document.getElementById("floor-form");
const STEP = 10;
const EDGE = { x: 70, y: 40 };

let isTouched = false;
let next = null;
let isSending = false;

function start() {
  for (const pitch of svg.querySelectorAll(".pitch")) {
    pitch.addEventListener("pointerdown", (event) => drag(event, pitch));
    pitch.addEventListener("keydown", (event) => nudge(event, pitch));
  }
  // What the server did not get the last time comes before what it has; it may have more than when this page was drawn.
  const unsent = read();
  if (unsent) {
    stand(unsent);
    send(unsent);
  } else {
    fetch(`${form.action}&block=${form.elements.block.value}`, { cache: "no-store" })
      .then((answer) => (answer.ok ? answer.json() : null))
      .then((places) => places && !isTouched && stand(places))
      .catch(() => {});
  }
  document.getElementById("floor-back").addEventListener("click", () => {
    isTouched = true;
    stand({});
    keep({});
  });
  document.getElementById("print-cards").addEventListener("click", () => window.print());
}

/** Puts every station where it stands, or back where it was drawn. */
function stand(places) {
  for (const pitch of svg.querySelectorAll(".pitch")) {
    const { x, y } = places[pitch.dataset.place] ?? { x: Number(pitch.dataset.x), y: Number(pitch.dataset.y) };
    put(pitch, x, y);
  }
  drawWays();
}

function drag(event, pitch) {
  if (event.button !== 0) return;
  isTouched = true;
  const [from, was] = [point(event), placeOf(pitch)];
  pitch.setPointerCapture(event.pointerId);
  const move = (moved) => {
    const now = point(moved);
    put(pitch, was.x + now.x - from.x, was.y + now.y - from.y);
    drawWays();
  };
  const end = () => {
    pitch.removeEventListener("pointermove", move);
    keep();
  };
  pitch.addEventListener("pointermove", move);
  for (const kind of ["pointerup", "pointercancel"]) pitch.addEventListener(kind, end, { once: true });
}

function nudge(event, pitch) {
  const by = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key];
  if (!by) return;
  event.preventDefault();
  isTouched = true;
  const { x, y } = placeOf(pitch);
  put(pitch, x + by[0], y + by[1]);
  drawWays();
  keep();
}

/** Where the pointer is, in units of the drawing. */
function point(event) {
  const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
  return { x, y };
}

function placeOf(pitch) {
  return { x: Number(pitch.dataset.nowX ?? pitch.dataset.x), y: Number(pitch.dataset.nowY ?? pitch.dataset.y) };
}

const tenth = (number) => Math.round(number * 10) / 10;

function put(pitch, x, y) {
  const { width, height } = svg.viewBox.baseVal;
  const [nowX, nowY] = [tenth(Math.min(width - EDGE.x, Math.max(EDGE.x, x))), tenth(Math.min(height - EDGE.y, Math.max(EDGE.y, y)))];
  Object.assign(pitch.dataset, { nowX, nowY });
  pitch.setAttribute("transform", `translate(${tenth(nowX - Number(pitch.dataset.x))} ${tenth(nowY - Number(pitch.dataset.y))})`);
}

/** The arrows follow what they lead from and to. */
function drawWays() {
  for (const way of svg.querySelectorAll(".way")) {
    const [from, to] = [way.dataset.from, way.dataset.to].map((place) => placeOf(svg.querySelector(`.pitch[data-place="${place}"]`)));
    const [dx, dy] = [to.x - from.x, to.y - from.y];
    const far = Math.max(1, Math.hypot(dx, dy));
    const [ux, uy] = [dx / far, dy / far];
    const tip = [from.x + dx * 0.64, from.y + dy * 0.64];
    way.setAttribute(
      "d",
      `M${from.x + dx * 0.36} ${from.y + dy * 0.36}L${tip.join(" ")}m${-9 * ux - 6 * uy} ${-9 * uy + 6 * ux}L${tip.join(" ")}l${-9 * ux + 6 * uy} ${-9 * uy - 6 * ux}`,
    );
  }
}

const name = () => `floor ${room.dataset.floor}`;

function read() {
  try {
    return JSON.parse(localStorage.getItem(name()));
  } catch {
    return null;
  }
}

/** Where every station stands, kept here at once and on the server as soon as it answers. */
function keep(places = placesNow()) {
  try {
    localStorage.setItem(name(), JSON.stringify(places));
  } catch {
    // Storage that is blocked keeps nothing; the server does.
  }
  send(places);
}

function placesNow() {
  return Object.fromEntries([...svg.querySelectorAll(".pitch")].map((pitch) => [pitch.dataset.place, placeOf(pitch)]));
}

/** One after the other, so that what is put last is kept last. */
async function send(places = placesNow()) {
  next = places;
  if (isSending) return;
  isSending = true;
  let isKept = true;
  while (next && isKept) {
    form.elements.places.value = JSON.stringify(next);
    next = null;
    isKept = await fetch(form.action, { method: "POST", body: new URLSearchParams(new FormData(form)), keepalive: true }).then(
      (answer) => answer.ok,
      () => false,
    );
  }
  isSending = false;
  document.getElementById("floor-told").textContent = isKept
    ? ""
    : "The server did not answer: the places are kept on this device, and sent when the page is opened again.";
  if (isKept) forget();
}

function forget() {
  try {
    localStorage.removeItem(name());
  } catch {
    // Storage that is blocked has nothing to forget.
  }
}

if (svg) start();
