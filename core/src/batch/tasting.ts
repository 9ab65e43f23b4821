import { amountSaid } from "../ingredient/amount-said";
import { ingredientById } from "../ingredient/catalogue";
import { salinity } from "../seasoning/salinity";
import { figure } from "../units/region";
import { saltInPot, saltOf, type SaltOf } from "../dish/salt-of";
import { eatenOf } from "../dish/eaten";
import { bodyOfPlan } from "../dish/body-of";
import { teaspoonsOf } from "../seasoning/salt";
import {
  BODIES,
  bodyOf,
  reduceToL,
  THICKENERS,
  thickenWithG,
  thinWithL,
} from "../seasoning/thickness";
import { thickWanted } from "../dish/wanted";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { kitchenEstimate } from "../units/constant";
import { outcomeOf } from "../units/problem";
import { kilos, litres, say, type Said } from "../units/said";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Taste } from "../events/watch/terms";

/** Most salt put in at one round, g per L or kg: then it is stirred, and tasted again. */
const SALT_A_ROUND_G = kitchenEstimate(
  "salt in one round",
  1.5,
  "g/kg",
  "small steps: domain, judging",
);
const ACID_ML_L = kitchenEstimate("vinegar in one round", 4, "mL/L", "about a teaspoon a litre");
const SUGAR_G_L = kitchenEstimate("sugar in one round", 3, "g/L", "under a teaspoon a litre");
const HOT_DILUTE_SHARE = kitchenEstimate(
  "more of all else against heat",
  0.15,
  "share",
  "kitchen practice",
);
const LOOSEN_SHARE = kitchenEstimate(
  "liquid that loosens what has no starch to thin",
  0.1,
  "share",
  "kitchen practice",
);
const VINEGAR_KG_L = 1.01;

/** What was learned of how it is wanted here. */
type Known = Pick<Kitchen, "learned">;

/** What a taste asks for: in words, and where something is added, how much. */
export interface Dose {
  readonly taste: Taste;
  readonly text: Said;
  readonly add: { readonly ingredientId: string; readonly massKg: number } | null;
}

/** The pot at the moment of tasting: its liquid, L, and what is in it. */
export interface TastedNow {
  readonly liquidL: number;
  readonly isIn: (itemId: string) => boolean;
}

/**
 * What to do about a taste, reckoned for what there is to eat: small steps, then taste again. A pot that
 * is still to boil down is salted at its end. `now` is the pot as it is tasted, where it is still on.
 */
export function doseFor(
  taste: Taste,
  plan: Plan,
  kitchen: Known,
  trace: Trace,
  now?: TastedNow,
): Dose {
  const all = saltOf(plan, kitchen, trace);
  const salt = now === undefined ? all : saltInPot(all, now.isIn);
  const nowPer = saltNow(salt, trace, now?.liquidL);
  const amount = Math.max(0.05, salt.amount);
  const per = salinity(salt.per, salt.unit);
  const none = (text: Said): Dose => ({ taste, text, add: null });
  switch (taste) {
    case "right":
      return none("Leave it. Keep what you did for the next time.");
    case "dull": {
      const saltG = Math.min(salt.addG, SALT_A_ROUND_G.value * amount);
      if (saltG < 0.5)
        return none(
          say`Salt is where it suits already (${per} at the end). Try a little acid first: it wakes a dull pot.`,
        );
      return {
        taste,
        text: `Salt, ${figure(saltG, 0)} g (${spoons(saltG)}) of the ${figure(salt.addG, 0)} g it still bears. Stir, wait two minutes, taste again.${
          salt.concentrates > 1.15 ? " It still boils down: better at the end." : ""
        }`,
        add: { ingredientId: "tableSalt", massKg: saltG / 1000 },
      };
    }
    case "salty": {
      const L = salt.diluteL > 0 ? salt.diluteL : 0.1 * amount;
      return none(
        say`${litres(L)} of unsalted stock or water brings it ${salt.diluteL > 0 ? say`to ${salinity(salt.targetPer, salt.unit)}` : "a tenth down"} at the end (now about ${salinity(nowPer, salt.unit)}, then ${per}). A potato takes up liquid, not salt.`,
      );
    }
    case "sweet":
      return acid(plan, trace, taste);
    case "sharp": {
      const g = SUGAR_G_L.value * liquidKg(plan, trace);
      return {
        taste,
        text: say`Sugar, ${amountSaid(ingredientById("sugar"), { massKg: g / 1000 })}, or sweat an onion and stir it in. Fat rounds it too. Taste again.`,
        add: { ingredientId: "sugar", massKg: g / 1000 },
      };
    }
    case "hot":
      return none(
        say`Heat cannot be taken out. ${salt.unit === "L" ? litres(HOT_DILUTE_SHARE.value * amount) : kilos(HOT_DILUTE_SHARE.value * amount)} more of all else, or cream, yoghurt or beans off the heat, softens it.`,
      );
    case "thin":
      return thin(plan, kitchen, trace);
    case "thick":
      return thick(plan, kitchen, trace);
  }
}

