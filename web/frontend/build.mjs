// Builds web/assets from this folder: styles by Tailwind, scripts and fonts
// copied from their packages, and a sum of everything that went in, by which
// the tests tell whether the committed assets are stale.
import { execFileSync } from "node:child_process";
import { createHash } from "node:crypto";
import { copyFileSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";

const here = import.meta.dirname;
const out = join(here, "..", "assets");
mkdirSync(out, { recursive: true });

execFileSync(process.execPath, [join(here, "node_modules/@tailwindcss/cli/dist/index.mjs"), "-i", "app.css", "-o", join(out, "app.css"), "--minify"], { cwd: here, stdio: "inherit" });
copyFileSync(join(here, "node_modules/htmx.org/dist/htmx.min.js"), join(out, "htmx.min.js"));
copyFileSync(join(here, "node_modules/@alpinejs/csp/dist/cdn.min.js"), join(out, "alpine-csp.min.js"));
copyFileSync(join(here, "node_modules/@fontsource-variable/literata/files/literata-latin-wght-normal.woff2"), join(out, "literata.woff2"));
copyFileSync(join(here, "node_modules/@fontsource-variable/commissioner/files/commissioner-latin-wght-normal.woff2"), join(out, "commissioner.woff2"));
// Damson's own script: each part is a block of its own, so that no name of one is a name of another.
const parts = ["intake.js", "margin.js", "day.js", "bench.js", "keys.js"].map((f) => join(here, "page", f));
const blocks = parts.map((f) => "{\n" + readFileSync(f, "utf8") + "}\n");
writeFileSync(join(out, "damson.js"), '"use strict";\n' + blocks.join(""));
copyFileSync(join(here, "stove.js"), join(out, "stove.js"));
copyFileSync(join(here, "mark.svg"), join(out, "mark.svg"));

// The same list, in the same order, stands in web/assets_test.go.
const inputs = ["app.css", "stove.js", "mark.svg", "build.mjs", "package-lock.json"].map((f) => join(here, f)).concat(parts);
const web = join(here, "..");
const templates = readdirSync(web, { withFileTypes: true })
  .filter((d) => d.isDirectory() && d.name !== "frontend" && d.name !== "assets")
  .flatMap((d) => readdirSync(join(web, d.name)).filter((f) => f.endsWith(".html")).map((f) => d.name + "/" + f));
for (const f of templates.sort()) inputs.push(join(web, f));
const sum = createHash("sha256");
for (const f of inputs) sum.update(readFileSync(f));
writeFileSync(join(out, "sum.txt"), sum.digest("hex") + "\n");
