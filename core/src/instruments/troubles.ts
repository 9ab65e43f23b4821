import type { LessonId } from "../batch/lesson-ids";
import type { Parameters } from "../simulate/parameters";

/** What is otherwise in a pot than anybody was told. */
export interface Trouble {
  readonly parameters: Partial<Parameters>;
  /** Minutes from the first heat at which the flame goes out, or the power. */
  readonly heatGoneMin?: number;
  /** Minutes from the beginning of chilling at which it stalls. */
  readonly chillStallsMin?: number;
  /** This meat asks for so many times the usual cooking. */
  readonly tougher?: number;
  /** What goes in holds so many times the salt that is written on it. */
  readonly saltier?: number;
}

export const NO_TROUBLE: Trouble = { parameters: {} };

/** Made up, and each within what kitchens see. */
export const TROUBLES: Readonly<Record<LessonId, Trouble>> = {
  firstPot: NO_TROUBLE,
  boilsSoon: { parameters: { efficiency: 1.45 } },
  flameOut: { parameters: {}, heatGoneMin: 110 },
  tooLively: { parameters: { evaporation: 1.7 } },
  forkSaysNo: { parameters: {}, tougher: 1.35 },
  tooSalty: { parameters: {}, saltier: 1.6 },
  weakRing: { parameters: { efficiency: 0.55 } },
  coldCrock: { parameters: { plateauC: -16, warmUp: 1.7 } },
  chillingStalls: { parameters: {}, chillStallsMin: 8 },
};
