import { crockRefusal } from "../convert/crock-safety";
import { CROCK_MOST, foams, fullestShareOf, leastLiquidL } from "../convert/limits";
import { coreRuleOf } from "../doneness/targets-of";
import { nameOf, scorchesUnderPressure, waitsForRelease } from "../simulate/item-facts";
import { vesselOf } from "../simulate/references";
import { isOn } from "../simulate/stretches";
import { aboutC, litres, ruleC, say } from "../units/said";
import { showDuration } from "../units/show";
import type { Facts, Rule } from "./facts";
import { itemsUnderPressure, liquidUnderPressure, pressureSpells } from "./pressure-spells";
import { standsOffTheHeat } from "./standing-off";
import { heldTooCool, slowAtItsEnd, slowWarming } from "./warming";

const MAKER = "the maker's booklet comes first";
const percent = (share: number): string => `${Math.round(share * 100)} %`;
/** Over this much liquid a quick release spits stock and soup through the valve, L. */
const SOUPY_L = 2;

const isPressure = ({ plan }: Facts): boolean => isOn(plan, "pressure");

/** The hottest that any of its stretches holds it at, °C. */
const hottestHoldC = ({ holdC, stretches }: Facts["trace"]): number =>
  Math.max(holdC, ...stretches.map((s) => s.holdC));

