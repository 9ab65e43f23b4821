import type { CoolingCode } from "./codes";

/** Where a rule for chilling is that country's own. */
const OWN_CODE: Readonly<Record<string, Exclude<CoolingCode, "own">>> = {
  AU: "auNz",
  NZ: "auNz",
  GB: "uk",
};

/**
 * Whose rule a kitchen there most likely goes by, as a first guess that is asked about; elsewhere the US one.
 * @param country its two letters
 */
export const usualCode = (country: string): Exclude<CoolingCode, "own"> =>
  OWN_CODE[country] ?? "us";
