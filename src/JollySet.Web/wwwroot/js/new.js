// New class: refuses what is too large before it is sent, and reads a card anew as it is typed.
import { refuseTooLarge } from "./paste-limit.js";

refuseTooLarge(document);

const pause = 200;
let waiting = 0;
let asked = 0;

/** Sends the card as it stands and takes over what is understood of it; what is being typed is not touched. */
async function readAnew(form) {
  const mine = ++asked;
  const body = new window.URLSearchParams(new FormData(form));
  body.set("do", "read");
  let html;
  try {
    const answer = await fetch(form.action, { method: "POST", body, headers: { "HX-Request": "true" } });
    if (!answer.ok) return;
    html = await answer.text();
  } catch {
    // The server does not answer: the words stay, and the buttons still work.
    return;
  }
  if (mine !== asked) return;
  const fresh = new DOMParser().parseFromString(html, "text/html").getElementById("card");
  const now = document.getElementById("card");
  if (!fresh || !now) return;
  takeOver(now, fresh);
}

/** The same lines: only their readings change. Other lines: the whole card, and the keyboard where it was. */
function takeOver(now, fresh) {
  const old = [...now.querySelectorAll(".card-line")];
  const lines = [...fresh.querySelectorAll(".card-line")];
  const said = (line) => line.querySelector(".card-text")?.value;
  if (old.length === lines.length && lines.every((line, i) => said(line) === said(old[i]))) {
    const focus = document.activeElement;
    const place = focus?.name?.startsWith("answer-") ? [focus.name, focus.value] : undefined;
    lines.forEach((line, i) => {
      old[i].className = line.className;
      const [was, is] = [old[i].querySelector(".card-read"), line.querySelector(".card-read")];
      if (!was.isEqualNode(is)) was.replaceWith(is);
    });
    now.querySelector("#card-sum").replaceWith(fresh.querySelector("#card-sum"));
    if (place) now.querySelector(`input[name="${place[0]}"][value="${place[1]}"]`)?.focus();
    return;
  }
  const line = document.activeElement?.closest(".card-line")?.id;
  now.replaceWith(fresh);
  if (line) fresh.querySelector(`#${line} :is(input, textarea)`)?.focus();
}

document.addEventListener("input", (event) => {
  const form = event.target.closest("#card");
  if (!form) return;
  clearTimeout(waiting);
  waiting = setTimeout(() => readAnew(form), event.target.type === "radio" ? 0 : pause);
});
