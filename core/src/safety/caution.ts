import type { Said } from "../units/said";

/** How serious: danger stands first and in ember; a note informs. */
export type Severity = "danger" | "caution" | "note";

/** Where a caution belongs, so that it stands where the risk arises. */
export type CautionPlace = "plan" | "cook" | "strain" | "portion" | "larder";

/** A caution on screen: what to do, the rule behind it, and whose rule it is. */
export interface Caution {
  readonly id: string;
  readonly severity: Severity;
  readonly places: readonly CautionPlace[];
  readonly title: Said;
  readonly text: Said;
  readonly rule: Said;
  readonly whose: string;
  /** True where the pot must not go on like this: mended first, then put on. */
  readonly refuses?: boolean;
}
