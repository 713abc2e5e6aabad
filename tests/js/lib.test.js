// What is committed under wwwroot/lib is what the build makes of the packages named in package.json.
import assert from "node:assert/strict";
import { execFileSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import test from "node:test";
import { fileURLToPath } from "node:url";

const root = fileURLToPath(new URL("../..", import.meta.url));
const lib = join(root, "src/JollySet.Web/wwwroot/lib");

test("the shipped libraries are not stale", () => {
  const fresh = mkdtempSync(join(tmpdir(), "lib-"));
  execFileSync("node", [join(root, "frontend/build.mjs"), fresh]);
  assert.deepEqual(readdirSync(lib).sort(), readdirSync(fresh).sort());
  for (const name of readdirSync(fresh))
    assert.ok(readFileSync(join(lib, name)).equals(readFileSync(join(fresh, name))), `${name} is stale: npm run lib`);
  rmSync(fresh, { recursive: true });
});

test("no script of ours is longer than 200 lines, and none sets a style or evaluates text", () => {
  const own = join(root, "src/JollySet.Web/wwwroot/js");
  for (const name of readdirSync(own)) {
    const text = readFileSync(join(own, name), "utf8");
    assert.ok(text.split("\n").length <= 200, `${name} has ${text.split("\n").length} lines`);
    assert.ok(!/\beval\(|new Function|\.innerHTML/.test(text), name);
  }
});
