// What is pressed on a remote, on its way to the class. Two presses of one key on this device are two, however slowly the class answers.

/** @typedef {"taken"|"tooMany"|"ended"|"refused"|"unsent"} Outcome */

export class Presses {
  #address;
  #token;
  #post;
  #known = 0;
  /** The last press of each key; the next of the same one waits for its answer, another key never does. @type {Map<string, Promise<Outcome>>} */
  #last = new Map();

  /**
   * @param {string} address
   * @param {string} token Against forgery.
   * @param {typeof fetch} post
   */
  constructor(address, token, post = (...request) => fetch(...request)) {
    this.#address = address;
    this.#token = token;
    this.#post = post;
  }

  /**
   * @param {FormData} fields
   * @param {number} seen How many events this device had heard of when it was pressed.
   * @returns {Promise<Outcome>}
   */
  send(fields, seen) {
    const kind = fields.get("kind");
    const before = this.#last.get(kind);
    const sent = (async () => {
      await before;
      return await this.#sendNow(fields, seen);
    })();
    this.#last.set(kind, sent);
    return sent;
  }

  async #sendNow(fields, seen) {
    fields.set("known", String(Math.max(seen, this.#known)));
    try {
      const answer = await this.#post(this.#address, {
        method: "POST",
        headers: { "X-Antiforgery": this.#token, "X-Scripted": "1" },
        body: new URLSearchParams(fields),
      });
      if (!answer.ok) return { 429: "tooMany", 410: "ended" }[answer.status] ?? "refused";
      // Its own press is known to it from the answer on, and need not have come back by the stream.
      this.#known = Math.max(this.#known, Number(await answer.text()) || 0);
      return "taken";
    } catch {
      return "unsent";
    }
  }
}
