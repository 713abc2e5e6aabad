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
  muted = false;

  /** Browsers let a page sound only after a key or a press. */
  wake() {
    this.#context ??= new AudioContext();
    if (this.#context.state === "suspended") this.#context.resume();
  }

  get asleep() {
    return this.#context?.state !== "running";
  }

  /** @param {"work"|"rest"|"other"|"half"|"last"} name */
  play(name) {
    document.documentElement.dataset.lastSound = name;
    if (this.muted || !this.#context) return;
    for (const [pitch, start, length] of SOUNDS[name]) this.#tone(pitch, this.#context.currentTime + start, length);
  }

  #tone(pitch, at, length) {
    const tone = new OscillatorNode(this.#context, { type: "triangle", frequency: pitch });
    const volume = new GainNode(this.#context, { gain: 0 });
    volume.gain.setValueAtTime(0, at);
    volume.gain.linearRampToValueAtTime(0.6, at + 0.01);
    volume.gain.setValueAtTime(0.6, at + length - 0.04);
    volume.gain.linearRampToValueAtTime(0, at + length);
    tone.connect(volume).connect(this.#context.destination);
    tone.start(at);
    tone.stop(at + length);
  }
}
