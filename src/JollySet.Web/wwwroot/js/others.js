// What another changes arrives by itself, and is shown where it is; what one is typing stays.
import { look } from "./sleep.js";

const EVERY = 4000;
let busy = 0;

/** Looks for changes of others every few seconds, while the page is seen; once for a page. */
export function watchOthers() {
  document.addEventListener("htmx:beforeRequest", () => busy++);
  document.addEventListener("htmx:afterRequest", () => (busy = Math.max(0, busy - 1)));
  document.addEventListener("visibilitychange", check);
  setInterval(check, EVERY);
}

async function check() {
  if (document.hidden || busy > 0) return;
  const page = document.getElementById("main");
  const answer = await fetch(`${location.pathname}?handler=revision`).catch(() => null);
  if (!answer?.ok || busy > 0) return;
  const revision = Number(await answer.json().catch(() => 0));
  if (revision <= Number(page.dataset.revision)) return;
  const before = new Map([...document.querySelectorAll(".line [data-part]")].map((part) => [part.id, part.dataset.part]));
  await look();
  for (const part of document.querySelectorAll(".hung"))
    if (before.get(part.id) !== part.dataset.part) {
      part.classList.add("changed");
      setTimeout(() => part.classList.remove("changed"), 2500);
    }
}
