import { expect, test } from "vitest";

const files = import.meta.glob<string>(["../**/*.vue", "../**/*.css"], {
  query: "?raw",
  import: "default",
  eager: true,
});
const styles = Object.entries(files).map(([name, text]) => ({
  name,
  css: name.endsWith(".css") ? text : text.slice(text.indexOf("<style")),
}));
/** Paper has sizes of its own, and the count of a live pot grows with its screen. */
const onScreen = (css: string) => css.replace(/@media print \{[\s\S]*?\n\}/gu, "");

test("every screen is looked at", () => expect(styles.length).toBeGreaterThan(150));

test("letters on the screen are of the five sizes", () => {
  const others = styles.flatMap(({ name, css }) =>
    [...onScreen(css).matchAll(/font(?:-size|: \d+)[: ]+([^;/]+)[;/]/gu)].flatMap(
      ([, size = ""]) =>
        /^(var\(--size-|inherit|clamp\()/u.test(size) || /^[\d.]+em$/u.test(size)
          ? []
          : [`${name}: ${size}`],
    ),
  );
  expect(others).toEqual([]);
});

test("space on the screen is of the nine steps", () => {
  const others = styles.flatMap(({ name, css }) =>
    [
      ...onScreen(css).matchAll(/[\s;](?:(?:row-|column-)?gap|padding|margin)[a-z-]*: ([^;]+);/gu),
    ].flatMap(([, value = ""]) =>
      // A hairline's width sets type on its line.
      [...value.matchAll(/(?<![\w-])\d+(?:\.\d+)?px/gu)].some(([px]) => px !== "1px")
        ? [`${name}: ${value}`]
        : [],
    ),
  );
  expect(others).toEqual([]);
});

test("screens turn at three widths and no other", () => {
  const widths = styles.flatMap(({ css }) =>
    [...css.matchAll(/@media[^{]*\(width (?:<=|>) (\d+)px\)/gu)].map(([, width]) => Number(width)),
  );
  expect([...new Set(widths)].sort((a, b) => a - b)).toEqual([700, 900, 1100]);
});
