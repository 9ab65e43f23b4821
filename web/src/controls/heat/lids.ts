import type { Lid } from "@kettlos/core/vessel/lid";

interface LidOption {
  readonly value: Lid;
  readonly label: string;
  readonly hint: string;
}

/** The lid on the hob. */
export const HOB_LIDS: readonly LidOption[] = [
  { value: "off", label: "lid off", hint: "All steam leaves; richest, least" },
  { value: "ajar", label: "ajar", hint: "About a third of the steam leaves" },
  { value: "on", label: "on", hint: "Nearly nothing leaves" },
];

/** The lid in the oven. */
export const OVEN_LIDS: readonly LidOption[] = [
  { value: "on", label: "covered", hint: "Hardly anything steams off" },
  { value: "ajar", label: "ajar", hint: "Some steams off; a little cooler" },
  { value: "off", label: "uncovered", hint: "It browns and reduces; much cooler inside" },
];
