// Which cuts win back lost time: the same rule as Cuts.Enough in the core, checked by the same cases (tests/cases/cuts.json).

/**
 * @typedef {{number: number, says: string, takes: [number, number][]}} Cut Takes: segment and tenths of a second.
 */

/**
 * The cheapest cuts that win back what is wanted: in their order until it is enough, and then none more than is needed.
 * @param {Cut[]} all Cheapest first.
 * @param {number} current The segment that is on: what has begun is not cut.
 * @param {number[]} taken Numbers of those taken already.
 * @param {number} wanted In tenths of a second.
 * @returns {{cuts: Cut[], wins: number, isEnough: boolean}}
 */
export function enough(all, current, taken, wanted) {
  const before = union(all.filter((cut) => taken.includes(cut.number)));
  let chosen = [];
  let won = 0;
  for (const cut of all) {
    if (firstOf(cut) <= current || taken.includes(cut.number)) continue;
    if (won >= wanted) break;
    const more = wonBy(before, [...chosen, cut]);
    if (more <= won) continue;
    chosen.push(cut);
    won = more;
  }
  for (let i = chosen.length - 1; i >= 0; i--) {
    const without = chosen.filter((_, at) => at !== i);
    const less = wonBy(before, without);
    if (less >= wanted) [chosen, won] = [without, less];
  }
  return { cuts: chosen, wins: won, isEnough: won >= wanted };
}

/** Those that can still be taken, each with what it wins. @param {Cut[]} all @param {number} current @param {number[]} taken */
export function open(all, current, taken) {
  const before = union(all.filter((cut) => taken.includes(cut.number)));
  return all
    .filter((cut) => firstOf(cut) > current && !taken.includes(cut.number))
    .map((cut) => ({ ...cut, wins: wonBy(before, [cut]) }))
    .filter((cut) => cut.wins > 0);
}

function firstOf(cut) {
  return Math.min(...cut.takes.map(([segment]) => segment));
}

function wonBy(before, cuts) {
  let won = 0;
  for (const [segment, tenths] of union(cuts)) won += Math.max(0, tenths - (before.get(segment) ?? 0));
  return won;
}

function union(cuts) {
  const all = new Map();
  for (const cut of cuts) for (const [segment, tenths] of cut.takes) all.set(segment, Math.max(all.get(segment) ?? 0, tenths));
  return all;
}
