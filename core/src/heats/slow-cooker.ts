import type { SlowCookerHeat } from "./slow-cooker-schema";
import { CROCK_PLATEAU_C, CROCK_TAU_MIN, type CrockSetting } from "../heat/slow-cooker";
import { CROCK_FLUX_KG_M2_H } from "../liquid/constants";
import { showDuration } from "../units/show";
import type { HeatRecord } from "./record";

/** What stands round the knob. */
export const KNOB_WORDS: Readonly<Record<CrockSetting, string>> = { low: "LOW", high: "HIGH" };

/** LOW or HIGH, as it stands on the knob. */
export const onKnob = ({ setting }: Pick<SlowCookerHeat, "setting">): string => KNOB_WORDS[setting];

/** In a slow cooker. */
export const SLOW_COOKER: HeatRecord<SlowCookerHeat> = {
  method: "slowCooker",
  name: "slow cooker",
  title: "Slow cooker",
  usual: () => ({
    method: "slowCooker",
    setting: "low",
    start: "cold",
    highFirstMin: 0,
    lidLifts: 0,
    warmMin: 0,
  }),
  usualSaid: "on LOW, cold liquid",
  suits: ({ kind }) => kind === "slowCooker",
  unfit: { code: "wrongVessel", said: "is not a slow cooker" },
  missing: "This kitchen has no slow cooker. Set one up under Kitchen.",
  guessMin: 480,
  isSealed: false,
  hasLid: false,
  setBy: "setting",
  mostShare: 2 / 3,

  follows: (heat) => ({ ...heat, start: "cold" }),
  turned: (heat, { setting }) => ({ ...heat, setting: setting ?? heat.setting }),
  setAs: ({ setting }) => ({ vigour: "bare", lid: "on", setting }),
  saidIn: (heat, { crockSetting, highFirstMin }) => ({
    ...heat,
    setting: crockSetting ?? heat.setting,
    highFirstMin: highFirstMin ?? heat.highFirstMin,
  }),

  steamConstant: ({ setting }) => CROCK_FLUX_KG_M2_H[setting],
  lidConstant: () => null,
  steamsAs: ({ setting }) => setting,
  kind: ({ setting }) => `slowCooker|${setting}`,
  constants: ({ setting }) => [CROCK_PLATEAU_C[setting], CROCK_TAU_MIN[setting]],
  inputs: (heat) => [["setting", onKnob(heat)]],

  drifts: () => true,
  usesRing: () => false,
  burns: () => false,
  runsAlone: (_, { slowCooker }) => slowCooker,
  attention: "leave",

  where: (heat) => `on ${onKnob(heat)}`,
  set: (heat) =>
    [
      onKnob(heat),
      ...(heat.highFirstMin > 0 ? [`${showDuration(heat.highFirstMin)} on HIGH first`] : []),
      ...(heat.start === "hot" ? ["from hot"] : []),
    ].join(", "),
  inShort: (heat) =>
    [
      onKnob(heat),
      ...(heat.start === "hot" ? ["boiling liquid"] : []),
      ...(heat.setting === "low" && heat.highFirstMin > 0
        ? [`HIGH first ${Math.round(heat.highFirstMin)} min`]
        : []),
    ].join(", "),
  sentence: (heat) => [{ text: " on " }, { text: onKnob(heat), of: "heat" }],
  written: ({ setting }) => `cook in the slow cooker on ${setting}`,
  turnTitle: (heat) => `Turn it to ${onKnob(heat)}`,
  turnLook: () => "Lid on, and leave it on.",
  comesUp: "Warms up",
  holds: "In the slow cooker",
  begin: () => ({ title: "Switch the slow cooker on", done: "It is on", short: "switch it on" }),
  clockStarts: (heat) => ({
    title: "It is switched on",
    done: "It is on now",
    lookFor: `${heat.highFirstMin > 0 && heat.setting === "low" ? `HIGH for ${Math.round(heat.highFirstMin)} min, then LOW` : onKnob(heat)}; lid on, and leave it on.`,
  }),
  logged: { lit: "Put on", clock: "Slow cooker on" },
  end: "Switch it off",
  offTitle: "On WARM, or switch it off",
  slowBy: ["warmUp", "plateauC"],
  faster: () => "Start with boiling liquid, HIGH first, or cut it smaller.",
  knob: "Setting",
  keepsHot: () => "on WARM, lid on",
};
