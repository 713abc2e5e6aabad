// Design: a block of one draft is dragged onto a block of the draft that is looked at; the same is a button there.
document.addEventListener("dragstart", (event) => {
  const from = event.target.closest?.("[data-from][draggable=true]");
  if (!from) return;
  event.dataTransfer.setData("text/plain", from.dataset.from);
  event.dataTransfer.effectAllowed = "copy";
  document.documentElement.dataset.dragging = from.dataset.from;
});

document.addEventListener("dragend", () => delete document.documentElement.dataset.dragging);

document.addEventListener("dragover", (event) => {
  if (document.documentElement.dataset.dragging && event.target.closest?.("[data-block]")) event.preventDefault();
});

document.addEventListener("drop", (event) => {
  const from = document.documentElement.dataset.dragging;
  const block = event.target.closest?.("[data-block]");
  if (!from || !block) return;
  event.preventDefault();
  [...block.querySelectorAll("[data-offer]")].find((offer) => offer.dataset.offer === from)?.click();
});
