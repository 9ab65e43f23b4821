import { LID_WORDS, VIGOUR_WORDS } from "../heat/heat-words";
import { SIMMER_LOOK } from "../heat/simmer-look";
import { nameOf } from "../simulate/item-facts";
import type { HeatStretch, Plan, PlanItem, StretchHeat } from "../simulate/plan-schema";
import { stretchesOf } from "../simulate/stretches";
import { ovenC, say, type Said } from "../units/said";
import type { Action } from "./action";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";
import { liftedOut, putBack } from "./said-marks";
import { sayList } from "./say-list";
import { begunStretches } from "./stretch-now";

const capital = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}`;

/** What is done to begin a stretch, after another. */
export function turnTitle(heat: StretchHeat, from: StretchHeat): string {
  switch (heat.method) {
    case "hob": {
      const onRing = `${VIGOUR_WORDS[heat.vigour]}, ${LID_WORDS[heat.lid]}`;
      if (from.method === "hob" && from.vigour === heat.vigour) return capital(LID_WORDS[heat.lid]);
      return from.method === "hob" ? capital(onRing) : `On the ring: ${onRing}`;
    }
    case "oven":
      if (from.method !== "oven") return "Into the oven";
      return from.ovenC === heat.ovenC
        ? capital(LID_WORDS[heat.lid])
        : `Turn the oven ${heat.ovenC > from.ovenC ? "up" : "down"}`;
    case "slowCooker":
      return `Turn it to ${heat.setting.toUpperCase()}`;
    case "pressure":
      return "Lock the lid, up to pressure";
    case "rest":
      return `Heat off, let it stand, ${LID_WORDS[heat.lid]}`;
  }
}

/** What to look for as it begins. */
function turnLook(heat: StretchHeat): Said {
  switch (heat.method) {
    case "hob":
      return SIMMER_LOOK[heat.vigour];
    case "oven":
      return say`Oven at ${ovenC(heat.ovenC)}, ${LID_WORDS[heat.lid]}.`;
    case "slowCooker":
      return "Lid on, and leave it on.";
    case "pressure":
      return "Valve free, gasket whole, liquid enough; then turn down until it only just stays up.";
    case "rest":
      return "It cooks on while it stands.";
  }
}

/** What goes in, comes out and goes back with a stretch, and is not done yet. */
export function movesWith(stretchId: string, plan: Plan, cook: Cook) {
  const isIt = (id: string | undefined) => id === stretchId;
  return {
    out: plan.items.filter(
      ({ id, out }) =>
        out?.when.at === "stretch" && isIt(out.when.stretchId) && !cook.did.has(liftedOut(id)),
    ),
    back: plan.items.filter(({ id, out }) => isIt(out?.backAt) && !cook.did.has(putBack(id))),
    in: plan.items.filter(
      ({ id, when }) =>
        when.at === "stretch" &&
        isIt(when.stretchId) &&
        !cook.addedItems.has(id) &&
        !cook.leftOut.has(id),
    ),
  };
}

const listed = (items: readonly PlanItem[], word: string): readonly string[] =>
  items.length === 0 ? [] : [`${sayList(items.map(nameOf))} ${word}.`];

/** Pressure goes down before a lid comes off. */
const LET_DOWN: Record<"natural" | "quick", string> = {
  natural:
    "Heat off first, and leave it shut until the indicator drops by itself; open the lid away from the face.",
  quick:
    "Open the valve first, face and hands away from the steam; then the lid, away from the face.",
};

/** The stretches of the heat that are still to begin, each when the one before is expected to end. */
export function stretchActions(plan: Plan, cook: Cook, forecast: LiveForecast): readonly Action[] {
  const all = stretchesOf(plan);
  const begun = begunStretches(plan, cook).length;
  return plan.then.slice(begun).map((stretch, ahead): Action => {
    const from = all[begun + ahead]?.heat ?? plan.heat;
    return turnAction(stretch, from, plan, cook, forecast.stretchEndsMs[ahead]?.expected ?? 0);
  });
}

function turnAction(
  stretch: HeatStretch,
  from: StretchHeat,
  plan: Plan,
  cook: Cook,
  atMs: number,
): Action {
  const moves = movesWith(stretch.id, plan, cook);
  const first = [
    ...(from.method === "pressure" ? [LET_DOWN[from.release]] : []),
    ...listed(
      moves.out,
      moves.out.some((i) => i.out?.isBack === true) ? "out; keep it covered and hot" : "out",
    ),
    ...listed(moves.back, "back in"),
    ...listed(moves.in, "in"),
  ];
  return {
    id: `turn:${stretch.id}`,
    kind: "turn",
    atMs,
    title: turnTitle(stretch.heat, from),
    lookFor: say`${first.map((f) => `${f} `).join("")}${turnLook(stretch.heat)}`,
    stretchId: stretch.id,
    itemIds: [...moves.out, ...moves.back, ...moves.in].map((i) => i.id),
  };
}
