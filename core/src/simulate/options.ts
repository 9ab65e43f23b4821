import type { Course } from "./course";
import type { Parameters } from "./parameters";

/** What a simulation is given beside plan and kitchen. */
export interface SimulateOptions {
  readonly waterKg: number;
  readonly parameters?: Parameters;
  /** What really happened, where that is known. */
  readonly course?: Course;
  /** How far from the usual a piece is tender, as a factor, by item: what waits for it waits so long. */
  readonly targets?: ReadonlyMap<string, number>;
  /** How many times finer than usual its steps are; 1 where nothing is said. */
  readonly fineness?: number;
}
