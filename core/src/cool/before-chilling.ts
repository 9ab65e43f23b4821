import type { Gate } from "./codes";
import { gatesMet, whenAtMin, type CoolingPoint, type GateResult } from "./cooling";

/** What is known of it before it stands as it does: its course since it came off the heat, min below nothing. */
export interface BeforeChilling {
  readonly points: readonly CoolingPoint[];
  /** A thermometer saw it at or above a gate's line after it came off. */
  readonly wasReadAboveC: number | null;
  /** What was read while it was chilled in another way. */
  readonly readings: readonly CoolingPoint[];
}

/** When a gate's time begins. */
export interface GateOpens {
  /** Min from the beginning; null while it is ahead. */
  readonly opensMin: number | null;
  /** It was begun under the line, and nobody saw when it fell under it: it can have been as early as off the heat. */
  readonly isUnseen: boolean;
}

/** @param points from the beginning on, the first of them as it was then */
export function gateOpens(
  gate: Gate,
  points: readonly CoolingPoint[],
  before: BeforeChilling | null,
): GateOpens {
  const fromC = points[0]?.tempC ?? NaN;
  const isUnseen =
    fromC < gate.fromC && before !== null && (before.wasReadAboveC ?? -Infinity) < gate.fromC;
  const whole = [...(before?.points ?? []), ...points];
  return {
    isUnseen,
    opensMin: isUnseen ? (whole[0]?.tMin ?? 0) : whenAtMin(whole, gate.fromC),
  };
}

/** Gates whose time had run out before it stood as it does, at fromC. */
export const lostBefore = (
  before: BeforeChilling | null,
  fromC: number,
  gates: readonly Gate[],
): readonly Gate[] =>
  gates.filter((gate) => {
    const { opensMin } = gateOpens(gate, [{ tMin: 0, tempC: fromC }], before);
    return fromC > gate.toC && opensMin !== null && opensMin + gate.withinMin < 0;
  });

/** Every gate against a course whose time may have begun before it. */
export const gatesFrom = (
  before: BeforeChilling | null,
  points: readonly CoolingPoint[],
  gates: readonly Gate[],
): readonly GateResult[] =>
  gatesMet(
    [...(before?.points ?? []), ...points],
    gates,
    (gate) => gateOpens(gate, points, before).opensMin,
  );
