import type { Vigour } from "../../heat/constants";
import type { CrockSetting } from "../../heat/slow-cooker";
import type { Lid } from "../../vessel/lid";
import type { Effects, Open } from "../effect";
import type { FireEvent } from "./schema";
import type { Interruption } from "./terms";

/** A time without heat, or with the lid off; `untilMs` is null while it lasts. */
export interface Interrupted {
  readonly why: Interruption;
  readonly fromMs: number;
  readonly untilMs: number | null;
  /** Nobody knows how long: it may have begun at fromMs, when it was last seen, or any time since. */
  readonly isUnknown: boolean;
  /** When it was written down. */
  readonly saidMs: number;
}

export interface OnFire {
  readonly litMs: number | null;
  readonly boiledMs: number | null;
  readonly simmerMs: number | null;
  readonly offMs: number | null;
  readonly settings: readonly {
    readonly atMs: number;
    readonly vigour: Vigour;
    readonly lid: Lid;
    readonly setting?: CrockSetting | undefined;
    readonly ovenC?: number | undefined;
    /** The stretch of the plan's heat that it begins. */
    readonly stretchId?: string | undefined;
  }[];
  readonly interruptions: readonly Interrupted[];
}

export const unlit = (): Open<OnFire> => ({
  litMs: null,
  boiledMs: null,
  simmerMs: null,
  offMs: null,
  settings: [],
  interruptions: [],
});

export const FIRE_EFFECTS: Effects<FireEvent, Open<OnFire>> = {
  lit: (fire, { atMs }) => (fire.litMs ??= atMs),
  boils: (fire, { atMs }) => (fire.boiledMs ??= atMs),
  simmers: (fire, { atMs }) => (fire.simmerMs ??= atMs),
  offHeat: (fire, { atMs }) => (fire.offMs ??= atMs),
  heatSet: (fire, event) => fire.settings.push(event),
  interrupted: (fire, { why, fromMs, untilMs, atMs, isUnknown }) =>
    fire.interruptions.push({
      why,
      fromMs,
      untilMs,
      isUnknown: isUnknown === true,
      saidMs: atMs,
    }),
  resumed: (fire, { atMs }) => {
    fire.interruptions = fire.interruptions.map((i) => ({ ...i, untilMs: i.untilMs ?? atMs }));
  },
};
