const { readdirSync, readFileSync } = require("node:fs");
const { basename, join } = require("node:path");

const assets = join(__dirname, "web", "dist", "assets");
const html = readFileSync(join(__dirname, "web", "dist", "index.html"), "utf8");

/** A script and all that it imports as it begins. */
function whole(names, seen = new Set()) {
  for (const name of names) {
    if (seen.has(name)) continue;
    seen.add(name);
    const code = readFileSync(join(assets, name), "utf8");
    const imports = [...code.matchAll(/(?:from|import)\s*"\.\/([^"]+\.js)"/g)];
    whole(
      imports.map(([, file]) => file),
      seen,
    );
  }
  return [...seen];
}
const path = (names) => names.map((name) => join("web/dist/assets", name));

/** The entry script and everything its page preloads: the first screen. */
const first = whole([...html.matchAll(/(?:src|href)="\/assets\/([^"]+\.js)"/g)].map((m) => m[1]));
/** And what works pots and plans out, which comes beside the database. */
const forecaster = readdirSync(assets).find((name) => /^forecasting-.*\.js$/.test(name));
const all = whole([...first.map((name) => basename(name)), forecaster]);

/** The letters of languages that write in Latin letters: those of others come when one of them is said. */
const letters = readdirSync(assets).filter((name) =>
  /^(?:head|figtree)-latin-(?!ext).*\.woff2$/.test(name),
);

module.exports = [
  { name: "first screen (bench)", path: path(first), gzip: true, limit: "144 kB" },
  { name: "bench with its pots worked out", path: path(all), gzip: true, limit: "203.75 kB" },
  { name: "its letters", path: path(letters), gzip: false, brotli: false, limit: "60 kB" },
];
