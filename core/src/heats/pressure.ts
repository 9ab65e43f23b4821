import type { Vessel } from "../vessel/vessel-schema";
import type { PressureHeat } from "./pressure-schema";
import { VENTED_L } from "../heat/pressure";
import type { HeatRecord } from "./record";

const SETTING_WORDS = { high: "high pressure", low: "low pressure" } as const;
export const RELEASE_WORDS = { natural: "natural release", quick: "quick release" } as const;
const set = ({ setting, release }: PressureHeat): string =>
  `${SETTING_WORDS[setting]}, ${RELEASE_WORDS[release]}`;

const isElectric = (vessel: Vessel | undefined): boolean => vessel?.pressure?.drive === "electric";

/** Under pressure, on a ring or by its own heat. */
export const PRESSURE: HeatRecord<PressureHeat> = {
  method: "pressure",
  name: "pressure cooker",
  title: "Pressure",
  usual: () => ({ method: "pressure", setting: "high", release: "natural" }),
  usualSaid: "high pressure, natural release",
  suits: ({ kind }) => kind === "pressureCooker",
  unfit: { code: "wrongVessel", said: "is not a pressure cooker" },
  missing: "This kitchen has no pressure cooker. Set one up under Kitchen.",
  guessMin: 30,
  isSealed: true,
  hasLid: false,
  setBy: null,
  mostShare: 2 / 3,

  follows: (heat) => heat,
  turned: (heat) => heat,
  setAs: () => ({ vigour: "bare", lid: "on" }),
  saidIn: (heat) => heat,

  // What is vented; under pressure nothing else leaves.
  steamConstant: () => VENTED_L,
  lidConstant: () => null,
  steamsAs: () => "pressure",
  kind: () => "pressure",
  constants: () => [],
  inputs: ({ setting, release }) => [
    ["pressure", setting],
    ["release", release],
  ],

  drifts: () => false,
  usesRing: (_, vessel) => !isElectric(vessel),
  burns: (vessel) => vessel?.pressure?.drive === "stovetop",
  runsAlone: (vessel, { electricPressure }) => isElectric(vessel) && electricPressure,
  attention: "near",

  where: () => "under pressure",
  set,
  inShort: set,
  sentence: ({ setting, release }) => [
    { text: " at " },
    { text: `${setting} pressure with ${release} release`, of: "heat" },
  ],
  written: () => "cook under pressure",
  turnTitle: () => "Lock the lid, up to pressure",
  turnLook: (_, vessel) =>
    isElectric(vessel)
      ? "Valve free, gasket whole, liquid enough; then it comes up and holds by itself."
      : "Valve free, gasket whole, liquid enough; then turn down until it only just stays up.",
  comesUp: "Up to pressure",
  holds: "At pressure",
  begin: (_, vessel) =>
    isElectric(vessel)
      ? { title: "Switch the cooker on", done: "It is on", short: "switch it on" }
      : { title: "Light the ring", done: "It is lit", short: "light it" },
  clockStarts: (_, vessel) => ({
    title: "It is at pressure",
    done: "It is at pressure now",
    lookFor: isElectric(vessel)
      ? "The indicator stands; it holds there by itself."
      : "The indicator stands; turn down until it only just stays there.",
  }),
  logged: { lit: "Heat on", clock: "At pressure" },
  end: "Heat off, let the pressure down",
  offTitle: "Heat off, let the pressure down",
  slowBy: ["efficiency"],
  faster: (vessel) =>
    isElectric(vessel)
      ? "Cook it in two loads, cut it smaller, or start with boiling liquid."
      : "Use a stronger ring, or cook it in two loads.",
  knob: "Flame",
  keepsHot: (vessel) =>
    isElectric(vessel)
      ? "lid on; switched on again before it is lukewarm"
      : "lid on; back on the lowest heat before it is lukewarm",
};