/**
 * Body wanted of it, g of flour a litre: what the plan wants, else what was wanted of such dishes here, where it
 * lies that way; else the next body on.
 */
function wantedGL(plan: Plan, kitchen: Known, nowGL: number, step: 1 | -1): number | null {
  const toGL = thickWanted(plan, kitchen);
  if (toGL !== null && Math.sign(toGL - nowGL) === step) return toGL;
  const at = BODIES.findIndex((b) => b.id === bodyOf(nowGL).id) + step;
  return BODIES[at]?.from.value ?? null;
}

/** Too thin: boiled down where that thickens it, or starch, by the grams. */
function thin(plan: Plan, kitchen: Known, trace: Trace): Dose {
  const taste = "thin";
  const { flourGL, volumeL } = bodyOfPlan(plan, trace);
  if (plan.end === "strained")
    return {
      taste,
      text: "A stock is thin until it is reduced: after the sieve it goes down faster, and nothing catches.",
      add: null,
    };
  const toGL = wantedGL(plan, kitchen, flourGL, 1);
  const starchG =
    toGL === null
      ? null
      : outcomeOf(() => thickenWithG(volumeL, flourGL, toGL, THICKENERS.cornStarch.k.value));
  if (toGL === null || starchG === null || !starchG.ok)
    return { taste, text: "It is as thick as it should get already: it would catch.", add: null };
  const downL = reduceToL(volumeL, flourGL, toGL);
  const boil = downL === null ? "" : say`Lid off, boil it down to ${litres(downL)}; or `;
  return {
    taste,
    text: say`${boil}${downL === null ? "Corn" : "corn"} starch, ${amountSaid(ingredientById("cornStarch"), { massKg: starchG.value / 1000 })} stirred smooth in cold water and boiled up for a minute: then it is ${bodyOf(toGL).name}.`,
    add: { ingredientId: "cornStarch", massKg: starchG.value / 1000 },
  };
}

/** Too thick: unthickened liquid, by the litres. */
function thick(plan: Plan, kitchen: Known, trace: Trace): Dose {
  const { flourGL, volumeL } = bodyOfPlan(plan, trace);
  const toGL = wantedGL(plan, kitchen, flourGL, -1);
  const moreL =
    toGL === null || toGL <= 0 ? LOOSEN_SHARE.value * volumeL : thinWithL(volumeL, flourGL, toGL);
  return {
    taste: "thick",
    text: say`${litres(moreL)} of hot stock or water, a ladle at a time, stirred right through${toGL === null || toGL <= 0 ? "" : `: then it is ${bodyOf(toGL).name}`}. Taste for salt again.`,
    add: { ingredientId: "water", massKg: moreL * COLD_DENSITY_KG_L },
  };
}

/** Salt as it is tasted now, while more liquid is there than at the end, g per L or kg. */
function saltNow(salt: SaltOf, trace: Trace, nowL: number | undefined): number {
  const amount = salt.amount + Math.max(0, (nowL ?? trace.endLiquidL) - trace.endLiquidL);
  return amount > 0 ? salt.saltG / amount : 0;
}

const liquidKg = (plan: Plan, trace: Trace): number => Math.max(0.1, eatenOf(plan, trace).liquidKg);

function acid(plan: Plan, trace: Trace, taste: Taste): Dose {
  const mL = ACID_ML_L.value * liquidKg(plan, trace);
  return {
    taste,
    text: say`Vinegar or lemon, ${litres(mL / 1000)}, at the end. Beans and roots must be soft first: acid keeps them hard.`,
    add: { ingredientId: "vinegar", massKg: (mL / 1000) * VINEGAR_KG_L },
  };
}

const spoons = (saltG: number): string => {
  const n = teaspoonsOf(saltG);
  return n < 0.5 ? "a pinch or two" : `${n} tsp fine salt`;
};
