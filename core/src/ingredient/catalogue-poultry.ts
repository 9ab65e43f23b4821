import { meat } from "./catalogue-meat-fish";
import type { Ingredient } from "./ingredient";
import { one, saltContent } from "./make";

const bird = (
  id: string,
  name: string,
  freed: number,
  waterShare: number,
  more: Partial<Ingredient>,
  fatShare?: number,
): Ingredient => meat(id, name, freed, waterShare, { flavour: "poultry", ...more }, fatShare);

/** Poultry and other birds as meat. Juice freed as of the cuts in docs/method.md, “The ledger”. */
export const POULTRY: readonly Ingredient[] = [
  bird("chickenLeg", "Chicken legs, on the bone", 0.23, 0.68, {
    each: { leg: one(250), quarter: one(300) },
  }),
  bird("chickenThighOnBone", "Chicken thighs, on the bone", 0.23, 0.68, {
    each: { thigh: one(170) },
  }),
  bird("chickenDrumstick", "Chicken drumsticks", 0.22, 0.7, {
    each: { drumstick: one(110) },
  }),
  bird("turkeyBreast", "Turkey breast", 0.2, 0.74, {
    each: { breast: one(1200) },
  }),
  bird("wholeDuck", "Whole duck", 0.3, 0.55, {
    each: { duck: one(2200), bird: one(2200) },
  }),
  bird("duckBreast", "Duck breast", 0.28, 0.58, {
    each: { breast: one(300) },
  }),
  bird("goosePieces", "Goose in pieces", 0.32, 0.52, { each: { piece: one(400) } }, 0.35),
  bird("guineaFowl", "Guinea fowl", 0.22, 0.7, {
    each: { fowl: one(1300), bird: one(1300) },
  }),
  bird(
    "pheasant",
    "Pheasant, whole",
    0.2,
    0.7,
    { game: true, each: { pheasant: one(900), bird: one(900) } },
    0.1,
  ),
  bird(
    "pigeon",
    "Pigeon, whole",
    0.2,
    0.7,
    { game: true, each: { pigeon: one(350), bird: one(350) } },
    0.1,
  ),
  bird("quail", "Quail", 0.2, 0.7, {
    each: { quail: one(180), bird: one(180) },
  }),
  bird("poultryGizzards", "Poultry gizzards", 0.25, 0.75, {
    each: { gizzard: one(25) },
  }),
  bird("poultryHearts", "Poultry hearts", 0.25, 0.74, {
    each: { heart: one(10) },
  }),
  bird("cookedPoultry", "Cooked poultry meat", 0.05, 0.65, {
    each: { slice: one(30) },
    staging: "last10",
    petHazard: "cooked for people: it may be salted, or hold onion",
    saltGKg: saltContent(4),
  }),
  meat("rabbit", "Rabbit in pieces", 0.26, 0.72, { each: { rabbit: one(1300) } }, 0.1),
];
