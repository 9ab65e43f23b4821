// Cuts the font of heads and figures to what is used of it, into web/src/theme/fonts: its weight stays as it can be set,
// its width and its optical size are one, those of the figures. `npm run fonts`.
import { copyFileSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { createRequire } from "node:module";
import { fileURLToPath } from "node:url";
import { format, resolveConfig } from "prettier";
import subsetFont from "subset-font";

const from = dirname(
  createRequire(import.meta.url).resolve("@fontsource-variable/bricolage-grotesque/package.json"),
);
const to = fileURLToPath(new URL("../web/src/theme/fonts", import.meta.url));
/** A second axis that can be set would double what is loaded: all of it is a little narrow. */
const AXES = { opsz: 24, wdth: 86, wght: { min: 400, max: 800 } };

const css = readFileSync(join(from, "standard.css"), "utf8");
const faces = [
  ...css.matchAll(/url\(\.\/files\/(?<file>[^)]+)\)[^;]*;\s*unicode-range: (?<range>[^;]+);/g),
];
const written: string[] = [];
for (const { groups } of faces) {
  const file = groups?.["file"] ?? "";
  const range = groups?.["range"] ?? "";
  const script = /grotesque-(?<script>.+)-standard/.exec(file)?.groups?.["script"] ?? "";
  const cut = await subsetFont(readFileSync(join(from, "files", file)), textOf(range), {
    targetFormat: "woff2",
    variationAxes: AXES,
  });
  const name = `head-${script}.woff2`;
  writeFileSync(join(to, name), cut);
  const before = statSync(join(from, "files", file)).size;
  console.log(`${name}: ${cut.length} of ${before} bytes`);
  written.push(`@font-face {
  font-family: "Bricolage Grotesque Variable";
  font-style: normal;
  font-display: swap;
  font-weight: ${AXES.wght.min} ${AXES.wght.max};
  src: url("./${name}") format("woff2");
  unicode-range: ${range.split(",").join(", ")};
}
`);
}
const sheet = join(to, "fonts.css");
writeFileSync(
  sheet,
  await format(`/* Written by \`npm run fonts\`. */\n${written.join("\n")}`, {
    ...(await resolveConfig(sheet)),
    filepath: sheet,
  }),
);
copyFileSync(join(from, "LICENSE"), join(to, "LICENSE.txt"));

/** Every character of a CSS unicode-range. */
function textOf(range: string): string {
  return range
    .split(",")
    .flatMap((part) => {
      const [first = "", last = first] = part.trim().replace("U+", "").split("-");
      const begin = Number.parseInt(first, 16);
      const count = Number.parseInt(last, 16) - begin + 1;
      return Array.from({ length: count }, (_, i) => String.fromCodePoint(begin + i));
    })
    .join("");
}
