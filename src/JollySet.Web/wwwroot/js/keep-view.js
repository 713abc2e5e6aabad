// Shows how the class stands, offers what wins back time and what was passed over, and says the words.
import { open } from "./cuts.js";
import { cueNow, missedBy, moreOf, offerOf, standing, takenCuts } from "./keep-place.js";

const byId = (id) => document.getElementById(id);
let happened = () => {};
let speed = 1;
let spoke = () => {};
let offered = null;
let missed = null;
let more = null;
let current = null;
let speaks = false;
let lastSaid = "";
let reckoned = "";

/** Once for a page. @param {(kind: string, value?: number) => void} happen @param {number} factor @param {(text: string) => void} speak */
export function startKeeping(happen, factor, speak) {
  spoke = speak;
  happened = happen;
  speed = factor;
  byId("take-offer").addEventListener("click", () => {
    for (const cut of offered?.cuts ?? []) happened("cut", cut.number);
  });
  byId("make-up").addEventListener("click", () => missed && happened("again", missed.segment));
  byId("take-more").addEventListener("click", () => more && happened("again", more.segment));
  byId("swap").addEventListener("click", () => current?.easier && happened("swap", current.flag));
  byId("other-cuts").addEventListener("click", () => byId("cuts").showModal());
  const voice = byId("voice");
  voice.addEventListener("click", () => {
    speaks = !speaks;
    voice.setAttribute("aria-pressed", String(speaks));
    voice.firstElementChild.textContent = speaks ? "Voice on" : "Voice off";
    if (!speaks) window.speechSynthesis?.cancel();
  });
}

/** Draws it for this moment. */
export function showKeeping(place, events, steps, course) {
  if (place.segment < 0) return;
  const stand = standing(place, events, course);
  showEnd(place, stand);
  showCue(place, steps, course);
  current = steps[place.segment];
  byId("swap").toggleAttribute("hidden", !current.easier);
  // What could be cut or made up for changes with the stretch, with what was pressed, and with each five seconds of delay.
  const key = `${place.segment} ${events.length} ${Math.floor(stand.overMs / 5000)} ${place.ended}`;
  if (key === reckoned) return;
  reckoned = key;
  showOffer(place, stand, course);
  showMissed(place, events, steps, course);
  showMore(place, stand, events, steps, course);
}

function showEnd(place, stand) {
  const end = new Date(Date.now() + stand.leftMs / speed);
  const behind = Math.round(stand.behindMs / 1000);
  const words = behind > 2 ? ` · ${spoken(behind)} behind` : behind < -2 ? ` · ${spoken(-behind)} ahead` : "";
  say("ends", `ends ${time(end)}${words}`);
}

/** One cue at a time, as long as it takes to say and a little longer to read. */
function showCue(place, steps, course) {
  if (!place.running && !place.ended) return say("say", "Paused.");
  const cue = cueNow(place, steps, course);
  const text = cue?.text ?? "";
  say("say", text);
  const key = text && `${place.segment} ${text}`;
  if (speaks && key && key !== lastSaid && cue.kind !== "three") spoke(text);
  if (key) lastSaid = key;
}

function showOffer(place, stand, course) {
  const named = { ...course, cuts: course.offers };
  offered = offerOf(place, stand, named);
  const box = byId("offer");
  box.toggleAttribute("hidden", !offered);
  if (!offered) return;
  const end = new Date(Date.now() + (stand.leftMs - offered.wins * 100) / speed);
  const what = offered.cuts.map((cut) => cut.says);
  say(
    "offer-says",
    `${spoken(Math.round(stand.overMs / 1000))} over. Without ${listed(what)} it ends ${time(end)}${offered.isEnough ? "" : ", still late"}.`,
  );
  byId("cut-list").replaceChildren(
    ...open(course.offers, place.segment, takenCuts(place)).map((cut) => {
      const row = document.createElement("li");
      const button = Object.assign(document.createElement("button"), {
        type: "button",
        textContent: `${cut.says} – wins ${spoken(Math.round(cut.wins / 10))}`,
      });
      button.addEventListener("click", () => {
        happened("cut", cut.number);
        byId("cuts").close();
      });
      row.append(button);
      return row;
    }),
  );
}

function showMissed(place, events, steps, course) {
  const all = place.back >= 0 || place.ended ? [] : missedBy(events, place.atMs, steps, course);
  missed = all[0] ?? null;
  byId("missed").toggleAttribute("hidden", !missed);
  if (!missed) return;
  const step = steps[missed.segment];
  const side = step.side ? `, ${step.side.toLowerCase()}` : "";
  say(
    "missed-says",
    missed.evens
      ? `Only one side was done: ${step.title}${side} is due.`
      : `Passed over: ${step.title}${side}${all.length > 1 ? `, and ${all.length - 1} more` : ""}.`,
  );
}

/** Early, and nothing that was passed over is due: what could be done once more. */
function showMore(place, stand, events, steps, course) {
  more = missed ? null : moreOf(place, stand, events, steps, course);
  byId("more").toggleAttribute("hidden", !more);
  if (more)
    say(
      "more-says",
      `${spoken(Math.round(-stand.behindMs / 1000))} to spare. ${more.title} once more takes ${spoken(Math.round(more.takesMs / 1000))}.`,
    );
}

function listed(things) {
  return things.length < 2 ? things.join("") : `${things.slice(0, -1).join(", ")} and ${things.at(-1)}`;
}

/** Seconds under two minutes as they are, longer as minutes and seconds. */
function spoken(seconds) {
  return seconds < 120 ? `${seconds} s` : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
}

function time(at) {
  return `${String(at.getHours()).padStart(2, "0")}:${String(at.getMinutes()).padStart(2, "0")}`;
}

function say(id, words) {
  if (byId(id).textContent !== words) byId(id).textContent = words;
}
