import type { Course } from "./course";
import type { Parameters } from "./parameters";

/** What a simulation is given beside plan and kitchen. */
export interface SimulateOptions {
  readonly waterKg: number;
  readonly parameters?: Parameters;
  /** What really happened, where that is known. */
  readonly course?: Course;
}
