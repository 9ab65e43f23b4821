const { readFileSync } = require("node:fs");
const { join } = require("node:path");

/** First load of the bench: the entry script and everything its page preloads. */
const dist = join(__dirname, "web", "dist");
const html = readFileSync(join(dist, "index.html"), "utf8");
const scripts = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((m) =>
  join("web/dist", m[1]),
);

module.exports = [{ name: "first load (bench)", path: scripts, gzip: true, limit: "195.8 kB" }];
