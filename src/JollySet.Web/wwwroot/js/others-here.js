// What could stand in the place of the flag that is open: looked for once somebody stays, and as it is asked for.
let looking = 0;

/** What could stand here is looked for once somebody stays; again where something is asked of it. */
export function showOthers() {
  const list = document.getElementById("others-here");
  if (!list) return;
  const filter = document.getElementById("others-filter");
  filter.oninput = () => lookFor(list.dataset.from, filter.value);
  if (list.childElementCount === 0) lookFor(list.dataset.from, filter.value);
}

function lookFor(from, asked) {
  clearTimeout(looking);
  looking = setTimeout(async () => {
    const there = () => document.getElementById("others-here");
    const isStill = () => there()?.dataset.from === from && document.getElementById("others-filter").value === asked;
    if (!isStill()) return;
    const { revision } = document.getElementById("main").dataset;
    const answer = await fetch(`${from}&q=${encodeURIComponent(asked)}`).catch(() => null);
    if (!isStill() || document.getElementById("main").dataset.revision !== revision) return;
    const text = answer?.ok ? await answer.text() : "<p>The server did not answer.</p>";
    there().replaceChildren(...new DOMParser().parseFromString(text, "text/html").body.childNodes);
    htmx.process(there());
  }, 250);
}
