import { word } from "../units/word";
import type { HobHeat } from "./hob-schema";
import { SIMMER_OFFSET_C } from "../heat/constants";
import { COVER_WORDS, LID_WORDS, VIGOUR_WORDS } from "../heat/heat-words";
import { SIMMER_LOOK } from "../heat/simmer-look";
import { LID_FACTOR, SIMMER_FLUX_KG_M2_H } from "../liquid/constants";
import { showDuration } from "../units/show";
import { capital } from "../units/capital";
import type { HeatRecord } from "./record";

const how = ({ vigour, lid }: HobHeat): string => `${VIGOUR_WORDS[vigour]}, ${LID_WORDS[lid]}`;

/** On a ring. */
export const HOB: HeatRecord<HobHeat> = {
  method: "hob",
  name: word("hob"),
  title: "Hob",
  usual: ({ rings }) =>
    rings.length === 0
      ? null
      : { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: null },
  usualSaid: "gentle simmer, lid ajar",
  // A slow cooker's crock cracks there.
  suits: ({ kind, pressure }) => kind !== "slowCooker" && pressure?.drive !== "electric",
  unfit: { code: "notOnHob", said: "does not go on a ring" },
  missing: "This kitchen has no ring, or no pot for it. Set them up under Kitchen.",
  guessMin: 150,
  isSealed: false,
  hasLid: true,
  setBy: "vigour",
  mostShare: 1,

  follows: (heat) => ({ ...heat, boilFirstMin: null }),
  turned: (heat, { vigour, lid }) => ({ ...heat, vigour, lid }),
  setAs: ({ vigour, lid }) => ({ vigour, lid }),
  saidIn: (heat, { lid, vigour, boilFirstMin }) => ({
    ...heat,
    lid: lid ?? heat.lid,
    vigour: vigour ?? heat.vigour,
    boilFirstMin: boilFirstMin ?? heat.boilFirstMin,
  }),

  steamConstant: ({ vigour }) => SIMMER_FLUX_KG_M2_H[vigour],
  lidConstant: ({ lid }, vessel) =>
    LID_FACTOR[lid === "on" && vessel.lid === "heavy" ? "heavy" : lid],
  steamsAs: ({ lid, vigour }) => `${lid}|${vigour}`,
  kind: () => "hob",
  constants: ({ vigour }) => [SIMMER_OFFSET_C[vigour]],
  inputs: ({ vigour, lid }) => [
    ["simmer", vigour],
    ["lid", lid],
  ],

  drifts: () => false,
  usesRing: () => true,
  burns: () => true,
  runsAlone: () => false,
  attention: "look",

  where: () => "on the ring",
  set: ({ boilFirstMin }) =>
    boilFirstMin === null
      ? "on the ring"
      : `on the ring, boiled ${showDuration(boilFirstMin)} first`,
  inShort: ({ vigour, lid }) => `${VIGOUR_WORDS[vigour]}, ${COVER_WORDS[lid]}`,
  sentence: ({ vigour, lid }) => [
    { text: " at a " },
    { text: VIGOUR_WORDS[vigour], of: "vigour" },
    { text: ", " },
    { text: LID_WORDS[lid], of: "lid" },
  ],
  written: ({ vigour }) => (vigour === "rolling" ? "boil on the hob" : "simmer on the hob"),
  turnTitle(heat, from) {
    if (from === null) return `On the ring: ${how(heat)}`;
    return capital(from.vigour === heat.vigour ? LID_WORDS[heat.lid] : how(heat));
  },
  turnLook: ({ vigour }) => SIMMER_LOOK[vigour],
  comesUp: "Up to the simmer",
  holds: "Simmers",
  begin: () => ({ title: "Light the ring", done: "It is lit", short: "light it" }),
  clockStarts: ({ vigour }) => ({
    title: "It simmers",
    lookFor: SIMMER_LOOK[vigour],
    done: "It simmers now",
  }),
  logged: { lit: "Ring lit", clock: "Simmers" },
  end: "Take it off the heat",
  offTitle: "Take it off the heat",
  slowBy: ["efficiency"],
  faster: () =>
    "Use a stronger ring, put the lid on, cook it in two pots, or start with hot water.",
  knob: "Flame",
  keepsHot: () => "lid on; back on the lowest heat before it is lukewarm",
};
