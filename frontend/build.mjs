// Builds or copies what the application ships from other projects into wwwroot/lib, or into the folder given.
// The result is committed: running the application needs neither Node nor a network.
import { cpSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { inflateSync } from "node:zlib";
import * as sass from "sass";

const root = join(dirname(fileURLToPath(import.meta.url)), "..");
const modules = join(root, "node_modules");
const out = process.argv[2] ?? join(root, "src/JollySet.Web/wwwroot/lib");

const copies = {
  "htmx.min.js": "htmx.org/dist/htmx.min.js",
  "idiomorph-ext.min.js": "idiomorph/dist/idiomorph-ext.min.js",
  "sortable.min.js": "sortablejs/Sortable.min.js",
  "grandstander-700.woff2": "@fontsource/grandstander/files/grandstander-latin-700-normal.woff2",
  "atkinson-400.woff2": "@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff2",
  "atkinson-700.woff2": "@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff2",
};

mkdirSync(out, { recursive: true });
for (const [name, from] of Object.entries(copies)) cpSync(join(modules, from), join(out, name));

// Paper wants plain TrueType: the letters of western and central Europe, each a file of its own.
const paper = {
  "grandstander-700.ttf": "@fontsource/grandstander/files/grandstander-latin-700-normal.woff",
  "grandstander-700-more.ttf": "@fontsource/grandstander/files/grandstander-latin-ext-700-normal.woff",
  "atkinson-400.ttf": "@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff",
  "atkinson-400-more.ttf": "@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff",
  "atkinson-700.ttf": "@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff",
  "atkinson-700-more.ttf": "@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff",
};
for (const [name, from] of Object.entries(paper))
  writeFileSync(
    join(out, name),
    unpacked(readFileSync(join(modules, from)), name.includes("-more") ? { Next: "More", stander: "another" } : {}),
  );

const css = sass.compile(join(root, "frontend/bulma.scss"), {
  style: "compressed",
  loadPaths: [modules],
  quietDeps: true,
  silenceDeprecations: ["import", "if-function", "global-builtin", "color-functions"],
}).css;
writeFileSync(join(out, "bulma.css"), css + "\n");

const licences = ["htmx.org", "idiomorph", "sortablejs", "bulma", "@fontsource/grandstander", "@fontsource/atkinson-hyperlegible-next"];
const told = licences.map((name) => {
  const about = JSON.parse(readFileSync(join(modules, name, "package.json"), "utf8"));
  return `${name} ${about.version} (${about.license})`;
});
writeFileSync(join(out, "LICENCES.txt"), told.join("\n") + "\n");

/** The same table with other words of the same length in it: two files of one family must not bear one name. */
function renamed(bytes, words) {
  const table = Buffer.from(bytes);
  for (const [from, to] of Object.entries(words)) {
    const [was, is] = [from, to].map((word) => Buffer.from([...word].flatMap((letter) => [0, letter.charCodeAt(0)])));
    for (let at = table.indexOf(was); at >= 0; at = table.indexOf(was, at + 1)) is.copy(table, at);
  }
  return table;
}

/** A WOFF 1.0 font as the TrueType file that was packed in it (W3C Recommendation "WOFF File Format 1.0", sections 3 to 5). */
function unpacked(woff, words) {
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, i) => {
    const entry = 44 + 20 * i;
    const [from, packed, length] = [4, 8, 12].map((at) => woff.readUInt32BE(entry + at));
    const stored = woff.subarray(from, from + packed);
    const bytes = packed < length ? inflateSync(stored) : stored;
    const tag = woff.subarray(entry, entry + 4);
    return { tag, sum: woff.readUInt32BE(entry + 16), bytes: tag.toString() === "name" ? renamed(bytes, words) : bytes };
  });
  const head = Buffer.alloc(12 + 16 * count);
  woff.copy(head, 0, 4, 8);
  const power = 2 ** Math.floor(Math.log2(count));
  [count, power * 16, Math.log2(power), (count - power) * 16].forEach((number, i) => head.writeUInt16BE(number, 4 + 2 * i));
  let at = head.length;
  const parts = [head];
  for (const [i, { tag, sum, bytes }] of tables.entries()) {
    tag.copy(head, 12 + 16 * i);
    [sum, at, bytes.length].forEach((number, n) => head.writeUInt32BE(number, 12 + 16 * i + 4 + 4 * n));
    const padding = Buffer.alloc((4 - (bytes.length % 4)) % 4);
    parts.push(bytes, padding);
    at += bytes.length + padding.length;
  }
  return Buffer.concat(parts);
}
