// Keeps the keys that are pressed before Teach's own script is there; teach.js takes them up in their order and then listens itself.
(() => {
  const root = document.documentElement;
  const keep = (event) => {
    if (root.dataset.ready || event.repeat || event.ctrlKey || event.altKey || event.metaKey) return;
    if (event.target.matches?.("select, input")) return;
    root.dataset.early = [root.dataset.early, event.key === " " ? "space" : event.key].filter(Boolean).join("\n");
    if (event.key === " ") event.preventDefault();
  };
  document.addEventListener("keydown", keep, true);
})();
