import type { Taught, WhatTaught } from "./taught";

/** Of so many pots each value is shown with what they said; older ones have faded. */
export const SHOWN_FROM = 60;

/** A value with what its latest pots said. */
export interface TaughtShown extends Taught {
  /** Of how many pots it is in all. */
  readonly fromCount: number;
}

/** What a log has taught as it is first shown: of one size, however long the log is. */
export interface WhatIsShown extends Pick<WhatTaught, "kitchen"> {
  readonly values: readonly TaughtShown[];
  /** Of how many pots something was not learned, once for each thing. */
  readonly notUsedCount: number;
}

export const shownOf = ({ values, kitchen, notUsed }: WhatTaught): WhatIsShown => ({
  values: values.map((value) => ({
    ...value,
    from: value.from.slice(-SHOWN_FROM),
    fromCount: value.from.length,
  })),
  kitchen,
  notUsedCount: notUsed.length,
});
