// Builds or copies what the application ships from other projects into wwwroot/lib, or into the folder given.
// The result is committed: running the application needs neither Node nor a network.
import { cpSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
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
