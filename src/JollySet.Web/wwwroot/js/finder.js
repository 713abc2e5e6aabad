// A move that was found goes into the field it was looked for: the one where a move was typed last, else the one that adds a station.

/** Listens for moves that are picked; once for a page. */
export function pickMoves() {
  let last = "";
  document.addEventListener("focusin", (event) => {
    if (event.target.matches('input[list="moves"]')) last = event.target.id;
  });
  document.addEventListener("click", (event) => {
    const pick = event.target.closest(".name-pick");
    if (!pick) return;
    const field = document.getElementById(last) ?? document.getElementById("add-line");
    if (!field) return;
    field.value = pick.dataset.name;
    field.focus();
    for (const kind of ["input", "change"]) field.dispatchEvent(new window.Event(kind, { bubbles: true }));
  });
}
