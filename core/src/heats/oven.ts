import { word } from "../units/word";
import type { OvenHeat } from "./oven-schema";
import { COVER_WORDS, LID_WORDS } from "../heat/heat-words";
import { OVEN_COLD_TAU_MIN, OVEN_HOT_TAU_MIN, OVEN_PLATEAU } from "../heat/oven";
import { OVEN_FLUX_KG_M2_H } from "../liquid/constants";
import { ovenC, say } from "../units/said";
import { showOven } from "../units/show";
import { capital } from "../units/capital";
import type { HeatRecord } from "./record";

const USUAL_OVEN_C = 150;

/** In an oven, hot from the ring or cold. */
export const OVEN: HeatRecord<OvenHeat> = {
  method: "oven",
  name: word("oven"),
  title: "Oven",
  usual({ ovens: [oven] }) {
    return oven === undefined
      ? null
      : {
          method: "oven",
          ovenId: oven.id,
          ovenC: Math.min(USUAL_OVEN_C, oven.maxC),
          lid: "on",
          start: "hot",
        };
  },
  usualSaid: say`${ovenC(USUAL_OVEN_C)}, covered, in hot`,
  suits: ({ kind }) => kind === "pot" || kind === "casserole",
  unfit: { code: "wrongVessel", said: "does not go into the oven" },
  missing: "This kitchen has no oven. Cook it on the hob, or set one up under Kitchen.",
  guessMin: 150,
  isSealed: false,
  hasLid: true,
  setBy: "degrees",
  mostShare: 1,

  follows: (heat) => ({ ...heat, start: "hot" }),
  turned: (heat, to) => ({ ...heat, lid: to.lid, ovenC: to.ovenC ?? heat.ovenC }),
  setAs: ({ lid, ovenC }) => ({ vigour: "bare", lid, ovenC }),
  saidIn: (heat, said) => ({
    ...heat,
    lid: said.lid ?? heat.lid,
    ovenC: said.ovenC ?? heat.ovenC,
  }),

  steamConstant: ({ lid }) => OVEN_FLUX_KG_M2_H[lid],
  lidConstant: () => null,
  steamsAs: ({ lid }) => `${lid}|oven`,
  kind: () => "oven",
  constants: ({ start }) => [OVEN_PLATEAU, start === "hot" ? OVEN_HOT_TAU_MIN : OVEN_COLD_TAU_MIN],
  inputs: (heat) => [
    ["oven", heat.ovenC, "°C"],
    ["lid", heat.lid],
  ],

  drifts: ({ start }) => start === "cold",
  usesRing: ({ start }) => start === "hot",
  burns: () => false,
  runsAlone: (_, { oven }) => oven,
  attention: "leave",

  where: () => "in the oven",
  set: (heat) => say`oven at ${ovenC(heat.ovenC)}${heat.start === "cold" ? ", from cold" : ""}`,
  inShort: (heat, system) =>
    `${showOven(heat.ovenC, system)}, ${COVER_WORDS[heat.lid]}${heat.start === "cold" ? ", in cold" : ""}`,
  sentence: (heat, system) => [
    { text: " in the oven at " },
    { text: `${showOven(heat.ovenC, system)}, ${COVER_WORDS[heat.lid]}`, of: "heat" },
  ],
  written: (heat) => `cook in the oven at ${Math.round(heat.ovenC)} C`,
  turnTitle(heat, from) {
    if (from === null) return "Into the oven";
    return from.ovenC === heat.ovenC
      ? capital(LID_WORDS[heat.lid])
      : `Turn the oven ${heat.ovenC > from.ovenC ? "up" : "down"}`;
  },
  turnLook: (heat) => say`Oven at ${ovenC(heat.ovenC)}, ${LID_WORDS[heat.lid]}.`,
  comesUp: "Up on the ring",
  holds: "In the oven",
  begin: ({ start }) =>
    start === "cold"
      ? { title: "Put it into the oven", done: "It is in the oven", short: "put it in" }
      : { title: "Light the ring", done: "It is lit", short: "light it" },
  clockStarts: (heat) => ({
    title: "Into the oven",
    done: "It is in the oven",
    lookFor: say`Oven at ${ovenC(heat.ovenC)}; ${heat.start === "hot" ? "the pot simmers on the ring first" : "straight from cold"}.`,
  }),
  logged: { lit: "Ring lit", clock: "Into the oven" },
  end: "Take it out of the oven",
  offTitle: "Turn the oven low, or take it out",
  slowBy: ["warmUp", "plateauC", "efficiency"],
  faster: () => "Use a hotter oven, bring it to the simmer on the ring first, or cut it smaller.",
  knob: "Oven",
  keepsHot: () => "in the oven, turned low, lid on",
};
