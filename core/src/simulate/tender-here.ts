import type { TargetId } from "../doneness/targets";
import { FORK_NOISE, TARGET_SIGMA } from "../doneness/target-belief";
import type { Kitchen } from "./kitchen-schema";
import { factorOf, ofNext, type FactorHere } from "./learned";

type Known = Pick<Kitchen, "learned">;

/** How much cooking such a thing takes here until it is tender, against the default; null where nothing is known. */
export const tenderHere = ({ learned }: Known, target: TargetId): FactorHere | null =>
  learned?.tender === undefined ? null : factorOf(learned.tender, target, TARGET_SIGMA.value);

/** Spread of what the next such thing takes in this kitchen, one standard deviation of the logarithm. */
export const tenderSigma = (kitchen: Known, target: TargetId): number =>
  ofNext(tenderHere(kitchen, target), TARGET_SIGMA.value, FORK_NOISE.value);
