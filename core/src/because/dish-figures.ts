import { exp } from "../units/same-math";
import type { DishOf } from "../dish/dish-of";
import { BROWNING_LOSS } from "../prepare/browning";
import { ALCOHOL_CONSTANTS } from "../seasoning/alcohol";
import { DISH_SALT_G_KG, SIPPING_SALT_G_L } from "../seasoning/salt";
import { BODIES, ROUX_BINDS } from "../seasoning/thickness";
import { saltHereWords, thickHereWords } from "../learn/say-taught";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Trace } from "../simulate/trace";
import type { FigureSpread } from "../simulate/spread";
import { ingredientById } from "../ingredient/catalogue";
import type { Plan } from "../simulate/plan-schema";
import type { Estimate } from "../units/estimate";
import { input } from "./explain";

/** The figures of a dish beside those of its pot, each with its range and because. */
export interface DishFigures {
  readonly portions: Estimate | null;
  readonly salt: Estimate;
  readonly body: Estimate;
  readonly alcohol: Estimate | null;
  readonly fat: Estimate | null;
  readonly meat: Estimate | null;
}

/** Range of something dissolved: the more liquid is left, the thinner. */
const inLiquid = (value: number, liquid: FigureSpread) => ({
  low: value / Math.max(1e-6, liquid.highFactor),
  expected: value,
  high: liquid.lowFactor > 0.05 ? value / liquid.lowFactor : value * 2,
});

/** Explains salt, body, drink, fat, meat and portions of a dish (docs/method.md, “The whole dish”). */
export function dishFigures(
  plan: Plan,
  kitchen: Pick<Kitchen, "learned">,
  dish: DishOf,
  trace: Trace,
  liquid: FigureSpread,
): DishFigures {
  const { eaten, salt, body, alcohol, fat, meat } = dish;
  return {
    portions: portionsOf(eaten, liquid),
    salt: {
      id: "salt",
      name: "Salt",
      unit: `g/${salt.unit}`,
      ...(salt.unit === "L" ? inLiquid(salt.per, liquid) : around(salt.per, 0.1)),
      because: {
        formula:
          "Salt of everything that goes in, by its label or the catalogue, over all that is left to eat or drink. Steam takes none along.",
        inputs: [
          ...salt.from.map((f) => input(f.name.toLowerCase(), f.saltG, "g")),
          input("left to eat or drink", salt.amount, salt.unit),
        ],
        constants: [salt.unit === "L" ? SIPPING_SALT_G_L : DISH_SALT_G_KG],
        spread: [],
        here: saltHereWords(plan, kitchen),
      },
    },
    body: {
      id: "body",
      name: "Body",
      unit: "g flour/L",
      ...inLiquid(body.flourGL, liquid),
      because: {
        formula:
          "Starch of everything in the pot, as grams of wheat flour, over the liquid at the end. A darker roux binds less; corn starch thins again with an hour's boil.",
        inputs: [
          ...body.from.map((f) => input(f.name.toLowerCase(), f.flourG, "g flour")),
          input("liquid at the end", body.volumeL, "L"),
        ],
        constants: [
          ...BODIES.map((b) => b.from),
          ...plan.items.flatMap((i) =>
            i.work.flatMap((w) => (w.kind === "roux" ? [ROUX_BINDS[w.colour ?? "blond"]] : [])),
          ),
        ],
        spread: [],
        here: thickHereWords(plan, kitchen),
      },
    },
    alcohol:
      alcohol === null
        ? null
        : {
            id: "alcohol",
            name: "Alcohol left",
            unit: "g",
            ...around(alcohol.leftG, 0.3),
            high: Math.max(around(alcohol.leftG, 0.3).high, alcohol.mostG),
            because: {
              formula:
                "What goes in, times what the time leaves (USDA); in a crock or under pressure, and at most elsewhere, what little steam could carry off where that is more.",
              inputs: [
                input("alcohol that goes in", alcohol.inG, "g"),
                input("stays", alcohol.keptShare * 100, "%"),
                input("heat on", trace.totalMin, "min"),
              ],
              constants: ALCOHOL_CONSTANTS,
              spread: [],
            },
          },
    fat:
      fat.portionG === null
        ? null
        : {
            id: "fat",
            name: "Fat in a portion",
            unit: "g",
            ...around(fat.portionG, 0.3),
            because: {
              formula:
                "Fat of everything eaten, less what is lifted or skimmed, over the portions.",
              inputs: [input("all fat", fat.allG, "g"), input("floats", fat.floatsG, "g")],
              constants: [],
              spread: [],
            },
          },
    meat: meatFigure(plan, meat),
  };
}

const around = (value: number, sigmaLog: number) => {
  const factor = exp(1.28155 * sigmaLog);
  return { low: value / factor, expected: value, high: value * factor };
};

function portionsOf(eaten: DishOf["eaten"], liquid: FigureSpread): Estimate | null {
  if (eaten.portions === null || eaten.eachKg === null) return null;
  const at = (factor: number) =>
    (eaten.solidsKg * Number(eaten.unit === "kg") + eaten.liquidKg * factor) / (eaten.eachKg ?? 1);
  return {
    id: "portions",
    name: "Portions",
    unit: "",
    low: at(liquid.lowFactor),
    expected: eaten.portions,
    high: at(liquid.highFactor),
    because: {
      formula: "All that is left to eat, over one portion.",
      inputs: [
        input("liquid", eaten.liquidKg, "kg"),
        input("meat, vegetables and the rest", eaten.solidsKg, "kg"),
        input("a portion", eaten.eachKg, eaten.unit),
      ],
      constants: [],
      spread: [],
    },
  };
}

function meatFigure(plan: Plan, meat: DishOf["meat"]): Estimate | null {
  const rawKg = meat.reduce((sum, m) => sum + m.rawKg, 0);
  if (rawKg === 0) return null;
  const cookedKg = meat.reduce((sum, m) => sum + m.cookedKg, 0);
  const constants = meat.flatMap((m) => {
    const item = plan.items.find((i) => i.id === m.itemId);
    const freed = item === undefined ? undefined : ingredientById(item.ingredientId).meatFreed;
    return freed === undefined ? [] : [freed];
  });
  return {
    id: "meat",
    name: "Cooked meat",
    unit: "kg",
    ...around(cookedKg, 0.06),
    because: {
      formula:
        "Raw weight less the juice and fat it lets go by its hottest mean, and what browning drove off.",
      inputs: meat.map((m) => input(`${m.name.toLowerCase()}, raw`, m.rawKg, "kg")),
      constants: [...constants, BROWNING_LOSS],
      spread: [],
    },
  };
}
