// The events of a session: applied here at once, sent to the server in order, kept in the browser until it has them.

const RETRY_MS = [1000, 2000, 4000, 8000];

/** @typedef {"kept"|"unsent"|"refused"|"elsewhere"} Standing */

export class EventLog {
  #address;
  #token;
  #store;
  #sending = false;
  #tries = 0;
  #told;
  #changed;
  #refused = false;
  /** How far this device's clock is ahead of the server's, once it is known, in ms. @type {number|null} */
  ahead = null;

  /**
   * @param {{id: string, events: import("./clock.js").SessionEvent[]}} session
   * @param {string} token Against forgery.
   * @param {{told: (standing: Standing, unsent: number) => void, changed: () => void}} heard Called when how it stands has changed, and when another device's events have come in.
   * @param {Storage|null} storage Where what is unsent waits; none where the browser has none.
   */
  constructor(session, token, { told, changed }, storage = safeStorage()) {
    this.#address = `/session/${session.id}?handler=Events`;
    this.#token = token;
    this.#store = { storage, key: `jolly-session-${session.id}` };
    this.#told = told;
    this.#changed = changed;
    const last = session.events.at(-1)?.number ?? 0;
    this.unsent = this.#read().filter((event) => event.number > last);
    this.all = [...session.events, ...this.unsent];
    if (this.unsent.length > 0) this.send();
  }

  /** @returns {import("./clock.js").SessionEvent} */
  add(kind, atMs, value = null) {
    const event = { number: (this.all.at(-1)?.number ?? 0) + 1, kind, atMs: Math.round(atMs), value };
    this.all.push(event);
    this.unsent.push(event);
    this.#keep();
    this.send();
    return event;
  }

  /** Whether nothing waits that the server could still take. */
  get settled() {
    return this.unsent.length === 0 || this.#refused;
  }

  /** Sends what the server lacks, and tries again until it has it or will never take it. */
  async send() {
    if (this.#sending || this.unsent.length === 0 || this.#refused) return;
    this.#sending = true;
    const batch = [...this.unsent];
    const answer = await this.#post(batch);
    this.#sending = false;
    if (answer.ok) {
      this.unsent = this.unsent.filter((event) => event.number > batch.at(-1).number);
      this.#tries = 0;
      this.#keep();
      this.#told("kept", this.unsent.length);
      if (this.unsent.length > 0) this.send();
    } else if (answer.status === 409) {
      this.#follow(answer.events);
      this.#told("elsewhere", this.unsent.length);
      setTimeout(() => this.send(), 100);
    } else if (answer.status >= 400 && answer.status < 500) {
      this.#refused = true;
      this.#told("refused", this.unsent.length);
    } else {
      this.#told("unsent", this.unsent.length);
      setTimeout(() => this.send(), RETRY_MS[Math.min(this.#tries++, RETRY_MS.length - 1)]);
    }
  }

  /** Looks at what the server has: events of another device, or of this page before it was loaded anew. */
  async sync() {
    if (this.#sending || this.#refused) return;
    try {
      const answer = await fetch(this.ahead === null ? this.#address : `${this.#address}&ahead=${this.ahead}`);
      if (!answer.ok) return;
      const there = await answer.json();
      const sent = this.all.length - this.unsent.length;
      if (!this.#sending && there.length > sent) this.#follow(there);
    } catch {
      // No answer: what is pressed here is kept and sent later all the same.
    }
  }

  /** Another device came first: its events stand, and what was pressed here comes after them. */
  #follow(there) {
    const known = new Set(there.map((e) => `${e.kind} ${e.atMs} ${e.value}`));
    const mine = this.unsent.filter((e) => !known.has(`${e.kind} ${e.atMs} ${e.value}`));
    const last = there.at(-1) ?? { number: 0, atMs: 0 };
    this.unsent = mine.map((event, i) => ({ ...event, number: last.number + 1 + i, atMs: Math.max(event.atMs, last.atMs) }));
    this.all = [...there, ...this.unsent];
    this.#keep();
    this.#changed();
  }

  async #post(batch) {
    try {
      const headers = { "Content-Type": "application/json", "X-Antiforgery": this.#token };
      const answer = await fetch(this.#address, { method: "POST", headers, body: JSON.stringify(batch), keepalive: true });
      return { ok: answer.ok, status: answer.status, events: answer.status === 409 ? await answer.json() : [] };
    } catch {
      return { ok: false, status: 0, events: [] };
    }
  }

  #read() {
    try {
      const kept = JSON.parse(this.#store.storage?.getItem(this.#store.key) ?? "[]");
      return Array.isArray(kept)
        ? kept.filter((e) => Number.isInteger(e?.number) && typeof e.kind === "string" && Number.isFinite(e.atMs))
        : [];
    } catch {
      return [];
    }
  }

  #keep() {
    try {
      if (this.unsent.length === 0) this.#store.storage?.removeItem(this.#store.key);
      else this.#store.storage?.setItem(this.#store.key, JSON.stringify(this.unsent));
    } catch {
      // A full or blocked store: what is unsent is kept in this page alone.
    }
  }
}

function safeStorage() {
  try {
    return localStorage;
  } catch {
    return null;
  }
}
