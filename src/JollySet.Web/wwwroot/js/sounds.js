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
};

export class Sounds {
  #context = null;
  #planned = [];
  #volume = null;
  #heard = () => {};

  /** @param {(asleep: boolean) => void} heard Called when sound falls asleep or wakes. */
  constructor(heard = () => {}) {
    this.#heard = heard;
  }

  /** Browsers let a page sound only after a key or a press; a call or another program may put it to sleep again. */
  wake() {
    if (!this.#context) {
      this.#context = new AudioContext();
      this.#volume = new GainNode(this.#context, { gain: 1 });
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
    if (this.#volume) this.#volume.gain.value = silent ? 0 : 1;
    this.isMuted = silent;
  }

  get muted() {
    return this.isMuted === true;
  }

  /** @param {"work"|"rest"|"other"|"half"|"last"} name */
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
    const tone = new OscillatorNode(this.#context, { type: "triangle", frequency: pitch });
    const volume = new GainNode(this.#context, { gain: 0 });
    volume.gain.setValueAtTime(0, at);
    volume.gain.linearRampToValueAtTime(0.6, at + 0.01);
    volume.gain.setValueAtTime(0.6, at + length - 0.04);
    volume.gain.linearRampToValueAtTime(0, at + length);
    tone.connect(volume).connect(this.#volume);
    tone.addEventListener("ended", () => {
      if (this.#context.currentTime >= at + length - 0.01) document.documentElement.dataset.lastSound = name;
    });
    tone.start(at);
    tone.stop(at + length);
    return tone;
  }
}
