import type { Language } from "./translate";

/** Letters that nobody takes for English, and everybody can read. */
const LETTERS: Readonly<Record<string, string>> = Object.fromEntries(
  [
    ..."AÀBƁCÇDÐEÉFƑGĜHĤIÎJĴKĶLĻMṀNÑOÖPÞQǪRŔSŠTŢUÛVṼWŴXẊYÝZŽaàbƀcçdðeéfƒgĝhĥiîjĵkķlļmɱnñoöpþqǫrŕsštţuûvṽwŵxẋyýzž",
  ].flatMap((letter, i, all) => (i % 2 === 0 ? [[letter, all[i + 1] as string]] : [])),
);
const LONGER = 0.4;

/**
 * A language by machine rule, for the tests: each phrase in brackets, in other letters, and longer by two fifths. What
 * is on a screen without them is not a phrase, and no language could say it.
 */
export const pseudo: Language = (id) => {
  // Days and months by the runtime's tables of a language in other letters than ours.
  if (id === "en") return "el";
  const [, before = "", text = "", after = ""] = /^(\s*)(.*?)(\s*)$/su.exec(id) ?? [];
  const letters = text.replace(/\{\d+\}/gu, "");
  // In words, for a line to break between them.
  const longer = "øøøøø "
    .repeat(letters.length)
    .slice(0, Math.max(0, Math.round(letters.length * LONGER) - 3))
    .trim();
  const other = text.replace(/\{\d+\}|./gsu, (c) => LETTERS[c] ?? c);
  return `${before}⟦${other}${longer === "" ? "" : ` ${longer}`}⟧${after}`;
};
