// Completes the names of moves while a block is typed as one line: a list under the field, by keyboard or pointer.
const MOST = 7;
let names = null;

/** Makes the field of the page complete names; once for each field. */
export function completeLines(root) {
  const field = root.querySelector("#block-line");
  if (!field || field.dataset.completes) return;
  field.dataset.completes = "yes";
  const list = document.getElementById("block-line-names");
  const say = { active: -1 };
  field.addEventListener("input", () => open(field, list, say));
  field.addEventListener("blur", () => setTimeout(() => close(field, list, say), 150));
  field.addEventListener("keydown", (event) => key(event, field, list, say));
  list.addEventListener("pointerdown", (event) => {
    const option = event.target.closest("li");
    if (!option) return;
    event.preventDefault();
    take(field, list, say, option.textContent);
  });
}

/** The name being typed: from the last sign before the caret on; null before the colon and in the middle of a word. */
export function nameAt(text, caret) {
  const before = text.slice(0, caret);
  const colon = before.search(/:(?!\d)/);
  if (colon < 0) return null;
  const start =
    Math.max(
      before.lastIndexOf(","),
      before.lastIndexOf("+"),
      before.lastIndexOf(">"),
      before.lastIndexOf("&"),
      before.lastIndexOf("("),
      colon,
    ) + 1;
  const typed = before.slice(start).trimStart();
  return typed.length >= 2 && /^[a-z' -]+$/i.test(typed) ? { from: caret - typed.length, typed } : null;
}

/** Names that begin with what is typed, then those with a word that does; among each the common ones first, as the page lists them. */
export function matching(all, typed) {
  const wanted = typed.toLowerCase();
  const rank = (name) => (name.toLowerCase().startsWith(wanted) ? 0 : name.toLowerCase().includes(` ${wanted}`) ? 1 : 2);
  return all
    .map((name) => ({ name, rank: rank(name) }))
    .filter((n) => n.rank < 2 && n.name.toLowerCase() !== wanted)
    .sort((a, b) => a.rank - b.rank)
    .slice(0, MOST)
    .map((n) => n.name);
}

function open(field, list, say) {
  names ??= [...document.querySelectorAll("#moves option")].map((option) => option.value);
  const name = nameAt(field.value, field.selectionStart);
  const found = name ? matching(names, name.typed) : [];
  say.active = -1;
  list.replaceChildren(
    ...found.map((text, i) => Object.assign(document.createElement("li"), { textContent: text, id: `block-line-name-${i}` })),
  );
  for (const option of list.children) option.setAttribute("role", "option");
  list.hidden = found.length === 0;
  field.setAttribute("aria-expanded", String(!list.hidden));
  field.removeAttribute("aria-activedescendant");
}

function close(field, list, say) {
  list.hidden = true;
  say.active = -1;
  field.setAttribute("aria-expanded", "false");
  field.removeAttribute("aria-activedescendant");
}

function key(event, field, list, say) {
  if (list.hidden) return;
  if (event.key === "ArrowDown" || event.key === "ArrowUp") mark(field, list, say, say.active + (event.key === "ArrowDown" ? 1 : -1));
  else if (event.key === "Escape") close(field, list, say);
  else if ((event.key === "Enter" || event.key === "Tab") && say.active >= 0) take(field, list, say, list.children[say.active].textContent);
  else return;
  event.preventDefault();
}

function mark(field, list, say, at) {
  say.active = (at + list.children.length) % list.children.length;
  for (const [i, option] of [...list.children].entries()) option.setAttribute("aria-selected", String(i === say.active));
  field.setAttribute("aria-activedescendant", list.children[say.active].id);
}

function take(field, list, say, name) {
  const at = nameAt(field.value, field.selectionStart);
  if (at) field.setRangeText(name, at.from, field.selectionStart, "end");
  close(field, list, say);
  field.focus();
  field.dispatchEvent(new window.Event("input", { bubbles: true }));
}
