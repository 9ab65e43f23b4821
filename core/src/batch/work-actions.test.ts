import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testBraise, testKitchen } from "../../test/kitchen";
import { STATE_TIMES, WORK_TIMES } from "../prepare/work-times";
import { workMinutes, workTasks } from "../schedule/work-tasks";
import { beansUnsoaked } from "../safety/beans";
import type { Facts } from "../safety/facts";
import { inWords } from "../units/said";
import { fold } from "./fold";
import { livePlan } from "./live-plan";
import { onFire } from "./on-fire";
import { workBatch, workBegun, workDone, workLeft } from "../../test/works";
import { workActions } from "./work-actions";
import { canBeLeft, LEFT_MEANS, WORK_SIGNS } from "./work-words";

const kitchen = testKitchen();
const NOW = Date.parse("2026-03-18T08:00:00Z");
const MINUTE = 60_000;
const plan = testBraise({
  end: "served",
  items: [
    {
      id: "beans",
      ingredientId: "kidneyBean",
      massKg: 0.3,
      when: { at: "start" },
      work: [{ kind: "soak" }],
    },
    {
      id: "goat",
      ingredientId: "goatShoulder",
      massKg: 3,
      when: { at: "start" },
      piece: { kind: "brick", sizeM: [0.04, 0.04, 0.04] },
      work: [{ kind: "cut" }, { kind: "brown" }],
    },
    {
      id: "bones",
      ingredientId: "lambNeck",
      massKg: 0.5,
      when: { at: "start" },
      boneState: "blanched",
    },
  ],
});
const did = (what: object, min = 0) => ({ ...what, atMs: NOW + min * MINUTE });
const actions = (events: readonly object[], min = 0) =>
  workActions(resolve(plan, kitchen), fold(happened(...events)), NOW + min * MINUTE);
const titles = (events: readonly object[], min = 0) => actions(events, min).map((a) => a.title);

describe("the work before, as actions in their order", () => {
  test("what may be left begins first, then knife work, then the stove; the light comes after all", () => {
    expect(titles([])).toEqual([
      "Soak the kidney beans, dry",
      "Cut the goat shoulder",
      "Brown the goat shoulder",
      "Blanch the lamb neck",
    ]);
    const pot = onFire(resolve(plan, kitchen), fold([]), NOW);
    expect(pot.actions.map((a) => a.kind).slice(-2)).toEqual(["fill", "light"]);
    expect(pot.actions).toHaveLength(6);
    expect(actions([{ kind: "lit", atMs: NOW }])).toEqual([]);
  });

  test("each says how, by what sign, and why; done it is gone", () => {
    const brown = actions([]).find((a) => a.id === "work:goat:brown");
    expect(inWords(brown?.lookFor ?? "", "metric")).toMatch(
      /Batch 1 of \d+\. .* batches in the .* Done when it is brown on two sides/,
    );
    expect(titles([did(workDone("goat:cut"))])).not.toContain("Cut the goat shoulder");
  });

  test("batch after batch, the last is all of it", () => {
    const brown = (events: object[]) => actions(events).find((a) => a.id === "work:goat:brown");
    const batches = Number(/of (\d+)/.exec(inWords(brown([])?.lookFor ?? "", "metric"))?.[1]);
    expect(batches).toBeGreaterThan(1);
    expect(brown([])).toMatchObject({ writes: [workBatch("goat:brown")], done: "Batch 1 is done" });
    const allButOne = Array.from({ length: batches - 1 }, () => did(workBatch("goat:brown")));
    expect(brown(allButOne)).toMatchObject({
      writes: [workDone("goat:brown")],
      done: "It is done",
    });
    // A tap too many changes nothing.
    expect(brown([...allButOne, did(workBatch("goat:brown"))])?.writes).toEqual([
      workDone("goat:brown"),
    ]);
  });

  test("what runs by itself is begun, lets the rest go on, and calls when its time is over", () => {
    const begun = [did(workBegun("beans:soak"))];
    expect(actions([])[0]).toMatchObject({
      writes: [workBegun("beans:soak")],
      done: "It is begun",
    });
    const going = actions(begun, 60);
    expect(going.at(-1)).toMatchObject({ kind: "workGoes", title: "Soak the kidney beans, dry" });
    expect(going.at(-1)?.atMs).toBe(NOW + 600 * MINUTE);
    expect(going[0]?.title).toBe("Cut the goat shoulder");
    expect(actions(begun, 601)[0]?.kind).toBe("workGoes");
  });

  test("a timer of several batches is over batch by batch", () => {
    const going = (events: object[]) =>
      actions([did(workBegun("goat:brown")), ...events], 1).find((a) => a.id === "going:goat:brown")
        ?.atMs ?? NaN;
    const first = going([]) - NOW;
    expect(going([did(workBatch("goat:brown"))]) - NOW).toBeCloseTo(2 * first, 3);
  });

  test("a timer runs for hands too", () => {
    const [first] = actions([did(workBegun("goat:cut"))], 1).filter((a) => a.kind === "workGoes");
    expect(first?.atMs).toBeGreaterThan(NOW);
    expect(first?.writes).toEqual([workDone("goat:cut")]);
  });
});

