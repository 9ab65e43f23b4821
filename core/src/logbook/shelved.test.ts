import { resolve } from "../simulate/set-pot";
import { DAY_MS } from "../units/time";
import { expect, test } from "vitest";
import { happened } from "../../test/events";
import { cooked, LIT, loggedPlan } from "../../test/logged-pot";
import { shelved } from "../../test/shelved";
import { fold } from "../batch/fold";
import { costOf } from "../dish/shopping";
import { shelvedOf } from "./shelved";

const NOTHING = { words: null, gap: null };
const noted = (text: string) => ({ kind: "noted", atMs: LIT + DAY_MS / 2, text });

test("what was not logged yet stands on no shelf", () => {
  const { batch, cook } = cooked({});
  expect(shelvedOf({ batch, stored: batch, cook }, NOTHING)).toBeNull();
});

test("a pot is on its shelf as it was cooked and measured", () => {
  const tasted = {
    kind: "tasted",
    atMs: LIT + DAY_MS / 2,
    who: "Odile",
    tastes: ["dull"],
    isAtEatingHeat: true,
    text: "wants salt",
  };
  const pot = shelved({ steam: 1.2, also: [noted("clear at last"), tasted] });
  const { cook } = cooked({ steam: 1.2 });
  expect(pot.strainedL).toBe(cook.result?.strainedL);
  expect(pot.onHeatMin).toBeCloseTo(((cook.offMs ?? 0) - (cook.litMs ?? 0)) / 60_000, 9);
  expect(pot.vessel?.name).toBe("Tall stockpot");
  expect(pot.seen.steam?.factor).toBeGreaterThan(1.1);
  expect(pot.notes).toEqual(["clear at last", "wants salt"]);
  expect(pot.about).toEqual(expect.arrayContaining(["Odile", "dull"]));
});

test("what was taken back again is not remembered of it", () => {
  const { batch, cook } = cooked({});
  const events = happened(...cook.events, noted("for the wrong pot"));
  const wrong = events.at(-1)?.id;
  const all = happened(
    ...events,
    { kind: "undo", atMs: LIT + DAY_MS, eventId: wrong },
    { kind: "finished", atMs: LIT + DAY_MS },
  );
  expect(shelvedOf({ batch, stored: batch, cook: fold(all) }, NOTHING)?.notes).toEqual([]);
});

test("what was swapped or left out is not drawn on the larder, and what was put in counts for its cost", () => {
  const [bones] = loggedPlan.items;
  if (bones === undefined) throw new Error("nothing in the plan");
  const plan = { ...loggedPlan, items: [{ ...bones, fromLotId: "A" }] };
  const kitchen = { prices: [{ ingredientId: bones.ingredientId, perKg: 3 }] };
  const more = [{ kind: "added", atMs: LIT, itemId: bones.id, massKg: bones.massKg + 1 }];
  const pot = shelved({ plan, kitchen, more });
  expect(pot.drawnKg).toEqual([["A", bones.massKg]]);
  expect(pot.bought.ofLots).toEqual([{ lotId: "A", massKg: bones.massKg + 1, perKg: 3 }]);
  const { batch, cook } = cooked({ plan });
  const finished = fold(happened(...cook.events, { kind: "finished", atMs: LIT + DAY_MS }));
  const really = { ...batch, plan: { ...plan, items: [] } };
  const bare = shelvedOf({ batch: really, stored: batch, cook: finished }, NOTHING);
  expect([bare?.drawnKg, bare?.namedLots]).toEqual([[], ["A"]]);
});

test("what a plan costs goes by the larder's price first, and counts what has none", () => {
  const [bones] = loggedPlan.items;
  if (bones === undefined) throw new Error("nothing in the plan");
  const like = (ingredientId: string, fromLotId?: string) => ({
    ...bones,
    id: ingredientId,
    ingredientId,
    massKg: 0.5,
    ...(fromLotId === undefined ? {} : { fromLotId }),
  });
  const items = [bones, like("onion", "A"), like("carrot"), like("leek", "B"), like("water")];
  const prices = ["lambNeck", "onion", "leek"].map((ingredientId) => ({ ingredientId, perKg: 4 }));
  const kitchen = { ...cooked({}).batch.kitchen, prices };
  const cost = costOf(resolve({ ...loggedPlan, items }, kitchen), (id) => (id === "A" ? 2 : null));
  expect(cost?.cost).toBeCloseTo(4 * bones.massKg + 2 * 0.5 + 4 * 0.5, 9);
  expect(cost?.unpriced).toBe(1);
  expect(
    costOf(resolve({ ...loggedPlan, items: [like("carrot")] }, kitchen), () => null),
  ).toBeNull();
});
