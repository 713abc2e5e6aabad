// Fit and Order, live: the answer comes into the page, and a long search can be stopped. Without this the form asks for the page.
const form = document.querySelector("form[data-answers]");
const answers = document.getElementById(form.dataset.answers);

document.getElementById("stop").addEventListener("click", () => htmx.trigger(form, "htmx:abort"));
form.addEventListener("htmx:sendAbort", () => say("Stopped. Nothing was changed."));
form.addEventListener("htmx:sendError", () => say("The server did not answer; press again when it is back."));
form.addEventListener("htmx:beforeRequest", () => answers.replaceChildren());

/** Puts one sentence where the answer would stand. */
function say(sentence) {
  const told = document.createElement("p");
  told.className = "told";
  told.textContent = sentence;
  answers.replaceChildren(told);
}
