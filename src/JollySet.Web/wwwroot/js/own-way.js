// What a station is for one participant, by what they chose.

/**
 * @param {object} step
 * @param {{easier: string, harder: string, needs: Record<string, [string, string]>} | undefined} ways
 * @param {{who: string, needs: string[]}} chosen
 * @returns {object} The step as they do it: a way round what they spare comes before an easier or harder one; what nobody can say is told.
 */
export function ownStep(step, ways, chosen) {
  if (step.kind !== "work" || !ways) return step;
  const spared = chosen.needs.map((need) => [need, ...(ways.needs[need] ?? ["unknown", ""])]);
  const round = spared.find(([, state]) => state === "covered");
  const open = spared.find(([, state]) => state === "open");
  const ask = spared.find(([, state]) => state === "ask" || state === "unknown");
  const other = chosen.who === "easier" ? ways.easier : chosen.who === "harder" ? ways.harder : "";
  const options = [];
  if (open) options.push(`${open[0]}|nothing is named: rest, or march gently`);
  if (ask) options.push(`${ask[0]}|as you agreed with your clinician`);
  // A way round one need may trouble another that has a way of its own.
  for (const [need, , way] of spared.filter(([, state]) => state === "covered").slice(1)) options.push(`${need}|${way}`);
  const way = round ? round[2] : open ? "" : other;
  if (way === "") return { ...step, options: [...options, ...step.options] };
  return {
    ...step,
    title: way[0].toUpperCase() + way.slice(1),
    amount: `for ${step.title.toLowerCase()}`,
    options,
  };
}

/**
 * A whole class as they do it: what comes next is theirs, too.
 * @param {object[]} steps
 * @param {Record<string, object>} ways By station.
 * @param {{who: string, needs: string[]}} chosen
 */
export function ownClass(steps, ways, chosen) {
  const own = steps.map((step) => ownStep(step, ways[step.station], chosen));
  return own.map((step, i) => {
    const next = own.findIndex((one, at) => at > i && one.kind === "work");
    return next < 0 || own[next].title === steps[next].title ? step : { ...step, nextTitle: own[next].title, nextNote: own[next].amount };
  });
}
