// What was opened is brought into sight, with the rope or the flag it belongs to.
const bench = () => document.getElementById("bench");

/** The bench is seen whole, and the rope above it with it, as far as the screen allows. */
export function bringIntoSight() {
  if (getComputedStyle(bench()).position === "fixed") return showAbove();
  const rope = bench().previousElementSibling ?? bench();
  const [top, bottom] = [rope.getBoundingClientRect().top, bench().getBoundingClientRect().bottom];
  const head = document.querySelector(".class-head").getBoundingClientRect().bottom + 26;
  const over = bottom + 12 - window.innerHeight;
  if (over > 0) window.scrollBy({ top: Math.min(over, top - head) });
  else if (top < head) window.scrollBy({ top: top - head });
}

/** On a narrow screen the bench lies at the foot; the flag it speaks of is seen above it. */
function showAbove() {
  const flag = [...document.querySelectorAll(".line.narrow a.flag")].find((f) => f.href.baseVal.endsWith(`#s${bench().dataset.station}`));
  if (!flag) return;
  const head = document.querySelector(".class-head").getBoundingClientRect().bottom + 8;
  const [place, room] = [flag.getBoundingClientRect(), bench().getBoundingClientRect().top - 8];
  if (place.bottom > room || place.top < head) window.scrollBy({ top: place.bottom - (head + room) / 2 });
}
