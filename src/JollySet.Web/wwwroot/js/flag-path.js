// The outline of the big flag: the same hems as FlagPath in the drawing.

const LEFT = 22;
const TOP = 16;
const WIDTH = 690;
const DROP = 550;
const BITE = 66;

/** @param {string} hem left, right, both, alternating, unsaid */
export function bigFlag(hem) {
  return outline(hem, LEFT, TOP, WIDTH, DROP, BITE);
}

/** @param {string} hem */
export function sideFlag(hem) {
  return outline(hem, 1, 1, 120, 43, 15);
}

/** How far the cloth reaches when that share of the time is left. */
export function clothWidth(share) {
  return LEFT + WIDTH * Math.min(1, Math.max(0, share));
}

function outline(hem, x, y, width, drop, bite) {
  const [right, low, middle] = [x + width, y + drop, x + width / 2];
  const [up, slope] = [low - bite, low - bite * 1.6];
  const corners = {
    left: [
      [right, slope],
      [x, low],
    ],
    right: [
      [right, low],
      [x, slope],
    ],
    both: [
      [right, low],
      [middle, up],
      [x, low],
    ],
    alternating: [
      [right, low],
      [x + width * 0.75, up],
      [middle, low],
      [x + width * 0.25, up],
      [x, low],
    ],
  }[hem] ?? [
    [right, low],
    [x, low],
  ];
  return `M${x} ${y}L${right} ${y}${corners.map(([a, b]) => `L${a} ${b}`).join("")}Z`;
}
