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

const inTemplate = (text: string): string =>
  text.replace(/[\\`]/gu, "\\$&").replace(/\$\{/gu, "\\${");

/**
 * A compiled module in another language: each phrase that the language has is said by its text, holes in the order of
 * that text. What it has not stays as written.
 * @throws Error as `checkHoles` does.
 */
export function translated(code: string, language: Language): string {
  const sites = sitesOf(code);
  for (const { id } of sites) checkHoles(id, language(id) ?? id);
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
    const text = language(site.id);
    if (site.kind === "string") return JSON.stringify(text ?? site.id);
    if (text === undefined) return asWritten(site);
    const parts = text.split(HOLE).map((part, i) => {
      const hole = i % 2 === 1 ? site.holes[Number(part)] : undefined;
      return hole === undefined ? inTemplate(part) : `\${${within(hole)}}`;
    });
    return `\`${parts.join("")}\``;
  };
  return within({ start: 0, end: code.length });
}
