import { sitesOf, type Site } from "./sites";

/** What a language says for a phrase; undefined where it says nothing of its own. */
export type Language = (id: string) => string | undefined;

const HOLE = /\{(\d+)\}/u;
const holesOf = (text: string): string =>
  [...text.matchAll(/\{\d+\}/gu)]
    .map(([hole]) => hole)
    .sort()
    .join("");

/** @throws Error where a text has a hole that its phrase has not, or the other way round: a figure would be lost. */
export function checkHoles(id: string, text: string): void {
  if (holesOf(text) !== holesOf(id))
    throw new Error(`“${text}” does not hold what “${id}” holds: ${holesOf(id) || "nothing"}`);
}

const partsOf = (text: string): readonly string[] => text.split(HOLE);
const inTemplate = (text: string): string =>
  text.replace(/[\\`]/gu, "\\$&").replace(/\$\{/gu, "\\${");

/** What a compiled module asks of the locale that it runs in: English alone is that of the United States, as in `regionOf`. */
const IS_US = "/^en$|-(?:US|LR|PR)(?:-|$)/.test(navigator.language)";

/**
 * A compiled module in another language: each phrase that the language has is said by its text, holes in the order of
 * that text. What it has not stays as written. What `inUs` has another text for is said by that one where the browser's
 * locale is of the United States.
 * @throws Error as `checkHoles` does.
 */
export function translated(
  code: string,
  language: Language,
  inUs: Language = () => undefined,
): string {
  const sites = sitesOf(code);
  for (const { id } of sites)
    for (const text of [language(id), inUs(id)]) checkHoles(id, text ?? id);
  const within = ({ start, end }: Site["holes"][number]): string => {
    let out = "";
    let at = start;
    for (const site of sites) {
      if (site.start < at || site.end > end) continue;
      out += code.slice(at, site.start) + said(site);
      at = site.end;
    }
    return out + code.slice(at, end);
  };
  /** A template as it stands, with what is said in its holes. */
  const asWritten = ({ start, holes, end }: Site): string => {
    let out = "";
    let at = start;
    for (const hole of holes) {
      out += code.slice(at, hole.start) + within(hole);
      at = hole.end;
    }
    return out + code.slice(at, end);
  };
  const said = (site: Site): string => {
    const [text, there] = [language(site.id), inUs(site.id)];
    if (site.kind === "string") {
      const here = JSON.stringify(text ?? site.id);
      return there === undefined ? here : `(${IS_US}?${JSON.stringify(there)}:${here})`;
    }
    if (text === undefined && there === undefined) return asWritten(site);
    const [parts, others] = [partsOf(text ?? site.id), partsOf(there ?? text ?? site.id)];
    const made = parts.map((part, i) => {
      const hole = i % 2 === 1 ? site.holes[Number(part)] : undefined;
      if (hole !== undefined) return `\${${within(hole)}}`;
      const other = others[i] ?? part;
      // A template may have a tag before it: it stays one, with what is said otherwise in a hole.
      return other === part
        ? inTemplate(part)
        : `\${${IS_US}?${JSON.stringify(other)}:${JSON.stringify(part)}}`;
    });
    return `\`${made.join("")}\``;
  };
  return within({ start: 0, end: code.length });
}
