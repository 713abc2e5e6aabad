// Where something that is dragged would hang, and how that is drawn.
export const svgName = "http://www.w3.org/2000/svg";

/** The cloth of a flag. */
export const cloth = (flag) => flag.querySelector(".cloth");

/** The number of a flag's station. */
export const stationOf = (flag) => flag.id.split("-")[2];

/** The number of the block on whose rope something hangs. */
export const blockOf = (element) => element.closest(".hung").id.split("-")[1];

/** Between which flags of which rope the pointer is; null where that would change nothing. @param {Element | null} flag The one that is dragged; null for one that hangs nowhere yet. */
export function goalAt(event, flag) {
  const hung = [...document.querySelectorAll(".line.wide .hung")].find((rope) => {
    const box = rope.getBoundingClientRect();
    return event.clientY >= box.top && event.clientY < box.bottom;
  });
  if (!hung) return null;
  const stations = [];
  for (const one of hung.querySelectorAll("a.flag")) {
    const box = cloth(one).getBoundingClientRect();
    const last = stations.at(-1);
    if (last?.station === stationOf(one)) last.right = box.right;
    else stations.push({ station: stationOf(one), left: box.left, right: box.right, flag: one });
  }
  if (stations.length === 0) return null;
  const before = stations.filter((s) => (s.left + s.right) / 2 < event.clientX);
  const own = flag ? stations.findIndex((s) => s.station === stationOf(flag)) : -1;
  const sameBlock = flag !== null && blockOf(hung.firstElementChild) === blockOf(flag);
  const at = sameBlock && !event.altKey && own >= 0 && own < before.length ? before.length : before.length + 1;
  if (sameBlock && !event.altKey && at === own + 1) return null;
  const next = stations[before.length];
  const x = next ? (before.length > 0 ? (before.at(-1).right + next.left) / 2 : next.left - 10) : before.at(-1).right + 12;
  return { values: { goal: blockOf(hung.firstElementChild), to: String(at), before: next?.station ?? "" }, hung, x };
}

/** A mark between two flags, where the one that is dragged would hang. */
export function mark({ hung, x }) {
  const svg = hung.querySelector("svg");
  const at = new DOMPoint(x, 0).matrixTransform(svg.getScreenCTM().inverse()).x;
  const line = document.createElementNS(svgName, "path");
  line.setAttribute("class", "drop-mark");
  line.setAttribute("d", `M${at - 6} -5l6 6l6 -6M${at} 0V44`);
  svg.append(line);
  return line;
}

/** What was, dashed, while the cloth is pulled. */
export function ghost(flag, box) {
  const was = document.createElementNS(svgName, "rect");
  was.setAttribute("class", "ghost-flag");
  for (const [name, value] of Object.entries({ x: box.x, y: box.y, width: box.width, height: box.height })) was.setAttribute(name, value);
  flag.parentElement.append(was);
  return was;
}

/** Says what is pulled, where it is seen; nothing takes it away. */
export function told(words) {
  document.getElementById("pulled").textContent = words;
}
