import { isSlow } from "../heats/heat";
import { salinity } from "../seasoning/salinity";
import { figure } from "../units/region";
import { isMeat } from "../convert/warming";
import { codeOf, holdingLineC } from "../cool/codes";
import { ingredientById } from "../ingredient/catalogue";
import type { Ingredient } from "../ingredient/ingredient";
import { traitsOf } from "../ingredient/traits";
import { isStrainedBetween } from "../simulate/out-of";
import { overRim } from "../simulate/over-rim";
import type { Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { isOn } from "../simulate/stretches";
import {
  kilos,
  litres,
  metres,
  ruleC,
  say,
  timeOfDayMin,
  either,
  type Said,
  sayAll,
  inWords,
} from "../units/said";
import { showDuration } from "../units/show";
import { ANIMAL_SALT_G_KG } from "../seasoning/salt";
import { isOffBones, nameOf, petHazardsOf } from "../simulate/item-facts";
import { kitchenEstimate } from "../units/constant";
import type { Caution } from "./caution";
import type { Facts, Rule } from "./facts";
import { beansUnboiled, beansUnsoaked } from "./beans";
import { burnsIntoNight, flameSpans } from "./flame";
import { DISH_RULES } from "./dish-rules";
import { METHOD_RULES } from "./method-rules";

const ingredientsOf = (plan: Plan): readonly Ingredient[] =>
  plan.items.map((i) => ingredientById(i.ingredientId));

const has = (plan: Plan, test: (i: Ingredient) => boolean): boolean =>
  ingredientsOf(plan).some(test);

/** Mussels and the like, bought alive in the shell: no sauce or liquor of them, and no crab. */
const isInShell = ({ id, group, allergens }: Ingredient): boolean =>
  group === "fish" && allergens.includes("molluscs") && (traitsOf(id).uneatenShare ?? 1) < 1;
/** Kinds in which chronic wasting disease occurs. */
const isDeerKind = ({ id }: Ingredient): boolean => id.startsWith("deer") || id === "elk";

const HEAVY_POT_L = 8;
const SHORT_BURN_MIN = 60;

/** The rules for every pot. Kettlos defers to the local code and to professionals. */
const POT_RULES: readonly Rule[] = [
  {
    hazard: "over the rim",
    check: (facts) => {
      const { fit, trace } = facts;
      const tooMuch = overRim(trace, vesselOf(facts));
      if (tooMuch !== null)
        return {
          id: "overRim",
          severity: "danger",
          places: ["plan"],
          title: "It does not all go in",
          text: say`${tooMuch.said} Take less, a bigger pot, or cook it in two.`,
          rule: "Hot liquid that runs over scalds, puts a gas flame out and lets the gas flow on.",
          whose: "kitchen practice; fire service guidance",
          refuses: true,
        };
      return fit.limit === "overFillLine"
        ? {
            id: "fillLine",
            severity: "danger",
            places: ["plan"],
            title: "Over the fill line",
            text: say`It would stand ${litres(Math.abs(fit.roomL))} over the line and boil over. Take a bigger pot, less water, or pour the rest in boiling as the level falls.`,
            rule: "A pot that boils keeps the top 15 % of its height free.",
            whose: "kitchen practice",
          }
        : null;
    },
  },
  {
    hazard: "never goes in",
    check: ({ plan, trace }) => {
      // Under pressure it waits for the lid, which is another matter.
      if (isOn(plan, "pressure") || trace.problem !== null) return null;
      const offMin = trace.marks.find((m) => m.kind === "offHeat")?.tMin ?? Infinity;
      const late = plan.items.filter(
        (i) =>
          (i.when.at === "whenTender" || i.when.at === "stretch") &&
          !trace.marks.some((m) => m.kind === "itemIn" && m.itemId === i.id && m.tMin < offMin),
      );
      return late.length === 0
        ? null
        : {
            id: "neverIn",
            severity: "danger",
            places: ["plan"],
            title: `Not in before the heat is off: ${late.map(nameOf).join(", ")}`,
            text: "It waits for something that is not in the pot, is not tender by the end, or waits for it in turn. Say another moment for it.",
            rule: "What is planned goes in, or the plan says that it does not.",
            whose: "Kettlos",
            refuses: true,
          };
    },
  },
  {
    hazard: "boiling dry",
    check: ({ trace }) =>
      trace.problem?.code === "boiledDry"
        ? {
            id: "dry",
            severity: "danger",
            places: ["plan", "cook"],
            title: "It would boil dry",
            text: trace.problem.said,
            rule: "A pot forecast to run dry raises an alarm.",
            whose: "fire safety",
          }
        : null,
  },
  {
    hazard: "bones standing bare",
    check: ({ plan, trace }) => {
      // A stew or braise may stand out of its liquid; bones of a stock may not.
      if (plan.end === "served") return null;
      const bare = trace.marks.find((m) => m.kind === "bonesBare");
      return bare === undefined || trace.problem !== null
        ? null
        : {
            id: "bonesBare",
            severity: "caution",
            places: ["plan", "cook"],
            title: "Bones come out of the liquid",
            text: say`After about ${showDuration(bare.tMin)} the level is within ${metres(0.01)} of the bones. Top up with boiling water, or start with more.`,
            rule: "Bones stay under the liquid, so that they cook evenly and nothing scorches.",
            whose: "kitchen practice",
          };
    },
  },
  {
    hazard: "unattended flame",
    check: (facts) => {
      const { plan, kitchen, trace, litHour, isLitTimeSet } = facts;
      const spans = flameSpans(facts, trace);
      if (spans.length === 0) return null;
      const nightMin = burnsIntoNight(litHour, spans, kitchen);
      if (nightMin !== null)
        return {
          id: "flameAtNight",
          severity: isLitTimeSet ? "danger" : "caution",
          places: ["plan", "cook"],
          title: isLitTimeSet
            ? "The ring would burn in the night"
            : "Lit now, the ring would burn in the night",
          text: say`Do not sleep beside a lit ring. Start so that it is off before ${timeOfDayMin(nightMin)}, or let someone sit up with it.`,
          rule: "A flame or ring is not left alone or slept beside.",
          whose: "fire services everywhere; your house rules come first",
        };
      const burnMin = spans.reduce((sum, s) => sum + s.toMin - s.fromMin, 0);
      const isShort =
        plan.then.length === 0
          ? plan.stop.by === "time" && plan.stop.holdMin < SHORT_BURN_MIN
          : burnMin < SHORT_BURN_MIN;
      return isShort
        ? null
        : {
            id: "flame",
            severity: "note",
            places: ["plan", "cook"],
            title: "Someone stays by the ring",
            text: `It burns for about ${showDuration(burnMin)}. Take it off when everyone leaves.`,
            rule: "A flame or ring is not left alone.",
            whose: "fire services everywhere; your house rules come first",
          };
    },
  },
  {
    hazard: "lifting a full pot",
    check: ({ plan, trace, waterL }) =>
      waterL + trace.solidsInKg > HEAVY_POT_L
        ? {
            id: "twoPeople",
            severity: "caution",
            places: isStrainedBetween(plan) ? ["plan", "cook", "strain"] : ["plan", "strain"],
            title: "Two people lift this pot",
            text: say`It holds about ${kilos(Math.round(waterL + trace.solidsInKg))} of hot food at the start. Strain with a ladle first, open the lid away from the face, pour away from you.`,
            rule: say`A full pot over about ${litres(HEAVY_POT_L)} is carried by two.`,
            whose: "workplace safety practice",
          }
        : null,
  },
  { hazard: "dry beans", check: (facts) => beansUnboiled(facts) ?? beansUnsoaked(facts) },
  {
    hazard: "bone splinters",
    check: ({ plan }) => {
      const isPicked = plan.items.some(isOffBones);
      const isFed = plan.feeds === "animals";
      return isPicked || has(plan, (i) => i.group === "bones")
        ? {
            id: "splinters",
            severity: isFed ? "caution" : "note",
            places: [
              ...(isFed || isPicked ? (["plan"] as const) : []),
              ...(isPicked || isStrainedBetween(plan) ? (["cook"] as const) : []),
              "strain",
            ],
            title: isPicked
              ? "Feel for splinters; no cooked bones to animals"
              : "Strain twice; no cooked bones to animals",
            text: `Chopped and long-cooked bones leave splinters. ${isPicked ? "Feel through the meat before it goes back, and use" : "Use"} a fine sieve after the coarse one.`,
            rule: "Cooked bones splinter and are not fed to animals.",
            whose: "veterinary advice",
          }
        : null;
    },
  },
  {
    hazard: "game",
    check: ({ plan }) => {
      const game = ingredientsOf(plan).filter((i) => i.game === true);
      if (game.length === 0) return null;
      const deer = game.some(isDeerKind);
      return {
        id: "game",
        severity: "caution",
        places: ["plan"],
        title: "Game: cut away shot damage",
        text: `Cut generously around the shot channel (lead).${deer ? " For deer, elk and moose, follow the wildlife agency's testing advice where chronic wasting disease occurs, and use no brain, spine, eyes, spleen or lymph tissue." : ""}`,
        rule: say`Game is heated to ${ruleC(74)} throughout; tested where the agency asks for it.`,
        whose: "wildlife agencies; ask yours",
      };
    },
  },
  {
    hazard: "animals",
    check: ({ plan, dish }) => {
      if (plan.feeds !== "animals") return null;
      // What a stock was made of counts as much as what is put in.
      const bad = [...plan.items.flatMap(petHazardsOf), ...tooMuchForAnimals(dish)];
      return {
        id: "animals",
        severity: bad.length > 0 ? "danger" : "note",
        places: ["plan", "strain"],
        title:
          bad.length > 0
            ? `Not for animals: ${[...new Set(bad.map((i) => i.name))].join(", ")}`
            : "For animals: plain, and a little",
        text:
          bad.length > 0
            ? say`${sayAll([...new Map(bad.map((i) => [inWords(i.why, "metric"), i.why])).values()], "; ")}. Take it out, or make this pot for people.`
            : "Lift the fat off. Give treats up to about a tenth of the day's food. A vet decides for an ill animal.",
        rule: "No onion, garlic, leek, chive, salt, alcohol, nutmeg, grapes, raisins, xylitol or rich fat.",
        whose: "veterinary advice; ask your vet",
      };
    },
  },
  {
    hazard: "shellfish",
    check: ({ plan }) =>
      has(plan, isInShell)
        ? {
            id: "shellfish",
            severity: "caution",
            places: ["plan", "cook"],
            title: "Shellfish: live only",
            text: "Throw away any that stay open when tapped, and any that stay shut after cooking.",
            rule: "Only live shellfish go in; closed ones after cooking are thrown away.",
            whose: "food agencies; the local code rules",
          }
        : null,
  },
  {
    hazard: "frozen start",
    // Of frozen meat in a slow cooker its own rule says it.
    check: ({ plan }) =>
      plan.items.some((i) => i.frozen && !(isSlow(plan.heat) && isMeat(i)))
        ? {
            id: "frozen",
            severity: "caution",
            places: ["plan"],
            title: "What goes in frozen starts slowly",
            text: say`Melting is in the come-up time. Better thaw it in the fridge, about a day for ${kilos(2.3)}: pieces then cook alike, and stock comes up sooner.`,
            rule: "Thaw in the fridge, not on the counter.",
            whose: "food agencies; the local code rules",
          }
        : null,
  },
  {
    hazard: "salt concentrates",
    check: ({ plan, dish: { salt } }) => {
      if (plan.feeds === "animals") return null;
      if (!salt.isSalty) return null;
      const most = salt.from[0]?.name.toLowerCase() ?? "salt";
      return {
        id: "salt",
        severity: "caution",
        places: ["plan", "strain"],
        title: "It comes out salty",
        text: say`About ${salinity(salt.per, salt.unit)} of salt at the end, most from the ${most}; ${salt.unit === "L" ? either("6–8 g/L suits a broth to sip", "0.6–0.8 % suits a broth to sip") : either("8–10 g/kg suits a stew", "0.8–1 % suits a stew")}.${salt.concentrates > 1.1 ? ` Reducing makes it ${figure(salt.concentrates, 1)} times as salty as it starts.` : ""} Take less of it, put it in at the end, or thin it with ${litres(salt.diluteL)} unsalted.`,
        rule: "Adults: under 5 g of salt a day in all.",
        whose: "WHO guidance",
      };
    },
  },
  {
    hazard: "cooling",
    check: ({ kitchen, plan }) => ({
      id: "cooling",
      severity: "caution",
      places: ["strain"],
      title:
        plan.end === "served"
          ? "Chill what is left, fast and shallow"
          : "Chill it now, fast and shallow",
      text: say`${codeOf(kitchen).text} Shallow trays, an ice or snow bath, then the fridge. A deep pot in a fridge is too slow. A covered pot off the heat counts from ${ruleC(holdingLineC(codeOf(kitchen)))} too: start chilling before it is there.`,
      rule: say`${ruleC(57)} to ${ruleC(21)} in 2 h, ${ruleC(5)} in 6 h in all (US); ${ruleC(60)} to ${ruleC(21)} in 2 h, ${ruleC(5)} in 4 h more (AU/NZ); to ${ruleC(8)} as fast as possible, about 90 min for small portions (UK).`,
      whose: `${codeOf(kitchen).whose}. Choose it under Kitchen`,
    }),
  },
  {
    hazard: "keeping",
    check: () => ({
      id: "keeping",
      severity: "note",
      places: ["strain"],
      title: "Fridge 3–4 days, then the freezer",
      text: "Frozen it is at its best for 2–3 months. Never keep it at room temperature: a jar of broth is not shelf-stable without a tested pressure-canning process.",
      rule: say`3–4 days in the fridge (1–2 for plain meat broth in older tables); reheat to ${ruleC(74)}, once.`,
      whose: "US guidance; your local food code rules",
    }),
  },
];

/** Salt and fat over the whole pot, whatever each of its things brings. */
function tooMuchForAnimals({ salt, fat, eaten }: Facts["dish"]): readonly {
  readonly name: string;
  readonly why: Said;
}[] {
  const kg = eaten.allKg;
  if (!(kg > 0)) return [];
  const saltGKg = salt.saltG / kg;
  const fatGKg = fat.eatenG / kg;
  return [
    ...(saltGKg > ANIMAL_SALT_G_KG.value
      ? [{ name: "Salt", why: say`${salinity(saltGKg, "kg")} of salt in all` }]
      : []),
    ...(fatGKg > ANIMAL_FAT_G_KG.value
      ? [
          {
            name: "Fat",
            why: `${Math.round(fatGKg / 10)} % of it is fat: chill it and lift the fat`,
          },
        ]
      : []),
  ];
}
/** Fat over which a pot is too rich for cats and dogs. */
const ANIMAL_FAT_G_KG = kitchenEstimate(
  "fat in what animals eat",
  100,
  "g/kg",
  "richer food may inflame the pancreas of a dog",
);

/** Every rule there is. */
export const RULES: readonly Rule[] = [...POT_RULES, ...DISH_RULES, ...METHOD_RULES];

const ORDER = { danger: 0, caution: 1, note: 2 } as const;

/** Every caution that applies, the gravest first. */
export const cautionsFor = (facts: Facts): readonly Caution[] =>
  RULES.flatMap((rule) => rule.check(facts) ?? []).sort(
    (a, b) => ORDER[a.severity] - ORDER[b.severity],
  );
