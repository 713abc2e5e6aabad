// Devices and services outside: asked now and then where they are switched on, never waited for. The class goes on without any of them.
const KEPT = "outside";
const ASK_MS = 5000;
const NAMES = ["bookings", "call", "music", "heart"];

const form = () => document.getElementById("outside-choice");
const chosen = (name) => form().elements.namedItem(name).value;

/** Once for a page. @param {string} address The class's own. */
export function startOutside(address) {
  let kept = {};
  try {
    kept = JSON.parse(localStorage.getItem(KEPT) ?? "{}");
  } catch {
    // What was kept cannot be read: all is off.
  }
  for (const select of form().querySelectorAll("select"))
    if ([...select.options].some((one) => one.value === kept[select.name])) select.value = kept[select.name];
  const ask = async () => {
    const on = NAMES.filter((name) => chosen(name) !== "");
    if (on.length === 0) return show([], []);
    try {
      const answer = await fetch(`${address}?handler=Outside&${on.map((name) => `${name}=${chosen(name)}`).join("&")}`);
      if (!answer.ok) return show([], []);
      const { lines, faults } = await answer.json();
      show(lines, faults);
    } catch {
      // The server is away: what it said last is no longer so.
      show([], []);
    }
  };
  form().addEventListener("change", () => {
    try {
      localStorage.setItem(KEPT, JSON.stringify(Object.fromEntries(new FormData(form()))));
    } catch {
      // Where nothing can be kept it holds for this class.
    }
    ask();
  });
  setInterval(ask, ASK_MS);
  ask();
}

/** The voice that was chosen says it; the browser's own where none was. @param {string} address @param {string} text */
export async function speak(address, text) {
  const voice = chosen("voice");
  if (voice === "") return window.speechSynthesis?.speak(new window.SpeechSynthesisUtterance(text));
  const sound = new window.Audio(`${address}?handler=Voice&fails=${voice === "fails"}&text=${encodeURIComponent(text.slice(0, 300))}`);
  await sound.play().then(
    () => (unheard = ""),
    () => (unheard = "There is no voice; the words stand on the screen."),
  );
}

let unheard = "";

function show(lines, faults) {
  say("outside", lines.join(" · "));
  say("outside-faults", [...faults, unheard].filter(Boolean).join(" "));
}

function say(id, words) {
  const element = document.getElementById(id);
  if (element.textContent !== words) element.textContent = words;
}
