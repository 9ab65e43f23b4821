import type { Parameters } from "./parameters";

/** What a simulation is given beside plan and kitchen. */
export interface SimulateOptions {
  readonly waterKg: number;
  readonly parameters?: Parameters;
}
