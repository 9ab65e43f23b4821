import type { HobHeat } from "../src/heats/hob-schema";
import type { StretchHeat } from "../src/heats/heat-schema";
import type { HeatStretch, Plan, Stop } from "../src/simulate/plan-schema";
import { testBraise } from "./kitchen";

/** On the ring, not boiled first: as a heat that follows another. */
export const hob = (vigour: HobHeat["vigour"], lid: HobHeat["lid"]): HobHeat => ({
  method: "hob",
  vigour,
  lid,
  boilFirstMin: null,
});
export const byTime = (holdMin: number): Stop => ({ by: "time", holdMin });
export const stretch = (id: string, heat: StretchHeat, stop: Stop): HeatStretch => ({
  id,
  heat,
  stop,
});

/**
 * Covered two hours, the meat out, the sauce boiled down to 0.8 L, the meat back and parsley in for ten
 * minutes.
 */
export const gravyBraise = (over: Parameters<typeof testBraise>[0] = {}): Plan =>
  testBraise({
    heat: hob("gentle", "on"),
    stop: byTime(120),
    end: "served",
    water: { by: "amount", volumeL: 1.5 },
    items: [
      {
        ...testBraise().items[0]!,
        out: { when: { at: "stretch", stretchId: "sauce" }, isBack: true, backAt: "warm" },
      },
      {
        id: "herb",
        ingredientId: "parsley",
        massKg: 0.02,
        when: { at: "stretch", stretchId: "warm" },
      },
    ],
    then: [
      stretch("sauce", hob("rolling", "off"), { by: "liquid", liquidL: 0.8 }),
      stretch("warm", hob("gentle", "on"), byTime(10)),
    ],
    ...over,
  });
