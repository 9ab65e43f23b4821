import { kitchenEstimate, type Constant } from "../units/constant";

/** Grams of a US cup (0.2366 L) filled as cooks fill it: spooned and levelled, chopped, or loosely laid in. */
const CUP_G: Readonly<Record<string, number>> = {
  flour: 124,
  cornStarch: 128,
  potatoStarch: 165,
  arrowroot: 128,
  tapioca: 120,
  gelatinPowder: 150,
  tableSalt: 288,
  flakedSalt: 166,
  sugar: 200,
  honey: 336,
  peanutButter: 258,
  butter: 227,
  onion: 155,
  shallot: 155,
  leek: 90,
  carrot: 128,
  celery: 101,
  celeriac: 156,
  fennel: 87,
  parsnip: 133,
  turnip: 130,
  swede: 140,
  beet: 136,
  potato: 150,
  tomato: 180,
  cabbage: 80,
  pepper: 149,
  squash: 130,
  mushroom: 75,
  freshChili: 90,
  spinach: 30,
  peas: 145,
  sweetcorn: 154,
  greenBean: 105,
  garlic: 136,
  ginger: 96,
  parsley: 60,
  lovage: 40,
  chive: 48,
  dill: 9,
  coriander: 16,
  thyme: 40,
  rosemary: 27,
  kidneyBean: 184,
  runnerBean: 184,
  whiteBean: 184,
  blackBean: 184,
  chickpea: 200,
  brownLentil: 192,
  redLentil: 192,
  splitPea: 197,
  cannedBeans: 175,
  cannedChickpeas: 165,
  pearledSpelt: 180,
  pearlBarley: 200,
  oatGroats: 180,
  rice: 190,
  pasta: 105,
  driedMushroom: 25,
  kelp: 20,
  driedApricot: 130,
  prune: 174,
  raisin: 150,
  driedChestnut: 130,
};
const CUP_L = 0.2366;

/**
 * Weight of a litre of it as it is measured by the cup, kg; null for what has no such measure. From
 * household measures of food composition tables, as kitchens fill a cup, ±15 %.
 */
export function pouredKgL(ingredientId: string): Constant | null {
  const grams = CUP_G[ingredientId];
  return grams === undefined
    ? null
    : kitchenEstimate(
        "weight of a litre as it is poured",
        grams / 1000 / CUP_L,
        "kg/L",
        "household measures, a cup as a kitchen fills it",
        0.12,
      );
}
