import { numberWords } from "../units/number-words";
import { readNumber } from "../units/read-number";
import { BARE_OUNCE, UNITS, type Dimension } from "../units/unit-table";
import { OUNCE_KG } from "../units/us-measures";

/** What one line says of one thing, taken apart; nothing of it is understood yet. */
export interface LineParts {
  /** How much, as it is written: "2 large", "1 x 794 g", "0.5 lemon"; "" where nothing is said. */
  readonly amount: string;
  /** Where it says from so much to so much. */
  readonly range: readonly [number, number] | null;
  readonly name: string;
  /** What is done to it, in the recipe's words. */
  readonly preparation: string;
  /** What the line says beside the name: after the comma, in brackets. */
  readonly beside: string;
  /** A weight that it gives beside a count or a spoon, for all of it. */
  readonly weighed: string | null;
  /** A heaped, scant or generous measure: nobody knows how much that is. */
  readonly isVague: boolean;
  readonly isToTaste: boolean;
  readonly isToCover: boolean;
  /** Counted in cans, jars, bottles or packets. */
  readonly isPacked: boolean;
}

const PACK = String.raw`(?:cans?|tins?|jars?|bottles?|packets?|packs?|packages?|pkgs?|cartons?|boxes|box|bags?|sachets?|envelopes?)`;
const WEIGHT = String.raw`(?:kg|g|grams?|kilos?|oz|ounces?|lbs?|pounds?)\.?`;
const VOLUME = String.raw`(?:ml|cl|dl|l|litres?|liters?|fl\.?\s*oz|fluid\s+ounces?|quarts?|qt|pints?|pt|cups?)\.?`;
const NUMBER = String.raw`(?:\d+\s+\d+\s*[/⁄]\s*\d+|\d+\s*[/⁄]\s*\d+|\d+(?:\.\d+)?\s*[¼-¾⅐-⅞]?|\.\d+|[¼-¾⅐-⅞])`;
/** What things are counted by; the names of things themselves are none: "6 duck legs". */
const COUNTS =
  `clove bulb head bunch sprig leaf stalk stick rib slice rasher strip piece knob thumb handful pinch dash splash glug
  glass cube tube fillet ear thread blade pod spear sheet slab rack wedge square bundle ball envelope`.split(
    /\s+/,
  );
