// A class that is taught elsewhere: its events are heard, its clock is reckoned here from them.
import { BEFORE, advanced, after } from "./clock.js";

const SAMPLES = 5;
const AGAIN_MS = 30_000;
const SILENT_MS = 12_000;

export class Live {
  #data;
  #changed;
  #told;
  #source = null;
  #ahead = 0;
  #offset = null;
  #best = Infinity;
  #events;

  /**
   * @param {object} data What the page holds of the class.
   * @param {{changed: () => void, told: (words: string) => void}} heard Called when something has happened, and when it is not heard any more.
   */
  constructor(data, { changed, told }) {
    this.#data = data;
    this.#changed = changed;
    this.#told = told;
    this.#events = data.events;
    this.course = { ...data, tenths: data.steps.map((step) => step.tenths), cuts: data.cuts.map((cut) => cut.takes) };
    this.#listen();
    this.#measure();
    setInterval(() => this.#measure(), AGAIN_MS);
    // A device that slept, or lost its network, is right again at once.
    for (const wakes of ["visibilitychange", "online", "pageshow"])
      window.addEventListener(wakes, () => document.visibilityState === "visible" && this.#again());
  }

  get events() {
    return this.#events;
  }

  /** The clock of the device that teaches, in ms. */
  get now() {
    return (performance.now() + (this.#offset ?? Date.now() - performance.now())) * this.#data.speed + this.#ahead;
  }

  /** Where the class was some ms ago, for one whose picture of it comes so late; a stop holds at once. */
  placeLate(ms) {
    const then = this.now - ms * this.#data.speed;
    if (ms <= 0 || this.place.stopped) return this.place;
    const known = this.#events.filter((event) => event.atMs <= then);
    return advanced(
      known.reduce((so, event) => after(so, event, this.course), BEFORE),
      then,
      this.course,
    );
  }

  /** Where the class is. */
  get place() {
    const anchor = this.#events.reduce((so, event) => after(so, event, this.course), BEFORE);
    return advanced(anchor, Math.max(this.now, anchor.atMs), this.course);
  }

  #again() {
    this.#best = Infinity;
    this.#listen();
    this.#measure();
  }

  #listen() {
    this.#source?.close();
    this.#source = new EventSource(this.#data.live);
    this.#source.addEventListener("open", () => this.#told(""));
    this.#source.addEventListener("message", ({ data }) => this.#hear(JSON.parse(data)));
    this.#source.addEventListener("error", () => {
      // Codes end with their class: nothing more comes, and nothing is wrong.
      if (this.place.ended) return this.#source.close();
      this.#told("Not heard from the class just now – the clock goes on here.");
      // Some answers end the stream for good; it is asked for again all the same.
      if (this.#source.readyState === EventSource.CLOSED) setTimeout(() => this.#listen(), SILENT_MS / 4);
    });
  }

  #hear({ ahead, from, events }) {
    this.#ahead = ahead;
    // Something in between was missed: the stream begins with all of it.
    if (from > this.#events.length) return this.#listen();
    this.#events = [...this.#events.slice(0, from), ...events];
    this.#changed();
  }

  /** This device's clock against the server's, by the quickest of a few answers: wrong by at most half the way there and back. */
  async #measure() {
    for (let i = 0; i < SAMPLES; i++) {
      try {
        const sent = performance.now();
        const answer = await fetch("/live/time", { cache: "no-store" });
        const server = Number(await answer.text());
        const heard = performance.now();
        if (answer.ok && heard - sent < this.#best) {
          this.#best = heard - sent;
          this.#offset = server + this.#best / 2 - heard;
        }
      } catch {
        return;
      }
    }
    this.#changed();
  }
}
