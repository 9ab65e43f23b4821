import { isSlow } from "../heats/heat";
import { figure } from "../units/region";
import { isOn } from "../simulate/stretches";
import { DIET_WORDS } from "../dish/diets";
import { isHeatedAgain } from "../dish/heated-again";
import { DAY_SALT_G } from "../seasoning/salt";
import { ingredientOf, itemWork, nameOf } from "../simulate/item-facts";
import { kilos, litres, metres, ruleC, say } from "../units/said";
import type { Facts, Rule } from "./facts";

const FOOD_CODE = "your local food code rules";
const hasWork = ({ plan }: Facts, kind: Parameters<typeof itemWork>[1]): boolean =>
  plan.items.some((i) => itemWork(i, kind) !== undefined);
/** Salt of one portion over which it is said, g: more than half a day's. */
const SALTY_PORTION_G = DAY_SALT_G.value / 2;
/** Fat of one portion over which it is said, g. */
const FAT_PORTION_G = 35;

/** The rules for what a whole dish brings: drink, salt, fat, eaters, and the work before. */
export const DISH_RULES: readonly Rule[] = [
  {
    hazard: "heated again",
    check: ({ plan }) =>
      isHeatedAgain(plan)
        ? {
            id: "reheatOnce",
            severity: "caution",
            places: ["plan", "cook", "strain"],
            title: "Heated again: once, and eaten",
            text: say`Bring all of it to ${ruleC(74)}, its thickest pieces too. What is left of it then is thrown away, not chilled or frozen another time.`,
            rule: say`What was cooked and chilled is reheated once, to ${ruleC(74)} all through.`,
            whose: FOOD_CODE,
          }
        : null,
  },
  {
    hazard: "alcohol",
    check: ({ plan, dish: { alcohol } }) => {
      if (alcohol === null || alcohol.mostG < 1 || plan.feeds === "animals") return null;
      const [kept, most] = [alcohol.keptShare, alcohol.mostShare].map((s) => Math.round(s * 100));
      const share =
        kept === most ? `About ${most} %` : `About ${kept} %, under a tight lid up to ${most} %,`;
      const each =
        alcohol.portionMostG === null
          ? ""
          : `: up to ${figure(alcohol.portionMostG, 1)} g a portion`;
      return {
        id: "alcohol",
        severity: "note",
        places: ["plan", "strain"],
        title: "Alcohol stays in it",
        text: `${share} is left${each}. Tell those who avoid it: children, in pregnancy, for faith or health.`,
        rule: "Simmered 15 min 40 % stays, 1 h 25 %, 2½ h 5 %; more in a shut pot.",
        whose: "USDA retention factors; for medical questions ask a professional",
      };
    },
  },
  {
    hazard: "salt in a portion",
    check: ({ dish }) => {
      const { portionG, isSalty } = dish.salt;
      return portionG === null || portionG <= SALTY_PORTION_G || isSalty
        ? null
        : {
            id: "saltPortion",
            severity: "note",
            places: ["plan"],
            title: "Half a day's salt in one portion",
            text: `${figure(portionG, 1)} g a portion.`,
            rule: "Adults: under 5 g of salt a day in all.",
            whose: "WHO guidance; for medical questions ask a professional",
          };
    },
  },
  {
    hazard: "fat in a portion",
    check: ({ dish }) => {
      const { portionG } = dish.fat;
      return portionG === null || portionG <= FAT_PORTION_G
        ? null
        : {
            id: "fatPortion",
            severity: "note",
            places: ["plan"],
            title: "A fat portion",
            text: `About ${Math.round(portionG)} g fat a portion. Chill it and lift the fat, or take leaner meat.`,
            rule: "Fat is about a third of a day's energy, some 70 g in all.",
            whose: "public dietary guidance; for medical questions ask a professional",
          };
    },
  },
  {
    hazard: "not for these eaters",
    check: ({ dish: { conflicts } }) => {
      const isAnimal = conflicts.some((c) => c.diet === "cat" || c.diet === "dog");
      return conflicts.length === 0
        ? null
        : {
            id: "diet",
            severity: isAnimal ? "danger" : "caution",
            places: ["plan", "strain"],
            title: `Not ${[...new Set(conflicts.map((c) => (c.diet === "cat" || c.diet === "dog" ? `for ${DIET_WORDS[c.diet]}` : DIET_WORDS[c.diet])))].join(", ")}`,
            text: conflicts.map((c) => c.text).join(" "),
            rule: "What an eater does not eat is left out of the pot, or cooked apart.",
            whose: isAnimal
              ? "veterinary advice; ask your vet"
              : "the eater; for allergies and medical diets a professional",
          };
    },
  },
  {
    hazard: "joint too big for the pot",
    check: ({ plan, dish }) => {
      const joint = dish.joints.find((j) => !j.fit.fits);
      const item = plan.items.find((i) => i.id === joint?.itemId);
      if (joint === undefined || item === undefined) return null;
      const { fit } = joint;
      return {
        id: "jointFit",
        severity: "caution",
        places: ["plan"],
        title: `The ${nameOf(item).toLowerCase()} does not lie in this pot`,
        text:
          fit.splitInto > 1
            ? say`It is ${metres(fit.footprintM[0])} long. Cut it into ${fit.splitInto}, or take a longer pot.`
            : say`It stands ${metres(fit.heightM)} high, over the rim. Take a deeper pot.`,
        rule: "A joint lies flat under its lid, with room at its ends.",
        whose: "kitchen practice",
      };
    },
  },
  {
    hazard: "blending hot",
    check: (facts) =>
      hasWork(facts, "blend")
        ? {
            id: "blendHot",
            severity: "caution",
            places: ["cook", "strain"],
            title: "Blend hot in small lots",
            text: "A third full, lid vented under a folded cloth, slow first: shut in, steam throws hot liquid out. Or use a stick blender in the pot.",
            rule: "Hot liquid is blended in small lots, vented.",
            whose: "the blender's maker",
          }
        : null,
  },
  {
    hazard: "hot fat",
    check: (facts) =>
      hasWork(facts, "brown") || hasWork(facts, "roux") || hasWork(facts, "fry")
        ? {
            id: "hotFat",
            severity: "note",
            places: ["cook"],
            title: "Hot fat and wet food spit",
            text: "Dry the pieces, lay them in away from you, keep a lid at hand. Burning fat is covered, never doused with water.",
            rule: "A fat fire is smothered with a lid; water makes it explode.",
            whose: "fire services everywhere",
          }
        : null,
  },
  {
    hazard: "tasting raw",
    check: ({ plan }) =>
      plan.items.some((i) => i.ingredientId === "flour" || ingredientOf(i).dryBean === true)
        ? {
            id: "rawTaste",
            severity: "note",
            places: ["cook"],
            title: "Do not taste it raw",
            text: "Raw flour and raw beans are tasted only once they have cooked through.",
            rule: "Raw flour may carry germs, raw beans a toxin.",
            whose: `food agencies; ${FOOD_CODE}`,
          }
        : null,
  },
  {
    hazard: "unsound trimmings",
    check: ({ plan }) =>
      plan.end === "strained" && plan.items.some((i) => ingredientOf(i).group === "vegetable")
        ? {
            id: "trimmings",
            severity: "note",
            places: ["cook"],
            title: "Only sound, washed trimmings",
            text: "Spoiled food is thrown away, not boiled.",
            rule: "Boiling does not make spoiled food safe.",
            whose: `food agencies; ${FOOD_CODE}`,
          }
        : null,
  },
  {
    hazard: "thawing",
    check: (facts) =>
      hasWork(facts, "thaw")
        ? {
            id: "thaw",
            severity: "note",
            places: ["plan"],
            title: "Thaw in the fridge",
            text: say`About a day for ${kilos(2.3)} of a joint, in a tray that catches the juice.`,
            rule: "Meat is thawed in the fridge, not on the counter.",
            whose: `food agencies; ${FOOD_CODE}`,
          }
        : null,
  },
  {
    hazard: "something to bite on",
    check: ({ dish: { takeOuts: all } }) => {
      return all.length === 0
        ? null
        : {
            id: "takeOut",
            severity: "note",
            places: ["strain"],
            title: "Take out before serving",
            text: `${all.map((t) => t.what).join(", ")}: counted in, counted out.`,
            rule: "Leaves, string, stems and shell are taken out before it is served.",
            whose: "kitchen practice",
          };
    },
  },
  {
    hazard: "holding and reheating",
    check: ({ plan }) =>
      plan.end === "served"
        ? {
            id: "hotHold",
            severity: "caution",
            places: ["strain"],
            title: say`Keep it over ${ruleC(63)}, reheat to ${ruleC(74)} once`,
            text: say`On the table, in a flask or on a warmer it stays over ${ruleC(57)} to ${ruleC(63)}; reheated it comes to ${ruleC(74)} within 2 h, stirred, and only once. Not in a slow cooker.`,
            rule: say`Hot holding at ${ruleC(57)} or more (US), ${ruleC(60)} (AU/NZ), ${ruleC(63)} (UK); reheating to ${ruleC(74)} (${ruleC(75)} in some codes).`,
            whose: `food codes; ${FOOD_CODE}`,
          }
        : null,
  },
  {
    hazard: "hot liquid into glass",
    check: ({ plan }) =>
      plan.end === "strained" && plan.feeds === "people"
        ? {
            id: "jars",
            severity: "note",
            places: ["strain"],
            title: "Temper glass; leave headspace",
            text: say`Warm jars first and stand them on a cloth. Straight jars want ${metres(0.013)} at ${litres(0.5)}, ${metres(0.025)} at ${litres(1)}; shouldered ones more, and never above the shoulder.`,
            rule: "Glass cracks in a sudden change of heat, and water swells as it freezes.",
            whose: "makers of jars",
          }
        : null,
  },
  {
    hazard: "power cut",
    check: ({ plan }) =>
      isSlow(plan.heat)
        ? {
            id: "powerCut",
            severity: "note",
            places: ["cook"],
            title: "If the power fails",
            text: "Under 2 h: finish it at once on the hob. Longer, or nobody knows: throw it away, even if it looks done.",
            rule: say`Food between ${ruleC(5)} and ${ruleC(60)} for more than 2 h is not finished, but thrown away.`,
            whose: `US guidance; ${FOOD_CODE}`,
          }
        : null,
  },
  {
    hazard: "valve and gasket",
    check: ({ plan }) =>
      isOn(plan, "pressure")
        ? {
            id: "valve",
            severity: "caution",
            places: ["cook"],
            title: "Valve free, gasket whole, lid locked",
            text: "Look through the valve and feel round the gasket before it goes on. Never force the lid: while there is pressure it does not open.",
            rule: "A pressure cooker is checked before every use.",
            whose: "the maker's booklet comes first",
          }
        : null,
  },
];
