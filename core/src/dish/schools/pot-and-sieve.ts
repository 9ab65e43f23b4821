import { word } from "../../units/word";
import { hasLid, isOnRing, isSealed, isSlow } from "../../heats/heat";
import { either } from "../../units/said";
import {
  group,
  isId,
  has,
  isStock,
  both,
  when,
  work,
  lid,
  BONES,
  ACID,
  ROOTS,
  START,
  late,
} from "./plan-moves";
import { question, school, type SchoolQuestion } from "./school";

/** Water, lid, skimming, sieve and fat: the questions of the pot itself. */
export const POT_AND_SIEVE: readonly SchoolQuestion[] = [
  question("pressure", "Pressure for broth", "no", both(isStock, has(BONES)), [
    school("no", word("no"), "Clear, and the kitchen smells of it. Quick release clouds a broth."),
    school(
      "yes",
      word("yes"),
      "Fast, full set, quiet, less aroma lost. Choose the heat under Crossover.",
      { isNow: (p) => isSealed(p.heat) },
    ),
  ]),
  question("acid", "Acid with bones", "none", both(isStock, has(BONES)), [
    school("none", word("none"), "The taste is left alone.", {
      apply: (plan) => ({ ...plan, items: plan.items.filter((i) => !ACID(i)) }),
      isNow: (plan) => !plan.items.some(ACID),
    }),
    school(
      "some",
      [either("10–15 mL a litre", "2–3 tsp a quart")],
      "The effect on minerals is small; any vinegar serves.",
      {
        isNow: (plan) => plan.items.some(ACID),
      },
    ),
  ]),
  question("water", "How much water", "cover", () => true, [
    school("ratio", "by weight", "The same strength every time.", {
      apply: (p) => ({ ...p, water: { by: "ratio", waterPerBone: 2 } }),
      isNow: (p) => p.water.by === "ratio",
    }),
    school("cover", "just to cover", "As strong as this pot allows.", {
      apply: (p) => ({ ...p, water: { by: "cover" } }),
      isNow: (p) => p.water.by === "cover",
    }),
    school("over", [either("2–3 cm over", "about 1 in over")], "Room to steam off.", {
      apply: (p) => ({ ...p, water: { by: "over", overM: 0.025 } }),
      isNow: (p) => p.water.by === "over",
    }),
    school(
      "brimful",
      "to the fill line",
      "Most of it, and thinnest. Watch that it does not boil over.",
      {
        apply: (p) => ({ ...p, water: { by: "fillLine" } }),
        isNow: (p) => p.water.by === "fillLine",
      },
    ),
  ]),
  question("crockLiquid", "Liquid in the crock", "ledger", (p) => isSlow(p.heat), [
    school("ledger", "by the ledger", "What the dish needs at the end; almost nothing leaves."),
    school("hardly", "hardly any", "Meat and vegetables make their own.", {
      apply: (p) => ({ ...p, water: { by: "amount", volumeL: 0.1 } }),
      isNow: (p) => p.water.by === "amount" && p.water.volumeL <= 0.15,
    }),
    school("plenty", "plenty, for the juice", "Thin, and much of it.", {
      apply: (p) => ({ ...p, water: { by: "cover" } }),
      isNow: (p) => p.water.by === "cover",
    }),
  ]),
  question("lid", "Lid", "ajar", (p) => hasLid(p.heat), [
    school("off", word("off"), "Reduces; loses most.", lid("off")),
    school("ajar", word("ajar"), "About a third of the steam leaves.", lid("ajar")),
    school("on", word("on"), "Hardly anything leaves; boils over sooner.", lid("on")),
  ]),
  question(
    "skimming",
    "Skimming",
    "once",
    both(isStock, (p) => isOnRing(p.heat)),
    [
      school("often", word("often"), "Clearest."),
      school("once", word("once"), "When the scum has come up."),
      school("never", "not at all", "A little cloudy, nothing lost."),
    ],
  ),
  question("straining", "Straining", "pause", isStock, [
    school("atOnce", "hot at once", "Cooking stops.", {
      apply: (p) => ({ ...p, strain: { ...p.strain, when: "atOnce" } }),
      isNow: (p) => p.strain.when === "atOnce",
    }),
    school("pause", "after a pause", "Grit settles.", {
      apply: (p) => ({ ...p, strain: { ...p.strain, when: "afterPause" } }),
      isNow: (p) => p.strain.when === "afterPause",
    }),
  ]),
  question("fat", "Fat", "liftCold", (p) => has((i) => group("bones", "meat", "fat")(i))(p), [
    school("keep", word("keep"), "Stays in: richer.", {
      apply: (p) => ({ ...p, fat: "keep" }),
      isNow: (p) => p.fat === "keep",
    }),
    school("skimHot", "skim hot", "Taken off as it simmers; it steams freely.", {
      apply: (p) => ({ ...p, fat: "skimHot" }),
      isNow: (p) => p.fat === "skimHot",
    }),
    school("liftCold", "lift cold", "Sets on top and lifts as a disc.", {
      apply: (p) => ({ ...p, fat: "liftCold" }),
      isNow: (p) => p.fat === "liftCold",
    }),
  ]),
  question("marrow", "Marrow", "into", has(isId("beefMarrow")), [
    school("into", "into the liquid", "Richer and fatter."),
    school("apart", "eaten apart", "Push it out while hot, with salt."),
    school("left", "left in the bone", "A leaner, clearer stock."),
  ]),
  question(
    "stockVegetables",
    "Vegetables in the stock",
    "lastHour",
    both(isStock, has(BONES), has(ROOTS)),
    [
      school("start", "from the start", "Sweet, in the background.", when(ROOTS, START)),
      school("lastHour", "last hour", "They still taste of themselves.", when(ROOTS, late(60))),
      school("fried", "fried in fat", "Round and golden.", work(ROOTS, "sweat", true)),
      school("none", word("none"), "Pure bone; season it later.", {
        apply: (p) => ({ ...p, items: p.items.filter((i) => !ROOTS(i)) }),
        isNow: (p) => !p.items.some(ROOTS),
      }),
    ],
  ),
  question("strainedVegetables", "Strained vegetables", "discard", both(isStock, has(ROOTS)), [
    school("discard", "throw away", "They have given what they had."),
    school("eat", word("eat"), "Soft, dressed while warm."),
    school("blend", "blend in", "Thickens and clouds it."),
    school("feed", word("feed"), "Only where nothing harmful was in the pot; see the cautions."),
  ]),
];
