import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testKitchen, testPlan, VESSEL_OF } from "../../test/kitchen";
import { potBlocks } from "../clock/pot-blocks";
import { runningOf } from "../clock/running";
import { needsOf } from "../clock/needs";
import { timeLine, workOf } from "../schedule/time-line";
import { workMinutes, workTasks } from "../schedule/work-tasks";
import type { Kitchen } from "../simulate/kitchen-schema";
import { PlanSchema, type Plan } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import { fold } from "./fold";
import { onFire } from "./on-fire";
import { workBatch, workDone, workLeft } from "../../test/works";
import { workBefore } from "./work-before";

const plain = testKitchen();
const [pot] = plain.vessels;
if (pot === undefined) throw new Error("no pot");
const kitchen: Kitchen = {
  ...plain,
  vessels: [...plain.vessels, { ...pot, id: "pan", kind: "pan", name: "Sauté pan" }],
  rings: [...plain.rings, { ...(plain.rings[0] as Kitchen["rings"][number]), id: "second" }],
};
const LIT = Date.parse("2026-03-18T08:00:00Z");
const MINUTE = 60_000;
/** Beans that simmer two hours, with a base sweated in a pan that goes in an hour before the end. */
const beans: Plan = testPlan({
  end: "served",
  stop: { by: "time", holdMin: 120 },
  water: { by: "amount", volumeL: 2 },
  items: [
    { id: "b", ingredientId: "brownLentil", massKg: 0.5, when: { at: "start" } },
    {
      id: "o",
      ingredientId: "onion",
      massKg: 0.3,
      when: { at: "beforeEnd", min: 60 },
      work: [{ kind: "cut" }, { kind: "sweat" }],
    },
    {
      id: "early",
      ingredientId: "leek",
      massKg: 0.2,
      when: { at: "start" },
      work: [{ kind: "sweat" }],
    },
  ],
});
const on = [
  { kind: "lit", atMs: LIT },
  { kind: "simmers", atMs: LIT + 30 * MINUTE },
] as const;
const did = (what: object) => ({ ...what, atMs: LIT + 40 * MINUTE }) as const;
const look = (events: readonly object[], in_: Kitchen = kitchen, plan = beans) =>
  onFire(resolve(plan, in_), fold(happened(...events)), LIT + 40 * MINUTE).actions;
const beside = (...events: object[]) => look(events).find((a) => a.kind === "meanwhile");

