import type { Doubt, DoubtChoice, LineFacts } from "./draft";

/** Keeps what is not in the catalogue under its own name. */
export const ownChoice = (name: string): DoubtChoice<LineFacts> => ({
  label: `keep "${name.slice(0, 40)}" as my own`,
  set: { ownName: name.slice(0, 60) },
});

/** What an ingredient of one's own can be like: an entry of the catalogue that stands for its class. */
const LIKENESSES: readonly { readonly label: string; readonly ingredientId: string }[] = [
  { label: "meat for braising", ingredientId: "beefChuck" },
  { label: "poultry", ingredientId: "chickenThigh" },
  { label: "fish", ingredientId: "whiteFish" },
  { label: "bones", ingredientId: "beefBones" },
  { label: "a root", ingredientId: "carrot" },
  { label: "a juicy vegetable", ingredientId: "tomato" },
  { label: "leaves", ingredientId: "spinach" },
  { label: "beans, dry", ingredientId: "whiteBean" },
  { label: "a grain", ingredientId: "pearlBarley" },
  { label: "dried fruit or nuts", ingredientId: "raisin" },
  { label: "a fresh herb", ingredientId: "parsley" },
  { label: "a spice or powder", ingredientId: "cumin" },
  { label: "a liquid", ingredientId: "water" },
  { label: "something sour", ingredientId: "lemonJuice" },
  { label: "a salty sauce", ingredientId: "soySauce" },
  { label: "a sweetener", ingredientId: "sugar" },
  { label: "a fat", ingredientId: "oil" },
  { label: "a thickener", ingredientId: "flour" },
  { label: "cream or milk", ingredientId: "cream" },
];

/** What it is most like decides how it cooks, what it weighs and how it stands in the pot. */
export const likeDoubt = (name: string): Doubt<LineFacts> => ({
  id: "like",
  question: `What is "${name}" most like?`,
  choices: LIKENESSES.map(({ label, ingredientId }) => ({ label, set: { ingredientId } })),
  typed: "ingredient",
});
