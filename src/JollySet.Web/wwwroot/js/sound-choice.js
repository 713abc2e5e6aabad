// The kind of sound, how loud, the beat and the count: chosen before the class, kept on this device.
const KEPT = "sounds";
const LEAST = 40;
const MOST = 220;

/** @returns {{kind: string, loud: number, beat: number, count: boolean}} */
function kept() {
  const usual = { kind: "clear", loud: 100, beat: 0, count: false };
  try {
    return { ...usual, ...JSON.parse(localStorage.getItem(KEPT) ?? "{}") };
  } catch {
    return usual;
  }
}

/**
 * Shows what was chosen before and takes what is chosen now.
 * @param {import("./sounds.js").Sounds} sounds
 * @param {() => void} changed
 * @returns {{beat: number, count: boolean}} What is chosen, kept up to date.
 */
export function startSoundChoice(sounds, changed) {
  const form = document.getElementById("sound-choice");
  const chosen = kept();
  const field = (name) => form.elements.namedItem(name);
  field("kind").value = chosen.kind;
  if (field("kind").selectedIndex < 0) field("kind").selectedIndex = 0;
  field("loud").value = chosen.loud;
  field("beat").value = chosen.beat || "";
  field("count").checked = chosen.count;
  const take = () => {
    const beat = Math.round(Number(field("beat").value));
    Object.assign(chosen, {
      kind: field("kind").value,
      loud: Number(field("loud").value),
      beat: beat >= LEAST && beat <= MOST ? beat : 0,
      count: field("count").checked,
    });
    sounds.choose(chosen.kind, chosen.loud);
    try {
      localStorage.setItem(KEPT, JSON.stringify(chosen));
    } catch {
      // Where nothing can be kept it holds for this class.
    }
    changed();
  };
  form.addEventListener("input", take);
  form.addEventListener("change", () => {
    sounds.wake();
    sounds.play("work");
  });
  sounds.choose(chosen.kind, chosen.loud);
  return chosen;
}
