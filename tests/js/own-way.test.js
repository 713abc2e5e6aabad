// What a participant sees of a station, by what they chose.
import assert from "node:assert/strict";
import test from "node:test";
import { ownClass, ownStep } from "../../src/JollySet.Web/wwwroot/js/own-way.js";

const squat = { kind: "work", title: "Goblet squat", amount: "12 reps", options: ["easier|squat"], station: 1 };
const ways = {
  easier: "squat",
  harder: "slower",
  needs: { knees: ["covered", "glute bridge"], wrists: ["open", ""], hips: ["covered", "hinge"], heart: ["ask", ""], quiet: ["fine", ""] },
};
const with_ = (who, ...needs) => ownStep(squat, ways, { who, needs });

test("as planned it is as planned, and what is fine changes nothing", () => {
  assert.equal(with_("planned").title, "Goblet squat");
  assert.equal(with_("planned", "quiet").title, "Goblet squat");
});

test("the easier and the harder way are theirs where they are named", () => {
  assert.equal(with_("easier").title, "Squat");
  assert.equal(with_("harder").title, "Slower");
  assert.equal(ownStep(squat, { ...ways, easier: "" }, { who: "easier", needs: [] }).title, "Goblet squat");
});

test("a way round what they spare comes before anything else, the others beside it", () => {
  const step = with_("harder", "knees", "hips");
  assert.equal(step.title, "Glute bridge");
  assert.deepEqual(step.options, ["hips|hinge"]);
});

test("where nothing is named they are told to rest, never given the harder way", () => {
  const step = with_("harder", "wrists");
  assert.equal(step.title, "Goblet squat");
  assert.match(step.options[0], /nothing is named: rest/);
});

test("what only a clinician can say is told so", () => assert.match(with_("planned", "heart").options[0], /clinician/));

test("what comes next is theirs, too, and gaps stay gaps", () => {
  const rest = { kind: "rest", title: "Rest", nextTitle: "Goblet squat", nextNote: "heavy", options: [], station: 0 };
  const [gap] = ownClass([rest, squat], { 1: ways }, { who: "planned", needs: ["knees"] });
  assert.deepEqual([gap.title, gap.nextTitle], ["Rest", "Glute bridge"]);
});
