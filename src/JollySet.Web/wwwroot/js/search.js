// Fit, Order and Design, live: the search runs on the server and tells how far it is; every bad answer is said. Without this the form asks for the page.
const answers = document.querySelector("[data-answer]");

document.addEventListener("htmx:sendError", () => say("The server does not answer; press again when it is back."));
document.addEventListener("htmx:responseError", (event) =>
  say(
    event.detail.xhr.status >= 500
      ? "The server failed at this search. Nothing was changed; press again."
      : "The server did not take this. Reload the page and press again.",
  ),
);
document.documentElement.dataset.ready = "yes";

/** Puts one sentence where the answer would stand. */
function say(sentence) {
  const told = document.createElement("p");
  told.className = "told";
  told.setAttribute("role", "alert");
  told.textContent = sentence;
  answers.replaceChildren(told);
}
