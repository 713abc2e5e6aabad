// What a participant sees of a station, by what they chose.
import assert from "node:assert/strict";
import test from "node:test";
import { ownStep } from "../../src/JollySet.Web/wwwroot/js/own-way.js";

const squat = {
  kind: "work",
  title: "Goblet squat",
  amount: "12 reps",
  cue: "weight close",
  options: ["harder|squat jump"],
  station: 1,
  easier: "squat",
};
const way = (says, ...troubles) => ({ says, troubles });
const fine = { state: "fine", way: way("") };
const ways = {
  easier: way("squat", "knees"),
  harder: way("squat jump", "knees", "no jumping"),
  needs: {
    knees: { state: "covered", way: way("glute bridge", "hips") },
    hips: { state: "covered", way: way("wall sit", "knees") },
    back: { state: "covered", way: way("seated press") },
    wrists: { state: "open", way: way("") },
    heart: { state: "ask", way: way("") },
    "no jumping": fine,
    quiet: fine,
  },
};
const as = (who, ...needs) => ownStep(squat, ways, { who, needs });

test("as planned it is as planned, and what is fine changes nothing but what else is shown", () => {
  assert.deepEqual(as("planned"), squat);
  assert.equal(as("planned", "quiet").title, "Goblet squat");
  assert.deepEqual(as("planned", "quiet").options, []);
});

test("the easier and the harder way are theirs where they are named", () => {
  assert.equal(as("easier").title, "Squat");
  assert.equal(as("harder").title, "Squat jump");
  assert.equal(ownStep(squat, { ...ways, easier: way("") }, { who: "easier", needs: [] }).title, "Goblet squat");
});

test("the harder way is not given where it troubles what they spare, though the planned one is fine", () => {
  assert.equal(as("harder", "no jumping").title, "Goblet squat");
  assert.deepEqual(as("harder", "no jumping").options, []);
});

test("a way round is taken that troubles nothing else they spare; where each does, they rest", () => {
  assert.equal(as("harder", "knees").title, "Glute bridge");
  assert.equal(as("planned", "knees", "back").title, "Glute bridge");
  assert.equal(as("planned", "hips", "back").title, "Wall sit");
  assert.equal(as("planned", "knees", "hips").title, "Rest, or march gently");
});

test("where nothing is named they rest, and are told why", () => {
  const step = as("harder", "wrists");
  assert.equal(step.title, "Rest, or march gently");
  assert.match(step.amount, /wrists/);
});

test("the easier way for all is not forced on one whom it troubles, and their own way stays theirs", () => {
  assert.equal(as("planned", "knees").easier, undefined);
  assert.equal(as("planned", "wrists").easier, undefined);
  assert.equal(as("planned", "quiet").easier, "squat");
  assert.equal(ownStep(squat, { ...ways, needs: { knees: fine } }, { who: "planned", needs: ["knees"] }).easier, undefined);
});

test("what only a clinician can say, and what nobody here knows, is told so beside whatever else", () => {
  assert.match(as("planned", "heart").options[0], /^heart\|.*clinician/);
  assert.match(as("planned", "knees", "heart").options[0], /^heart\|.*clinician/);
  assert.match(as("planned", "dragons").options[0], /^dragons\|/);
});

test("cues of the planned move are not given for another, and gaps stay gaps", () => {
  assert.equal(as("planned", "knees").cue, "");
  const rest = { kind: "rest", title: "Rest", options: [], station: 0 };
  assert.equal(ownStep(rest, undefined, { who: "harder", needs: ["knees"] }), rest);
});
