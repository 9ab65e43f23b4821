import type { WorkTask } from "../schedule/work-tasks";

type Kind = WorkTask["kind"];

/** By what a cook knows that it is done: kitchen practice. */
export const WORK_SIGNS: Partial<Record<Kind, string>> = {
  thaw: "Done when it gives under the thumb, with no ice in the middle.",
  soak: "Done when it is swollen without wrinkles.",
  saltAhead: "Done when the juice that it drew has gone back in. Pat it dry before it is browned.",
  rinse: "Done when the water runs clear.",
  scrub: "Done when no sand comes off.",
  tie: "Firm, not strangled.",
  bundle: "Long string, to lift it by.",
  brown: "Done when it is brown on two sides and lets go of the pan.",
  sweat: "Done when it is glassy and soft, without colour.",
  fry: "Done when it smells, before it darkens.",
  roux: "Pale: it foams. Blond: straw-coloured, smells nutty. Dark: like hazelnut shells.",
  reduce: "Done when a spoon leaves a track.",
  roast: "Done when it is brown all over and the fat runs.",
  blanch: "Done when grey scum has risen; pour it off and rinse.",
  boilHard: "Turning over all the while, lid off.",
};

/** What it means to leave it out; what cannot be left out is not here. */
export const LEFT_MEANS: Partial<Record<Kind, string>> = {
  thaw: "It goes in frozen: slower to come up, and unevenly done.",
  saltAhead: "Less salt goes in with it: the rest is tasted at the end.",
  soak: "It goes in dry: it takes longer, and takes its water from the pot.",
  rinse: "The liquid may be cloudier.",
  scrub: "There may be sand in it.",
  trim: "More fat and scum to skim.",
  tie: "It may fall apart as it softens.",
  bundle: "Its bits are fished out one by one.",
  brown: "Paler, with less of a roast taste.",
  sweat: "Sharper, with a little more liquid of its own.",
  fry: "Less of its smell comes out.",
  reduce: "More liquid and alcohol goes in.",
  roast: "A paler stock.",
  blanch: "More scum to skim, a cloudier stock.",
  crush: "It stays as thin as it is.",
  blend: "It stays in pieces, and thinner.",
};

/** True where a dish can be reckoned without it: uncut, or unstirred, nobody knows what goes in. */
export const canBeLeft = (kind: Kind): boolean =>
  kind === "boilHard" || LEFT_MEANS[kind] !== undefined;

/** The same of soaking dry common beans. */
export const UNSOAKED_BEANS =
  "Dry beans are soaked and that water thrown away: unsoaked they boil far longer and unevenly, and a caution stands here.";
