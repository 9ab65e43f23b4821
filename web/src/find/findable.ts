/** Something a cook can look for, and the screen that shows it. */
export interface Findable {
  readonly id: string;
  /** Where it opens, as a path of the router. */
  readonly to: string;
  readonly title: string;
  /** Which kind of thing it is, as the list says it. */
  readonly where: string;
  /** What tells it from others of its name. */
  readonly says: string;
  /** Named things in it: its ingredients, what was noted; a hit on one of them is shown. */
  readonly parts: readonly string[];
  /** Other words it goes by; never shown. */
  readonly words?: string;
  /** When it was begun, ms, of what was cooked. */
  readonly begunMs?: number;
  /** Shown before anything is asked: what is on the fire now. */
  readonly isPressing?: boolean;
  /** How much it counts against others that fit as well; 1 where nothing is said. */
  readonly weight?: number;
}

/** One that fits, with those of its parts that do where its name alone does not. */
export interface Found extends Findable {
  readonly matched: readonly string[];
}
