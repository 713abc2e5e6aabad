// Design: a block of one draft is dragged onto a block of the draft that is looked at, on its card or below; the same is a button there.
const placeOf = (event) => event.target.closest?.("[data-into]")?.dataset.into ?? event.target.closest?.("[data-block]")?.dataset.block;

document.addEventListener("dragstart", (event) => {
  const from = event.target.closest?.("[data-from][draggable=true]");
  if (!from) return;
  event.dataTransfer.setData("text/plain", from.dataset.from);
  event.dataTransfer.effectAllowed = "copy";
  document.documentElement.dataset.dragging = from.dataset.from;
});

document.addEventListener("dragend", () => delete document.documentElement.dataset.dragging);

document.addEventListener("dragover", (event) => {
  if (document.documentElement.dataset.dragging && placeOf(event)) event.preventDefault();
});

document.addEventListener("drop", (event) => {
  const from = document.documentElement.dataset.dragging;
  const into = placeOf(event);
  if (!from || !into) return;
  event.preventDefault();
  [...document.querySelectorAll("[data-block]")]
    .filter((block) => block.dataset.block === into)
    .flatMap((block) => [...block.querySelectorAll("[data-offer]")])
    .find((offer) => offer.dataset.offer === from)
    ?.click();
});

// Drafts that come in below what is seen are brought into sight.
document.addEventListener("htmx:afterSettle", () => {
  const title = document.getElementById("drafts-title");
  if (title && title.getBoundingClientRect().top > window.innerHeight * 0.6) title.scrollIntoView({ block: "start" });
});