/** The rules for oven, slow cooker and pressure cooker, and for core temperatures on every heat. */
export const METHOD_RULES: readonly Rule[] = [
  {
    hazard: "slow warming in a crock",
    check: (facts) => {
      const refusal = crockRefusal(facts, facts.trace, facts.waterL);
      if (refusal === null) return null;
      const ways = refusal.remedies.map((r) => `${r.text} (then ${showDuration(r.from5To60Min)})`);
      return {
        id: "crockTooSlow",
        severity: "danger",
        places: ["plan", "cook"],
        title:
          refusal.why === "frozen"
            ? "Thaw it before the slow cooker"
            : "Too slow to be safe in a crock",
        text: say`${refusal.text}${ways.length > 0 ? ` What helps: ${ways.join("; ")}.` : " Cook it in the oven or on the hob."}`,
        rule: say`Meat goes into a slow cooker thawed, and its thickest part passes from ${ruleC(5)} to ${ruleC(60)} within 4 h.`,
        whose: "US guidance on slow cookers and the 4 h limit; your local food code rules",
        refuses: true,
      };
    },
  },
  { hazard: "held on WARM", check: heldTooCool },
  { hazard: "standing off the heat", check: standsOffTheHeat },
  { hazard: "slow warming", check: slowWarming },
  { hazard: "slow warming at its slow end", check: slowAtItsEnd },
  {
    hazard: "overfull crock",
    check: ({ plan, trace }) =>
      isOn(plan, "slowCooker") && trace.fullestShare > CROCK_MOST.value + 0.005
        ? {
            id: "crockFull",
            severity: "danger",
            places: ["plan"],
            title: "The slow cooker is too full",
            text: `It would be ${percent(trace.fullestShare)} full: it warms too slowly and runs over. Two loads, or a bigger one.`,
            rule: "Between half and two thirds full; never over three quarters.",
            whose: `US guidance; ${MAKER}`,
          }
        : null,
  },
  {
    hazard: "lid of the crock",
    check: ({ plan }) =>
      isOn(plan, "slowCooker")
        ? {
            id: "crockLid",
            severity: "note",
            places: ["plan", "cook"],
            title: "Leave the lid on",
            text: "Each lift costs about 25 min. After a power cut of unknown length throw it away. Do not reheat in it.",
            rule: "The lid stays on; a slow cooker does not reheat.",
            whose: `US guidance; ${MAKER}`,
          }
        : null,
  },
  {
    hazard: "overfull pressure cooker",
    check: (facts) => {
      if (!isPressure(facts)) return null;
      const most = fullestShareOf(facts.plan, vesselOf(facts));
      return facts.trace.fullestShare > most + 0.005
        ? {
            id: "pressureFull",
            severity: "danger",
            places: ["plan", "cook"],
            title: "The pressure cooker is too full",
            text: `It would be ${percent(facts.trace.fullestShare)} full; ${percent(most)} is the most${foams(facts.plan) ? " for food that foams and swells" : ""}. The valve can clog.`,
            rule: "At most two thirds full; half for pulses, grains and foaming dishes.",
            whose: MAKER,
          }
        : null;
    },
  },
  {
    hazard: "too little liquid under pressure",
    check: (facts) => {
      if (!isPressure(facts)) return null;
      const least = leastLiquidL(facts.plan, vesselOf(facts));
      const { startL, leastL } = liquidUnderPressure(facts);
      const runsLow = leastL < least / 2;
      return startL < least - 0.005 || runsLow
        ? {
            id: "pressureDry",
            severity: "danger",
            places: ["plan", "cook"],
            title: "Too little liquid for pressure",
            text: say`${litres(Math.min(startL, leastL))} is there; this cooker wants ${litres(least)} at the start. It would scorch or boil dry unseen.`,
            rule: "The maker's minimum liquid is in the pot before the lid is locked.",
            whose: MAKER,
          }
        : null;
    },
  },
  {
    hazard: "dairy or thickener under pressure",
    check: (facts) => {
      if (!isPressure(facts)) return null;
      const first = itemsUnderPressure(facts);
      const bad = first.filter(scorchesUnderPressure);
      if (bad.length === 0) {
        const coconut = first.find(waitsForRelease);
        return coconut === undefined
          ? null
          : {
              id: "pressureCoconut",
              severity: "note",
              places: ["plan"],
              title: "Coconut milk before pressure, or after",
              text: "Before it is rounder, and may split and foam: no more than half full. Thick kinds go in after release.",
              rule: "Cooks differ; the half-full limit for foaming food holds.",
              whose: MAKER,
            };
      }
      return {
        id: "pressureThick",
        severity: "danger",
        places: ["plan", "cook"],
        title: `After release only: ${bad.map(nameOf).join(", ")}`,
        text: "Dairy splits and thickened liquid scorches and spits under pressure, also where it came in with another pot's stock or gravy. Stir it in after the lid is off.",
        rule: "No thickener and no dairy before pressure.",
        whose: MAKER,
      };
    },
  },
  {
    hazard: "release of pressure",
    check: (facts) => {
      const { plan, trace } = facts;
      const spells = pressureSpells(facts);
      if (spells.length === 0) return null;
      const unsafe = spells.some(
        ({ heat, endLiquidL }) => heat.release === "quick" && (foams(plan) || endLiquidL > SOUPY_L),
      );
      return {
        id: "release",
        severity: unsafe ? "danger" : "caution",
        places: ["plan", "cook"],
        title: unsafe ? "Let the pressure down by itself" : "Lock, valve and gasket first",
        text: unsafe
          ? `${foams(plan) ? "Foaming food" : "A pot full of liquid"} spurts through the valve on a quick release. Choose natural release, about ${Math.round(10 + 2.5 * (trace.endLiquidL + trace.solidsInKg))} min.`
          : "Check them before it goes on. Never force the lid; open it away from the face.",
        rule: "Natural release for soups, stocks and foaming dishes; quick release only where it is safe.",
        whose: MAKER,
      };
    },
  },
  {
    hazard: "not canning",
    check: ({ plan }) =>
      isOn(plan, "pressure")
        ? {
            id: "notCanning",
            severity: "note",
            places: ["plan", "strain"],
            title: "This does not make it keep",
            text: "A pressure-cooked pot is chilled or eaten like any other. Jars of broth are not shelf-stable by it.",
            rule: "Canning needs a tested pressure-canning process, which a pressure-cooker cycle is not.",
            whose: "food agencies; your local food code rules",
          }
        : null,
  },
  {
    hazard: "core temperature",
    check: ({ plan, trace }) => {
      const cold = plan.items.flatMap((item) => {
        const rule = coreRuleOf(item.ingredientId);
        const got = trace.items.find((x) => x.itemId === item.id)?.hottestCentreC;
        return rule === null || got === undefined || got >= rule.coreC ? [] : [{ item, rule, got }];
      });
      const worst = cold.sort((a, b) => b.rule.coreC - b.got - (a.rule.coreC - a.got))[0];
      return worst === undefined
        ? null
        : {
            id: "core",
            severity: "danger",
            places: ["plan", "cook"],
            title: `${nameOf(worst.item)}: the core stays too cool`,
            text: say`Its centre comes to about ${aboutC(worst.got)}; ${worst.rule.what} need ${ruleC(worst.rule.coreC)}. ${hottestHoldC(trace) < worst.rule.coreC + 1 ? "Longer does not help here: it needs more heat" : "Cook it longer or smaller"}, and check with a thermometer.`,
            rule: say`Core temperature of ${worst.rule.what}: ${ruleC(worst.rule.coreC)}.`,
            whose: worst.rule.whose,
          };
    },
  },
  {
    hazard: "running alone",
    check: (facts) => {
      const { plan } = facts;
      const alone =
        isOn(plan, "oven") ||
        isOn(plan, "slowCooker") ||
        (isOn(plan, "pressure") && vesselOf(facts).pressure?.drive === "electric");
      return alone
        ? {
            id: "alone",
            severity: "note",
            places: ["plan", "cook"],
            title: "May run alone only as its maker allows",
            text: "Oven, slow cooker and electric pressure cooker stand clear, on a sound socket. A ring used to start it is never left.",
            rule: "Oven, crock and electric pressure cooker may run unattended as their makers allow.",
            whose: `fire services; ${MAKER}`,
          }
        : null;
    },
  },
];
