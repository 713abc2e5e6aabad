// Order, live: the answer comes into the page, and a long search can be stopped. Without this the form asks for the page.
const form = document.getElementById("order-form");
const found = document.getElementById("found");

document.getElementById("stop").addEventListener("click", () => htmx.trigger(form, "htmx:abort"));
form.addEventListener("htmx:sendAbort", () => say("Stopped. Nothing was changed."));
form.addEventListener("htmx:sendError", () => say("The server did not answer; press again when it is back."));

/** Puts one sentence where the order would stand. */
function say(sentence) {
  const told = document.createElement("p");
  told.className = "told";
  told.textContent = sentence;
  found.replaceChildren(told);
}
