/** What is used of the solver; its own source is not as strict as this project. */
export class Solver {
  constructor(size: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  maxSteps: number;
  solve(
    derivatives: (x: number, y: number[]) => number[],
    from: number,
    y: readonly number[],
    to: number,
  ): { readonly y: number[]; readonly outcome: number; readonly nEval: number };
}
