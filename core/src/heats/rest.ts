import type { RestHeat } from "./rest-schema";
import { COVER_WORDS, LID_WORDS } from "../heat/heat-words";
import type { StretchRecord } from "./record";

/** Off the heat: nothing begins so, it comes after a heat. */
export const REST: StretchRecord<RestHeat> = {
  method: "rest",
  follows: (heat) => heat,
  turned: (heat, { lid }) => ({ ...heat, lid }),
  setAs: ({ lid }) => ({ vigour: "bare", lid }),
  burns: () => false,
  runsAlone: () => true,
  attention: "near",
  holds: "Stands off the heat",
  where: () => "off the heat",
  set: () => "off the heat",
  inShort: ({ lid }) => `off the heat, ${COVER_WORDS[lid]}`,
  sentence: ({ lid }) => [{ text: ` off the heat, ${LID_WORDS[lid]}` }],
  written: () => "let it stand off the heat",
  turnTitle: ({ lid }) => `Heat off, let it stand, ${LID_WORDS[lid]}`,
  turnLook: () => "It cooks on while it stands.",
  offTitle: "Heat off",
};
