// The events of a session: applied here at once, sent to the server in order, kept in the browser until it has them.

export class EventLog {
  #address;
  #token;
  #store;
  #sending = false;
  #told;

  /**
   * @param {{id: string, events: import("./clock.js").SessionEvent[]}} session
   * @param {string} token Against forgery.
   * @param {(unsent: number) => void} told Called when the number of events the server lacks has changed.
   */
  constructor(session, token, told) {
    this.#address = `/session/${session.id}?handler=Events`;
    this.#token = token;
    this.#store = `jolly-session-${session.id}`;
    this.#told = told;
    const kept = JSON.parse(localStorage.getItem(this.#store) ?? "[]");
    const last = session.events.at(-1)?.number ?? 0;
    this.unsent = kept.filter((event) => event.number > last);
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

  /** Sends what the server lacks, and tries again until it has it. */
  async send() {
    if (this.#sending || this.unsent.length === 0) return;
    this.#sending = true;
    const batch = [...this.unsent];
    const arrived = await this.#post(batch);
    this.#sending = false;
    if (arrived) this.unsent = this.unsent.filter((event) => event.number > batch.at(-1).number);
    this.#keep();
    this.#told(this.unsent.length);
    if (this.unsent.length > 0) setTimeout(() => this.send(), arrived ? 0 : 2000);
  }

  async #post(batch) {
    try {
      const headers = { "Content-Type": "application/json", "X-Antiforgery": this.#token };
      const answer = await fetch(this.#address, { method: "POST", headers, body: JSON.stringify(batch), keepalive: true });
      return answer.ok;
    } catch {
      return false;
    }
  }

  #keep() {
    if (this.unsent.length === 0) localStorage.removeItem(this.#store);
    else localStorage.setItem(this.#store, JSON.stringify(this.unsent));
  }
}
