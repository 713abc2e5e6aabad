// What a station is for one participant, by what they chose. Which way troubles which need is the core's word (Options/OwnWays); what people choose
// never leaves their device, so the choosing is done here.

/** @typedef {{says: string, troubles: string[]}} NamedWay */
/** @typedef {{easier: NamedWay, harder: NamedWay, needs: Record<string, {state: string, way: NamedWay}>}} Ways */

/**
 * @param {object} step
 * @param {Ways | undefined} ways
 * @param {{who: string, needs: string[]}} chosen
 * @returns {object} The step as they do it. A way round what they spare comes before an easier or harder one, and none is given that troubles any of
 * it; where none is left they rest. What only a clinician can say is told.
 */
export function ownStep(step, ways, chosen) {
  if (step.kind !== "work" || !ways) return step;
  const spared = chosen.needs.map((need) => ({ need, ...(ways.needs[need] ?? { state: "unknown", way: { says: "", troubles: [] } }) }));
  const suits = (way) => way.says !== "" && !way.troubles.some((need) => chosen.needs.includes(need));
  const asks = spared
    .filter(({ state }) => state === "ask" || state === "unknown")
    .map(({ need }) => `${need}|as you agreed with your clinician`);
  const troubled = spared.filter(({ state }) => state === "open" || state === "covered");
  if (troubled.length > 0) {
    const round = troubled.find(({ state, way }) => state === "covered" && suits(way));
    return round ? done(step, round.way.says, asks) : rest(step, troubled, asks);
  }
  const other = chosen.who === "easier" ? ways.easier : chosen.who === "harder" ? ways.harder : null;
  if (other && suits(other)) return done(step, other.says, asks);
  // Nobody who spares something is shown, or swapped to, a way that may trouble it.
  return chosen.needs.length === 0 ? step : { ...step, options: asks, easier: suits(ways.easier) ? step.easier : undefined };
}

function done(step, says, options) {
  const amount = `for ${step.title.toLowerCase()}`;
  return { ...step, title: says[0].toUpperCase() + says.slice(1), amount, note: amount, cue: "", options, easier: undefined, likely: 0 };
}

function rest(step, troubled, options) {
  const amount = `no way round ${troubled.map(({ need }) => need).join(", ")} is named for ${step.title.toLowerCase()}`;
  return { ...step, title: "Rest, or march gently", amount, note: amount, cue: "", options, easier: undefined, msPerRep: 0, likely: 0 };
}
