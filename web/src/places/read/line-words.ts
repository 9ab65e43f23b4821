import { KNOB_WORDS } from "@kettlos/core/heats/slow-cooker";
import { capital } from "@kettlos/core/units/capital";
import { HEATS, setByOf } from "@kettlos/core/heats/heat";
import type { DraftLine, RecipeDraft } from "@kettlos/core/formats/recipe/draft";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { countWords } from "@kettlos/core/ingredient/word-forms";
import {
  showDuration,
  showLength,
  showMass,
  showVolume,
  type UnitSystem,
} from "@kettlos/core/units/show";
import { inWords, ovenC as ovenAt, say } from "@kettlos/core/units/said";
import { whenWords } from "../../words/when-words";

const METHODS = {
  hob: "on the hob",
  oven: "in the oven",
  slowCooker: "in the slow cooker",
  pressure: "under pressure",
} as const;

/** ", then its sauce boiled down to half, the meat out". */
function downWords(
  { share, volumeL, min, isMeatOut }: NonNullable<RecipeDraft["boilDown"]>,
  units: UnitSystem,
  before = "its sauce ",
): string {
  const far =
    share !== null
      ? ` to ${Math.round(share * 100)} %`
      : volumeL !== null
        ? ` to ${showVolume(volumeL, units)}`
        : ` for ${showDuration(min ?? 0)}`;
  return `, then ${before}boiled down${far}${isMeatOut ? ", the meat out" : ""}`;
}

/** "10 min on the hob, lid off". */
function turnWords({ on, min, ovenC, lid }: RecipeDraft["after"][number], units: UnitSystem) {
  const where = on === "rest" ? "off the heat" : METHODS[on];
  const how = ovenC === null ? "" : ` at ${inWords(say`${ovenAt(ovenC)}`, units)}`;
  return `${showDuration(min)} ${where}${how}${lid === null ? "" : `, lid ${lid}`}`;
}

/** How a draft says what it has understood so far. */
export const lineWords = {
  heat(
    {
      method,
      ovenC,
      hold,
      crockSetting,
      lid,
      vigour,
      end,
      isCovered,
      openMin,
      boilDown,
      boilFirstMin,
      highFirstMin,
      before,
      after,
      strainedDown,
      isPicked,
    }: RecipeDraft,
    units: UnitSystem,
  ): string {
    const where = method === null ? "" : METHODS[method];
    const setBy = setByOf(method);
    const how =
      setBy === "degrees" && ovenC !== null
        ? ` at ${inWords(say`${ovenAt(ovenC)}`, units)}`
        : setBy === "setting" && crockSetting !== null
          ? ` on ${KNOB_WORDS[crockSetting]}`
          : "";
    const long =
      hold === null ? "" : hold === "tender" ? ", until tender" : `, ${showDuration(hold)}`;
    const lively = setBy === "vigour" && vigour !== null ? ` at a ${vigour} simmer` : "";
    const covered = method !== null && HEATS[method].hasLid && lid !== null ? `, lid ${lid}` : "";
    const water = isCovered ? ", water to cover" : "";
    const open =
      openMin === null || lid === "off" ? "" : `, the last ${showDuration(openMin)} uncovered`;
    const down = boilDown === null || end === "strained" ? "" : downWords(boilDown, units);
    const first = [
      before === null ? "" : `${turnWords(before, units)}, then `,
      boilFirstMin === null ? "" : `boiled hard for ${showDuration(boilFirstMin)}, then `,
    ].join("");
    const high = highFirstMin === null ? "" : `, the first ${showDuration(highFirstMin)} on HIGH`;
    const picked = !isPicked || end === "strained" ? "" : ", off its bones and back";
    const then = after.map((t) => `, then ${turnWords(t, units)}`).join("");
    const strained = strainedDown === null ? "" : downWords(strainedDown, units, "strained and ");
    const said = `${first}${where}${how}${lively}${long}${high}${covered}${open}${water}${down}${picked}${then}${strained}`;
    if (said === "") return "";
    const ends = end === "strained" ? ". Strained." : ". Served as it is.";
    return capital(said) + ends;
  },
  amount(
    { ingredientId, massKg, isLeftOut, isToTaste, toCover, counted }: DraftLine,
    units: UnitSystem,
  ): string {
    if (isLeftOut || ingredientId === null) return "";
    if (toCover) return "to cover";
    if (massKg === null) return isToTaste ? "to taste" : "";
    const { isLiquid } = ingredientById(ingredientId);
    const weight = isLiquid ? showVolume(massKg, units) : showMass(massKg, units);
    return counted === undefined ? weight : `${countWords(counted.count, counted.word)}, ${weight}`;
  },
  how(
    { when, work, boneState, edgeM, isLeftOut, ingredientId, isFrozen }: DraftLine,
    units: UnitSystem,
  ): string {
    if (isLeftOut || ingredientId === null) return "";
    const cut = edgeM === null ? "" : showLength(edgeM, units === "us" ? "us" : "metric");
    return [
      when.at === "start" ? "" : whenWords(when).toLowerCase(),
      isFrozen ? "frozen" : "",
      cut,
      boneState === "raw" ? "" : boneState,
      ...work.map((w) => w.kind),
    ]
      .filter(Boolean)
      .join(", ");
  },
};