describe("worked on in a pan beside the pot", () => {
  test("only what goes in later, and only once the pot is on", () => {
    const before = workBefore(resolve(beans, kitchen), fold([])).map((w) => w.task.id);
    expect(before).toEqual(["o:cut", "early:sweat"]);
    expect(look([]).map((a) => a.kind)).not.toContain("meanwhile");
    expect(beside(...on)?.id).toBe("beside:o:sweat");
  });

  test("it is done by the time that it goes in, in that pan, by its sign", () => {
    const actions = look([...on]);
    const goesIn = actions.find((a) => a.itemIds?.includes("o"));
    const work = workTasks(resolve(beans, kitchen)).find((t) => t.id === "o:sweat");
    expect(beside(...on)?.atMs).toBeCloseTo((goesIn?.atMs ?? 0) - (work?.min ?? 0) * MINUTE, -3);
    expect(actions.findIndex((a) => a.kind === "meanwhile")).toBeLessThan(
      actions.findIndex((a) => a.id === goesIn?.id),
    );
    expect(inWords(beside(...on)?.lookFor ?? "", "metric")).toMatch(
      /^Beside the pot, in the sauté pan\. Done when it is glassy/,
    );
  });

  test("done, left out, or in already it is not asked for again", () => {
    expect(beside(...on, did(workDone("o:sweat")))).toBeUndefined();
    expect(beside(...on, did(workLeft("o:sweat")))).toBeUndefined();
    const added = { kind: "added", itemId: "o", massKg: 0.3, atMs: LIT + 35 * MINUTE };
    expect(beside(...on, added)).toBeUndefined();
    expect(beside(...on, did(workBatch("nothing:cut")))?.writes).toEqual([workDone("o:sweat")]);
  });

  test("batch by batch it begins so that the last is done in time", () => {
    const meat = {
      ...(beans.items[0] as Plan["items"][number]),
      id: "g",
      ingredientId: "goatShoulder",
      massKg: 4,
      when: { at: "beforeEnd", min: 20 } as const,
      work: [{ kind: "brown" }] as Plan["items"][number]["work"],
    };
    const plan = { ...beans, items: [...beans.items, meat] };
    const brown = (...events: object[]) =>
      look([...on, ...events], kitchen, plan).find((a) => a.id === "beside:g:brown");
    const task = workTasks(resolve(plan, kitchen)).find((t) => t.id === "g:brown");
    const each = ((task?.min ?? 0) / (task?.batches ?? 1)) * MINUTE;
    expect(task?.batches).toBeGreaterThan(1);
    const later = (brown(did(workBatch("g:brown")))?.atMs ?? 0) - (brown()?.atMs ?? 0);
    expect(later).toBeCloseTo(each, -3);
  });

  test("in soon after it simmers, there is no time for it: it is work before", () => {
    const at = (min: number) => {
      const items = beans.items.map((i) =>
        i.id === "o" ? { ...i, when: { at: "after", min } as const } : i,
      );
      return workTasks(resolve({ ...beans, items }, kitchen)).find((t) => t.id === "o:sweat")?.when;
    };
    expect([at(0), at(29), at(30)]).toEqual(["before", "before", "meanwhile"]);
  });

  test("a crock leaves the only ring to the pan", () => {
    const one = { ...kitchen, rings: plain.rings.slice(0, 1) };
    const crock = { ...beans, heat: HEATS.low, vesselId: VESSEL_OF.low };
    const when = (plan: Plan) =>
      workTasks(resolve(plan, one)).find((t) => t.id === "o:sweat")?.when;
    expect(when(PlanSchema.parse(crock))).toBe("meanwhile");
    expect(when(beans)).toBe("before");
  });

  test("of a pot that is on, the clock holds pan and ring for it too", () => {
    const cook = fold(happened(...on));
    const nowMs = LIT + 40 * MINUTE;
    const batch = {
      schemaVersion: SCHEMA_VERSION,
      id: "b",
      createdMs: LIT,
      plan: beans,
      kitchen,
    } as const;
    const running = runningOf(batch, cook, onFire(resolve(beans, kitchen), cook, nowMs), nowMs);
    const task = running?.blocks[0]?.meanwhile.find((m) => m.task.id.endsWith("o:sweat"))?.task;
    expect(task).toMatchObject({ isFlame: true, ringIds: ["second"], vesselIds: ["pan"] });
  });

  test("with one ring, or no pan, it is work before", () => {
    for (const less of [{ ...kitchen, rings: plain.rings.slice(0, 1) }, plain]) {
      const ids = workBefore(resolve(beans, less), fold([])).map((w) => w.task.id);
      expect(ids).toContain("o:sweat");
      expect(look([...on], less).map((a) => a.kind)).not.toContain("meanwhile");
    }
  });

  test("on the clock it holds hands, the pan and another ring while the pot is on", () => {
    const { blocks, fireId } = potBlocks(resolve(beans, kitchen));
    const fire = blocks.find((b) => b.id === fireId);
    const task = fire?.meanwhile.find((m) => m.task.id.endsWith("o:sweat"))?.task;
    expect(task).toMatchObject({ isFlame: true, ringIds: ["second"], vesselIds: ["pan"] });
    expect(blocks.some((b) => b.id.includes("prep/o:sweat"))).toBe(false);
    if (fire === undefined) throw new Error("no fire");
    expect(needsOf(fire)).toContainEqual(
      expect.objectContaining({ kind: "one", of: ["ring second"] }),
    );
  });

  test("its minutes are hands', and lengthen nothing", () => {
    const work = workMinutes(workTasks(resolve(beans, kitchen)));
    expect(work.handsMin).toBeCloseTo(work.handsBeforeMin + work.meanwhileMin, 9);
    const trace = asPlanned(resolve(beans, kitchen)).trace;
    const [with_, without] = [work, { ...work, meanwhileMin: 0 }].map((w) =>
      workOf(timeLine(beans, trace, w)),
    );
    expect((with_?.handsOnMin ?? 0) - (without?.handsOnMin ?? 0)).toBeCloseTo(work.meanwhileMin, 9);
    expect(with_?.doorToDoorMin).toBe(without?.doorToDoorMin);
  });
});
