// The sounds of a class, made on the spot: each differs in pitch, number and length, so that it is told apart without looking.

/** Pitch in Hz, start and length in seconds of each tone. */
const SOUNDS = {
  work: [
    [660, 0, 0.16],
    [880, 0.17, 0.34],
  ],
  rest: [[440, 0, 0.5]],
  other: [
    [700, 0, 0.12],
    [560, 0.16, 0.12],
    [700, 0.32, 0.2],
  ],
  half: [
    [700, 0, 0.12],
    [560, 0.16, 0.12],
    [700, 0.32, 0.2],
  ],
  last: [[980, 0, 0.09]],
  beat: [[587, 0, 0.04]],
  accent: [[880, 0, 0.04]],
  tick: [[740, 0, 0.03]],
};

/** What is heard all the time is quieter than what tells something. */
const QUIET = new Set(["beat", "accent", "tick"]);

/** The kinds one may choose: the shape of the wave, and how high it lies. */
export const KINDS = {
  clear: { type: "triangle", pitch: 1, gain: 0.6 },
  soft: { type: "sine", pitch: 0.75, gain: 0.6 },
  bright: { type: "square", pitch: 1.25, gain: 0.3 },
};

export class Sounds {
  #context = null;
  #planned = [];
  #volume = null;
  #heard = () => {};
  #kind = KINDS.clear;
  #loud = 1;

  /** @param {(asleep: boolean) => void} heard Called when sound falls asleep or wakes. */
  constructor(heard = () => {}) {
    this.#heard = heard;
  }

  /** Browsers let a page sound only after a key or a press; a call or another program may put it to sleep again. */
  wake() {
    if (!this.#context) {
      this.#context = new AudioContext();
      this.#volume = new GainNode(this.#context, { gain: this.muted ? 0 : this.#loud });
      this.#volume.connect(this.#context.destination);
      this.#context.addEventListener("statechange", () => {
        this.#heard(this.asleep);
        if (this.asleep) this.#context.resume().catch(() => {});
      });
    }
    if (this.#context.state !== "running") this.#context.resume().catch(() => {});
  }

  get asleep() {
    return this.#context?.state !== "running";
  }

  set muted(silent) {
    this.isMuted = silent;
    this.#level();
  }

  /** @param {string} kind One of KINDS. @param {number} percent How loud. */
  choose(kind, percent) {
    this.#kind = KINDS[kind] ?? KINDS.clear;
    this.#loud = percent / 100;
    this.#level();
  }

  #level() {
    if (this.#volume) this.#volume.gain.value = this.muted ? 0 : this.#loud;
  }

  get muted() {
    return this.isMuted === true;
  }

  /** @param {"work"|"rest"|"other"|"half"|"last"|"beat"|"accent"|"tick"} name */
  play(name) {
    if (!this.#context) return;
    for (const [pitch, start, length] of SOUNDS[name]) this.#tone(name, pitch, this.#context.currentTime + start, length);
  }

  /** What is to sound from now on, in place of what was planned before. @param {{inMs: number, name: string}[]} sounds */
  plan(sounds) {
    for (const tone of this.#planned) tone.stop();
    this.#planned = [];
    if (!this.#context) return;
    const now = this.#context.currentTime;
    for (const { inMs, name } of sounds)
      for (const [pitch, start, length] of SOUNDS[name]) this.#planned.push(this.#tone(name, pitch, now + inMs / 1000 + start, length));
  }

  #tone(name, pitch, at, length) {
    const tone = new OscillatorNode(this.#context, { type: this.#kind.type, frequency: pitch * this.#kind.pitch });
    const volume = new GainNode(this.#context, { gain: 0 });
    const loud = QUIET.has(name) ? this.#kind.gain / 3 : this.#kind.gain;
    volume.gain.setValueAtTime(0, at);
    volume.gain.linearRampToValueAtTime(loud, at + Math.min(0.01, length / 3));
    volume.gain.setValueAtTime(loud, at + Math.max(length - 0.04, (length * 2) / 3));
    volume.gain.linearRampToValueAtTime(0, at + length);
    tone.connect(volume).connect(this.#volume);
    tone.addEventListener("ended", () => {
      if (!QUIET.has(name) && this.#context.currentTime >= at + length - 0.01) document.documentElement.dataset.lastSound = name;
    });
    tone.start(at);
    tone.stop(at + length);
    return tone;
  }
}
