// What a change would make of the line: the ropes that would hang otherwise are laid over those that hang, until it is taken or left.

/** Lays ropes over the line. @param {{id: string, box: string, svg: string}[]} ropes */
export function showGhosts(ropes) {
  hideGhosts();
  for (const { id, box, svg } of ropes ?? []) {
    const hung = document.getElementById(id);
    if (!hung) continue;
    const drawn = new DOMParser()
      .parseFromString(`<svg class="bunting ghost" viewBox="${box}" aria-hidden="true">${svg}</svg>`, "text/html")
      .querySelector("svg");
    for (const way of drawn.querySelectorAll("a")) way.removeAttribute("href");
    hung.classList.add("would-hang");
    hung.append(drawn);
  }
}

/** The line as it is. */
export function hideGhosts() {
  for (const ghost of document.querySelectorAll(".bunting.ghost")) ghost.remove();
  for (const hung of document.querySelectorAll(".hung.would-hang")) hung.classList.remove("would-hang");
}

/**
 * What a press would do is shown while it is pointed at or has the keyboard; once for a page.
 * @param {(values: object) => Promise<{says: string, ropes: object[]} | null>} foreseen Asks the server.
 */
export function startWhatIf(foreseen) {
  const presses =
    '.finding button[value^="fix"], .bench-finding button[value="fix"], #bench .swap-in, #bench-station button, .state button[value="put-back"]';
  let over = null;
  const enter = async (event) => {
    const press = event.target.closest?.(presses);
    if (!press || press === over) return;
    over = press;
    const values = Object.fromEntries(new FormData(press.form, press));
    const would = await foreseen({ ...values, open: document.getElementById("main").dataset.open });
    if (over !== press || !would) return;
    document.getElementById("pulled").textContent = would.says;
    showGhosts(would.ropes);
  };
  const leave = (event) => {
    if (!over || (event.relatedTarget && over.contains(event.relatedTarget))) return;
    if (!over.contains(event.target)) return;
    forget();
  };
  const forget = () => {
    if (!over) return;
    over = null;
    document.getElementById("pulled").textContent = "";
    hideGhosts();
  };
  for (const kind of ["pointerover", "focusin"]) document.addEventListener(kind, enter);
  for (const kind of ["pointerout", "focusout"]) document.addEventListener(kind, leave);
  document.addEventListener("click", forget, true);
}
