import type { SetPot } from "../simulate/set-pot";
import { onKnob } from "../heats/slow-cooker";

import type { HeatOf, Method, StretchHeat } from "../heats/heat-schema";
import type { HobHeat } from "../heats/hob-schema";
import {
  hasLid,
  isInOven,
  isLidOff,
  isOnRing,
  isRest,
  isSealed,
  isSlow,
  suits,
} from "../heats/heat";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { HeatStretch, Plan, Stop } from "../simulate/plan-schema";
import { isStrainedBetween } from "../simulate/out-of";
import { lastHeat, stretchesOf } from "../simulate/stretches";
import { takenUp } from "./like";
import { usualHeat } from "./targets";

/** What may follow on a plan's heat, said as a cook would, with what it is set to. */
export interface StretchIdea {
  readonly id: string;
  readonly said: string;
  readonly stretch: Omit<HeatStretch, "id">;
}

const MOST_STRETCHES = 6;
const byTime = (holdMin: number): Stop => ({ by: "time", holdMin });
const hob = (vigour: HobHeat["vigour"], lid: HobHeat["lid"]): HobHeat => ({
  method: "hob",
  vigour,
  lid,
  boilFirstMin: null,
});
const idea = (id: string, said: string, heat: StretchHeat, stop: Stop): StretchIdea => ({
  id,
  said,
  stretch: { heat, stop },
});

/** A kitchen's usual heat of a method, taken up with the pot as it is; null where it has none. */
export function laterHeat<M extends Method>(method: M, kitchen: Kitchen): HeatOf<M> | null {
  const heat = usualHeat(method, kitchen);
  return heat === null ? null : takenUp(heat);
}

/** The heat that a plan ends on, its lid off: to boil down on; null where there is none to take off. */
export function openedHeat(plan: Plan): StretchHeat | null {
  const heat = lastHeat(plan);
  if (plan.then.length >= MOST_STRETCHES - 1) return null;
  if (!hasLid(heat)) return null;
  return { ...takenUp(heat), lid: "off" };
}

/** What a plan's pot could do next in this kitchen; none where it has as many stretches as one holds. */
export function stretchIdeas({ plan, kitchen, vessel }: SetPot): readonly StretchIdea[] {
  const all = stretchesOf(plan);
  const last = all.at(-1)?.heat ?? plan.heat;
  if (vessel === undefined || all.length >= MOST_STRETCHES) return [];
  const goesOn = (method: Method) => suits(vessel, method);
  const ideas: StretchIdea[] = [];
  const isOpen = isLidOff(last);
  if (goesOn("hob")) {
    if (isSealed(last))
      ideas.push(idea("open", "Lid off, simmer open", hob("gentle", "off"), byTime(15)));
    ideas.push(
      idea("reduce", "Lid off, boil it down", hob("rolling", "off"), { by: "share", share: 2 / 3 }),
    );
    const vigour = isOnRing(last) && last.vigour !== "rolling" ? last.vigour : "gentle";
    if (!isSealed(last))
      ideas.push(
        isOpen
          ? idea("cover", "Lid on, simmer on", hob(vigour, "on"), byTime(30))
          : idea("uncover", "Lid off, simmer on", hob(vigour, "off"), byTime(30)),
      );
  }
  if (goesOn("hob") && !isRest(last) && !isStrainedBetween(plan))
    ideas.push({
      id: "strain",
      said: plan.end === "strained" ? "Strain it, boil it down" : "Strain it, simmer on",
      stretch: {
        heat: hob(plan.end === "strained" ? "rolling" : "gentle", "off"),
        stop: plan.end === "strained" ? { by: "share", share: 1 / 2 } : byTime(20),
        isStrained: true,
      },
    });
  const oven = laterHeat("oven", kitchen);
  if (goesOn("oven") && oven !== null)
    ideas.push(
      isInOven(last)
        ? idea("brown", "Lid off in the oven", { ...last, start: "hot", lid: "off" }, byTime(30))
        : idea(
            "oven",
            "Into the oven",
            oven,
            plan.end === "served" ? { by: "tender" } : byTime(120),
          ),
    );
  const crock = laterHeat("slowCooker", kitchen);
  if (isSlow(last) && crock !== null) {
    const setting = last.setting === "low" ? "high" : "low";
    ideas.push(
      idea(setting, `Turn it to ${onKnob({ setting })}`, { ...crock, setting }, byTime(60)),
    );
  }
  const pressure = laterHeat("pressure", kitchen);
  if (goesOn("pressure") && !isSealed(last) && pressure !== null)
    ideas.push(idea("pressure", "Under pressure", pressure, byTime(20)));
  if (!isRest(last))
    ideas.push(
      idea("rest", "Off the heat, let it stand", { method: "rest", lid: "on" }, byTime(20)),
    );
  return ideas;
}
