// What the user of a page has open, focused, typed and failed stays so, whatever parts of the page are put in place.

/** What was refused: a field's id, or a form's, with what stood in it and why. @type {Map<string, {value: string|null, message: string}>} */
const refused = new Map();

/** What was sent and is not answered yet, by the field's id. @type {Map<string, string>} */
const sent = new Map();

/** Fields whose text is not what the page was given. @param {ParentNode} root */
export function typedFields(root) {
  return [...root.querySelectorAll("input[id], textarea[id], select[id]")].filter(isTyped);
}

/** @param {HTMLInputElement|HTMLTextAreaElement|HTMLSelectElement} field */
export function isTyped(field) {
  if (field.matches("select")) return [...field.options].some((o) => o.selected !== o.defaultSelected) && field.options.length > 0;
  if (field.type === "hidden" || field.type === "checkbox" || field.type === "radio") return false;
  return field.value !== field.defaultValue;
}

/** Remembers what a form sends, so that the answer may take its place. @param {HTMLFormElement} form */
export function markSent(form) {
  for (const field of typedFields(form)) sent.set(field.id, field.value);
}

/**
 * Puts parts in place and keeps everything that is the user's.
 * @param {() => void} place
 * @param {boolean} taken Whether what was sent has been taken, so that the page's text stands.
 */
export function keeping(place, taken) {
  const active = document.activeElement;
  const focus = active?.id ? { id: active.id, start: active.selectionStart ?? null, end: active.selectionEnd ?? null } : null;
  const typed = new Map(typedFields(document).map((f) => [f.id, f.value]));
  const given = new Map(typedFields(document).map((f) => [f.id, f.defaultValue]));
  if (taken) for (const [id, value] of sent) if (typed.get(id) === value) typed.delete(id);
  sent.clear();
  const open = new Map([...document.querySelectorAll("details[id]")].map((d) => [d.id, d.open]));
  const scroll = new Map([...document.querySelectorAll(".line.wide")].map((e) => [e.id, e.scrollTop]));
  place();
  for (const [id, value] of typed) {
    const field = document.getElementById(id);
    if (field && "value" in field && field.value !== value) field.value = value;
    if (field?.matches("input") && field.defaultValue !== given.get(id) && field.defaultValue !== value)
      refused.set(id, { value, message: `Meanwhile this became “${field.defaultValue || "nothing"}”; Enter puts yours in its place.` });
  }
  for (const [id, wasOpen] of open) {
    const part = document.getElementById(id);
    if (part && part.open !== wasOpen) part.open = wasOpen;
  }
  for (const [id, top] of scroll) {
    const part = document.getElementById(id);
    if (part) part.scrollTop = top;
  }
  if (focus) refocus(focus);
  showRefusals();
}

function refocus({ id, start, end }) {
  const field = document.getElementById(id);
  if (!field || field === document.activeElement) return;
  field.focus({ preventScroll: true });
  if (start !== null && field.setSelectionRange && /^(text|search|textarea)$/.test(field.type)) field.setSelectionRange(start, end);
}

/** Says beside a field, or under a form, why it was refused; it stays until that is typed otherwise or taken. */
export function refuse(id, message) {
  sent.clear();
  const field = document.getElementById(id);
  if (!field) return;
  refused.set(id, { value: "value" in field ? field.value : null, message });
  showRefusals();
  field.scrollIntoView({ block: "nearest" });
  document.getElementById(`${id}-refused`)?.scrollIntoView({ block: "nearest" });
}

/** Nothing is refused any more in that field or form. */
export function forgive(id) {
  if (refused.delete(id)) showRefusals();
}

function showRefusals() {
  for (const old of document.querySelectorAll("[data-refusal]")) old.remove();
  for (const [id, { value, message }] of refused) {
    const field = document.getElementById(id);
    if (!field || (value !== null && field.value !== value)) {
      refused.delete(id);
      field?.removeAttribute("aria-invalid");
      field?.removeAttribute("aria-describedby");
      continue;
    }
    const said = Object.assign(document.createElement("p"), { className: "field-error", textContent: message, id: `${id}-refused` });
    said.dataset.refusal = id;
    said.setAttribute("role", "alert");
    if (value === null) field.append(said);
    else {
      field.setAttribute("aria-invalid", "true");
      field.setAttribute("aria-describedby", said.id);
      (field.closest(".cell, .field-one") ?? field).after(said);
    }
  }
}

document.addEventListener("input", (event) => {
  const id = event.target.id;
  if (refused.has(id)) {
    event.target.removeAttribute("aria-invalid");
    event.target.removeAttribute("aria-describedby");
    forgive(id);
  }
});