describe("left out", () => {
  test("it is cooked as it then goes in, and not asked for any more", () => {
    const cook = fold(
      happened(
        did(workLeft("goat:brown")),
        did(workLeft("bones:blanch")),
        did(workLeft("beans:soak")),
      ),
    );
    const live = livePlan(plan, cook);
    expect(live.items.map((i) => i.work.map((w) => w.kind))).toEqual([[], ["cut"], []]);
    expect(live.items[2]?.boneState).toBe("raw");
    expect(workActions(resolve(live, kitchen), cook, NOW).map((a) => a.title)).toEqual([
      "Cut the goat shoulder",
    ]);
  });

  test("not thawed it goes in frozen", () => {
    const frozen = testBraise({
      items: [{ ...testBraise().items[0]!, work: [{ kind: "thaw" }] }],
    });
    const id = frozen.items[0]?.id ?? "";
    const live = livePlan(frozen, fold(happened(did(workLeft(`${id}:thaw`)))));
    expect(live.items[0]).toMatchObject({ frozen: true, work: [] });
  });

  test("not boiled hard before, they are reckoned so", () => {
    const boiled = testBraise({
      items: [{ ...testBraise().items[0]!, id: "b", ingredientId: "kidneyBean", boiledMin: 30 }],
    });
    const live = livePlan(boiled, fold(happened(did(workLeft("b:boilHard")))));
    expect(live.items[0]?.boiledMin).toBe(0);
  });

  test("beans left unsoaked are told at the stove", () => {
    const cook = fold(happened(did(workLeft("beans:soak"))));
    const before = onFire(resolve(plan, kitchen), fold([]), NOW);
    const after = onFire(resolve(livePlan(plan, cook), kitchen), cook, NOW);
    expect(before.problem).toBeNull();
    expect(after.actions.some((a) => a.id === "work:beans:soak")).toBe(false);
    const told = (of: typeof plan) => beansUnsoaked({ plan: of } as Facts)?.places ?? [];
    expect(told(plan)).toEqual([]);
    expect(told(livePlan(plan, cook))).toContain("cook");
    const soak = actions([]).find((a) => a.id === "work:beans:soak");
    expect(soak?.leave?.means).toMatch(/caution/);
    expect(LEFT_MEANS.soak).toMatch(/dry/);
    // Safety is not left out by a tap.
    expect(LEFT_MEANS.boilHard).toBeUndefined();
    expect([canBeLeft("cut"), canBeLeft("brown"), canBeLeft("boilHard")]).toEqual([
      false,
      true,
      true,
    ]);
  });

  test("every kind of work but cutting and blending has its sign", () => {
    const kinds = [...Object.keys(WORK_TIMES), ...["brown", "roux", "roast", "blanch"]];
    expect(Object.keys(STATE_TIMES)).toHaveLength(2);
    const signs: Partial<Record<string, string>> = WORK_SIGNS;
    expect(kinds.filter((k) => signs[k] === undefined).sort()).toEqual([
      "blend",
      "crush",
      "cut",
      "trim",
    ]);
  });
});

describe("one after the other on one ingredient", () => {
  const mutton = testBraise({
    items: [
      {
        id: "m",
        ingredientId: "muttonShoulder",
        massKg: 1.4,
        when: { at: "start" },
        work: [{ kind: "thaw" }, { kind: "saltAhead", share: 0.01 }, { kind: "cut" }],
      },
      {
        id: "o",
        ingredientId: "onion",
        massKg: 0.2,
        when: { at: "start" },
        work: [{ kind: "cut" }],
      },
    ],
  });
  const titlesOf = (...events: object[]) =>
    workActions(resolve(mutton, kitchen), fold(happened(...events)), NOW).map((a) => a.title);

  test("what thaws is neither salted nor cut meanwhile; the onion is", () => {
    expect(titlesOf(did(workBegun("m:thaw")))).toEqual([
      "Cut the onion",
      "Thaw the mutton shoulder",
    ]);
    expect(titlesOf(did(workDone("m:thaw")))[0]).toBe("Salt the mutton shoulder a night ahead");
    expect(titlesOf(did(workDone("m:thaw")), did(workBegun("m:saltAhead")))).toEqual([
      "Cut the onion",
      "Salt the mutton shoulder a night ahead",
    ]);
  });

  test("it is begun as long ahead as both take", () => {
    const { aheadMin } = workMinutes(workTasks(resolve(mutton, kitchen)));
    expect(aheadMin).toBeCloseTo(1.4 * 600 + 720, 6);
  });

  test("the salt is said in grams, is in the pot, and goes with the work when that is left out", () => {
    const salt = workActions(
      resolve(mutton, kitchen),
      fold(happened(did(workDone("m:thaw")))),
      NOW,
    )[0];
    expect(inWords(salt?.lookFor ?? "", "us")).toContain("14 g of salt (2.5 tsp fine)");
    const saltG = (of: typeof mutton) => asPlanned(resolve(of, kitchen)).trace.strained.saltG;
    const left = livePlan(mutton, fold(happened(did(workLeft("m:saltAhead")))));
    const unsalted = { ...mutton, items: mutton.items.map((i) => ({ ...i, work: [] })) };
    expect(saltG(left)).toBeCloseTo(saltG(unsalted), 6);
    expect(saltG(mutton) - saltG(left)).toBeGreaterThan(5);
    expect(saltG(mutton) - saltG(left)).toBeLessThanOrEqual(14 + 1e-9);
  });
});
