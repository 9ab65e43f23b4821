import type { UnitSystem } from "@kettlos/core/units/show";

/** What a kitchen can be measured in, to choose from. */
export const UNIT_OPTIONS: readonly { readonly value: UnitSystem; readonly label: string }[] = [
  { value: "metric", label: "metric" },
  { value: "us", label: "US" },
  { value: "both", label: "both" },
];
