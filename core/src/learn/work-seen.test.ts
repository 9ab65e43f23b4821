import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testKitchen } from "../../test/kitchen";
import { cooked, LIT, loggedPlan } from "../../test/logged-pot";
import { fold } from "../batch/fold";
import { workBegun, workDone } from "../../test/works";
import { isLearnedWork } from "../simulate/learned";
import { workMinutes, workTasks } from "../schedule/work-tasks";
import type { Plan } from "../simulate/plan-schema";
import { workHereWords } from "./say-taught";
import { learnedOf, whatTaught, wordsOf, type PotWords } from "./taught";
import { workSeen } from "./work-seen";

const kitchen = testKitchen();
const [bones] = loggedPlan.items;
if (bones === undefined) throw new Error("nothing in the plan");
const plan: Plan = {
  ...loggedPlan,
  items: [
    { ...bones, work: [{ kind: "rinse" }] },
    {
      ...bones,
      id: "onion",
      ingredientId: "onion",
      massKg: 1,
      work: [{ kind: "cut" }, { kind: "sweat" }],
    },
    { ...bones, id: "leek", ingredientId: "leek", massKg: 0.5, work: [{ kind: "cut", min: 30 }] },
  ],
};
const did = (min: number, what: object) => ({ ...what, atMs: LIT + min * 60_000 });
const seen = (...events: readonly object[]) =>
  workSeen({ batch: cooked({ plan }).batch, cook: fold(happened(...events)) });
const usualMin = (id: string) =>
  workTasks(resolve(plan, kitchen)).find((t) => t.id === id)?.min ?? NaN;

describe("how long work took", () => {
  test("from its timer to its end; else from the piece of work before, less surely", () => {
    const cutMin = usualMin("onion:cut");
    const [timed] = seen(did(0, workBegun("onion:cut")), did(1.3 * cutMin, workDone("onion:cut")));
    expect(timed).toMatchObject({ thing: "cut", sd: 0.2 });
    expect(Math.exp(timed?.log ?? NaN)).toBeCloseTo(1.3, 6);
    const rinsed = did(0, workDone(`${bones.id}:rinse`));
    const [tapped] = seen(rinsed, did(0.8 * cutMin, workDone("onion:cut")));
    expect(Math.exp(tapped?.log ?? NaN)).toBeCloseTo(0.8, 6);
    expect(tapped?.sd).toBeGreaterThan(0.2);
  });

  test("nothing of what the cook gave a time, of several at one tap, of a tap forgotten, of practice", () => {
    expect(seen(did(0, workBegun("leek:cut")), did(20, workDone("leek:cut")))).toEqual([]);
    const both = [did(9, workDone("onion:cut")), did(9, workDone("onion:sweat"))];
    expect(seen(did(0, workBegun("onion:cut")), ...both)).toEqual([]);
    expect(seen(did(0, workBegun("onion:cut")), did(400, workDone("onion:cut")))).toEqual([]);
    expect(seen(did(9, workDone("onion:cut")))).toEqual([]);
    const practice = cooked({ plan, batch: { practice: { seed: 1 } as never } }).batch;
    expect(workSeen({ batch: practice, cook: fold(happened()) })).toEqual([]);
  });
});

const timed = (times: number, i: number): PotWords => {
  const pot = cooked({
    plan,
    batch: { id: `p${i}` },
    more: [
      did(-60, workBegun("onion:cut")),
      did(-60 + times * usualMin("onion:cut"), workDone("onion:cut")),
    ],
  });
  return { ...wordsOf(pot), atMs: LIT + i };
};

describe("work in plans", () => {
  const words = [1.5, 1.4, 1.6, 1.45, 1.55].map(timed);
  const taught = { ...kitchen, learned: learnedOf(words, { kitchenId: kitchen.id }) };

  test("takes as long as it takes here, and its line says so", () => {
    const cut = (of: typeof kitchen) =>
      workTasks(resolve(plan, of)).find((t) => t.id === "onion:cut");
    const ratio = (cut(taught)?.min ?? NaN) / (cut(kitchen)?.min ?? NaN);
    expect(ratio).toBeGreaterThan(1.38);
    expect(ratio).toBeLessThan(1.52);
    expect(cut(taught)?.usualMin).toBe(cut(kitchen)?.min);
    expect(workHereWords("cut", taught)).toMatch(
      /^Cutting takes 4\d % longer than usual: from 5 times here, ±\d+ %; before: usual, ±67 %\.$/,
    );
    expect(workMinutes(workTasks(resolve(plan, taught))).handsMin).toBeGreaterThan(
      workMinutes(workTasks(resolve(plan, kitchen))).handsMin,
    );
  });

  test("what was never timed goes a little with the rest; what the cook gave, and what stands, does not", () => {
    const minutes = (of: typeof kitchen) =>
      new Map(workTasks(resolve(plan, of)).map((t) => [t.id, t.min]));
    const [here, usual] = [minutes(taught), minutes(kitchen)];
    const ratio = (id: string) => (here.get(id) ?? NaN) / (usual.get(id) ?? NaN);
    expect(ratio("onion:sweat")).toBeGreaterThan(1.05);
    expect(ratio("onion:sweat")).toBeLessThan(ratio("onion:cut"));
    expect(ratio("leek:cut")).toBe(1);
    expect(isLearnedWork({ attention: "leave", kind: "soak" })).toBe(false);
    expect(isLearnedWork({ attention: "hands", kind: "roux" })).toBe(false);
  });

  test("it is told with the rest, kept, begun anew and left out like the rest", () => {
    const value = whatTaught(words).values.find((v) => v.kind === "work");
    expect(value?.thing).toBe("cut");
    expect(value?.from).toHaveLength(5);
    const teaching = { leftOut: [], frozen: [], resets: [] };
    const reset = { kind: "work" as const, thing: "cut", at: new Date(LIT + 60_000).toISOString() };
    const anew = whatTaught(words, { teaching: { ...teaching, resets: [reset] } });
    expect(anew.values.filter((v) => v.kind === "work")).toEqual([]);
    const without = whatTaught(words, { teaching: { ...teaching, leftOut: ["p0", "p1"] } });
    expect(without.values.find((v) => v.kind === "work")?.from).toHaveLength(3);
  });

  test("a pot put on before it was learned goes by the usual", () => {
    const { work: _, ...before } = taught.learned;
    const old = { ...kitchen, learned: before };
    expect(workTasks(resolve(plan, old))).toEqual(workTasks(resolve(plan, kitchen)));
  });
});
