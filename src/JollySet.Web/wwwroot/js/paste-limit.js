// Refuses a paste or a file that is over the limit before it is sent; what was typed stays where it is.

/** @param {Document|Element} root Where forms with data-limit (bytes) may stand. */
export function refuseTooLarge(root) {
  root.addEventListener("submit", refuse, true);
  root.addEventListener("htmx:configRequest", refuse, true);
}

function refuse(event) {
  const form = event.target.closest("form[data-limit]");
  if (!form) return;
  const limit = Number(form.dataset.limit);
  // A card that is asked about has a field for each of its lines.
  const size = [...form.querySelectorAll("textarea, input[type=file], .card-text")].reduce((sum, field) => sum + sizeOf(field), 0);
  let told = form.querySelector(".field-error");
  if (!told) form.append((told = Object.assign(document.createElement("p"), { className: "field-error" })));
  told.hidden = size <= limit;
  if (size <= limit) return;
  told.setAttribute("role", "alert");
  told.textContent = `That is ${Math.round(size / 1000)} kB; ${form.querySelector(".card-text") ? "a card" : "a sheet"} is at most ${limit / 1000} kB. Nothing was sent, and your text is still here.`;
  event.preventDefault();
  event.stopPropagation();
}

/** Bytes of what a field holds. */
function sizeOf(field) {
  if (field.type === "file") return field.files[0]?.size ?? 0;
  return new TextEncoder().encode(field.value).length;
}
