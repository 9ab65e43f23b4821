/** A document as it was, and what was then changed of it. */
export interface Step<T> {
  readonly n: number;
  readonly what: string;
  readonly value: T;
}

/** A step as stored: `side` says whether undo or redo comes to it. */
export interface StoredStep {
  readonly key: string;
  readonly doc: string;
  readonly side: "undo" | "redo";
  readonly step: Step<unknown>;
}