/** What nothing that goes in is measured by. */
const NOT_OF_FOOD: ReadonlySet<Dimension> = new Set(["time", "length", "pressure"]);
const UNIT_WORDS = [...UNITS.keys(), ...BARE_OUNCE]
  .filter((u) => !NOT_OF_FOOD.has(UNITS.get(u)?.dimension ?? "mass"))
  .toSorted((a, b) => b.length - a.length)
  .map((u) => u.replace(/\s+/g, String.raw`\s+`).replace(/["'″′]/g, ""))
  .filter((u) => u !== "");

const START = new RegExp(String.raw`^(${NUMBER})(?![\d/])`, "iu");
const RANGE = new RegExp(String.raw`^(${NUMBER})\s*(?:-|–|—|to|or)\s*(${NUMBER})(?![\d/])`, "iu");
const UNIT = new RegExp(String.raw`^\s*[-]?\s*((?:${UNIT_WORDS.join("|")})\b\.?)`, "iu");
const COUNT = new RegExp(
  String.raw`^\s*((?:${COUNTS.join("|")})(?:e?s)?|leaves|${PACK})\b(?=\s|$)`,
  "iu",
);
/** "2 lamb shanks (about 1 pound each)", "1 hare, about 2 kg". */
const WEIGHED = new RegExp(
  String.raw`(?:^|[\s(,])(?:about|approx\.?|ca\.?|roughly|~)?\s*(${NUMBER}\s*(?:${WEIGHT}|ml))(\s*each)?\s*(?:total\s*)?(?=[),;]|$|\s*/)`,
  "iu",
);
const LEAD =
  /^(?:about|approximately|approx\.?|around|roughly|ca\.?|circa|~|up to|a good|good|another|a full|full|level|a level)\s+(?=\S)/iu;
const VAGUE = /\b(?:heap(?:ed|ing)|scant|generous|rounded|overflowing)\b/iu;
const TO_TASTE = /\b(?:to taste|as needed|as you like|for seasoning)\b/iu;
/** A word that begins what is done to it, without a comma before. */
const PREPARED =
  /\s+(?:cut|soaked|(?:chopped|sliced|torn|trimmed)(?:\s+(?:fine|finely|small|thin|thinly))?\s*$|at room|at the joints|to taste|as needed|for (?:serving|garnish|dredging|dusting|frying|brushing|the)|to serve|to garnish|to cover|if |plus |until |such as |preferably |that |which |so |or to taste)\b.*$/iu;

/** The same amount in the other measure too: the first stands. */
const BOTH_MEASURES = new RegExp(
  String.raw`^(${NUMBER}\s*(?:${WEIGHT}|${VOLUME}))\s*/\s*(?:${NUMBER}\s*(?:${WEIGHT}|${VOLUME})\s*)+`,
  "iu",
);

/** "5cm piece of ginger" is one piece. */
const LONG_PIECE =
  /^(?:an?\s+)?(\d[\d.\s/⁄¼-¾-]*(?:cm|mm|inch(?:es)?|in)\b\.?)[\s-]+(piece|knob|length|thumb|strip|stick)\b/iu;

/** Marks of lists, emphasis and check boxes; sizes, spoons and decimals as the readers know them. */
function tidyLine(line: string): string {
  const text = line
    .replace(/^(?:\s*(?:[-*•·–▢☐☑✓#>]|\[[ xX]?\]))+\s*/u, "")
    .replace(/[*_]{1,2}(?=\s*$)|^[*_]{1,2}/gu, "")
    .replace(/(\d),(\d{1,2})(?!\d)/gu, "$1.$2")
    .replace(/(\d\s*|^)T(?=\.?\s)/gu, "$1tbsp")
    .replace(/(\d\s*)t(?=\.?\s)/gu, "$1tsp")
    .replace(/(?<=[\d¼-¾⅐-⅞]\s*)-(?=(?:oz|ounce|lb|pound|g|kg|ml|cup|inch)\b)/giu, " ")
    // "1-1/2 lb", "3- to 4-pound", "a 1.5 kg chicken", "500 g/1 lb 2 oz".
    .replace(/^(\d+)-(?=\d+\s*[/⁄]\s*\d)/u, "$1 ")
    .replace(/^(\d+)-\s+to\s+/iu, "$1 to ")
    .replace(/^(?:an?|one)\s+(?=\d)/iu, "")
    .replace(BOTH_MEASURES, "$1 ")
    .replace(/\btablespoons?\b\.?/giu, "tbsp")
    .replace(/\bteaspoons?\b\.?/giu, "tsp")
    .replace(/\bdoz\.?(?=\s)/giu, "dozen")
    .replace(/^(\d+)\s+dozen\b/iu, (_, n: string) => String(12 * Number(n)))
    .replace(LONG_PIECE, "1 $2")
    .replace(/\bmed\.?(?=\s)/giu, "medium")
    .replace(/\b(?:lg|lge)\.?(?=\s)/giu, "large")
    .replace(/\bsm\.?(?=\s)/giu, "small")
    .replace(/\bbig\b/giu, "large")
    .replace(/\btiny\b/giu, "small")
    .trim();
  return ofJuice(leadOff(text));
}

function leadOff(text: string): string {
  let rest = text;
  for (let found = LEAD.exec(rest); found !== null; found = LEAD.exec(rest))
    rest = rest.slice(found[0].length);
  return rest;
}

/** "juice of half a lemon" is half a lemon, as juice. */
function ofJuice(text: string): string {
  const found = /^(?:the\s+)?(?:grated\s+)?(juice|zest|peel|rind)\s+of\s+(.+)$/iu.exec(text);
  if (found === null) return text;
  const [, part = "", rest = ""] = found;
  const counted = numberWords(leadOff(rest)).replace(/^an?\s+/iu, "1 ");
  const fruit = /^([\d./ ¼-¾]*)(?:(?:small|medium|large)\s+)?(lemon|lime|orange)s?\b(.*)$/iu.exec(
    counted,
  );
  if (fruit === null) return text;
  const [, count = "1", name = "", after = ""] = fruit;
  return `${count.trim() || "1"} ${name} ${part}${after}`;
}

/** Said in cans, jars and packets an ounce is a weight; only a drink is measured by the fluid ounce. */
const ouncesAsGrams = (amount: string): string =>
  amount.replace(
    new RegExp(String.raw`(${NUMBER})\s*(?:oz|ounces?)\b\.?`, "giu"),
    (_, n: string) => `${Math.round(asNumber(n) * OUNCE_KG * 1e4) / 10} g`,
  );

/** "2 (15 oz) cans", "1 15-ounce can", "750 ml bottle", "2 x 400 g tins", "1 can (28 oz)". */
const PACKS = [
  String.raw`^(?<count>${NUMBER})?\s*(?<pack>${PACK})\s*\((?<size>${NUMBER}\s*(?:${WEIGHT}|${VOLUME}))(?:\s+each)?\)\s*(?:of\s+)?(?<rest>.+)$`,
  String.raw`^(?:(?<count>${NUMBER})(?:\s+|\s*(?=\()))?\(?(?<size>${NUMBER}\s*(?:${WEIGHT}|${VOLUME}))(?:\s+each)?\)?\s*(?<pack>${PACK})\s+(?:of\s+)?(?<rest>.+)$`,
  String.raw`^(?<count>${NUMBER})\s*[x×]\s*(?<size>${NUMBER}\s*(?:${WEIGHT}|${VOLUME}))\s*(?<pack>${PACK})?\s+(?:of\s+)?(?<rest>.+)$`,
  String.raw`^(?<count>${NUMBER})?\s*(?<pack>${PACK})\s+(?:of\s+)?(?<rest>[^()]+?)\s*\((?<size>${NUMBER}\s*(?:${WEIGHT}|${VOLUME}))(?:\s+each)?\)(?<more>.*)$`,
].map((pattern) => new RegExp(pattern, "iu"));

interface Taken {
  readonly amount: string;
  readonly range: readonly [number, number] | null;
  readonly rest: string;
  readonly isPacked: boolean;
}

function packedOf(text: string): Taken | null {
  for (const pattern of PACKS) {
    const found = pattern.exec(text)?.groups;
    if (found === undefined) continue;
    const { count = "1", size = "", pack = "", rest = "", more = "" } = found;
    const isCan = /^(?:can|tin)/iu.test(pack);
    const isBottle = /^(?:bottle|carton)/iu.test(pack);
    return {
      amount: `${count.trim()} x ${isBottle ? size : ouncesAsGrams(size)}`,
      range: null,
      rest: `${isCan && !/\bcanned\b/iu.test(rest) ? "canned " : ""}${rest}${more}`,
      isPacked: true,
    };
  }
  return null;
}

const asNumber = (text: string): number => readNumber(text.trim())?.value ?? Number.NaN;

/** Said, and yet no amount. */
const NOBODY_KNOWS =
  /^(?:an?\s+)?(?:few|some|several|plenty of|lots of|a lot of|lot of|bit of|little)\s+/iu;

/** The amount at the beginning: numbers with their units, one after the other, or a count with its word. */
function takenOf(said: string): Taken {
  if (NOBODY_KNOWS.test(said))
    return { amount: "", range: null, rest: said.replace(NOBODY_KNOWS, ""), isPacked: false };
  const text = numberWords(said)
    .replace(/^an?\s+(?=\S)/iu, "1 ")
    .replace(
      /^([\d.]+\s+(?:or|to)\s+)(\p{L}.*)$/iu,
      (_, before: string, after: string) => before + numberWords(after),
    );
  const packed = packedOf(text);
  if (packed !== null) return packed;
  const range = RANGE.exec(text);
  if (range !== null) {
    const [all, from = "", to = ""] = range;
    const { unit, rest } = unitOf(text.slice(all.length));
    const ends = [asNumber(from), asNumber(to)] as const;
    return Number.isFinite(ends[0] + ends[1]) && ends[0] < ends[1]
      ? { amount: `${from} ${unit}`.trim(), range: ends, rest, isPacked: isPack(unit) }
      : { amount: "", range: null, rest: said, isPacked: false };
  }
  let amount = "";
  let rest = text;
  for (let found = START.exec(rest); found !== null; found = START.exec(rest)) {
    const { unit, rest: after } = unitOf(rest.slice(found[0].length));
    // A second number goes on only where both are weights or volumes: "1 lb. 4 oz."
    if (
      amount !== "" &&
      (unit === "" || (!UNITS.has(unit.replace(".", "")) && !BARE_OUNCE.has(unit.replace(".", ""))))
    )
      break;
    amount = `${amount} ${found[1] ?? ""} ${unit}`.trim();
    rest = after;
    if (unit === "") break;
  }
  if (amount !== "")
    return {
      amount,
      range: null,
      rest: /\b(?:cans?|tins?)$/iu.test(amount) ? `canned ${rest}` : rest,
      isPacked: isPack(amount.split(" ").at(-1) ?? ""),
    };
  const bare = COUNT.exec(text.replace(/^(?:small|medium|large)\s+/iu, ""));
  return bare === null
    ? { amount: "", range: null, rest: said, isPacked: false }
    : {
        amount: `1 ${bare[1] ?? ""}`,
        range: null,
        rest: afterOf(text.replace(/^(?:small|medium|large)\s+/iu, "").slice(bare[0].length)),
        isPacked: isPack(bare[1] ?? ""),
      };
}

const isPack = (word: string): boolean => new RegExp(`^${PACK}$`, "iu").test(word);
const afterOf = (text: string): string => text.trim().replace(/^of\s+(?:the\s+)?/iu, "");

function unitOf(text: string): { readonly unit: string; readonly rest: string } {
  const vague = /^\s*(?:heap(?:ed|ing)|scant|generous|rounded|level)\s+/iu.exec(text);
  const after = vague === null ? text : text.slice(vague[0].length);
  const unit = UNIT.exec(after);
  if (unit !== null) {
    const word = (unit[1] ?? "").toLowerCase();
    return { unit: word.replace(/\.$/, ""), rest: afterOf(after.slice(unit[0].length)) };
  }
  const sized = /^\s*(small|medium|large)\s+/iu.exec(after);
  const count = COUNT.exec(sized === null ? after : after.slice(sized[0].length));
  if (count !== null) {
    const rest = afterOf(
      (sized === null ? after : after.slice(sized[0].length)).slice(count[0].length),
    );
    // "3 cloves" alone is the thing itself, not a measure of one.
    if (rest !== "" && !rest.startsWith(",") && !rest.startsWith("(")) {
      const size = sized === null ? "" : `${sized[1] ?? ""} `;
      return { unit: `${size}${count[1] ?? ""}`.toLowerCase(), rest };
    }
  }
  return sized === null
    ? { unit: "", rest: afterOf(after) }
    : { unit: (sized[1] ?? "").toLowerCase(), rest: afterOf(after.slice(sized[0].length)) };
}

/** "Beef shin 1.2 kg", "Stock: 1 litre", "Onions 3": the amount behind the name. */
function turned(text: string): string {
  const found = new RegExp(
    String.raw`^(?<name>\p{L}[\p{L}\s'-]*?)\s*[:,–-]?\s+[-–]?\s*(?<amount>${NUMBER}\s*(?:(?:${[...UNIT_WORDS, ...COUNTS.map((w) => `${w}s?`), PACK].join("|")})\b\.?)?)\s*$`,
    "iu",
  ).exec(text)?.groups;
  return found === undefined ? text : `${found["amount"] ?? ""} ${found["name"] ?? ""}`;
}

/** Takes one line about one thing apart. */
export function linePartsOf(line: string): LineParts {
  const tidy = turned(tidyLine(line));
  const { amount, range, rest, isPacked } = takenOf(tidy);
  const brackets = [...rest.matchAll(/\(([^)]*)\)?/gu)].map((m) => m[1] ?? "");
  const bare = rest
    .replace(/\([^)]*\)?/gu, " ")
    .replace(/\s+/g, " ")
    .trim();
  const comma = /,|;| [-–] /u.exec(bare)?.index ?? -1;
  const whole = comma < 0 ? bare : bare.slice(0, comma).trim();
  const after = comma < 0 ? "" : bare.slice(comma + 1).trim();
  const cut = PREPARED.exec(whole)?.[0] ?? "";
  const name = whole.slice(0, whole.length - cut.length).trim();
  const preparation = [cut.trim(), after].filter(Boolean).join(", ");
  const weighed = isPacked
    ? null
    : weighedIn(`${brackets.map((b) => `(${b})`).join(" ")} ,${after}`, amount);
  return {
    amount,
    range,
    name,
    preparation: preparation
      .replace(TO_TASTE, "")
      .replace(/^,\s*|,\s*$/g, "")
      .trim(),
    beside: [preparation, ...brackets].join(" ; "),
    weighed,
    isVague: VAGUE.test(tidy.slice(0, tidy.length - rest.length + 24)) && amount !== "",
    isToTaste: TO_TASTE.test(tidy),
    isToCover: /\bto cover\b/iu.test(tidy),
    isPacked,
  };
}

function weighedIn(beside: string, amount: string): string | null {
  const found = WEIGHED.exec(beside);
  if (found === null) return null;
  const [, weight = "", each] = found;
  if (each === undefined) return weight;
  const count = START.exec(amount)?.[1];
  return count === undefined ? weight : `${asNumber(count)} x ${weight.trim()}`;
}

/** A piece of a line that speaks of a thing of its own: it begins with an amount. */
const OWN_AMOUNT = new RegExp(
  String.raw`^(?:${NUMBER}(?!\s*(?:cm|mm|inch|in|"|″|min|minutes?|hours?|h)\b)|an?\s|half\s|(?:${COUNTS.join("|")})(?:e?s)?\s+of\s)`,
  "iu",
);

/**
 * The things one line speaks of, as lines of their own; one where it speaks of one. Whether each piece
 * names something is for the caller to see.
 * @example splitLine("2 carrots, 1 onion and a leek") // ["2 carrots", "1 onion", "a leek"]
 */
export function splitLine(line: string): readonly string[] {
  const tidy = tidyLine(line);
  const seasoning =
    /^(?:(?:sea|kosher)\s+)?salt\s+(?:and|&)\s+(?:(?:freshly\s+)?(?:ground\s+)?(?:black|white)\s+)?pepper\b/iu.exec(
      tidy,
    );
  if (seasoning !== null) {
    const [salt = "", pepper = ""] = seasoning[0].split(/\s+(?:and|&)\s+/iu);
    return [`${salt} to taste`, `${/^pepper$/iu.test(pepper) ? "black pepper" : pepper} to taste`];
  }
  const stuck = /^(.+?)\s+stuck with\s+(.+)$/iu.exec(tidy);
  if (stuck !== null) return [stuck[1] ?? "", stuck[2] ?? ""];
  const pieces: string[] = [];
  for (const piece of tidy.split(/(?:,\s*(?:and\s+)?|\s+(?:and|plus|&|\+)\s+)(?![^(]*\))/iu)) {
    const last = pieces.length - 1;
    if (last < 0 || OWN_AMOUNT.test(piece)) pieces.push(piece);
    else pieces[last] = `${pieces[last] ?? ""}, ${piece}`;
  }
  return OWN_AMOUNT.test(numberWords(pieces[0] ?? "")) && pieces.length > 1 ? pieces : [tidy];
}
