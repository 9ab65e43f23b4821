import type { Caution } from "../safety/caution";
import { REMEDIES, type Remedy } from "../cool/codes";
import { ruleC, say, type Said } from "../units/said";
import type { StoreKind } from "../vessel/store-container";
import { FRIDGE_DAYS } from "../portion/lasting";
import { KEEPING_CAUTION } from "./keeping";

/** What is filled, and whether it may be yet. */
export interface Filling {
  /** Cold through by the clock of the code; null where it was never chilled by it. */
  readonly isCold: boolean | null;
  /** What a missed gate of its chilling asks for. */
  readonly remedy: Remedy | null;
  /** It had missed one before, was hot again once, and was chilled anew. */
  readonly wasReheated: boolean;
  /** Since it was strained or served, days. */
  readonly stoodDays: number;
  /** It stood so long in the freezer, put there within its days, as the cook says. */
  readonly wasFrozenInTime?: boolean;
  readonly kind: StoreKind | null;
  readonly isFrozen: boolean;
  readonly codeText: Said;
  readonly codeWhose: string;
}

const NOT_SHELF_STABLE: Caution = {
  id: "not-shelf-stable",
  severity: "caution",
  places: ["portion", "larder"],
  title: "A jar of broth does not keep on a shelf",
  text: "Into the fridge or freezer, however tight the lid and however hot it was filled.",
  rule: "Canning broth needs a tested pressure-canning process; a pressure cooker's cycle is not one.",
  whose: "US guidance for home canning; your local food code rules",
};
const isJar = (kind: StoreKind | null) => kind === "jar" || kind === "shoulderJar";

/** Cautions where things stand on their shelves. */
export const shelfCautions = (kinds: readonly StoreKind[]): readonly Caution[] => [
  {
    id: "keeping",
    severity: "note",
    places: ["larder"],
    title: "How long it keeps",
    text: say`Cooked food three days in the fridge, in all; frozen it is at its best for months, and safe for longer. Reheat once, to ${ruleC(74)} all through, within 2 h.`,
    rule: KEEPING_CAUTION,
    whose: "US guidance for cold storage; your local food code rules",
  },
  ...(kinds.some(isJar) ? [NOT_SHELF_STABLE] : []),
];

/** A gate of its chilling that was missed, as it is said for as long as there is something of the pot. */
export function chilledLate({
  remedy,
  wasReheated,
  codeText,
  codeWhose,
}: Pick<Filling, "remedy" | "wasReheated" | "codeText" | "codeWhose">): Caution | null {
  if (remedy === null && !wasReheated) return null;
  const base = { places: ["portion", "larder"], rule: codeText, whose: codeWhose } as const;
  if (remedy === null)
    return {
      ...base,
      id: "gate-late",
      severity: "caution",
      title: "It was cold in time only the second time",
      text: "It missed a gate, was hot again once and was chilled anew. It is not made hot again to be kept, only to be eaten.",
    };
  return {
    ...base,
    id: "gate-missed",
    severity: "danger",
    title: "It was not cold in time",
    text: remedy === "discard" ? say`Do not keep it. ${REMEDIES.discard}` : REMEDIES.reheatOnce,
    refuses: true,
  };
}

/** Cautions where portions are filled, the gravest first. */
export function portionCautions(filling: Filling): readonly Caution[] {
  const { isCold, remedy, stoodDays, kind, isFrozen, codeText, codeWhose } = filling;
  const wasFrozen = filling.wasFrozenInTime === true;
  const late = chilledLate(filling);
  const all: Caution[] = late === null ? [] : [late];
  if (remedy === null && isCold !== true)
    all.push({
      id: "cold-first",
      severity: "caution",
      places: ["portion"],
      title: "Cold through first",
      text:
        isCold === null
          ? say`It was not chilled by the clock here. Fill and shelve it only if it was cold in time and is at ${ruleC(5)} all through.`
          : say`It is still being chilled. Fill it when it is at ${ruleC(5)} all through.`,
      rule: codeText,
      whose: codeWhose,
    });
  if (stoodDays > FRIDGE_DAYS.value && !wasFrozen)
    all.push({
      id: "stood-too-long",
      severity: "danger",
      places: ["portion"],
      title: `It was made ${Math.floor(stoodDays)} days ago`,
      text: "What has stood in the fridge so long is thrown away; freezing it now does not mend it.",
      refuses: true,
      rule: KEEPING_CAUTION,
      whose: "US guidance for cold storage; your local food code rules",
    });
  if (isJar(kind)) {
    if (isFrozen)
      all.push({
        id: "jars-crack",
        severity: "caution",
        places: ["portion"],
        title: "Glass cracks",
        text: "Cold stock into cold jars, headspace left, lids loose until it is frozen.",
        rule: "Ice takes a tenth more room than water; a full or shouldered jar breaks.",
        whose: "US guidance for freezing; your jar's maker",
      });
    all.push(NOT_SHELF_STABLE);
  }
  if (!isFrozen)
    all.push({
      id: "fridge-days",
      severity: "note",
      places: ["portion", "larder"],
      title: "Three days in the fridge",
      text: "What will not be used by then belongs in the freezer now.",
      rule: KEEPING_CAUTION,
      whose: "US guidance for cold storage",
    });
  return all;
}
